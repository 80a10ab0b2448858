// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/watch_desk.h"

#include "base/text.h"

#include <QCheckBox>
#include <QMenu>
#include <QTime>

#include <unordered_set>

namespace keepseal::app {

WatchDesk::WatchDesk(DeskTools tools, RunSession* runs) : m(std::move(tools)), m_runs(runs) {
    connect(&m_watching, &FolderWatching::came, this, &WatchDesk::take);
    connect(&m_watching, &FolderWatching::failed, this,
            [this](const Problem& problem) { stop(toQt(problem.sentence())); });
    connect(m_runs, &RunSession::rowDone, this, [this](qulonglong, const LedgerRow& row) { tellRow(row); });
    connect(m.document, &JobDocument::anythingChanged, this, [this] {
        if (!m_watching.folder().empty() && m.document->state().job != m_job)
            stop(tr("Another job was opened: its pictures and those of the folder are not mixed."));
    });
}

void WatchDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(
        tr("Watch a folder…"), QKeySequence("Ctrl+Shift+G"), [this] { showDialog(); }, "eye"));
}

void WatchDesk::showDialog() {
    if (!m_dialog) {
        m_dialog = new WatchDialog(m.window);
        connect(m_dialog, &WatchDialog::startRequested, this, &WatchDesk::start);
        connect(m_dialog, &WatchDialog::stopRequested, this, [this] { stop(); });
    }
    m_dialog->show();
    m_dialog->raise();
    m_dialog->activateWindow();
}

void WatchDesk::start(const QString& folder, bool recursive) {
    if (folder.isEmpty())
        return m_dialog->say(tr("Choose the folder first."));
    m_job = m.document->state().job;
    m_watching.start(toPath(folder), recursive);
    m_dialog->showWatched(folder);
}

void WatchDesk::stop(const QString& why) {
    m_watching.stop();
    if (!m_dialog)
        return;
    m_dialog->showWatched({});
    if (!why.isEmpty()) {
        m_dialog->say(why);
        m.say(why);
    }
}

bool WatchDesk::mayStamp() const {
    return m_dialog && m_dialog->stamps()->isChecked();
}

void WatchDesk::take(const std::vector<std::filesystem::path>& files) {
    m.document->addOriginals(files, ++m_comings);
    if (!mayStamp())
        return stamp(files, {});
    m.files->run<std::vector<CameAgain>>(
        [files, ticked = m.document->tickedAsMade()] { return comeAgain(files, ticked); },
        [this, files](const std::vector<CameAgain>& again) { stamp(files, again); });
}

void WatchDesk::stamp(const std::vector<std::filesystem::path>& files, const std::vector<CameAgain>& again) {
    std::unordered_set<std::string> came;
    for (const auto& file : files)
        came.insert(file.native());
    const auto now = QTime::currentTime().toString();
    for (const auto& one : again) {
        came.erase(one.file.native());
        if (m_dialog)
            m_dialog->add(now, toQt(one.file.filename()),
                          tr("has the bytes of %1, whose copies were made on %2: nothing is made again")
                              .arg(toQt(one.before.filename()), toQt(one.made.substr(0, 10))),
                          true);
    }
    std::vector<OriginalId> ids;
    for (const auto& item : m.document->originals())
        if (came.contains(item.path.native()))
            ids.push_back(item.id);
    // Nobody may be there to be asked for a folder.
    const bool homeless = tickedWithoutFolder(m.document->state().deliveries).has_value();
    if (mayStamp() && !ids.empty() && !homeless && m_runs->stampThese(ids, m.document->tickedIds())) {
        for (const auto& file : files)
            if (came.contains(file.native()))
                m_asked.insert(file);
        return;
    }
    if (m_dialog)
        for (const auto& file : files)
            if (came.contains(file.native()))
                m_dialog->add(now, toQt(file.filename()),
                              mayStamp() && homeless
                                  ? tr("came onto the wall; a ticked delivery has no folder for its copies")
                                  : tr("came onto the wall"),
                              !(mayStamp() && homeless));
}

void WatchDesk::tellRow(const LedgerRow& row) {
    if (!m_dialog || !m_asked.contains(row.original))
        return;
    const bool good = row.outcome == Outcome::Made || row.outcome == Outcome::AlreadyThere;
    QString what = toQt(row.delivery) + ": ";
    switch (row.outcome) {
    case Outcome::Made:
        what += tr("made");
        break;
    case Outcome::AlreadyThere:
        what += tr("was there already");
        break;
    case Outcome::HeldBack:
        what += tr("held back: %1").arg(toQt(wholeSentenceOf(row.heldBackBy().front())));
        break;
    case Outcome::LeftOut:
        what += tr("left out: its name is taken");
        break;
    default:
        what += row.problem ? toQt(row.problem->sentence()) : tr("could not be made");
    }
    m_dialog->add(QTime::currentTime().toString(), toQt(row.original.filename()), what, good);
}

} // namespace keepseal::app
