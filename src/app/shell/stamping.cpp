// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does around a run: the sentence of truth, the plan, progress, and what came of it.
#include "shell/main_window.h"

#include "shell/bar_words.h"

#include "base/files.h"
#include "base/text.h"
#include "report/contact_sheet.h"
#include "run/journal.h"
#include "widgets/field_keys.h"

#include <QApplication>
#include <QDesktopServices>
#include <QFileDialog>
#include <QSystemTrayIcon>
#include <QUrl>

#include <cmath>

namespace keepseal::app {

void MainWindow::updateRunBar() {
    const auto& plan = m_planning.plan();
    if (m_running.busy()) { // what was changed meanwhile can be put in line
        const bool more = plan && m_planning.current() && !m_resultIsCurrent && plan != m_running.plan() &&
                          plan->count(Outcome::Waiting) > 0 && m_runBarAsks;
        m_runBar->strongButton()->setVisible(more);
        if (more)
            m_runBar->setAction(tr("Stamp this as well, after it"), true);
        return;
    }
    const auto& problem = m_planning.problem();
    if (!m_resultIsCurrent) {
        m_runBar->setOpenFolder(false);
        const bool refused = problem && problem->kind == ProblemKind::Refused;
        m_chain->setPlaceProblem(refused ? toQt(problem->happened) : QString());
    }
    BarState state;
    state.pictures = m_document.originals().size();
    state.cards = &m_document.state().deliveries;
    state.problem = problem ? &*problem : nullptr;
    state.plan = m_planning.current() ? plan.get() : nullptr;
    state.ahead = m_forecasting.of(state.plan);
    state.verdict = m_hardCases.verdict();
    state.result = m_resultIsCurrent && m_lastRun ? &*m_lastRun : nullptr;
    const auto words = barWords(state);
    if (words.sentence)
        m_runBar->setSentence(*words.sentence, words.tone);
    if (words.action)
        m_runBar->setAction(*words.action, words.enabled);
    if (!m_resultIsCurrent && words.tellsPlan)
        showPlanRows();
}

/// With what is known of it so far; each thing that becomes known shows it again.
void MainWindow::showPlanRows() {
    if (m_view != ViewKind::Check || !m_planning.plan())
        return;
    m_check->showPlan(*m_planning.plan(), m_forecasting.of(m_planning.plan().get()), m_forecasting.sampled(),
                      m_planning.cards());
}

void MainWindow::stampOrChooseFolder() {
    if (m_document.originals().empty())
        return;
    if (const auto homeless = tickedWithoutFolder(m_document.state().deliveries)) {
        m_document.selectDelivery(*homeless); // so that its own folder is chosen, and seen
        return chooseDestination();
    }
    if (m_resultIsCurrent && m_lastRun && m_lastRun->stopped && !m_lastRun->journal.empty())
        return resumeRunOf(m_lastRun->journal);
    startRun();
}

void MainWindow::startRun() {
    const auto& plan = m_planning.plan();
    if (!plan || !m_planning.current() || plan->count(Outcome::Waiting) == 0)
        return;
    m_forecasting.cancel();
    if (m_lastRun && !m_lastRun->journal.empty() && !m_running.busy()) {
        // What was stopped and not gone on with is closed: this run takes its place.
        m_files.run([journal = m_lastRun->journal] {
            try {
                closeUnfinished(journal);
            } catch (const Problem&) {
                return; // another window goes on with it
            }
        });
    }
    if (m_running.busy()) {
        m_running.start(m_planning.request(), plan, m_planning.cards());
        m_runBarAsks = false;
        showNotice(tr("In line: %1 more after this one.").arg(m_running.inLine()));
        return updateRunBar();
    }
    m_running.start(m_planning.request(), plan, m_planning.cards());
}

void MainWindow::resumeRunOf(const std::filesystem::path& journal) {
    m_forecasting.cancel();
    m_running.resume(journal);
}

void MainWindow::connectRuns() {
    connect(&m_running, &Running::begun, this, [this] {
        m_planning.rest();
        m_outcomes.clear();
        m_wall->setOutcomes({});
        m_idOfPath.clear();
        for (const auto& item : m_document.originals())
            m_idOfPath[item.path.native()] = item.id;
        m_perDelivery.clear();
        std::size_t total = 0;
        if (const auto& plan = m_running.plan())
            for (const auto& copy : plan->copies)
                if (copy.outcome == Outcome::Waiting) {
                    ++m_perDelivery[copy.delivery].second;
                    ++total;
                }
        m_runBegan = std::chrono::steady_clock::now();
        m_pausedFor = {};
        m_pausedSince.reset();
        m_resultIsCurrent = false;
        m_runBarAsks = false; // until something is changed
        m_runBar->stopButton()->setEnabled(true);
        m_runBar->setOpenFolder(false);
        m_runBar->setRunning(true);
        m_runBar->setProgress(0, total, tr("Stamping…"));
        if (const auto& plan = m_running.plan(); plan && m_view == ViewKind::Check)
            m_check->showPlan(*plan, m_forecasting.of(plan.get()), m_forecasting.sampled(),
                              m_running.cards());
    });
    connect(&m_running, &Running::progressed, this, &MainWindow::onProgress);
    connect(&m_running, &Running::verifying, this, [this](qulonglong done, qulonglong total) {
        m_runBar->setProgress(done, total, tr("Reading the originals again: %1 of %2").arg(done).arg(total));
    });
    connect(&m_running, &Running::finished, this, &MainWindow::onFinished);
    connect(&m_running, &Running::refused, this, [this](const Problem& problem) {
        m_runBar->setRunning(false);
        showNotice(toQt(problem.sentence()));
        m_planning.lookAgain();
        updateRunBar();
    });
    connect(m_runBar->stopButton(), &QPushButton::clicked, this, [this] {
        m_running.stop();
        m_runBar->stopButton()->setEnabled(false);
    });
    connect(m_runBar->pauseButton(), &QPushButton::clicked, this, [this] {
        const bool pause = !m_running.paused();
        m_running.setPaused(pause);
        m_runBar->setPaused(pause);
        const auto now = std::chrono::steady_clock::now();
        if (pause)
            m_pausedSince = now;
        else if (m_pausedSince)
            m_pausedFor += now - *std::exchange(m_pausedSince, std::nullopt);
        if (pause)
            m_runBar->setSentence(
                tr("Paused after the pictures at hand. The job can be worked on meanwhile."));
    });
    connect(&m_document, &JobDocument::anythingChanged, this, [this] { m_runBarAsks = true; });
    connect(&m_planning, &Planning::planned, this, &MainWindow::tellPlan);
    connect(&m_planning, &Planning::planned, this, [this] {
        if (!m_running.busy() && m_planning.plan())
            m_forecasting.start(m_planning.plan());
    });
    connect(&m_forecasting, &Forecasting::changed, this, [this] {
        if (!m_running.busy())
            updateRunBar();
    });
    connect(m_check, &CheckView::contactRequested, this, [this](bool html) {
        const auto file = QFileDialog::getSaveFileName(this, tr("Save the contact sheet"),
                                                       html ? "contact-sheet.html" : "contact-sheet.pdf",
                                                       html ? tr("Web pages (*.html)") : tr("PDF (*.pdf)"));
        if (!file.isEmpty())
            writeContactSheet(toPath(file));
    });
    connect(m_check, &CheckView::csvRequested, this, [this] {
        const auto file = QFileDialog::getSaveFileName(this, tr("Save the ledger as a table"), "ledger.csv",
                                                       tr("Tables (*.csv)"));
        if (!file.isEmpty())
            writeLedgerCsv(toPath(file));
    });
    connect(m_check, &CheckView::folderRequested, this,
            [](const QString& folder) { QDesktopServices::openUrl(QUrl::fromLocalFile(folder)); });
    connect(m_check, &CheckView::stationRequested, this, &MainWindow::showStationOf);
}

/// Cards say how many copies they will have, the place station how they will be called.
void MainWindow::tellPlan() {
    std::map<std::size_t, std::size_t> copies;
    std::vector<std::size_t> indexOf; // of the plan's deliveries among the cards
    const auto& cards = m_document.state().deliveries;
    for (std::size_t i = 0; i < cards.size(); ++i)
        if (cards[i].inNextRun)
            indexOf.push_back(i);
    QStringList examples;
    const auto& plan = m_planning.plan();
    if (plan && indexOf.size() == plan->deliveries.size()) {
        for (const auto index : indexOf)
            copies[index] = 0;
        for (const auto& copy : plan->copies) {
            const auto card = indexOf[copy.delivery];
            copies[card] += copy.outcome != Outcome::LeftOut;
            const bool looked = m_document.original(m_lookedAt) &&
                                m_document.original(m_lookedAt)->path == plan->originals[copy.original];
            if (card == m_document.currentDeliveryIndex() && copy.outcome != Outcome::LeftOut &&
                (examples.size() < 2 || looked))
                examples << toQt(plan->originals[copy.original].filename()) + " → " +
                                toQt(copy.target.lexically_relative(plan->roots[copy.delivery]));
        }
    }
    m_deliveries->setCopies(std::move(copies));
    m_drawer->setPlaceExamples(m_planning.problem() ? QStringList{toQt(m_planning.problem()->sentence())}
                                                    : examples);
}

QString MainWindow::progressSentence(qulonglong done, qulonglong total, const LedgerRow& row) const {
    QString text = tr("Stamping: %1 of %2 · %3").arg(done).arg(total).arg(toQt(row.original.filename()));
    if (m_perDelivery.size() > 1)
        for (const auto& [delivery, counts] : m_perDelivery)
            if (const auto& plan = m_running.plan(); plan && delivery < plan->deliveries.size())
                text += QString(" · %1 %2/%3")
                            .arg(toQt(plan->deliveries[delivery].name))
                            .arg(counts.first)
                            .arg(counts.second);
    const auto spent =
        std::chrono::duration<double>(std::chrono::steady_clock::now() - m_runBegan - m_pausedFor).count();
    if (done >= 3 && spent > 2 && done < total) { // the first ones say little
        const double left = spent * static_cast<double>(total - done) / static_cast<double>(done);
        text += left < 90 ? tr(" · about %1 s left").arg(std::lround(left))
                          : tr(" · about %1 min left").arg(std::lround(left / 60));
    }
    if (m_running.inLine() > 0)
        text += tr(" · %1 more in line").arg(m_running.inLine());
    return text;
}

void MainWindow::onProgress(qulonglong done, qulonglong total, qulonglong index, const LedgerRow& row) {
    if (row.deliveryIndex)
        ++m_perDelivery[*row.deliveryIndex].first;
    if (!m_running.paused())
        m_runBar->setProgress(done, total, progressSentence(done, total, row));
    if (const auto known = m_idOfPath.find(row.original.native()); known != m_idOfPath.end()) {
        auto& outcome = m_outcomes[known->second];
        outcome = row.outcome == Outcome::Failed     ? 2
                  : row.outcome == Outcome::HeldBack ? (outcome == 2 ? 2 : 3)
                                                     : std::max(outcome, 1);
        m_wall->setOutcome(known->second, outcome);
    }
    m_check->model()->update(index, row);
}

void MainWindow::onFinished(const RunResult& result) {
    m_lastRun = result;
    m_lastPlan = m_running.plan();
    m_resultIsCurrent = !m_runBarAsks || result.stopped;
    m_runBar->setRunning(false);
    m_check->showLedger(result, m_lastPlan.get(), m_running.cards());
    const auto made = result.ledger.count(Outcome::Made), failed = result.ledger.count(Outcome::Failed);
    const auto waiting = result.ledger.count(Outcome::Waiting), held = result.ledger.count(Outcome::HeldBack);
    QString text = result.stopped ? tr("Stopped. %1 made, %2 not reached; it can go on there.")
                                        .arg(toQt(counted(made, "copy was", "copies were")))
                                        .arg(waiting)
                                  : tr("%1 made and checked.").arg(toQt(counted(made, "copy", "copies")));
    if (failed > 0)
        text += tr(" %1 could not be made.").arg(toQt(counted(failed, "copy", "copies")));
    if (held > 0)
        text += tr(" %1 held back: see the check.").arg(toQt(counted(held, "copy was", "copies were")));
    const bool kept =
        std::all_of(result.ledger.rows.begin(), result.ledger.rows.end(), [](const LedgerRow& row) {
            return row.fingerprintBefore.empty() || row.originalUntouched();
        });
    text += kept ? tr(" The originals are byte for byte as they were.")
                 : tr(" An original changed during the run: see the check.");
    m_runBar->setSentence(text, failed > 0 || held > 0 || !kept || result.stopped ? RunBar::Tone::Look
                                                                                  : RunBar::Tone::Good);
    m_runBar->setOpenFolder(made > 0);
    // Until the new plan knows what is left.
    m_runBar->setAction(failed > 0 || held > 0 || result.stopped ? tr("Planning…") : tr("All stamped"),
                        false);
    if (!result.stopped && m_running.inLine() == 0) {
        notifyEnd(text);
        m_resultIsCurrent = true;
        // Who is in the middle of a word keeps the field; the bar says what came of the run.
        if (!isField(focusWidget()))
            setView(ViewKind::Check);
    }
    m_planning.lookAgain();
}

/// Only where somebody may be looking elsewhere.
void MainWindow::notifyEnd(const QString& text) {
    QApplication::alert(this);
    if (isActiveWindow() || !QSystemTrayIcon::isSystemTrayAvailable() || !QSystemTrayIcon::supportsMessages())
        return;
    auto* tray = new QSystemTrayIcon(windowIcon(), this);
    tray->show();
    tray->showMessage(tr("Keep Seal"), text, windowIcon(), 8000);
    QTimer::singleShot(12000, tray, &QObject::deleteLater);
}

/// Each chosen copy in its own delivery, and under the name and number it had in the job.
void MainWindow::stampAgain(const std::vector<LedgerRow>& rows) {
    PlanRequest again;
    again.base = m_document.base();
    again.originals = m_document.paths();
    again.exceptions = m_document.exceptions();
    again.jobName = m_document.state().name;
    std::map<std::filesystem::path, std::size_t> originals;
    for (std::size_t i = 0; i < again.originals.size(); ++i)
        originals[again.originals[i]] = i;
    std::vector<DeliveryId> cards;
    for (const auto& row : rows) {
        const auto card = cardOfRow(row);
        if (!card)
            continue;
        const auto& item = m_document.state().deliveries[*card];
        const auto known = std::find(cards.begin(), cards.end(), item.id);
        const auto delivery = static_cast<std::size_t>(known - cards.begin());
        if (known == cards.end()) {
            cards.push_back(item.id);
            again.deliveries.push_back(m_document.asMade(item.delivery));
            again.deliveries.back().place.taken =
                TakenName::Replace; // the copy that was not good enough gives way
        }
        const auto [original, added] = originals.try_emplace(row.original, again.originals.size());
        if (added) // of another day: it is no picture of this job
            again.originals.push_back(row.original);
        again.only.emplace(original->second, delivery);
    }
    if (again.only.empty())
        return tell(tr("The deliveries of these copies are no longer here."));
    m_running.start(std::move(again), nullptr, std::move(cards));
}

void MainWindow::writeContactSheet(const std::filesystem::path& file) {
    if (!m_lastRun)
        return;
    ContactSheet sheet;
    sheet.title = m_document.state().name.empty() ? tr("Copies").toStdString() : m_document.state().name;
    showNotice(tr("Drawing the contact sheet…"));
    m_reports.run(
        [ledger = m_lastRun->ledger, sheet, file] {
            static const std::atomic<bool> never{false};
            if (file.extension() == ".html")
                writeContactHtml(ledger, sheet, file, never);
            else
                writeContactPdf(ledger, sheet, file, never);
        },
        [this] { showNotice(tr("The report is written.")); });
}

void MainWindow::writeLedgerCsv(const std::filesystem::path& file) {
    if (!m_lastRun)
        return;
    m_reports.run(
        [ledger = m_lastRun->ledger, file] {
            const auto text = ledgerCsv(ledger);
            writeNewFile(file, Bytes(text.begin(), text.end()));
        },
        [this] { showNotice(tr("The report is written.")); });
}

} // namespace keepseal::app
