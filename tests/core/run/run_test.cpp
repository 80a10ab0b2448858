// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"
#include "base/fingerprint.h"
#include "base/problem.h"
#include "plan/gather.h"
#include "privacy/report.h"
#include "render/chain_plan.h"
#include "run/check_copy.h"
#include "run/destination.h"
#include "run/run.h"
#include "support/chain.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <csignal>
#include <sys/mount.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

/// Names, bytes and time stamps of a whole folder.
std::map<std::string, std::string> snapshot(const fs::path& folder) {
    std::map<std::string, std::string> out;
    for (const auto& entry : fs::recursive_directory_iterator(folder)) {
        struct stat info {};
        ::lstat(entry.path().c_str(), &info);
        out[entry.path().string()] = std::to_string(info.st_mtim.tv_sec) + "." +
                                     std::to_string(info.st_mtim.tv_nsec) + " " +
                                     (entry.is_regular_file() ? readText(entry.path()) : "");
    }
    return out;
}

struct RunStudio {
    TempFolder folder;
    fs::path originals = folder / "originals", copies = folder / "copies";
    std::atomic<bool> stop{false};

    explicit RunStudio(int pictures = 3) {
        for (int i = 0; i < pictures; ++i) {
            Planted planted;
            planted.gps = planted.camera = true;
            planted.xmpCity = kSecretCity;
            makePicture(originals / ("tide_" + std::to_string(i) + ".jpg"), 400 + i, 300, planted);
        }
    }
    std::vector<fs::path> files() const { return gather({originals}, true).files; }
    Plan plan(Delivery delivery) const { return makePlan(files(), {std::move(delivery)}, folder.path()); }
    RunResult run(
        const Plan& plan, const std::function<void(const RunEvent&)>& onEvent = [](const RunEvent&) {}) {
        RunOptions options;
        options.workers = 2;
        return runPlan(plan, options, stop, onEvent);
    }
    RunResult run(const Delivery& delivery) { return run(plan(delivery)); }
    std::size_t filesInCopies() const {
        return static_cast<std::size_t>(
            std::distance(fs::directory_iterator(copies), fs::directory_iterator()));
    }
};

} // namespace

TEST(Run, MakesCleanCopiesAndLeavesOriginalsAlone) {
    RunStudio studio;
    const auto before = snapshot(studio.originals);
    auto delivery = sampleDelivery(studio.copies);
    delivery.fit.longSide = 200;
    const auto result = studio.run(delivery);
    EXPECT_EQ(result.exitCode(), 0);
    ASSERT_EQ(result.ledger.count(Outcome::Made), 3U);
    for (const auto& row : result.ledger.rows) {
        EXPECT_TRUE(row.placeInOriginal && row.noPlaceInCopy && row.rightsInCopy);
        EXPECT_TRUE(row.originalUntouched());
        EXPECT_EQ(row.fingerprintBefore, fingerprint(readFile(row.original)));
        EXPECT_EQ(row.copySize.width, 200);
        EXPECT_EQ(row.copyBytes, fs::file_size(row.copy));
        EXPECT_EQ(exiftool(row.copy, "ImageWidth"), "200");
        EXPECT_EQ(exiftool(row.copy, "GPSLatitude"), "");
        EXPECT_EQ(exiftool(row.copy, "City"), "");
        EXPECT_EQ(exiftool(row.copy, "SerialNumber"), "");
        EXPECT_EQ(readText(row.copy).find(kSecretCity), std::string::npos);
    }
    EXPECT_EQ(snapshot(studio.originals), before);
    EXPECT_EQ(ledgerFromJson(readJsonFile(result.ledgerFile), "ledger").rows.size(), 3U);
}

TEST(Run, ASecondRunFindsTheCopiesAlreadyThere) {
    RunStudio studio;
    const auto delivery = sampleDelivery(studio.copies);
    studio.run(delivery);
    EXPECT_EQ(studio.plan(delivery).count(Outcome::AlreadyThere), 3U);
    auto other = delivery;
    other.seal.setText("another seal");
    const auto plan = studio.plan(other);
    EXPECT_EQ(plan.count(Outcome::Waiting), 3U);
    EXPECT_THAT(plan.copies[0].target.string(), HasSubstr("tide_0-2.jpg")); // nothing is replaced
    writeFile(studio.copies / "tide_1.jpg", "edited by someone");
    EXPECT_EQ(studio.plan(delivery).count(Outcome::AlreadyThere), 2U);
}

