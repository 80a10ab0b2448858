// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Samples in a row behave as a std::vector does, and keep theirs to themselves.
#include "picture/means.h"
#include "picture/pixel_memory.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <random>

using namespace keepseal;

namespace {

template <class T>
void expectSame(const Pixels<T>& pixels, const std::vector<T>& wanted) {
    ASSERT_EQ(pixels.size(), wanted.size());
    EXPECT_EQ(pixels.empty(), wanted.empty());
    EXPECT_TRUE(std::equal(pixels.begin(), pixels.end(), wanted.begin()));
}

} // namespace

TEST(Pixels, FollowAVectorThroughAnyStepsAndShareNothingWithTheirCopies) {
    std::mt19937 random(20261130);
    Pixels<std::uint16_t> pixels;
    std::vector<std::uint16_t> wanted;
    for (int step = 0; step < 400; ++step) {
        const auto value = static_cast<std::uint16_t>(random());
        const std::size_t count = random() % 300'000; // on both sides of what is kept for later
        switch (random() % 6) {
        case 0:
            pixels.assign(count, value), wanted.assign(count, value);
            break;
        case 1: {
            const auto before = std::min(pixels.size(), count);
            pixels.resize(count), wanted.resize(count);
            std::fill(pixels.begin() + before, pixels.end(), value);
            std::fill(wanted.begin() + static_cast<std::ptrdiff_t>(before), wanted.end(), value);
            break;
        }
        case 2:
            for (int i = 0; i < 500; ++i)
                pixels.push_back(value), wanted.push_back(value);
            break;
        case 3: {
            auto copy = pixels;
            expectSame(copy, wanted);
            if (!copy.empty())
                copy[0] = static_cast<std::uint16_t>(copy[0] + 1);
            EXPECT_EQ(copy == pixels, copy.empty());
            break;
        }
        case 4: {
            auto moved = std::move(pixels);
            pixels = moved;
            moved = Pixels<std::uint16_t>(7, 7);
            pixels = *&pixels;
            break;
        }
        default:
            pixels.clear(), wanted.clear();
        }
        expectSame(pixels, wanted);
    }
    releasePixelMemory();
}

TEST(Pixels, ThatNoMemoryHoldsAreRefused) {
    EXPECT_THROW(Pixels<std::uint16_t>(std::numeric_limits<std::size_t>::max() / 2 + 1), std::bad_alloc);
}

TEST(Pixels, AreReducedToTheMeansOfWhatLiesUnderEach) {
    std::mt19937 random(20);
    for (const auto& [from, to] : {std::pair{Size{6, 2}, Size{3, 1}},
                                   {{7, 5}, {3, 2}},
                                   {{40, 31}, {40, 30}},
                                   {{9, 9}, {9, 9}},
                                   {{64, 3}, {1, 1}}}) {
        std::vector<std::uint8_t> many(static_cast<std::size_t>(from.pixels()) * 4),
            fewer(static_cast<std::size_t>(to.pixels()) * 4);
        for (auto& sample : many)
            sample = static_cast<std::uint8_t>(random());
        const PixelsOf<const std::uint8_t> source{many.data(), from.width * 4, from};
        const PixelsOf<std::uint8_t> target{fewer.data(), to.width * 4, to};
        reduceToMeans(source, target, {0, to.height});
        for (int i = 0; i < to.width * to.height * 4; ++i) {
            const int c = i % 4, x = i / 4 % to.width, y = i / 4 / to.width;
            long sum = 0; // each pixel cut into as many as there are of the fewer: all lie whole under one
            for (int v = y * from.height; v < (y + 1) * from.height; ++v)
                for (int u = x * from.width; u < (x + 1) * from.width; ++u)
                    sum +=
                        many[static_cast<std::size_t>((v / to.height * from.width + u / to.width) * 4 + c)];
            EXPECT_NEAR(fewer[static_cast<std::size_t>(i)],
                        static_cast<double>(sum) / static_cast<double>(from.pixels()), 0.5001)
                << x << " " << y;
        }
        // One row of the many changes: only what lies over it does.
        for (int row = 0; row < from.height; ++row) {
            const RowRange over = rowsOver({row, row + 1}, from.height, to.height);
            const auto first = many.begin() + static_cast<std::ptrdiff_t>(row) * from.width * 4;
            std::transform(first, first + from.width * 4, first, [](auto v) { return v ^ 0x55; });
            reduceToMeans(source, target, over);
            const auto some = fewer;
            reduceToMeans(source, target, {0, to.height});
            EXPECT_EQ(fewer, some) << row;
        }
        EXPECT_EQ(rowsOver({3, 3}, from.height, to.height), RowRange());
    }
}
