// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/window_actions.h"

#include "theme/theme.h"

#include <QWidget>

namespace keepseal::app {

QAction* WindowActions::made(const QString& text, const QKeySequence& keys, const Act& act,
                             const QString& iconName) {
    auto* action = new QAction(text, m_window);
    action->setShortcut(keys);
    if (!iconName.isEmpty())
        action->setIcon(icon(iconName));
    QObject::connect(action, &QAction::triggered, m_window, act);
    return action;
}

QAction* WindowActions::add(const QString& text, const QKeySequence& keys, const Act& act,
                            const QString& iconName) {
    auto* action = made(text, keys, act, iconName);
    m_window->addAction(action);
    return action;
}

QAction* WindowActions::addOnPictures(const QString& text, const QKeySequence& keys, const Act& act,
                                      const QString& iconName) {
    auto* action = made(text, keys, act, iconName);
    action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
    for (auto* view : m_pictureViews)
        view->addAction(action);
    return action;
}

} // namespace keepseal::app
