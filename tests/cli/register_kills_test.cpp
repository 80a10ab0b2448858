// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register's program is killed in the midst of each kind of write, at many moments: what is left is
// sound, and the same command, said again, comes to the same end as one that nobody killed.
#include "record/register.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <chrono>
#include <csignal>
#include <fcntl.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

using Words = std::vector<std::string>;
constexpr std::size_t kLedgers = 8, kRows = 150, kAll = kLedgers * kRows;
constexpr int kKills = 12;

Ran whole(Words words, const fs::path& state) {
    words.insert(words.begin(), KEEPSEAL_CLI);
    return runProgram(words, {{"XDG_STATE_HOME", state.string()}});
}

/// False: it had come to its end before.
bool killed(Words words, const fs::path& state, std::chrono::microseconds after) {
    words.insert(words.begin(), KEEPSEAL_CLI);
    std::vector<char*> arguments;
    for (auto& word : words)
        arguments.push_back(word.data());
    arguments.push_back(nullptr);
    const pid_t child = ::fork();
    if (child == 0) {
        ::setenv("XDG_STATE_HOME", state.c_str(), 1);
        ::dup2(::open("/dev/null", O_WRONLY), 1);
        ::execv(KEEPSEAL_CLI, arguments.data());
        ::_exit(127);
    }
    std::this_thread::sleep_for(after);
    ::kill(child, SIGKILL);
    int status = 0;
    ::waitpid(child, &status, 0);
    return WIFSIGNALED(status);
}

LedgerRow rowOf(std::size_t ledger, std::size_t number) {
    LedgerRow row;
    const auto name = std::to_string(ledger) + "_" + std::to_string(number) + ".jpg";
    row.original = "/in/" + name;
    row.copy = "/out/" + name;
    row.delivery = number % 2 ? "Odd" : "Even";
    row.outcome = Outcome::Made;
    row.copyFingerprint = row.fingerprintBefore = name;
    return row;
}

std::size_t copiesOfASoundRegister(const fs::path& state) {
    Register known(state / "keep-seal/register.sqlite");
    known.catchUp();
    known.requireSound();
    return known.copies();
}

class RegisterKills : public ::testing::Test {
protected:
    RegisterKills() {
        for (std::size_t i = 0; i < kLedgers; ++i) {
            Ledger ledger;
            ledger.started = "2026-05-0" + std::to_string(i + 1) + "T10:00:00Z";
            ledger.state = "finished";
            for (std::size_t n = 0; n < kRows; ++n)
                ledger.rows.push_back(rowOf(i, n));
            const auto ledgers = state / "keep-seal/ledgers";
            fs::create_directories(ledgers);
            saveLedger(ledger, ledgers / ("run-" + std::to_string(i) + ".json"));
        }
    }
    fs::path copyOfState(const char* name) {
        fs::copy(state, folder / name, fs::copy_options::recursive);
        return folder / name;
    }
    /// Kills `words` at ever later moments of the time that they take where nobody kills them.
    template <class Holds>
    void killAt(const Words& words, const fs::path& where, std::chrono::microseconds whole, Holds holds) {
        int kills = 0;
        for (int i = 1; i <= kKills; ++i) {
            SCOPED_TRACE("kill " + std::to_string(i));
            kills += killed(words, where, whole * i / kKills) ? 1 : 0;
            holds();
        }
        EXPECT_GT(kills, 2) << "else nothing was tried";
    }
    std::chrono::microseconds durationOf(const Words& words, const fs::path& where) {
        const auto begin = std::chrono::steady_clock::now();
        EXPECT_EQ(whole(words, where).exitCode, 0);
        return std::chrono::duration_cast<std::chrono::microseconds>(std::chrono::steady_clock::now() -
                                                                     begin);
    }
    TempFolder folder;
    fs::path state = folder / "state";
};

} // namespace

TEST_F(RegisterKills, WhileItIsMadeAndMadeAnew) {
    const auto where = copyOfState("other");
    const auto atFirst = durationOf({"register", "find", "Odd"}, where);
    killAt({"register", "find", "Odd"}, state, atFirst, [&] {
        EXPECT_EQ(copiesOfASoundRegister(state), kAll);
        for (const auto* of : {"", "-wal", "-shm"})
            fs::remove(state / (std::string("keep-seal/register.sqlite") + of));
    });
    const auto anew = durationOf({"register", "rebuild"}, where);
    killAt({"register", "rebuild"}, state, anew, [&] { EXPECT_EQ(copiesOfASoundRegister(state), kAll); });
}

TEST_F(RegisterKills, WhileSomethingIsForgotten) {
    const Words words{"register", "forget", "--yes", "--delivery", "Odd"};
    const auto usual = durationOf(words, copyOfState("other"));
    killAt(words, state, usual, [&] {
        EXPECT_GE(copiesOfASoundRegister(state), kAll / 2);
        RegisterSearch kept;
        kept.delivery = "Even";
        EXPECT_EQ(Register(state / "keep-seal/register.sqlite").count(kept), kAll / 2) << "nobody named them";
    });
    (void)whole(words, state);
    EXPECT_EQ(copiesOfASoundRegister(state), kAll / 2);
}

TEST_F(RegisterKills, WhileAnotherIsJoined) {
    const auto file = folder / "all.jsonl";
    writeFile(file, whole({"register", "export"}, state).out);
    const Words words{"register", "import", file.string()};
    const auto usual = durationOf(words, folder / "other");
    ASSERT_EQ(copiesOfASoundRegister(folder / "other"), kAll);
    killAt(words, folder / "joined", usual, [&] {
        const auto there = copiesOfASoundRegister(folder / "joined");
        EXPECT_EQ(there % kRows, 0U) << "each run whole or not at all";
        EXPECT_LE(there, kAll);
    });
    EXPECT_EQ(whole(words, folder / "joined").exitCode, 0);
    EXPECT_EQ(copiesOfASoundRegister(folder / "joined"), kAll);
}
