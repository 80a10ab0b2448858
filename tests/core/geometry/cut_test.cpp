// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/cut.h"

#include <gtest/gtest.h>

#include <numbers>

using namespace keepseal;

namespace {

const std::vector<Size> kCutSizes = {{1, 1},         {1, 50},      {50, 1},      {300, 200},
                                     {200, 300},     {301, 199},   {6000, 4000}, {4000, 6000},
                                     {20000, 13333}, {20000, 400}, {400, 20000}};

/// By the picture's own axes: the corner turned back.
double outsideBy(Point corner, Size picture, double degrees) {
    const double r = -degrees * std::numbers::pi / 180;
    const double x = corner.x - picture.width / 2.0, y = corner.y - picture.height / 2.0;
    const double u = x * std::cos(r) - y * std::sin(r), v = x * std::sin(r) + y * std::cos(r);
    return std::max(std::abs(u) - picture.width / 2.0, std::abs(v) - picture.height / 2.0);
}

} // namespace

TEST(Ratio, IsReadAsPeopleWriteIt) {
    EXPECT_DOUBLE_EQ(*parseRatio("4:5"), 0.8);
    EXPECT_DOUBLE_EQ(*parseRatio(" 3 / 2 "), 1.5);
    EXPECT_DOUBLE_EQ(*parseRatio("210x297"), 210.0 / 297);
    EXPECT_DOUBLE_EQ(*parseRatio("1.85"), 1.85);
    for (const auto* wrong :
         {"", "four", "4:", ":5", "4:5:6", "0:3", "3:0", "-1:2", "100:1", "1:100", "nan", "inf:1", "4 5"})
        EXPECT_FALSE(parseRatio(wrong)) << wrong;
}

TEST(Cut, WithoutSettingsItIsAllOfThePicture) {
    for (const auto size : kCutSizes) {
        const auto cut = cutOf({}, {}, size);
        EXPECT_TRUE(cut.whole());
        EXPECT_EQ(cut.size(), size);
    }
}

TEST(Cut, QuarterTurnsChangePlaces) {
    TurnSettings turn;
    turn.quarterTurns = 3;
    TurnException exception;
    exception.quarterTurns = 2; // five in all: one
    const auto cut = cutOf(turn, exception, {300, 200});
    EXPECT_EQ(cut.quarterTurns, 1);
    EXPECT_EQ(cut.size(), (Size{200, 300}));
}

TEST(Cut, ARatioKeepsTheLargestPartAtItsAnchor) {
    TurnSettings turn;
    turn.shape = CropShape::Square;
    EXPECT_EQ(cutOf(turn, {}, {6000, 4000}).box, (Box{1000, 0, 4000, 4000}));
    turn.anchor = Anchor::Right;
    EXPECT_EQ(cutOf(turn, {}, {6000, 4000}).box, (Box{2000, 0, 4000, 4000}));
    turn.anchor = Anchor::TopLeft;
    EXPECT_EQ(cutOf(turn, {}, {4000, 6000}).box, (Box{0, 0, 4000, 4000}));
    turn.shape = CropShape::FourFive;
    EXPECT_EQ(cutOf(turn, {}, {4000, 6000}).size(), (Size{4000, 5000}));
    EXPECT_EQ(cutOf(turn, {}, {6000, 4000}).size(), (Size{5000, 4000})); // turned with the picture
    turn.upright = false;
    EXPECT_EQ(cutOf(turn, {}, {6000, 4000}).size(), (Size{3200, 4000}));
    turn.shape = CropShape::Typed;
    turn.ratio = "2:1";
    EXPECT_EQ(cutOf(turn, {}, {6000, 4000}).size(), (Size{6000, 3000}));
    turn.ratio = "nonsense"; // then the picture's own
    EXPECT_EQ(cutOf(turn, {}, {6000, 4000}).size(), (Size{6000, 4000}));
}

TEST(Cut, NoSettingLeavesThePictureOrHasNoPixel) {
    for (const auto size : kCutSizes)
        for (const auto shape :
             {CropShape::Free, CropShape::AsShot, CropShape::Square, CropShape::SixteenNine})
            for (const double angle : {-45.0, -7.3, -0.1, 0.0, 2.0, 30.0, 45.0}) {
                TurnSettings turn;
                turn.shape = shape;
                turn.angle = angle;
                const auto cut = cutOf(turn, {}, size);
                EXPECT_GE(cut.size().width, 1);
                EXPECT_GE(cut.size().height, 1);
                if (size.shortSide() < 20 && angle != 0)
                    continue; // the least of one pixel may stand out
                for (const auto& corner : cut.box.corners())
                    EXPECT_LE(outsideBy(corner, size, angle), 1e-3)
                        << size.width << "x" << size.height << " at " << angle;
            }
}

TEST(Cut, StraighteningKeepsTheLargestUprightRectangle) {
    // A square turned by 45 degrees holds a square of half its area.
    const Box square = largestUpright({1000, 1000}, 45, 1);
    EXPECT_NEAR(square.width, 1000 / std::sqrt(2.0), 1e-6);
    EXPECT_NEAR(square.x + square.width / 2, 500, 1e-6);
    // Nothing that is a little larger fits: for every angle and shape, by trial.
    for (const Size size : {Size{3000, 2000}, {2000, 3000}, {4000, 500}})
        for (const double angle : {0.5, 5.0, 20.0, 44.0}) {
            const Box best = largestUpright(size, angle, 0);
            double area = 0;
            for (double ratio = 0.05; ratio < 20; ratio *= 1.001) {
                const Box box = largestUpright(size, angle, ratio);
                for (const auto& corner : box.corners())
                    EXPECT_LE(outsideBy(corner, size, angle), 1e-6);
                area = std::max(area, box.width * box.height);
            }
            EXPECT_NEAR(best.width * best.height / area, 1, 1e-3) << size.width << " at " << angle;
        }
}

TEST(Cut, ACropByHandIsTakenAsItIsAndKeptInside) {
    TurnException exception;
    exception.crop = Box{0.25, 0.5, 0.5, 0.5};
    EXPECT_EQ(cutOf({}, exception, {400, 200}).box, (Box{100, 100, 200, 100}));
    TurnSettings turn;
    turn.angle = 20;
    exception.crop = Box{0, 0, 1, 1};
    const auto cut = cutOf(turn, exception, {3000, 2000});
    for (const auto& corner : cut.box.corners())
        EXPECT_LE(outsideBy(corner, {3000, 2000}, 20), 1);
    EXPECT_NEAR(cut.box.centre().x, 1500, 1);
}

TEST(Orientation, ComposedOnesFormTheGroupOfTheSquare) {
    for (int orientation = 1; orientation <= 8; ++orientation) {
        EXPECT_EQ(composedOrientation(orientation, 0, false), orientation);
        EXPECT_EQ(composedOrientation(composedOrientation(orientation, 1, false), 3, false), orientation);
        EXPECT_EQ(composedOrientation(composedOrientation(orientation, 0, true), 0, true), orientation);
        // A flip between two turns undoes their direction.
        EXPECT_EQ(composedOrientation(composedOrientation(orientation, 1, true), 1, true), orientation);
    }
    EXPECT_EQ(composedOrientation(1, 1, false), 6);
    EXPECT_EQ(composedOrientation(6, 1, false), 3);
    EXPECT_EQ(composedOrientation(1, 0, true), 2);
    EXPECT_EQ(composedOrientation(1, 2, true), 4);
}
