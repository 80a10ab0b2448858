// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Values that stay are written anew: what is no value of its kind stays behind.
#include "base/plain_values.h"
#include "rights/typed.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace std::string_literals;

namespace {

ExifValue tag(std::uint16_t id, int type, std::uint32_t count, const std::string& bytes,
              IfdKind ifd = IfdKind::Exif) {
    return {ifd, id, type, count, {bytes.begin(), bytes.end()}};
}
ExifValue textTag(std::uint16_t id, const std::string& text, IfdKind ifd = IfdKind::Exif) {
    return tag(id, 2, static_cast<std::uint32_t>(text.size() + 1), text + '\0', ifd);
}
std::string number(std::uint32_t value) {
    std::string out;
    for (int i = 0; i < 4; ++i)
        out += static_cast<char>(value >> (8 * i));
    return out;
}
std::optional<std::string> keptText(const ExifValue& value) {
    const auto anew = writtenAnew(value, {"Heronsluice"}, false);
    if (!anew)
        return std::nullopt;
    EXPECT_EQ(anew->count, anew->bytes.size());
    EXPECT_EQ(anew->bytes.back(), 0);
    return std::string(anew->bytes.begin(), anew->bytes.end() - 1);
}

} // namespace

TEST(PlainValues, TimesAreDaysOfTheCalendar) {
    EXPECT_EQ(plainTime("2026:05:01 10:20:30"), "2026-05-01T10:20:30");
    EXPECT_EQ(plainTime("2026-05-01T10:20:30.55+02:00"), "2026-05-01T10:20:30");
    EXPECT_EQ(plainTime("2026-05-01T10:20"), "2026-05-01T10:20:00");
    EXPECT_EQ(plainTime("2024-02-29"), "2024-02-29");
    for (const char* wrong : {"2026-02-29", "2026:13:01 10:20:30", "54.2500 N 3.5 E",
                              "    :  :     :  :  ", "0000:00:00", "2026/05/01", "20260501", "", "2026"})
        EXPECT_FALSE(plainTime(wrong)) << wrong;
    EXPECT_EQ(plainTime("2026:05:01 Heronsluice"), "2026-05-01");
}

TEST(PlainValues, OffsetsLanguagesAndDigits) {
    EXPECT_EQ(plainOffset("+02:00"), "+02:00");
    EXPECT_EQ(plainOffset("2026-05-01T10:20:30.5-0330 at sea"), "-03:30");
    EXPECT_EQ(plainOffset("2026-05-01T10:20:30Z"), "Z");
    for (const char* wrong : {"+54:25", "+2", "", "north", "+02:75"})
        EXPECT_FALSE(plainOffset(wrong)) << wrong;
    EXPECT_EQ(plainLanguage("DE-de"), "de-DE");
    EXPECT_EQ(plainLanguage("sr_latn_RS"), "sr-Latn-RS");
    EXPECT_EQ(plainLanguage("es-419"), "es-419");
    EXPECT_EQ(plainLanguage("x-default"), "x-default");
    EXPECT_EQ(plainLanguage("en-x-Heronsluice"), "en");
    EXPECT_EQ(plainLanguage("en-GB-heronslu-54N"), "en-GB");
    for (const char* wrong : {"Heronsluice", "54.25N 3.5E", "", "e", "x-Heronsluice", "12"})
        EXPECT_FALSE(plainLanguage(wrong)) << wrong;
    EXPECT_EQ(plainDigits("042", 6), "042");
    EXPECT_FALSE(plainDigits("54.25", 6));
    EXPECT_FALSE(plainDigits("5425003500", 6));
}

