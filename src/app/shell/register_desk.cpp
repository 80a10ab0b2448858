// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/register_desk.h"

#include "base/files.h"
#include "base/text.h"
#include "document/untouchable.h"
#include "record/exchange.h"
#include "record/forget.h"
#include "register/verify_dialog.h"
#include "report/found_report.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QMenu>
#include <QMessageBox>
#include <QUrl>

#include <fstream>
#include <limits>

namespace keepseal::app {

namespace fs = std::filesystem;

RegisterDesk::RegisterDesk(DeskTools tools, Views* views, Drawer* drawer)
    : m(std::move(tools)), m_views(views), m_drawer(drawer), m_counting([this](TaskOutcome<Counts> outcome) {
          if (outcome.result)
              m_views->wall().setLeft(std::move(*outcome.result));
      }),
      m_mending([this](const TaskOutcome<std::optional<Problem>>& outcome) {
          const auto damage = outcome.problem ? outcome.problem : outcome.result.value_or(std::nullopt);
          if (!damage)
              return;
          m.say(toQt(damage->sentence()));
          renew();
      }) {
    m_mending.start([](const auto&) { return Register::mend(); });
    connect(m.document, &JobDocument::originalsChanged, this, &RegisterDesk::countLeft);
    connect(drawer, &Drawer::historyRequested, this, &RegisterDesk::showHistory);
    auto& view = m_views->registerView();
    connect(&m_views->emptyPage(), &EmptyPage::whatRequested, this, &RegisterDesk::chooseWhat);
    connect(&view, &RegisterView::whatRequested, this, &RegisterDesk::chooseWhat);
    connect(&view, &RegisterView::againRequested, this, &RegisterDesk::makeAgain);
    connect(&view, &RegisterView::originalRequested, this, &RegisterDesk::showOriginal);
    connect(&view, &RegisterView::folderRequested, this,
            [](const QString& folder) { QDesktopServices::openUrl(QUrl::fromLocalFile(folder)); });
    connect(&view, &RegisterView::csvRequested, this, &RegisterDesk::saveTable);
    connect(&view, &RegisterView::verifyRequested, this, [this] {
        const auto folder =
            QFileDialog::getExistingDirectory(m.window, tr("Hold this folder against the register"));
        if (!folder.isEmpty())
            (new VerifyDialog(toPath(folder), m.window))->open();
    });
    connect(&view, &RegisterView::exportRequested, this, &RegisterDesk::saveAll);
    connect(&view, &RegisterView::importRequested, this, &RegisterDesk::join);
    connect(&view, &RegisterView::rebuildRequested, this, &RegisterDesk::makeAnew);
    connect(&view, &RegisterView::forgetRequested, this, &RegisterDesk::forgetChosen);
    connect(&view.answer(), &AnswerView::reportRequested, this, &RegisterDesk::saveReport);
}

void RegisterDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(
        tr("Look for copies…"), {},
        [this] {
            m_views->setView(ViewKind::TheRegister);
            m_views->registerView().words()->setFocus();
        },
        "search"));
    menu->addAction(
        actions.add(tr("What is this picture?"), QKeySequence("Ctrl+Shift+I"), [this] { chooseWhat(); }));
    menu->addAction(actions.addOnPictures(tr("What left of this picture"), QKeySequence("Ctrl+H"),
                                          [this] { showHistory(); }));
}

void RegisterDesk::renew() {
    countLeft();
    m_views->registerView().renew();
    m_drawer->renewLeft();
}

void RegisterDesk::countLeft() {
    m_counting.start([paths = m.document->paths()](const auto&) {
        return Register::exists() ? Register().countsOf(paths) : Counts();
    });
}

void RegisterDesk::chooseWhat() {
    std::vector<fs::path> paths;
    for (const auto& file : QFileDialog::getOpenFileNames(m.window, tr("What is this picture?")))
        paths.push_back(toPath(file));
    if (paths.empty())
        return;
    m_views->registerView().ask(paths);
    m_views->setView(ViewKind::TheRegister);
}

