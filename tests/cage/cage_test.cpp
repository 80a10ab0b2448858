// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The processes that read strangers' files: what they can't do, and what becomes of a run when they break.
#include "cage/cage.h"
#include "support/job.h"
#include "support/marked_words.h"

#include "base/fingerprint.h"
#include "base/give_way.h"
#include "base/patience.h"
#include "base/text.h"
#include "picture/develop.h"
#include "picture/untouched.h"
#include "plan/plan.h"
#include "privacy/report.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <csignal>
#include <fcntl.h>
#include <fstream>
#include <optional>
#include <spawn.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

/// Signals those that somebody waits for, as soon as there are any.
void signalBusyWorkers(int signal) {
    for (bool sent = false; !sent; std::this_thread::yield())
        for (const auto& worker : cage::workers())
            if (worker.busy && worker.pid > 0)
                sent = ::kill(worker.pid, signal) == 0 || sent;
}

/// Ends every worker, and starts one that was asked nothing yet.
void startAnew() {
    for (const auto& worker : cage::workers())
        if (worker.pid > 0) {
            ::kill(worker.pid, SIGKILL);
            siginfo_t info{};
            ::waitid(P_PID, static_cast<id_t>(worker.pid), &info, WEXITED | WNOWAIT);
        }
    cage::holds();
}

/// While it lives every worker there was hangs.
struct Hanging {
    Hanging() { signalAll(SIGSTOP); }
    ~Hanging() { signalAll(SIGCONT); }
    Hanging(const Hanging&) = delete;
    Hanging& operator=(const Hanging&) = delete;
    static void signalAll(int signal) {
        for (const auto& worker : cage::workers())
            if (worker.pid > 0)
                ::kill(worker.pid, signal);
    }
};

struct Pictures {
    TempFolder folder;
    std::vector<fs::path> files;
    Delivery delivery;
    std::map<fs::path, std::string> before;
    Pictures() {
        for (const auto* name : {"tide_1.jpg", "tide_2.png", "tide_3.jpg", "tide_4.tif"}) {
            files.push_back(folder / (std::string("in/") + name));
            makePicture(files.back(), 400, 300);
            before[files.back()] = fingerprint(Original(files.back()));
        }
        delivery = sampleDelivery(folder / "out");
    }
    void expectUntouched() const {
        for (const auto& [file, print] : before)
            EXPECT_EQ(fingerprint(Original(file)), print) << file;
    }
    std::size_t filesInOut() const {
        return static_cast<std::size_t>(std::distance(fs::recursive_directory_iterator(folder / "out"),
                                                      fs::recursive_directory_iterator()));
    }
};

TEST(Cage, NothingCanBeDoneFromInsideButReadingAndDrawing) {
    const TempFolder folder;
    const auto picture = folder / "original.jpg";
    makePicture(picture, 400, 300);
    writeFile(folder / "letter.txt", "private");
    const auto before = fingerprint(Original(picture));
    const int descriptor = ::open(picture.c_str(), O_RDONLY);
    ASSERT_EQ(::dup2(descriptor, 4), 4); // as a worker gets it; runProgram() hands it on
    const auto ran =
        runProgram({LOCKED_IN, picture.string(), (folder / "letter.txt").string(), folder.path().string()});
    ::close(4);
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto lines = splitTrimmed(ran.out, '\n');
    ASSERT_GT(lines.size(), 40U) << ran.out;
    EXPECT_THAT(lines[0], ::testing::MatchesRegex("locks: [1-9][0-9]* 1"));
    for (std::size_t i = 1; i < lines.size(); ++i) {
        const bool meant = lines[i].starts_with("decode the") || lines[i].starts_with("draw a") ||
                           lines[i].starts_with("start a thread");
        EXPECT_EQ(lines[i].ends_with(": done"), meant) << lines[i];
    }
    EXPECT_EQ(fingerprint(Original(picture)), before);
    EXPECT_FALSE(fs::exists(folder / "made"));
}

