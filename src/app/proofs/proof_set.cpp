// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/proof_set.h"

#include "geometry/fit.h"
#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "render/render.h"
#include "render/text_facts.h"

#include <QElapsedTimer>
#include <QRunnable>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <cmath>
#include <thread>

namespace keepseal::app {
namespace {

constexpr std::uint64_t kMaxBytes = 192ULL << 20; ///< of bases and proofs kept for this view

qint64 nowNs() {
    return std::chrono::steady_clock::now().time_since_epoch().count();
}

struct SealJob {
    OriginalId id;
    std::shared_ptr<const Frame> base;
    bool sharp;
    SealException exception;
    PictureInfoPtr info;
    QImage baseImage;
};

/// One job's proof; `shared` is the seal laid out already, where it is the same for all pictures.
Proof makeProof(const SealJob& job, const Delivery& delivery, const PreparedPtr& shared) {
    Frame frame = *job.base;
    Proof proof;
    proof.sharp = job.sharp;
    proof.base = job.baseImage;
    FinishContext context;
    context.prepared = shared;
    context.seal.exception = &job.exception;
    if (!shared && job.info)
        context.facts = textFacts(job.info->path, job.info->report, delivery);
    proof.seal = finishFrame(delivery, frame, context);
    proof.ground = groundUnder(*job.base, proof.seal.box);
    proof.sealed = toImage(frame);
    return proof;
}

/// On all cores: a slider is waiting.
std::vector<Proof> makeProofs(const std::vector<SealJob>& jobs, const Delivery& delivery,
                              const PreparedPtr& shared) {
    std::vector<Proof> proofs(jobs.size());
    std::atomic<std::size_t> next{0};
    const auto loop = [&] {
        for (auto i = next++; i < jobs.size(); i = next++)
            proofs[i] = makeProof(jobs[i], delivery, shared);
    };
    std::vector<std::jthread> helpers;
    const auto threads =
        std::min<std::size_t>({4, std::max(1U, std::thread::hardware_concurrency()), jobs.size()});
    for (std::size_t i = 1; i < threads; ++i)
        helpers.emplace_back(loop);
    loop();
    helpers.clear();
    return proofs;
}

std::uint64_t bytesOf(const Frame* frame, const QImage& image) {
    return (frame ? frame->rgb.size() : 0) + static_cast<std::uint64_t>(image.sizeInBytes());
}

} // namespace

ProofSet::ProofSet(JobDocument* document, PictureLibrary* library, Bases bases, QObject* parent)
    : QObject(parent), m_document(document), m_library(library), m_bases(bases) {
    m_sealer.setMaxThreadCount(1);
    m_sealer.setExpiryTimeout(-1);
    connect(document, &JobDocument::stationChanged, this, &ProofSet::onStation);
    connect(document, &JobDocument::currentDeliveryChanged, this, [this] {
        ++m_design;
        forgetBases();
    });
    connect(document, &JobDocument::exceptionsChanged, this, [this] { onStation(StationId::Seal); });
    connect(library, &PictureLibrary::infoReady, this, &ProofSet::work);
}

ProofSet::~ProofSet() {
    m_sealer.clear();
    m_sealer.waitForDone();
    m_library->workers().waitForDone(); // tasks hold a pointer to this
}

void ProofSet::onStation(StationId station) {
    if (station == StationId::Seal ||
        (station == StationId::Rights && dependsOnPicture(m_document->currentDelivery().seal))) {
        ++m_design;
        m_changedAtNs = nowNs();
        sealStale();
    } else if (station == StationId::File || station == StationId::Fit) {
        forgetBases();
    }
}

/// Sizes or the colour under transparency changed: what is shown stays until the new proof is there.
void ProofSet::forgetBases() {
    ++m_generation;
    for (auto& [id, entry] : m_entries) {
        entry.base.sharp = false;
        entry.requested = {};
        entry.failedAt = {};
    }
    work();
    emit changed();
}

void ProofSet::wish(std::vector<ProofWish> wishes, int visible) {
    m_visible = visible < 0 ? wishes.size() : static_cast<std::size_t>(visible);
    if (wishes == m_wishes)
        return;
    m_wishes = std::move(wishes);
    ++m_use;
    std::vector<OriginalId> ids;
    for (const auto& wish : m_wishes) {
        m_entries[wish.id].lastUse = m_use;
        ids.push_back(wish.id);
    }
    m_library->prefer(ids);
    trim();
    work();
}

const Proof* ProofSet::proof(OriginalId id) const {
    const auto found = m_entries.find(id);
    return found == m_entries.end() || found->second.proof.sealed.isNull() ? nullptr : &found->second.proof;
}

std::shared_ptr<const Frame> ProofSet::base(OriginalId id) const {
    const auto found = m_entries.find(id);
    return found == m_entries.end() || !found->second.base.sharp ? nullptr : found->second.base.frame;
}

const Problem* ProofSet::problem(OriginalId id) const {
    if (const auto info = m_library->info(id); info && info->problem)
        return &*info->problem;
    const auto found = m_entries.find(id);
    return found != m_entries.end() && found->second.problem ? &*found->second.problem : nullptr;
}

bool ProofSet::settled() const {
    return std::all_of(m_wishes.begin(), m_wishes.end(), [this](const ProofWish& wish) {
        if (problem(wish.id))
            return true;
        const auto found = m_entries.find(wish.id);
        return found != m_entries.end() && found->second.proof.sharp &&
               found->second.sealedRevision == m_design;
    });
}

void ProofSet::work() {
    for (const auto& wish : m_wishes)
        if (auto& entry = m_entries[wish.id]; !entry.base.frame)
            usePreview(wish.id, entry);
    developMissing();
    sealStale();
}

void ProofSet::usePreview(OriginalId id, Entry& entry) {
    const auto info = m_library->info(id);
    if (!info || !info->preview)
        return;
    auto frame = std::make_shared<Frame>(*info->preview);
    const Size copy = chainSizes(m_document->currentDelivery(), info->facts.size).fitted;
    frame->scale = static_cast<double>(frame->size.longSide()) / copy.longSide();
    QImage image = m_bases == Bases::Keep ? toImage(*frame) : QImage();
    entry.base = {std::move(frame), std::move(image), false};
}

void ProofSet::setPaused(bool paused) {
    m_paused = paused;
    if (!paused)
        work();
}

void ProofSet::developMissing() {
    if (m_paused)
        return;
    for (const auto& wish : m_wishes) {
        auto& entry = m_entries[wish.id];
        const auto info = m_library->info(wish.id);
        if (!info || info->problem)
            continue;
        const Size copy = chainSizes(m_document->currentDelivery(), info->facts.size).fitted;
        // Never smaller than what adapting and advice look at, so that every view decides alike.
        Size size = wish.pixels;
        if (size.longSide() < kDecisionSide) {
            const double more = static_cast<double>(kDecisionSide) / std::max(1, size.longSide());
            size = {static_cast<int>(std::ceil(size.width * more)),
                    static_cast<int>(std::ceil(size.height * more))};
        }
        size = fitInside(copy, size);
        if (size.width > copy.width || size.height > copy.height)
            size = copy;
        const bool there = entry.base.sharp && entry.base.frame && entry.base.frame->size == size;
        if (there || entry.requested == size || entry.failedAt == size)
            continue;
        if (m_developing >= m_library->workers().maxThreadCount())
            return;
        entry.requested = size;
        ++m_developing;
        const auto task = [this, id = wish.id, size, info, delivery = m_document->currentDelivery(),
                           generation = m_generation, keep = m_bases == Bases::Keep] {
            std::shared_ptr<Frame> frame;
            QImage image;
            std::optional<Problem> problem;
            try {
                const Original original(info->path);
                frame = std::make_shared<Frame>(
                    renderBase(original, info->path.string(), info->facts, delivery, size));
                if (keep)
                    image = toImage(*frame);
            } catch (const Problem& p) {
                problem = p;
            } catch (const std::exception& e) {
                problem = Problem(ProblemKind::Internal, info->path.string(), e.what());
            }
            QMetaObject::invokeMethod(
                this,
                [this, id, size, frame, image, problem, generation] {
                    --m_developing;
                    auto& done = m_entries[id];
                    if (generation == m_generation && done.requested == size) {
                        done.requested = {};
                        done.problem = problem;
                        if (frame) {
                            done.base = {frame, image, true};
                            done.sealedRevision = 0;
                        } else
                            done.failedAt = size;
                    }
                    work();
                    if (problem)
                        emit changed();
                },
                Qt::QueuedConnection);
        };
        m_library->workers().start(QRunnable::create(task));
    }
}

/// One pass over all stale proofs of the view; a change meanwhile starts another pass when this one is shown.
void ProofSet::sealStale() {
    if (m_sealing || m_paused)
        return;
    std::vector<SealJob> jobs;
    for (std::size_t i = 0; i < m_wishes.size(); ++i) {
        if (i == m_visible && !jobs.empty())
            break; // what can't be seen follows in the next pass
        const auto& wish = m_wishes[i];
        const auto& entry = m_entries[wish.id];
        const bool stale = entry.sealedRevision != m_design || entry.proof.sharp != entry.base.sharp;
        if (entry.base.frame && stale)
            jobs.push_back({wish.id, entry.base.frame, entry.base.sharp, m_document->exception(wish.id),
                            m_library->info(wish.id), entry.base.image});
    }
    if (jobs.empty())
        return;
    m_sealing = true;
    const auto task = [this, jobs = std::move(jobs), delivery = m_document->currentDelivery(),
                       design = m_design, changedAt = m_changedAtNs] {
        const auto shared = dependsOnPicture(delivery.seal) ? nullptr : prepareSeal(delivery.seal);
        const auto proofs = makeProofs(jobs, delivery, shared);
        QMetaObject::invokeMethod(
            this,
            [this, jobs, proofs, design, changedAt] {
                m_sealing = false;
                for (std::size_t i = 0; i < jobs.size(); ++i) {
                    auto& entry = m_entries[jobs[i].id];
                    entry.proof = proofs[i];
                    entry.sealedRevision = entry.base.frame == jobs[i].base ? design : 0;
                }
                if (changedAt != 0 && changedAt == m_changedAtNs) { // the first pass: what can be seen
                    m_lastRedrawMs = static_cast<double>(nowNs() - changedAt) / 1e6;
                    m_changedAtNs = 0;
                }
                emit changed();
                sealStale();
            },
            Qt::QueuedConnection);
    };
    m_sealer.start(QRunnable::create(task));
}

void ProofSet::trim() {
    std::uint64_t bytes = 0;
    for (const auto& [id, entry] : m_entries)
        bytes += bytesOf(entry.base.frame.get(), entry.proof.sealed) + bytesOf(nullptr, entry.proof.base);
    while (bytes > kMaxBytes) {
        auto oldest = m_entries.end();
        for (auto it = m_entries.begin(); it != m_entries.end(); ++it)
            if (it->second.lastUse != m_use &&
                (oldest == m_entries.end() || it->second.lastUse < oldest->second.lastUse))
                oldest = it;
        if (oldest == m_entries.end())
            return;
        bytes -= bytesOf(oldest->second.base.frame.get(), oldest->second.proof.sealed) +
                 bytesOf(nullptr, oldest->second.proof.base);
        m_entries.erase(oldest);
    }
    std::erase_if(m_entries, [this](const auto& entry) { return !m_document->original(entry.first); });
}

} // namespace keepseal::app
