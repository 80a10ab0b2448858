// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "rights/apply.h"
#include "rights/leaves.h"
#include "rights/sheet_xmp.h"
#include "support/chain.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::ElementsAre;
using ::testing::HasSubstr;
using ::testing::IsEmpty;
using ::testing::UnorderedElementsAre;

namespace {

RightsRule rule(const std::string& field, RuleAction action, FieldValue value = {},
                RuleCondition condition = {}) {
    return {true, field, action, std::move(value), std::move(condition)};
}

struct Applying : ::testing::Test {
    RightsSheet sheet;
    PrivacyRules privacy;
    Metadata original;
    PictureAsked picture{"/studio/kites/tide_0204.jpg", {600, 400}};
    FieldValues byHand;

    AppliedRights run() const { return applyRights(sheet, privacy, original, picture, byHand); }
    std::string after(const std::string& field) const { return run().after(field).typed(); }
};

} // namespace

TEST_F(Applying, EachActionDoesWhatItSays) {
    original.fields["title"] = "Tide";
    original.fields["keywords"] = FieldValue(std::vector<std::string>{"kite", "sea"});
    sheet.rules = {rule("title", RuleAction::Fill, "filled"), rule("headline", RuleAction::Fill, "filled"),
                   rule("keywords", RuleAction::Add, FieldValue(std::vector<std::string>{"sea", "wind"}))};
    EXPECT_EQ(after("title"), "Tide");
    EXPECT_EQ(after("headline"), "filled");
    EXPECT_EQ(after("keywords"), "kite; sea; wind");
    sheet.rules = {rule("title", RuleAction::Replace, "new"), rule("keywords", RuleAction::Remove)};
    EXPECT_EQ(after("title"), "new");
    EXPECT_EQ(after("keywords"), "");
    sheet.rules = {rule("title", RuleAction::Replace, "new"), rule("title", RuleAction::Leave)};
    EXPECT_EQ(after("title"), "Tide");
    sheet.on = false;
    EXPECT_EQ(after("title"), "Tide");
}

TEST_F(Applying, TheLaterRuleWinsAndTheConflictIsSaid) {
    sheet.rules = {rule("creator", RuleAction::Replace, "Wrenna Oake"),
                   rule("credit_line", RuleAction::Replace, "x"),
                   rule("creator", RuleAction::Replace, "Ines Gull")};
    const auto outcome = run().fields.at("creator");
    EXPECT_EQ(outcome.after.typed(), "Ines Gull");
    EXPECT_THAT(outcome.rules, ElementsAre(0U, 2U));
    EXPECT_THAT(said(outcome.notes), ElementsAre(HasSubstr("rule 3 overrides rule 1")));
}

TEST_F(Applying, PrivacyTakesOutBeforeTheSheetFills) {
    original.fields["creator"] = "Somebody";
    original.fields["contact_email"] = "a@example.com";
    privacy.rights = privacy.contact = Stay::Remove;
    EXPECT_EQ(after("creator"), "");
    EXPECT_TRUE(run().fields.at("creator").removedByPrivacy);
    sheet.rules = {rule("creator", RuleAction::Fill, "Wrenna Oake")};
    EXPECT_EQ(after("creator"), "Wrenna Oake");
    EXPECT_EQ(after("contact_email"), "");
}

TEST_F(Applying, TokensMeanTheFinishedFieldsWhateverTheOrderOfRules) {
    original.takenAt = "2024-03-02T10:00:00";
    sheet.rules = {rule("copyright_notice", RuleAction::Replace, "© {year} {creator}"),
                   rule("creator", RuleAction::Replace, "Wrenna Oake")};
    EXPECT_EQ(after("copyright_notice"), "© 2024 Wrenna Oake");
    original.fields["description"] = "Kites";
    sheet.rules = {rule("description", RuleAction::Replace, "{description}, on the marsh")};
    EXPECT_EQ(after("description"), "Kites, on the marsh"); // its own field means what the original says
}

TEST_F(Applying, EveryTokenWithoutAValueIsAProblemAndLeavesNoBrackets) {
    for (const auto& token : tokens()) {
        if (token.key == "name" || token.key == "this_year")
            continue; // always known
        sheet.rules = {
            rule("headline", RuleAction::Replace, FieldValue("before ({" + token.key + "}) after"))};
        const auto applied = run();
        EXPECT_EQ(applied.after("headline").typed(), "before after") << token.key;
        ASSERT_EQ(applied.notes().size(), 1U) << token.key;
        EXPECT_THAT(said(applied.notes()), Contains(HasSubstr("{" + token.key + "}"))) << token.key;
        EXPECT_EQ(applied.notes()[0].kind,
                  isWhoToken(token.key) ? NoteKind::WhoUnset : NoteKind::RightsTokenEmpty);
    }
    sheet.rules = {rule("headline", RuleAction::Replace, "{title}")};
    EXPECT_EQ(after("headline"), "");
}

