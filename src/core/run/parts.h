// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A saved plan carried out in parts, by as many machines as there are, each with a ledger of its own beside
// the plan: "FILE.parts/K-of-N.json".
#pragma once

#include "plan/plan_file.h"
#include "run/run.h"

namespace keepseal {

std::filesystem::path partsFolder(const std::filesystem::path& planFile);
std::filesystem::path partLedger(const std::filesystem::path& planFile, const PlanPart& part);

/// Makes a part, safely beside the others. One that was killed or stopped goes on where it was; of one that
/// came to its end what failed is tried again, and where nothing did nothing is done. Throws like loadPlan()
/// and runPlan(), and Problem(Refused) while another process makes the same part.
RunResult runPart(const std::filesystem::path& planFile, const PlanPart& part, RunOptions options,
                  const std::atomic<bool>& stop, const std::function<void(const RunEvent&)>& onEvent);

/// What came of all parts together.
struct JoinedParts {
    Ledger ledger;                    ///< a row for every copy of the plan
    std::vector<PlanPart> found;      ///< that have a ledger
    std::vector<PlanPart> missing;    ///< of each number of parts that something was found of
    std::vector<PlanPart> unfinished; ///< killed, stopped or under way
    bool whole() const { return ledger.count(Outcome::Waiting) == 0; }
};
/// Throws like loadPlan(), and Problem(BadFile) for a ledger that is none.
JoinedParts joinParts(const std::filesystem::path& planFile);
struct KeptJoined {
    std::filesystem::path ledgerFile; ///< empty: not kept
    Outgoing outgoing;
};
/// Into the person's ledgers, register and outbox, as a run of its own; done again it changes nothing. Throws
/// Problem.
KeptJoined keepJoined(const std::filesystem::path& planFile, const Ledger& ledger);

} // namespace keepseal
