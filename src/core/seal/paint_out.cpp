// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/paint_out.h"

#include "picture/matrix.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <opencv2/photo.hpp>

namespace keepseal {
namespace {

constexpr double kFillReach = 4; ///< pixels around that each filled one is made from
constexpr int kChangedBy = 2;    ///< steps of 255

cv::Mat whereTold(const Mask& mask) {
    return matrixOver(mask.value.data(), {mask.width, mask.height}, CV_32FC1) > 0;
}

cv::Mat lumaOf(const Frame& frame) {
    cv::Mat grey, out;
    cv::cvtColor(matrixOf(frame), grey, cv::COLOR_RGB2GRAY);
    grey.convertTo(out, CV_32F);
    return out;
}

cv::Mat blurred(const cv::Mat& values) {
    cv::Mat out;
    cv::GaussianBlur(values, out, {11, 11}, 1.5);
    return out;
}

} // namespace

Frame paintedOutBy(PaintOut method, const Frame& frame, const Mask& mask) {
    Frame out = frame;
    cv::Mat filled;
    cv::inpaint(matrixOf(frame), whereTold(mask), filled, kFillReach,
                method == PaintOut::FastMarching ? cv::INPAINT_TELEA : cv::INPAINT_NS);
    std::copy_n(filled.ptr(), out.rgb.size(), out.rgb.begin());
    return out;
}

Mask changedPixels(const Frame& before, const Frame& after) {
    cv::Mat difference, grown;
    cv::absdiff(matrixOf(before), matrixOf(after), difference);
    std::vector<cv::Mat> channels;
    cv::split(difference, channels);
    const cv::Mat most = cv::max(cv::max(channels[0], channels[1]), channels[2]);
    cv::dilate(most > kChangedBy, grown, cv::Mat::ones(3, 3, CV_8U));
    Mask out{before.size.width, before.size.height, {}};
    out.value.reserve(grown.total());
    for (int y = 0; y < grown.rows; ++y)
        for (int x = 0; x < grown.cols; ++x)
            out.value.push_back(grown.at<std::uint8_t>(y, x) ? 1.0F : 0.0F);
    return out;
}

double structureLost(const Frame& original, const Frame& repaired, const Mask& mask) {
    constexpr double c1 = 0.01 * 255 * 0.01 * 255, c2 = 0.03 * 255 * 0.03 * 255;
    const cv::Mat a = lumaOf(original), b = lumaOf(repaired);
    const cv::Mat ma = blurred(a), mb = blurred(b);
    const cv::Mat va = blurred(a.mul(a)) - ma.mul(ma), vb = blurred(b.mul(b)) - mb.mul(mb),
                  vab = blurred(a.mul(b)) - ma.mul(mb);
    const cv::Mat above = (2 * ma.mul(mb) + c1).mul(2 * vab + c2);
    const cv::Mat below = (ma.mul(ma) + mb.mul(mb) + c1).mul(va + vb + c2);
    const cv::Mat alike = above / below;
    const auto where = whereTold(mask);
    return cv::countNonZero(where) == 0 ? 0 : std::max(0.0, 1 - cv::mean(alike, where)[0]);
}

double repairSeen(const Frame& original, const Frame& repaired, const Mask& mask) {
    constexpr double kFull = 0.5;
    return std::min(100.0, structureLost(original, repaired, mask) / kFull * 100);
}

} // namespace keepseal
