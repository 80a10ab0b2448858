// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register: what all ledgers say of copies, in one SQLite file of the person's state folder, so that the
// copy that lies at a place is found at once however many runs there were, and a picture that comes back is
// known again. It holds nothing that the ledgers and what lies beside them do not: lost or damaged, it is
// made again from them. Two programs may use it at once. Tables in docs/formats/register.md.
#pragma once

#include "record/kept_pictures.h"
#include "record/ledger.h"

#include <memory>

namespace SQLite {
class Database;
class Statement;
} // namespace SQLite

namespace keepseal {

/// A copy as its run made it.
struct RegisteredCopy {
    std::int64_t id = 0; ///< in this register; larger: made later
    LedgerRow row;       ///< as madeAt() fills it in
    std::string made;    ///< when its run began: ISO 8601, UTC
    std::filesystem::path ledger;
};

/// What copies are looked for. All that is said must hold; nothing said: all copies.
struct RegisterSearch {
    std::string
        words; ///< each begins a word of names, folders, delivery, seal or what the copy says; any case
    std::string delivery{}; ///< its name
    std::string since{},
        until{}; ///< made on these days or between: "2026-05-01", also "2026-05" and "2026"; UTC
    std::filesystem::path original{}; ///< copies of the original at that path, or of the same bytes elsewhere
    std::filesystem::path below{};    ///< copy or original lies below that folder
    std::optional<bool> sealed{};     ///< a seal stands on it
    std::optional<bool> tellsPlace{}; ///< its delivery opened the place in words
    int sideFrom = 0, sideTo = 0;     ///< of its long side, pixels; 0: any
};

/// What is kept of a picture, see record/kept_pictures.h.
struct RegisteredPicture {
    std::string id;
    Size size;
    PictureMark mark;
};

class Register {
public:
    /// `file`: empty: register.sqlite in the state folder; the ledgers lie beside it in ledgers/. Makes it
    /// from them when there is none; a damaged one is set aside as *.damaged first. Throws
    /// Problem(CannotWrite | CannotRead) when it can't be used at all.
    explicit Register(std::filesystem::path file = {});
    /// Whether there is anything to be found: a plan must not write, not even an empty register.
    static bool exists();
    ~Register();
    Register(const Register&) = delete;
    Register& operator=(const Register&) = delete;

    /// Replaces what an earlier call said of the same ledger. Throws Problem(CannotWrite).
    void add(const Ledger& ledger, const std::filesystem::path& ledgerFile);
    /// The newest copy that a run of this program made at that path (none that came from elsewhere): original
    /// and its size and time, settings digest, copy's size, time, fingerprint, pixels, seal, code and
    /// picture. Nothing more of the row is filled in.
    std::optional<LedgerRow> madeAt(const std::filesystem::path& copy);
    /// The same with its run.
    std::optional<RegisteredCopy> newestAt(const std::filesystem::path& copy);
    std::size_t copies();

    /// All copies of those bytes, the newest first. `fingerprint`: SHA-256.
    std::vector<RegisteredCopy> copiesWith(const std::string& fingerprint);
    /// All copies of an original with those bytes, the newest first.
    std::vector<RegisteredCopy> copiesOf(const std::string& fingerprint);
    /// Whether copies of any original of so many bytes were made.
    bool holdsOriginalOf(std::uintmax_t bytes);
    /// All copies of an original at that path, the newest first.
    std::vector<RegisteredCopy> copiesOfFile(const std::filesystem::path& original);
    /// The newest copy at each path below a folder, in the order of their paths.
    std::vector<RegisteredCopy> madeBelow(const std::filesystem::path& folder);
    /// All copies of a kept picture, the newest first.
    std::vector<RegisteredCopy> copiesOfPicture(const std::string& picture);
    /// Copies of an original at that path, or with those bytes, that a run held back; the newest run first.
    /// `id` counts among these alone.
    std::vector<RegisteredCopy> heldBackOf(const std::filesystem::path& original,
                                           const std::string& fingerprint);
    /// How many copies were made of the original at each of these paths; those of which none was are not in
    /// it.
    std::map<std::filesystem::path, std::size_t>
    countsOf(const std::vector<std::filesystem::path>& originals);
    /// Its whole row, as in its ledger; nothing for one that is gone.
    std::optional<RegisteredCopy> whole(std::int64_t id);

    /// The newest first, from the `from`th on, `most` at most. Throws Problem(BadSetting) for a day that is
    /// none.
    std::vector<RegisteredCopy> find(const RegisterSearch& search, std::size_t from, std::size_t most);
    std::size_t count(const RegisterSearch& search);
    /// Names of all deliveries that copies were made for, in the order of names.
    std::vector<std::string> deliveries();

    /// The small picture that is kept, a JPEG; empty where there is none.
    Bytes smallPicture(const std::string& picture);
    std::optional<RegisteredPicture> picture(const std::string& id);
    /// Calls `take` with up to `batch` of them at a time, until it returns false.
    void eachPicture(std::size_t batch, const std::function<bool(std::vector<RegisteredPicture>&&)>& take);
    std::size_t pictures();

    /// Takes in ledgers that it does not know: whoever wrote them was killed before the register was told.
    /// Those that can't be read are passed over.
    void catchUp();
    /// Whether that run is in it.
    bool holds(const std::filesystem::path& ledgerFile);
    /// Takes a run out of all tables; its ledger is the caller's to change.
    void forget(const std::filesystem::path& ledgerFile);
    /// Nothing of what was taken out can be read from the file any more: its free pages are given up, and
    /// copies kept from before a change of its shape are taken away. Throws Problem(CannotWrite).
    void wipe();
    /// Empty, then made from the ledgers. Returns those that could not be read. Throws Problem(CannotWrite).
    std::vector<Problem> rebuild();
    /// Throws Problem(BadFile) where its pages contradict each other.
    void requireSound();
    /// One that is not sound is set aside as *.damaged and made again from the ledgers; then, what was wrong.
    /// Runs that came from elsewhere are read from their ledgers too. Throws Problem(CannotWrite).
    static std::optional<Problem> mend(std::filesystem::path file = {});
    const std::filesystem::path& file() const { return m_file; }
    std::filesystem::path ledgerFolder() const { return m_file.parent_path() / "ledgers"; }

private:
    void insertRun(const Ledger& ledger, const std::filesystem::path& ledgerFile);
    void addPictures(const std::filesystem::path& ledgerFile);
    std::vector<Problem> addLedgers(const std::function<bool(const std::filesystem::path&)>& wanted);
    void open();
    void renew(int version);
    std::vector<RegisteredCopy> read(SQLite::Statement& statement) const;
    std::vector<RegisteredCopy> copiesWhere(const char* condition, const std::string& value);
    std::filesystem::path m_file;
    std::unique_ptr<SQLite::Database> m_database;
    std::unique_ptr<SQLite::Statement> m_madeAt;
};

} // namespace keepseal