TEST(Run, StoppedHalfWayItGoesOnWhereItWas) {
    RunStudio studio(6);
    const auto delivery = sampleDelivery(studio.copies);
    const auto plan = studio.plan(delivery);
    const auto stopped = studio.run(plan, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 2)
            studio.stop = true;
    });
    EXPECT_EQ(stopped.exitCode(), 3);
    const auto made = stopped.ledger.count(Outcome::Made);
    EXPECT_GE(made, 2U);
    EXPECT_LT(made, 6U);
    EXPECT_EQ(studio.filesInCopies(), made); // whole copies and nothing else
    studio.stop = false;
    const auto rest = studio.run(delivery);
    EXPECT_EQ(rest.ledger.count(Outcome::AlreadyThere), made);
    EXPECT_EQ(rest.ledger.count(Outcome::Made), 6 - made);
    EXPECT_EQ(studio.filesInCopies(), 6U);
}

TEST(Run, OneBadFileNeverStopsTheRest) {
    RunStudio studio;
    writeFile(studio.originals / "broken.jpg", "\xFF\xD8\xFF not a picture");
    const auto delivery = sampleDelivery(studio.copies);
    const auto plan = studio.plan(delivery);
    fs::remove(studio.originals / "tide_1.jpg"); // vanishes between plan and run
    const auto result = studio.run(plan);
    EXPECT_EQ(result.exitCode(), 1);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 2U);
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 2U);
    for (const auto& row : result.ledger.rows)
        if (row.outcome == Outcome::Failed) {
            ASSERT_TRUE(row.problem);
            EXPECT_EQ(row.problem->subject, row.original.string());
        }
}

TEST(Run, AnOriginalChangedDuringTheRunIsReported) {
    RunStudio studio(1);
    const auto plan = studio.plan(sampleDelivery(studio.copies));
    const auto result = studio.run(plan, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone)
            writeFile(studio.originals / "tide_0.jpg", "someone else wrote this");
    });
    ASSERT_TRUE(result.ledger.rows[0].problem);
    EXPECT_EQ(result.ledger.rows[0].problem->kind, ProblemKind::Changed);
    EXPECT_FALSE(result.ledger.rows[0].originalUntouched());
}

class DangerousDestination : public ::testing::TestWithParam<const char*> {};

TEST_P(DangerousDestination, IsRefusedBeforeAnythingIsWritten) {
    RunStudio studio;
    const std::string kind = GetParam();
    fs::path out = studio.originals;
    if (kind == "spelling")
        out = studio.originals / "." / ".." / "originals";
    if (kind == "link") {
        fs::create_directory_symlink(studio.originals, studio.folder / "link");
        out = studio.folder / "link";
    }
    if (kind == "link to a parent") {
        fs::create_directory_symlink(studio.folder.path(), studio.folder / "up");
        out = studio.folder / "up/originals";
    }
    if (kind == "mount") {
        out = studio.folder / "mounted";
        fs::create_directory(out);
        if (::mount(studio.originals.c_str(), out.c_str(), nullptr, MS_BIND, nullptr) != 0)
            GTEST_SKIP() << "mounting is not allowed here";
    }
    if (kind == "hard link") {
        fs::create_directories(studio.copies);
        fs::create_hard_link(studio.originals / "tide_0.jpg", studio.copies / "tide_0.jpg");
        out = studio.copies;
    }
    if (kind == "symbolic link") {
        fs::create_directories(studio.copies);
        fs::create_symlink(studio.originals / "tide_0.jpg", studio.copies / "tide_0.jpg");
        out = studio.copies;
    }
    const auto before = snapshot(studio.folder.path());
    try {
        studio.run(sampleDelivery(out));
        ADD_FAILURE() << "not refused";
    } catch (const Problem& problem) {
        EXPECT_EQ(problem.kind, ProblemKind::Refused);
    }
    EXPECT_EQ(snapshot(studio.folder.path()), before);
    if (kind == "mount")
        ::umount(out.c_str());
}
INSTANTIATE_TEST_SUITE_P(Ways, DangerousDestination,
                         ::testing::Values("plain", "spelling", "link", "link to a parent", "mount",
                                           "hard link", "symbolic link"));

