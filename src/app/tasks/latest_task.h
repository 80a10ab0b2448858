// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Work in the background for one receiver, where the latest wish wins. What the work needs it holds by value;
// what comes out is told on the receiver's thread, in the order of the wishes; after the task is gone nothing
// of it runs and nothing is told.
#pragma once

#include "tasks/outcome.h"

#include <QObject>
#include <QThreadPool>

#include <functional>
#include <memory>

namespace keepseal::app {

/// The part without a type: one thread, one wish at work and one that waits. Lives on one thread.
class LatestTaskCore : public QObject {
    Q_OBJECT
public:
    using Tell = std::function<void()>; ///< on the receiver's thread
    /// To be called by the work, in the background: tells a step that was taken.
    using TellStep = std::function<void(Tell)>;
    /// In the background; never throws.
    using Job = std::function<Tell(const std::atomic<bool>& stop, const TellStep& tellStep)>;
    explicit LatestTaskCore(QObject* parent = nullptr);
    /// Asks the work to stop, and waits for it.
    ~LatestTaskCore() override;
    void start(Job job);
    void follow(Job job);
    void stop();
    void cancel();
    void finish();
    bool busy() const { return m_atWork || m_waiting; }

private:
    void next();
    void end(const Tell& tell, quint64 wish);
    QThreadPool m_thread;
    std::shared_ptr<std::atomic<bool>> m_stop;
    std::shared_ptr<Tell> m_ending; ///< filled by the work at its end
    Job m_waiting;
    bool m_atWork = false;
    quint64 m_wish = 0; ///< the one that is told
};

/// What the work gets.
template <class Step>
struct TaskRun {
    const std::atomic<bool>& stop;         ///< true: nobody waits for the result any more
    std::function<void(const Step&)> tell; ///< a step that was taken
    operator const std::atomic<bool>&() const { return stop; }
};

template <class Result, class Step = NoStep>
class LatestTask {
public:
    using Work = std::function<Result(const TaskRun<Step>&)>;
    using Done = std::function<void(TaskOutcome<Result>)>;
    using OnStep = std::function<void(const Step&)>;

    /// `done` and `step` are called on this thread; not for wishes that were overtaken or given up. `done`
    /// may end this task, `step` may not.
    explicit LatestTask(Done done, OnStep step = {})
        : m_done(std::make_shared<const Done>(std::move(done))),
          m_step(std::make_shared<const OnStep>(std::move(step))) {}

    /// Overtakes what is at work (which is asked to stop, and not told) and what waits.
    void start(Work work) { m_core.start(job(std::move(work))); }
    /// What is at work comes to its end and is told; of those that wait for it only this one is done. For
    /// pictures that follow a hand: the hand sees something at each step.
    void follow(Work work) { m_core.follow(job(std::move(work))); }
    /// Asks the work to come to its end; what it made of itself until then is told.
    void stop() { m_core.stop(); }
    /// Nothing that was asked for until now is told.
    void cancel() { m_core.cancel(); }
    /// Waits for what was asked for and tells it. For the end of the program.
    void finish() { m_core.finish(); }
    /// Something is at work or waits, and will be told.
    bool busy() const { return m_core.busy(); }

private:
    LatestTaskCore::Job job(Work work) const {
        return [done = m_done, step = m_step,
                work = std::move(work)](const std::atomic<bool>& stop,
                                        const LatestTaskCore::TellStep& tellStep) -> LatestTaskCore::Tell {
            const TaskRun<Step> run{stop, [&](const Step& taken) {
                                        tellStep([step, taken] {
                                            if (*step)
                                                (*step)(taken);
                                        });
                                    }};
            auto outcome =
                std::make_shared<TaskOutcome<Result>>(outcomeOf<Result>([&] { return work(run); }, stop));
            return [done, outcome] { (*done)(std::move(*outcome)); };
        };
    }

    std::shared_ptr<const Done> m_done; ///< shared: the receiver may end this task while it is told
    std::shared_ptr<const OnStep> m_step;
    LatestTaskCore m_core;
};

} // namespace keepseal::app
