// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/sent.h"

#include "base/text.h"

#include <algorithm>

namespace keepseal {

void noteSent(const std::filesystem::path& ledgerFile, const std::vector<SentCopy>& copies) {
    std::error_code error;
    if (!std::filesystem::exists(ledgerFile, error))
        return;
    auto ledger = readLedger(ledgerFile);
    bool changed = false;
    for (auto& row : ledger.rows)
        for (const auto& copy : copies) {
            const bool same = row.copy == copy.copy && row.copyFingerprint == copy.fingerprint;
            if (!same || std::find(row.sent.begin(), row.sent.end(), copy.to) != row.sent.end())
                continue;
            row.sent.push_back(copy.to);
            changed = true;
        }
    if (!changed)
        return;
    saveLedger(ledger, ledgerFile); // the truth first; the register is made from it
    Register().add(ledger, ledgerFile);
}

Saying wordsOf(const SentTo& sent) {
    const auto when =
        sent.when.size() < 16 ? sent.when : sent.when.substr(0, 10) + " " + sent.when.substr(11, 5) + " UTC";
    const bool letter = sent.as.starts_with('<');
    return {letter ? "in a letter to {place}, {when}" : "sent to {place} as {name}, {when}",
            {{"place", printable(sent.place, 400)}, {"name", printable(sent.as, 400)}, {"when", when}}};
}

} // namespace keepseal
