// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/seal_commands.h"

#include "cli/print.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/text.h"
#include "delivery/json.h"
#include "library/seal_library.h"
#include "picture/original.h"
#include "plan/gather.h"
#include "render/encode.h"
#include "render/seal_export.h"
#include "trial/trial.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

const std::string& placeKey(Anchor anchor) {
    return rowOf(sealSettings(), "place")->choices[static_cast<std::size_t>(anchor)].key;
}

/// For people: the key where English is spoken, as it is typed.
std::string placeName(Anchor anchor) {
    return speaksEnglish() ? placeKey(anchor)
                           : rowOf(sealSettings(), "place")->choices[static_cast<std::size_t>(anchor)].label;
}

json toJson(const PlaceScores& scores) {
    return {{"place", placeKey(scores.anchor)},
            {"total", std::lround(scores.total)},
            {"structure", std::lround(scores.structure)},
            {"readable", std::lround(scores.readable)},
            {"kept", std::lround(scores.kept)},
            {"clear", std::lround(scores.clear)},
            {"troubles", troubles(scores)},
            {"lost_by", scores.lostBy}};
}

struct Advised {
    PlaceAdvice advice;
    SealResult drawn; ///< as the design would stand
};

/// Calls `use` with all that the chain asks of a picture, and its original.
template <class Use>
auto withAsked(const fs::path& path, const Delivery& delivery, Use use) {
    const Original original(path);
    const auto facts = shownFacts(readFacts(original, path.string()), delivery);
    const auto chain = planChain(delivery, facts.size, {}, facts.pixelsPerMm);
    const auto metadata = readMetadata(path, inspect(original));
    const PictureException exception;
    return use(original, CopyAsked{path, facts, metadata, delivery, exception, chain});
}

Advised adviseOn(const fs::path& path, const Delivery& delivery) {
    return withAsked(path, delivery, [](const Original& original, const CopyAsked& asked) {
        auto before = beforeSeal(original, asked, kDecisionSide);
        Advised out;
        out.advice = advise(*before.ahead.prepared, before.frame);
        out.drawn = before.stages.seal.on(before.frame, before.ahead.prepared);
        return out;
    });
}

Delivery meantDelivery(const SealOptions& options) {
    auto delivery = deliveriesAsMade(options.delivery, {}).front();
    if (!options.seal.empty())
        delivery.seal = withWho(namedSeal(options.seal), whoOf(options.delivery));
    return delivery;
}

void print(const fs::path& path, const Advised& found) {
    std::cout << shown(path) << "\n";
    for (const auto& place : found.advice.places) {
        std::cout << "  " << (place.anchor == found.advice.best ? "*" : " ") << " "
                  << padded(placeName(place.anchor), 14)
                  << saidOf(static_cast<std::size_t>(std::lround(place.total)), "{n} point", "{n} points");
        for (const auto& trouble : troubles(place))
            std::cout << "; " << trouble;
        std::cout << "\n";
    }
    std::cout << "  " << found.advice.why.said() << "\n  "
              << Saying(found.drawn.decision.dark
                            ? toSay("as designed: dark version, contrast {contrast} : 1")
                            : toSay("as designed: light version, contrast {contrast} : 1"),
                        {{"contrast", trimmedNumber(found.drawn.readability, 1)}})
                     .said()
              << "\n";
    printNotes(std::cout, found.drawn.notes);
}

