// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The command line as a person or a script uses it: a real process each time.
#include "delivery/json.h"
#include "job/job.h"
#include "picture/original.h"
#include "privacy/report.h"
#include "render/chain_plan.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <sstream>

#include <chrono>
#include <csignal>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;
using ::testing::HasSubstr;

TEST(Cli, HelpAndVersionExplainThemselves) {
    EXPECT_EQ(cli({"--help"}).exitCode, 0);
    EXPECT_THAT(cli({"--help"}).out, HasSubstr("Exit codes"));
    EXPECT_THAT(cli({"stamp", "--help"}).out, HasSubstr("--delivery"));
    // Kept pages are those that the commands print, who answer as soon as anything else is said.
    EXPECT_EQ(cli({"stamp", "--help"}).out, cli({"stamp", "--quiet", "--help"}).out);
    EXPECT_EQ(cli({"register", "find", "-h"}).out, cli({"register", "find", "a word", "--help"}).out);
    EXPECT_THAT(cli({"register", "find", "--help"}).out, HasSubstr("keep-seal-cli register find"));
    EXPECT_EQ(cli({"no-such-command", "--help"}).out, cli({"--help"}).out); // as CLI11 has it
    const auto version = cli({"--version"});
    EXPECT_EQ(version.exitCode, 0);
    EXPECT_THAT(version.out, HasSubstr("Keep Seal " KEEPSEAL_VERSION "\n"));
    EXPECT_THAT(version.out, HasSubstr(std::string("  libvips ") + vips_version_string()));
    EXPECT_EQ(cli({}).exitCode, 2);
    EXPECT_EQ(cli({"stamp", "--no-such-thing"}).exitCode, 2);
}

TEST(Cli, StampWritesCopiesAndCheckTellsTheTwoApart) {
    const TempFolder folder;
    Planted planted;
    planted.gps = true;
    makePicture(folder / "in/a.jpg", 300, 200, planted);
    const auto ran =
        cli({"stamp", "--json", "--out", folder / "out", "-s", "rights.creator=Wrenna Oake", folder / "in"});
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    const auto ledger = json::parse(ran.out);
    EXPECT_EQ(ledger["rows"][0]["outcome"], "made");
    EXPECT_EQ(ledger["rows"][0]["checksum_before"].get<std::string>().size(), 32U);
    EXPECT_EQ(ledger["rows"][0]["checksum_before"], ledger["rows"][0]["checksum_after"]);
    EXPECT_EQ(cli({"check", folder / "in/a.jpg"}).exitCode, 1);
    EXPECT_THAT(cli({"check", folder / "in/a.jpg"}).out, HasSubstr("54.25 N, 3.5 E"));
    EXPECT_EQ(cli({"check", folder / "out/a.jpg"}).exitCode, 0);
    EXPECT_THAT(cli({"check", folder / "out/a.jpg"}).out, HasSubstr("Wrenna Oake"));
}

TEST(Cli, PlanWritesNothing) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    const auto ran = cli({"plan", "--json", "--out", folder / "out", folder / "in"});
    EXPECT_EQ(ran.exitCode, 0);
    EXPECT_EQ(json::parse(ran.out)["copies"][0]["copy"], (folder / "out/a.jpg").string());
    EXPECT_FALSE(fs::exists(folder / "out"));
}

TEST(Cli, PlanPrintsTheSizeAfterEachStation) {
    const TempFolder folder;
    makePicture(folder / "in/a.png", 600, 400);
    const std::vector<std::string> call = {
        "plan", "--out",          folder / "out", "--border",          "quiet-mat",
        "-s",   "turn.shape=1:1", "-s",           "fit.long_side=200", folder / "in"};
    const auto ran = cli(call);
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    EXPECT_THAT(ran.out,
                HasSubstr("600 x 400 > cropped 400 x 400 > fitted 200 x 200 > with border 228 x 228"));
    auto asJson = call;
    asJson.insert(asJson.begin() + 1, "--json");
    const auto sizes = json::parse(cli(asJson).out)["copies"][0]["sizes"];
    EXPECT_EQ(sizes["cropped"], (json{400, 400}));
    EXPECT_EQ(sizes["whole"], (json{228, 228}));
    auto enlarged = call;
    enlarged.insert(enlarged.end() - 1, {"-s", "fit.enlarge=always", "-s", "fit.long_side=800"});
    EXPECT_THAT(cli(enlarged).out, HasSubstr("enlarged to 200 %"));
}

