// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which kinds of an original's metadata its copies may carry on. Location stays out unless it was opened with
// words of its own: a switch alone does nothing.
#pragma once

#include "base/note.h"
#include "base/setting.h"
#include "privacy/report.h"

namespace keepseal {

enum class Stay { Keep, Remove };

/// The sentence that opens location. It has to stand in the delivery beside the switch.
inline constexpr const char* kLocationWords = "these copies tell where the pictures were taken";

struct PrivacyRules {
    Stay rights = Stay::Keep, contact = Stay::Keep, description = Stay::Keep, dateTaken = Stay::Keep;
    Stay camera = Stay::Remove, serial = Stay::Remove, history = Stay::Remove;
    Stay location = Stay::Remove;
    std::string locationWords;      ///< must be kLocationWords for `location` to count
    bool strict = false;            ///< the offset from UTC narrows a place: it goes as well
    bool newPreview = false;        ///< a small preview made from the copy's own pixels
    bool cutCoordinates = true;     ///< numbers that are a place are cut out of the words that stay
    bool keepRating = false;        ///< rating and label, together with the description
    bool dropPlaceKeywords = false; ///< keywords that name a removed place
    bool blankPlaceTexts = false;   ///< other texts that hold one are left out whole
    bool operator==(const PrivacyRules&) const = default;

    bool opensLocation() const { return location == Stay::Keep && locationWords == kLocationWords; }
    /// Whether what the original says of this kind may stay. Previews and anything else never do.
    bool keeps(Category category) const;
};

/// Throws Problem(BadSetting) when location is switched on without its words, so that nobody is surprised
/// either way.
void requireWorded(const PrivacyRules& rules, const std::string& path);

const std::vector<Setting<PrivacyRules>>& privacySettings();
/// "place, camera, serial numbers and history left out", for a person.
std::string privacySummary(const PrivacyRules& rules);

/// What coordinates are called among places: no name of a place is empty.
inline constexpr const char* kCoordinates = "";

/// Removed places that stand in a text: those of `names` (words that name a place), whole words only and
/// whatever the case, each once; kCoordinates when there are coordinates in it.
std::vector<std::string> placesIn(const std::string& text, const std::vector<std::string>& names);
/// What is to be said of one of them; `where` it stands, for a person ("the caption").
Note placeNote(const std::string& place, const std::string& where);

} // namespace keepseal
