// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/finished_copy.h"

#include "base/give_way.h"
#include "base/problem.h"

#include <utility>

namespace keepseal {

namespace {

void tell(FinishedCopy& out, const CopyAsked& asked, CopyAhead ahead, const Notes& found,
          const SealResult& seal) {
    out.words = std::move(ahead.words);
    out.notes = std::move(ahead.notes);
    addNotes(out.notes, found);
    addNotes(out.notes, seal.notes);
    out.readability = seal.readability;
    out.holds = {asked.delivery.border.on, !seal.empty() && !holdsKind(seal.notes, NoteKind::SealOffPicture)};
}

/// Of a copy's whole size, with memory that nobody has written to.
Frame blank(Size size) {
    Frame out;
    out.size = size;
    out.rgb.resize(static_cast<std::size_t>(size.pixels()) * 3);
    out.picture = {0, 0, size.width, size.height};
    return out;
}

/// Each pixel stands for a cell: the changed ones for what they are now.
void putChanged(Frame& coarse, const ChangedPart& changed) {
    const int columns = (changed.area.width + 7) / 8;
    for (std::size_t cell = 0; cell < changed.cells.size(); ++cell) {
        const int x = static_cast<int>(cell) % columns, y = static_cast<int>(cell) / columns;
        const int atX = changed.area.x / 8 + x, atY = changed.area.y / 8 + y;
        if (!changed.cells[cell] || atX >= coarse.size.width || atY >= coarse.size.height)
            continue;
        for (int c = 0; c < 3; ++c) {
            int sum = 0;
            for (int i = 0; i < 64; ++i)
                sum += changed.rgb[static_cast<std::size_t>(
                    ((y * 8 + i / 8) * changed.area.width + x * 8 + i % 8) * 3 + c)];
            coarse.row(atY)[atX * 3 + c] = static_cast<std::uint8_t>((sum + 32) / 64);
        }
    }
}

/// Its seal is decided on the coarse picture whichever pixels are wanted: a proof and the copy itself agree.
FinishedCopy fromCoefficients(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                              AtHand& atHand, const ShownPixels& shown, FramePixels pixels) {
    FinishedCopy out;
    Notes found;
    const auto stages = stagesOf(asked, ahead.words->facts);
    auto held = atHand.held ? *std::exchange(atHand.held, {})
                            : holdJpeg(original, original.path().string(), asked.facts);
    const bool all = pixels == FramePixels::All;
    out.frame = all ? stages.base.made(original, asked.facts, &found, atHand.decoded)
                    : blank(asked.chain.sizes.whole);
    original.requireUnchanged();
    standAside();
    if (shown.picture)
        shown.picture(held.coarse);
    out.frame.scale = stages.finish.scale; // and it changes nothing
    stages.frame.on(out.frame);
    out.coarse = std::move(held.coarse);
    out.coarse.measure() = out.frame.measure();
    out.coarse.scale *= static_cast<double>(out.coarse.size.longSide()) / out.frame.size.longSide();
    const Frame decidedOn = decisionFrame(out.coarse);
    PixelsBefore before;
    SealContext context;
    context.before = &before;
    context.decidedOn = &decidedOn;
    context.bring = [&](Frame& frame, const Rect& reach) {
        if (const auto area = inBlocks(reach, frame.size); !all && !area.empty())
            putInto(frame, pixelsOf(*held.coefficients, area), area.x, area.y);
        if (shown.beforeSeal)
            shown.beforeSeal(frame, reach);
    };
    const auto seal = stages.seal.on(out.frame, ahead.prepared, context);
    if (shown.afterSeal)
        shown.afterSeal(out.frame);
    out.changed = changedPart(before, out.frame);
    if (const auto why = whyAnew(asked, *out.changed); !why.empty())
        throw Problem(ProblemKind::NotAPicture, original.path().string(), why);
    out.blocks = codingOfBlocks(asked, asked.delivery.file.formats().front()->key).value();
    out.stamped = stampedJpeg(std::move(held.coefficients), *out.changed, out.blocks);
    putChanged(out.coarse, *out.changed);
    tell(out, asked, std::move(ahead), found, seal);
    return out;
}

FinishedCopy fromPixels(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                        const DecodedPtr& decoded, const ShownPixels& shown) {
    FinishedCopy out;
    Notes found;
    const auto stages = stagesOf(asked, ahead.words->facts);
    out.frame = stages.base.made(original, asked.facts, &found, decoded);
    original.requireUnchanged();
    standAside();
    if (shown.picture)
        shown.picture(out.frame);
    standAside();
    stages.finish.on(out.frame);
    standAside();
    const auto border = stages.frame.on(out.frame);
    addNotes(found, border.notes);
    const bool stays = onlyTheMarkChanges(asked) && !out.frame.isDeep() && out.frame.alpha.empty();
    standAside();
    PixelsBefore before;
    SealContext context;
    context.before = stays ? &before : nullptr;
    if (shown.beforeSeal)
        context.bring = shown.beforeSeal;
    const auto seal = stages.seal.on(out.frame, ahead.prepared, context);
    if (shown.afterSeal)
        shown.afterSeal(out.frame);
    if (stays)
        out.changed = changedPart(before, out.frame);
    tell(out, asked, std::move(ahead), found, seal);
    return out;
}

EncodedCopy asStamped(const EncodeStage& stage, const CopyAsked& asked, const FinishedCopy& copy,
                      const BlockCoding& blocks, const Bytes& bytes) {
    const StampedJpeg stamped{bytes, asked.facts.channels == 1};
    auto out = stage.on(copy.frame, &stamped);
    if (blocks.untouched())
        addNote(out.notes, {NoteKind::KeptUntouched, {}, {}});
    return out;
}

/// Its pixels are there: where it can't be done, the copy is made of them.
bool isNoCoefficients(const Problem& problem) {
    return problem.kind == ProblemKind::NotAPicture || problem.kind == ProblemKind::TooLarge;
}

} // namespace

FinishedCopy finishedCopy(const Original& original, const CopyAsked& asked, CopyAhead ahead, AtHand atHand,
                          const ShownPixels& shown, FramePixels pixels) {
    if (isMadeOfCoefficients(asked))
        try {
            return fromCoefficients(original, asked, ahead, atHand, shown, pixels);
        } catch (const Problem& problem) {
            if (!isNoCoefficients(problem))
                throw;
        }
    return fromPixels(original, asked, std::move(ahead), atHand.decoded, shown);
}

EncodedCopy encodedCopy(const Original& original, const CopyAsked& asked, const FinishedCopy& copy,
                        const std::string& format) {
    const auto stage = encodeStage(asked.delivery, asked.chain, format, copy.words->copy, copy.holds);
    const auto blocks = copy.changed ? codingOfBlocks(asked, format) : std::nullopt;
    // One that is made of pixels anyway need not be read again to be rounded anew.
    if (!blocks || (!blocks->untouched() && !copy.stamped))
        return stage.on(copy.frame);
    if (copy.stamped && copy.blocks == *blocks)
        return asStamped(stage, asked, copy, *blocks, *copy.stamped);
    auto why = whyAnew(asked, *copy.changed);
    if (why.empty())
        try {
            auto held = holdJpeg(original, original.path().string(), asked.facts);
            original.requireUnchanged();
            return asStamped(stage, asked, copy, *blocks,
                             stampedJpeg(std::move(held.coefficients), *copy.changed, *blocks));
        } catch (const Problem& problem) {
            if (!isNoCoefficients(problem))
                throw;
            why = problem.happened;
        }
    auto out = stage.on(copy.frame);
    if (blocks->untouched())
        addNote(out.notes, encodedAnewBecause(why));
    return out;
}

} // namespace keepseal
