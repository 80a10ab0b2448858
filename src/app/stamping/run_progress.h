// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How far a run is: counted from what it tells, and what is left at the pace it had. Time is given, not
// asked.
#pragma once

#include "run/run.h"

#include <QString>

#include <chrono>
#include <memory>
#include <optional>

namespace keepseal::app {

class RunProgress {
public:
    using Time = std::chrono::steady_clock::time_point;
    /// `plan`: what will be made; null where nobody has seen one (a run of another day).
    void begin(std::shared_ptr<const Plan> plan, Time now);
    void copyDone(std::size_t done, std::size_t total, const LedgerRow& row);
    /// The originals are being read again.
    void verifying(std::size_t done, std::size_t total);
    /// Time that was paused is no time that a copy took.
    void setPaused(bool paused, Time now);

    bool paused() const { return m_pausedSince.has_value(); }
    std::size_t done() const { return m_done; }
    std::size_t total() const { return m_total; }
    /// `inLine`: runs that wait for this one.
    QString sentence(std::size_t inLine, Time now) const;

private:
    struct Count {
        std::string delivery;
        std::size_t done = 0, total = 0;
    };
    QString timeLeft(Time now) const;
    std::vector<Count> m_counts; ///< by delivery of the plan
    std::size_t m_done = 0, m_total = 0;
    std::string m_lastName;
    bool m_verifies = false;
    Time m_began;
    Time::duration m_pausedFor{};
    std::optional<Time> m_pausedSince;
};

} // namespace keepseal::app
