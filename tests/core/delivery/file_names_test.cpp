// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text.h"
#include "delivery/file_names.h"
#include "delivery/which.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <random>

using namespace keepseal;
using ::testing::ElementsAre;
using ::testing::HasSubstr;

namespace {

PlaceSettings named(const std::string& pattern) {
    PlaceSettings place;
    place.name = pattern;
    return place;
}
std::string stemOf(const std::string& pattern, const TextFacts& facts) {
    return copyStem(named(pattern), facts).text;
}

} // namespace

TEST(CopyStem, FillsTokensAndSaysWhichHadNoValue) {
    const TextFacts facts = {{"name", "marsh"}, {"number", "007"}, {"title", ""}};
    EXPECT_EQ(stemOf("{name}-{number}", facts), "marsh-007");
    EXPECT_EQ(stemOf("{title|{name}}", facts), "marsh");
    const auto out = copyStem(named("{title}{name}"), facts);
    EXPECT_EQ(out.text, "marsh");
    EXPECT_THAT(out.missing, ElementsAre("title"));
    EXPECT_EQ(stemOf("{title}", facts), "picture"); // never nameless
}

TEST(CopyStem, AValueCanMakeNoFolderAndNoHiddenFile) {
    EXPECT_EQ(stemOf("{title}", {{"title", "../../etc/passwd"}}), "_-..-etc-passwd");
    EXPECT_EQ(stemOf("{title}", {{"title", ".hidden"}}), "hidden");
    EXPECT_EQ(stemOf("{title}", {{"title", "a\nb\tc:d?"}}), "a b c-d-");
    EXPECT_EQ(stemOf("{title}", {{"title", "..."}}), "picture");
    EXPECT_EQ(stemOf("{title}", {{"title", "NUL"}}), "_NUL"); // other desktops keep it for a device
    EXPECT_EQ(stemOf("{title}", {{"title", "com1.kite"}}), "_com1.kite");
    EXPECT_EQ(stemOf("{title}", {{"title", "company"}}), "company");
    EXPECT_EQ(stemOf("{title}", {{"title", "kites. "}}), "kites");
}

TEST(CopyStem, LettersAndCharactersAreForTheWholeName) {
    auto place = named("{name} {title}");
    const TextFacts facts = {{"name", "BÖE"}, {"title", "über Watt"}};
    place.letters = NameLetters::Lower;
    EXPECT_EQ(copyStem(place, facts).text, "böe über watt");
    place.characters = NameCharacters::NoSpaces;
    EXPECT_EQ(copyStem(place, facts).text, "böe-über-watt");
    place.characters = NameCharacters::Plain;
    EXPECT_EQ(copyStem(place, facts).text, "boe-uber-watt");
    place.letters = NameLetters::Upper;
    place.suffix = "-web";
    EXPECT_EQ(copyFileName("X", place, "jpg", 1), "X-WEB.jpg");
}

TEST(CopyFileName, NumbersAndEndings) {
    PlaceSettings place;
    place.suffix = "-web";
    EXPECT_EQ(copyFileName("marsh", place, "jpg", 1), "marsh-web.jpg");
    EXPECT_EQ(copyFileName("marsh", place, "tif", 3), "marsh-web-3.tif");
}

TEST(CopyFileName, ACutNameKeepsWhatTellsFilesApart) {
    auto place = named("{name}");
    place.longest = 24;
    const std::string same = "Kite festival on the tidal marsh, second evening ";
    const auto one = copyFileName(same + "0001", place, "jpg", 1);
    const auto two = copyFileName(same + "0002", place, "jpg", 1);
    EXPECT_NE(one, two);
    EXPECT_THAT(one, HasSubstr("0001.jpg"));
    EXPECT_LE(one.size(), 24U + 4);
    EXPECT_TRUE(one.starts_with("Kite"));
}

