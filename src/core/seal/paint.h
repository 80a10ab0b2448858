// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A placed seal as pixels: what lies under the mark (strip, plate, shadow, halo, outline), the mark itself,
// and the relief on it. Internal to seal/; draw.h joins it with the picture.
#pragma once

#include "seal/arrange.h"
#include "seal/mix.h"

using cairo_t = struct _cairo;

namespace keepseal {

struct SealLayers {
    Layer under, mark, relief; ///< under and relief are empty where nothing asks for them
};

struct SealVersion {
    bool dark = false;
    bool halo = false;
};

/// Where anything of the seal can show, in whole pixels of the frame.
Rect reachOf(const PreparedSeal& seal, const SealPlacement& placement);
/// Glow, shadow and outlines: how far they reach beyond the seal's box, in pixels.
double effectReach(const SealDesign& design, double unit);
/// Only the mark, on any surface of cairo's (as outlines, where that surface keeps them).
void paintMarkOn(cairo_t* cairo, const PreparedSeal& seal, const SealPlacement& placement,
                 SealVersion version);
/// The pixels of `area`, which may be any part of the frame.
SealLayers paintSeal(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                     const Rect& area);

} // namespace keepseal
