// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Glow and shadow as they were made last, known by what they are made from: trials of one seal, the steps of
// a slider and pictures alike ask for the same again and again. Internal to seal/.
#pragma once

#include "seal/effects.h"

#include <memory>

namespace keepseal {

using MaskPtr = std::shared_ptr<const Mask>;

/// `opaque` grown and blurred. Lengths in pixels. For all threads.
MaskPtr glowOf(const Mask& opaque, double spreadBy, double softness);
/// `opaque` moved and blurred.
MaskPtr shadowOf(const Mask& opaque, double dx, double dy, double softness);

} // namespace keepseal
