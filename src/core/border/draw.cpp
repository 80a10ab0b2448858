// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/draw.h"

#include "base/text.h"
#include "border/caption.h"
#include "border/paint.h"

#include <array>
#include <cmath>
#include <map>

namespace keepseal {
namespace {

constexpr int kCells = 40; ///< along the longer side, for measured colours

/// The picture as at most kCells x kCells means, in sRGB.
Frame cellsOf(const Frame& picture) {
    const int side = picture.size.longSide();
    const auto count = [side](int pixels) {
        return std::clamp(static_cast<int>(std::lround(static_cast<double>(pixels) * kCells / side)), 1,
                          pixels);
    };
    Frame small = emptyLike(picture, {count(picture.size.width), count(picture.size.height)});
    small.alpha.clear();
    byDepth(picture, [&](auto depth) {
        using T = decltype(depth);
        const auto edge = [](int i, int cells, int pixels) {
            return static_cast<int>(static_cast<std::int64_t>(i) * pixels / cells);
        };
        for (int cy = 0; cy < small.size.height; ++cy)
            for (int cx = 0; cx < small.size.width; ++cx) {
                const int top = edge(cy, small.size.height, picture.size.height),
                          bottom = edge(cy + 1, small.size.height, picture.size.height);
                const int left = edge(cx, small.size.width, picture.size.width),
                          right = edge(cx + 1, small.size.width, picture.size.width);
                const int step = std::max(1, std::max(bottom - top, right - left) / 12);
                double sum[3] = {}, n = 0;
                for (int y = top; y < bottom; y += step)
                    for (int x = left; x < right; x += step, ++n)
                        for (int c = 0; c < 3; ++c)
                            sum[c] += picture.rowOf<T>(y)[static_cast<std::ptrdiff_t>(x) * 3 + c];
                for (int c = 0; c < 3; ++c)
                    small.rowOf<T>(cy)[static_cast<std::ptrdiff_t>(cx) * 3 + c] =
                        static_cast<T>(std::lround(sum[c] / std::max(1.0, n)));
            }
    });
    return asEightBitSrgb(small);
}

/// To the pixel or two that a proof's picture differs while its border is being drawn.
Frame stretched(const Frame& frame, Size to) {
    Frame out = emptyLike(frame, to);
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int y = 0; y < to.height; ++y) {
            const auto from = static_cast<int>(static_cast<std::int64_t>(y) * frame.size.height / to.height);
            const auto* row = frame.rowOf<T>(from);
            auto* pixel = out.rowOf<T>(y);
            for (int x = 0; x < to.width; ++x, pixel += 3) {
                const auto at = static_cast<std::ptrdiff_t>(x) * frame.size.width / to.width;
                std::copy_n(row + at * 3, 3, pixel);
                if (!out.alpha.empty())
                    out.alphaRow(y)[x] = frame.alphaRow(from)[at];
            }
        }
    });
    return out;
}

/// A mean that grows.
struct Mean {
    double r = 0, g = 0, b = 0, n = 0;
    void add(const std::uint8_t* p) { r += p[0], g += p[1], b += p[2], n += 1; }
    Rgb colour() const {
        const auto value = [this](double sum) {
            return static_cast<std::uint8_t>(std::lround(sum / std::max(1.0, n)));
        };
        return {value(r), value(g), value(b)};
    }
};

struct Shapes {
    std::vector<RoundBox> outer, inner; ///< of each place
    RoundBox picture, visible;
};

/// The mat's side that the caption stands in, in pixels of the copy; without height where there is none.
Box captionBand(const BorderDesign& design, const BorderLayout& layout) {
    const RingPlace* mat = nullptr;
    for (const auto& place : layout.places)
        if (design.rings[place.ring].kind == RingKind::Mat)
            mat = &place;
    const Rect& across = layout.visible;
    Box band{double(across.x), 0, double(across.width), 0};
    if (!mat)
        return band;
    const bool below = design.caption.side == CaptionSide::Bottom;
    band.y = below ? mat->inner.bottom() : mat->outer.y;
    band.height = below ? mat->outer.bottom() - mat->inner.bottom() : mat->inner.y - mat->outer.y;
    return band;
}

