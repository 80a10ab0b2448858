// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/running.h"

#include "base/give_way.h"

namespace keepseal::app {

void Running::start(PlanRequest request, PlanPtr shown, std::vector<DeliveryId> cards, bool quiet) {
    m_line.push_back({std::move(request), std::move(shown), std::move(cards), quiet});
    if (!busy())
        next();
}

void Running::resume(const std::filesystem::path& journal) {
    if (busy())
        return;
    m_plan = nullptr;
    m_cards.clear();
    m_quiet = false;
    carryOut([journal](const RunOptions& options, const std::atomic<bool>& stop, const auto& onEvent) {
        return Ended{resumeRun(journal, options, stop, onEvent), nullptr};
    });
}

void Running::stop() {
    m_line.clear();
    m_task.stop();
}

/// The disk is looked at again: names may have been taken since the plan was shown.
void Running::next() {
    if (m_line.empty())
        return;
    auto wish = std::move(m_line.front());
    m_line.erase(m_line.begin());
    m_plan = wish.shown;
    m_cards = std::move(wish.cards);
    m_quiet = wish.quiet;
    carryOut([request = std::move(wish.request)](const RunOptions& options, const std::atomic<bool>& stop,
                                                 const auto& onEvent) {
        const auto plan = std::make_shared<const Plan>(makePlan(request));
        return Ended{runPlan(*plan, options, stop, onEvent), plan};
    });
}

void Running::carryOut(Run run) {
    *m_pause = false;
    m_task.start([run = std::move(run), pause = m_pause](const TaskRun<Step>& task) {
        giveWay(); // to the hand
        RunOptions options;
        options.pause = pause.get();
        return run(options, task.stop, [&task](const RunEvent& event) {
            task.tell(
                {event.kind, event.done, event.total, event.index, event.row ? *event.row : LedgerRow()});
        });
    });
    emit begun();
}

void Running::tell(const Step& step) {
    if (step.kind == RunEvent::Kind::CopyDone || step.kind == RunEvent::Kind::Resumed)
        emit progressed(step.done, step.total, step.index, step.row);
    else if (step.kind == RunEvent::Kind::Verifying)
        emit verifying(step.done, step.total);
}

void Running::take(const TaskOutcome<Ended>& outcome) {
    if (outcome.result && outcome.result->plan)
        m_plan = outcome.result->plan;
    if (outcome.result)
        emit finished(outcome.result->result);
    else
        emit refused(*outcome.problem);
    if (!outcome.result || !outcome.result->result.stopped)
        next();
}

} // namespace keepseal::app
