// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/register.h"

#include "record/register_sql.h"

#include "base/files.h"
#include "base/text.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>

#include <algorithm>
#include <ctime>
#include <fstream>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr int kRegisterVersion = 4;
constexpr int kBusyMs = 5000;
constexpr std::int64_t kCopiesOfASecond = 1 << 20; ///< ids that runs begun in one second share

constexpr const char* kTables = R"(
CREATE TABLE IF NOT EXISTS runs (
  id INTEGER PRIMARY KEY, ledger TEXT NOT NULL UNIQUE, started TEXT NOT NULL, ended TEXT NOT NULL,
  state TEXT NOT NULL);
CREATE TABLE IF NOT EXISTS copies (
  id INTEGER PRIMARY KEY, run INTEGER NOT NULL REFERENCES runs(id) ON DELETE CASCADE,
  original BLOB NOT NULL, original_bytes INTEGER NOT NULL, original_modified_ns INTEGER NOT NULL,
  original_sha256 TEXT NOT NULL, delivery TEXT NOT NULL, settings_digest TEXT NOT NULL,
  copy BLOB NOT NULL, copy_bytes INTEGER NOT NULL, copy_modified_ns INTEGER NOT NULL,
  copy_sha256 TEXT NOT NULL);
CREATE INDEX IF NOT EXISTS copies_by_copy ON copies(copy);
CREATE INDEX IF NOT EXISTS copies_by_original ON copies(original);
CREATE INDEX IF NOT EXISTS copies_by_run ON copies(run);
)";
/// Since version 2.
constexpr const char* kByBytes = R"(
CREATE INDEX IF NOT EXISTS copies_by_copy_bytes ON copies(copy_sha256);
CREATE INDEX IF NOT EXISTS copies_by_original_bytes ON copies(original_sha256);
)";
/// Since version 3.
constexpr const char* kKnownAgain = R"(
ALTER TABLE runs ADD COLUMN elsewhere INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN width INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN height INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN side INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN sealed INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN place_told INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN seal TEXT NOT NULL DEFAULT '';
ALTER TABLE copies ADD COLUMN taken TEXT NOT NULL DEFAULT '';
ALTER TABLE copies ADD COLUMN picture TEXT NOT NULL DEFAULT '';
ALTER TABLE copies ADD COLUMN code INTEGER NOT NULL DEFAULT 0;
ALTER TABLE copies ADD COLUMN row TEXT NOT NULL DEFAULT '';
CREATE INDEX copies_by_picture ON copies(picture);
CREATE INDEX copies_by_delivery ON copies(delivery);
CREATE TABLE pictures (
  id TEXT PRIMARY KEY, width INTEGER NOT NULL, height INTEGER NOT NULL, mark BLOB NOT NULL, small BLOB NOT NULL);
CREATE VIRTUAL TABLE words USING fts5(text, prefix='1 2 3', tokenize="unicode61 remove_diacritics 2");
)";

/// Since version 4: copies that did not leave are none, and are asked for by their original alone.
constexpr const char* kHeldBack = R"(
CREATE TABLE IF NOT EXISTS held (
  id INTEGER PRIMARY KEY, run INTEGER NOT NULL REFERENCES runs(id) ON DELETE CASCADE,
  original BLOB NOT NULL, original_sha256 TEXT NOT NULL, row TEXT NOT NULL);
CREATE INDEX IF NOT EXISTS held_by_original ON held(original);
CREATE INDEX IF NOT EXISTS held_by_original_bytes ON held(original_sha256);
CREATE INDEX IF NOT EXISTS held_by_run ON held(run);
CREATE INDEX IF NOT EXISTS copies_by_original_size ON copies(original_bytes);
)";

bool isDamage(const SQLite::Exception& error) {
    return error.getErrorCode() == SQLITE_NOTADB || error.getErrorCode() == SQLITE_CORRUPT;
}

/// Words of a copy, as they are looked for.
std::string searchWordsOf(const LedgerRow& row) {
    std::string out = printable(row.original.string(), 4096) + "\n" + printable(row.copy.string(), 4096) +
                      "\n" + row.delivery + "\n" + row.seal;
    for (const auto& [key, text] : row.words)
        out += "\n" + text;
    return out;
}

