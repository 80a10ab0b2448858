// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does around a run: the sentence of truth, the plan, progress, and what came of it.
#include "shell/main_window.h"

#include "base/text.h"

namespace keepseal::app {

QString MainWindow::planSentence(const Plan& plan) const {
    const auto copies = plan.count(Outcome::Waiting), there = plan.count(Outcome::AlreadyThere),
               left = plan.count(Outcome::LeftOut);
    const auto pictures = plan.originals.size();
    if (copies == 0)
        return there > 0 ? tr("All %1 copies are already there, made from the same originals with the same "
                              "settings.")
                               .arg(there)
                         : tr("Nothing to make: every name is taken, and the delivery says to leave those "
                              "pictures out.");
    QString text =
        toQt(counted(copies, "copy", "copies")) + tr(" of ") + toQt(counted(pictures, "picture", "pictures"));
    const auto places = plan.places();
    if (places.size() == 1)
        text += tr(" to %1").arg(toQt(places.front()));
    else
        text += tr(" to %1 places").arg(places.size());
    if (there > 0)
        text += tr(" · %1 already there").arg(there);
    if (left > 0)
        text += tr(" · %1 left out").arg(left);
    text += tr(" · nothing will be replaced");
    if (std::any_of(plan.deliveries.begin(), plan.deliveries.end(),
                    [](const Delivery& d) { return d.privacy.opensLocation(); }))
        text += tr(" · THE PLACE IS TOLD");
    // Of the delivery that is looked at, as far as it has been measured.
    if (const auto& verdict = m_hardCases.verdict(); verdict.hardToRead > 0)
        text += tr(" · seal hard to read on %1 of %2").arg(verdict.hardToRead).arg(verdict.measured);
    return text;
}

namespace {

/// One of each format of each delivery.
std::size_t copiesOfEach(const std::vector<Delivery>& deliveries) {
    std::size_t out = 0;
    for (const auto& delivery : deliveries)
        out += delivery.file.formats().size();
    return out;
}

} // namespace

void MainWindow::updateRunBar() {
    if (m_running.busy())
        return;
    if (m_resultIsCurrent) { // the sentence tells of the run; the button of what is left to do
        const auto left =
            m_planning.plan() && m_planning.current() ? m_planning.plan()->count(Outcome::Waiting) : 0;
        if (left > 0)
            m_runBar->setAction(
                m_lastRun->stopped ? tr("Go on: %1 left").arg(left) : tr("Try %1 again").arg(left), true);
        return;
    }
    m_runBar->setOpenFolder(false);
    const auto pictures = m_document.originals().size();
    const auto ticked = m_document.tickedDeliveries();
    const auto& problem = m_planning.problem();
    const bool refused = problem && problem->kind == ProblemKind::Refused;
    m_chain->setPlaceProblem(refused ? toQt(problem->happened) : QString());
    if (pictures == 0) {
        m_runBar->setSentence(tr("No pictures yet."));
        return m_runBar->setAction(tr("Stamp"), false);
    }
    if (ticked.empty()) {
        m_runBar->setSentence(tr("No delivery is ticked for the next run."), RunBar::Tone::Look);
        return m_runBar->setAction(tr("Stamp"), false);
    }
    if (m_document.currentDelivery().place.folder.empty()) {
        m_runBar->setSentence(tr("%1 copies can be made as soon as there is a folder for them.")
                                  .arg(pictures * copiesOfEach(ticked)));
        return m_runBar->setAction(tr("Choose the folder…"), true);
    }
    if (problem) {
        m_runBar->setSentence(toQt(problem->sentence()), RunBar::Tone::Bad);
        return m_runBar->setAction(tr("Stamp"), false);
    }
    const auto& plan = m_planning.plan();
    if (!plan || !m_planning.current())
        return m_runBar->setAction(tr("Stamp"), false);
    const auto copies = plan->count(Outcome::Waiting);
    const bool opened = std::any_of(plan->deliveries.begin(), plan->deliveries.end(),
                                    [](const Delivery& d) { return d.privacy.opensLocation(); });
    m_runBar->setSentence(planSentence(*plan), opened ? RunBar::Tone::Bad : RunBar::Tone::Plain);
    m_runBar->setAction(copies == 1 ? tr("Stamp 1 copy") : tr("Stamp %1 copies").arg(copies), copies > 0);
    showPlanRows();
}

/// Words are looked at only while somebody looks at the plan, and of a job that can be looked through.
void MainWindow::showPlanRows() {
    constexpr std::size_t most = 4000;
    const auto& plan = *m_planning.plan();
    if (m_view != ViewKind::Check || plan.copies.size() > most)
        return m_check->showPlan(plan);
    std::map<std::filesystem::path, OriginalId> ids;
    for (const auto& item : m_document.originals())
        ids[item.path] = item.id;
    m_check->showPlan(plan, [&](const std::filesystem::path& path, const Delivery& delivery) {
        const auto id = ids.find(path);
        const auto info = id == ids.end() ? nullptr : m_library.info(id->second);
        return info ? wordWarnings(*info, delivery, m_document.exception(id->second)) : QStringList();
    });
}

void MainWindow::stampOrChooseFolder() {
    if (m_running.busy() || m_document.originals().empty())
        return;
    if (m_document.currentDelivery().place.folder.empty())
        return chooseDestination();
    startRun();
}

void MainWindow::startRun() {
    if (!m_planning.plan() || !m_planning.current() || m_planning.plan()->count(Outcome::Waiting) == 0)
        return;
    m_outcomes.clear();
    m_wall->setOutcomes({});
    m_runBar->stopButton()->setEnabled(true);
    m_runBar->setOpenFolder(false);
    m_runBar->setRunning(true);
    m_runBar->setProgress(0, m_planning.plan()->count(Outcome::Waiting), tr("Stamping…"));
    showPlanRows();
    m_running.start(*m_planning.plan());
}

void MainWindow::onProgress(qulonglong done, qulonglong total, const LedgerRow& row) {
    m_runBar->setProgress(
        done, total, tr("Stamping: %1 of %2 · %3").arg(done).arg(total).arg(toQt(row.original.filename())));
    for (const auto& item : m_document.originals())
        if (item.path == row.original) {
            auto& outcome = m_outcomes[item.id];
            outcome = row.outcome == Outcome::Failed ? 2 : std::max(outcome, 1);
        }
    m_wall->setOutcomes(m_outcomes);
    m_check->model()->update(row);
}

void MainWindow::onFinished(const RunResult& result) {
    m_lastRun = result;
    m_resultIsCurrent = true;
    m_runBar->setRunning(false);
    m_check->showLedger(result);
    const auto made = result.ledger.count(Outcome::Made), failed = result.ledger.count(Outcome::Failed);
    const auto waiting = result.ledger.count(Outcome::Waiting);
    QString text = result.stopped ? tr("Stopped. %1 made, %2 not reached; stamping again goes on there.")
                                        .arg(toQt(counted(made, "copy was", "copies were")))
                                        .arg(waiting)
                                  : tr("%1 made and checked.").arg(toQt(counted(made, "copy", "copies")));
    if (failed > 0)
        text += tr(" %1 could not be made.").arg(toQt(counted(failed, "copy", "copies")));
    const bool kept =
        std::all_of(result.ledger.rows.begin(), result.ledger.rows.end(), [](const LedgerRow& row) {
            return row.fingerprintBefore.empty() || row.originalUntouched();
        });
    text += kept ? tr(" The originals are byte for byte as they were.")
                 : tr(" An original changed during the run: see the check.");
    m_runBar->setSentence(text,
                          failed > 0 || !kept || result.stopped ? RunBar::Tone::Look : RunBar::Tone::Good);
    m_runBar->setOpenFolder(made > 0);
    // Until the new plan knows what is left.
    m_runBar->setAction(failed > 0 || result.stopped ? tr("Planning…") : tr("All stamped"), false);
    m_planning.renew();
    if (!result.stopped)
        setView(ViewKind::Check);
}

} // namespace keepseal::app
