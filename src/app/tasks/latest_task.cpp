// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tasks/latest_task.h"

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
    m_waiting = std::move(job);
    if (!m_atWork)
        next();
}

void LatestTaskCore::cancel() {
    ++m_wish;
    m_waiting = nullptr;
    if (m_stop)
        *m_stop = true;
}

void LatestTaskCore::next() {
    if (!m_waiting)
        return;
    m_atWork = true;
    m_stop = std::make_shared<std::atomic<bool>>(false);
    m_thread.start(QRunnable::create([this, job = std::move(m_waiting), stop = m_stop, wish = m_wish] {
        const auto tell = job(*stop);
        QMetaObject::invokeMethod(
            this,
            [this, tell, wish] {
                const bool latest = wish == m_wish;
                m_atWork = false; // before others hear of it: they may ask
                next();
                if (latest)
                    tell(); // the last step: it may be the end of this task
            },
            Qt::QueuedConnection);
    }));
    m_waiting = nullptr;
}

} // namespace keepseal::app
