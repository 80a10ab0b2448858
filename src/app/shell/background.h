// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Work of the window that takes longer than a blink: gathering pictures, making the plan, the run itself.
// Each is a task made from a snapshot, and announced when done.
#pragma once

#include "document/job_document.h"
#include "document/picture_library.h"
#include "plan/disk.h"
#include "plan/forecast.h"
#include "plan/gather.h"
#include "run/run.h"
#include "tasks/folder_watch.h"
#include "tasks/freed_elsewhere.h"
#include "tasks/latest_task.h"

#include <QTimer>

#include <atomic>
#include <functional>
#include <optional>

namespace keepseal::app {

class Gathering : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Folders are searched with all their folders. Calls that come while one is under way wait for it.
    void start(const std::vector<std::filesystem::path>& paths);
    bool busy() const { return m_task.busy(); }

signals:
    /// Files of what is being gathered, each once, in their order, as they are met.
    void found(const std::vector<std::filesystem::path>& files);
    /// All of them were told.
    void gathered(const keepseal::Gathered& result);
    void failed(const keepseal::Problem& problem);

private:
    using Files = std::vector<std::filesystem::path>;
    void take(const TaskOutcome<Gathered>& outcome);
    Files m_next;
    std::size_t m_told = 0; ///< of the files of what is being gathered
    LatestTask<Gathered, Files> m_task{[this](const TaskOutcome<Gathered>& outcome) { take(outcome); },
                                       [this](const Files& files) {
                                           m_told += files.size();
                                           emit found(files);
                                       }};
};

using PlanPtr = std::shared_ptr<const Plan>;

/// What the window knows of the originals already; others are read from their files.
FactsOf knownFacts(const PictureLibrary& library);

/// Keeps the plan in step with the job.
class Planning : public QObject {
    Q_OBJECT
public:
    Planning(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    /// The latest plan, or why there is none. Both empty while the first is being made.
    const PlanPtr& plan() const { return m_plan; }
    const std::optional<Problem>& problem() const { return m_problem; }
    bool busy() const { return m_task.busy(); }
    bool current() const { return m_madeFor == m_wanted; }
    /// What the plan was made of.
    const PlanRequest& request() const { return *m_request; }
    /// Which cards its deliveries are, in their order.
    const std::vector<DeliveryId>& cards() const { return m_cards; }
    void renew();     ///< the same disk
    void lookAgain(); ///< files may have changed
    void rest();      ///< a run writes there: what happens in the folders is its own, until lookAgain()

signals:
    void planned();

private:
    struct Made {
        PlanPtr plan;
        std::optional<Problem> problem;
        quint64 number = 0;
        std::shared_ptr<const PlanRequest> request;
        std::vector<DeliveryId> cards;
    };
    void make();
    void take(const TaskOutcome<Made>& outcome);
    JobDocument* m_document;
    PictureLibrary* m_library;
    QTimer m_wait;
    FolderWatch m_watch;
    bool m_resting = false;
    std::shared_ptr<DiskSnapshot> m_disk; ///< null: to be taken
    std::shared_ptr<const PlanRequest> m_request = std::make_shared<const PlanRequest>();
    std::vector<DeliveryId> m_cards;
    quint64 m_wanted = 1, m_madeFor = 0;
    PlanPtr m_plan;
    std::optional<Problem> m_problem;
    LatestTask<Made> m_task{[this](const TaskOutcome<Made>& outcome) { take(outcome); }};
};

/// What the plan will come to: first sizes and warnings, then, once nothing changes for a moment, bytes from
/// a few copies made to find out. What was measured is remembered as long as the settings stay the same.
class Forecasting : public QObject {
    Q_OBJECT
public:
    Forecasting(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    void start(const PlanPtr& plan);
    void cancel();
    bool busy() const { return m_task.busy(); }
    /// Of that plan; nullptr while it is not known.
    const Forecast* of(const Plan* plan) const {
        return plan && m_of.get() == plan ? m_forecast.get() : nullptr;
    }
    /// How many copies the bytes were estimated from.
    std::size_t sampled() const { return m_sampled; }

signals:
    void changed();
    void failed(const keepseal::Problem& problem);

private:
    using RateKey = std::pair<std::string, std::string>; ///< settings digest and format
    struct Made {
        PlanPtr plan;
        std::shared_ptr<const Forecast> forecast;
        ByteRates rates;
        bool sampled = false; ///< the rates are new
    };
    void take(TaskOutcome<Made> outcome);
    void work(bool sample);
    bool knowsAllRates() const;
    ByteRates rates() const;
    JobDocument* m_document;
    PictureLibrary* m_library;
    PlanPtr m_plan, m_of;
    std::shared_ptr<const Forecast> m_forecast;
    std::map<RateKey, std::pair<double, std::size_t>> m_rates;
    std::size_t m_sampled = 0;
    QTimer m_idle, m_soon;
    LatestTask<Made> m_task{[this](TaskOutcome<Made> outcome) { take(std::move(outcome)); }};
};

/// Carries plans out, one after the other.
class Running : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    bool busy() const { return m_task.busy(); }
    /// While a run goes on it waits in line. `shown`: the plan that a person saw of it; may be null. `cards`:
    /// which cards the request's deliveries are.
    void start(PlanRequest request, PlanPtr shown, std::vector<DeliveryId> cards);
    /// Goes on with a run that was stopped or killed.
    void resume(const std::filesystem::path& journal);
    void stop();
    void setPaused(bool paused) { *m_pause = paused; }
    bool paused() const { return *m_pause; }
    std::size_t inLine() const { return m_line.size(); }
    /// The plan being carried out as it was shown; nullptr where none was.
    const PlanPtr& plan() const { return m_plan; }
    /// Of the run at work, or the last one; empty for one of another day.
    const std::vector<DeliveryId>& cards() const { return m_cards; }

signals:
    void begun();
    void progressed(qulonglong done, qulonglong total, qulonglong index, const keepseal::LedgerRow& row);
    void verifying(qulonglong done, qulonglong total);
    void finished(const keepseal::RunResult& result);
    void refused(const keepseal::Problem& problem);

private:
    /// What the run tells while it goes on.
    struct Step {
        RunEvent::Kind kind;
        std::size_t done = 0, total = 0, index = 0;
        LedgerRow row;
    };
    struct Ended {
        RunResult result;
        PlanPtr plan; ///< as it was carried out; null: as before
    };
    using Run = std::function<Ended(const RunOptions&, const std::atomic<bool>& stop,
                                    const std::function<void(const RunEvent&)>&)>;
    void carryOut(Run run);
    void tell(const Step& step);
    void take(const TaskOutcome<Ended>& outcome);
    void next();
    std::shared_ptr<std::atomic<bool>> m_pause = std::make_shared<std::atomic<bool>>(false);
    PlanPtr m_plan;
    struct Wish {
        PlanRequest request;
        PlanPtr shown;
        std::vector<DeliveryId> cards;
    };
    std::vector<DeliveryId> m_cards;
    std::vector<Wish> m_line;
    LatestTask<Ended, Step> m_task{[this](const TaskOutcome<Ended>& outcome) { take(outcome); },
                                   [this](const Step& step) { tell(step); }};
};

} // namespace keepseal::app
