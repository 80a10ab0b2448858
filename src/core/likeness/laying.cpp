// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/laying.h"

#include "picture/matrix.h"

#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace keepseal {

Affine chained(const Affine& first, const Affine& then) {
    Affine out{then.xx * first.xx + then.xy * first.yx,
               then.yx * first.xx + then.yy * first.yx,
               then.xx * first.xy + then.xy * first.yy,
               then.yx * first.xy + then.yy * first.yy,
               0,
               0};
    const auto origin = then.map(Point{first.x0, first.y0});
    out.x0 = origin.x;
    out.y0 = origin.y;
    return out;
}

cv::Mat softGreys(const Frame& frame) {
    cv::Mat grey, out;
    cv::cvtColor(matrixOf(frame), grey, cv::COLOR_RGB2GRAY);
    grey.convertTo(out, CV_32F);
    return out;
}

MetGreys metGreys(const Frame& met, double scale) {
    MetGreys out{softGreys(met), double(met.size.longSide())};
    if (scale >= 1)
        return out;
    const cv::Size fewer(std::max(1, static_cast<int>(std::lround(out.greys.cols * scale))),
                         std::max(1, static_cast<int>(std::lround(out.greys.rows * scale))));
    out.side *= fewer.width / double(out.greys.cols);
    cv::resize(out.greys.clone(), out.greys, fewer, 0, 0, cv::INTER_AREA);
    return out;
}

cv::Mat laidOnTop(const MetGreys& met, const cv::Size& size, const Affine& where, cv::Mat& there) {
    const double side = std::max(size.width, size.height), k = side / met.side;
    // Pixels count by their middles.
    const cv::Matx23d map(where.xx * k, where.xy * k, (where.xx + where.xy) * k / 2 + where.x0 * side - 0.5,
                          where.yx * k, where.yy * k, (where.yx + where.yy) * k / 2 + where.y0 * side - 0.5);
    cv::Mat out;
    cv::warpAffine(met.greys, out, map, size, cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    cv::warpAffine(cv::Mat(met.greys.size(), CV_8U, cv::Scalar(255)), there, map, size, cv::INTER_NEAREST,
                   cv::BORDER_CONSTANT, 0);
    return out;
}

namespace {

/// How alike the two are where both are, -1 to 1; nothing where too little of them meets.
double correlation(const cv::Mat& left, const cv::Mat& over, const cv::Mat& there) {
    cv::Scalar meanL, meanO, devL, devO;
    if (cv::countNonZero(there) < kPart * kPart)
        return -1;
    cv::meanStdDev(left, meanL, devL, there);
    cv::meanStdDev(over, meanO, devO, there);
    if (devL[0] < 0.5 || devO[0] < 0.5)
        return -1;
    cv::Mat product;
    cv::multiply(left - meanL[0], over - meanO[0], product);
    return cv::mean(product, there)[0] / (devL[0] * devO[0]);
}

/// A map a little moved, turned and scaled about the middle of what it brings.
Affine nudged(const Affine& where, Point middle, double dx, double dy, double turn, double scale) {
    const auto at = where.map(middle);
    const auto more = placing(at, {at.x + dx, at.y + dy}, scale, turn);
    return chained(where, more);
}

} // namespace

Affine settled(const MetGreys& met, Point middle, const cv::Mat& left, Affine where, Steps steps) {
    constexpr int kMostMoves = 6;
    const auto score = [&](const Affine& at) {
        cv::Mat there;
        const auto over = laidOnTop(met, left.size(), at, there);
        return correlation(left, over, there);
    };
    double best = score(where);
    for (double step = steps.first; step > steps.last; step /= 2) {
        bool moved = true;
        for (int moves = 0; moved && moves < kMostMoves; ++moves) {
            moved = false;
            for (const auto& [dx, dy, turn, scale] :
                 {std::array{0.02, 0.0, 0.0, 0.0}, std::array{-0.02, 0.0, 0.0, 0.0},
                  std::array{0.0, 0.02, 0.0, 0.0}, std::array{0.0, -0.02, 0.0, 0.0},
                  std::array{0.0, 0.0, 2.0, 0.0}, std::array{0.0, 0.0, -2.0, 0.0},
                  std::array{0.0, 0.0, 0.0, 0.03}, std::array{0.0, 0.0, 0.0, -0.03}}) {
                const auto next = nudged(where, middle, dx * step, dy * step, turn * step, 1 + scale * step);
                if (const double s = score(next); s > best + 1e-3) {
                    best = s;
                    where = next;
                    moved = true;
                }
            }
        }
    }
    return where;
}

cv::Mat onlyDrawing(const cv::Mat& greys) {
    cv::Mat soft, broad;
    cv::GaussianBlur(greys, soft, {}, 0.8);
    cv::GaussianBlur(greys, broad, {}, kPart / 2.5);
    return soft - broad;
}

} // namespace keepseal