TEST(Cli, StampsWithABorderOfTheLibraryAndLeavesItsOwnCopiesAlone) {
    const TempFolder folder;
    makePicture(folder / "in/a.png", 300, 200);
    EXPECT_THAT(cli({"border", "list"}).out, HasSubstr("quiet-mat  Quiet white mat"));
    const auto first = cli({"stamp", "--out", folder / "out", "--border", "Quiet white mat", "-s",
                            "file.png=true", folder / "in"});
    EXPECT_EQ(first.exitCode, 0) << first.err;
    EXPECT_EQ(exiftool(folder / "out/a.png", "ImageWidth"), "328");
    EXPECT_EQ(exiftool(folder / "out/a.jpg", "ImageHeight"), "228");
    const auto twice = cli({"stamp", "--out", folder / "again", folder / "out"});
    EXPECT_EQ(twice.exitCode, 1); // nothing usable is no success
    EXPECT_THAT(twice.err, HasSubstr("2 ours"));
    EXPECT_FALSE(fs::exists(folder / "again"));
    EXPECT_THAT(cli({"plan", "--out", folder / "again", folder / "out/a.jpg"}).out,
                HasSubstr("not stamped twice"));
    EXPECT_THAT(cli({"stamp", "--again", "--out", folder / "again", folder / "out"}).out,
                HasSubstr("2 copies made"));
    const auto none = cli({"stamp", "--border", "no-such-border", "--out", folder / "x", folder / "in"});
    EXPECT_EQ(none.exitCode, 2);
    EXPECT_THAT(none.err, HasSubstr("border list"));
}

TEST(Cli, WrongCallsExitWithTwoAndWriteNothing) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    writeFile(folder / "bad.json",
              R"({"format":"keep-seal/delivery","version":1,"stations":{"fit":{"long_side":-5}}})");
    const auto bad =
        cli({"stamp", "--delivery", folder / "bad.json", "--out", folder / "out", folder / "in"});
    EXPECT_EQ(bad.exitCode, 2);
    EXPECT_THAT(bad.err,
                HasSubstr("fit.long_side: -5 is not allowed. Allowed: a whole number from 16 to 30000 px"));
    EXPECT_EQ(
        cli({"stamp", "--delivery", folder / "none.json", "--out", folder / "out", folder / "in"}).exitCode,
        2);
    EXPECT_EQ(cli({"stamp", folder / "in"}).exitCode, 2); // no folder
    EXPECT_EQ(cli({"stamp", "--out", folder / "in", folder / "in"}).exitCode, 2);
    EXPECT_FALSE(fs::exists(folder / "out"));
}

TEST(Cli, APathThatIsNotThereIsNamedAndTheRestGoesOn) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    const auto ran = cli({"stamp", "--out", folder / "out", folder / "in", folder / "nowhere.jpg"});
    EXPECT_EQ(ran.exitCode, 1);
    EXPECT_THAT(ran.err, HasSubstr("nowhere.jpg: there is nothing of that name"));
    EXPECT_TRUE(fs::exists(folder / "out/a.jpg"));
}

TEST(Cli, NamesOfFilesSetNoOptions) {
    const TempFolder folder;
    for (const char* name : {"in/-x.jpg", "in/a.jpg", "in/-sprivacy.location=keep"})
        makePicture(folder / "b.jpg", 60, 40), fs::create_directories(folder / "in"),
            fs::copy_file(folder / "b.jpg", folder / name);
    const auto in = [&](std::vector<std::string> words) { // as a shell would, in that folder
        std::string call = "cd '" + (folder / "in").string() + "' && exec \"$0\" \"$@\"";
        words.insert(words.begin(), {"sh", "-c", call, KEEPSEAL_CLI});
        return runProgram(words);
    };
    const auto refused = in({"stamp", "--out", folder / "out", "-sprivacy.location=keep", "-x.jpg", "a.jpg"});
    EXPECT_EQ(refused.exitCode, 2);
    EXPECT_THAT(refused.err, HasSubstr("a file of that name lies here"));
    EXPECT_FALSE(fs::exists(folder / "out"));
    const auto made = in({"stamp", "--out", folder / "out", "-x.jpg", "a.jpg"});
    EXPECT_EQ(made.exitCode, 0) << made.err;
    EXPECT_THAT(made.out, HasSubstr("2 copies made"));
    EXPECT_EQ(in({"stamp", "--out", folder / "more", "--", "-sprivacy.location=keep", "-x.jpg"}).exitCode, 0);
}

