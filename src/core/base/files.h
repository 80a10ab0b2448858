// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading and replacing our own small files (designs, ledgers). Never used for originals or copies.
#pragma once

#include "base/own_folders.h"
#include "base/writer.h"

#include <nlohmann/json.hpp>

#include <filesystem>
#include <string>

namespace keepseal {

/// Throws Problem(NotFound | CannotRead | BadFile); at most 64 MB.
nlohmann::json readJsonFile(const std::filesystem::path& path);
/// Our own: written beside, synced, renamed over; a reader sees the old text or the new one. Throws
/// Problem(CannotWrite).
void writeTextFile(const std::filesystem::path& path, const std::string& text);

/// A file that a person names, which may be there already: never one of those. Throws Problem(Refused |
/// CannotWrite).
void writeNamedFile(const std::filesystem::path& path, const std::string& text,
                    const Untouchable& untouchable);

/// Never replaces a file: what is written could be aimed at an original. Whole, or gone again. Throws
/// Problem(Refused | CannotWrite).
void writeNewFile(const std::filesystem::path& path, ByteSpan bytes);

/// A path as JSON: text, or {"hex": "..."} where its bytes are no UTF-8, so that none is lost.
nlohmann::json pathToJson(const std::filesystem::path& path);
/// Throws nlohmann::json::exception for anything else.
std::filesystem::path pathFromJson(const nlohmann::json& json);

} // namespace keepseal
