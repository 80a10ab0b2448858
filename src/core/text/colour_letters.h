// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Letters whose typeface draws them in colours of its own (emoji): pictures, not outlines. Internal to text/
// but for what letters.h hands on.
#pragma once

#include "geometry/affine.h"
#include "geometry/size.h"

#include <cairo.h>
#include <pango/pango.h>

#include <cstdint>
#include <memory>
#include <vector>

namespace keepseal {

struct ColourLetter {
    /// Premultiplied, 0xAARRGGBB, rows without padding; shared by equal letters.
    std::shared_ptr<const std::vector<std::uint32_t>> pixels;
    Size size; ///< of `pixels`: as many as the typeface has, or 256 to the em
    Box at;    ///< where they go, in the outline's units
};

using CairoPtr = std::unique_ptr<cairo_t, decltype(&cairo_destroy)>;
using CairoSurfacePtr = std::unique_ptr<cairo_surface_t, decltype(&cairo_surface_destroy)>;
/// These pixels, to paint with; they outlive it. Each thread makes its own: cairo's are not safe to share.
CairoSurfacePtr asSurface(const std::vector<std::uint32_t>& argb, Size size);

bool hasOwnColours(PangoFont* font);
/// The letters of a run set at a type size of `size`, its first letter's origin there.
std::vector<ColourLetter> colourLetters(const PangoGlyphItem& run, double size, Point origin);

} // namespace keepseal
