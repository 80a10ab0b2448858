// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QApplication;

namespace keepseal::app {

/// From now on a wheel over a list, number or slider that has not the focus scrolls what it stands in, and
/// neither changes its value nor gives it the focus.
void wheelScrolls(QApplication& application);

} // namespace keepseal::app
