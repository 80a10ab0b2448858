// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/frame.h"

namespace keepseal {

/// All of a finished frame with fewer pixels, by Lanczos' kernel; `factor` over 0, at most 1. Depth, colours
/// and transparency stay. Throws Problem(Internal).
Frame smallerFrame(const Frame& frame, double factor);

} // namespace keepseal
