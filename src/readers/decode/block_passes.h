// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is done to many blocks of a JPEG's coefficients at once, for each kind of processor. Internal to
// decode/.
#pragma once

#include <cstddef>
#include <cstdint>

namespace keepseal {

inline constexpr std::size_t kBlockSide = 8, kBlockValues = 64;
/// T.81, F.1.2: differences of means have 11 bits, all others 10.
inline constexpr int kMostCoded = 1023;

/// Blocks one after the other: each value times that of its place in `ratios`, to the nearest whole number
/// (half-way to the even one) of at most kMostCoded.
void roundBlocks(std::int16_t* blocks, std::size_t count, const float* ratios);

/// Matrices of eight rows of eight.
struct MergeMatrices {
    const float *first, *second; ///< for the first and second of two blocks
    const float* lone;           ///< for the first where there is no second
};
struct MergeRows {
    const std::int16_t *upper, *lower; ///< rows of blocks; lower: null: there is none
    std::size_t count;                 ///< blocks in each
    bool across, down;                 ///< two become one
    const float *steps, *reciprocals;  ///< 64 each: what values are multiplied by before and after
    MergeMatrices downwards;           ///< by row of what comes out
    MergeMatrices sideways;            ///< by column of what goes in
};
/// Blocks made of two or four, as sums of their values.
void mergeBlocks(const MergeRows& rows, std::int16_t* to, std::size_t count);

} // namespace keepseal
