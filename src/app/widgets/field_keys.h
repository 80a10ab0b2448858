// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Keys belong to the field that has the focus: while somebody types or chooses cells, keys that edit text or
// cells do that, and no action of the window.
#pragma once

class QApplication;
class QObject;

namespace keepseal::app {

/// Whether somebody types into it; null: no.
bool isField(const QObject* object);
/// Once, for the whole application.
void keepKeysInFields(QApplication& app);

} // namespace keepseal::app
