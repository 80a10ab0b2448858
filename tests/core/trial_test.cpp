// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Trials against marks that are made to fail and marks that are made to hold.
#include "seal/paint_out.h"
#include "seal/usual_crops.h"
#include "support/seals.h"
#include "trial/one_look.h"
#include "trial/trial.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <random>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

Frame noiseGround(unsigned seed, int deviation) {
    Frame out = plainFrame(600, 400, {});
    std::mt19937 random(seed);
    std::normal_distribution<double> noise(120, deviation);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 600; ++x)
            for (int c = 0; c < 3; ++c)
                out.row(y)[3 * x + c] = static_cast<std::uint8_t>(std::clamp(noise(random), 0.0, 255.0));
    return out;
}

/// Soft hills of grey, another one for each number.
Frame softGround(int number) {
    Frame out = plainFrame(600, 400, {});
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 600; ++x)
            for (int c = 0; c < 3; ++c)
                out.row(y)[3 * x + c] =
                    static_cast<std::uint8_t>(90 + 30 * std::sin(x / (60.0 + 7 * number) + number) +
                                              30 * std::cos(y / (50.0 + 5 * number) + c));
    return out;
}

SealedPicture sealed(const SealDesign& design, const Frame& ground, std::uint64_t seed = 0) {
    SealContext context;
    context.seed = seed;
    return sealedPicture("a picture", prepareSeal(design), ground, context);
}

SealDesign lettersAt(Anchor anchor) {
    auto design = fixedSeal();
    design.setText("Marsh & Line");
    design.tone = Tone::Light;
    design.opacity = 60;
    design.size = 9;
    design.anchor = anchor;
    return design;
}

std::vector<SealedPicture> aSet(const SealDesign& design) {
    std::vector<SealedPicture> out;
    for (int i = 0; i < 12; ++i)
        out.push_back(sealed(design, softGround(i), static_cast<std::uint64_t>(1000 + i * 7919)));
    return out;
}

} // namespace

TEST(Cropped, AMarkInTheCornerGoesFirstOneInTheMiddleLast) {
    const auto corner = cropped(sealed(lettersAt(Anchor::BottomRight), softGround(1)));
    const auto middle = cropped(sealed(lettersAt(Anchor::Centre), softGround(1)));
    EXPECT_LT(corner.holds, 70);
    EXPECT_GT(middle.holds, 95);
    EXPECT_THAT(corner.sentence, HasSubstr("takes it away and leaves"));
    EXPECT_LT(corner.after.size.pixels(), 600 * 400);
    auto all = boxSeal(60, 40);
    all.arrangement = Arrangement::Repeat;
    EXPECT_EQ(cropped(sealed(all, softGround(1))).holds, 100);
}

TEST(Cropped, TheCropsAreTheUsualOnes) {
    const auto crops = usualCrops(1.5);
    ASSERT_EQ(crops.size(), 30U);
    for (const auto& crop : crops)
        EXPECT_TRUE(crop.kept.x >= 0 && crop.kept.right() <= 1 + 1e-9 && crop.kept.width > 0) << crop.name;
    EXPECT_NEAR(crops[24].kept.width, 1 / 1.5, 1e-9) << "1:1 of a picture of 3:2";
}

TEST(PaintedOut, PlainGroundHidesTheRepairAndBusyGroundShowsIt) {
    const auto plain =
        paintedOut(sealed(lettersAt(Anchor::BottomRight), plainFrame(600, 400, {90, 110, 140})));
    const auto busy = paintedOut(sealed(lettersAt(Anchor::BottomRight), noiseGround(3, 40)));
    EXPECT_LT(plain.holds, 5);
    EXPECT_GT(busy.holds, 80);
    EXPECT_THAT(plain.sentence, HasSubstr("hardly a trace"));
}

TEST(PaintedOut, NothingIsFilledBeyondWhatChanged) {
    const auto ground = noiseGround(5, 30);
    const auto picture = sealed(lettersAt(Anchor::TopLeft), ground);
    const auto after = paintedOut(picture).after;
    const auto mask = changedPixels(picture.without, picture.with);
    for (std::size_t i = 0; i < mask.value.size(); ++i)
        if (mask.value[i] == 0) {
            ASSERT_EQ(after.rgb[3 * i], picture.with.rgb[3 * i]);
        }
}

TEST(AveragedAway, TheSameMarkOverASetComesOffAndARestlessOneHolds) {
    auto design = lettersAt(Anchor::BottomRight);
    const auto set = aSet(design);
    const auto fixed = averagedAway(set, 2);
    ASSERT_TRUE(fixed.tried);
    EXPECT_LT(fixed.holds, 45) << fixed.sentence.english();
    // What is given back is nearer to the picture than what was taken.
    EXPECT_LT(structureLost(set[2].without, fixed.after, changedPixels(set[2].without, set[2].with)),
              structureLost(set[2].without, set[2].with, changedPixels(set[2].without, set[2].with)));
    design.restless = 100;
    const auto restless = averagedAway(aSet(design), 2);
    EXPECT_GT(restless.holds, fixed.holds + 25) << restless.sentence.english();
    design.restless = 0;
    design.opacity = 100; // nothing of the picture is left under it
    EXPECT_GT(averagedAway(aSet(design), 2).holds, fixed.holds);
}

TEST(AveragedAway, IsNotTriedOnAFewPictures) {
    const auto set = aSet(lettersAt(Anchor::BottomRight));
    const auto few = averagedAway({set.begin(), set.begin() + 3}, 0);
    EXPECT_FALSE(few.tried);
    EXPECT_THAT(few.sentence, HasSubstr("at least 4 pictures"));
}

