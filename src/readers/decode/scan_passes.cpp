// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/scan_passes.h"

#include <cstring>
#include <limits>

#undef HWY_TARGET_INCLUDE
#define HWY_TARGET_INCLUDE "decode/scan_passes.cpp"
#include <hwy/foreach_target.h>
#include <hwy/highway.h>

HWY_BEFORE_NAMESPACE();
namespace keepseal::HWY_NAMESPACE {
namespace hn = hwy::HWY_NAMESPACE;

using Ints = hn::CappedTag<std::int32_t, kBlocksAtOnce>;
using Whole = hn::Vec<Ints>;

constexpr int kConst = 13, kPass = 2; ///< bits behind the point, of constants and between the two passes
constexpr std::int32_t fixed(double value) {
    return static_cast<std::int32_t>(value * (1 << kConst) + 0.5);
}

HWY_INLINE Whole times(Whole value, double factor) {
    const Ints d;
    return hn::Mul(value, hn::Set(d, factor < 0 ? -fixed(-factor) : fixed(factor)));
}
template <int bits>
HWY_INLINE Whole descaled(Whole value) {
    const Ints d;
    return hn::ShiftRight<bits>(hn::Add(value, hn::Set(d, 1 << (bits - 1))));
}

// One row or column: `get(k)` is its coefficient k, `put(k, sample)` takes what comes out, times 8 or, in the
// smaller ones, what they need fewer bits for.

template <int bits, class Get, class Put>
HWY_INLINE void eightOf(const Get& get, const Put& put) {
    const auto even2 = get(2), even6 = get(6), both = times(hn::Add(even2, even6), 0.541196100);
    const auto low = hn::Add(both, times(even6, -1.847759065)),
               high = hn::Add(both, times(even2, 0.765366865));
    const auto even0 = get(0), even4 = get(4);
    const auto sum = hn::ShiftLeft<kConst>(hn::Add(even0, even4)),
               difference = hn::ShiftLeft<kConst>(hn::Sub(even0, even4));
    const auto e0 = hn::Add(sum, high), e3 = hn::Sub(sum, high), e1 = hn::Add(difference, low),
               e2 = hn::Sub(difference, low);
    const auto i7 = get(7), i5 = get(5), i3 = get(3), i1 = get(1);
    const auto z1 = times(hn::Add(i7, i1), -0.899976223), z2 = times(hn::Add(i5, i3), -2.562915447);
    const auto s3 = hn::Add(i7, i3), s4 = hn::Add(i5, i1), z5 = times(hn::Add(s3, s4), 1.175875602);
    const auto z3 = hn::Add(times(s3, -1.961570560), z5), z4 = hn::Add(times(s4, -0.390180644), z5);
    const auto o0 = hn::Add(times(i7, 0.298631336), hn::Add(z1, z3)),
               o1 = hn::Add(times(i5, 2.053119869), hn::Add(z2, z4)),
               o2 = hn::Add(times(i3, 3.072711026), hn::Add(z2, z3)),
               o3 = hn::Add(times(i1, 1.501321110), hn::Add(z1, z4));
    put(0, descaled<bits>(hn::Add(e0, o3))), put(7, descaled<bits>(hn::Sub(e0, o3)));
    put(1, descaled<bits>(hn::Add(e1, o2))), put(6, descaled<bits>(hn::Sub(e1, o2)));
    put(2, descaled<bits>(hn::Add(e2, o1))), put(5, descaled<bits>(hn::Sub(e2, o1)));
    put(3, descaled<bits>(hn::Add(e3, o0))), put(4, descaled<bits>(hn::Sub(e3, o0)));
}

template <int bits, class Get, class Put>
HWY_INLINE void fourOf(const Get& get, const Put& put) {
    const auto first = hn::ShiftLeft<kConst + 1>(get(0));
    const auto even = hn::Add(times(get(2), 1.847759065), times(get(6), -0.765366865));
    const auto outer = hn::Add(first, even), inner = hn::Sub(first, even);
    const auto i7 = get(7), i5 = get(5), i3 = get(3), i1 = get(1);
    const auto o0 = hn::Add(hn::Add(times(i7, -0.211164243), times(i5, 1.451774981)),
                            hn::Add(times(i3, -2.172734803), times(i1, 1.061594337)));
    const auto o2 = hn::Add(hn::Add(times(i7, -0.509795579), times(i5, -0.601344887)),
                            hn::Add(times(i3, 0.899976223), times(i1, 2.562915447)));
    put(0, descaled<bits + 1>(hn::Add(outer, o2))), put(3, descaled<bits + 1>(hn::Sub(outer, o2)));
    put(1, descaled<bits + 1>(hn::Add(inner, o0))), put(2, descaled<bits + 1>(hn::Sub(inner, o0)));
}

template <int bits, class Get, class Put>
HWY_INLINE void twoOf(const Get& get, const Put& put) {
    const auto first = hn::ShiftLeft<kConst + 2>(get(0));
    const auto odd = hn::Add(hn::Add(times(get(7), -0.720959822), times(get(5), 0.850430095)),
                             hn::Add(times(get(3), -1.272758580), times(get(1), 3.624509785)));
    put(0, descaled<bits + 2>(hn::Add(first, odd))), put(1, descaled<bits + 2>(hn::Sub(first, odd)));
}

template <int side, int bits, class Get, class Put>
HWY_INLINE void lineOf(const Get& get, const Put& put) {
    if constexpr (side == 8)
        eightOf<bits>(get, put);
    else if constexpr (side == 4)
        fourOf<bits>(get, put);
    else
        twoOf<bits>(get, put);
}

/// Whether samples of that size need it at all.
constexpr bool needs(int side, int column) {
    return side == 8 || (side == 4 ? column != 4 : column == 0 || column % 2 == 1);
}

HWY_INLINE Whole asSample(Whole value) {
    const Ints d;
    return hn::Min(hn::Max(hn::Add(value, hn::Set(d, 128)), hn::Zero(d)), hn::Set(d, 255));
}

/// Of blocks from the i-th on: each one's, where it has but a mean.
HWY_INLINE Whole sampleOfMean(const BlockSamples& blocks, std::size_t i) {
    const Ints d;
    const auto means = hn::PromoteTo(d, hn::LoadU(hn::Rebind<std::int16_t, Ints>(), blocks.coefficients + i));
    return asSample(descaled<3>(hn::Mul(means, hn::Set(d, blocks.steps[0]))));
}

/// `line`: the samples of a row, the first of each block, the second of each.
template <int side>
HWY_INLINE void storeLine(const std::int32_t* line, std::uint8_t* to) {
    const Ints d;
    const hn::RebindToUnsigned<Ints> words;
    const auto four = [&](const std::int32_t* from) HWY_ATTR {
        const auto at = [&](std::size_t k) HWY_ATTR { return hn::Load(d, from + k * kBlocksAtOnce); };
        return hn::BitCast(words, hn::Or(hn::Or(at(0), hn::ShiftLeft<8>(at(1))),
                                         hn::Or(hn::ShiftLeft<16>(at(2)), hn::ShiftLeft<24>(at(3)))));
    };
    for (std::size_t i = 0; i < kBlocksAtOnce; i += hn::Lanes(d), to += hn::Lanes(d) * side) {
        if constexpr (side == 8)
            hn::StoreInterleaved2(four(line + i), four(line + 4 * kBlocksAtOnce + i), words,
                                  reinterpret_cast<std::uint32_t*>(to));
        else if constexpr (side == 4)
            hn::StoreU(four(line + i), words, reinterpret_cast<std::uint32_t*>(to));
        else
            hn::StoreU(hn::DemoteTo(hn::Rebind<std::uint16_t, Ints>(),
                                    hn::Or(hn::Load(d, line + i),
                                           hn::ShiftLeft<8>(hn::Load(d, line + kBlocksAtOnce + i)))),
                       hn::Rebind<std::uint16_t, Ints>(), reinterpret_cast<std::uint16_t*>(to));
    }
}

/// All are of one value each.
template <int side>
HWY_INLINE void evenSamples(const BlockSamples& blocks, std::uint8_t* to, std::size_t stride) {
    const Ints d;
    HWY_ALIGN std::int32_t line[side * kBlocksAtOnce];
    for (std::size_t i = 0; i < kBlocksAtOnce; i += hn::Lanes(d)) {
        const auto sample = sampleOfMean(blocks, i);
        for (std::size_t x = 0; x < side; ++x)
            hn::Store(sample, d, line + x * kBlocksAtOnce + i);
    }
    storeLine<side>(line, to);
    for (std::size_t row = 1; row < side; ++row)
        std::memcpy(to + row * stride, to, side * kBlocksAtOnce);
}

/// Their columns, in so many rows as there are samples.
template <int side>
HWY_INLINE void transformColumns(const BlockSamples& blocks, std::int32_t* to) {
    const Ints d;
    const hn::Rebind<std::int16_t, Ints> narrow;
    for (std::size_t column = 0; column < 8; ++column) {
        if (!needs(side, static_cast<int>(column)))
            continue;
        for (std::size_t i = 0; i < kBlocksAtOnce; i += hn::Lanes(d)) {
            auto* out = to + column * kBlocksAtOnce + i;
            if (static_cast<int>(column) >= blocks.columns) {
                for (std::size_t row = 0; row < side; ++row)
                    hn::Store(hn::Zero(d), d, out + row * kCoefficientsAtOnce / 8);
                continue;
            }
            lineOf<side, kConst - kPass>(
                [&](std::size_t row) HWY_ATTR {
                    const auto at = row * 8 + column;
                    const auto values = hn::LoadU(narrow, blocks.coefficients + at * kBlocksAtOnce + i);
                    return hn::Mul(hn::PromoteTo(d, values), hn::Set(d, blocks.steps[at]));
                },
                [&](std::size_t row, Whole value)
                    HWY_ATTR { hn::Store(value, d, out + row * kCoefficientsAtOnce / 8); });
        }
    }
}

template <int side>
HWY_INLINE void samplesOfSide(const BlockSamples& blocks, std::uint8_t* to, std::size_t stride) {
    if (blocks.columns == 0)
        return evenSamples<side>(blocks, to, stride);
    const Ints d;
    HWY_ALIGN std::int32_t between[side * kCoefficientsAtOnce / 8], line[side * kBlocksAtOnce];
    transformColumns<side>(blocks, between);
    for (std::size_t row = 0; row < side; ++row, to += stride) {
        for (std::size_t i = 0; i < kBlocksAtOnce; i += hn::Lanes(d))
            lineOf<side, kConst + kPass + 3>(
                [&](std::size_t column)
                    HWY_ATTR { return hn::Load(d, between + (row * 8 + column) * kBlocksAtOnce + i); },
                [&](std::size_t column, Whole value)
                    HWY_ATTR { hn::Store(asSample(value), d, line + column * kBlocksAtOnce + i); });
        storeLine<side>(line, to);
    }
}

void samplesOf(const BlockSamples& blocks, std::uint8_t* to, std::size_t stride) {
    const Ints d;
    if (blocks.side == 8)
        return samplesOfSide<8>(blocks, to, stride);
    if (blocks.side == 4)
        return samplesOfSide<4>(blocks, to, stride);
    if (blocks.side == 2)
        return samplesOfSide<2>(blocks, to, stride);
    const hn::Rebind<std::uint8_t, Ints> bytes;
    for (std::size_t i = 0; i < kBlocksAtOnce; i += hn::Lanes(d))
        hn::StoreU(hn::DemoteTo(bytes, sampleOfMean(blocks, i)), bytes, to + i);
}

using Sums = hn::CappedTag<std::uint16_t, 16>;

/// Two samples in one: the left one first.
HWY_INLINE void storeTwo(hn::Vec<Sums> left, hn::Vec<Sums> right, std::uint8_t* to) {
    const Sums d;
    hn::StoreU(hn::Or(left, hn::ShiftLeft<8>(right)), d, reinterpret_cast<std::uint16_t*>(to));
}

HWY_INLINE hn::Vec<Sums> sumsOf(const std::uint8_t* from) {
    const Sums d;
    return hn::PromoteTo(d, hn::LoadU(hn::Rebind<std::uint8_t, Sums>(), from));
}
HWY_INLINE hn::Vec<Sums> threeTimes(hn::Vec<Sums> value) {
    return hn::Add(value, hn::ShiftLeft<1>(value));
}

void betweenInRow(const std::uint8_t* from, std::size_t count, std::uint8_t* to) {
    const Sums d;
    for (std::size_t x = 0; x < count; x += hn::Lanes(d)) {
        const auto here = threeTimes(sumsOf(from + x));
        const auto left = hn::Add(hn::Add(here, sumsOf(from + x - 1)), hn::Set(d, 1)),
                   right = hn::Add(hn::Add(here, sumsOf(from + x + 1)), hn::Set(d, 2));
        storeTwo(hn::ShiftRight<2>(left), hn::ShiftRight<2>(right), to + 2 * x);
    }
}

HWY_INLINE hn::Vec<Sums> sumsOfBoth(const std::uint8_t* near, const std::uint8_t* far) {
    return hn::Add(threeTimes(sumsOf(near)), sumsOf(far));
}

void betweenRows(const std::uint8_t* near, const std::uint8_t* far, std::size_t count, std::uint8_t* to) {
    const Sums d;
    for (std::size_t x = 0; x < count; x += hn::Lanes(d), near += hn::Lanes(d), far += hn::Lanes(d)) {
        const auto here = threeTimes(sumsOfBoth(near, far));
        const auto left = hn::Add(hn::Add(here, sumsOfBoth(near - 1, far - 1)), hn::Set(d, 8)),
                   right = hn::Add(hn::Add(here, sumsOfBoth(near + 1, far + 1)), hn::Set(d, 7));
        storeTwo(hn::ShiftRight<4>(left), hn::ShiftRight<4>(right), to + 2 * x);
    }
}

using Shorts = hn::CappedTag<std::int16_t, 16>;
using Short = hn::Vec<Shorts>;

/// `value` by `factor` of 1 / 65536, rounded.
HWY_INLINE Short partOf(Short value, std::int16_t factor) {
    const Shorts d;
    const auto twice = hn::MulHigh(hn::ShiftLeft<1>(value), hn::Set(d, factor));
    return hn::ShiftRight<1>(hn::Add(twice, hn::Set(d, 1)));
}

/// -0.34414 of blue and -0.71414 of red, with 16 bits behind the point, in one sum that is rounded once. What
/// lies behind the point is summed for itself.
HWY_INLINE Short greenOf(Short blue, Short red) {
    const Shorts d;
    const auto ofBlue = hn::Set(d, -22554), ofRed = hn::Set(d, 65536 - 46802); // and -1
    const auto behind = hn::Mul(blue, ofBlue), sum = hn::Add(behind, hn::Mul(red, ofRed));
    const auto lowest = hn::Set(d, std::numeric_limits<std::int16_t>::min()); // they have no sign
    const auto isOver = hn::VecFromMask(d, hn::Lt(hn::Xor(sum, lowest), hn::Xor(behind, lowest)));
    const auto isHalf = hn::ShiftRight<15>(sum); // -1 where it is
    const auto before = hn::Sub(hn::Add(hn::MulHigh(blue, ofBlue), hn::MulHigh(red, ofRed)), red);
    return hn::Sub(hn::Sub(before, isOver), isHalf);
}

constexpr std::size_t kColoursAtOnce = 256;

/// Red, green and blue for themselves.
HWY_INLINE void coloursApart(const std::uint8_t* luma, const std::uint8_t* blue, const std::uint8_t* red,
                             std::size_t count, std::uint8_t (*to)[kColoursAtOnce]) {
    const Shorts d;
    const hn::Rebind<std::uint8_t, Shorts> bytes;
    const auto shorts = [&](const std::uint8_t* from)
                            HWY_ATTR { return hn::PromoteTo(d, hn::LoadU(bytes, from)); };
    for (std::size_t x = 0; x < count; x += hn::Lanes(d)) {
        const auto put = [&](int which, Short added) HWY_ATTR {
            hn::StoreU(hn::DemoteTo(bytes, hn::Add(shorts(luma + x), added)), bytes, to[which] + x);
        };
        const auto middle = hn::Set(d, 128);
        const auto b = hn::Sub(shorts(blue + x), middle), r = hn::Sub(shorts(red + x), middle);
        put(0, hn::Add(r, partOf(r, 26345))); // 1.402
        put(1, greenOf(b, r));
        put(2, hn::Add(hn::ShiftLeft<1>(b), partOf(b, -14942))); // 1.772
    }
}

void toColours(const std::uint8_t* luma, const std::uint8_t* blue, const std::uint8_t* red, std::size_t count,
               std::uint8_t* to) {
    const hn::CappedTag<std::uint8_t, kScanPad / 2> d;
    HWY_ALIGN std::uint8_t apart[3][kColoursAtOnce];
    for (std::size_t done = 0; done < count; done += kColoursAtOnce) {
        const auto now = HWY_MIN(kColoursAtOnce, count - done);
        coloursApart(luma + done, blue + done, red + done, now, apart);
        for (std::size_t x = 0; x < now; x += hn::Lanes(d))
            hn::StoreInterleaved3(hn::LoadU(d, apart[0] + x), hn::LoadU(d, apart[1] + x),
                                  hn::LoadU(d, apart[2] + x), d, to + 3 * (done + x));
    }
}

} // namespace keepseal::HWY_NAMESPACE
HWY_AFTER_NAMESPACE();

#if HWY_ONCE
namespace keepseal {

HWY_EXPORT(samplesOf);
HWY_EXPORT(betweenInRow);
HWY_EXPORT(betweenRows);
HWY_EXPORT(toColours);

void samplesOfBlocks(const BlockSamples& blocks, std::uint8_t* to, std::size_t stride) {
    HWY_DYNAMIC_DISPATCH(samplesOf)(blocks, to, stride);
}
void samplesBetween(const std::uint8_t* from, std::size_t count, std::uint8_t* to) {
    HWY_DYNAMIC_DISPATCH(betweenInRow)(from, count, to);
}
void samplesBetween(const std::uint8_t* near, const std::uint8_t* far, std::size_t count, std::uint8_t* to) {
    HWY_DYNAMIC_DISPATCH(betweenRows)(near, far, count, to);
}
void coloursOf(const std::uint8_t* luma, const std::uint8_t* blue, const std::uint8_t* red, std::size_t count,
               std::uint8_t* to) {
    HWY_DYNAMIC_DISPATCH(toColours)(luma, blue, red, count, to);
}

} // namespace keepseal
#endif
