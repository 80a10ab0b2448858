// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/means.h"

#include <algorithm>
#include <vector>

namespace keepseal {
namespace {

/// Which of so many `from` one of the fewer covers, and how much of the first and of the last.
struct Covered {
    int first, end;
    float ofFirst, ofLast; ///< shares of the mean; all between weigh `ofEach`
    float ofEach;
};

/// In whole numbers, so that edges fall where they fall: in units of 1 / fewer of a pixel.
std::vector<Covered> coverage(int many, int fewer) {
    std::vector<Covered> out;
    for (std::int64_t i = 0; i < fewer; ++i) {
        const std::int64_t begin = i * many, end = begin + many;
        Covered one{static_cast<int>(begin / fewer), static_cast<int>((end + fewer - 1) / fewer), 0, 0, 0};
        const auto share = [many](std::int64_t units) {
            return static_cast<float>(units) / static_cast<float>(many);
        };
        one.ofEach = share(fewer);
        one.ofFirst = share(std::min(end, (one.first + std::int64_t(1)) * fewer) - begin);
        one.ofLast = share(end - (one.end - std::int64_t(1)) * fewer);
        out.push_back(one);
    }
    return out;
}

float shareOf(const Covered& covered, int i) {
    return i == covered.first ? covered.ofFirst : i == covered.end - 1 ? covered.ofLast : covered.ofEach;
}

using Pixel = float __attribute__((vector_size(16))); ///< its four samples at once

/// The same row twice, the second time with no share, where one is all.
void sumOfTwo(const std::uint8_t* a, float ofA, const std::uint8_t* b, float ofB, float* sums,
              std::ptrdiff_t count) {
    for (std::ptrdiff_t i = 0; i < count; ++i)
        sums[i] = ofA * static_cast<float>(int{a[i]}) + ofB * static_cast<float>(int{b[i]});
}

void addShareOf(const std::uint8_t* from, float share, float* sums, std::ptrdiff_t count) {
    for (std::ptrdiff_t i = 0; i < count; ++i)
        sums[i] += share * static_cast<float>(int{from[i]});
}

} // namespace

RowRange rowsOver(RowRange rows, int many, int fewer) {
    if (rows.first >= rows.end)
        return {};
    return {static_cast<int>(std::int64_t(rows.first) * fewer / many),
            static_cast<int>((std::int64_t(rows.end) * fewer + many - 1) / many)};
}

void reduceToMeans(const PixelsOf<const std::uint8_t>& from, const PixelsOf<std::uint8_t>& to,
                   RowRange wanted) {
    constexpr std::ptrdiff_t channels = 4;
    const auto columns = coverage(from.size.width, to.size.width);
    const auto rows = coverage(from.size.height, to.size.height);
    const std::ptrdiff_t samples = from.size.width * channels;
    std::vector<Pixel> sums(static_cast<std::size_t>(from.size.width));
    for (std::ptrdiff_t y = wanted.first; y < wanted.end; ++y) {
        const auto& down = rows[static_cast<std::size_t>(y)];
        const auto row = [&](int i) { return from.first + std::min(i, down.end - 1) * from.stride; };
        const bool more = down.end - down.first > 1;
        auto* sum = reinterpret_cast<float*>(sums.data());
        sumOfTwo(row(down.first), down.ofFirst, row(down.first + 1), more ? shareOf(down, down.first + 1) : 0,
                 sum, samples);
        for (int i = down.first + 2; i < down.end; ++i)
            addShareOf(row(i), shareOf(down, i), sum, samples);
        auto* out = to.first + y * to.stride;
        for (const auto& across : columns) {
            Pixel mean = sums[static_cast<std::size_t>(across.first)] * across.ofFirst + 0.5F;
            for (int i = across.first + 1; i < across.end - 1; ++i)
                mean += sums[static_cast<std::size_t>(i)] * across.ofEach;
            if (across.end - across.first > 1)
                mean += sums[static_cast<std::size_t>(across.end - 1)] * across.ofLast;
            for (int c = 0; c < channels; ++c)
                *out++ = static_cast<std::uint8_t>(static_cast<int>(mean[c]));
        }
    }
}

} // namespace keepseal
