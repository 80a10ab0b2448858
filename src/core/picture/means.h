// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture in fewer pixels, for a view: each the mean of those it covers, by how much of each.
#pragma once

#include "geometry/size.h"

#include <cstddef>
#include <cstdint>

namespace keepseal {

/// Pixels of four samples of 8 bits each; not owned.
template <class Byte>
struct PixelsOf {
    Byte* first = nullptr;
    std::ptrdiff_t stride = 0; ///< bytes from row to row
    Size size;
};

struct RowRange {
    int first = 0, end = 0; ///< end: the first one no longer
    bool operator==(const RowRange&) const = default;
};
/// Which of so many fewer rows lie over any of these of `many`.
RowRange rowsOver(RowRange rows, int many, int fewer);

/// `to` is nowhere larger than `from`. Four samples a pixel, whatever they mean; each is rounded once, half
/// up. Only `rows` of `to` are written: each row is the same, whichever others are.
void reduceToMeans(const PixelsOf<const std::uint8_t>& from, const PixelsOf<std::uint8_t>& to, RowRange rows);

} // namespace keepseal
