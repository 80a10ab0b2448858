// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "pseudo_language.h"

#include "base/language.h"

#include <QRegularExpression>
#include <QTranslator>

#include <map>

namespace keepseal::test {
namespace {

constexpr char16_t kOpen = u'⟦', kClose = u'⟧';

/// Placeholders, tags and entities stay as they are.
QString changed(const QString& english) {
    static const std::map<QChar, QChar> accents = {
        {'a', u'á'}, {'e', u'ë'}, {'i', u'í'}, {'o', u'ö'}, {'u', u'û'}};
    QString out;
    int letters = 0, depth = 0;
    for (const QChar c : english) {
        depth += c == '{' || c == '<';
        const auto accent = accents.find(c);
        out += depth == 0 && accent != accents.end() ? accent->second : c;
        letters += depth == 0 && c.isLetter();
        depth -= (c == '}' || c == '>') && depth > 0;
    }
    // Filters of file dialogs are parted by what they hold.
    if (english.contains("(*."))
        return english;
    const auto lead = out.size() - QString(out).remove(QRegularExpression("^\\s+")).size();
    return out.left(lead) + kOpen + out.mid(lead) + QString(" ~~~~~").repeated(letters / 15) +
           QString(letters / 3 % 5, u'~') + kClose;
}

class PseudoTranslator : public QTranslator {
public:
    using QTranslator::QTranslator;
    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char*, int) const override {
        return QString(context).startsWith('Q') && QString(context) != "QObject" ? QString()
                                                                                 : changed(source);
    }
};

class PseudoCatalogue : public Catalogue {
public:
    std::string find(const char* english, long) const override { return changed(english).toStdString(); }
    std::string decimalMark() const override { return "."; }
    std::string tag() const override { return "qps"; }
    bool readFromTheRight() const override { return false; }
};

} // namespace

void speakPseudo(QApplication& app) {
    QApplication::installTranslator(new PseudoTranslator(&app));
    speak(std::make_unique<PseudoCatalogue>());
}

QString outsideOfBrackets(const QString& text) {
    QString out;
    int depth = 0;
    for (const QChar c : text) {
        depth += c == kOpen;
        if (depth == 0)
            out += c;
        depth -= c == kClose && depth > 0;
    }
    return out;
}

} // namespace keepseal::test
