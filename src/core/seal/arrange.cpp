// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/arrange.h"

namespace keepseal {
namespace {

constexpr double kShapeLimit = 8.0 / 7; ///< from here on a picture is tall or wide

double sizeFor(const SealDesign& design, const Rect& area) {
    const double shape = static_cast<double>(area.width) / area.height;
    const double own = shape >= kShapeLimit       ? design.sizeWide
                       : shape <= 1 / kShapeLimit ? design.sizeTall
                                                  : design.sizeSquare;
    return own > 0 ? own : design.size;
}

/// The unit in pixels as designed, before any limit.
double designedUnit(const PreparedSeal& seal, const Rect& area) {
    const double share = sizeFor(seal.design, area) / 100;
    switch (seal.design.scaleBy) {
    case ScaleBy::ShortSide:
        return share * std::min(area.width, area.height);
    case ScaleBy::LongSide:
        return share * std::max(area.width, area.height);
    case ScaleBy::Width:
        return share * area.width;
    case ScaleBy::Height:
        return share * area.height;
    case ScaleBy::Area: // sqrt(area of the seal) = share * sqrt(area of the picture)
        return 100 * share * std::sqrt(static_cast<double>(area.width) * area.height) /
               std::sqrt(seal.box.width * seal.box.height);
    }
    return 0;
}

/// Width and height of the box around the seal's turned box, one unit large.
Box turnedBox(const PreparedSeal& seal, double degrees) {
    return boundsOf(placing({0, 0}, {0, 0}, 1.0 / 100, degrees).map(seal.box));
}

/// To the sides, and up and down; pixels.
struct Edge2 {
    double x = 0, y = 0;
};

class Arranger {
public:
    Arranger(const PreparedSeal& seal, const Rect& picture, Size whole, const SealPlace& place,
             const CopyMeasure& measure)
        : m_seal(seal), m_design(seal.design), m_place(place), m_whole(whole), m_measure(measure) {
        m_out.area = m_design.against == Against::Whole ? Rect{0, 0, whole.width, whole.height} : picture;
    }

    SealPlacement run() {
        if (m_seal.empty() || m_out.area.empty())
            return m_out;
        const Box turned = turnedBox(m_seal, angle());
        chooseUnit(turned);
        if (m_design.arrangement == Arrangement::Repeat)
            repeat();
        else if (isStrip())
            inStrip(turned);
        else
            single(turned);
        return m_out;
    }

private:
    double shortSide() const { return std::min(m_out.area.width, m_out.area.height); }
    bool isStrip() const { return m_design.arrangement == Arrangement::Strip; }
    bool isUpright() const { return m_design.strip.runs != StripRuns::Across; }
    double angle() const {
        if (!isStrip())
            return m_design.angle + m_place.turn;
        return !isUpright() ? 0 : m_design.strip.runs == StripRuns::Upwards ? -90 : 90;
    }

    /// Room to the sides and, apart from it or not, up and down; none across a strip.
    Edge2 margins() const {
        const auto& m = m_design.margins;
        const auto in = [&](double share, double pixels, double mm) {
            return m.in == MarginIn::Share    ? shortSide() * share / 100
                   : m.in == MarginIn::Pixels ? pixels * m_measure.scale
                                              : mm * m_measure.perMm * m_measure.scale;
        };
        const double x = in(m.share, m.pixels, m.mm);
        const double y = m.apart ? in(m.shareDown, m.pixelsDown, m.mmDown) : x;
        return {isStrip() && isUpright() ? 0 : std::min(x, 0.45 * m_out.area.width),
                isStrip() && !isUpright() ? 0 : std::min(y, 0.45 * m_out.area.height)};
    }

    void chooseUnit(const Box& turned) {
        double unit = designedUnit(m_seal, m_out.area) * m_place.sizeBy;
        const double lowest = m_design.minXHeight * m_measure.scale;
        if (lowest > 0 && m_seal.smallestXHeight > 0 && m_seal.smallestXHeight * unit / 100 < lowest) {
            unit = lowest * 100 / m_seal.smallestXHeight;
            m_out.madeLarger = true;
        }
        const double largest = std::min(m_out.area.width * m_design.maxShare / 100 / turned.width,
                                        m_out.area.height * m_design.maxShare / 100 / turned.height);
        if (m_design.maxShare < 100 && unit > largest) {
            unit = largest;
            m_out.overShare = true;
        }
        const auto [x, y] = m_design.arrangement == Arrangement::Repeat ? Edge2{} : margins();
        const double padding = isStrip() ? 2 * m_design.strip.padding / 100 : 0;
        const double roomiest =
            std::min((m_out.area.width - 2 * x) / (turned.width + (isUpright() ? padding : 0)),
                     (m_out.area.height - 2 * y) / (turned.height + (isUpright() ? 0 : padding)));
        m_out.madeSmaller = roomiest < unit;
        m_out.unit = std::max(1e-6, std::min(unit, roomiest));
    }

