// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/seals.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

SealPlacement on(const SealDesign& design, Size size, double scale = 1) {
    return arrangeSeal(*prepareSeal(design), {0, 0, size.width, size.height}, size, placeOf(design), {scale});
}

constexpr Size kShapes[] = {{300, 200},   {200, 300},     {600, 600}, {2400, 600},
                            {300, 15000}, {20000, 13333}, {7, 5}};

} // namespace

TEST(Arrange, NoSealLeavesThePictureWhateverItsPlaceAngleAndSize) {
    for (const auto& size : kShapes)
        for (int anchor = 0; anchor < 9; ++anchor)
            for (const double angle : {0.0, 17.0, -90.0, 133.0})
                for (const double percent : {1.0, 12.0, 60.0})
                    for (const bool atPoint : {false, true}) {
                        auto design = boxSeal(700, 100);
                        design.anchor = static_cast<Anchor>(anchor);
                        design.angle = angle;
                        design.size = percent;
                        design.atPoint = atPoint;
                        design.point = {anchor * 12.5, 100.0 - anchor * 12.5};
                        const Box box = boundsOf(on(design, size).corners);
                        ASSERT_GE(box.x, -1e-6);
                        ASSERT_GE(box.y, -1e-6);
                        ASSERT_LE(box.right(), size.width + 1e-6);
                        ASSERT_LE(box.bottom(), size.height + 1e-6);
                    }
}

TEST(Arrange, TheRelativeBoxIsTheSameFrom300To20000Pixels) {
    for (const auto by :
         {ScaleBy::ShortSide, ScaleBy::LongSide, ScaleBy::Width, ScaleBy::Height, ScaleBy::Area}) {
        auto design = boxSeal();
        design.scaleBy = by;
        design.angle = 11;
        const Box reference = boundsOf(on(design, {300, 200}).corners);
        for (const int width : {600, 3000, 20001}) {
            const Box box = boundsOf(on(design, {width, width * 2 / 3}).corners);
            EXPECT_NEAR(box.x / width, reference.x / 300, 1e-4);
            EXPECT_NEAR(box.width / width, reference.width / 300, 1e-4);
        }
    }
}

TEST(Arrange, TheSizeCountsAgainstWhatWasChosen) {
    auto design = boxSeal(200, 100); // twice as wide as the unit, as high as it
    const auto unit = [&](ScaleBy by) {
        design.scaleBy = by;
        return on(design, {1000, 600}).unit;
    };
    EXPECT_NEAR(unit(ScaleBy::ShortSide), 60, 1e-9);
    EXPECT_NEAR(unit(ScaleBy::LongSide), 100, 1e-9);
    EXPECT_NEAR(unit(ScaleBy::Width), 100, 1e-9);
    EXPECT_NEAR(unit(ScaleBy::Height), 60, 1e-9);
    // Box of 2u * u pixels = (10 %)^2 of 600,000 pixels
    EXPECT_NEAR(unit(ScaleBy::Area), std::sqrt(0.01 * 600000 / 2), 1e-6);
}

TEST(Arrange, EqualAreaIsTheSameShareOfTallWideAndSquare) {
    auto design = boxSeal(300, 100);
    design.scaleBy = ScaleBy::Area;
    design.size = 14;
    for (const auto& size : {Size{900, 600}, Size{600, 900}, Size{735, 735}, Size{1500, 360}}) {
        const Box box = boundsOf(on(design, size).corners);
        EXPECT_NEAR(box.width * box.height / static_cast<double>(size.pixels()), 0.14 * 0.14, 1e-6);
    }
}

TEST(Arrange, TallWideAndSquarePicturesMayHaveTheirOwnSize) {
    auto design = boxSeal();
    design.sizeTall = 5, design.sizeSquare = 8;
    EXPECT_NEAR(on(design, {600, 900}).unit, 30, 1e-9);
    EXPECT_NEAR(on(design, {600, 640}).unit, 48, 1e-9);
    EXPECT_NEAR(on(design, {900, 600}).unit, 60, 1e-9);
}

