// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The run bar: one sentence of truth and the one strong button; progress while a run is under way. It shows
// what it is told, and keeps nothing.
#pragma once

#include "stamping/bar_words.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;

namespace keepseal::app {

class RunBar : public QWidget {
    Q_OBJECT
public:
    explicit RunBar(QWidget* parent = nullptr);
    using QWidget::show;
    void show(const BarWords& words);
    QPushButton* heldBackButton() { return m_held; }
    QPushButton* strongButton() { return m_strong; }
    QPushButton* stopButton() { return m_stop; }
    QPushButton* pauseButton() { return m_pause; }
    QPushButton* openButton() { return m_open; }
    QString sentence() const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void setSentence(const QString& text, BarTone tone);
    void setAction(const QString& text, bool enabled);
    void showRun(const BarRun& run);
    QLabel *m_sign, *m_sentence; ///< the tone is told by a sign, too, not by colour alone
    QProgressBar* m_progress;
    QPushButton *m_held, *m_open, *m_pause, *m_stop, *m_strong;
};

} // namespace keepseal::app
