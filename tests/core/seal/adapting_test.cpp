// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Readability, what adapts to the picture, and advice on placing: against pictures whose answer is known.
#include "base/problem.h"
#include "seal/readability.h"
#include "support/seals.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

double readabilityOf(SealDesign design, Frame frame) {
    return drawSeal(design, frame).readability;
}

SealDesign adapting() {
    auto design = boxSeal(200, 60);
    design.parts.front().darkColour = {0, 0, 0};
    design.tone = Tone::ByPicture;
    return design;
}

SealDecision decisionOn(const SealDesign& design, Frame frame, const SealException* exception = nullptr) {
    return drawSeal(design, frame, {exception, nullptr}).decision;
}

} // namespace

TEST(Readability, IsTheContrastRatioOfInkAndSurroundings) {
    // By hand: white has luminance 1, black 0, grey 119 about 0.184.
    EXPECT_NEAR(readabilityOf(boxSeal(), plainFrame(600, 400, {0, 0, 0})), 21, 0.1);
    EXPECT_NEAR(readabilityOf(boxSeal(), plainFrame(600, 400, {119, 119, 119})), 1.05 / (0.1845 + 0.05),
                0.05);
    EXPECT_NEAR(readabilityOf(boxSeal(), plainFrame(600, 400, {255, 255, 255})), 1, 0.02);
}

TEST(Readability, FallsWithOpacityAsTheFinishedPixelsDo) {
    auto design = boxSeal();
    design.opacity = 50;
    // Half white on black is 128: luminance 0.2159.
    EXPECT_NEAR(readabilityOf(design, plainFrame(600, 400, {0, 0, 0})), (0.2159 + 0.05) / 0.05, 0.1);
}

TEST(Readability, ThinLettersMeasureLikeThickOnes) {
    SealDesign thin, thick;
    thin.setText("tidemark");
    thick.setText("tidemark");
    for (auto* d : {&thin, &thick})
        d->opacity = 100, d->tone = Tone::Light;
    thin.parts.front().text.weight = SealWeight::Light;
    thin.size = 4;
    thick.parts.front().text.weight = SealWeight::Bold;
    thick.size = 16;
    const auto ground = plainFrame(600, 400, {90, 90, 90});
    const double a = readabilityOf(thin, ground), b = readabilityOf(thick, ground);
    EXPECT_NEAR(a / b, 1, 0.2);
    EXPECT_NEAR(b, 1.05 / (0.1022 + 0.05), 0.4);
}

TEST(Readability, BusyGroundAndGroundThatChangesUnderTheMarkCountAgainstIt) {
    Frame busy = plainFrame(600, 400, {60, 60, 60});
    chequer(busy, {0, 0, 600, 400}, 6, 20, 160);
    EXPECT_LT(readabilityOf(boxSeal(), busy),
              0.75 * readabilityOf(boxSeal(), plainFrame(600, 400, {104, 104, 104})));
    auto across = boxSeal(800, 60);
    across.anchor = Anchor::Centre;
    EXPECT_LT(readabilityOf(across, halves(600, 400, 0, 240)), 1.5); // half of it can't be read
}

TEST(Adapting, TakesTheVersionThatCanBeRead) {
    for (const int grey : {0, 60, 120, 185, 220, 255}) {
        const auto g = static_cast<std::uint8_t>(grey);
        const auto frame = plainFrame(600, 400, {g, g, g});
        auto light = adapting(), dark = adapting();
        light.tone = Tone::Light, dark.tone = Tone::Dark;
        const double bestFixed = std::max(readabilityOf(light, frame), readabilityOf(dark, frame));
        const double adapted = readabilityOf(adapting(), frame);
        EXPECT_GE(adapted, std::min(bestFixed, 6.5) * 0.92) << grey;
    }
    EXPECT_FALSE(decisionOn(adapting(), plainFrame(600, 400, {30, 30, 30})).dark);
    EXPECT_TRUE(decisionOn(adapting(), plainFrame(600, 400, {250, 250, 250})).dark);
}

TEST(Adapting, LooksOnlyAtWhatLiesBehind) {
    auto design = adapting();
    const auto frame = halves(600, 400, 10, 250);
    design.anchor = Anchor::BottomRight;
    EXPECT_TRUE(decisionOn(design, frame).dark);
    design.anchor = Anchor::BottomLeft;
    EXPECT_FALSE(decisionOn(design, frame).dark);
}