TEST(Arrange, LettersNeverGetLowerThanAskedForOnTheCopy) {
    SealDesign design;
    design.setText("xxxx");
    design.size = 2;
    design.minXHeight = 9;
    const auto seal = prepareSeal(design);
    const auto small = on(design, {400, 300});
    EXPECT_TRUE(small.madeLarger);
    EXPECT_NEAR(seal->smallestXHeight * small.unit / 100, 9, 1e-6);
    EXPECT_FALSE(on(design, {4000, 3000}).madeLarger);
    // A proof at half the copy's size shows the same: letters half as high as on the copy.
    EXPECT_NEAR(on(design, {200, 150}, 0.5).unit * 2, small.unit, 1e-6);
}

TEST(Arrange, NeverMoreThanItsShare) {
    auto design = boxSeal(900, 100);
    design.size = 20;
    design.maxShare = 25;
    const auto placement = on(design, {1000, 1000});
    EXPECT_TRUE(placement.overShare);
    EXPECT_NEAR(boundsOf(placement.corners).width, 250, 1e-6);
}

TEST(Arrange, AStripReachesFromEdgeToEdgeAndHoldsTheSeal) {
    auto design = boxSeal(200, 100);
    design.arrangement = Arrangement::Strip;
    design.strip.padding = 50;
    design.anchor = Anchor::BottomLeft;
    const auto placement = on(design, {1000, 600});
    EXPECT_EQ(placement.strip, (Box{0, 600 - 120, 1000, 120})); // unit 60: 60 + 2 * 30
    const Box box = boundsOf(placement.corners);
    EXPECT_NEAR(box.x, 0.035 * 600, 1e-6);
    EXPECT_NEAR(box.y, 600 - 90, 1e-6);
}

TEST(Arrange, AnUprightStripReachesFromHeadToFootAndIsWrittenUpOrDown) {
    for (const auto runs : {StripRuns::Upwards, StripRuns::Downwards})
        for (const auto anchor : {Anchor::TopLeft, Anchor::BottomRight}) {
            auto design = boxSeal(200, 100); // twice as long as high: 120 x 60 pixels
            design.arrangement = Arrangement::Strip;
            design.strip.runs = runs;
            design.strip.padding = 50;
            design.anchor = anchor;
            design.margins.share = 5;
            const auto placement = on(design, {900, 600});
            const Box box = boundsOf(placement.corners);
            EXPECT_NEAR(box.width, 60, 1e-6);
            EXPECT_NEAR(box.height, 120, 1e-6);
            EXPECT_NEAR(placement.strip.width, 120, 1e-6);
            EXPECT_NEAR(placement.strip.height, 600, 1e-6);
            const bool right = anchor == Anchor::BottomRight;
            EXPECT_NEAR(placement.strip.x, right ? 780 : 0, 1e-6);
            EXPECT_NEAR(box.y, right ? 600 - 30 - 120 : 30, 1e-6);
            // The seal's own left end lies below where it is written upwards.
            EXPECT_EQ(placement.corners[0].y > placement.corners[1].y, runs == StripRuns::Upwards);
        }
}

TEST(Arrange, MarginsAreCountedInSharesPixelsOrMillimetresAndApart) {
    auto design = boxSeal(100, 100);
    design.margins.in = MarginIn::Pixels;
    design.margins.pixels = 80;
    const auto gaps = [&](const CopyMeasure& measure) {
        const Size size{1200, 800};
        const Box box = boundsOf(
            arrangeSeal(*prepareSeal(design), {0, 0, 1200, 800}, size, placeOf(design), measure).corners);
        return std::pair(1200 - box.right(), 800 - box.bottom());
    };
    EXPECT_NEAR(gaps({}).first, 80, 1e-6);
    EXPECT_NEAR(gaps({0.5}).first, 40, 1e-6) << "a proof of half the size";
    design.margins.apart = true;
    design.margins.pixelsDown = 20;
    EXPECT_NEAR(gaps({}).first, 80, 1e-6);
    EXPECT_NEAR(gaps({}).second, 20, 1e-6);
    design.margins.in = MarginIn::Millimetres;
    design.margins.mm = 10, design.margins.mmDown = 5;
    EXPECT_NEAR(gaps({1, 8}).first, 80, 1e-6) << "8 pixels a millimetre";
    EXPECT_NEAR(gaps({1, 8}).second, 40, 1e-6);
    design.margins.mm = 1000;
    EXPECT_LE(gaps({1, 8}).first, 0.45 * 1200 + 1e-6);
}

