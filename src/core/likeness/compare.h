// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture that was met somewhere, held against the marks of pictures that left: found by the code of the
// whole or by points, then laid over the small picture that is kept, and judged by the pixels.
#pragma once

#include "geometry/affine.h"
#include "likeness/picture_mark.h"

namespace keepseal {

/// Long side of the small picture that is kept of one that left, in pixels.
inline constexpr int kSmallSide = 192;

/// Made once of what was met, for any number of comparisons.
struct MetPicture {
    Frame frame;                               ///< at most kMetSide
    std::array<std::uint64_t, 8> wholes{};     ///< see wholeCodesOf()
    std::vector<MarkedPoint> points, mirrored; ///< of it, and of it mirrored left to right
};
MetPicture metPicture(const Frame& frame);

/// How it may lie on a picture that left. Both are measured in their own long sides.
struct LaidOn {
    Affine where;   ///< from the met picture's shares to the other's
    int points = 0; ///< that agree on it; 0: by the code of the whole
    int bits = 0;   ///< of the code that differ, where by that
};
/// Best first; empty: nothing speaks for it. `size`: of the picture that left, in any unit. Few instructions
/// where there is nothing: meant for a hundred thousand marks.
std::vector<LaidOn> waysToLie(const MetPicture& met, const PictureMark& mark, Size size);

struct Likeness {
    double share =
        0; ///< of the parts that have any drawing in them, those that agree; less where few speak for it
    int parts = 0, agree = 0;
    Affine where;       ///< as it lies
    double covered = 0; ///< of the picture that left, 0 to 1
    int points = 0;
};
/// By the pixels. `small`: of the picture that left, about kSmallSide.
Likeness likenessOf(const MetPicture& met, const Frame& small, const LaidOn& laid);

/// From this on it is said to be that picture.
inline constexpr double kAlike = 0.7;

} // namespace keepseal
