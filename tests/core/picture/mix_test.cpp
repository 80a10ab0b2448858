// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/mix.h"
#include "seal/effects_kept.h"
#include "support/seals.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

TEST(Mix, EveryModeGivesTheStandardsOwnResults) {
    struct Row {
        MixMode mode;
        double picture, seal, result; ///< worked out by hand from the standard's formulas
    };
    const Row rows[] = {
        {MixMode::Normal, 0.2, 0.7, 0.7},        {MixMode::Multiply, 0.5, 0.5, 0.25},
        {MixMode::Screen, 0.5, 0.5, 0.75},       {MixMode::Overlay, 0.25, 0.5, 0.25},
        {MixMode::Overlay, 0.75, 0.25, 0.625},   {MixMode::HardLight, 0.25, 0.75, 0.625},
        {MixMode::HardLight, 0.6, 0.25, 0.3},    {MixMode::SoftLight, 0.5, 0.25, 0.375},
        {MixMode::SoftLight, 0.25, 0.75, 0.375}, {MixMode::SoftLight, 0.64, 1.0, 0.8},
        {MixMode::Darken, 0.3, 0.6, 0.3},        {MixMode::Lighten, 0.3, 0.6, 0.6},
        {MixMode::Difference, 0.3, 0.9, 0.6},
    };
    for (const auto& row : rows)
        EXPECT_NEAR(mixChannel(row.mode, row.picture, row.seal), row.result, 1e-9)
            << static_cast<int>(row.mode);
}

TEST(Mix, StaysInRangeForAllValues) {
    for (int mode = 0; mode < 9; ++mode)
        for (int p = 0; p <= 20; ++p)
            for (int s = 0; s <= 20; ++s) {
                const double v = mixChannel(static_cast<MixMode>(mode), p / 20.0, s / 20.0);
                ASSERT_GE(v, -1e-9);
                ASSERT_LE(v, 1 + 1e-9);
            }
}

TEST(Mix, PixelsFollowTheFormulaWithCoverageAndOpacity) {
    for (int mode = 0; mode < 9; ++mode) {
        Frame frame = plainFrame(1, 1, {200, 60, 128});
        Layer layer(Rect{0, 0, 1, 1});
        const double a = 128 / 255.0;
        const int ink[3] = {255, 100, 20};
        layer.argb[0] = 128U << 24 | static_cast<std::uint32_t>(std::lround(ink[0] * a)) << 16 |
                        static_cast<std::uint32_t>(std::lround(ink[1] * a)) << 8 |
                        static_cast<std::uint32_t>(std::lround(ink[2] * a));
        mixLayer(frame, layer, static_cast<MixMode>(mode), 60);
        const int was[3] = {200, 60, 128};
        for (int c = 0; c < 3; ++c) {
            const double mixed = mixChannel(static_cast<MixMode>(mode), was[c] / 255.0, ink[c] / 255.0) * 255;
            EXPECT_NEAR(frame.rgb[static_cast<std::size_t>(c)], was[c] + a * 0.6 * (mixed - was[c]), 1.5);
        }
    }
}

TEST(Mix, ALayerThatReachesBeyondTheFrameIsCut) {
    Frame frame = plainFrame(4, 4, {0, 0, 0});
    Layer layer(Rect{-3, 2, 100, 100});
    std::fill(layer.argb.begin(), layer.argb.end(), 0xFFFFFFFFU);
    mixLayer(frame, layer, MixMode::Normal, 100);
    EXPECT_EQ(frame.row(1)[0], 0);
    EXPECT_EQ(frame.row(3)[11], 255);
}

TEST(Effects, ABlurKeepsTheSumAndHasTheRightWidth) {
    Mask mask{201, 201, std::vector<float>(201 * 201)};
    mask.value[100 * 201 + 100] = 1000;
    blur(mask, 20); // two standard deviations
    double sum = 0, variance = 0;
    for (int y = 0; y < 201; ++y)
        for (int x = 0; x < 201; ++x) {
            const double v = mask.value[static_cast<std::size_t>(y) * 201 + x];
            sum += v;
            variance += v * (x - 100) * (x - 100);
        }
    EXPECT_NEAR(sum, 1000, 1);
    EXPECT_NEAR(std::sqrt(variance / sum), 10, 0.4);
}

