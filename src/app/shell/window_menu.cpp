// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's menu and keys.
#include "languages/catalogue.h"
#include "shell/language.h"
#include "shell/main_window.h"

#include <QActionGroup>
#include <QMenu>
#include <QPushButton>
#include <QSettings>
#include <QToolButton>

namespace keepseal::app {

void MainWindow::makeMenu() {
    WindowActions actions(this, m_views->pictureViews());
    auto* menu = new QMenu(this);
    menu->addAction(actions.add(
        tr("Open pictures…"), QKeySequence::Open, [this] { m_jobDesk->choosePictures(); }, "images"));
    menu->addAction(actions.add(
        tr("Open a folder and all in it…"), QKeySequence("Ctrl+Shift+O"),
        [this] { m_jobDesk->chooseFolder(); }, "folder-open"));
    m_watchDesk->fillMenu(menu, actions);
    menu->addAction(actions.add(
        tr("Take the chosen pictures out"), {},
        [this] { m_document.removeOriginals(m_views->wall().selected()); }, "x"));
    menu->addAction(actions.addOnPictures(tr("Choose all pictures"), QKeySequence::SelectAll,
                                          [this] { m_views->wall().selectEverything(); }));
    menu->addSeparator();
    m_jobDesk->fillMenu(menu->addMenu(tr("Job and pictures")), actions);
    auto* delivery = menu->addMenu(tr("Delivery"));
    m_deliveryDesk->fillMenu(delivery, actions);
    m_cardKeys->fillMenu(delivery, actions);
    m_fileManagerDesk->fillMenu(delivery, actions);
    menu->addAction(actions.add(
        tr("Who you are…"), QKeySequence("Ctrl+U"), [this] { askWho(); }, "pencil"));
    actions.add({}, QKeySequence("Ctrl+D"), [this] { m_deliveries->addButton()->showMenu(); });
    m_registerDesk->fillMenu(menu->addMenu(tr("Register")), actions);
    m_sendingDesk->fillMenu(menu, actions);
    menu->addSeparator();
    fillDesignMenu(menu, actions);
    auto* different = menu->addMenu(tr("Different on the chosen pictures"));
    m_pictureMenu->fill(different, actions);
    makeAgainMenu(different);
    menu->addSeparator();
    fillUndo(menu);
    menu->addSeparator();
    fillLookMenu(menu->addMenu(tr("Look of the window")), actions);
    menu->addSeparator();
    menu->addAction(actions.add(
        tr("Stamp"), QKeySequence("Ctrl+Return"), [this] { m_runs.stamp(); }, "stamp"));
    menu->addAction(actions.addOnPictures(
        tr("Stamp the chosen pictures by the chosen delivery"), QKeySequence("Ctrl+Shift+Return"),
        [this] { stampChosen(m_document.state().deliveries[m_document.currentDeliveryIndex()].id); },
        "stamp"));
    menu->addSeparator();
    m_helpDesk->fillMenu(menu, actions);
    menu->addAction(actions.add(tr("Quit"), QKeySequence::Quit, [this] { close(); }));
    m_deliveries->menuButton()->setMenu(menu);
}

void MainWindow::fillDesignMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(
        tr("Design the seal…"), QKeySequence("Ctrl+B"), [this] { openBench(); }, "shapes"));
    menu->addAction(actions.add(
        tr("Choose a seal…"), QKeySequence("Ctrl+L"), [this] { m_designDesk->chooseSeal(); }, "library"));
    menu->addAction(actions.add(tr("Keep the seal in the library"), QKeySequence("Ctrl+K"),
                                [this] { m_designDesk->keepSeal(); }));
    menu->addAction(actions.add(
        tr("Try the seal…"), QKeySequence("Ctrl+Shift+K"), [this] { m_designDesk->trySeal(); },
        "shield-check"));
    menu->addAction(actions.add(
        tr("Compare borders…"), QKeySequence("Ctrl+Shift+B"), [this] { m_designDesk->compareBorders(); },
        "frame"));
    menu->addAction(actions.add(
        tr("What do these files tell?"), QKeySequence("Ctrl+I"), [this] { m_wordsDesk->lookIntoFiles(); },
        "search"));
}

