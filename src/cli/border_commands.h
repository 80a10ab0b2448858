// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// keep-seal-cli border ...: the library of borders.
#pragma once

#include "border/design.h"

namespace CLI {
class App;
}

namespace keepseal::cli {

/// A border file, or the name or key of one in the library; it is switched on. Throws Problem(NotFound |
/// ...).
BorderDesign namedBorder(const std::string& nameOrFile);

struct BorderOptions {
    bool json = false;
};
CLI::App* addBorderCommands(CLI::App& app, BorderOptions& options);
int runBorder(const CLI::App& command, const BorderOptions& options);

} // namespace keepseal::cli
