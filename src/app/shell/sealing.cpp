// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does with seals: the bench, the library, and what is different on single pictures.
#include "shell/main_window.h"

#include "seal_bench/seal_chooser.h"

#include <QAction>
#include <QMenu>

namespace keepseal::app {

void MainWindow::openBench() {
    m_bench->showPicture(m_lookedAt);
    m_pages->setCurrentWidget(m_bench);
    m_bench->canvas().setFocus();
}

void MainWindow::closeBench() {
    m_pages->setCurrentIndex(0);
    updateViews();
}

void MainWindow::takeSeal(const SealDesign& seal) {
    m_document.setSeal(seal, tr("taking the seal “%1”").arg(toQt(seal.name)));
    m_bench->choose({});
}

void MainWindow::chooseSeal() {
    auto ground = m_bench->canvas().base();
    if (!ground)
        ground = m_wall->proofs().base(m_lookedAt);
    SealChooser chooser(&m_libraries, ground ? ground : plainGround({600, 400}, 119), m_document.who(), this);
    if (chooser.exec() == QDialog::Accepted && chooser.taken())
        takeSeal(*chooser.taken());
}

/// Where the person is looking.
void MainWindow::tell(const QString& text) {
    if (onBench())
        m_bench->say(text);
    else
        showNotice(text);
}

void MainWindow::keepSeal() {
    SavedSeal saved;
    saved.design = m_document.currentDelivery().seal;
    if (saved.design.name.empty())
        saved.design.name = tr("Seal of %1").arg(toQt(m_document.currentDelivery().name)).toStdString();
    m_libraries.change<SavedSeal>(
        this,
        [saved](const LibraryFolders& in) {
            auto kept = saved;
            // The same name means the same seal: the older one lies in removed/, where it can be brought back
            // from.
            if (const auto known = in.seals.find(saved.design.name); known && !known->shipped) {
                kept.key = known->key;
                kept.notes = known->notes;
                kept.tags = known->tags;
            }
            return in.seals.save(std::move(kept));
        },
        [this, asked = saved.design,
         id = m_document.state().deliveries[m_document.currentDeliveryIndex()].id](
            const TaskOutcome<SavedSeal>& outcome) {
            if (outcome.problem)
                return tell(toQt(outcome.problem->sentence()));
            const auto& current = m_document.state().deliveries[m_document.currentDeliveryIndex()];
            auto now = current.delivery.seal;
            if (now.name.empty())
                now.name = asked.name;
            if (current.id == id && now == asked) // else it was changed meanwhile, and stays as it is
                m_document.setSeal(outcome.result->design, tr("keeping the seal")); // its logos lie there now
            tell(tr("“%1” is in the library.").arg(toQt(outcome.result->design.name)));
        });
}

void MainWindow::changeLibrary(std::function<void(const LibraryFolders&)> work, std::function<void()> then) {
    m_libraries.change<NoStep>(
        this,
        [work = std::move(work)](const LibraryFolders& in) {
            work(in);
            return NoStep();
        },
        [this, then = std::move(then)](const TaskOutcome<NoStep>& outcome) {
            if (outcome.problem)
                tell(toQt(outcome.problem->sentence()));
            else if (then)
                then();
        });
}

void MainWindow::differ(const QString& what, const std::function<void(SealException&)>& edit) {
    m_document.editExceptions(m_wall->selected(), what, edit);
}

void MainWindow::makeExceptionActions(QMenu* menu) {
    auto* places = menu->addMenu(tr("Seal at another place"));
    const auto* row = rowOf(sealSettings(), "place");
    for (std::size_t i = 0; i < row->choices.size(); ++i) {
        const auto anchor = static_cast<Anchor>(i);
        places->addAction(onPictures(
            action(toQt(row->choices[i].label), QKeySequence(QString("Alt+%1").arg(i + 1)), [this, anchor] {
                differ(tr("moving the seal on chosen pictures"), [anchor](SealException& e) {
                    e.anchor = anchor;
                    e.nudge = {};
                });
            })));
    }
    menu->addAction(onPictures(action(tr("Light version"), QKeySequence("Alt+L"), [this] {
        differ(tr("light version on chosen pictures"), [](SealException& e) { e.dark = false; });
    })));
    menu->addAction(onPictures(action(tr("Dark version"), QKeySequence("Alt+D"), [this] {
        differ(tr("dark version on chosen pictures"), [](SealException& e) { e.dark = true; });
    })));
    const auto strength = [this](double by) {
        const double designed = m_document.currentDelivery().seal.opacity;
        differ(tr("strength on chosen pictures"), [by, designed](SealException& e) {
            e.opacity = std::clamp(std::round(e.opacity.value_or(designed) + by), 1.0, 100.0);
        });
    };
    menu->addAction(onPictures(action(tr("Stronger"), QKeySequence("Alt++"), [strength] { strength(10); })));
    menu->addAction(onPictures(action(tr("Weaker"), QKeySequence("Alt+-"), [strength] { strength(-10); })));
    menu->addAction(onPictures(action(tr("No seal"), QKeySequence("Alt+N"), [this] {
        differ(tr("no seal on chosen pictures"), [](SealException& e) { e.none = !e.none; });
    })));
    const std::tuple<const char*, Point, QString> nudges[] = {{"Ctrl+Left", {-0.5, 0}, tr("Nudge left")},
                                                              {"Ctrl+Right", {0.5, 0}, tr("Nudge right")},
                                                              {"Ctrl+Up", {0, -0.5}, tr("Nudge up")},
                                                              {"Ctrl+Down", {0, 0.5}, tr("Nudge down")}};
    menu->addSeparator();
    for (const auto& [keys, by, text] : nudges)
        menu->addAction(onPictures(action(text, QKeySequence(keys), [this, by = by] {
            m_document.editExceptions(
                m_wall->selected(), tr("nudging the seal"),
                [by](SealException& e) {
                    e.nudge = {e.nudge.x + by.x, e.nudge.y + by.y};
                },
                1);
        })));
    menu->addSeparator();
    menu->addAction(onPictures(action(tr("As on all others"), QKeySequence("Alt+0"), [this] {
        differ(tr("nothing different on chosen pictures"), [](SealException& e) { e = {}; });
    })));
    m_wall->setExceptionMenu(menu);
}

} // namespace keepseal::app
