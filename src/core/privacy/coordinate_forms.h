// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The forms that coordinates are written in, each tried at one place of a text that was read by
// plainReading(). Each gives the end of what it found, 0 for nothing. Internal to privacy/coordinates.
#pragma once

#include "privacy/coordinate_reader.h"

namespace keepseal {

/// Between a number and its decimal places.
inline constexpr char kDecimalMarks[] = {'.', ','};

/// Degrees, in one order or the other: some write the longitude first.
bool isOnEarth(double a, double b);

// Two numbers.

/// "54.2512, 3.5034", "54,25120° N 3,50340° E", "+54.2512+003.5034/". `announced`: places that suffice since
/// a word before says what it is; 0: no such word.
std::size_t decimalPair(std::string_view text, std::size_t at, std::size_t announced = 0);
/// Degrees and minutes, perhaps seconds: 54°15'04"N 3°30'12"E, N54 12.3 E003 30.5.
std::size_t anglePair(std::string_view text, std::size_t at);
/// ISO 6709, annex H, in degrees with minutes or with seconds: +5415.07+00330.20/, +541504+0033012/.
std::size_t joinedAngles(std::string_view text, std::size_t at);
/// "lat=54.25 lon=3.5" and the like, in that order or the other.
std::size_t namedPair(std::string_view text, std::size_t at);
/// What stands between a word and the number that it announces: "lat: ", "lat\"=\"", "Lon = ".
void toNumber(CoordinateReader& in);

// Links and codes.

std::size_t endOfLink(std::string_view text, std::size_t at);
/// A link that holds a pair: two numbers beside each other, or named lat and lon; "geo:" (RFC 5870).
std::size_t linkWithPlace(std::string_view text, std::size_t at);
/// Open Location Code: 4, 6 or 8 of its letters and figures, a plus, two or three more. The places are not
/// decoded; letters and figures must both be there, so that no sum is taken for one.
std::size_t plusCode(std::string_view text, std::size_t at);
/// Universal Transverse Mercator, "31U 448251 5411932", and the reference grid on it, "31U DQ 48251 11932".
std::size_t gridReference(std::string_view text, std::size_t at);
/// The locator of radio amateurs: pairs of letters and figures in turn, "JO21ab34", of at least so many.
/// Short ones, and those not in the usual capital and small letters, only behind a word that announces them
/// (`least` 4): parts and products are numbered like that, and digests look so.
std::size_t locator(std::string_view text, std::size_t at, std::size_t least);

} // namespace keepseal
