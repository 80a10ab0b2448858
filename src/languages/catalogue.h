// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The translations that are shipped (translations/*.ts, compiled into the program), for window and command
// line.
#pragma once

#include "base/language.h"
#include "languages/wished.h"

#include <QLocale>
#include <QTranslator>

namespace keepseal::languages {

/// `wished` if it is one of kKnown; else what the environment asks for.
QString chosen(const QString& wished);

/// How numbers and dates are written in it.
QLocale localeOf(const QString& key);

/// The window's words of that language, for QCoreApplication::installTranslator(); false: there are none.
bool load(QTranslator& translator, const QString& key);
/// Core's words; nothing for English, or for a language that is not known.
std::unique_ptr<const Catalogue> catalogue(const QString& key);

} // namespace keepseal::languages
