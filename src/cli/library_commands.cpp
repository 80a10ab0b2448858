// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/library_commands.h"

#include "base/problem.h"
#include "delivery/json.h"
#include "library/shelf.h"

namespace keepseal::cli {

namespace fs = std::filesystem;

Delivery namedDelivery(const std::string& nameOrFile) {
    std::error_code error;
    if (fs::is_regular_file(nameOrFile, error) || fs::path(nameOrFile).extension() == ".json")
        return loadDelivery(nameOrFile);
    const auto found = DeliveryLibrary().findAsWritten(nameOrFile);
    if (!found)
        throw Problem(ProblemKind::NotFound, nameOrFile,
                      "there is no delivery file and no saved delivery of that name",
                      "'keep-seal-cli library list' tells which there are");
    return found->design;
}

} // namespace keepseal::cli
