// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The plan, kept in step with the job in the background.
#pragma once

#include "document/job_document.h"
#include "document/picture_library.h"
#include "plan/disk.h"
#include "plan/plan.h"
#include "tasks/folder_watch.h"
#include "tasks/latest_task.h"

#include <QTimer>

#include <optional>

namespace keepseal::app {

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

} // namespace keepseal::app
