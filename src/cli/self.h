// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the program says of itself, made from its own table of commands and options: completion for a shell,
// all pages of help, and the nearest command to one that there is not.
#pragma once

#include <CLI/CLI.hpp>

#include <string>
#include <vector>

namespace keepseal::cli {

/// Those that people are told of: one without a group is for the build.
std::vector<const CLI::Option*> listedOptions(const CLI::App& app);
std::vector<const CLI::App*> listedCommands(const CLI::App& app);

std::string bashCompletion(const CLI::App& app);
std::string zshCompletion(const CLI::App& app);
std::string fishCompletion(const CLI::App& app);
/// What --help of the program and of each command prints, as initialisers of C++: {"register find",
/// R"~(...)~"},
std::string helpPages(const CLI::App& app);
/// "Did you mean ...?", empty when nothing is near.
std::string nearestCommand(const CLI::App& app, const std::string& typed);

} // namespace keepseal::cli
