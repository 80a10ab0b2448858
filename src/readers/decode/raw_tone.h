// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From linear light to the numbers of opRGB, as bright as it is meant to be, without a curve of taste.
// Internal to the readers.
#pragma once

#include <cstdint>
#include <span>

namespace keepseal {

/// `exposure`: what linear light is multiplied by. What is then above the knee is rolled off so that the
/// brightest that there can be is just white: all three channels by one factor, so that colours keep their
/// hue. In place; `channels` samples a pixel (1 or 3).
void developTone(std::span<std::uint16_t> samples, int channels, double exposure);

} // namespace keepseal