TEST(Arrange, APatternOfTouchingBoxesLeavesNoSeamAtAnySizeOrAngle) {
    for (const double angle : {0.0, 13.0, 45.0, 90.0})
        for (const auto& size : {Size{301, 199}, Size{640, 480}, Size{97, 211}}) {
            auto design = boxSeal(137, 100);
            design.arrangement = Arrangement::Repeat;
            design.angle = angle;
            design.size = 7.3;
            design.repeat = {0, 0, 37, false, 11, 23};
            Frame frame = plainFrame(size.width, size.height, {0, 0, 0});
            drawSeal(design, frame);
            int darkest = 255;
            for (const auto value : frame.rgb)
                darkest = std::min<int>(darkest, value);
            EXPECT_GE(darkest, 253) << angle << " " << size.width; // to the corners, and between the boxes
        }
}

TEST(Arrange, EveryOtherRowIsShiftedByItsShareOfTheStep) {
    auto design = boxSeal(100, 100);
    design.arrangement = Arrangement::Repeat;
    design.repeat = {100, 100, 50, false, 0, 0};
    const auto placement = on(design, {1000, 1000}); // unit 100, step 200
    std::map<long, std::vector<double>> rows;
    for (const auto& instance : placement.instances) {
        const Point at = instance.map.map(Point{50, 50});
        rows[std::lround(at.y)].push_back(at.x);
    }
    ASSERT_TRUE(rows.contains(500) && rows.contains(700));
    EXPECT_NEAR(std::fmod(rows[500].front() + 2000, 200), 100, 1e-6); // one in the middle: 500 = 100 mod 200
    EXPECT_NEAR(std::fmod(rows[700].front() + 2000, 200), 0, 1e-6);
}

TEST(Arrange, PartsTakeTurnsWhereAskedFor) {
    auto design = boxSeal(100, 100);
    design.parts.push_back(boxPart("other", 60, 60));
    design.arrangement = Arrangement::Repeat;
    design.repeat.alternate = true;
    std::map<int, int> count;
    for (const auto& instance : on(design, {1000, 1000}).instances)
        ++count[instance.only];
    EXPECT_EQ(count.size(), 2U);
    EXPECT_NEAR(count[0], count[1], count[0] * 0.35 + 3);
}

TEST(Arrange, ADensePatternIsSpreadOutInsteadOfTakingForever) {
    auto design = boxSeal(2, 2);
    design.arrangement = Arrangement::Repeat;
    design.repeat.gapX = design.repeat.gapY = 0;
    design.size = 0.5;
    EXPECT_LE(on(design, {20000, 20000}).instances.size(), static_cast<std::size_t>(kMaxInstances));
}

TEST(Arrange, DraggedCornersLandWhereTheyWereDragged) {
    auto design = boxSeal(400, 200);
    design.anchor = Anchor::Centre;
    design.size = 10;
    design.perspective.corners = {Point{10, 20}, Point{}, Point{}, Point{}};
    const auto placement = on(design, {1000, 1000});
    ASSERT_TRUE(placement.warped);
    const Box box = prepareSeal(design)->box;
    const auto corners = box.corners();
    for (std::size_t i = 0; i < 4; ++i) {
        const Point at = map(placement.warp, corners[i]);
        EXPECT_NEAR(at.x, placement.corners[i].x, 1e-6);
        EXPECT_NEAR(at.y, placement.corners[i].y, 1e-6);
    }
    EXPECT_NEAR(placement.corners[0].x, 300 + 40, 1e-6); // 10 % of 400 pixels
    EXPECT_NEAR(placement.corners[0].y, 400 + 40, 1e-6);
    // And the pixels follow: outside the dragged corner nothing is drawn, inside it is.
    Frame frame = plainFrame(1000, 1000, {0, 0, 0});
    drawSeal(design, frame);
    EXPECT_EQ(pixelAt(frame, 310, 410)[0], 0);
    EXPECT_EQ(pixelAt(frame, 500, 500)[0], 255);
    EXPECT_EQ(pixelAt(frame, 695, 595)[0], 255);
}

