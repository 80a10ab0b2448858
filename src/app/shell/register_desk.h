// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does with the register: pictures asked about, copies made again, tables and reports, what is
// joined and what is forgotten.
#pragma once

#include "chain/drawer.h"
#include "shell/desk.h"
#include "shell/views.h"
#include "shell/window_actions.h"

class QMenu;

namespace keepseal::app {

class RegisterDesk : public QObject {
    Q_OBJECT
public:
    /// `views` and `drawer` are not owned.
    RegisterDesk(DeskTools tools, Views* views, Drawer* drawer);
    void fillMenu(QMenu* menu, WindowActions& actions);
    void chooseWhat();
    /// A run came to its end: what is known of copies has changed.
    void renew();
    bool busy() const { return m_counting.busy() || m_mending.busy(); }

private:
    void showHistory();
    void makeAgain(const std::vector<RegisteredCopy>& copies);
    void showOriginal(const QString& path);
    void saveReport();
    void saveTable();
    void saveAll();
    void join();
    void makeAnew();
    void forgetChosen();
    void countLeft();
    DeskTools m;
    Views* m_views;
    Drawer* m_drawer;
    using Counts = std::map<std::filesystem::path, std::size_t>;
    LatestTask<Counts> m_counting;
    LatestTask<std::optional<Problem>> m_mending;
};

} // namespace keepseal::app
