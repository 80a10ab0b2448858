// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "finish/finish.h"
#include "finish/sharp_places.h"

#include "support/seals.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

FinishSettings nothing() {
    FinishSettings out;
    out.sharpen = false;
    return out;
}

Frame finished(const FinishSettings& settings, Frame frame, FinishFacts facts = {}) {
    applyFinish(settings, facts, frame);
    return frame;
}

Frame asDeep(const Frame& frame) {
    Frame out = emptyLike(frame, frame.size);
    out.rgb.clear();
    for (const auto v : frame.rgb)
        out.deep.push_back(static_cast<std::uint16_t>(v * 257));
    return out;
}

Frame noise(int width, int height) {
    Frame out = plainFrame(width, height, {});
    for (std::size_t i = 0; i < out.rgb.size(); ++i)
        out.rgb[i] = static_cast<std::uint8_t>((i * 2654435761U) >> 11 & 0x7F) + 60;
    return out;
}

double deviation(const Frame& frame) {
    double sum = 0, squares = 0;
    for (const auto v : frame.rgb)
        sum += v, squares += double(v) * v;
    const double n = static_cast<double>(frame.rgb.size());
    return std::sqrt(squares / n - sum / n * sum / n);
}

} // namespace

TEST(Finish, SwitchedOffItChangesNothing) {
    const auto frame = noise(61, 43);
    EXPECT_EQ(finished(nothing(), frame).rgb, frame.rgb);
    EXPECT_EQ(finished(nothing(), asDeep(frame)).deep, asDeep(frame).deep);
}

TEST(Sharpen, LeavesEvenGroundAndPicturesOfTheirOwnSizeAlone) {
    FinishSettings s;
    s.amount = 300;
    const auto flat = plainFrame(40, 30, {100, 150, 50});
    EXPECT_EQ(finished(s, flat).rgb, flat.rgb);
    const auto frame = noise(61, 43);
    EXPECT_EQ(finished(s, frame, {false, 0}).rgb, frame.rgb);
    EXPECT_NE(finished(s, frame).rgb, frame.rgb);
}

TEST(Sharpen, AnEdgeBecomesSteeperAndTheHaloStaysWithinItsLimit) {
    FinishSettings s;
    s.amount = 300;
    s.radius = 1.5;
    const auto sharp = finished(s, halves(60, 20, 100, 150));
    int least = 255, most = 0;
    for (const auto v : sharp.rgb)
        least = std::min<int>(least, v), most = std::max<int>(most, v);
    EXPECT_LT(least, 98);
    EXPECT_GT(most, 152);
    EXPECT_GE(least, 100 - kMostSharpening - 1);
    EXPECT_LE(most, 150 + kMostSharpening + 1);
    s.protect = false;
    s.threshold = 60; // above half the step of the edge: nothing is that different
    EXPECT_EQ(finished(s, halves(60, 20, 100, 150)).rgb, halves(60, 20, 100, 150).rgb);
}

TEST(Sharpen, ByHandInTheMiddleOfALine) {
    // One bright column on grey, radius 0.5: the blurred value of the column by the Gaussian's own weights.
    FinishSettings s;
    s.amount = 100, s.radius = 0.5, s.threshold = 0, s.protect = false;
    Frame frame = plainFrame(21, 11, {100, 100, 100});
    for (int y = 0; y < 11; ++y)
        for (int c = 0; c < 3; ++c)
            frame.row(y)[3 * 10 + c] = 140;
    const double w0 = 1, w1 = std::exp(-2.0), w2 = std::exp(-8.0);
    const double middle = w0 / (w0 + 2 * w1 + 2 * w2);
    const double blurred = 100 + 40 * middle;
    EXPECT_NEAR(pixelAt(finished(s, frame), 10, 5)[0], 140 + (140 - blurred), 1.01);
}

TEST(Sharpen, OnlyLuminanceKeepsHues) {
    FinishSettings s;
    s.amount = 200, s.protect = false, s.threshold = 0;
    Frame frame = plainFrame(40, 20, {150, 90, 60});
    for (int y = 0; y < 20; ++y)
        for (int x = 20; x < 40; ++x)
            std::copy_n(std::array<std::uint8_t, 3>{90, 120, 150}.data(), 3, frame.row(y) + 3 * x);
    const auto sharp = finished(s, frame);
    for (int y = 0; y < 20; ++y)
        for (int x = 0; x < 40; ++x) {
            const auto* a = pixelAt(sharp, x, y);
            const auto* b = pixelAt(frame, x, y);
            EXPECT_NEAR(a[0] - a[1], b[0] - b[1], 1); // all three moved alike
        }
    s.onlyLuminance = false;
    EXPECT_GT(std::abs(pixelAt(finished(s, frame), 19, 5)[0] - pixelAt(finished(s, frame), 19, 5)[1] - 60),
              4);
}

