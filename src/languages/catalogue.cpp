// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "languages/catalogue.h"

#include <QResource>

static void takeTranslations() {
    Q_INIT_RESOURCE(translations); // a static library's are left out unless they are asked for
}

namespace keepseal::languages {
namespace {

class QtCatalogue : public Catalogue {
public:
    explicit QtCatalogue(const QString& key) : m_key(key), m_locale(localeOf(key)) {
        m_there = load(m_words, key);
    }
    bool isThere() const { return m_there; }

    std::string find(const char* english, long count) const override {
        return m_words.translate("core", english, nullptr, static_cast<int>(count)).toStdString();
    }
    std::string decimalMark() const override { return m_locale.decimalPoint().toStdString(); }
    std::string tag() const override { return m_key.toStdString(); }
    bool readFromTheRight() const override { return m_locale.textDirection() == Qt::RightToLeft; }

private:
    QString m_key;
    QLocale m_locale;
    QTranslator m_words;
    bool m_there = false;
};

} // namespace

QString chosen(const QString& wished) {
    const auto own = keyOfTag(wished.toStdString());
    return QString::fromStdString(own.empty() ? keyOfEnvironment() : own);
}

QLocale localeOf(const QString& key) {
    // The digits that stand beside them in names, sizes and settings, and no thousands marks, as everywhere
    // here.
    QLocale out(key == "ar" ? QString("ar_AE") : key);
    out.setNumberOptions(QLocale::OmitGroupSeparator);
    return out;
}

bool load(QTranslator& translator, const QString& key) {
    takeTranslations();
    return key != "en" && translator.load(":/translations/keep-seal_" + key + ".qm");
}

std::unique_ptr<const Catalogue> catalogue(const QString& key) {
    auto out = std::make_unique<QtCatalogue>(key);
    return out->isThere() ? std::move(out) : nullptr;
}

} // namespace keepseal::languages
