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
    std::size_t copies();

private:
    void open();
    void addLedgers();
    std::filesystem::path m_file;
    std::unique_ptr<SQLite::Database> m_database;
    std::unique_ptr<SQLite::Statement> m_madeAt;
};

} // namespace keepseal
