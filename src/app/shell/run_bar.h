// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The run bar: one sentence of truth and the one strong button; progress while a run is under way.
#pragma once

#include "shell/bar_words.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;

namespace keepseal::app {

class RunBar : public QWidget {
    Q_OBJECT
public:
    explicit RunBar(QWidget* parent = nullptr);
    using Tone = BarTone;
    void setSentence(const QString& text, Tone tone = Tone::Plain);
    void setAction(const QString& text, bool enabled);
    void setOpenFolder(bool visible);
    void setProgress(qulonglong done, qulonglong total, const QString& text);
    void setRunning(bool running);
    QPushButton* heldBackButton() { return m_held; }
    /// How many copies will be held back; 0 hides the button.
    void setHeldBack(std::size_t copies);
    QPushButton* strongButton() { return m_strong; }
    QPushButton* stopButton() { return m_stop; }
    QPushButton* pauseButton() { return m_pause; }
    void setPaused(bool paused);
    QPushButton* openButton() { return m_open; }
    QString sentence() const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QLabel *m_sign, *m_sentence; ///< the tone is told by a sign, too, not by colour alone
    QProgressBar* m_progress;
    QPushButton *m_held, *m_open, *m_pause, *m_stop, *m_strong;
};

} // namespace keepseal::app
