// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/seal_export.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/text.h"
#include "seal/paint.h"

#include <cairo-svg.h>
#include <vips/vips8>

#include <cmath>
#include <memory>

namespace keepseal {
namespace {

using Surface = std::unique_ptr<cairo_surface_t, decltype(&cairo_surface_destroy)>;
using Context = std::unique_ptr<cairo_t, decltype(&cairo_destroy)>;

/// Tokens are no picture's here: they stand as typed, their braces doubled so that they survive the filling
/// in.
SealDesign withTokensAsTyped(SealDesign design) {
    for (auto& part : design.parts) {
        std::string text;
        for (const char c : part.text.text)
            text += c == '{' ? "{{" : std::string(1, c);
        part.text.text = text;
    }
    return design;
}

struct Alone {
    PreparedPtr seal;
    SealPlacement placement;
    SealVersion version;
};

/// The seal in the middle of a canvas just large enough for it and its effects.
Alone alone(const SealDesign& design, int width) {
    Alone out;
    out.seal = prepareSeal(withTokensAsTyped(design));
    if (out.seal->empty())
        throw Problem(ProblemKind::BadSetting, "seal", "there is nothing to be drawn",
                      out.seal->notes.empty() ? "Give the seal a part"
                                              : wholeSentenceOf(out.seal->notes.front()));
    auto shown = design; // no picture asks for anything here
    if (shown.halo.when != HaloWhen::Always)
        shown.halo.when = HaloWhen::Off;
    shown.plate.ifNeeded = false;
    const double reach = std::max(0.0, effectReach(shown, 100) - 2); // in units
    const Box box = out.seal->box.grown(reach);
    const double scale = width / box.width;
    out.placement.unit = scale * 100;
    out.placement.area = {0, 0, width, std::max(1, static_cast<int>(std::ceil(box.height * scale)))};
    out.placement.instances = {{placing({box.x, box.y}, {0, 0}, scale, 0), -1}};
    out.version = {design.tone == Tone::Dark, shown.halo.when == HaloWhen::Always ? shown.halo.strength : 0,
                   0};
    return out;
}

std::uint32_t over(std::uint32_t below, std::uint32_t above, double opacity) {
    const double rest = 1 - (above >> 24) / 255.0 * opacity;
    std::uint32_t out = 0;
    for (const int shift : {24, 16, 8, 0})
        out |= static_cast<std::uint32_t>(std::min(
                   255L, std::lround((above >> shift & 0xFF) * opacity + (below >> shift & 0xFF) * rest)))
               << shift;
    return out;
}

/// All layers in one, premultiplied.
Layer flattenedSeal(const Alone& one, double opacity) {
    const auto layers = SealPainter(*one.seal, one.placement, one.version).paint(one.placement.area);
    Layer out(one.placement.area);
    for (std::size_t i = 0; i < out.argb.size(); ++i) {
        if (!layers.under.empty())
            out.argb[i] = over(out.argb[i], layers.under.argb[i], opacity);
        out.argb[i] = over(out.argb[i], layers.mark.argb[i], opacity);
        if (!layers.relief.empty())
            out.argb[i] = over(out.argb[i], layers.relief.argb[i], 1);
    }
    return out;
}

cairo_status_t append(void* into, const unsigned char* data, unsigned int length) {
    auto* bytes = static_cast<Bytes*>(into);
    bytes->insert(bytes->end(), data, data + length);
    return CAIRO_STATUS_SUCCESS;
}

void paintLayer(cairo_t* cairo, Layer& layer) {
    const Surface image(cairo_image_surface_create_for_data(
                            reinterpret_cast<unsigned char*>(layer.argb.data()), CAIRO_FORMAT_ARGB32,
                            layer.area.width, layer.area.height, layer.area.width * 4),
                        cairo_surface_destroy);
    cairo_set_source_surface(cairo, image.get(), 0, 0);
    cairo_paint(cairo);
}

} // namespace

Bytes sealAsPng(const SealDesign& design, int width) {
    const auto layer = flattenedSeal(alone(design, width), design.opacity / 100);
    std::vector<std::uint8_t> rgba;
    rgba.reserve(layer.argb.size() * 4);
    for (const auto pixel : layer.argb) {
        const std::uint32_t a = pixel >> 24;
        for (const int shift : {16, 8, 0})
            rgba.push_back(static_cast<std::uint8_t>(
                a == 0 ? 0 : std::min(255U, ((pixel >> shift & 0xFF) * 255 + a / 2) / a)));
        rgba.push_back(static_cast<std::uint8_t>(a));
    }
    try {
        const auto image = vips::VImage::new_from_memory(rgba.data(), rgba.size(), layer.area.width,
                                                         layer.area.height, 4, VIPS_FORMAT_UCHAR)
                               .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
        const std::unique_ptr<VipsBlob, void (*)(VipsBlob*)> blob(
            image.pngsave_buffer(vips::VImage::option()->set("strip", true)),
            [](VipsBlob* b) { vips_area_unref(VIPS_AREA(b)); });
        size_t length = 0;
        const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(blob.get(), &length));
        return {data, data + length};
    } catch (const vips::VError& error) {
        vips_error_clear();
        throw Problem(ProblemKind::Internal, {},
                      Saying("the seal could not be encoded: {reason}", {{"reason", error.what()}}));
    }
}

Bytes sealAsSvg(const SealDesign& design, int width) {
    const auto one = alone(design, width);
    Bytes out;
    {
        const Surface surface(cairo_svg_surface_create_for_stream(append, &out, one.placement.area.width,
                                                                  one.placement.area.height),
                              cairo_surface_destroy);
        cairo_svg_surface_set_document_unit(surface.get(), CAIRO_SVG_UNIT_PX);
        const Context cairo(cairo_create(surface.get()), cairo_destroy);
        auto layers = SealPainter(*one.seal, one.placement, one.version).paint(one.placement.area);
        cairo_push_group(cairo.get());
        if (!layers.under.empty())
            paintLayer(cairo.get(), layers.under);
        paintMarkOn(cairo.get(), *one.seal, one.placement, one.version);
        cairo_pop_group_to_source(cairo.get());
        cairo_paint_with_alpha(cairo.get(), design.opacity / 100);
        if (!layers.relief.empty())
            paintLayer(cairo.get(), layers.relief);
        cairo_surface_finish(surface.get());
    }
    return out;
}

void saveSealPicture(const SealDesign& design, int width, const std::filesystem::path& file) {
    const auto ending = toLowerAscii(file.extension().string());
    if (ending != ".png" && ending != ".svg")
        throw Problem(ProblemKind::BadSetting, file.string(), "a seal is saved as .png or .svg",
                      "Choose such a name");
    writeNewFile(file, ending == ".png" ? sealAsPng(design, width) : sealAsSvg(design, width));
}

} // namespace keepseal
