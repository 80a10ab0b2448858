// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/register_commands.h"

#include "cli/commands.h"
#include "cli/print.h"
#include "cli/run_request.h"

#include "recognise/history.h"
#include "record/verify.h"

#include <map>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

json verifiedJson(const VerifiedFile& file) {
    json out = {{"file", file.file.string()}, {"standing", keyOf(file.standing)}};
    if (file.known) {
        const auto& row = file.known->row;
        out["is"] = file.original ? "original" : "copy";
        out["original"] = row.original.string();
        out["delivery"] = row.delivery;
        out["copy"] = row.copy.string();
        out["made"] = file.known->made;
        out["ledger"] = file.known->ledger.string();
        out["sha256"] = file.original ? row.fingerprintBefore : row.copyFingerprint;
    }
    if (file.problem)
        out["problem"] = *file.problem;
    return out;
}

std::string standingWord(Standing standing) {
    static constexpr const char* words[] = {toSay("untouched"), toSay("changed"), toSay("missing"),
                                            toSay("foreign"), toSay("unread")};
    return said(words[static_cast<std::size_t>(standing)]);
}

std::string nowWord(CopyNow now) {
    static constexpr const char* words[] = {toSay("untouched"), toSay("changed"), toSay("replaced"),
                                            toSay("gone")};
    return said(words[static_cast<std::size_t>(now)]);
}

/// "changed    /album/tide.jpg: a copy of /in/tide.jpg for Web gallery, 2026-05-01": one line.
void printVerified(const VerifiedFile& file) {
    std::cout << padded(standingWord(file.standing), 11) << shown(file.file);
    if (file.problem)
        std::cout << ": " << shown(file.problem->happened.said());
    if (file.known) {
        const auto& row = file.known->row;
        std::vector<std::string> known{
            file.original ? said("an original")
                          : Saying("a copy of {original} for \"{delivery}\"",
                                   {{"original", shown(row.original)}, {"delivery", shown(row.delivery)}})
                                .said()};
        if (!file.known->made.empty())
            known.push_back(file.known->made.substr(0, 10));
        if (!file.original && row.copy != file.file)
            known.push_back(Saying("made as {file}", {{"file", shown(row.copy)}}).said());
        std::cout << ": " << saidTogether(known);
    }
    std::cout << "\n";
}

int runVerify(const RegisterOptions& options) {
    stopOnSignals();
    if (const auto damage = Register::mend())
        complain(damage->sentence());
    Register known;
    std::map<Standing, std::size_t> counts;
    json files = json::array();
    for (const auto& folder : options.paths)
        for (const auto& file : verifyFolder(known, folder, stopRequested)) {
            ++counts[file.standing];
            if (options.json)
                files.push_back(verifiedJson(file));
            else if (options.all ||
                     (file.standing != Standing::Untouched && file.standing != Standing::Foreign))
                printVerified(file);
        }
    const auto wrong = counts[Standing::Changed] + counts[Standing::Missing] + counts[Standing::Unread];
    if (options.json) {
        json totals;
        for (const auto standing :
             {Standing::Untouched, Standing::Changed, Standing::Missing, Standing::Foreign, Standing::Unread})
            totals[keyOf(standing)] = counts[standing];
        std::cout << dump({{"files", files}, {"totals", totals}}) << "\n";
    } else {
        std::vector<std::string> words{saidOf(counts[Standing::Untouched], "{n} untouched", "{n} untouched"),
                                       saidOf(counts[Standing::Changed], "{n} changed", "{n} changed"),
                                       saidOf(counts[Standing::Missing], "{n} missing", "{n} missing"),
                                       saidOf(counts[Standing::Foreign], "{n} foreign", "{n} foreign")};
        if (const auto unread = counts[Standing::Unread])
            words.push_back(saidOf(unread, "{n} that can't be read", "{n} that can't be read"));
        std::cout << saidTogether(words) << ".\n";
    }
    return stopRequested ? kStopped : wrong > 0 ? kSomeProblems : kDone;
}

