// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/markup.h"

#include <QApplication>
#include <QEvent>
#include <QLabel>
#include <QRegularExpression>
#include <QStaticText>
#include <QTextBrowser>
#include <QTextCursor>
#include <QTextDocument>

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr const char* kMarked = "keepseal-markup";

/// Before a label is first seen.
class PlainLabels : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::Polish)
            if (auto* label = qobject_cast<QLabel*>(watched)) {
                if (!label->property(kMarked).toBool())
                    label->setTextFormat(Qt::PlainText);
                // Else names in Latin letters would stand at the far side of a window that is read from the
                // right.
                if (label->isRightToLeft() && label->alignment().testFlag(Qt::AlignLeft))
                    label->setAlignment((label->alignment() & ~Qt::AlignLeft) | Qt::AlignRight |
                                        Qt::AlignAbsolute);
            }
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

Markup tableOf(const Markup& rows, bool wide) {
    return Markup::of("<table cellspacing='0'%1%2>%3</table>",
                      {wide ? Markup::of(" width='100%'") : Markup(),
                       QGuiApplication::isRightToLeft() ? Markup::of(" align='right'") : Markup(), rows});
}

Markup tableRow(const QList<TableCell>& cells) {
    const bool fromTheRight = QGuiApplication::isRightToLeft();
    Markup out;
    for (const auto& cell : cells) {
        const auto one = Markup::of("<td%1 width='%2' style='vertical-align:top; padding-top:%3px; "
                                    "padding-bottom:%3px; padding-%4:%5px'>%6</td>",
                                    {fromTheRight ? Markup::of(" dir='rtl'") : Markup(), cell.width,
                                     QString::number(cell.above), QString(fromTheRight ? "left" : "right"),
                                     QString::number(cell.gap), Markup::of(inOwnOrder("%1"), {cell.text})});
        out = fromTheRight ? one + out : out + one;
    }
    return Markup::of("<tr>%1</tr>", {out});
}

void Markup::showOn(QLabel& label) const {
    label.setProperty(kMarked, true);
    label.setTextFormat(Qt::RichText);
    label.setText(m_html);
}

void Markup::showOn(QTextBrowser& page) const {
    page.setHtml(m_html);
}

namespace {

/// Rows of tables in Markdown, their last cell first: a document lays out columns from the left whatever
/// stands in them.
QString withColumnsFromTheRight(const QString& text) {
    static const QRegularExpression between("(?<!\\\\)\\|");
    auto lines = text.split('\n');
    for (auto& line : lines) {
        if (!line.startsWith('|'))
            continue;
        auto cells = line.split(between);
        std::reverse(cells.begin(), cells.end());
        line = cells.join('|');
    }
    return lines.join('\n');
}

/// What is typed as it stands keeps its order (marks from the left beside it, UAX #9): a path begins with its
/// slash.
QString withTypedFromTheLeft(QString text) {
    static const QRegularExpression typed("(`[^`\n]+`)");
    return text.replace(typed, QString(QChar(0x200E)) + "\\1" + QChar(0x200E));
}

/// From the right also what begins with the name of a key, and upright: typefaces have no slanted letters of
/// Arabic.
void setFromTheRight(QTextDocument& document) {
    QTextCursor all(&document);
    all.select(QTextCursor::Document);
    QTextCharFormat upright;
    upright.setFontItalic(false);
    all.mergeCharFormat(upright);
    QTextBlockFormat fromTheRight;
    fromTheRight.setLayoutDirection(Qt::RightToLeft);
    all.mergeBlockFormat(fromTheRight);
}

} // namespace

void showOwnPage(QTextBrowser& page, const QString& text) {
    const bool fromTheRight = text.isRightToLeft(); // by its first letter (UAX #9)
    page.setMarkdown(fromTheRight ? withTypedFromTheLeft(withColumnsFromTheRight(text)) : text);
    if (fromTheRight)
        setFromTheRight(*page.document());
}

QStaticText plainLine(const QString& text) {
    QStaticText out(text);
    out.setTextFormat(Qt::PlainText); // else a name with marks in it would be taken for rich text
    return out;
}

QString inOwnOrder(const QString& words) {
    return QGuiApplication::isRightToLeft() ? QChar(0x2068) + words + QChar(0x2069)
                                            : words; // isolated, by their first letter (UAX #9)
}

QString fromTheLeft(const QString& numbers) {
    return QGuiApplication::isRightToLeft() ? QChar(0x2066) + numbers + QChar(0x2069)
                                            : numbers; // isolated (UAX #9)
}

void plainLabels(QApplication& application) {
    application.installEventFilter(new PlainLabels(&application));
}

} // namespace keepseal::app
