// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/run_desk.h"

#include "check/album_dialog.h"
#include "document/chain_of.h"
#include "widgets/announce.h"
#include "widgets/field_keys.h"

#include <QApplication>
#include <QFileDialog>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>

#include <set>

namespace keepseal::app {
namespace {

const QString kOpenFolder = "open-folder", kSeeCheck = "see-check";

} // namespace

RunDesk::RunDesk(Parts parts) : m(parts) {
    connectBar();
    connectCheck();
    connect(m.runs, &RunSession::said, this, &RunDesk::said);
    connect(&m_desktop, &Desktop::actionChosen, this, &RunDesk::takeAction);
    m_barPause.setSingleShot(true);
    connect(m.runs, &RunSession::barChanged, this, &RunDesk::showBar);
    connect(m.runs, &RunSession::stepped, this, &RunDesk::showBarInTime);
    connect(&m_barPause, &QTimer::timeout, this, [this] {
        if (m_barWaits)
            showBarInTime();
    });
    connect(m.runs, &RunSession::planChanged, this, &RunDesk::showPlanSeen);
    connect(m.runs, &RunSession::aheadChanged, this, &RunDesk::showHeldBackSeen);
    connect(m.runs, &RunSession::aheadChanged, this, &RunDesk::showRows);
    connect(m.runs, &RunSession::planChanged, this, &RunDesk::showRows);
    connect(m.runs, &RunSession::stampedChanged, this, &RunDesk::showStamped);
    connect(m.runs, &RunSession::begun, this, &RunDesk::begun);
    connect(m.runs, &RunSession::ended, this, &RunDesk::ended);
    connect(m.views, &Views::lookedAtChanged, this, &RunDesk::showPlanSeen); // its name is among the examples
    connect(m.views, &Views::viewChanged, this, &RunDesk::showRows);
    connect(m.runs, &RunSession::folderWanted, this, [this](std::size_t card) {
        m.document->selectDelivery(card); // so that its own folder is chosen, and seen
        emit folderWanted();
    });
    showBar();
}

void RunDesk::connectBar() {
    connect(m.bar->strongButton(), &QPushButton::clicked, m.runs, &RunSession::stamp);
    connect(m.bar->stopButton(), &QPushButton::clicked, m.runs, &RunSession::stop);
    connect(m.bar->pauseButton(), &QPushButton::clicked, this,
            [this] { m.runs->setPaused(!m.runs->running().paused()); });
    connect(m.bar->heldBackButton(), &QPushButton::clicked, this, &RunDesk::showHeldBack);
    connect(m.bar->openButton(), &QPushButton::clicked, this, [this] {
        if (const auto copy = m.runs->firstCopy(); !copy.empty())
            m_desktop.showInFolder(copy);
    });
}

void RunDesk::makeAlbum() {
    if (!m.runs->last())
        return;
    const auto& name = m.document->state().name;
    auto* dialog = new AlbumDialog(m.runs->last()->ledger, name.empty() ? tr("Pictures") : toQt(name),
                                   &m.views->check());
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void RunDesk::connectCheck() {
    auto& check = m.views->check();
    connect(&check, &CheckView::contactRequested, this, [this, &check](bool html) {
        const auto file = QFileDialog::getSaveFileName(&check, tr("Save the contact sheet"),
                                                       html ? "contact-sheet.html" : "contact-sheet.pdf",
                                                       html ? tr("Web pages (*.html)") : tr("PDF (*.pdf)"));
        if (!file.isEmpty())
            m.runs->writeContactSheet(toPath(file));
    });
    connect(&check, &CheckView::proofSheetRequested, this, [this, &check](int up) {
        const auto file = QFileDialog::getSaveFileName(&check, tr("Save the proof sheets"),
                                                       "proof-sheets.pdf", tr("PDF (*.pdf)"));
        if (!file.isEmpty())
            m.runs->writeProofSheet(toPath(file), up);
    });
    connect(&check, &CheckView::printRequested, this, [this, &check](int up) {
        auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
        if (QPrintDialog dialog(printer.get(), &check); dialog.exec() == QDialog::Accepted)
            m.runs->printProofSheet(printer, up);
    });
    connect(&check, &CheckView::albumRequested, this, &RunDesk::makeAlbum);
    connect(&check, &CheckView::csvRequested, this, [this, &check] {
        const auto file = QFileDialog::getSaveFileName(&check, tr("Save the ledger as a table"), "ledger.csv",
                                                       tr("Tables (*.csv)"));
        if (!file.isEmpty())
            m.runs->writeLedgerCsv(toPath(file));
    });
    connect(&check, &CheckView::fileRequested, this,
            [this](const QString& file) { m_desktop.showInFolder(toPath(file)); });
    connect(&check, &CheckView::stationRequested, this, &RunDesk::showStationOf);
    connect(&check, &CheckView::mendRequested, this, &RunDesk::mend);
    connect(&check, &CheckView::acceptRequested, this,
            [this, &check] { m.runs->deliverAllTheSame(check.chosen(), check.cards()); });
}

/// Two hundred copies a second would lay the whole window out as often: no eye follows that, and the hand has
/// to wait for it.
void RunDesk::showBarInTime() {
    constexpr int kPause = 100; // ms
    if (m_barPause.isActive()) {
        m_barWaits = true;
        return;
    }
    m_barPause.start(kPause);
    showBar();
}

void RunDesk::showBar() {
    m_barWaits = false;
    const auto words = barWords(m.runs->barState());
    m.bar->show(words);
    tellStep(words.run);
    if (m.runs->busy() || m.runs->tellsOfLast())
        return;
    const auto& problem = m.runs->planning().problem();
    const bool refused = problem && problem->kind == ProblemKind::Refused;
    m.chain->setPlaceProblem(refused ? toQt(problem->happened) : QString());
}

/// To who does not see the bar: a quarter of the way at a time.
void RunDesk::tellStep(const std::optional<BarRun>& run) {
    const auto quarter = run && run->total > 0 ? 4 * run->done / run->total : 0;
    if (quarter > m_quarterTold && quarter < 4)
        announce(m.bar, tr("%1 of %2 are made").arg(run->done).arg(run->total));
    m_quarterTold = quarter;
}

/// The plan with what is known of it so far; each thing that becomes known shows it again. What came of a run
/// stays until the job changes.
void RunDesk::showRows() {
    const auto& planning = m.runs->planning();
    if (m.views->view() != ViewKind::Check || m.runs->busy() || m.runs->tellsOfLast() || !planning.plan() ||
        !planning.current())
        return;
    m.views->check().showPlan(*planning.plan(), m.runs->forecasting().of(planning.plan().get()),
                              m.runs->forecasting().sampled(), planning.cards());
}

/// Cards say how many copies they will have, the place station how they will be called.
void RunDesk::showPlanSeen() {
    auto seen = m.runs->planSeen(m.views->lookedAt());
    const auto& problem = m.runs->planning().problem();
    m.deliveries->setCopies(std::move(seen.copies));
    m.drawer->setPlaceExamples(problem ? QStringList{sentenceFor(*problem)} : seen.examples);
}

void RunDesk::showHeldBackSeen() {
    auto seen = m.runs->heldBack();
    m.views->wall().setHeldBack(std::move(seen.pictures));
    m.deliveries->setHeldBack(std::move(seen.cards));
}

void RunDesk::showStamped(OriginalId id) {
    const auto& stamped = m.runs->stamped();
    if (id == 0)
        m.views->wall().setStamped(stamped);
    else
        m.views->wall().setStamped(id, stamped.at(id));
}

void RunDesk::begun() {
    const auto& plan = m.runs->running().plan();
    const auto& forecasting = m.runs->forecasting();
    announce(m.bar, tr("Stamping begins"));
    if (plan && m.views->view() == ViewKind::Check)
        m.views->check().showPlan(*plan, forecasting.of(plan.get()), forecasting.sampled(),
                                  m.runs->running().cards());
}

void RunDesk::ended(bool all) {
    m.views->check().showLedger(*m.runs->last(), m.runs->lastPlan().get(), m.runs->running().cards());
    emit runEnded();
    announce(m.bar, barWords(m.runs->barState()).sentence.value_or(QString()));
    if (!all || m.runs->running().quiet())
        return;
    notifyEnd(barWords(m.runs->barState()).sentence.value_or(QString()));
    // Who is in the middle of a word keeps the field; the bar says what came of the run.
    if (!isField(m.views->window()->focusWidget()))
        m.views->setView(ViewKind::Check);
}

/// Only where somebody may be looking elsewhere.
void RunDesk::notifyEnd(const QString& text) {
    auto* window = m.views->window();
    QApplication::alert(window);
    if (!window->isActiveWindow())
        m_desktop.notify(tr("Keep Seal"), text,
                         {{kOpenFolder, tr("Open folder")}, {kSeeCheck, tr("See the check")}});
}

void RunDesk::takeAction(const QString& key) {
    if (key == kOpenFolder) {
        if (const auto copy = m.runs->firstCopy(); !copy.empty())
            m_desktop.showInFolder(copy);
        return;
    }
    m.views->setView(ViewKind::Check);
    m.views->window()->show();
    m.views->window()->raise();
    m.views->window()->activateWindow();
}

void RunDesk::renewLook() {
    showBar();
    auto& check = m.views->check();
    if (m.runs->tellsOfLast())
        check.showLedger(*m.runs->last(), m.runs->lastPlan().get(), check.cards());
}

void RunDesk::showHeldBack() {
    m.views->setView(ViewKind::Check);
    m.views->check().showHeldBack();
}

void RunDesk::mend(const LedgerRow& row) {
    std::vector<std::string> asked;
    for (const auto& note : row.heldBackBy())
        if (note.kind == NoteKind::WhoUnset)
            asked.push_back(note.subject);
    if (!asked.empty())
        return emit whoWanted(asked);
    for (const auto& item : m.document->originals())
        if (item.path == row.original)
            m.views->wall().setCurrent(item.id);
    m.views->setView(ViewKind::Wall);
    showStationOf(row);
}

/// Where a row's weightiest note is mended.
void RunDesk::showStationOf(const LedgerRow& row) {
    if (const auto card = m.runs->cardOf(row, m.views->check().cards()))
        m.document->selectDelivery(*card);
    std::optional<StationId> station;
    for (const auto severity : {Severity::HoldsBack, Severity::WorthALook, Severity::Fact})
        for (const auto& note : row.notes)
            if (!station && severityOf(note) == severity)
                station = stationOf(note);
    m.chain->setChosen(station.value_or(StationId::Place));
}

void RunDesk::chooseInWall() {
    std::set<std::filesystem::path> paths;
    for (const auto& row : m.views->check().chosen())
        paths.insert(row.original);
    std::vector<OriginalId> ids;
    for (const auto& item : m.document->originals())
        if (paths.contains(item.path))
            ids.push_back(item.id);
    m.views->wall().select(ids);
}

void RunDesk::stampChosenAgain() {
    m.runs->stampAgain(m.views->check().chosen(), m.views->check().cards());
}

} // namespace keepseal::app
