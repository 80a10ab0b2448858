// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Runs that were killed or met a fault: after each, originals as they were, no half copy, a true ledger, and
// going on completes the job. The faults are real: processes are killed, disks are full.
#include "base/files.h"
#include "base/fingerprint.h"
#include "delivery/json.h"
#include "plan/gather.h"
#include "run/journal.h"
#include "run/run.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <chrono>
#include <csignal>
#include <fcntl.h>
#include <random>
#include <sys/resource.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

const std::atomic<bool> kNoStop{false};
void nothing(const RunEvent&) {}

std::string stateOf(const fs::path& file) {
    struct stat info {};
    ::lstat(file.c_str(), &info);
    return file.string() + " " + std::to_string(info.st_mtim.tv_sec) + "." +
           std::to_string(info.st_mtim.tv_nsec) + " " + fingerprint(readFile(file));
}

/// A job of small pictures in two deliveries.
struct Studio {
    TempFolder folder;
    std::vector<fs::path> files;
    std::vector<std::string> before;
    std::vector<Delivery> deliveries;

    explicit Studio(int pictures) {
        for (int i = 0; i < pictures; ++i) {
            files.push_back(folder / ("in/tide_" + std::to_string(i) + ".jpg"));
            makePicture(files.back(), 300 + i, 200);
        }
        fs::create_directories(folder / "in");
        for (const auto* name : {"web", "small"}) {
            deliveries.push_back(sampleDelivery(folder / name));
            deliveries.back().name = name;
            deliveries.back().fit.longSide = deliveries.size() == 1 ? 240 : 90;
        }
        remember();
    }
    void remember() {
        before.clear();
        for (const auto& file : files)
            before.push_back(stateOf(file));
    }
    Plan plan() const { return makePlan(files, deliveries, folder.path()); }
    std::vector<fs::path> inOut() const {
        std::vector<fs::path> out;
        for (const auto* name : {"web", "small"})
            if (fs::exists(folder / name))
                for (const auto& entry : fs::directory_iterator(folder / name))
                    out.push_back(entry.path());
        return out;
    }
    void expectOriginalsUntouched() const {
        for (std::size_t i = 0; i < files.size(); ++i)
            EXPECT_EQ(stateOf(files[i]), before[i]);
    }
    std::vector<std::string> command() const {
        std::vector<std::string> out = {KEEPSEAL_CLI, "stamp"};
        for (const auto& delivery : deliveries) {
            const auto file = folder / (delivery.name + ".json");
            saveDelivery(delivery, file);
            out.insert(out.end(), {"-d", file.string()});
        }
        for (const auto& file : files)
            out.push_back(file.string());
        return out;
    }
    /// Every file under a final name is a whole picture.
    void expectWholeCopies() const {
        for (const auto& file : inOut())
            if (!file.filename().string().starts_with(".keep-seal-")) {
                const Original copy(file);
                const auto facts = readFacts(copy, file.string());
                EXPECT_NO_THROW(develop(copy, file.string(), facts, wholePicture(facts, facts.size))) << file;
            }
    }
    /// All copies once, each under its plain name, nothing else.
    void expectComplete(const RunResult& result) const {
        EXPECT_EQ(result.ledger.count(Outcome::Made), files.size() * 2);
        EXPECT_EQ(inOut().size(), files.size() * 2);
        for (const auto& row : result.ledger.rows) {
            EXPECT_TRUE(row.originalUntouched()) << row.original;
            EXPECT_EQ(fingerprint(readFile(row.copy)), row.copyFingerprint);
            EXPECT_EQ(row.copy.stem(), row.original.stem());
        }
        EXPECT_TRUE(unfinishedRuns().empty());
        EXPECT_TRUE(fs::exists(result.ledgerFile));
        expectOriginalsUntouched();
    }
};

/// keep-seal-cli on the whole job, started and let run.
pid_t start(const Studio& studio) {
    const auto words = studio.command();
    std::vector<char*> arguments;
    for (const auto& word : words)
        arguments.push_back(const_cast<char*>(word.c_str()));
    arguments.push_back(nullptr);
    const pid_t child = ::fork();
    if (child == 0) {
        ::setenv("XDG_STATE_HOME", (studio.folder / "state").c_str(), 1);
        const int nowhere = ::open("/dev/null", O_WRONLY);
        ::dup2(nowhere, 1);
        ::dup2(nowhere, 2);
        ::execv(arguments[0], arguments.data());
        ::_exit(127);
    }
    return child;
}

/// True when the kill came before the end.
bool runAndKill(const Studio& studio, std::chrono::microseconds after) {
    const pid_t child = start(studio);
    std::this_thread::sleep_for(after);
    ::kill(child, SIGKILL);
    int status = 0;
    ::waitpid(child, &status, 0);
    return WIFSIGNALED(status);
}

