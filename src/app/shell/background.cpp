// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/background.h"

#include "base/give_way.h"
#include "delivery/file_names.h"
#include "formats/output_format.h"

#include <algorithm>

#include <malloc.h>

namespace keepseal::app {

void Gathering::start(const std::vector<std::filesystem::path>& paths) {
    m_next.insert(m_next.end(), paths.begin(), paths.end());
    if (busy())
        return;
    m_told = 0;
    m_task.start([paths = std::exchange(m_next, {})](const TaskRun<Files>& run) {
        GatherOptions options;
        options.stop = &run.stop;
        options.onFound = run.tell;
        return gather(paths, options);
    });
}

void Gathering::take(const TaskOutcome<Gathered>& outcome) {
    if (outcome.result) {
        const auto& files = outcome.result->files;
        emit found({files.begin() + static_cast<std::ptrdiff_t>(m_told), files.end()});
        emit gathered(*outcome.result);
    } else
        emit failed(*outcome.problem);
    if (!m_next.empty())
        start({});
}

FactsOf knownFacts(const PictureLibrary& library) {
    return [known = library.forBackground()](const std::filesystem::path& path) -> OriginalFactsPtr {
        const auto info = known->find(path);
        if (!info)
            return readOriginalFacts(path);
        return std::make_shared<const OriginalFacts>(
            OriginalFacts{info->facts, *info->metadata(), info->bytes, info->problem});
    };
}

namespace {

/// The folders that copies go to; for one that is not there yet, the one in which it will be.
std::vector<std::filesystem::path> foldersToWatch(const Plan& plan) {
    constexpr std::size_t kMostWatched = 64;
    std::vector<std::filesystem::path> out;
    for (auto place : plan.places()) {
        std::error_code error;
        while (!std::filesystem::is_directory(place, error) && place.has_relative_path())
            place = place.parent_path();
        if (std::find(out.begin(), out.end(), place) == out.end() && out.size() < kMostWatched)
            out.push_back(place);
    }
    return out;
}

} // namespace

Planning::Planning(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library) {
    m_wait.setSingleShot(true);
    m_wait.setInterval(80);
    connect(&m_wait, &QTimer::timeout, this, &Planning::make);
    connect(document, &JobDocument::anythingChanged, this, &Planning::renew);
    connect(document, &JobDocument::originalsChanged, this, &Planning::lookAgain);
    // What others do there is seen at once; all else when the window is looked at again.
    connect(&m_watch, &FolderWatch::changed, this, [this] {
        if (!m_resting)
            lookAgain();
    });
}

void Planning::renew() {
    ++m_wanted;
    m_wait.start();
}

void Planning::rest() {
    m_resting = true;
}

void Planning::lookAgain() {
    m_resting = false;
    m_disk.reset();
    renew();
}

namespace {

/// What the plan is made of, from a snapshot of the job: paths are copied in the background.
PlanRequest requestOf(const JobState& job, std::vector<Delivery> deliveries,
                      const std::filesystem::path& base, const FactsOf& facts) {
    PlanRequest out{{}, std::move(deliveries), base, {}, job.name};
    out.originals.reserve(job.originals->size());
    for (const auto& item : *job.originals) {
        out.originals.push_back(item.path);
        if (const auto found = job.exceptions.find(item.id); found != job.exceptions.end())
            out.exceptions.emplace(item.path, found->second);
    }
    if (std::any_of(out.deliveries.begin(), out.deliveries.end(), [](const Delivery& d) {
            return !d.which.all() || needsMetadata(d.place) || needsSize(d.place) || usesNumber(d.place);
        }))
        out.factsOf = facts;
    return out;
}

} // namespace

void Planning::make() {
    std::vector<Delivery> deliveries;
    for (const auto& delivery : m_document->tickedDeliveries())
        deliveries.push_back(m_document->asMade(delivery));
    if (!m_disk)
        m_disk = freedElsewhere(std::make_unique<DiskSnapshot>()); // it closes the register at its end
    m_task.follow([job = m_document->state(), deliveries, base = m_document->base(),
                   facts = knownFacts(*m_library), disk = m_disk, number = m_wanted,
                   cards = m_document->tickedIds(), watched = m_watch.folders()](const auto&) {
        Made made{nullptr, {}, number, freedElsewhere(requestOf(job, deliveries, base, facts)), cards};
        try {
            made.plan = freedElsewhere(makePlan(*made.request, *disk));
            watched->set(foldersToWatch(*made.plan));
        } catch (const Problem& problem) { // of this wish: a newer one may be waiting
            made.problem = problem;
        }
        return made;
    });
}

void Planning::take(const TaskOutcome<Made>& outcome) {
    const auto made = outcome.result.value_or(
        Made{nullptr, outcome.problem, m_wanted, std::make_shared<const PlanRequest>(), {}});
    m_plan = made.plan;
    m_problem = made.problem;
    m_request = made.request;
    m_cards = made.cards;
    m_madeFor = made.number;
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
    m_task.start([plan = m_plan, rates = rates(), facts = knownFacts(*m_library),
                  sample](const std::atomic<bool>& stop) {
        giveWay();
        Made made{plan, nullptr, rates, sample};
        if (sample)
            made.rates = sampleBytes(*plan, kSampledEach, stop);
        made.forecast = freedElsewhere(forecast(*plan, facts, made.rates, stop));
        if (plan->copies.size() > kMany)
            ::malloc_trim(0); // plans come and go while a slider is dragged: what they took is given back
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
