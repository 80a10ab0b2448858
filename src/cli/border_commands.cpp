// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/border_commands.h"

#include "base/problem.h"
#include "library/shelf.h"

namespace keepseal::cli {

BorderDesign namedBorder(const std::string& nameOrFile) {
    std::error_code error;
    std::optional<SavedBorder> found;
    if (std::filesystem::is_regular_file(nameOrFile, error))
        found = BorderLibrary::load(nameOrFile);
    else
        found = BorderLibrary().findAsWritten(nameOrFile);
    if (!found)
        throw Problem(ProblemKind::NotFound, nameOrFile,
                      "there is no border file and no saved border of that name",
                      "'keep-seal-cli border list' tells which there are");
    found->design.on = true;
    return found->design;
}

} // namespace keepseal::cli
