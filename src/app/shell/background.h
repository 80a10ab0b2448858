// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Work of the window that takes longer than a blink: gathering pictures, making the plan, the run itself.
// Each is done on a thread of its own from a snapshot and announced when done; the latest request wins.
#pragma once

#include "document/job_document.h"
#include "run/gather.h"
#include "run/run.h"

#include <QThread>
#include <QTimer>

#include <atomic>
#include <functional>
#include <optional>

namespace keepseal::app {

/// One thread at a time for one kind of work.
class Worker : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    ~Worker() override;
    bool busy() const { return m_thread != nullptr; }
    std::atomic<bool>& stopFlag() { return m_stop; }

protected:
    void startThread(std::function<void()> work, std::function<void()> done);

private:
    QThread* m_thread = nullptr;
    std::atomic<bool> m_stop{false};
};

class Gathering : public Worker {
    Q_OBJECT
public:
    using Worker::Worker;
    /// Folders are searched with all their folders. Calls that come while one is under way wait for it.
    void start(const std::vector<std::filesystem::path>& paths);

signals:
    void gathered(const keepseal::Gathered& result);

private:
    std::vector<std::filesystem::path> m_next;
};

/// Keeps the plan in step with the job.
class Planning : public Worker {
    Q_OBJECT
public:
    explicit Planning(JobDocument* document, QObject* parent = nullptr);
    /// The latest plan, or why there is none. Both empty while the first is being made.
    const std::optional<Plan>& plan() const { return m_plan; }
    const std::optional<Problem>& problem() const { return m_problem; }
    bool current() const { return m_madeFor == m_wanted; }
    void renew(); ///< files may have changed

signals:
    void planned();

private:
    void make();
    JobDocument* m_document;
    QTimer m_wait;
    quint64 m_wanted = 1, m_madeFor = 0;
    std::optional<Plan> m_plan;
    std::optional<Problem> m_problem;
};

class Running : public Worker {
    Q_OBJECT
public:
    using Worker::Worker;
    void start(const Plan& plan);
    void stop() { stopFlag() = true; }

signals:
    void progressed(qulonglong done, qulonglong total, const keepseal::LedgerRow& row);
    void verifying(qulonglong done, qulonglong total);
    void finished(const keepseal::RunResult& result);
    void refused(const keepseal::Problem& problem);
};

} // namespace keepseal::app
