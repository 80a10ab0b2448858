// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Carrying a plan out: workers, one picture each, under a memory budget; progress as small events; a stop
// flag polled between steps; a ledger kept on disk while it goes.
#pragma once

#include "run/plan.h"

#include <atomic>
#include <functional>

namespace keepseal {

struct RunOptions {
    int workers = 0;                    ///< 0: one per core
    std::uint64_t memoryBudget = 0;     ///< bytes of pictures in flight; 0: a third of the machine's
    std::filesystem::path ledgerFolder; ///< empty: the person's state folder
};

struct RunEvent {
    enum class Kind {
        CopyDone,  ///< `row` has its outcome
        Verifying, ///< an original was read again
        Finished,
    };
    Kind kind;
    std::size_t done = 0, total = 0; ///< copies, or originals while verifying
    const LedgerRow* row = nullptr;  ///< valid during the call only
};

struct RunResult {
    Ledger ledger;
    std::filesystem::path ledgerFile;
    bool stopped = false;

    /// 0 all done, 1 some pictures had problems, 3 stopped by the user.
    int exitCode() const;
};

/// Blocks until done. `onEvent` comes from the workers, one call at a time. `stop` is polled and never
/// cleared. Throws Problem(Refused | CannotWrite) when a destination can't be used at all: then nothing was
/// written.
RunResult runPlan(const Plan& plan, const RunOptions& options, const std::atomic<bool>& stop,
                  const std::function<void(const RunEvent&)>& onEvent);

} // namespace keepseal
