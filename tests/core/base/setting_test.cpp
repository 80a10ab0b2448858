// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Settings as data: what is allowed, what is said about what is not, and their way through JSON and the
// command line.
#include "base/files.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "delivery/json.h"
#include "delivery/stations.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

struct SampleRow {
    bool on = true;
    double size = 4.5;
    int count = 3;
    std::string text = "kite";
    Rgb colour{1, 2, 3};
    Anchor side = Anchor::Top;
};

const std::vector<Setting<SampleRow>>& table() {
    static const std::vector<Setting<SampleRow>> rows = {
        switchSetting("on", "On", &SampleRow::on, "h"),
        numberSetting("size", "Size", "% of it", &SampleRow::size, {0.5, 40, 0.1, 1}, "h"),
        numberSetting("count", "Count", "px", &SampleRow::count, {1, 10, 1, 0}, "h"),
        textSetting("text", "Text", &SampleRow::text, false, "h"),
        colourSetting("colour", "Colour", &SampleRow::colour, "h"),
        choiceSetting<SampleRow, Anchor>("side", "Side", &SampleRow::side,
                                         {{"a", "First"}, {"b", "Second"}, {"c", "Third"}}, "h"),
    };
    return rows;
}

std::string refusal(const char* key, const SettingValue& value) {
    try {
        validate(*rowOf(table(), key), std::string("x.") + key, value);
    } catch (const Problem& problem) {
        EXPECT_EQ(problem.subject, std::string("x.") + key);
        EXPECT_THAT(problem.remedy, HasSubstr("Allowed: "));
        return problem.happened;
    }
    return {};
}

} // namespace

TEST(Settings, TakeWhatIsAllowedUpToTheEnds) {
    for (const double value : {0.5, 40.0, 12.3})
        EXPECT_EQ(refusal("size", value), "");
    for (const double value : {1.0, 10.0})
        EXPECT_EQ(refusal("count", value), "");
    EXPECT_EQ(refusal("on", false), "");
    EXPECT_EQ(refusal("text", std::string()), "");
    EXPECT_EQ(refusal("colour", std::string("#A0b1C2")), "");
    EXPECT_EQ(refusal("side", std::string("c")), "");
}

TEST(Settings, RefuseTheRestAndSayTheValue) {
    EXPECT_THAT(refusal("size", 0.49), HasSubstr("0.49"));
    EXPECT_THAT(refusal("size", 1e300), HasSubstr("not allowed"));
    EXPECT_NE(refusal("size", std::nan("")), "");
    EXPECT_NE(refusal("size", std::string("4")), "");
    EXPECT_THAT(refusal("count", 2.5), HasSubstr("2.5"));
    EXPECT_NE(refusal("on", 1.0), "");
    EXPECT_THAT(refusal("text", std::string("two\nlines")), HasSubstr("line break"));
    EXPECT_THAT(refusal("text", std::string("\xFF\xFE")), HasSubstr("UTF-8"));
    EXPECT_NE(refusal("text", std::string(5000, 'x')), "");
    EXPECT_NE(refusal("text", std::string("a\0b", 3)), "");
    for (const auto* colour : {"red", "#12345", "#1234567", "#12345g", "123456"})
        EXPECT_NE(refusal("colour", std::string(colour)), "") << colour;
    EXPECT_THAT(refusal("side", std::string("d")), HasSubstr("\"d\""));
}

TEST(Settings, SayWhatIsAllowedInWords) {
    EXPECT_EQ(allowedText(*rowOf(table(), "size")), "a number from 0.5 to 40 % of it");
    EXPECT_EQ(allowedText(*rowOf(table(), "count")), "a whole number from 1 to 10 px");
    EXPECT_EQ(allowedText(*rowOf(table(), "side")), "one of a, b, c");
    EXPECT_EQ(displayText(*rowOf(table(), "side"), std::string("b")), "Second");
    EXPECT_EQ(displayText(*rowOf(table(), "count"), 7.0), "7 px");
    EXPECT_EQ(displayText(*rowOf(table(), "on"), true), "on");
}

TEST(Settings, AreReadFromACommandLine) {
    const auto read = [](const char* key, const char* text) {
        return parseValue(*rowOf(table(), key), key, text);
    };
    EXPECT_EQ(std::get<double>(read("size", "7.5")), 7.5);
    EXPECT_EQ(std::get<bool>(read("on", "off")), false);
    EXPECT_EQ(std::get<std::string>(read("side", "a")), "a");
    EXPECT_THROW(read("size", "7.5x"), Problem);
    EXPECT_THROW(read("size", ""), Problem);
    EXPECT_THROW(read("on", "maybe"), Problem);
}

