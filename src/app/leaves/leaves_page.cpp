// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "leaves/leaves_page.h"

#include "base/text.h"
#include "rights/leaves.h"
#include "theme/theme.h"

namespace keepseal::app {
namespace {

Markup asMuch(const std::string& text) {
    return text.size() > 600 ? cutUtf8(text, 600) + "…" : text;
}

Markup inColour(const Markup& text, const QColor& colour) {
    return coloured(text, colour.name());
}

constexpr int kAfterCell = 14, kAroundRow = 3; ///< pixels between columns, and above and below a row

Markup headline(const QString& name, const Markup& verdict, const QColor& colour) {
    return Markup::of("<p style='font-size:15pt; margin:0'>%1</p><p style='margin:2px 0 10px 0'>%2</p>",
                      {name, inColour(verdict, colour)});
}

Markup section(const QString& title, const Markup& rows, const QColor& colour) {
    if (rows.isEmpty())
        return {};
    return Markup::of("<p style='margin:14px 0 2px 0'><b>%1</b></p>%2",
                      {inColour(title, colour), tableOf(rows, true)});
}

Markup leavingRow(const Leaving& row) {
    const Theme& t = theme();
    auto value = asMuch(printable(row.value, row.value.size()));
    if (row.tellsPlace)
        value = inColour(value, t.look);
    if (row.fate == Fate::Written && !row.was.empty())
        value += inColour(Markup::of("<br><s>%1</s>", {asMuch(row.was)}), t.quiet);
    return tableRow({{inColour(asMuch(said(row.name)), t.quiet), kAfterCell, kAroundRow, "42%"},
                     {value, kAfterCell, kAroundRow}});
}

Markup notes(const std::vector<std::string>& texts, const QColor& colour = theme().quiet) {
    Markup out;
    for (const auto& text : texts)
        out += Markup::of("<p style='margin:2px 0'>%1</p>", {inColour(asMuch(text), colour)});
    return out;
}

Markup notSearched(const FileReport& report) {
    std::vector<std::string> sentences;
    for (const auto& part : report.notSearched)
        sentences.push_back(part.said());
    return notes(sentences);
}

/// What its copy tells, as far as it is known before it is made.
Markup copyLine(const PictureInfo& info, const Delivery& delivery, const QStringList& toLookAt) {
    const Theme& t = theme();
    const Markup copy = toQt(delivery.name);
    const bool opened = delivery.privacy.opensLocation() && info.tellsPlace;
    const auto line = [&copy](const QString& ours, const QColor& colour) {
        return Markup::of("<p style='margin:0 0 8px 0'>%1</p>", {inColour(Markup::of(ours, {copy}), colour)});
    };
    return opened               ? line(QObject::tr("Its copy for “%1” tells the place."), t.bad)
           : toLookAt.isEmpty() ? line(QObject::tr("Its copy for “%1” tells no place."), t.good)
                                : line(QObject::tr("Its copy for “%1” needs a look:"), t.look);
}

Markup toldRow(const Finding& finding, bool place) {
    const Theme& t = theme();
    const auto where =
        Markup::of(QObject::tr("%1, byte %2"), {finding.where, QString::number(finding.offset)});
    const auto value = asMuch(finding.value);
    return tableRow({{inColour(finding.name, t.quiet), kAfterCell, kAroundRow, "30%"},
                     {place ? inColour(value, t.look) : value, kAfterCell, kAroundRow},
                     {inColour(where, t.quiet), kAfterCell, kAroundRow, "26%"}});
}

} // namespace

Markup leavesNothingPage(const QString& text) {
    return Markup::of("<p>%1</p>", {inColour(text, theme().quiet)});
}

Markup leavesPage(const PictureInfo& info, const ToldFile& told, const Delivery& delivery,
                  const PictureException& exception) {
    const Theme& t = theme();
    const auto name = toQt(info.path.filename());
    if (info.problem)
        return headline(name, toQt(info.problem->happened), t.bad);
    if (!told.problem.empty()) // it was there when the job was opened
        return headline(name, asMuch(told.problem.said()), t.bad);
    const auto metadata = info.metadata();
    const auto words = wordsOf(info, delivery, exception);
    Markup page =
        headline(name, asMuch(QObject::tr("The original: %1").arg(toQt(verdict(told.report))).toStdString()),
                 told.report.tellsPlace() ? t.look : t.good);
    const auto toLookAt = sentences(wordsToLookAt(info, delivery, exception));
    page += copyLine(info, delivery, toLookAt);
    for (const auto& sentence : toLookAt)
        page += notes({sentence.toStdString()}, t.look);
    Markup rows[3];
    for (const auto& row : whatLeaves(told.report, words.applied, words.copy))
        rows[static_cast<int>(row.fate)] += leavingRow(row);
    page += section(QObject::tr("Written into the copy"), rows[static_cast<int>(Fate::Written)], t.accent);
    page += section(QObject::tr("Stays as it was"), rows[static_cast<int>(Fate::Stays)], t.good);
    page += section(QObject::tr("Removed: not in the copy"), rows[static_cast<int>(Fate::Removed)], t.text);
    if (!metadata->sidecar.empty())
        page +=
            notes({QObject::tr("Read with it: %1").arg(toQt(metadata->sidecar.filename())).toStdString()});
    for (const auto& sentence : sentences(metadata->notes))
        page += notes({sentence.toStdString()});
    return page + notSearched(told.report);
}

Markup toldPageOf(const ToldFile& file) {
    const Theme& t = theme();
    const auto name = toQt(file.path.filename());
    if (!file.problem.empty())
        return headline(name, asMuch(file.problem.said()), t.bad);
    Markup page =
        headline(name, asMuch(verdict(file.report).said()), file.report.tellsPlace() ? t.look : t.good) +
        notes({std::string(nameOf(file.report.container)) + ", " + shownBytes(file.report.bytes)});
    page += notSearched(file.report);
    for (int i = -1; i <= static_cast<int>(Category::Technical); ++i) {
        Markup rows; // places first, whatever they stand in
        for (const auto& finding : file.report.findings)
            if (i < 0 ? finding.tellsPlace
                      : !finding.tellsPlace && finding.category == static_cast<Category>(i))
                rows += toldRow(finding, i < 0);
        const auto title = i < 0 ? QObject::tr("Tells a place") : saidQt(labelOf(static_cast<Category>(i)));
        page += section(title, rows, i < 0 ? t.look : t.text);
    }
    return page;
}

} // namespace keepseal::app
