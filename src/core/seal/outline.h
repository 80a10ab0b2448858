// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Shapes as outlines in the seal's own units (100 = the unit). Internal to seal/.
#pragma once

#include "seal/part.h"
#include "text/letters.h"

namespace keepseal {

/// A shape in a box of this size with its top left corner at 0, 0.
Outline shapeOutline(const ShapePart& part, double width, double height);
/// A box with round corners; `roundness` in percent of half the shorter side.
Path roundedBox(const Box& box, double roundness);

} // namespace keepseal
