// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/paint.h"

#include <cmath>

namespace keepseal {
namespace {

double overlap(double from, double to, int pixel) {
    return std::clamp(std::min(to, pixel + 1.0) - std::max(from, static_cast<double>(pixel)), 0.0, 1.0);
}

/// A row's worth of pixels of a frame, and how to lay something over them.
template <class T>
class Row {
public:
    Row(Frame& frame, int y)
        : m_pixel(frame.rowOf<T>(y)), m_alpha(frame.alpha.empty() ? nullptr : frame.alphaRow(y)) {}

    /// The formula of simple alpha compositing (W3C Compositing and Blending Level 1, section 5.1), with
    /// colours that are not premultiplied.
    void over(int x, const T* colour, double weight) {
        auto* p = m_pixel + static_cast<std::ptrdiff_t>(x) * 3;
        if (!m_alpha) {
            for (int c = 0; c < 3; ++c)
                p[c] = static_cast<T>(std::lround(p[c] + (colour[c] - p[c]) * weight));
            return;
        }
        const double under = m_alpha[x] / 255.0 * (1 - weight), sum = weight + under;
        if (sum <= 0)
            return;
        for (int c = 0; c < 3; ++c)
            p[c] = static_cast<T>(std::lround((colour[c] * weight + p[c] * under) / sum));
        m_alpha[x] = static_cast<std::uint8_t>(std::lround(sum * 255));
    }
    void erase(int x, double weight) {
        m_alpha[x] = static_cast<std::uint8_t>(std::lround(m_alpha[x] * (1 - weight)));
    }
    void fill(int from, int to, const T* colour) {
        auto* p = m_pixel + static_cast<std::ptrdiff_t>(from) * 3;
        for (int x = from; x < to; ++x, p += 3)
            p[0] = colour[0], p[1] = colour[1], p[2] = colour[2];
        if (m_alpha && to > from)
            std::fill(m_alpha + from, m_alpha + to, std::uint8_t{255});
    }

private:
    T* m_pixel;
    std::uint8_t* m_alpha;
};

template <class T>
struct Colour {
    T value[3];
    Colour(Rgb rgb, const ColourSpacePtr& space) {
        const Rgb in = convertColour(rgb, space);
        value[0] = fromEight<T>(in.r), value[1] = fromEight<T>(in.g), value[2] = fromEight<T>(in.b);
    }
};

Rect touched(const Box& box, Size size) {
    const int left = static_cast<int>(std::floor(box.x)), top = static_cast<int>(std::floor(box.y));
    const Rect all{left, top, static_cast<int>(std::ceil(box.right())) - left,
                   static_cast<int>(std::ceil(box.bottom())) - top};
    return intersection(all, {0, 0, size.width, size.height});
}

/// Calls `weigh(x)` for the pixels of a row, `fill(from, to)` for those that are whole inside `outer`;
/// nothing for those from `skip.first` to `skip.second`.
template <class Weigh, class Fill>
void overRow(const Rect& area, std::pair<int, int> whole, std::pair<int, int> skip, Weigh weigh, Fill fill) {
    if (skip.first >= skip.second)
        skip = {area.right(), area.right()};
    if (whole.first >= whole.second)
        whole = {area.right(), area.right()};
    const auto stretch = [&](int from, int to) {
        const int first = std::clamp(whole.first, from, to), last = std::clamp(whole.second, first, to);
        for (int x = from; x < first; ++x)
            weigh(x);
        if (last > first)
            fill(first, last);
        for (int x = last; x < to; ++x)
            weigh(x);
    };
    stretch(area.x, std::clamp(skip.first, area.x, area.right()));
    stretch(std::clamp(skip.second, area.x, area.right()), area.right());
}

} // namespace

double RoundBox::cover(int x, int y) const {
    const double straight = overlap(box.x, box.right(), x) * overlap(box.y, box.bottom(), y);
    const double r = std::min({radius, box.width / 2, box.height / 2});
    if (straight <= 0 || r <= 0)
        return straight;
    const double px = x + 0.5, py = y + 0.5;
    const double dx = std::max({box.x + r - px, px - (box.right() - r), 0.0});
    const double dy = std::max({box.y + r - py, py - (box.bottom() - r), 0.0});
    if (dx <= 0 || dy <= 0)
        return straight;
    return std::min(straight, std::clamp(r - std::hypot(dx, dy) + 0.5, 0.0, 1.0));
}

std::pair<int, int> RoundBox::wholeSpan(int y) const {
    if (box.empty() || y < box.y - 1e-9 || y + 1 > box.bottom() + 1e-9)
        return {0, 0};
    const double r = std::min({radius, box.width / 2, box.height / 2});
    double inset = 0;
    if (r > 0) {
        const double py = y + 0.5;
        const double dy = std::max({box.y + r - py, py - (box.bottom() - r), 0.0});
        if (dy > 0) {
            const double within = r - 0.5; // where cover() is 1
            inset = dy < within ? r - std::sqrt(within * within - dy * dy) + 1 : r + 1;
        }
    }
    return {static_cast<int>(std::ceil(box.x + inset - 1e-9)),
            static_cast<int>(std::floor(box.right() - inset + 1e-9))};
}

void paintBetween(Frame& frame, const RoundBox& outer, const RoundBox& inner, Ink ink) {
    if (ink.transparent)
        requireAlpha(frame);
    const Rect area = touched(outer.box, frame.size);
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        const Colour<T> colour(ink.colour, frame.space);
        for (int y = area.y; y < area.bottom(); ++y) {
            Row<T> row(frame, y);
            const auto weigh = [&](int x) {
                const double weight = outer.cover(x, y);
                if (weight > 0)
                    ink.transparent ? row.erase(x, weight) : row.over(x, colour.value, weight);
            };
            overRow(area, outer.wholeSpan(y), inner.wholeSpan(y), weigh, [&](int from, int to) {
                if (!ink.transparent)
                    return row.fill(from, to, colour.value);
                for (int x = from; x < to; ++x)
                    row.erase(x, 1);
            });
        }
    });
}

