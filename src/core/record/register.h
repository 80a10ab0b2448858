// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register: what all ledgers say of copies, in one SQLite file of the person's state folder, so that the
// copy that lies at a place is found at once however many runs there were. It holds nothing that the ledgers
// do not: lost or damaged, it is made again from them. Tables in docs/formats/register.md.
#pragma once

#include "record/ledger.h"

#include <memory>

namespace SQLite {
class Database;
class Statement;
} // namespace SQLite

namespace keepseal {

/// A copy as its run made it.
struct RegisteredCopy {
    LedgerRow row;    ///< as madeAt() fills it in
    std::string made; ///< when its run began: ISO 8601, UTC
    std::filesystem::path ledger;
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
    /// The newest copy that a run made at that path: original and its size and time, settings digest, copy's
    /// size, time and fingerprint. Nothing more of the row is filled in.
    std::optional<LedgerRow> madeAt(const std::filesystem::path& copy);
    /// The same with its run.
    std::optional<RegisteredCopy> newestAt(const std::filesystem::path& copy);
    std::size_t copies();

    /// All copies of those bytes, the newest first. `fingerprint`: SHA-256.
    std::vector<RegisteredCopy> copiesWith(const std::string& fingerprint);
    /// All copies of an original with those bytes, the newest first.
    std::vector<RegisteredCopy> copiesOf(const std::string& fingerprint);
    /// All copies of an original at that path, the newest first.
    std::vector<RegisteredCopy> copiesOfFile(const std::filesystem::path& original);
    /// The newest copy at each path below a folder, in the order of their paths.
    std::vector<RegisteredCopy> madeBelow(const std::filesystem::path& folder);

private:
    void open();
    void addLedgers();
    void renew(int version);
    std::vector<RegisteredCopy> read(SQLite::Statement& statement) const;
    std::filesystem::path m_file;
    std::unique_ptr<SQLite::Database> m_database;
    std::unique_ptr<SQLite::Statement> m_madeAt;
};

} // namespace keepseal
