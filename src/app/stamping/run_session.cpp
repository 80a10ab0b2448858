// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/run_session.h"

#include "report/contact_sheet.h"
#include "report/proof_sheet.h"
#include "run/journal.h"
#include "stamping/printing.h"

#include "base/files.h"

#include <algorithm>
#include <set>

namespace keepseal::app {
namespace {

RunProgress::Time clockNow() {
    return std::chrono::steady_clock::now();
}

/// What was sent since the run is in its ledger on the disk.
Ledger asItStandsNow(const RunResult& result) {
    try {
        return readLedger(result.ledgerFile);
    } catch (const Problem&) { // it could not be kept, or somebody had it forgotten
        return result.ledger;
    }
}

Stamped stampedAs(Outcome outcome) {
    return outcome == Outcome::Failed     ? Stamped::Failed
           : outcome == Outcome::HeldBack ? Stamped::HeldBack
                                          : Stamped::Made;
}

} // namespace

RunSession::RunSession(JobDocument* document, PictureLibrary* library, const HardCases* hardCases,
                       QObject* parent)
    : QObject(parent), m_document(document), m_hardCases(hardCases), m_planning(document, library),
      m_forecasting(document, library),
      m_files([this](const Problem& problem) { emit said(toQt(problem.sentence())); }) {
    connect(document, &JobDocument::originalsChanged, this, &RunSession::forgetStamped);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        m_changedSince = true;
        m_resultIsCurrent = false;
        emit barChanged();
        emit aheadChanged();
    });
    connect(&m_planning, &Planning::planned, this, [this] {
        emit planChanged();
        emit barChanged();
        if (!busy() && m_planning.plan())
            m_forecasting.start(m_planning.plan());
    });
    connect(&m_forecasting, &Forecasting::changed, this, [this] {
        emit barChanged();
        emit aheadChanged();
    });
    connect(&m_forecasting, &Forecasting::failed, this,
            [this](const Problem& problem) { emit said(toQt(problem.sentence())); });
    connect(hardCases, &HardCases::changed, this, &RunSession::barChanged);
    connectRunning();
}

void RunSession::connectRunning() {
    connect(&m_running, &Running::begun, this, qOverload<>(&RunSession::begin));
    connect(&m_running, &Running::progressed, this, &RunSession::takeRow);
    connect(&m_running, &Running::verifying, this, [this](qulonglong done, qulonglong total) {
        m_progress.verifying(done, total);
        emit stepped();
    });
    connect(&m_running, &Running::finished, this, &RunSession::takeResult);
    connect(&m_running, &Running::refused, this, [this](const Problem& problem) {
        emit said(toQt(problem.sentence()));
        m_planning.lookAgain();
        emit barChanged();
    });
}

bool RunSession::hasMore() const {
    const auto& plan = m_planning.plan();
    return plan && m_planning.current() && m_changedSince && plan != m_running.plan() &&
           plan->count(Outcome::Waiting) > 0;
}

BarState RunSession::barState() const {
    BarState state;
    const auto& problem = m_planning.problem();
    state.pictures = m_document->originals().size();
    state.cards = &m_document->state().deliveries;
    state.problem = problem ? &*problem : nullptr;
    state.plan = m_planning.current() ? m_planning.plan().get() : nullptr;
    state.ahead = m_forecasting.of(state.plan);
    state.verdict = m_hardCases->verdict();
    if (tellsOfLast())
        state.last = m_lastOutcome;
    if (busy())
        state.run = BarRun{m_progress.sentence(m_running.inLine(), clockNow()),
                           m_progress.done(),
                           m_progress.total(),
                           m_progress.paused(),
                           m_stopping,
                           hasMore()};
    return state;
}

std::filesystem::path RunSession::firstCopy() const {
    if (m_last)
        for (const auto& row : m_last->ledger.rows)
            if (row.outcome == Outcome::Made || row.outcome == Outcome::AlreadyThere)
                return row.copy;
    return {};
}

HeldBackSeen RunSession::heldBack() const {
    const auto* plan = m_planning.current() ? m_planning.plan().get() : nullptr;
    const auto* ahead = m_forecasting.of(plan);
    return ahead ? heldBackSeen(m_document->state(), *plan, *ahead, m_planning.cards()) : HeldBackSeen();
}

PlanSeen RunSession::planSeen(OriginalId lookedAt) const {
    if (!m_planning.plan())
        return {};
    const auto* original = m_document->original(lookedAt);
    return app::planSeen(*m_planning.plan(), m_planning.cards(),
                         m_document->state().deliveries[m_document->currentDeliveryIndex()].id,
                         original ? original->path : std::filesystem::path());
}

