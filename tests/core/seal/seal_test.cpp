// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/draw.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>

using namespace keepseal;
using keepseal::test::plainFrame;

namespace {

/// The pixels that differ from a plain background: what a person would call the ink.
Rect inkOf(const Frame& frame, Rgb background) {
    int left = frame.size.width, top = frame.size.height, right = -1, bottom = -1;
    for (int y = 0; y < frame.size.height; ++y)
        for (int x = 0; x < frame.size.width; ++x)
            if (frame.row(y)[3 * x] != background.r) {
                left = std::min(left, x), right = std::max(right, x);
                top = std::min(top, y), bottom = std::max(bottom, y);
            }
    return {left, top, right - left + 1, bottom - top + 1};
}

SealDesign design(const std::string& text) {
    SealDesign d;
    d.setText(text);
    d.opacity = 100;
    d.tone = Tone::Light;
    return d;
}

constexpr Rgb kGrey{100, 100, 100};

Box boxOn(const SealDesign& d, const Rect& picture) {
    const auto placement = arrangeSeal(*prepareSeal(d), picture, {picture.width, picture.height}, placeOf(d));
    return boundsOf(placement.corners);
}

} // namespace

class SealOnShapes : public ::testing::TestWithParam<Size> {};

TEST_P(SealOnShapes, InkKeepsTheDesignedMarginInEveryCorner) {
    const Size size = GetParam();
    for (const auto anchor : {Anchor::TopLeft, Anchor::TopRight, Anchor::BottomLeft, Anchor::BottomRight}) {
        auto d = design("Hx");
        d.anchor = anchor;
        d.margins.share = 5;
        auto frame = plainFrame(size.width, size.height, kGrey);
        drawSeal(d, frame);
        const Rect ink = inkOf(frame, kGrey);
        const double margin = size.shortSide() * 0.05;
        const bool left = anchor == Anchor::TopLeft || anchor == Anchor::BottomLeft;
        const bool top = anchor == Anchor::TopLeft || anchor == Anchor::TopRight;
        EXPECT_NEAR(left ? ink.x : size.width - ink.right(), margin, 1.01);
        EXPECT_NEAR(top ? ink.y : size.height - ink.bottom(), margin, 1.01);
    }
}

TEST_P(SealOnShapes, AVeryLongTextStillFitsBetweenTheMargins) {
    const Size size = GetParam();
    auto frame = plainFrame(size.width, size.height, kGrey);
    const auto box =
        drawSeal(design("a line of text that is much, much too long for any tall or small picture"), frame);
    EXPECT_TRUE(box.madeSmaller || size.width > 2 * size.height);
    const Rect ink = inkOf(frame, kGrey);
    EXPECT_GE(ink.x, 0.035 * size.shortSide() - 1.01);
    EXPECT_LE(ink.right(), size.width - 0.035 * size.shortSide() + 1.01);
}

INSTANTIATE_TEST_SUITE_P(Shapes, SealOnShapes,
                         ::testing::Values(Size{300, 200}, Size{200, 300}, Size{900, 900}, Size{2400, 600},
                                           Size{600, 2400}));

TEST(Seal, IsTheSameShareOfThePictureAtEverySize) {
    for (const auto* family : {"Inter", "EB Garamond", "Dancing Script", "Comfortaa", "JetBrains Mono"}) {
        auto d = design("Tidemark 42\nsecond line");
        d.parts.front().text.family = family;
        const auto small = boxOn(d, {0, 0, 300, 200});
        const auto large = boxOn(d, {0, 0, 20000, 13333});
        EXPECT_NEAR(large.width / 20000, small.width / 300, 1e-4);
        EXPECT_NEAR(large.x / 20000, small.x / 300, 1e-4);
        EXPECT_NEAR(large.y / 13333, small.y / 200, 1e-3);
    }
}

TEST(Seal, ASmallProofLooksLikeTheShrunkLargeOne) {
    auto large = plainFrame(1600, 1200, kGrey), small = plainFrame(400, 300, kGrey);
    const auto d = [] {
        auto made = design("Kite & tide");
        made.size = 12;
        return made;
    }();
    drawSeal(d, large);
    drawSeal(d, small);
    double worst = 0, sum = 0;
    for (int y = 0; y < 300; ++y)
        for (int x = 0; x < 400; ++x) {
            double mean = 0; // 4 x 4 box average, by hand
            for (int j = 0; j < 16; ++j)
                mean += large.row(4 * y + j / 4)[3 * (4 * x + j % 4)] / 16.0;
            const double difference = std::abs(mean - small.row(y)[3 * x]);
            worst = std::max(worst, difference);
            sum += difference;
        }
    EXPECT_LE(worst, 12); // of 155 between ink and ground: a shift of a tenth of a pixel would show
    EXPECT_LE(sum / (400 * 300), 0.1);
}

TEST(Seal, MixesByItsOpacity) {
    // A block of ink so large that its middle is fully covered: the arithmetic is then plain.
    auto d = design("I");
    d.tone = Tone::Light;
    d.halo.when = HaloWhen::Off;
    d.stronger = d.plate.ifNeeded = false;
    d.parts.front().text.weight = SealWeight::Bold;
    d.size = 40;
    d.anchor = Anchor::Centre;
    d.parts.front().colour = {255, 0, 128};
    d.opacity = 40;
    auto frame = plainFrame(600, 600, kGrey);
    const auto box = drawSeal(d, frame).box;
    const auto* p =
        frame.row(static_cast<int>(box.y + box.height / 2)) + 3 * static_cast<int>(box.x + box.width / 2);
    EXPECT_NEAR(p[0], 100 * 0.6 + 255 * 0.4, 1);
    EXPECT_NEAR(p[1], 100 * 0.6, 1);
    EXPECT_NEAR(p[2], 100 * 0.6 + 128 * 0.4, 1);
}

TEST(Seal, TouchesNothingOutsideItsBoxAndNothingWhenOff) {
    auto frame = plainFrame(500, 400, kGrey);
    const auto box = drawSeal(design("gj"), frame).box;
    const Rect ink = inkOf(frame, kGrey);
    EXPECT_GE(ink.x, std::floor(box.x));
    EXPECT_LE(ink.bottom(), std::ceil(box.y + box.height));
    for (auto d : {design(""), design("   "), design("off")}) {
        d.on = d.text() != "off";
        auto untouched = plainFrame(500, 400, kGrey);
        drawSeal(d, untouched);
        EXPECT_EQ(untouched.rgb, plainFrame(500, 400, kGrey).rgb);
    }
}

TEST(Seal, SaysWhichCharactersNoShippedTypefaceHas) {
    for (const auto* text :
         {"© kite ® ™", "凧", "עפיפון", "طائرة ورقية", "पतंग", "ว่าว", "օդապարուկ", "ფრანი", "дракон"})
        EXPECT_TRUE(prepareSeal(design(text))->notes.empty()) << text;
    EXPECT_TRUE(
        holdsKind(prepareSeal(design("\U00013000"))->notes, NoteKind::SealCharacters)); // a hieroglyph
}

TEST(Seal, SurvivesATinyPicture) {
    for (int side = 1; side < 12; ++side) {
        auto frame = plainFrame(side, 1, kGrey);
        auto d = design("text");
        d.margins.share = 45;
        drawSeal(d, frame);
    }
}