TEST(Typed, DatesAreDatesAndNothingMore) {
    EXPECT_EQ(keptText(textTag(0x9003, "2026:05:01 10:20:30")), "2026:05:01 10:20:30");
    EXPECT_EQ(keptText(textTag(0x9003, "2026:05:01 10:20:30 Heronsluice, 54.25 N")), "2026:05:01 10:20:30");
    EXPECT_EQ(keptText(textTag(0x9003, "2026:05:01 10:20:30\0Heronsluice"s)), "2026:05:01 10:20:30");
    EXPECT_FALSE(keptText(textTag(0x9003, "Heronsluice")));
    EXPECT_FALSE(keptText(tag(0x9003, 7, 8, "54.25 N ")));
    EXPECT_EQ(keptText(textTag(0x9291, "35")), "35");
    EXPECT_FALSE(keptText(textTag(0x9291, "54.25")));
    EXPECT_EQ(keptText(textTag(0x9011, "+02:00 Heronsluice")), "+02:00");
}

TEST(Typed, NumbersAreNumbersInTheirRange) {
    const auto fraction = [](std::uint32_t over, std::uint32_t under) {
        return writtenAnew(tag(0x829A, 5, 1, number(over) + number(under)), {}, false);
    };
    ASSERT_TRUE(fraction(10, 6400));
    EXPECT_EQ(fraction(10, 6400)->bytes, (tag(0, 0, 0, number(1) + number(640)).bytes));
    EXPECT_FALSE(fraction(0x6F726548, 1)) << "'Hero'";
    const auto long_ = fraction(0x6F726548, 0x65686C73); // the same value, but not the same letters
    ASSERT_TRUE(long_);
    EXPECT_EQ(std::string(long_->bytes.begin(), long_->bytes.end()).find("Hero"), std::string::npos);
    EXPECT_FALSE(writtenAnew(tag(0x8827, 4, 1, "Hero"), {}, false));
    EXPECT_TRUE(writtenAnew(tag(0x8827, 3, 1, std::string("\x90\x01", 2)), {}, false));
    EXPECT_FALSE(writtenAnew(tag(0x9209, 3, 4, std::string(8, 1)), {}, false)) << "flash is one number";
    EXPECT_FALSE(writtenAnew(tag(0xA302, 7, 8, "Heronslu"), {}, false)) << "no bytes of unknown meaning";
    EXPECT_FALSE(writtenAnew(tag(0x927C, 7, 8, "Heronslu"), {}, false));
    EXPECT_FALSE(isKeptTag(IfdKind::Exif, 0x9214)) << "a copy has other pixels than its original";
}

TEST(Typed, TextsAreOneLineWithoutThePlace) {
    EXPECT_EQ(keptText(textTag(0x0110, "Heron 24", IfdKind::Image)), "Heron 24");
    EXPECT_FALSE(keptText(textTag(0xA430, "Studio at Heronsluice")));
    EXPECT_FALSE(keptText(textTag(0xA431, "54.25012 N, 3.50034 E")));
    EXPECT_LE(keptText(textTag(0x0110, std::string(4000, 'x'), IfdKind::Image)).value_or("").size(), 130U);
    const auto open = writtenAnew(textTag(0xA430, "Studio at Heronsluice"), {"Heronsluice"}, true);
    EXPECT_TRUE(open) << "the person opened the place in words";
}

TEST(Typed, HistoryIsAProgramAndItsTimes) {
    EXPECT_EQ(historyAnew("xmp:CreatorTool", "Darkroom 4.1", {}, false), "Darkroom 4.1");
    EXPECT_EQ(historyAnew("xmp:ModifyDate", "2026-05-01T10:20:30+02:00 at Heronsluice", {}, false),
              "2026-05-01T10:20:30+02:00");
    EXPECT_FALSE(historyAnew("xmp:ModifyDate", "Heronsluice", {}, false));
    EXPECT_FALSE(historyAnew("xmp:CreatorTool", "made in Heronsluice", {"Heronsluice"}, false));
    EXPECT_FALSE(historyAnew("xmpMM:DocumentID", "anything", {}, false));
    EXPECT_EQ(historyAnew("xmp:Rating", "4", {}, false), "4");
    EXPECT_FALSE(historyAnew("xmp:Rating", "54.25", {}, false));
}
