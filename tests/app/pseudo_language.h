// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A language that nobody speaks: every text that can be translated stands in brackets, accented and a third
// longer. What is then read without brackets can't be translated, and what is cut would be in German as well.
#pragma once

#include <QApplication>
#include <QString>

namespace keepseal::test {

/// Before the first widget, and before the first table of settings is asked for.
void speakPseudo(QApplication& app);
/// What stands outside of all brackets.
QString outsideOfBrackets(const QString& text);

} // namespace keepseal::test
