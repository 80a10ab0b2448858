// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What one thread made another goes on with. Qt's queues order this already; a thread sanitizer can't see
// into them, and sees a mutex.
#pragma once

#include <mutex>

namespace keepseal::app {

class Handover {
public:
    /// By the thread that made it, when it is done with it.
    void give() { pass(); }
    /// By the thread that goes on, before it touches it.
    void take() { pass(); }

private:
    void pass() { const std::lock_guard lock(m_mutex); }
    std::mutex m_mutex;
};

} // namespace keepseal::app
