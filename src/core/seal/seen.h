// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How well a mark that is not there to be read (a pattern over everything, a relief) can still be seen all
// over, measured on finished pixels against the same pixels without it.
//
// In cells as large as the seal's unit the mean change of ln(luminance + 0.05) where the mark lies is made a
// contrast ratio: 1 is no change. Busy ground hides a faint mark: the change is divided by
// max(1, c / 0.15)^0.62, c being the standard deviation of the same logarithm in the cell before (the
// exponent by which contrast raises the threshold of what lies on it: Legge and Foley, "Contrast masking in
// human vision", 1980). The result is what four fifths of the mark reach.
#pragma once

#include "picture/mix.h"

namespace keepseal {

class SeenAllOver {
public:
    /// `cell` in pixels.
    SeenAllOver(const Rect& area, double cell);
    /// The pixels under `ink` before it is mixed in; 8-bit sRGB, the first one lying at `origin`.
    void before(const Frame& frame, const Layer& ink, int originX, int originY);
    /// The same ones afterwards.
    void after(const Frame& frame, const Layer& ink, int originX, int originY);
    /// 0 when there was no mark to measure.
    double ratio() const;

private:
    struct Cell {
        double n = 0, l = 0, ll = 0; ///< of the ground: samples, sums of logarithms and of their squares
        double a = 0, change = 0;    ///< coverage, and change weighed by it
    };
    template <class Visit>
    void visit(const Frame& frame, const Layer& ink, int originX, int originY, Visit visit);
    Rect m_area;
    double m_cell;
    int m_columns, m_step;
    std::vector<Cell> m_cells;
    std::vector<float> m_before; ///< logarithms of one band, in the order they are visited
};

} // namespace keepseal
