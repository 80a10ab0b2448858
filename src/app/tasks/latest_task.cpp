// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tasks/latest_task.h"

#include "tasks/handover.h"

#include <QRunnable>

namespace keepseal::app {

LatestTaskCore::LatestTaskCore(QObject* parent) : QObject(parent) {
    m_thread.setMaxThreadCount(1);
}

LatestTaskCore::~LatestTaskCore() {
    cancel();
    m_thread.waitForDone();
}

void LatestTaskCore::start(Job job) {
    cancel();
    follow(std::move(job));
}

void LatestTaskCore::follow(Job job) {
    m_waiting = std::move(job);
    if (!m_atWork)
        next();
}

void LatestTaskCore::stop() {
    if (m_stop)
        *m_stop = true;
}

void LatestTaskCore::cancel() {
    ++m_wish;
    m_waiting = nullptr;
    stop();
}

void LatestTaskCore::finish() {
    while (busy()) {
        m_thread.waitForDone();
        if (const auto ending = std::exchange(m_ending, nullptr); ending && *ending)
            (*ending)(); // before its event: that finds nothing left to tell
    }
}

void LatestTaskCore::next() {
    if (!m_waiting)
        return;
    m_atWork = true;
    m_stop = std::make_shared<std::atomic<bool>>(false);
    m_ending = std::make_shared<Tell>();
    const auto handover = std::make_shared<Handover>();
    handover->give();
    m_thread.start(QRunnable::create(
        [this, job = std::move(m_waiting), stop = m_stop, ending = m_ending, wish = m_wish, handover] {
            handover->take();
            const auto tellStep = [this, wish, handover](Tell step) {
                handover->give();
                QMetaObject::invokeMethod(
                    this,
                    [this, wish, step = std::move(step), handover] {
                        handover->take();
                        if (wish == m_wish)
                            step();
                    },
                    Qt::QueuedConnection);
            };
            *ending = [this, wish, tell = job(*stop, tellStep)] { end(tell, wish); };
            handover->give();
            QMetaObject::invokeMethod(
                this,
                [this, ending, handover] {
                    handover->take();
                    if (ending == m_ending) {
                        m_ending = nullptr;
                        (*ending)(); // the last step: it may be the end of this task
                    }
                },
                Qt::QueuedConnection);
        }));
    m_waiting = nullptr;
}

void LatestTaskCore::end(const Tell& tell, quint64 wish) {
    const bool latest = wish == m_wish;
    m_atWork = false; // before others hear of it: they may ask
    next();
    if (latest)
        tell();
}

} // namespace keepseal::app
