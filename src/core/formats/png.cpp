// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// PNG: ISO/IEC 15948, with the eXIf chunk.
#include "formats/vips_pixels.h"

namespace keepseal {
namespace {

Bytes encodeAsPng(const CopyPixels& pixels, const OwnValues& own) {
    return encodedBy(pixels, [&](const vips::VImage& image, vips::VOption* options) {
        // Without row filters photographs come out up to 1.8 times as large.
        // Numbers of a palette gain by no filter.
        const bool palette = own.on("png_palette") && image.format() == VIPS_FORMAT_UCHAR;
        options->set("compression", own.whole("png_effort"))
            ->set("filter", palette ? VIPS_FOREIGN_PNG_FILTER_NONE : VIPS_FOREIGN_PNG_FILTER_ALL);
        if (palette)
            options->set("palette", true)->set("bitdepth", 8)->set("dither", 1.0)->set("effort", 7);
        return image.pngsave_buffer(options);
    });
}

} // namespace

OutputFormat pngFormat() {
    OutputFormat out;
    out.key = "png", out.name = "PNG", out.ending = "png";
    out.help = "Without loss; transparency, 8 or 16 bits.";
    out.longestSide = 1'000'000; // libpng's own limit
    out.alpha = out.sixteen = true;
    out.settings = {
        ownNumber("png_effort", "PNG compression", 6, {0, 9, 1, 0},
                  "9 is the smallest file and the longest wait; the pixels are the same."),
        ownSwitch("png_palette", "At most 256 colours", false,
                  "For drawings and letters: a palette made for the picture, a third of the bytes. "
                  "Photographs show steps. Files of 16 bits keep all theirs.")};
    out.encode = encodeAsPng;
    out.embed = embedInPng;
    out.readBack = [](const ByteSource& copy) { return readPictureBack(copy, Container::Png); };
    return out;
}

} // namespace keepseal
