// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/draw.h"

#include "seal/fonts.h"

#include <cairo.h>
#include <pango/pangocairo.h>

#include <cmath>
#include <memory>

namespace keepseal {
namespace {

/// Text is set once at this size and enlarged as outlines, so every size has the same shape to the fraction.
constexpr double kSetSize = 100;

const char* familyOf(SealFace face) {
    switch (face) {
    case SealFace::Sans:
        return "Inter";
    case SealFace::Serif:
        return "EB Garamond";
    case SealFace::Script:
        return "Dancing Script";
    }
    return "Inter";
}

PangoAlignment alignmentOf(Anchor anchor) {
    constexpr PangoAlignment columns[] = {PANGO_ALIGN_LEFT, PANGO_ALIGN_CENTER, PANGO_ALIGN_RIGHT};
    return columns[static_cast<int>(anchor) % 3];
}

GObjectPtr<PangoLayout> setText(const SealDesign& design) {
    auto layout = newLayout();
    const std::unique_ptr<PangoFontDescription, decltype(&pango_font_description_free)> font(
        pango_font_description_new(), pango_font_description_free);
    pango_font_description_set_family_static(font.get(), familyOf(design.face));
    pango_font_description_set_weight(font.get(), design.weight == SealWeight::Bold ? PANGO_WEIGHT_BOLD
                                                                                    : PANGO_WEIGHT_NORMAL);
    pango_font_description_set_absolute_size(font.get(), kSetSize * PANGO_SCALE);
    pango_layout_set_font_description(layout.get(), font.get());
    pango_layout_set_alignment(layout.get(), alignmentOf(design.anchor));
    pango_layout_set_text(layout.get(), design.text.data(), static_cast<int>(design.text.size()));
    return layout;
}

struct SetSeal {
    GObjectPtr<PangoLayout> layout;
    double inkX = 0, inkY = 0; ///< of the ink, in units of the set size
    double scale = 1;          ///< from set size to the frame
    SealBox box;
};

SetSeal setSeal(const SealDesign& design, const Rect& picture) {
    SetSeal set;
    set.layout = setText(design);
    PangoRectangle ink;
    pango_layout_get_extents(set.layout.get(), &ink, nullptr);
    set.inkX = static_cast<double>(ink.x) / PANGO_SCALE;
    set.inkY = static_cast<double>(ink.y) / PANGO_SCALE;
    const double inkWidth = static_cast<double>(ink.width) / PANGO_SCALE;
    const double inkHeight = static_cast<double>(ink.height) / PANGO_SCALE;
    if (inkWidth <= 0 || inkHeight <= 0)
        return set;

    const double shortSide = std::min(picture.width, picture.height);
    const double margin = shortSide * design.marginOfShortSide / 100;
    const double designed = shortSide * design.sizeOfShortSide / 100 / kSetSize;
    const double roomiest =
        std::min((picture.width - 2 * margin) / inkWidth, (picture.height - 2 * margin) / inkHeight);
    set.scale = std::min(designed, roomiest);
    set.box.madeSmaller = roomiest < designed;
    set.box.missingCharacters = pango_layout_get_unknown_glyphs_count(set.layout.get());
    set.box.fontPixels = set.scale * kSetSize;
    set.box.width = inkWidth * set.scale;
    set.box.height = inkHeight * set.scale;
    const auto at = anchored(picture, set.box.width, set.box.height, design.anchor, margin);
    set.box.x = at.x, set.box.y = at.y;
    return set;
}

using Surface = std::unique_ptr<cairo_surface_t, decltype(&cairo_surface_destroy)>;

/// How much of each pixel of `area` the letters cover, 0 to 255.
Surface coverage(const SetSeal& set, const Rect& area) {
    Surface surface(cairo_image_surface_create(CAIRO_FORMAT_A8, area.width, area.height),
                    cairo_surface_destroy);
    const std::unique_ptr<cairo_t, decltype(&cairo_destroy)> cairo(cairo_create(surface.get()),
                                                                   cairo_destroy);
    cairo_set_antialias(cairo.get(), CAIRO_ANTIALIAS_BEST);
    cairo_translate(cairo.get(), set.box.x - area.x, set.box.y - area.y);
    cairo_scale(cairo.get(), set.scale, set.scale);
    cairo_translate(cairo.get(), -set.inkX, -set.inkY);
    pango_cairo_layout_path(cairo.get(), set.layout.get());
    cairo_fill(cairo.get());
    cairo_surface_flush(surface.get());
    return surface;
}

Rect pixelsAround(const SealBox& box) {
    const int left = static_cast<int>(std::floor(box.x)) - 1, top = static_cast<int>(std::floor(box.y)) - 1;
    const int right = static_cast<int>(std::ceil(box.x + box.width)) + 1;
    const int bottom = static_cast<int>(std::ceil(box.y + box.height)) + 1;
    return {left, top, right - left, bottom - top};
}

void blend(Frame& frame, const Rect& area, cairo_surface_t* mask, Rgb colour, double opacityPercent) {
    const unsigned opacity = static_cast<unsigned>(std::lround(opacityPercent * 2.55));
    const unsigned ink[3] = {colour.r, colour.g, colour.b};
    const unsigned char* coverageRow = cairo_image_surface_get_data(mask);
    const int stride = cairo_image_surface_get_stride(mask);
    for (int y = 0; y < area.height; ++y, coverageRow += stride) {
        std::uint8_t* pixel = frame.row(area.y + y) + static_cast<std::size_t>(area.x) * 3;
        for (int x = 0; x < area.width; ++x, pixel += 3) {
            const unsigned alpha = coverageRow[x] * opacity; // up to 255 * 255
            if (alpha == 0)
                continue;
            for (int c = 0; c < 3; ++c)
                pixel[c] =
                    static_cast<std::uint8_t>((pixel[c] * (65025 - alpha) + ink[c] * alpha + 32512) / 65025);
        }
    }
}

} // namespace

SealBox layoutSeal(const SealDesign& design, const Rect& picture) {
    return design.on && !picture.empty() ? setSeal(design, picture).box : SealBox{};
}

SealBox drawSeal(const SealDesign& design, Frame& frame) {
    if (!design.on || frame.picture.empty())
        return {};
    const SetSeal set = setSeal(design, frame.picture);
    const Rect area = intersection(pixelsAround(set.box), {0, 0, frame.size.width, frame.size.height});
    if (set.box.empty() || area.empty())
        return set.box;
    const auto mask = coverage(set, area);
    blend(frame, area, mask.get(), design.colour, design.opacity);
    return set.box;
}

} // namespace keepseal