std::int64_t firstIdOf(const std::string& started) {
    std::tm parts{};
    if (!::strptime(started.c_str(), "%Y-%m-%dT%H:%M:%SZ", &parts))
        return 1;
    return std::max<std::int64_t>(0, ::timegm(&parts)) * kCopiesOfASecond;
}

std::string rowText(const LedgerRow& row) {
    return toJson(row).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

void insertCopy(SQLite::Statement& copy, std::int64_t id, std::int64_t run, const LedgerRow& row) {
    copy.reset();
    copy.bind(1, id);
    copy.bind(2, run);
    bindPath(copy, 3, row.original);
    copy.bind(4, static_cast<std::int64_t>(row.originalIdentity.size));
    copy.bind(5, row.originalIdentity.modifiedNs);
    copy.bind(6, row.fingerprintBefore);
    copy.bind(7, row.delivery);
    copy.bind(8, row.settingsDigest);
    bindPath(copy, 9, row.copy);
    copy.bind(10, static_cast<std::int64_t>(row.copyBytes));
    copy.bind(11, row.copyModifiedNs);
    copy.bind(12, row.copyFingerprint);
    copy.bind(13, row.copySize.width);
    copy.bind(14, row.copySize.height);
    copy.bind(15, row.copySize.longSide());
    copy.bind(16, row.sealOnCopy ? 1 : 0);
    copy.bind(17, row.placeOpened ? 1 : 0);
    copy.bind(18, row.seal);
    copy.bind(19, row.takenAt);
    copy.bind(20, row.picture);
    copy.bind(21, static_cast<std::int64_t>(row.code));
    copy.bind(22, rowText(row));
    copy.exec();
}

void insertHeld(SQLite::Statement& held, std::int64_t run, const LedgerRow& row) {
    held.reset();
    held.bind(1, run);
    bindPath(held, 2, row.original);
    held.bind(3, row.fingerprintBefore);
    held.bind(4, rowText(row));
    held.exec();
}

/// With what SQLite had not yet written into it: that is of no other file.
void setAside(const fs::path& file) {
    for (const auto* of : {"", "-wal", "-shm"}) {
        auto from = file, to = file;
        std::error_code error;
        fs::rename(from += of, (to += ".damaged") += of, error);
    }
}

} // namespace

Register::Register(fs::path file)
    : m_file(file.empty() ? stateFolder() / "register.sqlite" : std::move(file)) {
    makeFolder(m_file.parent_path());
    try {
        open();
    } catch (const SQLite::Exception& first) {
        if (!isDamage(first))
            cannotUseRegister(m_file, first.what());
        m_madeAt.reset();
        m_database.reset();
        setAside(m_file);
        try {
            open();
        } catch (const SQLite::Exception& second) {
            cannotUseRegister(m_file, second.what());
        }
    }
}

bool Register::exists() {
    std::error_code error;
    return fs::exists(stateFolder() / "register.sqlite", error) ||
           fs::exists(stateFolder() / "ledgers", error);
}

Register::~Register() = default;

void Register::open() {
    m_database = std::make_unique<SQLite::Database>(m_file.string(),
                                                    SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE, kBusyMs);
    std::error_code error;
    fs::permissions(m_file, fs::perms::owner_read | fs::perms::owner_write, error); // nobody else's business
    m_database->exec("PRAGMA journal_mode=WAL; PRAGMA synchronous=NORMAL; PRAGMA foreign_keys=ON");
    const int version = m_database->execAndGet("PRAGMA user_version").getInt();
    if (version > kRegisterVersion)
        cannotUseRegister(m_file, "a newer Keep Seal made it");
    if (version < kRegisterVersion)
        renew(version);
    m_madeAt = std::make_unique<SQLite::Statement>(
        *m_database, kSelectCopy + std::string("copy = ? AND elsewhere = 0") + kNewestFirst + " LIMIT 1");
}

