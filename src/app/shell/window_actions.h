// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's actions: each has its keys where they belong, in all of the window or where pictures have the
// focus.
#pragma once

#include <QAction>
#include <QKeySequence>

#include <functional>

namespace keepseal::app {

class WindowActions {
public:
    using Act = std::function<void()>;
    /// `pictureViews`: where keys about the chosen pictures work. None is owned; all outlive this.
    WindowActions(QWidget* window, std::vector<QWidget*> pictureViews)
        : m_window(window), m_pictureViews(std::move(pictureViews)) {}
    /// Works wherever the focus is. Owned by the window.
    QAction* add(const QString& text, const QKeySequence& keys, const Act& act, const QString& iconName = {});
    /// Its keys work where pictures have the focus, and nowhere else.
    QAction* addOnPictures(const QString& text, const QKeySequence& keys, const Act& act,
                           const QString& iconName = {});

private:
    QAction* made(const QString& text, const QKeySequence& keys, const Act& act, const QString& iconName);
    QWidget* m_window;
    std::vector<QWidget*> m_pictureViews;
};

} // namespace keepseal::app