TEST(MadeWorse, LargeStrongLettersSurviveWhatSmallFaintOnesDoNot) {
    auto strong = lettersAt(Anchor::BottomRight), faint = strong;
    strong.opacity = 100;
    faint.size = 2.2;
    faint.opacity = 35;
    const auto ground = softGround(4);
    EXPECT_GT(madeSmall(sealed(strong, ground)).holds, 80);
    EXPECT_LT(madeSmall(sealed(faint, ground)).holds, 35);
    // White letters: a sky that is white when the contrast is stretched takes them with it, dusk does not.
    const auto dusk = halves(600, 400, 250, 60);
    EXPECT_GT(cutDown(sealed(strong, dusk)).holds, 80);
    EXPECT_LT(cutDown(sealed(faint, dusk)).holds, 60);
}

TEST(MadeWorse, ColourAloneIsLostInGrey) {
    // Red on a green of the same luminance: read in colour by some, and gone in grey.
    auto design = boxSeal(200, 100);
    design.parts.front().colour = {200, 0, 0};
    design.readable = 1.5;
    const auto result = cutDown(sealed(design, plainFrame(600, 400, {0, 106, 0})));
    EXPECT_LT(result.holds, 25) << result.sentence.english();
}

TEST(Trial, FindsTheWorstPictureOfEachAttackAndStopsWhenTold) {
    const auto design = lettersAt(Anchor::BottomRight);
    std::vector<SealedPicture> pictures = {sealed(design, noiseGround(1, 40)),
                                           sealed(design, plainFrame(600, 400, {60, 70, 90}))};
    std::atomic<bool> stop = false;
    double last = 0;
    const auto all = tryAll(pictures, stop, [&](double share) { last = share; });
    ASSERT_EQ(all.size(), kAttacks.size());
    EXPECT_EQ(last, 1);
    EXPECT_EQ(all[1].worst, 1U) << "painted out on the plain ground";
    EXPECT_NEAR(all[1].mean, (all[1].results[0].holds + all[1].results[1].holds) / 2, 1e-9);
    EXPECT_FALSE(all[2].tried());
    stop = true;
    EXPECT_TRUE(tryAll(pictures, stop, [](double) {}).empty());
}

TEST(Restless, IsTheSameForTheSamePictureAndStaysInside) {
    auto design = lettersAt(Anchor::BottomRight);
    design.restless = 100;
    const auto ground = softGround(1);
    const auto one = sealed(design, ground, 7), again = sealed(design, ground, 7),
               other = sealed(design, ground, 8);
    EXPECT_EQ(one.with.rgb, again.with.rgb);
    EXPECT_NE(one.with.rgb, other.with.rgb);
    for (std::uint64_t seed = 1; seed < 60; ++seed) {
        Frame frame = ground;
        SealContext context;
        context.seed = seed * 2654435761U;
        const auto box = drawSeal(*prepareSeal(design), frame, context).box;
        EXPECT_TRUE(box.x >= -0.5 && box.y >= -0.5 && box.right() <= 600.5 && box.bottom() <= 400.5) << seed;
    }
}

TEST(OneLook, IsTheLeastHaloOfTheVersionThatServesAll) {
    const auto at = [](std::optional<double> light, std::optional<double> dark) {
        return LeastHalos{light, dark};
    };
    auto look = oneLook({at(0, {}), at(35, 0), at(10, 60)});
    EXPECT_FALSE(look.dark);
    EXPECT_EQ(look.halo, 35);
    EXPECT_TRUE(look.left.empty());
    look = oneLook({at(0, 20), at({}, 5)});
    EXPECT_TRUE(look.dark);
    EXPECT_EQ(look.halo, 20);
    look = oneLook({at({}, 5), at(0, {}), at(40, {})});
    EXPECT_FALSE(look.dark);
    EXPECT_EQ(look.left, (std::vector<std::size_t>{0}));
}

TEST(OneLook, ServesEveryPictureItWasMeasuredOnWithNothingElseToHelp) {
    auto design = lettersAt(Anchor::BottomRight);
    design.tone = Tone::ByPicture;
    design.halo.when = HaloWhen::WhereNeeded;
    design.opacity = 95;
    std::vector<LeastHalos> halos;
    std::vector<Frame> grounds;
    for (const int grey : {20, 90, 130, 200}) {
        const auto level = static_cast<std::uint8_t>(grey);
        grounds.push_back(plainFrame(600, 400, {level, level, level}));
    }
    for (const auto& ground : grounds)
        halos.push_back(leastHalos(sealed(design, ground)));
    EXPECT_EQ(halos[0][0], 0) << "white on the dark one needs none";
    const auto look = oneLook(halos);
    ASSERT_TRUE(look.left.empty());
    EXPECT_GT(look.halo, 0);
    const auto fixed = [&](double halo) {
        auto out = design;
        takeOver({look.dark, halo, {}}, out);
        return out;
    };
    int tooLittle = 0;
    for (const auto& ground : grounds) {
        const auto with = sealed(fixed(look.halo), ground);
        EXPECT_EQ(with.drawn.decision.dark, look.dark);
        EXPECT_GE(with.drawn.readability, design.readable - 0.05);
        tooLittle += sealed(fixed(look.halo - kHaloStep), ground).drawn.readability < design.readable;
    }
    EXPECT_GT(tooLittle, 0) << "it is the least";
    design.halo.when = HaloWhen::Off;
    design.tone = Tone::Light;
    EXPECT_EQ(leastHalos(sealed(design, grounds[3])), (LeastHalos{}));
}
