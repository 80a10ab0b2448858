// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/language.h"

#include "document/job_document.h"
#include "languages/catalogue.h"

#include "base/files.h"

#include <QLibraryInfo>
#include <QSettings>

namespace keepseal::app {
namespace {

/// Qt's own words (Save, Cancel, the names of keys), where Debian's package of them is there.
void installQtWords(QApplication& app, const QString& key) {
    auto* words = new QTranslator(&app);
    if (words->load("qtbase_" + key, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QApplication::installTranslator(words);
    else
        delete words;
}

} // namespace

QString windowFile() {
    return toQt(configFolder() / "window.ini");
}

void useLanguage(QApplication& app) {
    useLanguage(app, QSettings(windowFile(), QSettings::IniFormat).value("language").toString());
}

void useLanguage(QApplication& app, const QString& wished) {
    const auto key = languages::chosen(wished);
    if (key == "en")
        return;
    const auto locale = languages::localeOf(key);
    QLocale::setDefault(locale);
    installQtWords(app, key);
    auto* words = new QTranslator(&app);
    if (languages::load(*words, key))
        QApplication::installTranslator(words);
    speak(languages::catalogue(key));
    QApplication::setLayoutDirection(locale.textDirection());
}

} // namespace keepseal::app
