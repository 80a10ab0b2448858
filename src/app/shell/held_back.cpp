// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does about copies that are held back: says so before the run, leads to the cause, takes a
// person's word that they are delivered all the same, and asks who they are where that is all that is
// missing. Also what it says of files that were gathered and are no originals.
#include "shell/main_window.h"

#include "base/text.h"
#include "document/chain_of.h"
#include "shell/who_dialog.h"

#include <QPushButton>

namespace keepseal::app {

void MainWindow::connectHeldBack() {
    connect(m_runBar->heldBackButton(), &QPushButton::clicked, this, &MainWindow::showHeldBack);
    connect(m_check, &CheckView::mendRequested, this, &MainWindow::mend);
    connect(m_check, &CheckView::acceptRequested, this, [this] { acceptAll(m_check->chosen()); });
    connect(&m_forecasting, &Forecasting::changed, this, &MainWindow::tellHeldBack);
    connect(&m_document, &JobDocument::anythingChanged, this, &MainWindow::tellHeldBack);
}

/// Wall, cards and run bar say which copies will be held back, as far as it is known.
void MainWindow::tellHeldBack() {
    const auto& plan = m_planning.plan();
    const auto* ahead = m_planning.current() ? m_forecasting.of(plan.get()) : nullptr;
    std::map<OriginalId, QStringList> held;
    std::map<std::size_t, std::size_t> perCard;
    std::vector<std::size_t> cardOf; // of the plan's deliveries
    for (std::size_t i = 0; i < m_document.state().deliveries.size(); ++i)
        if (m_document.state().deliveries[i].inNextRun)
            cardOf.push_back(i);
    if (ahead && ahead->heldBack > 0) {
        std::unordered_map<std::string, OriginalId> ids;
        for (const auto& item : m_document.originals())
            ids[item.path.native()] = item.id;
        for (std::size_t i = 0; i < plan->copies.size(); ++i) {
            if (ahead->copies[i].outcome != Outcome::HeldBack)
                continue;
            const auto& copy = plan->copies[i];
            const auto& delivery = plan->deliveries[copy.delivery];
            if (copy.delivery < cardOf.size())
                ++perCard[cardOf[copy.delivery]];
            auto& words = held[ids[plan->originals[copy.original].native()]];
            for (const auto& reason : sentences(holdingBack(ahead->copies[i].notes, delivery.place.strict,
                                                            plan->exceptions[copy.original].accepted)))
                if (!words.contains(reason))
                    words << reason;
        }
    }
    m_wall->setHeldBack(std::move(held));
    m_deliveries->setHeldBack(std::move(perCard));
    m_runBar->setHeldBack(m_running.busy() || !ahead ? 0 : ahead->heldBack);
}

void MainWindow::showHeldBack() {
    setView(ViewKind::Check);
    showPlanRows();
    m_check->showHeldBack();
}

void MainWindow::mend(const LedgerRow& row) {
    std::vector<std::string> asked;
    for (const auto& note : row.heldBackBy())
        if (note.kind == NoteKind::WhoUnset)
            asked.push_back(note.subject);
    if (!asked.empty())
        return askWho(asked);
    for (const auto& item : m_document.originals())
        if (item.path == row.original)
            m_wall->setCurrent(item.id);
    setView(ViewKind::Wall);
    showStationOf(row);
}

void MainWindow::acceptAll(const std::vector<LedgerRow>& rows) {
    std::map<OriginalId, std::vector<Acceptance>> words;
    std::unordered_multimap<std::string, OriginalId> ids;
    for (const auto& item : m_document.originals())
        ids.emplace(item.path.native(), item.id);
    for (const auto& row : rows) {
        const auto [first, last] = ids.equal_range(row.original.native());
        for (const auto& note : row.heldBackBy())
            for (auto id = first; id != last && rowOf(note.kind).acceptable; ++id)
                words[id->second].push_back({note.kind, note.subject});
    }
    if (!words.empty())
        m_document.accept(words);
}

void MainWindow::askWho(const std::vector<std::string>& asked) {
    WhoDialog dialog(m_document.who(), asked, this);
    if (dialog.exec() == QDialog::Accepted)
        takeWho(dialog.who(), dialog.onlyThisJob());
}

void MainWindow::takeWho(const WhoYouAre& who, bool onlyThisJob) {
    m_document.setWho(who);
    if (!onlyThisJob)
        m_session.keepWho(who);
}

/// The delivery a row is of: by its card; of a run of another day, whose cards are not known, by what made it
/// or by its name.
std::optional<std::size_t> MainWindow::cardOfRow(const LedgerRow& row) const {
    const auto& ids = m_check->cards();
    if (row.deliveryIndex && *row.deliveryIndex < ids.size())
        return m_document.indexOf(ids[*row.deliveryIndex]);
    const auto& cards = m_document.state().deliveries;
    std::optional<std::size_t> out;
    for (std::size_t i = 0; i < cards.size(); ++i)
        if (cards[i].delivery.name == row.delivery && (!out || i == m_document.currentDeliveryIndex()))
            out = i;
    return out;
}

/// Where a row's weightiest note is mended.
void MainWindow::showStationOf(const LedgerRow& row) {
    if (const auto card = cardOfRow(row))
        m_document.selectDelivery(*card);
    std::optional<StationId> station;
    for (const auto severity : {Severity::HoldsBack, Severity::WorthALook, Severity::Fact})
        for (const auto& note : row.notes)
            if (!station && severityOf(note) == severity)
                station = stationOf(note);
    m_chain->setChosen(station.value_or(StationId::Place));
}

/// Files that are no originals: by kind, and those worth a look by name.
void MainWindow::tellGathered(const Gathered& result, std::size_t added) {
    constexpr std::size_t kMostNamed = 4;
    QStringList named, counts;
    for (const auto& met : result.others)
        if (met.named || severityOf(met.note) >= Severity::WorthALook)
            named << tr("%1: %2").arg(toQt(met.path.filename()), toQt(wholeSentenceOf(met.note)));
    for (const auto& [kind, count] : countByKind(result.others)) {
        if (rowOf(kind).severity >= Severity::WorthALook)
            continue;
        const auto example = std::find_if(result.others.begin(), result.others.end(),
                                          [kind = kind](const Met& met) { return met.note.kind == kind; });
        const auto words = toQt(sentenceOf(example->note));
        counts << tr("%1 × %2").arg(count).arg(words);
    }
    QStringList lines;
    if (std::exchange(m_saysGathered, false) && !result.files.empty())
        lines << (added == result.files.size()
                      ? tr("%1 came to this job from outside; one undo takes them out again.")
                      : tr("%1 came to this job from outside, the others of them were in it already."))
                     .arg(toQt(counted(added, "picture", "pictures")));
    if (result.files.empty())
        lines << tr("There are no pictures in there that Keep Seal can read.");
    lines << named.mid(0, kMostNamed);
    if (static_cast<std::size_t>(named.size()) > kMostNamed)
        lines << tr("and %1 more that are worth a look").arg(named.size() - static_cast<int>(kMostNamed));
    if (!counts.isEmpty())
        lines << tr("No pictures: %1").arg(counts.join(", "));
    showNotice(lines.join("\n"));
}

} // namespace keepseal::app
