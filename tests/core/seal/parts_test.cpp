// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"
#include "base/problem.h"
#include "seal/design_json.h"
#include "seal/edit.h"
#include "support/seals.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

SealDesign threeBoxes(Stacking stacking) {
    SealDesign design = boxSeal();
    design.parts = {boxPart("a", 200, 100), boxPart("b", 80, 40), boxPart("c", 120, 60)};
    design.layout = {stacking, 30, CrossAlign::Middle};
    return design;
}

Box boxIn(const SealDesign& design, const std::string& id) {
    return boxOf(*prepareSeal(design), id);
}

void expectBox(const Box& box, double x, double y, double width, double height) {
    EXPECT_NEAR(box.x, x, 1e-6);
    EXPECT_NEAR(box.y, y, 1e-6);
    EXPECT_NEAR(box.width, width, 1e-6);
    EXPECT_NEAR(box.height, height, 1e-6);
}

Problem problemOf(const std::string& json) {
    try {
        sealFromJson(nlohmann::json::parse(json), "seal.");
    } catch (const Problem& problem) {
        return problem;
    }
    ADD_FAILURE() << "no problem: " << json;
    return {ProblemKind::Internal, "", ""};
}

} // namespace

TEST(SealLayout, AStackPutsPartsUnderEachOtherWithTheGapBetween) {
    const auto design = threeBoxes(Stacking::Stack);
    expectBox(boxIn(design, "a"), 0, 0, 200, 100);
    expectBox(boxIn(design, "b"), 60, 130, 80, 40);
    expectBox(boxIn(design, "c"), 40, 200, 120, 60);
    EXPECT_NEAR(prepareSeal(design)->box.height, 260, 1e-6);
}

TEST(SealLayout, ARowPutsThemSideBySideLinedUpAtTheFoot) {
    auto design = threeBoxes(Stacking::Row);
    design.layout.align = CrossAlign::End;
    expectBox(boxIn(design, "a"), 0, 0, 200, 100);
    expectBox(boxIn(design, "b"), 230, 60, 80, 40);
    expectBox(boxIn(design, "c"), 340, 40, 120, 60);
}

TEST(SealLayout, AStretchingLineIsAsLongAsTheWidestOther) {
    auto design = threeBoxes(Stacking::Stack);
    SealPart line = boxPart("line", 10, 100);
    line.shape = {ShapeKind::Line, 10, true, 4, 0};
    design.parts.push_back(line);
    EXPECT_NEAR(boxIn(design, "line").width, 200, 1e-6);
    EXPECT_NEAR(boxIn(design, "line").height, 4, 1e-6);
    design.layout.stacking = Stacking::Row;
    EXPECT_NEAR(boxIn(design, "line").width, 4, 1e-6);
    EXPECT_NEAR(boxIn(design, "line").height, 100, 1e-6);
}

TEST(SealLayout, AGroupIsLaidOutInsideAndCountsAsOnePart) {
    auto design = threeBoxes(Stacking::Row);
    SealPart group;
    group.id = "g";
    group.kind = PartKind::Group;
    group.group = {Stacking::Stack, 10, CrossAlign::Start};
    design.parts.push_back(group);
    design.part("b")->parent = design.part("c")->parent = "g";
    design.layout.align = CrossAlign::Start;
    expectBox(boxIn(design, "g"), 230, 0, 120, 110);
    expectBox(boxIn(design, "c"), 230, 50, 120, 60);
}

TEST(SealLayout, HiddenAndEmptyPartsTakeNoRoom) {
    auto design = threeBoxes(Stacking::Stack);
    design.part("b")->hidden = true;
    SealPart empty;
    empty.id = "t";
    empty.text.text = "  ";
    design.parts.push_back(empty);
    EXPECT_NEAR(prepareSeal(design)->box.height, 100 + 30 + 60, 1e-6);
}

TEST(SealLayout, APlateCountsAsPartOfTheBox) {
    auto design = boxSeal(200, 100);
    design.plate.on = true;
    design.plate.padding = 50;
    EXPECT_NEAR(prepareSeal(design)->box.width, 300, 1e-6);
}

TEST(SealLayout, SmallCapitalsAndCapitalsAndSpacingChangeTheText) {
    const auto width = [](auto change) {
        SealDesign design;
        design.setText("tidemark");
        change(design.parts.front().text);
        return prepareSeal(design)->ink.width;
    };
    const double plain = width([](TextPart&) {});
    EXPECT_GT(width([](TextPart& t) { t.capitals = Capitals::All; }), plain * 1.1);
    EXPECT_NEAR(width([](TextPart& t) { t.letterSpacing = 50; }), plain + 7 * 50,
                30); // 7 gaps of half the size
    EXPECT_NE(width([](TextPart& t) { t.weight = SealWeight::Bold; }), plain);
    EXPECT_NE(width([](TextPart& t) { t.family = "EB Garamond"; }), plain);
}

TEST(SealEdit, PlacingFreelyMovesNothing) {
    for (const auto stacking : {Stacking::Stack, Stacking::Row}) {
        auto design = threeBoxes(stacking);
        const auto before = prepareSeal(design);
        placeFreely(design, "a");
        EXPECT_EQ(design.layout.stacking, Stacking::Free);
        for (const auto* id : {"a", "b", "c"}) {
            const Box was = boxOf(*before, id), is = boxIn(design, id);
            EXPECT_NEAR(is.x - boxIn(design, "a").x, was.x - boxOf(*before, "a").x, 1e-6);
            EXPECT_NEAR(is.y - boxIn(design, "a").y, was.y - boxOf(*before, "a").y, 1e-6);
        }
    }
}

