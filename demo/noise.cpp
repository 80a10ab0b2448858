// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "noise.h"

#include <cmath>
#include <vector>

namespace demo {
namespace {

constexpr int kSide = 256;

/// Random heights on a grid that repeats far outside any picture; a table, because noise is most of the
/// painting.
const std::vector<float>& heights() {
    static const std::vector<float> table = [] {
        std::vector<float> made(kSide * kSide);
        Random random(20260509);
        for (auto& height : made)
            height = random.unit();
        return made;
    }();
    return table;
}

int floorOf(float v) {
    const int cut = static_cast<int>(v);
    return v < static_cast<float>(cut) ? cut - 1 : cut;
}

} // namespace

std::uint32_t Random::next() {
    const auto old = m_state;
    m_state = old * 6364136223846793005ULL + 1442695040888963407ULL;
    const auto shifted = static_cast<std::uint32_t>(((old >> 18U) ^ old) >> 27U);
    const auto turn = static_cast<std::uint32_t>(old >> 59U);
    return (shifted >> turn) | (shifted << ((32U - turn) & 31U));
}

float Random::normal() {
    const float a = unit() + 1e-7F, b = unit();
    return std::sqrt(-2.0F * std::log(a)) * std::cos(6.2831853F * b);
}

float noise(float x, float y, std::uint32_t seed) {
    static const float* table = heights().data();
    const int ix = floorOf(x), iy = floorOf(y);
    float tx = x - static_cast<float>(ix), ty = y - static_cast<float>(iy);
    tx = tx * tx * (3 - 2 * tx);
    ty = ty * ty * (3 - 2 * ty);
    const auto column = [&](int k) {
        return (static_cast<std::uint32_t>(ix + k) + seed * 71U) & (kSide - 1);
    };
    const auto row = [&](int k) {
        return ((static_cast<std::uint32_t>(iy + k) + seed * 113U + (seed >> 3U)) & (kSide - 1)) * kSide;
    };
    const float top = mix(table[row(0) + column(0)], table[row(0) + column(1)], tx);
    const float bottom = mix(table[row(1) + column(0)], table[row(1) + column(1)], tx);
    return mix(top, bottom, ty);
}

float fbm(float x, float y, int octaves, std::uint32_t seed, float gain) {
    float sum = 0, weight = 1, total = 0;
    for (int i = 0; i < octaves; ++i) {
        sum += weight * noise(x, y, seed + static_cast<std::uint32_t>(i) * 101U);
        total += weight;
        weight *= gain;
        const float nx = 1.6F * x + 1.2F * y; // turned a little at each octave, so that no grid shows
        y = -1.2F * x + 1.6F * y;
        x = nx;
    }
    return sum / total;
}

float smoothstep(float from, float to, float x) {
    const float t = clamp01((x - from) / (to - from));
    return t * t * (3 - 2 * t);
}

} // namespace demo
