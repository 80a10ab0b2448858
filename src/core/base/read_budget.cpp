// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/read_budget.h"

#include "base/language.h"

#include <algorithm>

namespace keepseal {
namespace {
constexpr std::uint64_t kReadOver = 6, kReadAtLeast = 256U << 20;
}

ReadBudget::ReadBudget(std::uint64_t fileBytes)
    : m_bytes(kReadAtLeast + std::min<std::uint64_t>(fileBytes, 1ULL << 40) * kReadOver) {}

bool ReadBudget::take(std::uint64_t& left, std::uint64_t count, const char* what) {
    if (spent())
        return false;
    if (count > left) {
        left = 0;
        m_what = what;
        return false;
    }
    left -= count;
    return true;
}

bool ReadBudget::readBytes(std::uint64_t count) {
    return take(m_bytes, count, toSay("parts that refer to each other again and again"));
}
bool ReadBudget::unpackBytes(std::uint64_t count) {
    return take(m_unpacked, count, toSay("more than 64 MB of packed or structured text"));
}
bool ReadBudget::keepBytes(std::uint64_t count) {
    return take(m_kept, count, toSay("more than 24 MB of texts and values"));
}
bool ReadBudget::find() {
    return take(m_findings, 1, toSay("more than 20000 pieces of metadata"));
}
bool ReadBudget::step() {
    return take(m_steps, 1, toSay("more than a million entries"));
}

} // namespace keepseal
