// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/seal_commands.h"

#include "cli/print.h"

#include "base/problem.h"
#include "base/text.h"
#include "delivery/json.h"
#include "geometry/fit.h"
#include "library/seal_library.h"
#include "picture/original.h"
#include "plan/gather.h"
#include "render/ahead.h"
#include "render/seal_export.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

const std::string& placeKey(Anchor anchor) {
    return rowOf(sealSettings(), "place")->choices[static_cast<std::size_t>(anchor)].key;
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

Advised adviseOn(const fs::path& path, const Delivery& delivery) {
    const Original original(path);
    const auto facts = shownFacts(readFacts(original, path.string()), delivery);
    const auto chain = planChain(delivery, facts.size, {}, facts.pixelsPerMm);
    const auto metadata = readMetadata(path, inspect(original));
    const PictureException exception;
    const CopyAsked asked{path, facts, metadata, delivery, exception, chain};
    const auto ahead = lookAhead(asked);
    const auto stages =
        stagesOf(asked, ahead.words->facts, fitInside(chain.sizes.whole, {kDecisionSide, kDecisionSide}));
    Frame frame = stages.base.made(original, facts);
    stages.finish.on(frame);
    stages.frame.on(frame);
    Advised out;
    out.advice = advise(*ahead.prepared, frame);
    out.drawn = stages.seal.on(frame, ahead.prepared);
    return out;
}

void print(const fs::path& path, const Advised& found) {
    std::cout << shown(path) << "\n";
    for (const auto& place : found.advice.places) {
        std::cout << "  " << (place.anchor == found.advice.best ? "*" : " ") << " " << placeKey(place.anchor)
                  << std::string(14 - placeKey(place.anchor).size(), ' ') << std::lround(place.total)
                  << " points";
        for (const auto& trouble : troubles(place))
            std::cout << "; " << trouble;
        std::cout << "\n";
    }
    std::cout << "  " << found.advice.why
              << "\n  as designed: " << (found.drawn.decision.dark ? "dark" : "light")
              << " version, contrast " << trimmedNumber(found.drawn.readability, 1) << " : 1\n";
    printNotes(std::cout, found.drawn.notes);
}

int runAdvise(const SealOptions& options) {
    auto delivery = deliveriesAsMade(options.delivery, {}).front();
    if (!options.seal.empty())
        delivery.seal = withWho(namedSeal(options.seal), whoOf(options.delivery));
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
                            {"why", found.advice.why},
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
        std::cout << "In " << plain << " of " << counted(read, "picture", "pictures")
                  << " the seal is on plain ground; it is hard to read in " << hard << ".\n";
    if (!options.json)
        for (const auto& problem : problems)
            printProblem(problem);
    return problems.empty() && !fails(gathered, false) ? kDone : kSomeProblems;
}

int runRender(const SealOptions& options) {
    saveSealPicture(withWho(namedSeal(options.seal), whoOf(options.delivery)), options.width, options.output);
    if (options.json)
        std::cout << json{{"file", options.output}, {"width", options.width}}.dump(2) << "\n";
    else
        std::cout << options.output << "  " << options.width << " pixels wide\n";
    return kDone;
}

} // namespace

SealDesign namedSeal(const std::string& nameOrFile) {
    std::error_code error;
    if (fs::is_regular_file(nameOrFile, error))
        return loadSealFile(nameOrFile).design;
    if (const auto seal = SealLibrary().find(nameOrFile))
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
    advise->add_option("paths", options.pictures.paths, "Pictures and folders")->required();
    advise->add_flag("-r,--recursive", options.pictures.recursive, "Look into folders inside folders too");
    advise->add_option("-d,--delivery", options.delivery.files, "The delivery whose seal is meant")
        ->allow_extra_args(false);
    advise->add_option("-s,--set", options.delivery.assignments, "Change one setting first")
        ->allow_extra_args(false);
    advise->add_option("--seal", options.seal, "Instead: a seal file, or a seal of the library");
    auto* render = seal->add_subcommand("render", "Save a seal alone as a PNG or SVG with transparency");
    render->add_option("seal", options.seal, "A seal file, or a name or key of the library")->required();
    render->add_option("-o,--output", options.output, "The file to write; must not exist")->required();
    render->add_option("--width", options.width, "Pixels (default 1200)")->check(CLI::Range(16, 20000));
    for (auto* command : {advise, render})
        command->add_flag("--json", options.json, "Print JSON for programs");
    return seal;
}

int runSeal(CLI::App& command, const SealOptions& options) {
    if (command.got_subcommand("advise"))
        return runAdvise(options);
    if (command.got_subcommand("render"))
        return runRender(options);
    return runShelfVerb(command, options.shelf, sealShelf()).value_or(kWrongCall);
}

} // namespace keepseal::cli
