// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The nine places of a mark on a picture.
#pragma once

#include "geometry/size.h"

namespace keepseal {

enum class Anchor { TopLeft, Top, TopRight, Left, Centre, Right, BottomLeft, Bottom, BottomRight };

/// In fractional pixels, or whatever the user of it says.
struct Point {
    double x = 0, y = 0;
    bool operator==(const Point&) const = default;
};

/// Where a box of `boxWidth` x `boxHeight` pixels goes inside `frame`, `margin` pixels from the edges the
/// anchor touches. Centred along the axes it does not touch.
Point anchored(const Rect& frame, double boxWidth, double boxHeight, Anchor anchor, double margin);

} // namespace keepseal
