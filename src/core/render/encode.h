// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The last stage: from finished pixels to the bytes of a copy, with metadata composed from nothing.
#pragma once

#include "formats/output_format.h"
#include "render/stages.h"
#include "rights/apply.h"
#include "rights/mark.h"

namespace keepseal {

/// A JPEG without metadata that is there already: see stampedJpeg().
struct StampedJpeg {
    const Bytes& bytes;
    bool grey;
};

struct EncodedCopy {
    Bytes bytes;
    Size size; ///< of its picture: smaller than the frame where that keeps it within its bytes
    std::optional<int> quality;  ///< as it was found for a limit of bytes or of what may be seen
    std::optional<double> score; ///< see visibleLossScore(), where a limit asked for it
    Notes notes;                 ///< what its containers had no room for, and what a limit of bytes asked for
};

/// All that the bytes depend on besides the pixels, and so its own key: see render/stages.h.
struct EncodeStage {
    std::string format;     ///< key of an output format
    FileSettings file;      ///< what that format uses of them
    double pixelsPerMm = 0; ///< to be stated; 0: none
    bool preview = false;   ///< a small picture of itself goes into it
    CopyWords words;        ///< all that its metadata will say
    CopyMark holds;         ///< what really stands on it
    bool operator==(const EncodeStage&) const = default;
    /// Where `file` has a limit of bytes, the best that keeps it; what can't is told by a note that holds it
    /// back. `stamped`: holds the frame's pixels already; may be null. Throws Problem(Internal | BadFile).
    EncodedCopy on(const Frame& frame, const StampedJpeg* stamped = nullptr) const;
};
/// A small picture of itself goes into such a copy.
bool holdsPreview(const Delivery& delivery, const std::string& format);
EncodeStage encodeStage(const Delivery& delivery, const ChainPlan& plan, const std::string& format,
                        const CopyWords& words, const CopyMark& holds);

/// Told when the format can't hold that size.
std::optional<Note> limitNote(const OutputFormat& format, Size size);

/// Only the coder, without metadata.
Bytes encodePixels(const Frame& frame, const FileSettings& settings, const OutputFormat& format);
/// A plain JPEG of that quality, 1 to 100.
Bytes encodeJpeg(const Frame& frame, int quality);
/// The pixels as a screen shows them, as a PNG: for proofs on disk.
Bytes encodePng(const Frame& frame);

/// A finished file as it is seen: decoded again, as the screen shows it. Throws like develop().
Frame decodedCopy(const Bytes& bytes, const FileSettings& file);

/// What a screen shows of a finished frame: 8-bit sRGB, grey where the delivery is. Transparency stays where
/// the first of its formats can hold it. Its own key, like the stages.
struct ScreenStage {
    ColourOut colour = ColourOut::Srgb;
    std::string profile;
    bool alpha = false;
    Rgb background;
    bool operator==(const ScreenStage&) const = default;
    /// Throws Problem when the profile can't be used.
    Frame on(const Frame& frame) const;
};
ScreenStage screenStage(const FileSettings& settings);

} // namespace keepseal
