// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A placed seal as pixels: what lies under the mark (strip, plate, shadow, halo, outline), the mark itself,
// and the relief on it. Internal to seal/; draw.h joins it with the picture.
#pragma once

#include "picture/mix.h"
#include "seal/arrange.h"
#include "seal/painted_marks.h"

#include <array>
#include <map>
#include <memory>

using cairo_t = struct _cairo;

namespace keepseal {

struct SealLayers {
    Layer under, mark, relief; ///< under and relief are empty where nothing asks for them
};

struct SealVersion {
    bool dark = false;
    double halo = 0;  ///< percent: its strength; 0: none
    double plate = 0; ///< percent: of a plate that the design has only where it is needed; 0: none
};

/// The whole pixels that a box touches.
Rect wholePixels(const Box& box);
/// Where anything of the seal can show, in whole pixels of the frame.
Rect reachOf(const PreparedSeal& seal, const SealPlacement& placement);
/// Glow, shadow and outlines: how far they reach beyond the seal's box, in pixels.
double effectReach(const SealDesign& design, double unit);
/// Only the mark, on any surface of cairo's (as outlines, where that surface keeps them).
void paintMarkOn(cairo_t* cairo, const PreparedSeal& seal, const SealPlacement& placement,
                 SealVersion version);
/// The pixels of `area`, all of the placement drawn for it.
SealLayers paintWhole(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                      const Rect& area, PaintedMarks& marks);

/// Paints a placed seal part by part of the frame; what repeats is drawn once. Seal and placement outlive it.
class SealPainter {
public:
    /// `marks`: shared by several versions of the one placement; null: its own.
    SealPainter(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                std::shared_ptr<PaintedMarks> marks = nullptr);
    ~SealPainter();
    SealPainter(const SealPainter&) = delete;
    SealPainter& operator=(const SealPainter&) = delete;
    /// The pixels of `area`, which may be any part of the frame.
    SealLayers paint(const Rect& area);
    /// About what is kept in memory, without `marks`.
    std::uint64_t bytes() const;

private:
    struct Cell;
    SealLayers painted(const Rect& area);
    bool standsApart() const;
    const Cell& cellOf(const SealInstance& instance, Point fraction);
    const PreparedSeal& m_seal;
    const SealPlacement& m_placement;
    SealVersion m_version;
    std::shared_ptr<PaintedMarks> m_marks;
    int m_phases;
    bool m_byCells;
    Rect m_lastArea; ///< what was painted last, where it is small: trials ask for the same again
    SealLayers m_last;
    std::map<std::array<int, 3>, std::unique_ptr<Cell>>
        m_cells; ///< by SealInstance::only and fraction of a pixel
};

} // namespace keepseal
