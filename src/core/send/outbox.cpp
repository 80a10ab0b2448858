// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/outbox.h"

#include "base/own_folders.h"
#include "base/setting_json.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include <algorithm>
#include <array>

namespace keepseal {

namespace fs = std::filesystem;

namespace {

constexpr int kBusyForMs = 10'000;
constexpr int kOutboxVersion = 3;
constexpr std::array<const char*, 5> kSendStates = {"waiting", "sent", "left-out", "held", "unread"};
constexpr std::array<SendTime, 6> kPauses = {10, 30, 120, 600, 1800, 3600};
constexpr const char* kItem =
    "SELECT id, copy, sha256, bytes, delivery, sending, folder, name, state, sent_as, tries, due, "
    "sent_at, problem, ledger FROM items ";

fs::path outboxFile() {
    return stateFolder() / "outbox.sqlite";
}

std::string sendingText(const SendingSettings& to) {
    nlohmann::json out;
    writeRows(out, sendingSettings(), to);
    return out.dump();
}

/// A copy may be there by itself and in an album as well.
std::string placeKey(const SendingSettings& to) {
    return to.place() + (to.isAlbum() ? " in an album" : "");
}

/// The place, who it has to be, and what it gets to know.
std::string loginOf(const SendingSettings& to) {
    return nlohmann::json{to.place(),     static_cast<int>(to.secretFrom), to.secretAt, to.key, to.hostKey,
                          to.certificates}
        .dump();
}

/// As a person reads it: it is kept so that it can be said in any language, an earlier version's as it was
/// said then.
std::string problemAt(const std::string& kept) {
    const auto saved = nlohmann::json::parse(kept, nullptr, false);
    if (!saved.is_object())
        return said(kept);
    try {
        return problemFromJson(saved).sentence();
    } catch (const nlohmann::json::exception&) {
        return kept;
    }
}

OutboxItem itemAt(const SQLite::Statement& at) {
    OutboxItem out;
    out.id = at.getColumn(0).getInt64();
    out.copy = at.getColumn(1).getString();
    out.fingerprint = at.getColumn(2).getString();
    out.bytes = static_cast<std::uint64_t>(at.getColumn(3).getInt64());
    out.delivery = at.getColumn(4).getString();
    const auto saved = nlohmann::json::parse(at.getColumn(5).getString(), nullptr, false);
    if (saved.is_object())
        readRows(saved, sendingSettings(), out.to, "sending.");
    out.folder = at.getColumn(6).getString();
    out.name = at.getColumn(7).getString();
    const auto state = std::find(kSendStates.begin(), kSendStates.end(), at.getColumn(8).getString());
    out.state =
        state == kSendStates.end() ? SendState::Held : static_cast<SendState>(state - kSendStates.begin());
    out.sentAs = at.getColumn(9).getString();
    out.tries = at.getColumn(10).getInt();
    out.due = at.getColumn(11).getInt64();
    out.sentAt = at.getColumn(12).getInt64();
    out.problem = problemAt(at.getColumn(13).getString());
    out.ledger = at.getColumn(14).getString();
    return out;
}

/// Whatever SQLite says is a problem of the outbox's file.
template <class Work>
auto ofOutbox(const fs::path& file, const Work& work) {
    try {
        return work();
    } catch (const SQLite::Exception& error) {
        throw Problem(ProblemKind::CannotWrite, file.string(),
                      Saying("the outbox can't be used: {reason}", {{"reason", error.what()}}),
                      "Make room on its disk, or move the file away");
    }
}

} // namespace

std::string thereIn(const std::string& folder, const std::string& name) {
    return folder.empty() || folder.ends_with('/') ? folder + name : folder + "/" + name;
}

const char* keyOf(SendState state) {
    return kSendStates[static_cast<std::size_t>(state)];
}

Outbox::Outbox(fs::path file) : m_file(file.empty() ? outboxFile() : std::move(file)) {
    makeFolder(m_file.parent_path());
    ofOutbox(m_file, [&] {
        m_database = std::make_unique<SQLite::Database>(
            m_file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE, kBusyForMs);
        std::error_code error;
        fs::permissions(m_file, fs::perms::owner_read | fs::perms::owner_write, error);
        // What is written here is on disk before anything is done because of it.
        m_database->exec("PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL");
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        const int version = m_database->execAndGet("PRAGMA user_version").getInt();
        if (version > kOutboxVersion)
            throw SQLite::Exception("a newer Keep Seal made it");
        m_database->exec(
            "CREATE TABLE IF NOT EXISTS items(id INTEGER PRIMARY KEY, copy TEXT NOT NULL, sha256 TEXT NOT "
            "NULL, "
            "bytes INTEGER NOT NULL, delivery TEXT NOT NULL, place TEXT NOT NULL, sending TEXT NOT NULL, "
            "folder TEXT NOT NULL, name TEXT NOT NULL, state TEXT NOT NULL DEFAULT 'waiting', "
            "sent_as TEXT NOT NULL DEFAULT '', tries INTEGER NOT NULL DEFAULT 0, due INTEGER NOT NULL "
            "DEFAULT 0, "
            "sent_at INTEGER NOT NULL DEFAULT 0, problem TEXT NOT NULL DEFAULT '', "
            "UNIQUE(place, folder, name, sha256));"
            "CREATE TABLE IF NOT EXISTS allowed(login TEXT PRIMARY KEY);"
            "CREATE TABLE IF NOT EXISTS album_files(place TEXT NOT NULL, path TEXT NOT NULL, "
            "placed TEXT NOT NULL, meant TEXT NOT NULL, PRIMARY KEY(place, path)) WITHOUT ROWID;"
            "CREATE INDEX IF NOT EXISTS of_copy ON items(copy, sha256);"
            "CREATE INDEX IF NOT EXISTS by_due ON items(state, due);"
            "CREATE INDEX IF NOT EXISTS there ON items(place, sent_as)");
        if (version < 2)
            m_database->exec("ALTER TABLE items ADD COLUMN ledger TEXT NOT NULL DEFAULT '';"
                             "ALTER TABLE items ADD COLUMN told INTEGER NOT NULL DEFAULT 0");
        m_database->exec("PRAGMA user_version = " + std::to_string(kOutboxVersion));
        transaction.commit();
    });
}

Outbox::~Outbox() = default;

bool Outbox::exists() {
    std::error_code error;
    return fs::exists(outboxFile(), error);
}

bool Outbox::add(const OutboxItem& item) {
    return ofOutbox(m_file, [&] {
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        SQLite::Statement overtaken(
            *m_database, "DELETE FROM items WHERE place = ? AND folder = ? AND name = ? AND copy = ? "
                         "AND sha256 <> ? AND state IN ('waiting', 'held', 'unread')");
        SQLite::Statement insert(
            *m_database, "INSERT OR IGNORE INTO items(place, folder, name, copy, sha256, bytes, delivery, "
                         "sending, state, ledger) VALUES(?,?,?,?,?,?,?,?,?,?)");
        for (auto* statement : {&overtaken, &insert}) {
            statement->bind(1, placeKey(item.to));
            statement->bind(2, item.folder);
            statement->bind(3, item.name);
            statement->bind(4, item.copy.string());
            statement->bind(5, item.fingerprint);
        }
        insert.bind(6, static_cast<std::int64_t>(item.bytes));
        insert.bind(7, item.delivery);
        insert.bind(8, sendingText(item.to));
        insert.bind(9, keyOf(item.state));
        insert.bind(10, item.ledger.string());
        overtaken.exec();
        const bool added = insert.exec() > 0;
        transaction.commit();
        return added;
    });
}

std::vector<OutboxItem> Outbox::items() {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database, std::string(kItem) + "ORDER BY id");
        std::vector<OutboxItem> out;
        while (found.executeStep())
            out.push_back(itemAt(found));
        return out;
    });
}

