// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What glows and shadows are made of, held against sums and maxima that are taken one by one.
#include "seal/effects.h"

#include <cmath>
#include <gtest/gtest.h>
#include <random>

using namespace keepseal;

namespace {

Mask randomMask(int width, int height) {
    std::mt19937 random(3);
    Mask out{width, height, {}};
    for (int i = 0; i < width * height; ++i)
        out.value.push_back(random() % 3 == 0 ? static_cast<float>(random() % 1000) / 1000 : 0);
    return out;
}

/// Calls `take` with each value within `radius` to all four sides.
template <class Take>
void eachAround(const Mask& mask, int x, int y, int radius, const Take& take) {
    for (int b = std::max(0, y - radius); b <= std::min(mask.height - 1, y + radius); ++b)
        for (int a = std::max(0, x - radius); a <= std::min(mask.width - 1, x + radius); ++a)
            take(mask.row(b)[a]);
}

} // namespace

TEST(Effects, WhatIsGrownIsTheLargestWithinTheRadiusHoweverLargeThatIs) {
    for (const auto& [width, height] : {std::pair(37, 23), {1, 90}, {90, 1}, {130, 70}})
        for (const int radius : {1, 2, 3, 7, 40, 2'000'000'000}) {
            const auto mask = randomMask(width, height);
            auto grown = mask;
            spread(grown, radius);
            for (int y = 0; y < height; ++y)
                for (int x = 0; x < width; ++x) {
                    float most = 0;
                    eachAround(mask, x, y, std::min(radius, 200), [&](float v) { most = std::max(most, v); });
                    ASSERT_EQ(grown.row(y)[x], most) << radius << " at " << x << ", " << y;
                }
        }
}

TEST(Effects, BlurIsThreeMeansOfASquare) {
    for (const int half : {1, 2, 5, 30}) {
        auto wanted = randomMask(41, 29);
        auto blurred = wanted;
        blur(blurred,
             2 * std::sqrt(double(half) * half + half)); // its variance is that of three such squares
        for (int pass = 0; pass < 3; ++pass) {
            const auto before = wanted;
            for (int y = 0; y < before.height; ++y)
                for (int x = 0; x < before.width; ++x) {
                    double sum = 0;
                    eachAround(before, x, y, half, [&](float v) { sum += v; });
                    wanted.row(y)[x] = static_cast<float>(sum / ((2 * half + 1.0) * (2 * half + 1.0)));
                }
        }
        for (std::size_t i = 0; i < wanted.value.size(); ++i)
            ASSERT_NEAR(blurred.value[i], wanted.value[i], 1e-5) << half;
    }
}