void paintRing(Frame& frame, const RoundBox& outer, const RoundBox& inner, Ink ink) {
    if (ink.transparent)
        requireAlpha(frame);
    const Rect area = touched(outer.box, frame.size);
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        const Colour<T> colour(ink.colour, frame.space);
        for (int y = area.y; y < area.bottom(); ++y) {
            Row<T> row(frame, y);
            const auto weigh = [&](int x) {
                const double weight = outer.cover(x, y) - inner.cover(x, y);
                if (weight > 1e-6)
                    ink.transparent ? row.erase(x, weight) : row.over(x, colour.value, weight);
            };
            overRow(area, {0, 0}, inner.wholeSpan(y), weigh, [](int, int) {});
        }
    });
}

void paintPicture(Frame& frame, const Frame& picture, int x0, int y0, const RoundBox& shape) {
    if (!picture.alpha.empty())
        requireAlpha(frame);
    const Rect area = intersection({x0, y0, picture.size.width, picture.size.height},
                                   {0, 0, frame.size.width, frame.size.height});
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int y = area.y; y < area.bottom(); ++y) {
            Row<T> row(frame, y);
            const auto* from = picture.rowOf<T>(y - y0) - static_cast<std::ptrdiff_t>(x0) * 3;
            const auto* opacity = picture.alpha.empty() ? nullptr : picture.alphaRow(y - y0) - x0;
            const auto weigh = [&](int x) {
                const double weight = shape.cover(x, y) * (opacity ? opacity[x] / 255.0 : 1);
                row.over(x, from + static_cast<std::ptrdiff_t>(x) * 3, weight);
            };
            overRow(area, shape.wholeSpan(y), {0, 0}, weigh, [&](int first, int last) {
                if (opacity) {
                    for (int x = first; x < last; ++x)
                        weigh(x);
                    return;
                }
                std::copy(from + static_cast<std::ptrdiff_t>(first) * 3,
                          from + static_cast<std::ptrdiff_t>(last) * 3,
                          frame.rowOf<T>(y) + static_cast<std::ptrdiff_t>(first) * 3);
                if (!frame.alpha.empty())
                    std::fill(frame.alphaRow(y) + first, frame.alphaRow(y) + last, std::uint8_t{255});
            });
        }
    });
}

void keepInside(Frame& frame, const RoundBox& shape) {
    requireAlpha(frame);
    const Rect area{0, 0, frame.size.width, frame.size.height};
    for (int y = 0; y < area.height; ++y) {
        auto* alpha = frame.alphaRow(y);
        overRow(
            area, {0, 0}, shape.wholeSpan(y),
            [&](int x) { alpha[x] = static_cast<std::uint8_t>(std::lround(alpha[x] * shape.cover(x, y))); },
            [](int, int) {});
    }
}

void paintInnerShade(Frame& frame, const RoundBox& shape, double width, double strength) {
    if (width <= 0 || strength <= 0)
        return;
    const Rect area = touched(shape.box, frame.size);
    const RoundBox clear{shape.box.grown(-width), std::max(0.0, shape.radius - width)};
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int y = area.y; y < area.bottom(); ++y) {
            auto* pixel = frame.rowOf<T>(y);
            const auto shade = [&](int x) {
                // Distance from the edge: of a corner, from its arc.
                const double r = std::max(width, shape.radius), px = x + 0.5, py = y + 0.5;
                const double dx = std::max({shape.box.x + r - px, px - (shape.box.right() - r), 0.0});
                const double dy = std::max({shape.box.y + r - py, py - (shape.box.bottom() - r), 0.0});
                const double depthIn = shape.radius >= width ? r - std::hypot(dx, dy) : r - std::max(dx, dy);
                const double part = std::clamp(1 - depthIn / width, 0.0, 1.0);
                const double keep = 1 - strength * part * part;
                for (int c = 0; c < 3; ++c) {
                    auto& value = pixel[static_cast<std::ptrdiff_t>(x) * 3 + c];
                    value = static_cast<T>(std::lround(value * keep));
                }
            };
            overRow(area, {0, 0}, clear.wholeSpan(y), shade, [](int, int) {});
        }
    });
}

void paintMask(Frame& frame, const std::uint8_t* mask, int stride, const Rect& area, Ink ink) {
    const Rect part = intersection(area, {0, 0, frame.size.width, frame.size.height});
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        const Colour<T> colour(ink.colour, frame.space);
        for (int y = part.y; y < part.bottom(); ++y) {
            Row<T> row(frame, y);
            const auto* from = mask + static_cast<std::ptrdiff_t>(y - area.y) * stride - area.x;
            for (int x = part.x; x < part.right(); ++x)
                if (from[x])
                    row.over(x, colour.value, from[x] / 255.0);
        }
    });
}

} // namespace keepseal
