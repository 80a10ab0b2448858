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
/// High: as the desktop's settings ask for, or the person.
enum class Contrast { Usual, High };
enum class Surround { Dark, Middle, Light }; ///< the neutral grey around pictures

/// What a sign or a text says by its colour.
enum class Tint { Text, Quiet, Accent, OnAccent, Good, Look, Bad };

/// Colours by role. Greys have no hue: people judge tone beside them.
struct Theme {
    ThemeKind kind = ThemeKind::Dark;
    QColor window, panel, raised, line; ///< surfaces from back to front, hairlines
    QColor text, quiet;                 ///< quiet text keeps a contrast of at least 4.5 on panel
    QColor accent, onAccent;            ///< the one colour of what is chosen or will be done
    QColor good, look, bad;             ///< done, worth a look, a problem
    QColor surround(Surround tone) const;
    QColor onSurround(Surround tone) const;
    QColor ring(Surround tone) const; ///< around what is chosen, on the grey around pictures
    QColor of(Tint tint) const;
    bool operator==(const Theme&) const = default;
};

const Theme& theme();
/// One that is not in use, for those who compare.
Theme themeOf(ThemeKind kind, Contrast contrast = Contrast::Usual);
Contrast contrast();
/// Of the next setTheme().
void setContrast(Contrast contrast);
Surround surround();
Surround nextSurround(); ///< after the one that is shown
/// Applies to the whole application and is remembered by the caller.
void setTheme(QApplication& app, ThemeKind kind, Surround tone);
/// Loads the shipped interface typeface; once, before the first window.
void loadTypeface();

/// Spacing scale, in device-independent pixels.
inline constexpr int kGap1 = 4, kGap2 = 8, kGap3 = 12, kGap4 = 16, kGap5 = 24;

QFont bodyFont();
QFont smallFont();
/// A length in pixels that was measured with text of the usual size, for the size that the person has chosen.
int withText(int pixels); ///< 9 pt: the smallest there is
QFont titleFont();
QFont strongFont();

/// An icon of the shipped set. It is drawn when it is painted, in the theme of that moment.
QIcon icon(const QString& name, Tint tint = Tint::Text);
QPixmap iconPixmap(const QString& name, const QColor& colour, int size, qreal ratio);
QPixmap sealPixmap(int size, qreal ratio); ///< the application's own mark

} // namespace keepseal::app
