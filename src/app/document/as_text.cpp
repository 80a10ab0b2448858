// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/as_text.h"

#include <QFile>
#include <QLocale>

namespace keepseal::app {

QString toQt(const std::string& utf8) {
    return QString::fromStdString(utf8);
}
QString toQt(const Saying& words) {
    return toQt(words.said());
}
QString saidQt(const std::string& english) {
    return toQt(said(english));
}
QString saidQt(std::size_t count, const char* one, const char* many) {
    return toQt(saidOf(count, one, many));
}
QString toQt(const std::filesystem::path& path) {
    return QFile::decodeName(QByteArray::fromStdString(path.string()));
}
std::filesystem::path toPath(const QString& text) {
    return QFile::encodeName(text).toStdString();
}
QString numberQt(double value, int decimals) {
    return (speaksEnglish() ? QLocale::c() : QLocale()).toString(value, 'f', decimals);
}

} // namespace keepseal::app
