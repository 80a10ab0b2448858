// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// register: what the ledgers of all runs know of files.
#pragma once

#include "record/register.h"

#include <CLI/CLI.hpp>

namespace keepseal::cli {

struct RegisterOptions {
    std::vector<std::string> paths;
    bool json = false, all = false;

    RegisterSearch search; ///< find
    std::vector<std::string> words;
    std::string below;
    std::size_t most = 50;
    bool csv = false, sealed = false, unsealed = false, tellsPlace = false;

    std::string report, met; ///< what

    std::vector<std::string> deliveries, runs; ///< forget
    bool yes = false;
};

/// Adds the command with its verbs, and returns it.
CLI::App* addRegisterCommands(CLI::App& app, RegisterOptions& options);
int runRegister(const CLI::App& command, const RegisterOptions& options);

/// Its verbs: find and what; forget, export, import and rebuild.
int runFind(RegisterOptions options);
int runWhat(const RegisterOptions& options);
int runForget(const RegisterOptions& options);
int runExport();
int runImport(const RegisterOptions& options);
int runRebuild();

} // namespace keepseal::cli
