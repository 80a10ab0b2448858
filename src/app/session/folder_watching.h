// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A folder that other programs fill, watched in the background for as long as the window is there.
#pragma once

#include "base/problem.h"
#include "tasks/latest_task.h"

#include <QObject>

#include <filesystem>
#include <vector>

namespace keepseal::app {

class FolderWatching : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// In place of the one that is watched. `quiet`: seconds in which a picture may not change before it is
    /// taken.
    void start(const std::filesystem::path& folder, bool recursive, double quiet = 2);
    void stop();
    /// Empty: none is watched.
    const std::filesystem::path& folder() const { return m_folder; }

signals:
    /// Pictures that have come to rest, each once as it is.
    void came(const std::vector<std::filesystem::path>& files);
    /// It is watched no more.
    void failed(const keepseal::Problem& problem);

private:
    using Files = std::vector<std::filesystem::path>;
    std::filesystem::path m_folder;
    LatestTask<bool, Files> m_task{[this](const TaskOutcome<bool>& outcome) {
                                       m_folder.clear();
                                       if (outcome.problem)
                                           emit failed(*outcome.problem);
                                   },
                                   [this](const Files& files) { emit came(files); }};
};

} // namespace keepseal::app
