// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From an original's bytes to upright sRGB pixels of a wanted size: one decode, shrunk while decoding where
// that loses nothing, one resample (Lanczos 3), colours through the embedded profile.
// Reads JPEG, PNG, TIFF (8 and 16 bit), WebP, HEIF/AVIF and JPEG XL; first page only. Limits are checked from
// the header, before anything is decoded.
#pragma once

#include "base/byte_source.h"
#include "base/colour.h"
#include "picture/container.h"
#include "picture/frame.h"

#include <string>

namespace keepseal {

/// What the header says.
struct PictureFacts {
    Container container = Container::Unknown;
    Size stored;         ///< as in the file
    Size size;           ///< upright: turned by the orientation
    int orientation = 1; ///< Exif 2.32 tag 0x0112, 1 to 8
    int bits = 8;        ///< per channel
    int channels = 3;
    bool hasAlpha = false;
    bool hasProfile = false;
    std::string colour; ///< "RGB", "greyscale", "CMYK"
    double pixelsPerMm = 0;
};

/// Largest picture taken, in pixels: more than any camera makes, less than what a forged header claims.
inline constexpr std::int64_t kMaxPixels = 1'000'000'000;

/// Must be called once at the start of each program, before any picture is read: starts libvips with one
/// thread a picture (workers are ours), without its cache, and with loaders for untrusted data blocked.
void startPictureEngine(const char* programName);

/// Lives as long as a thread of ours reads pictures; gives libvips' per-thread memory back at its end.
struct PictureThread {
    PictureThread() = default;
    ~PictureThread();
    PictureThread(const PictureThread&) = delete;
    PictureThread& operator=(const PictureThread&) = delete;
};

/// Throws Problem(NotAPicture | TooLarge), naming `name`.
PictureFacts readFacts(const ByteSource& source, const std::string& name);

/// Upright pixels of exactly `target` size; `background` fills what is transparent. A profile that can't be
/// used is set aside and said in `warning`. Throws Problem(NotAPicture) when the picture data is damaged.
Frame develop(const ByteSource& source, const std::string& name, const PictureFacts& facts, Size target,
              Rgb background, std::string* warning = nullptr);

/// Bytes that developing to `target` holds at once, for a budget; an estimate that errs upwards.
std::uint64_t developMemory(const PictureFacts& facts, Size target);

} // namespace keepseal
