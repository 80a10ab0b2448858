// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/letters.h"

#include "text/fonts.h"

#include <pango/pangocairo.h>

namespace keepseal {
namespace {

PangoWeight weightOf(SealWeight weight) {
    constexpr PangoWeight weights[] = {PANGO_WEIGHT_LIGHT, PANGO_WEIGHT_NORMAL, PANGO_WEIGHT_MEDIUM,
                                       PANGO_WEIGHT_SEMIBOLD, PANGO_WEIGHT_BOLD};
    return weights[static_cast<std::size_t>(weight)];
}

void setAttributes(PangoLayout* layout, const TextPart& part, double size) {
    PangoAttrList* list = pango_attr_list_new();
    pango_attr_list_insert(list, pango_attr_letter_spacing_new(static_cast<int>(
                                     std::lround(size * part.letterSpacing / 100 * PANGO_SCALE))));
    pango_attr_list_insert(list, pango_attr_line_height_new_absolute(static_cast<int>(
                                     std::lround(size * part.lineHeight / 100 * PANGO_SCALE))));
    if (part.capitals == Capitals::All)
        pango_attr_list_insert(list, pango_attr_text_transform_new(PANGO_TEXT_TRANSFORM_UPPERCASE));
    if (part.capitals == Capitals::Small)
        pango_attr_list_insert(list, pango_attr_variant_new(PANGO_VARIANT_SMALL_CAPS));
    pango_layout_set_attributes(layout, list);
    pango_attr_list_unref(list);
}

using FontDescription = std::unique_ptr<PangoFontDescription, decltype(&pango_font_description_free)>;

FontDescription describeLetters(const TextPart& part, double size) {
    FontDescription font(pango_font_description_new(), pango_font_description_free);
    pango_font_description_set_family(font.get(), part.family.c_str());
    pango_font_description_set_weight(font.get(), weightOf(part.weight));
    pango_font_description_set_style(font.get(), part.italic ? PANGO_STYLE_ITALIC : PANGO_STYLE_NORMAL);
    pango_font_description_set_absolute_size(font.get(), size * PANGO_SCALE);
    return font;
}

double heightOfX(const TextPart& part, double size) {
    const auto layout = newLayout();
    const auto font = describeLetters(part, size);
    pango_layout_set_font_description(layout.get(), font.get());
    const bool capitals = part.capitals == Capitals::All;
    pango_layout_set_text(layout.get(), capitals ? "X" : "x", -1);
    PangoRectangle ink;
    pango_layout_get_extents(layout.get(), &ink, nullptr);
    return static_cast<double>(ink.height) / PANGO_SCALE;
}

/// The outlines of all letters but those in colours of their own, which are set beside them.
void lettersOf(cairo_t* cairo, PangoLayout* layout, double size, Outline& out) {
    using Runs = std::unique_ptr<PangoLayoutIter, decltype(&pango_layout_iter_free)>;
    const Runs runs(pango_layout_get_iter(layout), pango_layout_iter_free);
    std::vector<std::pair<const PangoGlyphItem*, Point>> plain;
    do {
        const auto* run = pango_layout_iter_get_run_readonly(runs.get());
        if (!run)
            continue; // the end of a line
        PangoRectangle set;
        pango_layout_iter_get_run_extents(runs.get(), nullptr, &set);
        const Point origin{static_cast<double>(set.x) / PANGO_SCALE,
                           static_cast<double>(pango_layout_iter_get_run_baseline(runs.get())) / PANGO_SCALE};
        if (!hasOwnColours(run->item->analysis.font)) {
            plain.emplace_back(run, origin);
            continue;
        }
        auto letters = colourLetters(*run, size, origin);
        out.coloured.insert(out.coloured.end(), letters.begin(), letters.end());
    } while (pango_layout_iter_next_run(runs.get()));
    if (out.coloured.empty())
        return pango_cairo_layout_path(cairo, layout);
    for (const auto& [run, origin] : plain) {
        cairo_move_to(cairo, origin.x, origin.y);
        pango_cairo_glyph_string_path(cairo, run->item->analysis.font, run->glyphs);
    }
}

} // namespace

CairoPtr pathContext() {
    const CairoSurfacePtr surface(cairo_recording_surface_create(CAIRO_CONTENT_ALPHA, nullptr),
                                  cairo_surface_destroy);
    CairoPtr cairo(cairo_create(surface.get()), cairo_destroy);
    cairo_scale(cairo.get(), 16, 16); // paths are kept in whole 256ths: of a sixteenth of a unit
    return cairo;
}

Box pathExtents(cairo_t* cairo, double lineWidth) {
    double x1 = 0, y1 = 0, x2 = 0, y2 = 0;
    cairo_path_extents(cairo, &x1, &y1, &x2, &y2);
    const Box box{x1, y1, x2 - x1, y2 - y1};
    return box.empty() ? box : box.grown(lineWidth / 2);
}

Outline textOutline(const TextPart& part, double size, const std::string& words) {
    Outline out;
    const auto layout = newLayout();
    const auto font = describeLetters(part, size);
    pango_layout_set_font_description(layout.get(), font.get());
    constexpr PangoAlignment alignments[] = {PANGO_ALIGN_LEFT, PANGO_ALIGN_CENTER, PANGO_ALIGN_RIGHT};
    pango_layout_set_alignment(layout.get(), alignments[static_cast<std::size_t>(part.align)]);
    // "Left" stays left for writing that runs from right to left as well: it is the designer's choice.
    pango_layout_set_auto_dir(layout.get(), TRUE);
    pango_layout_set_text(layout.get(), words.data(), static_cast<int>(words.size()));
    setAttributes(layout.get(), part, size);
    out.missingCharacters = pango_layout_get_unknown_glyphs_count(layout.get());
    const auto cairo = pathContext();
    lettersOf(cairo.get(), layout.get(), size, out);
    out.lineWidth = size * part.outlineOnly / 100;
    out.ink = pathExtents(cairo.get(), out.lineWidth);
    out.hasLetters = !out.ink.empty();
    for (const auto& letter : out.coloured)
        out.ink = united(out.ink, letter.at);
    out.path.reset(cairo_copy_path(cairo.get()));
    out.xHeight = heightOfX(part, size);
    PangoRectangle set;
    pango_layout_get_extents(layout.get(), nullptr, &set);
    out.advance = static_cast<double>(set.width) / PANGO_SCALE;
    out.ascent = static_cast<double>(pango_layout_get_baseline(layout.get())) / PANGO_SCALE;
    return out;
}

void appendPath(cairo_t* cairo, const Path& path) {
    cairo_new_sub_path(cairo);
    cairo_append_path(cairo, path.get());
}

} // namespace keepseal
