// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// TIFF 6.0, one page; BigTIFF where the old kind could be too small.
#include "formats/tiff.h"

#include "formats/vips_pixels.h"

namespace keepseal {
namespace {

constexpr std::uint64_t kRoomForWords = 64ULL << 20; ///< more than any rights, previews and profile take

Bytes encodeAsTiff(const CopyPixels& pixels, const OwnValues& own) {
    const auto& packing = own.choice("tiff_packing");
    const bool big = needsBigTiff(pixels);
    return encodedBy(pixels, [&](const vips::VImage& image, vips::VOption* options) {
        return image.tiffsave_buffer(
            options
                ->set("compression", packing == "none"  ? VIPS_FOREIGN_TIFF_COMPRESSION_NONE
                                     : packing == "lzw" ? VIPS_FOREIGN_TIFF_COMPRESSION_LZW
                                                        : VIPS_FOREIGN_TIFF_COMPRESSION_DEFLATE)
                ->set("predictor", packing == "none" ? VIPS_FOREIGN_TIFF_PREDICTOR_NONE
                                                     : VIPS_FOREIGN_TIFF_PREDICTOR_HORIZONTAL)
                ->set("bigtiff", big));
    });
}

} // namespace

bool needsBigTiff(const CopyPixels& pixels) {
    const auto packedAtWorst = pixels.bytes() + pixels.bytes() / 8; // LZW of noise grows
    return packedAtWorst + pixels.profile.size() + kRoomForWords > kMostOfClassicTiff;
}

OutputFormat tiffFormat() {
    OutputFormat out;
    out.key = "tiff", out.name = "TIFF", out.ending = "tif";
    out.help = "For print and archive; transparency, 8 or 16 bits.";
    out.longestSide = 1'000'000;
    out.alpha = out.sixteen = out.iim = true;
    out.settings = {ownChoice("tiff_packing", "TIFF compression", "zip",
                              {{"none", "None"}, {"lzw", "LZW"}, {"zip", "ZIP"}},
                              "All without loss; ZIP is the smallest.")};
    out.encode = encodeAsTiff;
    out.embed = embedInTiff;
    out.readBack = [](const ByteSource& copy) { return readPictureBack(copy, Container::Tiff); };
    return out;
}

} // namespace keepseal
