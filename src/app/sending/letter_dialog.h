// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A letter, shown whole before it goes: who gets it, what it says, what hangs on it. What is changed here is
// changed in the letter alone, not in the delivery.
#pragma once

#include "send/letter.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QTreeWidget;

namespace keepseal::app {

class LetterDialog : public QDialog {
    Q_OBJECT
public:
    /// `letters`: all of one delivery to the same receivers: more than one where the copies are too many for
    /// one.
    explicit LetterDialog(std::vector<Letter> letters, QWidget* parent = nullptr);
    std::vector<std::int64_t> ids() const;
    /// As it is to go.
    SendingSettings asTyped() const;
    QLineEdit* receivers() { return m_to; }
    QLineEdit* subject() { return m_subject; }
    QPlainTextEdit* words() { return m_words; }
    QPushButton* sendButton() { return m_send; }

private:
    void addAttached(class QVBoxLayout* column);
    void refresh();
    std::vector<Letter> m_letters;
    QLineEdit *m_to, *m_subject;
    QPlainTextEdit* m_words;
    QTreeWidget* m_attached;
    QLabel* m_problem;
    QPushButton* m_send;
};

} // namespace keepseal::app
