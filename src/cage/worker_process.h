// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One worker process as a program sees it: asked, watched, and ended when it takes too long. Internal to
// cage/.
#pragma once

#include "base/problem.h"
#include "cage/cage.h"
#include "wire/channel.h"

#include <messages.capnp.h>

#include <atomic>
#include <chrono>
#include <mutex>
#include <sys/types.h>

namespace keepseal::cage {

/// What answering may take. Time is the worker's own computing; one that neither computes nor answers is
/// given up as well.
struct Limits {
    std::chrono::seconds computing{60};
    std::uint64_t memory = 1ULL << 30; ///< bytes
};

/// The process came to an end while it was asked: by what it read, or by something else.
class Broke : public Problem {
public:
    using Problem::Problem;
};

class WorkerProcess {
public:
    /// Throws Problem(Internal) when the program is not there or does not start.
    WorkerProcess();
    /// Ends the process.
    ~WorkerProcess();
    WorkerProcess(const WorkerProcess&) = delete;
    WorkerProcess& operator=(const WorkerProcess&) = delete;

    pid_t pid() const { return m_pid; }
    /// False once it has ended or been given up: then it is of no more use.
    bool alive() const;
    /// Whether it was asked something before: what ends it now may then come from there.
    bool wasAsked() const { return m_asked; }
    /// Halts the process, or lets it go on; nothing happens to one that has ended.
    void stand(bool still);
    /// Waits for it to be ready, the first time.
    Holds holds();

    /// One call at a time. `file`: -1, or what is read. Throws Problem: as the worker answered; Stopped when
    /// patience is over; TooLarge or CannotRead, naming `name`, when it took too much or hung; Broke.
    wire::Received ask(capnp::MessageBuilder& request, int file, const std::string& name,
                       const Limits& limits);

private:
    class Watch;
    void start();
    void awaitReady(const Watch& watch);
    void end();
    std::atomic<pid_t> m_pid{-1}; ///< read by whoever lists the workers
    std::mutex m_ending;          ///< its number may be another's as soon as it was waited for
    std::atomic<bool> m_stands{false};
    wire::Descriptor m_socket;
    bool m_ready = false, m_lost = false, m_asked = false;
    Holds m_holds;
};

} // namespace keepseal::cage
