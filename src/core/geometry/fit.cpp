// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/fit.h"

#include "geometry/cut.h"

#include <cmath>
#include <optional>

namespace keepseal {

Rect intersection(const Rect& a, const Rect& b) {
    const int left = std::max(a.x, b.x), top = std::max(a.y, b.y);
    const int right = std::min(a.right(), b.right()), bottom = std::min(a.bottom(), b.bottom());
    return {left, top, std::max(0, right - left), std::max(0, bottom - top)};
}

namespace {

constexpr double kSquareWithin = 1.02; ///< a picture nearly square counts as square

Size scaled(Size original, double factor) {
    const auto side = [factor](int pixels) {
        return std::max(1, static_cast<int>(std::lround(std::min(pixels * factor, 1e9))));
    };
    return {side(original.width), side(original.height)};
}

/// The same shape with exactly that width, or that height.
Size withWidth(Size cut, double width) {
    Size out = scaled(cut, width / cut.width);
    out.width = std::max(1, static_cast<int>(std::lround(width)));
    return out;
}
Size withHeight(Size cut, double height) {
    Size out = scaled(cut, height / cut.height);
    out.height = std::max(1, static_cast<int>(std::lround(height)));
    return out;
}

/// Width and height of the box that is asked for.
Size boxOf(const FitSettings& s, Size cut) {
    Size box{s.width, s.height};
    if (s.to == FitTo::Paper)
        box = {std::max(1, static_cast<int>(std::lround(paperPixels(s, s.paperWidth)))),
               std::max(1, static_cast<int>(std::lround(paperPixels(s, s.paperHeight))))};
    const bool otherWay = (box.width > box.height && cut.height > cut.width) ||
                          (box.width < box.height && cut.width > cut.height);
    return s.turnBox && otherWay ? Size{box.height, box.width} : box;
}

class Fitter {
public:
    Fitter(const FitSettings& settings, Size cut, const EdgesOf& borderOf)
        : m_s(settings), m_cut(cut), m_borderOf(borderOf) {}

    Fitted run() {
        Fitted out;
        out.kept = {0, 0, double(m_cut.width), double(m_cut.height)};
        out.applied = m_s.on && conditionsHold();
        if (!out.applied) {
            out.picture = m_cut;
            setBorder(out, m_cut);
            return out;
        }
        if (m_s.fills() || m_s.pads())
            fitExactly(out);
        else
            fitShape(out);
        out.enlargedTo = std::max(100.0, 100.0 * std::max(out.picture.width / out.kept.width,
                                                          out.picture.height / out.kept.height));
        return out;
    }

private:
    bool counts() const { return m_s.what == FitWhat::Whole && m_borderOf; }
    Edges edges(Size inside) const { return m_borderOf ? m_borderOf(inside) : Edges{}; }

    void setBorder(Fitted& out, Size around) const {
        out.borderFor = around;
        out.border = edges(around);
    }

    bool conditionsHold() const {
        const int side = m_cut.longSide();
        if ((m_s.only == FitOnly::Larger && side <= m_s.onlySize) ||
            (m_s.only == FitOnly::Smaller && side >= m_s.onlySize))
            return false;
        const double shape = static_cast<double>(m_cut.width) / m_cut.height;
        switch (m_s.onlyShape) {
        case FitShape::Any:
            return true;
        case FitShape::Wide:
            return shape > kSquareWithin;
        case FitShape::Tall:
            return shape < 1 / kSquareWithin;
        case FitShape::Square:
            return shape <= kSquareWithin && shape >= 1 / kSquareWithin;
        }
        return true;
    }

    double most() const {
        return m_s.enlarge == Enlarge::Never  ? 1
               : m_s.enlarge == Enlarge::UpTo ? m_s.enlargeLimit / 100
                                              : 1e9;
    }

