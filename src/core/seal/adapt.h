// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a seal does by itself to be read on one picture, in the least that does it: its other version, and,
// in the order the design says, a halo, more strength, a plate. Internal to seal/.
#pragma once

#include "seal/paintings.h"
#include "seal/put.h"

#include <optional>

namespace keepseal {

/// A decision carried out on a copy of what lies under the seal.
struct SealTrial {
    SealDecision decision;
    Rect reach;
    Frame part;
    SealWorth worth;
};

/// Changes `decision`, whose place is decided. Returns the trial that is the finished seal already, if any.
std::optional<SealTrial> adaptSeal(const PreparedSeal& seal, const Frame& frame,
                                   const SealException* exception, SealDecision& decision,
                                   SealPaintings& paintings);

} // namespace keepseal
