// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Who asks which worker. Internal to cage/.
#pragma once

#include "cage/worker_process.h"

#include <condition_variable>
#include <memory>
#include <mutex>
#include <vector>

namespace keepseal::cage {

using WorkerPtr = std::shared_ptr<WorkerProcess>;

class Pool {
public:
    static Pool& instance();

    /// A worker for one call, on this thread alone until this is gone.
    class Turn {
    public:
        Turn(Pool& pool, WorkerPtr worker) : m_pool(pool), m_worker(std::move(worker)) {}
        Turn(Turn&&) = default;
        ~Turn() {
            if (m_worker)
                m_pool.giveBack(m_worker);
        }
        WorkerProcess* operator->() const { return m_worker.get(); }
        const WorkerPtr& worker() const { return m_worker; }
        /// Another process in its place.
        void renew() { m_pool.renew(m_worker); }

    private:
        Pool& m_pool;
        WorkerPtr m_worker;
    };

    /// Waits for one to be free, or for this one (if given). Throws Problem(Stopped | Internal).
    Turn turn(const WorkerPtr& wanted = nullptr);
    /// Starts one now, so that the first picture need not wait for it.
    void begin();
    std::vector<WorkerState> states();

private:
    Pool();
    ~Pool();
    void stand(bool still);
    void giveBack(const WorkerPtr& worker);
    void renew(WorkerPtr& worker);
    WorkerPtr freeOne(const WorkerPtr& wanted);
    std::vector<WorkerPtr> ended();

    struct Place {
        WorkerPtr worker;
        bool busy = false;
        bool givesWay = false; ///< see base/give_way.h: apart from those a person is waiting for
    };
    std::mutex m_mutex;
    std::condition_variable m_free;
    std::vector<Place> m_places;
    std::size_t m_most; ///< of each kind
};

} // namespace keepseal::cage
