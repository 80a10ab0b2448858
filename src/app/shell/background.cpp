// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/background.h"

#include <algorithm>

namespace keepseal::app {

Worker::~Worker() {
    m_stop = true;
    if (m_thread)
        m_thread->wait(); // the run stops between two steps and leaves only whole copies
}

void Worker::startThread(std::function<void()> work, std::function<void()> done) {
    m_stop = false;
    m_thread = QThread::create(std::move(work));
    connect(m_thread, &QThread::finished, this, [this, done = std::move(done)] {
        m_thread->deleteLater();
        m_thread = nullptr;
        done();
    });
    m_thread->start();
}

void Gathering::start(const std::vector<std::filesystem::path>& paths) {
    if (busy()) {
        m_next.insert(m_next.end(), paths.begin(), paths.end());
        return;
    }
    auto result = std::make_shared<Gathered>();
    startThread([this, paths, result] { *result = gather(paths, true, &stopFlag()); },
                [this, result] {
                    emit gathered(*result);
                    if (!m_next.empty())
                        start(std::exchange(m_next, {}));
                });
}

Planning::Planning(JobDocument* document, QObject* parent) : Worker(parent), m_document(document) {
    m_wait.setSingleShot(true);
    m_wait.setInterval(80);
    connect(&m_wait, &QTimer::timeout, this, &Planning::make);
    connect(document, &JobDocument::anythingChanged, this, &Planning::renew);
}

void Planning::renew() {
    ++m_wanted;
    m_wait.start();
}

void Planning::make() {
    if (busy()) {
        m_wait.start();
        return;
    }
    struct Made {
        std::optional<Plan> plan;
        std::optional<Problem> problem;
    };
    auto made = std::make_shared<Made>();
    const auto number = m_wanted;
    startThread(
        [made, paths = m_document->paths(), deliveries = m_document->tickedDeliveries(),
         exceptions = m_document->exceptions()] {
            try {
                made->plan = makePlan(paths, deliveries, std::filesystem::current_path(), exceptions);
            } catch (const Problem& problem) {
                made->problem = problem;
            } catch (const std::exception& error) {
                made->problem = Problem(ProblemKind::Internal, {}, error.what());
            }
        },
        [this, made, number] {
            m_plan = std::move(made->plan);
            m_problem = std::move(made->problem);
            m_madeFor = number;
            emit planned();
        });
}

void Running::start(const Plan& plan) {
    struct Made {
        std::optional<RunResult> result;
        std::optional<Problem> problem;
    };
    auto made = std::make_shared<Made>();
    const auto onEvent = [this](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone)
            QMetaObject::invokeMethod(
                this,
                [this, done = event.done, total = event.total, row = *event.row] {
                    emit progressed(done, total, row);
                },
                Qt::QueuedConnection);
        else if (event.kind == RunEvent::Kind::Verifying)
            QMetaObject::invokeMethod(
                this, [this, done = event.done, total = event.total] { emit verifying(done, total); },
                Qt::QueuedConnection);
    };
    startThread(
        [this, plan, made, onEvent] {
            try {
                made->result = runPlan(plan, {}, stopFlag(), onEvent);
            } catch (const Problem& problem) {
                made->problem = problem;
            } catch (const std::exception& error) {
                made->problem = Problem(ProblemKind::Internal, {}, error.what());
            }
        },
        [this, made] {
            if (made->result)
                emit finished(*made->result);
            else
                emit refused(*made->problem);
        });
}

} // namespace keepseal::app
