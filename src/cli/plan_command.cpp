// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// plan: every copy before it is made.
#include "cli/print.h"
#include "cli/run_request.h"

#include "base/text.h"
#include "plan/forecast.h"
#include "plan/plan_file.h"
#include "render/chain_plan.h"

#include <iostream>

namespace keepseal::cli {
namespace {

using nlohmann::json;

constexpr std::size_t kSampledEach = 3; // copies of each delivery made to estimate bytes

json sizesJson(const CopyForecast& chain) {
    const auto pair = [](Size size) { return json::array({size.width, size.height}); };
    json out = {{"original", pair(chain.sizes.original)},
                {"cropped", pair(chain.sizes.cut)},
                {"fitted", pair(chain.sizes.fitted)},
                {"whole", pair(chain.sizes.whole)}};
    if (chain.pixelsPerMm > 0)
        out["mm"] = {chain.sizes.whole.width / chain.pixelsPerMm,
                     chain.sizes.whole.height / chain.pixelsPerMm};
    return out;
}

/// "6000 x 4000 > cropped 4000 x 4000 > fitted 2048 x 2048 > with border 2208 x 2208 (187 x 187 mm)": only
/// what changes.
std::string sizesText(const CopyForecast& chain) {
    const auto& s = chain.sizes;
    std::string out = sizeText(s.original);
    if (!(s.cut == s.original))
        out += " > " + Saying("cropped {size}", {{"size", sizeText(s.cut)}}).said();
    if (!(s.fitted == s.cut))
        out += " > " + Saying("fitted {size}", {{"size", sizeText(s.fitted)}}).said();
    if (!(s.whole == s.fitted))
        out += " > " + Saying("with border {size}", {{"size", sizeText(s.whole)}}).said();
    if (chain.pixelsPerMm > 0)
        out += " (" + shownNumber(s.whole.width / chain.pixelsPerMm, 1) + " x " +
               shownNumber(s.whole.height / chain.pixelsPerMm, 1) + " mm)";
    return out;
}

const char* actionOf(const PlannedCopy& copy, Outcome ahead) {
    if (ahead != Outcome::Waiting)
        return keyOf(ahead);
    return copy.replaces ? "replace" : "make";
}

json planJson(const Prepared& prepared, const Forecast& ahead, const ByteRates& rates) {
    const auto& plan = prepared.plan;
    json out = {{"copies", json::array()},
                {"others", othersJson(prepared.gathered)},
                {"to_make", ahead.toMake()},
                {"held_back", ahead.heldBack},
                {"failing", ahead.failing},
                {"to_look_at", ahead.toLookAt},
                {"to_replace", plan.replaced()},
                {"expected_bytes", ahead.bytes},
                {"expected_bytes_from_copies", rates.sampled},
                {"places", json::array()}};
    for (const auto& place : plan.places())
        out["places"].push_back(place.string());
    for (const auto& room : ahead.rooms)
        out["disks"].push_back({{"place", room.place.string()},
                                {"needed_bytes", room.needed},
                                {"free_bytes", room.free},
                                {"short", room.isShort()}});
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& copy = plan.copies[i];
        const auto& known = ahead.copies[i];
        json row = {{"original", plan.originals[copy.original].string()},
                    {"delivery", plan.deliveries[copy.delivery].name},
                    {"copy", copy.target.string()},
                    {"action", actionOf(copy, known.outcome)},
                    {"expected_bytes", known.bytes},
                    {"notes", known.notes}};
        if (known.problem)
            row["problem"] = *known.problem;
        if (!known.size().empty())
            row["sizes"] = sizesJson(known);
        out["copies"].push_back(std::move(row));
    }
    return out;
}

void printPlanned(const PlannedCopy& copy, const CopyForecast& ahead, const Plan& plan) {
    static const std::map<Outcome, const char*> words = {
        {Outcome::AlreadyThere, toSay("(already there)")},
        {Outcome::LeftOut, toSay("(left out)")},
        {Outcome::Blocked, toSay("(TAKEN: the run will not begin)")},
        {Outcome::HeldBack, toSay("(HELD BACK)")},
        {Outcome::Failed, toSay("(CAN'T BE MADE)")},
    };
    const auto word = words.find(ahead.outcome);
    std::cout << shown(plan.originals[copy.original]) << " -> " << shown(copy.target)
              << (word != words.end() ? "  " + said(word->second)
                  : copy.replaces     ? "  " + said("(replaces an earlier copy)")
                                      : std::string())
              << "\n";
    if (ahead.outcome == Outcome::Waiting && !ahead.size().empty())
        std::cout << "    "
                  << (ahead.bytes > 0 ? Saying("{sizes}, about {bytes}", {{"sizes", sizesText(ahead)},
                                                                          {"bytes", byteText(ahead.bytes)}})
                                            .said()
                                      : sizesText(ahead))
                  << "\n";
    if (ahead.problem)
        std::cout << "    " << shown(ahead.problem->sentence()) << "\n";
    printNotes(std::cout, ahead.notes);
}

void printPlanSummary(const Plan& plan, const Forecast& ahead, const ByteRates& rates) {
    std::cout << saidOf(ahead.toMake(), "{n} copy to make; nothing was written.",
                        "{n} copies to make; nothing was written.")
              << "\n";
    if (ahead.bytes > 0)
        std::cout << saidOf(rates.sampled, "About {bytes}, estimated from {n} copy made to find out",
                            "About {bytes}, estimated from {n} copies made to find out",
                            {{"bytes", byteText(ahead.bytes)}})
                  << "\n";
    std::cout << (plan.replaced() > 0 ? saidOf(plan.replaced(), "{n} earlier copy will be replaced",
                                               "{n} earlier copies will be replaced")
                                      : said("Nothing will be replaced"))
              << "\n";
    if (ahead.heldBack > 0)
        std::cout << saidOf(ahead.heldBack,
                            "{n} copy will be HELD BACK, as it stands: see above what it lacks",
                            "{n} copies will be HELD BACK, as it stands: see above what each lacks")
                  << "\n";
    if (ahead.failing > 0)
        std::cout << saidOf(ahead.failing, "{n} copy can't be made", "{n} copies can't be made") << "\n";
    if (ahead.toLookAt > 0)
        std::cout << saidOf(ahead.toLookAt, "{n} copy is worth a look", "{n} copies are worth a look")
                  << "\n";
    for (const auto& place : plan.places())
        std::cout << Saying("To: {folder}", {{"folder", shown(place)}}).said() << "\n";
    for (const auto& room : ahead.rooms)
        if (room.isShort())
            std::cout << Saying("look: {folder} has only {bytes} left",
                                {{"folder", shown(room.place)}, {"bytes", byteText(room.free)}})
                             .said()
                      << "\n";
}

} // namespace

