// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/register.h"

#include "base/files.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr int kRegisterVersion = 2;
constexpr int kBusyMs = 5000;

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
constexpr const char* kSelect =
    "SELECT original, original_bytes, original_modified_ns, original_sha256, delivery, settings_digest, "
    "copy_bytes, copy_modified_ns, copy_sha256, copy, started, ledger FROM copies JOIN runs ON runs.id = "
    "copies.run WHERE ";
constexpr const char* kNewestFirst = " ORDER BY started DESC, copies.id DESC";

bool isDamage(const SQLite::Exception& error) {
    return error.getErrorCode() == SQLITE_NOTADB || error.getErrorCode() == SQLITE_CORRUPT;
}

[[noreturn]] void cannotUse(const fs::path& file, const char* why) {
    throw Problem(ProblemKind::CannotWrite, file.string(), std::string("the register can't be used: ") + why,
                  "Check the folder's permissions; the copies themselves are not touched by this");
}

void bindPath(SQLite::Statement& statement, int at, const fs::path& path) { // file names are bytes, not text
    statement.bind(at, path.native().data(), static_cast<int>(path.native().size()));
}

fs::path pathOf(const SQLite::Column& column) {
    return std::string(static_cast<const char*>(column.getBlob()),
                       static_cast<std::size_t>(column.getBytes()));
}

RegisteredCopy registeredCopy(const SQLite::Statement& at) {
    RegisteredCopy out;
    auto& row = out.row;
    row.outcome = Outcome::Made;
    row.original = pathOf(at.getColumn(0));
    row.originalIdentity.size = static_cast<std::uint64_t>(at.getColumn(1).getInt64());
    row.originalIdentity.modifiedNs = at.getColumn(2).getInt64();
    row.fingerprintBefore = at.getColumn(3).getString();
    row.delivery = at.getColumn(4).getString();
    row.settingsDigest = at.getColumn(5).getString();
    row.copyBytes = static_cast<std::uint64_t>(at.getColumn(6).getInt64());
    row.copyModifiedNs = at.getColumn(7).getInt64();
    row.copyFingerprint = at.getColumn(8).getString();
    row.copy = pathOf(at.getColumn(9));
    out.made = at.getColumn(10).getString();
    out.ledger = at.getColumn(11).getString();
    return out;
}

} // namespace

