// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A plan in a file, so that many machines can make its copies, each a part: names, numbers and clashes are
// settled once. JSON, one text a line ("keep-seal/plan" version 1): first the deliveries, then each original
// with its copies.
#pragma once

#include "plan/plan.h"

namespace keepseal {

/// The K-th of N parts. An original belongs to one part, with all its copies.
struct PlanPart {
    std::size_t number = 1; ///< from 1
    std::size_t count = 1;
    bool has(std::size_t original) const { return original % count == number - 1; }
    std::string text() const { return std::to_string(number) + "/" + std::to_string(count); }
    bool operator==(const PlanPart&) const = default;
};
/// "K/N", K from 1 to N, N up to 100,000; nothing for anything else.
std::optional<PlanPart> planPartOf(const std::string& text);

/// Never replaces a file. Throws Problem(Refused | CannotWrite).
void savePlan(const Plan& plan, const std::filesystem::path& file);
/// Throws Problem(NotFound | CannotRead | BadFile), and Problem(Changed) where a logo or profile of a
/// delivery is not as it was, or another version of the program planned: the parts would not be alike.
Plan loadPlan(const std::filesystem::path& file, const PlanPart& part = {});

} // namespace keepseal
