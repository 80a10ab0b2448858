// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/outline.h"

#include <numbers>

namespace keepseal {
namespace {

void roundedPath(cairo_t* cairo, const Box& box, double roundness) {
    const double r = std::min(box.width, box.height) / 2 * roundness / 100;
    if (r <= 0) {
        cairo_rectangle(cairo, box.x, box.y, box.width, box.height);
        return;
    }
    constexpr double quarter = std::numbers::pi / 2;
    cairo_new_sub_path(cairo);
    cairo_arc(cairo, box.right() - r, box.y + r, r, -quarter, 0);
    cairo_arc(cairo, box.right() - r, box.bottom() - r, r, 0, quarter);
    cairo_arc(cairo, box.x + r, box.bottom() - r, r, quarter, 2 * quarter);
    cairo_arc(cairo, box.x + r, box.y + r, r, 2 * quarter, 3 * quarter);
    cairo_close_path(cairo);
}

} // namespace

Outline shapeOutline(const ShapePart& part, double width, double height) {
    Outline out;
    const auto cairo = pathContext();
    const double line = part.shape == ShapeKind::Line ? 0 : std::min({part.thickness, width, height});
    const Box inner = Box{0, 0, width, height}.grown(-line / 2);
    switch (part.shape) {
    case ShapeKind::Line:
    case ShapeKind::Box:
        cairo_rectangle(cairo.get(), inner.x, inner.y, inner.width, inner.height);
        break;
    case ShapeKind::RoundedBox:
        roundedPath(cairo.get(), inner, part.roundness);
        break;
    case ShapeKind::Ring:
        cairo_arc(cairo.get(), width / 2, height / 2, std::max(0.0, inner.width / 2), 0,
                  2 * std::numbers::pi);
        cairo_close_path(cairo.get());
        break;
    }
    out.lineWidth = line;
    out.ink = {0, 0, width, height};
    out.path.reset(cairo_copy_path(cairo.get()));
    return out;
}

Path roundedBox(const Box& box, double roundness) {
    const auto cairo = pathContext();
    roundedPath(cairo.get(), box, roundness);
    return Path(cairo_copy_path(cairo.get()));
}

} // namespace keepseal
