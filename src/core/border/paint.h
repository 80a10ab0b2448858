// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rectangles with round corners and fractional edges on a frame's pixels. Internal to border/.
#pragma once

#include "geometry/affine.h"
#include "picture/frame.h"

namespace keepseal {

struct RoundBox {
    Box box;
    double radius = 0;
    /// How much of that pixel lies inside, 0 to 1.
    double cover(int x, int y) const;
    /// The pixels of row `y` that lie inside whole: first and one past the last; empty when none do.
    std::pair<int, int> wholeSpan(int y) const;
};

/// What is laid down: a colour in sRGB, or nothing at all.
struct Ink {
    Rgb colour;
    bool transparent = false;
};

/// Lays `ink` over the frame where `outer` is, leaving alone what lies inside `inner` whole.
void paintBetween(Frame& frame, const RoundBox& outer, const RoundBox& inner, Ink ink);
/// The same, and what `inner` covers of a pixel in part is left as much alone: for rings over a picture.
void paintRing(Frame& frame, const RoundBox& outer, const RoundBox& inner, Ink ink);
/// Lays a picture's pixels over the frame, its top left corner there, as far as `shape` covers them.
void paintPicture(Frame& frame, const Frame& picture, int x, int y, const RoundBox& shape);
/// Keeps of the frame only what lies inside; the rest becomes transparent.
void keepInside(Frame& frame, const RoundBox& shape);
/// Darkens the inside of `shape` along its edge: by `strength` (0 to 1) at the edge, nothing `width` pixels
/// in.
void paintInnerShade(Frame& frame, const RoundBox& shape, double width, double strength);
/// Ink as strong as a mask of 8-bit coverage that begins at x, y.
void paintMask(Frame& frame, const std::uint8_t* mask, int stride, const Rect& area, Ink ink);

} // namespace keepseal