int runAdvise(const SealOptions& options) {
    const auto delivery = meantDelivery(options);
    const auto gathered =
        gather({options.pictures.paths.begin(), options.pictures.paths.end()}, options.pictures.recursive);
    std::vector<Problem> problems;
    printOthers(gathered);
    json all = json::array();
    std::size_t plain = 0, hard = 0, read = 0;
    for (const auto& path : gathered.files) {
        try {
            const auto found = adviseOn(path, delivery);
            ++read;
            plain += found.advice.at(found.drawn.decision.place.anchor).structure < kPlainBelow;
            hard += found.drawn.belowReadable;
            if (options.json) {
                json row = {{"picture", path.string()},
                            {"best", placeKey(found.advice.best)},
                            {"why", found.advice.why.english()},
                            {"dark", found.drawn.decision.dark},
                            {"contrast", found.drawn.readability},
                            {"places", json::array()},
                            {"notes", keepseal::toJson(found.drawn.notes)}};
                for (const auto& place : found.advice.places)
                    row["places"].push_back(toJson(place));
                all.push_back(std::move(row));
            } else
                print(path, found);
        } catch (const Problem& problem) {
            problems.push_back(problem);
        }
    }
    if (options.json)
        std::cout << json{{"pictures", all}, {"problems", problems}}.dump(2, ' ', false,
                                                                          json::error_handler_t::replace)
                  << "\n";
    else
        std::cout
            << saidOf(read,
                      "In {plain} of {n} picture the seal is on plain ground; it is hard to read in {hard}.",
                      "In {plain} of {n} pictures the seal is on plain ground; it is hard to read in {hard}.",
                      {{"plain", asText(plain)}, {"hard", asText(hard)}})
            << "\n";
    if (!options.json)
        for (const auto& problem : problems)
            printProblem(problem);
    return problems.empty() && !fails(gathered, false) ? kDone : kSomeProblems;
}

json toJson(const AttackSummary& summary, const std::vector<SealedPicture>& pictures) {
    json out = {{"attack", keyOf(summary.attack)},
                {"tried", summary.tried()},
                {"mean", std::lround(summary.mean)},
                {"worst", pictures[summary.worst].name},
                {"pictures", json::array()}};
    for (std::size_t i = 0; i < summary.results.size(); ++i)
        out["pictures"].push_back({{"picture", pictures[i].name},
                                   {"tried", summary.results[i].tried},
                                   {"holds", std::lround(summary.results[i].holds)},
                                   {"sentence", summary.results[i].sentence}});
    return out;
}

void print(const AttackSummary& summary, const std::vector<SealedPicture>& pictures) {
    const auto& worst = summary.results[summary.worst];
    std::cout << said(nameOf(summary.attack)) << "\n";
    if (summary.tried())
        std::cout << "  "
                  << Saying("{worst} of 100 at worst, {mean} on average",
                            {{"worst", std::to_string(std::lround(worst.holds))},
                             {"mean", std::to_string(std::lround(summary.mean))}})
                         .said()
                  << "\n  " << shown(fs::path(pictures[summary.worst].name)) << ": ";
    else
        std::cout << "  ";
    std::cout << worst.sentence.said() << "\n";
}

fs::path worstFile(const fs::path& folder, Attack attack) {
    return folder / (std::string(keyOf(attack)) + ".png");
}

/// Before any work is done for it.
void requireFree(const fs::path& folder) {
    for (const auto attack : kAttacks)
        if (const auto file = worstFile(folder, attack); fs::exists(fs::symlink_status(file)))
            throw Problem(ProblemKind::Refused, file.string(), "it exists already", "Name another folder");
}

void saveWorst(const std::vector<AttackSummary>& all, const fs::path& folder) {
    fs::create_directories(folder);
    for (const auto& summary : all)
        if (summary.tried())
            writeNewFile(worstFile(folder, summary.attack), encodePng(summary.results[summary.worst].after));
}

/// Pictures that are tried together at most: that many are held at once, at a proof's size.
constexpr std::size_t kMostTried = 60;

