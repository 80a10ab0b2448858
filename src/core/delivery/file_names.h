// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// File and folder names of copies: from a pattern with tokens and one picture's facts to a name that every
// common file system takes.
#pragma once

#include "delivery/place.h"
#include "picture/container.h"
#include "text/tokens.h"

#include <filesystem>

namespace keepseal {

/// Tokens for names: those of text/tokens.h and more (number, parts of date and time, width, height,
/// page, delivery, job_name, folder, rating, every writable field of the metadata by its key).
const std::vector<TokenInfo>& nameTokens();

/// Whether a pattern asks for more than the original's path and the plan know.
bool needsMetadata(const PlaceSettings& place);
bool needsSize(const PlaceSettings& place);
/// Whether pictures are counted in it.
bool usesNumber(const PlaceSettings& place);
/// Whether the pages of one file are told apart in it.
bool usesPage(const PlaceSettings& place);
/// The tokens in name and subfolder that are none; empty when all is well.
std::vector<std::string> unknownTokens(const PlaceSettings& place);

/// A name without its ending, and the tokens that had no value for this picture.
struct CopyStem {
    std::string text;
    std::vector<std::string> missing;
};
/// Values are cleaned before they are filled in: a slash in a title makes no folder. Never empty.
CopyStem copyStem(const PlaceSettings& place, const TextFacts& facts);
/// Relative, of plain names only ("2026/05"); empty when there is none. A pattern's slashes part folders.
std::filesystem::path copySubfolder(const PlaceSettings& place, const TextFacts& facts,
                                    std::vector<std::string>* missing = nullptr);
/// The folder on a server, with slashes, cleaned in the same way; "/" in front stays.
std::string folderThere(const std::string& pattern, const PlaceSettings& place, const TextFacts& facts);
/// The place with another pattern among its own: what is asked of both, is asked of it.
PlaceSettings withPattern(PlaceSettings place, const std::string& pattern);
/// Stem, suffix, number behind it (1 is the plain one) and `ending` (without its dot), within the length
/// allowed.
std::string copyFileName(const std::string& stem, const PlaceSettings& place, const std::string& ending,
                         int number);

/// What file systems of cameras, phones and other desktops refuse becomes a hyphen; Unicode is composed
/// (NFC); no dot in front, no dot or space behind, no name those systems keep for devices.
std::string cleanedName(const std::string& text);
/// Two names with equal fold are one name on a file system that minds neither case nor composition.
std::string foldedName(const std::string& name);

} // namespace keepseal
