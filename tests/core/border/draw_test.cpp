// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/caption.h"
#include "border/draw.h"
#include "support/seals.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

constexpr Rgb kInk{200, 30, 40}, kPaper{240, 235, 220}, kPicture{20, 90, 160};

BorderDesign design(std::vector<Ring> rings) {
    BorderDesign out;
    out.on = true;
    out.rings = std::move(rings);
    return out;
}

Ring ring(RingKind kind, double px, Rgb colour) {
    Ring out;
    out.kind = kind;
    out.unit = WidthUnit::Pixels;
    out.width = px;
    out.colour = colour;
    return out;
}

BorderGround groundFor(const BorderDesign& border, Size picture) {
    BorderGround out;
    out.layout = layOutBorder(border, picture, 0);
    out.picture = out.layout.inside;
    return out;
}

Frame bordered(const BorderDesign& border, Frame frame, BorderResult* result = nullptr) {
    const auto ground = groundFor(border, frame.size);
    const auto done = drawBorder(border, ground, {{"name", "tide_0211"}}, ground.layout.whole, frame);
    if (result)
        *result = done;
    return frame;
}

Rgb at(const Frame& frame, int x, int y) {
    const auto* p = pixelAt(frame, x, y);
    return {p[0], p[1], p[2]};
}

} // namespace

TEST(BorderDraw, EveryPixelIsWhatItShouldBe) {
    const auto border =
        design({ring(RingKind::Gap, 3, {}), ring(RingKind::Line, 2, kInk), ring(RingKind::Mat, 10, kPaper)});
    const auto frame = bordered(border, plainFrame(60, 40, kPicture));
    ASSERT_EQ(frame.size, (Size{90, 70}));
    EXPECT_EQ(frame.picture, (Rect{15, 15, 60, 40}));
    for (int y = 0; y < 70; ++y)
        for (int x = 0; x < 90; ++x) {
            const int in = std::min({x, y, 89 - x, 69 - y});
            const Rgb wanted = in < 10 ? kPaper : in < 12 ? kInk : in < 15 ? kPaper : kPicture;
            ASSERT_EQ(at(frame, x, y), wanted) << x << "," << y;
        }
}

TEST(BorderDraw, ItLosesNothingOfThePictureAround) {
    Frame picture = plainFrame(64, 48, {});
    for (std::size_t i = 0; i < picture.rgb.size(); ++i)
        picture.rgb[i] = static_cast<std::uint8_t>(i * 7919 % 251);
    const auto frame = bordered(design({ring(RingKind::Mat, 9, kPaper)}), picture);
    EXPECT_EQ(cutOut(frame, {9, 9, 64, 48}).rgb, picture.rgb);
}

TEST(BorderDraw, OverThePictureOnlyTheEdgeIsCovered) {
    auto border = design({ring(RingKind::Line, 2, kInk), ring(RingKind::Gap, 5, {})});
    border.lies = BorderLies::Over;
    const auto frame = bordered(border, plainFrame(60, 40, kPicture));
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x) {
            const int in = std::min({x, y, 59 - x, 39 - y});
            ASSERT_EQ(at(frame, x, y), (in >= 5 && in < 7 ? kInk : kPicture)) << x << "," << y;
        }
}

TEST(BorderDraw, AnInnerLineLiesOnThePicture) {
    const auto frame = bordered(design({ring(RingKind::InnerLine, 2, kInk), ring(RingKind::Mat, 4, kPaper)}),
                                plainFrame(60, 40, kPicture));
    EXPECT_EQ(at(frame, 3, 20), kPaper);
    EXPECT_EQ(at(frame, 4, 20), kInk);
    EXPECT_EQ(at(frame, 6, 20), kPicture);
}

TEST(BorderDraw, DeepPixelsStayDeep) {
    Frame picture;
    picture.size = {60, 40};
    picture.picture = {0, 0, 60, 40};
    for (int i = 0; i < 60 * 40 * 3; ++i)
        picture.deep.push_back(static_cast<std::uint16_t>(i * 9 + 3));
    const auto wanted = picture.deep;
    const auto frame = bordered(design({ring(RingKind::Mat, 10, kPaper)}), picture);
    EXPECT_EQ(frame.deep[0], kPaper.r * 257);
    EXPECT_EQ(cutOut(frame, {10, 10, 60, 40}).deep, wanted);
}

TEST(BorderDraw, MeasuredColoursAreThePictures) {
    Frame picture = plainFrame(300, 200, {10, 200, 30});
    for (int y = 0; y < 200; ++y)
        for (int x = 0; x < 300; ++x)
            if (x < 15 || y < 10 || x >= 285 || y >= 190)
                std::copy_n(&kInk.r, 3, picture.row(y) + 3 * x);
    EXPECT_EQ(measuredColour(RingColour::Dominant, picture), (Rgb{10, 200, 30}));
    const auto edge = measuredColour(RingColour::Edge, picture);
    EXPECT_NEAR(edge.r, kInk.r, 12);
    const double share = 1 - 270.0 * 180 / (300 * 200);
    EXPECT_NEAR(measuredColour(RingColour::Mean, picture).r, 10 + share * 190, 4);
    auto mat = ring(RingKind::Mat, 10, {});
    mat.from = RingColour::Dominant;
    EXPECT_EQ(at(bordered(design({mat}), picture), 2, 2), (Rgb{10, 200, 30}));
}

