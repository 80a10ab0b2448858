// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One bound on all the pixels that views keep of pictures nobody is looking at just now: what was used
// longest ago goes first, whichever view has it.
#pragma once

#include <QtGlobal>

#include <cstdint>
#include <optional>
#include <vector>

namespace keepseal::app {

/// Lives on the window's thread.
class KeptBytes {
public:
    static constexpr std::uint64_t kMost = 112ULL << 20;
    explicit KeptBytes(std::uint64_t most = kMost) : m_most(most) {}

    class Holder {
    public:
        virtual ~Holder() = default;
        /// All it holds, also what is looked at.
        virtual std::uint64_t keptBytes() const = 0;
        /// When that was used which would go first; nothing: all it holds is looked at.
        virtual std::optional<quint64> oldestUse() const = 0;
        virtual void dropOldest() = 0;
    };
    /// Not owned; to be taken out before it ends.
    void add(Holder* holder) { m_holders.push_back(holder); }
    void remove(Holder* holder) { std::erase(m_holders, holder); }
    /// Later than all before.
    quint64 now() { return ++m_now; }
    /// What is looked at stays, even if it alone is more.
    void trim();

private:
    std::uint64_t m_most;
    std::vector<Holder*> m_holders;
    quint64 m_now = 0;
};

} // namespace keepseal::app
