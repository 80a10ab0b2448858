// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/fit.h"

#include <gtest/gtest.h>

using namespace keepseal;

namespace {

const std::vector<Size> kFitSizes = {{1, 1},         {1, 50},      {50, 1},      {300, 200},
                                     {200, 300},     {301, 199},   {6000, 4000}, {4000, 6000},
                                     {20000, 13333}, {20000, 400}, {400, 20000}};

FitSettings to(FitTo what) {
    FitSettings out;
    out.to = what;
    return out;
}

Size fitted(const FitSettings& settings, Size cut) {
    return fitPicture(settings, cut).picture;
}

/// A border of a tenth of the short side, equal on all sides.
Edges tenth(Size inside) {
    const int w = std::max(1, static_cast<int>(std::lround(inside.shortSide() * 0.1)));
    return {w, w, w, w};
}

} // namespace

TEST(Fit, EveryMeasureByHand) {
    auto s = to(FitTo::LongSide);
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{2048, 1365}));
    EXPECT_EQ(fitted(s, {4000, 6000}), (Size{1365, 2048}));
    s = to(FitTo::ShortSide), s.shortSide = 1080;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{1620, 1080}));
    s = to(FitTo::Width), s.width = 1200;
    EXPECT_EQ(fitted(s, {4000, 6000}), (Size{1200, 1800}));
    s = to(FitTo::Height), s.height = 900;
    EXPECT_EQ(fitted(s, {4000, 6000}), (Size{600, 900}));
    s = to(FitTo::Box), s.width = 1920, s.height = 1080;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{1620, 1080}));
    EXPECT_EQ(fitted(s, {4000, 6000}), (Size{1080, 1620})); // the box turned
    s.turnBox = false;
    EXPECT_EQ(fitted(s, {4000, 6000}), (Size{720, 1080}));
    s = to(FitTo::Percent), s.percent = 25;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{1500, 1000}));
    s = to(FitTo::Megapixels), s.megapixels = 6;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{3000, 2000}));
    s = to(FitTo::Paper), s.paperWidth = 15, s.paperHeight = 10, s.paperUnit = LengthUnit::Centimetres,
    s.resolution = 254;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{1500, 1000}));
    EXPECT_EQ(fitted(s, {4000, 6000}), (Size{1000, 1500}));
    s.paperUnit = LengthUnit::Inches, s.paperWidth = 10, s.paperHeight = 8, s.resolution = 300;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{3000, 2000}));
    s.on = false;
    EXPECT_EQ(fitted(s, {6000, 4000}), (Size{6000, 4000}));
}

TEST(Fit, FillingGivesExactPixelsAndTrimsWhatStandsOut) {
    auto s = to(FitTo::Fill);
    s.width = 1080, s.height = 1080;
    auto f = fitPicture(s, {6000, 4000});
    EXPECT_EQ(f.picture, (Size{1080, 1080}));
    EXPECT_EQ(f.kept, (Box{1000, 0, 4000, 4000}));
    s.anchor = Anchor::Left;
    EXPECT_EQ(fitPicture(s, {6000, 4000}).kept, (Box{0, 0, 4000, 4000}));
    s.height = 540;
    f = fitPicture(s, {6000, 4000});
    EXPECT_EQ(f.picture, (Size{1080, 540}));
    EXPECT_EQ(f.kept.height, 3000);
    // Too small a picture has the shape, not the pixels, and that is said.
    f = fitPicture(s, {600, 400});
    EXPECT_EQ(f.picture, (Size{600, 300}));
    EXPECT_TRUE(f.smallerThanAsked);
    s.enlarge = Enlarge::Always;
    EXPECT_EQ(fitPicture(s, {600, 400}).picture, (Size{1080, 540}));
    EXPECT_NEAR(fitPicture(s, {600, 400}).enlargedTo, 180, 0.5);
}

