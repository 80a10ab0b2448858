// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From the job to its copies, without any widget: the plan, what it will come to, runs and what came of them.
// The one owner of all of it; views show what it says and pass on what a person asks.
#pragma once

#include "document/stamped.h"
#include "stamping/bar_words.h"
#include "stamping/forecasting.h"
#include "stamping/plan_seen.h"
#include "stamping/run_progress.h"
#include "stamping/running.h"
#include "tasks/file_work.h"

class QPrinter;

namespace keepseal::app {

class RunSession : public QObject {
    Q_OBJECT
public:
    /// None of these is owned; all outlive it.
    RunSession(JobDocument* document, PictureLibrary* library, const HardCases* hardCases,
               QObject* parent = nullptr);

    Planning& planning() { return m_planning; }
    const Planning& planning() const { return m_planning; }
    Forecasting& forecasting() { return m_forecasting; }
    const Forecasting& forecasting() const { return m_forecasting; }
    Running& running() { return m_running; }
    bool busy() const { return m_running.busy(); }
    /// Files about runs that are being written still.
    bool filesBusy() const { return m_files.busy(); }

    /// All that the bar shows is a function of this: see barWords().
    BarState barState() const;
    /// The bar and the check tell of the last run, until the job changes.
    bool tellsOfLast() const { return m_resultIsCurrent && m_last.has_value(); }
    const std::optional<RunResult>& last() const { return m_last; }
    /// As the last run was carried out; null where nobody has seen its plan.
    const PlanPtr& lastPlan() const { return m_lastPlan; }
    /// The first copy that was made, or was there; empty where there is none.
    std::filesystem::path firstCopy() const;
    const std::map<OriginalId, Stamped>& stamped() const { return m_stamped; }
    /// Of the plan as it stands; all empty while it is not known.
    HeldBackSeen heldBack() const;
    PlanSeen planSeen(OriginalId lookedAt) const;
    /// The delivery a row is of, among the cards. `cards`: which cards the row's deliveries are; of a run of
    /// another day, whose cards are not known, it is found by its name.
    std::optional<std::size_t> cardOf(const LedgerRow& row, const std::vector<DeliveryId>& cards) const;

    /// What the strong button does: asks for a folder, goes on with what was stopped, begins, or puts in
    /// line.
    void stamp();
    void stop();
    void setPaused(bool paused);
    /// Goes on with a run of another day.
    void goOn(const std::filesystem::path& journal);
    /// The journal of a run that nobody will go on with is closed.
    void leave(const std::filesystem::path& journal);
    /// These pictures alone, by these deliveries; its end interrupts nobody. False: nothing was begun; a
    /// folder may be wanted first.
    bool stampThese(const std::vector<OriginalId>& ids, const std::vector<DeliveryId>& deliveries);
    /// Each of these copies in its own delivery, and under the name and number it had in the job; the earlier
    /// copy gives way.
    void stampAgain(const std::vector<LedgerRow>& rows, const std::vector<DeliveryId>& cards);
    /// Delivers these in spite of what holds them back: each in its own delivery.
    void deliverAllTheSame(const std::vector<LedgerRow>& rows, const std::vector<DeliveryId>& cards);
    void writeContactSheet(const std::filesystem::path& file);
    /// Proof sheets of the last run's copies, on A4.
    void writeProofSheet(const std::filesystem::path& file, int up);
    /// The same on paper.
    void printProofSheet(std::shared_ptr<QPrinter> printer, int up);
    void writeLedgerCsv(const std::filesystem::path& file);

signals:
    void barChanged();
    void stepped();      ///< the same, of a run that goes on: many times a second
    void planChanged();  ///< there is another plan, or none
    void aheadChanged(); ///< more is known of what it will come to, or less
    void folderWanted(std::size_t card);
    void begun();
    void rowDone(qulonglong index, const keepseal::LedgerRow& row);
    void stampedChanged(quint64 original); ///< 0: of all of them
    void ended(bool all);                  ///< nothing waits in line behind it
    void said(const QString& text);

private:
    void connectRunning();
    void begin();
    void takeRow(qulonglong done, qulonglong total, qulonglong index, const LedgerRow& row);
    void takeResult(const RunResult& result);
    void forgetStamped();
    PlanRequest partOfJob() const;
    void begin(PlanRequest request, PlanPtr shown, std::vector<DeliveryId> cards);
    /// What was changed since the run began could be put in line.
    bool hasMore() const;

    JobDocument* m_document;
    const HardCases* m_hardCases;
    Planning m_planning;
    Forecasting m_forecasting;
    Running m_running;
    FileWork m_files; ///< one after the other, and none is lost
    RunProgress m_progress;
    bool m_stopping = false;
    bool m_changedSince = false; ///< the job, since the run began
    std::optional<RunResult> m_last;
    std::optional<RunOutcome> m_lastOutcome;
    PlanPtr m_lastPlan;
    bool m_resultIsCurrent = false;
    std::map<OriginalId, Stamped> m_stamped;
    std::unordered_map<std::string, OriginalId> m_idOfPath; ///< of the job, while a run goes on
};

} // namespace keepseal::app
