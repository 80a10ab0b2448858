// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/drawing.h"

#include "decode/svg_gate.h"

#include <cmath>
#include <memory>

namespace keepseal {
namespace {

using vips::VImage;

constexpr std::uint64_t kLargestDrawing = 512ULL << 20;
constexpr double kPagePerInch = 300, kPointsPerInch = 72;
constexpr double kDrawnSide = 4000, kLargestSide = 20000;

/// To its size in pixels from what it is at 72 to the inch.
double scaleOf(const VImage& plain, Container container) {
    const double side = std::max(plain.width(), plain.height());
    if (side < 1)
        throw vips::VError("the drawing has no size");
    return container == Container::Svg ? kDrawnSide / side
                                       : std::min(kPagePerInch / kPointsPerInch, kLargestSide / side);
}

} // namespace

VImage loadDrawing(const Bytes& bytes, Container container, int page, double scale, int opacity) {
    VipsBlob* blob = vips_blob_new(nullptr, bytes.data(), bytes.size());
    const std::unique_ptr<VipsBlob, void (*)(VipsBlob*)> owner(
        blob, [](VipsBlob* b) { vips_area_unref(VIPS_AREA(b)); });
    auto* options = VImage::option()->set("scale", scale);
    if (container == Container::Svg)
        return VImage::svgload_buffer(blob, options);
    const std::vector<double> white{255, 255, 255, static_cast<double>(opacity)};
    return VImage::pdfload_buffer(blob, options->set("page", page)->set("background", white));
}

Bytes drawingOf(const ByteSource& source, Container container) {
    if (source.size() > kLargestDrawing)
        throw vips::VError("the drawing is larger than 512 MB");
    auto bytes = source.bytes(0, source.size());
    if (container != Container::Svg)
        return bytes;
    const auto harmless = harmlessSvg({reinterpret_cast<const char*>(bytes.data()), bytes.size()}, {});
    return {harmless.begin(), harmless.end()};
}

VImage openDrawing(const Bytes& bytes, const PictureFacts& facts, int shrink, bool pixels) {
    const auto at = [&](double scale) {
        return loadDrawing(bytes, facts.container, facts.reading.page, scale, 255);
    };
    auto image = at(scaleOf(at(1), facts.container) / shrink);
    if (facts.container == Container::Pdf) {
        const double perMm = kPagePerInch / 25.4;
        image =
            (pixels ? image.flatten(VImage::option()->set("background", std::vector<double>{255, 255, 255}))
                    : image.extract_band(0, VImage::option()->set("n", 3)))
                .copy(VImage::option()->set("xres", perMm)->set("yres", perMm));
    }
    return image;
}

} // namespace keepseal
