// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/proof_set.h"

#include "document/thumbnail_cache.h"

#include "geometry/fit.h"
#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "render/encode.h"
#include "render/picture_words.h"

#include <QElapsedTimer>
#include <QRunnable>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <cmath>
#include <thread>

namespace keepseal::app {

QRectF pictureWithin(const Proof& proof, const QRectF& whole) {
    return {whole.left() + proof.picture.left() * whole.width(),
            whole.top() + proof.picture.top() * whole.height(), proof.picture.width() * whole.width(),
            proof.picture.height() * whole.height()};
}

namespace {

constexpr int kSettleMs = 250;
constexpr std::uint64_t kMaxBytes = 192ULL << 20; ///< of bases and proofs kept for this view

qint64 nowNs() {
    return std::chrono::steady_clock::now().time_since_epoch().count();
}

struct SealJob {
    OriginalId id;
    std::shared_ptr<const Frame> base;
    std::shared_ptr<const Frame> finished; ///< null: to be made
    bool sharp;
    PictureException exception;
    PictureInfoPtr info;
    QImage baseImage;
};

/// What a job has made.
struct Made {
    Proof proof;
    std::shared_ptr<const Frame> finished;
};

/// The whole that goes with a picture of these pixels. While a border is drawn its size follows, and the
/// picture on screen stays as it was developed.
Size wholeFor(const ChainPlan& chain, const Frame& picture) {
    if (!picture.whole.empty()) {
        const Size whole = fitInside(chain.sizes.whole, picture.whole);
        const Rect at = pictureIn(chain.ground, whole);
        if (at.width == picture.size.width && at.height == picture.size.height)
            return whole;
    }
    const double factor =
        static_cast<double>(picture.size.longSide()) / std::max(1, chain.fit.picture.longSide());
    const auto side = [factor](int v) { return std::max(1, static_cast<int>(std::lround(v * factor))); };
    return {side(chain.sizes.whole.width), side(chain.sizes.whole.height)};
}

/// One job's proof; `shared` is the seal laid out already, where it is the same for all pictures.
Made makeProof(const SealJob& job, const Delivery& delivery, const PreparedPtr& shared) {
    Made made;
    const auto chain =
        planChain(delivery, job.info->facts.size, job.exception.turn, job.info->facts.pixelsPerMm);
    made.finished = job.finished;
    if (!made.finished) {
        auto finished = std::make_shared<Frame>(*job.base);
        finishPicture(delivery, chain, grainSeed(job.info->path), *finished);
        made.finished = std::move(finished);
    }
    Frame frame = *made.finished;
    frame.whole = wholeFor(chain, frame);
    frame.scale = static_cast<double>(frame.whole.longSide()) / chain.sizes.whole.longSide();
    const Rect at = pictureIn(chain.ground, frame.whole);
    auto& proof = made.proof;
    proof.picture = QRectF(double(at.x) / frame.whole.width, double(at.y) / frame.whole.height,
                           double(at.width) / frame.whole.width, double(at.height) / frame.whole.height);
    proof.sharp = job.sharp;
    proof.base = job.baseImage;
    FinishContext context;
    context.prepared = shared;
    context.seal.exception = &job.exception.seal;
    context.seal.ground = &proof.ground;
    if (dependsOnPicture(delivery))
        context.facts = wordsOf(*job.info, delivery, job.exception).facts;
    FinishResult result;
    result.border = borderFrame(delivery, chain, context.facts, frame);
    const auto prepared = shared ? shared : prepareSeal(delivery.seal, context.facts);
    result.seal = drawSeal(*prepared, frame, context.seal);
    proof.notes = chain.notes();
    addNotes(proof.notes, result.notes());
    proof.seal = std::move(result.seal);
    proof.sealed = toImage(frame, delivery.file);
    return made;
}

/// On all cores: a slider is waiting.
std::vector<Made> makeProofs(const std::vector<SealJob>& jobs, const Delivery& delivery,
                             const PreparedPtr& shared) {
    std::vector<Made> proofs(jobs.size());
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

/// What a delivery asks of the decoder, apart from sizes. A profile that can't be read is told elsewhere.
DevelopWish lookOf(const Delivery& delivery) {
    DevelopWish out;
    out.resampling = delivery.finish.resampling;
    out.deep = delivery.file.works16();
    out.keepAlpha = delivery.file.canBeTransparent();
    out.background = delivery.file.background;
    out.ownSpace = delivery.file.colour == ColourOut::Original;
    out.intent = delivery.file.intent;
    try {
        out.space = outputSpace(delivery.file);
    } catch (const Problem&) {
        out.space = nullptr;
    }
    return out;
}

bool asksForOthers(const DevelopWish& a, const DevelopWish& b) {
    return a.resampling != b.resampling || a.deep != b.deep || a.keepAlpha != b.keepAlpha ||
           !(a.background == b.background) || a.ownSpace != b.ownSpace || a.intent != b.intent ||
           a.space != b.space;
}

/// The base is all of the picture, the right way up.
bool showsAll(const ChainPlan& chain) {
    return chain.cut.whole() && chain.cut.quarterTurns == 0 && !chain.cut.flip &&
           chain.fit.kept.width == chain.cut.box.width && chain.fit.kept.height == chain.cut.box.height;
}

std::uint64_t bytesOf(const Frame* frame, const QImage& image) {
    return (frame ? frame->bytes() : 0) + static_cast<std::uint64_t>(image.sizeInBytes());
}

} // namespace

ProofSet::ProofSet(JobDocument* document, PictureLibrary* library, Bases bases, QObject* parent)
    : QObject(parent), m_document(document), m_library(library), m_bases(bases) {
    m_sealer.setMaxThreadCount(1);
    m_sealer.setExpiryTimeout(-1);
    m_settle.setSingleShot(true);
    m_settle.setInterval(kSettleMs);
    connect(&m_settle, &QTimer::timeout, this, &ProofSet::work);
    connect(document, &JobDocument::stationChanged, this, &ProofSet::onStation);
    connect(document, &JobDocument::currentDeliveryChanged, this, [this] {
        ++m_design;
        ++m_finish;
        forgetBases();
    });
    connect(document, &JobDocument::exceptionsChanged, this, [this] {
        ++m_ground;
        redesign();
        work(); // a picture may be cropped otherwise now
    });
    connect(library, &PictureLibrary::infoReady, this, &ProofSet::work);
}

ProofSet::~ProofSet() {
    m_sealer.clear();
    m_sealer.waitForDone();
    m_library->workers().waitForDone(); // tasks hold a pointer to this
}

void ProofSet::onStation(StationId station) {
    const auto& delivery = m_document->deliveryAsMade();
    switch (station) {
    case StationId::Seal:
        return redesign();
    case StationId::Border:
        ++m_ground;
        m_settle.start();
        return redesign();
    case StationId::Rights:
        ++m_ground; // the words of a caption
        if (dependsOnPicture(delivery))
            redesign();
        return;
    case StationId::Finish:
    case StationId::File:
        // Most of their settings change no pixel that was developed.
        if (asksForOthers(lookOf(delivery), m_look))
            return forgetBases();
        ++m_finish;
        ++m_ground;
        return redesign();
    case StationId::Turn:
    case StationId::Fit:
        return forgetBases();
    default:
        return;
    }
}

void ProofSet::redesign() {
    ++m_design;
    m_changedAtNs = nowNs();
    sealStale();
}

/// Sizes or the colour under transparency changed: what is shown stays until the new proof is there.
void ProofSet::forgetBases() {
    ++m_generation;
    ++m_design;
    ++m_ground;
    m_look = lookOf(m_document->deliveryAsMade());
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

/// Asked for by the bench at each step of its advice: drawn once for each change of anything but the seal.
std::shared_ptr<const Frame> ProofSet::base(OriginalId id) const {
    const auto picture = finished(id);
    const auto info = m_library->info(id);
    if (!picture || !info)
        return nullptr;
    const auto& delivery = m_document->deliveryAsMade();
    const auto chain = chainOf(*m_document, *info, id);
    if (!chain.ground.needed() && !delivery.border.on)
        return picture;
    const auto& entry = m_entries.at(id);
    if (!entry.bordered || entry.borderedRevision != m_ground) {
        auto frame = std::make_shared<Frame>(*picture);
        frame->whole = wholeFor(chain, *frame);
        frame->scale = static_cast<double>(frame->whole.longSide()) / chain.sizes.whole.longSide();
        borderFrame(delivery, chain, wordsOf(*info, delivery, m_document->exception(id)).facts, *frame);
        entry.bordered = std::move(frame);
        entry.borderedRevision = m_ground;
    }
    return entry.bordered;
}

std::shared_ptr<const Frame> ProofSet::finished(OriginalId id) const {
    const auto found = m_entries.find(id);
    return found == m_entries.end() || !found->second.base.sharp ? nullptr : found->second.base.finished;
}

const Problem* ProofSet::problem(OriginalId id) const {
    if (const auto info = m_library->info(id); info && info->problem)
        return &*info->problem;
    const auto found = m_entries.find(id);
    return found != m_entries.end() && found->second.problem ? &*found->second.problem : nullptr;
}

bool ProofSet::settled() const {
    return !m_settle.isActive() && m_developing == 0 &&
           std::all_of(m_wishes.begin(), m_wishes.end(), [this](const ProofWish& wish) {
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
    const auto chain = chainOf(*m_document, *info, id);
    if (!showsAll(chain))
        return; // the preview shows all of the picture, and this copy does not
    auto frame = std::make_shared<Frame>(*info->preview);
    frame->scale = static_cast<double>(frame->size.longSide()) / chain.fit.picture.longSide();
    QImage image = m_bases == Bases::Keep ? toImage(*frame) : QImage();
    entry.base = {std::move(frame), nullptr, 0, std::move(image), false, chain.cut, chain.fit.kept};
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
        const auto chain = chainOf(*m_document, *info, wish.id);
        const Size copy = chain.sizes.whole;
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
        const Rect at = pictureIn(chain.ground, size);
        const bool there = entry.base.sharp && entry.base.frame &&
                           entry.base.frame->size == Size{at.width, at.height} &&
                           entry.base.cut == chain.cut && entry.base.kept == chain.fit.kept;
        if (there || (entry.base.sharp && m_settle.isActive()) || entry.requested == size ||
            entry.failedAt == size)
            continue;
        if (m_developing >= m_library->workers().maxThreadCount())
            return;
        entry.requested = size;
        ++m_developing;
        const auto task = [this, id = wish.id, size, info, chain, delivery = m_document->deliveryAsMade(),
                           generation = m_generation, keep = m_bases == Bases::Keep] {
            std::shared_ptr<Frame> frame;
            QImage image;
            std::optional<Problem> problem;
            try {
                const Original original(info->path);
                frame = std::make_shared<Frame>(
                    renderBase(original, info->path.string(), info->facts, delivery, chain, size));
                if (keep)
                    image = toImage(*frame);
                if (!info->preview && showsAll(chain))
                    keepThumbnail(info->path, info->identity, keep ? image : toImage(*frame));
            } catch (const Problem& p) {
                problem = p;
            } catch (const std::exception& e) {
                problem = Problem(ProblemKind::Internal, info->path.string(), e.what());
            }
            QMetaObject::invokeMethod(
                this,
                [this, id, size, frame, image, problem, generation, chain] {
                    --m_developing;
                    auto& done = m_entries[id];
                    if (generation == m_generation && done.requested == size) {
                        done.requested = {};
                        done.problem = problem;
                        if (frame) {
                            done.bordered.reset();
                            done.base = {frame, nullptr, 0, image, true, chain.cut, chain.fit.kept};
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
        const auto info = m_library->info(wish.id); // gone once its picture was taken out of the job
        if (entry.base.frame && stale && info)
            jobs.push_back({wish.id, entry.base.frame,
                            entry.base.finishRevision == m_finish ? entry.base.finished : nullptr,
                            entry.base.sharp, m_document->exception(wish.id), info, entry.base.image});
    }
    if (jobs.empty())
        return;
    m_sealing = true;
    const auto task = [this, jobs = std::move(jobs), delivery = m_document->deliveryAsMade(),
                       design = m_design, finish = m_finish, changedAt = m_changedAtNs] {
        const auto shared = dependsOnPicture(delivery.seal) ? nullptr : prepareSeal(delivery.seal);
        const auto proofs = makeProofs(jobs, delivery, shared);
        QMetaObject::invokeMethod(
            this,
            [this, jobs, proofs, design, finish, changedAt] {
                m_sealing = false;
                for (std::size_t i = 0; i < jobs.size(); ++i) {
                    auto& entry = m_entries[jobs[i].id];
                    entry.proof = proofs[i].proof;
                    if (entry.base.frame == jobs[i].base) {
                        entry.base.finished = proofs[i].finished;
                        entry.base.finishRevision = finish;
                    }
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
    const auto weight = [](const Entry& entry) {
        return bytesOf(entry.base.frame.get(), entry.proof.sealed) + bytesOf(nullptr, entry.proof.base) +
               bytesOf(entry.base.finished.get(), {}) + bytesOf(entry.bordered.get(), {});
    };
    std::uint64_t bytes = 0;
    for (const auto& [id, entry] : m_entries)
        bytes += weight(entry);
    while (bytes > kMaxBytes) {
        auto oldest = m_entries.end();
        for (auto it = m_entries.begin(); it != m_entries.end(); ++it)
            if (it->second.lastUse != m_use &&
                (oldest == m_entries.end() || it->second.lastUse < oldest->second.lastUse))
                oldest = it;
        if (oldest == m_entries.end())
            return;
        bytes -= weight(oldest->second);
        m_entries.erase(oldest);
    }
    std::erase_if(m_entries, [this](const auto& entry) { return !m_document->original(entry.first); });
}

} // namespace keepseal::app
