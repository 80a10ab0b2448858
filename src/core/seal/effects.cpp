// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/effects.h"

#include <cmath>
#include <numbers>

namespace keepseal {
namespace {

/// One box blur along a line of `count` values that lie `step` apart.
void boxLine(const float* from, float* to, int count, std::ptrdiff_t step, int radius) {
    const float scale = 1.0F / static_cast<float>(2 * radius + 1);
    double sum = 0;
    for (int i = 0; i < std::min(radius, count); ++i)
        sum += from[i * step];
    for (int i = 0; i < count; ++i) {
        if (i + radius < count)
            sum += from[(i + radius) * step];
        if (i - radius - 1 >= 0)
            sum -= from[(i - radius - 1) * step];
        to[i * step] = static_cast<float>(sum) * scale;
    }
}

/// The largest within `radius` along a line; each value is looked at twice, however large the radius is.
void maxLine(const float* from, float* to, int count, std::ptrdiff_t step, int radius) {
    std::vector<int> falling(
        static_cast<std::size_t>(count)); // positions of falling values: the first is the largest
    std::size_t first = 0, end = 0;
    int next = 0;
    for (int i = 0; i < count; ++i) {
        for (; next < count && next <= i + radius; ++next) {
            while (end > first && from[falling[end - 1] * step] <= from[next * step])
                --end;
            falling[end++] = next;
        }
        while (falling[first] < i - radius)
            ++first;
        to[i * step] = from[falling[first] * step];
    }
}

template <class Line>
void alongBothAxes(Mask& mask, int radius, Line line) {
    std::vector<float> other(mask.value.size());
    for (int y = 0; y < mask.height; ++y) {
        const auto at = static_cast<std::ptrdiff_t>(y) * mask.width;
        line(mask.value.data() + at, other.data() + at, mask.width, 1, radius);
    }
    for (int x = 0; x < mask.width; ++x)
        line(other.data() + x, mask.value.data() + x, mask.height, mask.width, radius);
}

/// Between whole-pixel radii the result is the mean of both, so that a proof and a copy change in step.
template <class Line>
void withFraction(Mask& mask, double radius, Line line) {
    const int whole = static_cast<int>(std::floor(radius));
    const auto part = static_cast<float>(radius - whole);
    Mask larger;
    if (part > 0.01F) {
        larger = mask;
        alongBothAxes(larger, whole + 1, line);
    }
    if (whole > 0)
        alongBothAxes(mask, whole, line);
    if (part > 0.01F)
        for (std::size_t i = 0; i < mask.value.size(); ++i)
            mask.value[i] += part * (larger.value[i] - mask.value[i]);
}

std::uint32_t channel(double value) {
    return static_cast<std::uint32_t>(std::lround(std::clamp(value, 0.0, 255.0)));
}

} // namespace

Mask opacityOf(const Layer& layer) {
    Mask out{layer.area.width, layer.area.height, std::vector<float>(layer.argb.size())};
    for (std::size_t i = 0; i < layer.argb.size(); ++i)
        out.value[i] = static_cast<float>(layer.argb[i] >> 24) / 255.0F;
    return out;
}

void blur(Mask& mask, double radius) {
    // Three boxes of half width r have the variance (r * r + r) together: r = sigma holds well enough here.
    const double sigma = radius / 2;
    const double half = (std::sqrt(1 + 4 * sigma * sigma) - 1) / 2;
    if (half < 0.05)
        return;
    for (int pass = 0; pass < 3; ++pass)
        withFraction(mask, half, boxLine);
}

void spread(Mask& mask, double radius) {
    if (radius > 0.05)
        withFraction(mask, radius, maxLine);
}

Mask shifted(const Mask& mask, double dx, double dy) {
    Mask out{mask.width, mask.height, std::vector<float>(mask.value.size())};
    const int wholeX = static_cast<int>(std::floor(dx)), wholeY = static_cast<int>(std::floor(dy));
    const auto fx = static_cast<float>(dx - wholeX), fy = static_cast<float>(dy - wholeY);
    const auto at = [&](int x, int y) {
        return x < 0 || y < 0 || x >= mask.width || y >= mask.height
                   ? 0.0F
                   : mask.value[static_cast<std::size_t>(y) * mask.width + x];
    };
    for (int y = 0; y < mask.height; ++y)
        for (int x = 0; x < mask.width; ++x) {
            const int sx = x - wholeX, sy = y - wholeY;
            out.value[static_cast<std::size_t>(y) * mask.width + x] =
                (1 - fy) * ((1 - fx) * at(sx, sy) + fx * at(sx - 1, sy)) +
                fy * ((1 - fx) * at(sx, sy - 1) + fx * at(sx - 1, sy - 1));
        }
    return out;
}

void paintOver(Layer& layer, const Mask& mask, Rgb colour, double strength) {
    const auto most = static_cast<float>(strength);
    const auto* opacity = mask.value.data();
    auto* pixels = layer.argb.data();
    const auto r = static_cast<float>(colour.r), g = static_cast<float>(colour.g),
               b = static_cast<float>(colour.b);
    for (std::size_t i = 0; i < layer.argb.size(); ++i) { // no branch in it: it becomes vectors
        const float a = std::min(1.0F, opacity[i]) * most;
        const auto old = static_cast<std::int32_t>(pixels[i]);
        const auto over = [&](int shift, float c) {
            return static_cast<std::int32_t>(c * a + static_cast<float>(old >> shift & 0xFF) * (1 - a) +
                                             0.5F);
        };
        pixels[i] = static_cast<std::uint32_t>(over(24, 255) << 24 | over(16, r) << 16 | over(8, g) << 8 |
                                               over(0, b));
    }
}

Layer reliefOf(const Layer& mark, double depth, double angleDegrees, double strength) {
    Mask height = opacityOf(mark);
    const Mask inside = height;
    blur(height, depth);
    const double radians = angleDegrees * std::numbers::pi / 180;
    // Towards the light: a slope that falls that way is lit.
    const double lx = std::sin(radians), ly = -std::cos(radians);
    const double reach = std::max(0.5, depth / 2);
    const Mask ahead = shifted(height, -lx * reach, -ly * reach),
               behind = shifted(height, lx * reach, ly * reach);
    Layer out(mark.area);
    for (std::size_t i = 0; i < out.argb.size(); ++i) {
        const double slope = behind.value[i] - ahead.value[i]; // above 0: lit
        const double a = std::min(1.0, std::abs(slope) * 1.6) * strength * inside.value[i];
        const std::uint32_t alpha = channel(a * 255);
        const std::uint32_t ink = slope > 0 ? alpha : 0; // white, premultiplied; or black
        out.argb[i] = alpha << 24 | ink << 16 | ink << 8 | ink;
    }
    return out;
}

} // namespace keepseal
