// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/resample_passes.h"

#include <algorithm>
#include <cmath>

#ifndef KEEPSEAL_HALVED_PLAINLY // this file is read once for each kind of processor
#define KEEPSEAL_HALVED_PLAINLY
namespace keepseal {
namespace {

void halvePlainly(const std::uint8_t* upper, const std::uint8_t* lower, int n, std::uint8_t* out) {
    for (int x = 0; x < n; ++x, upper += 6, lower += 6)
        for (int c = 0; c < 3; ++c)
            *out++ = static_cast<std::uint8_t>((upper[c] + upper[c + 3] + lower[c] + lower[c + 3] + 2) / 4);
}

} // namespace
} // namespace keepseal
#endif

#undef HWY_TARGET_INCLUDE
#define HWY_TARGET_INCLUDE "decode/resample_passes.cpp"
#include <hwy/foreach_target.h>
#include <hwy/highway.h>

HWY_BEFORE_NAMESPACE();
namespace keepseal::HWY_NAMESPACE {
namespace hn = hwy::HWY_NAMESPACE;

using Floats = hn::ScalableTag<float>;

template <class T>
HWY_INLINE hn::Vec<Floats> load(Floats d, const T* from) {
    const hn::Rebind<T, Floats> narrow;
    const hn::Rebind<std::int32_t, Floats> ints;
    return hn::ConvertTo(d, hn::PromoteTo(ints, hn::LoadU(narrow, from)));
}

/// Four vectors at a time stay in registers over all taps.
template <class T>
void down(const T* const* rows, const float* weight, int taps, int n, float* out) {
    const Floats d;
    const int lanes = static_cast<int>(hn::Lanes(d));
    for (int x = 0; x < n; x += 4 * lanes) {
        auto a = hn::Zero(d), b = a, c = a, e = a;
        for (int t = 0; t < taps; ++t) {
            const auto w = hn::Set(d, weight[t]);
            const T* row = rows[t] + x;
            a = hn::MulAdd(load(d, row), w, a);
            b = hn::MulAdd(load(d, row + lanes), w, b);
            c = hn::MulAdd(load(d, row + 2 * lanes), w, c);
            e = hn::MulAdd(load(d, row + 3 * lanes), w, e);
        }
        hn::StoreU(a, d, out + x);
        hn::StoreU(b, d, out + x + lanes);
        hn::StoreU(c, d, out + x + 2 * lanes);
        hn::StoreU(e, d, out + x + 3 * lanes);
    }
}

#if HWY_TARGET == HWY_SCALAR // a processor without vectors
AcrossWeights weightsFor(const float* weight, int taps, int n) {
    return {taps, taps, {weight, weight + static_cast<std::ptrdiff_t>(taps) * n}};
}

template <class T, class Out>
void across(const float* const* rows, int count, const int* start, const AcrossWeights& weights, int n,
            T* const* out, Out kept) {
    for (int r = 0; r < count; ++r) {
        const float* weight = weights.weight.data();
        for (int x = 0; x < n; ++x, weight += weights.taps)
            for (int c = 0; c < 3; ++c) {
                float sum = 0;
                for (int t = 0; t < weights.taps; ++t)
                    sum += rows[r][3 * (start[x] + t) + c] * weight[t];
                out[r][3 * x + c] = kept(sum);
            }
    }
}
void acrossBytes(const float* const* rows, int count, const int* start, const AcrossWeights& weights, int n,
                 std::uint8_t* const* out) {
    across(rows, count, start, weights, n, out,
           [](float sum) { return static_cast<std::uint8_t>(std::lrint(std::clamp(sum, 0.0F, 255.0F))); });
}
void acrossFloats(const float* const* rows, int count, const int* start, const AcrossWeights& weights, int n,
                  float* const* out) {
    across(rows, count, start, weights, n, out, [](float sum) { return sum; });
}
void halveBytes(const std::uint8_t* upper, const std::uint8_t* lower, int n, std::uint8_t* out) {
    halvePlainly(upper, lower, n, out);
}
#else
using Pixel = hn::FixedTag<float, 4>; ///< three values, and one of the next pixel that nobody looks at
using Wide = hn::CappedTag<float, 8>; ///< as many pixels as fit whole, and the rest of it weighs nothing

HWY_INLINE int pixelsIn(Wide d) {
    return static_cast<int>(hn::Lanes(d)) / 3;
}

AcrossWeights weightsFor(const float* weight, int taps, int n) {
    const Wide d;
    const int pixels = pixelsIn(d), lanes = static_cast<int>(hn::Lanes(d));
    AcrossWeights out{taps, (taps + pixels - 1) / pixels, {}};
    out.weight.resize(static_cast<std::size_t>(n) * static_cast<std::size_t>(out.vectors * lanes));
    auto* to = out.weight.data();
    for (int x = 0; x < n; ++x, weight += taps, to += static_cast<std::ptrdiff_t>(out.vectors) * lanes)
        for (int t = 0; t < taps; ++t)
            for (int c = 0; c < 3; ++c)
                to[t / pixels * lanes + t % pixels * 3 + c] = weight[t];
    return out;
}

/// The second pixel's lanes, where there is one, added to those of the first.
template <class V>
HWY_INLINE hn::Vec<Pixel> folded(V sum) {
    const hn::DFromV<V> d;
    if constexpr (hn::MaxLanes(d) == 8) {
        HWY_ALIGN static constexpr std::int32_t second[8] = {3, 4, 5, 6, 7, 7, 7, 7};
        return hn::LowerHalf(hn::Add(sum, hn::TableLookupLanes(sum, hn::SetTableIndices(d, second))));
    } else {
        return sum;
    }
}

/// A sum for each of so many rows, side by side in registers.
template <int kRows, class Store>
HWY_INLINE void acrossSome(const float* const* rows, const int* start, const AcrossWeights& weights, int n,
                           const Store& store) {
    const Wide wide;
    const auto lanes = static_cast<std::ptrdiff_t>(hn::Lanes(wide));
    const std::ptrdiff_t values = 3 * pixelsIn(wide);
    const float* weight = weights.weight.data();
    for (int x = 0; x < n; ++x) {
        const std::ptrdiff_t from = 3 * static_cast<std::ptrdiff_t>(start[x]);
        hn::Vec<Wide> a = hn::Zero(wide), b = a, c = a, e = a; // vectors can't be in arrays everywhere
        for (std::ptrdiff_t v = 0; v < weights.vectors; ++v, weight += lanes) {
            const auto w = hn::LoadU(wide, weight);
            const std::ptrdiff_t at = from + v * values;
            a = hn::MulAdd(hn::LoadU(wide, rows[0] + at), w, a);
            if constexpr (kRows == 4) {
                b = hn::MulAdd(hn::LoadU(wide, rows[1] + at), w, b);
                c = hn::MulAdd(hn::LoadU(wide, rows[2] + at), w, c);
                e = hn::MulAdd(hn::LoadU(wide, rows[3] + at), w, e);
            }
        }
        store(0, x, folded(a));
        if constexpr (kRows == 4) {
            store(1, x, folded(b));
            store(2, x, folded(c));
            store(3, x, folded(e));
        }
    }
}

template <class Store>
HWY_INLINE void acrossRows(const float* const* rows, int count, const int* start,
                           const AcrossWeights& weights, int n, const Store& store) {
    static_assert(kAcrossRows == 4);
    if (count == 4)
        return acrossSome<4>(rows, start, weights, n, store);
    for (int r = 0; r < count; ++r)
        acrossSome<1>(rows + r, start, weights, n, [&](int, int x, auto sum) HWY_ATTR { store(r, x, sum); });
}

void acrossBytes(const float* const* rows, int count, const int* start, const AcrossWeights& weights, int n,
                 std::uint8_t* const* out) {
    const hn::Rebind<std::uint8_t, Pixel> bytes;
    acrossRows(rows, count, start, weights, n, [&](int r, int x, auto sum) HWY_ATTR {
        hn::StoreU(hn::DemoteTo(bytes, hn::NearestInt(sum)), bytes, out[r] + 3 * x);
    });
}

void acrossFloats(const float* const* rows, int count, const int* start, const AcrossWeights& weights, int n,
                  float* const* out) {
    acrossRows(rows, count, start, weights, n,
               [&](int r, int x, auto sum) HWY_ATTR { hn::StoreU(sum, Pixel(), out[r] + 3 * x); });
}

/// Neighbours are the two bytes of a 16-bit lane.
HWY_INLINE hn::Vec<hn::ScalableTag<std::uint16_t>> pairs(hn::Vec<hn::ScalableTag<std::uint8_t>> v) {
    const hn::ScalableTag<std::uint16_t> d;
    const auto both = hn::BitCast(d, v);
    return hn::Add(hn::And(both, hn::Set(d, 0xFF)), hn::ShiftRight<8>(both));
}

void halveBytes(const std::uint8_t* upper, const std::uint8_t* lower, int n, std::uint8_t* out) {
    const hn::ScalableTag<std::uint8_t> d;
    const hn::ScalableTag<std::uint16_t> wide;
    const hn::Half<decltype(d)> half;
    const int made = static_cast<int>(hn::Lanes(d)) / 2;
    const auto mean = [&](auto a, auto b) {
        const auto sum = hn::Add(hn::Add(pairs(a), pairs(b)), hn::Set(wide, 2));
        return hn::DemoteTo(half, hn::BitCast(hn::RebindToSigned<decltype(wide)>(), hn::ShiftRight<2>(sum)));
    };
    int x = 0;
    for (; x + made <= n; x += made) {
        hn::Vec<decltype(d)> r0, g0, b0, r1, g1, b1;
        hn::LoadInterleaved3(d, upper + 6 * x, r0, g0, b0);
        hn::LoadInterleaved3(d, lower + 6 * x, r1, g1, b1);
        hn::StoreInterleaved3(mean(r0, r1), mean(g0, g1), mean(b0, b1), half, out + 3 * x);
    }
    halvePlainly(upper + 6 * x, lower + 6 * x, n - x, out + 3 * x);
}
#endif

void downBytes(const std::uint8_t* const* rows, const float* weight, int taps, int n, float* out) {
    down(rows, weight, taps, n, out);
}
void downLight(const std::uint16_t* const* rows, const float* weight, int taps, int n, float* out) {
    down(rows, weight, taps, n, out);
}

} // namespace keepseal::HWY_NAMESPACE
HWY_AFTER_NAMESPACE();

