// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "finish/finish.h"

#include "finish/sharpen.h"

#include <array>
#include <cmath>

namespace keepseal {
namespace {

bool changesTone(const FinishSettings& s) {
    return s.levels || s.brightness != 0 || s.contrast != 0;
}

template <class T>
std::vector<T> toneTable(const FinishSettings& settings, const LevelEnds& ends) {
    std::vector<T> out(static_cast<std::size_t>(kFull<T>) + 1);
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = static_cast<T>(std::lround(
            kFull<T> * toneOf(settings, static_cast<double>(i) / kFull<T>, ends.black, ends.white)));
    return out;
}

template <class T>
void applyTone(const FinishSettings& settings, Frame& frame) {
    const auto table = toneTable<T>(settings, levelEnds(frame, settings.levelsClip));
    auto* value = frame.rowOf<T>(0);
    for (std::int64_t i = 0; i < frame.size.pixels() * 3; ++i)
        value[i] = table[value[i]];
}

template <class T>
void applyGrey(const FinishSettings& s, Frame& frame) {
    const double sum = s.greyRed + s.greyGreen + s.greyBlue;
    const double part[3] = {sum > 0 ? s.greyRed / sum : 0, sum > 0 ? s.greyGreen / sum : 1,
                            sum > 0 ? s.greyBlue / sum : 0};
    auto* pixel = frame.rowOf<T>(0);
    for (std::int64_t i = 0; i < frame.size.pixels(); ++i, pixel += 3) {
        const double grey = part[0] * pixel[0] + part[1] * pixel[1] + part[2] * pixel[2];
        pixel[0] = pixel[1] = pixel[2] = static_cast<T>(std::lround(std::clamp<double>(grey, 0, kFull<T>)));
    }
}

/// Values about 0 with a standard deviation of about 1, on a lattice; the same for the same seed and place.
class GrainField {
public:
    GrainField(std::uint64_t seed, double size) : m_seed(seed), m_size(size) {}
    double at(double x, double y) const {
        x /= m_size, y /= m_size;
        const double left = std::floor(x), top = std::floor(y);
        const double fx = x - left, fy = y - top;
        const auto ix = static_cast<std::int64_t>(left), iy = static_cast<std::int64_t>(top);
        const double upper = node(ix, iy) * (1 - fx) + node(ix + 1, iy) * fx;
        const double lower = node(ix, iy + 1) * (1 - fx) + node(ix + 1, iy + 1) * fx;
        // Between the nodes a mean of four varies less; its own weights bring it back.
        const double spread = std::sqrt(((1 - fx) * (1 - fx) + fx * fx) * ((1 - fy) * (1 - fy) + fy * fy));
        return (upper * (1 - fy) + lower * fy) / spread;
    }

private:
    /// The sum of two even values: a triangle of standard deviation 1. Mixing after SplitMix64 (Steele, Lea
    /// and Flood, 2014).
    double node(std::int64_t x, std::int64_t y) const {
        std::uint64_t z =
            m_seed + 0x9E3779B97F4A7C15ULL * static_cast<std::uint64_t>(x * 73856093 + y * 19349663 + 1);
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9ULL;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EBULL;
        z ^= z >> 31;
        const double a = static_cast<double>(z & 0xFFFFFF) / 0x1000000;
        const double b = static_cast<double>(z >> 24 & 0xFFFFFF) / 0x1000000;
        return (a + b - 1) * std::sqrt(6.0);
    }
    std::uint64_t m_seed;
    double m_size;
};

/// A pixel of a proof stands for several of the copy: the mean of their grain.
double grainOver(const GrainField& field, int x, int y, double step, int samples) {
    double sum = 0;
    for (int j = 0; j < samples; ++j)
        for (int i = 0; i < samples; ++i)
            sum += field.at((x + (i + 0.5) / samples) * step, (y + (j + 0.5) / samples) * step);
    return sum / (samples * samples);
}

template <class T>
void applyGrain(const FinishSettings& s, std::uint64_t seed, Frame& frame, const SharpPlaces* places) {
    std::vector<float> here(static_cast<std::size_t>(frame.size.width), 1.0F);
    const double step = 1 / std::max(1e-3, frame.scale);
    const int samples = std::clamp(static_cast<int>(std::ceil(step / s.grainSize)), 1, 6);
    const double strength = s.grainAmount / 100 * 40.0 / 255 * kFull<T>;
    const GrainField fields[3] = {
        {seed, s.grainSize}, {seed ^ 0xA5A5A5A5ULL, s.grainSize}, {seed ^ 0x5A5A5A5AULL << 8, s.grainSize}};
    for (int y = 0; y < frame.size.height; ++y) {
        auto* pixel = frame.rowOf<T>(y);
        if (places)
            places->row(y, frame.size, here);
        for (int x = 0; x < frame.size.width; ++x, pixel += 3) {
            const double light = (0.2126 * pixel[0] + 0.7152 * pixel[1] + 0.0722 * pixel[2]) / kFull<T>;
            const double weight = strength * 4 * light * (1 - light) * // mainly the middle tones
                                  static_cast<double>(here[static_cast<std::size_t>(x)]);
            double grain = grainOver(fields[0], x, y, step, samples);
            for (int c = 0; c < 3; ++c) {
                if (c > 0 && !s.grainMono)
                    grain = grainOver(fields[c], x, y, step, samples);
                pixel[c] =
                    static_cast<T>(std::lround(std::clamp<double>(pixel[c] + weight * grain, 0, kFull<T>)));
            }
        }
    }
}

} // namespace

double toneOf(const FinishSettings& s, double value, double black, double white) {
    if (s.levels && white - black > 0.01) {
        const double stretched = std::clamp((value - black) / (white - black), 0.0, 1.0);
        value += (stretched - value) * s.levelsStrength / 100;
    }
    if (s.brightness != 0)
        value = std::pow(value, std::exp2(-s.brightness / 100));
    if (s.contrast > 0) { // towards the S of 3 v^2 - 2 v^3
        const double curved = value * value * (3 - 2 * value);
        value += (curved - value) * s.contrast / 100;
    } else if (s.contrast < 0)
        value = 0.5 + (value - 0.5) * (1 + s.contrast / 100 * 0.75);
    return std::clamp(value, 0.0, 1.0);
}

LevelEnds levelEnds(const Frame& frame, double clipPercent) {
    // A few hundred thousand pixels tell as much as all of them.
    const int step =
        std::max(1, static_cast<int>(std::sqrt(static_cast<double>(frame.size.pixels()) / 200'000)));
    std::array<std::int64_t, 256> counts{};
    std::int64_t total = 0;
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int y = step / 2; y < frame.size.height; y += step) {
            const auto* row = frame.rowOf<T>(y);
            for (int x = step / 2; x < frame.size.width; x += step, ++total) {
                const auto* p = row + static_cast<std::ptrdiff_t>(x) * 3;
                const double light = 0.2126 * p[0] + 0.7152 * p[1] + 0.0722 * p[2];
                ++counts[static_cast<std::size_t>(light * 255 / kFull<T> + 0.5)];
            }
        }
    });
    const auto mayLose = static_cast<std::int64_t>(static_cast<double>(total) * clipPercent / 100);
    std::size_t black = 0, white = 255;
    for (std::int64_t lost = counts[0]; lost <= mayLose && black < 255; lost += counts[++black]) {
    }
    for (std::int64_t lost = counts[255]; lost <= mayLose && white > 0; lost += counts[--white]) {
    }
    return black < white ? LevelEnds{static_cast<double>(black) / 255, static_cast<double>(white) / 255}
                         : LevelEnds{};
}

bool changesPixels(const FinishSettings& settings, const FinishFacts& facts) {
    return settings.grey || changesTone(settings) || (settings.sharpen && facts.resized) || settings.grain;
}

void applyFinish(const FinishSettings& settings, const FinishFacts& facts, Frame& frame) {
    if (frame.size.empty())
        return;
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        // The mix of greys first: levels are those of the picture that is seen.
        if (settings.grey)
            applyGrey<T>(settings, frame);
        if (changesTone(settings))
            applyTone<T>(settings, frame);
        const bool sharpens = settings.sharpen && facts.resized;
        std::optional<SharpPlaces> places;
        if (settings.onlySharp && (sharpens || settings.grain))
            places.emplace(frame);
        if (sharpens)
            sharpen(settings, frame, places ? &*places : nullptr);
        if (settings.grain)
            applyGrain<T>(settings, facts.seed, frame, places ? &*places : nullptr);
    });
}

} // namespace keepseal