namespace {

/// Without a look into any picture: only names and places are known.
Forecast namesAlone(const Plan& plan) {
    Forecast out;
    for (const auto& copy : plan.copies) {
        CopyForecast known;
        known.outcome = copy.outcome;
        known.notes = copy.notes;
        out.copies.push_back(std::move(known));
    }
    return out;
}

} // namespace

int runPlanCommand(const StampOptions& options) {
    stopOnSignals();
    const auto prepared = prepare(options);
    const bool saved = !options.save.empty() && !stopRequested; // else it lacks what was not gathered
    if (saved)
        savePlan(prepared.plan, options.save);
    const bool estimate = options.estimate && !options.namesOnly;
    const auto rates = estimate ? sampleBytes(prepared.plan, kSampledEach, stopRequested) : ByteRates{};
    const auto ahead =
        options.namesOnly ? namesAlone(prepared.plan) : forecast(prepared.plan, {}, rates, stopRequested);
    const bool blocked = prepared.plan.count(Outcome::Blocked) > 0;
    if (options.output.json)
        std::cout << dump(planJson(prepared, ahead, rates)) << "\n";
    else {
        printOthers(prepared.gathered);
        if (!options.output.quiet)
            for (std::size_t i = 0; i < prepared.plan.copies.size(); ++i)
                printPlanned(prepared.plan.copies[i], ahead.copies[i], prepared.plan);
        printPlanSummary(prepared.plan, ahead, rates);
        if (saved)
            std::cout << Saying("Saved: {file}", {{"file", shown(options.save)}}).said() << "\n";
    }
    if (stopRequested)
        return kStopped;
    if (blocked)
        return kWrongCall; // as the run ends, which then does not begin
    const bool problems =
        ahead.heldBack + ahead.failing > 0 || fails(prepared.gathered, options.pictures.strict);
    return problems ? kSomeProblems : kDone;
}

} // namespace keepseal::cli
