// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/apart.h"

#include "likeness/laying.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <opencv2/imgproc.hpp>

namespace keepseal {
namespace {

constexpr int kMostCompared = 1600; ///< of the pixels that are compared
constexpr int kLeastCompared = 120;
constexpr double kBetween = 25;  ///< squared levels a pixel, by which two copies differ in a part
constexpr double kTowards = 0.4; ///< of what is between two copies, towards one of them
constexpr int kFewestParts = 2;
constexpr double kDrawn = 4;       ///< squared levels a pixel: more than noise
constexpr double kAgrees = 0.5;    ///< correlation
constexpr double kFirmly = 0.75;   ///< of how much it agrees where it lies
constexpr double kLiesThere = 0.5; ///< of the parts that have any drawing, that agree

/// A copy's drawing, in the pixels of the first.
struct LaidCopy {
    std::size_t copy;
    cv::Mat drawing;
};

double sideOf(Size size) {
    return size.longSide();
}

Point metMiddle(const MetPicture& met) {
    const double side = sideOf(met.frame.size);
    return {met.frame.size.width / side / 2, met.frame.size.height / side / 2};
}

/// How the met picture lies on a copy, as far as few pixels tell.
std::optional<Affine> roughly(const MetPicture& met, const Frame& copy) {
    const auto small = reducedTo(copy, kSmallSide);
    Likeness best;
    for (const auto& way : waysToLie(met, markOf(copy), copy.size))
        if (const auto likeness = likenessOf(met, small, way); likeness.share > best.share)
            best = likeness;
    return best.share > 0 ? std::optional(best.where) : std::nullopt;
}

cv::Mat drawingOf(const Frame& copy, int side) {
    const auto greys = softGreys(copy);
    const double k = side / sideOf(copy.size);
    cv::Mat out;
    cv::resize(greys, out,
               {std::max(1, static_cast<int>(std::lround(greys.cols * k))),
                std::max(1, static_cast<int>(std::lround(greys.rows * k)))},
               0, 0, k < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
    return onlyDrawing(out);
}

double energyOf(const cv::Mat& part) {
    return part.dot(part);
}

/// Of a part of another picture with a pixel to all sides: how it lies is known to about that.
cv::Mat around(const cv::Mat& all, const cv::Rect& part) {
    return all({part.x - 1, part.y - 1, part.width + 2, part.height + 2});
}

/// How alike a part is to the same part of another picture, -1 to 1.
double likeIn(const cv::Mat& all, const cv::Mat& own, const cv::Rect& part) {
    cv::Mat likes;
    cv::matchTemplate(around(all, part), own, likes, cv::TM_CCOEFF_NORMED);
    double most = 0;
    cv::minMaxLoc(likes, nullptr, &most);
    return most;
}

/// By how much they differ, in squared levels.
double costIn(const cv::Mat& all, const cv::Mat& own, const cv::Rect& part) {
    cv::Mat costs;
    cv::matchTemplate(around(all, part), own, costs, cv::TM_SQDIFF);
    double least = 0;
    cv::minMaxLoc(costs, &least, nullptr);
    return least;
}

/// Each part that the met picture covers.
template <class Take>
void eachPart(const cv::Mat& there, int step, const Take& take) {
    for (int y = 1; y + kPart < there.rows; y += step)
        for (int x = 1; x + kPart < there.cols; x += step)
            if (const cv::Rect part(x, y, kPart, kPart); cv::countNonZero(there(part)) == part.area())
                take(part);
}

/// The met picture and all copies in the pixels of the first that is there.
class Laying {
public:
    explicit Laying(const MetPicture& met) : m_met(met) {}

    void add(std::size_t index, const Frame& copy) {
        if (copy.size.longSide() < kLeastCompared)
            return;
        if (m_copies.empty())
            return begin(index, copy);
        auto drawing = drawingOf(copy, m_side);
        if (drawing.size() != m_copies.front().drawing.size()) // a border, another part: laid by itself
            drawing = inFirst(copy, drawing);
        if (!drawing.empty())
            m_copies.push_back({index, std::move(drawing)});
    }

    /// The picture without anything on it, which may be of another cut and size.
    void addPlain(const Frame& plain) {
        if (m_copies.empty() || plain.size.longSide() < kLeastCompared)
            return;
        m_plain = inFirst(plain, drawingOf(plain, m_side));
    }

    const std::vector<LaidCopy>& copies() const { return m_copies; }
    /// Empty: it is not there, or can't be laid.
    const cv::Mat& plain() const { return m_plain; }
    const cv::Mat& there() const { return m_there; }

    /// Whether it would agree much less a part further to any side. A row of slats would not: then nobody
    /// knows which end of it was met.
    bool liesFirmly() const {
        constexpr int kDirections = 8;
        const auto& drawing = m_copies.front().drawing;
        cv::Mat over;
        m_over.copyTo(over, m_there);
        const cv::Rect inner(kPart, kPart, over.cols - 2 * kPart, over.rows - 2 * kPart);
        if (inner.width < kPart || inner.height < kPart) // too narrow to be moved
            return false;
        const cv::Mat own = drawing(inner);
        const double here = own.dot(over(inner));
        for (int i = 0; i < kDirections; ++i) {
            const double angle = CV_PI * i / kDirections; // the other way is the same
            const cv::Point by(cvRound(kPart * std::cos(angle)), cvRound(kPart * std::sin(angle)));
            if (own.dot(over(inner + by)) > kFirmly * here)
                return false;
        }
        return true;
    }

    /// The met picture as strong as the first copy's drawing, as far as both agree; empty: too little of them
    /// does, and it does not lie where it should.
    cv::Mat metLikeFirst() const {
        const auto& drawing = m_copies.front().drawing;
        int parts = 0, agree = 0;
        double with = 0, first = 0;
        eachPart(m_there, kPart, [&](const cv::Rect& part) {
            const cv::Mat own = drawing(part), over = m_over(part);
            if (energyOf(own) < kDrawn * part.area())
                return;
            ++parts;
            if (likeIn(m_over, own, part) < kAgrees)
                return;
            ++agree;
            with += own.dot(over);
            first += energyOf(own);
        });
        if (agree < kFewestParts || agree < kLiesThere * parts || with <= 0 || !liesFirmly())
            return {};
        return m_over * (first / with);
    }

private:
    void begin(std::size_t index, const Frame& copy) {
        const auto where = roughly(m_met, copy);
        if (!where)
            return;
        m_side = std::clamp(
            static_cast<int>(std::lround(sideOf(m_met.frame.size) / std::max(where->scale(), 1e-3))),
            kLeastCompared, std::min(kMostCompared, copy.size.longSide()));
        auto drawing = drawingOf(copy, m_side);
        m_where = finely(*where, drawing);
        m_over = laidOnTop(greysFor(m_where), drawing.size(), m_where, m_there);
        m_copies.push_back({index, std::move(drawing)});
    }
    /// Another picture's drawing in the pixels of the first; empty: it can't be laid.
    cv::Mat inFirst(const Frame& picture, const cv::Mat& drawing) {
        const auto where = roughly(m_met, picture);
        if (!where)
            return {};
        const MetGreys other{drawing, static_cast<double>(m_side)};
        cv::Mat there;
        auto out = laidOnTop(other, m_copies.front().drawing.size(),
                             chained(finely(*where, drawing).inverse(), m_where), there);
        cv::bitwise_and(m_there, there, m_there);
        return out;
    }
    MetGreys greysFor(const Affine& where) const {
        auto out = metGreys(m_met.frame, where.scale() * m_side / sideOf(m_met.frame.size));
        out.greys = onlyDrawing(out.greys);
        return out;
    }
    Affine finely(const Affine& where, const cv::Mat& drawing) const {
        return settled(greysFor(where), metMiddle(m_met), drawing, where, {1, 0.02});
    }

    const MetPicture& m_met;
    int m_side = 0;
    Affine m_where;
    cv::Mat m_over, m_there, m_plain;
    std::vector<LaidCopy> m_copies;
};

/// What speaks for one copy against another, in all parts in which they differ.
struct Speaks {
    double towards = 0, between = 0;
    int parts = 0;
    void add(double more, double apart) {
        towards += more;
        between += apart;
        ++parts;
    }
    double share() const { return between > 0 ? towards / between : 0; }
};

/// Of each copy against each other: by what stands on it there and not on the plainest of them, and by all.
struct Weighed {
    std::vector<std::vector<Speaks>> own, any;
};

/// Which of the copies has least on it in a part. Finish and fit are on all of them: the picture itself is
/// near none, and nearest to that.
std::size_t plainestOf(const std::vector<cv::Mat>& parts, const cv::Mat& plain) {
    std::size_t out = 0;
    double least = std::numeric_limits<double>::max();
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (const double from = cv::norm(parts[i], plain, cv::NORM_L2SQR); from < least) {
            least = from;
            out = i;
        }
    return out;
}

Weighed weighed(const Laying& laying) {
    const auto& copies = laying.copies();
    Weighed out;
    out.own.assign(copies.size(), std::vector<Speaks>(copies.size()));
    out.any = out.own;
    const auto met = laying.metLikeFirst();
    if (met.empty())
        return out;
    const auto& plain = laying.plain();
    std::vector<cv::Mat> parts(copies.size());
    std::vector<double> costs(copies.size());
    eachPart(laying.there(), kPart / 2, [&](const cv::Rect& part) {
        const auto between = [&](std::size_t i, std::size_t j) {
            return cv::norm(parts[i], parts[j], cv::NORM_L2SQR);
        };
        bool differ = false;
        for (std::size_t i = 0; i < copies.size(); ++i) {
            parts[i] = copies[i].drawing(part);
            differ = differ || between(i, 0) > kBetween * part.area();
        }
        if (!differ)
            return;
        const auto plainest = plain.empty() ? parts.size() : plainestOf(parts, plain(part));
        for (std::size_t i = 0; i < copies.size(); ++i)
            costs[i] = costIn(met, parts[i], part);
        for (std::size_t i = 0; i < copies.size(); ++i)
            for (std::size_t j = 0; j < copies.size(); ++j)
                if (const double apart = between(i, j); apart > kBetween * part.area()) {
                    out.any[i][j].add(costs[j] - costs[i], apart);
                    if (plainest < parts.size() && between(i, plainest) > kBetween * part.area())
                        out.own[i][j].add(costs[j] - costs[i], apart);
                }
    });
    return out;
}

} // namespace

ToldApart toldApart(const MetPicture& met, std::size_t copies, const CopyPixelsOf& pixels, const Frame& plain,
                    const std::function<bool()>& goOn) {
    Laying laying(met);
    for (std::size_t i = 0; i < copies; ++i) {
        if (goOn && !goOn())
            return {};
        laying.add(i, pixels(i, kMostCompared));
    }
    laying.addPlain(plain);
    const auto& laid = laying.copies();
    ToldApart out;
    out.compared = laid.size();
    if (laid.size() < 2)
        return out;
    const auto weights = weighed(laying);
    double most = 0;
    for (std::size_t i = 0; i < laid.size(); ++i) {
        double least = std::numeric_limits<double>::max();
        bool certain = true;
        for (std::size_t j = 0; j < laid.size(); ++j) {
            if (j == i)
                continue;
            least = std::min(least, weights.any[i][j].share());
            const auto& own = weights.own[i][j];
            certain = certain && own.parts >= kFewestParts && own.share() >= kTowards;
        }
        if (least > most) {
            most = least;
            out.likeliest = laid[i].copy;
            out.certain = certain;
        }
    }
    return out;
}

} // namespace keepseal
