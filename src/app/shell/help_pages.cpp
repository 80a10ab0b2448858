// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/help_pages.h"

#include "base/assets.h"
#include "base/language.h"
#include "base/problem.h"
#include "delivery/json.h"
#include "document/job_document.h"
#include "picture/original.h"

#include <QRegularExpression>

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr const char *kFirstPage = "using.md", *kSettingsPage = "settings.md";
constexpr std::size_t kMostFound = 100;

/// Of every level, in their order.
QStringList headingsOf(const QString& text) {
    QStringList out;
    const auto lines = text.split('\n');
    for (const auto& line : lines)
        if (line.startsWith('#'))
            out << QString(line).remove(QRegularExpression("^#+")).trimmed();
    return out;
}

QString readPage(const std::filesystem::path& path) {
    const Original file(path);
    const auto bytes = file.bytes(0, file.size());
    return QString::fromUtf8(reinterpret_cast<const char*>(bytes.data()),
                             static_cast<qsizetype>(bytes.size()));
}

/// In the language spoken where there is such a page: that of the settings is made from their table, others
/// lie in a folder of that name. Empty: there is none.
QString inOwnLanguage(const std::filesystem::path& english) {
    if (speaksEnglish())
        return {};
    if (english.filename() == kSettingsPage)
        return QString::fromStdString(settingsReference());
    const auto own = english.parent_path() / spokenLanguage() / english.filename();
    std::error_code error;
    return std::filesystem::exists(own, error) ? readPage(own) : QString();
}

/// Without those signs, for one line of a list.
QString plainLine(QString line) {
    for (const auto* sign : {"**", "`", "| ", "*"})
        line.remove(QLatin1String(sign));
    line = line.trimmed();
    return line.size() > 160 ? line.left(157) + "…" : line;
}

bool holdsAny(const QString& line, const QStringList& words) {
    return std::any_of(words.begin(), words.end(),
                       [&](const QString& word) { return line.contains(word, Qt::CaseInsensitive); });
}

/// The page is left with what stands above its chapters, and a list of them.
std::vector<HelpPage> chaptersOf(HelpPage& page) {
    std::vector<HelpPage> out;
    const auto parts = page.text.split("\n## ");
    const auto stem = page.file.chopped(3);
    page.text = parts[0];
    for (qsizetype i = 1; i < parts.size(); ++i) {
        HelpPage chapter;
        chapter.file = QString("%1-%2.md").arg(stem).arg(i);
        chapter.text = "# " + parts[i];
        chapter.headings = headingsOf(chapter.text);
        chapter.title = chapter.headings.value(0);
        chapter.text += QString("\n[%1](%2)\n").arg(page.title, page.file);
        chapter.chapter = true;
        page.text += QString("\n- [%1](%2)").arg(chapter.title, chapter.file);
        out.push_back(std::move(chapter));
    }
    return out;
}

void findInPage(const HelpPage& page, const QStringList& words, std::vector<HelpFound>& out) {
    HelpFound part{page.file, page.title, {}, {}};
    QString text;
    const auto close = [&] {
        const bool all = std::all_of(words.begin(), words.end(), [&](const QString& word) {
            return text.contains(word, Qt::CaseInsensitive);
        });
        if (all)
            out.push_back(part);
    };
    const auto lines = page.text.split('\n');
    for (const auto& line : lines) {
        if (line.startsWith("## ")) {
            close();
            part = {page.file, page.title, line.mid(3).trimmed(), {}};
            text.clear();
        }
        text += line + '\n';
        if (part.line.isEmpty() && !line.startsWith('#') && holdsAny(line, words))
            part.line = plainLine(line);
    }
    close();
}

} // namespace

std::filesystem::path helpFolder() {
    const auto assets = assetsFolder();
    for (const auto& folder : {assets / "docs", assets.parent_path() / "docs"})
        if (std::error_code error; std::filesystem::exists(folder / kFirstPage, error))
            return folder;
    throw Problem(ProblemKind::NotFound, (assets / "docs").string(), "the pages of help are not there",
                  "Install Keep Seal again");
}

std::vector<HelpPage> helpPages() {
    std::vector<HelpPage> out;
    for (const auto& entry : std::filesystem::directory_iterator(helpFolder())) {
        if (entry.path().extension() != ".md")
            continue;
        HelpPage page;
        page.file = toQt(entry.path().filename());
        page.text = readPage(entry.path());
        page.headings = headingsOf(page.text);
        if (const auto own = inOwnLanguage(entry.path()); !own.isEmpty())
            page.text = own;
        page.title = headingsOf(page.text).value(0);
        out.push_back(std::move(page));
    }
    std::sort(out.begin(), out.end(), [](const HelpPage& a, const HelpPage& b) {
        const bool first = a.file == kFirstPage, second = b.file == kFirstPage;
        return first != second ? first : a.title < b.title;
    });
    const auto settings =
        std::find_if(out.begin(), out.end(), [](const HelpPage& page) { return page.file == kSettingsPage; });
    if (settings != out.end())
        for (auto& chapter : chaptersOf(*settings))
            out.push_back(std::move(chapter)); // `settings` is not looked at again
    return out;
}

QString headingIn(const HelpPage& page, const QString& english) {
    const auto own = headingsOf(page.text);
    return own.size() == page.headings.size() ? own.value(page.headings.indexOf(english)) : english;
}

std::vector<HelpFound> findInHelp(const std::vector<HelpPage>& pages, const QString& words) {
    const auto wanted = words.split(' ', Qt::SkipEmptyParts);
    std::vector<HelpFound> out;
    if (wanted.isEmpty())
        return out;
    for (const auto& page : pages)
        findInPage(page, wanted, out);
    std::stable_partition(out.begin(), out.end(),
                          [&](const HelpFound& found) { return holdsAny(found.heading, wanted); });
    out.resize(std::min(out.size(), kMostFound));
    return out;
}

HelpPage keysPage(const std::vector<HelpKey>& keys) {
    HelpPage out{"keys", QObject::tr("Every key"), {}, {}, false};
    out.text = "# " + out.title + "\n\n| " + QObject::tr("Keys") + " | " + QObject::tr("What they do") +
               " |\n| --- | --- |\n";
    for (const auto& key : keys)
        out.text += "| " + QString(key.keys).replace('|', "\\|") + " | " +
                    QString(key.words).replace('|', "\\|") + " |\n";
    return out;
}

} // namespace keepseal::app