/// Killed a moment after so many files lie in the folders of the copies, part files included: how long a
/// program takes to start is no matter then.
bool runAndKillAt(const Studio& studio, std::size_t files, std::chrono::microseconds later) {
    const pid_t child = start(studio);
    int status = 0;
    while (studio.inOut().size() < files && ::waitpid(child, &status, WNOHANG) == 0)
        std::this_thread::sleep_for(std::chrono::microseconds(500));
    std::this_thread::sleep_for(later);
    if (::kill(child, SIGKILL) != 0) // it came to its end, and was waited for
        return false;
    ::waitpid(child, &status, 0);
    return WIFSIGNALED(status);
}

std::chrono::microseconds usualTime(const Studio& studio) {
    const auto begin = std::chrono::steady_clock::now();
    int status = 0;
    ::waitpid(start(studio), &status, 0);
    return std::chrono::duration_cast<std::chrono::microseconds>(std::chrono::steady_clock::now() - begin);
}

} // namespace

TEST(Resume, KilledAtAnyMomentItGoesOnWhereItWas) {
    std::mt19937 random(20261125);
    int killed = 0, resumed = 0;
    const Studio whole(4);
    const auto usual = usualTime(whole);
    const char* wanted = std::getenv("KEEPSEAL_KILLS"); // hundreds, by hand
    for (int round = wanted ? std::atoi(wanted) : 24; round > 0; --round) {
        Studio studio(4);
        const bool ended =
            round % 2 == 0
                ? !runAndKill(studio, usual * static_cast<int>(random() % 100) / 100)
                : !runAndKillAt(studio, 1 + random() % 7, std::chrono::microseconds(random() % 8000));
        if (ended)
            continue;
        ++killed;
        studio.expectOriginalsUntouched();
        studio.expectWholeCopies();
        const auto left = unfinishedRuns();
        if (left.empty()) { // before the plan was written down nothing was made; or the run was over already
            EXPECT_TRUE(studio.inOut().empty() || studio.inOut().size() == studio.files.size() * 2);
            continue;
        }
        ASSERT_EQ(left.size(), 1U);
        const auto made = readJournal(left[0].journal).rows.size();
        std::size_t kept = 0;
        const auto result = resumeRun(left[0].journal, {}, kNoStop, [&](const RunEvent& event) {
            kept += event.kind == RunEvent::Kind::Resumed;
        });
        EXPECT_EQ(kept, made); // what was written down is not made again
        resumed += made > 0;
        studio.expectComplete(result);
    }
    EXPECT_GT(killed, 6);
    EXPECT_GT(resumed, 1);
}

TEST(Resume, AStoppedRunGoesOnWithItsJournal) {
    Studio studio(5);
    std::atomic<bool> stop{false};
    RunOptions options;
    options.workers = 1;
    const auto first = runPlan(studio.plan(), options, stop, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 3)
            stop = true;
    });
    EXPECT_EQ(first.exitCode(), 3);
    ASSERT_FALSE(first.journal.empty());
    EXPECT_EQ(unfinishedRuns().at(0).made, 3U);
    EXPECT_EQ(unfinishedRuns()[0].copies, 10U);
    const auto made = fs::last_write_time(first.ledger.rows[0].copy);
    studio.expectComplete(resumeRun(first.journal, {}, kNoStop, nothing));
    EXPECT_EQ(fs::last_write_time(first.ledger.rows[0].copy), made);
}

TEST(Resume, ACopyPlacedInTheMomentBeforeTheEndIsKnownByWhatTheJournalSaid) {
    Studio studio(3);
    std::atomic<bool> stop{false};
    RunOptions options;
    options.workers = 1;
    const auto first = runPlan(studio.plan(), options, stop, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 2)
            stop = true;
    });
    // As if the process had ended after the second copy got its name: no row of it. The copy's bytes are not
    // those that would be made now (another machine's arithmetic), so only the journal can know it.
    const auto& rows = first.ledger.rows;
    const auto second = *std::find_if(rows.rbegin(), rows.rend(),
                                      [](const auto& row) { return row.outcome == Outcome::Made; });
    const auto other = readText(second.copy) + " ";
    writeFile(second.copy, other);
    std::string journal;
    std::istringstream lines(readText(first.journal));
    std::vector<std::string> kinds;
    for (std::string line; std::getline(lines, line);) {
        const auto entry = nlohmann::json::parse(line);
        kinds.push_back(entry.contains("plan") ? "plan" : entry.contains("row") ? "row" : "placing");
        const auto at = line.find(second.copyFingerprint);
        if (at != std::string::npos && kinds.back() == "row")
            continue;
        if (at != std::string::npos)
            line.replace(
                at, second.copyFingerprint.size(),
                fingerprint(ByteSpan(reinterpret_cast<const std::uint8_t*>(other.data()), other.size())));
        journal += line + "\n";
    }
    EXPECT_THAT(kinds, ::testing::ElementsAre("plan", "placing", "row", "placing", "row"));
    writeFile(first.journal, journal);
    const auto result = resumeRun(first.journal, {}, kNoStop, nothing);
    studio.expectComplete(result);
    EXPECT_EQ(readText(second.copy), other);
}

