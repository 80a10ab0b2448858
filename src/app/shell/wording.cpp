// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does with rights sheets, the table of words and the page that says what leaves.
#include "shell/main_window.h"

#include "base/files.h"
#include "document/untouchable.h"
#include "rights/sheet_xmp.h"

#include <QFileDialog>
#include <QInputDialog>
#include <QMenu>

namespace keepseal::app {

void MainWindow::connectWording() {
    connect(m_drawer, &Drawer::sheetsShown, this, &MainWindow::fillSheetsMenu);
    connect(m_drawer, &Drawer::leavesRequested, this, [this] { setView(ViewKind::Leaves); });
    connect(m_drawer, &Drawer::stationRequested, m_chain, &ChainView::setChosen);
    connect(m_words, &WordsView::pictureChosen, m_wall, &ProofWall::setCurrent);
    connect(m_words, &WordsView::csvSaveRequested, this, &MainWindow::saveWords);
    connect(m_words, &WordsView::csvOpenRequested, this, &MainWindow::takeWords);
    connect(m_leaves, &LeavesView::pictureChosen, m_wall, &ProofWall::setCurrent);
    connect(m_leaves, &LeavesView::filesRequested, this, &MainWindow::lookIntoFiles);
    connect(m_leaves, &LeavesView::folderRequested, this, &MainWindow::lookIntoFolder);
    connect(m_leaves, &LeavesView::reportRequested, this, &MainWindow::saveReport);
    connect(m_leaves->backButton(), &QPushButton::clicked, this, &MainWindow::updateViews);
}

/// Filled when it is about to be seen, with what was last read.
void MainWindow::fillSheetsMenu() {
    auto* button = m_drawer->rightsEditor()->sheetsButton();
    auto* menu = new QMenu(button);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        for (const auto& saved : m_libraries.shelves().sheets) {
            auto* taken = menu->addAction(toQt(saved.design.name), this, [this, sheet = saved.design] {
                m_document.setRights(sheet, tr("taking the sheet %1").arg(toQt(sheet.name)));
            });
            taken->setToolTip(toQt(saved.notes));
        }
        menu->setToolTipsVisible(true);
        menu->addSeparator();
        menu->addAction(tr("Keep this sheet as…"), this, &MainWindow::keepSheet);
        auto* away = menu->addMenu(tr("Set aside"));
        for (const auto& saved : m_libraries.shelves().sheets)
            if (!saved.shipped)
                away->addAction(
                    toQt(saved.design.name), this, [this, key = saved.key, name = saved.design.name] {
                        changeLibrary([key](const LibraryFolders& in) { in.sheets.remove(key); },
                                      [this, name] {
                                          tell(
                                              tr("“%1” was set aside; it lies in removed/.").arg(toQt(name)));
                                      });
                    });
        away->setEnabled(!away->isEmpty());
        menu->addSeparator();
        menu->addAction(tr("Read an XMP file…"), this, &MainWindow::openXmp);
        menu->addAction(tr("Write an XMP file…"), this, &MainWindow::saveXmp);
    });
    button->setMenu(menu);
}

void MainWindow::keepSheet() {
    bool ok = false;
    SavedSheet saved;
    saved.design = m_document.currentDelivery().rights;
    const auto name = QInputDialog::getText(this, tr("Keep the rights sheet"), tr("Name"), QLineEdit::Normal,
                                            toQt(saved.design.name), &ok)
                          .trimmed();
    if (!ok || name.isEmpty())
        return;
    saved.design.name = name.left(100).toStdString();
    changeLibrary([saved](const LibraryFolders& in) { in.sheets.save(saved); },
                  [this, saved, name] {
                      m_document.setRights(saved.design, tr("naming the sheet"));
                      tell(tr("“%1” is in the library.").arg(name));
                  });
}

void MainWindow::openXmp() {
    const auto file =
        QFileDialog::getOpenFileName(this, tr("Read a rights sheet"), {}, tr("XMP files (*.xmp)"));
    if (file.isEmpty())
        return;
    m_files.run<RightsSheet>(
        [file = toPath(file)] { return sheetFromXmp(file); },
        [this](const RightsSheet& sheet) { m_document.setRights(sheet, tr("a sheet from an XMP file")); });
}

void MainWindow::saveXmp() {
    const auto file = QFileDialog::getSaveFileName(this, tr("Write the rights sheet"), "rights.xmp",
                                                   tr("XMP files (*.xmp)"));
    if (file.isEmpty())
        return;
    saveText(toPath(file), [sheet = m_document.currentDelivery().rights] { return sheetToXmp(sheet); });
}

void MainWindow::saveText(const std::filesystem::path& file, const std::function<std::string()>& text) {
    m_files.run([file, text,
                 originals = m_document.paths()] { writeNamedFile(file, text(), untouchable(originals)); },
                [this, file] { tell(tr("Saved in %1.").arg(toQt(file))); });
}

void MainWindow::lookIntoFiles() {
    std::vector<std::filesystem::path> paths;
    for (const auto& file : QFileDialog::getOpenFileNames(this, tr("What do these files tell?")))
        paths.push_back(toPath(file));
    if (paths.empty())
        return;
    m_leaves->lookInto(paths);
    setView(ViewKind::Leaves);
}

void MainWindow::lookIntoFolder() {
    const auto folder = QFileDialog::getExistingDirectory(this, tr("What do the files in there tell?"));
    if (folder.isEmpty())
        return;
    m_leaves->lookInto({toPath(folder)});
    setView(ViewKind::Leaves);
}

void MainWindow::saveReport() {
    const auto file = QFileDialog::getSaveFileName(this, tr("Save a report"), "what-these-files-tell.html",
                                                   tr("A page to read (*.html);;JSON (*.json)"));
    if (file.isEmpty())
        return;
    saveText(toPath(file), m_leaves->report(file.endsWith(".json")));
}

void MainWindow::saveWords() {
    const auto file =
        QFileDialog::getSaveFileName(this, tr("Save the words"), "words.csv", tr("Tables (*.csv)"));
    if (file.isEmpty())
        return;
    saveText(toPath(file), [text = m_words->csv()] { return text; });
}

void MainWindow::takeWords() {
    const auto file =
        QFileDialog::getOpenFileName(this, tr("Words from a table"), {}, tr("Tables (*.csv *.tsv *.txt)"));
    if (file.isEmpty())
        return;
    m_files.run<CsvRows>(
        [file = toPath(file)] { return WordsView::readCsv(file); },
        [this](const CsvRows& table) { showNotice(m_words->takeCsv(table).mid(0, 8).join("\n")); });
}

} // namespace keepseal::app
