// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The journal: what lets a killed run go on. One JSON text a line ("keep-seal/journal" version 1), beside the
// ledgers: first the frozen plan, then a row for each copy as soon as it has its outcome. Whoever runs holds
// a lock on it; when the run ends, the ledger is written and the journal goes.
#pragma once

#include "plan/plan.h"

#include <map>

namespace keepseal {

/// What a journal tells.
struct JournalContents {
    std::string started; ///< ISO 8601, UTC
    Plan plan;
    std::map<std::size_t, LedgerRow> rows; ///< by index into plan.copies; the last word on each
};

class Journal {
public:
    /// A new one for `ledgerFile`, locked, with the plan written and synced. Throws Problem(CannotWrite).
    static Journal create(const std::filesystem::path& ledgerFile, const std::string& started,
                          const Plan& plan);
    /// To go on writing. Throws Problem(NotFound | Refused: another process holds it | CannotWrite).
    static Journal reopen(const std::filesystem::path& file);
    Journal(Journal&& other) noexcept;
    Journal& operator=(Journal&&) = delete;
    ~Journal();

    /// Never throws: what can't be written (a full disk) is told by failed().
    void add(std::size_t index, const LedgerRow& row) noexcept;
    /// Before the copy gets its name: what its row will be once it has it.
    void addPlacing(std::size_t index, const LedgerRow& row) noexcept;
    void sync() noexcept;
    bool failed() const { return m_failed; }
    /// The run is over and its ledger written.
    void remove() noexcept;
    const std::filesystem::path& file() const { return m_file; }

private:
    Journal(std::filesystem::path file, int descriptor) : m_file(std::move(file)), m_descriptor(descriptor) {}
    void write(const std::string& line);
    void add(std::size_t index, const char* what, const LedgerRow& row) noexcept;
    std::filesystem::path m_file;
    int m_descriptor = -1;
    bool m_failed = false;
};

/// A last line cut short by the end of the process is passed over. A copy that was about to get its name when
/// the process ended is looked at: where it lies under that name it counts as made. Throws Problem(NotFound |
/// CannotRead | BadFile).
JournalContents readJournal(const std::filesystem::path& file);
/// Whether the file at the row's path is the copy that the row tells of, byte for byte.
bool isAsDelivered(const LedgerRow& row);
/// "2026-05-01T10-20-30Z-17.json" -> the journal's file beside it, and back.
std::filesystem::path journalOf(const std::filesystem::path& ledgerFile);
std::filesystem::path ledgerOf(const std::filesystem::path& journal);

/// A run that did not come to its end.
struct UnfinishedRun {
    std::filesystem::path journal;
    std::string started;
    std::size_t copies = 0, made = 0;
    std::vector<std::string> deliveries; ///< names
};
/// Those that no process works on now, the newest first. `folder`: empty: the person's ledgers. Journals that
/// can't be read are left out.
std::vector<UnfinishedRun> unfinishedRuns(const std::filesystem::path& folder = {});
/// Writes the ledger as far as it came, and forgets the journal. Throws Problem.
void closeUnfinished(const std::filesystem::path& journal);

} // namespace keepseal
