// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/markup.h"

#include <QApplication>
#include <QEvent>
#include <QLabel>
#include <QStaticText>
#include <QTextBrowser>

namespace keepseal::app {
namespace {

constexpr const char* kMarked = "keepseal-markup";

/// Before a label is first seen.
class PlainLabels : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::Polish)
            if (auto* label = qobject_cast<QLabel*>(watched); label && !label->property(kMarked).toBool())
                label->setTextFormat(Qt::PlainText);
        return false;
    }
};

} // namespace

Markup::Markup(const std::string& text) : Markup(QString::fromStdString(text)) {}

Markup Markup::of(const QString& ours, const QList<Markup>& parts) {
    Markup out;
    for (qsizetype i = 0; i < ours.size(); ++i) {
        const int part = ours[i] == '%' && i + 1 < ours.size() ? ours[i + 1].digitValue() : -1;
        if (part < 1 || part > parts.size()) {
            out.m_html += ours[i];
            continue;
        }
        out.m_html += parts[part - 1].m_html;
        ++i;
    }
    return out;
}

Markup& Markup::operator+=(const Markup& more) {
    m_html += more.m_html;
    return *this;
}

Markup operator+(Markup first, const Markup& second) {
    return first += second;
}

Markup coloured(const Markup& text, const QString& colour) {
    return Markup::of("<span style='color:%1'>%2</span>", {colour, text});
}

void Markup::showOn(QLabel& label) const {
    label.setProperty(kMarked, true);
    label.setTextFormat(Qt::RichText);
    label.setText(m_html);
}

void Markup::showOn(QTextBrowser& page) const {
    page.setHtml(m_html);
}

void showOwnPage(QTextBrowser& page, const QString& text) {
    page.setMarkdown(text);
}

QStaticText plainLine(const QString& text) {
    QStaticText out(text);
    out.setTextFormat(Qt::PlainText); // else a name with marks in it would be taken for rich text
    return out;
}

void plainLabels(QApplication& application) {
    application.installEventFilter(new PlainLabels(&application));
}

} // namespace keepseal::app
