// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/matrix.h"

#include <opencv2/core/utility.hpp>

namespace keepseal {

cv::Mat matrixOver(const void* samples, const Size& size, int type) {
    static const bool alone = (cv::setNumThreads(1), true);
    static_cast<void>(alone);
    return {size.height, size.width, type, const_cast<void*>(samples)};
}

cv::Mat matrixOf(const Frame& frame) {
    return frame.isDeep() ? matrixOver(frame.rowOf<std::uint16_t>(0), frame.size, CV_16UC3)
                          : matrixOver(frame.rowOf<std::uint8_t>(0), frame.size, CV_8UC3);
}

} // namespace keepseal
