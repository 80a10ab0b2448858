// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/run_bar.h"

#include "theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>

namespace keepseal::app {

RunBar::RunBar(QWidget* parent)
    : QWidget(parent), m_sign(new QLabel), m_sentence(new QLabel), m_progress(new QProgressBar),
      m_held(new QPushButton), m_open(new QPushButton(" " + tr("Open folder"))),
      m_pause(new QPushButton(tr("Pause"))), m_stop(new QPushButton(tr("Stop"))), m_strong(new QPushButton) {
    setAccessibleName(tr("Run"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(kGap4, kGap2, kGap4, kGap2);
    row->setSpacing(kGap3);
    auto* words = new QVBoxLayout;
    words->setSpacing(5);
    m_sentence->setWordWrap(true);
    m_sentence->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_progress->setTextVisible(false);
    m_progress->setAccessibleName(tr("Progress of the run"));
    words->addWidget(m_sentence);
    words->addWidget(m_progress);
    row->addWidget(m_sign);
    row->addLayout(words, 1);
    m_strong->setProperty("strong", true);
    m_strong->setIcon(icon("stamp", Tint::OnAccent));
    m_open->setIcon(icon("folder-open"));
    m_stop->setToolTip(tr("Finished copies stay; the next run goes on where this one was"));
    m_held->setIcon(icon("lock", Tint::Bad));
    m_held->setToolTip(tr("Copies that would lack something their delivery promises: shows them and why"));
    for (auto* button : {m_held, m_open, m_pause, m_stop, m_strong})
        row->addWidget(button);
    setRunning(false);
    m_open->hide();
    m_held->hide();
}

void RunBar::setHeldBack(std::size_t copies) {
    m_held->setText(" " + tr("%1 held back").arg(copies));
    m_held->setVisible(copies > 0);
}

void RunBar::setSentence(const QString& text, Tone tone) {
    m_sentence->setText(text);
    const Theme& t = theme();
    const QColor colour = tone == Tone::Plain  ? t.text
                          : tone == Tone::Look ? t.look
                          : tone == Tone::Bad  ? t.bad
                                               : t.good;
    m_sentence->setStyleSheet(QString("color: %1;").arg(colour.name()));
    const char* sign = tone == Tone::Look  ? "triangle-alert"
                       : tone == Tone::Bad ? "circle-alert"
                                           : "circle-check";
    m_sign->setVisible(tone != Tone::Plain);
    if (tone != Tone::Plain)
        m_sign->setPixmap(iconPixmap(sign, colour, 18, devicePixelRatioF()));
}

QString RunBar::sentence() const {
    return m_sentence->text();
}

void RunBar::setAction(const QString& text, bool enabled) {
    m_strong->setText(" " + text);
    m_strong->setEnabled(enabled);
    m_strong->setIcon(icon("stamp", enabled ? Tint::OnAccent : Tint::Quiet));
}

void RunBar::setOpenFolder(bool visible) {
    m_open->setVisible(visible);
}

void RunBar::setProgress(qulonglong done, qulonglong total, const QString& text) {
    m_progress->setRange(0, static_cast<int>(total));
    m_progress->setValue(static_cast<int>(done));
    setSentence(text);
}

void RunBar::setRunning(bool running) {
    m_progress->setVisible(running);
    m_stop->setVisible(running);
    m_pause->setVisible(running);
    setPaused(false);
    m_strong->setVisible(!running);
}

void RunBar::setPaused(bool paused) {
    m_pause->setText(paused ? tr("Go on") : tr("Pause"));
    m_pause->setToolTip(paused ? tr("Go on where it is") : tr("Finish the pictures at hand, then wait"));
}

void RunBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().window);
    painter.fillRect(QRect(0, 0, width(), 1), theme().line);
}

} // namespace keepseal::app