TEST(Cli, AProofIsTheCopyOnlySmaller) {
    const TempFolder folder;
    makePicture(folder / "a.jpg", 1600, 1200);
    const std::vector<std::string> look = {"-s", "seal.text=Tidemark", "-s", "seal.size=14",
                                           "-s", "fit.long_side=1600"};
    auto proof = look, stamp = look;
    proof.insert(proof.begin(), {"proof", folder / "a.jpg", "-o", folder / "p.png", "--size", "400"});
    stamp.insert(stamp.begin(),
                 {"stamp", "--out", folder / "out", "-s", "file.quality=98", folder / "a.jpg"});
    ASSERT_EQ(cli(proof).exitCode, 0);
    ASSERT_EQ(cli(stamp).exitCode, 0);
    const auto shrunk = vips::VImage::new_from_file((folder / "out/a.jpg").c_str()).resize(0.25);
    const auto shown = vips::VImage::new_from_file((folder / "p.png").c_str());
    ASSERT_EQ(shown.width(), 400);
    EXPECT_LT((shrunk.cast(VIPS_FORMAT_FLOAT) - shown).abs().avg(), 1.5);
    EXPECT_LT((shrunk.cast(VIPS_FORMAT_FLOAT) - shown).abs().max(),
              40.0); // a resampled edge, not another place
    // The comparer itself must be able to fail: a proof with another seal is far off.
    ASSERT_EQ(cli({"proof", folder / "a.jpg", "-o", folder / "q.png", "--size", "400", "-s",
                   "seal.text=Tidemark", "-s", "seal.size=14", "-s", "seal.place=top-left"})
                  .exitCode,
              0);
    const auto other = vips::VImage::new_from_file((folder / "q.png").c_str());
    EXPECT_GT((shrunk.cast(VIPS_FORMAT_FLOAT) - other).abs().max(), 60.0);
    EXPECT_EQ(cli(proof).exitCode, 2); // there is a file of that name: nothing is replaced
}

TEST(Cli, KilledAtAnyMomentItLeavesOnlyWholeCopies) {
    const TempFolder folder;
    for (int i = 0; i < 12; ++i)
        makePicture(folder / ("in/" + std::to_string(i) + ".jpg"), 1500, 1000);
    for (int round = 0; round < 8; ++round) {
        const pid_t child = ::fork();
        if (child == 0) {
            ::close(1);
            const auto out = (folder / "out").string(), in = (folder / "in").string();
            ::execl(KEEPSEAL_CLI, KEEPSEAL_CLI, "stamp", "--out", out.c_str(), in.c_str(), nullptr);
            ::_exit(127);
        }
        std::this_thread::sleep_for(std::chrono::milliseconds(25 + 45 * round));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        std::error_code error;
        for (const auto& entry : fs::directory_iterator(folder / "out", error))
            if (!entry.path().filename().string().starts_with(".")) {
                EXPECT_NO_THROW(vips::VImage::new_from_file(entry.path().c_str(),
                                                            vips::VImage::option()->set("fail", true))
                                    .avg());
            }
    }
    ASSERT_EQ(cli({"stamp", "--out", folder / "out", folder / "in"}).exitCode, 0);
    for (const auto& entry : fs::directory_iterator(folder / "out"))
        EXPECT_EQ(entry.path().extension(), ".jpg") << "litter: " << entry.path();
}

