// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/words_desk.h"

#include <QFileDialog>

namespace keepseal::app {

WordsDesk::WordsDesk(DeskTools tools, Views* views) : m(std::move(tools)), m_views(views) {
    auto& words = m_views->words();
    connect(&words, &WordsView::csvSaveRequested, this, &WordsDesk::saveWords);
    connect(&words, &WordsView::csvOpenRequested, this, &WordsDesk::takeWords);
    auto& leaves = m_views->leaves();
    connect(&leaves, &LeavesView::filesRequested, this, &WordsDesk::lookIntoFiles);
    connect(&leaves, &LeavesView::folderRequested, this, &WordsDesk::lookIntoFolder);
    connect(&leaves, &LeavesView::reportRequested, this, &WordsDesk::saveReport);
}

void WordsDesk::lookIntoFiles() {
    std::vector<std::filesystem::path> paths;
    for (const auto& file : QFileDialog::getOpenFileNames(m.window, tr("What do these files tell?")))
        paths.push_back(toPath(file));
    if (paths.empty())
        return;
    m_views->leaves().lookInto(paths);
    m_views->setView(ViewKind::Leaves);
}

void WordsDesk::lookIntoFolder() {
    const auto folder = QFileDialog::getExistingDirectory(m.window, tr("What do the files in there tell?"));
    if (folder.isEmpty())
        return;
    m_views->leaves().lookInto({toPath(folder)});
    m_views->setView(ViewKind::Leaves);
}

void WordsDesk::saveReport() {
    const auto file =
        QFileDialog::getSaveFileName(m.window, tr("Save a report"), "what-these-files-tell.html",
                                     tr("A page to read (*.html);;JSON (*.json)"));
    if (file.isEmpty())
        return;
    saveText(m, toPath(file), m_views->leaves().report(file.endsWith(".json")));
}

void WordsDesk::saveWords() {
    const auto file =
        QFileDialog::getSaveFileName(m.window, tr("Save the words"), "words.csv", tr("Tables (*.csv)"));
    if (file.isEmpty())
        return;
    saveText(m, toPath(file), [text = m_views->words().csv()] { return text; });
}

void WordsDesk::takeWords() {
    const auto file = QFileDialog::getOpenFileName(m.window, tr("Words from a table"), {},
                                                   tr("Tables (*.csv *.tsv *.txt)"));
    if (file.isEmpty())
        return;
    m.files->run<CsvRows>(
        [file = toPath(file)] { return WordsView::readCsv(file); },
        [this](const CsvRows& table) { m.say(m_views->words().takeCsv(table).mid(0, 8).join("\n")); });
}

} // namespace keepseal::app
