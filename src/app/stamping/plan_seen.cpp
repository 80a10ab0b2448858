// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/plan_seen.h"

#include "document/chain_of.h"

#include <unordered_map>

namespace keepseal::app {

HeldBackSeen heldBackSeen(const JobState& job, const Plan& plan, const Forecast& ahead,
                          const std::vector<DeliveryId>& cards) {
    HeldBackSeen out;
    if (ahead.heldBack == 0)
        return out;
    std::unordered_map<std::string, OriginalId> ids;
    for (const auto& item : *job.originals)
        ids[item.path.native()] = item.id;
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        if (ahead.copies[i].outcome != Outcome::HeldBack)
            continue;
        const auto& copy = plan.copies[i];
        if (copy.delivery < cards.size())
            ++out.cards[cards[copy.delivery]];
        auto& words = out.pictures[ids[plan.originals[copy.original].native()]];
        for (const auto& reason : sentences(holdingBack(
                 ahead.copies[i].notes, plan.deliveries[copy.delivery].place.strict, plan.accepted(copy))))
            if (!words.contains(reason))
                words << reason;
    }
    return out;
}

PlanSeen planSeen(const Plan& plan, const std::vector<DeliveryId>& cards, DeliveryId current,
                  const std::filesystem::path& lookedAt) {
    PlanSeen out;
    for (const auto card : cards)
        out.copies[card] = 0;
    for (const auto& copy : plan.copies) {
        if (copy.outcome == Outcome::LeftOut || copy.delivery >= cards.size())
            continue;
        const auto card = cards[copy.delivery];
        ++out.copies[card];
        const auto& original = plan.originals[copy.original];
        if (card == current && (out.examples.size() < 2 || original == lookedAt))
            out.examples << toQt(original.filename()) + " → " +
                                toQt(copy.target.lexically_relative(plan.roots[copy.delivery]));
    }
    return out;
}

} // namespace keepseal::app
