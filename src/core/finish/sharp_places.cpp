// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "finish/sharp_places.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

constexpr int kPlacesSide = 384;              ///< along the long side
constexpr int kAroundPlace = 4;               ///< places over which contrast is averaged, to each side
constexpr float kNothing = 1.2F, kAll = 6.0F; ///< mean difference of neighbours, of 255 levels

/// Means over equal parts of the picture, 0 to 255.
template <class T>
std::vector<float> meansOf(const Frame& frame, int width, int height) {
    std::vector<float> out(static_cast<std::size_t>(width) * static_cast<std::size_t>(height));
    const auto edge = [](int i, int count, int whole) {
        return static_cast<int>(static_cast<std::int64_t>(i) * whole / count);
    };
    for (int row = 0; row < height; ++row) {
        const int top = edge(row, height, frame.size.height),
                  bottom = std::max(top + 1, edge(row + 1, height, frame.size.height));
        for (int column = 0; column < width; ++column) {
            const int left = edge(column, width, frame.size.width),
                      right = std::max(left + 1, edge(column + 1, width, frame.size.width));
            double sum = 0;
            for (int y = top; y < bottom; ++y) {
                const T* p = frame.rowOf<T>(y) + static_cast<std::ptrdiff_t>(left) * 3;
                for (int x = left; x < right; ++x, p += 3)
                    sum += 0.2126 * p[0] + 0.7152 * p[1] + 0.0722 * p[2];
            }
            out[static_cast<std::size_t>(row) * static_cast<std::size_t>(width) +
                static_cast<std::size_t>(column)] =
                static_cast<float>(sum / ((bottom - top) * (right - left)) * 255 / kFull<T>);
        }
    }
    return out;
}

/// The mean over `kAroundPlace` to each side, along lines of `count` values that lie `step` apart.
void meanAlong(std::vector<float>& values, int count, std::size_t step, std::size_t first) {
    std::vector<float> line(static_cast<std::size_t>(count));
    for (std::size_t i = 0; i < line.size(); ++i)
        line[i] = values[first + i * step];
    for (int i = 0; i < count; ++i) {
        float sum = 0;
        const int from = std::max(0, i - kAroundPlace), to = std::min(count - 1, i + kAroundPlace);
        for (int k = from; k <= to; ++k)
            sum += line[static_cast<std::size_t>(k)];
        values[first + static_cast<std::size_t>(i) * step] = sum / static_cast<float>(to - from + 1);
    }
}

} // namespace

SharpPlaces::SharpPlaces(const Frame& frame) {
    const double factor =
        std::min(1.0, static_cast<double>(kPlacesSide) / std::max(1, frame.size.longSide()));
    m_width = std::max(1, static_cast<int>(std::lround(frame.size.width * factor)));
    m_height = std::max(1, static_cast<int>(std::lround(frame.size.height * factor)));
    std::vector<float> light;
    byDepth(frame, [&](auto depth) { light = meansOf<decltype(depth)>(frame, m_width, m_height); });
    m_value.resize(light.size());
    const auto w = static_cast<std::size_t>(m_width);
    for (int y = 0; y < m_height; ++y)
        for (int x = 0; x < m_width; ++x) {
            const auto i = static_cast<std::size_t>(y) * w + static_cast<std::size_t>(x);
            const float across = x + 1 < m_width ? std::abs(light[i + 1] - light[i]) : 0;
            const float down = y + 1 < m_height ? std::abs(light[i + w] - light[i]) : 0;
            m_value[i] = (across + down) / 2;
        }
    for (int y = 0; y < m_height; ++y)
        meanAlong(m_value, m_width, 1, static_cast<std::size_t>(y) * w);
    for (int x = 0; x < m_width; ++x)
        meanAlong(m_value, m_height, w, static_cast<std::size_t>(x));
    for (auto& value : m_value) {
        const float t = std::clamp((value - kNothing) / (kAll - kNothing), 0.0F, 1.0F);
        value = t * t * (3 - 2 * t);
    }
}

void SharpPlaces::row(int y, Size size, std::vector<float>& out) const {
    const auto place = [](int i, int count, int whole, int& first, float& part) {
        const double at = (i + 0.5) * count / whole - 0.5;
        first = std::clamp(static_cast<int>(std::floor(at)), 0, count - 1);
        part = static_cast<float>(std::clamp(at - first, 0.0, 1.0));
    };
    out.resize(static_cast<std::size_t>(size.width));
    int top = 0, left = 0;
    float down = 0, across = 0;
    place(y, m_height, size.height, top, down);
    const int below = std::min(top + 1, m_height - 1);
    for (int x = 0; x < size.width; ++x) {
        place(x, m_width, size.width, left, across);
        const int right = std::min(left + 1, m_width - 1);
        const float upper = at(left, top) + across * (at(right, top) - at(left, top));
        const float lower = at(left, below) + across * (at(right, below) - at(left, below));
        out[static_cast<std::size_t>(x)] = upper + down * (lower - upper);
    }
}

} // namespace keepseal