    /// Top left of a box of that size, by anchor or point, nudged, and kept inside the area.
    Point spot(double width, double height) const {
        const Rect& area = m_out.area;
        const auto [x, y] = margins();
        Point at{anchored(area, width, height, m_place.anchor, x).x,
                 anchored(area, width, height, m_place.anchor, y).y};
        if (m_place.atPoint)
            at = {area.x + area.width * m_place.point.x / 100 - width / 2,
                  area.y + area.height * m_place.point.y / 100 - height / 2};
        at.x += shortSide() * m_place.nudge.x / 100;
        at.y += shortSide() * m_place.nudge.y / 100;
        at.x = std::clamp(at.x, double(area.x), std::max(double(area.x), area.right() - width));
        at.y = std::clamp(at.y, double(area.y), std::max(double(area.y), area.bottom() - height));
        return at;
    }

    std::vector<Box> wordsAround(double gap) const {
        std::vector<Box> out;
        for (const auto& w : m_measure.words)
            if (!w.empty())
                out.push_back(Box{w.x * m_whole.width, w.y * m_whole.height, w.width * m_whole.width,
                                  w.height * m_whole.height}
                                  .grown(gap));
        return out;
    }

    /// Where such a box stands beside the words of a caption, as near as can be.
    Point besideWords(Point at, double width, double height) {
        const auto words = wordsAround(0.3 * m_out.unit);
        const auto isClear = [&](Point p) {
            const Box box{p.x, p.y, width, height};
            return std::none_of(words.begin(), words.end(), [&](const Box& w) {
                return box.x < w.right() - 1e-6 && w.x < box.right() - 1e-6 && box.y < w.bottom() - 1e-6 &&
                       w.y < box.bottom() - 1e-6;
            });
        };
        if (isClear(at))
            return at;
        const Rect& area = m_out.area;
        std::optional<Point> best;
        const auto distance = [&](Point p) { return std::hypot(p.x - at.x, p.y - at.y); };
        for (const auto& w : words)
            for (const Point p : {Point{w.x - width, at.y}, Point{w.right(), at.y}, Point{at.x, w.y - height},
                                  Point{at.x, w.bottom()}}) {
                const bool inside = p.x >= area.x && p.y >= area.y && p.x + width <= area.right() &&
                                    p.y + height <= area.bottom();
                if (inside && isClear(p) && (!best || distance(p) < distance(*best)))
                    best = p;
            }
        m_out.onCaption = !best;
        return best.value_or(at);
    }

    void put(Point centre, double degrees) {
        const Affine map = placing(m_seal.box.centre(), centre, m_out.unit / 100, degrees);
        m_out.instances.push_back({map, -1});
        m_out.corners = map.map(m_seal.box);
    }

    void single(const Box& turned) {
        const double width = turned.width * m_out.unit, height = turned.height * m_out.unit;
        Point at = spot(width, height);
        if (m_design.clearOfCaption)
            at = besideWords(at, width, height);
        put({at.x + width / 2, at.y + height / 2}, angle());
        if (!m_design.perspective.on())
            return;
        auto corners = m_seal.box.corners();
        for (std::size_t i = 0; i < 4; ++i) {
            corners[i].x += m_seal.box.width * m_design.perspective.corners[i].x / 100;
            corners[i].y += m_seal.box.height * m_design.perspective.corners[i].y / 100;
            m_out.corners[i] = m_out.instances.front().map.map(corners[i]);
        }
        m_out.warp = homography(m_seal.box, m_out.corners, m_out.warped);
    }

