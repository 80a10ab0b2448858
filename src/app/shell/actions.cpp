// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's menu and keys.
#include "shell/main_window.h"

#include <QAction>
#include <QFileDialog>
#include <QMenu>
#include <QPushButton>
#include <QToolButton>

namespace keepseal::app {

QAction* MainWindow::action(const QString& text, const QKeySequence& keys, const std::function<void()>& act,
                            const QString& iconName) {
    auto* made = new QAction(text, this);
    made->setShortcut(keys);
    if (!iconName.isEmpty())
        made->setIcon(icon(iconName));
    connect(made, &QAction::triggered, this, act);
    addAction(made);
    return made;
}

QAction* MainWindow::onPictures(QAction* action) {
    removeAction(action);
    action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
    for (auto* view : {m_wallPage, static_cast<QWidget*>(m_single), static_cast<QWidget*>(m_crop), m_empty,
                       static_cast<QWidget*>(m_strip)})
        view->addAction(action);
    return action;
}

void MainWindow::makeActions() {
    auto* menu = new QMenu(this);
    menu->addAction(action(
        tr("Open pictures…"), QKeySequence::Open, [this] { choosePictures(); }, "images"));
    menu->addAction(action(
        tr("Open a folder and all in it…"), QKeySequence("Ctrl+Shift+O"), [this] { chooseFolder(); },
        "folder-open"));
    menu->addAction(action(
        tr("Take the chosen pictures out"), {}, [this] { m_document.removeOriginals(m_wall->selected()); },
        "x"));
    menu->addAction(onPictures(
        action(tr("Choose all pictures"), QKeySequence::SelectAll, [this] { m_wall->selectEverything(); })));
    menu->addSeparator();
    makeJobActions(menu->addMenu(tr("Job and pictures")));
    makeDeliveryActions(menu->addMenu(tr("Delivery")));
    menu->addAction(action(
        tr("Who you are…"), QKeySequence("Ctrl+U"), [this] { askWho(); }, "pencil"));
    action({}, QKeySequence("Ctrl+D"), [this] { m_deliveries->addButton()->showMenu(); });
    menu->addSeparator();
    menu->addAction(action(
        tr("Design the seal…"), QKeySequence("Ctrl+B"), [this] { openBench(); }, "shapes"));
    menu->addAction(action(
        tr("Choose a seal…"), QKeySequence("Ctrl+L"), [this] { chooseSeal(); }, "library"));
    menu->addAction(
        action(tr("Keep the seal in the library"), QKeySequence("Ctrl+K"), [this] { keepSeal(); }));
    menu->addAction(action(
        tr("Compare borders…"), QKeySequence("Ctrl+Shift+B"), [this] { compareBorders(); }, "frame"));
    menu->addAction(action(
        tr("What do these files tell?"), QKeySequence("Ctrl+I"), [this] { lookIntoFiles(); }, "search"));
    auto* different = menu->addMenu(tr("Different on the chosen pictures"));
    m_differentMenu = different;
    makePictureActions(different);
    makeExceptionActions(different);
    menu->addSeparator();
    auto* undo = m_document.undoStack()->createUndoAction(this, tr("Undo"));
    auto* redo = m_document.undoStack()->createRedoAction(this, tr("Redo"));
    undo->setShortcut(QKeySequence::Undo);
    redo->setShortcuts({QKeySequence("Ctrl+Shift+Z"), QKeySequence("Ctrl+Y")});
    for (auto* act : {undo, redo}) {
        addAction(act);
        menu->addAction(act);
    }
    m_deliveries->undoButton()->setEnabled(false);
    m_deliveries->redoButton()->setEnabled(false);
    connect(undo, &QAction::changed, this, [this, undo, redo] {
        m_deliveries->undoButton()->setEnabled(undo->isEnabled());
        m_deliveries->undoButton()->setToolTip(undo->text());
        m_deliveries->redoButton()->setEnabled(redo->isEnabled());
    });
    connect(redo, &QAction::changed, this, [this, redo] {
        m_deliveries->redoButton()->setEnabled(redo->isEnabled());
        m_deliveries->redoButton()->setToolTip(redo->text());
    });
    connect(m_deliveries->undoButton(), &QToolButton::clicked, undo, &QAction::trigger);
    connect(m_deliveries->redoButton(), &QToolButton::clicked, redo, &QAction::trigger);
    menu->addSeparator();
    menu->addAction(action(
        tr("Light or dark window"), QKeySequence("Ctrl+T"),
        [this] { setLook(theme().kind == ThemeKind::Dark ? ThemeKind::Light : ThemeKind::Dark, surround()); },
        "sun"));
    menu->addAction(action(tr("Next grey around the pictures"), QKeySequence("Ctrl+G"), [this] {
        setLook(theme().kind, static_cast<Surround>((static_cast<int>(surround()) + 1) % 3));
    }));
    action({}, QKeySequence("Ctrl+E"), [this] { m_header->asSavedButton()->click(); });
    for (int i = 0; i < kViews; ++i)
        action({}, QKeySequence(QString("Ctrl+%1").arg(i + 1)),
               [this, i] { setView(static_cast<ViewKind>(i)); });
    menu->addSeparator();
    menu->addAction(action(
        tr("Stamp"), QKeySequence("Ctrl+Return"), [this] { stampOrChooseFolder(); }, "stamp"));
    menu->addAction(action(tr("Quit"), QKeySequence::Quit, [this] { close(); }));
    m_deliveries->menuButton()->setMenu(menu);
}

} // namespace keepseal::app
