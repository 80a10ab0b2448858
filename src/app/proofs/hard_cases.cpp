// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/hard_cases.h"

#include "render/chain_plan.h"

#include <limits>

namespace keepseal::app {
namespace {

constexpr std::size_t kMostMeasured = 80;
constexpr int kPatience = 350;            ///< ms without a change before measuring starts again
constexpr double kPlainStructure = 0.011; ///< as the advice counts it: a quarter of full structure

} // namespace

HardCases::HardCases(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library),
      m_proofs(document, library, ProofSet::For::Measurements) {
    m_wait.setSingleShot(true);
    m_wait.setInterval(kPatience);
    m_proofs.setPaused(true);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        m_proofs.setPaused(true); // a hand that moves a slider comes first
        if (m_watchers > 0)
            m_wait.start();
    });
    connect(&m_wait, &QTimer::timeout, this, &HardCases::start);
    connect(&m_proofs, &ProofSet::changed, this, &HardCases::evaluate);
    connect(library, &PictureLibrary::infoReady, this, [this] {
        if (m_watchers > 0)
            m_wait.start(); // again and again: what is in view comes first
    });
}

void HardCases::watch() {
    ++m_watchers;
    m_wait.start();
}

void HardCases::unwatch() {
    if (--m_watchers > 0)
        return;
    m_wait.stop();
    m_proofs.setPaused(true);
}

void HardCases::start() {
    const auto& all = m_document->originals();
    const std::size_t step = std::max<std::size_t>(1, (all.size() + kMostMeasured - 1) / kMostMeasured);
    std::vector<ProofWish> wishes;
    m_sample.clear();
    for (std::size_t i = 0; i < all.size(); i += step) {
        m_sample.push_back(all[i].id);
        wishes.push_back({all[i].id, {kDecisionSide, kDecisionSide}});
    }
    m_proofs.wish(std::move(wishes));
    m_proofs.setPaused(false);
    evaluate();
}

/// Called for every few that are measured, so it goes over the sample, never over the whole job.
void HardCases::evaluate() {
    struct Extreme {
        const char* what;
        double best = -std::numeric_limits<double>::infinity();
        OriginalId id = 0;
        void offer(double value, OriginalId candidate) {
            if (value > best)
                best = value, id = candidate;
        }
    };
    Extreme darkest{QT_TR_NOOP("darkest")}, brightest{QT_TR_NOOP("brightest")},
        busiest{QT_TR_NOOP("busiest")}, plainest{QT_TR_NOOP("plainest")}, tallest{QT_TR_NOOP("tallest")},
        widest{QT_TR_NOOP("widest")}, smallest{QT_TR_NOOP("smallest")};
    Verdict verdict;
    m_logoNeeds.clear();
    for (const auto id : m_sample) {
        const auto info = m_library->info(id);
        const auto* proof = m_proofs.proof(id);
        if (!info || info->problem || !proof || !proof->sharp)
            continue;
        const Size copy = chainOf(*m_document, *info, id).sizes.whole;
        const double shape = static_cast<double>(copy.width) / copy.height;
        tallest.offer(1 / shape, id);
        widest.offer(shape, id);
        smallest.offer(-static_cast<double>(copy.pixels()), id);
        if (proof->seal.empty())
            continue;
        darkest.offer(-proof->ground.lightness, id);
        brightest.offer(proof->ground.lightness, id);
        busiest.offer(proof->ground.structure, id);
        plainest.offer(-proof->ground.structure, id);
        ++verdict.measured;
        verdict.hardToRead += proof->seal.belowReadable;
        verdict.plain += proof->ground.structure < kPlainStructure;
        verdict.smaller += proof->seal.madeSmaller;
        verdict.enlargedLogo += !proof->seal.enlarged.empty();
        for (const auto& need : proof->seal.enlarged) {
            auto& most = m_logoNeeds[need.file];
            if (need.needs.pixels() > most.needs.pixels())
                most = need;
        }
    }
    std::vector<HardCase> found;
    for (const auto* extreme : {&darkest, &brightest, &busiest, &plainest, &tallest, &widest, &smallest})
        if (extreme->id != 0) {
            const auto same = std::find_if(found.begin(), found.end(),
                                           [&](const HardCase& c) { return c.id == extreme->id; });
            if (same == found.end())
                found.push_back({tr(extreme->what), extreme->id});
            else
                same->what += QObject::tr(", ") + tr(extreme->what);
        }
    m_verdict = verdict;
    m_cases = std::move(found);
    emit changed();
}

} // namespace keepseal::app