TEST(Cage, ReadsWhatIsThere) {
    const TempFolder folder;
    const auto path = folder / "p.jpg";
    Planted planted;
    planted.orientation = 6, planted.gps = true, planted.xmpCity = kSecretCity;
    makePicture(path, 320, 240, planted);
    const Original file(path);
    const auto facts = readFacts(file, "p");
    EXPECT_EQ(facts.size, (Size{240, 320}));
    const auto report = inspect(file);
    EXPECT_TRUE(report.tellsPlace());
    ASSERT_TRUE(report.point);
    EXPECT_NEAR(report.point->latitude, 54.25, 1e-6);
    ASSERT_TRUE(report.find("photoshop:City"));
    EXPECT_EQ(report.find("photoshop:City")->value, kSecretCity);
    const auto whole = develop(file, "p", facts, wholePicture(facts, {120, 160}));
    const auto shared = decodePicture(file, "p", facts, 1);
    const auto again = develop(file, "p", facts, wholePicture(facts, {120, 160}), nullptr, shared);
    ASSERT_EQ(whole.rgb.size(), 120U * 160 * 3);
    for (std::size_t i = 0; i < whole.rgb.size(); ++i)
        ASSERT_NEAR(whole.rgb[i], again.rgb[i], 6) << i;
}

TEST(Cage, WhatWasNotSearchedIsSaidInTheLanguageOfThePerson) {
    const TempFolder folder;
    const std::string whole("\x89PNG\r\n\x1A\n\0\0\1\0eXIfMM",
                            8 + 4 + 4 + 2); // 256 bytes of which there are 2
    writeFile(folder / "cut.png", whole);
    const auto report = inspect(Original(folder / "cut.png"));
    ASSERT_FALSE(report.notSearched.empty());
    EXPECT_EQ(report.notSearched[0].english(), "PNG: the chunk eXIf is cut off");
    const SpeaksMarked marked;
    EXPECT_EQ(report.notSearched[0].said(), "§PNG: the chunk eXIf is cut off");
}

TEST(Cage, AProblemComesBackAsItWasThrown) {
    const TempFolder folder;
    writeFile(folder / "no.jpg", "no picture at all");
    const Original file(folder / "no.jpg");
    const auto problem = problemOf([&] { readFacts(file, "no.jpg"); });
    EXPECT_EQ(problem.kind, ProblemKind::NotAPicture);
    EXPECT_EQ(problem.subject, "no.jpg");
    EXPECT_THAT(problem.happened, HasSubstr("no picture file"));
}

TEST(Cage, APictureIsNotBlamedForWhatItsReaderReadBefore) {
    const Pictures job;
    startAnew();
    const Original one(job.files[0]), other(job.files[1]);
    readFacts(one, "tide_1.jpg");
    const Hanging hanging;
    std::jthread killer([] { signalBusyWorkers(SIGKILL); });
    EXPECT_EQ(readFacts(other, "tide_2.png").size, (Size{400, 300}));
}

TEST(Cage, AFreshWorkerKilledInTheMidstCostsOnePicture) {
    const Pictures job;
    startAnew();
    const Hanging hanging;
    std::jthread killer([] { signalBusyWorkers(SIGKILL); });
    RunOptions options;
    options.workers = 1;
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan(job.files, {job.delivery}, "/"), options, stop, [](const RunEvent&) {});
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 3U);
    for (const auto& row : result.ledger.rows)
        if (row.outcome == Outcome::Failed) {
            ASSERT_TRUE(row.problem);
            EXPECT_THAT(row.problem->sentence(), HasSubstr(row.original.string()));
            EXPECT_THAT(row.problem->happened, HasSubstr("sudden end"));
        }
    EXPECT_EQ(job.filesInOut(), 3U) << "nothing half made may be left";
    job.expectUntouched();
}

TEST(Cage, AWorkerThatHangsIsGivenUp) {
    const Pictures job;
    cage::holds();
    const Hanging hanging;
    cage::setIdleLimit(std::chrono::milliseconds(400));
    RunOptions options;
    options.workers = 1;
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan(job.files, {job.delivery}, "/"), options, stop, [](const RunEvent&) {});
    cage::setIdleLimit(std::chrono::seconds(60));
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 3U);
    job.expectUntouched();
}

/// The letter that the kernel shows of a process: R, S, T (halted), ...
char stateOf(pid_t pid) {
    std::ifstream file("/proc/" + std::to_string(pid) + "/stat");
    std::string text;
    std::getline(file, text);
    return text.at(text.rfind(')') + 2);
}