TEST(Settings, GoThroughJsonAndKeepWhatIsNotTheirs) {
    SampleRow sample;
    sample.count = 9;
    sample.side = Anchor::TopRight;
    nlohmann::json json = {{"theirs", 1}};
    writeRows(json, table(), sample);
    EXPECT_EQ(json["count"], 9);
    EXPECT_TRUE(json["count"].is_number_integer());
    EXPECT_EQ(json["side"], "c");
    SampleRow back;
    readRows(json, table(), back, "s.");
    EXPECT_EQ(back.count, 9);
    EXPECT_EQ(back.side, Anchor::TopRight);
    EXPECT_EQ(withoutRows(json, table()), (nlohmann::json{{"theirs", 1}}));
    json["size"] = nlohmann::json::array();
    try {
        readRows(json, table(), back, "s.");
        FAIL();
    } catch (const Problem& problem) {
        EXPECT_EQ(problem.subject, "s.size");
    }
    const auto schema = schemaOfRows(table());
    EXPECT_EQ(schema["size"]["minimum"], 0.5);
    EXPECT_EQ(schema["count"]["type"], "integer");
    EXPECT_EQ(schema["side"]["enum"].size(), 3U);
    EXPECT_EQ(schema["on"]["type"], "boolean");
}

TEST(Settings, EveryRowOfADeliverySurvivesItsFileAtBothEnds) {
    const TempFolder folder;
    for (const bool most : {false, true}) {
        Delivery delivery;
        for (const auto& s : stations())
            for (const auto& row : s.settings) {
                if (row.kind == SettingKind::Number)
                    row.set(delivery, most ? row.range.max : row.range.min);
                else if (row.kind == SettingKind::Switch)
                    row.set(delivery, most);
                else if (row.kind == SettingKind::Choice)
                    row.set(delivery, (most ? row.choices.back() : row.choices.front()).key);
            }
        delivery.privacy.locationWords = kLocationWords; // without them it would not be read
        saveDelivery(delivery, folder / "d.json");
        const auto back = loadDelivery(folder / "d.json");
        for (const auto& s : stations())
            for (const auto& row : s.settings)
                EXPECT_EQ(row.get(back), row.get(delivery)) << s.key << "." << row.key;
    }
}

TEST(Settings, EveryRowCanBeAssignedByItsOwnDefault) {
    for (const auto& s : stations())
        for (const auto& row : s.settings) {
            Delivery delivery;
            const auto value = row.get(delivery);
            std::string text;
            if (const auto* on = std::get_if<bool>(&value))
                text = *on ? "true" : "false";
            else if (const auto* number = std::get_if<double>(&value))
                text = trimmedNumber(*number, 6);
            else
                text = std::get<std::string>(value);
            EXPECT_NO_THROW(assign(delivery, s.key + "." + row.key + "=" + text)) << s.key << "." << row.key;
            EXPECT_EQ(row.get(delivery), value);
        }
}

TEST(Files, ANewFileNeverTakesTheNameOfAnother) {
    const TempFolder folder;
    const Bytes bytes = {1, 2, 3};
    writeNewFile(folder / "a", bytes);
    EXPECT_EQ(readFile(folder / "a"), bytes);
    EXPECT_THROW(writeNewFile(folder / "a", bytes), Problem);
    fs::create_symlink(folder / "elsewhere", folder / "link");
    EXPECT_THROW(writeNewFile(folder / "link", bytes), Problem);
    EXPECT_FALSE(fs::exists(folder / "elsewhere"));
    EXPECT_THROW(writeNewFile(folder / "no/such/folder", bytes), Problem);
}

TEST(Utf8, IsCutOnlyBetweenCharacters) {
    const std::string text = "a©凧🪁b";
    for (std::size_t most = 0; most <= text.size() + 1; ++most) {
        const auto cut = cutUtf8(text, most);
        EXPECT_LE(cut.size(), most);
        EXPECT_TRUE(isUtf8(cut));
        EXPECT_EQ(text.substr(0, cut.size()), cut);
        EXPECT_LE(std::min(most, text.size()) - cut.size(),
                  3U); // never more than a started character is lost
    }
    for (const auto* bad : {"\xC3", "\x80", "\xE0\x80\x80", "\xF8\x88\x80\x80\x80", "a\xED\xA0\x80"})
        EXPECT_FALSE(isUtf8(bad)) << bad;
}
