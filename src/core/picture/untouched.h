// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A JPEG stamped block by block (ITU-T T.81): only those under the mark are made of pixels. Every other
// coefficient stays as it is where the file's own tables are kept, and is rounded anew where it gets others.
// Carried out by the readers.
#pragma once

#include "base/byte_source.h"
#include "picture/develop.h"

#include <memory>
#include <string>

namespace keepseal {

/// Pixels as they were before something was put on them: whole blocks of 16, so that they are of whole blocks
/// of a JPEG.
struct PixelsBefore {
    int x = 0, y = 0; ///< of their top left corner in the frame
    Frame pixels;     ///< empty: nothing was put on
};
/// The whole blocks in which `area` lies, as far as it lies in the picture.
Rect inBlocks(const Rect& area, Size picture);
/// Of the part of `frame` in which `area` lies.
PixelsBefore pixelsUnder(const Frame& frame, const Rect& area);

/// What was changed of a picture's pixels.
struct ChangedPart {
    Rect area;                       ///< pixels of the stored picture; begins at whole multiples of 16
    Pixels<std::uint8_t> rgb;        ///< of the area, as they are to be
    std::vector<std::uint8_t> cells; ///< of the area, by squares of 8 pixels: 1 where any pixel was changed
    bool empty() const { return area.empty(); }
};
/// 8 bits, and in the original's own numbers.
ChangedPart changedPart(const PixelsBefore& before, const Frame& after);
/// Red, green and blue are equal all over.
bool isNeutral(const ChangedPart& changed);

/// A JPEG, read once and held until it is stamped: all of its coefficients, or where they lie in its codes.
struct JpegCoefficients;
struct HeldJpeg {
    std::shared_ptr<JpegCoefficients> coefficients;
    /// A pixel for each whole block of 8: its mean. 8 bits, in the JPEG's own numbers. Empty where the
    /// picture is smaller than a block.
    Frame coarse;
    /// What decodePicture() gives, of the same reading; null where it was not asked for.
    DecodedPtr decoded;
};
inline constexpr int kMostBeside = 4; ///< at an eighth, libjpeg reads the means and nothing else
/// `facts` say that it keeps its blocks. `decodeAt`: decoded as well, shrunk by this (1, 2 or 4:
/// kMostBeside); 0: not. `allAnew`: it is held for another quality, which reads every block: then pixels
/// beside it come of the same reading. Throws Problem(NotAPicture | TooLarge), naming `name`: also where
/// bytes of it are missing.
HeldJpeg holdJpeg(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                  int decodeAt = 0, bool allAnew = false);
/// Bytes that this holds at the most: two for each of up to three samples a pixel.
inline std::uint64_t coefficientMemory(const PictureFacts& facts) {
    return static_cast<std::uint64_t>(facts.stored.pixels()) * 6;
}
/// The pixels of a part as a decode of the whole gives them, in the JPEG's own numbers. `area` is of whole
/// blocks of 16, except at the picture's right and bottom edges. Throws Problem(Internal) where it is not.
Frame pixelsOf(const JpegCoefficients& held, const Rect& area);
/// How blocks are coded.
struct BlockCoding {
    int quality = 0;  ///< whose tables, 1 to 100 (libjpeg's scale); 0: the file's own
    Size perColour{}; ///< with a quality: see PictureFacts
    bool untouched() const { return *this == BlockCoding{}; }
    bool operator==(const BlockCoding&) const = default;
};
/// With another quality: a sample of colour can stand for the mean of some of the original's, and never for a
/// part of one. `own`: the original's PictureFacts::perColour.
inline bool canBeCoded(Size own, const BlockCoding& coding) {
    const auto is = [](int length, int was) { return length == was || (was == 1 && length == 2); };
    return is(coding.perColour.width, own.width) && is(coding.perColour.height, own.height);
}
/// A JPEG with that part changed (nothing, where it is empty), without any metadata. What was not changed
/// stays as it is; with other tables it is not decoded to pixels either: its coefficients are rounded anew,
/// in one sequential scan. The coefficients are changed by it: they serve for one. Throws Problem(NotAPicture
/// | Internal).
Bytes stampedJpeg(std::shared_ptr<JpegCoefficients> held, const ChangedPart& changed,
                  const BlockCoding& coding = {});

} // namespace keepseal
