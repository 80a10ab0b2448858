// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The documents that come with the program, as pages to read and to search in. No widgets.
#pragma once

#include <QKeySequence>
#include <QString>

#include <filesystem>
#include <vector>

namespace keepseal::app {

struct HelpPage {
    QString file;  ///< "framing.md"
    QString title; ///< its first heading
    QString text;  ///< as it was written, with its signs; in the language spoken where there is such a page
    QStringList headings; ///< of the English page, of every level
    bool chapter = false; ///< of another page, which leads to it
};

/// Where they lie, beside the assets or in the source tree. Throws Problem(NotFound).
std::filesystem::path helpFolder();
/// All of them, that on using the window first, and chapters last: the page of settings would take seconds to
/// lay out. In another language than English the page of settings is made from their table, and others lie in
/// a folder of the language's name, with the same headings in the same order. Reads files: for the
/// background. Throws Problem.
std::vector<HelpPage> helpPages();

/// What `english`, a heading of the English page, is on the page that is shown. Empty: not there.
QString headingIn(const HelpPage& page, const QString& english);

/// Part of a page: a heading and what stands below it until the next.
struct HelpFound {
    QString file, page, heading; ///< `heading` is empty for what stands above the first
    QString line;                ///< the first line with one of the words
};
/// Parts that hold all of these words, in any case; at most a hundred, those with a word in their heading
/// first.
std::vector<HelpFound> findInHelp(const std::vector<HelpPage>& pages, const QString& words);

struct HelpKey {
    QString keys, words;
};
/// A page of all keys.
HelpPage keysPage(const std::vector<HelpKey>& keys);

} // namespace keepseal::app
