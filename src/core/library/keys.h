// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// File names of saved designs, from the names people give them.
#pragma once

#include <string>

namespace keepseal {

/// "Tidemark corner" -> "tidemark-corner"; `fallback` when nothing is left. Never a path.
std::string keyFromName(const std::string& name, const std::string& fallback);
/// Whether it can be the name of a file in the library, and of nothing outside it.
bool isLibraryKey(const std::string& key);

} // namespace keepseal
