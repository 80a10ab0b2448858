// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/compare.h"

#include "likeness/laying.h"
#include "picture/matrix.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace keepseal {
namespace {

constexpr int kMetSide = 768; ///< more than kMarkSide: a picture with a border around is smaller in it
constexpr int kPointsMet = 700;
constexpr int kNearBits = 60;     ///< of 256
constexpr double kClearly = 0.86; ///< of the distance to the next best
constexpr std::size_t kFewestPairs = 4, kFewestPoints = 4, kFewestPlaces = 3;
constexpr double kNear = 0.03; ///< long sides of the picture that left
constexpr int kNearWhole = 12; ///< bits of the code

struct Pair {
    const MarkedPoint* met;
    const MarkedPoint* mark;
};

/// The same corner is found on neighbouring scales: that is no rival.
bool oneCorner(const MarkedPoint& a, const MarkedPoint& b) {
    return std::hypot(a.x - b.x, a.y - b.y) < 0.015F;
}

/// Which point of the met picture is the one of the other: the best, and clearly so.
std::vector<Pair> pairsOf(const NearPoints& met, const PictureMark& mark) {
    std::vector<Pair> out;
    for (const auto& point : mark.points) {
        int best = kNearBits, next = 256;
        const MarkedPoint* found = nullptr;
        met.eachNear(point, [&](const MarkedPoint& other) {
            int bits = 0;
            for (std::size_t i = 0; i < 4; ++i)
                bits += std::popcount(point.bits[i] ^ other.bits[i]);
            if (bits < best) {
                if (found && !oneCorner(*found, other))
                    next = best;
                best = bits;
                found = &other;
            } else if (bits < next && found && !oneCorner(*found, other)) {
                next = bits;
            }
        });
        if (found && best < kClearly * next)
            out.push_back({found, &point});
    }
    return out;
}

/// What scale and direction of two points, and where they are, say of how one picture lies on the other.
Affine byOnePair(const Pair& pair) {
    const double scale = pair.mark->reach / pair.met->reach, turn = pair.mark->turn - pair.met->turn;
    Affine out{scale * std::cos(turn),
               scale * std::sin(turn),
               -scale * std::sin(turn),
               scale * std::cos(turn),
               0,
               0};
    const auto at = out.map(Point{pair.met->x, pair.met->y});
    out.x0 = pair.mark->x - at.x;
    out.y0 = pair.mark->y - at.y;
    return out;
}

std::vector<Pair> agreeing(const std::vector<Pair>& pairs, const Affine& where, double near) {
    std::vector<Pair> out;
    const double scale = where.scale(), turn = std::atan2(where.yx, where.xx);
    for (const auto& pair : pairs) {
        const auto at = where.map(Point{pair.met->x, pair.met->y});
        const double ratio = pair.mark->reach / pair.met->reach / scale;
        const double turned = std::remainder(pair.mark->turn - pair.met->turn - turn, 2 * CV_PI);
        if (std::hypot(at.x - pair.mark->x, at.y - pair.mark->y) < near && ratio > 0.7 && ratio < 1.43 &&
            std::abs(turned) < 0.4)
            out.push_back(pair);
    }
    return out;
}

/// The turned and scaled map that brings the pairs together with the least squares.
Affine fitted(const std::vector<Pair>& pairs) {
    double mx = 0, my = 0, nx = 0, ny = 0;
    for (const auto& p : pairs)
        mx += p.met->x, my += p.met->y, nx += p.mark->x, ny += p.mark->y;
    const auto n = static_cast<double>(pairs.size());
    mx /= n, my /= n, nx /= n, ny /= n;
    double a = 0, b = 0, power = 1e-12;
    for (const auto& p : pairs) {
        const double x = p.met->x - mx, y = p.met->y - my, u = p.mark->x - nx, v = p.mark->y - ny;
        a += x * u + y * v;
        b += x * v - y * u;
        power += x * x + y * y;
    }
    a /= power, b /= power;
    return {a, b, -b, a, nx - a * mx + b * my, ny - b * mx - a * my};
}

/// Points at different places: five on one corner say nothing of how a picture lies.
std::size_t places(const std::vector<Pair>& pairs) {
    std::vector<const MarkedPoint*> apart;
    for (const auto& pair : pairs)
        if (std::none_of(apart.begin(), apart.end(), [&](const auto* other) {
                return std::hypot(other->x - pair.mark->x, other->y - pair.mark->y) < 0.02F;
            }))
            apart.push_back(pair.mark);
    return apart.size();
}

void addByPoints(std::vector<LaidOn>& out, const NearPoints& met, const PictureMark& mark,
                 const Affine& before) {
    const auto pairs = pairsOf(met, mark);
    if (pairs.size() < kFewestPairs)
        return;
    std::vector<Pair> most;
    Affine where;
    for (const auto& pair : pairs) {
        const auto by = byOnePair(pair);
        auto with = agreeing(pairs, by, kNear * 2);
        if (with.size() > most.size()) {
            most = std::move(with);
            where = by;
        }
    }
    for (int pass = 0; pass < 3;
         ++pass) { // points close together say little of scale and turn: kept while it helps
        const auto better = fitted(most);
        auto with = agreeing(pairs, better, kNear / (1 + pass));
        if (with.size() < kFewestPoints || with.size() * 2 < most.size())
            break;
        most = std::move(with);
        where = better;
    }
    const auto apart = places(most);
    if (apart < kFewestPlaces || most.size() < kFewestPoints)
        return;
    out.push_back({chained(before, where), static_cast<int>(most.size() + 2 * apart), 0});
}

/// All of one on all of the other, turned as wholeCodesOf() counts.
Affine wholeOnWhole(Size met, Size size, std::size_t turned) {
    const double w = met.width / double(met.longSide()), h = met.height / double(met.longSide());
    const double u = size.width / double(size.longSide()), v = size.height / double(size.longSide());
    // Shares of width and height, from their middle.
    double xx = 1, xy = 0, yx = 0, yy = 1;
    if (turned >= 4)
        xx = -1;
    for (std::size_t i = 0; i < turned % 4; ++i) { // a quarter clockwise: x' = -y, y' = x
        const double a = xx, b = xy;
        xx = -yx, xy = -yy;
        yx = a, yy = b;
    }
    Affine out{xx * u / w, yx * v / w, xy * u / h, yy * v / h, 0, 0};
    const auto middle = out.map(Point{w / 2, h / 2});
    out.x0 = u / 2 - middle.x;
    out.y0 = v / 2 - middle.y;
    return out;
}

} // namespace

