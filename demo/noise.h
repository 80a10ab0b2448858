// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Seeded noise: the same numbers on every machine.
#pragma once

#include <cstdint>

namespace demo {

/// A small fast generator (PCG-XSH-RR); one per picture, seeded by its name.
class Random {
public:
    explicit Random(std::uint64_t seed) : m_state(seed * 6364136223846793005ULL + 1442695040888963407ULL) {
        next();
    }
    std::uint32_t next();
    float unit() { return static_cast<float>(next() >> 8) * (1.0F / 16777216.0F); } ///< 0 to 1
    float range(float from, float to) { return from + (to - from) * unit(); }
    float normal(); ///< mean 0, deviation 1
private:
    std::uint64_t m_state;
};

/// Smooth noise, 0 to 1, one wave a unit.
float noise(float x, float y, std::uint32_t seed);
/// Octaves of it, 0 to 1; each twice as fine and `gain` as strong.
float fbm(float x, float y, int octaves, std::uint32_t seed, float gain = 0.5F);
float smoothstep(float from, float to, float x);
inline float mix(float a, float b, float t) {
    return a + (b - a) * t;
}
inline float clamp01(float x) {
    return x < 0 ? 0 : x > 1 ? 1 : x;
}

} // namespace demo
