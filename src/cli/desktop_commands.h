// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line does on a desktop: notifications, entries in the file manager, cards and cameras.
#pragma once

#include <CLI/CLI.hpp>

#include <string>

namespace keepseal::cli {

struct DesktopOptions {
    bool json = false;
};
CLI::App* addFileManagerCommand(CLI::App& app);
int runFileManager(const CLI::App& command);
CLI::App* addCardsCommand(CLI::App& app, DesktopOptions& options);
int runCards(const DesktopOptions& options);

/// Shown by the desktop (Desktop Notifications Specification 1.2), where there is one.
void notifyDesktop(const std::string& title, const std::string& text);

} // namespace keepseal::cli
