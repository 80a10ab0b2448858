// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/patience.h"

namespace keepseal {
namespace {
thread_local const Patience* innermost = nullptr;
}

Patience::Patience(const std::atomic<bool>& stop) : m_stop(stop), m_outer(innermost) {
    innermost = this;
}

Patience::~Patience() {
    innermost = m_outer;
}

bool Patience::isOver() {
    for (const auto* patience = innermost; patience; patience = patience->m_outer)
        if (patience->m_stop)
            return true;
    return false;
}

} // namespace keepseal
