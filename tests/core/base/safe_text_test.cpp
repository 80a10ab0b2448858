// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/safe_text.h"
#include "delivery/file_names.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace std::string_literals;

TEST(SafeText, ATerminalIsToldNothing) {
    EXPECT_EQ(shownInTerminal("marsh\x1b]0;owned\x07.jpg"), "marsh\\x1b]0;owned\\x07.jpg");
    EXPECT_EQ(shownInTerminal("a\nb\tc\x7f"), "a\\nb\\tc\\x7f");
    EXPECT_EQ(shownInTerminal("photo\u202Egpj.exe"), "photo\\u202egpj.exe");
    EXPECT_EQ(shownInTerminal("\u200Bx\uFEFF\u009B31m"), "\\u200bx\\ufeff\\u009b31m");
    EXPECT_EQ(shownInTerminal("W\xF6hr \xC3\xB6 \u4E2D \U0001F426"), "W\\xf6hr \xC3\xB6 \u4E2D \U0001F426");
    EXPECT_EQ(shownInTerminal("\xE2\x80"s), "\\xe2\\x80");
}

TEST(SafeText, NoCellIsAFormulaInAnyLocale) {
    for (const auto* formula : {"=1+1", "+1", "-1", "@sum(a1)", "  =1", "\t=1", "\n=1", "\uFF1D1", "|cmd"}) {
        const auto cell = csvCell(formula);
        EXPECT_TRUE(cell.starts_with("'") || cell.starts_with("\"'")) << cell;
        EXPECT_EQ(withoutFormulaMark("'"s + formula), formula);
    }
    EXPECT_EQ(csvCell("a;=1"), "\"a;=1\"") << "a semicolon ends a cell in half of Europe";
    EXPECT_EQ(csvCell("a\t=1"), "\"a\t=1\"");
    EXPECT_EQ(csvCell("say \"so\""), "\"say \"\"so\"\"\"");
    EXPECT_EQ(csvCell("Mist over the sluice"), "Mist over the sluice");
    EXPECT_EQ(withoutFormulaMark("'twas misty"), "'twas misty");
}

TEST(SafeText, NamesHoldNothingUnseen) {
    EXPECT_EQ(cleanedName("photo\u202Egpj.exe"), "photogpj.exe");
    EXPECT_EQ(cleanedName("\u200Bmarsh\u2066\uFEFF"), "marsh");
    EXPECT_EQ(cleanedName("-rf marsh"), "_-rf marsh");
    PlaceSettings place;
    place.suffix = "\u202E/../web\x1b";
    const auto name = copyFileName("marsh", place, "jpg", 2);
    EXPECT_EQ(name, "marsh-..-web-2.jpg");
}
