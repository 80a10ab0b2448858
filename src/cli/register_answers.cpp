// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/print.h"
#include "cli/register_commands.h"
#include "cli/run_request.h"

#include "base/text.h"
#include "privacy/verdict.h"
#include "recognise/what_is.h"
#include "record/exchange.h"
#include "record/forget.h"
#include "report/found_report.h"
#include "run/journal.h"

#include <cmath>
#include <fstream>
#include <limits>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

fs::path absoluteFile(const std::string& path) {
    return fs::absolute(path).lexically_normal();
}

json registeredJson(const RegisteredCopy& copy) {
    const auto& row = copy.row;
    return {{"original", row.original.string()},
            {"copy", row.copy.string()},
            {"delivery", row.delivery},
            {"made", copy.made},
            {"taken", row.takenAt},
            {"width", row.copySize.width},
            {"height", row.copySize.height},
            {"bytes", row.copyBytes},
            {"sha256", row.copyFingerprint},
            {"original_sha256", row.fingerprintBefore},
            {"seal_on_copy", row.sealOnCopy},
            {"seal", row.seal},
            {"tells_place", row.placeOpened},
            {"words", row.words},
            {"ledger", copy.ledger.string()}};
}

void printRegistered(const RegisteredCopy& copy, const std::string& before = {}) {
    const auto& row = copy.row;
    std::cout << before
              << Saying("{day}  {file}  \"{delivery}\"  {size}  of {original}",
                        {{"day", copy.made.substr(0, 10)},
                         {"file", shown(row.copy)},
                         {"delivery", shown(row.delivery)},
                         {"size", sizeText(row.copySize)},
                         {"original", shown(row.original)}})
                     .said()
              << "\n";
}

json whatJson(const WhatIs& answer) {
    json out = {
        {"file", answer.file.path.string()}, {"sha256", answer.file.fingerprint},
        {"known_by", keyOf(answer.by)},      {"certainty", std::floor(answer.certainty * 1000) / 1000},
        {"sentence", sentenceOf(answer)},    {"mark", answer.file.marked},
        {"compared", answer.compared},       {"known", json::array()},
        {"copies", json::array()},           {"words", json::array()}};
    for (const auto& known : answer.known) {
        auto one = registeredJson(known.copy);
        one["this_copy"] = known.thisCopy();
        one["alone"] = known.alone;
        one["unread"] = known.unread;
        if (answer.by == KnownBy::Looks) {
            one["agrees"] = std::floor(known.likeness.share * 1000) / 1000;
            one["shows"] = std::floor(known.likeness.covered * 1000) / 1000;
        }
        out["known"].push_back(one);
    }
    for (const auto& copy : answer.copies)
        out["copies"].push_back(registeredJson(copy));
    for (const auto& field : answer.fields)
        out["words"].push_back({{"field", field.key}, {"then", field.then}, {"now", field.now}});
    return out;
}

void printWhat(const WhatIs& answer) {
    std::cout << shown(answer.file.path) << "\n  " << shown(sentenceOf(answer)) << "\n";
    for (std::size_t i = 1; i < answer.known.size(); ++i)
        printRegistered(answer.known[i].copy, "  " + said("or like") + "  ");
    if (answer.copies.size() > 1) {
        std::cout << "  " << said("All that left of it:") << "\n";
        for (const auto& copy : answer.copies)
            printRegistered(copy, "    ");
    }
    for (const auto& field : answer.fields)
        if (!field.stays()) {
            const auto* known = metadataField(field.key);
            std::cout << "  "
                      << Saying(field.now.empty() ? toSay("{field}: gone")
                                                  : toSay("{field}: changed to {value}"),
                                {{"field", known ? known->label : field.key}, {"value", shown(field.now)}})
                             .said()
                      << "\n";
        }
    if (!answer.known.empty())
        if (const auto terms = answer.known.front().copy.row.words.find("usage_terms");
            terms != answer.known.front().copy.row.words.end())
            std::cout << "  " << Saying("Terms: {terms}", {{"terms", shown(terms->second)}}).said() << "\n";
}

} // namespace

int runFind(RegisterOptions options) {
    Register known;
    auto& search = options.search;
    for (const auto& word : options.words)
        search.words += word + " ";
    if (!options.below.empty())
        search.below = absoluteFile(options.below);
    if (options.sealed != options.unsealed)
        search.sealed = options.sealed;
    if (options.tellsPlace)
        search.tellsPlace = true;
    const auto total = known.count(search);
    auto found = known.find(search, 0, options.most > 0 ? options.most : std::numeric_limits<int>::max());
    if (!options.json && !options.csv) {
        for (const auto& copy : found)
            printRegistered(copy);
        std::cout << (found.size() < total ? saidOf(total, "{n} copy, the newest are listed.",
                                                    "{n} copies, the newest are listed.")
                                           : saidOf(total, "{n} copy.", "{n} copies."))
                  << "\n";
        return total > 0 ? kDone : kSomeProblems;
    }
    json all = json::array();
    Ledger table;
    for (const auto& copy : found) {
        auto whole = known.whole(copy.id).value_or(copy);
        if (options.json)
            all.push_back(registeredJson(whole));
        else
            table.rows.push_back(std::move(whole.row));
    }
    std::cout << (options.json ? dump({{"total", total}, {"copies", all}}) + "\n" : ledgerCsv(table));
    return total > 0 ? kDone : kSomeProblems;
}

