// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Outlines and typefaces, and what is painted of shapes: against geometry by hand.
#include "base/problem.h"
#include "support/seals.h"
#include "text/typefaces.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <numbers>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::Not;

namespace {

/// The share of white pixels after a white shape is drawn in the middle of black, 80 x 40 units large at 4
/// pixels.
double inked(const SealPart& part) {
    SealDesign design = boxSeal();
    design.parts = {part};
    design.anchor = Anchor::Centre;
    design.size = 50; // unit 200 pixels of 400
    Frame frame = plainFrame(600, 400, {0, 0, 0});
    drawSeal(design, frame);
    double sum = 0;
    for (std::size_t i = 0; i < frame.rgb.size(); i += 3)
        sum += frame.rgb[i] / 255.0;
    return sum;
}

SealPart shape(ShapeKind kind, double width, double height, double thickness, double roundness = 0) {
    auto part = boxPart("s", width, height);
    part.shape = {kind, width, false, thickness, roundness};
    return part;
}

} // namespace

TEST(Shapes, CoverTheAreaGeometrySays) {
    // 100 units are 200 pixels: 80 x 40 units are 160 x 80 pixels.
    EXPECT_NEAR(inked(shape(ShapeKind::Box, 80, 40, 0)), 160 * 80, 2);
    EXPECT_NEAR(inked(shape(ShapeKind::Box, 80, 40, 5)), 160 * 80 - 140 * 60, 2); // a frame 10 pixels wide
    EXPECT_NEAR(inked(shape(ShapeKind::Line, 80, 999, 5)), 160 * 10, 2);
    const double pi = std::numbers::pi;
    EXPECT_NEAR(inked(shape(ShapeKind::Ring, 1, 40, 0)), pi * 40 * 40, 25);
    EXPECT_NEAR(inked(shape(ShapeKind::Ring, 1, 40, 5)), pi * (40 * 40 - 30 * 30), 25);
    // Half circles at both ends: a square of 80 and a circle of 80 across.
    EXPECT_NEAR(inked(shape(ShapeKind::RoundedBox, 80, 40, 0, 100)), 80 * 80 + pi * 40 * 40, 25);
    EXPECT_NEAR(inked(shape(ShapeKind::RoundedBox, 80, 40, 0, 0)), 160 * 80, 2);
}

TEST(Shapes, OpacityOfAPartIsItsOwn) {
    auto part = shape(ShapeKind::Box, 80, 40, 0);
    part.opacity = 50;
    EXPECT_NEAR(inked(part), 160 * 80 * 0.5, 160 * 80 * 0.005);
}

TEST(Shapes, ALaterPartIsPaintedOverAnEarlierOne) {
    SealDesign design = boxSeal();
    design.parts = {boxPart("under", 100, 100, {255, 0, 0}), boxPart("over", 50, 50, {0, 255, 0})};
    design.layout.stacking = Stacking::Free;
    design.anchor = Anchor::Centre;
    Frame frame = plainFrame(400, 400, {0, 0, 0}); // unit 40
    drawSeal(design, frame);
    EXPECT_EQ(pixelAt(frame, 200, 200)[1], 255);
    EXPECT_EQ(pixelAt(frame, 185, 185)[0], 255);
    design.parts[1].hidden = true;
    Frame without = plainFrame(400, 400, {0, 0, 0});
    drawSeal(design, without);
    EXPECT_EQ(pixelAt(without, 200, 200)[0], 255);
}

TEST(Shapes, LettersAsLinesLeaveTheirInsideEmpty) {
    SealDesign filled;
    filled.setText("O");
    filled.opacity = 100;
    filled.tone = Tone::Light;
    filled.size = 60;
    filled.parts.front().text.weight = SealWeight::Bold;
    auto lines = filled;
    lines.parts.front().text.outlineOnly = 2;
    const auto ink = [](const SealDesign& design) {
        Frame frame = plainFrame(600, 600, {0, 0, 0});
        drawSeal(design, frame);
        double sum = 0;
        for (const auto value : frame.rgb)
            sum += value / 765.0;
        return sum;
    };
    EXPECT_LT(ink(lines), 0.6 * ink(filled));
    EXPECT_GT(ink(lines), 500);
}