std::optional<std::size_t> RunSession::cardOf(const LedgerRow& row,
                                              const std::vector<DeliveryId>& ids) const {
    if (row.deliveryIndex && *row.deliveryIndex < ids.size())
        return m_document->indexOf(ids[*row.deliveryIndex]);
    const auto& cards = m_document->state().deliveries;
    std::optional<std::size_t> out;
    for (std::size_t i = 0; i < cards.size(); ++i)
        if (cards[i].delivery.name == row.delivery && (!out || i == m_document->currentDeliveryIndex()))
            out = i;
    return out;
}

void RunSession::stamp() {
    if (m_document->originals().empty())
        return;
    if (const auto homeless = tickedWithoutFolder(m_document->state().deliveries))
        return emit folderWanted(*homeless);
    if (tellsOfLast() && m_last->stopped && !m_last->journal.empty())
        return goOn(m_last->journal);
    const auto& plan = m_planning.plan();
    if (!plan || !m_planning.current() || plan->count(Outcome::Waiting) == 0)
        return;
    const bool waits = busy();
    if (!waits && m_last && !m_last->journal.empty())
        leave(m_last->journal); // what was stopped and not gone on with: this run takes its place
    begin(m_planning.request(), plan, m_planning.cards());
    if (!waits)
        return;
    m_changedSince = false;
    emit said(tr("In line: %1 more after this one.").arg(m_running.inLine()));
    emit barChanged();
}

void RunSession::begin(PlanRequest request, PlanPtr shown, std::vector<DeliveryId> cards) {
    m_forecasting.cancel();
    m_running.start(std::move(request), std::move(shown), std::move(cards));
}

void RunSession::goOn(const std::filesystem::path& journal) {
    m_forecasting.cancel();
    m_running.resume(journal);
}

void RunSession::leave(const std::filesystem::path& journal) {
    m_files.run([journal] {
        try {
            closeUnfinished(journal);
        } catch (const Problem&) {
            return; // another window goes on with it
        }
    });
}

void RunSession::stop() {
    m_running.stop();
    m_stopping = busy();
    emit barChanged();
}

void RunSession::setPaused(bool paused) {
    m_running.setPaused(paused);
    m_progress.setPaused(paused, clockNow());
    emit barChanged();
}

void RunSession::begin() {
    m_planning.rest();
    m_idOfPath.clear();
    for (const auto& item : m_document->originals())
        m_idOfPath[item.path.native()] = item.id;
    forgetStamped();
    m_progress.begin(m_running.plan(), clockNow());
    m_stopping = false;
    m_resultIsCurrent = false;
    m_changedSince = false;
    emit begun();
    emit barChanged();
    emit aheadChanged();
}

void RunSession::forgetStamped() {
    m_stamped.clear();
    emit stampedChanged(0);
}

void RunSession::takeRow(qulonglong done, qulonglong total, qulonglong index, const LedgerRow& row) {
    m_progress.copyDone(done, total, row);
    if (const auto known = m_idOfPath.find(row.original.native()); known != m_idOfPath.end()) {
        auto& stamped = m_stamped.try_emplace(known->second, Stamped::Made).first->second;
        stamped = std::max(stamped, stampedAs(row.outcome));
        emit stampedChanged(known->second);
    }
    emit rowDone(index, row);
    emit stepped();
}

void RunSession::takeResult(const RunResult& result) {
    m_last = result;
    m_lastOutcome = outcomeOfRun(result);
    m_lastPlan = m_running.plan();
    const bool all = !result.stopped && m_running.inLine() == 0;
    m_resultIsCurrent = all || !m_changedSince || result.stopped;
    m_planning.lookAgain(); // what is left is known only then
    emit ended(all);
    emit barChanged();
}

/// The job's pictures, of which some are made: names and numbers are those they have in it.
PlanRequest RunSession::partOfJob() const {
    PlanRequest out;
    out.base = m_document->base();
    out.originals = m_document->paths();
    out.exceptions = m_document->exceptions();
    out.jobName = m_document->state().name;
    return out;
}

bool RunSession::stampThese(const std::vector<OriginalId>& ids, const std::vector<DeliveryId>& deliveries) {
    auto request = partOfJob();
    std::vector<DeliveryId> cards;
    for (const auto id : deliveries) {
        const auto card = m_document->indexOf(id);
        if (!card)
            continue;
        const auto& delivery = m_document->state().deliveries[*card].delivery;
        if (delivery.place.folder.empty()) {
            emit folderWanted(*card);
            return false;
        }
        cards.push_back(id);
        request.numbers.push_back(id);
        request.deliveries.push_back(m_document->asMade(delivery));
    }
    const std::set<OriginalId> wanted(ids.begin(), ids.end());
    for (std::size_t i = 0; i < m_document->originals().size(); ++i)
        for (std::size_t d = 0; d < cards.size() && wanted.contains(m_document->originals()[i].id); ++d)
            request.only.emplace(i, d);
    if (request.only.empty())
        return false;
    m_forecasting.cancel();
    m_running.start(std::move(request), nullptr, std::move(cards), true);
    return true;
}

