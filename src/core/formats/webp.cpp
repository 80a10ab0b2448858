// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// WebP: RFC 9649.
#include "formats/vips_pixels.h"

namespace keepseal {
namespace {

Bytes encodeAsWebP(const CopyPixels& pixels, const OwnValues& own) {
    return encodedBy(pixels, [&](const vips::VImage& image, vips::VOption* options) {
        return image.webpsave_buffer(
            options->set("Q", own.whole("webp_quality"))->set("lossless", own.on("webp_lossless")));
    });
}

} // namespace

OutputFormat webpFormat() {
    OutputFormat out;
    out.key = "webp", out.name = "WebP", out.ending = "webp";
    out.help = "Small, for pages; transparency, 8 bits.";
    out.longestSide = 16383;
    out.alpha = true;
    out.settings = {ownSwitch("webp_lossless", "WebP without loss", false, "Every pixel stays as it is."),
                    ownNumber("webp_quality", "WebP quality", 85, {1, 100, 1, 0},
                              "Higher keeps more and makes larger files.")};
    out.settings.back().shown = [](const OwnValues& own) { return !own.on("webp_lossless"); };
    out.quality = "webp_quality";
    out.encode = encodeAsWebP;
    out.embed = embedInWebP;
    out.readBack = [](const ByteSource& copy) { return readPictureBack(copy, Container::WebP); };
    return out;
}

} // namespace keepseal
