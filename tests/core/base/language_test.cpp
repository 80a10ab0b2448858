// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/language.h"

#include "base/note.h"
#include "base/problem.h"
#include "base/setting.h"

#include <gmock/gmock.h>
#include <nlohmann/json.hpp>

namespace keepseal {
namespace {

using ::testing::HasSubstr;

/// A few words of another language, with a plural form for exactly two.
class FewWords : public Catalogue {
public:
    std::string find(const char* english, long count) const override {
        static const std::map<std::string, std::string> words = {
            {"tall", "hoch"},
            {"wide", "quer"},
            {", ", " und "},
            {"the delivery takes {shape} pictures only", "nur {shape}, sagt die Lieferung"},
            {"reading it took more than {seconds} seconds of computing", "länger als {seconds} s gelesen"},
            {"Leave it out", "Auslassen"},
            {"kB", "kB!"}};
        if (std::string_view(english) == "{n} copies")
            return count == 1 ? "eine Kopie" : count == 2 ? "beide Kopien ({n})" : "{n} Kopien";
        const auto found = words.find(english);
        return found == words.end() ? std::string() : found->second;
    }
    std::string decimalMark() const override { return ","; }
    std::string tag() const override { return "de"; }
    bool readFromTheRight() const override { return false; }
};

/// What is said before it is English again.
class Spoken : public ::testing::Test {
protected:
    void SetUp() override { speak(std::make_unique<FewWords>()); }
    void TearDown() override { speak(nullptr); }
};

struct Thing {
    double width = 2.5;
};
enum class Outlook { Tall, Wide };
struct Chosen {
    Outlook shape = Outlook::Wide;
};

Note tallOnly() {
    return {NoteKind::NotTaken, {}, {{"why", "the delivery takes {shape} pictures only"}, {"shape", "tall"}}};
}

} // namespace

TEST(Language, EnglishNeedsNoCatalogue) {
    EXPECT_TRUE(speaksEnglish());
    EXPECT_EQ(said("tall"), "tall");
    EXPECT_EQ(saidOf(1, "{n} copy", "{n} copies"), "1 copy");
    EXPECT_EQ(saidOf(0, "{n} copy", "{n} copies"), "0 copies");
    EXPECT_EQ(filledIn("{a} {{a} {b} {", {{"a", "{b}"}}),
              "{b} {a} ? {"); // what stands in is not filled again
    EXPECT_EQ(sentenceOf(tallOnly()), "the delivery takes tall pictures only");
}

TEST_F(Spoken, WordsAndPluralsAreTheLanguages) {
    EXPECT_EQ(said("tall"), "hoch");
    EXPECT_EQ(said("of a kind nobody translated"), "of a kind nobody translated");
    EXPECT_EQ(saidOf(1, "{n} copy", "{n} copies"), "eine Kopie");
    EXPECT_EQ(saidOf(2, "{n} copy", "{n} copies"), "beide Kopien (2)");
    EXPECT_EQ(saidOf(7, "{n} copy", "{n} copies"), "7 Kopien");
    EXPECT_EQ(
        saidOf(2, "{n} of {size}", "{n} of {size}, {file}", {{"size", "2.5 kB"}, {"file", "2.5 km.jpg"}}),
        "2 of 2,5 kB!, 2.5 km.jpg"); // a name is nobody's number
    EXPECT_EQ(saidTogether({"a", "b"}), "a und b");
    EXPECT_EQ(shownBytes(640000), "640 kB!");
    EXPECT_EQ(shownNumber(2.5, 2), "2,5");
}

TEST_F(Spoken, APersonsOwnWordsStay) {
    EXPECT_EQ(saidValue("shape", "tall, wide"), "hoch und quer");
    EXPECT_EQ(saidValue("keyword", "tall"), "tall"); // somebody's keyword
    EXPECT_EQ(saidValue("keyword", "2.5 kB"), "2,5 kB!");
    EXPECT_EQ(saidValue("path", "2026-05-01"), "2026-05-01");
    EXPECT_EQ(saidValue("keyword", "007"), "007");
    EXPECT_EQ(saidValue("keyword", "12345678901234567890"), "12345678901234567890");
}

TEST_F(Spoken, FilesAreWrittenInEnglish) {
    const auto note = tallOnly();
    EXPECT_EQ(sentenceOf(note), "nur hoch, sagt die Lieferung");
    EXPECT_EQ(englishOf(note), "the delivery takes tall pictures only");
    EXPECT_EQ(nlohmann::json(note).at("sentence"), "the delivery takes tall pictures only");

    const Problem slow(
        ProblemKind::TooLarge, "a.jpg",
        Saying("reading it took more than {seconds} seconds of computing", {{"seconds", "20"}}),
        "Leave it out");
    EXPECT_EQ(slow.sentence(), "a.jpg: länger als 20 s gelesen. Auslassen");
    EXPECT_STREQ(slow.what(), "a.jpg: reading it took more than 20 seconds of computing. Leave it out");
    const nlohmann::json kept = slow;
    EXPECT_EQ(kept.at("happened"), "reading it took more than 20 seconds of computing");
    // Read again, by whoever speaks whatever: the same.
    EXPECT_EQ(problemFromJson(kept).sentence(), slow.sentence());
    speak(nullptr);
    EXPECT_EQ(problemFromJson(kept).sentence(), slow.what());
    // As programs before this one wrote it.
    auto old = kept;
    old.erase("happened_words");
    EXPECT_EQ(problemFromJson(old).sentence(), slow.what());
}

TEST_F(Spoken, RowsAreSaidAndValuesKept) {
    const auto row = choiceSetting<Chosen, Outlook>("shape", "tall", &Chosen::shape,
                                                    {{"tall", "tall"}, {"wide", "wide"}}, "");
    EXPECT_EQ(row.label, "hoch");
    EXPECT_EQ(row.choices[1].label, "quer");
    EXPECT_EQ(std::get<std::string>(row.get(Chosen{})), "wide"); // as saved
    EXPECT_EQ(displayText(row, row.get(Chosen{})), "quer");
    const auto number = numberSetting<Thing>("width", "wide", "kB", &Thing::width, {0, 9, 0.1, 1}, "");
    EXPECT_EQ(displayText(number, number.get(Thing{})), "2,5 kB!");
    EXPECT_THAT(allowedText(number), HasSubstr("0 to 9")); // what is typed and saved has a point
}

} // namespace keepseal