/// Whatever stands in pattern, suffix and values: a plain name that file systems take.
TEST(CopyFileName, AnyBytesMakeANameThatFileSystemsTake) {
    std::mt19937 random(7);
    const std::vector<std::string> pieces = {"{name}", "{title}", "/",         "..", "\\",  "é",   "\xff",
                                             "風",     " ",       ".",         "-",  "aux", "\n",  "{",
                                             "}",      "|",       "e\xcc\x81", "x",  ":",   "\x7f"};
    const auto some = [&] {
        std::string out;
        for (int i = static_cast<int>(random() % 40); i > 0; --i)
            out += pieces[random() % pieces.size()];
        return out;
    };
    for (int i = 0; i < 3000; ++i) {
        PlaceSettings place = named(some());
        place.suffix = cleanedName(some());
        place.characters = static_cast<NameCharacters>(random() % 3);
        place.letters = static_cast<NameLetters>(random() % 3);
        place.longest = 16 + static_cast<int>(random() % 180);
        const TextFacts facts = {{"name", some()}, {"title", some()}};
        const auto name = copyFileName(copyStem(place, facts).text, place, "jpg", 1 + random() % 3);
        ASSERT_LE(name.size(), 255U);
        ASSERT_TRUE(isUtf8(name)) << name;
        ASSERT_EQ(name.find_first_of("/\\:*?\"<>|\n\t\x7f"), std::string::npos) << name;
        ASSERT_FALSE(name.starts_with(".") || name.starts_with(" ")) << name;
        ASSERT_TRUE(name.ends_with(".jpg"));
        const auto below = copySubfolder(place, facts);
        ASSERT_TRUE(below.is_relative());
        for (const auto& piece : below)
            ASSERT_TRUE(piece != ".." && piece != "." && !piece.empty());
    }
}

TEST(CopySubfolder, SlashesOfThePatternPartFoldersAndThoseOfValuesDoNot) {
    PlaceSettings place;
    place.subfolder = "{year}/{title}//x/../";
    EXPECT_EQ(copySubfolder(place, {{"year", "2026"}, {"title", "a/b"}}),
              std::filesystem::path("2026/a-b/x"));
    place.subfolder = "";
    EXPECT_TRUE(copySubfolder(place, {}).empty());
}

TEST(FoldedName, NeitherLetterCaseNorCompositionTellsFilesApart) {
    EXPECT_EQ(foldedName("Böe.JPG"), foldedName("bo\xcc\x88"
                                                "e.jpg"));
    EXPECT_EQ(foldedName("STRASSE"), foldedName("straße"));
    EXPECT_NE(foldedName("a"), foldedName("b"));
}

TEST(NameTokens, WhatAPatternNeedsIsKnownBeforeAnyFileIsOpened) {
    EXPECT_FALSE(needsMetadata(named("{name}-{number}-{delivery}-{folder}-{job_name}")));
    EXPECT_TRUE(needsMetadata(named("{date}")));
    EXPECT_TRUE(needsMetadata(named("{headline|{credit_line}}")));
    EXPECT_TRUE(needsSize(named("{width}x{height}")));
    EXPECT_FALSE(needsMetadata(named("{width}")));
    EXPECT_THAT(unknownTokens(named("{nmae}-{name}")), ElementsAre("nmae"));
    EXPECT_TRUE(unknownTokens(named("{{name}")).empty()); // a plain brace
}

TEST(Which, EveryConditionMustHold) {
    WhichSettings which;
    WhichFacts tall{{300, 400}, 3, {"Kite", "dusk"}};
    EXPECT_EQ(whyNotTaken(which, tall), "");
    which.shape = ShapeWanted::Tall;
    which.rating = 3;
    which.keywords = "lantern, kite";
    EXPECT_EQ(whyNotTaken(which, tall), "");
    EXPECT_THAT(whyNotTaken(which, {{400, 300}, 3, {"kite"}}), HasSubstr("tall"));
    EXPECT_THAT(whyNotTaken(which, {{300, 400}, 2, {"kite"}}), HasSubstr("this one has 2"));
    EXPECT_THAT(whyNotTaken(which, {{300, 400}, {}, {"kite"}}), HasSubstr("no rating"));
    EXPECT_THAT(whyNotTaken(which, {{300, 400}, 5, {"kitesurf"}}), HasSubstr("none of"));
    which.notKeywords = "DUSK";
    EXPECT_THAT(whyNotTaken(which, tall), HasSubstr("DUSK"));
    which = {};
    which.shape = ShapeWanted::Square;
    EXPECT_EQ(whyNotTaken(which, {{1000, 990}, {}, {}}), "");
    EXPECT_NE(whyNotTaken(which, {{1000, 900}, {}, {}}), "");
}
