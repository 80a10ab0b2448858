// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The translations that are shipped (translations/*.ts, compiled into the program), for window and command
// line.
#pragma once

#include "base/language.h"

#include <QList>
#include <QLocale>
#include <QTranslator>

namespace keepseal::languages {

struct Known {
    QString key;  ///< BCP 47: "de"
    QString name; ///< in that language
};
/// English first.
const QList<Known>& known();

/// `wished` if it is one of them; else the first of the system's that is; else "en".
QString chosen(const QString& wished);

/// How numbers and dates are written in it.
QLocale localeOf(const QString& key);

/// The window's words of that language, for QCoreApplication::installTranslator(); false: there are none.
bool load(QTranslator& translator, const QString& key);
/// Core's words; nothing for English, or for a language that is not known.
std::unique_ptr<const Catalogue> catalogue(const QString& key);

} // namespace keepseal::languages
