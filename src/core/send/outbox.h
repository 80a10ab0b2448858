// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The outbox: finished copies that are to be sent, on disk (SQLite), so that nothing is lost or sent twice
// whenever a program ends. A copy is in it once for each place, folder and name there, however often it is
// put in.
#pragma once

#include "delivery/sending.h"
#include "send/not_sent.h"

#include <chrono>
#include <filesystem>
#include <memory>
#include <optional>
#include <vector>

namespace SQLite {
class Database;
}

namespace keepseal {

enum class SendState {
    Waiting,
    Sent,
    LeftOut, ///< its name was taken there, and it was to be left out then
    Held,    ///< somebody has to do something first; `problem` says what
    Unread,  ///< part of a letter that nobody looked at yet: it does not go before that
};
const char* keyOf(SendState state);

/// Seconds since 1970; given from outside, so that an hour need not be waited for.
using SendTime = std::int64_t;

struct OutboxItem {
    std::int64_t id = 0;
    std::filesystem::path copy;
    std::string fingerprint; ///< SHA-256 of the copy as it was made
    std::uint64_t bytes = 0;
    std::string delivery; ///< its name
    SendingSettings to;
    std::string folder; ///< there; without tokens. Of a letter: its receivers
    std::string name;   ///< wished for there
    SendState state = SendState::Waiting;
    std::string sentAs; ///< folder and name; empty until sent, or while that name is being given
    int tries = 0;
    SendTime due = 0;             ///< not before
    SendTime sentAt = 0;          ///< 0: not yet
    std::string problem;          ///< of the last try, in the language spoken; empty: none
    std::filesystem::path ledger; ///< of the run that made it, which is told where it went; empty: none is
};

/// A name in a folder there, with slashes.
std::string thereIn(const std::string& folder, const std::string& name);

class Outbox {
public:
    /// `file`: empty: outbox.sqlite in the state folder. Throws Problem(CannotWrite | CannotRead), all of
    /// these.
    explicit Outbox(std::filesystem::path file = {});
    ~Outbox();
    Outbox(const Outbox&) = delete;
    Outbox& operator=(const Outbox&) = delete;
    /// Whether anything was ever put in: nothing is made for a question.
    static bool exists();

    /// In its state. False: it is in already, sent or not. What that copy was before, and was not sent yet,
    /// is overtaken by it.
    bool add(const OutboxItem& item);
    /// Oldest first.
    std::vector<OutboxItem> items();
    std::optional<OutboxItem> item(std::int64_t id); ///< nothing: it was taken out
    std::size_t count(SendState state);
    /// Of those that are waiting and due, one that was tried the least.
    std::optional<OutboxItem> next(SendTime now);
    /// All that are in that state and are for the same receivers of the same delivery as this one, and due.
    std::vector<OutboxItem> alike(const OutboxItem& item, SendTime now);
    /// All of the album that this one is to be part of, waiting or sent, whatever was set when they were put
    /// in: of the same delivery for the same folder there.
    std::vector<OutboxItem> albumOf(const OutboxItem& item);
    /// When the next one is due; nothing: none waits.
    std::optional<SendTime> nextDue();
    /// What became of that copy wherever it went, the newest first.
    std::vector<OutboxItem> of(const std::filesystem::path& copy, const std::string& fingerprint);
    /// Whether this outbox put a file of that name there.
    bool sentThere(const SendingSettings& to, const std::string& path);

    /// What is known of a file of an album there.
    struct AlbumFile {
        std::string placed; ///< SHA-256 of what was last put there; empty: nothing was
        std::string meant;  ///< of what was about to be
    };
    std::optional<AlbumFile> albumFile(const SendingSettings& to, const std::string& path);
    void noteAlbumFile(const SendingSettings& to, const std::string& path, const AlbumFile& file);

    /// A person said on this machine that copies may be sent there, with that password or key: a delivery may
    /// come from somebody else. Nothing is sent, and no password looked for, before that.
    void allow(const SendingSettings& to);
    bool isAllowed(const SendingSettings& to);

    /// Somebody looked at the letter that these make up: it goes now, with what it says in `as`, and copies
    /// may be sent there.
    void letGo(const std::vector<std::int64_t>& ids, const SendingSettings& as);

    /// It is whole there, and gets this name now. Of a letter: it is being handed over, with this Message-ID;
    /// empty: it was not.
    void notePlacing(std::int64_t id, const std::string& path);
    void noteSent(std::int64_t id, SendTime now);
    /// Sent, and their ledgers were not told yet; those of one ledger together.
    std::vector<OutboxItem> untold();
    void noteTold(const std::vector<std::int64_t>& ids);
    void noteLeftOut(std::int64_t id, const std::string& why);
    /// Later: after a pause that grows with each try, from 10 s to an hour. Where the problem is the place's
    /// and not the copy's, all others that wait for the same login wait too, or are held: no server is asked
    /// a thousand times, nor a wrong password told it.
    void noteNotSent(std::int64_t id, const NotSent& problem, SendTime now);
    /// Held and waiting ones are due now. Of a letter that is named it is taken that it did not arrive.
    /// Empty: all but letters that may have arrived. Returns how many.
    std::size_t again(const std::vector<std::int64_t>& ids = {});
    /// They are taken out; what was sent stays where it is. Returns how many.
    std::size_t drop(const std::vector<std::int64_t>& ids);
    std::size_t dropSent();
    const std::filesystem::path& file() const { return m_file; }

private:
    std::filesystem::path m_file;
    std::unique_ptr<SQLite::Database> m_database;
};

} // namespace keepseal
