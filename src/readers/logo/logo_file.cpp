// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/logo_reading.h"

#include "decode/drawing.h"
#include "decode/svg_gate.h"
#include "picture/engine.h"

#include <cmath>

namespace keepseal {
namespace {

using vips::VImage;

constexpr std::int64_t kMaxBitmap = 60'000'000;
constexpr int kMaxPdfPages = 200;
constexpr int kMaxAspect = 1000;
constexpr int kKeptBitmapSide = 4096; ///< a larger bitmap is kept at this size: no seal shows more

VImage toRgba(VImage image) {
    if (image.interpretation() == VIPS_INTERPRETATION_CMYK || image.get_typeof(VIPS_META_ICC_NAME)) {
        const bool cmyk = image.interpretation() == VIPS_INTERPRETATION_CMYK;
        image = image.icc_transform("srgb", VImage::option()
                                                ->set("embedded", true)
                                                ->set("input_profile", cmyk ? "cmyk" : "srgb")
                                                ->set("depth", 8));
    }
    if (image.interpretation() != VIPS_INTERPRETATION_sRGB)
        image = image.colourspace(VIPS_INTERPRETATION_sRGB);
    if (!image.has_alpha())
        image = image.bandjoin_const({255});
    return image.format() == VIPS_FORMAT_UCHAR ? image : image.cast(VIPS_FORMAT_UCHAR);
}

std::string_view textIn(const Bytes& bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

/// What of a logo's file is drawn: of an SVG what its gate wrote anew.
struct LogoBytes {
    std::optional<Container> drawing; ///< nothing: a bitmap
    Bytes bytes;
};

LogoBytes logoBytes(const ByteSource& source, const std::string& file) {
    LogoBytes out{{}, source.bytes(0, std::min(source.size(), kMaxLogoFile))};
    if (textIn(out.bytes).starts_with("%PDF-"))
        out.drawing = Container::Pdf;
    else if (looksLikeSvg(textIn(out.bytes))) {
        const auto harmless = harmlessSvg(textIn(out.bytes), file);
        out = {Container::Svg, Bytes(harmless.begin(), harmless.end())};
    }
    return out;
}

LogoContent readVector(const Bytes& bytes, Container kind, const std::string& file, int page) {
    LogoContent out;
    out.vector = true;
    const VImage head = loadDrawing(bytes, kind, page - 1, 1, 0);
    const int pages = kind == Container::Pdf && head.get_typeof("n-pages") ? head.get_int("n-pages") : 1;
    if (pages > kMaxPdfPages)
        refuseLogo(file, Saying("this PDF has {pages} pages; logos have at most {most}",
                                {{"pages", std::to_string(pages)}, {"most", std::to_string(kMaxPdfPages)}}));
    out.native = {head.width(), head.height()};
    if (out.native.empty() || out.native.longSide() > kMaxAspect * out.native.shortSide())
        refuseLogo(file, "the logo has no usable size");
    return out;
}

LogoContent readBitmap(const Bytes& bytes, const std::string& file) {
    const MemorySource source(bytes);
    const auto facts = readFacts(source, file); // limits are checked from the header
    if (facts.stored.pixels() > kMaxBitmap)
        refuseLogo(file,
                   Saying("the header claims {width} x {height} pixels; logos have at most 60 megapixels",
                          {{"width", std::to_string(facts.stored.width)},
                           {"height", std::to_string(facts.stored.height)}}),
                   ProblemKind::TooLarge);
    const PictureSource opened(source);
    VImage image = toRgba(opened.open(facts, 1).copy_memory().autorot());
    if (const int longest = std::max(image.width(), image.height()); longest > kKeptBitmapSide) {
        const double scale = static_cast<double>(kKeptBitmapSide) / longest;
        image = resizedLogo(image, {std::max(1, static_cast<int>(std::lround(image.width() * scale))),
                                    std::max(1, static_cast<int>(std::lround(image.height() * scale)))});
    }
    LogoContent out;
    out.native = facts.size;
    out.kept = {image.width(), image.height()};
    out.rgba.resize(static_cast<std::size_t>(out.kept.pixels()) * 4);
    VImage into = VImage::new_from_memory(out.rgba.data(), out.rgba.size(), out.kept.width, out.kept.height,
                                          4, VIPS_FORMAT_UCHAR);
    image.write(into);
    return out;
}

} // namespace

LogoContent readLogoFile(const ByteSource& source, const std::string& file, int page) {
    const auto [drawing, bytes] = logoBytes(source, file);
    try {
        return drawing ? readVector(bytes, *drawing, file, page) : readBitmap(bytes, file);
    } catch (const vips::VError&) {
        refuseLogo(file, Saying("the logo can't be read ({reason})", {{"reason", takeVipsError()}}));
    }
}

LogoPixels drawVectorLogo(const ByteSource& source, const std::string& file, int page, Size native,
                          Size size) {
    const auto [drawing, bytes] = logoBytes(source, file);
    if (!drawing)
        refuseLogo(file, "the logo is no drawing any more");
    try {
        const double scale = std::max(static_cast<double>(size.width) / native.width,
                                      static_cast<double>(size.height) / native.height);
        return logoPixelsOf(resizedLogo(toRgba(loadDrawing(bytes, *drawing, page - 1, scale, 0)), size));
    } catch (const vips::VError&) {
        refuseLogo(file, Saying("the logo can't be drawn ({reason})", {{"reason", takeVipsError()}}));
    }
}

} // namespace keepseal
