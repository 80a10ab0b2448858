// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/picture_words.h"

#include <algorithm>

namespace keepseal {

PictureWords pictureWords(const std::filesystem::path& original, const Metadata& metadata, Size size,
                          const Delivery& delivery, const FieldValues& byHand) {
    PictureWords out;
    out.applied = applyRights(delivery.rights, delivery.privacy, metadata, {original, size}, byHand);
    out.copy = copyWords(out.applied, delivery.privacy, metadata);
    // What the copy will say comes before what the original says: a title typed for this picture, a creator
    // of the sheet. What privacy takes out of the file may still be asked for in writing on the picture.
    Metadata finished = metadata;
    for (const auto& [key, outcome] : out.applied.fields)
        if (!outcome.after.empty())
            finished.fields[key] = outcome.after;
    out.facts = factsForTokens(original, finished);
    return out;
}

std::vector<std::string> placesSeen(const PictureWords& words, const Metadata& metadata,
                                    const Delivery& delivery, const std::string& fileName) {
    std::vector<std::string> out;
    if (delivery.privacy.opensLocation())
        return out;
    const auto look = [&](const std::string& name, const std::string& text) {
        const auto place = placeIn(text, metadata.placeNames);
        auto sentence = place == "coordinates" ? "coordinates stand in " + name
                                               : "the place \"" + place + "\" stands in " + name;
        if (!place.empty() && std::find(out.begin(), out.end(), sentence) == out.end())
            out.push_back(std::move(sentence));
    };
    look("the file name", fileName);
    if (const auto& caption = delivery.border.caption; delivery.border.on && caption.on)
        for (const auto* text : {&caption.left, &caption.middle, &caption.right})
            look("the caption", fillTokens(*text, words.facts).text);
    for (const auto& part : delivery.seal.parts)
        if (delivery.seal.on && part.kind == PartKind::Text && !part.hidden)
            look("the seal", fillTokens(part.text.text, words.facts).text);
    return out;
}

std::vector<std::string> wordWarnings(const PictureWords& words, const Metadata& metadata,
                                      const Delivery& delivery, const std::string& fileName) {
    auto out = words.applied.warnings();
    for (auto& sentence : placesSeen(words, metadata, delivery, fileName))
        out.push_back(std::move(sentence));
    return out;
}

} // namespace keepseal
