// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rich text, and the only way to it: what we wrote holds marks, what anybody else wrote is text. Labels,
// tooltips and notices are plain wherever they come from; see plainLabels().
#pragma once

#include <QList>
#include <QString>

class QApplication;
class QLabel;
class QStaticText;
class QTextBrowser;

namespace keepseal::app {

class Markup {
public:
    Markup() = default;
    /// The text itself: every mark in it is escaped.
    Markup(const QString& text) : m_html(text.toHtmlEscaped()) {} // NOLINT: meant to be taken for text
    Markup(const std::string& text);                              // NOLINT
    /// `ours`: marks from our own source, with %1, %2, ... for the parts.
    static Markup of(const QString& ours, const QList<Markup>& parts = {});

    Markup& operator+=(const Markup& more);
    bool isEmpty() const { return m_html.isEmpty(); }
    const QString& html() const { return m_html; }

    void showOn(QLabel& label) const;
    void showOn(QTextBrowser& page) const;

private:
    QString m_html;
};

Markup operator+(Markup first, const Markup& second);
/// In a colour, by its name.
Markup coloured(const Markup& text, const QString& colour);

/// Rows of a table, and a row's cells as they are read: Qt lays columns out from the left whatever the
/// language.
Markup tableOf(const Markup& rows, bool wide = false);
struct TableCell {
    Markup text;
    int gap = 0;     ///< pixels to the next
    int above = 0;   ///< and below
    QString width{}; ///< "42%"; empty: as its words need it
};
Markup tableRow(const QList<TableCell>& cells);

/// A page that came with the program, in Markdown: nobody else's words are in it.
void showOwnPage(QTextBrowser& page, const QString& text);

/// A line of anybody's words that is laid out once and painted often.
QStaticText plainLine(const QString& text);

/// From now on every label, those of tooltips and message boxes included, shows plain text, whatever stands
/// in it, except where a Markup is shown on it.
void plainLabels(QApplication& application);
/// Words in their own order, whatever stands around them: paths and names in windows read from the right.
QString inOwnOrder(const QString& words);
/// Width × height and the like, which are read from the left in windows that are read from the right, too.
QString fromTheLeft(const QString& numbers);

} // namespace keepseal::app
