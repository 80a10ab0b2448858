// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rectangles with fractions and the maps that carry them: scaling, turning, moving.
#pragma once

#include "geometry/anchor.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace keepseal {

/// Left, top, width, height, with fractions; y grows downwards.
struct Box {
    double x = 0, y = 0, width = 0, height = 0;
    bool operator==(const Box&) const = default;
    double right() const { return x + width; }
    double bottom() const { return y + height; }
    Point centre() const { return {x + width / 2, y + height / 2}; }
    bool empty() const { return width <= 0 || height <= 0; }
    Box grown(double by) const { return {x - by, y - by, width + 2 * by, height + 2 * by}; }
    std::array<Point, 4> corners() const {
        return {{{x, y}, {right(), y}, {right(), bottom()}, {x, bottom()}}};
    }
};

/// The smallest box around both; an empty one adds nothing.
Box united(const Box& a, const Box& b);
Box boundsOf(const std::array<Point, 4>& points);

/// x' = xx*x + xy*y + x0;  y' = yx*x + yy*y + y0.
struct Affine {
    double xx = 1, yx = 0, xy = 0, yy = 1, x0 = 0, y0 = 0;
    bool operator==(const Affine&) const = default;

    Point map(Point p) const { return {xx * p.x + xy * p.y + x0, yx * p.x + yy * p.y + y0}; }
    std::array<Point, 4> map(const Box& box) const;
    Affine inverse() const; ///< of a map that is not flat
    double scale() const { return std::sqrt(std::abs(xx * yy - xy * yx)); }
};

/// Scales by `scale`, turns clockwise by `degrees`, and brings `from` to `to`.
Affine placing(Point from, Point to, double scale, double degrees);

/// The plane-to-plane map of four corners onto four others (a homography, as in Heckbert, "Fundamentals of
/// Texture Mapping", 1989, section 2.2.3). Row by row; the last element is 1.
using Homography = std::array<double, 9>;
/// From the corners of `box` (clockwise from top left) to `corners`. `ok` is false when they lie on a line.
Homography homography(const Box& box, const std::array<Point, 4>& corners, bool& ok);
Homography inverse(const Homography& h);
Point map(const Homography& h, Point p);

} // namespace keepseal
