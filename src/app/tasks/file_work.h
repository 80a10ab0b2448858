// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading and writing files at a person's word, one after the other, off the window's thread: each is done,
// and then its end is told, or why it could not be done.
#pragma once

#include "tasks/task_queue.h"

namespace keepseal::app {

class FileWork {
public:
    /// `failed` is told what stopped a work that says nothing of its own about it.
    explicit FileWork(std::function<void(const Problem&)> failed) : m_failed(std::move(failed)) {}
    /// Waits for what was asked for: a file that a person saved is not given up with the window.
    ~FileWork() { m_share.finish(); }

    /// `then(result)` on this thread, when it went well.
    template <class Result>
    void run(std::function<Result()> work, std::function<void(Result)> then) {
        m_share.start<Result>(0, std::move(work), [this, then](TaskOutcome<Result> outcome) {
            if (outcome.problem)
                m_failed(*outcome.problem);
            else
                then(std::move(*outcome.result));
        });
    }
    void run(std::function<void()> work, std::function<void()> then = {}) {
        run<NoStep>(
            [work = std::move(work)] {
                work();
                return NoStep();
            },
            [then = std::move(then)](NoStep) {
                if (then)
                    then();
            });
    }
    bool busy() const { return m_share.pending() > 0; }

private:
    std::function<void(const Problem&)> m_failed;
    TaskQueue m_queue{1};
    TaskShare m_share{&m_queue};
};

} // namespace keepseal::app