TEST(Effects, WhatIsKeptIsWhatWasAskedFor) {
    Mask mask{40, 40, std::vector<float>(1600)};
    mask.value[820] = 1;
    const auto byHand = [&](double by, double softness) {
        Mask out = mask;
        spread(out, by);
        blur(out, softness);
        return out.value;
    };
    const auto glow = byHand(2, 6);
    for (int i = 0; i < 2; ++i) { // made, and kept
        EXPECT_EQ(glowOf(mask, 2, 6)->value, glow);
        EXPECT_EQ(glowOf(mask, 2, 7)->value, byHand(2, 7));
        EXPECT_EQ(glowOf(mask, 3, 6)->value, byHand(3, 6));
    }
    mask.value[0] = 1;
    EXPECT_EQ(glowOf(mask, 2, 6)->value, byHand(2, 6));
    EXPECT_NE(glowOf(mask, 2, 6)->value, glow);
}

TEST(Effects, SpreadGrowsInAllDirectionsAndShiftsMove) {
    Mask mask{21, 21, std::vector<float>(441)};
    mask.value[10 * 21 + 10] = 1;
    Mask moved = shifted(mask, 3.5, -2);
    EXPECT_NEAR(moved.value[8 * 21 + 13], 0.5, 1e-6);
    EXPECT_NEAR(moved.value[8 * 21 + 14], 0.5, 1e-6);
    spread(mask, 2);
    EXPECT_EQ(mask.value[8 * 21 + 12], 1);
    EXPECT_EQ(mask.value[7 * 21 + 10], 0);
}

TEST(Effects, ShadowFallsWhereItIsTold) {
    auto design = boxSeal(100, 100);
    design.anchor = Anchor::Centre;
    design.shadow = {true, {0, 0, 0}, 100, 0, 50, 90};   // to the right by half a unit
    Frame frame = plainFrame(400, 400, {200, 200, 200}); // unit 40: box 180 to 220, shadow 200 to 240
    drawSeal(design, frame);
    EXPECT_EQ(pixelAt(frame, 230, 200)[0], 0);
    EXPECT_EQ(pixelAt(frame, 170, 200)[0], 200);
    EXPECT_EQ(pixelAt(frame, 200, 200)[0], 255);
}

TEST(Effects, ReliefIsLitTowardsTheLightAndShadedAway) {
    auto design = boxSeal(200, 200);
    design.anchor = Anchor::Centre;
    design.opacity = 1;
    design.relief = {true, 10, 100, 0}; // light from above
    Frame frame = plainFrame(400, 400, {120, 120, 120});
    drawSeal(design, frame); // unit 40: box 160 to 240
    EXPECT_GT(pixelAt(frame, 200, 161)[0], 150);
    EXPECT_LT(pixelAt(frame, 200, 238)[0], 90);
    EXPECT_NEAR(pixelAt(frame, 200, 200)[0], 120, 4);
}

TEST(Effects, OutlineAndHaloSurroundTheMark) {
    auto design = boxSeal(100, 100);
    design.anchor = Anchor::Centre;
    design.outline = {20, {10, 20, 30}, {}};
    Frame frame = plainFrame(400, 400, {200, 200, 200});
    drawSeal(design, frame); // box 180 to 220, outline 8 pixels around
    EXPECT_EQ(pixelAt(frame, 175, 200)[2], 30);
    EXPECT_EQ(pixelAt(frame, 200, 200)[2], 255);
    EXPECT_EQ(pixelAt(frame, 165, 200)[2], 200);
    design.outline.width = 0;
    design.halo = {HaloWhen::Always, {0, 0, 0}, {}, 40, 10, 100};
    Frame glow = plainFrame(400, 400, {200, 200, 200});
    drawSeal(design, glow);
    EXPECT_LT(pixelAt(glow, 175, 200)[0], 120);
    EXPECT_EQ(pixelAt(glow, 120, 200)[0], 200);
}
