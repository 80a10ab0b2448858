// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One picture laid over another by a map, and moved to where both agree. Internal to likeness/.
#pragma once

#include "geometry/affine.h"
#include "picture/frame.h"

#include <opencv2/core.hpp>

namespace keepseal {

inline constexpr int kPart = 12; ///< pixels across of what is compared by itself

/// One map after the other.
Affine chained(const Affine& first, const Affine& then);
/// 32-bit greys, 0 to 255.
cv::Mat softGreys(const Frame& frame);
/// Without what is broader than a part: one sky pales like the other.
cv::Mat onlyDrawing(const cv::Mat& greys);

/// Greys of the met picture with about as many pixels as it has of the other's.
struct MetGreys {
    cv::Mat greys;
    double side = 0; ///< of the met picture's long side, in pixels
};
/// `scale`: pixels of the other for one of the met.
MetGreys metGreys(const Frame& met, double scale);

/// As it lies on the other's pixels, by a map of long sides; `there`: where it has any.
cv::Mat laidOnTop(const MetGreys& met, const cv::Size& size, const Affine& where, cv::Mat& there);

/// How far a map is moved at once, while it is looked for where the pixels agree best.
struct Steps {
    double first = 1,
           last = 0.2; ///< 1: a fiftieth of the long side, two degrees, 3 %; halved again and again
};
/// What few points say is near: moved to where the pixels agree best. `middle`: of what it brings.
Affine settled(const MetGreys& met, Point middle, const cv::Mat& left, Affine where, Steps steps = {});

} // namespace keepseal
