// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/fit.h"

#include <cmath>

namespace keepseal {

Rect intersection(const Rect& a, const Rect& b) {
    const int left = std::max(a.x, b.x), top = std::max(a.y, b.y);
    const int right = std::min(a.right(), b.right()), bottom = std::min(a.bottom(), b.bottom());
    return {left, top, std::max(0, right - left), std::max(0, bottom - top)};
}

namespace {

Size scaled(Size original, double factor) {
    const auto side = [factor](int pixels) {
        return std::max(1, static_cast<int>(std::lround(pixels * factor)));
    };
    return {side(original.width), side(original.height)};
}

} // namespace

Size fitLongSide(Size original, int longSide) {
    if (original.empty() || longSide >= original.longSide())
        return original;
    return scaled(original, static_cast<double>(longSide) / original.longSide());
}

Size fitInside(Size original, Size box) {
    if (original.empty() || box.empty())
        return {1, 1};
    const double factor = std::min(static_cast<double>(box.width) / original.width,
                                   static_cast<double>(box.height) / original.height);
    Size out = scaled(original, factor);
    return {std::min(out.width, box.width), std::min(out.height, box.height)};
}

int decodeShrink(Size stored, Size target) {
    for (const int shrink : {8, 4, 2})
        if (stored.width / shrink >= target.width && stored.height / shrink >= target.height)
            return shrink;
    return 1;
}

} // namespace keepseal
