// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Holds a finished copy against what was promised for it: everything that is in the file must be allowed, the
// rights must be there in all three containers, and no place may be told.
#pragma once

#include "geometry/size.h"
#include "privacy/report.h"
#include "rights/sheet.h"

namespace keepseal {

struct CopyCheck {
    FileReport report;
    bool noPlace = false;
    bool rightsInStep = false;         ///< true as well when the delivery writes none and none were found
    std::vector<std::string> failures; ///< any one of them means: not delivered
    std::vector<std::string> warnings; ///< a removed place that stands in a text which stays
};

/// `original` is what the original told. `copy` is read by the privacy walkers only.
/// PNG and WebP have no place for IIM: there XMP and Exif must be in step.
CopyCheck checkCopy(const ByteSource& copy, Container format, Size promised, const RightsSheet& sheet,
                    const FileReport& original);

/// Texts that stay and are the person's own words (the seal's text, the file name): a removed place in one of
/// them is worth a word, since it is in plain sight. Each text comes with what to call it.
std::vector<std::string> placesInPlainSight(const FileReport& original,
                                            const std::vector<std::pair<std::string, std::string>>& texts);

/// Kinds of metadata the original has and the copy has not, for a person, each with its number.
std::vector<std::string> removedKinds(const FileReport& original, const FileReport& copy);

} // namespace keepseal
