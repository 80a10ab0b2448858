// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/give_way.h"

#include "base/patience.h"

#include <atomic>
#include <chrono>
#include <mutex>
#include <sys/resource.h>
#include <thread>
#include <unistd.h>
#include <utility>

namespace keepseal {
namespace {

constexpr auto kStandingStep = std::chrono::milliseconds(5);
constexpr int kNicer = 10; // a tenth of the processor beside one thread that wants all of it

struct Standing {
    std::mutex mutex;
    int many = 0;
    std::function<void(bool)> follower;
    std::atomic<bool> now{false}; ///< many > 0
};
Standing& standing() {
    static auto* const all = new Standing; // may be asked while the program ends
    return *all;
}

void standBy(int more) {
    auto& all = standing();
    const std::lock_guard lock(all.mutex);
    all.many += more;
    const bool still = all.many > 0;
    if (all.now.exchange(still) != still && all.follower)
        all.follower(still);
}

} // namespace

Standstill::Standstill() {
    standBy(1);
}

Standstill::~Standstill() {
    standBy(-1);
}

bool Standstill::now() {
    return standing().now;
}

void Standstill::setFollower(std::function<void(bool)> follower) {
    const std::lock_guard lock(standing().mutex);
    standing().follower = std::move(follower);
}

bool givesWay() {
    return ::getpriority(PRIO_PROCESS, 0) >= kNicer;
}

// On Linux a thread has a niceness of its own, and hands it on to those it starts: setpriority(2),
// pthreads(7).
void giveWay() {
    if (givesWay())
        return; // or nicer than that: it stays so
    ::setpriority(PRIO_PROCESS, 0, kNicer);
}

void standAside() {
    if (!Standstill::now() || !givesWay())
        return;
    while (Standstill::now() && !Patience::isOver())
        std::this_thread::sleep_for(kStandingStep);
}

void letGiveWay(int process) {
    ::setpriority(PRIO_PROCESS, static_cast<id_t>(process), kNicer);
}

} // namespace keepseal
