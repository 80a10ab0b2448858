// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of the tour that shows rights, privacy, the table of words and what leaves.
#pragma once

#include "shell/main_window.h"

#include <QDir>

namespace keepseal::app {

/// The picture of that name without its ending; the first where there is none.
OriginalId called(MainWindow& window, const char* stem);

/// Leaves the window as it found it. `save` stores one picture of the window under a name.
bool wordsPictures(MainWindow& window, const std::function<bool(QWidget&, const QString&)>& save);

} // namespace keepseal::app