TEST_F(Applying, ConditionsAskThePicture) {
    original.camera = "Heron 24";
    original.serial = "HN24-1";
    original.rating = 3;
    original.takenAt = "2026-05-09T23:10:04";
    original.fields["creator"] = "Ines Gull";
    original.fields["keywords"] = FieldValue(std::vector<std::string>{"Night", "kites"});
    using C = ConditionKind;
    const auto is = [&](C what, const char* text) { return holds({what, false, text}, original, picture); };
    EXPECT_TRUE(is(C::Always, ""));
    EXPECT_TRUE(is(C::Camera, "heron") && !is(C::Camera, "tern") && !is(C::Camera, ""));
    EXPECT_TRUE(is(C::Serial, "HN24-1") && !is(C::Serial, "HN24"));
    EXPECT_TRUE(is(C::Creator, "gull") && !is(C::Creator, "oake"));
    EXPECT_TRUE(is(C::Keyword, "night") && !is(C::Keyword, "kite"));
    EXPECT_TRUE(is(C::Folder, "kites") && is(C::Folder, "/studio/*") && !is(C::Folder, "*/boats"));
    EXPECT_TRUE(is(C::FileName, "tide_02*") && is(C::FileName, "TIDE_????.jpg") && !is(C::FileName, "*.png"));
    EXPECT_TRUE(is(C::TakenFrom, "2026-05-09") && !is(C::TakenFrom, "2026-05-10"));
    EXPECT_TRUE(is(C::TakenTo, "2026-05-09") && !is(C::TakenTo, "2026-05-08"));
    EXPECT_TRUE(is(C::Shape, "wide") && !is(C::Shape, "tall"));
    EXPECT_TRUE(is(C::Rating, "3") && !is(C::Rating, "4"));
    EXPECT_FALSE(holds({C::Rating, true, "3"}, original, picture));
    original.takenAt.clear();
    EXPECT_FALSE(is(C::TakenTo, "2026-05-09")); // not told is not earlier
}

TEST_F(Applying, WhatIsTypedForOnePictureComesLast) {
    original.fields["title"] = "Tide";
    sheet.rules = {rule("title", RuleAction::Replace, "sheet")};
    byHand["title"] = "typed";
    byHand["keywords"] = {};
    EXPECT_EQ(after("title"), "typed");
    EXPECT_TRUE(run().fields.at("title").byHand);
    byHand["place_city"] = "Nowhere"; // can't be typed
    EXPECT_EQ(after("place_city"), "");
}

TEST_F(Applying, ARemovedPlaceInAWordThatStaysIsSaidOrCut) {
    original.placeNames = {"Heronsluice"};
    original.fields["description"] = "Kites over HERONSLUICE.";
    original.fields["keywords"] = FieldValue(std::vector<std::string>{"kites", "Heronsluice"});
    original.fields["title"] = "Heronsluicers"; // another word
    original.fields["contact_city"] = "Heronsluice";
    EXPECT_THAT(said(run().notes()), UnorderedElementsAre(HasSubstr("Description"), HasSubstr("Keywords"),
                                                          HasSubstr("maker's address")));
    privacy.dropPlaceKeywords = privacy.blankPlaceTexts = true;
    EXPECT_EQ(after("keywords"), "kites");
    EXPECT_EQ(after("description"), "");
    EXPECT_EQ(after("title"), "Heronsluicers");
    EXPECT_EQ(after("contact_city"), "Heronsluice");             // the studio's own address
    EXPECT_EQ(countOf(run().notes(), Severity::WorthALook), 0U); // told, as facts
    EXPECT_EQ(countOf(run().notes(), Severity::Fact), 3U);
    privacy = {};
    original.fields = {{"contact_url", "https://maps.example/@54.2512,3.5034"}};
    EXPECT_EQ(after("contact_url"), ""); // from the original; typed for these copies it is the studio's
    byHand["contact_url"] = "https://maps.example/@54.2512,3.5034";
    EXPECT_EQ(after("contact_url"), "https://maps.example/@54.2512,3.5034");
    EXPECT_THAT(said(run().notes()), Contains(HasSubstr("coordinates stand in")));
    byHand.clear();
    original.fields = {{"description", "at 54.2512, 3.5034 by the pier"}};
    EXPECT_EQ(after("description"), "at by the pier");
    EXPECT_TRUE(holdsKind(run().notes(), NoteKind::CoordinatesCut));
    privacy.cutCoordinates = false;
    EXPECT_THAT(said(run().notes()), ElementsAre(HasSubstr("coordinates stand in Description")));
}

