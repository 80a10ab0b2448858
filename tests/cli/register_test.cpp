// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register as a person or a script asks it.
#include "support/changes.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;
using ::testing::HasSubstr;

TEST(Cli, TheRegisterTellsWhatBecameOfCopies) {
    const TempFolder folder;
    makePicture(folder / "in/reg_a.jpg", 210, 150);
    makePicture(folder / "in/reg_b.jpg", 220, 150);
    ASSERT_EQ(cli({"stamp", "-q", "-o", folder / "out", folder / "in"}).exitCode, 0);
    EXPECT_EQ(cli({"register", "verify", folder / "out"}).exitCode, 0);
    fs::remove(folder / "out/reg_b.jpg");
    const auto verified = cli({"register", "verify", "--json", folder / "out"});
    EXPECT_EQ(verified.exitCode, 1);
    EXPECT_EQ(json::parse(verified.out)["totals"]["missing"], 1);
    EXPECT_EQ(json::parse(verified.out)["totals"]["untouched"], 1);
    const auto history = cli({"register", "history", folder / "out/reg_a.jpg"});
    EXPECT_EQ(history.exitCode, 0);
    EXPECT_THAT(history.out, HasSubstr("1 copy"));
    EXPECT_THAT(history.out, HasSubstr("untouched"));
    EXPECT_EQ(cli({"register", "history", folder / "none.jpg"}).exitCode, 1);
    EXPECT_EQ(cli({"register", "verify", folder / "none"}).exitCode, 2);
}

TEST(Cli, TheRegisterIsAskedForgetsAndTravels) {
    const TempFolder folder;
    for (int i = 0; i < 3; ++i) {
        const auto bytes = encodeJpeg(drawnScene(i), 90);
        writeFile(folder / "in" / ("heron_" + std::to_string(i) + ".jpg"),
                  std::string(bytes.begin(), bytes.end()));
    }
    ASSERT_EQ(cli({"stamp", "-q", "-o", folder / "out", folder / "in"}).exitCode, 0);
    const auto found = json::parse(cli({"register", "find", "--json", "heron_1"}).out);
    EXPECT_EQ(found["total"], 1);
    EXPECT_EQ(found["copies"][0]["copy"], (folder / "out/heron_1.jpg").string());
    EXPECT_EQ(cli({"register", "find", "heron", "nothing"}).exitCode, 1);
    EXPECT_EQ(cli({"register", "find", "--since", "yesterday"}).exitCode, 2);
    const auto csv = cli({"register", "find", "--csv"}).out;
    EXPECT_EQ(std::count(csv.begin(), csv.end(), '\n'), 4);
    // Met somewhere: smaller, cut, pressed.
    const auto met = encodeJpeg(longSide(cutBy(drawnScene(2), 0.2, 0, 0, 0.1), 420), 40);
    writeFile(folder / "met/page.jpg", std::string(met.begin(), met.end()));
    writeFile(folder / "met/none.jpg", "no picture");
    const auto what = cli({"register", "what", "--json", folder / "met"});
    EXPECT_EQ(what.exitCode, 1); // one of them can't be read
    const auto answers = json::parse(what.out);
    EXPECT_TRUE(answers[0].contains("problem"));
    EXPECT_EQ(answers[1]["known_by"], "looks");
    EXPECT_EQ(answers[1]["known"][0]["original"], (folder / "in/heron_2.jpg").string());
    EXPECT_EQ(cli({"register", "what", folder / "met/page.jpg", "--report", folder / "found.html"}).exitCode,
              0);
    EXPECT_THAT(readText(folder / "found.html"), HasSubstr("heron_2.jpg"));
    EXPECT_EQ(cli({"register", "what", folder / "met", "--report", folder / "two.pdf"}).exitCode, 2);
    // Elsewhere, and back.
    const auto exported = cli({"register", "export"});
    writeFile(folder / "studio.jsonl", exported.out);
    EXPECT_THAT(cli({"register", "import", folder / "studio.jsonl"}).out,
                HasSubstr("0 runs with 0 copies joined, 1 here"));
    {
        const TempFolder other;
        EXPECT_THAT(cli({"register", "import", folder / "studio.jsonl"}).out,
                    HasSubstr("1 run with 3 copies joined"));
        EXPECT_EQ(json::parse(cli({"register", "find", "--json"}).out)["total"], 3);
        EXPECT_EQ(cli({"register", "import", folder / "met/page.jpg"}).exitCode, 2);
    }
    ::setenv("XDG_STATE_HOME", (folder / "state").c_str(), 1);
    // Nothing goes without the word for it.
    EXPECT_EQ(cli({"register", "forget"}).exitCode, 2);
    EXPECT_THAT(cli({"register", "forget", folder / "in/heron_0.jpg"}).out,
                HasSubstr("1 row of 1 ledger would go"));
    EXPECT_EQ(json::parse(cli({"register", "find", "--json"}).out)["total"], 3);
    EXPECT_EQ(cli({"register", "forget", "--yes", folder / "in/heron_0.jpg"}).exitCode, 0);
    EXPECT_EQ(json::parse(cli({"register", "find", "--json"}).out)["total"], 2);
    fs::remove(folder / "state/keep-seal/register.sqlite");
    EXPECT_THAT(cli({"register", "rebuild"}).out, HasSubstr("2 copies of 2 pictures"));
}
