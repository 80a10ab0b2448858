// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Carrying a plan out: workers, one original each, under a memory budget; progress as small events; flags to
// stop and to pause, polled between steps; a journal kept on disk while it goes, so that a killed run goes on
// where it was.
#pragma once

#include "run/outgoing.h"

#include <atomic>
#include <functional>

namespace keepseal {

struct RunOptions {
    int workers = 0;                    ///< 0: one per core
    std::uint64_t memoryBudget = 0;     ///< bytes of pictures in flight; 0: a third of the machine's
    std::filesystem::path ledgerFolder; ///< empty: the person's state folder
    /// A part of a plan (see run/parts.h): its ledger, whose name is known ahead. Other parts may write to
    /// the same folders meanwhile, and the register learns of it when all are joined. Empty: a run by itself.
    std::filesystem::path partLedger{};
    const std::atomic<bool>* pause = nullptr; ///< while true no further original is begun
};

struct RunEvent {
    enum class Kind {
        Resumed,   ///< a copy of the interrupted run was found whole; `row` is its row
        CopyDone,  ///< `row` has its outcome
        Verifying, ///< an original was read again
        Finished,
    };
    Kind kind;
    std::size_t done = 0, total = 0; ///< copies, or originals while verifying
    const LedgerRow* row = nullptr;  ///< valid during the call only
    std::size_t index = 0;           ///< of the row, as in Plan::copies
};

struct RunResult {
    Ledger ledger;
    std::filesystem::path ledgerFile;
    std::filesystem::path journal; ///< of a stopped run, to go on with; empty when it came to its end
    bool stopped = false;
    Outgoing outgoing;
    std::vector<Problem>
        notes; ///< about the record, not about pictures: a register that can't be written, ...

    /// 0 all done, 1 some pictures had problems, 3 stopped by the user.
    int exitCode() const;
};

/// Blocks until done. `onEvent` comes from the workers, one call at a time. `stop` is polled and never
/// cleared. Throws Problem(Refused | CannotWrite) when a destination can't be used at all, another run writes
/// there, or a name is taken and the delivery says not to begin then: nothing was written then.
RunResult runPlan(const Plan& plan, const RunOptions& options, const std::atomic<bool>& stop,
                  const std::function<void(const RunEvent&)>& onEvent);

/// A plan that was carried out before, with what came of it then by index of its copies: those that were made
/// and are as they were delivered are kept, all others are made. Throws like runPlan().
RunResult runAgain(const Plan& plan, const std::string& started, std::map<std::size_t, LedgerRow> rows,
                   const RunOptions& options, const std::atomic<bool>& stop,
                   const std::function<void(const RunEvent&)>& onEvent);

/// Goes on with a run that was killed or stopped, by its journal: copies that are as they were delivered
/// (by fingerprint) are kept, all others are made as planned then. Throws like runPlan(), and
/// Problem(NotFound | BadFile) for a journal that is none.
RunResult resumeRun(const std::filesystem::path& journal, const RunOptions& options,
                    const std::atomic<bool>& stop, const std::function<void(const RunEvent&)>& onEvent);

} // namespace keepseal
