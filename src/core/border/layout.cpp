// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/layout.h"

#include "geometry/cut.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr int kMostWidth = 100'000; ///< pixels of one ring's side

int pixels(double width, WidthUnit unit, Size inside, double pixelsPerMm) {
    double out = width;
    switch (unit) {
    case WidthUnit::ShortSide:
        out = width / 100 * inside.shortSide();
        break;
    case WidthUnit::LongSide:
        out = width / 100 * inside.longSide();
        break;
    case WidthUnit::Millimetres:
        out = width * pixelsPerMm;
        break;
    case WidthUnit::Pixels:
        break;
    }
    if (!(out > 0))
        return 0;
    return std::clamp(static_cast<int>(std::lround(std::min<double>(out, kMostWidth))), 1, kMostWidth);
}

Edges widthsOf(const Ring& ring, Size inside, double pixelsPerMm) {
    const auto in = [&](double width) { return pixels(width, ring.unit, inside, pixelsPerMm); };
    const int all = in(ring.width);
    switch (ring.sides) {
    case RingSides::Equal:
    case RingSides::Ratio: // grown afterwards
        return {all, all, all, all};
    case RingSides::Weighted:
        return {all, all, all, in(ring.width * ring.bottomShare / 100)};
    case RingSides::Each:
        return {in(ring.left), in(ring.top), in(ring.right), in(ring.bottom)};
    }
    return {};
}

/// What is still missing to that ratio, on both sides alike.
Edges grownToRatio(Edges widths, Size inner, double ratio) {
    const int width = inner.width + widths.across(), height = inner.height + widths.down();
    const int across = static_cast<int>(std::lround(height * ratio)) - width;
    const int down = static_cast<int>(std::lround(width / ratio)) - height;
    if (across > 0) {
        widths.left += across / 2;
        widths.right += across - across / 2;
    } else if (down > 0) {
        widths.top += down / 2;
        widths.bottom += down - down / 2;
    }
    return widths;
}

Rect grown(const Rect& r, const Edges& by) {
    return {r.x - by.left, r.y - by.top, r.width + by.across(), r.height + by.down()};
}

/// Never to nothing: the wider sides give way.
Rect shrunk(const Rect& r, Edges by) {
    const auto give = [](int& first, int& second, int room) {
        const int most = std::max(0, room - 1);
        if (first + second <= most)
            return;
        const double factor = static_cast<double>(most) / (first + second);
        first = static_cast<int>(first * factor);
        second = static_cast<int>(second * factor);
    };
    give(by.left, by.right, r.width);
    give(by.top, by.bottom, r.height);
    return {r.x + by.left, r.y + by.top, r.width - by.across(), r.height - by.down()};
}

Rect moved(Rect r, int dx, int dy) {
    r.x += dx, r.y += dy;
    return r;
}

} // namespace

BorderLayout layOutBorder(const BorderDesign& design, Size inside, double pixelsPerMm) {
    BorderLayout out;
    out.whole = inside;
    out.inside = out.visible = {0, 0, inside.width, inside.height};
    if (!design.on)
        return out;
    std::vector<RingPlace> innerLines;
    Rect at = out.inside;
    if (design.over()) // from the picture's edge inwards: the last ring first
        for (std::size_t i = design.rings.size(); i-- > 0;) {
            if (design.rings[i].kind == RingKind::InnerLine)
                continue;
            const Rect inner = shrunk(at, widthsOf(design.rings[i], inside, pixelsPerMm));
            if (!(inner == at))
                out.places.insert(out.places.begin(), {i, at, inner});
            at = inner;
        }
    else
        for (std::size_t i = 0; i < design.rings.size(); ++i) {
            const auto& ring = design.rings[i];
            if (ring.kind == RingKind::InnerLine)
                continue;
            Edges widths = widthsOf(ring, inside, pixelsPerMm);
            if (ring.sides == RingSides::Ratio)
                widths = grownToRatio(widths, {at.width, at.height}, parseRatio(ring.ratio).value_or(1));
            const Rect outer = grown(at, widths);
            if (!(outer == at))
                out.places.push_back({i, outer, at});
            at = outer;
        }
    const Rect visible = design.over() ? at : out.inside;
    for (std::size_t i = 0; i < design.rings.size(); ++i)
        if (design.rings[i].kind == RingKind::InnerLine)
            innerLines.push_back(
                {i, visible, shrunk(visible, widthsOf(design.rings[i], inside, pixelsPerMm))});
    out.places.insert(out.places.begin(), innerLines.begin(), innerLines.end());
    if (!design.over()) {
        out.whole = {at.width, at.height};
        for (auto& place : out.places) {
            place.outer = moved(place.outer, -at.x, -at.y);
            place.inner = moved(place.inner, -at.x, -at.y);
        }
        out.inside = moved(out.inside, -at.x, -at.y);
    }
    out.visible = design.over() ? at : out.inside;
    // A gap shows the picture itself.
    if (design.over())
        for (const auto& place : out.places)
            if (design.rings[place.ring].kind != RingKind::Gap &&
                design.rings[place.ring].kind != RingKind::InnerLine) {
                out.visible = place.inner;
                break;
            }
    return out;
}

BorderLayout movedTo(const BorderLayout& layout, Size inside) {
    if (inside == Size{layout.inside.width, layout.inside.height})
        return layout;
    const int wider = inside.width - layout.inside.width, higher = inside.height - layout.inside.height;
    const auto larger = [&](Rect r) {
        return Rect{r.x, r.y, std::max(1, r.width + wider), std::max(1, r.height + higher)};
    };
    BorderLayout out = layout;
    out.whole = {layout.whole.width + wider, layout.whole.height + higher};
    out.inside = larger(layout.inside);
    out.visible = larger(layout.visible);
    for (auto& place : out.places) {
        place.outer = larger(place.outer);
        place.inner = larger(place.inner);
    }
    return out;
}

Edges borderEdges(const BorderDesign& design, Size inside, double pixelsPerMm) {
    return layOutBorder(design, inside, pixelsPerMm).edges();
}

} // namespace keepseal
