// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Fitting a picture to a wanted size: pure arithmetic.
#pragma once

#include "geometry/size.h"

namespace keepseal {

/// The size with `longSide` pixels on the long side and the same shape; never larger than `original`.
/// The short side is rounded to the nearest pixel and is at least 1.
Size fitLongSide(Size original, int longSide);

/// The largest size of `original`'s shape inside `box`, enlarging where needed; at least 1 x 1.
Size fitInside(Size original, Size box);

/// The largest shrink of 1, 2, 4, 8 (the DCT scales of a JPEG decoder) that still leaves at least `target`.
int decodeShrink(Size stored, Size target);

} // namespace keepseal
