// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Bounds the memory of pictures in flight. One picture larger than the whole budget still goes, alone.
#pragma once

#include <condition_variable>
#include <cstdint>
#include <mutex>

namespace keepseal {

class MemoryBudget {
public:
    explicit MemoryBudget(std::uint64_t bytes) : m_free(bytes), m_total(bytes) {}

    std::uint64_t total() const { return m_total; }

    class Share {
    public:
        Share(MemoryBudget& budget, std::uint64_t bytes) : m_budget(budget), m_bytes(budget.take(bytes)) {}
        ~Share() { m_budget.give(m_bytes); }
        Share(const Share&) = delete;
        Share& operator=(const Share&) = delete;

    private:
        MemoryBudget& m_budget;
        std::uint64_t m_bytes;
    };

private:
    std::uint64_t take(std::uint64_t wanted) {
        const auto bytes = wanted < m_total ? wanted : m_total;
        std::unique_lock lock(m_mutex);
        m_changed.wait(lock, [&] { return m_free >= bytes; });
        m_free -= bytes;
        return bytes;
    }
    void give(std::uint64_t bytes) {
        {
            const std::lock_guard lock(m_mutex);
            m_free += bytes;
        }
        m_changed.notify_all();
    }

    std::mutex m_mutex;
    std::condition_variable m_changed;
    std::uint64_t m_free;
    const std::uint64_t m_total;
};

} // namespace keepseal
