// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/effects.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace keepseal {
namespace {

/// One box blur across: the mean of `radius` values to both sides.
void boxAcross(Mask& mask, int radius) {
    const float scale = 1.0F / static_cast<float>(2 * radius + 1);
    std::vector<float> line(static_cast<std::size_t>(mask.width));
    for (int y = 0; y < mask.height; ++y) {
        auto* row = mask.row(y);
        std::copy_n(row, mask.width, line.begin());
        const float* from = line.data();
        double sum = 0;
        for (int x = 0; x < std::min(radius, mask.width); ++x)
            sum += from[x];
        for (int x = 0; x < mask.width; ++x) {
            if (x + radius < mask.width)
                sum += from[x + radius];
            if (x - radius - 1 >= 0)
                sum -= from[x - radius - 1];
            row[x] = static_cast<float>(sum) * scale;
        }
    }
}

/// The same down: all columns at once, so that memory is read as it lies.
void boxDown(Mask& mask, int radius) {
    const float scale = 1.0F / static_cast<float>(2 * radius + 1);
    const auto width = static_cast<std::size_t>(mask.width);
    const auto from = mask; // what is read again further down
    std::vector<double> sums(width);
    const auto add = [&](int y, double sign) {
        if (y < 0 || y >= mask.height)
            return;
        const float* row = from.row(y);
        for (std::size_t x = 0; x < width; ++x)
            sums[x] += sign * static_cast<double>(row[x]);
    };
    for (int y = 0; y < std::min(radius, mask.height); ++y)
        add(y, 1);
    for (int y = 0; y < mask.height; ++y) {
        add(y + radius, 1);
        add(y - radius - 1, -1);
        float* row = mask.row(y);
        for (std::size_t x = 0; x < width; ++x)
            row[x] = static_cast<float>(sums[x]) * scale;
    }
}

void boxBlurred(Mask& mask, int radius) {
    boxAcross(mask, radius);
    boxDown(mask, radius);
}

/// Of each value the largest within `radius` elements: of windows twice as long again and again, and then of
/// two that overlap. An element is `size` values, all of which are looked at by themselves; around `values`
/// lie `radius` elements of nothing on both sides.
void largestWithin(std::vector<float>& values, std::size_t size, std::size_t radius) {
    const std::size_t window = 2 * radius + 1;
    const auto grow = [&](std::size_t by) {
        float* to = values.data();
        const float* from = to + by * size;
        const auto count = values.size() - by * size;
        for (std::size_t i = 0; i < count; ++i)
            to[i] = std::max(to[i], from[i]);
    };
    std::size_t length = 1;
    for (; 2 * length <= window; length *= 2)
        grow(length);
    if (length < window)
        grow(window - length);
}

/// Grown to a square; each value is looked at a few times, however large the radius is.
void grownSquare(Mask& mask, int radius) {
    constexpr int kColumns = 64; // of all rows at once: they stay near the processor
    // Further than the mask is long there is nothing: lengths come from strangers.
    const auto across = static_cast<std::size_t>(std::min(radius, mask.width)),
               down = static_cast<std::size_t>(std::min(radius, mask.height));
    std::vector<float> values;
    for (int y = 0; y < mask.height; ++y) {
        values.assign(static_cast<std::size_t>(mask.width) + 2 * across, 0.0F);
        std::copy_n(mask.row(y), mask.width, values.data() + across);
        largestWithin(values, 1, across);
        std::copy_n(values.begin(), mask.width, mask.row(y));
    }
    for (int left = 0; left < mask.width; left += kColumns) {
        const int count = std::min(kColumns, mask.width - left);
        const auto size = static_cast<std::size_t>(count);
        values.assign(size * (static_cast<std::size_t>(mask.height) + 2 * down), 0.0F);
        for (int y = 0; y < mask.height; ++y)
            std::copy_n(mask.row(y) + left, count,
                        values.data() + (static_cast<std::size_t>(y) + down) * size);
        largestWithin(values, size, down);
        for (int y = 0; y < mask.height; ++y)
            std::copy_n(values.data() + static_cast<std::size_t>(y) * size, count, mask.row(y) + left);
    }
}

/// Between whole-pixel radii the result is the mean of both, so that a proof and a copy change in step.
template <class Make>
void withFraction(Mask& mask, double radius, Make make) {
    const int whole = static_cast<int>(std::floor(radius));
    const auto part = static_cast<float>(radius - whole);
    Mask larger;
    if (part > 0.01F) {
        larger = mask;
        make(larger, whole + 1);
    }
    if (whole > 0)
        make(mask, whole);
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
        withFraction(mask, half, boxBlurred);
}

void spread(Mask& mask, double radius) {
    if (radius > 0.05)
        withFraction(mask, radius, grownSquare);
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