/// All that left of an original: known by its bytes, or else by its path.
int runHistory(const RegisterOptions& options) {
    Register known;
    json all = json::array();
    bool missed = false;
    for (const auto& path : options.paths) {
        const fs::path file = fs::absolute(path).lexically_normal();
        const auto verified = verifyFile(known, file);
        const bool isCopy = verified.known && verified.standing == Standing::Untouched && !verified.original;
        const auto original = isCopy ? verified.known->row.original : file;
        const auto [copies, held] = historyOf(known, original);
        missed = missed || copies.empty();
        if (!options.json)
            std::cout << shown(file) << ": " << saidOf(copies.size(), "{n} copy", "{n} copies") << "\n";
        for (const auto& [copy, now, pictureChanged, deliveryChanged] : copies) {
            if (options.json)
                all.push_back({{"asked", file.string()},
                               {"original", copy.row.original.string()},
                               {"copy", copy.row.copy.string()},
                               {"delivery", copy.row.delivery},
                               {"made", copy.made},
                               {"bytes", copy.row.copyBytes},
                               {"sha256", copy.row.copyFingerprint},
                               {"standing", keyOf(now)},
                               {"original_changed", pictureChanged}});
            else
                std::cout << "  " << copy.made.substr(0, 10) << "  " << shown(copy.row.copy) << "  \""
                          << shown(copy.row.delivery) << "\"  " << nowWord(now)
                          << (pictureChanged ? said(", ") + said("the original is another one now")
                                             : std::string())
                          << "\n";
        }
        for (const auto& [copy, why] : held) {
            json reasons = json::array();
            std::string words;
            for (const auto& note : why) {
                reasons.push_back(sentenceOf(note));
                words += (words.empty() ? "" : "; ") + sentenceOf(note);
            }
            if (options.json)
                all.push_back({{"asked", file.string()},
                               {"original", copy.row.original.string()},
                               {"delivery", copy.row.delivery},
                               {"made", copy.made},
                               {"standing", "held_back"},
                               {"held_back_by", reasons}});
            else
                std::cout << "  " << copy.made.substr(0, 10) << "  " << said("held back") << "  \""
                          << shown(copy.row.delivery) << "\"  " << shown(words) << "\n";
        }
    }
    if (options.json)
        std::cout << dump(all) << "\n";
    return missed ? kSomeProblems : kDone;
}

} // namespace

CLI::App* addRegisterCommands(CLI::App& app, RegisterOptions& options) {
    auto* command = app.add_subcommand("register", "What all runs together know of copies and pictures");
    command->require_subcommand(1);
    auto* verify = command->add_subcommand(
        "verify",
        "Hold a folder, a drive or an album against what was made: untouched, changed, missing, foreign");
    verify->add_option("folder", options.paths, "The folder; several may be given")->required();
    verify->add_flag("--all", options.all, "List untouched and foreign files too");
    auto* history = command->add_subcommand(
        "history",
        "All copies that left of a picture, known by its bytes (or those of a copy), else by its path");
    history->add_option("picture", options.paths, "An original or a copy; several may be given")->required();
    auto* find =
        command->add_subcommand("find", "Copies by names, words, days, delivery, folder, seal or size");
    find->add_option(
        "words", options.words,
        "Beginnings of words of names, folders, delivery, seal and what the copy says; all must be there");
    find->add_option("--delivery", options.search.delivery, "Made for this delivery");
    find->add_option("--since", options.search.since,
                     "Made on that day or later: 2026-05-01, 2026-05 or 2026 (UTC)");
    find->add_option("--until", options.search.until, "Made on that day or before");
    find->add_option("--below", options.below, "Copy or original lies below this folder");
    find->add_flag("--sealed", options.sealed, "A seal stands on it");
    find->add_flag("--unsealed", options.unsealed, "No seal stands on it");
    find->add_flag("--tells-place", options.tellsPlace, "Its delivery opened the place in words");
    find->add_option("--at-least", options.search.sideFrom, "Long side, in pixels");
    find->add_option("--at-most", options.search.sideTo, "Long side, in pixels");
    find->add_option("--most", options.most, "Copies listed, the newest first; 0: all");
    find->add_flag("--csv", options.csv, "As a table for spreadsheets");
    auto* what = command->add_subcommand(
        "what", "What a picture that was met somewhere is: by its bytes, or by how it looks");
    what->add_option("picture", options.paths, "Files and folders")->required();
    what->add_option("--report", options.report,
                     "Write what was found: a file ending in .pdf or .html; must not exist");
    what->add_option("--met", options.met, "Where it was met, for the report");
    auto* forget =
        command->add_subcommand("forget", "Take receivers, paths or runs out of register and ledgers");
    forget->add_option("path", options.paths, "Originals, copies, or folders they lie below");
    forget->add_option("--delivery", options.deliveries, "Everything that was made for it")
        ->allow_extra_args(false);
    forget->add_option("--run", options.runs, "A ledger")->allow_extra_args(false);
    forget->add_flag("--yes", options.yes, "Do it; else it is only said what would go");
    command->add_subcommand("export", "All of it as JSON lines, to the standard output");
    command->add_subcommand("import", "Join what another register exported")
        ->add_option("file", options.paths, "What 'export' wrote")
        ->required();
    command->add_subcommand("rebuild", "Make the register again from the ledgers");
    for (auto* verb : {verify, history, find, what, forget})
        verb->add_flag("--json", options.json, "Print JSON for programs");
    return command;
}

int runRegister(const CLI::App& command, const RegisterOptions& options) {
    if (Register::exists())
        Register().catchUp();
    const std::pair<const char*, std::function<int()>> verbs[] = {
        {"verify", [&] { return runVerify(options); }}, {"history", [&] { return runHistory(options); }},
        {"find", [&] { return runFind(options); }},     {"what", [&] { return runWhat(options); }},
        {"forget", [&] { return runForget(options); }}, {"export", runExport},
        {"import", [&] { return runImport(options); }}, {"rebuild", runRebuild}};
    for (const auto& [name, run] : verbs)
        if (command.got_subcommand(name))
            return run();
    return kWrongCall;
}

} // namespace keepseal::cli