NearPoints::NearPoints(std::vector<MarkedPoint> points) : m_points(std::move(points)) {
    m_points.resize(std::min(m_points.size(), kMostMet));
    m_starts.reserve(static_cast<std::size_t>(kPieces) * (kValues + 1));
    for (int piece = 0; piece < kPieces; ++piece) {
        std::vector<std::vector<std::uint16_t>> by(kValues);
        for (std::size_t i = 0; i < m_points.size(); ++i)
            by[pieceOf(m_points[i], piece)].push_back(static_cast<std::uint16_t>(i));
        for (const auto& same : by) {
            m_starts.push_back(static_cast<std::uint32_t>(m_order.size()));
            m_order.insert(m_order.end(), same.begin(), same.end());
        }
        m_starts.push_back(static_cast<std::uint32_t>(m_order.size()));
    }
}

MetPicture metPicture(const Frame& frame) {
    MetPicture out;
    out.frame = reducedTo(frame, kMetSide);
    out.wholes = wholeCodesOf(out.frame);
    out.points = NearPoints(pointsOf(out.frame, kMetSide, kPointsMet));
    Frame mirrored = out.frame;
    cv::Mat pixels = matrixOf(mirrored);
    cv::flip(pixels, pixels, 1);
    out.mirrored = NearPoints(pointsOf(mirrored, kMetSide, kPointsMet));
    return out;
}

