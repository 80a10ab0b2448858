// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What stamp and plan are asked for, made ready: pictures gathered and ordered, deliveries with who you are,
// a plan. Internal to cli/.
#pragma once

#include "cli/run_commands.h"
#include "plan/gather.h"
#include "plan/plan.h"

#include <atomic>

namespace keepseal::cli {

/// Set by SIGINT and SIGTERM once stopOnSignals() was called.
extern std::atomic<bool> stopRequested;
void stopOnSignals();

struct Prepared {
    Plan plan;
    Gathered gathered;
    std::size_t cameAgain = 0; ///< left out for StampOptions::once, and said
};
/// Throws Problem.
Prepared prepare(const StampOptions& options);

std::string sizeText(Size size);
std::string dump(const nlohmann::json& value);

} // namespace keepseal::cli