std::optional<OutboxItem> Outbox::item(std::int64_t id) {
    return ofOutbox(m_file, [&]() -> std::optional<OutboxItem> {
        SQLite::Statement found(*m_database, std::string(kItem) + "WHERE id = ?");
        found.bind(1, id);
        return found.executeStep() ? std::optional(itemAt(found)) : std::nullopt;
    });
}

std::size_t Outbox::count(SendState state) {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database, "SELECT count(*) FROM items WHERE state = ?");
        found.bind(1, keyOf(state));
        found.executeStep();
        return static_cast<std::size_t>(found.getColumn(0).getInt64());
    });
}

std::optional<OutboxItem> Outbox::next(SendTime now) {
    return ofOutbox(m_file, [&]() -> std::optional<OutboxItem> {
        SQLite::Statement found(*m_database,
                                std::string(kItem) +
                                    "WHERE state = 'waiting' AND due <= ? ORDER BY tries, place, id LIMIT 1");
        found.bind(1, now);
        return found.executeStep() ? std::optional(itemAt(found)) : std::nullopt;
    });
}

std::vector<OutboxItem> Outbox::alike(const OutboxItem& item, SendTime now) {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database, std::string(kItem) +
                                                 "WHERE state = ? AND sending = ? AND folder = ? AND "
                                                 "delivery = ? AND due <= ? ORDER BY id");
        found.bind(1, keyOf(item.state));
        found.bind(2, sendingText(item.to));
        found.bind(3, item.folder);
        found.bind(4, item.delivery);
        found.bind(5, now);
        std::vector<OutboxItem> out;
        while (found.executeStep())
            out.push_back(itemAt(found));
        return out;
    });
}

