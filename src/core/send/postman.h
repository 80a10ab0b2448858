// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Takes what is due out of the outbox and sends it, one after the other. A copy is sent only as the run made
// it: its bytes are those of the ledger, or it is held. Nothing but copies ever gets into the outbox.
#pragma once

#include "send/outbox.h"

#include <atomic>
#include <functional>

namespace keepseal {

struct PostRound {
    std::size_t sent = 0, leftOut = 0, held = 0, later = 0;
};
/// Until nothing is due any more, or it is stopped; one that failed waits for its next time. `now`: asked
/// again for each. `told`: each item as it is after its try. Throws Problem(Refused) while another program of
/// this person sends, and Problem(CannotWrite) where the outbox can't be used.
PostRound sendDue(Outbox& outbox, const std::function<SendTime()>& now, const std::atomic<bool>& stop,
                  const std::function<void(const OutboxItem&)>& told);

/// ISO 8601, UTC.
std::string sendTimeText(SendTime time);
/// The clock.
SendTime sendTimeNow();

} // namespace keepseal
