// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// keep-seal-cli seal ...: advice on placing, seals as pictures, the library.
#pragma once

#include "cli/commands.h"
#include "cli/shelves.h"

namespace CLI {
class App;
}

namespace keepseal::cli {

struct SealOptions {
    std::string seal;   ///< a name or key of the library, or a seal file
    std::string output; ///< a file that must not exist
    int width = 1200;   ///< pixels
    ShelfOptions shelf;
    PictureOptions pictures;
    DeliveryOptions delivery;
    bool json = false;
};

/// The seal a person names: a file when there is one, else of the library. Throws Problem(NotFound).
SealDesign namedSeal(const std::string& nameOrFile);

/// Adds "seal" with its own commands to `app`; runSeal() runs the one that was given.
CLI::App* addSealCommands(CLI::App& app, SealOptions& options);
int runSeal(CLI::App& command, const SealOptions& options);

} // namespace keepseal::cli
