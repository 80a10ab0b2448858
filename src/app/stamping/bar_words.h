// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the run bar shows, as a function of what is known: no widget in it, and nothing is asked.
#pragma once

#include "document/job_document.h"
#include "plan/forecast.h"
#include "proofs/hard_cases.h"
#include "run/run.h"

#include <optional>

namespace keepseal::app {

enum class BarTone { Plain, Look, Bad, Good };

/// What came of a run, counted once.
struct RunOutcome {
    std::size_t made = 0, failed = 0, waiting = 0, heldBack = 0;
    bool stopped = false;
    bool originalsKept = true; ///< byte for byte, where they were read again
    bool complete() const { return failed == 0 && heldBack == 0 && !stopped; }
};
RunOutcome outcomeOfRun(const RunResult& result);

/// A run that goes on.
struct BarRun {
    QString sentence;
    std::size_t done = 0, total = 0;
    bool paused = false;
    bool stopping = false;
    bool more = false; ///< what was changed since it began can be put in line
};

struct BarState {
    std::size_t pictures = 0;                         ///< of the job
    const std::vector<DeliveryItem>* cards = nullptr; ///< all of them; not null
    const Problem* problem = nullptr;                 ///< why there is no plan
    const Plan* plan = nullptr;                       ///< null while it is being made
    const Forecast* ahead = nullptr;                  ///< of that plan, as far as it is known
    HardCases::Verdict verdict;                       ///< on the seal of the delivery looked at
    std::optional<RunOutcome> last;                   ///< of the last run, until the job changes
    std::optional<BarRun> run;
};

/// All that the bar shows.
struct BarWords {
    std::optional<QString> sentence; ///< nothing: as it stands
    BarTone tone = BarTone::Plain;
    std::optional<QString> action; ///< of the strong button; nothing: as it stands
    bool enabled = false;
    bool strong = true;        ///< the strong button is there
    bool openFolder = false;   ///< there is something to look at
    std::size_t heldBack = 0;  ///< copies; 0: nothing is said of it
    std::optional<BarRun> run; ///< progress, pause and stop are there
};

BarWords barWords(const BarState& state);
/// For people: a setting is called by its station, not by its key.
QString sentenceFor(const Problem& problem);
/// What the plan will come to. `ahead` may be null.
QString planSentence(const Plan& plan, const Forecast* ahead, const HardCases::Verdict& verdict);
/// The first card of the next run that has no folder yet: the bar judges these, not the one looked at.
std::optional<std::size_t> tickedWithoutFolder(const std::vector<DeliveryItem>& cards);

} // namespace keepseal::app