TEST(Cage, WhatGivesWayStandsStillAndNothingElseAndLosesNothing) {
    const Pictures job;
    startAnew();
    const auto others = cage::workers();
    cage::setIdleLimit(std::chrono::milliseconds(400)); // standing still is no hanging
    RunOptions options;
    options.workers = 2;
    const std::atomic<bool> stop{false};
    std::atomic<unsigned> done{0};
    RunResult result;
    std::optional<Standstill> still;
    std::jthread patient([&] {
        giveWay();
        result = runPlan(makePlan(job.files, {job.delivery}, "/"), options, stop, [&](const RunEvent& event) {
            if (event.kind != RunEvent::Kind::CopyDone)
                return;
            if (done == 0)
                still.emplace();
            ++done;
        });
    });
    while (done == 0)
        std::this_thread::yield();
    const auto begin = std::chrono::steady_clock::now();
    while (std::chrono::steady_clock::now() - begin < std::chrono::milliseconds(900)) {
        EXPECT_TRUE(Standstill::now());
        EXPECT_EQ(readFacts(Original(job.files[1]), job.files[1].filename()).size, (Size{400, 300}))
            << "for a person";
    }
    EXPECT_LT(done, 4U);
    for (const auto& worker : cage::workers()) {
        const bool patientOne = std::none_of(others.begin(), others.end(),
                                             [&](const auto& other) { return other.pid == worker.pid; });
        if (patientOne)
            EXPECT_EQ(stateOf(worker.pid), 'T');
        else
            EXPECT_NE(stateOf(worker.pid), 'T');
    }
    cage::setIdleLimit(std::chrono::seconds(60)); // from here on a busy machine may be as slow as it likes
    still.reset();
    patient.join();
    EXPECT_EQ(result.ledger.count(Outcome::Made), 4U);
    job.expectUntouched();
}

TEST(Cage, StandingStillIsStoppedWhenItIsAsked) {
    const Pictures job;
    RunOptions options;
    options.workers = 1;
    std::atomic<bool> stop{false}, begun{false};
    RunResult result;
    const auto plan = makePlan(job.files, {job.delivery}, "/");
    const Standstill still;
    std::jthread patient([&] {
        giveWay();
        begun = true;
        result = runPlan(plan, options, stop, [](const RunEvent&) {});
    });
    while (!begun)
        std::this_thread::yield();
    stop = true;
    patient.join();
    EXPECT_TRUE(result.stopped);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 0U);
}

TEST(Cage, StopEndsAReadThatHangs) {
    const Pictures job;
    cage::holds();
    const Hanging hanging;
    std::atomic<bool> stop{false};
    std::jthread person([&] {
        const auto somebodyWaits = [] {
            const auto all = cage::workers();
            return std::any_of(all.begin(), all.end(), [](const auto& worker) { return worker.busy; });
        };
        while (!somebodyWaits())
            std::this_thread::yield();
        stop = true;
    });
    RunOptions options;
    options.workers = 1;
    const auto result =
        runPlan(makePlan(job.files, {job.delivery}, "/"), options, stop, [](const RunEvent&) {});
    EXPECT_TRUE(result.stopped);
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 0U);
    EXPECT_EQ(result.ledger.count(Outcome::Waiting), 4U);
    job.expectUntouched();
}

/// Blocks of pixels are kept for the next picture, and each is a file that is open.
TEST(Cage, AWorkerThatMadePicturesOfManySizesGoesOn) {
    const TempFolder folder;
    makePicture(folder / "tide.jpg", 1600, 1200);
    const Original original(folder / "tide.jpg");
    const auto facts = readFacts(original, "tide.jpg");
    startAnew();
    std::vector<DecodedPtr> held;
    for (int i = 0; i < 40; ++i)
        held.push_back(decodePicture(original, "tide.jpg", facts, 1));
    for (int i = 0; i < 150; ++i) {
        const Size target{400 + 8 * i, 300 + 6 * i};
        Frame made;
        ASSERT_NO_THROW(made = develop(original, "tide.jpg", facts, wholePicture(facts, target), nullptr,
                                       held[static_cast<std::size_t>(i) % held.size()]))
            << i;
        EXPECT_EQ(made.size, target);
    }
    EXPECT_NO_THROW((void)inspect(original));
}

#ifndef KEEPSEAL_SANITIZED // whose own memory is not limited
/// What decoders hold is known before they begin: a worker gets so much and no more, and ends where that is
/// less.
TEST(Cage, DecodersNeedNoMoreThanIsCountedForThem) {
    const TempFolder folder;
    const auto painted = runProgram({LARGE_PICTURES, folder.path().string()});
    ASSERT_EQ(painted.exitCode, 0) << painted.err;
    std::size_t pictures = 0;
    for (const auto& entry : fs::directory_iterator(folder.path())) {
        if (!entry.is_regular_file())
            continue;
        const auto name = entry.path().filename().string();
        const Original file(entry.path());
        const auto facts = readFacts(file, name);
        auto wish = wholePicture(facts, facts.size);
        wish.deep = facts.bits > 8;
        EXPECT_NO_THROW(develop(file, name, facts, wish)) << name;
        ++pictures;
    }
    EXPECT_EQ(pictures, 10U);
}
#endif