TEST_F(Applying, ThePlaceIsOpenedOnlyWithItsWords) {
    original.fields["place_city"] = "Heronsluice";
    original.exif = {{IfdKind::Gps, 1, 2, 2, {'N', 0}}};
    const auto words = [&] { return copyWords(run(), privacy, original); };
    EXPECT_TRUE(words().empty());
    privacy.location = Stay::Keep;
    EXPECT_TRUE(words().empty());
    EXPECT_THROW(requireWorded(privacy, "privacy."), Problem);
    privacy.locationWords = "yes";
    EXPECT_TRUE(words().empty());
    privacy.locationWords = kLocationWords;
    EXPECT_NO_THROW(requireWorded(privacy, "privacy."));
    EXPECT_EQ(words().fields.at("place_city").typed(), "Heronsluice");
    EXPECT_EQ(words().exif.size(), 1U);
}

TEST_F(Applying, EachKindStaysOrGoesByItsSwitch) {
    original.takenAt = "2026-05-09T23:10:04";
    original.takenOffset = "+02:00";
    original.history["xmp:CreatorTool"] = "Press 3";
    const auto tag = [](IfdKind ifd, std::uint16_t number) { return ExifValue{ifd, number, 2, 2, {'x', 0}}; };
    original.exif = {tag(IfdKind::Image, 0x0110), tag(IfdKind::Exif, 0xA431),  tag(IfdKind::Exif, 0x9003),
                     tag(IfdKind::Exif, 0x9011),  tag(IfdKind::Image, 0x0131), tag(IfdKind::Exif, 0x927C),
                     tag(IfdKind::Image, 0x010E)};
    const std::string time = "2026:05:09 23:10:04", offset = "+02:00";
    original.exif[2].bytes.assign(time.begin(), time.end());
    original.exif[3].bytes.assign(offset.begin(), offset.end());
    const auto tags = [&] {
        std::vector<int> out;
        for (const auto& value : copyWords(run(), privacy, original).exif)
            out.push_back(value.tag);
        return out;
    };
    EXPECT_THAT(tags(), ElementsAre(0x9003, 0x9011));
    EXPECT_EQ(copyWords(run(), privacy, original).takenAt, "2026-05-09T23:10:04+02:00");
    privacy.strict = true;
    EXPECT_THAT(tags(), ElementsAre(0x9003));
    EXPECT_EQ(copyWords(run(), privacy, original).takenAt, "2026-05-09T23:10:04");
    privacy.camera = privacy.serial = privacy.history = Stay::Keep;
    EXPECT_THAT(tags(), ElementsAre(0x0110, 0xA431, 0x9003, 0x0131)); // never the maker's note
    privacy.dateTaken = Stay::Remove;
    EXPECT_EQ(copyWords(run(), privacy, original).takenAt, "");
}

TEST_F(Applying, WrongAddressesAndLimitsAreSaid) {
    sheet.rules = {
        rule("contact_email", RuleAction::Replace, "desk at example"),
        rule("web_statement", RuleAction::Replace, "tidemark.example.com"),
        rule("credit_line", RuleAction::Replace, FieldValue(std::string(40, 'x'))),
        rule("contact_url", RuleAction::Replace, "https://tidemark.example.com/a, http://b.example")};
    const auto fields = run().fields;
    EXPECT_THAT(said(fields.at("contact_email").notes), ElementsAre(HasSubstr("no e-mail address")));
    EXPECT_THAT(said(fields.at("web_statement").notes), ElementsAre(HasSubstr("https://")));
    EXPECT_THAT(said(fields.at("credit_line").notes), ElementsAre(HasSubstr("by 8")));
    EXPECT_THAT(fields.at("contact_url").notes, IsEmpty());
}

