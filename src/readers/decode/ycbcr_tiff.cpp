// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/ycbcr_tiff.h"

#include "decode/tiff_source.h"

#include "base/problem.h"
#include "picture/develop.h"

namespace keepseal {
namespace {

using vips::VImage;

std::uint16_t shortField(TIFF* tiff, ttag_t tag, std::uint16_t otherwise) {
    std::uint16_t value = 0;
    return TIFFGetFieldDefaulted(tiff, tag, &value) ? value : otherwise;
}

void takeHeader(TIFF* tiff, VImage& image) {
    image.set(kYcbcrTiff, 1);
    image.set(VIPS_META_ORIENTATION, shortField(tiff, TIFFTAG_ORIENTATION, 1));
    const auto page = TIFFCurrentDirectory(tiff);
    image.set("n-pages", static_cast<int>(TIFFNumberOfDirectories(tiff)));
    TIFFSetDirectory(tiff, page); // counting goes through them all
    std::uint32_t length = 0;
    void* profile = nullptr;
    if (TIFFGetField(tiff, TIFFTAG_ICCPROFILE, &length, &profile) && length > 0)
        vips_image_set_blob_copy(image.get_image(), VIPS_META_ICC_NAME, profile, length);
}

/// Pixels to the millimetre; 1 is libvips' word for none.
double resolutionOf(TIFF* tiff) {
    float perUnit = 0;
    if (!TIFFGetField(tiff, TIFFTAG_XRESOLUTION, &perUnit) || !(perUnit > 0))
        return 1;
    const auto unit = shortField(tiff, TIFFTAG_RESOLUTIONUNIT, RESUNIT_INCH);
    return unit == RESUNIT_CENTIMETER ? perUnit / 10 : unit == RESUNIT_INCH ? perUnit / 25.4 : 1;
}

/// As stored, not turned.
VImage rgbOf(TIFF* tiff, int width, int height) {
    const auto count = static_cast<std::size_t>(width) * static_cast<std::size_t>(height);
    std::vector<std::uint32_t> raster(count);
    const auto orientation = shortField(tiff, TIFFTAG_ORIENTATION, ORIENTATION_TOPLEFT);
    if (!TIFFReadRGBAImageOriented(tiff, static_cast<std::uint32_t>(width),
                                   static_cast<std::uint32_t>(height), raster.data(), orientation, 1))
        throw vips::VError("a strip of the TIFF can't be read");
    Bytes rgb(count * 3);
    for (std::size_t i = 0; i < count; ++i) {
        rgb[3 * i] = static_cast<std::uint8_t>(TIFFGetR(raster[i]));
        rgb[3 * i + 1] = static_cast<std::uint8_t>(TIFFGetG(raster[i]));
        rgb[3 * i + 2] = static_cast<std::uint8_t>(TIFFGetB(raster[i]));
    }
    auto* image =
        vips_image_new_from_memory_copy(rgb.data(), rgb.size(), width, height, 3, VIPS_FORMAT_UCHAR);
    if (!image)
        throw vips::VError();
    return VImage(image);
}

} // namespace

std::optional<VImage> openYcbcrTiff(const ByteSource& source, int page, bool pixels) {
    TiffReader reader{source};
    const auto tiff = openTiff(reader);
    if (!tiff || (page > 0 && !TIFFSetDirectory(tiff.get(), static_cast<tdir_t>(page))) ||
        shortField(tiff.get(), TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_MINISBLACK) != PHOTOMETRIC_YCBCR)
        return std::nullopt;
    const auto packing = shortField(tiff.get(), TIFFTAG_COMPRESSION, COMPRESSION_NONE);
    if (packing == COMPRESSION_JPEG || packing == COMPRESSION_OJPEG)
        return std::nullopt;
    std::uint32_t width = 0, height = 0;
    TIFFGetField(tiff.get(), TIFFTAG_IMAGEWIDTH, &width);
    TIFFGetField(tiff.get(), TIFFTAG_IMAGELENGTH, &height);
    const bool sane = width > 0 && height > 0 && width < 1'000'000 && height < 1'000'000;
    if (!sane || (pixels && static_cast<std::int64_t>(width) * height > kMaxPixels))
        throw vips::VError("the TIFF has no size that can be read");
    // Its pixels are held whole: a few bytes may not claim gigabytes. Deflate packs 1032 to 1 at the very
    // best.
    constexpr std::uint64_t kBestPacking = 1100;
    if (static_cast<std::uint64_t>(width) * height > source.size() * kBestPacking)
        throw vips::VError("the TIFF claims more pixels than its bytes can hold");
    const int w = static_cast<int>(width), h = static_cast<int>(height);
    auto image = pixels ? rgbOf(tiff.get(), w, h) : VImage::black(w, h, VImage::option()->set("bands", 3));
    const double perMm = resolutionOf(tiff.get());
    image = image.copy(VImage::option()
                           ->set("interpretation", VIPS_INTERPRETATION_sRGB)
                           ->set("xres", perMm)
                           ->set("yres", perMm));
    takeHeader(tiff.get(), image);
    return image;
}

} // namespace keepseal
