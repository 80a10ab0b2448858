// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A decided seal mixed into a picture's pixels, and what it is worth there. Internal to seal/; draw.h is what
// others use.
#pragma once

#include "seal/draw.h"
#include "seal/paint.h"

namespace keepseal {

/// Mark and relief as one: what there is to be seen.
Layer inkOf(const SealLayers& layers, double opacityPercent);

struct SealWorth {
    double ratio = 0; ///< see readability.h, or seen.h where that counts; 0: nothing was drawn
    double gap = 0;   ///< in lightness as seen, 0 to 100; the ratio's own order where that counts
};

/// Where a seal shows, in whole pixels of the frame.
Rect reachIn(const PreparedSeal& seal, const SealPlacement& placement, const Frame& frame);

/// Mixes everything in `reach` in. `out` holds the frame's pixels from `origin` on. `painter`: of the same
/// seal, placement and version().
SealWorth putSeal(const PreparedSeal& seal, Frame& out, const Rect& reach, const SealPlacement& placement,
                  const SealDecision& decision, SealPainter& painter, int originX = 0, int originY = 0);
inline SealVersion versionOf(const SealDecision& decision) {
    return {decision.dark, decision.halo, decision.plate};
}

} // namespace keepseal
