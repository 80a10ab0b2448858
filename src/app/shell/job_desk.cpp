// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/job_desk.h"

#include "base/text.h"
#include "job/proposed_folder.h"
#include "run/journal.h"

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
#include <QStandardPaths>
#include <QUrl>

namespace keepseal::app {

JobDesk::JobDesk(DeskTools tools, Parts parts) : m(std::move(tools)), m_parts(parts) {
    connectGathering();
    connectSession();
    connect(&m_parts.views->emptyPage(), &EmptyPage::picturesRequested, this, &JobDesk::choosePictures);
    connect(&m_parts.views->emptyPage(), &EmptyPage::folderRequested, this, &JobDesk::chooseFolder);
    connect(&m_parts.views->firstQuestions(), &FirstQuestions::picturesRequested, this,
            &JobDesk::choosePictures);
    connect(&m_parts.views->firstQuestions(), &FirstQuestions::folderRequested, this, &JobDesk::chooseFolder);
    connect(m_parts.runs, &RunSession::begun, this, [this] {
        if (m_parts.views->notice() == m_proposal)
            m_parts.views->showNotice({}); // it was followed
    });
    connect(&m_cards, &MountedCards::changed, this, &JobDesk::offerCards);
    connect(&m_parts.views->emptyPage(), &EmptyPage::cardRequested, this, [this](int index) {
        if (static_cast<std::size_t>(index) < m_cards.cards().size())
            open({m_cards.cards()[static_cast<std::size_t>(index)].folder});
    });
}

void JobDesk::connectGathering() {
    connect(&m_gathering, &Gathering::found, this, [this](const std::vector<std::filesystem::path>& files) {
        const auto before = m.document->originals().size();
        m.document->addOriginals(files, m_gatherings);
        m_gathered += m.document->originals().size() - before;
        m_gatherStep = m.document->undoStack()->index();
    });
    connect(m.document->undoStack(), &QUndoStack::indexChanged, this, &JobDesk::leaveOffWhenTakenBack);
    connect(&m_gathering, &Gathering::gathered, this, [this](const Gathered& result) {
        ++m_gatherings;
        tellGathered(result, std::exchange(m_gathered, 0));
        if (std::exchange(m_proposesFolder, false))
            proposeFolder();
    });
    connect(&m_gathering, &Gathering::failed, this, [this](const Problem& problem) {
        ++m_gatherings;
        m_gathered = 0;
        m.say(toQt(problem.sentence()));
    });
}

/// Who takes back what a folder brought so far, or opens another job, wants nothing more of the folder.
void JobDesk::leaveOffWhenTakenBack(int undoIndex) {
    if (!m_gathering.busy() || undoIndex >= m_gatherStep)
        return;
    m_gathering.leaveOff();
    ++m_gatherings;
    m_gathered = 0;
    m_saysGathered = false;
    m.say(tr("Gathering was stopped: nothing more comes from that folder. Open it again for all of it."));
}

void JobDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(
        tr("New job"), QKeySequence::New, [this] { m.document->startAnew(); }, "file-plus"));
    menu->addAction(actions.add(tr("Open a job…"), {}, [this] {
        const auto file = QFileDialog::getOpenFileName(m.window, tr("Open a job"), {}, tr("Jobs (*.json)"));
        if (!file.isEmpty())
            m_parts.session->open(toPath(file));
    }));
    m_keptMenu = menu->addMenu(tr("Bring back a job"));
    m_cardMenu = menu->addMenu(tr("Cards and cameras"));
    offerCards();
    menu->addAction(actions.add(tr("Save the job as…"), {}, [this] {
        const auto suggested = m.document->file().empty() ? QString("job.json") : toQt(m.document->file());
        const auto file =
            QFileDialog::getSaveFileName(m.window, tr("Save the job"), suggested, tr("Jobs (*.json)"));
        if (!file.isEmpty())
            m_parts.session->saveTo(toPath(file));
    }));
    menu->addAction(actions.add(
        tr("Find missing pictures again…"), {}, [this] { askToFindMissing(); }, "search"));
    menu->addAction(
        actions.addOnPictures(tr("Paste pictures"), QKeySequence::Paste, [this] { pasteFiles(); }));
    menu->addAction(actions.add(
        tr("Show some of the pictures…"), QKeySequence::Find, [this] { m_parts.views->showFilter(); },
        "search"));
    fillSort(menu->addMenu(tr("Sort the pictures")));
    menu->addAction(actions.addOnPictures(
        tr("Leave out of runs"), QKeySequence("Ctrl+Backspace"), [this] { leaveOut(true); }, "eye-off"));
    menu->addAction(actions.addOnPictures(
        tr("Take into runs again"), QKeySequence("Ctrl+Shift+Backspace"), [this] { leaveOut(false); },
        "eye"));
}

