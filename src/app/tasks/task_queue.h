// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Work on many things for several receivers, on a few threads, the most wanted first. Each receiver holds a
// share of the queue: what it asked for it holds by value, is told on its own thread, and ends with it.
#pragma once

#include "tasks/outcome.h"

#include <QObject>
#include <QThreadPool>

#include <functional>
#include <memory>

namespace keepseal::app {

/// Lives on one thread, longer than its shares.
class TaskQueue {
public:
    /// `threads` at least 1.
    explicit TaskQueue(int threads);
    ~TaskQueue();
    TaskQueue(const TaskQueue&) = delete;
    TaskQueue& operator=(const TaskQueue&) = delete;
    int threads() const { return m_pool.maxThreadCount(); }

private:
    friend class TaskShare;
    QThreadPool m_pool;
};

class TaskShare {
public:
    explicit TaskShare(TaskQueue* queue);
    /// What waits is dropped, what is at work is asked to stop and waited for; nothing is told any more.
    ~TaskShare();
    TaskShare(const TaskShare&) = delete;
    TaskShare& operator=(const TaskShare&) = delete;

    /// `work()` is called in the background, `done(outcome)` on this thread. The larger `urgency` is, the
    /// sooner.
    template <class Result>
    void start(int urgency, std::function<Result()> work, std::function<void(TaskOutcome<Result>)> done) {
        add(urgency, [work = std::move(work), done = std::move(done)](const std::atomic<bool>& stop) {
            auto outcome = std::make_shared<TaskOutcome<Result>>(outcomeOf<Result>(work, stop));
            return [done, outcome] { done(std::move(*outcome)); };
        });
    }
    /// Waits until all that was asked for is done; none of it is told any more. For the end of the program.
    void finish();
    /// Those that are at work or wait.
    std::size_t pending() const { return m_pending; }
    const TaskQueue& queue() const { return *m_queue; }

private:
    using Tell = std::function<void()>;
    void add(int urgency, std::function<Tell(const std::atomic<bool>& stop)> job);
    struct Shared; ///< with the tasks
    TaskQueue* m_queue;
    std::shared_ptr<Shared> m_shared;
    QObject m_receiver; ///< of the events
    std::size_t m_pending = 0;
};

} // namespace keepseal::app
