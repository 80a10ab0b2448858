// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// "Make copies with" in the menus of file managers: a switch in the window. While it is on, the entries
// follow the library.
#pragma once

#include "shell/desk.h"
#include "shell/window_actions.h"

#include <QAction>
#include <QMenu>

namespace keepseal::app {

class FileManagerDesk : public QObject {
    Q_OBJECT
public:
    explicit FileManagerDesk(DeskTools tools);
    void fillMenu(QMenu* menu, WindowActions& actions);
    QAction* action() { return m_switch; }

private:
    void set(bool on);
    void install(const std::function<void(std::size_t)>& then);
    DeskTools m;
    QAction* m_switch = nullptr;
};

} // namespace keepseal::app