    /// The picture's size when `e` is taken off what is asked for.
    Size wanted(const Edges& e) const {
        const double across = e.across(), down = e.down();
        const auto atLeast1 = [](double v) { return std::max(1.0, v); };
        const double w = m_cut.width, h = m_cut.height;
        switch (m_s.to) {
        case FitTo::LongSide:
        case FitTo::ShortSide: {
            // The side that is the long (short) one of the whole, border included.
            const double side = m_s.to == FitTo::LongSide ? m_s.longSide : m_s.shortSide;
            const Size byWidth = withWidth(m_cut, atLeast1(side - across));
            const Size byHeight = withHeight(m_cut, atLeast1(side - down));
            const bool widthIsLonger = byWidth.width + across >= byWidth.height + down;
            return (m_s.to == FitTo::LongSide) == widthIsLonger ? byWidth : byHeight;
        }
        case FitTo::Width:
            return withWidth(m_cut, atLeast1(m_s.width - across));
        case FitTo::Height:
            return withHeight(m_cut, atLeast1(m_s.height - down));
        case FitTo::Box:
        case FitTo::Paper: {
            const Size box = boxOf(m_s, m_cut);
            return fitInside(m_cut,
                             {std::max(1, box.width - e.across()), std::max(1, box.height - e.down())});
        }
        case FitTo::Percent:
            return scaled(m_cut, m_s.percent / 100);
        case FitTo::Megapixels: {
            // (f w + a) (f h + d) = target
            const double target = m_s.megapixels * 1e6;
            const double b = w * down + h * across, c = across * down - target;
            const double root = std::sqrt(std::max(0.0, b * b - 4 * w * h * c));
            return scaled(m_cut, std::max(1e-9, (root - b) / (2 * w * h)));
        }
        case FitTo::PadRatio:
        case FitTo::Fill:
        case FitTo::Pad:
            break;
        }
        return m_cut;
    }

    bool within(Size picture, const Edges& e) const {
        const Size most = wanted(e);
        return picture.width <= most.width && picture.height <= most.height;
    }

    /// The largest picture which fits together with its edges.
    template <class SizeAt, class Fits>
    Size settledSize(SizeAt sizeAt, Fits fits) const {
        double low = 0, high = 1;
        while (high < 1e6 && fits(sizeAt(high), edges(sizeAt(high))))
            high *= 2;
        for (int step = 0; step < 60; ++step) {
            const double factor = (low + high) / 2;
            const Size size = sizeAt(factor);
            (fits(size, edges(size)) ? low : high) = factor;
        }
        return sizeAt(low);
    }

    void fitShape(Fitted& out) const {
        std::optional<Size> settled;
        if (m_s.to == FitTo::PadRatio) {
            out.picture = m_cut;
        } else {
            if (counts() && m_s.to != FitTo::Percent)
                settled =
                    settledSize([this](double f) { return scaled(m_cut, f); },
                                [this](Size size, const Edges& around) { return within(size, around); });
            out.picture = wanted(settled ? edges(*settled) : Edges{});
        }
        const bool limited = limit(out);
        if (m_s.to == FitTo::PadRatio)
            padToRatio(out);
        setBorder(out, settled && !limited ? *settled : out.padded());
    }

    /// Takes back what would be enlarged too much; the shape stays.
    bool limit(Fitted& out) const {
        const double factor =
            std::max(out.picture.width / out.kept.width, out.picture.height / out.kept.height);
        if (factor <= most() * (1 + 1e-9) + 0.5 / std::max(out.kept.width, out.kept.height))
            return false;
        out.picture = scaled({static_cast<int>(out.kept.width), static_cast<int>(out.kept.height)}, most());
        out.smallerThanAsked = true;
        return true;
    }

