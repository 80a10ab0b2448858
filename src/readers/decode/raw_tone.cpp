// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/raw_tone.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace keepseal {
namespace {

constexpr double kKnee = 0.8;
constexpr double kGamma = 563.0 / 256.0; ///< IEC 61966-2-5
constexpr int kFullScale = 65535;

/// Straight up to the knee; above it a hyperbola that begins with the same slope and ends at 1 for `most`.
double rolledOff(double light, double most) {
    if (light <= kKnee || most <= kKnee)
        return std::min(light, 1.0);
    const double slope = (most - kKnee) / (1 - kKnee), t = (light - kKnee) / (most - kKnee);
    return kKnee + (1 - kKnee) * slope * t / (1 + (slope - 1) * t);
}

} // namespace

void developTone(std::span<std::uint16_t> samples, int channels, double exposure) {
    const double most = std::max(exposure, 1.0);
    std::vector<float> factor(kFullScale + 1); // by the brightest channel
    std::vector<std::uint16_t> encoded(kFullScale + 1);
    for (int i = 0; i <= kFullScale; ++i) {
        const double light = static_cast<double>(i) / kFullScale;
        factor[static_cast<std::size_t>(i)] =
            static_cast<float>(i == 0 ? exposure : rolledOff(light * exposure, most) / light);
        encoded[static_cast<std::size_t>(i)] =
            static_cast<std::uint16_t>(std::lround(std::pow(light, 1 / kGamma) * kFullScale));
    }
    const auto count = static_cast<std::size_t>(channels);
    for (std::size_t i = 0; i + count <= samples.size(); i += count) {
        const auto pixel = samples.subspan(i, count);
        const float by = factor[*std::max_element(pixel.begin(), pixel.end())];
        for (auto& sample : pixel)
            sample = encoded[static_cast<std::size_t>(
                std::min(static_cast<float>(sample) * by + 0.5F, static_cast<float>(kFullScale)))];
    }
}

} // namespace keepseal
