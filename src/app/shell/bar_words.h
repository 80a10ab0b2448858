// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the run bar says, as a function of what is known: no widget in it, and nothing is asked.
#pragma once

#include "document/job_document.h"
#include "plan/forecast.h"
#include "proofs/hard_cases.h"
#include "run/run.h"

#include <optional>

namespace keepseal::app {

enum class BarTone { Plain, Look, Bad, Good };

struct BarState {
    std::size_t pictures = 0;                         ///< of the job
    const std::vector<DeliveryItem>* cards = nullptr; ///< all of them; not null
    const Problem* problem = nullptr;                 ///< why there is no plan
    const Plan* plan = nullptr;                       ///< null while it is being made
    const Forecast* ahead = nullptr;                  ///< of that plan, as far as it is known
    HardCases::Verdict verdict;                       ///< on the seal of the delivery looked at
    const RunResult* result = nullptr;                ///< of the last run, until the job changes
};

struct BarWords {
    std::optional<QString> sentence; ///< nothing: as it stands
    BarTone tone = BarTone::Plain;
    std::optional<QString> action; ///< of the strong button; nothing: as it stands
    bool enabled = false;
    bool tellsPlan = false; ///< the sentence is of the plan
};

/// While no run goes on.
BarWords barWords(const BarState& state);
/// What the plan will come to. `ahead` may be null.
QString planSentence(const Plan& plan, const Forecast* ahead, const HardCases::Verdict& verdict);
/// The first card of the next run that has no folder yet: the bar judges these, not the one looked at.
std::optional<std::size_t> tickedWithoutFolder(const std::vector<DeliveryItem>& cards);

} // namespace keepseal::app
