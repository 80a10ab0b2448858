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
    report.notSearched.push_back({"", "a part"});
    EXPECT_EQ(tellsOf(report), Tells::Unsure); // not knowing is not the same as there being none
    report.findings.push_back({"XMP", "photoshop:City", "Heronsluice", Category::Location, true});
    EXPECT_EQ(tellsOf(report), Tells::Place);
    EXPECT_THAT(verdict(report), HasSubstr("Heronsluice"));
}

TEST(Verdict, JsonHoldsWhatWasFoundAsItIs) {
    const auto nasty = "<script>alert(1)</script>";
    const auto json =
        toldJson({{fs::path("/in/<b>.jpg"), telling({{"XMP", nasty, nasty, Category::Other}}), {}}});
    EXPECT_EQ(json[0]["findings"][0]["value"], nasty);
}

TEST(Verdict, FoldersAreLookedThroughButLinksInThemNotFollowed) {
    const TempFolder folder;
    writeFile(folder / "in/deep/a.txt", "a");
    writeFile(folder / "else/b.txt", "b");
    fs::create_symlink(folder / "else/b.txt", folder / "in/link.txt");
    fs::create_directory_symlink(folder / "else", folder / "in/linked");
    const auto all = filesIn({folder / "in"});
    EXPECT_EQ(all.files, (std::vector<fs::path>{folder / "in/deep/a.txt"}));
    EXPECT_EQ(all.notRead.size(), 2U); // and it is said that they were not
    EXPECT_EQ(filesIn({folder / "nowhere"}).files.size(),
              1U); // named by hand: it is said that it is not there
    EXPECT_FALSE(readTold(folder / "nowhere").problem.empty());
}

TEST(PlacesIn, CountsWholeWordsWhateverTheirCaseAndForm) {
    using Names = std::vector<std::string>;
    const Names names = {"Heronsluice", "Östmarsch", "Rye"};
    EXPECT_EQ(placesIn("At HERONSLUICE.", names), Names{"Heronsluice"});
    EXPECT_EQ(placesIn("heronsluice-01_web", names), Names{"Heronsluice"});
    EXPECT_EQ(placesIn("bei ÖSTMARSCH", names), Names{"Östmarsch"});
    EXPECT_EQ(placesIn("bei O\xCC\x88stmarsch", names),
              Names{"Östmarsch"}); // the mark as a character of its own
    EXPECT_EQ(placesIn("Heronsluice, Östmarsch", names), (Names{"Heronsluice", "Östmarsch"})); // all of them
    EXPECT_TRUE(placesIn("Heronsluicers", names).empty());
    EXPECT_TRUE(placesIn("Rye bread", names).empty()); // three letters stand anywhere by chance
    EXPECT_EQ(placesIn("54.2512, 3.5034", {}), Names{kCoordinates});
    EXPECT_TRUE(placesIn("", names).empty());
}
