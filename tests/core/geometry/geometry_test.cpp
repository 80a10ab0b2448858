// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/anchor.h"
#include "geometry/fit.h"

#include <gtest/gtest.h>

using namespace keepseal;

TEST(FitLongSide, KeepsTheShapeAndNeverEnlarges) {
    EXPECT_EQ(fitLongSide({6000, 4000}, 2048), (Size{2048, 1365}));
    EXPECT_EQ(fitLongSide({4000, 6000}, 2048), (Size{1365, 2048}));
    EXPECT_EQ(fitLongSide({800, 600}, 2048), (Size{800, 600}));
    EXPECT_EQ(fitLongSide({2048, 100}, 2048), (Size{2048, 100}));
}

TEST(FitLongSide, AVeryThinPictureKeepsOnePixel) {
    EXPECT_EQ(fitLongSide({20000, 3}, 100), (Size{100, 1}));
}

TEST(FitInside, TouchesTheBoxAndStaysInIt) {
    for (int w = 1; w < 400; w += 37)
        for (int h = 1; h < 400; h += 41) {
            const Size fitted = fitInside({w, h}, {120, 90});
            EXPECT_LE(fitted.width, 120);
            EXPECT_LE(fitted.height, 90);
            EXPECT_TRUE(fitted.width == 120 || fitted.height == 90) << w << " x " << h;
        }
}

TEST(DecodeShrink, LeavesEnoughForTheResampleAfterIt) {
    EXPECT_EQ(decodeShrink({6000, 4000}, {2048, 1365}), 2);
    EXPECT_EQ(decodeShrink({5640, 3760}, {1400, 933}),
              2); // a quarter is 1410: all of the work would be the decoder's
    EXPECT_EQ(decodeShrink({6000, 4000}, {880, 587}), 4);
    EXPECT_EQ(decodeShrink({6000, 4000}, {441, 294}), 8);
    EXPECT_EQ(decodeShrink({6000, 4000}, {442, 294}), 4);
    EXPECT_EQ(decodeShrink({6000, 4000}, {2060, 1373}), 1);
    EXPECT_EQ(decodeShrink({6000, 4000}, {6000, 4000}), 1);
}

TEST(Anchored, KeepsTheMarginAtTheEdgesItTouches) {
    const Rect frame{10, 20, 300, 200};
    const auto topLeft = anchored(frame, 50, 30, Anchor::TopLeft, 7);
    EXPECT_DOUBLE_EQ(topLeft.x, 17);
    EXPECT_DOUBLE_EQ(topLeft.y, 27);
    const auto bottomRight = anchored(frame, 50, 30, Anchor::BottomRight, 7);
    EXPECT_DOUBLE_EQ(bottomRight.x + 50, 310 - 7);
    EXPECT_DOUBLE_EQ(bottomRight.y + 30, 220 - 7);
    const auto bottom = anchored(frame, 50, 30, Anchor::Bottom, 7);
    EXPECT_DOUBLE_EQ(bottom.x - 10, 310 - bottom.x - 50);
}
