// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a window without pictures shows.
#pragma once

#include <QStringList>
#include <QWidget>

class QPushButton;

namespace keepseal::app {

class EmptyPage : public QWidget {
    Q_OBJECT
public:
    explicit EmptyPage(QWidget* parent = nullptr);
    /// Offers to go on with the last job; empty: there is none.
    void offerLastJob(const QString& words);
    QPushButton* lastJobButton() { return m_lastJob; }
    /// Cards and cameras that are there, a button each; `words[i]` says which.
    void offerCards(const QStringList& words);

signals:
    void picturesRequested();
    void folderRequested();
    void whatRequested(); ///< a picture that was met somewhere
    void lastJobRequested();
    void cardRequested(int index);

private:
    QPushButton* m_lastJob;
    QWidget* m_cards;
};

} // namespace keepseal::app
