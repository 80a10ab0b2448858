// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying a seal out on a picture and drawing it: the only code that does, for proofs and copies alike.
#pragma once

#include "picture/frame.h"
#include "seal/design.h"

namespace keepseal {

/// Where the ink of a seal lies, in fractional pixels of the frame.
struct SealBox {
    double x = 0, y = 0, width = 0, height = 0;
    double fontPixels = 0;     ///< the type size in pixels as drawn
    bool madeSmaller = false;  ///< the designed size did not fit between the margins
    int missingCharacters = 0; ///< characters no shipped typeface has
    bool empty() const { return width <= 0 || height <= 0; }
};

/// Pure layout against the picture proper; draws nothing. A seal always fits between the margins.
SealBox layoutSeal(const SealDesign& design, const Rect& picture);

/// Blends the seal into `frame` (sRGB values, "normal" mixing: result = c*a + p*(1-a)); touches only the
/// seal's own rectangle.
SealBox drawSeal(const SealDesign& design, Frame& frame);

} // namespace keepseal
