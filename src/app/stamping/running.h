// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Runs, one after the other, in the background.
#pragma once

#include "run/run.h"
#include "stamping/planning.h"

#include <atomic>
#include <functional>

namespace keepseal::app {

/// Carries plans out, one after the other.
class Running : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    bool busy() const { return m_task.busy(); }
    /// While a run goes on it waits in line. `shown`: the plan that a person saw of it; may be null. `cards`:
    /// which cards the request's deliveries are.
    /// `quiet`: see quiet().
    void start(PlanRequest request, PlanPtr shown, std::vector<DeliveryId> cards, bool quiet = false);
    /// Goes on with a run that was stopped or killed.
    void resume(const std::filesystem::path& journal);
    void stop();
    void setPaused(bool paused) { *m_pause = paused; }
    bool paused() const { return *m_pause; }
    std::size_t inLine() const { return m_line.size(); }
    /// The plan being carried out as it was shown; nullptr where none was.
    const PlanPtr& plan() const { return m_plan; }
    /// Of the run at work, or the last one; empty for one of another day.
    const std::vector<DeliveryId>& cards() const { return m_cards; }

    /// Of the same: it was begun beside other work, which its end does not interrupt.
    bool quiet() const { return m_quiet; }

signals:
    void begun();
    void progressed(qulonglong done, qulonglong total, qulonglong index, const keepseal::LedgerRow& row);
    void verifying(qulonglong done, qulonglong total);
    void finished(const keepseal::RunResult& result);
    void refused(const keepseal::Problem& problem);

private:
    /// What the run tells while it goes on.
    struct Step {
        RunEvent::Kind kind;
        std::size_t done = 0, total = 0, index = 0;
        LedgerRow row;
    };
    struct Ended {
        RunResult result;
        PlanPtr plan; ///< as it was carried out; null: as before
    };
    using Run = std::function<Ended(const RunOptions&, const std::atomic<bool>& stop,
                                    const std::function<void(const RunEvent&)>&)>;
    void carryOut(Run run);
    void tell(const Step& step);
    void take(const TaskOutcome<Ended>& outcome);
    void next();
    std::shared_ptr<std::atomic<bool>> m_pause = std::make_shared<std::atomic<bool>>(false);
    PlanPtr m_plan;
    struct Wish {
        PlanRequest request;
        PlanPtr shown;
        std::vector<DeliveryId> cards;
        bool quiet = false;
    };
    bool m_quiet = false;
    std::vector<DeliveryId> m_cards;
    std::vector<Wish> m_line;
    LatestTask<Ended, Step> m_task{[this](const TaskOutcome<Ended>& outcome) { take(outcome); },
                                   [this](const Step& step) { tell(step); }};
};

} // namespace keepseal::app
