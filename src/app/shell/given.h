// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a command line gives the window to begin with.
#pragma once

#include "shell/main_window.h"

#include <QApplication>
#include <QCommandLineParser>

namespace keepseal::app {

/// What every program with this window begins with: its name, its typeface, plain labels.
void beginProgram(QApplication& app);
/// Adds -d, --who, --out and the paths.
void addGivenOptions(QCommandLineParser& parser);
/// Whole paths of them.
std::vector<std::filesystem::path> wholePaths(const QStringList& words);
/// Deliveries and who you are. Throws Problem.
void openGiven(MainWindow& window, const QCommandLineParser& parser);

} // namespace keepseal::app
