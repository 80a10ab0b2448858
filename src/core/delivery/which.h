// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which pictures of a job a delivery takes: by shape, rating and keywords. All conditions must hold.
#pragma once

#include "base/language.h"
#include "base/setting.h"
#include "geometry/size.h"

#include <optional>

namespace keepseal {

enum class ShapeWanted { Any, Tall, Wide, Square };

struct WhichSettings {
    ShapeWanted shape = ShapeWanted::Any; ///< of the copy: after turning and cropping
    int rating = 0;                       ///< XMP Rating, at least; 0: any, also none
    std::string keywords;                 ///< one of these, parted by commas; empty: any
    std::string notKeywords;              ///< none of these
    bool operator==(const WhichSettings&) const = default;

    bool all() const { return *this == WhichSettings{}; }
    bool needsMetadata() const { return rating > 0 || !keywords.empty() || !notKeywords.empty(); }
};

/// What of a picture the conditions look at.
struct WhichFacts {
    Size cut; ///< empty: not known
    std::optional<int> rating;
    std::vector<std::string> keywords;
};

/// Why the delivery does not take the picture, for a person; empty when it does. Within 2 % of equal sides a
/// picture counts as square. Keywords are compared without regard to case.
Saying whyNotTaken(const WhichSettings& settings, const WhichFacts& facts);

const std::vector<Setting<WhichSettings>>& whichSettings();
std::string whichSummary(const WhichSettings& settings);

} // namespace keepseal