#if HWY_ONCE
namespace keepseal {

HWY_EXPORT(downBytes);
HWY_EXPORT(downLight);
HWY_EXPORT(acrossBytes);
HWY_EXPORT(acrossFloats);
HWY_EXPORT(weightsFor);
HWY_EXPORT(halveBytes);

void resampleDown(const std::uint8_t* const* rows, const float* weight, int taps, int n, float* out) {
    HWY_DYNAMIC_DISPATCH(downBytes)(rows, weight, taps, n, out);
}
void resampleDown(const std::uint16_t* const* rows, const float* weight, int taps, int n, float* out) {
    HWY_DYNAMIC_DISPATCH(downLight)(rows, weight, taps, n, out);
}
AcrossWeights acrossWeights(const float* weight, int taps, int n) {
    return HWY_DYNAMIC_DISPATCH(weightsFor)(weight, taps, n);
}
void resampleAcross(const float* const* rows, int count, const int* start, const AcrossWeights& weights,
                    int n, std::uint8_t* const* out) {
    HWY_DYNAMIC_DISPATCH(acrossBytes)(rows, count, start, weights, n, out);
}
void resampleAcross(const float* const* rows, int count, const int* start, const AcrossWeights& weights,
                    int n, float* const* out) {
    HWY_DYNAMIC_DISPATCH(acrossFloats)(rows, count, start, weights, n, out);
}
void halveThree(const std::uint8_t* upper, const std::uint8_t* lower, int n, std::uint8_t* out) {
    HWY_DYNAMIC_DISPATCH(halveBytes)(upper, lower, n, out);
}

} // namespace keepseal
#endif
