// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What comes of work in the background: a result, or the problem that stopped it. A fault is an outcome like
// any other; it never ends the program.
#pragma once

#include "base/patience.h"
#include "base/problem.h"

#include <atomic>
#include <optional>

namespace keepseal::app {

/// Of work that is done for what it does, and tells nothing.
struct NoStep {};

/// One of the two is there.
template <class Result>
struct TaskOutcome {
    std::optional<Result> result;
    std::optional<Problem> problem;
};

/// Calls `work()`; readers that it asks give up when `stop` becomes true. Never throws.
template <class Result, class Work>
TaskOutcome<Result> outcomeOf(const Work& work, const std::atomic<bool>& stop) {
    TaskOutcome<Result> out;
    const Patience patience(stop);
    try {
        out.result = work();
    } catch (const Problem& problem) {
        out.problem = problem;
    } catch (const std::exception& error) {
        out.problem = Problem(ProblemKind::Internal, {}, error.what());
    } catch (...) {
        out.problem = Problem(ProblemKind::Internal, {}, "something went wrong that has no name");
    }
    return out;
}

} // namespace keepseal::app
