// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the register knows of files, held against what really lies there.
#include "record/verify.h"
#include "support/job.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

class Registered : public ::testing::Test {
protected:
    Registered() {
        for (const auto* name : {"a.jpg", "b.jpg", "c.jpg"})
            makePicture(folder / "in" / name, 120 + name[0], 90);
        auto web = sampleDelivery(folder / "out");
        web.name = "Web";
        RunOptions options;
        options.ledgerFolder = folder / "state/ledgers";
        const std::atomic<bool> stop{false};
        runPlan(makePlan({folder / "in/a.jpg", folder / "in/b.jpg", folder / "in/c.jpg"}, {web}, "/"),
                options, stop, [](const RunEvent&) {});
    }
    std::map<std::string, Standing> standings(const fs::path& where) {
        Register known(file);
        const std::atomic<bool> stop{false};
        std::map<std::string, Standing> out;
        for (const auto& verified : verifyFolder(known, where, stop))
            out[fs::relative(verified.file, fs::canonical(where)).string()] = verified.standing;
        return out;
    }
    TempFolder folder;
    fs::path file = folder / "state/register.sqlite";
};

TEST_F(Registered, AFolderIsHeldAgainstIt) {
    using S = Standing;
    EXPECT_EQ(standings(folder / "out"),
              (std::map<std::string, S>{
                  {"a.jpg", S::Untouched}, {"b.jpg", S::Untouched}, {"c.jpg", S::Untouched}}));
    writeFile(folder / "out/a.jpg", readText(folder / "out/a.jpg") + "x");
    fs::remove(folder / "out/b.jpg");
    fs::create_directories(folder / "out/album");
    fs::rename(folder / "out/c.jpg", folder / "out/album/chosen.jpg");
    writeFile(folder / "out/notes.txt", "not ours");
    fs::create_symlink(folder / "in/a.jpg", folder / "out/link.jpg");
    EXPECT_EQ(standings(folder / "out"), (std::map<std::string, S>{{"a.jpg", S::Changed},
                                                                   {"album/chosen.jpg", S::Untouched},
                                                                   {"b.jpg", S::Missing},
                                                                   {"c.jpg", S::Missing},
                                                                   {"notes.txt", S::Foreign}}));
    // A folder whose name begins alike is another one.
    fs::create_directories(folder / "out-2");
    EXPECT_TRUE(standings(folder / "out-2").empty());
}

TEST_F(Registered, OriginalsAreKnownToo) {
    using S = Standing;
    writeFile(folder / "in/b.jpg", readText(folder / "in/b.jpg") + "x");
    fs::rename(folder / "in/c.jpg", folder / "in/elsewhere.jpg");
    EXPECT_EQ(standings(folder / "in"),
              (std::map<std::string, S>{
                  {"a.jpg", S::Untouched}, {"b.jpg", S::Changed}, {"elsewhere.jpg", S::Untouched}}));
    Register known(file);
    const auto moved = verifyFile(known, folder / "in/elsewhere.jpg");
    EXPECT_TRUE(moved.original);
    ASSERT_TRUE(moved.known);
    EXPECT_EQ(moved.known->row.original, folder / "in/c.jpg");
    EXPECT_EQ(verifyFile(known, folder / "in/none.jpg").standing, S::Unread);
    const auto copies = known.copiesOf(moved.known->row.fingerprintBefore);
    ASSERT_EQ(copies.size(), 1U);
    EXPECT_EQ(copies[0].row.copy, folder / "out/c.jpg");
    EXPECT_EQ(copies[0].row.delivery, "Web");
    EXPECT_FALSE(copies[0].made.empty());
}

TEST_F(Registered, AnOlderShapeIsMadeAnewAndKept) {
    {
        SQLite::Database old(file.string(), SQLite::OPEN_READWRITE);
        old.exec(
            "DROP INDEX copies_by_copy_bytes; DROP INDEX copies_by_original_bytes; PRAGMA user_version=1");
    }
    EXPECT_EQ(standings(folder / "out").size(), 3U);
    SQLite::Database renewed(file.string());
    EXPECT_EQ(renewed.execAndGet("PRAGMA user_version").getInt(), 2);
    EXPECT_EQ(renewed.execAndGet("SELECT count(*) FROM sqlite_master WHERE name LIKE '%bytes'").getInt(), 2);
    SQLite::Database kept((folder / "state/register.sqlite.version-1").string());
    EXPECT_EQ(kept.execAndGet("SELECT count(*) FROM copies").getInt(), 3);
}
