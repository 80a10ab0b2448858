// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/seen.h"

#include "seal/readability.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

constexpr double kHides = 0.15, kHidesBy = 0.62; ///< see the header
constexpr std::int64_t kSeenSamples = 60'000;    ///< about as many pixels are looked at
constexpr int kMostSeenCells = 96;               ///< along each side

double logarithm(const std::uint8_t* rgb) {
    return std::log(luminance(rgb) + 0.05);
}

} // namespace

SeenAllOver::SeenAllOver(const Rect& area, double cell)
    : m_area(area), m_cell(std::max({cell, 3.0, static_cast<double>(area.width) / kMostSeenCells,
                                     static_cast<double>(area.height) / kMostSeenCells})),
      m_columns(static_cast<int>(area.width / m_cell) + 1),
      m_step(std::max(1, static_cast<int>(std::sqrt(static_cast<double>(area.width) * area.height /
                                                    static_cast<double>(kSeenSamples))))),
      m_cells(static_cast<std::size_t>(m_columns) *
              static_cast<std::size_t>(static_cast<int>(area.height / m_cell) + 1)) {}

template <class Visit>
void SeenAllOver::visit(const Frame& frame, const Layer& ink, int originX, int originY, Visit visit) {
    const Rect part =
        intersection(intersection(ink.area, m_area), {originX, originY, frame.size.width, frame.size.height});
    for (int y = part.y; y < part.bottom(); y += m_step) {
        const auto* seal = ink.row(y - ink.area.y) - ink.area.x;
        const auto* pixel = frame.row(y - originY) - static_cast<std::ptrdiff_t>(originX) * 3;
        auto* cells = m_cells.data() +
                      static_cast<std::ptrdiff_t>(static_cast<int>((y - m_area.y) / m_cell)) * m_columns;
        for (int x = part.x; x < part.right(); x += m_step)
            visit(cells[static_cast<int>((x - m_area.x) / m_cell)], (seal[x] >> 24) / 255.0,
                  logarithm(pixel + static_cast<std::ptrdiff_t>(x) * 3));
    }
}

void SeenAllOver::before(const Frame& frame, const Layer& ink, int originX, int originY) {
    m_before.clear();
    visit(frame, ink, originX, originY, [this](Cell& cell, double, double l) {
        cell.n += 1, cell.l += l, cell.ll += l * l;
        m_before.push_back(static_cast<float>(l));
    });
}

void SeenAllOver::after(const Frame& frame, const Layer& ink, int originX, int originY) {
    std::size_t at = 0;
    visit(frame, ink, originX, originY, [&](Cell& cell, double coverage, double l) {
        cell.a += coverage;
        cell.change += coverage * std::abs(l - static_cast<double>(m_before.at(at++)));
    });
}

double SeenAllOver::ratio() const {
    std::vector<std::pair<double, double>> found; // ratio, weight
    for (const auto& cell : m_cells) {
        if (cell.a < 0.5)
            continue;
        const double mean = cell.l / cell.n;
        const double busy = std::sqrt(std::max(0.0, cell.ll / cell.n - mean * mean));
        const double change = cell.change / cell.a / std::pow(std::max(1.0, busy / kHides), kHidesBy);
        found.emplace_back(std::exp(change), cell.a);
    }
    return reachedByMost(found);
}

} // namespace keepseal
