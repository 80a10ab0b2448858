// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Letters in colours of their own, on seals and captions: squares whose colour their name says.
#include "border/caption.h"
#include "support/seals.h"
#include "text/typefaces.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

constexpr const char* kRedSquare = "\U0001F7E5";
constexpr const char* kBlueSquare = "\U0001F7E6";

/// Debian's fonts-noto-color-emoji, as a person adds it.
void addColours() {
    useTypeface("/usr/share/fonts/truetype/noto/NotoColorEmoji.ttf");
}

TextPart words(const std::string& text) {
    TextPart out;
    out.text = text;
    return out;
}

Rgb meanIn(const Frame& frame, const Box& box) {
    double sum[3] = {}, count = 0;
    for (int y = static_cast<int>(box.y); y < box.bottom(); ++y)
        for (int x = static_cast<int>(box.x); x < box.right(); ++x, ++count)
            for (int c = 0; c < 3; ++c)
                sum[c] += pixelAt(frame, x, y)[c];
    const auto mean = [&](int c) { return static_cast<std::uint8_t>(sum[c] / count); };
    return {mean(0), mean(1), mean(2)};
}

SealDesign sealOf(const std::string& text) {
    auto design = fixedSeal();
    design.setText(text);
    design.opacity = 100;
    design.anchor = Anchor::Centre;
    design.size = 30;
    return design;
}

} // namespace

TEST(ColourLetters, StandAmongTheOthersAsPicturesAndWithoutTheirTypefaceAreMissed) {
    if (!hasTypeface("Noto Color Emoji")) { // another test may have added it
        EXPECT_EQ(textOutline(words(kRedSquare), 100, kRedSquare).missingCharacters, 1);
        addColours();
    }
    const auto both = std::string("A") + kRedSquare + "B", plain = std::string("AB");
    const auto outline = textOutline(words(both), 100, both);
    EXPECT_EQ(outline.missingCharacters, 0);
    ASSERT_EQ(outline.coloured.size(), 1U);
    const auto& letter = outline.coloured.front();
    EXPECT_GT(letter.at.x, 40); // after the A
    EXPECT_LT(letter.at.right(), outline.ink.right() - 40);
    EXPECT_NEAR(outline.advance - textOutline(words(plain), 100, plain).advance, letter.at.width, 20);
    // Signs that can be read without colours stay letters.
    EXPECT_TRUE(textOutline(words("\u00A9 2031 #1"), 100, "\u00A9 2031 #1").coloured.empty());
}

TEST(ColourLetters, KeepTheirColoursOnEverySizeAndInBothVersions) {
    addColours();
    for (const int width : {300, 900, 4000})
        for (const auto tone : {Tone::Light, Tone::Dark}) {
            auto design = sealOf(std::string(kRedSquare) + kBlueSquare);
            design.tone = tone;
            Frame frame = plainFrame(width, width * 2 / 3, {128, 128, 128});
            const auto result = drawSeal(design, frame);
            const Box& box = result.box;
            EXPECT_NEAR(box.centre().x / width, 0.5, 0.01);
            const Box left{box.x + 0.15 * box.width, box.y + 0.3 * box.height, 0.2 * box.width,
                           0.4 * box.height};
            Box right = left;
            right.x = box.x + 0.65 * box.width;
            const Rgb red = meanIn(frame, left), blue = meanIn(frame, right);
            EXPECT_GT(red.r, red.b + 100) << width;
            EXPECT_GT(blue.b, blue.r + 100) << width;
            // A picture of so many pixels is not larger than it is in silence.
            EXPECT_EQ(holdsKind(result.notes, NoteKind::SealLogoEnlarged), width > 300);
        }
}

TEST(ColourLetters, AskForNoHelpThatTheLettersBesideThemDoNotNeed) {
    addColours();
    SealDesign design;
    design.opacity = 90;
    design.size = 12;
    const auto sealed = [&](const std::string& words) {
        design.setText(words);
        Frame frame = plainFrame(900, 600, {240, 240, 240});
        return drawSeal(design, frame);
    };
    const auto plain = sealed("Marsh"), both = sealed(std::string("Marsh \U0001F7E8")); // yellow
    EXPECT_EQ(both.decision.plate, 0);
    EXPECT_EQ(both.decision.halo, plain.decision.halo);
    EXPECT_NEAR(both.readability, plain.readability, 0.1 * plain.readability);
    const auto alone = sealed("\U0001F7E8");
    EXPECT_GT(alone.decision.plate + alone.decision.halo, 0); // here it is what is to be seen
}

TEST(ColourLetters, TurnWithTheSealAndAreOutlinedAsTheyStand) {
    addColours();
    auto design = sealOf(std::string(kRedSquare) + kRedSquare + kRedSquare + kRedSquare);
    design.angle = 90;
    design.outline.width = 10;
    design.outline.colour = {0, 0, 0};
    design.tone = Tone::Light;
    Frame frame = plainFrame(800, 800, {128, 128, 128});
    const auto box = drawSeal(design, frame).box;
    EXPECT_GT(box.height, 2 * box.width);
    const Rgb middle = meanIn(frame, Box{box.centre().x - 4, box.y + box.height * 0.12, 8, 8});
    EXPECT_GT(middle.r, middle.g + 100);
    int dark = 0;
    for (int x = static_cast<int>(box.x) - 30; x < box.right() + 30; ++x)
        dark += pixelAt(frame, x, static_cast<int>(box.y + box.height * 0.12))[0] < 40;
    EXPECT_GT(dark, 8); // on both sides
}

TEST(ColourLetters, InACaptionKeepTheirColoursToo) {
    addColours();
    Caption caption;
    caption.on = true;
    caption.middle = std::string("Kites ") + kBlueSquare;
    caption.colour = {0, 0, 0};
    caption.size = 50;
    Frame frame = plainFrame(600, 100, {250, 250, 250});
    const auto set = setCaption(caption, {}, {0, 0, 600, 100});
    drawCaption(set, caption.colour, 1, 1, frame);
    const Box stands = wordsIn(set)[0];
    const Rgb last = meanIn(frame, {stands.right() - 0.6 * stands.height, stands.centre().y - 3, 6, 6});
    EXPECT_GT(last.b, last.r + 100);
    EXPECT_EQ(meanIn(frame, {0, 0, stands.x - 2, 100}).r, 250);
}
