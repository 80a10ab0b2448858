// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/proof_set.h"

#include "document/thumbnail_cache.h"

#include "geometry/fit.h"
#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "render/encode.h"

#include <QElapsedTimer>

#include <algorithm>
#include <chrono>
#include <cmath>

namespace keepseal::app {

QRectF pictureWithin(const Proof& proof, const QRectF& whole) {
    return {whole.left() + proof.picture.left() * whole.width(),
            whole.top() + proof.picture.top() * whole.height(), proof.picture.width() * whole.width(),
            proof.picture.height() * whole.height()};
}

namespace {

constexpr int kSettleMs = 250;
constexpr int kUnseenAfterMs = 80; ///< a dragging hand's steps come closer than this
constexpr std::size_t kMeasuredAtOnce = 12;
constexpr std::size_t kUnseenAtOnce = 4;

qint64 nowNs() {
    return std::chrono::steady_clock::now().time_since_epoch().count();
}

/// The base is all of the picture, the right way up.
bool showsAllOf(const ChainPlan& chain) {
    return chain.cut.whole() && chain.cut.quarterTurns == 0 && !chain.cut.flip &&
           chain.fit.kept.width == chain.cut.box.width && chain.fit.kept.height == chain.cut.box.height;
}

std::uint64_t bytesOf(const Frame* frame, const QImage& image) {
    return (frame ? frame->bytes() : 0) + static_cast<std::uint64_t>(image.sizeInBytes());
}

} // namespace

ProofSet::ProofSet(JobDocument* document, PictureLibrary* library, For what, QObject* parent)
    : QObject(parent), m_document(document), m_library(library), m_for(what), m_develops(&library->queue()),
      m_maker([this](auto outcome) { takePass(std::move(outcome)); }) {
    m_settle.setSingleShot(true);
    m_settle.setInterval(kSettleMs);
    connect(&m_settle, &QTimer::timeout, this, [this] {
        m_still = true;
        work();
    });
    m_unseen.setSingleShot(true);
    m_unseen.setInterval(kUnseenAfterMs);
    connect(&m_unseen, &QTimer::timeout, this, &ProofSet::work);
    library->keptBytes().add(this);
    // Which of its settings change what is seen by comparing stages, not by knowing the settings.
    for (const auto change : {&JobDocument::currentDeliveryChanged, &JobDocument::exceptionsChanged})
        connect(document, change, this, &ProofSet::changeSeen);
    connect(document, &JobDocument::stationChanged, this, &ProofSet::changeSeen);
    connect(library, &PictureLibrary::infoReady, this, &ProofSet::work);
    connect(library, &PictureLibrary::previewReady, this, &ProofSet::work);
}

ProofSet::~ProofSet() {
    m_library->keptBytes().remove(this);
}

void ProofSet::changeSeen() {
    ++m_change;
    m_still = false;
    m_changedAtNs = nowNs();
    m_unseen.start();
    if (m_settle.isActive())
        m_settle.start();
    bool told = false;
    for (auto& [id, entry] : m_entries) {
        told = told || entry.unmade;
        entry.unmade.reset();
    }
    work();
    if (told)
        emit changed();
}

void ProofSet::setPaused(bool paused) {
    m_paused = paused;
    if (!paused)
        work();
    else if (m_for == For::Measurements)
        m_maker.cancel(); // nobody looks at them, and somebody may wait for the cores
}

void ProofSet::wish(std::vector<ProofWish> wishes, int visible) {
    m_visible = visible < 0 ? wishes.size() : static_cast<std::size_t>(visible);
    if (wishes == m_wishes)
        return;
    m_wishes = std::move(wishes);
    m_use = m_library->keptBytes().now();
    std::vector<OriginalId> ids;
    for (const auto& wish : m_wishes) {
        m_entries[wish.id].lastUse = m_use;
        ids.push_back(wish.id);
    }
    m_library->prefer(ids);
    forgetRemoved();
    m_library->keptBytes().trim();
    work();
}

const Proof* ProofSet::proof(OriginalId id) const {
    const auto found = m_entries.find(id);
    return found == m_entries.end() || found->second.proof.sealed.isNull() ? nullptr : &found->second.proof;
}

QImage ProofSet::baseImage(OriginalId id) const {
    const auto found = m_entries.find(id);
    if (found == m_entries.end() || !found->second.pixels.base)
        return {};
    const auto& entry = found->second;
    if (entry.shownBase != entry.pixels.base) {
        entry.baseImage = toImage(*entry.pixels.base);
        entry.shownBase = entry.pixels.base;
    }
    return entry.baseImage;
}

std::shared_ptr<const Frame> ProofSet::developed(OriginalId id) const {
    const auto found = m_entries.find(id);
    return found == m_entries.end() ? nullptr : found->second.pixels.base;
}

/// Asked for by the bench at each step of its advice: drawn once for each change of anything but the seal.
std::shared_ptr<const Frame> ProofSet::base(OriginalId id) const {
    const auto picture = finished(id);
    if (!picture)
        return nullptr;
    const auto& entry = m_entries.at(id);
    if (!entry.pixels.stages.frame.needed)
        return picture;
    if (!entry.framed) {
        auto frame = std::make_shared<Frame>(*picture);
        entry.pixels.stages.frame.on(*frame);
        entry.framed = std::move(frame);
    }
    return entry.framed;
}

std::shared_ptr<const Frame> ProofSet::finished(OriginalId id) const {
    const auto found = m_entries.find(id);
    return found == m_entries.end() || !found->second.pixels.sharp ? nullptr : found->second.pixels.finished;
}

const Problem* ProofSet::problem(OriginalId id) const {
    if (const auto info = m_library->info(id); info && info->problem)
        return &*info->problem;
    const auto found = m_entries.find(id);
    if (found == m_entries.end())
        return nullptr;
    const auto& entry = found->second;
    return entry.undeveloped ? &*entry.undeveloped : entry.unmade ? &*entry.unmade : nullptr;
}

bool ProofSet::settled() const {
    return m_develops.pending() == 0 && areSettled(m_wishes.size());
}

bool ProofSet::settledInView() const {
    return areSettled(std::min(m_visible, m_wishes.size()));
}

bool ProofSet::areSettled(std::size_t first) const {
    return !m_settle.isActive() &&
           std::all_of(m_wishes.begin(), m_wishes.begin() + static_cast<std::ptrdiff_t>(first),
                       [this](const ProofWish& wish) {
                           if (problem(wish.id))
                               return true;
                           const auto found = m_entries.find(wish.id);
                           return found != m_entries.end() && found->second.proof.sharp &&
                                  found->second.lookedAt == m_change;
                       });
}

void ProofSet::work() {
    developMissing();
    makeStale();
}

ProofSet::Wanted ProofSet::workedOut(const ProofWish& wish, const PictureInfo& info) const {
    const auto chain = chainOf(*m_document, info, wish.id);
    const auto& exception = m_document->exception(wish.id);
    const auto metadata = info.metadata();
    const auto& delivery = m_document->deliveryAsMade();
    const CopyAsked asked{info.path, info.factsIn(delivery), *metadata, delivery, exception, chain};
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
    return {size, baseOf(asked, size), showsAllOf(chain), m_change, wish.pixels, nullptr};
}

/// Once for each change: a slider is waiting.
const ProofSet::Wanted& ProofSet::wantedOf(const ProofWish& wish, const PictureInfoPtr& info) {
    auto& known = m_entries[wish.id].wanted;
    if (known.change != m_change || known.pixels != wish.pixels || known.info != info) {
        known = workedOut(wish, *info);
        known.info = info;
    }
    return known;
}

void ProofSet::usePreview(Entry& entry, OriginalId id, const Wanted& wanted) {
    if (!wanted.showsAll)
        return; // the preview shows all of the picture, and this copy may not
    const auto frame = m_library->preview(id);
    if (!frame)
        return;
    entry.pixels = {};
    entry.pixels.base = frame;
}

void ProofSet::developMissing() {
    if (m_paused)
        return;
    for (std::size_t i = 0; i < m_wishes.size(); ++i) {
        if (i >= m_visible && m_unseen.isActive())
            return;
        const auto& wish = m_wishes[i];
        auto& entry = m_entries[wish.id];
        const auto info = m_library->info(wish.id);
        if (!info || info->problem)
            continue;
        const auto& wanted = wantedOf(wish, info);
        auto& pixels = entry.pixels;
        if (!pixels.base)
            usePreview(entry, wish.id, wanted);
        const bool developed = pixels.base && !pixels.stages.base.original.empty();
        pixels.sharp = developed && pixels.stages.base.sameButSize(wanted.base);
        if (pixels.sharp && pixels.stages.base == wanted.base)
            continue;
        if (entry.requestedAs == wanted.base || entry.failedAs == wanted.base)
            continue;
        entry.undeveloped.reset();
        if (pixels.sharp && !m_still) { // only its size: when the hand rests
            if (!m_settle.isActive())
                m_settle.start();
            continue;
        }
        if (m_develops.pending() >= static_cast<std::size_t>(m_library->queue().threads()))
            return;
        develop(wish.id, info, wanted);
    }
}

void ProofSet::develop(OriginalId id, const PictureInfoPtr& info, const Wanted& wanted) {
    m_entries[id].requestedAs = wanted.base;
    m_develops.start<Developed>(
        0,
        [info, wanted, kept = m_for == For::One ? m_library->decoded() : nullptr] {
            return developed(*info, wanted, kept.get());
        },
        [this, id, wanted](const TaskOutcome<Developed>& outcome) { takeBase(id, wanted, outcome); });
}

ProofSet::Developed ProofSet::developed(const PictureInfo& info, const Wanted& wanted,
                                        DecodedPictures* kept) {
    Developed out;
    const Original original(info.path);
    const auto facts = factsFor(info.facts, wanted.base.reading);
    out.frame =
        std::make_shared<Frame>(kept ? kept->developed(original, facts, wanted.base.wish(), &out.notes)
                                     : wanted.base.made(original, facts, &out.notes));
    if (!info.previewAt && wanted.showsAll && wanted.base.reading == Reading{})
        keepThumbnail(info.path, info.identity, toImage(*out.frame));
    return out;
}

void ProofSet::takeBase(OriginalId id, const Wanted& wanted, const TaskOutcome<Developed>& outcome) {
    auto& entry = m_entries[id];
    if (entry.requestedAs == wanted.base) {
        entry.requestedAs = {};
        entry.undeveloped = outcome.problem;
        if (outcome.result) {
            entry.pixels = {};
            entry.pixels.base = outcome.result->frame;
            entry.pixels.notes = outcome.result->notes;
            entry.pixels.stages.base = wanted.base;
            entry.framed.reset();
            entry.lookedAt = 0;
        } else
            entry.failedAs = wanted.base;
    }
    work();
    if (outcome.problem)
        emit changed();
}

/// One pass over all proofs of the view that a change may have touched; a change meanwhile starts another
/// pass when this one is shown.
void ProofSet::makeStale() {
    if (m_maker.busy() || m_paused)
        return;
    const auto pass = std::make_shared<Pass>();
    for (std::size_t i = 0; i < m_wishes.size(); ++i) {
        if (i == m_visible && (m_unseen.isActive() || !pass->jobs.empty()))
            break; // what can't be seen follows in the next passes
        if (i >= m_visible && pass->jobs.size() == kUnseenAtOnce)
            break; // small ones: the hand's next step waits for the one that is under way
        if (m_for == For::Measurements && pass->jobs.size() == kMeasuredAtOnce)
            break; // all of a pass are in memory at once
        const auto& wish = m_wishes[i];
        const auto& entry = m_entries[wish.id];
        const bool stale = entry.lookedAt != m_change || entry.proof.sharp != entry.pixels.sharp ||
                           (m_for == For::Many && isToReduce(entry.proof, wish.pixels));
        const auto info = m_library->info(wish.id); // gone once its picture was taken out of the job
        if (entry.pixels.base && stale && info && !entry.unmade) {
            pass->ids.push_back(wish.id);
            pass->jobs.push_back({info, m_document->exception(wish.id), wantedOf(wish, info).whole,
                                  m_for == For::Many ? wish.pixels : Size(), entry.pixels, entry.proof});
        }
    }
    if (pass->jobs.empty())
        return;
    pass->change = m_change;
    pass->changedAt = m_changedAtNs;
    m_pass = pass;
    m_maker.start([pass, delivery = m_document->deliveryAsMade()](const auto& run) {
        return makeProofs(pass->jobs, delivery, run.stop);
    });
}

void ProofSet::takePass(TaskOutcome<std::vector<MadeProof>> outcome) {
    const auto pass = std::exchange(m_pass, nullptr);
    for (std::size_t i = 0; i < pass->jobs.size(); ++i) {
        const auto& job = pass->jobs[i];
        take(pass->ids[i], job,
             outcome.result ? std::move((*outcome.result)[i])
                            : MadeProof{job.pixels, job.shown, outcome.problem},
             pass->change);
    }
    if (pass->changedAt != 0 && pass->changedAt == m_changedAtNs) { // the first pass: what can be seen
        m_lastRedrawMs = static_cast<double>(nowNs() - pass->changedAt) / 1e6;
        m_changedAtNs = 0;
    }
    emit changed();
    makeStale();
}

void ProofSet::take(OriginalId id, const ProofJob& job, MadeProof made, quint64 change) {
    auto& entry = m_entries[id];
    if (made.problem) {
        entry.unmade = made.problem;
        return;
    }
    entry.proof = std::move(made.proof);
    const bool itsOwn = entry.pixels.base == job.pixels.base; // else it was developed anew meanwhile
    entry.lookedAt = itsOwn ? change : 0;
    if (!itsOwn)
        return;
    if (entry.pixels.finished != made.pixels.finished ||
        !entry.pixels.stages.sameUpTo(Stage::Framed, made.pixels.stages))
        entry.framed.reset();
    const bool sharp = entry.pixels.sharp; // as it is now
    entry.pixels = std::move(made.pixels);
    entry.pixels.sharp = sharp;
    if (m_for == For::Measurements) {
        entry.pixels.finished.reset();
        entry.proof.sealed = QImage(1, 1, QImage::Format_RGB32); // there is one
        entry.proof.sealed.fill(Qt::black);
    }
}

std::uint64_t ProofSet::weightOf(const Entry& entry) {
    const auto& pixels = entry.pixels;
    const auto* finished = pixels.finished == pixels.base ? nullptr : pixels.finished.get();
    return static_cast<std::uint64_t>(entry.proof.inView.sizeInBytes()) +
           bytesOf(pixels.base.get(), entry.proof.sealed) + bytesOf(finished, entry.baseImage) +
           bytesOf(entry.framed.get(), {}) + pixels.paintedBytes;
}

std::uint64_t ProofSet::keptBytes() const {
    std::uint64_t bytes = 0;
    for (const auto& [id, entry] : m_entries)
        bytes += weightOf(entry);
    return bytes;
}

std::map<OriginalId, ProofSet::Entry>::const_iterator ProofSet::oldest() const {
    auto out = m_entries.end();
    for (auto it = m_entries.begin(); it != m_entries.end(); ++it)
        if (it->second.lastUse != m_use &&
            (out == m_entries.end() || it->second.lastUse < out->second.lastUse))
            out = it;
    return out;
}

std::optional<quint64> ProofSet::oldestUse() const {
    const auto found = oldest();
    return found == m_entries.end() ? std::nullopt : std::optional(found->second.lastUse);
}

void ProofSet::dropOldest() {
    m_entries.erase(oldest());
}

void ProofSet::forgetRemoved() {
    std::erase_if(m_entries, [this](const auto& entry) { return !m_document->original(entry.first); });
}

} // namespace keepseal::app