TEST(Adapting, TheHaloComesOnlyWhereItIsNeededAndHelps) {
    auto design = adapting();
    design.tone = Tone::Light;
    design.halo.when = HaloWhen::WhereNeeded;
    const auto bright = plainFrame(600, 400, {215, 215, 215});
    EXPECT_FALSE(decisionOn(design, plainFrame(600, 400, {20, 20, 20})).halo);
    EXPECT_TRUE(decisionOn(design, bright).halo);
    auto without = design;
    without.halo.when = HaloWhen::Off;
    EXPECT_GT(readabilityOf(design, bright), 1.3 * readabilityOf(without, bright));
}

TEST(Adapting, IsMadeStrongerJustUntilItCanBeRead) {
    auto design = adapting();
    design.tone = Tone::Light;
    design.opacity = 10;
    design.stronger = true;
    design.readable = 3;
    Frame frame = plainFrame(600, 400, {80, 80, 80});
    const auto result = drawSeal(design, frame);
    EXPECT_NEAR(result.readability, 3, 0.25);
    EXPECT_FALSE(result.belowReadable);
    design.strongest = 20;
    Frame again = plainFrame(600, 400, {80, 80, 80});
    const auto limited = drawSeal(design, again);
    EXPECT_EQ(limited.decision.opacity, 20);
    EXPECT_TRUE(limited.belowReadable);
    EXPECT_THAT(said(limited.notes), Contains(HasSubstr("hard to read here")));
}

TEST(Adapting, IsMadeNoStrongerThanItTakes) {
    const auto at = [](SealDesign design, double opacity, const Frame& frame) {
        design.stronger = false;
        design.opacity = opacity;
        return readabilityOf(design, frame);
    };
    int searched = 0;
    for (int ground = 0; ground < 12; ++ground) {
        const auto grey = static_cast<std::uint8_t>(15 * ground);
        Frame frame = plainFrame(380, 260, {grey, grey, grey});
        if (ground % 3 == 1)
            chequer(frame, {0, 0, 380, 260}, 7, grey / 2, grey);
        if (ground % 3 == 2)
            frame = halves(380, 260, grey, grey / 3);
        for (const double asked : {1.3, 2.0, 3.5, 5.5})
            for (const double start : {5.0, 22.0, 41.0}) {
                auto design = adapting();
                design.tone = Tone::Light;
                design.halo.when = HaloWhen::Off;
                design.stronger = true, design.strongest = 97;
                design.opacity = start, design.readable = asked;
                const double wanted = 1.05 * asked, taken = decisionOn(design, frame).opacity;
                if (at(design, start, frame) >= wanted) {
                    EXPECT_EQ(taken, start);
                    continue;
                }
                ++searched;
                const bool any = at(design, 97, frame) >= wanted;
                EXPECT_EQ(at(design, taken, frame) >= wanted, any) << ground << " " << asked << " " << start;
                if (any) {
                    const double before = taken == 97 ? start + 2 * std::floor((96 - start) / 2) : taken - 2;
                    EXPECT_LT(at(design, before, frame), wanted) << ground << " " << asked << " " << start;
                }
            }
    }
    EXPECT_GT(searched, 60);
}

TEST(Adapting, APersonsExceptionIsStrongerThanAllOfIt) {
    const auto bright = plainFrame(600, 400, {250, 250, 250});
    SealException exception;
    exception.dark = false;
    exception.anchor = Anchor::TopLeft;
    exception.opacity = 33;
    auto design = adapting();
    design.placing = Placing::Advised;
    design.stronger = true;
    const auto decision = decisionOn(design, bright, &exception);
    EXPECT_FALSE(decision.dark);
    EXPECT_EQ(decision.place.anchor, Anchor::TopLeft);
    EXPECT_EQ(decision.opacity, 33);
    exception = {};
    exception.none = true;
    Frame untouched = bright;
    EXPECT_TRUE(drawSeal(design, untouched, {&exception, nullptr}).empty());
    EXPECT_EQ(untouched.rgb, bright.rgb);
    exception = {};
    exception.nudge = {-5, 0};
    Frame a = bright, b = bright;
    EXPECT_NEAR(drawSeal(design, a).box.x - drawSeal(design, b, {&exception, nullptr}).box.x, 20, 1e-6);
}

TEST(Adapting, ExceptionsComeBackFromJsonAsTheyWere) {
    SealException exception;
    exception.anchor = Anchor::Left;
    exception.nudge = {1.5, -2};
    exception.dark = true;
    exception.opacity = 40;
    EXPECT_EQ(exceptionFromJson(toJson(exception), "x."), exception);
    EXPECT_EQ(describe(exception), "left, nudged, dark version, opacity 40 %");
    EXPECT_THROW(exceptionFromJson({{"place", "nowhere"}}, "x."), Problem);
    EXPECT_THROW(exceptionFromJson({{"version", 3}}, "x."), Problem);
}

