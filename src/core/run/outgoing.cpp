// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/outgoing.h"

#include "send/outbox.h"

#include <memory>

namespace keepseal {

Outgoing putIntoOutbox(const Plan& plan, const Ledger& ledger, const std::filesystem::path& file,
                       const std::function<std::optional<std::string>(const std::filesystem::path&)>& ours) {
    Outgoing out;
    std::unique_ptr<Outbox> outbox;
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& row = ledger.rows.at(i);
        const auto& delivery = plan.deliveries[plan.copies[i].delivery];
        if (!delivery.sending.on || (row.outcome != Outcome::Made && row.outcome != Outcome::AlreadyThere))
            continue;
        const auto print = row.copyFingerprint.empty() ? ours(row.copy).value_or("") : row.copyFingerprint;
        std::error_code error;
        const auto bytes = row.copyBytes > 0 ? row.copyBytes : std::filesystem::file_size(row.copy, error);
        if (print.empty() || error)
            continue;
        if (!outbox)
            outbox = std::make_unique<Outbox>();
        OutboxItem item;
        item.copy = row.copy, item.fingerprint = print, item.bytes = bytes;
        item.delivery = delivery.name, item.to = delivery.sending;
        item.folder = plan.copies[i].sendTo, item.name = row.copy.filename().string();
        item.ledger = file;
        if (item.to.isLetter()) // goes only after somebody looked at it
            item.folder = item.to.to, item.state = SendState::Unread;
        const bool added = outbox->add(item);
        out.queued += added;
        out.letters += added && item.state == SendState::Unread;
    }
    return out;
}

} // namespace keepseal