int runWhat(const RegisterOptions& options) {
    stopOnSignals();
    Register known;
    std::vector<fs::path> named;
    for (const auto& path : options.paths)
        named.push_back(absoluteFile(path));
    const auto inside = filesIn(named);
    const auto& files = inside.files;
    if (!options.report.empty() && files.size() != 1)
        throw Problem(ProblemKind::BadSetting, "--report", "a report is of one picture", "Name one file");
    json all = json::array();
    bool problems = false, unknown = false;
    for (const auto& file : files) {
        if (stopRequested)
            break;
        try {
            const auto answer = whatIs(known, metFile(file), stopRequested);
            unknown = unknown || answer.known.empty();
            if (options.json)
                all.push_back(whatJson(answer));
            else
                printWhat(answer);
            if (!options.report.empty())
                writeFoundReport(answer, known, {options.met, utcNow().substr(0, 10)},
                                 absoluteFile(options.report));
        } catch (const Problem& problem) {
            problems = true;
            if (options.json)
                all.push_back({{"file", file.string()}, {"problem", problem}});
            else
                std::cout << shown(file) << "\n  " << shown(problem.sentence()) << "\n";
        }
    }
    for (const auto& file : inside.notRead)
        complain(shown(file.path) + ": " + file.problem.said());
    if (options.json)
        std::cout << dump(all) << "\n";
    return stopRequested ? kStopped : problems || unknown ? kSomeProblems : kDone;
}

int runForget(const RegisterOptions& options) {
    ForgetWish wish;
    wish.deliveries = options.deliveries;
    for (const auto& path : options.paths)
        wish.paths.push_back(absoluteFile(path));
    for (const auto& run : options.runs)
        wish.runs.emplace_back(run);
    if (wish.empty())
        throw Problem(ProblemKind::BadSetting, "forget", "nothing is named",
                      "Name a path, or use --delivery or --run");
    Register known;
    const auto gone = options.yes ? forget(known, wish) : wouldForget(known, wish);
    if (options.json) {
        json problems = json::array();
        for (const auto& problem : gone.problems)
            problems.push_back(problem);
        std::cout << dump({{"forgotten", options.yes},
                           {"rows", gone.rows},
                           {"ledgers", gone.ledgers},
                           {"problems", problems}})
                  << "\n";
    } else {
        const auto of = saidOf(gone.ledgers, "of {n} ledger", "of {n} ledgers");
        std::cout
            << (options.yes
                    ? saidOf(gone.rows,
                             "{n} row {ledgers} forgotten. The pictures themselves stay where they are.",
                             "{n} rows {ledgers} forgotten. The pictures themselves stay where they are.",
                             {{"ledgers", of}})
                    : saidOf(gone.rows, "{n} row {ledgers} would go. Nothing is changed: say --yes to do it.",
                             "{n} rows {ledgers} would go. Nothing is changed: say --yes to do it.",
                             {{"ledgers", of}}))
            << "\n";
        for (const auto& problem : gone.problems)
            std::cout << shown(problem.sentence()) << "\n";
    }
    for (const auto& run : unfinishedRuns())
        complain(
            Saying(
                "a run that did not come to its end keeps its own journal: {file} (see 'resume --give-up')",
                {{"file", shown(run.journal)}})
                .said());
    return gone.problems.empty() && gone.rows > 0 ? kDone : kSomeProblems;
}

int runExport() {
    const Register known;
    const auto problems = exportRegister(known, [](const std::string& line) { std::cout << line << "\n"; });
    for (const auto& problem : problems)
        complain(problem.sentence());
    return problems.empty() ? kDone : kSomeProblems;
}

int runImport(const RegisterOptions& options) {
    Register known;
    bool problems = false;
    for (const auto& path : options.paths) {
        std::ifstream lines(path, std::ios::binary);
        if (!lines)
            throw Problem(ProblemKind::CannotRead, path, "it can't be read");
        const auto imported = importRegister(known, lines, path);
        std::cout << shown(fs::path(path)) << ": "
                  << saidOf(imported.runs, "{n} run with {copies} joined, {known} here already.",
                            "{n} runs with {copies} joined, {known} here already.",
                            {{"copies", saidOf(imported.copies, "{n} copy", "{n} copies")},
                             {"known", asText(imported.knownRuns)}})
                  << "\n";
        for (const auto& problem : imported.problems)
            complain(problem.sentence());
        problems = problems || !imported.problems.empty();
    }
    return problems ? kSomeProblems : kDone;
}

int runRebuild() {
    Register known;
    const auto problems = known.rebuild();
    for (const auto& problem : problems)
        complain(problem.sentence());
    std::cout << saidOf(known.copies(), "{n} copy of {pictures} in the register.",
                        "{n} copies of {pictures} in the register.",
                        {{"pictures", saidOf(known.pictures(), "{n} picture", "{n} pictures")}})
              << "\n";
    return problems.empty() ? kDone : kSomeProblems;
}

} // namespace keepseal::cli