TEST(Typefaces, AreOursAloneAndForeignScriptsFillIn) {
    const auto families = typefaceFamilies();
    for (const auto* family : {"Inter", "EB Garamond", "Dancing Script", "Comfortaa", "JetBrains Mono"})
        EXPECT_THAT(families, Contains(family));
    EXPECT_THAT(families, Not(Contains("DejaVu Sans"))); // of the machine
    EXPECT_THAT(families, Not(Contains("Noto Sans Hebrew")));
    SealDesign unknown;
    unknown.setText("kite");
    const auto fallback = prepareSeal(unknown)->ink;
    unknown.parts.front().text.family = "No Such Face";
    EXPECT_EQ(prepareSeal(unknown)->ink, fallback); // Inter takes its place, and nothing is lost
}

TEST(Typefaces, OneThatIsAddedCanBeUsedAtOnceAndABrokenOneIsRefused) {
    const TempFolder folder;
    writeFile(folder / "broken.ttf", "no outlines in here");
    EXPECT_THROW(useTypeface(folder / "broken.ttf"), Problem);
    EXPECT_THROW(useTypeface(folder / "missing.ttf"), Problem);
    fs::copy_file(fs::path(KEEPSEAL_SOURCE) / "assets/fonts/JetBrainsMono-Regular.ttf", folder / "mine.ttf");
    const auto family = useTypeface(folder / "mine.ttf");
    EXPECT_EQ(family, "JetBrains Mono");
    EXPECT_THAT(addedTypefaceFiles(family), Contains(folder / "mine.ttf"));
    SealDesign design;
    design.setText("iiii");
    design.parts.front().text.family = family;
    const double narrow = prepareSeal(design)->ink.width;
    design.setText("mmmm");
    EXPECT_NEAR(prepareSeal(design)->ink.width / narrow, 1, 0.25); // every letter is as wide as every other
}

TEST(Text, LinesStandToEachOtherAsChosen) {
    const auto leftOfSecondLine = [](TextAlign align) {
        SealDesign design = boxSeal();
        design.setText("XXXXXXXX\nI");
        design.parts.erase(design.parts.begin());
        design.parts.front().text.align = align;
        design.anchor = Anchor::Centre;
        design.size = 20;
        Frame frame = plainFrame(600, 300, {0, 0, 0});
        const Box box = drawSeal(design, frame).box;
        for (int x = static_cast<int>(box.x); x < box.right(); ++x)
            if (pixelAt(frame, x, box.bottom() - 8)[0] > 128)
                return (x - box.x) / box.width;
        return -1.0;
    };
    EXPECT_LT(leftOfSecondLine(TextAlign::Left), 0.1);
    EXPECT_NEAR(leftOfSecondLine(TextAlign::Centre), 0.49, 0.05);
    EXPECT_GT(leftOfSecondLine(TextAlign::Right), 0.9);
}

TEST(Text, RightToLeftWritingRunsFromTheRight) {
    // In Hebrew the first letter, a wide one, stands at the right; in Latin at the left.
    const auto wideEnd = [](const std::string& text) {
        SealDesign design = boxSeal();
        design.parts.clear();
        design.setText(text);
        design.anchor = Anchor::Centre;
        design.size = 30;
        Frame frame = plainFrame(600, 300, {0, 0, 0});
        const Box box = drawSeal(design, frame).box;
        double left = 0, right = 0;
        for (int y = 0; y < 300; ++y)
            for (int x = static_cast<int>(box.x); x < box.right(); ++x)
                (x < box.centre().x ? left : right) += pixelAt(frame, x, y)[0] / 255.0;
        return right > left ? "right" : "left";
    };
    EXPECT_STREQ(wideEnd("\u05E9\u05D9"), "right"); // shin, then the small yod
    EXPECT_STREQ(wideEnd("M."), "left");
}
