// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The libraries from a shell: their verbs, and the completion that names what lies in them.
#include "delivery/json.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;
using ::testing::HasSubstr;

TEST(Cli, SealsAreListedDrawnSharedAndPutOn) {
    const TempFolder folder;
    EXPECT_THAT(cli({"seal", "list"}).out, HasSubstr("shipped-house-mark"));
    EXPECT_EQ(cli({"seal", "render", "House mark", "--width", "320", "-o", folder / "mark.png"}).exitCode, 0);
    const auto drawn = vips::VImage::new_from_file((folder / "mark.png").c_str());
    EXPECT_EQ(drawn.width(), 320);
    EXPECT_EQ(drawn.bands(), 4);
    EXPECT_EQ(cli({"seal", "render", "House mark", "-o", folder / "mark.png"}).exitCode, 2); // never replaces
    EXPECT_EQ(cli({"seal", "render", "no such seal", "-o", folder / "x.png"}).exitCode, 2);
    EXPECT_EQ(cli({"seal", "export", "shipped-house-mark", "-o", folder / "mark.zip"}).exitCode, 0);
    EXPECT_THAT(cli({"seal", "import", folder / "mark.zip"}).out, HasSubstr("House mark"));
    const auto listed = json::parse(cli({"seal", "list", "--json"}).out);
    EXPECT_EQ(listed["seals"][0]["key"], "house-mark-2");
    makePicture(folder / "a.jpg", 600, 400);
    const auto plain = cli({"proof", folder / "a.jpg", "-o", folder / "plain.png", "-s", "seal.on=false"});
    const auto sealed =
        cli({"proof", folder / "a.jpg", "-o", folder / "sealed.png", "--seal", "house-mark-2"});
    EXPECT_EQ(plain.exitCode + sealed.exitCode, 0) << sealed.err;
    EXPECT_NE(readFile(folder / "plain.png"), readFile(folder / "sealed.png"));
}

TEST(Cli, SheetsAreListedKeptWrittenAndUsed) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    EXPECT_THAT(cli({"sheet", "list"}).out, HasSubstr("ask-first"));
    writeFile(folder / "mine.json", R"({"format":"keep-seal/rights-sheet","version":1,"name":"Mine","rules":[
        {"field":"creator","action":"replace","value":["Wrenna Oake"]},
        {"field":"copyright_notice","action":"replace","value":"© {this_year} {creator}"}]})");
    EXPECT_EQ(cli({"sheet", "keep", folder / "mine.json"}).exitCode, 0);
    EXPECT_THAT(cli({"sheet", "list"}).out, HasSubstr("mine  Mine  (yours)"));
    EXPECT_EQ(cli({"sheet", "export", "Mine", "-o", folder / "mine.xmp"}).exitCode, 0);
    EXPECT_EQ(exiftool(folder / "mine.xmp", "XMP-dc:Creator"), "Wrenna Oake");
    EXPECT_EQ(cli({"stamp", "--sheet", "Mine", "--out", folder / "out", folder / "in"}).exitCode, 0);
    EXPECT_THAT(exiftool(folder / "out/a.jpg", "Copyright"), HasSubstr("Wrenna Oake"));
    EXPECT_EQ(cli({"stamp", "--sheet", "Nobody", "--out", folder / "out", folder / "in"}).exitCode, 2);
}

TEST(Cli, CompletionAndManualAreTheProgramsOwn) {
    const auto completion = readText(fs::path(KEEPSEAL_SOURCE) / "assets/completion/keep-seal-cli.bash");
    EXPECT_EQ(completion, cli({"settings", "--completion"}).out);
    for (const std::string shell : {"zsh", "fish"}) {
        const auto made = readText(fs::path(KEEPSEAL_SOURCE) / ("assets/completion/keep-seal-cli." + shell));
        EXPECT_EQ(made, cli({"settings", "--completion-for", shell}).out);
        for (const auto* word : {"outbox", "letters", "deliver-all-the-same", "register"})
            EXPECT_THAT(made, HasSubstr(word)) << shell;
    }
    EXPECT_EQ(readText(fs::path(KEEPSEAL_SOURCE) / "docs/keep-seal-cli.1"),
              cli({"settings", "--manual"}).out);
    EXPECT_EQ(readText(fs::path(KEEPSEAL_SOURCE) / "docs/keep-seal.1"),
              cli({"settings", "--manual-of-window"}).out);
    EXPECT_THAT(completion, HasSubstr("--deliver-all-the-same"));
    EXPECT_EQ(runProgram({"bash", "-n", KEEPSEAL_SOURCE "/assets/completion/keep-seal-cli.bash"}).exitCode,
              0);
}

