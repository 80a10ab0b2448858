// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Sharpening by the difference to a Gaussian blur. Internal to finish/.
#pragma once

#include "finish/finish.h"
#include "finish/sharp_places.h"

namespace keepseal {

/// The radius is in pixels of the copy; a proof takes as much of it as its size.
/// `places`: where it is to keep to; null: everywhere.
void sharpen(const FinishSettings& settings, Frame& frame, const SharpPlaces* places = nullptr);

} // namespace keepseal
