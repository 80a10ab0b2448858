// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels on their way through the chain.
#pragma once

#include "geometry/size.h"

#include <cstdint>
#include <vector>

namespace keepseal {

/// 8 bits a channel, sRGB (IEC 61966-2-1) encoded, R G B interleaved, rows without padding, top row first.
struct Frame {
    Size size;
    std::vector<std::uint8_t> rgb;
    Rect picture;     ///< where the picture proper lies; borders lie around it
    double scale = 1; ///< its size against the copy's: 1 for a copy, less for a proof

    std::uint8_t* row(int y) { return rgb.data() + static_cast<std::size_t>(y) * size.width * 3; }
    const std::uint8_t* row(int y) const { return rgb.data() + static_cast<std::size_t>(y) * size.width * 3; }
};

} // namespace keepseal
