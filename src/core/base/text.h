// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Small helpers for UTF-8 text and numbers shown to a person.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace keepseal {

bool isUtf8(std::string_view bytes);
/// The longest prefix of at most `maxBytes` bytes that ends at a character.
std::string cutUtf8(std::string_view text, std::size_t maxBytes);
/// Any bytes made safe to show: invalid UTF-8 is read as Latin-1, control characters become spaces.
std::string printable(std::string_view bytes, std::size_t maxBytes = 400);
/// The same with its line ends and tabs, for texts that are carried on: whole lines, trimmed at both ends.
std::string readableText(std::string_view bytes);
/// Without trailing zeros: 2.50 -> "2.5", 3.0 -> "3".
std::string trimmedNumber(double value, int decimals);
/// "640 kB", "3.1 MB" (decimal units, as file managers show them).
std::string byteText(std::uint64_t bytes);
/// The one of `words` that `typed` most likely means: the fewest letters wrong, at most a third of them;
/// empty when none is near.
std::string nearestWord(const std::string& typed, const std::vector<std::string>& words);
/// As people sort names: numbers by their value (img2 before img10), letters whatever their case; a strict
/// order over all texts.
bool naturalLess(std::string_view a, std::string_view b);
std::string toLowerAscii(std::string_view text);
std::string trimmed(std::string_view text);
/// Splits at `separator`, trims each piece, leaves out empty ones.
std::vector<std::string> splitTrimmed(std::string_view text, char separator);
/// Lower-case hexadecimal.
std::string hexText(const std::uint8_t* data, std::size_t size);
/// "1 copy", "3 copies".
/// "a", "a and b", "a, b and c".
std::string joinedWithAnd(const std::vector<std::string>& words);
std::string counted(std::size_t count, const std::string& one, const std::string& many);

} // namespace keepseal
