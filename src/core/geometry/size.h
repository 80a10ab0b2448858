// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Whole-pixel sizes and rectangles.
#pragma once

#include <algorithm>
#include <cstdint>

namespace keepseal {

struct Size {
    int width = 0, height = 0;
    bool operator==(const Size&) const = default;
    int longSide() const { return std::max(width, height); }
    int shortSide() const { return std::min(width, height); }
    std::int64_t pixels() const { return static_cast<std::int64_t>(width) * height; }
    bool empty() const { return width <= 0 || height <= 0; }
};

/// Left, top, width and height in pixels; y grows downwards.
struct Rect {
    int x = 0, y = 0, width = 0, height = 0;
    bool operator==(const Rect&) const = default;
    int right() const { return x + width; }
    int bottom() const { return y + height; }
    bool empty() const { return width <= 0 || height <= 0; }
};

Rect intersection(const Rect& a, const Rect& b);

} // namespace keepseal
