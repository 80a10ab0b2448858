// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// register: what the ledgers of all runs know of files.
#pragma once

#include <CLI/CLI.hpp>

namespace keepseal::cli {

struct RegisterOptions {
    std::vector<std::string> paths;
    bool json = false, all = false;
};

/// Adds the command with its verbs, and returns it.
CLI::App* addRegisterCommands(CLI::App& app, RegisterOptions& options);
int runRegister(const CLI::App& command, const RegisterOptions& options);

} // namespace keepseal::cli
