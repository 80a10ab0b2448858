// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/chain_of.h"

namespace keepseal::app {

ChainPlan chainOf(const JobDocument& document, const PictureInfo& info, OriginalId id) {
    return chainOf(document.deliveryAsMade(), info, document.exception(id));
}

ChainPlan chainOf(const Delivery& delivery, const PictureInfo& info, const PictureException& exception) {
    const auto facts = info.factsIn(delivery);
    return planChain(delivery, facts.size, exception.turn, facts.pixelsPerMm);
}

std::optional<ChainPlan> chainOf(const JobDocument& document, const PictureLibrary& library, OriginalId id) {
    const auto info = library.info(id);
    if (!info || info->problem)
        return std::nullopt;
    return chainOf(document, *info, id);
}

PictureWords wordsOf(const PictureInfo& info, const Delivery& delivery, const PictureException& exception) {
    return pictureWords(info.path, *info.metadata(), info.factsIn(delivery).size, delivery, exception.words);
}

Notes wordsToLookAt(const PictureInfo& info, const Delivery& delivery, const PictureException& exception) {
    return info.problem ? Notes() : wordsToLookAt(info, delivery, wordsOf(info, delivery, exception));
}

Notes wordsToLookAt(const PictureInfo& info, const Delivery& delivery, const PictureWords& words) {
    auto out =
        wordNotes(words, *info.metadata(), delivery, info.path.stem().string() + delivery.place.suffix);
    std::erase_if(out, [](const Note& note) { return severityOf(note) < Severity::WorthALook; });
    return out;
}

QStringList sentences(const Notes& notes, Severity atLeast) {
    QStringList out;
    for (const auto& note : notes)
        if (severityOf(note) >= atLeast)
            out << toQt(sentenceOf(note));
    return out;
}

} // namespace keepseal::app
