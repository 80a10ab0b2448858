// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/resample_passes.h"

#include <algorithm>
#include <cmath>

#undef HWY_TARGET_INCLUDE
#define HWY_TARGET_INCLUDE "decode/resample_passes.cpp"
#include <hwy/foreach_target.h>
#include <hwy/highway.h>

HWY_BEFORE_NAMESPACE();
namespace keepseal::HWY_NAMESPACE {
namespace hn = hwy::HWY_NAMESPACE;

using Floats = hn::ScalableTag<float>;

HWY_INLINE hn::Vec<Floats> load(Floats d, const std::uint8_t* from) {
    const hn::Rebind<std::uint8_t, Floats> bytes;
    const hn::Rebind<std::int32_t, Floats> ints;
    return hn::ConvertTo(d, hn::PromoteTo(ints, hn::LoadU(bytes, from)));
}
HWY_INLINE hn::Vec<Floats> load(Floats d, const float* from) {
    return hn::LoadU(d, from);
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
template <class T, class Out>
void across(const float* row, const int* start, const float* weight, int taps, int n, T* out, Out kept) {
    for (int x = 0; x < n; ++x, weight += taps)
        for (int c = 0; c < 3; ++c) {
            float sum = 0;
            for (int t = 0; t < taps; ++t)
                sum += row[3 * (start[x] + t) + c] * weight[t];
            *out++ = kept(sum);
        }
}
void acrossBytes(const float* row, const int* start, const float* weight, int taps, int n,
                 std::uint8_t* out) {
    across(row, start, weight, taps, n, out,
           [](float sum) { return static_cast<std::uint8_t>(std::lrint(std::clamp(sum, 0.0F, 255.0F))); });
}
void acrossFloats(const float* row, const int* start, const float* weight, int taps, int n, float* out) {
    across(row, start, weight, taps, n, out, [](float sum) { return sum; });
}
#else
using Pixel = hn::FixedTag<float, 4>; ///< three values, and one of the next pixel that nobody looks at

HWY_INLINE hn::Vec<Pixel> sumOf(Pixel d, const float* from, const float* weight, int taps) {
    auto even = hn::Zero(d), odd = even;
    int t = 0;
    for (; t + 1 < taps; t += 2) {
        even = hn::MulAdd(hn::LoadU(d, from + 3 * t), hn::Set(d, weight[t]), even);
        odd = hn::MulAdd(hn::LoadU(d, from + 3 * t + 3), hn::Set(d, weight[t + 1]), odd);
    }
    if (t < taps)
        even = hn::MulAdd(hn::LoadU(d, from + 3 * t), hn::Set(d, weight[t]), even);
    return hn::Add(even, odd);
}

void acrossBytes(const float* row, const int* start, const float* weight, int taps, int n,
                 std::uint8_t* out) {
    const Pixel d;
    const hn::Rebind<std::uint8_t, Pixel> bytes;
    for (int x = 0; x < n; ++x, weight += taps, out += 3)
        hn::StoreU(hn::DemoteTo(bytes, hn::NearestInt(sumOf(d, row + 3 * start[x], weight, taps))), bytes,
                   out);
}

void acrossFloats(const float* row, const int* start, const float* weight, int taps, int n, float* out) {
    const Pixel d;
    for (int x = 0; x < n; ++x, weight += taps, out += 3)
        hn::StoreU(sumOf(d, row + 3 * start[x], weight, taps), d, out);
}
#endif

void downBytes(const std::uint8_t* const* rows, const float* weight, int taps, int n, float* out) {
    down(rows, weight, taps, n, out);
}
void downFloats(const float* const* rows, const float* weight, int taps, int n, float* out) {
    down(rows, weight, taps, n, out);
}

} // namespace keepseal::HWY_NAMESPACE
HWY_AFTER_NAMESPACE();

#if HWY_ONCE
namespace keepseal {

HWY_EXPORT(downBytes);
HWY_EXPORT(downFloats);
HWY_EXPORT(acrossBytes);
HWY_EXPORT(acrossFloats);

void resampleDown(const std::uint8_t* const* rows, const float* weight, int taps, int n, float* out) {
    HWY_DYNAMIC_DISPATCH(downBytes)(rows, weight, taps, n, out);
}
void resampleDown(const float* const* rows, const float* weight, int taps, int n, float* out) {
    HWY_DYNAMIC_DISPATCH(downFloats)(rows, weight, taps, n, out);
}
void resampleAcross(const float* row, const int* start, const float* weight, int taps, int n,
                    std::uint8_t* out) {
    HWY_DYNAMIC_DISPATCH(acrossBytes)(row, start, weight, taps, n, out);
}
void resampleAcross(const float* row, const int* start, const float* weight, int taps, int n, float* out) {
    HWY_DYNAMIC_DISPATCH(acrossFloats)(row, start, weight, taps, n, out);
}

} // namespace keepseal
#endif