TEST(Cage, WhatCannotFitIsRefusedBeforeItIsDecoded) {
    const Pictures job;
    setMostPictureMemory(1'000'000);
    const auto result = runAll(makePlan(job.files, {job.delivery}, "/"));
    setMostPictureMemory(0);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 0U);
    for (const auto& row : result.ledger.rows) {
        ASSERT_TRUE(row.problem);
        EXPECT_EQ(row.problem->kind, ProblemKind::TooLarge);
        EXPECT_THAT(row.problem->happened, HasSubstr("of memory"));
    }
    job.expectUntouched();
}

TEST(Cage, ReadersAreApart) {
    const auto here = ::getpid();
    cage::holds();
    for (const auto& worker : cage::workers()) {
        EXPECT_NE(worker.pid, here);
        const fs::path process = "/proc/" + std::to_string(worker.pid);
        std::error_code error;
        std::size_t open = 0;
        for (fs::directory_iterator it(process / "fd", error), end; !error && it != end;
             it.increment(error)) {
            const auto what = fs::read_symlink(it->path(), error).string();
            bool meant = what == "/dev/null" || what.starts_with("socket:") || what.starts_with("/memfd:") ||
                         what.starts_with("anon_inode:");
#ifdef KEEPSEAL_SANITIZED // whose findings go where ours go
            meant = meant || fs::read_symlink(process / "fd/2") == what;
#endif
            EXPECT_TRUE(meant) << what << ": no original stays open, and nothing else was handed down";
            ++open;
        }
        EXPECT_TRUE(::getuid() != 0 || open >= 4) << "nobody but root may look";
    }
}

} // namespace

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    keepseal::startPictureEngine(argv[0]);
    return RUN_ALL_TESTS();
}

TEST(Cage, AJpegIsStampedUntouchedByAWorker) {
    const TempFolder folder;
    makePicture(folder / "tide.jpg", 320, 240);
    const Original original(folder / "tide.jpg");
    const auto facts = readFacts(original, "tide.jpg");
    ASSERT_TRUE(facts.keepsBlocks);
    EXPECT_TRUE(facts.srgb);
    ChangedPart part;
    part.area = {32, 16, 64, 32};
    part.rgb.assign(64 * 32 * 3, 250);
    part.cells.assign(8 * 4, 1);
    const auto held = holdJpeg(original, "tide.jpg", facts);
    EXPECT_EQ(held.coarse.size, (Size{40, 30}));
    const auto under = pixelsOf(*held.coefficients, {32, 16, 64, 32});
    const auto bytes = stampedJpeg(held.coefficients, part);
    const MemorySource copy(bytes);
    const auto read = readFacts(copy, "copy");
    EXPECT_EQ(read.size, facts.size);
    const auto frame = develop(copy, "copy", read, wholePicture(read, read.size));
    EXPECT_NEAR(frame.row(30)[60 * 3], 250, 4);
    const auto before = develop(original, "tide.jpg", facts, wholePicture(facts, facts.size));
    EXPECT_TRUE(std::equal(frame.row(100), frame.row(101), before.row(100)));
    EXPECT_TRUE(std::equal(under.row(7), under.row(8), before.row(23) + 32 * 3));
    EXPECT_THROW((void)pixelsOf(*held.coefficients, {32, 16, 64, 32}), Problem); // they are spent
    const auto anew = stampedJpeg(holdJpeg(original, "tide.jpg", facts).coefficients, part, {80, {2, 2}});
    const MemorySource again(anew);
    const auto factsAnew = readFacts(again, "copy");
    EXPECT_EQ(factsAnew.perColour, (Size{2, 2}));
    EXPECT_NEAR(develop(again, "copy", factsAnew, wholePicture(factsAnew, factsAnew.size)).row(30)[60 * 3],
                250, 6);
    part.area.x = 310;
    EXPECT_THROW((void)stampedJpeg(holdJpeg(original, "tide.jpg", facts).coefficients, part), Problem);
}