TEST(Arrange, AgainstTheWholeOrThePictureProper) {
    auto design = boxSeal(100, 100);
    design.anchor = Anchor::TopLeft;
    design.margins.share = 0;
    const auto seal = prepareSeal(design);
    const Rect picture{50, 40, 300, 200};
    EXPECT_NEAR(arrangeSeal(*seal, picture, {400, 280}, placeOf(design)).corners[0].x, 50, 1e-6);
    design.against = Against::Whole;
    EXPECT_NEAR(arrangeSeal(*prepareSeal(design), picture, {400, 280}, placeOf(design)).corners[0].x, 0,
                1e-6);
}

TEST(Homography, InverseLeadsBack) {
    bool ok = false;
    const auto h =
        homography({10, 20, 100, 50}, {Point{0, 0}, Point{90, 10}, Point{120, 80}, Point{-10, 60}}, ok);
    ASSERT_TRUE(ok);
    for (const Point p : {Point{10, 20}, Point{70, 33}, Point{110, 70}}) {
        const Point back = map(inverse(h), map(h, p));
        EXPECT_NEAR(back.x, p.x, 1e-6);
        EXPECT_NEAR(back.y, p.y, 1e-6);
    }
    homography({0, 0, 10, 10}, {Point{0, 0}, Point{1, 1}, Point{2, 2}, Point{3, 3}}, ok);
    EXPECT_FALSE(ok);
}

TEST(Arrange, ASealMovesOffTheWordsOfACaptionTheShortestWay) {
    auto design = boxSeal(300, 60);
    design.against = Against::Whole;
    design.margins.share = 1;
    const Size whole{1200, 900};
    const Rect picture{60, 60, 1080, 700};
    CopyMeasure measure;
    const auto placed = [&](Anchor anchor) {
        auto at = placeOf(design);
        at.anchor = anchor;
        return arrangeSeal(*prepareSeal(design), picture, whole, at, measure);
    };
    const Box alone = boundsOf(placed(Anchor::BottomRight).corners);
    measure.words = {Box{0.05, 0.9, 0.2, 0.04}, Box{}, Box{0.75, 0.9, 0.2, 0.04}};
    const auto moved = placed(Anchor::BottomRight);
    const Box box = boundsOf(moved.corners), words{0.75 * 1200, 0.9 * 900, 0.2 * 1200, 0.04 * 900};
    EXPECT_TRUE(box.right() <= words.x || box.bottom() <= words.y || box.y >= words.bottom());
    EXPECT_EQ(box.x, alone.x); // straight up: the words are wider than the seal is high
    EXPECT_LT(box.bottom(), words.y);
    EXPECT_GT(box.bottom(), words.y - 60);
    EXPECT_FALSE(moved.onCaption);
    // Between the two there is room for it, and nothing is moved.
    const Box between = boundsOf(placed(Anchor::Bottom).corners);
    measure.words = {};
    EXPECT_EQ(between, boundsOf(placed(Anchor::Bottom).corners));
    measure.words[1] = {0, 0.02, 1, 0.96};
    EXPECT_TRUE(placed(Anchor::Bottom).onCaption);
    design.clearOfCaption = false;
    EXPECT_FALSE(placed(Anchor::Bottom).onCaption);
    EXPECT_EQ(boundsOf(placed(Anchor::BottomRight).corners), alone);
}
