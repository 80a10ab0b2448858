// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cage/pool.h"

#include "base/give_way.h"
#include "base/patience.h"
#include "base/problem.h"

#include <algorithm>
#include <thread>
#include <utility>

namespace keepseal::cage {

Pool& Pool::instance() {
    static Pool pool;
    return pool;
}

Pool::Pool() : m_most(2 * std::max<std::size_t>(2, std::thread::hardware_concurrency())) {
    Standstill::setFollower([this](bool still) { stand(still); });
}

Pool::~Pool() {
    Standstill::setFollower(nullptr);
}

void Pool::begin() {
    const std::lock_guard lock(m_mutex);
    if (m_places.empty())
        m_places.push_back({std::make_shared<WorkerProcess>()});
}

/// Those that ended give up their places. To be let go of without the lock: that may take a while.
std::vector<WorkerPtr> Pool::ended() {
    std::vector<WorkerPtr> out;
    std::erase_if(m_places, [&](const Place& place) {
        const bool gone = !place.busy && !place.worker->alive();
        if (gone)
            out.push_back(place.worker);
        return gone;
    });
    return out;
}

/// A free one, new if there is room; null: all are busy.
WorkerPtr Pool::freeOne(const WorkerPtr& wanted) {
    const bool patient = givesWay();
    if (patient && Standstill::now())
        return nullptr;
    for (auto& place : m_places)
        if (!place.busy && (wanted ? place.worker == wanted : place.givesWay == patient)) {
            place.busy = true;
            return place.worker;
        }
    const auto ofThisKind = std::count_if(m_places.begin(), m_places.end(),
                                          [&](const Place& place) { return place.givesWay == patient; });
    if (wanted || static_cast<std::size_t>(ofThisKind) >= m_most)
        return nullptr;
    m_places.push_back({std::make_shared<WorkerProcess>(), true, patient});
    if (patient)
        letGiveWay(m_places.back().worker->pid());
    return m_places.back().worker;
}

Pool::Turn Pool::turn(const WorkerPtr& wanted) {
    std::vector<WorkerPtr> gone; // let go of after the lock
    std::unique_lock lock(m_mutex);
    while (true) {
        for (auto& worker : ended())
            gone.push_back(std::move(worker));
        if (auto worker = freeOne(wanted))
            return {*this, std::move(worker)};
        const bool lost = wanted && std::none_of(m_places.begin(), m_places.end(),
                                                 [&](const Place& place) { return place.worker == wanted; });
        if (lost)
            throw Problem(ProblemKind::NotAPicture, {}, "the process that held its pixels came to an end",
                          "Try again");
        if (Patience::isOver())
            throw Problem(ProblemKind::Stopped, {}, "it was stopped");
        m_free.wait_for(lock, std::chrono::milliseconds(100));
    }
}

void Pool::giveBack(const WorkerPtr& worker) {
    const std::lock_guard lock(m_mutex);
    for (auto& place : m_places)
        if (place.worker == worker)
            place.busy = false;
    m_free.notify_all();
}

void Pool::renew(WorkerPtr& worker) {
    const auto fresh = std::make_shared<WorkerProcess>();
    const auto old = std::exchange(worker, fresh); // let go of after the lock
    const std::lock_guard lock(m_mutex);
    for (auto& place : m_places)
        if (place.worker == old) {
            place.worker = fresh;
            if (place.givesWay)
                letGiveWay(fresh->pid());
            if (place.givesWay && Standstill::now())
                fresh->stand(true);
        }
}

void Pool::stand(bool still) {
    const std::lock_guard lock(m_mutex);
    for (const auto& place : m_places)
        if (place.givesWay)
            place.worker->stand(still);
    if (!still)
        m_free.notify_all();
}

std::vector<WorkerState> Pool::states() {
    const std::lock_guard lock(m_mutex);
    std::vector<WorkerState> out;
    for (const auto& place : m_places)
        out.push_back({place.worker->pid(), place.busy});
    return out;
}

Holds holds() {
    const auto turn = Pool::instance().turn();
    return turn->holds();
}

std::string whatIsMissing() {
    Holds held;
    try {
        held = holds();
    } catch (const Problem& problem) {
        return problem.sentence();
    }
    if (held.all())
        return {};
    const std::string lacking = held.calls            ? "file access (Landlock)"
                                : held.fileSystem > 0 ? "system calls (seccomp)"
                                                      : "file access (Landlock) and system calls (seccomp)";
    return "this system's kernel does not let the processes that read pictures give up their " + lacking +
           "; they still run apart, with limits of memory and time, and get originals for reading only";
}

std::vector<WorkerState> workers() {
    return Pool::instance().states();
}

} // namespace keepseal::cage
