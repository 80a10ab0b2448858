// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/proof_maker.h"

#include "document/chain_of.h"
#include "picture/means.h"
#include "proofs/frame_proof.h"
#include "render/ahead.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <thread>
#include <utility>

namespace keepseal::app {
namespace {

/// The whole that goes with a base of these pixels: as wanted where the base was made for it. While a border
/// is drawn its size follows, and the picture on screen stays as it was developed.
Size wholeFor(const ChainPlan& chain, const Frame& base, Size wanted) {
    const Rect at = pictureIn(chain.ground, wanted);
    if (Size{at.width, at.height} == base.size)
        return wanted;
    const double factor =
        static_cast<double>(base.size.longSide()) / std::max(1, chain.fit.picture.longSide());
    const auto side = [factor](int v) { return std::max(1, static_cast<int>(std::lround(v * factor))); };
    return {side(chain.sizes.whole.width), side(chain.sizes.whole.height)};
}

QRectF shareOf(const Rect& at, Size whole) {
    return {double(at.x) / whole.width, double(at.y) / whole.height, double(at.width) / whole.width,
            double(at.height) / whole.height};
}

bool isReducedFor(const Proof& proof, Size view) {
    return !view.empty() && view.width <= proof.sealed.width() && view.height <= proof.sealed.height() &&
           QSize(view.width, view.height) != proof.sealed.size();
}

/// What the view has becomes what it is to have, where it differs in no other rows of the proof.
void reduceFor(Size view, Proof& proof, RowRange rows) {
    const QImage& sealed = proof.sealed;
    if (proof.inView.size() != QSize(view.width, view.height)) {
        proof.inView = QImage(view.width, view.height, QImage::Format_RGB32);
        rows = {0, sealed.height()};
    }
    reduceToMeans({sealed.constBits(), sealed.bytesPerLine(), {sealed.width(), sealed.height()}},
                  {proof.inView.bits(), proof.inView.bytesPerLine(), view},
                  rowsOver(rows, sealed.height(), view.height));
}

/// Nothing where any may differ.
std::optional<RowRange> rowsThatDiffer(const Frame& a, const Frame& b, const ScreenStage& screen) {
    if (a.size != b.size || !showsItself(a, screen) || !showsItself(b, screen))
        return std::nullopt;
    const auto same = [&](int y) {
        return std::memcmp(a.row(y), b.row(y), static_cast<std::size_t>(a.size.width) * 3) == 0;
    };
    RowRange out{0, a.size.height};
    while (out.first < out.end && same(out.first))
        ++out.first;
    while (out.first < out.end && same(out.end - 1))
        --out.end;
    return out;
}

RowRange both(const RowRange& a, const RowRange& b) {
    return a.first >= a.end   ? b
           : b.first >= b.end ? a
                              : RowRange{std::min(a.first, b.first), std::max(a.end, b.end)};
}

/// A slider changes the mark, and what lies around it stays: only rows that hold it, or held it, are made
/// anew. Returns them. `kept`: `finished` and the screen are as they were for the image that is there.
RowRange showDrawn(Proof& proof, ProofPixels& pixels, const Frame& drawn, const ScreenStage& screen,
                   bool kept) {
    const auto before = std::exchange(pixels.marked, rowsThatDiffer(drawn, *pixels.finished, screen));
    if (kept && before && pixels.marked &&
        proof.sealed.size() == QSize(drawn.size.width, drawn.size.height)) {
        const RowRange rows = both(*before, *pixels.marked);
        renewRows(proof.sealed, drawn, rows);
        return rows;
    }
    proof.sealed = toImage(drawn, screen);
    return {0, proof.sealed.height()};
}

} // namespace

bool isToReduce(const Proof& proof, Size view) {
    return isReducedFor(proof, view) && QSize(view.width, view.height) != proof.inView.size();
}

void drawProof(QPainter& painter, const QRect& rect, const Proof& proof) {
    const auto ratio = painter.device()->devicePixelRatioF();
    if (proof.inView.size() == QSizeF(QSizeF(rect.size()) * ratio).toSize())
        painter.drawImage(rect, proof.inView);
    else
        painter.drawImage(rect, proof.sealed);
}

MadeProof makeProof(const ProofJob& job, const Delivery& delivery, const PreparedPtr& shared) {
    MadeProof made{job.pixels, job.shown, {}};
    auto& pixels = made.pixels;
    auto& proof = made.proof;
    const auto chain = chainOf(delivery, *job.info, job.exception);
    const auto metadata = job.info->metadata();
    const CopyAsked asked{job.info->path, job.info->factsIn(delivery), *metadata, delivery, job.exception,
                          chain};
    const WordsAsked words{delivery.rights, delivery.privacy, job.exception.words};
    auto ahead = lookAhead(asked, shared, pixels.words && pixels.wordsFor == words ? pixels.words : nullptr);
    pixels.words = ahead.words;
    pixels.wordsFor = words;
    proof.words = wordsToLookAt(*job.info, delivery, *ahead.words);
    auto stages = stagesOf(asked, ahead.words->facts, wholeFor(chain, *pixels.base, job.whole));
    stages.base = pixels.stages.base; // what these pixels were really developed by
    const bool kept = pixels.finished && stages.sameUpTo(Stage::Finished, pixels.stages);
    const auto screen = screenStage(delivery.file);
    const bool same = kept && stages == pixels.stages && screen == pixels.screen && !proof.sealed.isNull();
    if (!kept) {
        auto finished = std::make_shared<Frame>(*pixels.base);
        stages.finish.on(*finished);
        pixels.finished = std::move(finished);
    }
    proof.notes = std::move(ahead.notes);
    addNotes(proof.notes, pixels.notes);
    proof.sharp = pixels.sharp;
    proof.picture = shareOf(stages.frame.picture(), stages.frame.whole);
    RowRange renewed;
    if (!same) {
        Frame frame = *pixels.finished;
        proof.ground = {};
        const auto border = stages.frame.on(frame);
        proof.seal = stages.seal.on(frame, ahead.prepared,
                                    {.ground = &proof.ground, .paintings = pixels.paintings.get()});
        pixels.paintedBytes = pixels.paintings->bytes();
        addNotes(proof.notes, border.notes);
        renewed = showDrawn(proof, pixels, frame, screen, kept && screen == pixels.screen);
    }
    if (isReducedFor(proof, job.inView))
        reduceFor(job.inView, proof, renewed);
    else
        proof.inView = {};
    addNotes(proof.notes, proof.seal.notes);
    pixels.stages = std::move(stages);
    pixels.screen = screen;
    return made;
}

namespace {

MadeProof madeOrTold(const ProofJob& job, const Delivery& delivery, const PreparedPtr& shared) {
    std::optional<Problem> problem;
    try {
        return makeProof(job, delivery, shared);
    } catch (const Problem& p) {
        problem = p;
    } catch (const std::exception& e) {
        problem = Problem(ProblemKind::Internal, job.info->path.string(), e.what());
    } catch (...) {
        problem =
            Problem(ProblemKind::Internal, job.info->path.string(), "something went wrong that has no name");
    }
    return {job.pixels, job.shown, problem};
}

} // namespace

std::vector<MadeProof> makeProofs(const std::vector<ProofJob>& jobs, const Delivery& delivery,
                                  const std::atomic<bool>& stop) {
    std::vector<MadeProof> proofs(jobs.size());
    PreparedPtr shared;
    try {
        shared = dependsOnPicture(delivery.seal) ? nullptr : prepareSeal(delivery.seal);
    } catch (const Problem& problem) { // a logo that went away: of every copy
        for (std::size_t i = 0; i < jobs.size(); ++i)
            proofs[i] = {jobs[i].pixels, jobs[i].shown, problem};
        return proofs;
    }
    std::atomic<std::size_t> next{0};
    const auto loop = [&] {
        for (auto i = next++; i < jobs.size(); i = next++)
            proofs[i] =
                stop ? MadeProof{jobs[i].pixels, jobs[i].shown, {}} : madeOrTold(jobs[i], delivery, shared);
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

} // namespace keepseal::app