void RunSession::stampAgain(const std::vector<LedgerRow>& rows, const std::vector<DeliveryId>& cards) {
    auto again = partOfJob();
    std::map<std::filesystem::path, std::size_t> originals;
    for (std::size_t i = 0; i < again.originals.size(); ++i)
        originals[again.originals[i]] = i;
    std::vector<DeliveryId> chosen;
    for (const auto& row : rows) {
        const auto card = cardOf(row, cards);
        if (!card)
            continue;
        const auto& item = m_document->state().deliveries[*card];
        const auto known = std::find(chosen.begin(), chosen.end(), item.id);
        const auto delivery = static_cast<std::size_t>(known - chosen.begin());
        if (known == chosen.end()) {
            chosen.push_back(item.id);
            again.numbers.push_back(item.id);
            again.deliveries.push_back(m_document->asMade(item.delivery));
            again.deliveries.back().place.taken =
                TakenName::Replace; // the copy that was not good enough gives way
        }
        const auto [original, added] = originals.try_emplace(row.original, again.originals.size());
        if (added) // of another day: it is no picture of this job
            again.originals.push_back(row.original);
        again.only.emplace(original->second, delivery);
    }
    if (again.only.empty())
        return emit said(tr("The deliveries of these copies are no longer here."));
    begin(std::move(again), nullptr, std::move(chosen));
}

void RunSession::deliverAllTheSame(const std::vector<LedgerRow>& rows, const std::vector<DeliveryId>& cards) {
    std::map<OriginalId, std::vector<AcceptedIn>> words;
    std::unordered_multimap<std::string, OriginalId> ids;
    for (const auto& item : m_document->originals())
        ids.emplace(item.path.native(), item.id);
    for (const auto& row : rows) {
        const auto card = cardOf(row, cards);
        if (!card)
            continue;
        const auto delivery = m_document->state().deliveries[*card].id;
        const auto [first, last] = ids.equal_range(row.original.native());
        for (const auto& note : row.heldBackBy())
            for (auto id = first; id != last && rowOf(note.kind).acceptable; ++id)
                words[id->second].push_back({note.kind, note.subject, delivery});
    }
    if (!words.empty())
        m_document->accept(words);
}

void RunSession::writeContactSheet(const std::filesystem::path& file) {
    if (!m_last)
        return;
    ContactSheet sheet;
    sheet.title = m_document->state().name.empty() ? tr("Copies").toStdString() : m_document->state().name;
    emit said(tr("Drawing the contact sheet…"));
    m_files.run(
        [result = *m_last, sheet, file] {
            const auto ledger = asItStandsNow(result);
            static const std::atomic<bool> never{false};
            if (file.extension() == ".html")
                writeContactHtml(ledger, sheet, file, never);
            else
                writeContactPdf(ledger, sheet, file, never);
        },
        [this] { emit said(tr("The report is written.")); });
}

void RunSession::writeProofSheet(const std::filesystem::path& file, int up) {
    if (!m_last)
        return;
    ProofSheet sheet;
    sheet.up = up;
    const auto title =
        m_document->state().name.empty() ? tr("Copies").toStdString() : m_document->state().name;
    emit said(tr("Drawing the proof sheets…"));
    m_files.run(
        [copies = m_last->ledger.copies(), sheet, title, file] {
            static const std::atomic<bool> never{false};
            keepseal::writeProofSheet(copies, sheet, title, file, never);
        },
        [this] { emit said(tr("The report is written.")); });
}

void RunSession::printProofSheet(std::shared_ptr<QPrinter> printer, int up) {
    if (!m_last)
        return;
    ProofSheet sheet;
    sheet.up = up;
    sheet.paper = paperOf(*printer);
    const auto title =
        m_document->state().name.empty() ? tr("Copies").toStdString() : m_document->state().name;
    emit said(tr("Printing the proof sheets…"));
    m_files.run(
        [copies = m_last->ledger.copies(), sheet, title, printer = std::move(printer)] {
            static const std::atomic<bool> never{false};
            printProofSheets(copies, sheet, title, *printer, never);
        },
        [this] { emit said(tr("The proof sheets are with the printer.")); });
}

void RunSession::writeLedgerCsv(const std::filesystem::path& file) {
    if (!m_last)
        return;
    m_files.run(
        [result = *m_last, file] {
            const auto text = ledgerCsv(asItStandsNow(result));
            writeNewFile(file, Bytes(text.begin(), text.end()));
        },
        [this] { emit said(tr("The report is written.")); });
}

} // namespace keepseal::app
