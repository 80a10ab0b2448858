// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/job_session.h"

#include "base/text.h"
#include "document/untouchable.h"
#include "library/arrival.h"

namespace keepseal::app {
namespace {

namespace fs = std::filesystem;

constexpr int kAfterMs = 1200;

std::size_t countMissing(const Job& job) {
    std::size_t out = 0;
    std::error_code error;
    for (const auto& original : job.originals)
        out += !fs::exists(original.path, error);
    return out;
}

} // namespace

JobSession::JobSession(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library),
      m_finding([this](const TaskOutcome<std::pair<FoundAgain, std::size_t>>& outcome) {
          if (outcome.problem)
              return emit said(toQt(outcome.problem->sentence()));
          const auto& [found, missing] = *outcome.result;
          m_document->movePaths(found);
          emit said(tr("%1 of %2 missing pictures were found again.").arg(found.size()).arg(missing));
      }) {
    m_wait.setSingleShot(true);
    m_wait.setInterval(kAfterMs);
    connect(&m_wait, &QTimer::timeout, this, &JobSession::write);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        if (m_begun)
            m_wait.start();
    });
}

JobSession::~JobSession() {
    m_writes.finish();
}

bool JobSession::busy() const {
    return m_writes.pending() > 0 || m_loading.busy() || m_finding.busy();
}

JobSession::Found JobSession::look(Disk& disk, bool deliveries) {
    Found out;
    out.jobs = keptJobs(&out.problems);
    out.runs = unfinishedRuns();
    try {
        out.who = loadWho();
    } catch (const Problem& problem) {
        out.problems.push_back(problem);
    }
    if (deliveries) {
        if (auto lock = lockRemembered())
            disk.remembered.emplace(std::move(*lock));
        out.deliveries = rememberedDeliveries(&out.problems);
    }
    return out;
}

void JobSession::begin(Given given) {
    m_remembers = given != Given::All;
    m_writes.start<Found>(
        0, [disk = m_disk, deliveries = m_remembers] { return look(*disk, deliveries); },
        [this, given](const TaskOutcome<Found>& outcome) { takeFound(given, outcome); });
}

void JobSession::takeFound(Given given, const TaskOutcome<Found>& outcome) {
    m_begun = true;
    if (outcome.problem)
        emit said(toQt(outcome.problem->sentence()));
    const auto found = outcome.result.value_or(Found());
    const bool untouched = m_document->originals().empty() && m_document->undoStack()->count() == 0;
    m_firstTime = given == Given::Nothing && untouched && found.who == WhoYouAre() &&
                  found.deliveries.empty() && found.jobs.empty() && found.runs.empty() &&
                  found.problems.empty();
    if (found.who && m_document->ownWho() == WhoYouAre())
        m_document->startWithWho(*found.who);
    if (untouched && !found.deliveries.empty()) {
        std::vector<DeliveryItem> items;
        for (const auto& [delivery, kept] : found.deliveries)
            items.push_back(
                {delivery, true, {}, kept ? std::make_shared<const Delivery>(*kept) : nullptr, 0});
        m_document->load(std::move(items), {});
    }
    m_kept = found.jobs;
    emit begun();
    emit keptChanged();
    for (const auto& problem : found.problems)
        emit said(toQt(problem.sentence()));
    if (!m_kept.empty() && m_kept.front().lost) {
        if (given == Given::Nothing && untouched)
            bringBack(m_kept.front());
        else
            emit said(saidQt(m_kept.front().pictures,
                             "Keep Seal was ended in the middle of things: the job of {n} picture is kept. "
                             "The menu brings "
                             "it back, under Job and pictures.",
                             "Keep Seal was ended in the middle of things: the job of {n} pictures is kept. "
                             "The menu brings "
                             "it back, under Job and pictures."));
    }
    if (!m_document->originals().empty())
        m_wait.start();
    if (!found.runs.empty())
        emit runsLeft(found.runs);
}

void JobSession::open(const fs::path& file) {
    load(file, false, false);
}

void JobSession::bringBack(const KeptJob& kept) {
    load(kept.file, true, kept.lost);
}

void JobSession::load(const fs::path& file, bool kept, bool lost) {
    m_loading.start([file, kept, lost](const auto&) {
        Loaded out{loadJob(file), file, kept, lost, 0};
        out.missing = countMissing(out.job);
        return out;
    });
}