std::vector<OutboxItem> Outbox::albumOf(const OutboxItem& item) {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database, std::string(kItem) + "WHERE place = ? AND folder = ? AND "
                                                                  "delivery = ? AND state IN ('waiting', "
                                                                  "'sent') ORDER BY id");
        found.bind(1, placeKey(item.to));
        found.bind(2, item.folder);
        found.bind(3, item.delivery);
        std::vector<OutboxItem> out;
        while (found.executeStep())
            out.push_back(itemAt(found));
        return out;
    });
}

std::optional<Outbox::AlbumFile> Outbox::albumFile(const SendingSettings& to, const std::string& path) {
    return ofOutbox(m_file, [&]() -> std::optional<AlbumFile> {
        SQLite::Statement found(*m_database,
                                "SELECT placed, meant FROM album_files WHERE place = ? AND path = ?");
        found.bind(1, to.place());
        found.bind(2, path);
        if (!found.executeStep())
            return std::nullopt;
        return AlbumFile{found.getColumn(0).getString(), found.getColumn(1).getString()};
    });
}

void Outbox::noteAlbumFile(const SendingSettings& to, const std::string& path, const AlbumFile& file) {
    ofOutbox(m_file, [&] {
        SQLite::Statement insert(*m_database, "INSERT OR REPLACE INTO album_files(place, path, placed, "
                                              "meant) VALUES(?,?,?,?)");
        insert.bind(1, to.place());
        insert.bind(2, path);
        insert.bind(3, file.placed);
        insert.bind(4, file.meant);
        insert.exec();
    });
}

std::optional<SendTime> Outbox::nextDue() {
    return ofOutbox(m_file, [&]() -> std::optional<SendTime> {
        const auto due = m_database->execAndGet("SELECT min(due) FROM items WHERE state = 'waiting'");
        return due.isNull() ? std::nullopt : std::optional<SendTime>(due.getInt64());
    });
}

std::vector<OutboxItem> Outbox::of(const fs::path& copy, const std::string& fingerprint) {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database,
                                std::string(kItem) + "WHERE copy = ? AND sha256 = ? ORDER BY id DESC");
        found.bind(1, copy.string());
        found.bind(2, fingerprint);
        std::vector<OutboxItem> out;
        while (found.executeStep())
            out.push_back(itemAt(found));
        return out;
    });
}

bool Outbox::sentThere(const SendingSettings& to, const std::string& path) {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database,
                                "SELECT 1 FROM items WHERE place = ? AND sent_as = ? AND state = 'sent'");
        found.bind(1, to.place());
        found.bind(2, path);
        return found.executeStep();
    });
}

void Outbox::allow(const SendingSettings& to) {
    ofOutbox(m_file, [&] {
        SQLite::Statement insert(*m_database, "INSERT OR IGNORE INTO allowed(login) VALUES(?)");
        insert.bind(1, loginOf(to));
        insert.exec();
    });
}

bool Outbox::isAllowed(const SendingSettings& to) {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database, "SELECT 1 FROM allowed WHERE login = ?");
        found.bind(1, loginOf(to));
        return found.executeStep();
    });
}

void Outbox::letGo(const std::vector<std::int64_t>& ids, const SendingSettings& as) {
    allow(as);
    ofOutbox(m_file, [&] {
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        for (const auto id : ids) {
            SQLite::Statement one(*m_database, "UPDATE items SET state = 'waiting', due = 0, sending = ?, "
                                               "place = ? WHERE id = ? AND state = 'unread'");
            one.bind(1, sendingText(as));
            one.bind(2, as.place());
            one.bind(3, id);
            one.exec();
        }
        transaction.commit();
    });
}

namespace {

void run(SQLite::Database& database, const char* text, std::int64_t id,
         const std::function<void(SQLite::Statement&)>& bind) {
    SQLite::Statement statement(database, text);
    bind(statement);
    statement.bind(":id", id);
    statement.exec();
}

} // namespace

void Outbox::notePlacing(std::int64_t id, const std::string& path) {
    ofOutbox(m_file, [&] {
        run(*m_database, "UPDATE items SET sent_as = :path WHERE id = :id", id,
            [&](auto& s) { s.bind(":path", path); });
    });
}

