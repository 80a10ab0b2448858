// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a seal does by itself to be read: on grounds whose answer is known, and with every shipped seal on
// grounds of many kinds.
#include "base/assets.h"
#include "base/files.h"
#include "delivery/who.h"
#include "seal/design_json.h"
#include "seal/readability.h"
#include "support/seals.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <random>

using namespace keepseal;
using namespace keepseal::test;

namespace {

struct DrawnGround {
    std::string name;
    std::function<void(Frame&)> draw;
};

void eachPixel(Frame& frame, const std::function<Rgb(int, int)>& colour) {
    for (int y = 0; y < frame.size.height; ++y)
        for (int x = 0; x < frame.size.width; ++x) {
            const Rgb c = colour(x, y);
            auto* p = frame.row(y) + 3 * x;
            p[0] = c.r, p[1] = c.g, p[2] = c.b;
        }
}

std::uint8_t byteOf(double v) {
    return static_cast<std::uint8_t>(std::clamp(v, 0.0, 255.0));
}

/// Every grey, colours, noise, stripes and chequers at the letters' own scale, slopes, leaves of many sizes.
std::vector<DrawnGround> drawnGrounds() {
    std::vector<DrawnGround> out;
    for (int grey = 0; grey <= 255; grey += 15)
        out.push_back(
            {"grey " + std::to_string(grey), [grey](Frame& f) {
                 eachPixel(f, [grey](int, int) { return Rgb{byteOf(grey), byteOf(grey), byteOf(grey)}; });
             }});
    for (const Rgb c :
         {Rgb{224, 172, 140}, {120, 78, 56}, {40, 90, 200}, {200, 30, 40}, {250, 220, 60}, {60, 140, 70}})
        out.push_back({"colour", [c](Frame& f) { eachPixel(f, [c](int, int) { return c; }); }});
    for (const double middle : {40.0, 110.0, 150.0, 215.0})
        for (const double deviation : {15.0, 45.0})
            out.push_back({"noise about " + std::to_string(int(middle)), [=](Frame& f) {
                               std::mt19937 random(7);
                               std::normal_distribution<double> noise(middle, deviation);
                               eachPixel(f, [&](int, int) {
                                   const auto v = byteOf(noise(random));
                                   return Rgb{v, v, v};
                               });
                           }});
    for (const int wide : {3, 8, 20})
        for (const int other : {80, 180, 250})
            out.push_back({"stripes of " + std::to_string(wide), [=](Frame& f) {
                               eachPixel(f, [=](int x, int y) {
                                   const auto v = byteOf((x + y / 2) / wide % 2 ? 20 : other);
                                   return Rgb{v, v, v};
                               });
                           }});
    out.push_back({"slope", [](Frame& f) {
                       eachPixel(f, [&](int x, int) {
                           const auto v = byteOf(255.0 * x / f.size.width);
                           return Rgb{v, v, v};
                       });
                   }});
    out.push_back({"leaves", [](Frame& f) {
                       std::mt19937 random(11);
                       eachPixel(f, [](int, int) { return Rgb{30, 60, 25}; });
                       for (int i = 0; i < 900; ++i) {
                           const int cx = int(random() % unsigned(f.size.width)),
                                     cy = int(random() % unsigned(f.size.height)), r = 2 + int(random() % 14);
                           const Rgb c{byteOf(30 + random() % 190), byteOf(80 + random() % 160),
                                       byteOf(20 + random() % 60)};
                           for (int y = std::max(0, cy - r); y < std::min(f.size.height, cy + r); ++y)
                               for (int x = std::max(0, cx - r); x < std::min(f.size.width, cx + r); ++x)
                                   if ((x - cx) * (x - cx) + (y - cy) * (y - cy) * 3 < r * r) {
                                       auto* p = f.row(y) + 3 * x;
                                       p[0] = c.r, p[1] = c.g, p[2] = c.b;
                                   }
                       }
                   }});
    return out;
}

Frame groundOf(const DrawnGround& ground) {
    Frame out = plainFrame(360, 240, {});
    ground.draw(out);
    return out;
}

std::vector<SealDesign> shippedSeals() {
    std::vector<SealDesign> out;
    for (const auto& entry : fs::directory_iterator(assetsFolder() / "seals"))
        out.push_back(sealFromDocument(readJsonFile(entry.path()), entry.path().filename().string()));
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.name < b.name; });
    return out;
}