TEST(Cli, CompletionOffersNamesAndRunsNothingThatStandsInThem) {
    const TempFolder folder;
    auto delivery = sampleDelivery("/somewhere");
    delivery.name = "Web $(touch " + (folder / "run").string() + ") *";
    delivery.notes = "`touch " + (folder / "run").string() + "`";
    saveDelivery(delivery, folder / "theirs.json");
    ASSERT_EQ(cli({"library", "keep", folder / "theirs.json"}).exitCode, 0);
    const auto offered = [&](const std::string& words) {
        return runProgram({"bash", "-c",
                           "PATH=" + fs::path(KEEPSEAL_CLI).parent_path().string() +
                               ":$PATH; compopt() { :; }; . " KEEPSEAL_SOURCE
                               "/assets/completion/keep-seal-cli.bash; COMP_WORDS=(" +
                               words +
                               "); COMP_CWORD=$((${#COMP_WORDS[@]} - 1)); _keep_seal_cli; printf '%s\\n' "
                               "\"${COMPREPLY[@]}\""})
            .out;
    };
    EXPECT_THAT(offered("keep-seal-cli stamp -d Web"), HasSubstr("Web gallery\n"));
    EXPECT_THAT(offered("keep-seal-cli stamp -d Web"), HasSubstr(delivery.name + "\n"));
    EXPECT_THAT(offered("keep-seal-cli stamp --border Quiet"), HasSubstr("Quiet white mat\n"));
    EXPECT_THAT(offered("keep-seal-cli stamp -s seal.si"), HasSubstr("seal.size=\n"));
    EXPECT_THAT(offered("keep-seal-cli sta"), HasSubstr("stamp\n"));
    EXPECT_FALSE(fs::exists(folder / "run"));
}

TEST(Cli, TheLibraryKeepsSharesAndTakesDeliveries) {
    const TempFolder folder;
    auto delivery = sampleDelivery("/somewhere");
    delivery.name = "Tide office";
    saveDelivery(delivery, folder / "office.json");
    EXPECT_EQ(cli({"library", "keep", (folder / "office.json").string()}).exitCode, 0);
    EXPECT_THAT(cli({"library", "list"}).out, HasSubstr("Tide office"));
    EXPECT_EQ(cli({"library", "export", "Tide office", "-o", (folder / "x.zip").string()}).exitCode, 0);
    EXPECT_EQ(cli({"library", "remove", "Tide office"}).exitCode, 0);
    EXPECT_EQ(cli({"library", "show", "Tide office"}).exitCode, 2);
    EXPECT_EQ(cli({"library", "import", (folder / "x.zip").string()}).exitCode, 0);
    EXPECT_THAT(cli({"library", "show", "Tide office"}).out, HasSubstr("\"keep-seal/delivery\""));
    EXPECT_EQ(cli({"library", "remove", "Web gallery"}).exitCode, 2); // comes with the program
}

TEST(Cli, TheLibraryReplacesNoOtherOfThatNameUnasked) {
    const TempFolder folder;
    auto first = cli({"settings", "--defaults"}).out;
    writeFile(folder / "one.json", first);
    auto other = json::parse(first);
    other["notes"] = "another one";
    writeFile(folder / "two.json", other.dump());
    EXPECT_EQ(cli({"library", "keep", folder / "one.json"}).exitCode, 0);
    EXPECT_EQ(cli({"library", "keep", folder / "one.json"}).exitCode, 0); // the same
    const auto ran = cli({"library", "keep", folder / "two.json"});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_THAT(ran.err, HasSubstr("--replace"));
    EXPECT_EQ(cli({"library", "keep", "--replace", folder / "two.json"}).exitCode, 0);
}

TEST(Cli, AllLibrariesHaveTheSameVerbs) {
    struct Kind {
        std::string command, shipped, ending;
    };
    for (const auto& [command, shipped, ending] :
         {Kind{"library", "Web gallery", ".zip"}, Kind{"seal", "House mark", ".zip"},
          Kind{"border", "Quiet white mat", ".json"}, Kind{"sheet", "Ask before any use", ".json"}}) {
        const TempFolder folder;
        const auto says = [&library = command](std::vector<std::string> words) {
            words.insert(words.begin(), library);
            return cli(words);
        };
        const auto document = json::parse(says({"show", shipped}).out);
        auto mine = document;
        mine["name"] = "Mine";
        writeFile(folder / "mine.json", mine.dump());
        ASSERT_EQ(says({"keep", folder / "mine.json"}).exitCode, 0) << command;
        EXPECT_EQ(says({"keep", folder / "mine.json"}).exitCode, 0) << command; // the same again
        EXPECT_THAT(says({"list"}).out, HasSubstr("Mine  (yours)")) << command;
        const auto listed = json::parse(says({"list", "--json"}).out);
        std::string key;
        for (const auto& [what, rows] : listed.items())
            for (const auto& row : rows)
                if (row.contains("name") && row["name"] == "Mine")
                    key = row["key"];
        const auto file = (folder / ("shared" + ending)).string();
        EXPECT_EQ(says({"export", "Mine", "-o", file}).exitCode, 0) << command;
        EXPECT_EQ(says({"export", "Mine", "-o", file}).exitCode, 2) << command; // never replaces
        EXPECT_EQ(says({"remove", "Mine"}).exitCode, 0) << command;
        EXPECT_EQ(says({"show", "Mine"}).exitCode, 2) << command;
        EXPECT_EQ(says({"restore", key}).exitCode, 0) << command;
        EXPECT_EQ(says({"show", "Mine"}).exitCode, 0) << command;
        EXPECT_EQ(says({"remove", "Mine"}).exitCode, 0) << command;
        EXPECT_EQ(says({"import", file}).exitCode, 0) << command;
        EXPECT_EQ(says({"show", "Mine"}).exitCode, 0) << command;
        EXPECT_EQ(says({"remove", shipped}).exitCode, 2) << command; // comes with the program
    }
}
