// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/finished_copy.h"

#include "base/problem.h"
#include "render/untouched_copy.h"

namespace keepseal {

FinishedCopy finishedCopy(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                          const DecodedPtr& decoded, const TakePicture& take) {
    FinishedCopy out;
    Notes found;
    const auto stages = stagesOf(asked, ahead.words->facts);
    out.frame = stages.base.made(original, asked.facts, &found, decoded);
    original.requireUnchanged();
    if (take)
        take(out.frame);
    stages.finish.on(out.frame);
    const auto border = stages.frame.on(out.frame);
    const bool stays = onlyTheMarkChanges(asked) && !out.frame.isDeep() && out.frame.alpha.empty();
    PixelsBefore before;
    const auto seal = stages.seal.on(out.frame, ahead.prepared, nullptr, stays ? &before : nullptr);
    if (stays)
        out.changed = changedPart(before, out.frame);
    out.words = std::move(ahead.words);
    out.notes = std::move(ahead.notes);
    addNotes(out.notes, found);
    addNotes(out.notes, border.notes);
    addNotes(out.notes, seal.notes);
    out.readability = seal.readability;
    out.holds = {asked.delivery.border.on, !seal.empty() && !holdsKind(seal.notes, NoteKind::SealOffPicture)};
    return out;
}

namespace {

/// What only the pixels tell. Empty: nothing stands against it.
std::string whyAnew(const CopyAsked& asked, const ChangedPart& changed) {
    constexpr std::size_t kMostBytes = 64U << 20; // of pixels in one message
    if (asked.facts.channels == 1 && !isNeutral(changed))
        return "the picture is grey, and its mark has colour";
    if (changed.rgb.size() > kMostBytes)
        return "its mark covers too much of it";
    return {};
}

} // namespace

EncodedCopy encodedCopy(const Original& original, const CopyAsked& asked, const FinishedCopy& copy,
                        const std::string& format) {
    const auto stage = encodeStage(asked.delivery, asked.chain, format, copy.words->copy, copy.holds);
    if (!copy.changed || !wantsUntouched(asked.delivery.file, format))
        return stage.on(copy.frame);
    auto why = whyAnew(asked, *copy.changed);
    if (why.empty())
        try {
            const auto name = original.path().string();
            const StampedOn stampedOn{original, name, asked.facts, *copy.changed};
            auto out = stage.on(copy.frame, &stampedOn);
            original.requireUnchanged();
            addNote(out.notes, {NoteKind::KeptUntouched, {}, {}});
            return out;
        } catch (const Problem& problem) {
            if (problem.kind != ProblemKind::NotAPicture && problem.kind != ProblemKind::TooLarge)
                throw;
            why = problem.happened; // its pixels are there: the copy is made all the same
        }
    auto out = stage.on(copy.frame);
    addNote(out.notes, encodedAnewBecause(why));
    return out;
}

} // namespace keepseal
