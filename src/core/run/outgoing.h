// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a run made and its deliveries send: put into the outbox.
#pragma once

#include "plan/plan.h"
#include "record/ledger.h"

#include <functional>
#include <optional>

namespace keepseal {

struct Outgoing {
    std::size_t queued = 0;  ///< copies that went into the outbox
    std::size_t letters = 0; ///< of these, those that are on letters
};
/// What was made, and what an earlier run made the same, if it is not in there yet. `ledger`: a row for each
/// copy of the plan, in its order; `file`: where it is told later what was sent. `ours`: the SHA-256 of a
/// copy that lies there from before; nothing: it is none of ours. Throws Problem.
Outgoing putIntoOutbox(const Plan& plan, const Ledger& ledger, const std::filesystem::path& file,
                       const std::function<std::optional<std::string>(const std::filesystem::path&)>& ours);

} // namespace keepseal
