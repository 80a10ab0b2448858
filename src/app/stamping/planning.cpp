// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/planning.h"

#include "delivery/file_names.h"
#include "tasks/freed_elsewhere.h"

#include <algorithm>

namespace keepseal::app {

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
                      const std::vector<DeliveryId>& cards, const std::filesystem::path& base,
                      const FactsOf& facts) {
    PlanRequest out{{}, std::move(deliveries), base, {}, job.name, {}, {}, {cards.begin(), cards.end()}};
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
    auto deliveries = m_document->tickedAsMade();
    if (!m_disk)
        m_disk = freedElsewhere(std::make_unique<DiskSnapshot>()); // it closes the register at its end
    m_task.follow([job = m_document->state(), deliveries, base = m_document->base(),
                   facts = knownFacts(*m_library), disk = m_disk, number = m_wanted,
                   cards = m_document->tickedIds(), watched = m_watch.folders()](const auto&) {
        Made made{nullptr, {}, number, freedElsewhere(requestOf(job, deliveries, cards, base, facts)), cards};
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

} // namespace keepseal::app
