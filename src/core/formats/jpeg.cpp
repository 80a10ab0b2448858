// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEG: ITU-T T.81, JFIF 1.02.
#include "formats/jpeg_coder.h"

namespace keepseal {
namespace {

Bytes encodeAsJpeg(const CopyPixels& pixels, const OwnValues& own) {
    const auto& chroma = own.choice("chroma");
    return encodeJpegBy(pixels, {own.whole("quality"),
                                 chroma == "full"      ? JpegChroma::Full
                                 : chroma == "half"    ? JpegChroma::HalfWidth
                                 : chroma == "picture" ? chromaByPicture(pixels)
                                                       : JpegChroma::Quarter,
                                 own.on("progressive"), own.on("optimised")});
}

std::optional<BlockCoding> blocksAnew(const OwnValues& own) {
    const auto& chroma = own.choice("chroma");
    if (chroma == "picture" || own.on("progressive") || own.on("optimised"))
        return std::nullopt; // these look at all pixels, or at all coefficients more than once
    return BlockCoding{own.whole("quality"), {chroma == "full" ? 1 : 2, chroma == "smaller" ? 2 : 1}};
}

} // namespace

OutputFormat jpegFormat() {
    OutputFormat out;
    out.key = "jpeg", out.name = "JPEG", out.ending = "jpg";
    out.help = "Read everywhere; no transparency, 8 bits.";
    out.longestSide = 65500; // libjpeg's own limit, a little under T.81's 65535
    out.iim = out.preview = out.untouched = true;
    out.settings = {
        ownNumber("quality", "JPEG quality", 90, {1, 100, 1, 0},
                  "Higher keeps more and makes larger files; 85 to 92 is usual for screens."),
        ownChoice("chroma", "Colour detail", "smaller",
                  {{"smaller", "Smaller file (4:2:0)"},
                   {"half", "Half the width (4:2:2)"},
                   {"full", "Full (4:4:4)"},
                   {"picture", "By the picture"}},
                  "Full keeps fine red and blue edges crisp and makes the file larger. By the picture: full "
                  "where such edges are, else 4:2:0."),
        ownSwitch("progressive", "Progressive", false, "Appears coarse first, then fine, over a slow line."),
        ownSwitch(
            "optimised", "Optimised", false,
            "Some per cent smaller and slower to write; the same pixels. Progressive ones are arranged in "
            "several ways, and the smallest is taken.")};
    out.quality = "quality";
    out.smallest = {{"optimised", true}};
    out.quickest = {{"optimised", false}, {"progressive", false}};
    out.blocksAnew = blocksAnew;
    out.encode = encodeAsJpeg;
    out.embed = embedInJpeg;
    out.readBack = [](const ByteSource& copy) { return readPictureBack(copy, Container::Jpeg); };
    return out;
}

} // namespace keepseal
