// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From an original's bytes to pixels of the wanted part, size, depth and colours: one decode, shrunk while
// decoding where that loses nothing, one resample, colours through the embedded profile.
// Reads JPEG, PNG, TIFF (8 and 16 bit, float), WebP, HEIF/AVIF, JPEG XL, GIF, BMP, PNM, pages of PDF, SVG and
// camera raw. Limits are checked from the header, before anything is decoded.
//
// What meets a stranger's bytes is declared here, in privacy/report.h, picture/file_kind.h,
// picture/colour_space.h and seal/logo_reading.h, and carried out elsewhere: by src/readers in the worker
// process (and in tests), by src/cage in the programs, which hand it to a worker. Core itself has no such
// code.
#pragma once

#include "base/byte_source.h"
#include "base/colour.h"
#include "base/note.h"
#include "base/reading.h"
#include "geometry/cut.h"
#include "picture/container.h"
#include "picture/frame.h"

#include <memory>
#include <vector>

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
    int pages = 1;      ///< pictures in the file: pages of a TIFF or PDF, frames of a GIF or WebP
    std::string colour; ///< "RGB", "greyscale", "CMYK"
    double pixelsPerMm = 0;
    bool wholeAtOnce = false; ///< its decoder can't go through it in strips: progressive, interlaced
    bool keepsBlocks = false; ///< a JPEG that can be stamped block by block, see picture/untouched.h
    bool srgb = false;        ///< of such a JPEG: its numbers are those of sRGB, or of its greys
    /// Of such a JPEG: pixels, across and down, for one sample of colour; empty: grey, or two kinds of
    /// samples.
    Size perColour{};
    Reading reading; ///< which of the file's pictures this is of
    /// Of the pages after the first, as far as they are taken; null: all are like it. Only with the first.
    std::shared_ptr<const std::vector<PictureFacts>> further{};
    /// Of the camera's own picture in a raw file; null: there is none. Only with the developed one.
    std::shared_ptr<const PictureFacts> cameras{};
};

/// Of the picture that is read so; of the developed one where the camera's own is wanted and there is none.
PictureFacts factsFor(const PictureFacts& file, const Reading& reading);

/// Largest picture taken, in pixels: more than any camera makes, less than what a forged header claims.
inline constexpr std::int64_t kMaxPixels = 1'000'000'000;

/// Must be called once at the start of each program, before any picture is read: starts libvips with one
/// thread a picture (workers are ours), without its cache, with all its loaders blocked; then the readers.
void startPictureEngine(const char* programName);
/// Called by startPictureEngine(), before and after it starts libvips. Throws Problem(Internal).
void prepareReaders();
void startReaders();

/// Lives as long as a thread of ours reads pictures; gives libvips' per-thread memory back at its end.
struct PictureThread {
    PictureThread() = default;
    ~PictureThread();
    PictureThread(const PictureThread&) = delete;
    PictureThread& operator=(const PictureThread&) = delete;
};

/// Of the first page, developed, with all others beside it: see factsFor(). Throws Problem(NotAPicture |
/// TooLarge), naming `name`.
PictureFacts readFacts(const ByteSource& source, const std::string& name);

/// How pixels are made from more or fewer of them.
enum class Resampling {
    Crisp,  ///< Lanczos, 3 lobes: keeps texture and edges, with the smallest halo
    Smooth, ///< cubic (Mitchell and Netravali, 1988): no halo, a little softer
    Exact,  ///< nearest: pixel art and screenshots
};

struct DevelopWish {
    Cut cut;     ///< which part of the upright picture
    Box kept;    ///< of the cut, in its pixels: what is left after trimming
    Size target; ///< pixels, of that part
    Resampling resampling = Resampling::Crisp;
    bool linearLight = false;      ///< averages light, by the curve of sRGB, and not code values
    bool deep = false;             ///< 16 bits a channel
    bool keepAlpha = false;        ///< else `background` fills what is transparent
    Rgb background{255, 255, 255}; ///< sRGB
    ColourSpacePtr space;          ///< the colours to come out in; null: sRGB
    bool ownSpace = false;         ///< stay in the original's RGB profile where it has one
    Intent intent = Intent::Relative;
};
/// The whole upright picture, 8-bit sRGB.
DevelopWish wholePicture(const PictureFacts& facts, Size target);

/// The pixels of a file as decoded, held in memory for several developments.
struct DecodedPicture;
using DecodedPtr = std::shared_ptr<const DecodedPicture>;
/// By how much a picture is shrunk while it is decoded for this wish: JPEG and drawings 1, 2, 4 or 8, a raw
/// file 1 or 2, all others 1.
int decodeShrinkFor(const PictureFacts& facts, const DevelopWish& wish);
/// `shrink`: the smallest that any of the developments asks for. Those that ask for more get the mean of
/// squares of pixels instead of the decoder's own, which differs by rounding. Throws like develop().
DecodedPtr decodePicture(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                         int shrink);
/// Bytes it holds, with what it may be halved to.
std::uint64_t decodedMemory(const PictureFacts& facts, int shrink);

/// Exactly `target` pixels. A profile that can't be used is set aside and told in `notes`. Throws
/// Problem(NotAPicture) when the picture data is damaged.
Frame develop(const ByteSource& source, const std::string& name, const PictureFacts& facts,
              const DevelopWish& wish, Notes* notes = nullptr, const DecodedPtr& decoded = nullptr);

/// The embedded profile of an original; null when it has none that can be used.
ColourSpacePtr embeddedSpace(const ByteSource& source, const PictureFacts& facts);

/// Bytes that the decoder holds at once beside what it hands out; an estimate that errs upwards.
std::uint64_t decoderMemory(const PictureFacts& facts);
/// Bytes that developing to `target` holds at once, for a budget; an estimate that errs upwards.
std::uint64_t developMemory(const PictureFacts& facts, const DevelopWish& wish);
/// What one picture may take of this machine: half of its memory, unless a test says otherwise.
std::uint64_t mostPictureMemory();
void setMostPictureMemory(std::uint64_t bytes);
/// Asked before the first pixel is decoded. Throws Problem(TooLarge), naming `name`.
void requireFits(std::uint64_t bytes, const std::string& name);

} // namespace keepseal
