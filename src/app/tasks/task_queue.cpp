// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tasks/task_queue.h"

#include "tasks/handover.h"

#include <QCoreApplication>
#include <QRunnable>

#include <condition_variable>
#include <mutex>

namespace keepseal::app {

struct TaskShare::Shared {
    std::mutex mutex;
    std::condition_variable left;
    std::atomic<bool> stop{false};
    int atWork = 0, waiting = 0;

    void queue() {
        const std::lock_guard lock(mutex);
        ++waiting;
    }
    bool enter() {
        const std::lock_guard lock(mutex);
        --waiting;
        atWork += !stop;
        return !stop;
    }
    void leave() {
        const std::lock_guard lock(mutex);
        --atWork;
        left.notify_all();
    }
    void finish() {
        std::unique_lock lock(mutex);
        left.wait(lock, [this] { return atWork == 0 && waiting == 0; });
    }
    void end() {
        std::unique_lock lock(mutex);
        stop = true;
        left.wait(lock, [this] { return atWork == 0; });
    }
};

TaskQueue::TaskQueue(int threads) {
    m_pool.setMaxThreadCount(threads);
    m_pool.setExpiryTimeout(-1);
}

TaskQueue::~TaskQueue() {
    m_pool.clear();
    m_pool.waitForDone();
}

TaskShare::TaskShare(TaskQueue* queue) : m_queue(queue), m_shared(std::make_shared<Shared>()) {}

TaskShare::~TaskShare() {
    m_shared->end();
}

void TaskShare::finish() {
    m_shared->finish();
    QCoreApplication::removePostedEvents(&m_receiver);
    m_pending = 0;
}

void TaskShare::add(int urgency, std::function<Tell(const std::atomic<bool>&)> job) {
    ++m_pending;
    m_shared->queue();
    const auto handover = std::make_shared<Handover>();
    m_queue->m_pool.start(QRunnable::create([this, shared = m_shared, job = std::move(job), handover] {
                              if (!shared->enter())
                                  return;
                              auto tell = job(shared->stop);
                              handover->give();
                              QMetaObject::invokeMethod(
                                  &m_receiver,
                                  [this, handover, tell = std::move(tell)] {
                                      handover->take();
                                      --m_pending;
                                      tell();
                                  },
                                  Qt::QueuedConnection);
                              shared->leave();
                          }),
                          urgency);
}

} // namespace keepseal::app
