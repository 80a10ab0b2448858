// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A folder held against the register, file by file: what is untouched, changed, missing, or nobody's.
#pragma once

#include "record/verify.h"
#include "tasks/latest_task.h"

#include <QDialog>

class QLabel;
class QProgressBar;
class QPushButton;
class QTreeWidget;

namespace keepseal::app {

class VerifyDialog : public QDialog {
    Q_OBJECT
public:
    explicit VerifyDialog(const std::filesystem::path& folder, QWidget* parent = nullptr);
    bool busy() const { return m_task.busy(); }
    QString summary() const;
    QTreeWidget* list() { return m_list; }

private:
    using Files = std::vector<VerifiedFile>;
    void ended(const TaskOutcome<Files>& outcome);
    void showFiles(const Files& files);
    std::filesystem::path m_folder;
    QLabel* m_summary;
    QTreeWidget* m_list;
    QProgressBar* m_busy;
    QPushButton* m_close = nullptr;
    LatestTask<Files> m_task;
};

} // namespace keepseal::app
