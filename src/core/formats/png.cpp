// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// PNG: ISO/IEC 15948, with the eXIf chunk.
#include "formats/vips_pixels.h"

namespace keepseal {
namespace {

Bytes encodeAsPng(const CopyPixels& pixels, const OwnValues& own) {
    return encodedBy(pixels, [&](const vips::VImage& image, vips::VOption* options) {
        // Without row filters photographs come out up to 1.8 times as large.
        return image.pngsave_buffer(
            options->set("compression", own.whole("png_effort"))->set("filter", VIPS_FOREIGN_PNG_FILTER_ALL));
    });
}

} // namespace

OutputFormat pngFormat() {
    OutputFormat out;
    out.key = "png", out.name = "PNG", out.ending = "png";
    out.help = "Without loss; transparency, 8 or 16 bits.";
    out.longestSide = 1'000'000; // libpng's own limit
    out.alpha = out.sixteen = true;
    out.settings = {ownNumber("png_effort", "PNG compression", 6, {0, 9, 1, 0},
                              "9 is the smallest file and the longest wait; the pixels are the same.")};
    out.encode = encodeAsPng;
    out.embed = embedInPng;
    out.readBack = [](const ByteSource& copy) { return readPictureBack(copy, Container::Png); };
    return out;
}

} // namespace keepseal