int runTry(const SealOptions& options) {
    if (!options.output.empty())
        requireFree(options.output);
    const auto delivery = meantDelivery(options);
    const auto gathered =
        gather({options.pictures.paths.begin(), options.pictures.paths.end()}, options.pictures.recursive);
    printOthers(gathered);
    std::vector<Problem> problems;
    std::vector<SealedPicture> pictures;
    for (const auto& path : gathered.files) {
        if (pictures.size() == kMostTried)
            break;
        try {
            pictures.push_back(
                withAsked(path, delivery, [&](const Original& original, const CopyAsked& asked) {
                    return sealedPicture(path.string(), original, asked);
                }));
        } catch (const Problem& problem) {
            problems.push_back(problem);
        }
    }
    const std::atomic<bool> stop = false;
    const auto all = pictures.empty() ? std::vector<AttackSummary>{} : tryAll(pictures, stop, [](double) {});
    if (!options.output.empty())
        saveWorst(all, options.output);
    if (options.json) {
        json out = {{"attacks", json::array()}, {"problems", problems}};
        for (const auto& summary : all)
            out["attacks"].push_back(toJson(summary, pictures));
        std::cout << out.dump(2, ' ', false, json::error_handler_t::replace) << "\n";
    } else {
        for (const auto& summary : all)
            print(summary, pictures);
        std::cout
            << saidOf(
                   pictures.size(),
                   "Tried on {n} picture. That a mark holds here does not prove that it can't be taken off.",
                   "Tried on {n} pictures. That a mark holds here does not prove that it can't be taken off.")
            << "\n";
        if (gathered.files.size() > kMostTried)
            std::cout << Saying("Only the first {few} of {all}.",
                                {{"few", asText(kMostTried)}, {"all", asText(gathered.files.size())}})
                             .said()
                      << "\n";
        for (const auto& problem : problems)
            printProblem(problem);
    }
    return problems.empty() && !fails(gathered, false) ? kDone : kSomeProblems;
}

int runRender(const SealOptions& options) {
    saveSealPicture(withWho(namedSeal(options.seal), whoOf(options.delivery)), options.width, options.output);
    if (options.json)
        std::cout << json{{"file", options.output}, {"width", options.width}}.dump(2) << "\n";
    else
        std::cout << shown(options.output) << "  "
                  << saidOf(static_cast<std::size_t>(options.width), "{n} pixel wide", "{n} pixels wide")
                  << "\n";
    return kDone;
}

} // namespace

SealDesign namedSeal(const std::string& nameOrFile) {
    std::error_code error;
    if (fs::is_regular_file(nameOrFile, error))
        return loadSealFile(nameOrFile).design;
    if (const auto seal = SealLibrary().findAsWritten(nameOrFile))
        return seal->design;
    throw Problem(ProblemKind::NotFound, nameOrFile,
                  "there is no such seal file, and none of that name in the library",
                  "See 'keep-seal-cli seal list'");
}

CLI::App* addSealCommands(CLI::App& app, SealOptions& options) {
    auto* seal = app.add_subcommand("seal", "Advice on placing, seals as pictures, the library of seals");
    seal->require_subcommand(1);
    addShelfVerbs(*seal, options.shelf, sealShelf());
    auto* advise = seal->add_subcommand("advise", "Say for each picture where the seal stands well, and why");
    auto* tried =
        seal->add_subcommand("try", "Try to take the seal off, in five ways, and say what is left of it");
    for (auto* command : {advise, tried}) {
        command->add_option("paths", options.pictures.paths, "Pictures and folders")->required();
        command->add_flag("-r,--recursive", options.pictures.recursive,
                          "Look into folders inside folders too");
        command->add_option("-d,--delivery", options.delivery.files, "The delivery whose seal is meant")
            ->allow_extra_args(false);
        command->add_option("-s,--set", options.delivery.assignments, "Change one setting first")
            ->allow_extra_args(false);
        command->add_option("--seal", options.seal, "Instead: a seal file, or a seal of the library");
    }
    tried->add_option("-o,--output", options.output,
                      "A folder for the pictures on which it fared worst, as PNG");
    auto* render = seal->add_subcommand("render", "Save a seal alone as a PNG or SVG with transparency");
    render->add_option("seal", options.seal, "A seal file, or a name or key of the library")->required();
    render->add_option("-o,--output", options.output, "The file to write; must not exist")->required();
    render->add_option("--width", options.width, "Pixels (default 1200)")->check(CLI::Range(16, 20000));
    for (auto* command : {advise, tried, render})
        command->add_flag("--json", options.json, "Print JSON for programs");
    return seal;
}

int runSeal(CLI::App& command, const SealOptions& options) {
    if (command.got_subcommand("advise"))
        return runAdvise(options);
    if (command.got_subcommand("try"))
        return runTry(options);
    if (command.got_subcommand("render"))
        return runRender(options);
    return runShelfVerb(command, options.shelf, sealShelf()).value_or(kWrongCall);
}

} // namespace keepseal::cli
