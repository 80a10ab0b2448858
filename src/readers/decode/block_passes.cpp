// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/block_passes.h"

#include <cstring>

#undef HWY_TARGET_INCLUDE
#define HWY_TARGET_INCLUDE "decode/block_passes.cpp"
#include <hwy/foreach_target.h>
#include <hwy/highway.h>

HWY_BEFORE_NAMESPACE();
namespace keepseal::HWY_NAMESPACE {
namespace hn = hwy::HWY_NAMESPACE;

using BlockFloats = hn::CappedTag<float, kBlockSide>;

HWY_INLINE bool anyOfEight(const std::int16_t* values) {
    std::uint64_t four[2];
    std::memcpy(four, values, sizeof four);
    return (four[0] | four[1]) != 0;
}

HWY_INLINE hn::Vec<BlockFloats> floatsOf(BlockFloats d, const std::int16_t* from) {
    const hn::Rebind<std::int16_t, BlockFloats> narrow;
    const hn::Rebind<std::int32_t, BlockFloats> ints;
    return hn::ConvertTo(d, hn::PromoteTo(ints, hn::LoadU(narrow, from)));
}

HWY_INLINE void storeRounded(hn::Vec<BlockFloats> values, std::int16_t* to) {
    const hn::Rebind<std::int16_t, BlockFloats> narrow;
    const hn::Rebind<std::int32_t, BlockFloats> ints;
    const auto most = hn::Set(ints, kMostCoded), least = hn::Set(ints, -kMostCoded);
    hn::StoreU(hn::DemoteTo(narrow, hn::Min(hn::Max(hn::NearestInt(values), least), most)), narrow, to);
}

void roundAll(std::int16_t* blocks, std::size_t count, const float* ratios) {
    const BlockFloats d;
    for (std::size_t b = 0; b < count; ++b, blocks += kBlockValues)
        for (std::size_t row = 0; row < kBlockValues; row += kBlockSide)
            if (anyOfEight(blocks + row)) // most are not: photographs have little in fine detail
                for (std::size_t i = row; i < row + kBlockSide; i += hn::Lanes(d))
                    storeRounded(hn::Mul(floatsOf(d, blocks + i), hn::LoadU(d, ratios + i)), blocks + i);
}

/// Adds what a block's columns become.
HWY_INLINE void addDown(const float* matrix, const std::int16_t* block, const float* steps, float* to) {
    const BlockFloats d;
    for (std::size_t row = 0; row < kBlockSide; ++row) {
        if (!anyOfEight(block + row * kBlockSide))
            continue;
        for (std::size_t i = 0; i < kBlockSide; i += hn::Lanes(d)) {
            const auto at = row * kBlockSide + i;
            const auto values = hn::Mul(floatsOf(d, block + at), hn::LoadU(d, steps + at));
            for (std::size_t k = 0; k < kBlockSide; ++k) {
                float* sum = to + k * kBlockSide + i;
                hn::StoreU(hn::MulAdd(hn::Set(d, matrix[k * kBlockSide + row]), values, hn::LoadU(d, sum)), d,
                           sum);
            }
        }
    }
}

/// Adds what a block's rows become.
HWY_INLINE void addAcross(const float* matrix, const float* block, float* to) {
    const BlockFloats d;
    for (std::size_t row = 0; row < kBlockValues; row += kBlockSide)
        for (std::size_t k = 0; k < kBlockSide; k += hn::Lanes(d)) {
            auto sum = hn::LoadU(d, to + row + k);
            for (std::size_t i = 0; i < kBlockSide; ++i)
                sum = hn::MulAdd(hn::Set(d, block[row + i]), hn::LoadU(d, matrix + i * kBlockSide + k), sum);
            hn::StoreU(sum, d, to + row + k);
        }
}

/// One block, or two above each other, as one.
HWY_INLINE void columnOf(const MergeRows& rows, std::size_t x, float* to) {
    const auto at = x * kBlockValues;
    const BlockFloats d;
    if (!rows.down) {
        for (std::size_t i = 0; i < kBlockValues; i += hn::Lanes(d))
            hn::StoreU(hn::Mul(floatsOf(d, rows.upper + at + i), hn::LoadU(d, rows.steps + i)), d, to + i);
        return;
    }
    std::memset(to, 0, kBlockValues * sizeof *to);
    addDown(rows.lower ? rows.downwards.first : rows.downwards.lone, rows.upper + at, rows.steps, to);
    if (rows.lower)
        addDown(rows.downwards.second, rows.lower + at, rows.steps, to);
}

void mergeAll(const MergeRows& rows, std::int16_t* to, std::size_t count) {
    const BlockFloats d;
    float column[kBlockValues], both[kBlockValues];
    for (std::size_t x = 0; x < count; ++x, to += kBlockValues) {
        const auto left = rows.across ? 2 * x : x;
        columnOf(rows, left, column);
        const float* made = column;
        if (rows.across) {
            const bool beside = left + 1 < rows.count;
            std::memset(both, 0, sizeof both);
            addAcross(beside ? rows.sideways.first : rows.sideways.lone, column, both);
            if (beside) {
                columnOf(rows, left + 1, column);
                addAcross(rows.sideways.second, column, both);
            }
            made = both;
        }
        for (std::size_t i = 0; i < kBlockValues; i += hn::Lanes(d))
            storeRounded(hn::Mul(hn::LoadU(d, made + i), hn::LoadU(d, rows.reciprocals + i)), to + i);
    }
}

} // namespace keepseal::HWY_NAMESPACE
HWY_AFTER_NAMESPACE();

#if HWY_ONCE
namespace keepseal {

HWY_EXPORT(roundAll);
HWY_EXPORT(mergeAll);

void roundBlocks(std::int16_t* blocks, std::size_t count, const float* ratios) {
    HWY_DYNAMIC_DISPATCH(roundAll)(blocks, count, ratios);
}
void mergeBlocks(const MergeRows& rows, std::int16_t* to, std::size_t count) {
    HWY_DYNAMIC_DISPATCH(mergeAll)(rows, to, count);
}

} // namespace keepseal
#endif
