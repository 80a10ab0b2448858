// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What this program is made of: its libraries, as they are loaded now.
#pragma once

#include <string>
#include <vector>

namespace keepseal {

struct BuiltPart {
    std::string name;    ///< as its makers write it
    std::string version; ///< as it says itself; of the library that runs, not of its headers
};

/// The libraries of the computation, by name; then the compiler. No window in it.
std::vector<BuiltPart> builtWith();
/// "Keep Seal 0.1.0", then a line for each.
std::string versionText(const std::vector<BuiltPart>& parts);

} // namespace keepseal
