// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A placed seal as pixels: what lies under the mark (strip, plate, shadow, halo, outline), the mark itself,
// and the relief on it. Internal to seal/; draw.h joins it with the picture.
#pragma once

#include "seal/arrange.h"
#include "seal/mix.h"

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
/// The pixels of `area`, which may be any part of the frame.
SealLayers paintSeal(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                     const Rect& area);

} // namespace keepseal