TEST(Adapting, AProofDecidesLikeTheCopy) {
    // Bands of many greys: over most of them the decision is clear, and there it must be the same at every
    // size.
    auto design = adapting();
    design.halo.when = HaloWhen::WhereNeeded;
    for (const int grey : {0, 40, 90, 130, 170, 200, 235, 255}) {
        if (kSanitized && grey % 130 != 0)
            continue;
        Frame large = plainFrame(2400, 1600, {});
        for (int y = 0; y < 1600; ++y)
            for (int x = 0; x < 2400 * 3; ++x)
                large.row(y)[x] =
                    static_cast<std::uint8_t>(std::clamp(grey + (y / 40 + x / 90) % 30 - 15, 0, 255));
        Frame small = shrunk(large, 4);
        small.scale = 0.25;
        EXPECT_EQ(decisionOn(design, large).dark, decisionOn(design, small).dark) << grey;
        EXPECT_EQ(decisionOn(design, large).halo, decisionOn(design, small).halo) << grey;
    }
}

TEST(Advice, PlainGroundIsTold) {
    Frame frame = plainFrame(384, 256, {120, 120, 120});
    chequer(frame, {0, 128, 192, 128}, 3, 60, 180);
    const auto advice = advise(*prepareSeal(boxSeal(200, 60)), frame);
    EXPECT_LT(advice.at(Anchor::TopRight).structure, 5);
    EXPECT_THAT(troubles(advice.at(Anchor::TopRight)), Contains(HasSubstr("plain ground")));
    EXPECT_GT(advice.at(Anchor::BottomLeft).structure, 90);
    EXPECT_THAT(troubles(advice.at(Anchor::BottomLeft)), Not(Contains(HasSubstr("plain ground"))));
}

TEST(Advice, CropsThatLoseTheSealAreNamed) {
    auto design = boxSeal(100, 100);
    design.margins.share = 7; // 28 of 400 pixels: 4.7 % of the width, 7 % of the height
    const auto advice = advise(*prepareSeal(design), plainFrame(600, 400, {90, 90, 90}));
    const auto& corner = advice.at(Anchor::BottomRight);
    EXPECT_THAT(corner.lostBy, Contains("5 % off the right"));
    EXPECT_THAT(corner.lostBy, Not(Contains("5 % off the foot")));
    EXPECT_THAT(corner.lostBy, Contains("10 % off the foot"));
    EXPECT_THAT(corner.lostBy, Contains("1:1"));
    EXPECT_THAT(corner.lostBy, Not(Contains("3:2")));
    EXPECT_NEAR(advice.at(Anchor::Centre).kept, 100, 1e-6);
}

TEST(Advice, TheSubjectIsFoundAndCoveringItCounts) {
    Frame frame = plainFrame(384, 256, {150, 170, 200});
    chequer(frame, {30, 150, 110, 90}, 5, 20, 250); // a sharp, contrasty thing at the lower left
    const auto advice = advise(*prepareSeal(boxSeal(200, 100)), frame);
    EXPECT_LT(advice.at(Anchor::BottomLeft).clear, 20);
    EXPECT_GT(advice.at(Anchor::TopRight).clear, 70);
}

TEST(Advice, PlacesForMeStaysTheSameAndMovesOnlyIfItGainsEnough) {
    Frame frame = plainFrame(384, 256, {128, 128, 128});
    chequer(frame, {0, 0, 192, 128}, 4, 30, 90);     // dark and full of detail: good at the top left
    chequer(frame, {250, 170, 134, 86}, 5, 20, 250); // the subject, just where the seal is designed to be
    auto design = boxSeal(200, 60);
    design.placing = Placing::Advised;
    design.moveGain = 5;
    const auto first = decisionOn(design, frame), second = decisionOn(design, frame);
    EXPECT_EQ(first, second);
    EXPECT_EQ(first.place.anchor, Anchor::TopLeft);
    EXPECT_THAT(first.why, HasSubstr("Moved from the bottom right to the top left"));
    design.moveGain = 90;
    EXPECT_EQ(decisionOn(design, frame).place.anchor, Anchor::BottomRight);
    design.moveGain = 0;
    design.allowed = AllowedPlaces::Foot;
    EXPECT_GE(static_cast<int>(decisionOn(design, frame).place.anchor), static_cast<int>(Anchor::BottomLeft));
}