void Outbox::noteSent(std::int64_t id, SendTime now) {
    ofOutbox(m_file, [&] {
        run(*m_database,
            "UPDATE items SET state = 'sent', sent_at = :now, problem = '', tries = tries + 1 WHERE id = :id",
            id, [&](auto& s) { s.bind(":now", now); });
    });
}

void Outbox::noteLeftOut(std::int64_t id, const std::string& why) {
    ofOutbox(m_file, [&] {
        run(*m_database, "UPDATE items SET state = 'left-out', problem = :why WHERE id = :id", id,
            [&](auto& s) { s.bind(":why", why); });
    });
}

void Outbox::noteNotSent(std::int64_t id, const NotSent& problem, SendTime now) {
    ofOutbox(m_file, [&] {
        SQLite::Transaction transaction(*m_database, SQLite::TransactionBehavior::IMMEDIATE);
        SQLite::Statement found(*m_database, std::string(kItem) + "WHERE id = ?");
        found.bind(1, id);
        if (!found.executeStep())
            return;
        const auto item = itemAt(found);
        const bool later = problem.again == NotSent::Again::Later;
        const auto pause =
            kPauses[std::min(static_cast<std::size_t>(std::max(0, item.tries)), kPauses.size() - 1)];
        const auto note = [&](const char* which, int tries) {
            SQLite::Statement one(*m_database,
                                  std::string("UPDATE items SET state = ?, due = max(due, ?), problem = ?, "
                                              "tries = tries + ? WHERE ") +
                                      which);
            one.bind(1, keyOf(later ? SendState::Waiting : SendState::Held));
            one.bind(2, later ? now + pause : now);
            one.bind(3, nlohmann::json(static_cast<const Problem&>(problem)).dump());
            one.bind(4, tries);
            return one;
        };
        auto own = note("id = ?", 1);
        own.bind(5, id);
        own.exec();
        if (problem.subject ==
            item.to.place()) { // it is the server's, or the login's: no other one is tried with it now
            auto others = note("state = 'waiting' AND sending = ?", 0);
            others.bind(5, sendingText(item.to));
            others.exec();
        }
        transaction.commit();
    });
}

std::vector<OutboxItem> Outbox::untold() {
    return ofOutbox(m_file, [&] {
        SQLite::Statement found(*m_database,
                                std::string(kItem) +
                                    "WHERE state = 'sent' AND told = 0 AND ledger <> '' ORDER BY ledger, id");
        std::vector<OutboxItem> out;
        while (found.executeStep())
            out.push_back(itemAt(found));
        return out;
    });
}

void Outbox::noteTold(const std::vector<std::int64_t>& ids) {
    ofOutbox(m_file, [&] {
        for (const auto id : ids)
            run(*m_database, "UPDATE items SET told = 1 WHERE id = :id", id, [](auto&) {});
    });
}

std::size_t Outbox::again(const std::vector<std::int64_t>& ids) {
    return ofOutbox(m_file, [&] {
        // Of a letter that may have arrived nobody can know but its receiver: it goes again only where it is
        // named.
        if (ids.empty())
            return static_cast<std::size_t>(m_database->exec(
                "UPDATE items SET state = 'waiting', due = 0 WHERE state IN ('held', 'waiting') "
                "AND NOT (place LIKE 'smtp:%' AND sent_as <> '')"));
        constexpr const char* kAgain =
            "UPDATE items SET state = 'waiting', due = 0, sent_as = CASE WHEN place LIKE 'smtp:%' THEN '' "
            "ELSE sent_as END WHERE state IN ('held', 'waiting')";
        std::size_t out = 0;
        for (const auto id : ids) {
            SQLite::Statement one(*m_database, std::string(kAgain) + " AND id = ?");
            one.bind(1, id);
            out += static_cast<std::size_t>(one.exec());
        }
        return out;
    });
}

std::size_t Outbox::drop(const std::vector<std::int64_t>& ids) {
    return ofOutbox(m_file, [&] {
        std::size_t out = 0;
        for (const auto id : ids) {
            SQLite::Statement one(*m_database, "DELETE FROM items WHERE id = ?");
            one.bind(1, id);
            out += static_cast<std::size_t>(one.exec());
        }
        return out;
    });
}

std::size_t Outbox::dropSent() {
    return ofOutbox(m_file, [&] {
        return static_cast<std::size_t>(
            m_database->exec("DELETE FROM items WHERE state IN ('sent', 'left-out')"));
    });
}

} // namespace keepseal