BorderResult resultOf(const SetCaption& set, Size whole) {
    BorderResult out{set.notes, !set.fields.empty(), wordsIn(set)};
    for (auto& box : out.words)
        box = {box.x / whole.width, box.y / whole.height, box.width / whole.width, box.height / whole.height};
    return out;
}

class Drawer {
public:
    Drawer(const BorderDesign& design, const BorderGround& ground, const TextFacts& facts, Size whole,
           Frame& frame)
        : m_design(design), m_ground(ground), m_layout(ground.layout), m_facts(facts), m_whole(whole),
          m_frame(frame), m_sx(static_cast<double>(whole.width) / ground.layout.whole.width),
          m_sy(static_cast<double>(whole.height) / ground.layout.whole.height),
          m_scale(std::sqrt(m_sx * m_sy)) {}

    BorderResult run() {
        findShapes();
        findColours();
        const Rect at = pictureIn(m_ground, m_whole);
        if (!(m_frame.size == Size{at.width, at.height}))
            m_frame = stretched(m_frame, {at.width, at.height});
        Frame out = emptyLike(m_frame, m_whole);
        if (mayBeTransparent()) { // what nothing is laid over is black, under no opacity
            std::fill(out.rgb.begin(), out.rgb.end(), std::uint8_t{0});
            std::fill(out.deep.begin(), out.deep.end(), std::uint16_t{0});
        }
        std::fill(out.alpha.begin(), out.alpha.end(), std::uint8_t{255});
        if (!m_design.over()) {
            clearOuterCorners(out);
            paintRingsAround(out);
        }
        paintPadding(out);
        paintPictureInto(out, at);
        paintInnerShade(out, m_shapes.visible,
                        m_design.on ? m_design.shadowSize / 100 * m_short * m_scale : 0,
                        m_design.shadowStrength / 100);
        for (std::size_t i = 0; i < m_layout.places.size(); ++i) {
            const auto kind = ringOf(i).kind;
            if (kind == RingKind::InnerLine || (m_design.over() && kind != RingKind::Gap))
                paintRing(out, m_shapes.outer[i], m_shapes.inner[i], m_inks[i]);
        }
        BorderResult result = writeCaption(out);
        // Around, the outermost ring was drawn round already.
        if (m_design.on && m_design.outerCorner > 0 && (m_design.over() || m_layout.places.empty()))
            keepInside(out, {{0, 0, double(m_whole.width), double(m_whole.height)}, outerRadius()});
        out.picture = visibleIn();
        m_frame = std::move(out);
        return result;
    }

private:
    const Ring& ringOf(std::size_t place) const { return m_design.rings[m_layout.places[place].ring]; }
    Box scaled(const Rect& r) const { return {r.x * m_sx, r.y * m_sy, r.width * m_sx, r.height * m_sy}; }
    double outerRadius() const { return m_design.outerCorner / 100 * m_short * m_scale; }

    bool mayBeTransparent() const {
        return !m_frame.alpha.empty() || m_ground.padWith == PadWith::Transparent || m_design.corner > 0 ||
               m_design.outerCorner > 0 ||
               std::any_of(m_inks.begin(), m_inks.end(), [](const Ink& ink) { return ink.transparent; });
    }

