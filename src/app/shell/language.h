// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The language of the window: the person's choice, else the desktop's, else English.
#pragma once

#include <QApplication>

namespace keepseal::app {

/// Where the window remembers its size, its look and its language.
QString windowFile();

/// Before the first widget: words, numbers and the direction of reading.
void useLanguage(QApplication& app);
void useLanguage(QApplication& app, const QString& wished);

} // namespace keepseal::app
