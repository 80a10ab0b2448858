// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/bar_words.h"

#include "base/text.h"
#include "delivery/stations.h"

#include <algorithm>

namespace keepseal::app {

QString planSentence(const Plan& plan, const Forecast* ahead, const HardCases::Verdict& verdict) {
    const auto copies = ahead ? ahead->toMake() : plan.count(Outcome::Waiting),
               there = plan.count(Outcome::AlreadyThere), left = plan.count(Outcome::LeftOut);
    const auto pictures = plan.originals.size();
    if (plan.count(Outcome::Waiting) == 0 && plan.count(Outcome::Blocked) == 0)
        return there > 0
                   ? QObject::tr(
                         "All %1 copies are already there, made from the same originals with the same "
                         "settings.")
                         .arg(there)
                   : QObject::tr("Nothing to make: every name is taken, and the delivery says to leave those "
                                 "pictures out.");
    if (ahead && copies == 0 && ahead->heldBack > 0)
        return QObject::tr(
            "No copy can be made as it stands: each would lack something that its delivery promises.");
    if (const auto blocked = plan.count(Outcome::Blocked))
        return QObject::tr("%1 taken, and the delivery says not to begin then: see the plan.")
            .arg(toQt(counted(blocked, "name is", "names are")));
    QString text = toQt(counted(copies, "copy", "copies")) + QObject::tr(" of ") +
                   toQt(counted(pictures, "picture", "pictures"));
    const auto places = plan.places();
    if (places.size() == 1)
        text += QObject::tr(" to %1").arg(toQt(places.front()));
    else
        text += QObject::tr(" to %1 places").arg(places.size());
    if (there > 0)
        text += QObject::tr(" · %1 already there").arg(there);
    if (left > 0)
        text += QObject::tr(" · %1 left out").arg(left);
    if (ahead) {
        if (ahead->bytes > 0)
            text += QObject::tr(" · about %1").arg(toQt(byteText(ahead->bytes)));
        if (ahead->failing > 0)
            text += QObject::tr(" · %1 can't be made").arg(ahead->failing);
        if (ahead->toLookAt > 0)
            text += QObject::tr(" · %1 worth a look").arg(ahead->toLookAt);
        for (const auto& room : ahead->rooms)
            if (room.needed > 0 && room.isShort())
                text += QObject::tr(" · ONLY %1 LEFT ON THE DISK").arg(toQt(byteText(room.free)));
    }
    text += plan.replaced() > 0 ? QObject::tr(" · %1 will be replaced")
                                      .arg(toQt(counted(plan.replaced(), "earlier copy", "earlier copies")))
                                : QObject::tr(" · nothing will be replaced");
    if (std::any_of(plan.deliveries.begin(), plan.deliveries.end(),
                    [](const Delivery& d) { return d.privacy.opensLocation(); }))
        text += QObject::tr(" · THE PLACE IS TOLD");
    // Of the delivery that is looked at, as far as it has been measured.
    if (verdict.hardToRead > 0)
        text += QObject::tr(" · seal hard to read on %1 of %2").arg(verdict.hardToRead).arg(verdict.measured);
    return text;
}

namespace {

/// One of each format of each delivery.
std::size_t copiesOfEach(const std::vector<Delivery>& deliveries) {
    std::size_t out = 0;
    for (const auto& delivery : deliveries)
        out += delivery.file.formats().size();
    return out;
}

/// For people: a setting is called by its station.
QString sentenceFor(const Problem& problem) {
    const auto dot = problem.subject.find('.');
    for (const auto& station : stations())
        if (problem.kind == ProblemKind::BadSetting && problem.subject.substr(0, dot) == station.key)
            return toQt(Problem(problem.kind, station.label, problem.happened, problem.remedy).sentence());
    return toQt(problem.sentence());
}

/// The sentence tells of the run; the button of what is left to do.
BarWords wordsAfterRun(const BarState& state) {
    BarWords out;
    const auto left = state.ahead  ? state.ahead->toMake()
                      : state.plan ? state.plan->count(Outcome::Waiting)
                                   : 0;
    if (left > 0) {
        out.action = state.result->stopped
                         ? QObject::tr("Go on: %1 left").arg(state.result->ledger.count(Outcome::Waiting))
                         : QObject::tr("Try %1 again").arg(left);
        out.enabled = true;
    } else if (state.ahead && state.ahead->heldBack > 0)
        out.action = QObject::tr("Nothing more to make");
    return out;
}

BarWords wordsForPlan(const BarState& state) {
    BarWords out;
    const auto& plan = *state.plan;
    const auto copies = state.ahead ? state.ahead->toMake() : plan.count(Outcome::Waiting);
    const bool blocked = plan.count(Outcome::Blocked) > 0;
    const bool opened = std::any_of(plan.deliveries.begin(), plan.deliveries.end(),
                                    [](const Delivery& d) { return d.privacy.opensLocation(); });
    out.sentence = planSentence(plan, state.ahead, state.verdict);
    out.tone = opened || blocked ? BarTone::Bad : BarTone::Plain;
    out.action = copies == 1 ? QObject::tr("Stamp 1 copy") : QObject::tr("Stamp %1 copies").arg(copies);
    out.enabled = copies > 0 && !blocked;
    out.tellsPlan = true;
    return out;
}

} // namespace

std::optional<std::size_t> tickedWithoutFolder(const std::vector<DeliveryItem>& cards) {
    for (std::size_t i = 0; i < cards.size(); ++i)
        if (cards[i].inNextRun && !cards[i].delivery.place.chosen())
            return i;
    return std::nullopt;
}

BarWords barWords(const BarState& state) {
    if (state.result)
        return wordsAfterRun(state);
    const auto stamp = QObject::tr("Stamp");
    if (state.pictures == 0)
        return {QObject::tr("No pictures yet."), BarTone::Plain, stamp};
    std::vector<Delivery> ticked;
    for (const auto& card : *state.cards)
        if (card.inNextRun)
            ticked.push_back(card.delivery);
    if (ticked.empty())
        return {QObject::tr("No delivery is ticked for the next run."), BarTone::Look, stamp};
    if (const auto homeless = tickedWithoutFolder(*state.cards)) {
        const auto copies = toQt(counted(state.pictures * copiesOfEach(ticked), "copy", "copies"));
        return {ticked.size() == 1
                    ? QObject::tr("%1 can be made as soon as there is a folder for them.").arg(copies)
                    : QObject::tr("%1 can be made as soon as there is a folder for “%2”.")
                          .arg(copies, toQt((*state.cards)[*homeless].delivery.name)),
                BarTone::Plain, QObject::tr("Choose the folder…"), true};
    }
    if (state.problem)
        return {sentenceFor(*state.problem), BarTone::Bad, stamp};
    if (!state.plan)
        return {std::nullopt, BarTone::Plain, stamp};
    return wordsForPlan(state);
}

} // namespace keepseal::app
