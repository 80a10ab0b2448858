// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures and folders that a person named become the files they are, in the background.
#pragma once

#include "plan/gather.h"
#include "tasks/latest_task.h"

#include <QObject>

namespace keepseal::app {

class Gathering : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Folders are searched with all their folders. Calls that come while one is under way wait for it.
    void start(const std::vector<std::filesystem::path>& paths);
    /// Nothing more of what was asked for is told.
    void leaveOff();
    bool busy() const { return m_busy; }

signals:
    /// Files of what is being gathered, each once, in their order, as they are met.
    void found(const std::vector<std::filesystem::path>& files);
    /// All of them were told.
    void gathered(const keepseal::Gathered& result);
    void failed(const keepseal::Problem& problem);

private:
    using Files = std::vector<std::filesystem::path>;
    void take(const TaskOutcome<Gathered>& outcome);
    Files m_next;
    std::size_t m_told = 0; ///< of the files of what is being gathered
    bool m_busy = false;
    LatestTask<Gathered, Files> m_task{[this](const TaskOutcome<Gathered>& outcome) { take(outcome); },
                                       [this](const Files& files) {
                                           m_told += files.size();
                                           emit found(files);
                                       }};
};

} // namespace keepseal::app