void RegisterDesk::showHistory() {
    const auto* item = m.document->original(m_views->lookedAt());
    if (!item)
        return;
    m_views->registerView().showHistoryOf(item->path);
    m_views->setView(ViewKind::TheRegister);
}

/// Their originals are in the job and chosen, and of its deliveries those are ticked that they were made for.
void RegisterDesk::makeAgain(const std::vector<RegisteredCopy>& copies) {
    std::vector<fs::path> originals;
    std::set<std::string> names;
    for (const auto& copy : copies) {
        originals.push_back(copy.row.original);
        names.insert(copy.row.delivery);
    }
    m.files->run<std::vector<fs::path>>(
        [originals] {
            std::vector<fs::path> there;
            for (const auto& path : originals)
                if (std::error_code error; fs::is_regular_file(path, error))
                    there.push_back(path);
            return there;
        },
        [this, originals, names](const std::vector<fs::path>& there) {
            m.document->addOriginals(there);
            std::vector<OriginalId> ids;
            for (const auto& item : m.document->originals())
                if (std::find(there.begin(), there.end(), item.path) != there.end())
                    ids.push_back(item.id);
            QStringList ticked;
            const auto& deliveries = m.document->state().deliveries;
            for (std::size_t i = 0; i < deliveries.size(); ++i) {
                const bool wanted = names.contains(deliveries[i].delivery.name);
                if (wanted)
                    ticked << toQt(deliveries[i].delivery.name);
                m.document->setInNextRun(i, wanted);
            }
            m_views->wall().select(ids);
            m_views->setView(ViewKind::Wall);
            const auto gone = originals.size() - there.size();
            m.say(
                (ticked.isEmpty()
                     ? saidQt(ids.size(),
                              "Chosen on the wall: {n} picture. The delivery that the copies were made for "
                              "is not in "
                              "this job: open it, then stamp.",
                              "Chosen on the wall: {n} pictures. The delivery that the copies were made for "
                              "is not in "
                              "this job: open it, then stamp.")
                     : saidQt(
                           ids.size(),
                           "Chosen on the wall: {n} picture. Ticked: %1. Stamp to make its copies again.",
                           "Chosen on the wall: {n} pictures. Ticked: %1. Stamp to make their copies again.")
                           .arg(ticked.join(QObject::tr(", ")))) +
                (gone > 0 ? " " + saidQt(gone, "No longer where it was: {n} original.",
                                         "No longer where they were: {n} originals.")
                          : QString()));
        });
}

void RegisterDesk::showOriginal(const QString& path) {
    for (const auto& item : m.document->originals())
        if (toQt(item.path) == path) {
            m_views->wall().setCurrent(item.id);
            m_views->setView(ViewKind::One);
            return;
        }
    const auto file = toPath(path);
    m.files->run<bool>(
        [file] {
            std::error_code error;
            return fs::is_regular_file(file, error);
        },
        [this, file, path](bool there) {
            if (!there)
                return m.say(tr("%1 is not there any more.").arg(path));
            m.document->addOriginals({file});
            showOriginal(path);
        });
}

void RegisterDesk::saveReport() {
    const auto* chosen = m_views->registerView().answer().chosen();
    if (!chosen || !chosen->answer)
        return;
    const auto file =
        QFileDialog::getSaveFileName(m.window, tr("Save a report"), "found.pdf",
                                     tr("A page to print or send (*.pdf);;A page to read (*.html)"));
    if (file.isEmpty())
        return;
    m.files->run(
        [answer = chosen->answer, file = toPath(file)] {
            Register known;
            writeFoundReport(*answer, known, {{}, utcNow().substr(0, 10)}, file);
        },
        [this, file] { m.say(tr("Saved: %1").arg(file)); });
}

void RegisterDesk::saveTable() {
    const auto file =
        QFileDialog::getSaveFileName(m.window, tr("Save what is found"), "copies.csv", tr("Tables (*.csv)"));
    if (file.isEmpty())
        return;
    saveText(m, toPath(file), [search = m_views->registerView().search()] {
        Register known;
        Ledger table;
        for (const auto& copy : known.find(search, 0, std::numeric_limits<int>::max()))
            table.rows.push_back(known.whole(copy.id).value_or(copy).row);
        return ledgerCsv(table);
    });
}

