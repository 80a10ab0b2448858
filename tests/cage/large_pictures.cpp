// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Paints one picture in every format that is read, large enough that its decoder's memory counts. A program
// of its own: those that ask workers have no coders for all of them. The argument is a folder.
#include <vips/vips8>

#include <cstdlib>
#include <iostream>

using vips::VImage;

int main(int count, char** words) {
    ::unsetenv("VIPSHOME"); // which the caller may have set for itself
    if (count < 2 || VIPS_INIT(words[0]) != 0)
        return 2;
    const std::string folder = words[1];
    const VImage ramp = VImage::xyz(3000, 2400);
    const VImage levels =
        (ramp.extract_band(0) / 20).bandjoin(ramp.extract_band(1) / 16).bandjoin(ramp.extract_band(0) / 30);
    const VImage eight = levels.cast(VIPS_FORMAT_UCHAR)
                             .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
    const VImage deep = (levels * 257)
                            .cast(VIPS_FORMAT_USHORT)
                            .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_RGB16));
    const VImage cmyk =
        eight.bandjoin_const({20}).copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_CMYK));
    const auto to = [&](const char* name) { return folder + "/" + name; };
    try {
        eight.jpegsave(to("baseline.jpg").c_str());
        eight.jpegsave(to("progressive.jpg").c_str(), VImage::option()->set("interlace", true));
        cmyk.jpegsave(to("cmyk.jpg").c_str(), VImage::option()->set("interlace", true));
        eight.pngsave(to("plain.png").c_str(), VImage::option()->set("compression", 1));
        deep.pngsave(to("interlaced.png").c_str(),
                     VImage::option()->set("interlace", true)->set("compression", 1));
        deep.tiffsave(to("deep.tif").c_str());
        eight.webpsave(to("lossy.webp").c_str(), VImage::option()->set("effort", 0));
        eight.webpsave(to("lossless.webp").c_str(),
                       VImage::option()->set("lossless", true)->set("effort", 0));
        deep.jxlsave(to("deep.jxl").c_str(), VImage::option()->set("effort", 3));
        eight.heifsave(
            to("picture.avif").c_str(),
            VImage::option()->set("compression", VIPS_FOREIGN_HEIF_COMPRESSION_AV1)->set("effort", 0));
    } catch (const vips::VError& error) {
        std::cerr << error.what();
        return 1;
    }
    return 0;
}
