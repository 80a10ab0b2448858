// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does with whole jobs: opened and saved, brought back after a crash, originals found again,
// sorted and filtered.
#include "shell/main_window.h"

#include "base/text.h"
#include "document/untouchable.h"
#include "run/journal.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCollator>
#include <QFileDialog>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QUrl>

namespace keepseal::app {

void MainWindow::makeJobActions(QMenu* menu) {
    menu->addAction(action(
        tr("New job"), QKeySequence::New, [this] { newJob(); }, "file-plus"));
    menu->addAction(action(tr("Open a job…"), {}, [this] {
        const auto file = QFileDialog::getOpenFileName(this, tr("Open a job"), {}, tr("Jobs (*.json)"));
        if (!file.isEmpty())
            openJob(toPath(file));
    }));
    menu->addAction(action(tr("Save the job as…"), {}, [this] {
        const auto suggested = m_jobFile.empty() ? QString("job.json") : toQt(m_jobFile);
        const auto file =
            QFileDialog::getSaveFileName(this, tr("Save the job"), suggested, tr("Jobs (*.json)"));
        if (!file.isEmpty())
            saveJobTo(toPath(file));
    }));
    menu->addAction(action(
        tr("Find missing pictures again…"), {}, [this] { askToFindMissing(); }, "search"));
    menu->addAction(action(tr("Paste pictures"), QKeySequence::Paste, [this] { pasteFiles(); }));
    menu->addAction(action(
        tr("Show some of the pictures…"), QKeySequence::Find,
        [this] {
            setView(ViewKind::Wall);
            m_filterBar->show();
            m_filterBar->words()->setFocus();
        },
        "search"));
    makeSortActions(menu->addMenu(tr("Sort the pictures")));
    menu->addAction(action(
        tr("Leave out of runs"), QKeySequence("Ctrl+Backspace"), [this] { leaveOut(true); }, "eye-off"));
    menu->addAction(action(
        tr("Take into runs again"), QKeySequence("Ctrl+Shift+Backspace"), [this] { leaveOut(false); },
        "eye"));
}

void MainWindow::leaveOut(bool out) {
    m_document.editPictures(m_wall->selected(), out ? tr("leaving out") : tr("taking in again"),
                            [out](PictureException& exception) { exception.leftOut = out; });
}

void MainWindow::makeSortActions(QMenu* menu) {
    const auto add = [&](const QString& name, std::function<QString(const PictureInfo&)> key,
                         bool ascending = true) {
        menu->addAction(name, this, [this, name, key = std::move(key), ascending] {
            sortOriginals(tr("sorting by %1").arg(name.toLower()), key, ascending);
        });
    };
    add(tr("Name"), [](const PictureInfo& info) { return toQt(info.path.filename()); });
    add(tr("Time taken"), [](const PictureInfo& info) { return toQt(info.metadata.takenAt); });
    add(tr("Folder"), [](const PictureInfo& info) { return toQt(info.path); });
    add(
        tr("Rating, best first"),
        [](const PictureInfo& info) { return QString::number(info.metadata.rating.value_or(0) + 10); },
        false);
    add(
        tr("Shape, widest first"),
        [](const PictureInfo& info) {
            const auto size = info.facts.size;
            return QString("%1").arg(size.empty() ? 0.0 : 1000.0 * size.width / size.height, 12, 'f', 2);
        },
        false);
}

/// The order counts for {number}. What can't be read stays behind.
void MainWindow::sortOriginals(const QString& what, const std::function<QString(const PictureInfo&)>& keyOf,
                               bool ascending) {
    QCollator collator;
    collator.setNumericMode(true); // 9 before 10
    collator.setCaseSensitivity(Qt::CaseInsensitive);
    std::vector<std::pair<QCollatorSortKey, OriginalId>> keys;
    for (const auto& item : m_document.originals()) {
        const auto info = m_library.info(item.id);
        keys.emplace_back(collator.sortKey(info ? keyOf(*info) : toQt(item.path)), item.id);
    }
    std::stable_sort(keys.begin(), keys.end(), [ascending](const auto& a, const auto& b) {
        return ascending ? a.first < b.first : b.first < a.first;
    });
    std::vector<OriginalId> order;
    for (const auto& [key, id] : keys)
        order.push_back(id);
    m_document.reorderOriginals(order, what);
}

void MainWindow::connectJob() {
    connect(m_filterBar, &FilterBar::changed, this, [this] { m_wall->setFilter(m_filterBar->filter()); });
    connect(m_wall, &ProofWall::laidOut, this,
            [this] { m_filterBar->setShown(m_wall->shown(), m_document.originals().size()); });
    auto* again = new QMenu(this);
    for (auto* act : m_differentMenu->actions())
        again->addAction(act);
    again->addSeparator();
    again->addAction(icon("stamp", theme().text), tr("Stamp just these again"), this,
                     [this] { stampAgain(m_check->chosen()); });
    connect(again, &QMenu::aboutToShow, this,
            [this] { // what is chosen in the check is what will be different
                std::set<std::filesystem::path> paths;
                for (const auto& row : m_check->chosen())
                    paths.insert(row.original);
                std::vector<OriginalId> ids;
                for (const auto& item : m_document.originals())
                    if (paths.contains(item.path))
                        ids.push_back(item.id);
                m_wall->select(ids);
            });
    m_check->setAgainMenu(again);
}

void MainWindow::newJob() {
    std::vector<OriginalId> all;
    for (const auto& item : m_document.originals())
        all.push_back(item.id);
    m_document.removeOriginals(all); // one undo brings them back
    m_document.setJobName({});
    m_jobFile.clear();
}

void MainWindow::openJob(const std::filesystem::path& file) {
    try {
        m_document.load(loadJob(file));
        m_jobFile = file;
        if (m_document.state().name.empty())
            m_document.setJobName(toQt(file.stem()));
        showMissing();
    } catch (const Problem& problem) {
        showNotice(toQt(problem.sentence()));
    }
}

void MainWindow::saveJobTo(const std::filesystem::path& file) {
    try {
        m_document.setJobName(toQt(file.stem()));
        saveJob(m_document.job([this](OriginalId id) {
            const auto info = m_library.info(id);
            return info ? info->bytes : 0;
        }),
                file, untouchable(m_document));
        m_jobFile = file;
        tell(tr("The job is saved in %1.").arg(toQt(file)));
    } catch (const Problem& problem) {
        tell(toQt(problem.sentence()));
    }
}

/// Only when there is something to be told.
void MainWindow::showMissing() {
    std::size_t missing = 0;
    std::error_code error;
    for (const auto& item : m_document.originals())
        missing += !std::filesystem::exists(item.path, error);
    if (missing > 0)
        showNotice(tr("%1 not where they were. The menu offers to find them again in another folder.")
                       .arg(toQt(counted(missing, "picture is", "pictures are"))));
}

void MainWindow::askToFindMissing() {
    const auto folder = QFileDialog::getExistingDirectory(this, tr("Look for missing pictures in"));
    if (!folder.isEmpty())
        findMissingIn(toPath(folder));
}

void MainWindow::findMissingIn(const std::filesystem::path& folder) {
    std::vector<Missing> missing;
    std::map<std::filesystem::path, std::uint64_t> sizes;
    if (!m_jobFile.empty()) {
        try { // what is missing can't be measured any more, but the job file knows
            for (const auto& original : loadJob(m_jobFile).originals)
                sizes[original.path] = original.bytes;
        } catch (const Problem&) {
            sizes.clear();
        }
    }
    std::error_code error;
    for (const auto& item : m_document.originals())
        if (!std::filesystem::exists(item.path, error))
            missing.push_back({item.path, sizes.contains(item.path) ? sizes[item.path] : 0});
    const auto found = findAgain(missing, folder);
    m_document.movePaths(found);
    showNotice(tr("%1 of %2 missing pictures were found again.").arg(found.size()).arg(missing.size()));
}

void MainWindow::pasteFiles() {
    std::vector<std::filesystem::path> paths;
    const auto* copied = QApplication::clipboard()->mimeData();
    for (const auto& url : copied->urls())
        if (url.isLocalFile())
            paths.push_back(toPath(url.toLocalFile()));
    if (paths.empty()) // a file manager's or a terminal's plain text, a path a line
        for (const auto& line : copied->text().split('\n', Qt::SkipEmptyParts))
            if (line.trimmed().startsWith('/'))
                paths.push_back(toPath(line.trimmed()));
    if (paths.empty())
        return showNotice(
            tr("There are no pictures on the clipboard: copy files in the file manager first."));
    open(paths);
}

void MainWindow::offerWhatWasLost() {
    if (const auto lost = JobKeeper::takeLost(); lost && m_document.originals().empty()) {
        m_document.load(*lost);
        showNotice(tr("Keep Seal was ended in the middle of things: the job of %1 is here again as it was.")
                       .arg(toQt(counted(lost->originals.size(), "picture", "pictures"))));
    } else
        m_lastJob = JobKeeper::last();
    if (m_lastJob) {
        m_lastJobButton->setText(tr("Go on with the last job (%1)")
                                     .arg(toQt(counted(m_lastJob->originals.size(), "picture", "pictures"))));
        m_lastJobButton->show();
    }
    m_keeper.begin();
    const auto runs = unfinishedRuns();
    if (runs.empty())
        return;
    const auto& run = runs.front();
    auto* box = new QMessageBox(QMessageBox::Question, tr("A run did not come to its end"),
                                tr("The run begun %1 made %2 of %3 copies.")
                                    .arg(toQt(run.started).replace('T', ' ').remove('Z'))
                                    .arg(run.made)
                                    .arg(run.copies),
                                QMessageBox::NoButton, this);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->setInformativeText(
        tr("Going on keeps finished copies that are as they were delivered, and makes the others."));
    auto* goOn = box->addButton(tr("Go on"), QMessageBox::AcceptRole);
    auto* leave = box->addButton(tr("Leave it so"), QMessageBox::DestructiveRole);
    box->addButton(tr("Ask next time"), QMessageBox::RejectRole);
    connect(box, &QMessageBox::buttonClicked, this,
            [this, goOn, leave, journal = run.journal](QAbstractButton* pressed) {
                try {
                    if (pressed == goOn)
                        resumeRunOf(journal);
                    else if (pressed == leave)
                        closeUnfinished(journal);
                } catch (const Problem& problem) {
                    showNotice(toQt(problem.sentence()));
                }
            });
    box->open();
}

} // namespace keepseal::app
