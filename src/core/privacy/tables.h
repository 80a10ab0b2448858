// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the tags, datasets and properties mean: rows, not branches. Sources: Exif 2.32, TIFF 6.0, IIM 4.2,
// XMP (ISO 16684-1), IPTC Photo Metadata Standard.
#pragma once

#include "privacy/report.h"

#include <string>
#include <string_view>

namespace keepseal {

struct TagMeaning {
    std::string name;
    Category category;
};

TagMeaning meaningOfTag(IfdKind kind, std::uint16_t tag);
TagMeaning meaningOfDataset(int record, int dataset);
/// `path` holds qualified names from the property down to the field ("Iptc4xmpExt:LocationShown",
/// "Iptc4xmpExt:City"). Contact Info's city is Contact, not Location.
Category categoryOfProperty(const std::vector<std::string>& path);
/// The usual prefix of a namespace, or an empty view for one we don't know.
std::string_view usualPrefix(std::string_view namespaceUri);

} // namespace keepseal