TEST(Cli, InterruptedItStopsBetweenPicturesAndSaysSo) {
    const TempFolder folder;
    for (int i = 0; i < 30; ++i)
        makePicture(folder / ("in/" + std::to_string(i) + ".jpg"), 2400, 1600);
    const pid_t child = ::fork();
    if (child == 0) {
        ::close(1);
        const auto out = (folder / "out").string(), in = (folder / "in").string();
        ::execl(KEEPSEAL_CLI, KEEPSEAL_CLI, "stamp", "--workers", "1", "--out", out.c_str(), in.c_str(),
                nullptr);
        ::_exit(127);
    }
    for (int i = 0; i < 2000 && !fs::exists(folder / "out/0.jpg"); ++i)
        std::this_thread::sleep_for(std::chrono::milliseconds(5));
    ::kill(child, SIGINT);
    int status = 0;
    ::waitpid(child, &status, 0);
    EXPECT_EQ(WEXITSTATUS(status), 3);
    EXPECT_TRUE(fs::exists(folder / "out/0.jpg"));
}

TEST(Cli, SettingsAreListedFromTheOneTable) {
    EXPECT_THAT(cli({"settings"}).out, HasSubstr("seal.size  (a number from 0.5 to 60 % of the short side"));
    EXPECT_EQ(json::parse(cli({"settings", "--defaults"}).out)["format"], "keep-seal/delivery");
}

TEST(Cli, AdviceIsTheSameEachTimeAndSaysWhy) {
    const TempFolder folder;
    makePicture(folder / "a.jpg", 600, 400);
    writeFile(folder / "b.jpg", "no picture");
    const auto first = cli({"seal", "advise", "--json", "--seal", "shipped-house-mark", folder.path()});
    EXPECT_EQ(first.exitCode, 0); // one is no picture: told, and no failure
    EXPECT_THAT(first.err, HasSubstr("b.jpg: its name is that of a picture"));
    const auto found = json::parse(first.out);
    ASSERT_EQ(found["pictures"].size(), 1U);
    EXPECT_EQ(found["pictures"][0]["places"].size(), 9U);
    EXPECT_FALSE(found["pictures"][0]["why"].get<std::string>().empty());
    EXPECT_EQ(found["problems"].size(), 0U);
    EXPECT_EQ(first.out,
              cli({"seal", "advise", "--json", "--seal", "shipped-house-mark", folder.path()}).out);
    EXPECT_THAT(cli({"seal", "advise", folder / "a.jpg"}).out,
                HasSubstr("In 1 of 1 picture the seal is on plain ground"));
}

TEST(Cli, CheckLooksThroughFoldersAndKeepsAPage) {
    const TempFolder folder;
    Planted planted;
    planted.gps = true;
    makePicture(folder / "in/deep/a.jpg", 60, 40, planted);
    makePicture(folder / "in/b.png", 60, 40);
    const auto ran = cli({"check", "--json", "--html", folder / "page.html", folder / "in"});
    EXPECT_EQ(ran.exitCode, 1);
    const auto told = json::parse(ran.out);
    ASSERT_EQ(told.size(), 2U);
    EXPECT_THAT(told[1]["verdict"], HasSubstr("tells a place"));
    EXPECT_GT(told[1]["findings"][0]["offset"], 0);
    EXPECT_THAT(readText(folder / "page.html"), HasSubstr("54.25 N, 3.5 E"));
    EXPECT_EQ(cli({"check", "--html", folder / "page.html", folder / "in"}).exitCode, 2); // never replaced
}

TEST(Cli, WordsGoOutAsCsvAndComeBackForSinglePictures) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    makePicture(folder / "in/b.jpg", 60, 40);
    EXPECT_THAT(cli({"words", "-s", "rights.creator=Ines Gull", folder / "in"}).out, HasSubstr("Ines Gull"));
    EXPECT_EQ(json::parse(cli({"words", "--json", "-s", "rights.title=x", folder / "in"})
                              .out)[0]["fields"]["title"]["after"][0],
              "x");
    writeFile(folder / "w.csv", "File,Title\na.jpg,Only here\n");
    EXPECT_EQ(cli({"stamp", "--words", folder / "w.csv", "--out", folder / "out", folder / "in"}).exitCode,
              0);
    EXPECT_EQ(exiftool(folder / "out/a.jpg", "XMP-dc:Title"), "Only here");
    EXPECT_EQ(exiftool(folder / "out/b.jpg", "XMP-dc:Title"), "");
    writeFile(folder / "w.csv", "File,Title\nnobody.jpg,x\n");
    EXPECT_EQ(cli({"stamp", "--words", folder / "w.csv", "--out", folder / "o2", folder / "in"}).exitCode, 2);
}

