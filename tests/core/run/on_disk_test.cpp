// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Places that change under a run, records that lie, and who may look into the person's own folders.
#include "base/own_folders.h"
#include "base/problem.h"
#include "plan/plan_json.h"
#include "record/ledger.h"
#include "run/journal.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <pwd.h>
#include <sys/stat.h>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

const std::atomic<bool> kNeverStop{false};

struct Disk {
    TempFolder folder;
    std::vector<fs::path> files;
    Delivery delivery;
    Disk() {
        for (int i = 0; i < 6; ++i) {
            files.push_back(folder / ("in/tide_" + std::to_string(i) + ".jpg"));
            makePicture(files.back(), 120, 90);
        }
        delivery = sampleDelivery(folder / "out");
    }
    Plan plan() const { return makePlan(files, {delivery}, "/"); }
    RunResult run(const std::function<void(const RunEvent&)>& onEvent = [](const RunEvent&) {}) const {
        RunOptions options;
        options.workers = 1;
        return runPlan(plan(), options, kNeverStop, onEvent);
    }
    static std::size_t filesIn(const fs::path& where) {
        return static_cast<std::size_t>(
            std::count_if(fs::recursive_directory_iterator(where), fs::recursive_directory_iterator(),
                          [](const auto& entry) { return entry.is_regular_file(); }));
    }
};

mode_t modeOf(const fs::path& path) {
    struct stat info {};
    return ::stat(path.c_str(), &info) == 0 ? info.st_mode & 07777 : 0;
}

} // namespace

TEST(OnDisk, AFolderSwappedForALinkInTheMidstLeadsNowhere) {
    for (const bool tree : {false, true}) {
        Disk disk;
        if (tree)
            disk.delivery.place.subfolder = "{name}";
        fs::create_directories(disk.folder / "elsewhere");
        const auto result = disk.run([&](const RunEvent& event) {
            if (event.kind != RunEvent::Kind::CopyDone || event.done != 1)
                return;
            fs::rename(disk.folder / "out", disk.folder / "moved");
            fs::create_directory_symlink(disk.folder / "elsewhere", disk.folder / "out");
        });
        EXPECT_EQ(Disk::filesIn(disk.folder / "elsewhere"), 0U);
        EXPECT_EQ(Disk::filesIn(disk.folder / "moved"), disk.files.size()) << "where the person meant it";
        EXPECT_EQ(result.ledger.count(Outcome::Made), disk.files.size());
    }
}

TEST(OnDisk, ACopyThatWasRetouchedToTheSameSizeAndTimeIsNotReplaced) {
    Disk disk;
    disk.delivery.place.taken = TakenName::Replace;
    disk.run();
    const auto copy = disk.folder / "out/tide_2.jpg";
    const auto time = fs::last_write_time(copy);
    auto bytes = readText(copy);
    bytes[bytes.size() / 2] = static_cast<char>(bytes[bytes.size() / 2] ^ 1);
    writeFile(copy, bytes);
    fs::last_write_time(copy, time);
    disk.delivery.fit.longSide = 80; // so that all are to be made again
    const auto result = disk.run();
    EXPECT_EQ(readText(copy), bytes) << "somebody's work, whatever its size and time say";
    EXPECT_TRUE(fs::exists(disk.folder / "out/tide_2-2.jpg"));
    EXPECT_EQ(std::count_if(result.ledger.rows.begin(), result.ledger.rows.end(),
                            [](const LedgerRow& row) { return row.replaced; }),
              5);
}

TEST(OnDisk, AJournalIsNotBelievedAboutWhatMayGiveWay) {
    Disk disk;
    std::atomic<bool> stop{false};
    RunOptions options;
    options.workers = 1;
    const auto first = runPlan(disk.plan(), options, stop, [&](const RunEvent&) { stop = true; });
    const auto precious = disk.folder / "out/tide_4.jpg";
    writeFile(precious, "the only print of it");
    // The journal says that this very file is an earlier copy of ours.
    auto before = readJournal(first.journal);
    for (auto& copy : before.plan.copies)
        if (copy.target == precious)
            copy.replaces = identityOf(precious);
    const auto text = readText(first.journal);
    auto head = nlohmann::json::parse(text.substr(0, text.find('\n')));
    head["plan"] = toJson(before.plan);
    writeFile(first.journal, head.dump() + text.substr(text.find('\n')));
    ASSERT_TRUE(std::any_of(before.plan.copies.begin(), before.plan.copies.end(),
                            [](const auto& copy) { return copy.replaces.has_value(); }));
    const auto result = resumeRun(first.journal, options, kNeverStop, [](const RunEvent&) {});
    EXPECT_EQ(readText(precious), "the only print of it");
    EXPECT_TRUE(fs::exists(disk.folder / "out/tide_4-2.jpg"));
    EXPECT_EQ(result.ledger.count(Outcome::Made), disk.files.size());
}

TEST(OnDisk, WhatIsThePersonsIsNobodyElses) {
    const Disk disk;
    const auto result = disk.run();
    EXPECT_EQ(modeOf(stateFolder()), 0700U);
    EXPECT_EQ(modeOf(result.ledgerFile), 0600U);
    EXPECT_EQ(modeOf(result.ledgerFile.parent_path()), 0700U);
    fs::permissions(stateFolder(), fs::perms::all);
    secureOwnFolders();
    EXPECT_EQ(modeOf(stateFolder()), 0700U);
    for (const auto& row : result.ledger.rows) // copies are for others
        EXPECT_NE(modeOf(row.copy) & 0444, 0U);
}

TEST(OnDisk, AFolderOfAnotherUserIsRefused) {
    if (::geteuid() != 0)
        GTEST_SKIP() << "only root can give a folder away";
    const TempFolder folder;
    makeFolder(stateFolder());
    ASSERT_EQ(::chown(stateFolder().c_str(), 12345, 12345), 0);
    const auto problem = problemOf([] { secureOwnFolders(); });
    EXPECT_EQ(problem.kind, ProblemKind::Refused);
    EXPECT_EQ(problem.subject, stateFolder().string());
}

TEST(OnDisk, WithoutAHomeTheAccountsOwnIsTaken) {
    const TempFolder folder;
    const std::string home = std::getenv("HOME") ? std::getenv("HOME") : "";
    const std::string state = std::getenv("XDG_STATE_HOME") ? std::getenv("XDG_STATE_HOME") : "";
    ::unsetenv("HOME"), ::unsetenv("XDG_STATE_HOME");
    EXPECT_EQ(stateFolder(), fs::path(::getpwuid(::geteuid())->pw_dir) / ".local/state/keep-seal");
    ::setenv("HOME", home.c_str(), 1), ::setenv("XDG_STATE_HOME", state.c_str(), 1);
}
