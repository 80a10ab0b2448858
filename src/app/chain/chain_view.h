// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The chain: the stations as a line in working order, each with its plain summary, and between them the pixel
// size of the picture being looked at.
#pragma once

#include "document/chain_of.h"
#include "tasks/latest_task.h"

#include <QAbstractButton>

namespace keepseal::app {

/// One station, or the original at the head of the line.
class StationButton : public QAbstractButton {
    Q_OBJECT
public:
    enum class Mark { Start, On, Off, Problem };
    explicit StationButton(const QString& name, QWidget* parent = nullptr);
    void setSummary(const QString& summary, const QString& size, Mark mark, const QString& problem = {});
    QString summary() const { return m_summary; }
    QString sizeText() const { return m_size; }
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QString m_summary, m_size;
    Mark m_mark = Mark::On;
};

class ChainView : public QWidget {
    Q_OBJECT
public:
    ChainView(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void setLookedAt(OriginalId id);
    void setChosen(StationId station);
    StationId chosen() const { return m_chosen; }
    /// A refusal of the plan belongs to the station that causes it.
    void setPlaceProblem(const QString& problem);
    StationButton* button(StationId station) { return m_buttons.at(static_cast<std::size_t>(station)); }

protected:
    void paintEvent(QPaintEvent* event) override;

signals:
    void stationChosen(keepseal::StationId station);

private:
    void refresh();
    void askProfile(const FileSettings& file);
    void takeProfile(const TaskOutcome<QString>& outcome);
    JobDocument* m_document;
    PictureLibrary* m_library;
    StationButton* m_start;
    std::vector<StationButton*> m_buttons;
    StationId m_chosen = StationId::Seal;
    OriginalId m_lookedAt = 0;
    QString m_placeProblem, m_profileProblem;
    /// Why the chosen ICC profile can't be used; empty when it can.
    LatestTask<QString> m_profile{[this](const TaskOutcome<QString>& outcome) { takeProfile(outcome); }};
};

} // namespace keepseal::app
