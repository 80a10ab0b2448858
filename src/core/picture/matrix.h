// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/frame.h"

#include <opencv2/core.hpp>

namespace keepseal {

/// The samples as OpenCV sees them: not copied, so they must outlive the matrix; rows are packed. `type` as
/// in CV_8UC3. From the first call on, OpenCV works in the caller's thread alone: a run has its own workers,
/// and where its pool could not start all of its threads (too little memory), it would wait for the missing
/// ones for ever.
cv::Mat matrixOver(const void* samples, const Size& size, int type);

/// The colours of a frame of 8 or 16 bits, red first, without their opacity.
cv::Mat matrixOf(const Frame& frame);

} // namespace keepseal
