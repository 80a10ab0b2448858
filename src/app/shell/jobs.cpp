// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does with whole jobs: opened and saved, brought back after a crash, originals found again,
// sorted and filtered.
#include "shell/main_window.h"

#include "base/text.h"
#include "run/journal.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCollator>
#include <QDateTime>
#include <QFileDialog>
#include <QLocale>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QUrl>

namespace keepseal::app {

void MainWindow::makeJobActions(QMenu* menu) {
    menu->addAction(action(
        tr("New job"), QKeySequence::New, [this] { m_document.startAnew(); }, "file-plus"));
    menu->addAction(action(tr("Open a job…"), {}, [this] {
        const auto file = QFileDialog::getOpenFileName(this, tr("Open a job"), {}, tr("Jobs (*.json)"));
        if (!file.isEmpty())
            m_session.open(toPath(file));
    }));
    m_keptMenu = menu->addMenu(tr("Bring back a job"));
    menu->addAction(action(tr("Save the job as…"), {}, [this] {
        const auto suggested = m_document.file().empty() ? QString("job.json") : toQt(m_document.file());
        const auto file =
            QFileDialog::getSaveFileName(this, tr("Save the job"), suggested, tr("Jobs (*.json)"));
        if (!file.isEmpty())
            m_session.saveTo(toPath(file));
    }));
    menu->addAction(action(
        tr("Find missing pictures again…"), {}, [this] { askToFindMissing(); }, "search"));
    menu->addAction(onPictures(action(tr("Paste pictures"), QKeySequence::Paste, [this] { pasteFiles(); })));
    menu->addAction(action(
        tr("Show some of the pictures…"), QKeySequence::Find,
        [this] {
            setView(ViewKind::Wall);
            m_filterBar->show();
            m_filterBar->words()->setFocus();
        },
        "search"));
    makeSortActions(menu->addMenu(tr("Sort the pictures")));
    menu->addAction(onPictures(action(
        tr("Leave out of runs"), QKeySequence("Ctrl+Backspace"), [this] { leaveOut(true); }, "eye-off")));
    menu->addAction(onPictures(action(
        tr("Take into runs again"), QKeySequence("Ctrl+Shift+Backspace"), [this] { leaveOut(false); },
        "eye")));
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
    add(tr("Time taken"), [](const PictureInfo& info) { return toQt(info.takenAt); });
    add(tr("Folder"), [](const PictureInfo& info) { return toQt(info.path); });
    add(
        tr("Rating, best first"),
        [](const PictureInfo& info) { return QString::number(info.rating.value_or(0) + 10); }, false);
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
    again->addAction(icon("stamp"), tr("Stamp just these again"), this,
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

void MainWindow::askToFindMissing() {
    const auto folder = QFileDialog::getExistingDirectory(this, tr("Look for missing pictures in"));
    if (!folder.isEmpty())
        m_session.findMissingIn(toPath(folder));
}

void MainWindow::pasteFiles() {
    std::vector<std::filesystem::path> paths;
    const auto* copied = QApplication::clipboard()->mimeData();
    for (const auto& url : copied ? copied->urls() : QList<QUrl>()) // none on an empty clipboard
        if (url.isLocalFile())
            paths.push_back(toPath(url.toLocalFile()));
    if (copied && paths.empty()) // a file manager's or a terminal's plain text, a path a line
        for (const auto& line : copied->text().split('\n', Qt::SkipEmptyParts))
            if (line.trimmed().startsWith('/'))
                paths.push_back(toPath(line.trimmed()));
    if (paths.empty())
        return showNotice(
            tr("There are no pictures on the clipboard: copy files in the file manager first."));
    open(paths);
}

void MainWindow::connectSession() {
    connect(&m_session, &JobSession::said, this, &MainWindow::tell);
    connect(&m_session, &JobSession::keptChanged, this, &MainWindow::offerKept);
    connect(&m_session, &JobSession::runsLeft, this, &MainWindow::offerRun);
    connect(&m_session, &JobSession::opened, this, [this] { setView(ViewKind::Wall); });
    connect(m_lastJobButton, &QPushButton::clicked, this, [this] {
        if (!m_session.kept().empty())
            m_session.bringBack(m_session.kept().front());
    });
}

namespace {

QString wordsFor(const KeptJob& kept) {
    const auto count = toQt(counted(kept.pictures, "picture", "pictures"));
    const auto when = QLocale().toString(QDateTime::fromSecsSinceEpoch(kept.when), QLocale::ShortFormat);
    return (kept.name.empty() ? count : QString("%1, %2").arg(toQt(kept.name), count)) + ", " + when +
           (kept.lost ? MainWindow::tr(" (its window was not closed)") : QString());
}

} // namespace

/// On the empty page the newest, in the menu all.
void MainWindow::offerKept() {
    const auto& kept = m_session.kept();
    m_lastJobButton->setVisible(!kept.empty());
    m_keptMenu->clear();
    m_keptMenu->setEnabled(!kept.empty());
    for (const auto& job : kept)
        m_keptMenu->addAction(wordsFor(job), this, [this, job] { m_session.bringBack(job); });
    if (!kept.empty())
        m_lastJobButton->setText(tr("Go on with the last job (%1)").arg(wordsFor(kept.front())));
}

void MainWindow::offerRun(const std::vector<UnfinishedRun>& runs) {
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
                if (pressed == goOn)
                    resumeRunOf(journal);
                else if (pressed == leave)
                    m_files.run([journal] { closeUnfinished(journal); });
            });
    box->open();
}

} // namespace keepseal::app
