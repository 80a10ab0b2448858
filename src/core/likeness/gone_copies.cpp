// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/gone_copies.h"

#include "picture/matrix.h"

#include <cmath>
#include <opencv2/imgproc.hpp>

namespace keepseal {
namespace {

constexpr int kDrawnSide =
    480; ///< of the small picture, drawn larger: how a met one lies is known no finer by it
constexpr double kSameLevels = 8; ///< levels a sample, on the mean: pressing takes less, another cut far more

cv::Mat resizedTo(const Frame& frame, const cv::Size& size) {
    cv::Mat out;
    const bool smaller = size.width < frame.size.width;
    cv::resize(matrixOf(frame), out, size, 0, 0, smaller ? cv::INTER_AREA : cv::INTER_CUBIC);
    return out;
}

bool isTheSame(const Frame& small, const Frame& large) {
    if (small.size.empty() || large.size.empty())
        return false;
    const double high = static_cast<double>(large.size.height) * small.size.width / large.size.width;
    if (std::abs(high - small.size.height) > 1)
        return false;
    cv::Mat apart;
    cv::absdiff(resizedTo(large, {small.size.width, small.size.height}), matrixOf(small), apart);
    const auto mean = cv::mean(apart);
    return (mean[0] + mean[1] + mean[2]) / 3 < kSameLevels;
}

Frame larger(const Frame& small) {
    Frame out;
    const double k = static_cast<double>(kDrawnSide) / std::max(1, small.size.longSide());
    out.size = {static_cast<int>(std::lround(small.size.width * k)),
                static_cast<int>(std::lround(small.size.height * k))};
    if (out.size.empty())
        return {};
    out.picture = {0, 0, out.size.width, out.size.height};
    out.rgb.resize(static_cast<std::size_t>(out.size.pixels()) * 3);
    resizedTo(small, {out.size.width, out.size.height}).copyTo(matrixOf(out));
    return out;
}

} // namespace

GoneCopies::GoneCopies(Frame small, Frame original)
    : m_original(std::move(original)), m_onOriginal(isTheSame(small, m_original)) {
    m_ground = m_onOriginal ? m_original : larger(small);
}

void GoneCopies::add(std::size_t copy, SealedPart part, bool gone) {
    if (m_ground.size.empty())
        return;
    m_any = m_any || gone;
    if (!m_onOriginal)
        layPart(part, part.before, m_ground);
    m_copies.emplace(copy, Known{std::move(part), gone});
}

bool GoneCopies::drawn(std::size_t copy) const {
    const auto known = m_copies.find(copy);
    return known != m_copies.end() && (known->second.gone || onlyDrawn());
}

Frame GoneCopies::frameOf(std::size_t copy) const {
    Frame out = m_ground;
    const auto& part = m_copies.at(copy).part;
    layPart(part, part.after, out);
    return out;
}

} // namespace keepseal
