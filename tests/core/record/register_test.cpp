// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the register knows of files, held against what really lies there.
#include "recognise/history.h"
#include "record/kept_pictures.h"
#include "record/verify.h"
#include "support/changes.h"
#include "support/job.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <sys/fsuid.h>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;

/// While it lives this thread opens what anybody may: root would be let in everywhere.
struct Nobody {
    Nobody() { ::setfsuid(65534); }
    ~Nobody() { ::setfsuid(::geteuid()); }
    Nobody(const Nobody&) = delete;
    Nobody& operator=(const Nobody&) = delete;
};

class Registered : public ::testing::Test {
protected:
    Registered() {
        for (const auto* name : {"a.jpg", "b.jpg", "c.jpg"})
            makePicture(folder / "in" / name, 120 + name[0], 90);
        run({folder / "in/a.jpg", folder / "in/b.jpg", folder / "in/c.jpg"}, folder / "out");
    }
    void run(const std::vector<fs::path>& originals, const fs::path& where) {
        auto web = sampleDelivery(where);
        web.name = "Web";
        RunOptions options;
        options.ledgerFolder = folder / "state/ledgers";
        const std::atomic<bool> stop{false};
        runPlan(makePlan(originals, {web}, "/"), options, stop, [](const RunEvent&) {});
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

TEST_F(Registered, WhatLiesInAClosedFolderIsNotCalledMissing) {
    using S = Standing;
    fs::create_directories(folder / "out/closed/deep");
    run({folder / "in/a.jpg"}, folder / "out/closed/deep");
    fs::permissions(folder.path(), fs::perms::owner_all | fs::perms::group_exec | fs::perms::others_exec);
    fs::permissions(folder / "out/closed", fs::perms::none);
    Register known(file);
    const std::atomic<bool> stop{false};
    known.madeBelow("/"); // open, with all it needs, before this thread is nobody's
    std::map<std::string, VerifiedFile> out;
    {
        const Nobody nobody;
        for (const auto& verified : verifyFolder(known, folder / "out", stop))
            out[verified.file.lexically_relative(folder / "out").string()] = verified;
    }
    fs::permissions(folder / "out/closed", fs::perms::owner_all);
    ASSERT_EQ(out.size(), 5U);
    EXPECT_EQ(out["a.jpg"].standing, S::Untouched);
    EXPECT_EQ(out["c.jpg"].standing, S::Untouched);
    for (const auto* closed : {"closed", "closed/deep/a.jpg"}) {
        EXPECT_EQ(out[closed].standing, S::Unread);
        ASSERT_TRUE(out[closed].problem) << closed;
        EXPECT_THAT(out[closed].problem->sentence(), ::testing::HasSubstr((folder / "out/closed").string()));
    }
    EXPECT_EQ(out["closed/deep/a.jpg"].known->row.original, folder / "in/a.jpg");
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

/// The file as version 1 had it.
void makeVersionOne(const fs::path& file) {
    const auto now = file.string() + ".now";
    {
        SQLite::Database whole(file.string(), SQLite::OPEN_READWRITE);
        whole.exec("PRAGMA wal_checkpoint(TRUNCATE)");
    }
    fs::rename(file, now);
    SQLite::Database old(file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    old.exec("ATTACH '" + now + "' AS now");
    old.exec(
        "CREATE TABLE runs (id INTEGER PRIMARY KEY, ledger TEXT NOT NULL UNIQUE, started TEXT NOT NULL, "
        "ended TEXT NOT NULL, state TEXT NOT NULL);"
        "CREATE TABLE copies (id INTEGER PRIMARY KEY, run INTEGER NOT NULL REFERENCES runs(id) ON DELETE "
        "CASCADE, "
        "original BLOB NOT NULL, original_bytes INTEGER NOT NULL, original_modified_ns INTEGER NOT NULL, "
        "original_sha256 TEXT NOT NULL, delivery TEXT NOT NULL, settings_digest TEXT NOT NULL, copy BLOB NOT "
        "NULL, "
        "copy_bytes INTEGER NOT NULL, copy_modified_ns INTEGER NOT NULL, copy_sha256 TEXT NOT NULL);"
        "CREATE INDEX copies_by_copy ON copies(copy); PRAGMA user_version=1;"
        "INSERT INTO main.runs SELECT id, ledger, started, ended, state FROM now.runs;"
        "INSERT INTO main.copies SELECT id % 1000 + 1, run, original, original_bytes, original_modified_ns, "
        "original_sha256, delivery, settings_digest, copy, copy_bytes, copy_modified_ns, copy_sha256 FROM "
        "now.copies");
}

TEST_F(Registered, AnOlderShapeIsMadeAnewAndKept) {
    makeVersionOne(file);
    EXPECT_EQ(standings(folder / "out").size(), 3U);
    Register known(file);
    EXPECT_EQ(known.copies(), 3U);
    RegisterSearch search{"web"};
    search.original = folder / "in/b.jpg";
    EXPECT_EQ(known.count(search), 1U);
    EXPECT_FALSE(known.whole(known.find(search, 0, 1).front().id)->row.words.empty()); // from its ledger
    SQLite::Database kept((folder / "state/register.sqlite.version-1").string());
    EXPECT_EQ(kept.execAndGet("SELECT count(*) FROM copies").getInt(), 3);
}

TEST_F(Registered, WhatWasHeldBackIsKnownUntilItIsDelivered) {
    const auto original = folder / "in/wide.png";
    makePicture(original, 17000, 10);
    run({original}, folder / "out");
    auto letter = sampleDelivery(folder / "letters");
    letter.name = "Letter";
    letter.fit.on = false;
    letter.file.choose("jpeg", false);
    letter.file.choose("webp"); // which holds no picture as wide as that
    RunOptions options;
    options.ledgerFolder = folder / "state/ledgers";
    const std::atomic<bool> stop{false};
    const auto make = [&] {
        return runPlan(makePlan({original}, {letter}, "/"), options, stop, [](const RunEvent&) {});
    };
    ASSERT_EQ(make().ledger.count(Outcome::HeldBack), 1U);
    Register known(file);
    known.catchUp();
    const auto held = stillHeldBack(known, original);
    ASSERT_EQ(held.size(), 1U);
    EXPECT_EQ(held.front().copy.row.delivery, "Letter");
    EXPECT_FALSE(held.front().why.empty());
    EXPECT_EQ(known.copiesOfFile(original).size(), 1U) << "it is no copy that left";
    EXPECT_TRUE(stillHeldBack(known, folder / "in/b.jpg").empty());
    fs::rename(original, folder / "in/moved.png"); // known by its bytes
    EXPECT_EQ(stillHeldBack(known, folder / "in/moved.png").size(), 1U);
    fs::rename(folder / "in/moved.png", original);
    known.rebuild();
    EXPECT_EQ(stillHeldBack(known, original).size(), 1U);
    letter.file.choose("webp", false);
    letter.file.choose("png");
    ASSERT_EQ(make().ledger.count(Outcome::Made), 1U);
    known.catchUp();
    EXPECT_TRUE(stillHeldBack(known, original).empty());
}

TEST_F(Registered, TheShapeBeforeLearnsWhatWasHeldBack) {
    { Register known(file); }
    SQLite::Database(file.string(), SQLite::OPEN_READWRITE).exec("DROP TABLE held; PRAGMA user_version = 3");
    Register known(file);
    EXPECT_EQ(known.copies(), 3U);
    EXPECT_EQ(known.count({"web"}), 3U);
    EXPECT_TRUE(known.heldBackOf(folder / "in/a.jpg", {}).empty());
    known.requireSound();
}

TEST_F(Registered, CopiesWhoseLedgersAreGoneStay) {
    makeVersionOne(file);
    fs::remove_all(folder / "state/ledgers");
    Register known(file);
    EXPECT_EQ(known.copies(), 3U);
    RegisterSearch search{"web"};
    search.original = folder / "in/a.jpg";
    EXPECT_EQ(known.count(search), 1U);
    EXPECT_TRUE(known.madeAt(folder / "out/a.jpg"));
}

namespace {

LedgerRow rowNamed(const std::string& name, const std::string& delivery, int side) {
    LedgerRow row;
    row.original = "/in/" + name;
    row.copy = "/out/" + delivery + "/" + name;
    row.delivery = delivery;
    row.outcome = Outcome::Made;
    row.copySize = {side, side / 2};
    row.copyFingerprint = row.fingerprintBefore = name;
    return row;
}

std::vector<std::string> namesFound(Register& known, const RegisterSearch& search) {
    std::vector<std::string> out;
    for (const auto& copy : known.find(search, 0, 100))
        out.push_back(copy.row.copy.filename().string());
    EXPECT_EQ(known.count(search), out.size());
    return out;
}

} // namespace

TEST(RegisterSearch, FindsByAllThatIsSaid) {
    const TempFolder folder;
    Register known;
    using Names = std::vector<std::string>;
    Ledger may{"2026-05-09T10:00:00Z",
               "2026-05-09T10:01:00Z",
               "finished",
               false,
               {rowNamed("tide_0302.jpg", "Web", 2048), rowNamed("Möwe-7.jpg", "Web", 1200)}};
    may.rows[0].words = {{"title", "Kites over the flats"}, {"usage_terms", "Not before 1 June"}};
    may.rows[1].sealOnCopy = true;
    may.rows[1].seal = "Corner";
    Ledger june{"2026-06-01T08:00:00Z",
                "2026-06-01T08:01:00Z",
                "finished",
                false,
                {rowNamed("tide_0303.jpg", "Press", 4000), rowNamed("held.jpg", "Press", 4000)}};
    june.rows[0].placeOpened = true;
    june.rows[1].outcome = Outcome::HeldBack; // did not leave
    known.add(june, "/ledgers/b.json");
    known.add(may, "/ledgers/a.json"); // joined later, made earlier
    EXPECT_EQ(namesFound(known, {}), (Names{"tide_0303.jpg", "Möwe-7.jpg", "tide_0302.jpg"}));
    EXPECT_EQ(namesFound(known, {"tide"}), (Names{"tide_0303.jpg", "tide_0302.jpg"}));
    EXPECT_EQ(namesFound(known, {"TIDE_0302"}), Names{"tide_0302.jpg"});
    EXPECT_EQ(namesFound(known, {"kit flat"}), Names{"tide_0302.jpg"}); // beginnings of words, all of them
    EXPECT_EQ(namesFound(known, {"302 tide"}), Names{});
    EXPECT_EQ(namesFound(known, {"0302 tide"}), Names{"tide_0302.jpg"});
    EXPECT_EQ(namesFound(known, {"0302_tide"}), Names{}); // what is written together stands together
    EXPECT_EQ(namesFound(known, {"-tide_03: web"}), Names{"tide_0302.jpg"});
    EXPECT_EQ(namesFound(known, {"mowe"}), Names{"Möwe-7.jpg"});
    EXPECT_EQ(namesFound(known, {"june"}), Names{"tide_0302.jpg"});
    EXPECT_EQ(namesFound(known, {"corner"}), Names{"Möwe-7.jpg"});
    for (const auto* odd :
         {"\"", "'; DROP TABLE copies; --", "tide AND", "NEAR(tide", "tide*", "-", "%", "kites^"})
        EXPECT_NO_THROW(namesFound(known, {odd})) << odd;
    EXPECT_EQ(namesFound(known, {"absent"}), Names{});
    RegisterSearch search;
    search.delivery = "Web";
    search.since = search.until = "2026-05";
    EXPECT_EQ(namesFound(known, search).size(), 2U);
    search.since = "2026-05-10";
    search.until = "";
    EXPECT_EQ(namesFound(known, search), Names{});
    search = {};
    search.until = "2026-05-09"; // the whole day
    EXPECT_EQ(namesFound(known, search).size(), 2U);
    search.until = "May";
    EXPECT_EQ(problemOf([&] { known.find(search, 0, 1); }).kind, ProblemKind::BadSetting);
    search = {};
    search.below = "/out/Web/";
    EXPECT_EQ(namesFound(known, search).size(), 2U);
    search.below = "/out/We"; // begins alike, is another
    EXPECT_EQ(namesFound(known, search), Names{});
    search = {};
    search.sealed = true;
    EXPECT_EQ(namesFound(known, search), Names{"Möwe-7.jpg"});
    search = {};
    search.tellsPlace = true;
    EXPECT_EQ(namesFound(known, search), Names{"tide_0303.jpg"});
    search = {};
    search.sideFrom = 1201;
    search.sideTo = 2048;
    EXPECT_EQ(namesFound(known, search), Names{"tide_0302.jpg"});
    search = {};
    search.original = "/in/tide_0303.jpg";
    EXPECT_EQ(namesFound(known, search), Names{"tide_0303.jpg"});
    // The same run again says the same once.
    known.add(may, "/ledgers/a.json");
    EXPECT_EQ(known.copies(), 3U);
    EXPECT_EQ(known.deliveries(), (Names{"Press", "Web"}));
    EXPECT_EQ(known.countsOf({"/in/tide_0302.jpg", "/in/none"}),
              (std::map<fs::path, std::size_t>{{"/in/tide_0302.jpg", 1}}));
}

TEST(RegisterSearch, PagesFollowEachOther) {
    const TempFolder folder;
    Register known;
    Ledger ledger{"2026-05-09T10:00:00Z", "2026-05-09T10:01:00Z", "finished", false, {}};
    for (int i = 0; i < 25; ++i)
        ledger.rows.push_back(rowNamed("wide " + std::to_string(i), "Web", 100));
    known.add(ledger, "/ledgers/a.json");
    std::set<std::int64_t> ids;
    for (std::size_t from = 0; from < 30; from += 10)
        for (const auto& copy : known.find({"wide"}, from, 10))
            ids.insert(copy.id);
    EXPECT_EQ(ids.size(), 25U);
    EXPECT_TRUE(known.find({"wide"}, 25, 10).empty());
}

TEST_F(Registered, WhatAKilledProcessLeftOfALineIsPassedOver) {
    fs::path pictures;
    for (const auto& entry : fs::directory_iterator(folder / "state/ledgers"))
        if (entry.path().extension() == ".pictures")
            pictures = entry.path();
    const auto text = readText(pictures);
    std::size_t whole = 0;
    const auto count = [&] {
        whole = 0;
        readPictures(pictures, {.picture = [&](const KeptPicture&) { ++whole; }});
        return whole;
    };
    EXPECT_EQ(count(), 3U);
    const auto last = text.rfind("{\"height\"");
    writeFile(pictures, text.substr(0, last + 200));
    EXPECT_EQ(count(), 2U);
    KeptPictures more(pictures); // another process goes on
    more.add(keptPicture(plainFrame(90, 60, {1, 2, 3})));
    EXPECT_EQ(count(), 3U);
    auto damaged = readText(pictures);
    damaged[damaged.find("known_by") + 20] ^= 1;
    writeFile(pictures, damaged);
    EXPECT_EQ(count(), 2U);
    EXPECT_TRUE(Register(file).rebuild().empty()); // copies are there all the same
    EXPECT_EQ(Register(file).copies(), 3U);
}

TEST_F(Registered, ADamagedOneIsSaidAndMadeAgain) {
    {
        Register known(file);
        EXPECT_NO_THROW(known.requireSound());
        SQLite::Database whole(file.string(), SQLite::OPEN_READWRITE);
        whole.exec("PRAGMA wal_checkpoint(TRUNCATE)");
    }
    auto bytes = readText(file);
    for (std::size_t at = bytes.size() / 4; at < bytes.size() / 4 * 3; ++at)
        bytes[at] = 'x';
    writeFile(file, bytes);
    fs::remove(file.string() + "-wal");
    fs::remove(file.string() + "-shm");
    EXPECT_EQ(problemOf([&] { Register(file).requireSound(); }).kind, ProblemKind::BadFile);
    const auto found = Register::mend(file);
    ASSERT_TRUE(found);
    EXPECT_THAT(found->sentence(), ::testing::HasSubstr("3 copies"));
    EXPECT_TRUE(fs::exists(file.string() + ".damaged"));
    EXPECT_EQ(Register(file).copies(), 3U);
    EXPECT_FALSE(Register::mend(file));
}

TEST_F(Registered, WhoWantsNothingKeptOfAPictureIsObeyed) {
    const auto original = folder / "in/quiet.png";
    const auto bytes = encodeJpeg(drawnScene(3), 95);
    writeFile(original, std::string(bytes.begin(), bytes.end()));
    auto quiet = sampleDelivery(folder / "quiet"), other = sampleDelivery(folder / "other");
    quiet.name = "Quiet", other.name = "Other";
    quiet.place.knownAgain = false;
    RunOptions options;
    options.ledgerFolder = folder / "state/ledgers";
    const std::atomic<bool> stop{false};
    const auto make = [&](std::vector<Delivery> deliveries) {
        return runPlan(makePlan({original}, std::move(deliveries), "/"), options, stop,
                       [](const RunEvent&) {});
    };
    const auto alone = make({quiet});
    ASSERT_EQ(alone.ledger.count(Outcome::Made), 1U);
    EXPECT_TRUE(alone.ledger.rows[0].picture.empty());
    EXPECT_EQ(alone.ledger.rows[0].code, 0U);
    EXPECT_TRUE(readText(picturesOf(alone.ledgerFile)).empty());
    fs::remove_all(folder / "quiet");
    const auto both = make({quiet, other}); // of one reading
    ASSERT_EQ(both.ledger.count(Outcome::Made), 2U);
    EXPECT_TRUE(both.ledger.rows[0].picture.empty());
    EXPECT_FALSE(both.ledger.rows[1].picture.empty());
    Register known(file);
    known.catchUp();
    EXPECT_EQ(known.copiesWith(both.ledger.rows[0].copyFingerprint).size(), 3U)
        << "known by its bytes all the same";
}
