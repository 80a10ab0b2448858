// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/give_way.h"

#include <sys/resource.h>
#include <unistd.h>

namespace keepseal {
namespace {

constexpr int kNicer = 10; // a tenth of the processor beside one thread that wants all of it

} // namespace

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

void letGiveWay(int process) {
    ::setpriority(PRIO_PROCESS, static_cast<id_t>(process), kNicer);
}

} // namespace keepseal
