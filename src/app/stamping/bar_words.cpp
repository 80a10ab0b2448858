// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/bar_words.h"

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
        return saidQt(blocked, "{n} name is taken, and the delivery says not to begin then: see the plan.",
                      "{n} names are taken, and the delivery says not to begin then: see the plan.");
    const auto places = plan.places();
    const auto to = places.size() == 1 ? QObject::tr("to %1").arg(toQt(places.front()))
                                       : saidQt(places.size(), "to {n} place", "to {n} places");
    QString text = QObject::tr("%1 %2 %3", "3 copies, of 2 pictures, to a folder")
                       .arg(saidQt(copies, "{n} copy", "{n} copies"),
                            saidQt(pictures, "of {n} picture", "of {n} pictures"), to);
    if (there > 0)
        text += QObject::tr(" · %1 already there").arg(there);
    if (left > 0)
        text += QObject::tr(" · %1 left out").arg(left);
    if (ahead) {
        if (ahead->bytes > 0)
            text += QObject::tr(" · about %1").arg(toQt(shownBytes(ahead->bytes)));
        if (ahead->failing > 0)
            text += QObject::tr(" · %1 can't be made").arg(ahead->failing);
        if (ahead->toLookAt > 0)
            text += QObject::tr(" · %1 worth a look").arg(ahead->toLookAt);
        for (const auto& room : ahead->rooms)
            if (room.needed > 0 && room.isShort())
                text += QObject::tr(" · ONLY %1 LEFT ON THE DISK").arg(toQt(shownBytes(room.free)));
    }
    text += plan.replaced() > 0 ? saidQt(plan.replaced(), " · {n} earlier copy will be replaced",
                                         " · {n} earlier copies will be replaced")
                                : QObject::tr(" · nothing will be replaced");
    if (std::any_of(plan.deliveries.begin(), plan.deliveries.end(),
                    [](const Delivery& d) { return d.privacy.opensLocation(); }))
        text += QObject::tr(" · THE PLACE IS TOLD");
    // Of the delivery that is looked at, as far as it has been measured.
    if (verdict.hardToRead > 0)
        text += QObject::tr(" · seal hard to read on %1 of %2").arg(verdict.hardToRead).arg(verdict.measured);
    return text;
}

QString sentenceFor(const Problem& problem) {
    const auto dot = problem.subject.find('.');
    for (const auto& station : stations())
        if (problem.kind == ProblemKind::BadSetting && problem.subject.substr(0, dot) == station.key)
            return toQt(Problem(problem.kind, station.label, problem.happened, problem.remedy).sentence());
    return toQt(problem.sentence());
}