TEST(Resume, ACopyThatWasChangedOrLostSinceIsMadeAgainAndTheChangedOneKept) {
    Studio studio(3);
    std::atomic<bool> stop{false};
    RunOptions options;
    options.workers = 1;
    const auto first = runPlan(studio.plan(), options, stop, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 4)
            stop = true;
    });
    fs::remove(studio.folder / "web/tide_0.jpg");
    writeFile(studio.folder / "web/tide_1.jpg", "retouched");
    const auto result = resumeRun(first.journal, {}, kNoStop, nothing);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 6U);
    EXPECT_TRUE(fs::exists(studio.folder / "web/tide_0.jpg"));
    EXPECT_EQ(readText(studio.folder / "web/tide_1.jpg"), "retouched");
    EXPECT_TRUE(fs::exists(studio.folder / "web/tide_1-2.jpg"));
}

TEST(Resume, OneProcessAtATimeAndGivingUpWritesTheLedger) {
    Studio studio(3);
    std::atomic<bool> stop{false};
    const auto first = runPlan(studio.plan(), {}, stop, [&](const RunEvent&) { stop = true; });
    {
        const auto held = Journal::reopen(first.journal);
        EXPECT_TRUE(unfinishedRuns().empty()); // somebody works on it
        EXPECT_EQ(problemOf([&] { resumeRun(first.journal, {}, kNoStop, nothing); }).kind,
                  ProblemKind::Refused);
    }
    closeUnfinished(first.journal);
    EXPECT_TRUE(unfinishedRuns().empty());
    const auto ledger = ledgerFromJson(readJsonFile(first.ledgerFile), "ledger");
    EXPECT_EQ(ledger.state, "stopped");
    EXPECT_EQ(ledger.count(Outcome::Made), first.ledger.count(Outcome::Made));
    EXPECT_EQ(problemOf([&] { resumeRun(first.journal, {}, kNoStop, nothing); }).kind, ProblemKind::NotFound);
}

TEST(Resume, AForgedOrCutJournalIsAProblemAndNoCrash) {
    Studio studio(2);
    std::atomic<bool> stop{false};
    const auto first = runPlan(studio.plan(), {}, stop, [&](const RunEvent&) { stop = true; });
    const auto text = readText(first.journal);
    const auto head = text.substr(0, text.find('\n') + 1);
    std::mt19937 random(3);
    for (int i = 0; i < 300; ++i) {
        auto bytes = text.substr(0, random() % text.size());
        if (i % 2 && !bytes.empty())
            bytes[random() % bytes.size()] = static_cast<char>(random());
        writeFile(first.journal, bytes);
        try {
            readJournal(first.journal);
        } catch (const Problem&) {
        }
    }
    writeFile(first.journal, head + "{\"copy\":99999,\"row\":{}}\n{\"copy\":0,\"row\":{\"original\":");
    EXPECT_TRUE(readJournal(first.journal).rows.empty());
    studio.expectComplete(resumeRun(first.journal, {}, kNoStop, nothing));
}

TEST(Faults, AFullDiskIsToldForEachCopyAndGoingOnCompletes) {
    Studio studio(6);
    for (auto& delivery : studio.deliveries)
        delivery.file.set("quality", 100.0), delivery.fit.longSide = 300;
    // Files of at most so many kB: what a full disk does to a write, without a disk.
    std::vector<std::string> words = {
        "timeout", "-s", "KILL", "60", "bash", "-c", "ulimit -f 12; exec \"$@\"", "bash"};
    const auto stamp = studio.command();
    words.insert(words.end(), stamp.begin(), stamp.end());
    const auto ran = runProgram(words, {{"XDG_STATE_HOME", (studio.folder / "state").string()}});
    EXPECT_TRUE(ran.exitCode == 1 || ran.exitCode == 2) << ran.exitCode << ran.out << ran.err;
    EXPECT_THAT(ran.out + ran.err, HasSubstr("too large"));
    studio.expectOriginalsUntouched();
    studio.expectWholeCopies();
    const auto left = unfinishedRuns();
    const auto result = left.empty() ? runPlan(studio.plan(), {}, kNoStop, nothing)
                                     : resumeRun(left[0].journal, {}, kNoStop, nothing);
    studio.expectComplete(result);
}

