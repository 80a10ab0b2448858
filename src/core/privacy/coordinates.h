// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Coordinates that stand in a text: decimal pairs (three or more places), ISO 6709, degrees with minutes,
// "geo:" links (RFC 5870), web links that hold a pair, Open Location Codes ("plus codes"). Read in one pass,
// in time that grows with the text's length and no faster.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace keepseal {

struct TextSpan {
    std::size_t begin = 0, end = 0; ///< bytes
    bool operator==(const TextSpan&) const = default;
};

/// In order, none over another.
std::vector<TextSpan> coordinatesIn(std::string_view text);
/// The text without them, and without the spaces and brackets that are left empty.
std::string withoutCoordinates(const std::string& text);
bool holdsCoordinates(const std::string& text);

} // namespace keepseal
