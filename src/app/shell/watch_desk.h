// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A watched folder in the window: pictures that come join the job, and are stamped by its ticked deliveries.
#pragma once

#include "recognise/come_again.h"
#include "session/folder_watching.h"
#include "shell/desk.h"
#include "shell/watch_dialog.h"
#include "shell/window_actions.h"
#include "stamping/run_session.h"

#include <QPointer>

#include <set>

namespace keepseal::app {

class WatchDesk : public QObject {
    Q_OBJECT
public:
    WatchDesk(DeskTools tools, RunSession* runs);
    void fillMenu(QMenu* menu, WindowActions& actions);
    void showDialog();
    WatchDialog* dialog() { return m_dialog; }
    FolderWatching& watching() { return m_watching; }

private:
    void start(const QString& folder, bool recursive);
    void stop(const QString& why = {});
    void take(const std::vector<std::filesystem::path>& files);
    void stamp(const std::vector<std::filesystem::path>& files, const std::vector<CameAgain>& again);
    bool mayStamp() const;
    void tellRow(const LedgerRow& row);
    DeskTools m;
    RunSession* m_runs;
    FolderWatching m_watching;
    QPointer<WatchDialog> m_dialog;
    quint64 m_job = 0;                       ///< the job that it is watched for
    int m_comings = 1'000'000;               ///< what comes at a time is one step to undo
    std::set<std::filesystem::path> m_asked; ///< stamped because they came; their rows are told
};

} // namespace keepseal::app
