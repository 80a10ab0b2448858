// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Work of the window that takes longer than a blink: gathering pictures, making the plan, the run itself.
// Each is done on a thread of its own from a snapshot and announced when done; the latest request wins.
#pragma once

#include "document/job_document.h"
#include "document/picture_library.h"
#include "plan/disk.h"
#include "plan/forecast.h"
#include "plan/gather.h"
#include "run/run.h"

#include <QFileSystemWatcher>
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
    void waitForThread();

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

using PlanPtr = std::shared_ptr<const Plan>;

/// What the window knows of the originals already; others are read from their files.
FactsOf knownFacts(const JobDocument& document, const PictureLibrary& library);

/// Keeps the plan in step with the job.
class Planning : public Worker {
    Q_OBJECT
public:
    Planning(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    /// The latest plan, or why there is none. Both empty while the first is being made.
    const PlanPtr& plan() const { return m_plan; }
    const std::optional<Problem>& problem() const { return m_problem; }
    bool current() const { return m_madeFor == m_wanted; }
    /// What the plan was made of.
    const PlanRequest& request() const { return m_request; }
    void renew();     ///< the same disk
    void lookAgain(); ///< files may have changed
    void rest();      ///< a run writes there: what happens in the folders is its own, until lookAgain()

signals:
    void planned();

private:
    void make();
    void watch(const QStringList& folders);
    JobDocument* m_document;
    PictureLibrary* m_library;
    QTimer m_wait;
    QFileSystemWatcher m_watcher;
    bool m_resting = false;
    std::shared_ptr<DiskSnapshot> m_disk; ///< null: to be taken
    PlanRequest m_request;
    quint64 m_wanted = 1, m_madeFor = 0;
    PlanPtr m_plan;
    std::optional<Problem> m_problem;
};

/// What the plan will come to: first sizes and warnings, then, once nothing changes for a moment, bytes from
/// a few copies made to find out. What was measured is remembered as long as the settings stay the same.
class Forecasting : public Worker {
    Q_OBJECT
public:
    Forecasting(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    void start(const PlanPtr& plan);
    void cancel();
    /// Of that plan; nullptr while it is not known.
    const Forecast* of(const Plan* plan) const { return plan && m_of.get() == plan ? &m_forecast : nullptr; }
    /// How many copies the bytes were estimated from.
    std::size_t sampled() const { return m_sampled; }

signals:
    void changed();

private:
    using RateKey = std::pair<std::string, std::string>; ///< settings digest and format
    void work(bool sample);
    bool knowsAllRates() const;
    ByteRates rates() const;
    JobDocument* m_document;
    PictureLibrary* m_library;
    PlanPtr m_plan, m_of;
    Forecast m_forecast;
    std::map<RateKey, std::pair<double, std::size_t>> m_rates;
    std::size_t m_sampled = 0;
    QTimer m_idle, m_soon;
};

/// Carries plans out, one after the other.
class Running : public Worker {
    Q_OBJECT
public:
    using Worker::Worker;
    /// While a run goes on it waits in line. `shown`: the plan that a person saw of it; may be null.
    void start(PlanRequest request, PlanPtr shown);
    /// Goes on with a run that was stopped or killed.
    void resume(const std::filesystem::path& journal);
    void stop();
    void setPaused(bool paused) { m_pause = paused; }
    bool paused() const { return m_pause; }
    std::size_t inLine() const { return m_line.size(); }
    /// The plan being carried out as it was shown; nullptr where none was.
    const PlanPtr& plan() const { return m_plan; }

signals:
    void begun();
    void progressed(qulonglong done, qulonglong total, qulonglong index, const keepseal::LedgerRow& row);
    void verifying(qulonglong done, qulonglong total);
    void finished(const keepseal::RunResult& result);
    void refused(const keepseal::Problem& problem);

private:
    using Run = std::function<RunResult(const RunOptions&, const std::function<void(const RunEvent&)>&)>;
    /// `ended` is called on this thread before the result is told; may be empty.
    void carryOut(Run run, const std::function<void()>& ended = {});
    void next();
    std::atomic<bool> m_pause{false};
    PlanPtr m_plan;
    struct Wish {
        PlanRequest request;
        PlanPtr shown;
    };
    std::vector<Wish> m_line;
};

/// Writes what is asked for; one at a time, the latest wins.
class Reporting : public Worker {
    Q_OBJECT
public:
    using Worker::Worker;
    using Work = std::function<void(const std::atomic<bool>& stop)>;
    void start(Work work);

signals:
    void done();
    void failed(const keepseal::Problem& problem);

private:
    Work m_next;
};

} // namespace keepseal::app