TEST(BorderDraw, TransparencyIsTransparent) {
    auto mat = ring(RingKind::Mat, 10, {});
    mat.from = RingColour::Transparent;
    const auto frame = bordered(design({mat}), plainFrame(60, 40, kPicture));
    ASSERT_FALSE(frame.alpha.empty());
    EXPECT_EQ(frame.alphaRow(5)[5], 0);
    EXPECT_EQ(frame.alphaRow(30)[30], 255);
    auto flat = frame;
    flattenOnto(flat, kInk);
    EXPECT_EQ(at(flat, 5, 5), kInk);
    EXPECT_EQ(at(flat, 30, 30), kPicture);
}

TEST(BorderDraw, RoundCornersAreRoundAndWhatIsCutOffIsTransparent) {
    auto border = design({ring(RingKind::Mat, 10, kPaper)});
    border.corner = 25; // of 40: 10 pixels
    border.outerCorner = 25;
    const auto frame = bordered(border, plainFrame(60, 40, kPicture));
    EXPECT_EQ(at(frame, 10, 10), kPaper); // the picture's own corner is cut off
    EXPECT_EQ(at(frame, 14, 14), kPicture);
    EXPECT_EQ(frame.alphaRow(0)[0], 0);
    EXPECT_EQ(frame.alphaRow(0)[40], 255);
    // A quarter of what a square has over its circle, four times, to a few pixels.
    double gone = 0;
    for (const auto a : frame.alpha)
        gone += 1 - a / 255.0;
    EXPECT_NEAR(gone, (4 - 3.14159) * 100, 4);
}

TEST(BorderDraw, TheShadowIsDarkestAtTheEdgeAndEnds) {
    auto border = design({ring(RingKind::Mat, 10, kPaper)});
    border.shadowSize = 10; // 10 pixels of 100
    border.shadowStrength = 50;
    const auto frame = bordered(border, plainFrame(150, 100, {200, 200, 200}));
    EXPECT_NEAR(at(frame, 10, 60).r, 105, 8);
    EXPECT_LT(at(frame, 10, 60).r, at(frame, 14, 60).r);
    EXPECT_EQ(at(frame, 21, 60).r, 200);
    EXPECT_EQ(at(frame, 9, 60), kPaper);
}

TEST(Caption, NeverRunsOver) {
    Caption caption;
    caption.on = true;
    for (const auto* left :
         {"", "tide_0211", "A very long title that would never fit into any mat as it is, whatever one does"})
        for (const auto* middle : {"", "Marsh"})
            for (const auto* right : {"", "© 2026 Marsh & Line Studio"})
                for (const Box band :
                     {Box{0, 100, 2000, 120}, {10, 0, 150, 60}, {5, 5, 4000, 9}, {0, 0, 20, 300}}) {
                    caption.left = left, caption.middle = middle, caption.right = right;
                    caption.size = 80;
                    const auto set = setCaption(caption, {}, band);
                    double last = band.x - 1e-6;
                    for (const auto& field : set.fields) {
                        const double scale = set.size / 100;
                        const auto& ink = field.outline->ink;
                        EXPECT_GE(field.x + std::min(0.0, ink.x * scale), last - 0.5);
                        last = field.x + ink.right() * scale;
                        const double top = set.baseline - field.outline->ascent * scale + ink.y * scale;
                        EXPECT_GE(top, band.y - 1e-6);
                        EXPECT_LE(top + ink.height * scale, band.bottom() + 1e-6);
                    }
                    EXPECT_LE(last, band.right() + 0.5 + band.width * 1e-3);
                }
}

TEST(Caption, IsSetAsLargeAsAskedWhereItFitsAndSaysWhenNot) {
    Caption caption;
    caption.on = true;
    caption.middle = "Marsh";
    caption.size = 30;
    const auto roomy = setCaption(caption, {}, {0, 0, 2000, 100});
    EXPECT_NEAR(roomy.size, 30, 1e-9);
    EXPECT_TRUE(roomy.notes.empty());
    const auto narrow = setCaption(caption, {}, {0, 0, 40, 100});
    EXPECT_LT(narrow.size, 30);
    EXPECT_TRUE(holdsKind(narrow.notes, NoteKind::CaptionMadeSmaller));
}