    void inStrip(const Box& turned) {
        const double width = turned.width * m_out.unit, height = turned.height * m_out.unit;
        const double padding = m_design.strip.padding / 100 * m_out.unit;
        if (isUpright()) {
            const Point at = spot(width + 2 * padding, height);
            m_out.strip = {at.x, double(m_out.area.y), width + 2 * padding, double(m_out.area.height)};
            return put({at.x + padding + width / 2, at.y + height / 2}, angle());
        }
        const Point at = spot(width, height + 2 * padding);
        m_out.strip = {double(m_out.area.x), at.y, double(m_out.area.width), height + 2 * padding};
        put({at.x + width / 2, at.y + padding + height / 2}, 0);
    }

    /// A lattice around the picture's middle, as far as its corners: equally dense on every shape.
    void repeat() {
        // So fine that a small proof looks like its copy; a copy's own pixels are finer than that already.
        m_out.phases = m_measure.scale > 0.9 ? 4 : m_out.unit < 40 ? 16 : 8;
        const auto& look = m_design.repeat;
        const double scale = m_out.unit / 100;
        Box cell = m_seal.box;
        if (look.alternate) {
            cell = {};
            for (const auto& top : m_seal.tops)
                cell.width = std::max(cell.width, top.width), cell.height = std::max(cell.height, top.height);
        }
        double stepX = (cell.width + look.gapX) * scale, stepY = (cell.height + look.gapY) * scale;
        const double count = static_cast<double>(m_out.area.width) * m_out.area.height / (stepX * stepY);
        if (count > kMaxInstances) {
            m_out.spreadOut = true;
            const double spread = std::sqrt(count / (0.9 * kMaxInstances)); // with those that only reach in
            stepX *= spread, stepY *= spread;
        }
        const Affine turn =
            placing({0, 0}, {m_out.area.x + m_out.area.width / 2.0, m_out.area.y + m_out.area.height / 2.0},
                    1, angle());
        // The picture as the lattice sees it: turned back, with a seal's own reach around.
        const double reach = std::hypot(m_seal.box.width, m_seal.box.height) * scale;
        const Box seen =
            boundsOf(turn.inverse().map(Box{double(m_out.area.x), double(m_out.area.y),
                                            double(m_out.area.width), double(m_out.area.height)}));
        const int rows = static_cast<int>(std::ceil((seen.height / 2 + reach) / stepY)) + 1;
        const int columns = static_cast<int>(std::ceil((seen.width / 2 + reach) / stepX)) + 1;
        for (int row = -rows; row <= rows; ++row)
            for (int column = -columns - 1; column <= columns; ++column)
                putInLattice(turn, row, column, stepX, stepY);
        m_out.corners = placing(m_seal.box.centre(), turn.map(Point{0, 0}), scale, angle()).map(m_seal.box);
    }

    void putInLattice(const Affine& turn, int row, int column, double stepX, double stepY) {
        const auto& look = m_design.repeat;
        const double shift = (row & 1) != 0 ? look.rowShift / 100 : 0;
        const Point at{(column + shift + (look.phaseX + m_place.phase.x) / 100) * stepX,
                       (row + (look.phaseY + m_place.phase.y) / 100) * stepY};
        const int tops = static_cast<int>(m_seal.tops.size());
        const int only = look.alternate && tops > 1 ? ((column + row) % tops + tops) % tops : -1;
        const Box& box = only < 0 ? m_seal.box : m_seal.tops[static_cast<std::size_t>(only)];
        const Affine map = placing(box.centre(), turn.map(at), m_out.unit / 100, angle());
        const Box bounds = boundsOf(map.map(box)).grown(m_out.unit); // shadows and halos reach beyond
        if (bounds.right() < m_out.area.x || bounds.x > m_out.area.right() ||
            bounds.bottom() < m_out.area.y || bounds.y > m_out.area.bottom())
            return;
        m_out.instances.push_back({map, only});
    }

    const PreparedSeal& m_seal;
    const SealDesign& m_design;
    const SealPlace& m_place;
    Size m_whole;
    CopyMeasure m_measure;
    SealPlacement m_out;
};

} // namespace

SealPlace placeOf(const SealDesign& design) {
    return {design.anchor, design.atPoint, design.point, {}};
}

SealPlacement arrangeSeal(const PreparedSeal& seal, const Rect& picture, Size whole, const SealPlace& place,
                          CopyMeasure measure) {
    return Arranger(seal, picture, whole, place, measure).run();
}

} // namespace keepseal
