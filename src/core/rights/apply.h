// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One picture's metadata through privacy and rights sheet: what its copy will say, field by field, and which
// rule made it so. In this order: what the original says, less what privacy takes out; the sheet's rules from
// top to bottom; what was typed for this one picture; then the words that name a removed place.
#pragma once

#include "base/note.h"
#include "geometry/size.h"
#include "metadata/metadata.h"
#include "privacy/rules.h"
#include "rights/sheet.h"

#include <filesystem>

namespace keepseal {

struct FieldOutcome {
    FieldValue before, after;
    std::vector<std::size_t> rules; ///< of the sheet, those that changed it, in order
    bool removedByPrivacy = false;  ///< the original's own value was taken out
    bool byHand = false;            ///< typed for this picture
    Notes notes; ///< one rule over another, tokens without a value, limits, wrong addresses
    std::vector<std::string> places; ///< removed places that stand in `after`, as placesIn() tells them
    bool changed() const { return !(before == after); }
};

struct AppliedRights {
    std::map<std::string, FieldOutcome> fields; ///< by key; only those with something before or after
    const FieldValue& after(std::string_view key) const;
    /// Those of all fields, and places in plain sight.
    Notes notes() const;
};

/// What a rule's condition asks about the picture besides its metadata.
struct PictureAsked {
    std::filesystem::path path;
    Size size; ///< upright; 0 x 0: no shape fits
};

/// `byHand`: values for this picture alone; an empty value removes the field.
AppliedRights applyRights(const RightsSheet& sheet, const PrivacyRules& privacy, const Metadata& metadata,
                          const PictureAsked& picture, const FieldValues& byHand = {});

bool holds(const RuleCondition& condition, const Metadata& metadata, const PictureAsked& picture);

/// What the copy will say, all of it: composeMetadata() writes it and the search holds the copy against it.
struct CopyWords {
    FieldValues fields;
    std::vector<ExifValue> exif;                ///< tags that stay, written anew
    std::map<std::string, std::string> history; ///< XMP properties that stay, written anew
    std::string takenAt;                        ///< for XMP, with its offset from UTC if that stays
    Notes notes;                                ///< what would have stayed, but could not be written anew
    bool operator==(const CopyWords&) const = default;
    bool empty() const { return fields.empty() && exif.empty() && history.empty() && takenAt.empty(); }
};
CopyWords copyWords(const AppliedRights& applied, const PrivacyRules& privacy, const Metadata& metadata);

/// Bytes that IIM has no room for, of each value that is too long; 0: all fits.
std::size_t overIimLimit(const FieldInfo& field, const FieldValue& value);

} // namespace keepseal