TEST(Fit, PaddingGivesExactPixelsAroundAllOfThePicture) {
    auto s = to(FitTo::Pad);
    s.width = 1000, s.height = 1000;
    auto f = fitPicture(s, {6000, 4000});
    EXPECT_EQ(f.picture, (Size{1000, 667}));
    EXPECT_EQ(f.padded(), (Size{1000, 1000}));
    EXPECT_EQ(f.padding, (Edges{0, 166, 0, 167})); // the odd pixel goes to the bottom
    s.anchor = Anchor::Top;
    EXPECT_EQ(fitPicture(s, {6000, 4000}).padding.top, 0);
    EXPECT_EQ(fitPicture(s, {100, 100}).padded(), (Size{1000, 1000})); // a small one is not enlarged
    EXPECT_EQ(fitPicture(s, {100, 100}).picture, (Size{100, 100}));
    s = to(FitTo::PadRatio), s.padRatio = "1:1";
    EXPECT_EQ(fitPicture(s, {6000, 4000}).padded(), (Size{6000, 6000}));
    s.padRatio = "2:1";
    EXPECT_EQ(fitPicture(s, {6000, 4000}).padded(), (Size{8000, 4000}));
}

TEST(Fit, EnlargesOnlyAsFarAsAllowed) {
    auto s = to(FitTo::LongSide);
    EXPECT_EQ(fitted(s, {800, 600}), (Size{800, 600}));
    EXPECT_TRUE(fitPicture(s, {800, 600}).smallerThanAsked);
    s.enlarge = Enlarge::UpTo, s.enlargeLimit = 150;
    EXPECT_EQ(fitted(s, {800, 600}), (Size{1200, 900}));
    EXPECT_EQ(fitted(s, {2000, 1000}), (Size{2048, 1024})); // within the limit
    s.enlarge = Enlarge::Always;
    EXPECT_EQ(fitted(s, {800, 600}), (Size{2048, 1536}));
    EXPECT_NEAR(fitPicture(s, {800, 600}).enlargedTo, 256, 0.1);
}

TEST(Fit, ConditionsLeaveOtherPicturesAlone) {
    auto s = to(FitTo::LongSide);
    s.longSide = 100, s.only = FitOnly::Larger, s.onlySize = 1000;
    EXPECT_EQ(fitted(s, {1000, 500}), (Size{1000, 500}));
    EXPECT_FALSE(fitPicture(s, {1000, 500}).applied);
    EXPECT_EQ(fitted(s, {1001, 500}), (Size{100, 50}));
    s.only = FitOnly::Smaller;
    EXPECT_EQ(fitted(s, {1001, 500}), (Size{1001, 500}));
    s.only = FitOnly::Always, s.onlyShape = FitShape::Tall;
    EXPECT_EQ(fitted(s, {1000, 500}), (Size{1000, 500}));
    EXPECT_EQ(fitted(s, {500, 1000}), (Size{50, 100}));
    s.onlyShape = FitShape::Square;
    EXPECT_EQ(fitted(s, {1000, 990}), (Size{100, 99}));
}

TEST(Fit, NeverLosesThePictureAndNeverMissesBySizes) {
    for (const auto size : kFitSizes)
        for (int what = 0; what <= static_cast<int>(FitTo::PadRatio); ++what)
            for (const auto enlarge : {Enlarge::Never, Enlarge::Always}) {
                auto s = to(static_cast<FitTo>(what));
                s.enlarge = enlarge;
                const auto f = fitPicture(s, size);
                ASSERT_GE(f.picture.shortSide(), 1) << what;
                ASSERT_GE(f.kept.width, 1);
                ASSERT_LE(f.kept.right(), size.width);
                ASSERT_LE(f.kept.bottom(), size.height);
                if (enlarge == Enlarge::Never) {
                    ASSERT_LE(f.picture.width, size.width);
                    ASSERT_LE(f.picture.height, size.height);
                }
                if (s.to == FitTo::LongSide && size.longSide() >= 2048) {
                    ASSERT_EQ(f.picture.longSide(), 2048);
                }
                if (s.to == FitTo::Pad) {
                    ASSERT_EQ(f.padded(), (size.height > size.width ? Size{1080, 1920} : Size{1920, 1080}));
                }
            }
}

