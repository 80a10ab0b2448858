// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/told_page.h"

#include "support/marked_words.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::ElementsAre;
using ::testing::HasSubstr;
using ::testing::IsEmpty;
using ::testing::Not;

namespace {

constexpr const char* kNasty = "<script>alert(1)</script><img src='http://x.example'>";

std::vector<ToldFile> nastyAndGone() {
    ToldFile nasty{"/in/<b>.jpg", {}, {}};
    nasty.report.findings = {{"XMP", kNasty, kNasty, Category::Other}};
    return {nasty, {"/in/gone.jpg", {}, "there is no such file"}};
}

} // namespace

TEST(ToldPage, HoldsNoMarkupOfTheFilesAndFetchesNothing) {
    const auto page = toldPage(nastyAndGone());
    EXPECT_THAT(page, Not(HasSubstr("<script>")));
    EXPECT_THAT(page, Not(HasSubstr("<img")));
    EXPECT_THAT(page, HasSubstr("&lt;script&gt;"));
    EXPECT_THAT(page, HasSubstr("default-src 'none'"));
    EXPECT_THAT(page, HasSubstr("there is no such file"));
    EXPECT_THAT(page, HasSubstr("2 files. 0 of them tell a place."));
}

TEST(ToldPage, SpeaksTheLanguageOfWhoKeepsIt) {
    const SpeaksMarked marked;
    const auto page = toldPage(nastyAndGone());
    EXPECT_THAT(page, HasSubstr("lang=\"ar\" dir=\"rtl\""));
    for (const auto& [open, close] : {std::pair{"<h1>", "</h1>"},
                                      {"<title>", "</title>"},
                                      {"<th>", "</th>"},
                                      {"<p>", "</p>"},
                                      {"<p class=place>", "</p>"}})
        EXPECT_THAT(unmarkedBetween(page, open, close), IsEmpty()) << open;
    // A file's own words are nobody's to translate.
    EXPECT_THAT(unmarkedBetween(page, "<h2><bdi>", "</bdi>"), ElementsAre("&lt;b&gt;.jpg", "gone.jpg"));
}
