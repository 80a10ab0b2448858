// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Samples in a row behave as a std::vector does, and keep theirs to themselves.
#include "likeness/picture_mark.h"
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
    Frame frame = test::plainFrame(6, 2, {0, 0, 0});
    for (int x = 0; x < 6; ++x) // red grows along the row, green differs by row
        for (int y = 0; y < 2; ++y)
            frame.row(y)[3 * x] = static_cast<std::uint8_t>(30 * x), frame.row(y)[3 * x + 1] = y ? 200 : 100;
    const Frame small = meansOf(frame, {3, 1});
    ASSERT_EQ(small.size, (Size{3, 1}));
    for (int x = 0; x < 3; ++x) {
        EXPECT_EQ(small.row(0)[3 * x], 15 + 60 * x);
        EXPECT_EQ(small.row(0)[3 * x + 1], 150);
        EXPECT_EQ(small.row(0)[3 * x + 2], 0);
    }
}
