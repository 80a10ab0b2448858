// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/background.h"

#include "base/patience.h"
#include "delivery/file_names.h"
#include "formats/output_format.h"

#include <algorithm>
#include <unordered_map>

namespace keepseal::app {

Worker::~Worker() {
    m_stop = true;
    if (m_thread)
        m_thread->wait(); // the run stops between two steps and leaves only whole copies
}

void Worker::waitForThread() {
    if (m_thread)
        m_thread->wait();
}

void Worker::startThread(std::function<void()> work, std::function<void()> done) {
    m_stop = false;
    m_thread = QThread::create([this, work = std::move(work)] {
        const Patience patience(m_stop);
        work();
    });
    connect(m_thread, &QThread::finished, this, [this, done = std::move(done)] {
        m_thread->deleteLater();
        m_thread = nullptr;
        done();
    });
    m_thread->start();
}

void Gathering::start(const std::vector<std::filesystem::path>& paths) {
    if (busy()) {
        m_next.insert(m_next.end(), paths.begin(), paths.end());
        return;
    }
    auto result = std::make_shared<Gathered>();
    startThread([this, paths, result] { *result = gather(paths, true, &stopFlag()); },
                [this, result] {
                    emit gathered(*result);
                    if (!m_next.empty())
                        start(std::exchange(m_next, {}));
                });
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
            OriginalFacts{info.facts, info.metadata, info.bytes, info.problem});
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
    : Worker(parent), m_document(document), m_library(library) {
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
    if (busy()) {
        m_wait.start();
        return;
    }
    struct Made {
        PlanPtr plan;
        QStringList folders;
        std::optional<Problem> problem;
    };
    auto made = std::make_shared<Made>();
    const auto number = m_wanted;
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
    startThread(
        [made, request, disk = m_disk] {
            try {
                made->plan = std::make_shared<const Plan>(makePlan(request, *disk));
                made->folders = foldersToWatch(*made->plan);
            } catch (const Problem& problem) {
                made->problem = problem;
            } catch (const std::exception& error) {
                made->problem = Problem(ProblemKind::Internal, {}, error.what());
            }
        },
        [this, made, number, request] {
            m_plan = made->plan;
            m_request = request;
            m_problem = made->problem;
            m_madeFor = number;
            if (!m_resting)
                watch(made->folders);
            emit planned();
        });
}

namespace {

constexpr int kIdleMs = 1500, kSoonMs = 600;
constexpr std::size_t kMany = 400; // copies
constexpr std::size_t kSampledEach = 3;

} // namespace

Forecasting::Forecasting(JobDocument* document, PictureLibrary* library, QObject* parent)
    : Worker(parent), m_document(document), m_library(library) {
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
    if (busy())
        stopFlag() = true; // its end begins this one
    else if (plan->copies.size() > kMany)
        m_soon
            .start(); // a slider that is dragged makes many plans; each of them would read thousands of words
    else
        work(false);
}

void Forecasting::cancel() {
    m_plan = nullptr;
    m_idle.stop();
    m_soon.stop();
    stopFlag() = true;
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
    if (!m_plan || m_plan->originals.empty() || busy())
        return;
    struct Made {
        Forecast forecast;
        ByteRates rates;
    };
    auto made = std::make_shared<Made>();
    made->rates = rates();
    startThread(
        [this, made, plan = m_plan, facts = knownFacts(*m_document, *m_library), sample] {
            if (sample)
                made->rates = sampleBytes(*plan, kSampledEach, stopFlag());
            made->forecast = forecast(*plan, facts, made->rates, stopFlag());
        },
        [this, made, plan = m_plan, sample] {
            const bool whole = !stopFlag();
            if (sample && whole)
                for (const auto& [key, rate] : made->rates.bytesPerPixel)
                    m_rates[{plan->digests[key.first], key.second}] = {
                        rate,
                        made->rates.sampled / std::max<std::size_t>(1, made->rates.bytesPerPixel.size())};
            if (plan != m_plan) // a newer one came meanwhile
                return m_plan ? start(m_plan) : void();
            if (!whole || !m_plan)
                return;
            m_forecast = std::move(made->forecast);
            m_of = plan;
            m_sampled = made->rates.sampled;
            emit changed();
            if (!sample && !knowsAllRates())
                m_idle.start();
        });
}

void Running::start(PlanRequest request, PlanPtr shown) {
    m_line.push_back({std::move(request), std::move(shown)});
    if (!busy())
        next();
}

void Running::resume(const std::filesystem::path& journal) {
    if (busy())
        return;
    m_plan = nullptr;
    carryOut([this, journal](const RunOptions& options, const auto& onEvent) {
        return resumeRun(journal, options, stopFlag(), onEvent);
    });
}

void Running::stop() {
    m_line.clear();
    stopFlag() = true;
}

/// The disk is looked at again: names may have been taken since the plan was shown.
void Running::next() {
    if (m_line.empty())
        return;
    auto wish = std::move(m_line.front());
    m_line.erase(m_line.begin());
    m_plan = wish.shown;
    const auto made = std::make_shared<PlanPtr>();
    carryOut(
        [this, made, request = std::move(wish.request)](const RunOptions& options, const auto& onEvent) {
            *made = std::make_shared<const Plan>(makePlan(request));
            return runPlan(**made, options, stopFlag(), onEvent);
        },
        [this, made] {
            if (*made)
                m_plan = *made; // as it was carried out
        });
}

void Running::carryOut(Run run, const std::function<void()>& ended) {
    struct Made {
        std::optional<RunResult> result;
        std::optional<Problem> problem;
    };
    auto made = std::make_shared<Made>();
    m_pause = false;
    const auto onEvent = [this](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone || event.kind == RunEvent::Kind::Resumed)
            QMetaObject::invokeMethod(
                this,
                [this, done = event.done, total = event.total, index = event.index, row = *event.row] {
                    emit progressed(done, total, index, row);
                },
                Qt::QueuedConnection);
        else if (event.kind == RunEvent::Kind::Verifying)
            QMetaObject::invokeMethod(
                this, [this, done = event.done, total = event.total] { emit verifying(done, total); },
                Qt::QueuedConnection);
    };
    startThread(
        [this, run = std::move(run), made, onEvent] {
            try {
                RunOptions options;
                options.pause = &m_pause;
                made->result = run(options, onEvent);
            } catch (const Problem& problem) {
                made->problem = problem;
            } catch (const std::exception& error) {
                made->problem = Problem(ProblemKind::Internal, {}, error.what());
            }
        },
        [this, made, ended] {
            if (ended)
                ended();
            const bool goOn = !made->result || !made->result->stopped;
            if (made->result)
                emit finished(*made->result);
            else
                emit refused(*made->problem);
            if (goOn)
                next();
        });
    emit begun();
}

void Reporting::start(Work work) {
    if (busy()) {
        m_next = std::move(work);
        stopFlag() = true;
        return;
    }
    auto problem = std::make_shared<std::optional<Problem>>();
    startThread(
        [this, work = std::move(work), problem] {
            try {
                work(stopFlag());
            } catch (const Problem& p) {
                *problem = p;
            } catch (const std::exception& error) {
                *problem = Problem(ProblemKind::Internal, {}, error.what());
            }
        },
        [this, problem] {
            if (m_next)
                return start(std::exchange(m_next, {}));
            if (*problem)
                emit failed(**problem);
            else
                emit done();
        });
}

} // namespace keepseal::app