TEST(Caption, ALongOneGoesOnInEvenLinesBeforeItIsMadeSmaller) {
    Caption caption;
    caption.on = true;
    caption.middle = "Kites over the long tide, told in more words than the mat is wide";
    caption.size = 26;
    const Box band{100, 50, 560, 100};
    const auto wrapped = setCaption(caption, {}, band);
    EXPECT_TRUE(holdsKind(wrapped.notes, NoteKind::CaptionInLines));
    caption.wrap = false;
    const auto small = setCaption(caption, {}, band);
    EXPECT_TRUE(holdsKind(small.notes, NoteKind::CaptionMadeSmaller));
    EXPECT_GT(wrapped.size, 1.3 * small.size);
    // The lines lie about the middle of the mat, and about that of the picture.
    ASSERT_EQ(wrapped.fields.size(), 1U);
    const auto& outline = *wrapped.fields[0].outline;
    const double scale = wrapped.size / 100;
    const double top = wrapped.baseline + (outline.ink.y - outline.ascent) * scale;
    EXPECT_NEAR(top + outline.ink.height * scale / 2, 100, 6);
    EXPECT_NEAR(wrapped.fields[0].x + outline.ink.right() * scale / 2, 380, 4);
}

TEST(Caption, FillsItsTokensAndSaysWhichHaveNoValue) {
    auto border = design({ring(RingKind::Mat, 40, kPaper)});
    border.caption.on = true;
    border.caption.middle = "{title|{name}}";
    border.caption.colour = kInk;
    border.caption.size = 70;
    BorderResult result;
    const auto frame = bordered(border, plainFrame(300, 200, kPicture), &result);
    EXPECT_TRUE(result.notes.empty());
    int inked = 0;
    for (int y = 242; y < 278; ++y)
        for (int x = 40; x < 340; ++x)
            inked += at(frame, x, y) == kInk;
    EXPECT_GT(inked, 40);
    border.caption.middle = "{headline}";
    bordered(border, plainFrame(300, 200, kPicture), &result);
    ASSERT_EQ(result.notes.size(), 2U); // and nothing is left to read
    EXPECT_EQ(result.notes[0].kind, NoteKind::CaptionTokenEmpty);
    EXPECT_EQ(result.notes[0].subject, "headline");
    EXPECT_EQ(result.notes[1].kind, NoteKind::CaptionNothing);
    border.rings = {ring(RingKind::Line, 4, kInk)};
    border.caption.middle = "words";
    bordered(border, plainFrame(300, 200, kPicture), &result);
    EXPECT_TRUE(holdsKind(result.notes, NoteKind::CaptionLeftOut));
}

TEST(BorderDraw, DesignsMadeAtRandomAreNoDanger) {
    std::uint32_t state = 20261125;
    const auto random = [&state](int below) {
        state = state * 1664525U + 1013904223U;
        return static_cast<int>((state >> 8) % static_cast<std::uint32_t>(below));
    };
    for (int round = 0; round < 400; ++round) {
        BorderDesign border;
        border.on = true;
        border.lies = random(3) == 0 ? BorderLies::Over : BorderLies::Around;
        border.rings.clear();
        for (int i = random(5); i > 0; --i) {
            Ring one;
            one.kind = static_cast<RingKind>(random(4));
            one.unit = static_cast<WidthUnit>(random(4));
            one.sides = static_cast<RingSides>(random(4));
            one.from = static_cast<RingColour>(random(5));
            one.width = random(4) == 0 ? 0 : random(900) / 10.0;
            one.top = random(300) / 10.0;
            one.ratio = random(2) ? "4:5" : "nonsense";
            border.rings.push_back(one);
        }
        border.corner = random(3) ? 0 : random(51);
        border.outerCorner = random(3) ? 0 : random(51);
        border.shadowSize = random(3) ? 0 : random(11);
        border.caption.on = random(2);
        border.caption.side = random(2) ? CaptionSide::Top : CaptionSide::Bottom;
        border.caption.right = "© {name}";
        const Size picture{1 + random(70), 1 + random(70)};
        BorderGround ground;
        ground.layout = layOutBorder(border, picture, 1 + random(20));
        ground.picture = ground.layout.inside;
        const Size copy = ground.layout.whole;
        ASSERT_GE(copy.width, picture.width);
        if (copy.pixels() > 4'000'000)
            continue;
        const int shrink = 1 + random(4);
        const Size whole{std::max(1, copy.width / shrink), std::max(1, copy.height / shrink)};
        const Rect at = pictureIn(ground, whole);
        Frame frame = plainFrame(std::max(1, at.width + random(3) - 1), std::max(1, at.height), kPicture);
        if (random(4) == 0)
            requireAlpha(frame);
        drawBorder(border, ground, {}, whole, frame);
        ASSERT_EQ(frame.size, whole) << round;
        ASSERT_GE(frame.picture.width, 1);
        ASSERT_FALSE(intersection(frame.picture, {0, 0, whole.width, whole.height}).empty() && shrink == 1)
            << round;
    }
}