    /// Lines beside the picture follow its corners, lines beyond the last mat the outer ones.
    void findShapes() {
        m_short = m_layout.inside.width > 0 ? std::min(m_layout.inside.width, m_layout.inside.height) : 1;
        const double corner = m_design.on ? m_design.corner / 100 * m_short * m_scale : 0;
        const auto& places = m_layout.places;
        std::size_t firstMat = places.size(), lastMat = 0;
        for (std::size_t i = 0; i < places.size(); ++i)
            if (ringOf(i).kind == RingKind::Mat) {
                firstMat = std::min(firstMat, i);
                lastMat = i;
            }
        const Rect whole{0, 0, m_layout.whole.width, m_layout.whole.height};
        const auto radiusAt = [&](const Rect& edge, bool beforeMat, bool beyondMat) {
            const double in = (edge.x - whole.x) * m_sx;
            const double out = (m_layout.visible.x - edge.x) * m_sx;
            if (beforeMat && corner > 0)
                return std::max(0.0, corner + out);
            if (beyondMat && m_design.outerCorner > 0)
                return std::max(0.0, outerRadius() - in);
            return 0.0;
        };
        for (std::size_t i = 0; i < places.size(); ++i) {
            const bool innerLine = ringOf(i).kind == RingKind::InnerLine;
            const bool noMat = firstMat == places.size();
            m_shapes.outer.push_back(
                {scaled(places[i].outer),
                 radiusAt(places[i].outer, innerLine || i < firstMat, !noMat && i >= lastMat)});
            m_shapes.inner.push_back(
                {scaled(places[i].inner),
                 radiusAt(places[i].inner, innerLine || i <= firstMat, !noMat && i > lastMat)});
        }
        m_shapes.visible = {scaled(m_layout.visible), corner};
        m_shapes.picture = {scaled(m_ground.picture), m_design.over() ? 0 : cornerOfPicture(corner)};
    }
    /// With padding the corners are those of what the border goes around.
    double cornerOfPicture(double corner) const { return m_ground.picture == m_layout.inside ? corner : 0; }

    void findColours() {
        std::map<RingColour, Rgb> measured;
        const auto colourOf = [&](const Ring& ring) {
            if (ring.from == RingColour::Typed || ring.from == RingColour::Transparent)
                return ring.colour;
            const auto [at, isNew] = measured.try_emplace(ring.from);
            if (isNew)
                at->second = measuredColour(ring.from, m_frame);
            return at->second;
        };
        for (std::size_t i = 0; i < m_layout.places.size(); ++i) {
            const Ring* ring = &ringOf(i);
            if (ring->kind == RingKind::Gap) { // the mat that follows it, else white
                ring = nullptr;
                for (auto k = i + 1; k < m_layout.places.size() && !ring; ++k)
                    if (ringOf(k).kind == RingKind::Mat)
                        ring = &ringOf(k);
            }
            m_inks.push_back(ring ? Ink{colourOf(*ring), ring->from == RingColour::Transparent}
                                  : Ink{{255, 255, 255}});
        }
    }

    /// From the outside inwards: each lies over the one before, so no seam shows between two.
    void paintRingsAround(Frame& out) {
        for (std::size_t i = m_layout.places.size(); i-- > 0;)
            if (ringOf(i).kind != RingKind::InnerLine)
                paintBetween(out, m_shapes.outer[i], m_shapes.inner[i], m_inks[i]);
    }

    /// Beyond the round corners of the outermost line there is nothing.
    void clearOuterCorners(Frame& out) {
        if (m_shapes.outer.empty() || m_shapes.outer.back().radius <= 0)
            return;
        requireAlpha(out);
        std::fill(out.alpha.begin(), out.alpha.end(), std::uint8_t{0});
    }

    void paintPadding(Frame& out) {
        if (m_ground.picture == m_layout.inside)
            return;
        paintBetween(out, {scaled(m_layout.inside), 0}, {scaled(m_ground.picture), 0},
                     {m_ground.padColour, m_ground.padWith == PadWith::Transparent});
    }

