// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register's program is killed before its first write to storage, its second, and so on: what is left is
// sound, and the same command, said again, comes to the same end as one that nobody killed.
#include "record/register.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cstdlib>

using namespace keepseal;
using namespace keepseal::test;

namespace {

using Words = std::vector<std::string>;
constexpr std::size_t kLedgers = 8, kRows = 60, kAll = kLedgers * kRows;

Ran whole(Words words, const fs::path& state, std::map<std::string, std::string> environment = {}) {
    words.insert(words.begin(), KEEPSEAL_CLI);
    environment["XDG_STATE_HOME"] = state.string();
    return runProgram(words, environment);
}

/// False: it came to its end before that write.
bool killed(const Words& words, const fs::path& state, int write) {
    const char* options = std::getenv("ASAN_OPTIONS");
    const auto ran =
        whole(words, state,
              {{"LD_PRELOAD", DIES_AT_WRITE},
               {"KEEPSEAL_DIES_AT", std::to_string(write)},
               {"ASAN_OPTIONS", std::string(options ? options : "") + ":verify_asan_link_order=0"}});
    if (ran.exitCode == 128 + SIGKILL)
        return true;
    EXPECT_LE(ran.exitCode, 1) << ran.err; // 1: nothing was left to be done
    return false;
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
    /// Kills `words` at ever later writes, until they come to their end.
    template <class Holds>
    void killAt(const Words& words, const fs::path& where, Holds holds) {
        const int finer = std::getenv("KEEPSEAL_KILLS") ? 16 : 2; // hundreds, by hand
        int kills = 0;
        for (int write = 1; killed(words, where, write); write += std::max(1, write / finer), ++kills) {
            SCOPED_TRACE("killed at write " + std::to_string(write));
            holds();
        }
        EXPECT_GT(kills, 4) << "else nothing was tried";
    }
    TempFolder folder;
    fs::path state = folder / "state";
};

} // namespace

TEST_F(RegisterKills, WhileItIsMadeAndMadeAnew) {
    killAt({"register", "find", "Odd"}, state, [&] {
        EXPECT_EQ(copiesOfASoundRegister(state), kAll);
        for (const auto* of : {"", "-wal", "-shm"})
            fs::remove(state / (std::string("keep-seal/register.sqlite") + of));
    });
    killAt({"register", "rebuild"}, state, [&] { EXPECT_EQ(copiesOfASoundRegister(state), kAll); });
}

TEST_F(RegisterKills, WhileSomethingIsForgotten) {
    const Words words{"register", "forget", "--yes", "--delivery", "Odd"};
    killAt(words, state, [&] {
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
    killAt(words, folder / "joined", [&] {
        const auto there = copiesOfASoundRegister(folder / "joined");
        EXPECT_EQ(there % kRows, 0U) << "each run whole or not at all";
        EXPECT_LE(there, kAll);
    });
    EXPECT_EQ(whole(words, folder / "joined").exitCode, 0);
    EXPECT_EQ(copiesOfASoundRegister(folder / "joined"), kAll);
}