TEST(Cli, ThePlanWarnsOfAPlaceInPlainSight) {
    const TempFolder folder;
    Planted planted;
    planted.xmpCity = kSecretCity;
    planted.description = "Kites over Heronsluice";
    makePicture(folder / "in/a.jpg", 60, 40, planted);
    EXPECT_THAT(cli({"plan", "--out", folder / "out", folder / "in"}).out,
                HasSubstr("stands in Description"));
    const auto plan = json::parse(cli({"plan", "--json", "--out", folder / "out", folder / "in"}).out);
    ASSERT_EQ(plan["copies"][0]["notes"].size(), 1U);
    EXPECT_EQ(plan["copies"][0]["notes"][0]["kind"], "place-in-words");
    EXPECT_EQ(plan["copies"][0]["notes"][0]["station"], "rights");
}

TEST(Cli, ThePlaceIsOpenedOnlyInWords) {
    const TempFolder folder;
    Planted planted;
    planted.gps = true;
    makePicture(folder / "in/a.jpg", 60, 40, planted);
    const auto ran = cli({"stamp", "-s", "privacy.location=keep", "--out", folder / "out", folder / "in"});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_THAT(ran.err, HasSubstr("these copies tell where the pictures were taken"));
    EXPECT_FALSE(fs::exists(folder / "out"));
}

TEST(Cli, AWrongWordIsAnsweredWithTheNearestOne) {
    EXPECT_THAT(cli({"stmap", "x"}).err, HasSubstr("Did you mean 'stamp'?"));
    const auto ran = cli({"plan", "--out", "/tmp/x", "-s", "seal.szie=4", "/nowhere"});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_THAT(ran.err, HasSubstr("seal.size"));
}

TEST(Cli, SeveralDeliveriesOfTheLibraryInOneGoAndAReport) {
    const TempFolder folder;
    makePicture(folder / "in/tall.jpg", 300, 400);
    makePicture(folder / "in/wide.jpg", 400, 300);
    const auto ran = cli({"stamp", "-d", "Client proofs", "-d", "Social tall", "-o",
                          (folder / "out").string(), "--json", (folder / "in").string()});
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    const auto ledger = nlohmann::json::parse(ran.out);
    std::map<std::string, int> outcomes;
    for (const auto& row : ledger["rows"])
        ++outcomes[row["outcome"].get<std::string>()];
    EXPECT_EQ(outcomes["made"], 3);
    EXPECT_EQ(outcomes["left-out"], 1);
    EXPECT_TRUE(fs::exists(folder / "out/Client proofs/wide.jpg"));
    const auto file = ledger["ledger_file"].get<std::string>();
    for (const auto* ending : {"pdf", "html", "csv"})
        EXPECT_EQ(cli({"report", file, "-o", (folder / "report.").string() + ending}).exitCode, 0) << ending;
    EXPECT_EQ(cli({"report", file, "-o", (folder / "report.csv").string()}).exitCode, 2); // never replaced
    EXPECT_EQ(cli({"report", file, "-o", (folder / "report.doc").string()}).exitCode, 2);
    EXPECT_EQ(cli({"stamp", "-d", "No such delivery", "-o", "x", (folder / "in").string()}).exitCode, 2);
}

