// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/run_progress.h"

#include "document/job_document.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace keepseal::app {

void RunProgress::begin(std::shared_ptr<const Plan> plan, Time now) {
    *this = {};
    m_began = now;
    if (!plan)
        return;
    for (const auto& delivery : plan->deliveries)
        m_counts.push_back({delivery.name});
    for (const auto& copy : plan->copies)
        if (copy.outcome == Outcome::Waiting) {
            ++m_counts[copy.delivery].total;
            ++m_total;
        }
}

void RunProgress::copyDone(std::size_t done, std::size_t total, const LedgerRow& row) {
    m_verifies = false;
    m_done = done;
    m_total = total;
    m_lastName = row.original.filename().string();
    if (row.deliveryIndex && *row.deliveryIndex < m_counts.size())
        ++m_counts[*row.deliveryIndex].done;
}

void RunProgress::verifying(std::size_t done, std::size_t total) {
    m_verifies = true;
    m_done = done;
    m_total = total;
}

void RunProgress::setPaused(bool paused, Time now) {
    if (paused && !m_pausedSince)
        m_pausedSince = now;
    else if (!paused && m_pausedSince)
        m_pausedFor += now - *std::exchange(m_pausedSince, std::nullopt);
}

QString RunProgress::timeLeft(Time now) const {
    const auto spent = std::chrono::duration<double>(now - m_began - m_pausedFor).count();
    if (m_done < 3 || spent <= 2 || m_done >= m_total) // the first ones say little
        return {};
    const double left = spent * static_cast<double>(m_total - m_done) / static_cast<double>(m_done);
    return left < 90 ? QObject::tr(" · about %1 s left").arg(std::lround(left))
                     : QObject::tr(" · about %1 min left").arg(std::lround(left / 60));
}

QString RunProgress::sentence(std::size_t inLine, Time now) const {
    if (paused())
        return QObject::tr("Paused after the pictures at hand. The job can be worked on meanwhile.");
    if (m_verifies)
        return QObject::tr("Reading the originals again: %1 of %2").arg(m_done).arg(m_total);
    if (m_done == 0)
        return QObject::tr("Stamping…");
    QString text = QObject::tr("Stamping: %1 of %2 · %3").arg(m_done).arg(m_total).arg(toQt(m_lastName));
    const auto begun = std::count_if(m_counts.begin(), m_counts.end(),
                                     [](const Count& count) { return count.total + count.done > 0; });
    if (begun > 1)
        for (const auto& count : m_counts)
            if (count.total + count.done > 0)
                text += QString(" · %1 %2/%3").arg(toQt(count.delivery)).arg(count.done).arg(count.total);
    text += timeLeft(now);
    if (inLine > 0)
        text += QObject::tr(" · %1 more in line").arg(inLine);
    return text;
}

} // namespace keepseal::app