TEST(Run, ALinkTurnedToTheOriginalsAfterThePlanIsRefused) {
    RunStudio studio;
    fs::create_directories(studio.copies);
    fs::create_directory_symlink(studio.copies, studio.folder / "out");
    const auto plan = studio.plan(sampleDelivery(studio.folder / "out"));
    fs::remove(studio.folder / "out");
    fs::create_directory_symlink(studio.originals, studio.folder / "out");
    const auto before = snapshot(studio.originals);
    EXPECT_THROW(studio.run(plan), Problem);
    EXPECT_EQ(snapshot(studio.originals), before);
}

TEST(Run, SameNamesFromTwoFoldersAreNumbered) {
    RunStudio studio(1);
    makePicture(studio.originals / "more/tide_0.png", 50, 40);
    const auto result = studio.run(sampleDelivery(studio.copies));
    EXPECT_EQ(result.ledger.count(Outcome::Made), 2U);
    EXPECT_TRUE(fs::exists(studio.copies / "tide_0.jpg"));
    EXPECT_TRUE(fs::exists(studio.copies / "tide_0-2.jpg"));
}

TEST(Run, ANameTakenDuringTheRunIsNotReplaced) {
    RunStudio studio(1);
    const auto plan = studio.plan(sampleDelivery(studio.copies));
    writeFile(studio.copies / "tide_0.jpg", "precious");
    const auto result = studio.run(plan);
    EXPECT_EQ(readText(studio.copies / "tide_0.jpg"), "precious");
    EXPECT_EQ(result.ledger.rows[0].copy.filename(), "tide_0-2.jpg");
}

TEST(Run, AFullDiskIsARowAndLeavesNoLitter) {
    RunStudio studio;
    fs::create_directories(studio.copies);
    if (::mount("tmpfs", studio.copies.c_str(), "tmpfs", 0, "size=16k") != 0)
        GTEST_SKIP() << "mounting is not allowed here";
    const auto result = studio.run(sampleDelivery(studio.copies));
    EXPECT_EQ(result.exitCode(), 1);
    EXPECT_GE(result.ledger.count(Outcome::Failed), 1U);
    for (const auto& row : result.ledger.rows)
        if (row.problem) {
            EXPECT_EQ(row.problem->kind, ProblemKind::CannotWrite);
        }
    EXPECT_EQ(studio.filesInCopies(), result.ledger.count(Outcome::Made));
    ::umount(studio.copies.c_str());
}

TEST(Destination, RemovesLitterOfAKilledRunButNotOfALivingOne) {
    const TempFolder folder;
    Destination living(folder / "out", {});
    const Bytes bytes(1000, 7);
    const auto staged = living.stage(bytes);
    writeFile(folder / "out/.keep-seal-1-1.part", "left behind");
    writeFile(folder / "out/kept.part", "somebody else's");
    const Destination next(folder / "out", {});
    EXPECT_FALSE(fs::exists(folder / "out/.keep-seal-1-1.part"));
    EXPECT_TRUE(fs::exists(folder / "out/kept.part"));
    EXPECT_TRUE(staged->place("copy.jpg"));
    EXPECT_EQ(readFile(folder / "out/copy.jpg"), bytes);
}

TEST(CheckCopy, FindsPlantedFaults) {
    const TempFolder folder;
    const auto delivery = sampleDelivery(folder.path());
    const auto good = copyOf(plainFrame(64, 48, {1, 2, 3}), delivery);
    Planted planted;
    planted.gps = true;
    makePicture(folder / "o.jpg", 64, 48, planted);
    const auto original = inspect(MemorySource(readFile(folder / "o.jpg")));
    const auto failures = [&](const Bytes& bytes, Size size = {64, 48}) {
        return checkCopy(MemorySource(bytes), promiseOf(delivery, "jpeg", size), original).failures.size();
    };
    EXPECT_EQ(failures(good), 0U);
    EXPECT_GT(failures(good, {64, 47}), 0U);
    auto trailing = good;
    trailing.push_back('x');
    EXPECT_GT(failures(trailing), 0U);
    EXPECT_GT(failures({good.begin(), good.end() - 200}), 0U);
    auto comment = good;
    const Bytes com = {0xFF, 0xFE, 0, 5, 'h', 'i', '!'};
    comment.insert(comment.begin() + 2, com.begin(), com.end());
    EXPECT_GT(failures(comment), 0U);
    EXPECT_GT(failures(readFile(folder / "o.jpg")), 0U);
    auto changed = good; // one letter of the notice, in one container only
    const std::string line = "Line Studio";
    const auto at = std::search(changed.begin(), changed.end(), line.begin(), line.end());
    ASSERT_NE(at, changed.end());
    *at = 'l';
    EXPECT_GT(failures(changed), 0U);
}

