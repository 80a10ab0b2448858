// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Work in the background for one receiver, where the latest wish wins. What the work needs it holds by value;
// what comes out is told on the receiver's thread, in the order of the wishes; after the task is gone nothing
// of it runs and nothing is told. A fault is an outcome like any other: it never ends the program.
#pragma once

#include "base/patience.h"
#include "base/problem.h"

#include <QObject>
#include <QThreadPool>

#include <atomic>
#include <functional>
#include <memory>
#include <optional>

namespace keepseal::app {

/// One of the two is there.
template <class Result>
struct TaskOutcome {
    std::optional<Result> result;
    std::optional<Problem> problem;
};

/// The part without a type: one thread, one wish at work and one that waits. Lives on one thread.
class LatestTaskCore : public QObject {
    Q_OBJECT
public:
    using Tell = std::function<void()>;                             ///< on the receiver's thread
    using Job = std::function<Tell(const std::atomic<bool>& stop)>; ///< in the background; never throws
    explicit LatestTaskCore(QObject* parent = nullptr);
    /// Asks the work to stop, and waits for it.
    ~LatestTaskCore() override;
    /// Overtakes what is at work (which is asked to stop) and what waits.
    void start(Job job);
    void cancel();
    bool busy() const { return m_atWork || m_waiting; }

private:
    void next();
    QThreadPool m_thread;
    std::shared_ptr<std::atomic<bool>> m_stop;
    Job m_waiting;
    bool m_atWork = false;
    quint64 m_wish = 0;
};

template <class Result>
class LatestTask {
public:
    using Work = std::function<Result(const std::atomic<bool>& stop)>;
    using Done = std::function<void(TaskOutcome<Result>)>;

    /// `done` is called on this thread; not for wishes that were overtaken or given up.
    explicit LatestTask(Done done) : m_done(std::make_shared<const Done>(std::move(done))) {}

    void start(Work work) {
        m_core.start([done = m_done, work = std::move(work)](const std::atomic<bool>& stop) {
            auto outcome = std::make_shared<TaskOutcome<Result>>(outcomeOf(work, stop));
            return [done, outcome] { (*done)(std::move(*outcome)); };
        });
    }
    void cancel() { m_core.cancel(); }
    /// Something is at work or waits, and will be told.
    bool busy() const { return m_core.busy(); }

private:
    static TaskOutcome<Result> outcomeOf(const Work& work, const std::atomic<bool>& stop) {
        TaskOutcome<Result> out;
        const Patience patience(stop);
        try {
            out.result = work(stop);
        } catch (const Problem& problem) {
            out.problem = problem;
        } catch (const std::exception& error) {
            out.problem = Problem(ProblemKind::Internal, {}, error.what());
        } catch (...) {
            out.problem = Problem(ProblemKind::Internal, {}, "something went wrong that has no name");
        }
        return out;
    }

    std::shared_ptr<const Done> m_done; ///< shared: the receiver may end this task while it is told
    LatestTaskCore m_core;
};

} // namespace keepseal::app
