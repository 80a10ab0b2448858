// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// library: the saved deliveries.
#pragma once

#include "cli/commands.h"

namespace CLI {
class App;
}

namespace keepseal::cli {

struct LibraryOptions {
    bool replace = false; ///< keep, import: one of the same name is set aside
    std::vector<std::string> names;
    std::string file;
    bool json = false;
};

/// The delivery a person names: a file when there is one, else of the library. Throws Problem(NotFound).
Delivery namedDelivery(const std::string& nameOrFile);

CLI::App* addLibraryCommands(CLI::App& app, LibraryOptions& options);
int runLibrary(CLI::App& command, const LibraryOptions& options);

} // namespace keepseal::cli
