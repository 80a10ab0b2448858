// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A watched folder: which one, what is done with the pictures that come, and a list of what was done.
#pragma once

#include <QDialog>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTreeWidget;

namespace keepseal::app {

class WatchDialog : public QDialog {
    Q_OBJECT
public:
    explicit WatchDialog(QWidget* parent = nullptr);
    /// `folder`: the one that is watched; empty: none is.
    void showWatched(const QString& folder);
    /// A line of what was done, the newest on top.
    void add(const QString& when, const QString& picture, const QString& what, bool good);
    void say(const QString& text);
    QLineEdit* folder() { return m_folder; }
    QCheckBox* recursive() { return m_recursive; }
    QCheckBox* stamps() { return m_stamps; }
    QPushButton* watchButton() { return m_watch; }
    QTreeWidget* list() { return m_list; }
    QString said() const;

signals:
    void startRequested(const QString& folder, bool recursive);
    void stopRequested();

private:
    void addButtons();
    QLineEdit* m_folder;
    QPushButton* m_choose;
    QCheckBox *m_recursive, *m_stamps;
    QLabel* m_said;
    QTreeWidget* m_list;
    QPushButton* m_watch = nullptr;
    bool m_watching = false;
};

} // namespace keepseal::app
