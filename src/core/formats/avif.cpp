// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// AVIF: AV1 pictures in HEIF (AOMedia's AV1 Image File Format), by libavif.
#include "formats/output_format.h"

#include "base/problem.h"

#include <avif/avif.h>

namespace keepseal {
namespace {

[[noreturn]] void avifFailed(avifResult result) {
    throw Problem(
        ProblemKind::Internal, {},
        Saying("the copy could not be encoded as AVIF: {reason}", {{"reason", avifResultToString(result)}}));
}

void requireAvif(avifResult result) {
    if (result != AVIF_RESULT_OK)
        avifFailed(result);
}

using AvifImagePtr = std::unique_ptr<avifImage, decltype(&avifImageDestroy)>;

/// From the most a sample can be to the most of so many bits.
template <class T>
std::uint16_t withBits(T value, int bits) {
    const std::uint32_t full = sizeof(T) == 2 ? 65535U : 255U, most = (1U << bits) - 1;
    return static_cast<std::uint16_t>((value * most + full / 2) / full);
}

/// Grey goes in as a luma plane alone.
template <class T>
void fillGrey(avifImage& image, const CopyPixels& pixels) {
    const auto* from = static_cast<const T*>(pixels.samples);
    for (std::uint32_t y = 0; y < image.height; ++y) {
        auto* luma = image.yuvPlanes[AVIF_CHAN_Y] + y * image.yuvRowBytes[AVIF_CHAN_Y];
        auto* alpha = image.alphaPlane ? image.alphaPlane + y * image.alphaRowBytes : nullptr;
        for (std::uint32_t x = 0; x < image.width; ++x, from += pixels.bands) {
            const auto grey = withBits(from[0], static_cast<int>(image.depth));
            if (image.depth > 8)
                reinterpret_cast<std::uint16_t*>(luma)[x] = grey;
            else
                luma[x] = static_cast<std::uint8_t>(grey);
            if (!alpha)
                continue;
            const auto opacity = withBits(from[1], static_cast<int>(image.depth));
            if (image.depth > 8)
                reinterpret_cast<std::uint16_t*>(alpha)[x] = opacity;
            else
                alpha[x] = static_cast<std::uint8_t>(opacity);
        }
    }
}

void fillColours(avifImage& image, const CopyPixels& pixels) {
    avifRGBImage rgb;
    avifRGBImageSetDefaults(&rgb, &image);
    rgb.format = pixels.bands == 4 ? AVIF_RGB_FORMAT_RGBA : AVIF_RGB_FORMAT_RGB;
    rgb.depth = pixels.deep ? 16 : 8;
    // libavif only reads from here.
    rgb.pixels = const_cast<std::uint8_t*>(static_cast<const std::uint8_t*>(pixels.samples));
    rgb.rowBytes = static_cast<std::uint32_t>(pixels.size.width * pixels.bands * (pixels.deep ? 2 : 1));
    requireAvif(avifImageRGBToYUV(&image, &rgb));
}

AvifImagePtr imageOf(const CopyPixels& pixels, const OwnValues& own) {
    const bool grey = pixels.bands < 3;
    const auto layout = grey                                  ? AVIF_PIXEL_FORMAT_YUV400
                        : own.choice("avif_chroma") == "full" ? AVIF_PIXEL_FORMAT_YUV444
                                                              : AVIF_PIXEL_FORMAT_YUV420;
    AvifImagePtr image(
        avifImageCreate(pixels.size.width, pixels.size.height, std::stoi(own.choice("avif_bits")), layout),
        &avifImageDestroy);
    if (!image)
        avifFailed(AVIF_RESULT_OUT_OF_MEMORY);
    image->yuvRange = AVIF_RANGE_FULL;
    image->matrixCoefficients = AVIF_MATRIX_COEFFICIENTS_BT601;
    if (pixels.profile.empty()) { // ITU-T H.273: sRGB needs no profile
        image->colorPrimaries = AVIF_COLOR_PRIMARIES_BT709;
        image->transferCharacteristics = AVIF_TRANSFER_CHARACTERISTICS_SRGB;
    } else
        avifImageSetProfileICC(image.get(), pixels.profile.data(), pixels.profile.size());
    if (!grey) {
        fillColours(*image, pixels);
        return image;
    }
    avifImageAllocatePlanes(image.get(),
                            pixels.bands == 2 ? AVIF_PLANES_YUV | AVIF_PLANES_A : AVIF_PLANES_YUV);
    if (pixels.deep)
        fillGrey<std::uint16_t>(*image, pixels);
    else
        fillGrey<std::uint8_t>(*image, pixels);
    return image;
}

/// Without metadata; on this thread.
Bytes encodeAsAvif(const CopyPixels& pixels, const OwnValues& own) {
    const auto image = imageOf(pixels, own);
    const std::unique_ptr<avifEncoder, decltype(&avifEncoderDestroy)> encoder(avifEncoderCreate(),
                                                                              &avifEncoderDestroy);
    if (!encoder)
        avifFailed(AVIF_RESULT_OUT_OF_MEMORY);
    encoder->maxThreads = 1; // workers are ours
    encoder->speed = 10 - own.whole("avif_effort");
    encoder->minQuantizer = AVIF_QUANTIZER_BEST_QUALITY;
    encoder->maxQuantizer = AVIF_QUANTIZER_WORST_QUALITY;
    encoder->minQuantizerAlpha = encoder->maxQuantizerAlpha = AVIF_QUANTIZER_LOSSLESS;
    // One quantizer for all of the picture: 0 to 63, from the best to the worst.
    const int quantizer = (100 - own.whole("avif_quality")) * 63 / 100;
    avifEncoderSetCodecSpecificOption(encoder.get(), "end-usage", "q");
    avifEncoderSetCodecSpecificOption(encoder.get(), "color:cq-level", std::to_string(quantizer).c_str());
    avifRWData data = AVIF_DATA_EMPTY;
    const auto result = avifEncoderWrite(encoder.get(), image.get(), &data);
    Bytes out(data.data, data.data + data.size);
    avifRWDataFree(&data);
    requireAvif(result);
    return out;
}

int avifBytesPerPixel(const OwnValues& own) {
    return (own.whole("avif_effort") <= 4 ? 26 : 48) * (own.choice("avif_bits") == "8" ? 1 : 2);
}

} // namespace

OutputFormat avifFormat() {
    OutputFormat out;
    out.key = "avif", out.name = "AVIF", out.ending = "avif";
    out.help = "Very small, for pages; transparency, 8, 10 or 12 bits. Takes its time.";
    out.longestSide = 16384;
    out.alpha = out.sixteen = true;
    out.settings = {
        ownNumber("avif_quality", "AVIF quality", 70, {1, 100, 1, 0},
                  "Higher keeps more and makes larger files; its numbers are not those of JPEG."),
        ownChoice("avif_chroma", "AVIF colour detail", "full",
                  {{"smaller", "Smaller file (4:2:0)"}, {"full", "Full (4:4:4)"}},
                  "Full keeps fine red and blue edges crisp and makes the file a little larger."),
        ownChoice(
            "avif_bits", "AVIF bits a channel", "8", {{"8", "8"}, {"10", "10"}, {"12", "12"}},
            "10 and 12 keep skies smooth; they have something to keep where 16 bits come through the chain."),
        ownNumber("avif_effort", "AVIF effort", 4, {1, 9, 1, 0},
                  "Higher takes longer and makes smaller files.")};
    out.bits = "avif_bits";
    out.quality = "avif_quality";
    out.memory = avifBytesPerPixel;
    out.encode = encodeAsAvif;
    out.embed = embedInAvif;
    out.readBack = [](const ByteSource& copy) { return readBoxesBack(copy, Container::Heif); };
    return out;
}

} // namespace keepseal
