// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One picture's words through one delivery: what its copy's metadata will say, and what the tokens in seal
// and caption stand for. Nothing of a place is among the tokens.
#pragma once

#include "delivery/delivery.h"
#include "delivery/exception.h"
#include "rights/apply.h"
#include "text/tokens.h"

namespace keepseal {

struct PictureWords {
    AppliedRights applied;
    CopyWords copy;
    TextFacts facts;
};
/// Shared, never changed.
using PictureWordsPtr = std::shared_ptr<const PictureWords>;

/// All that they depend on besides the original: equal ones make equal words.
struct WordsAsked {
    RightsSheet rights;
    PrivacyRules privacy;
    FieldValues byHand;
    bool operator==(const WordsAsked&) const = default;
};

/// `size` is the picture's own, upright.
PictureWords pictureWords(const std::filesystem::path& original, const Metadata& metadata, Size size,
                          const WordsAsked& asked);
PictureWords pictureWords(const std::filesystem::path& original, const Metadata& metadata, Size size,
                          const Delivery& delivery, const FieldValues& byHand = {});

/// All that a person should know of them: tokens without a value, removed places in plain sight.
Notes wordNotes(const PictureWords& words, const Metadata& metadata, const Delivery& delivery,
                const std::string& fileName);

/// A removed place that stands in the words that are seen: seal, caption, the copy's file name.
Notes placesSeen(const PictureWords& words, const Metadata& metadata, const Delivery& delivery,
                 const std::string& fileName);

} // namespace keepseal