namespace {

/// One of each format of each delivery.
std::size_t copiesOfEach(const std::vector<Delivery>& deliveries) {
    std::size_t out = 0;
    for (const auto& delivery : deliveries)
        out += delivery.file.formats().size();
    return out;
}

QString runSentence(const RunOutcome& run) {
    QString text = run.stopped
                       ? saidQt(run.made, "Stopped. {n} copy was made, %1 not reached; it can go on there.",
                                "Stopped. {n} copies were made, %1 not reached; it can go on there.")
                             .arg(run.waiting)
                       : saidQt(run.made, "{n} copy made and checked.", "{n} copies made and checked.");
    if (run.failed > 0)
        text += " " + saidQt(run.failed, "{n} copy could not be made.", "{n} copies could not be made.");
    if (run.heldBack > 0)
        text += " " + saidQt(run.heldBack, "{n} copy was held back: see the check.",
                             "{n} copies were held back: see the check.");
    text += run.originalsKept ? QObject::tr(" The originals are byte for byte as they were.")
                              : QObject::tr(" An original changed during the run: see the check.");
    return text;
}

QString stampWords(std::size_t copies) {
    return saidQt(copies, "Stamp {n} copy", "Stamp {n} copies");
}

/// The sentence tells of the run; the button of what is left to do.
BarWords wordsAfterRun(const BarState& state) {
    const auto& run = *state.last;
    BarWords out;
    out.sentence = runSentence(run);
    out.tone = run.complete() && run.originalsKept ? BarTone::Good : BarTone::Look;
    out.openFolder = run.made > 0;
    const auto left = state.ahead  ? state.ahead->toMake()
                      : state.plan ? state.plan->count(Outcome::Waiting)
                                   : 0;
    if (left > 0) {
        const bool tried = left <= run.failed + run.heldBack; // a run of single pictures leaves the others
        out.action = run.stopped ? QObject::tr("Go on: %1 left").arg(run.waiting)
                     : tried     ? QObject::tr("Try %1 again").arg(left)
                                 : stampWords(left);
        out.enabled = true;
    } else if (run.complete())
        out.action = QObject::tr("All stamped");
    else // until the new plan knows what is left
        out.action = state.plan ? QObject::tr("Nothing more to make") : QObject::tr("Planning…");
    return out;
}

BarWords wordsWhileRunning(const BarState& state) {
    BarWords out;
    out.run = state.run;
    out.sentence = state.run->sentence;
    out.strong = state.run->more;
    out.action = QObject::tr("Stamp this as well, after it");
    out.enabled = true;
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
    out.action = stampWords(copies);
    out.enabled = copies > 0 && !blocked;
    return out;
}

BarWords saying(std::optional<QString> sentence, BarTone tone, const QString& action, bool enabled = false) {
    BarWords out;
    out.sentence = std::move(sentence);
    out.tone = tone;
    out.action = action;
    out.enabled = enabled;
    return out;
}

/// Before a run.
BarWords wordsForJob(const BarState& state) {
    const auto stamp = QObject::tr("Stamp");
    if (state.pictures == 0)
        return saying(QObject::tr("No pictures yet."), BarTone::Plain, stamp);
    std::vector<Delivery> ticked;
    for (const auto& card : *state.cards)
        if (card.inNextRun)
            ticked.push_back(card.delivery);
    if (ticked.empty())
        return saying(QObject::tr("No delivery is ticked for the next run."), BarTone::Look, stamp);
    if (const auto homeless = tickedWithoutFolder(*state.cards)) {
        const auto copies = state.pictures * copiesOfEach(ticked);
        return saying(ticked.size() == 1
                          ? saidQt(copies, "{n} copy can be made as soon as there is a folder for it.",
                                   "{n} copies can be made as soon as there is a folder for them.")
                          : saidQt(copies, "{n} copy can be made as soon as there is a folder for “%1”.",
                                   "{n} copies can be made as soon as there is a folder for “%1”.")
                                .arg(toQt((*state.cards)[*homeless].delivery.name)),
                      BarTone::Plain, QObject::tr("Choose the folder…"), true);
    }
    if (state.problem)
        return saying(sentenceFor(*state.problem), BarTone::Bad, stamp);
    if (!state.plan)
        return saying(std::nullopt, BarTone::Plain, stamp);
    return wordsForPlan(state);
}

} // namespace

RunOutcome outcomeOfRun(const RunResult& result) {
    RunOutcome out;
    out.made = result.ledger.count(Outcome::Made);
    out.failed = result.ledger.count(Outcome::Failed);
    out.waiting = result.ledger.count(Outcome::Waiting);
    out.heldBack = result.ledger.count(Outcome::HeldBack);
    out.stopped = result.stopped;
    out.originalsKept =
        std::all_of(result.ledger.rows.begin(), result.ledger.rows.end(), [](const LedgerRow& row) {
            return row.fingerprintBefore.empty() || row.originalUntouched();
        });
    return out;
}

std::optional<std::size_t> tickedWithoutFolder(const std::vector<DeliveryItem>& cards) {
    for (std::size_t i = 0; i < cards.size(); ++i)
        if (cards[i].inNextRun && !cards[i].delivery.place.chosen())
            return i;
    return std::nullopt;
}

BarWords barWords(const BarState& state) {
    BarWords out = state.run    ? wordsWhileRunning(state)
                   : state.last ? wordsAfterRun(state)
                                : wordsForJob(state);
    if (!state.run && state.ahead)
        out.heldBack = state.ahead->heldBack;
    return out;
}

} // namespace keepseal::app
