// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "leaves/leaves_page.h"

#include "base/text.h"
#include "rights/leaves.h"
#include "theme/theme.h"

namespace keepseal::app {
namespace {

QString escaped(const std::string& text) {
    return toQt(text.size() > 600 ? cutUtf8(text, 600) + "…" : text).toHtmlEscaped();
}

QString coloured(const QString& html, const QColor& colour) {
    return QString("<span style='color:%1'>%2</span>").arg(colour.name(), html);
}

QString headline(const QString& name, const QString& verdict, const QColor& colour) {
    return QString("<p style='font-size:15pt; margin:0'>%1</p><p style='margin:2px 0 10px 0'>%2</p>")
        .arg(name.toHtmlEscaped(), coloured(verdict, colour));
}

QString cell(const QString& html, const QString& width = {}) {
    return QString("<td style='padding:3px 14px 3px 0; vertical-align:top' %1>%2</td>")
        .arg(width.isEmpty() ? QString() : "width='" + width + "'", html);
}

QString section(const QString& title, const QString& rows, const QColor& colour) {
    if (rows.isEmpty())
        return {};
    return QString(
               "<p style='margin:14px 0 2px 0'><b>%1</b></p><table width='100%' cellspacing='0'>%2</table>")
        .arg(coloured(title, colour), rows);
}

QString leavingRow(const Leaving& row) {
    const Theme& t = theme();
    auto value = escaped(printable(row.value, row.value.size()));
    if (row.tellsPlace)
        value = coloured(value, t.look);
    if (row.fate == Fate::Written && !row.was.empty())
        value += "<br>" + coloured("<s>" + escaped(row.was) + "</s>", t.quiet);
    return "<tr>" + cell(coloured(escaped(row.name), t.quiet), "42%") + cell(value) + "</tr>";
}

QString notes(const std::vector<std::string>& texts, const QColor& colour = theme().quiet) {
    QString out;
    for (const auto& text : texts)
        out += "<p style='margin:2px 0'>" + coloured(escaped(text), colour) + "</p>";
    return out;
}

} // namespace

QString leavesNothingHtml(const QString& text) {
    return "<p>" + coloured(text.toHtmlEscaped(), theme().quiet) + "</p>";
}

QString leavesHtml(const PictureInfo& info, const Delivery& delivery, const PictureException& exception) {
    const Theme& t = theme();
    const auto name = toQt(info.path.filename());
    if (info.problem)
        return headline(name, toQt(info.problem->happened).toHtmlEscaped(), t.bad);
    const auto words = wordsOf(info, delivery, exception);
    QString html = headline(name, escaped("The original: " + verdict(info.report)),
                            info.report.tellsPlace() ? t.look : t.good);
    const auto toLookAt = sentences(wordsToLookAt(info, delivery, exception));
    const auto copy = toQt(delivery.name).toHtmlEscaped();
    const bool opened = delivery.privacy.opensLocation() && info.report.tellsPlace();
    html += QString("<p style='margin:0 0 8px 0'>%1</p>")
                .arg(opened ? coloured(QObject::tr("Its copy for “%1” tells the place.").arg(copy), t.bad)
                     : toLookAt.isEmpty()
                         ? coloured(QObject::tr("Its copy for “%1” tells no place.").arg(copy), t.good)
                         : coloured(QObject::tr("Its copy for “%1” needs a look:").arg(copy), t.look));
    for (const auto& sentence : toLookAt)
        html += notes({sentence.toStdString()}, t.look);
    QString rows[3];
    for (const auto& row : whatLeaves(info.report, words.applied, words.copy))
        rows[static_cast<int>(row.fate)] += leavingRow(row);
    html += section(QObject::tr("Written into the copy"), rows[static_cast<int>(Fate::Written)], t.accent);
    html += section(QObject::tr("Stays as it was"), rows[static_cast<int>(Fate::Stays)], t.good);
    html += section(QObject::tr("Removed: not in the copy"), rows[static_cast<int>(Fate::Removed)], t.text);
    if (!info.metadata.sidecar.empty())
        html += notes({"Read with it: " + info.metadata.sidecar.filename().string()});
    for (const auto& sentence : sentences(info.metadata.notes))
        html += notes({sentence.toStdString()});
    return html + notes(info.report.notSearched);
}

QString toldHtml(const ToldFile& file) {
    const Theme& t = theme();
    const auto name = toQt(file.path.filename());
    if (!file.problem.empty())
        return headline(name, escaped(file.problem), t.bad);
    QString html = headline(name, escaped(verdict(file.report)), file.report.tellsPlace() ? t.look : t.good) +
                   notes({std::string(nameOf(file.report.container)) + ", " + byteText(file.report.bytes)});
    html += notes(file.report.notSearched);
    for (int i = -1; i <= static_cast<int>(Category::Technical); ++i) {
        QString rows; // places first, whatever they stand in
        for (const auto& finding : file.report.findings) {
            const bool here = i < 0 ? finding.tellsPlace
                                    : !finding.tellsPlace && finding.category == static_cast<Category>(i);
            if (here)
                rows +=
                    "<tr>" + cell(coloured(escaped(finding.name), t.quiet), "30%") +
                    cell(i < 0 ? coloured(escaped(finding.value), t.look) : escaped(finding.value)) +
                    cell(coloured(QObject::tr("%1, byte %2").arg(escaped(finding.where)).arg(finding.offset),
                                  t.quiet),
                         "26%") +
                    "</tr>";
        }
        const auto title =
            i < 0 ? QObject::tr("Tells a place") : toQt(std::string(labelOf(static_cast<Category>(i))));
        html += section(title, rows, i < 0 ? t.look : t.text);
    }
    return html;
}

} // namespace keepseal::app
