// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/assets.h"

#include "base/problem.h"

#include <cstdlib>

namespace keepseal {

std::filesystem::path assetsFolder() {
    if (const char* given = std::getenv("KEEPSEAL_ASSETS"))
        return given;
    for (const char* candidate : {KEEPSEAL_SOURCE_ASSETS, KEEPSEAL_INSTALLED_ASSETS})
        if (*candidate != '\0' && std::filesystem::is_directory(std::filesystem::path(candidate) / "fonts"))
            return candidate;
    throw Problem(ProblemKind::NotFound, KEEPSEAL_INSTALLED_ASSETS, "the shipped fonts are not there",
                  "Install Keep Seal again, or set KEEPSEAL_ASSETS to its assets folder");
}

} // namespace keepseal
