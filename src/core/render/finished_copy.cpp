// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/finished_copy.h"

namespace keepseal {

FinishedCopy finishedCopy(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                          const DecodedPtr& decoded) {
    FinishedCopy out;
    Notes found;
    const auto stages = stagesOf(asked, ahead.words->facts);
    out.frame = stages.base.made(original, asked.facts, &found, decoded);
    original.requireUnchanged();
    stages.finish.on(out.frame);
    const auto border = stages.frame.on(out.frame);
    const auto seal = stages.seal.on(out.frame, ahead.prepared);
    out.words = std::move(ahead.words);
    out.notes = std::move(ahead.notes);
    addNotes(out.notes, found);
    addNotes(out.notes, border.notes);
    addNotes(out.notes, seal.notes);
    out.readability = seal.readability;
    out.holds = {asked.delivery.border.on, !seal.empty() && !holdsKind(seal.notes, NoteKind::SealOffPicture)};
    return out;
}

} // namespace keepseal
