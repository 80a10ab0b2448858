// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The look: colours by their role, type, spacing; dark and light. Reasons are in docs/design.md.
#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>

class QApplication;

namespace keepseal::app {

enum class ThemeKind { Dark, Light };
enum class Surround { Dark, Middle, Light }; ///< the neutral grey around pictures

/// Colours by role. Greys have no hue: people judge tone beside them.
struct Theme {
    ThemeKind kind = ThemeKind::Dark;
    QColor window, panel, raised, line; ///< surfaces from back to front, hairlines
    QColor text, quiet;                 ///< quiet text keeps a contrast of at least 4.5 on panel
    QColor accent, onAccent;            ///< the one colour of what is chosen or will be done
    QColor good, look, bad;             ///< done, worth a look, a problem
    QColor surround(Surround tone) const;
    QColor onSurround(Surround tone) const;
};

const Theme& theme();
Surround surround();
/// Applies to the whole application and is remembered by the caller.
void setTheme(QApplication& app, ThemeKind kind, Surround tone);
/// Loads the shipped interface typeface; once, before the first window.
void loadTypeface();

/// Spacing scale, in device-independent pixels.
inline constexpr int kGap1 = 4, kGap2 = 8, kGap3 = 12, kGap4 = 16, kGap5 = 24;

QFont bodyFont();
QFont smallFont(); ///< 9 pt: the smallest there is
QFont titleFont();
QFont strongFont();

/// An icon of the shipped set in the colour of a role.
QIcon icon(const QString& name, const QColor& colour);
QPixmap iconPixmap(const QString& name, const QColor& colour, int size, qreal ratio);
QPixmap sealPixmap(int size, qreal ratio); ///< the application's own mark

} // namespace keepseal::app
