// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/bitmap.h"

#include <memory>

// The library is a header; its own code is not ours to mend.
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wall"
#pragma GCC diagnostic ignored "-Wextra"
#pragma GCC diagnostic ignored "-Wconversion"
#pragma GCC diagnostic ignored "-Wsign-conversion"
#pragma GCC diagnostic ignored "-Wold-style-cast"
#pragma GCC diagnostic ignored "-Wcast-qual"
#pragma GCC diagnostic ignored "-Wunused-function"
#pragma GCC diagnostic ignored "-Wmissing-declarations"
#define STB_IMAGE_IMPLEMENTATION
#define STB_IMAGE_STATIC
#define STBI_ONLY_BMP
#define STBI_NO_STDIO
#define STBI_MAX_DIMENSIONS 100000
#include <stb/stb_image.h>
#pragma GCC diagnostic pop

namespace keepseal {

using vips::VImage;

namespace {

/// BITMAPINFOHEADER: pixels to the metre. libvips' word for none is 1.
double pixelsPerMm(const Bytes& head) {
    if (head.size() < 42 || head[14] < 40)
        return 1;
    const auto perMetre = head[38] | head[39] << 8 | head[40] << 16 | head[41] << 24;
    return perMetre > 0 && perMetre < 1'000'000 ? perMetre / 1000.0 : 1;
}

/// Rows packed by run length (compression 1 and 2).
bool isPacked(const Bytes& head) {
    return head.size() >= 34 && head[14] >= 40 && (head[30] == 1 || head[30] == 2);
}

[[noreturn]] void cannotRead() {
    const char* why = stbi_failure_reason();
    throw vips::VError(std::string("BMP: ") + (why ? why : "no picture in it"));
}

} // namespace

VImage openBitmap(const ByteSource& source, bool pixels) {
    constexpr std::uint64_t kLargest = 1ULL << 30;
    if (source.size() > kLargest)
        throw vips::VError("the BMP is larger than 1 GB");
    const auto bytes = source.bytes(0, pixels ? source.size() : std::min<std::uint64_t>(source.size(), 4096));
    if (isPacked(bytes))
        throw vips::VError("the BMP is packed by run length, which is not read");
    const auto length = static_cast<int>(bytes.size());
    int width = 0, height = 0, channels = 0;
    if (!stbi_info_from_memory(bytes.data(), length, &width, &height, &channels))
        cannotRead();
    // Not packed: a picture that claims more than its bytes can hold is refused before any memory is taken.
    const auto count = static_cast<std::uint64_t>(width) * static_cast<std::uint64_t>(height);
    if (count > source.size() * 8 + 64)
        throw vips::VError("the BMP claims more pixels than its bytes can hold");
    const int bands = channels == 4 ? 4 : 3;
    VImage out = VImage::black(width, height, VImage::option()->set("bands", bands));
    if (pixels) {
        const std::unique_ptr<stbi_uc, void (*)(void*)> made(
            stbi_load_from_memory(bytes.data(), length, &width, &height, &channels, bands), stbi_image_free);
        if (!made)
            cannotRead();
        auto* image = vips_image_new_from_memory_copy(
            made.get(), static_cast<std::size_t>(count) * static_cast<std::size_t>(bands), width, height,
            bands, VIPS_FORMAT_UCHAR);
        if (!image)
            throw vips::VError();
        out = VImage(image);
    }
    const double perMm = pixelsPerMm(bytes);
    return out.copy(VImage::option()
                        ->set("interpretation", VIPS_INTERPRETATION_sRGB)
                        ->set("xres", perMm)
                        ->set("yres", perMm));
}

} // namespace keepseal