TEST(Sharpen, EightAndSixteenBitsAgree) {
    FinishSettings s;
    s.amount = 150;
    const auto frame = noise(61, 43);
    const auto eight = finished(s, frame);
    const auto deep = finished(s, asDeep(frame));
    for (std::size_t i = 0; i < eight.rgb.size(); ++i)
        ASSERT_NEAR(deep.deep[i] / 257.0, eight.rgb[i], 0.51);
}

TEST(Sharpen, KeepsToWhatIsSharpWhereAskedFor) {
    // Left a chequered thing, right a soft slope with a little noise: a sky.
    Frame picture = plainFrame(1200, 600, {});
    for (int y = 0; y < 600; ++y)
        for (int x = 0; x < 1200 * 3; ++x)
            picture.row(y)[x] = static_cast<std::uint8_t>(120 + x / 60 + (x * 7 + y * 13) % 4);
    chequer(picture, {0, 0, 600, 600}, 7, 70, 180);
    const SharpPlaces places(picture);
    EXPECT_GT(places.at(places.width() / 4, places.height() / 2), 0.95F);
    EXPECT_LT(places.at(places.width() * 3 / 4, places.height() / 2), 0.02F);
    FinishSettings settings;
    settings.threshold = 0;
    settings.grain = true;
    settings.onlySharp = true;
    const auto after = finished(settings, picture, {true, 5});
    int changedLeft = 0, changedRight = 0;
    for (int y = 0; y < 600; ++y)
        for (int x = 0; x < 1200; ++x) {
            const bool changed = std::abs(after.row(y)[3 * x] - picture.row(y)[3 * x]) > 1;
            changedLeft += changed && x < 560;
            changedRight += changed && x > 640;
        }
    EXPECT_GT(changedLeft, 50'000);
    EXPECT_EQ(changedRight, 0);
    // A proof finds the same places.
    const SharpPlaces small(shrunk(picture, 2));
    for (int x = 0; x < small.width(); x += 7)
        EXPECT_NEAR(small.at(x, small.height() / 2),
                    places.at(x * places.width() / small.width(), places.height() / 2), 0.15);
}

TEST(Sharpen, EachSideOfAnEdgeIsKeptAsMuchAsItIsTold) {
    const auto edge = halves(200, 40, 90, 160);
    FinishSettings settings;
    settings.threshold = 0;
    settings.brightSide = 0;
    const auto dark = finished(settings, edge);
    settings.brightSide = 100, settings.darkSide = 0;
    const auto bright = finished(settings, edge);
    for (int x = 0; x < 600; ++x) {
        EXPECT_LE(dark.row(20)[x], edge.row(20)[x]);
        EXPECT_GE(bright.row(20)[x], edge.row(20)[x]);
    }
    EXPECT_LT(dark.row(20)[3 * 99], 90);
    EXPECT_GT(bright.row(20)[3 * 100], 160);
}

TEST(Sharpen, TexturesComeBackInTheMiddleTonesOnly) {
    const auto swing = [](int middle, double texture) {
        Frame frame = plainFrame(120, 80, {});
        chequer(frame, {0, 0, 120, 80}, 2, middle - 10, middle + 10);
        FinishSettings settings;
        settings.amount = 0;
        settings.texture = texture;
        const auto after = finished(settings, frame);
        const auto [low, high] = std::minmax_element(after.rgb.begin(), after.rgb.end());
        return *high - *low;
    };
    EXPECT_EQ(swing(127, 0), 20);
    EXPECT_GT(swing(127, 100), 28);
    EXPECT_LT(swing(238, 100), 23) << "near white hardly at all";
}

TEST(Sharpen, TinyPicturesAreNoDanger) {
    FinishSettings s;
    s.radius = 4, s.amount = 300;
    for (const Size size : {Size{1, 1}, {1, 50}, {50, 1}, {2, 2}, {3, 40}})
        EXPECT_EQ(finished(s, plainFrame(size.width, size.height, {9, 9, 9})).size, size);
}

TEST(Tone, LevelsReachTheWholeRangeAndLoseNoMoreThanAllowed) {
    auto s = nothing();
    s.levels = true, s.levelsClip = 0;
    Frame frame = plainFrame(256, 10, {});
    for (int y = 0; y < 10; ++y)
        for (int x = 0; x < 256; ++x)
            for (int c = 0; c < 3; ++c)
                frame.row(y)[3 * x + c] = static_cast<std::uint8_t>(50 + x / 2);
    const auto full = finished(s, frame);
    EXPECT_LE(pixelAt(full, 0, 5)[0], 2);
    EXPECT_GE(pixelAt(full, 255, 5)[0], 253);
    s.levelsStrength = 50;
    EXPECT_NEAR(pixelAt(finished(s, frame), 0, 5)[0], 25, 2);
    s.levelsStrength = 100, s.levelsClip = 5;
    const auto clipped = finished(s, frame);
    int black = 0;
    for (int x = 0; x < 256; ++x)
        black += pixelAt(clipped, x, 5)[0] == 0;
    EXPECT_GT(black, 6);
    EXPECT_LE(black, 256 * 0.05 + 3);
    EXPECT_EQ(finished(s, plainFrame(20, 20, {80, 80, 80})).rgb, plainFrame(20, 20, {80, 80, 80}).rgb);
}

TEST(Tone, BrightnessAndContrastKeepBlackAndWhiteAndTheOrder) {
    auto s = nothing();
    for (const double brightness : {-100.0, -30.0, 0.0, 60.0, 100.0})
        for (const double contrast : {0.0, 40.0, 100.0}) {
            s.brightness = brightness, s.contrast = contrast;
            EXPECT_NEAR(toneOf(s, 0, 0, 1), 0, 1e-9);
            EXPECT_NEAR(toneOf(s, 1, 0, 1), 1, 1e-9);
            for (double v = 0; v < 1; v += 0.01)
                EXPECT_LE(toneOf(s, v, 0, 1), toneOf(s, v + 0.01, 0, 1) + 1e-12);
        }
    s.brightness = 100, s.contrast = 0;
    EXPECT_NEAR(toneOf(s, 0.25, 0, 1), 0.5, 1e-9); // the square root
    s.brightness = 0, s.contrast = 100;
    EXPECT_NEAR(toneOf(s, 0.25, 0, 1), 3 * 0.0625 - 2 * 0.015625, 1e-9);
    s.contrast = -100;
    EXPECT_NEAR(toneOf(s, 0, 0, 1), 0.375, 1e-9);
}

TEST(Grey, MixesTheChannelsByTheirShares) {
    auto s = nothing();
    s.grey = true, s.greyRed = 50, s.greyGreen = 25, s.greyBlue = 25;
    const auto mixed = finished(s, plainFrame(4, 4, {200, 100, 40}));
    const auto* p = pixelAt(mixed, 1, 1);
    EXPECT_EQ(p[0], 135);
    EXPECT_EQ(p[1], 135);
    EXPECT_EQ(p[2], 135);
    s.greyRed = s.greyGreen = s.greyBlue = 0; // no shares: green alone
    EXPECT_EQ(finished(s, plainFrame(4, 4, {200, 100, 40})).rgb[0], 100);
}

TEST(Grain, IsTheSameForTheSamePictureAndAnotherForAnother) {
    auto s = nothing();
    s.grain = true;
    const auto grey = plainFrame(120, 90, {128, 128, 128});
    EXPECT_EQ(finished(s, grey, {true, 5}).rgb, finished(s, grey, {true, 5}).rgb);
    EXPECT_NE(finished(s, grey, {true, 5}).rgb, finished(s, grey, {true, 6}).rgb);
}

TEST(Grain, HasItsStrengthInTheMiddleTonesAndNoneAtTheEnds) {
    auto s = nothing();
    s.grain = true, s.grainAmount = 50, s.grainSize = 1;
    EXPECT_NEAR(deviation(finished(s, plainFrame(200, 200, {128, 128, 128}))), 20, 1.5);
    EXPECT_LT(deviation(finished(s, plainFrame(200, 200, {8, 8, 8}))), 4);
    EXPECT_EQ(deviation(finished(s, plainFrame(200, 200, {255, 255, 255}))), 0);
    const auto mono = finished(s, plainFrame(50, 50, {128, 128, 128}));
    EXPECT_EQ(mono.rgb[0], mono.rgb[1]);
    s.grainMono = false;
    const auto colour = finished(s, plainFrame(50, 50, {128, 128, 128}));
    EXPECT_FALSE(colour.rgb[0] == colour.rgb[1] && colour.rgb[3] == colour.rgb[4] &&
                 colour.rgb[6] == colour.rgb[7]);
}

TEST(Grain, AProofShowsTheMeanOfTheCopys) {
    auto s = nothing();
    s.grain = true, s.grainAmount = 60, s.grainSize = 1;
    Frame proof = plainFrame(100, 80, {128, 128, 128});
    proof.scale = 0.25;
    applyFinish(s, {true, 3}, proof);
    const auto copy = finished(s, plainFrame(400, 320, {128, 128, 128}), {true, 3});
    const auto mean = shrunk(copy, 4);
    double sum = 0;
    for (std::size_t i = 0; i < mean.rgb.size(); ++i)
        sum += std::abs(int(mean.rgb[i]) - int(proof.rgb[i]));
    EXPECT_LT(sum / static_cast<double>(mean.rgb.size()), 1.5);
    EXPECT_GT(deviation(proof), 2);
}