TEST(Faults, ADestinationThatGoesHalfWayDoesNotStopTheOtherDelivery) {
    Studio studio(12);
    RunOptions options;
    options.workers = 1;
    const auto result = runPlan(studio.plan(), options, kNoStop, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 6) {
            fs::remove_all(studio.folder / "web");
            writeFile(studio.folder / "web", "a file in its way");
        }
    });
    EXPECT_EQ(result.exitCode(), 1);
    std::map<std::string, std::size_t> failed;
    for (const auto& row : result.ledger.rows)
        failed[row.delivery] += row.outcome == Outcome::Failed;
    EXPECT_EQ(failed["small"], 0U);
    EXPECT_GT(failed["web"], 6U);
    fs::remove(studio.folder / "web");
    const auto again = runPlan(studio.plan(), {}, kNoStop, nothing);
    EXPECT_EQ(again.ledger.count(Outcome::Made) + again.ledger.count(Outcome::AlreadyThere), 24U);
    studio.expectOriginalsUntouched();
}

TEST(Faults, AnOriginalChangedOrDeletedHalfWayIsSaidOfItsCopies) {
    Studio studio(4);
    RunOptions options;
    options.workers = 1;
    const auto result = runPlan(studio.plan(), options, kNoStop, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 2) {
            writeFile(studio.files[0], readText(studio.files[0]) + "more");
            fs::remove(studio.files[3]);
        }
    });
    std::size_t changed = 0, gone = 0;
    for (const auto& row : result.ledger.rows) {
        changed += row.problem && row.problem->kind == ProblemKind::Changed;
        gone += row.problem && row.problem->kind == ProblemKind::NotFound;
    }
    EXPECT_EQ(changed, 2U);
    EXPECT_EQ(gone, 2U);
    studio.expectWholeCopies();
}

/// In a process of its own, which may even die of it.
TEST(Faults, WithoutDescriptorsOrMemoryPicturesFailAndNothingElse) {
    for (const auto& [option, limits] : std::map<std::string, std::vector<std::string>>{
             {"-n", {"10", "14", "20"}}, {"-v", {"150000", "260000", "400000"}}})
        for (const auto& limit : limits) {
            Studio studio(4);
            const auto stamp = studio.command();
            std::vector<std::string> words = {"timeout",
                                              "-s",
                                              "KILL",
                                              "60",
                                              "bash",
                                              "-c",
                                              "ulimit " + option + " " + limit + "; exec \"$@\"",
                                              "bash"};
            words.insert(words.end(), stamp.begin(), stamp.end());
            const auto ran = runProgram(words, {{"XDG_STATE_HOME", (studio.folder / "state").string()}});
            EXPECT_NE(ran.exitCode, 137) << option << limit << " hangs\n" << ran.err;
            studio.expectOriginalsUntouched();
            studio.expectWholeCopies();
            for (const auto& run : unfinishedRuns())
                closeUnfinished(run.journal);
            const auto result = runPlan(studio.plan(), {}, kNoStop, nothing);
            EXPECT_EQ(result.ledger.count(Outcome::Made) + result.ledger.count(Outcome::AlreadyThere), 8U);
            EXPECT_EQ(studio.inOut().size(), 8U) << option << limit; // what a dead run left behind is gone
        }
}

TEST(Faults, NothingIsBegunWhereTheJournalCanNotBeWritten) {
    Studio studio(1);
    writeFile(studio.folder / "state/keep-seal/ledgers", "a file in its way");
    EXPECT_EQ(problemOf([&] { runPlan(studio.plan(), {}, kNoStop, nothing); }).kind,
              ProblemKind::CannotWrite);
    EXPECT_TRUE(studio.inOut().empty());
}

TEST(Pause, NoFurtherPictureIsBegunUntilItGoesOn) {
    Studio studio(6);
    std::atomic<bool> pause{false};
    std::atomic<std::size_t> done{0};
    RunOptions options;
    options.workers = 1;
    options.pause = &pause;
    const auto plan = studio.plan();
    std::jthread run([&] {
        const auto result = runPlan(plan, options, kNoStop, [&](const RunEvent& event) {
            if (event.kind == RunEvent::Kind::CopyDone && ++done == 2)
                pause = true;
        });
        EXPECT_EQ(result.exitCode(), 0);
    });
    while (done < 2)
        std::this_thread::sleep_for(std::chrono::milliseconds(5));
    std::this_thread::sleep_for(std::chrono::milliseconds(300));
    EXPECT_LE(done, 2U);
    pause = false;
    run.join();
    EXPECT_EQ(done, 12U);
}
