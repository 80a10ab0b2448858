// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/background.h"

#include "delivery/file_names.h"
#include "formats/output_format.h"

#include <algorithm>
#include <unordered_map>

namespace keepseal::app {

void Gathering::start(const std::vector<std::filesystem::path>& paths) {
    m_next.insert(m_next.end(), paths.begin(), paths.end());
    if (busy())
        return;
    m_task.start([paths = std::exchange(m_next, {})](const std::atomic<bool>& stop) {
        return gather(paths, true, &stop);
    });
}

void Gathering::take(const TaskOutcome<Gathered>& outcome) {
    if (outcome.result)
        emit gathered(*outcome.result);
    else
        emit failed(*outcome.problem);
    if (!m_next.empty())
        start({});
}

FactsOf knownFacts(const JobDocument& document, const PictureLibrary& library) {
    auto known = std::make_shared<std::unordered_map<std::string, PictureInfoPtr>>();
    for (const auto& item : document.originals())
        if (auto info = library.info(item.id))
            known->emplace(item.path.native(), std::move(info));
    return [known](const std::filesystem::path& path) -> OriginalFactsPtr {
        const auto found = known->find(path.native());
        if (found == known->end())
            return readOriginalFacts(path);
        const auto& info = *found->second;
        return std::make_shared<const OriginalFacts>(
            OriginalFacts{info.facts, *info.metadata(), info.bytes, info.problem});
    };
}

namespace {

/// The folders that copies go to; for one that is not there yet, the one in which it will be.
QStringList foldersToWatch(const Plan& plan) {
    constexpr qsizetype kMostWatched = 64;
    QStringList out;
    for (auto place : plan.places()) {
        std::error_code error;
        while (!std::filesystem::is_directory(place, error) && place.has_relative_path())
            place = place.parent_path();
        if (!out.contains(toQt(place)) && out.size() < kMostWatched)
            out << toQt(place);
    }
    return out;
}

} // namespace

/// What others do there is seen at once; all else when the window is looked at again.
void Planning::watch(const QStringList& folders) {
    const auto watched = m_watcher.directories();
    if (folders == watched)
        return;
    if (!watched.isEmpty())
        m_watcher.removePaths(watched);
    if (!folders.isEmpty())
        m_watcher.addPaths(folders);
}

Planning::Planning(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library) {
    m_wait.setSingleShot(true);
    m_wait.setInterval(80);
    connect(&m_wait, &QTimer::timeout, this, &Planning::make);
    connect(document, &JobDocument::anythingChanged, this, &Planning::renew);
    connect(document, &JobDocument::originalsChanged, this, &Planning::lookAgain);
    connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, &Planning::lookAgain);
}

void Planning::renew() {
    ++m_wanted;
    m_wait.start();
}

void Planning::rest() {
    m_resting = true;
    watch({});
}

void Planning::lookAgain() {
    m_resting = false;
    m_disk.reset();
    renew();
}

void Planning::make() {
    PlanRequest request{
        m_document->paths(), {}, m_document->base(), m_document->exceptions(), m_document->state().name};
    for (const auto& delivery : m_document->tickedDeliveries())
        request.deliveries.push_back(m_document->asMade(delivery));
    if (!m_disk)
        m_disk = std::make_shared<DiskSnapshot>();
    const bool asks =
        std::any_of(request.deliveries.begin(), request.deliveries.end(), [](const Delivery& d) {
            return !d.which.all() || needsMetadata(d.place) || needsSize(d.place) || usesNumber(d.place);
        });
    if (asks)
        request.factsOf = knownFacts(*m_document, *m_library);
    m_task.follow([request, disk = m_disk, number = m_wanted, cards = m_document->tickedIds()](const auto&) {
        Made made{nullptr, {}, {}, number, request, cards};
        try {
            made.plan = std::make_shared<const Plan>(makePlan(request, *disk));
            made.folders = foldersToWatch(*made.plan);
        } catch (const Problem& problem) { // of this wish: a newer one may be waiting
            made.problem = problem;
        }
        return made;
    });
}