TEST(Fit, TheWholeHasTheSizeToThePixel) {
    for (const auto size :
         {Size{6000, 4000}, {4000, 6000}, {6001, 3999}, {5000, 5000}, {20000, 13333}, {9000, 300}}) {
        auto s = to(FitTo::LongSide);
        s.what = FitWhat::Whole;
        for (int side = 300; side < 2600; side += 37) {
            s.longSide = side;
            EXPECT_EQ(fitPicture(s, size, tenth).whole().longSide(), side) << size.width << " to " << side;
        }
        s = to(FitTo::Fill), s.what = FitWhat::Whole, s.width = 1080, s.height = 1350, s.turnBox = false;
        const auto filled = fitPicture(s, size, tenth);
        if (!filled.smallerThanAsked) {
            EXPECT_EQ(filled.whole(), (Size{1080, 1350}));
        }
        s.to = FitTo::Pad;
        EXPECT_EQ(fitPicture(s, size, tenth).whole(), (Size{1080, 1350}));
        s.to = FitTo::Box;
        const auto boxed = fitPicture(s, size, tenth).whole();
        EXPECT_LE(boxed.width, 1080);
        EXPECT_LE(boxed.height, 1350);
        EXPECT_TRUE(boxed.width >= 1079 || boxed.height >= 1349);
        s = to(FitTo::Megapixels), s.what = FitWhat::Whole, s.megapixels = 2;
        if (size.pixels() > 4'000'000) {
            EXPECT_NEAR(static_cast<double>(fitPicture(s, size, tenth).whole().pixels()), 2e6, 6000);
        }
    }
}

TEST(Fit, TheWholeGrowsByTheBorderWhenThePictureIsMeant) {
    auto s = to(FitTo::LongSide);
    const auto f = fitPicture(s, {6000, 4000}, tenth);
    EXPECT_EQ(f.picture, (Size{2048, 1365}));
    EXPECT_EQ(f.whole(), (Size{2048 + 2 * 137, 1365 + 2 * 137}));
}

TEST(Fit, EvenABorderWiderThanThePictureIsReckonedIn) {
    auto s = to(FitTo::LongSide);
    s.what = FitWhat::Whole;
    const auto wide = [](Size inside) {
        const int w = static_cast<int>(std::lround(inside.shortSide() * 1.5));
        return Edges{w, w, w, w};
    };
    EXPECT_EQ(fitPicture(s, {6000, 4000}, wide).whole().longSide(), 2048);
}

/// What paper asks for by hand: millimetres by 25.4 by dots, to the nearest pixel; the mat reckoned in.
TEST(Fit, PaperIsReachedToThePixelByFillingAndByPaddingInEveryUnit) {
    struct Paper {
        LengthUnit unit;
        double width, height, resolution;
        Size pixels;
    };
    const EdgesOf mat = [](Size inside) {
        const int side = static_cast<int>(std::lround(inside.shortSide() * 0.05));
        return Edges{side, side, side, side};
    };
    for (const auto& paper : {Paper{LengthUnit::Millimetres, 150, 100, 300, {1772, 1181}},
                              Paper{LengthUnit::Centimetres, 18, 13, 254, {1800, 1300}},
                              Paper{LengthUnit::Inches, 10, 8, 240, {2400, 1920}}})
        for (const auto reach : {OnPaper::Filled, OnPaper::Padded})
            for (const Size cut : {Size{6000, 4000}, {4000, 6000}, {5000, 5000}, {9000, 2200}}) {
                auto s = to(FitTo::Paper);
                s.paperUnit = paper.unit, s.paperWidth = paper.width, s.paperHeight = paper.height;
                s.resolution = paper.resolution, s.onPaper = reach, s.what = FitWhat::Whole;
                const bool tall = cut.height > cut.width;
                const Size asked = tall ? Size{paper.pixels.height, paper.pixels.width} : paper.pixels;
                EXPECT_EQ(fitPicture(s, cut, mat).whole(), asked) << cut.width << "x" << cut.height;
                s.what = FitWhat::Picture;
                EXPECT_EQ(fitPicture(s, cut, mat).padded(), asked) << cut.width << "x" << cut.height;
            }
    // What would have to be enlarged is padded all the same; filled, it is told.
    auto s = to(FitTo::Paper);
    s.paperWidth = 150, s.paperHeight = 100, s.resolution = 300, s.onPaper = OnPaper::Filled;
    EXPECT_EQ(fitPicture(s, {600, 400}).missedSize, (Size{1772, 1181}));
    s.onPaper = OnPaper::Padded;
    EXPECT_EQ(fitPicture(s, {600, 400}).padded(), (Size{1772, 1181}));
}