TEST(SealEdit, LinesUpAndSpreads) {
    auto design = threeBoxes(Stacking::Stack);
    alignParts(design, {"a", "b", "c"}, Edge::Right);
    EXPECT_NEAR(boxIn(design, "b").right(), boxIn(design, "a").right(), 1e-6);
    EXPECT_NEAR(boxIn(design, "c").right(), boxIn(design, "a").right(), 1e-6);
    moveParts(design, {"b"}, {0, 17});
    distributeParts(design, {"c", "a", "b"}, false);
    const Box a = boxIn(design, "a"), b = boxIn(design, "b"), c = boxIn(design, "c");
    EXPECT_NEAR(b.y - a.bottom(), c.y - b.bottom(), 1e-6);
}

TEST(SealEdit, GroupsAndTakesApartWithoutLosingAnything) {
    auto design = threeBoxes(Stacking::Stack);
    const auto group = groupParts(design, {"b", "c"});
    ASSERT_FALSE(group.empty());
    EXPECT_EQ(design.part("b")->parent, group);
    EXPECT_NEAR(prepareSeal(design)->box.height, 260, 1e-6);
    const auto copies = duplicateParts(design, {group});
    ASSERT_EQ(copies.size(), 1U);
    EXPECT_EQ(design.parts.size(), 7U);
    removeParts(design, copies);
    EXPECT_EQ(design.parts.size(), 4U);
    ungroup(design, group);
    EXPECT_EQ(design.parts.size(), 3U);
    EXPECT_EQ(design.part("b")->parent, "");
}

TEST(SealEdit, ResizesAGroupWithAllItHolds) {
    auto design = threeBoxes(Stacking::Stack);
    const auto group = groupParts(design, {"a", "b", "c"});
    const Box before = boxIn(design, group);
    resizePart(design, group, 2);
    EXPECT_NEAR(boxIn(design, group).width, 2 * before.width, 1);
    EXPECT_NEAR(boxIn(design, group).height, 2 * before.height, 2);
    reorder(design, "c", -1);
    EXPECT_LT(boxIn(design, "c").y, boxIn(design, "b").y);
}

TEST(SealJson, EveryDesignComesBackAsItWas) {
    SealDesign design = threeBoxes(Stacking::Row);
    groupParts(design, {"b", "c"});
    design.name = "Kite mark";
    design.arrangement = Arrangement::Repeat;
    design.mix = MixMode::SoftLight;
    design.perspective.corners[2] = {12.5, -7};
    design.halo.when = HaloWhen::WhereNeeded;
    design.point = {12.5, 80};
    const auto back = sealFromDocument(toDocument(design), "test");
    EXPECT_EQ(back, design);
}

TEST(SealJson, UnknownKeysSurviveInSealAndParts) {
    const auto json = nlohmann::json::parse(
        R"({"later": 1, "parts": [{"kind": "text", "id": "t", "text": "x", "glow": [2]}]})");
    const auto out = toJson(sealFromJson(json, ""));
    EXPECT_EQ(out["later"], 1);
    EXPECT_EQ(out["parts"][0]["glow"][0], 2);
}

TEST(SealJson, AShortFormMakesOneText) {
    const auto design = sealFromJson({{"text", "Wrenna"}, {"weight", "bold"}, {"colour", "#112233"}}, "");
    ASSERT_EQ(design.parts.size(), 1U);
    EXPECT_EQ(design.text(), "Wrenna");
    EXPECT_EQ(design.parts[0].text.weight, SealWeight::Bold);
    EXPECT_EQ(design.parts[0].colour, (Rgb{0x11, 0x22, 0x33}));
}

TEST(SealJson, WrongValuesNameTheKeyTheValueAndWhatIsAllowed) {
    EXPECT_EQ(problemOf(R"({"size": 99})").subject, "seal.size");
    const auto part = problemOf(R"({"parts": [{"kind": "text", "id": "t", "weight": "fat"}]})");
    EXPECT_EQ(part.subject, "seal.parts[0].weight");
    EXPECT_THAT(part.happened, HasSubstr("fat"));
    EXPECT_THAT(part.remedy, HasSubstr("semibold"));
    EXPECT_EQ(problemOf(R"({"parts": [{"kind": "sound", "id": "t"}]})").subject, "seal.parts[0].kind");
    EXPECT_EQ(problemOf(R"({"parts": [{"kind": "text", "id": ""}]})").subject, "seal.parts[0].id");
    EXPECT_EQ(problemOf(R"({"parts": [{"kind": "text", "id": "t", "parent": "nobody"}]})").subject,
              "seal.parts[0].parent");
    EXPECT_EQ(problemOf(R"({"parts": [{"kind": "group", "id": "g", "parent": "g"}]})").subject,
              "seal.parts[0].parent");
    EXPECT_EQ(problemOf(R"({"parts": 7})").subject, "seal.parts");
}

TEST(SealJson, SchemaAndExampleAreTheProgramsOwn) {
    const fs::path formats = fs::path(KEEPSEAL_SOURCE) / "docs/formats";
    EXPECT_EQ(readJsonFile(formats / "seal.schema.json"), sealSchema());
    EXPECT_NO_THROW(sealFromDocument(readJsonFile(formats / "seal.example.json"), "example"));
}
