// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/register_commands.h"

#include "cli/commands.h"
#include "cli/print.h"
#include "cli/run_request.h"

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

/// "changed    /album/tide.jpg: a copy of /in/tide.jpg for Web gallery, 2026-05-01": one line.
void printVerified(const VerifiedFile& file) {
    const std::string standing = keyOf(file.standing);
    std::cout << standing << std::string(11 - standing.size(), ' ') << shown(file.file);
    if (file.problem)
        std::cout << ": " << shown(file.problem->happened);
    if (file.known) {
        const auto& row = file.known->row;
        if (file.original)
            std::cout << ": an original";
        else
            std::cout << ": a copy of " << shown(row.original) << " for \"" << shown(row.delivery) << "\"";
        if (!file.known->made.empty())
            std::cout << ", " << file.known->made.substr(0, 10);
        if (!file.original && row.copy != file.file)
            std::cout << ", made as " << shown(row.copy);
    }
    std::cout << "\n";
}

int runVerify(const RegisterOptions& options) {
    stopOnSignals();
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
        std::cout << counts[Standing::Untouched] << " untouched, " << counts[Standing::Changed]
                  << " changed, " << counts[Standing::Missing] << " missing, " << counts[Standing::Foreign]
                  << " foreign";
        if (counts[Standing::Unread] > 0)
            std::cout << ", " << counts[Standing::Unread] << " that can't be read";
        std::cout << ".\n";
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
        const auto copies = verified.known && verified.standing == Standing::Untouched
                                ? known.copiesOf(verified.known->row.fingerprintBefore)
                                : known.copiesOfFile(file);
        missed = missed || copies.empty();
        if (!options.json)
            std::cout << shown(file) << ": " << counted(copies.size(), "copy", "copies") << "\n";
        for (const auto& copy : copies) {
            const auto now = verifyFile(known, copy.row.copy);
            const auto standing = now.standing == Standing::Unread ? Standing::Missing : now.standing;
            if (options.json)
                all.push_back({{"asked", file.string()},
                               {"original", copy.row.original.string()},
                               {"copy", copy.row.copy.string()},
                               {"delivery", copy.row.delivery},
                               {"made", copy.made},
                               {"bytes", copy.row.copyBytes},
                               {"sha256", copy.row.copyFingerprint},
                               {"standing", keyOf(standing)}});
            else
                std::cout << "  " << copy.made.substr(0, 10) << "  " << shown(copy.row.copy) << "  \""
                          << shown(copy.row.delivery) << "\"  " << keyOf(standing) << "\n";
        }
    }
    if (options.json)
        std::cout << dump(all) << "\n";
    return missed ? kSomeProblems : kDone;
}

} // namespace

CLI::App* addRegisterCommands(CLI::App& app, RegisterOptions& options) {
    auto* command = app.add_subcommand("register", "What all runs together know of files");
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
    for (auto* verb : {verify, history})
        verb->add_flag("--json", options.json, "Print JSON for programs");
    return command;
}

int runRegister(const CLI::App& command, const RegisterOptions& options) {
    return command.got_subcommand("verify") ? runVerify(options) : runHistory(options);
}

} // namespace keepseal::cli
