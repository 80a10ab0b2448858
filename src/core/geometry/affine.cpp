// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/affine.h"

#include <numbers>

namespace keepseal {

Box united(const Box& a, const Box& b) {
    if (a.empty())
        return b;
    if (b.empty())
        return a;
    const double x = std::min(a.x, b.x), y = std::min(a.y, b.y);
    return {x, y, std::max(a.right(), b.right()) - x, std::max(a.bottom(), b.bottom()) - y};
}

Box boundsOf(const std::array<Point, 4>& points) {
    double left = points[0].x, right = left, top = points[0].y, bottom = top;
    for (const auto& p : points) {
        left = std::min(left, p.x), right = std::max(right, p.x);
        top = std::min(top, p.y), bottom = std::max(bottom, p.y);
    }
    return {left, top, right - left, bottom - top};
}

std::array<Point, 4> Affine::map(const Box& box) const {
    auto out = box.corners();
    for (auto& p : out)
        p = map(p);
    return out;
}

Affine Affine::inverse() const {
    const double det = xx * yy - xy * yx;
    Affine out{yy / det, -yx / det, -xy / det, xx / det, 0, 0};
    const Point origin = out.map(Point{x0, y0});
    out.x0 = -origin.x, out.y0 = -origin.y;
    return out;
}

Affine placing(Point from, Point to, double scale, double degrees) {
    const double radians = degrees * std::numbers::pi / 180;
    const double c = scale * std::cos(radians), s = scale * std::sin(radians);
    Affine out{c, s, -s, c, 0, 0};
    const Point at = out.map(from);
    out.x0 = to.x - at.x, out.y0 = to.y - at.y;
    return out;
}

Homography homography(const Box& box, const std::array<Point, 4>& q, bool& ok) {
    // Unit square to quadrilateral, then box to unit square.
    const double sx = q[0].x - q[1].x + q[2].x - q[3].x, sy = q[0].y - q[1].y + q[2].y - q[3].y;
    const double dx1 = q[1].x - q[2].x, dx2 = q[3].x - q[2].x;
    const double dy1 = q[1].y - q[2].y, dy2 = q[3].y - q[2].y;
    const double det = dx1 * dy2 - dx2 * dy1;
    ok = std::abs(det) > 1e-9 && !box.empty();
    if (!ok)
        return {1, 0, 0, 0, 1, 0, 0, 0, 1};
    const double g = (sx * dy2 - dx2 * sy) / det, h = (dx1 * sy - sx * dy1) / det;
    const Homography square = {q[1].x - q[0].x + g * q[1].x,
                               q[3].x - q[0].x + h * q[3].x,
                               q[0].x,
                               q[1].y - q[0].y + g * q[1].y,
                               q[3].y - q[0].y + h * q[3].y,
                               q[0].y,
                               g,
                               h,
                               1};
    Homography out{};
    for (std::size_t row = 0; row < 3; ++row) {
        const double a = square[row * 3] / box.width, b = square[row * 3 + 1] / box.height;
        out[row * 3] = a, out[row * 3 + 1] = b;
        out[row * 3 + 2] = square[row * 3 + 2] - a * box.x - b * box.y;
    }
    return out;
}

Homography inverse(const Homography& m) {
    const auto minor = [&](int a, int b, int c, int d) {
        return m[static_cast<std::size_t>(a)] * m[static_cast<std::size_t>(d)] -
               m[static_cast<std::size_t>(b)] * m[static_cast<std::size_t>(c)];
    };
    const double det = m[0] * minor(4, 5, 7, 8) - m[1] * minor(3, 5, 6, 8) + m[2] * minor(3, 4, 6, 7);
    Homography out = {minor(4, 5, 7, 8),  -minor(1, 2, 7, 8), minor(1, 2, 4, 5),
                      -minor(3, 5, 6, 8), minor(0, 2, 6, 8),  -minor(0, 2, 3, 5),
                      minor(3, 4, 6, 7),  -minor(0, 1, 6, 7), minor(0, 1, 3, 4)};
    for (auto& value : out)
        value /= det;
    return out;
}

Point map(const Homography& h, Point p) {
    const double w = h[6] * p.x + h[7] * p.y + h[8];
    return {(h[0] * p.x + h[1] * p.y + h[2]) / w, (h[3] * p.x + h[4] * p.y + h[5]) / w};
}

} // namespace keepseal
