// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Finish: tone, sharpness and grain of the picture at its final size. Everything works on encoded values (the
// numbers in the file) of any RGB profile, at 8 or 16 bits. In this order: levels, brightness, contrast,
// grey, sharpening, grain.
#pragma once

#include "picture/develop.h"

namespace keepseal {

struct FinishSettings {
    Resampling resampling = Resampling::Crisp;
    bool linearLight = false; ///< of the resampling
    bool sharpen = true;
    double amount = 40;   ///< percent of the difference to the blurred picture
    double radius = 0.6;  ///< pixels of the copy: the blur's standard deviation
    double threshold = 2; ///< of 255 levels: smaller differences are left alone
    bool onlyLuminance = true;
    double brightSide = 100, darkSide = 100; ///< percent: how much of each side of an edge is kept
    double texture = 0; ///< percent: fine detail of about a pixel, in the middle tones, brought back
    bool onlySharp =
        false; ///< sharpening, texture and grain only where there is something sharp, see sharp_places.h
    bool protect = true; ///< fades out in the highlights and deepest shadows, and limits the halo
    bool grain = false;
    double grainAmount = 20; ///< percent; 100 is a standard deviation of 40 of 255 levels in the middle tones
    double grainSize = 1.5;  ///< pixels of the copy
    bool grainMono = true;
    bool grey = false;
    double greyRed = 30, greyGreen = 59, greyBlue = 11; ///< shares, of their sum
    bool levels = false;
    double levelsStrength = 100;         ///< percent of the way to the whole range
    double levelsClip = 0.2;             ///< percent of the pixels at each end that may be lost
    double brightness = 0, contrast = 0; ///< -100 to 100
    bool operator==(const FinishSettings&) const = default;
};

struct FinishFacts {
    bool resized = true;    ///< the picture has not its own pixels any more: only then it is sharpened
    std::uint64_t seed = 0; ///< of the grain; the same picture has the same one
};

/// Sharpening never moves a value by more than this, of 255 levels, while it protects.
inline constexpr double kMostSharpening = 26;

/// Whether any pixel of any picture may change.
bool changesPixels(const FinishSettings& settings, const FinishFacts& facts);
/// Changes the pixels of `frame` that belong to its picture; the frame has no border yet.
void applyFinish(const FinishSettings& settings, const FinishFacts& facts, Frame& frame);

/// The tone curve of levels, brightness and contrast: from 0..1 to 0..1. `black` and `white` are where the
/// levels begin and end.
double toneOf(const FinishSettings& settings, double value, double black, double white);
/// Where levels would begin and end for this picture (0 to 1), the clip limit left out at each end.
struct LevelEnds {
    double black = 0, white = 1;
};
LevelEnds levelEnds(const Frame& frame, double clipPercent);

} // namespace keepseal