TEST(Cli, ThePlanTellsSizesBytesAndPlaces) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 400, 300);
    const auto ran = cli({"plan", "--json", "-o", (folder / "out").string(), "--set", "fit.long_side=200",
                          (folder / "in").string()});
    const auto plan = nlohmann::json::parse(ran.out);
    EXPECT_EQ(plan["to_make"], 1);
    EXPECT_EQ(plan["places"][0], (folder / "out").string());
    EXPECT_EQ(plan["copies"][0]["sizes"]["whole"][0], 200);
    EXPECT_GT(plan["expected_bytes"].get<int>(), 500);
    EXPECT_EQ(plan["expected_bytes_from_copies"], 1);
    EXPECT_FALSE(fs::exists(folder / "out"));
    const auto quick =
        cli({"plan", "--names-only", "-o", (folder / "out").string(), (folder / "in").string()});
    EXPECT_THAT(quick.out, HasSubstr("a.jpg -> "));
}

TEST(Cli, AnInterruptedRunIsListedGoneOnWithAndAJobIsStamped) {
    const TempFolder folder;
    Job job;
    for (int i = 0; i < 3; ++i) {
        const auto file = folder / ("in/" + std::to_string(i) + ".jpg");
        makePicture(file, 200, 150);
        job.originals.push_back({file, 0, {}});
    }
    job.originals[1].exception.leftOut = true;
    job.deliveries.push_back({sampleDelivery(folder / "out"), true, {}, std::nullopt});
    saveJob(job, folder / "job.json");
    EXPECT_THAT(cli({"resume"}).err, HasSubstr("no run was interrupted"));
    EXPECT_EQ(cli({"stamp", "-q", "--job", (folder / "job.json").string()}).exitCode, 0);
    EXPECT_TRUE(fs::exists(folder / "out/0.jpg"));
    EXPECT_FALSE(fs::exists(folder / "out/1.jpg"));
    const auto list = cli({"resume", "--list"});
    EXPECT_EQ(list.exitCode, 0);
    EXPECT_THAT(list.out, HasSubstr("No run"));
}

TEST(Cli, ThePlanEndsAsTheRunWouldEndAndBothSayTheSame) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 120, 80);
    makePicture(folder / "in/b.jpg", 120, 80);
    const auto both = [&](const std::vector<std::string>& more) {
        std::pair<Ran, Ran> out;
        for (auto* ran : {&out.first, &out.second}) {
            std::vector<std::string> call = {ran == &out.first ? "plan" : "stamp", "--json", "--out",
                                             folder / "out"};
            call.insert(call.end(), more.begin(), more.end());
            call.push_back(folder / "in");
            *ran = cli(call);
        }
        return out;
    };
    const auto [plan, run] = both({"-s", "seal.text=by {craetor}"});
    EXPECT_EQ(plan.exitCode, 1);
    EXPECT_EQ(run.exitCode, 1);
    EXPECT_EQ(json::parse(plan.out)["held_back"], 2);
    EXPECT_EQ(json::parse(run.out)["totals"]["held-back"], 2);
    EXPECT_EQ(json::parse(run.out)["totals"]["made"], 0);
    EXPECT_FALSE(fs::exists(folder / "out/a.jpg"));
    const auto [accepted, made] =
        both({"-s", "seal.text=by {craetor}", "--deliver-all-the-same", "seal-token-unknown"});
    EXPECT_EQ(accepted.exitCode, 0);
    EXPECT_EQ(made.exitCode, 0);
    EXPECT_TRUE(fs::exists(folder / "out/a.jpg"));
    EXPECT_EQ(json::parse(made.out)["rows"][0]["accepted"][0]["kind"], "seal-token-unknown");
    EXPECT_EQ(both({"--deliver-all-the-same", "copy-tells-place"}).first.exitCode, 2); // nobody can want that
    writeFile(folder / "in/deep.exr", "\x76\x2F\x31\x01");
    EXPECT_EQ(both({}).second.exitCode, 0);
    EXPECT_EQ(both({"--strict"}).second.exitCode, 1);
}

TEST(Cli, WhoYouAreIsSaidOnceAndAnUnsetOneHoldsBack) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 300, 200);
    fs::remove(folder / "config/keep-seal/who-you-are.json");
    const auto shy = cli({"stamp", "-d", "Web gallery", "--out", folder / "out", folder / "in"});
    EXPECT_EQ(shy.exitCode, 1);
    EXPECT_THAT(shy.out, HasSubstr("HELD BACK: {studio} stands for your studio's name"));
    EXPECT_EQ(cli({"who", "--set", "studio=Gull & Reed"}).exitCode, 0);
    EXPECT_THAT(cli({"who"}).out, HasSubstr("studio = Gull & Reed"));
    EXPECT_EQ(cli({"who", "--set", "linke=x"}).exitCode, 2);
    EXPECT_EQ(cli({"stamp", "-d", "Web gallery", "--out", folder / "out", folder / "in"}).exitCode, 0);
}

