// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The order in which Tab goes through a window: as its parts lie in each other, not as they happened to be
// made.
#pragma once

#include <QWidget>

namespace keepseal::app {

/// After (or before) `from` among what Tab reaches below `root`; round at the end. nullptr: there is nothing.
QWidget* nextInTabOrder(QWidget* root, QWidget* from, bool forward);

} // namespace keepseal::app
