// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How much of what a coder gave up can be seen: SSIMULACRA 2 (version 2.1 of April 2023, Jon Sneyers;
// published with its reference program by the JPEG XL project under a BSD licence, from which formulas and
// weights are taken). Compared in the colours XYB, at six scales, by structure and by edges that came or
// went.
#pragma once

#include "picture/frame.h"

namespace keepseal {

/// Two pictures in linear light, 32 bits a channel, their halves, and a frame of each.
inline constexpr int kLossBytesPerPixel = 40;

/// 100: nothing; 90: not seen even when one picture flickers to the other; 70: high quality; 50: medium; it
/// may fall below 0. Both frames: sRGB (another space is converted, and what lies outside is cut off), of the
/// same size. Where one is transparent in parts, the worse of what is seen on dark and on bright ground.
/// Holds kLossBytesPerPixel meanwhile. Throws std::logic_error when the sizes differ.
double visibleLossScore(const Frame& before, const Frame& after);

/// The differences themselves, for an eye: grey where there are none, each channel away from it by `times`
/// the difference. 8 bits, sRGB, opaque.
Frame differenceSeen(const Frame& before, const Frame& after, int times);

} // namespace keepseal