    void paintPictureInto(Frame& out, const Rect& at) {
        const bool bare = m_layout.places.empty() || m_design.over();
        if (bare && m_shapes.visible.radius > 0 && m_ground.picture == m_layout.inside && !m_design.over()) {
            requireAlpha(out); // nothing lies under the corners
            std::fill(out.alpha.begin(), out.alpha.end(), std::uint8_t{0});
        }
        // Where a proof's edge lies between two pixels and nothing lies under it, the picture goes to the
        // edge.
        const bool toTheEdge = bare && m_ground.picture == m_layout.inside && m_shapes.picture.radius == 0;
        const RoundBox all{{double(at.x), double(at.y), double(at.width), double(at.height)}, 0};
        paintPicture(out, m_frame, at.x, at.y, toTheEdge ? all : m_shapes.picture);
    }

    BorderResult writeCaption(Frame& out) {
        if (!m_design.on || !m_design.caption.on)
            return {};
        const auto set = setCaption(m_design.caption, m_facts, captionBand(m_design, m_layout));
        drawCaption(set, m_design.caption.colour, m_sx, m_sy, out);
        return resultOf(set, m_layout.whole);
    }

    Rect visibleIn() const {
        const Rect& r = m_design.on ? m_layout.visible : m_ground.picture;
        const Rect seen = intersection(r, m_ground.picture);
        const auto edge = [](int v, double f) { return static_cast<int>(std::lround(v * f)); };
        const int x = edge(seen.x, m_sx), y = edge(seen.y, m_sy);
        return {x, y, std::max(1, edge(seen.right(), m_sx) - x), std::max(1, edge(seen.bottom(), m_sy) - y)};
    }

    const BorderDesign& m_design;
    const BorderGround& m_ground;
    const BorderLayout& m_layout;
    const TextFacts& m_facts;
    Size m_whole;
    Frame& m_frame;
    double m_sx, m_sy, m_scale;
    double m_short = 1; ///< pixels of the copy
    Shapes m_shapes;
    std::vector<Ink> m_inks;
};

} // namespace

bool BorderGround::needed() const {
    return !layout.places.empty() || !(picture == Rect{0, 0, layout.whole.width, layout.whole.height});
}

Rect pictureIn(const BorderGround& ground, Size whole) {
    const double sx = static_cast<double>(whole.width) / ground.layout.whole.width;
    const double sy = static_cast<double>(whole.height) / ground.layout.whole.height;
    const auto& p = ground.picture;
    const int x = static_cast<int>(std::floor(p.x * sx + 1e-6)),
              y = static_cast<int>(std::floor(p.y * sy + 1e-6));
    return {x, y, std::max(1, static_cast<int>(std::ceil(p.right() * sx - 1e-6)) - x),
            std::max(1, static_cast<int>(std::ceil(p.bottom() * sy - 1e-6)) - y)};
}

Rgb measuredColour(RingColour which, const Frame& picture) {
    const Frame cells = cellsOf(picture);
    Mean mean;
    std::array<Mean, 64> bins;
    for (int y = 0; y < cells.size.height; ++y)
        for (int x = 0; x < cells.size.width; ++x) {
            const auto* p = cells.row(y) + static_cast<std::ptrdiff_t>(x) * 3;
            const bool edge = x == 0 || y == 0 || x == cells.size.width - 1 || y == cells.size.height - 1;
            if (which != RingColour::Edge || edge)
                mean.add(p);
            bins[static_cast<std::size_t>((p[0] >> 6) * 16 + (p[1] >> 6) * 4 + (p[2] >> 6))].add(p);
        }
    if (which != RingColour::Dominant)
        return mean.colour();
    return std::max_element(bins.begin(), bins.end(), [](const Mean& a, const Mean& b) { return a.n < b.n; })
        ->colour();
}

BorderResult borderAhead(const BorderDesign& design, const BorderGround& ground, const TextFacts& facts) {
    if (!design.on || !design.caption.on)
        return {};
    return resultOf(setCaption(design.caption, facts, captionBand(design, ground.layout)),
                    ground.layout.whole);
}

BorderResult drawBorder(const BorderDesign& design, const BorderGround& ground, const TextFacts& facts,
                        Size whole, Frame& frame) {
    return Drawer(design, ground, facts, whole, frame).run();
}

} // namespace keepseal
