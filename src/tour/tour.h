// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Drives the real window without a person: for the demo on a machine without a display, and for the
// screenshots of the documentation. It presses the same buttons a person would.
#pragma once

#include "shell/main_window.h"

namespace keepseal::app {

/// Waits for the proofs, presses the strong button, waits for the check, saves a picture of the window and
/// prints where the copies are. Returns the process's exit code.
int runDemo(MainWindow& window, const QString& picture);

/// Saves one picture of each main view into `folder`.
/// `servers`: what demo/servers/stand_ins.py wrote down; empty: no picture of the outbox.
/// The wall with its proofs, and nothing else.
int takeWall(MainWindow& window, const QString& file);
int takeScreenshots(MainWindow& window, const QString& folder, const QString& servers = {});

} // namespace keepseal::app
