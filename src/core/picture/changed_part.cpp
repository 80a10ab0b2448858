// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/untouched.h"

#include <algorithm>

namespace keepseal {
namespace {

constexpr int kBlock = 16; // of the largest sampling that is taken
constexpr int kCell = 8;

} // namespace

Rect inBlocks(const Rect& area, Size picture) {
    const Rect inside = intersection(area, {0, 0, picture.width, picture.height});
    if (inside.empty())
        return {};
    const int left = inside.x / kBlock * kBlock, top = inside.y / kBlock * kBlock;
    const auto up = [](int value) { return (value + kBlock - 1) / kBlock * kBlock; };
    return {left, top, std::min(up(inside.right()), picture.width) - left,
            std::min(up(inside.bottom()), picture.height) - top};
}

PixelsBefore pixelsUnder(const Frame& frame, const Rect& area) {
    const auto part = inBlocks(area, frame.size);
    if (part.empty())
        return {};
    return {part.x, part.y, cutOut(frame, part)};
}

ChangedPart changedPart(const PixelsBefore& before, const Frame& after) {
    ChangedPart out;
    const auto size = before.pixels.size;
    if (size.empty())
        return out;
    out.area = {before.x, before.y, size.width, size.height};
    const auto columns = static_cast<std::size_t>((size.width + kCell - 1) / kCell);
    out.cells.resize(columns * static_cast<std::size_t>((size.height + kCell - 1) / kCell));
    const auto stride = static_cast<std::size_t>(size.width) * 3;
    out.rgb.resize(stride * static_cast<std::size_t>(size.height));
    for (int row = 0; row < size.height; ++row) {
        const auto* was = before.pixels.row(row);
        const auto* is = after.row(before.y + row) + static_cast<std::ptrdiff_t>(before.x) * 3;
        std::copy_n(is, stride, out.rgb.data() + stride * static_cast<std::size_t>(row));
        auto* cells = out.cells.data() + columns * static_cast<std::size_t>(row / kCell);
        for (std::size_t i = 0; i < stride; ++i)
            cells[i / (3 * kCell)] |= static_cast<std::uint8_t>(was[i] != is[i]);
    }
    return out;
}

bool isNeutral(const ChangedPart& changed) {
    for (std::size_t i = 0; i + 2 < changed.rgb.size(); i += 3)
        if (changed.rgb[i] != changed.rgb[i + 1] || changed.rgb[i] != changed.rgb[i + 2])
            return false;
    return true;
}

} // namespace keepseal
