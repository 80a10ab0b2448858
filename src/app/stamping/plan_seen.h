// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What wall, cards and the station of the place show of a plan: worked out from values alone.
#pragma once

#include "document/job_document.h"
#include "plan/forecast.h"

#include <QStringList>

namespace keepseal::app {

/// Which copies will be held back, as far as it is known.
struct HeldBackSeen {
    std::map<OriginalId, QStringList> pictures; ///< why, each reason once
    std::map<DeliveryId, std::size_t> cards;    ///< how many copies
};
/// `cards`: which cards the plan's deliveries are.
HeldBackSeen heldBackSeen(const JobState& job, const Plan& plan, const Forecast& ahead,
                          const std::vector<DeliveryId>& cards);

struct PlanSeen {
    std::map<DeliveryId, std::size_t> copies; ///< of each card that is in the plan
    QStringList examples; ///< how copies will be called: the first two, and that of the picture looked at
};
PlanSeen planSeen(const Plan& plan, const std::vector<DeliveryId>& cards, DeliveryId current,
                  const std::filesystem::path& lookedAt);

} // namespace keepseal::app
