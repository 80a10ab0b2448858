// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// File names of saved designs, from the names people give them.
#pragma once

#include <filesystem>
#include <string>

namespace keepseal {

/// "Tidemark corner" -> "tidemark-corner"; `fallback` when nothing is left. Never a path.
std::string keyFromName(const std::string& name, const std::string& fallback);
/// Whether it can be the name of a file in the library, and of nothing outside it.
bool isLibraryKey(const std::string& key);

/// Moves the file among what was removed; none that lies there is overwritten: later ones get a number.
/// Throws Problem(CannotWrite).
void moveAside(const std::filesystem::path& file, const std::filesystem::path& removed,
               const std::string& key);
/// Moves the last one of that key back; false when there is none. Never over another file.
bool bringBack(const std::filesystem::path& removed, const std::string& key,
               const std::filesystem::path& file);

} // namespace keepseal
