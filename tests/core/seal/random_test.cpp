// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Designs and files nobody thought of: seeded, so that a failure can be looked at again.
#include "base/files.h"
#include "base/problem.h"
#include "library/archive.h"
#include "library/seal_library.h"
#include "seal/design_json.h"
#include "seal/edit.h"
#include "seal/logo.h"
#include "seal/paintings.h"
#include "support/seals.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <random>

using namespace keepseal;
using namespace keepseal::test;

namespace {

using Random = std::mt19937;

int upTo(Random& random, int most) {
    return static_cast<int>(random() % static_cast<unsigned>(most + 1));
}

/// Any value the row allows, its ends most of all.
template <class Owner>
void setAny(Random& random, const Setting<Owner>& row, Owner& owner) {
    switch (row.kind) {
    case SettingKind::Switch:
        return row.set(owner, upTo(random, 1) == 1);
    case SettingKind::Number: {
        const double share =
            std::array<double, 5>{0, 1, 0.1, 0.5, 0.9}[static_cast<std::size_t>(upTo(random, 4))];
        double value = row.range.min + share * (row.range.max - row.range.min);
        const double kept = std::pow(10.0, row.range.decimals);
        value = std::clamp(std::round(value * kept) / kept, row.range.min, row.range.max);
        return row.set(owner, value);
    }
    case SettingKind::Choice:
        return row.set(
            owner,
            row.choices[static_cast<std::size_t>(upTo(random, static_cast<int>(row.choices.size()) - 1))]
                .key);
    case SettingKind::Colour:
        return row.set(owner,
                       toText(Rgb{static_cast<std::uint8_t>(random()), static_cast<std::uint8_t>(random()),
                                  static_cast<std::uint8_t>(random())}));
    case SettingKind::Family:
        return row.set(owner, std::string(upTo(random, 1) ? "EB Garamond" : "Inter"));
    case SettingKind::Text:
    case SettingKind::Folder:
    case SettingKind::File:
        return;
    }
}

SealDesign anyDesign(Random& random) {
    SealDesign design;
    design.parts.clear();
    const char* texts[] = {"Marsh", "x", "two\nlines", "", "{name}", "\u05E9\u05DC\u05D5\u05DD"};
    for (int i = 0, count = upTo(random, 4); i <= count; ++i) {
        const auto kind = static_cast<PartKind>(upTo(random, 3));
        SealPart part = newPart(design, kind);
        const auto id = part.id;
        for (const auto& row : partSettings(kind))
            setAny(random, row, part);
        part.id = id;
        part.hidden = upTo(random, 7) == 0;
        part.size = std::min(part.size, 300.0);
        part.x = std::clamp(part.x, -300.0, 300.0), part.y = std::clamp(part.y, -300.0, 300.0);
        if (kind == PartKind::Text)
            part.text.text = texts[upTo(random, 5)];
        if (kind == PartKind::Logo)
            part.logo.file = upTo(random, 1) ? "shipped:tidemark-light.svg" : "";
        if (!design.parts.empty() && design.parts.front().kind == PartKind::Group && upTo(random, 1))
            part.parent = design.parts.front().id;
        design.parts.push_back(std::move(part));
    }
    for (const auto& row : sealSettings())
        if (!row.derived && row.key != "on")
            setAny(random, row, design);
    design.repeat.gapX = std::max(design.repeat.gapX, 40.0); // thousands of seals are tested elsewhere
    design.repeat.gapY = std::max(design.repeat.gapY, 40.0);
    design.size = std::max(design.size, 3.0);
    return design;
}

} // namespace

TEST(AnyDesign, ComesBackFromJsonAsItWas) {
    Random random(20260501);
    for (int i = 0; i < 300; ++i) {
        const auto design = anyDesign(random);
        const auto back = sealFromJson(toJson(design), "");
        ASSERT_TRUE(back == design) << toJson(design).dump() << "\n" << toJson(back).dump();
    }
}

