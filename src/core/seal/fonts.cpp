// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/fonts.h"

#include "base/assets.h"
#include "base/problem.h"

#include <fontconfig/fontconfig.h>
#include <pango/pangocairo.h>
#include <pango/pangofc-fontmap.h>

namespace keepseal {
namespace {

FcConfig* shippedFonts() {
    static FcConfig* config = [] {
        const auto folder = (assetsFolder() / "fonts").string();
        FcConfig* made = FcConfigCreate();
        // Only a cache folder: no system or user fonts, no substitution rules.
        static const char rules[] = "<fontconfig><cachedir prefix=\"xdg\">fontconfig</cachedir></fontconfig>";
        FcConfigParseAndLoadFromMemory(made, reinterpret_cast<const FcChar8*>(rules), FcFalse);
        if (!FcConfigAppFontAddDir(made, reinterpret_cast<const FcChar8*>(folder.c_str())))
            throw Problem(ProblemKind::NotFound, folder, "the shipped fonts can't be read",
                          "Install Keep Seal again");
        return made;
    }();
    return config;
}

} // namespace

GObjectPtr<PangoLayout> newLayout() {
    thread_local const GObjectPtr<PangoFontMap> fontMap = [] {
        GObjectPtr<PangoFontMap> made(pango_cairo_font_map_new_for_font_type(CAIRO_FONT_TYPE_FT));
        pango_fc_font_map_set_config(PANGO_FC_FONT_MAP(made.get()), shippedFonts());
        // Metrics in unrounded units: a layout at one size is the exact enlargement of another.
        pango_cairo_font_map_set_resolution(PANGO_CAIRO_FONT_MAP(made.get()), 72);
        return made;
    }();
    const GObjectPtr<PangoContext> context(pango_font_map_create_context(fontMap.get()));
    pango_context_set_round_glyph_positions(context.get(), FALSE);
    return GObjectPtr<PangoLayout>(pango_layout_new(context.get()));
}

} // namespace keepseal