void RegisterDesk::saveAll() {
    const auto file = QFileDialog::getSaveFileName(m.window, tr("Save all of the register"), "register.jsonl",
                                                   tr("JSON lines (*.jsonl)"));
    if (file.isEmpty())
        return;
    saveText(m, toPath(file), [] {
        std::string text;
        exportRegister(Register(), [&](const std::string& line) { text += line + "\n"; });
        return text;
    });
}

void RegisterDesk::join() {
    const auto file = QFileDialog::getOpenFileName(m.window, tr("Join a register that was saved"), {},
                                                   tr("JSON lines (*.jsonl);;All files (*)"));
    if (file.isEmpty())
        return;
    m.files->run<Imported>(
        [file = toPath(file)] {
            std::ifstream lines(file, std::ios::binary);
            if (!lines)
                throw Problem(ProblemKind::CannotRead, file.string(), "it can't be read");
            Register known;
            return importRegister(known, lines, file.string());
        },
        [this](const Imported& joined) {
            auto text = saidQt(joined.runs, "Joined: {n} run.", "Joined: {n} runs.") + " " +
                        saidQt(joined.copies, "{n} copy came with it.", "{n} copies came with it.") +
                        (joined.knownRuns > 0 ? " " + saidQt(joined.knownRuns, "Here already: {n} run.",
                                                             "Here already: {n} runs.")
                                              : QString());
            if (!joined.problems.empty())
                text += " " + saidQt(joined.problems.size(), "Not read: {n} line, the first: %1",
                                     "Not read: {n} lines, the first: %1")
                                  .arg(toQt(joined.problems.front().sentence()));
            m.say(text);
            renew();
        });
}

void RegisterDesk::makeAnew() {
    m.files->run<std::pair<std::size_t, std::size_t>>(
        [] {
            Register known;
            const auto problems = known.rebuild().size();
            return std::pair{known.copies(), problems};
        },
        [this](const std::pair<std::size_t, std::size_t>& made) {
            m.say(saidQt(made.first, "The register was made again from the ledgers: {n} copy.",
                         "The register was made again from the ledgers: {n} copies.") +
                  (made.second > 0 ? " " + saidQt(made.second, "Could not be read: {n} ledger.",
                                                  "Could not be read: {n} ledgers.")
                                   : QString()));
            renew();
        });
}

/// It can't be undone: asked first, with what would go.
void RegisterDesk::forgetChosen() {
    ForgetWish wish;
    for (const auto& copy : m_views->registerView().chosen())
        wish.paths.push_back(copy.row.copy);
    if (wish.empty())
        return m.say(tr("Choose copies first."));
    m.files->run<Forgotten>(
        [wish] { return wouldForget(Register(), wish); },
        [this, wish](const Forgotten& would) {
            QMessageBox box(QMessageBox::Question, tr("Forget copies"),
                            saidQt(would.rows,
                                   "To be taken out of the register and the ledgers: {n} row, with what "
                                   "these pictures are known "
                                   "by. This can't be undone. The files themselves stay where they are.",
                                   "To be taken out of the register and the ledgers: {n} rows, with what "
                                   "these pictures are known "
                                   "by. This can't be undone. The files themselves stay where they are."),
                            QMessageBox::NoButton, m.window);
            auto* forgetButton = box.addButton(tr("Forget them"), QMessageBox::DestructiveRole);
            box.setDefaultButton(box.addButton(tr("Keep them"), QMessageBox::RejectRole));
            box.exec();
            if (box.clickedButton() != forgetButton)
                return;
            m.files->run<Forgotten>(
                [wish] {
                    Register known;
                    return forget(known, wish);
                },
                [this](const Forgotten& gone) {
                    m.say(saidQt(gone.rows, "Forgotten: {n} row.", "Forgotten: {n} rows."));
                    renew();
                });
        });
}

} // namespace keepseal::app