std::vector<LaidOn> waysToLie(const MetPicture& met, const PictureMark& mark, Size size) {
    std::vector<LaidOn> out;
    for (std::size_t i = 0; i < met.wholes.size(); ++i)
        if (const int bits = distance(met.wholes[i], mark.whole); bits <= kNearWhole)
            out.push_back({wholeOnWhole(met.frame.size, size, i), 0, bits});
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.bits < b.bits; });
    std::vector<LaidOn> byPoints;
    addByPoints(byPoints, met.points, mark, {});
    const double width = met.frame.size.width / double(met.frame.size.longSide());
    addByPoints(byPoints, met.mirrored, mark, {-1, 0, 0, 1, width, 0});
    std::sort(byPoints.begin(), byPoints.end(),
              [](const auto& a, const auto& b) { return a.points > b.points; });
    out.insert(out.end(), byPoints.begin(), byPoints.end());
    return out;
}

namespace {

constexpr double kDrawing = 2; ///< deviation of greys that is more than noise
constexpr double kSame = 0.65; ///< correlation
constexpr double kFaint = 0.5; ///< the same in larger parts
constexpr int kFewParts = 10;
constexpr int kSurePoints = 24, kSureBits = 3;

/// Parts of that many pixels across, in which there is more than that much drawing, and those of them that
/// agree.
void countParts(Likeness& out, const cv::Mat& left, const cv::Mat& over, const cv::Mat& there, int across,
                double drawing) {
    out.parts = out.agree = 0;
    for (int y = 1; y + across < left.rows; y += across)
        for (int x = 1; x + across < left.cols; x += across) {
            const cv::Rect part(x, y, across, across);
            if (cv::countNonZero(there(part)) < across * across)
                continue;
            cv::Scalar mean, deviation;
            cv::meanStdDev(left(part), mean, deviation);
            if (deviation[0] < drawing)
                continue;
            cv::Mat match; // a pixel to all sides: how it lies is known to about that
            cv::matchTemplate(over(cv::Rect(x - 1, y - 1, across + 2, across + 2)), left(part), match,
                              cv::TM_CCOEFF_NORMED);
            double best = 0;
            cv::minMaxLoc(match, nullptr, &best);
            ++out.parts;
            out.agree += best > kSame;
        }
}

/// How many parts more would have to agree: the less speaks for how it lies, the more must the pixels.
double doubtOf(const LaidOn& laid) {
    return laid.points > 0 ? 1.5 + 0.6 * std::clamp(kSurePoints - laid.points, 0, 12)
                           : 0.5 + 0.5 * std::max(0, laid.bits - kSureBits);
}

Likeness judged(const MetGreys& met, const cv::Mat& left, const LaidOn& laid) {
    Likeness out;
    out.where = laid.where;
    out.points = laid.points;
    cv::Mat there;
    cv::Mat over = laidOnTop(met, left.size(), laid.where, there);
    over = onlyDrawing(over);
    const cv::Mat drawing = onlyDrawing(left);
    out.covered = cv::countNonZero(there) / double(left.total());
    countParts(out, drawing, over, there, kPart, kDrawing);
    if (out.parts < kFewParts) // mist, a plain sky: what little there is, in larger parts
        countParts(out, drawing, over, there, kPart * 2, kFaint);
    const double few = laid.points > 0 ? 0.5 * std::max(0, kFewParts - out.parts) : 0;
    out.share = out.agree / (out.parts + doubtOf(laid) + few);
    return out;
}

} // namespace

Likeness likenessOf(const MetPicture& met, const Frame& small, const LaidOn& laid) {
    const cv::Mat left = softGreys(small);
    const double metSide = met.frame.size.longSide();
    const auto greys = metGreys(met.frame, laid.where.scale() * small.size.longSide() / metSide);
    auto out = judged(greys, left, laid);
    if (laid.points > 0 && out.share > 0.1 && out.share < 0.9) {
        auto moved = laid;
        moved.where =
            settled(greys, {met.frame.size.width / metSide / 2, met.frame.size.height / metSide / 2}, left,
                    laid.where);
        if (const auto again = judged(greys, left, moved); again.share > out.share)
            out = again;
    }
    return out;
}

} // namespace keepseal
