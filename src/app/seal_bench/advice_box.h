// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Advice on placing for the picture on the canvas: each of the nine places with its score, in words for the
// one that is taken, and what would be better. Worked out in the background from the proof's own pixels.
#pragma once

#include "document/job_document.h"
#include "seal/advice.h"
#include "tasks/latest_task.h"

#include <QLabel>
#include <QTimer>
#include <QWidget>

class QPushButton;

namespace keepseal::app {

class AdviceBox : public QWidget {
    Q_OBJECT
public:
    explicit AdviceBox(JobDocument* document, QWidget* parent = nullptr);
    /// The picture without its seal; nullptr: nothing to advise on.
    void setFrame(std::shared_ptr<const Frame> frame);
    const std::optional<PlaceAdvice>& advice() const { return m_advice; }

signals:
    void advised();

private:
    void work();
    void show();
    JobDocument* m_document;
    std::shared_ptr<const Frame> m_frame;
    std::optional<PlaceAdvice> m_advice;
    std::optional<Problem> m_problem; ///< why there is none
    class Map;
    Map* m_map;
    QLabel* m_words;
    QPushButton* m_forMe;
    QTimer m_wait;
    LatestTask<PlaceAdvice> m_task{[this](const TaskOutcome<PlaceAdvice>& outcome) {
        m_problem = outcome.problem;
        m_advice = outcome.result;
        show();
        emit advised();
    }};
};

} // namespace keepseal::app
