// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Whole runs in tests, and the problems they throw.
#pragma once

#include "run/run.h"
#include "support/support.h"

namespace keepseal::test {

/// The problem that `act` throws; of kind Internal with an empty subject when it throws none.
inline Problem problemOf(const std::function<void()>& act) {
    try {
        act();
    } catch (const Problem& problem) {
        return problem;
    }
    return {ProblemKind::Internal, {}, "nothing was thrown"};
}

inline RunResult runAll(const Plan& plan) {
    const std::atomic<bool> stop{false};
    return runPlan(plan, {}, stop, [](const RunEvent&) {});
}

} // namespace keepseal::test