/// From an older shape, of which a copy is kept; 0: from nothing.
void Register::renew(int version) {
    if (version > 0) {
        auto before = m_file;
        before += ".version-" + std::to_string(version);
        if (std::error_code error; !fs::exists(before, error)) {
            SQLite::Statement keep(*m_database, "VACUUM INTO ?");
            keep.bind(1, before.string());
            keep.exec();
        }
    }
    SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
    if (m_database->execAndGet("PRAGMA user_version").getInt() == kRegisterVersion)
        return; // another program was first
    m_database->exec(kTables);
    m_database->exec(kByBytes);
    if (version < 3)
        m_database->exec(kKnownAgain);
    m_database->exec(kHeldBack);
    addLedgers([](const fs::path&) { return true; });
    // Copies whose ledgers are gone keep what is known of them.
    for (SQLite::Statement left(*m_database, kSelectCopy + std::string("copies.row = ''"));
         version < 3 && left.executeStep();) {
        const auto copy = registeredCopyAt(left);
        SQLite::Statement words(*m_database, "INSERT INTO words(rowid, text) VALUES(?,?)");
        words.bind(1, copy.id);
        words.bind(2, searchWordsOf(copy.row));
        words.exec();
    }
    m_database->exec("PRAGMA user_version=" + std::to_string(kRegisterVersion));
    transaction.commit();
}

std::vector<Problem> Register::addLedgers(const std::function<bool(const fs::path&)>& wanted) {
    std::vector<Problem> out;
    for (const auto& file : ledgersIn(ledgerFolder())) {
        if (!wanted(file))
            continue;
        try {
            insertRun(readLedger(file), file);
        } catch (const Problem& problem) {
            out.push_back(problem);
        }
    }
    return out;
}

void Register::catchUp() {
    try {
        std::set<std::string> known;
        for (SQLite::Statement runs(*m_database, "SELECT ledger FROM runs"); runs.executeStep();)
            known.insert(runs.getColumn(0).getString());
        const auto isNew = [&](const fs::path& file) { return !known.contains(file.string()); };
        const auto all = ledgersIn(ledgerFolder());
        if (std::none_of(all.begin(), all.end(), isNew))
            return; // and nobody who writes is waited for
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        addLedgers(isNew);
        transaction.commit();
    } catch (const SQLite::Exception& error) {
        cannotUseRegister(m_file, error.what());
    }
}

void Register::add(const Ledger& ledger, const fs::path& ledgerFile) {
    try {
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        insertRun(ledger, ledgerFile);
        transaction.commit();
    } catch (const SQLite::Exception& error) {
        cannotUseRegister(m_file, error.what());
    }
}

/// Within a transaction.
void Register::insertRun(const Ledger& ledger, const fs::path& ledgerFile) {
    forget(ledgerFile);
    SQLite::Statement run(*m_database, "INSERT INTO runs(ledger, started, ended, state, elsewhere) "
                                       "VALUES(?,?,?,?,?)");
    run.bind(1, ledgerFile.string());
    run.bind(2, ledger.started);
    run.bind(3, ledger.ended);
    run.bind(4, ledger.state);
    run.bind(5, ledger.elsewhere ? 1 : 0);
    run.exec();
    const auto runId = m_database->getLastInsertRowid();
    const auto first = firstIdOf(ledger.started);
    SQLite::Statement last(*m_database, "SELECT max(id) FROM copies WHERE id >= ? AND id < ?");
    last.bind(1, first);
    last.bind(2, first + kCopiesOfASecond);
    last.executeStep();
    auto id = last.getColumn(0).isNull() ? first : last.getColumn(0).getInt64() + 1;
    SQLite::Statement copy(
        *m_database,
        "INSERT INTO copies(id, run, original, original_bytes, original_modified_ns, original_sha256, "
        "delivery, settings_digest, copy, copy_bytes, copy_modified_ns, copy_sha256, width, height, side, "
        "sealed, place_told, seal, taken, picture, code, row) "
        "VALUES(?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)");
    SQLite::Statement words(*m_database, "INSERT INTO words(rowid, text) VALUES(?,?)");
    SQLite::Statement held(*m_database,
                           "INSERT INTO held(run, original, original_sha256, row) VALUES(?,?,?,?)");
    for (const auto& row : ledger.rows) {
        if (row.outcome == Outcome::HeldBack)
            insertHeld(held, runId, row);
        if (row.outcome != Outcome::Made)
            continue;
        insertCopy(copy, id, runId, row);
        words.reset();
        words.bind(1, id);
        words.bind(2, searchWordsOf(row));
        words.exec();
        ++id;
    }
    addPictures(ledgerFile);
}

