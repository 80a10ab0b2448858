// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/colour_letters.h"

#include <pango/pangocairo.h>
#include <pango/pangofc-font.h>

#include <ft2build.h>
#include FT_FREETYPE_H

#include <cmath>
#include <map>

namespace keepseal {
namespace {

constexpr double kPixelsPerEm = 256; ///< of letters that are drawn in outlines

/// The most pixels to the em that the typeface has pictures for; drawn at that, none of them is resampled.
double pixelsPerEm(PangoFont* font) {
    auto* fc = PANGO_FC_FONT(font);
    G_GNUC_BEGIN_IGNORE_DEPRECATIONS
    const FT_Face face = pango_fc_font_lock_face(fc);
    double most = 0;
    if (face && !FT_IS_SCALABLE(face))
        for (int i = 0; i < face->num_fixed_sizes; ++i)
            most = std::max(most, face->available_sizes[i].y_ppem / 64.0);
    if (face)
        pango_fc_font_unlock_face(fc);
    G_GNUC_END_IGNORE_DEPRECATIONS
    return most > 0 ? std::min(most, 1024.0) : kPixelsPerEm;
}

/// One letter's picture; `at` is relative to the letter's origin. No pixels where it has no ink.
ColourLetter drawn(PangoFont* font, PangoGlyph glyph, double pixelsPerUnit) {
    ColourLetter out;
    PangoRectangle ink;
    pango_font_get_glyph_extents(font, glyph, &ink, nullptr);
    const auto down = [&](int units) { return std::floor(units * pixelsPerUnit / PANGO_SCALE) - 1; };
    const auto up = [&](int units) { return std::ceil(units * pixelsPerUnit / PANGO_SCALE) + 1; };
    const double left = down(ink.x), top = down(ink.y);
    const Size size{static_cast<int>(up(ink.x + ink.width) - left),
                    static_cast<int>(up(ink.y + ink.height) - top)};
    if (ink.width <= 0 || ink.height <= 0 || size.width > 4096 || size.height > 4096)
        return out;
    out.size = size;
    out.at = {left / pixelsPerUnit, top / pixelsPerUnit, size.width / pixelsPerUnit,
              size.height / pixelsPerUnit};
    auto pixels =
        std::make_shared<std::vector<std::uint32_t>>(static_cast<std::size_t>(size.width) * size.height);
    const auto surface = asSurface(*pixels, size);
    const CairoPtr cairo(cairo_create(surface.get()), cairo_destroy);
    cairo_translate(cairo.get(), -left, -top);
    cairo_scale(cairo.get(), pixelsPerUnit, pixelsPerUnit);
    PangoGlyphInfo info{};
    info.glyph = glyph;
    PangoGlyphString one{};
    one.num_glyphs = 1;
    one.glyphs = &info;
    pango_cairo_show_glyph_string(cairo.get(), font, &one);
    cairo_surface_flush(surface.get());
    out.pixels = std::move(pixels);
    return out;
}

} // namespace

CairoSurfacePtr asSurface(const std::vector<std::uint32_t>& argb, Size size) {
    // cairo takes no pixels that it may only read; as a source it does not write them.
    auto* data = const_cast<unsigned char*>(reinterpret_cast<const unsigned char*>(argb.data()));
    return {cairo_image_surface_create_for_data(data, CAIRO_FORMAT_ARGB32, size.width, size.height,
                                                size.width * 4),
            cairo_surface_destroy};
}

bool hasOwnColours(PangoFont* font) {
    FcBool colours = FcFalse;
    return PANGO_IS_FC_FONT(font) &&
           FcPatternGetBool(pango_fc_font_get_pattern(PANGO_FC_FONT(font)), FC_COLOR, 0, &colours) ==
               FcResultMatch &&
           colours;
}

std::vector<ColourLetter> colourLetters(const PangoGlyphItem& run, double size, Point origin) {
    std::vector<ColourLetter> out;
    auto* font = run.item->analysis.font;
    const double pixelsPerUnit = pixelsPerEm(font) / size;
    std::map<PangoGlyph, ColourLetter> known;
    double x = origin.x;
    for (int i = 0; i < run.glyphs->num_glyphs; ++i) {
        const auto& info = run.glyphs->glyphs[i];
        const bool shown = info.glyph != PANGO_GLYPH_EMPTY && !(info.glyph & PANGO_GLYPH_UNKNOWN_FLAG);
        if (shown) {
            auto [found, isNew] = known.try_emplace(info.glyph);
            if (isNew)
                found->second = drawn(font, info.glyph, pixelsPerUnit);
            if (auto letter = found->second; letter.pixels) {
                letter.at.x += x + static_cast<double>(info.geometry.x_offset) / PANGO_SCALE;
                letter.at.y += origin.y + static_cast<double>(info.geometry.y_offset) / PANGO_SCALE;
                out.push_back(std::move(letter));
            }
        }
        x += static_cast<double>(info.geometry.width) / PANGO_SCALE;
    }
    return out;
}

} // namespace keepseal