TEST(Gather, TakesEachFileOnceAndNamesWhatIsNotThere) {
    const TempFolder folder;
    makePicture(folder / "in/b.jpg", 8, 8);
    makePicture(folder / "in/sub/a.png", 8, 8);
    writeFile(folder / "in/notes.txt", "no picture");
    writeFile(folder / "in/.hidden.jpg", "hidden");
    fs::create_hard_link(folder / "in/b.jpg", folder / "in/c.jpg");
    fs::create_directory_symlink(folder / "in", folder / "in/sub/circle");
    EXPECT_EQ(gather({folder / "in"}, true).files.size(), 2U);
    EXPECT_EQ(gather({folder / "in"}, false).files.size(), 1U);
    const auto odd = gather({folder / "in/notes.txt", folder / "nowhere"}, false);
    EXPECT_TRUE(odd.files.empty());
    ASSERT_EQ(odd.others.size(), 2U);
    EXPECT_EQ(odd.others[0].note.kind, NoteKind::MetDocument);
    EXPECT_EQ(odd.others[1].note.kind, NoteKind::MetNotThere);
    EXPECT_EQ(odd.others[1].path, folder / "nowhere");
    EXPECT_TRUE(odd.misses());
}

TEST(Ledger, TheDocumentedExampleIsReadAndWrittenBackTheSame) {
    const auto example = readJsonFile(fs::path(KEEPSEAL_SOURCE) / "docs/formats/ledger.example.json");
    const auto schema = readJsonFile(fs::path(KEEPSEAL_SOURCE) / "docs/formats/ledger.schema.json");
    const auto ledger = ledgerFromJson(example, "example");
    EXPECT_EQ(ledger.count(Outcome::Made), 1U);
    auto row = toJson(ledger)["rows"][0];
    EXPECT_EQ(row, example["rows"][0]);
    for (const auto& key : schema["properties"]["rows"]["items"]["required"])
        EXPECT_TRUE(row.contains(key.get<std::string>())) << key;
    for (const auto& [key, value] : row.items())
        EXPECT_TRUE(schema["properties"]["rows"]["items"]["properties"].contains(key)) << key;
}

TEST(Run, TheRatingThatStaysIsReadByAnotherReaderAndPassesTheSearch) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    ASSERT_EQ(runProgram({"exiftool", "-q", "-overwrite_original", "-XMP-xmp:Rating=3", "-XMP-xmp:Label=wall",
                          folder / "in/a.jpg"})
                  .exitCode,
              0);
    auto delivery = sampleDelivery(folder / "out");
    delivery.privacy.keepRating = true;
    EXPECT_EQ(runAll(makePlan({folder / "in/a.jpg"}, {delivery}, "/")).exitCode(), 0);
    EXPECT_EQ(exiftool(folder / "out/a.jpg", "XMP-xmp:Rating"), "3");
    EXPECT_EQ(exiftool(folder / "out/a.jpg", "XMP-xmp:Label"), "wall");
}

TEST(Run, AMissingProfileHoldsBackItsOwnCopiesAndNoOther) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    auto good = sampleDelivery(folder / "good"), bad = sampleDelivery(folder / "bad");
    bad.file.colour = ColourOut::Profile;
    bad.file.profile = (folder / "gone.icc").string();
    const auto result = runAll(makePlan({folder / "in/a.jpg"}, {bad, good}, "/"));
    EXPECT_EQ(result.ledger.rows[0].outcome, Outcome::HeldBack);
    EXPECT_EQ(result.ledger.rows[1].outcome, Outcome::Made);
}

TEST(Ledger, OneThatHeldSentencesIsStillRead) {
    auto old = readJsonFile(fs::path(KEEPSEAL_SOURCE) / "docs/formats/ledger.example.json");
    old["version"] = 1;
    for (auto& row : old["rows"]) {
        for (const auto* key : {"notes", "strict", "seal_on_copy", "border_on_copy"})
            row.erase(key);
        row["warnings"] = {"the seal is hard to read here"};
    }
    const auto ledger = ledgerFromJson(old, "old");
    ASSERT_EQ(ledger.rows[0].notes.size(), 1U);
    EXPECT_EQ(sentenceOf(ledger.rows[0].notes[0]), "the seal is hard to read here");
    EXPECT_EQ(ledger.rows[0].toLookAt(), 1U);
}
