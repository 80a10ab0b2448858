// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/anchor.h"

namespace keepseal {
namespace {

/// `step` is 0 at the start of the axis, 1 in its middle, 2 at its end.
double along(double start, double length, double box, int step, double margin) {
    if (step == 0)
        return start + margin;
    if (step == 1)
        return start + (length - box) / 2;
    return start + length - box - margin;
}

} // namespace

Point anchored(const Rect& frame, double boxWidth, double boxHeight, Anchor anchor, double margin) {
    const int index = static_cast<int>(anchor);
    return {along(frame.x, frame.width, boxWidth, index % 3, margin),
            along(frame.y, frame.height, boxHeight, index / 3, margin)};
}

} // namespace keepseal
