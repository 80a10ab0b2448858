// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A seal painted part by part of a picture. Of a pattern each seal is the same but for a fraction of a pixel:
// it is drawn once for each, and laid where it stands.
#include "seal/paint.h"

#include <cmath>

namespace keepseal {
namespace {

/// One over the other, both premultiplied.
std::uint32_t laidOver(std::uint32_t upper, std::uint32_t lower) {
    const std::uint32_t left = 255 - (upper >> 24);
    if (lower == 0 || left == 0)
        return upper;
    std::uint32_t out = 0;
    for (int shift = 24; shift >= 0; shift -= 8)
        out |= std::min(255U, (upper >> shift & 0xFF) + ((lower >> shift & 0xFF) * left + 127) / 255)
               << shift;
    return out;
}

/// Lays `cell`, moved by dx and dy, over what `layer` holds.
void layOver(Layer& layer, const Layer& cell, int dx, int dy) {
    if (cell.empty())
        return;
    const Rect moved{cell.area.x + dx, cell.area.y + dy, cell.area.width, cell.area.height};
    const Rect part = intersection(moved, layer.area);
    for (int y = part.y; y < part.bottom(); ++y) {
        const auto* from = cell.row(y - moved.y) + (part.x - moved.x);
        auto* to = layer.row(y - layer.area.y) + (part.x - layer.area.x);
        for (int x = 0; x < part.width; ++x)
            if (from[x] != 0)
                to[x] = laidOver(from[x], to[x]);
    }
}

constexpr double kApart = 2; ///< pixels: nearer ones are drawn together, so that no seam shows

} // namespace

/// One seal of a pattern, on its own origin.
struct SealPainter::Cell {
    SealLayers layers;
};

SealPainter::SealPainter(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                         std::shared_ptr<PaintedMarks> marks)
    : m_seal(seal), m_placement(placement), m_version(version),
      m_marks(marks ? std::move(marks) : std::make_shared<PaintedMarks>()), m_phases(placement.phases),
      m_byCells(standsApart()) {}
SealPainter::~SealPainter() = default;

/// Neither the marks nor what glows around them reach each other.
bool SealPainter::standsApart() const {
    const auto& d = m_seal.design;
    if (d.arrangement != Arrangement::Repeat || m_placement.warped || m_placement.instances.size() < 8)
        return false;
    const double gap = std::min(d.repeat.gapX, d.repeat.gapY) * m_placement.unit / 100;
    const bool glows = m_version.halo > 0 || m_version.plate > 0 || d.shadow.on || d.outline.width > 0;
    // Without the whole pixels it adds: proof and copy must agree.
    return gap >= std::max(kApart, glows ? 2 * (effectReach(d, m_placement.unit) - 2) : 0.0);
}

const SealPainter::Cell& SealPainter::cellOf(const SealInstance& instance, Point fraction) {
    auto& cell = m_cells[{instance.only, static_cast<int>(fraction.x * m_phases),
                          static_cast<int>(fraction.y * m_phases)}];
    if (cell)
        return *cell;
    SealInstance there = instance;
    there.map.x0 = fraction.x, there.map.y0 = fraction.y;
    SealPlacement one;
    one.area = m_placement.area, one.unit = m_placement.unit;
    one.instances = {there};
    const Box box = boundsOf(there.map.map(m_seal.box)).grown(effectReach(m_seal.design, one.unit) + 1);
    PaintedMarks marks; // of another placement
    cell = std::make_unique<Cell>(Cell{paintWhole(m_seal, one, m_version, wholePixels(box), marks)});
    return *cell;
}

SealLayers SealPainter::paint(const Rect& area) {
    constexpr std::int64_t kKept = 400 * 400;
    if (std::int64_t(area.width) * area.height > kKept)
        return painted(area);
    if (!(m_lastArea == area)) {
        m_last = painted(area);
        m_lastArea = area;
    }
    return m_last;
}

std::uint64_t SealPainter::bytes() const {
    const auto of = [](const SealLayers& layers) {
        return 4 * (layers.under.argb.size() + layers.mark.argb.size() + layers.relief.argb.size());
    };
    std::uint64_t out = of(m_last);
    for (const auto& [key, cell] : m_cells)
        out += of(cell->layers);
    return out;
}

SealLayers SealPainter::painted(const Rect& area) {
    if (!m_byCells)
        return paintWhole(m_seal, m_placement, m_version, area, *m_marks);
    SealLayers out;
    out.mark = Layer(area);
    for (const auto& instance : m_placement.instances) {
        const Point at{std::round(instance.map.x0 * m_phases) / m_phases,
                       std::round(instance.map.y0 * m_phases) / m_phases};
        const int dx = static_cast<int>(std::floor(at.x)), dy = static_cast<int>(std::floor(at.y));
        const auto& cell = cellOf(instance, {at.x - dx, at.y - dy}).layers;
        const Rect there{cell.mark.area.x + dx, cell.mark.area.y + dy, cell.mark.area.width,
                         cell.mark.area.height};
        if (intersection(there, area).empty())
            continue;
        layOver(out.mark, cell.mark, dx, dy);
        for (const auto layer : {&SealLayers::under, &SealLayers::relief}) {
            if (!(cell.*layer).empty() && (out.*layer).empty())
                out.*layer = Layer(area);
            layOver(out.*layer, cell.*layer, dx, dy);
        }
    }
    return out;
}

} // namespace keepseal
