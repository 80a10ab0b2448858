// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A proof is the copy, only smaller: for every arrangement, effect and mixing mode, a seal drawn on a small
// frame is compared with the same seal drawn large and shrunk by plain averaging.
#include "base/problem.h"
#include "render/seal_export.h"
#include "seal/draw.h"
#include "support/seals.h"

#include <gtest/gtest.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;

namespace {

SealDesign composed() {
    SealDesign design;
    design.parts.clear();
    SealPart logo = newPart(design, PartKind::Logo);
    logo.logo.file = "shipped:tidemark-light.svg";
    logo.logo.darkFile = "shipped:tidemark-dark.svg";
    logo.size = 200;
    design.parts.push_back(logo);
    SealPart text = newPart(design, PartKind::Text);
    text.text.text = "Marsh & Line";
    text.text.weight = SealWeight::SemiBold;
    design.parts.push_back(text);
    design.size = 9;
    design.anchor = Anchor::Centre;
    design.opacity = 90;
    return design;
}

struct Variant {
    const char* name;
    std::function<void(SealDesign&)> change;
};

std::vector<Variant> variants() {
    std::vector<Variant> out = {
        {"single", [](SealDesign&) {}},
        {"turned", [](SealDesign& d) { d.angle = 23; }},
        {"strip", [](SealDesign& d) { d.arrangement = Arrangement::Strip, d.anchor = Anchor::Bottom; }},
        {"repeat", [](SealDesign& d) { d.arrangement = Arrangement::Repeat, d.angle = -30, d.size = 5; }},
        {"taking turns",
         [](SealDesign& d) { d.arrangement = Arrangement::Repeat, d.repeat.alternate = true, d.size = 5; }},
        {"halo", [](SealDesign& d) { d.halo.when = HaloWhen::Always; }},
        {"halo all over",
         [](SealDesign& d) {
             d.halo.when = HaloWhen::Always, d.arrangement = Arrangement::Repeat, d.size = 5;
         }},
        {"shadow", [](SealDesign& d) { d.shadow.on = true; }},
        {"outline", [](SealDesign& d) { d.outline.width = 6; }},
        {"relief", [](SealDesign& d) { d.relief.on = true, d.relief.depth = 8, d.opacity = 20; }},
        {"plate", [](SealDesign& d) { d.plate.on = true, d.plate.roundness = 60; }},
        {"corners",
         [](SealDesign& d) {
             d.perspective.corners[0] = {-8, 25}, d.perspective.corners[3] = {-8, -20};
         }},
        {"dark", [](SealDesign& d) { d.tone = Tone::Dark; }},
    };
    for (int mode = 1; mode < 9; ++mode)
        out.push_back(
            {"mixed", [mode](SealDesign& d) { d.mix = static_cast<MixMode>(mode), d.opacity = 70; }});
    return out;
}

/// Soft and coloured, with light and dark, so that it shrinks without loss.
Frame ground(int width, int height) {
    Frame frame = plainFrame(width, height, {});
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double u = (x + 0.5) / width, v = (y + 0.5) / height;
            frame.row(y)[3 * x] = static_cast<std::uint8_t>(40 + 150 * u);
            frame.row(y)[3 * x + 1] = static_cast<std::uint8_t>(60 + 120 * v);
            frame.row(y)[3 * x + 2] = static_cast<std::uint8_t>(170 - 90 * u * v);
        }
    return frame;
}

} // namespace

TEST(ProofEqualsCopy, ForEveryArrangementEffectAndMixingMode) {
    int number = 0;
    for (const auto& variant : variants()) {
        if (kSanitized && number++ % 4 != 0)
            continue;
        auto design = composed();
        variant.change(design);
        Frame copy = ground(1600, 1200), proof = ground(400, 300);
        proof.scale = 0.25;
        const auto decided = drawSeal(design, copy).decision;
        drawSeal(design, proof, {nullptr, &decided});
        const Frame reference = shrunk(copy, 4);
        double sum = 0;
        int far = 0;
        for (std::size_t i = 0; i < proof.rgb.size(); ++i) {
            const double difference = std::abs(int(proof.rgb[i]) - int(reference.rgb[i]));
            sum += difference;
            far += difference > 24;
        }
        // On average less than a third of a step; more than a tenth of the range in no more than 2 pixels of
        // 1000.
        EXPECT_LT(sum / static_cast<double>(proof.rgb.size()), 0.35) << variant.name;
        EXPECT_LT(far, static_cast<int>(proof.rgb.size() / 500)) << variant.name;
        const Frame bare = ground(400, 300);
        EXPECT_NE(proof.rgb, bare.rgb) << variant.name << " draws nothing";
    }
}

TEST(ProofEqualsCopy, TheComparisonSeesASealThatIsElsewhere) {
    auto design = composed();
    Frame a = ground(400, 300), b = ground(400, 300);
    drawSeal(design, a);
    design.atPoint = true;
    design.point = {50.6, 50}; // two and a half pixels off
    drawSeal(design, b);
    double sum = 0;
    for (std::size_t i = 0; i < a.rgb.size(); ++i)
        sum += std::abs(int(a.rgb[i]) - int(b.rgb[i]));
    EXPECT_GT(sum / static_cast<double>(a.rgb.size()), 0.7);
}

TEST(SealExport, APngHasTheSealAndIsTransparentAround) {
    const TempFolder folder;
    auto design = boxSeal(200, 100);
    design.parts.front().colour = {200, 40, 10};
    design.opacity = 50;
    saveSealPicture(design, 400, folder / "x.png");
    const auto image = vips::VImage::new_from_file((folder / "x.png").c_str());
    EXPECT_EQ(image.width(), 400);
    EXPECT_EQ(image.height(), 200);
    const auto middle = image.getpoint(200, 100);
    EXPECT_NEAR(middle[0], 200, 2);
    EXPECT_NEAR(middle[3], 127, 2);
    EXPECT_THROW(saveSealPicture(design, 400, folder / "x.png"), Problem); // never replaces
    EXPECT_THROW(saveSealPicture(design, 400, folder / "x.gif"), Problem);
}

TEST(SealExport, AnSvgHoldsOutlinesAndCanBeALogoAgain) {
    const TempFolder folder;
    auto design = composed();
    design.parts.erase(design.parts.begin()); // letters only
    design.tone = Tone::Light;
    saveSealPicture(design, 500, folder / "x.svg");
    const auto text = readText(folder / "x.svg");
    EXPECT_NE(text.find("<path"), std::string::npos);
    EXPECT_EQ(text.find("<image"), std::string::npos);
    auto logo = boxSeal();
    SealPart part = newPart(logo, PartKind::Logo);
    part.logo.file = (folder / "x.svg").string();
    logo.parts = {part};
    Frame frame = plainFrame(600, 400, {0, 0, 0});
    EXPECT_TRUE(drawSeal(logo, frame).notes.empty());
    EXPECT_NE(frame.rgb, plainFrame(600, 400, {0, 0, 0}).rgb);
}
