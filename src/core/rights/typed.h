// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Exif tags of an original that a copy keeps, written anew from what they mean (Exif 2.32): a date as a date,
// a number as a number in its range, a text as one line. Nothing else that stood there goes along.
#pragma once

#include "privacy/report.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace keepseal {

/// Whether a copy may hold that tag at all.
bool isKeptTag(IfdKind ifd, std::uint16_t tag);
/// Nothing: the tag is none that is kept, or does not hold a value of its kind. A text in which a place is
/// told
/// (`places`: words that name one) is left out too, unless the place is open.
std::optional<ExifValue> writtenAnew(const ExifValue& value, const std::vector<std::string>& places,
                                     bool placeOpen);
/// The same of an XMP property of the editing history; by its name ("xmp:CreatorTool").
std::optional<std::string> historyAnew(const std::string& name, const std::string& value,
                                       const std::vector<std::string>& places, bool placeOpen);

} // namespace keepseal
