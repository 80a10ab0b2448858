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
    for (auto* later :
         {static_cast<QWidget*>(m_progress), static_cast<QWidget*>(m_stop), static_cast<QWidget*>(m_pause),
          static_cast<QWidget*>(m_open), static_cast<QWidget*>(m_held), static_cast<QWidget*>(m_sign)})
        later->hide();
}

void RunBar::show(const BarWords& words) {
    if (words.sentence)
        setSentence(*words.sentence, words.tone);
    if (words.action)
        setAction(*words.action, words.enabled);
    m_strong->setVisible(words.strong);
    m_open->setVisible(words.openFolder);
    m_held->setText(" " + tr("%1 held back").arg(words.heldBack));
    m_held->setVisible(words.heldBack > 0);
    for (auto* ofRun :
         {static_cast<QWidget*>(m_progress), static_cast<QWidget*>(m_stop), static_cast<QWidget*>(m_pause)})
        ofRun->setVisible(words.run.has_value());
    if (words.run)
        showRun(*words.run);
}

void RunBar::showRun(const BarRun& run) {
    m_progress->setRange(0, static_cast<int>(run.total));
    m_progress->setValue(static_cast<int>(run.done));
    m_stop->setEnabled(!run.stopping);
    m_pause->setText(run.paused ? tr("Go on") : tr("Pause"));
    m_pause->setToolTip(run.paused ? tr("Go on where it is") : tr("Finish the pictures at hand, then wait"));
}

void RunBar::setSentence(const QString& text, BarTone tone) {
    m_sentence->setText(text);
    const Theme& t = theme();
    const QColor colour = tone == BarTone::Plain  ? t.text
                          : tone == BarTone::Look ? t.look
                          : tone == BarTone::Bad  ? t.bad
                                                  : t.good;
    // Asked at each step of a slider and each copy: a style sheet is worked out anew only for another colour.
    if (const auto sheet = QString("color: %1;").arg(colour.name()); m_sentence->styleSheet() != sheet)
        m_sentence->setStyleSheet(sheet);
    const char* sign = tone == BarTone::Look  ? "triangle-alert"
                       : tone == BarTone::Bad ? "circle-alert"
                                              : "circle-check";
    m_sign->setVisible(tone != BarTone::Plain);
    if (tone != BarTone::Plain)
        m_sign->setPixmap(iconPixmap(sign, colour, 18, devicePixelRatioF()));
}

QString RunBar::sentence() const {
    return m_sentence->text();
}

void RunBar::setAction(const QString& text, bool enabled) {
    m_strong->setText(" " + text);
    if (m_strong->isEnabled() == enabled)
        return;
    m_strong->setEnabled(enabled);
    m_strong->setIcon(icon("stamp", enabled ? Tint::OnAccent : Tint::Quiet));
}

void RunBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().window);
    painter.fillRect(QRect(0, 0, width(), 1), theme().line);
}

} // namespace keepseal::app