    void fitExactly(Fitted& out) const {
        const Size box = boxOf(m_s, m_cut);
        std::optional<Size> settled;
        if (counts())
            settled = settledSize([box](double f) { return scaled(box, f); },
                                  [box](Size size, const Edges& around) {
                                      return size.width + around.across() <= box.width &&
                                             size.height + around.down() <= box.height;
                                  });
        const Edges e = settled ? edges(*settled) : Edges{};
        const Size room{std::max(1, box.width - e.across()), std::max(1, box.height - e.down())};
        if (m_s.fills()) {
            out.picture = room;
            trimTo(out);
            const bool limited = limit(out);
            if (limited)
                out.missedSize = room;
            setBorder(out, settled && !limited ? *settled : out.picture);
            return;
        }
        out.picture = fitInside(m_cut, room);
        limit(out);
        out.smallerThanAsked = false; // the padding makes up for it
        pad(out, room);
        setBorder(out, settled ? *settled : room);
    }

    /// The largest part of the cut that has the picture's shape.
    void trimTo(Fitted& out) const {
        const double shape = static_cast<double>(out.picture.width) / out.picture.height;
        const double w = std::clamp(std::round(std::min<double>(m_cut.width, m_cut.height * shape)), 1.0,
                                    static_cast<double>(m_cut.width));
        const double h = std::clamp(std::round(std::min<double>(m_cut.height, m_cut.width / shape)), 1.0,
                                    static_cast<double>(m_cut.height));
        const Point at = anchored({0, 0, m_cut.width, m_cut.height}, w, h, m_s.anchor, 0);
        out.kept = {std::floor(at.x), std::floor(at.y), w, h};
    }

    void pad(Fitted& out, Size room) const {
        const Point at =
            anchored({0, 0, room.width, room.height}, out.picture.width, out.picture.height, m_s.anchor, 0);
        out.padding.left = static_cast<int>(std::floor(at.x));
        out.padding.top = static_cast<int>(std::floor(at.y));
        out.padding.right = room.width - out.picture.width - out.padding.left;
        out.padding.bottom = room.height - out.picture.height - out.padding.top;
    }

    void padToRatio(Fitted& out) const {
        const double ratio = parseRatio(m_s.padRatio).value_or(1);
        const Size p = out.picture;
        const Size room{std::max(p.width, static_cast<int>(std::lround(p.height * ratio))),
                        std::max(p.height, static_cast<int>(std::lround(p.width / ratio)))};
        pad(out, room);
    }

    const FitSettings& m_s;
    Size m_cut;
    const EdgesOf& m_borderOf;
};

} // namespace

double millimetresOf(LengthUnit unit) {
    return unit == LengthUnit::Millimetres ? 1 : unit == LengthUnit::Centimetres ? 10 : 25.4;
}

double paperPixels(const FitSettings& settings, double length) {
    return length * millimetresOf(settings.paperUnit) / 25.4 * settings.resolution;
}

Fitted fitPicture(const FitSettings& settings, Size cut, const EdgesOf& borderOf) {
    const Size safe{std::max(1, cut.width), std::max(1, cut.height)};
    return Fitter(settings, safe, borderOf).run();
}

Size fitLongSide(Size original, int longSide) {
    if (original.empty() || longSide >= original.longSide())
        return original;
    return scaled(original, static_cast<double>(longSide) / original.longSide());
}

Size fitInside(Size original, Size box) {
    if (original.empty() || box.empty())
        return {1, 1};
    const double factor = std::min(static_cast<double>(box.width) / original.width,
                                   static_cast<double>(box.height) / original.height);
    Size out = scaled(original, factor);
    return {std::min(out.width, box.width), std::min(out.height, box.height)};
}

int decodeShrink(Size stored, Size target) {
    struct Step {
        int shrink;
        double inHand; ///< times the target's size that must be left for the resample
    };
    for (const auto& [shrink, inHand] : {Step{8, 1.7}, Step{4, 1.7}, Step{2, 1.46}})
        if (stored.width >= target.width * shrink * inHand &&
            stored.height >= target.height * shrink * inHand)
            return shrink;
    return 1;
}

} // namespace keepseal