void JobSession::takeLoaded(const TaskOutcome<Loaded>& outcome) {
    if (outcome.problem)
        return emit said(toQt(outcome.problem->sentence()));
    const auto& loaded = *outcome.result;
    if (!m_document->originals().empty())
        m_writes.start<NoStep>(
            0,
            [job = snapshotToKeep()] {
                keepEnded(job);
                return NoStep();
            },
            [this](const TaskOutcome<NoStep>& kept) {
                if (kept.problem)
                    emit said(tr("The job that was here could not be kept: %1")
                                  .arg(toQt(kept.problem->sentence())));
            });
    auto job = loaded.job;
    QStringList closed;
    if (!loaded.kept) { // a file may be anybody's: only the person opens the place, here
        for (auto& item : job.deliveries)
            if (closePlace(item.delivery.privacy))
                closed << tr("“%1”").arg(toQt(item.delivery.name));
        m_remembers = false; // its deliveries are the file's
        job.file = loaded.from;
        if (job.name.empty())
            job.name = loaded.from.stem().string();
    }
    m_document->load(job);
    m_document->setFile(job.file);
    if (loaded.kept)
        m_toForget.push_back(loaded.from);
    std::erase_if(m_kept, [&](const KeptJob& kept) { return kept.file == loaded.from; });
    if (m_begun) { // at once: the process may end the next moment
        m_wait.stop();
        write();
    }
    emit keptChanged();
    emit opened();
    QString text;
    if (loaded.lost)
        text = saidQt(
            job.originals.size(),
            "Keep Seal was ended in the middle of things: the job of {n} picture is here again as it was.",
            "Keep Seal was ended in the middle of things: the job of {n} pictures is here again as it was.");
    if (loaded.missing > 0)
        text += (text.isEmpty() ? "" : " ") +
                saidQt(loaded.missing,
                       "{n} picture is not where it was. The menu offers to find it again in another folder.",
                       "{n} pictures are not where they were. The menu offers to find them again in another "
                       "folder.");
    if (!closed.isEmpty())
        text +=
            (text.isEmpty() ? "" : " ") +
            tr("In the file %1 tells where the pictures were taken. It was opened with that closed; only you "
               "can open it, at its station Privacy.")
                .arg(closed.join(QObject::tr(", ")));
    if (!text.isEmpty())
        emit said(text);
}

Job JobSession::snapshot() const {
    return m_document->job([this](OriginalId id) {
        const auto info = m_library->info(id);
        return info ? info->bytes : 0;
    });
}

Job JobSession::snapshotToKeep() const {
    auto out = snapshot();
    out.file = m_document->file();
    return out;
}

void JobSession::write() {
    if (m_writes.pending() > 0) // a slow disk: the newest state when it is ready
        return m_wait.start();
    m_writes.start<fs::path>(
        0,
        [disk = m_disk, job = snapshotToKeep(), forget = std::exchange(m_toForget, {})] {
            if (!disk->job)
                disk->job = std::make_unique<OpenJobFile>();
            saveJob(job, disk->job->file());
            std::error_code error;
            for (const auto& file : forget)
                fs::remove(file, error);
            return disk->job->file();
        },
        [this](const TaskOutcome<fs::path>& outcome) { written(outcome); });
}

void JobSession::written(const TaskOutcome<fs::path>& outcome) {
    if (outcome.result) {
        m_keptFile = *outcome.result;
        m_toldUnkept = false;
    } else if (!std::exchange(m_toldUnkept, true))
        emit said(tr("This job is not being kept, and would be lost with this window: %1")
                      .arg(toQt(outcome.problem->sentence())));
}

void JobSession::saveTo(const fs::path& file) {
    if (m_document->state().name.empty())
        m_document->setJobName(toQt(file.stem()));
    m_writes.start<NoStep>(
        0,
        [job = snapshot(), file, originals = m_document->paths()] {
            saveJob(job, file, untouchable(originals));
            return NoStep();
        },
        [this, file](const TaskOutcome<NoStep>& outcome) {
            if (outcome.problem)
                return emit said(toQt(outcome.problem->sentence()));
            m_document->setFile(file);
            emit said(tr("The job is saved in %1.").arg(toQt(file)));
        });
}

void JobSession::findMissingIn(const fs::path& folder) {
    m_finding.start([folder, job = snapshot(), file = m_document->file()](const auto&) {
        std::map<fs::path, std::uint64_t> sizes;
        if (!file.empty()) {
            try { // what is missing can't be measured any more, but the job file knows
                for (const auto& original : loadJob(file).originals)
                    sizes[original.path] = original.bytes;
            } catch (const Problem&) {
                sizes.clear();
            }
        }
        std::vector<Missing> missing;
        std::error_code error;
        for (const auto& original : job.originals)
            if (!fs::exists(original.path, error))
                missing.push_back({original.path, sizes.contains(original.path) ? sizes[original.path] : 0});
        return std::pair(findAgain(missing, folder), missing.size());
    });
}

void JobSession::keepWho(const WhoYouAre& who) {
    m_writes.start<NoStep>(
        0,
        [who] {
            saveWho(who);
            return NoStep();
        },
        [this](const TaskOutcome<NoStep>& outcome) {
            if (outcome.problem)
                emit said(toQt(outcome.problem->sentence()));
        });
}

void JobSession::keepNow() {
    if (!m_begun)
        return;
    m_wait.stop();
    m_writes.finish();
    write();
    m_writes.finish();
}

void JobSession::end() {
    if (!std::exchange(m_begun, false))
        return;
    m_wait.stop();
    std::optional<std::vector<Delivery>> deliveries;
    if (m_remembers) {
        deliveries.emplace();
        for (const auto& item : m_document->state().deliveries)
            deliveries->push_back(item.delivery);
    }
    m_writes.start<NoStep>(
        0,
        [disk = m_disk, job = snapshotToKeep(), deliveries, forget = std::exchange(m_toForget, {})] {
            if (disk->job)
                disk->job->end(job);
            else if (!job.originals.empty())
                keepEnded(job);
            std::error_code error;
            for (const auto& file : forget)
                fs::remove(file, error);
            if (deliveries && disk->remembered)
                rememberDeliveries(*deliveries);
            return NoStep();
        },
        [](const auto&) {}); // a full disk must not keep the window from closing
}

} // namespace keepseal::app
