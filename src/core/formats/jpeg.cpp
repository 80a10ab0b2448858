// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEG: ITU-T T.81, JFIF 1.02.
#include "formats/vips_pixels.h"

namespace keepseal {
namespace {

Bytes encodeAsJpeg(const CopyPixels& pixels, const OwnValues& own) {
    return encodedBy(pixels, [&](const vips::VImage& image, vips::VOption* options) {
        return image.jpegsave_buffer(options->set("Q", own.whole("quality"))
                                         ->set("interlace", own.on("progressive"))
                                         ->set("optimize_coding", own.on("optimised"))
                                         ->set("subsample_mode", own.choice("chroma") == "smaller"
                                                                     ? VIPS_FOREIGN_SUBSAMPLE_ON
                                                                     : VIPS_FOREIGN_SUBSAMPLE_OFF));
    });
}

} // namespace

OutputFormat jpegFormat() {
    OutputFormat out;
    out.key = "jpeg", out.name = "JPEG", out.ending = "jpg";
    out.help = "Read everywhere; no transparency, 8 bits.";
    out.longestSide = 65500; // libjpeg's own limit, a little under T.81's 65535
    out.iim = out.preview = true;
    out.settings = {
        ownNumber("quality", "JPEG quality", 90, {1, 100, 1, 0},
                  "Higher keeps more and makes larger files; 85 to 92 is usual for screens."),
        ownChoice("chroma", "Colour detail", "smaller",
                  {{"smaller", "Smaller file (4:2:0)"}, {"full", "Full (4:4:4)"}},
                  "Full keeps fine red and blue edges crisp and makes the file larger."),
        ownSwitch("progressive", "Progressive", false, "Appears coarse first, then fine, over a slow line."),
        ownSwitch("optimised", "Optimised", false,
                  "A few percent smaller, a little slower; the same pixels.")};
    out.quality = "quality";
    out.encode = encodeAsJpeg;
    out.embed = embedInJpeg;
    out.readBack = [](const ByteSource& copy) { return readPictureBack(copy, Container::Jpeg); };
    return out;
}

} // namespace keepseal