TEST(Sheet, ComesBackFromItsFileWithEveryPart) {
    RightsSheet sheet;
    sheet.name = "Marsh & Line";
    FieldValue terms("Ask first");
    terms.languages["de"] = "Erst fragen";
    sheet.rules = {rule("usage_terms", RuleAction::Fill, terms, {ConditionKind::FileName, true, "*.png"}),
                   rule("keywords", RuleAction::Add, FieldValue(std::vector<std::string>{"a", "b; c"})),
                   rule("title", RuleAction::Remove)};
    sheet.rules[2].on = false;
    EXPECT_EQ(sheetFromDocument(toDocument(sheet), "x"), sheet);
    auto document = toDocument(sheet);
    document["later"] = 7;
    EXPECT_EQ(toDocument(sheetFromDocument(document, "x"))["later"], 7); // unknown keys are kept
    for (const char* text :
         {R"({"rules":3})", R"({"rules":[{"field":"nonsense"}]})", R"({"rules":[{"field":"place_city"}]})",
          R"({"rules":[{"field":"title","action":"add"}]})", R"({"rules":[{"field":"title","value":[1]}]})",
          R"({"rules":[{"field":"title","when":{"what":"moon"}}]})"})
        EXPECT_THROW(sheetFromJson(nlohmann::json::parse(text), "rights."), Problem) << text;
}

TEST(Sheet, ShortCutsReadAndWriteTheRuleThatIsAlwaysThere) {
    auto sheet =
        sheetFromJson(nlohmann::json::parse(R"({"creator":"A; B","copyright_notice":"© A"})"), "rights.");
    EXPECT_EQ(sheet.rules.size(), 2U);
    EXPECT_THAT(sheet.alwaysRule("creator")->value.items, ElementsAre("A", "B"));
    sheet.setAlways("creator", "C");
    EXPECT_EQ(sheet.rules.size(), 2U);
    sheet.setAlways("creator", "");
    EXPECT_EQ(sheet.rules.size(), 1U);
    sheet.setAlways("copyright_status", "Public domain");
    EXPECT_EQ(sheet.alwaysRule("copyright_status")->value.first(), "False"); // the standard's own value
}

TEST(Sheet, GoesThroughAPlainXmpFileThatAnotherReaderUnderstands) {
    const TempFolder folder;
    auto sheet = sheetOf("Wrenna Oake; Ines Gull", "© 2026 Marsh & Line Studio");
    sheet.setAlways("licensor_email", "desk@tidemark.example.com");
    sheet.setAlways("contact_city", "Tidemark");
    writeFile(folder / "rights.xmp", sheetToXmp(sheet));
    EXPECT_EQ(exiftool(folder / "rights.xmp", "XMP-dc:Rights"), "© 2026 Marsh & Line Studio");
    EXPECT_EQ(exiftool(folder / "rights.xmp", "XMP-plus:LicensorEmail"), "desk@tidemark.example.com");
    auto back = sheetFromXmp(folder / "rights.xmp");
    for (const auto* field : writableFields())
        EXPECT_EQ(back.always(field->key), sheet.always(field->key)) << field->key;
    writeFile(folder / "empty.xmp", "<x:xmpmeta xmlns:x='adobe:ns:meta/'/>");
    EXPECT_THROW(sheetFromXmp(folder / "empty.xmp"), Problem);
}

TEST(Leaves, EveryPieceStaysIsWrittenOrIsRemoved) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.xmpCity = kSecretCity;
    planted.description = "Kites";
    makePicture(folder / "a.jpg", 40, 30, planted);
    const Original file(folder / "a.jpg");
    const auto report = inspect(file);
    const auto metadata = metadataFrom(report);
    const auto applied = applyRights(sheetOf("Wrenna Oake", ""), {}, metadata, {file.path(), {40, 30}});
    const auto rows = whatLeaves(report, applied, copyWords(applied, {}, metadata));
    const auto fateOf = [&](const std::string& name) {
        for (const auto& row : rows)
            if (row.name.starts_with(name))
                return static_cast<int>(row.fate);
        return -1;
    };
    EXPECT_EQ(fateOf("Creator"), static_cast<int>(Fate::Written));
    EXPECT_EQ(fateOf("Description"), static_cast<int>(Fate::Stays));
    for (const char* gone : {"City", "GPSLatitude", "Model", "BodySerialNumber"})
        EXPECT_EQ(fateOf(gone), static_cast<int>(Fate::Removed)) << gone;
}

TEST_F(Applying, RatingAndLabelStayOnlyWhenTheyAreAskedFor) {
    original.rating = 4;
    original.label = "for the wall";
    EXPECT_TRUE(copyWords(run(), privacy, original).history.empty());
    privacy.keepRating = true;
    const auto words = copyWords(run(), privacy, original);
    EXPECT_EQ(words.history.at("xmp:Rating"), "4");
    EXPECT_EQ(words.history.at("xmp:Label"), "for the wall");
    privacy.description = Stay::Remove; // they belong to it
    EXPECT_TRUE(copyWords(run(), privacy, original).history.empty());
}
