// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Coordinates that stand in a text, in the forms people write them:
//   54.2512, 3.5034   54,2512; 3,5034     three places and up (four behind a comma, where three are
//   thousands) 54.25° N 3.50° E  N54.25 E3.50        fewer with degree marks or letters 54°15'04"N 3°30'12"E
//   N54 12.3 E003 30.5  54 deg 15' 4.00" N, 3 deg 30' 12.00" E lat=54.25 lon=3.5   coordinates: 54.25, 3.50
//   geo:54.25,3.5 (RFC 5870)   links to maps +54.2512+003.5034/ (ISO 6709, annex H)   9F5M7G2J+2Q (Open
//   Location Code)   geohash u1h2q8v7 31U 448251 5411932 (UTM)   31U DQ 48251 11932 (its military grid)
//   JO21ab34, locator JO21 (Maidenhead)
// in the digits of any script, full width, with whatever marks and spaces stand between. Two numbers both
// under one, without marks, are no pair: colours and positions in pictures are written so. Read in one pass,
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
bool holdsCoordinates(std::string_view text);

} // namespace keepseal
