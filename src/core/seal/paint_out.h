// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Filling a part of a picture from what lies around it, and how visible that is. 8-bit sRGB frames only.
#pragma once

#include "seal/effects.h"

namespace keepseal {

enum class PaintOut { FastMarching, NavierStokes };

/// Fills the pixels of `frame` where `mask` (of the frame's size) is above 0; see trial/trial.h for the
/// sources.
Frame paintedOutBy(PaintOut method, const Frame& frame, const Mask& mask);
/// 1 where they differ by more than a step or two, grown by a pixel.
Mask changedPixels(const Frame& before, const Frame& after);
/// Mean of 1 - SSIM over the mask, from 0 (alike) to about 1, on luma.
double structureLost(const Frame& original, const Frame& repaired, const Mask& mask);

/// Half of that scale counts as full: 0 (the repair is not seen) to 100.
double repairSeen(const Frame& original, const Frame& repaired, const Mask& mask);

} // namespace keepseal
