// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/kept_bytes.h"

namespace keepseal::app {

void KeptBytes::trim() {
    while (true) {
        std::uint64_t bytes = 0;
        Holder* next = nullptr;
        quint64 oldest = 0;
        for (auto* holder : m_holders) {
            bytes += holder->keptBytes();
            const auto use = holder->oldestUse();
            if (use && (!next || *use < oldest)) {
                next = holder;
                oldest = *use;
            }
        }
        if (bytes <= m_most || !next)
            return;
        next->dropOldest();
    }
}

} // namespace keepseal::app
