// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/picture_words.h"

namespace keepseal {

PictureWords pictureWords(const std::filesystem::path& original, const Metadata& metadata, Size size,
                          const WordsAsked& asked) {
    PictureWords out;
    out.applied = applyRights(asked.rights, asked.privacy, metadata, {original, size}, asked.byHand);
    out.copy = copyWords(out.applied, asked.privacy, metadata);
    // What the copy will say comes before what the original says: a title typed for this picture, a creator
    // of the sheet. What privacy takes out of the file may still be asked for in writing on the picture.
    Metadata finished = metadata;
    for (const auto& [key, outcome] : out.applied.fields)
        if (!outcome.after.empty())
            finished.fields[key] = outcome.after;
    out.facts = factsForTokens(original, finished);
    return out;
}

PictureWords pictureWords(const std::filesystem::path& original, const Metadata& metadata, Size size,
                          const Delivery& delivery, const FieldValues& byHand) {
    return pictureWords(original, metadata, size, {delivery.rights, delivery.privacy, byHand});
}

Notes placesSeen(const PictureWords& words, const Metadata& metadata, const Delivery& delivery,
                 const std::string& fileName) {
    Notes out;
    if (delivery.privacy.opensLocation())
        return out;
    const auto look = [&](StationId station, const std::string& name, const std::string& text) {
        for (const auto& place : placesIn(text, metadata.placeNames)) {
            auto note = placeNote(place, name);
            note.station = station;
            addNote(out, std::move(note));
        }
    };
    look(StationId::Place, "the file name", fileName);
    if (const auto& caption = delivery.border.caption; delivery.border.on && caption.on)
        for (const auto* text : {&caption.left, &caption.middle, &caption.right})
            look(StationId::Border, "the caption", fillTokens(*text, words.facts).text);
    for (const auto& part : delivery.seal.parts)
        if (delivery.seal.on && part.kind == PartKind::Text && !part.hidden)
            look(StationId::Seal, "the seal", fillTokens(part.text.text, words.facts).text);
    return out;
}

Notes wordNotes(const PictureWords& words, const Metadata& metadata, const Delivery& delivery,
                const std::string& fileName) {
    auto out = words.applied.notes();
    addNotes(out, words.copy.notes);
    addNotes(out, placesSeen(words, metadata, delivery, fileName));
    if (delivery.privacy.opensLocation() && (metadata.point || !metadata.placeNames.empty()))
        addNote(out, {NoteKind::PlaceOpened, {}, {}});
    return out;
}

} // namespace keepseal