SealDecision decisionOnGrey(const SealDesign& design, int grey) {
    const auto g = static_cast<std::uint8_t>(grey);
    Frame frame = plainFrame(600, 400, {g, g, g});
    return drawSeal(design, frame).decision;
}

} // namespace

TEST(SeenLightness, IsThatOfTheStandardsWorkedExample) {
    // CIE 159:2004 prints J = 41.73 for the grey of 20 % under 318.31 cd/m2 of adapting luminance.
    EXPECT_NEAR(seenLightness(0.2, 318.31), 41.73, 0.02);
    EXPECT_DOUBLE_EQ(seenLightness(0), 0);
    EXPECT_NEAR(seenLightness(1), 100, 1e-9);
}

TEST(Version, FollowsWhatPeopleRead) {
    // White on a strong blue, red and green, black on yellow: as signs and printed matter have it. The ratio
    // alone takes black on the first blue.
    struct Judged {
        Rgb ground;
        bool dark;
    };
    const Judged table[] = {{{30, 111, 255}, false}, {{0, 72, 186}, false},   {{222, 40, 40}, false},
                            {{0, 120, 60}, false},   {{255, 230, 0}, true},   {{255, 255, 255}, true},
                            {{0, 0, 0}, false},      {{240, 240, 230}, true}, {{90, 30, 110}, false}};
    auto design = fixedSeal();
    design.setText("Marsh & Line");
    design.opacity = 60; // of neither the ratio is enough on the middling ones
    design.readable = 4.5;
    for (const auto& judged : table) {
        Frame frame = plainFrame(600, 400, judged.ground);
        EXPECT_EQ(drawSeal(design, frame).decision.dark, judged.dark)
            << int(judged.ground.r) << " " << int(judged.ground.g) << " " << int(judged.ground.b);
    }
}

TEST(ByItself, OneVersionServesASetWhereverItCan) {
    SealDesign design;
    design.setText("Marsh & Line");
    for (int grey = 0; grey <= 110; grey += 10)
        EXPECT_FALSE(decisionOnGrey(design, grey).dark) << grey;
    EXPECT_TRUE(decisionOnGrey(design, 235).dark);
}

TEST(ByItself, TheFirstHelpThatIsEnoughAloneIsTakenInTheLeastAmount) {
    auto design = boxSeal(200, 60);
    design.opacity = 70;
    design.halo.when = HaloWhen::WhereNeeded;
    design.stronger = design.plate.ifNeeded = true;
    const int bright = 130; // white at 70 % is about 2.8 : 1 on it
    const auto byHalo = decisionOnGrey(design, bright);
    EXPECT_GT(byHalo.halo, 0);
    EXPECT_EQ(byHalo.opacity, 70);
    EXPECT_EQ(byHalo.plate, 0);
    design.helpedBy = HelpOrder::PlateHaloStrength;
    const auto byPlate = decisionOnGrey(design, bright);
    EXPECT_EQ(byPlate.halo, 0);
    EXPECT_GT(byPlate.plate, 0);
    design.helpedBy = HelpOrder::StrengthHaloPlate;
    design.opacity = 20;
    const auto byStrength = decisionOnGrey(design, 60);
    EXPECT_GT(byStrength.opacity, 20);
    EXPECT_LT(byStrength.opacity, 100);
    EXPECT_EQ(byStrength.halo, 0);
    auto less = byStrength;
    less.opacity -= 4;
    Frame frame = plainFrame(600, 400, {60, 60, 60});
    EXPECT_LT(drawSeal(design, frame, {nullptr, &less}).readability, design.readable * 1.06);
    design.opacity = 70;
    EXPECT_EQ(decisionOnGrey(design, 0).opacity, 70) << "nothing where nothing is needed";
}

