// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/affine.h"

#include <gtest/gtest.h>

using namespace keepseal;

TEST(Affine, PlacingTurnsScalesAndBringsThePointThere) {
    const Affine map = placing({10, 20}, {100, 200}, 2, 90);
    const Point at = map.map(Point{10, 20});
    EXPECT_NEAR(at.x, 100, 1e-9);
    EXPECT_NEAR(at.y, 200, 1e-9);
    const Point right = map.map(Point{11, 20}); // a quarter turn clockwise: what was to the right is below
    EXPECT_NEAR(right.x, 100, 1e-9);
    EXPECT_NEAR(right.y, 202, 1e-9);
    EXPECT_NEAR(map.scale(), 2, 1e-9);
}

TEST(Affine, TheInverseLeadsBack) {
    const Affine map = placing({3, -7}, {50, 60}, 0.37, 33);
    for (const Point p : {Point{0, 0}, Point{12, 5}, Point{-40, 9}}) {
        const Point back = map.inverse().map(map.map(p));
        EXPECT_NEAR(back.x, p.x, 1e-9);
        EXPECT_NEAR(back.y, p.y, 1e-9);
    }
}

TEST(Affine, BoundsOfATurnedSquareAreLargerByTheRootOfTwo) {
    const Box bounds = boundsOf(placing({0, 0}, {0, 0}, 1, 45).map(Box{-5, -5, 10, 10}));
    EXPECT_NEAR(bounds.width, 10 * std::sqrt(2.0), 1e-9);
    EXPECT_NEAR(bounds.height, 10 * std::sqrt(2.0), 1e-9);
    EXPECT_NEAR(bounds.centre().x, 0, 1e-9);
}

TEST(Box, UnitesGrowsAndKnowsEmptiness) {
    const Box a{0, 0, 10, 10}, b{20, -5, 5, 5};
    EXPECT_EQ(united(a, b), (Box{0, -5, 25, 15}));
    EXPECT_EQ(united(a, {}), a);
    EXPECT_EQ(united({}, b), b);
    EXPECT_EQ(a.grown(2), (Box{-2, -2, 14, 14}));
    EXPECT_TRUE((Box{1, 1, 0, 5}).empty());
    EXPECT_EQ(a.corners()[2], (Point{10, 10}));
}
