// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/note.h"
#include "base/text.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include <regex>
#include <set>

using namespace keepseal;

TEST(Note, EveryRowHasItsOwnKeyAndASentenceThatReads) {
    std::set<std::string> keys;
    for (std::size_t i = 0; i < kNoteKinds; ++i) {
        const auto& row = rowOf(static_cast<NoteKind>(i));
        EXPECT_TRUE(keys.insert(row.key).second) << row.key;
        EXPECT_EQ(noteRow(row.key), &row);
        EXPECT_TRUE(std::regex_match(row.key, std::regex("[a-z]+(-[a-z]+)*"))) << row.key;
        EXPECT_FALSE(std::string(row.sentence).ends_with(".")) << row.key;
        if (row.severity == Severity::HoldsBack) {
            EXPECT_STRNE(row.remedy, "") << row.key << ": who is held back wants to know what to do";
            EXPECT_TRUE(row.station) << row.key;
        }
    }
    EXPECT_EQ(noteRow("no-such-kind"), nullptr);
}

TEST(Note, WordsAreMadeFromSubjectAndArguments) {
    const Note note{
        NoteKind::SealLogoEnlarged, "/a/b.png", {{"name", "b.png"}, {"has", "8 x 8"}, {"needs", "40 x 40"}}};
    EXPECT_EQ(sentenceOf(note), "the logo b.png is enlarged: it has 8 x 8 pixels and needs 40 x 40");
    EXPECT_EQ(sentenceOf({NoteKind::SealTokenEmpty, "title", {}}),
              "the seal's {title} has no value for this picture and was left out");
    EXPECT_EQ(sentenceOf({NoteKind::SealLogo, "x", {}}).find('{'),
              std::string::npos); // a lost argument shows as ?
}

TEST(Note, GoesThroughJsonAndAnUnknownKindIsPassedOver) {
    Note note{
        NoteKind::PlaceInWords, "the seal: Heronsluice", {{"where", "the seal"}, {"place", "Heronsluice"}}};
    note.station = StationId::Seal;
    const nlohmann::json saved = note;
    EXPECT_EQ(saved["station"], "seal");
    EXPECT_EQ(saved["severity"], "worth-a-look");
    EXPECT_EQ(noteFromJson(saved), note);
    EXPECT_FALSE(noteFromJson({{"kind", "of-a-later-version"}, {"sentence", "x"}}));
    EXPECT_EQ(notesFromJson(nlohmann::json::array({saved, {{"kind", "of-a-later-version"}}})), Notes{note});
}

TEST(Note, OneOfAKindAndSubjectIsKeptAndOnlyWhatWeighsEnoughHoldsBack) {
    Notes notes;
    addNote(notes, {NoteKind::SealTokenEmpty, "title", {}});
    addNote(notes, {NoteKind::SealTokenEmpty, "title", {}});
    addNote(notes, {NoteKind::SealLogo, "a.svg", {}});
    addNote(notes, {NoteKind::ProfileMissing, "p.icc", {}});
    addNote(notes, {NoteKind::NameTaken, {}, {}});
    EXPECT_EQ(notes.size(), 4U);
    EXPECT_EQ(holdingBack(notes, false, {}).size(), 2U);
    EXPECT_EQ(holdingBack(notes, true, {}).size(), 3U);
    const std::vector<Acceptance> all = {{NoteKind::SealLogo, "a.svg"}, {NoteKind::ProfileMissing, "p.icc"}};
    ASSERT_EQ(holdingBack(notes, false, all).size(), 1U); // without its profile nobody can want it
    EXPECT_EQ(holdingBack(notes, false, all)[0].kind, NoteKind::ProfileMissing);
    EXPECT_EQ(holdingBack(notes, false, {{NoteKind::SealLogo, "b.svg"}}).size(), 2U); // another logo
    EXPECT_EQ(holdingBack(notes, false, {{NoteKind::SealLogo, "*"}}).size(), 1U);
}

TEST(Text, NaturalOrderAndTheNearestWord) {
    EXPECT_TRUE(naturalLess("img2.jpg", "img10.jpg"));
    EXPECT_FALSE(naturalLess("img10.jpg", "img2.jpg"));
    EXPECT_TRUE(naturalLess("IMG2.jpg", "img10.jpg"));
    EXPECT_TRUE(naturalLess("a", "a1"));
    EXPECT_FALSE(naturalLess("a", "a"));
    EXPECT_NE(naturalLess("img02", "img2"), naturalLess("img2", "img02")); // an order over all names
    EXPECT_EQ(nearestWord("stmap", {"plan", "stamp", "seal"}), "stamp");
    EXPECT_EQ(nearestWord("zzz", {"plan", "stamp"}), "");
}
