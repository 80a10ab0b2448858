// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the desktop does for the window, over D-Bus: notifications with actions (Desktop Notifications
// Specification 1.2), and files shown in the file manager (org.freedesktop.FileManager1). Without a desktop
// nothing happens, or something plainer.
#pragma once

#include <QDBusConnection>
#include <QObject>

#include <filesystem>
#include <vector>

namespace keepseal::app {

class Desktop : public QObject {
    Q_OBJECT
public:
    explicit Desktop(const QDBusConnection& bus = QDBusConnection::sessionBus(), QObject* parent = nullptr);

    struct Action {
        QString key, words;
    };
    /// In place of the one before. What is chosen on it is told by actionChosen().
    void notify(const QString& title, const QString& text, const std::vector<Action>& actions);
    /// Opens its folder with the file chosen in it; where the file manager can't do that, only the folder.
    void showInFolder(const std::filesystem::path& file);

signals:
    void actionChosen(const QString& key);

private slots:
    void takeAction(uint id, const QString& key);

private:
    QDBusConnection m_bus;
    uint m_shown = 0; ///< 0: none yet
};

} // namespace keepseal::app