Register::Register(fs::path file)
    : m_file(file.empty() ? stateFolder() / "register.sqlite" : std::move(file)) {
    std::error_code error;
    makeFolder(m_file.parent_path());
    try {
        open();
    } catch (const SQLite::Exception& first) {
        if (!isDamage(first))
            cannotUse(m_file, first.what());
        m_madeAt.reset();
        m_database.reset();
        auto aside = m_file;
        aside += ".damaged";
        fs::rename(m_file, aside, error);
        try {
            open();
        } catch (const SQLite::Exception& second) {
            cannotUse(m_file, second.what());
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
    m_database->exec("PRAGMA journal_mode=WAL; PRAGMA synchronous=NORMAL; PRAGMA foreign_keys=ON");
    const int version = m_database->execAndGet("PRAGMA user_version").getInt();
    if (version > kRegisterVersion)
        cannotUse(m_file, "a newer Keep Seal made it");
    if (version < kRegisterVersion)
        renew(version);
    m_madeAt = std::make_unique<SQLite::Statement>(*m_database, kSelect + std::string("copy = ?") +
                                                                    kNewestFirst + " LIMIT 1");
}

/// From an older shape, of which a copy is kept; 0: from nothing.
void Register::renew(int version) {
    if (version == 0) {
        m_database->exec(kTables);
        addLedgers();
    } else {
        auto before = m_file;
        before += ".version-" + std::to_string(version);
        if (std::error_code error; !fs::exists(before, error)) {
            SQLite::Statement keep(*m_database, "VACUUM INTO ?");
            keep.bind(1, before.string());
            keep.exec();
        }
    }
    SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
    m_database->exec(kByBytes);
    m_database->exec("PRAGMA user_version=" + std::to_string(kRegisterVersion));
    transaction.commit();
}

/// A ledger that can't be read is passed over: it only costs a copy made again under another name.
void Register::addLedgers() {
    std::vector<fs::path> files;
    std::error_code error;
    for (fs::directory_iterator it(m_file.parent_path() / "ledgers", error), end; !error && it != end;
         it.increment(error))
        if (it->path().extension() == ".json")
            files.push_back(it->path());
    std::sort(files.begin(), files.end());
    for (const auto& file : files) {
        try {
            add(ledgerFromJson(readJsonFile(file), file.string()), file);
        } catch (const Problem&) {
            continue;
        }
    }
}

void Register::add(const Ledger& ledger, const fs::path& ledgerFile) {
    try {
        SQLite::Transaction transaction(*m_database);
        SQLite::Statement forget(*m_database, "DELETE FROM runs WHERE ledger = ?");
        forget.bind(1, ledgerFile.string());
        forget.exec();
        SQLite::Statement run(*m_database, "INSERT INTO runs(ledger, started, ended, state) VALUES(?,?,?,?)");
        run.bind(1, ledgerFile.string());
        run.bind(2, ledger.started);
        run.bind(3, ledger.ended);
        run.bind(4, ledger.state);
        run.exec();
        const auto id = m_database->getLastInsertRowid();
        SQLite::Statement copy(*m_database,
                               "INSERT INTO copies(run, original, original_bytes, original_modified_ns, "
                               "original_sha256, delivery, settings_digest, copy, copy_bytes, "
                               "copy_modified_ns, copy_sha256) VALUES(?,?,?,?,?,?,?,?,?,?,?)");
        for (const auto& row : ledger.rows) {
            if (row.outcome != Outcome::Made)
                continue;
            copy.bind(1, id);
            bindPath(copy, 2, row.original);
            copy.bind(3, static_cast<std::int64_t>(row.originalIdentity.size));
            copy.bind(4, row.originalIdentity.modifiedNs);
            copy.bind(5, row.fingerprintBefore);
            copy.bind(6, row.delivery);
            copy.bind(7, row.settingsDigest);
            bindPath(copy, 8, row.copy);
            copy.bind(9, static_cast<std::int64_t>(row.copyBytes));
            copy.bind(10, row.copyModifiedNs);
            copy.bind(11, row.copyFingerprint);
            copy.exec();
            copy.reset();
        }
        transaction.commit();
    } catch (const SQLite::Exception& error) {
        cannotUse(m_file, error.what());
    }
}

std::optional<RegisteredCopy> Register::newestAt(const fs::path& copy) {
    try {
        m_madeAt->reset();
        bindPath(*m_madeAt, 1, copy);
        if (!m_madeAt->executeStep())
            return std::nullopt;
        auto found = registeredCopy(*m_madeAt);
        m_madeAt->reset();
        return found;
    } catch (const SQLite::Exception&) {
        return std::nullopt; // then the copy is made again under another name
    }
}

std::optional<LedgerRow> Register::madeAt(const fs::path& copy) {
    auto found = newestAt(copy);
    return found ? std::optional(std::move(found->row)) : std::nullopt;
}

std::vector<RegisteredCopy> Register::read(SQLite::Statement& statement) const {
    std::vector<RegisteredCopy> out;
    try {
        while (statement.executeStep())
            out.push_back(registeredCopy(statement));
    } catch (const SQLite::Exception& error) {
        cannotUse(m_file, error.what());
    }
    return out;
}

std::vector<RegisteredCopy> Register::copiesWith(const std::string& fingerprint) {
    SQLite::Statement found(*m_database, kSelect + std::string("copy_sha256 = ?") + kNewestFirst);
    found.bind(1, fingerprint);
    return read(found);
}

std::vector<RegisteredCopy> Register::copiesOf(const std::string& fingerprint) {
    SQLite::Statement found(*m_database, kSelect + std::string("original_sha256 = ?") + kNewestFirst);
    found.bind(1, fingerprint);
    return read(found);
}

std::vector<RegisteredCopy> Register::copiesOfFile(const fs::path& original) {
    SQLite::Statement found(*m_database, kSelect + std::string("original = ?") + kNewestFirst);
    bindPath(found, 1, original);
    return read(found);
}

std::vector<RegisteredCopy> Register::madeBelow(const fs::path& folder) {
    SQLite::Statement found(*m_database, kSelect + std::string("copy > ? AND copy < ? ORDER BY copy, started "
                                                               "DESC, copies.id DESC"));
    auto name = folder.native();
    while (name.ends_with('/'))
        name.pop_back();
    bindPath(found, 1, name + "/");
    bindPath(found, 2, name + static_cast<char>('/' + 1)); // behind all that begin so: paths are bytes
    auto out = read(found);
    out.erase(std::unique(out.begin(), out.end(),
                          [](const auto& a, const auto& b) { return a.row.copy == b.row.copy; }),
              out.end());
    return out;
}

std::size_t Register::copies() {
    return static_cast<std::size_t>(m_database->execAndGet("SELECT count(*) FROM copies").getInt64());
}

} // namespace keepseal
