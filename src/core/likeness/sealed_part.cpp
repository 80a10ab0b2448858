// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/sealed_part.h"

#include "likeness/picture_mark.h"
#include "picture/matrix.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace keepseal {
namespace {

constexpr int kLongSide = 1000;                                     ///< of the whole picture, as it is kept
constexpr double kMostPixels = 60'000, kMostWide = 300, kHigh = 60; ///< of a part of it

int inPixels(double value) {
    return std::max(1, static_cast<int>(std::lround(value)));
}

/// As much of the middle of it as is kept: a pattern says the same everywhere.
Rect middleOf(const Rect& area, double scale) {
    const double wide = area.width * scale, high = area.height * scale;
    if (wide * high <= kMostPixels)
        return area;
    const double keptHigh = std::min(high, std::max(kHigh, kMostPixels / std::min(wide, kMostWide))),
                 keptWide = std::min(wide, kMostPixels / keptHigh);
    const int w = std::min(area.width, inPixels(keptWide / scale)),
              h = std::min(area.height, inPixels(keptHigh / scale));
    return {area.x + (area.width - w) / 2, area.y + (area.height - h) / 2, w, h};
}

} // namespace

void SealedPartTaker::before(const Frame& frame, const Rect& reach) {
    m_area = intersection(reach, frame.picture);
    if (m_area.empty())
        return;
    const double scale =
        std::min(1.0, static_cast<double>(kLongSide) / std::max(frame.picture.width, frame.picture.height));
    m_area = middleOf(m_area, scale);
    m_longSide = inPixels(std::max(m_area.width, m_area.height) * scale);
    const double wide = frame.picture.width, high = frame.picture.height;
    m_part.left = (m_area.x - frame.picture.x) / wide;
    m_part.top = (m_area.y - frame.picture.y) / high;
    m_part.width = m_area.width / wide;
    m_part.height = m_area.height / high;
    m_part.before = reducedTo(cutOut(frame, m_area), m_longSide);
}

std::optional<SealedPart> SealedPartTaker::after(const Frame& frame) const {
    if (m_area.empty())
        return std::nullopt;
    auto out = m_part;
    out.after = reducedTo(cutOut(frame, m_area), m_longSide);
    return out;
}

void layPart(const SealedPart& part, const Frame& pixels, Frame& onto) {
    const auto& size = onto.size;
    const Rect area = intersection({static_cast<int>(std::lround(part.left * size.width)),
                                    static_cast<int>(std::lround(part.top * size.height)),
                                    inPixels(part.width * size.width), inPixels(part.height * size.height)},
                                   {0, 0, size.width, size.height});
    if (area.empty() || pixels.size.empty())
        return;
    cv::Mat scaled;
    const bool smaller = area.width < pixels.size.width;
    cv::resize(matrixOf(pixels), scaled, {area.width, area.height}, 0, 0,
               smaller ? cv::INTER_AREA : cv::INTER_CUBIC);
    scaled.copyTo(matrixOf(onto)({area.x, area.y, area.width, area.height}));
}

} // namespace keepseal
