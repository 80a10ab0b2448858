// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From coefficients to pixels, eight blocks at once, in vectors as wide as the processor has. All of it whole
// numbers, rounded where libjpeg rounds (jidctint.c, jidctred.c, jdsample.c, jdcolor.c; the transform of
// eight values is that of Loeffler, Ligtenberg and Moschytz, 1989): the pixels are the same to the last bit.
// Internal to decode/.
#pragma once

#include <cstddef>
#include <cstdint>

namespace keepseal {

inline constexpr std::size_t kBlocksAtOnce = 8;
/// Coefficients of blocks side by side: the first of each, the second of each.
inline constexpr std::size_t kCoefficientsAtOnce = kBlocksAtOnce * 64;
/// So far behind the end of what they read or write the loops below may read and write.
inline constexpr std::size_t kScanPad = 64;

struct BlockSamples {
    int side = 8;                     ///< pixels of a block each way: 1, 2, 4 or 8
    int columns = 8;                  ///< behind these all coefficients are zero; 0: all but the first are
    const std::int16_t* coefficients; ///< kCoefficientsAtOnce
    const std::int32_t* steps;        ///< 64, in rows
};
/// Writes `side` rows of kBlocksAtOnce * side samples, `stride` apart.
void samplesOfBlocks(const BlockSamples& blocks, std::uint8_t* to, std::size_t stride);

/// Twice as many samples in a row, each of the two nearest. One before and behind `from` is read.
void samplesBetween(const std::uint8_t* from, std::size_t count, std::uint8_t* to);
/// The same, of two rows: `near` is that which the row lies next to.
void samplesBetween(const std::uint8_t* near, const std::uint8_t* far, std::size_t count, std::uint8_t* to);

/// Red, green and blue, one behind the other (JFIF; BT.601 over the whole range).
void coloursOf(const std::uint8_t* luma, const std::uint8_t* blue, const std::uint8_t* red, std::size_t count,
               std::uint8_t* to);

} // namespace keepseal
