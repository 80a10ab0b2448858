// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/finished_copy.h"

namespace keepseal {

FinishedCopy finishedCopy(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                          const DecodedPtr& decoded) {
    const auto& delivery = asked.delivery;
    FinishedCopy out;
    Notes found;
    out.frame = renderBase(original, original.path().string(), asked.facts, delivery, asked.chain,
                           asked.chain.sizes.whole, &found, decoded);
    original.requireUnchanged();
    finishPicture(delivery, asked.chain, grainSeed(original.path()), out.frame);
    FinishContext context;
    context.seal.exception = &asked.exception.seal;
    context.facts = ahead.words.facts;
    context.prepared = ahead.prepared;
    const auto finished = finishFrame(delivery, asked.chain, out.frame, context);
    out.words = std::move(ahead.words);
    out.notes = std::move(ahead.notes);
    addNotes(out.notes, found);
    addNotes(out.notes, finished.notes());
    out.readability = finished.seal.readability;
    out.holds = {delivery.border.on,
                 !finished.seal.empty() && !holdsKind(finished.seal.notes, NoteKind::SealOffPicture)};
    return out;
}

} // namespace keepseal