void JobDesk::fillSort(QMenu* menu) {
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

void JobDesk::leaveOut(bool out) {
    m.document->editPictures(m_parts.views->wall().selected(),
                             out ? tr("leaving out") : tr("taking in again"),
                             [out](PictureException& exception) { exception.leftOut = out; });
}

/// The order counts for {number}. What can't be read stays behind.
void JobDesk::sortOriginals(const QString& what, const std::function<QString(const PictureInfo&)>& keyOf,
                            bool ascending) {
    QCollator collator;
    collator.setNumericMode(true); // 9 before 10
    collator.setCaseSensitivity(Qt::CaseInsensitive);
    std::vector<std::pair<QCollatorSortKey, OriginalId>> keys;
    for (const auto& item : m.document->originals()) {
        const auto info = m_parts.library->info(item.id);
        keys.emplace_back(collator.sortKey(info ? keyOf(*info) : toQt(item.path)), item.id);
    }
    std::stable_sort(keys.begin(), keys.end(), [ascending](const auto& a, const auto& b) {
        return ascending ? a.first < b.first : b.first < a.first;
    });
    std::vector<OriginalId> order;
    for (const auto& [key, id] : keys)
        order.push_back(id);
    m.document->reorderOriginals(order, what);
}

void JobDesk::askToFindMissing() {
    const auto folder = QFileDialog::getExistingDirectory(m.window, tr("Look for missing pictures in"));
    if (!folder.isEmpty())
        m_parts.session->findMissingIn(toPath(folder));
}

void JobDesk::pasteFiles() {
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
        return m.say(tr("There are no pictures on the clipboard: copy files in the file manager first."));
    open(paths);
}

void JobDesk::connectSession() {
    connect(m_parts.session, &JobSession::said, this, m.say);
    connect(m_parts.session, &JobSession::keptChanged, this, &JobDesk::offerKept);
    connect(m_parts.session, &JobSession::runsLeft, this, &JobDesk::offerRun);
    connect(m_parts.session, &JobSession::opened, this, [this] { m_parts.views->setView(ViewKind::Wall); });
    connect(&m_parts.views->emptyPage(), &EmptyPage::lastJobRequested, this, [this] {
        if (!m_parts.session->kept().empty())
            m_parts.session->bringBack(m_parts.session->kept().front());
    });
}

namespace {

QString wordsFor(const KeptJob& kept) {
    const auto count = saidQt(kept.pictures, "{n} picture", "{n} pictures");
    const auto when = QLocale().toString(QDateTime::fromSecsSinceEpoch(kept.when), QLocale::ShortFormat);
    return (kept.name.empty() ? count : QString("%1, %2").arg(toQt(kept.name), count)) + QObject::tr(", ") +
           when + (kept.lost ? QObject::tr(" (its window was not closed)") : QString());
}

} // namespace

/// On the empty page the newest, in the menu all.
void JobDesk::offerKept() {
    const auto& kept = m_parts.session->kept();
    m_keptMenu->clear();
    m_keptMenu->setEnabled(!kept.empty());
    for (const auto& job : kept)
        m_keptMenu->addAction(wordsFor(job), this, [this, job] { m_parts.session->bringBack(job); });
    m_parts.views->emptyPage().offerLastJob(
        kept.empty() ? QString() : tr("Go on with the last job (%1)").arg(wordsFor(kept.front())));
}

void JobDesk::offerCards() {
    if (!m_cardMenu)
        return;
    m_cardMenu->clear();
    QStringList words;
    for (const auto& card : m_cards.cards()) {
        words << tr("%1: %2").arg(toQt(printable(card.name)),
                                  saidQt(card.pictures, "{n} picture", "{n} pictures")) +
                     (card.known > 0 ? tr(", copies were made of %1").arg(card.known) : QString());
        m_cardMenu->addAction(words.last(), this, [this, folder = card.folder] { open({folder}); });
    }
    m_cardMenu->setEnabled(!words.isEmpty());
    m_parts.views->emptyPage().offerCards(words);
}

void JobDesk::offerRun(const std::vector<UnfinishedRun>& runs) {
    const auto& run = runs.front();
    auto* box = new QMessageBox(QMessageBox::Question, tr("A run did not come to its end"),
                                tr("The run begun %1 made %2 of %3 copies.")
                                    .arg(toQt(run.started).replace('T', ' ').remove('Z'))
                                    .arg(run.made)
                                    .arg(run.copies),
                                QMessageBox::NoButton, m.window);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->setInformativeText(
        tr("Going on keeps finished copies that are as they were delivered, and makes the others."));
    auto* goOn = box->addButton(tr("Go on"), QMessageBox::AcceptRole);
    auto* leave = box->addButton(tr("Leave it so"), QMessageBox::DestructiveRole);
    box->addButton(tr("Ask next time"), QMessageBox::RejectRole);
    connect(box, &QMessageBox::buttonClicked, this,
            [this, goOn, leave, journal = run.journal](QAbstractButton* pressed) {
                if (pressed == goOn)
                    m_parts.runs->goOn(journal);
                else if (pressed == leave)
                    m_parts.runs->leave(journal);
            });
    box->open();
}

/// Files that are no originals: by kind, and those worth a look by name.
void JobDesk::tellGathered(const Gathered& result, std::size_t added) {
    constexpr std::size_t kMostNamed = 4;
    QStringList named, counts;
    for (const auto& met : result.others)
        if (met.named || severityOf(met.note) >= Severity::WorthALook)
            named << tr("%1: %2").arg(toQt(met.path.filename()), toQt(wholeSentenceOf(met.note)));
    for (const auto& [kind, count] : countByKind(result.others)) {
        if (rowOf(kind).severity >= Severity::WorthALook)
            continue;
        const auto example = std::find_if(result.others.begin(), result.others.end(),
                                          [kind = kind](const Met& met) { return met.note.kind == kind; });
        const auto words = toQt(sentenceOf(example->note));
        counts << tr("%1 × %2").arg(count).arg(words);
    }
    QStringList lines;
    if (std::exchange(m_saysGathered, false) && !result.files.empty())
        lines << (added == result.files.size()
                      ? saidQt(added,
                               "{n} picture came to this job from outside; one undo takes it out again.",
                               "{n} pictures came to this job from outside; one undo takes them out again.")
                      : saidQt(added,
                               "{n} picture came to this job from outside, the others were in it already.",
                               "{n} pictures came to this job from outside, the others were in it already."));
    if (result.files.empty())
        lines << tr("There are no pictures in there that Keep Seal can read.");
    lines << named.mid(0, kMostNamed);
    if (static_cast<std::size_t>(named.size()) > kMostNamed)
        lines << tr("and %1 more that are worth a look").arg(named.size() - static_cast<int>(kMostNamed));
    if (!counts.isEmpty())
        lines << tr("No pictures: %1").arg(counts.join(QObject::tr(", ")));
    m.say(lines.join("\n"));
}

void JobDesk::open(const std::vector<std::filesystem::path>& paths) {
    std::vector<std::filesystem::path> pictures;
    for (const auto& path : paths) {
        const auto ending = path.extension();
        if (ending == ".zip")
            m_parts.deliveries->importDeliveriesFrom(path);
        else if (ending == ".json")
            openDesign(path);
        else
            pictures.push_back(path);
    }
    if (pictures.empty())
        return;
    if (!m_gathering.busy())
        m_gatherStep = 0; // nothing to take back yet
    m_proposesFolder = m_proposesFolder || m_parts.views->asksFirst();
    m_gathering.start(pictures);
}

/// For cards that have none: beside the folder of the originals, as a change like any other.
void JobDesk::proposeFolder() {
    const auto elsewhere = toPath(QStandardPaths::writableLocation(QStandardPaths::PicturesLocation));
    m.files->run<std::filesystem::path>(
        [originals = m.document->paths(), elsewhere] { return proposedFolder(originals, elsewhere); },
        [this](const std::filesystem::path& folder) {
            auto cards = m.document->state().deliveries;
            bool some = false;
            for (auto& card : cards)
                if (!folder.empty() && card.delivery.place.folder.empty()) {
                    card.delivery.place.folder = folder.string();
                    some = true;
                }
            m.document->setDeliveries(std::move(cards), tr("choosing a folder for the copies"));
            if (!some)
                return;
            m_proposal = tr("Copies will go to \"%1\"; the station Place can change that. Look at them, then "
                            "press Stamp.")
                             .arg(toQt(folder));
            m.say(m_proposal);
        });
}

/// A job or a delivery, by what it says of itself.
void JobDesk::openDesign(const std::filesystem::path& file) {
    m.files->run<bool>([file] { return isJobFile(file); },
                       [this, file](bool job) {
                           if (job)
                               m_parts.session->open(file);
                           else
                               m_parts.deliveries->openDelivery(file);
                       });
}

void JobDesk::openFromOutside(const std::vector<std::filesystem::path>& paths) {
    if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget())) {
        m_waiting.insert(m_waiting.end(), paths.begin(), paths.end());
        return openAfter(dialog);
    }
    open(paths);
    m_saysGathered = m_gathering.busy(); // pictures are among them
}

