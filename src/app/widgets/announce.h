// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is told by itself to somebody who does not see the screen: the end of a run, a problem, a result.
#pragma once

#include <QString>

class QWidget;

namespace keepseal::app {

/// Tells it over the accessibility bus of the desktop, in the name of `from`, when nothing else is being
/// said. Nothing where nobody listens; says no text twice in a row unless something else was said between.
void announce(QWidget* from, const QString& text);

} // namespace keepseal::app
