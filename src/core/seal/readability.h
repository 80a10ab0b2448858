// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How well a mark can be read, measured on finished pixels.
//
// The contrast ratio of WCAG 2.2 ("contrast ratio", "relative luminance"): (L1 + 0.05) / (L2 + 0.05), 1 to
// 21, with L the linear luminance of sRGB (IEC 61966-2-1). It is taken in cells as large as the seal's unit:
// in each, finished luminance is fitted as a line over the mark's coverage (least squares), whose ends are
// the luminance of the surroundings and of full ink; so a thin stroke that never covers a pixel whole
// measures the same as a thick one. Surroundings are what lies within a tenth of the unit of the ink: there a
// halo helps, and nothing further off does. Busy surroundings count against it: they are taken one standard
// deviation nearer to the ink. The result is what four fifths of the mark reach.
#pragma once

#include "picture/mix.h"

namespace keepseal {

/// Relative luminance, 0 to 1, of an sRGB pixel.
double luminance(const std::uint8_t* rgb);
double contrastRatio(double a, double b);
/// Lightness as seen on a display, 0 (black) to 100 (white), of a grey of that luminance: J of CAM16 (Li et
/// al., "Comprehensive color solutions", 2017) with an average surround, a white of 80 cd/m2 and a ground of
/// 20 %. Unlike the ratio it knows that dark on light and light on dark are not the same: its middle lies at
/// a luminance of 0.3, not 0.18, so that on a strong blue or red white stands out more than black, as people
/// read it.
/// `adapting`: of the eye, in cd/m2.
double seenLightness(double luminance, double adapting = 16);
/// Of (value, weight): what four fifths of the weight reach; 0 for none. Sorts.
double reachedByMost(std::vector<std::pair<double, double>>& found);

class Readability {
public:
    /// `cell` in pixels.
    Readability(const Rect& area, double cell);
    /// What lies in there is not measured; in the coordinates of `area`.
    void leaveOut(std::vector<Box> boxes) { m_leftOut = std::move(boxes); }
    /// Adds what lies under `mark`, after everything is mixed in. `finished` is 8-bit sRGB; its first pixel
    /// lies at `origin`.
    void add(const Frame& finished, const Layer& mark, int originX = 0, int originY = 0);
    /// 0 when there was no mark to measure.
    double ratio() const;
    /// The same in seenLightness(), as a distance.
    double gap() const;

private:
    struct Cell {
        double n = 0, a = 0, aa = 0, l = 0, al = 0; ///< sums of coverage and luminance
        double around = 0, aroundL = 0, aroundLL = 0;
    };
    struct Pair {
        double ink = 0, surroundings = 0; ///< luminances; both 0: nothing to compare
    };
    static Pair pairOf(const Cell& cell);
    template <class Of>
    double most(Of of) const;
    Rect m_area;
    int m_near; ///< pixels
    double m_cell;
    int m_columns, m_rows;
    std::vector<Cell> m_cells;
    std::vector<int> m_columnOf; ///< of each pixel across
    std::vector<Box> m_leftOut;
};

} // namespace keepseal