void Planning::take(const TaskOutcome<Made>& outcome) {
    const auto made = outcome.result.value_or(Made{nullptr, {}, outcome.problem, m_wanted, {}, {}});
    m_plan = made.plan;
    m_problem = made.problem;
    m_request = made.request;
    m_cards = made.cards;
    m_madeFor = made.number;
    if (!m_resting)
        watch(made.folders);
    emit planned();
}

namespace {

constexpr int kIdleMs = 1500, kSoonMs = 600;
constexpr std::size_t kMany = 400; // copies
constexpr std::size_t kSampledEach = 3;

} // namespace

Forecasting::Forecasting(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library) {
    m_idle.setSingleShot(true);
    m_idle.setInterval(kIdleMs);
    connect(&m_idle, &QTimer::timeout, this, [this] { work(true); });
    m_soon.setSingleShot(true);
    m_soon.setInterval(kSoonMs);
    connect(&m_soon, &QTimer::timeout, this, [this] { work(false); });
}

void Forecasting::start(const PlanPtr& plan) {
    m_plan = plan;
    m_idle.stop();
    m_task.cancel();
    if (plan->copies.size() > kMany)
        m_soon
            .start(); // a slider that is dragged makes many plans; each of them would read thousands of words
    else
        work(false);
}

void Forecasting::cancel() {
    m_plan = nullptr;
    m_idle.stop();
    m_soon.stop();
    m_task.cancel();
}

bool Forecasting::knowsAllRates() const {
    for (std::size_t d = 0; d < m_plan->deliveries.size(); ++d)
        for (const auto* format : m_plan->deliveries[d].file.formats())
            if (!m_rates.contains({m_plan->digests[d], format->key}))
                return false;
    return true;
}

ByteRates Forecasting::rates() const {
    ByteRates out;
    for (std::size_t d = 0; d < m_plan->deliveries.size(); ++d)
        for (const auto* format : m_plan->deliveries[d].file.formats())
            if (const auto known = m_rates.find({m_plan->digests[d], format->key}); known != m_rates.end()) {
                out.bytesPerPixel[{d, format->key}] = known->second.first;
                out.sampled += known->second.second;
            }
    return out;
}

void Forecasting::work(bool sample) {
    if (!m_plan || m_plan->originals.empty())
        return;
    m_task.start([plan = m_plan, rates = rates(), facts = knownFacts(*m_document, *m_library),
                  sample](const std::atomic<bool>& stop) {
        Made made{plan, {}, rates, sample};
        if (sample)
            made.rates = sampleBytes(*plan, kSampledEach, stop);
        made.forecast = forecast(*plan, facts, made.rates, stop);
        return made;
    });
}

void Forecasting::take(TaskOutcome<Made> outcome) {
    if (outcome.problem)
        emit failed(*outcome.problem);
    if (outcome.result) {
        auto& made = *outcome.result;
        if (made.sampled)
            for (const auto& [key, rate] : made.rates.bytesPerPixel)
                m_rates[{made.plan->digests[key.first], key.second}] = {
                    rate, made.rates.sampled / std::max<std::size_t>(1, made.rates.bytesPerPixel.size())};
        m_forecast = std::move(made.forecast);
        m_of = made.plan;
        m_sampled = made.rates.sampled;
    }
    emit changed();
    if (outcome.result && !outcome.result->sampled && !knowsAllRates())
        m_idle.start();
}

void Running::start(PlanRequest request, PlanPtr shown, std::vector<DeliveryId> cards) {
    m_line.push_back({std::move(request), std::move(shown), std::move(cards)});
    if (!busy())
        next();
}

void Running::resume(const std::filesystem::path& journal) {
    if (busy())
        return;
    m_plan = nullptr;
    m_cards.clear();
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
    carryOut([request = std::move(wish.request)](const RunOptions& options, const std::atomic<bool>& stop,
                                                 const auto& onEvent) {
        const auto plan = std::make_shared<const Plan>(makePlan(request));
        return Ended{runPlan(*plan, options, stop, onEvent), plan};
    });
}

void Running::carryOut(Run run) {
    *m_pause = false;
    m_task.start([run = std::move(run), pause = m_pause](const TaskRun<Step>& task) {
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
