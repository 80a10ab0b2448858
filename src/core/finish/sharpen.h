// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Sharpening by the difference to a Gaussian blur. Internal to finish/.
#pragma once

#include "finish/finish.h"

namespace keepseal {

/// The radius is in pixels of the copy; a proof takes as much of it as its size.
void sharpen(const FinishSettings& settings, Frame& frame);

} // namespace keepseal
