// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/readability.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace keepseal {
namespace {

constexpr double kNear = 0.1;             ///< of the unit: how far surroundings reach
constexpr double kReach = 0.8;            ///< share of the mark that is at least as readable as the result
constexpr std::int64_t kSamples = 40'000; ///< about as many pixels are looked at
constexpr int kMostCells = 64;            ///< along each side

const std::array<double, 256>& linear() {
    static const auto table = [] {
        std::array<double, 256> out{};
        for (std::size_t i = 0; i < 256; ++i) {
            const double v = static_cast<double>(i) / 255;
            out[i] = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        }
        return out;
    }();
    return table;
}

/// Sets `near` to which pixels of row `y` have ink at that distance in any of eight directions. Whole rows at
/// a time: they become vectors.
void findNear(const Layer& mark, int y, int distance, std::vector<std::uint8_t>& near) {
    const int slant = std::max(1, distance * 7 / 10), width = mark.area.width;
    const int offsets[8][2] = {{distance, 0},  {-distance, 0},  {0, distance},   {0, -distance},
                               {slant, slant}, {slant, -slant}, {-slant, slant}, {-slant, -slant}};
    near.assign(static_cast<std::size_t>(width), 0);
    for (const auto& offset : offsets) {
        const int dx = offset[0], ny = y + offset[1];
        if (ny < 0 || ny >= mark.area.height)
            continue;
        const auto* row = mark.row(ny) + dx;
        auto* out = near.data();
        for (int x = std::max(0, -dx), end = std::min(width, width - dx); x < end; ++x)
            out[x] |= static_cast<std::uint8_t>(row[x] >> 24 > 64);
    }
}

} // namespace

double luminance(const std::uint8_t* rgb) {
    const auto& table = linear();
    return 0.2126 * table[rgb[0]] + 0.7152 * table[rgb[1]] + 0.0722 * table[rgb[2]];
}

double contrastRatio(double a, double b) {
    return (std::max(a, b) + 0.05) / (std::min(a, b) + 0.05);
}

double seenLightness(double luminance, double adapting) {
    constexpr double ground = 0.2, c = 0.69; // of white; an average surround
    const double k = 1 / (5 * adapting + 1);
    const double level =
        0.2 * std::pow(k, 4) * 5 * adapting + 0.1 * std::pow(1 - std::pow(k, 4), 2) * std::cbrt(5 * adapting);
    const double exponent = c * (1.48 + std::sqrt(ground));
    // All three cones answer alike to a grey: the sum over them cancels in A / Aw.
    const auto answer = [level](double y) {
        const double p = std::pow(level * y, 0.42);
        return 400 * p / (p + 27.13);
    };
    return 100 * std::pow(answer(std::max(0.0, luminance)) / answer(1), exponent);
}

double reachedByMost(std::vector<std::pair<double, double>>& found) {
    double total = 0, passed = 0;
    for (const auto& [value, weight] : found)
        total += weight;
    std::sort(found.begin(), found.end());
    for (const auto& [value, weight] : found)
        if ((passed += weight) >= total * (1 - kReach))
            return value;
    return 0;
}

Readability::Readability(const Rect& area, double cell)
    : m_area(area), m_near(std::max(2, static_cast<int>(std::lround(cell * kNear)))),
      m_cell(std::max({cell, 3.0, static_cast<double>(area.width) / kMostCells,
                       static_cast<double>(area.height) / kMostCells})),
      m_columns(static_cast<int>(area.width / m_cell) + 1),
      m_rows(static_cast<int>(area.height / m_cell) + 1),
      m_cells(static_cast<std::size_t>(m_columns) * m_rows) {
    for (int x = 0; x < area.width; ++x)
        m_columnOf.push_back(static_cast<int>(x / m_cell));
}

void Readability::add(const Frame& finished, const Layer& mark, int originX, int originY) {
    const Rect part = intersection(intersection(mark.area, m_area),
                                   {originX, originY, finished.size.width, finished.size.height});
    if (part.empty())
        return;
    const auto pixels = static_cast<std::int64_t>(m_area.width) * m_area.height;
    const int step = std::max(1, static_cast<int>(std::sqrt(static_cast<double>(pixels) / kSamples)));
    std::vector<std::uint8_t> near;
    for (int y = part.y; y < part.bottom(); y += step) {
        findNear(mark, y - mark.area.y, m_near, near);
        const auto* seal = mark.row(y - mark.area.y) - mark.area.x;
        const auto* pixel = finished.row(y - originY) - static_cast<std::ptrdiff_t>(originX) * 3;
        auto* cells = m_cells.data() +
                      static_cast<std::ptrdiff_t>(static_cast<int>((y - m_area.y) / m_cell)) * m_columns;
        const auto* columnOf = m_columnOf.data() - m_area.x;
        for (int x = part.x; x < part.right(); x += step) {
            const double a = (seal[x] >> 24) / 255.0;
            if (a == 0 && !near[static_cast<std::size_t>(x - mark.area.x)])
                continue;
            if (std::any_of(m_leftOut.begin(), m_leftOut.end(), [x, y](const Box& box) {
                    return x >= box.x && x < box.right() && y >= box.y && y < box.bottom();
                }))
                continue;
            const double l = luminance(pixel + static_cast<std::ptrdiff_t>(x) * 3);
            auto& cell = cells[columnOf[x]];
            cell.n += 1, cell.a += a, cell.aa += a * a, cell.l += l, cell.al += a * l;
            if (a == 0)
                cell.around += 1, cell.aroundL += l, cell.aroundLL += l * l;
        }
    }
}

Readability::Pair Readability::pairOf(const Cell& cell) {
    const double variance = cell.n * cell.aa - cell.a * cell.a;
    if (variance < 1e-6 * cell.n * cell.n)
        return {}; // all ink or none: nothing to compare
    const double slope = (cell.n * cell.al - cell.a * cell.l) / variance;
    double surroundings = (cell.l - slope * cell.a) / cell.n;
    const double ink = std::clamp(surroundings + slope, 0.0, 1.0);
    surroundings = std::clamp(surroundings, 0.0, 1.0);
    if (cell.around > 4) {
        const double mean = cell.aroundL / cell.around;
        const double deviation = std::sqrt(std::max(0.0, cell.aroundLL / cell.around - mean * mean));
        const double gap = ink - surroundings;
        surroundings += std::copysign(std::min(std::abs(gap), deviation), gap);
    }
    return {ink, surroundings};
}

template <class Of>
double Readability::most(Of of) const {
    std::vector<std::pair<double, double>> found; // value, weight
    for (const auto& cell : m_cells) {
        const auto pair = cell.a > 0.5 ? pairOf(cell) : Pair{};
        if (pair.ink > 0 || pair.surroundings > 0)
            found.emplace_back(of(pair), cell.a);
    }
    return reachedByMost(found);
}

double Readability::ratio() const {
    return most([](const Pair& pair) { return contrastRatio(pair.ink, pair.surroundings); });
}

double Readability::gap() const {
    return most([](const Pair& pair) {
        return std::abs(seenLightness(pair.ink) - seenLightness(pair.surroundings));
    });
}

} // namespace keepseal