void Register::addPictures(const fs::path& ledgerFile) {
    SQLite::Statement insert(
        *m_database, "INSERT OR IGNORE INTO pictures(id, width, height, mark, small) VALUES(?,?,?,?,?)");
    readPictures(picturesOf(ledgerFile), {.picture = [&](const KeptPicture& picture) {
                     const auto mark = packed(picture.mark);
                     insert.reset();
                     insert.bind(1, picture.id);
                     insert.bind(2, picture.size.width);
                     insert.bind(3, picture.size.height);
                     insert.bind(4, mark.data(), static_cast<int>(mark.size()));
                     insert.bind(5, picture.small.data(), static_cast<int>(picture.small.size()));
                     insert.exec();
                 }});
}

void Register::forget(const fs::path& ledgerFile) {
    for (const auto* sql :
         {"DELETE FROM words WHERE rowid IN (SELECT copies.id FROM copies JOIN runs ON runs.id = "
          "copies.run WHERE ledger = ?)",
          "DELETE FROM runs WHERE ledger = ?"}) {
        SQLite::Statement forget(*m_database, sql);
        forget.bind(1, ledgerFile.string());
        forget.exec();
    }
}

void Register::wipe() {
    try {
        m_madeAt.reset();
        m_database->exec("DELETE FROM pictures WHERE id NOT IN (SELECT picture FROM copies)");
        m_database->exec(
            "INSERT INTO words(words) VALUES('rebuild')"); // its old segments hold what was deleted
        m_database->exec("VACUUM");
        m_database->exec("PRAGMA wal_checkpoint(TRUNCATE)");
        open();
    } catch (const SQLite::Exception& error) {
        cannotUseRegister(m_file, error.what());
    }
    std::error_code error;
    for (fs::directory_iterator it(m_file.parent_path(), error), end; !error && it != end;
         it.increment(error)) {
        const auto name = it->path().filename().string();
        if (name.starts_with(m_file.filename().string() + ".version-") ||
            name == m_file.filename().string() + ".damaged")
            fs::remove(it->path(), error);
    }
}

std::vector<Problem> Register::rebuild() {
    try {
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        m_database->exec("DELETE FROM words; DELETE FROM copies; DELETE FROM held; DELETE FROM runs; DELETE "
                         "FROM pictures");
        auto out = addLedgers([](const fs::path&) { return true; });
        transaction.commit();
        return out;
    } catch (const SQLite::Exception& error) {
        cannotUseRegister(m_file, error.what());
    }
}

void Register::requireSound() {
    std::string found;
    try {
        for (const auto* table : {"runs", "copies", "held", "pictures"}) {
            const auto told =
                m_database->execAndGet(std::string("PRAGMA quick_check('") + table + "')").getString();
            if (told != "ok")
                found = told;
        }
    } catch (const SQLite::Exception& error) {
        found = error.what();
    }
    // The first of what may be a hundred lines.
    if (const auto heading = found.find("***\n"); heading != std::string::npos)
        found.erase(0, heading + 4);
    found.erase(std::min(found.find('\n'), found.size()));
    if (!found.empty())
        throw Problem(ProblemKind::BadFile, m_file.string(),
                      Saying("the register is damaged: {why}", {{"why", found}}),
                      "Make it again from the ledgers");
}

std::optional<Problem> Register::mend(fs::path file) {
    if (file.empty() && !exists())
        return std::nullopt;
    std::optional<Problem> found;
    {
        Register known(file);
        file = known.file();
        try {
            known.requireSound();
            return std::nullopt;
        } catch (const Problem& problem) {
            found = problem;
        }
    }
    setAside(file);
    Register anew(file);
    return Problem(
        found->kind, found->subject, found->happened,
        Saying("It was made again from the ledgers ({copies} copies); the damaged one lies beside it",
               {{"copies", std::to_string(anew.copies())}}));
}

} // namespace keepseal