TEST(AnyDesign, IsDrawnOnAnyPictureAndSaysFiniteThings) {
    Random random(42);
    const Size sizes[] = {{1, 1}, {7, 90}, {120, 80}, {90, 160}, {300, 20}};
    for (int i = 0; i < 60; ++i) {
        const auto design = anyDesign(random);
        const Size size = sizes[upTo(random, 4)];
        Frame frame = plainFrame(size.width, size.height, {static_cast<std::uint8_t>(random()), 90, 160});
        SealResult result;
        ASSERT_NO_THROW(result = drawSeal(*prepareSeal(design, {{"name", "tide"}}), frame))
            << toJson(design).dump();
        ASSERT_TRUE(std::isfinite(result.readability) && std::isfinite(result.unit)) << toJson(design).dump();
        ASSERT_GE(result.readability, 0);
        ASSERT_LE(result.readability, 21.01);
        for (const auto& corner : result.corners)
            ASSERT_TRUE(std::isfinite(corner.x) && std::isfinite(corner.y)) << toJson(design).dump();
    }
}

TEST(AnyDesign, DrawsTheSameEachTime) {
    Random random(7);
    for (int i = 0; i < 20; ++i) {
        const auto design = anyDesign(random);
        Frame a = halves(160, 100, 30, 220), b = a;
        drawSeal(design, a);
        drawSeal(design, b);
        ASSERT_EQ(a.rgb, b.rgb) << toJson(design).dump();
    }
}

TEST(AnyDesign, PaintKeptFromEarlierStepsChangesNoPixel) {
    Random random(20261130);
    const Size sizes[] = {{160, 100}, {500, 340}, {90, 160}};
    const char* names[] = {"tide", "reed"};
    for (int round = 0; round < 12; ++round) {
        auto design = anyDesign(random);
        SealPaintings kept;
        for (int step = 0; step < 14; ++step) {
            const auto& rows = sealSettings();
            const auto& row = rows[static_cast<std::size_t>(upTo(random, static_cast<int>(rows.size()) - 1))];
            const int what = upTo(random, 9);
            if (what == 0)
                setAny(random, row, design);
            else if (what < 5) // as a person drags
                design.opacity = upTo(random, 100), design.readable = 1 + upTo(random, 6);
            else if (what == 5)
                design.halo.strength = upTo(random, 100);
            else if (what == 6 && !design.parts.empty())
                design.parts.front().colour = {static_cast<std::uint8_t>(random()), 9, 9};
            design.on = true;
            design.repeat.gapX = std::max(design.repeat.gapX, 40.0);
            design.repeat.gapY = std::max(design.repeat.gapY, 40.0);
            design.size = std::max(design.size, 3.0);
            const Size size = sizes[upTo(random, 5) / 2];
            Frame a = halves(size.width, size.height, 30, 220), b = a;
            const auto seal = prepareSeal(design, {{"name", names[upTo(random, 1)]}});
            const auto with = drawSeal(*seal, a, {.paintings = &kept});
            const auto without = drawSeal(*seal, b);
            ASSERT_EQ(a.rgb, b.rgb) << round << "." << step << " " << toJson(design).dump();
            ASSERT_TRUE(with.decision == without.decision);
            ASSERT_EQ(with.readability, without.readability);
        }
    }
}

TEST(AnyDesign, ALogoThatWasDrawnAnewIsPaintedAnew) {
    const TempFolder folder;
    const auto file = folder / "emblem.svg";
    const auto draw = [&](const char* shape) {
        writeTextFile(file, std::string("<svg xmlns='http://www.w3.org/2000/svg' width='90' height='60'>") +
                                shape + "</svg>");
    };
    draw("<rect width='90' height='60'/>");
    SealDesign design;
    design.parts = {newPart(design, PartKind::Logo)};
    design.parts.front().logo.file = file.string();
    SealPaintings kept;
    Frame before = halves(400, 300, 30, 220), after = before, fresh = before;
    drawSeal(*prepareSeal(design), before, {.paintings = &kept});
    draw("<circle cx='30' cy='30' r='30'/><!-- another size of file -->");
    design.opacity = 74;
    drawSeal(*prepareSeal(design), after, {.paintings = &kept});
    drawSeal(*prepareSeal(design), fresh);
    EXPECT_EQ(after.rgb, fresh.rgb);
    EXPECT_NE(after.rgb, before.rgb);
}