TEST(Cli, AFullDeviceAndControlCharactersInNames) {
    const TempFolder folder;
    const auto full = runProgram({"bash", "-c", std::string(KEEPSEAL_CLI) + " settings > /dev/full"});
    EXPECT_EQ(full.exitCode, 1);
    EXPECT_THAT(full.err, HasSubstr("could not be written"));
    makePicture(folder / "in/a\x1b[2Jb.jpg", 60, 40);
    const auto ran = cli({"stamp", "--out", folder / "out", folder / "in"});
    EXPECT_EQ(ran.exitCode, 0);
    EXPECT_EQ((ran.out + ran.err).find('\x1b'), std::string::npos);
}

TEST(Cli, ARingOfTheBorderIsSetFromTheShell) {
    const TempFolder folder;
    makePicture(folder / "in/a.png", 200, 100);
    const auto ran = cli({"stamp", "--out", folder / "out", "--border", "Quiet white mat", "-s",
                          "file.png=true", "-s", "border.ring1.unit=px", "-s", "border.ring1.width=10", "-s",
                          "border.ring1.sides=equal", folder / "in"});
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    EXPECT_EQ(cli({"plan", "--out", folder / "o", "-s", "border.ring9.width=10", folder / "in"}).exitCode, 2);
}

TEST(Cli, ASavedPlanIsMadeInPartsAndJoined) {
    const TempFolder folder;
    for (int i = 0; i < 3; ++i)
        makePicture(folder / ("in/" + std::to_string(i) + ".jpg"), 200, 150);
    const std::string plan = folder / "three.plan";
    const auto saved =
        cli({"plan", "--names-only", "--save", plan, "-o", folder / "out", "-s", "sending.on=true", "-s",
             "sending.server=nobody.invalid", "-s", "sending.user=anna", folder / "in"});
    EXPECT_EQ(saved.exitCode, 0) << saved.err;
    EXPECT_FALSE(fs::exists(folder / "out"));
    EXPECT_EQ(cli({"stamp", "-q", "--plan", plan, "--part", "1/2"}).exitCode, 0);
    const auto half = cli({"report", "--merge", plan, "--json"});
    EXPECT_EQ(half.exitCode, 1);
    EXPECT_EQ(json::parse(half.out)["missing"], json::array({"2/2"}));
    EXPECT_EQ(cli({"stamp", "-q", "--plan", plan, "--part", "2/2"}).exitCode, 0);
    const auto whole = cli({"report", "--merge", plan, "-o", folder / "copies.csv"});
    EXPECT_EQ(whole.exitCode, 0) << whole.err;
    EXPECT_THAT(whole.out, HasSubstr("2 parts found; 3 copies made."));
    EXPECT_THAT(whole.out, HasSubstr("In the outbox: 3 copies more"));
    EXPECT_EQ(json::parse(cli({"report", "--merge", plan, "--json"}).out)["in_the_outbox"], 0); // once
    EXPECT_THAT(cli({"outbox", "list"}).out, HasSubstr("3 waiting"));
    EXPECT_THAT(readText(folder / "copies.csv"), HasSubstr("2.jpg"));
    // Joined, the register knows them as a run's.
    const auto again = cli({"plan", "--json", "-o", folder / "out", folder / "in"});
    EXPECT_EQ(json::parse(again.out)["copies"][0]["action"], "already-there");
    EXPECT_EQ(cli({"stamp", "--plan", plan, "--part", "3/2"}).exitCode, 2);
    EXPECT_EQ(cli({"stamp", "--plan", plan, folder / "in"}).exitCode, 2);
    EXPECT_EQ(cli({"stamp", "--part", "1/2", folder / "in"}).exitCode, 2);
    EXPECT_EQ(cli({"report"}).exitCode, 2);
}
