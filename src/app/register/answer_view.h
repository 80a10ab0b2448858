// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is this? Pictures that were met somewhere, each beside what the register knows it as.
#pragma once

#include "recognise/what_is.h"
#include "tasks/latest_task.h"

#include <QImage>
#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;
class QTextBrowser;

namespace keepseal::app {

class TwoPictures;

/// What was found of one of them.
struct MetAnswer {
    std::shared_ptr<const WhatIs> answer; ///< nullptr: it could not be read
    QString name, problem;
    QImage met, ours;
};

class AnswerView : public QWidget {
    Q_OBJECT
public:
    explicit AnswerView(QWidget* parent = nullptr);
    /// In the background; folders with all in them.
    void ask(const std::vector<std::filesystem::path>& paths);
    void ask(const QImage& pasted);
    bool busy() const { return m_task.busy(); }
    /// The one that is chosen; nullptr: none, or none that could be read.
    const MetAnswer* chosen() const;
    QListWidget* list() { return m_list; }
    QString page() const;
    QPushButton* reportButton() { return m_report; }
    QPushButton* backButton() { return m_back; }

signals:
    void backRequested();
    void reportRequested();

protected:
    void changeEvent(QEvent* event) override;

private:
    void start(std::vector<std::filesystem::path> paths, const QImage& pasted);
    void add(const MetAnswer& answer);
    void showChosen();
    std::vector<MetAnswer> m_answers;
    QLabel* m_summary;
    QListWidget* m_list;
    TwoPictures* m_pictures;
    QTextBrowser* m_page;
    QPushButton *m_stop, *m_report, *m_back;
    LatestTask<std::size_t, MetAnswer> m_task;
};

} // namespace keepseal::app