/// What a dialog asks is about the job as it was when it opened: what comes meanwhile waits, and the dialog
/// says so in its title.
void JobDesk::openAfter(QDialog* dialog) {
    dialog->raise();
    dialog->activateWindow();
    const auto waits = tr("(what was opened outside waits until this is closed)");
    if (dialog->windowTitle().endsWith(waits))
        return;
    dialog->setWindowTitle(dialog->windowTitle() + ' ' + waits);
    connect(
        dialog, &QDialog::finished, this, [this] { openFromOutside(std::exchange(m_waiting, {})); },
        Qt::QueuedConnection); // the dialog's own answer comes first
}

void JobDesk::choosePictures() {
    const auto files = QFileDialog::getOpenFileNames(
        m.window, tr("Open pictures"), {},
        tr("Pictures (*.jpg *.jpeg *.png *.tif *.tiff *.webp *.heic *.heif *.avif *.jxl);;All files (*)"));
    std::vector<std::filesystem::path> paths;
    for (const auto& file : files)
        paths.push_back(toPath(file));
    open(paths);
}

void JobDesk::chooseFolder() {
    const auto folder = QFileDialog::getExistingDirectory(m.window, tr("Open a folder and all in it"));
    if (!folder.isEmpty())
        open({toPath(folder)});
}

} // namespace keepseal::app
