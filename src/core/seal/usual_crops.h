// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The crops that pictures meet: 5 to 30 % off one side, and the usual ratios from the middle.
#pragma once

#include "geometry/affine.h"

#include <string>
#include <vector>

namespace keepseal {

struct UsualCrop {
    std::string name; ///< "15 % off the foot", "1:1"
    Box kept;         ///< in shares of the picture
};

/// `shape`: width to height.
std::vector<UsualCrop> usualCrops(double shape);

} // namespace keepseal