TEST(ByItself, EveryShippedAndEveryNewSealReachesWhatItAsksFor) {
    auto seals = shippedSeals();
    SealDesign fresh;
    fresh.name = "new";
    seals.push_back(fresh);
    const auto grounds = drawnGrounds();
    int all = 0, reached = 0;
    std::string failed;
    for (std::size_t s = 0; s < seals.size(); ++s) {
        const auto prepared = prepareSeal(withWho(seals[s], withStandIns({})));
        ASSERT_FALSE(prepared->empty()) << seals[s].name;
        const std::size_t step = kSanitized ? 12 : 3; // each ground meets seals of each kind
        for (std::size_t g = s % step; g < grounds.size(); g += step) {
            Frame frame = groundOf(grounds[g]);
            const auto result = drawSeal(*prepared, frame);
            ++all;
            reached += !result.belowReadable;
            if (result.belowReadable)
                failed += seals[s].name + " on " + grounds[g].name + ": " +
                          std::to_string(result.readability) + "\n";
        }
    }
    EXPECT_LE(all - reached, std::max(1.0, 0.01 * all)) << all << " in all\n" << failed;
}

TEST(ByItself, WhatStaysHardToReadIsToldOrHeldBack) {
    auto design = boxSeal(200, 60);
    design.opacity = 5;
    const auto kindsOn = [&] {
        Frame frame = plainFrame(600, 400, {128, 128, 128});
        std::vector<NoteKind> out;
        for (const auto& note : drawSeal(design, frame).notes)
            out.push_back(note.kind);
        return out;
    };
    EXPECT_THAT(kindsOn(), ::testing::ElementsAre(NoteKind::SealHardToRead));
    design.holdBack = true;
    EXPECT_THAT(kindsOn(), ::testing::ElementsAre(NoteKind::SealUnreadable));
}

TEST(AllOver, IsJudgedByBeingSeenNotRead) {
    auto design = boxSeal(100, 100);
    design.arrangement = Arrangement::Repeat;
    design.opacity = 20;
    Frame grey = plainFrame(600, 400, {128, 128, 128});
    // By hand: white at 20 % makes 153 of 128: luminances 0.3185 and 0.2159.
    const auto result = drawSeal(design, grey);
    EXPECT_NEAR(result.readability, (0.3185 + 0.05) / (0.2159 + 0.05), 0.03);
    EXPECT_TRUE(result.seenNotRead);
    EXPECT_FALSE(result.belowReadable);
    Frame white = plainFrame(600, 400, {255, 255, 255});
    EXPECT_TRUE(drawSeal(design, white).belowReadable);
    Frame busy = plainFrame(600, 400, {});
    chequer(busy, {0, 0, 600, 400}, 5, 40, 220);
    EXPECT_LT(drawSeal(design, busy).readability, result.readability) << "busy ground hides a faint mark";
}

TEST(AllOver, IsEquallyDenseOnEveryShape) {
    auto design = boxSeal(100, 100);
    design.arrangement = Arrangement::Repeat;
    design.scaleBy = ScaleBy::ShortSide;
    design.size = 5;
    design.angle = -28;
    design.repeat = {200, 250, 50, false, 0, 0};
    const double expected = 100.0 * 100 / (300 * 350); // ink of a cell
    for (const auto& size : {Size{3000, 2000}, Size{8000, 500}, Size{400, 12000}, Size{300, 300}}) {
        if (kSanitized && size.longSide() > 3000)
            continue;
        Frame frame = plainFrame(size.width, size.height, {0, 0, 0});
        drawSeal(design, frame);
        // In each quarter along the long side, so that nothing is missing anywhere.
        for (int quarter = 0; quarter < 4; ++quarter) {
            double ink = 0;
            std::int64_t count = 0;
            for (int y = 0; y < size.height; ++y)
                for (int x = 0; x < size.width; ++x)
                    if ((size.width >= size.height ? 4LL * x / size.width : 4LL * y / size.height) == quarter)
                        ink += frame.row(y)[3 * x] / 255.0, ++count;
            EXPECT_NEAR(ink / static_cast<double>(count), expected,
                        expected * (size.longSide() > 1000 ? 0.12 : 0.4))
                << size.width << " x " << size.height << ", quarter " << quarter;
        }
    }
}