TEST(AnyDesign, SurvivesEveryEditInAnyOrder) {
    Random random(99);
    for (int round = 0; round < 40; ++round) {
        SealDesign design = anyDesign(random);
        for (int step = 0; step < 12; ++step) {
            PartIds ids;
            for (const auto& part : design.parts)
                if (upTo(random, 2) == 0)
                    ids.push_back(part.id);
            const std::string first = ids.empty() ? "nobody" : ids.front();
            switch (upTo(random, 9)) {
            case 0:
                addPart(design, newPart(design, static_cast<PartKind>(upTo(random, 3))));
                break;
            case 1:
                if (design.parts.size() < 40)
                    duplicateParts(design, ids);
                break;
            case 2:
                removeParts(design, ids);
                break;
            case 3:
                groupParts(design, ids);
                break;
            case 4:
                ungroup(design, first);
                break;
            case 5:
                reorder(design, first, upTo(random, 1) ? 1 : -1);
                break;
            case 6:
                alignParts(design, ids, static_cast<Edge>(upTo(random, 5)));
                break;
            case 7:
                distributeParts(design, ids, upTo(random, 1) == 1);
                break;
            case 8:
                resizePart(design, first, 1.7);
                break;
            default:
                placeFreely(design, first);
            }
            // Whatever was done, the design can be saved and read again.
            ASSERT_NO_THROW(sealFromJson(toJson(design), "")) << toJson(design).dump();
        }
    }
}

TEST(AnyFile, DamagedSvgsAreDrawnOrRefusedAndNothingElse) {
    const TempFolder folder;
    const auto good = readText(fs::path(KEEPSEAL_SOURCE) / "assets/logos/tidemark-light.svg");
    Random random(3);
    int refused = 0;
    for (int i = 0; i < 120; ++i) {
        std::string text = good;
        for (int j = 0; j <= upTo(random, 3); ++j) {
            const auto at = random() % text.size();
            if (upTo(random, 1))
                text[at] = static_cast<char>(random());
            else
                text.erase(at, random() % 40);
        }
        const auto file = folder / ("x" + std::to_string(i) + ".svg");
        writeFile(file, text);
        try {
            const LogoPart part{file.string(), {}, 1, false, true, false, {}, 0};
            logoPixels(part, false, {}, {24, 24});
        } catch (const Problem& problem) {
            ++refused;
            EXPECT_FALSE(problem.happened.empty());
        }
    }
    EXPECT_GT(refused, 5);
    EXPECT_LT(refused, 120);
}

TEST(AnyFile, DamagedZipsAreTakenOrRefusedAndNothingElse) {
    const TempFolder folder;
    SavedSeal seal;
    seal.design = boxSeal();
    seal.design.name = "Kite";
    exportSeal(seal, folder / "good.zip");
    const auto good = readText(folder / "good.zip");
    Random random(11);
    for (int i = 0; i < 150; ++i) {
        std::string text = good;
        for (int j = 0; j <= upTo(random, 4); ++j)
            text[random() % text.size()] = static_cast<char>(random());
        if (upTo(random, 3) == 0)
            text.resize(random() % text.size());
        writeFile(folder / "x.zip", text);
        try {
            readZip(folder / "x.zip", 1U << 20, 10);
        } catch (const Problem& problem) {
            EXPECT_FALSE(problem.happened.empty());
        }
    }
}

TEST(AnyFile, DamagedSealsNameWhatIsWrong) {
    Random random(5);
    const auto good = toDocument(anyDesign(random)).dump();
    for (int i = 0; i < 400; ++i) {
        std::string text = good;
        for (int j = 0; j <= upTo(random, 2); ++j)
            text[random() % text.size()] = "0123456789{}[]\",:xtf"[upTo(random, 19)];
        const auto document = nlohmann::json::parse(text, nullptr, false);
        if (document.is_discarded())
            continue;
        try {
            sealFromDocument(document, "damaged");
        } catch (const Problem& problem) {
            EXPECT_FALSE(problem.subject.empty());
            EXPECT_FALSE(problem.happened.empty());
        }
    }
}
