// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The outbox in the window: what waits, what was sent, and what is held and why.
#pragma once

#include "sending/posting.h"

#include <QDialog>

class QLabel;
class QPushButton;
class QTreeWidget;

namespace keepseal::app {

class OutboxDialog : public QDialog {
    Q_OBJECT
public:
    OutboxDialog(Posting* posting, QWidget* parent = nullptr);
    QTreeWidget* list() { return m_list; }
    QPushButton* againButton() { return m_again; }
    QPushButton* dropButton() { return m_drop; }
    QPushButton* lettersButton() { return m_letters; }
    QString summary() const;

private:
    void refresh();
    void showLetters();
    void refreshButtons();
    std::vector<std::int64_t> chosen() const;
    Posting* m_posting;
    QLabel* m_summary;
    QTreeWidget* m_list;
    QLabel* m_problem;
    QPushButton *m_letters, *m_again, *m_drop, *m_dropSent;
};

} // namespace keepseal::app
