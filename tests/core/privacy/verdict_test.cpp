// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/rules.h"
#include "privacy/verdict.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

FileReport telling(std::initializer_list<Finding> findings) {
    FileReport out;
    out.findings = findings;
    return out;
}

} // namespace

TEST(Verdict, SaysTheLoudestThingFirst) {
    EXPECT_EQ(tellsOf(telling({})), Tells::Nothing);
    EXPECT_EQ(tellsOf(telling({{"XMP", "dc:creator", "W", Category::Rights}})), Tells::Nothing);
    auto report = telling({{"Exif", "Model", "Heron 24", Category::Camera}});
    EXPECT_EQ(tellsOf(report), Tells::Something);
    EXPECT_THAT(verdict(report), HasSubstr("camera and exposure"));
    report.notSearched.push_back("a part");
    EXPECT_EQ(tellsOf(report), Tells::Unsure); // not knowing is not the same as there being none
    report.findings.push_back({"XMP", "photoshop:City", "Heronsluice", Category::Location, true});
    EXPECT_EQ(tellsOf(report), Tells::Place);
    EXPECT_THAT(verdict(report), HasSubstr("Heronsluice"));
}

TEST(Verdict, ThePageHoldsNoMarkupOfTheFilesAndFetchesNothing) {
    const auto nasty = "<script>alert(1)</script><img src='http://x.example'>";
    const ToldFile file{fs::path("/in/<b>.jpg"), telling({{"XMP", nasty, nasty, Category::Other}}), {}};
    const auto page = toldPage({file, {fs::path("/in/gone.jpg"), {}, "there is no such file"}});
    EXPECT_THAT(page, Not(HasSubstr("<script>")));
    EXPECT_THAT(page, Not(HasSubstr("<img")));
    EXPECT_THAT(page, HasSubstr("&lt;script&gt;"));
    EXPECT_THAT(page, HasSubstr("default-src 'none'"));
    EXPECT_THAT(page, HasSubstr("there is no such file"));
    const auto json = toldJson({file});
    EXPECT_EQ(json[0]["findings"][0]["value"], nasty);
}

TEST(Verdict, FoldersAreLookedThroughButLinksInThemNotFollowed) {
    const TempFolder folder;
    writeFile(folder / "in/deep/a.txt", "a");
    writeFile(folder / "else/b.txt", "b");
    fs::create_symlink(folder / "else/b.txt", folder / "in/link.txt");
    fs::create_directory_symlink(folder / "else", folder / "in/linked");
    EXPECT_EQ(filesIn({folder / "in"}), (std::vector<fs::path>{folder / "in/deep/a.txt"}));
    EXPECT_EQ(filesIn({folder / "nowhere"}).size(), 1U); // named by hand: it is said that it is not there
    EXPECT_FALSE(readTold(folder / "nowhere").problem.empty());
}

TEST(PlaceIn, CountsWholeWordsWhateverTheirCaseAndForm) {
    const std::vector<std::string> names = {"Heronsluice", "Östmarsch", "Rye"};
    EXPECT_EQ(placeIn("At HERONSLUICE.", names), "Heronsluice");
    EXPECT_EQ(placeIn("heronsluice-01_web", names), "Heronsluice");
    EXPECT_EQ(placeIn("bei ÖSTMARSCH", names), "Östmarsch");
    EXPECT_EQ(placeIn("bei O\xCC\x88stmarsch", names), "Östmarsch"); // the mark as a character of its own
    EXPECT_EQ(placeIn("Heronsluicers", names), "");
    EXPECT_EQ(placeIn("Rye bread", names), ""); // three letters stand anywhere by chance
    EXPECT_EQ(placeIn("54.2512, 3.5034", {}), "coordinates");
    EXPECT_EQ(placeIn("", names), "");
}