void MainWindow::fillUndo(QMenu* menu) {
    auto* undo = m_document.undoStack()->createUndoAction(this, tr("Undo"));
    auto* redo = m_document.undoStack()->createRedoAction(this, tr("Redo"));
    undo->setShortcut(QKeySequence::Undo);
    redo->setShortcuts({QKeySequence("Ctrl+Shift+Z"), QKeySequence("Ctrl+Y")});
    const auto join = [this, menu](QAction* action, QToolButton* button) {
        addAction(action);
        menu->addAction(action);
        button->setEnabled(false);
        connect(action, &QAction::changed, button, [action, button] {
            button->setEnabled(action->isEnabled());
            button->setToolTip(action->text());
        });
        connect(button, &QToolButton::clicked, action, &QAction::trigger);
    };
    join(undo, m_deliveries->undoButton());
    join(redo, m_deliveries->redoButton());
}

/// Words are taken when the window is made, so that another language comes with the next start.
void MainWindow::fillLanguages(QMenu* menu) {
    auto* one = new QActionGroup(menu);
    const auto wished = QSettings(windowFile(), QSettings::IniFormat).value("language").toString();
    const auto add = [&](const QString& name, const QString& key) {
        auto* action = menu->addAction(name);
        action->setCheckable(true);
        action->setChecked(key == wished);
        one->addAction(action);
        connect(action, &QAction::triggered, this, [this, key] {
            remember({{"language", key}});
            tell(tr("The window speaks that language from its next start on."));
        });
    };
    add(tr("As the desktop"), {});
    for (const auto& language : languages::kKnown)
        add(QString::fromUtf8(language.name), language.key);
}

void MainWindow::fillLookMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(
        tr("Light or dark window"), QKeySequence("Ctrl+T"),
        [this] { setLook(theme().kind == ThemeKind::Dark ? ThemeKind::Light : ThemeKind::Dark, surround()); },
        "sun"));
    m_contrastAction = menu->addAction(tr("High contrast"));
    m_contrastAction->setCheckable(true);
    m_contrastAction->setChecked(contrast() == Contrast::High);
    connect(m_contrastAction, &QAction::triggered, this, &MainWindow::chooseContrast);
    fillLanguages(menu->addMenu(tr("Language")));
    menu->addAction(actions.add(tr("Next grey around the pictures"), QKeySequence("Ctrl+G"),
                                [this] { setLook(theme().kind, nextSurround()); }));
    actions.add({}, QKeySequence("Ctrl+E"), [this] { m_views->header().asSavedButton()->click(); });
    actions.add({}, QKeySequence("Ctrl+Shift+Y"), [this] {
        if (!m_views->header().asSavedButton()->isChecked())
            m_views->header().asSavedButton()->click();
        m_views->header().differenceButton()->click();
    });
    menu->addAction(
        actions.add(tr("Show where there is something sharp"), QKeySequence("Ctrl+Shift+W"), [this] {
            auto& single = m_views->single();
            single.setSharpPlaces(!single.showsSharpPlaces());
            if (single.showsSharpPlaces())
                setView(ViewKind::One);
        }));
    for (int i = 0; i < kViews; ++i)
        actions.add({}, QKeySequence(QString("Ctrl+%1").arg(i + 1)),
                    [this, i] { setView(static_cast<ViewKind>(i)); });
}

/// The check offers the same: what is chosen there will be different, and is stamped again.
void MainWindow::makeAgainMenu(QMenu* different) {
    auto* again = new QMenu(this);
    for (auto* action : different->actions())
        again->addAction(action);
    again->addSeparator();
    again->addAction(icon("stamp"), tr("Stamp just these again"), m_runDesk.get(),
                     &RunDesk::stampChosenAgain);
    connect(again, &QMenu::aboutToShow, m_runDesk.get(), &RunDesk::chooseInWall);
    m_views->check().setAgainMenu(again);
}

} // namespace keepseal::app
