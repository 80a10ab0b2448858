// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/word_commands.h"

#include "cli/print.h"

#include "base/files.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "library/shelf.h"
#include "metadata/csv.h"
#include "picture/develop.h"
#include "plan/gather.h"
#include "privacy/verdict.h"
#include "render/picture_words.h"
#include "render/stages.h"
#include "report/told_page.h"
#include "rights/sheet_xmp.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

std::string dumped(const json& value) {
    return value.dump(2, ' ', false, json::error_handler_t::replace);
}

void printTold(const ToldFile& file) {
    if (!file.problem.empty()) {
        std::cerr << Saying("problem: {sentence}",
                            {{"sentence", shown(file.path) + ": " + shown(file.problem.said())}})
                         .said()
                  << "\n";
        return;
    }
    const auto& report = file.report;
    std::cout << shown(file.path) << ": "
              << Saying(report.tellsPlace() ? toSay("{container}, {bytes}, TELLS A PLACE: {place}")
                                            : toSay("{container}, {bytes}, tells no place"),
                        {{"container", nameOf(report.container)},
                         {"bytes", byteText(report.bytes)},
                         {"place", shown(report.placeText())}})
                     .said()
              << "\n";
    for (const auto& finding : report.findings)
        std::cout << (finding.tellsPlace ? "  ! " : "    ") << said(labelOf(finding.category)) << " | "
                  << shown(finding.where) << " | " << finding.offset << " | " << shown(finding.name)
                  << (finding.value.empty() ? "" : " | ") << shown(finding.value) << "\n";
    for (const auto& part : report.notSearched)
        std::cout << "  ? " << shown(part.said()) << "\n";
}

/// The names of the place that an original and its sidecar tell.
std::vector<std::string> placesOf(const fs::path& path) {
    const Original file(path);
    return readMetadata(path, inspect(file)).placeNames;
}

struct WordsRow {
    fs::path path;
    PictureWords words;
    std::optional<Problem> problem;
};

WordsRow wordsOfFile(const fs::path& path, const Delivery& delivery) {
    WordsRow out{path, {}, {}};
    try {
        const Original file(path);
        const auto facts = shownFacts(readFacts(file, path.string()), delivery);
        out.words =
            pictureWords(path, readMetadata(path, inspect(file, Reach::Headers)), facts.size, delivery);
    } catch (const Problem& problem) {
        out.problem = problem;
    }
    return out;
}

json wordsJson(const WordsRow& row) {
    json out = {{"file", row.path.string()}, {"fields", json::object()}};
    if (row.problem)
        out["problem"] = *row.problem;
    for (const auto& [key, outcome] : row.words.applied.fields) {
        auto& field = out["fields"][key];
        field = {{"before", outcome.before.items},
                 {"after", outcome.after.items},
                 {"notes", keepseal::toJson(outcome.notes)}};
        for (const auto rule : outcome.rules)
            field["rules"].push_back(rule + 1);
        if (!outcome.places.empty())
            field["places"] = outcome.places;
    }
    out["notes"] = keepseal::toJson(row.words.applied.notes());
    return out;
}

} // namespace

void addCheckCommand(CLI::App& app, CheckOptions& options) {
    auto* command =
        app.add_subcommand("check", "Say everything that files tell; exit 1 when one tells a place");
    command->add_option("paths", options.files, "Files of any origin, and folders with all in them")
        ->required();
    command->add_flag("--json", options.json, "Print JSON for programs");
    command->add_option("--original", options.original,
                        "The original of these copies: the names of its place are looked for as well");
    command->add_option("--html", options.html, "Also write a page to keep; must not exist");
}

int runCheck(const CheckOptions& options) {
    std::vector<ToldFile> told;
    bool place = false, problems = false;
    const auto all = filesIn({options.files.begin(), options.files.end()});
    const auto tell = [&](ToldFile file) {
        place = place || file.report.tellsPlace();
        problems = problems || !file.problem.empty() || !file.report.notSearched.empty();
        if (!options.json)
            printTold(file);
        if (options.json || !options.html.empty())
            told.push_back(std::move(file));
    };
    const auto names = options.original.empty() ? std::vector<std::string>() : placesOf(options.original);
    for (const auto& path : all.files)
        tell(readTold(path, names));
    for (const auto& file : all.notRead)
        tell(file);
    if (options.json)
        std::cout << dumped(toldJson(told)) << "\n";
    if (!options.html.empty()) {
        const auto page = toldPage(told);
        writeNewFile(options.html, Bytes(page.begin(), page.end()));
    }
    return place || problems ? kSomeProblems : kDone;
}

RightsSheet namedSheet(const std::string& nameOrFile) {
    std::error_code error;
    if (fs::is_regular_file(nameOrFile, error))
        return fs::path(nameOrFile).extension() == ".xmp" ? sheetFromXmp(nameOrFile)
                                                          : SheetLibrary::load(nameOrFile).design;
    const auto found = SheetLibrary().findAsWritten(nameOrFile);
    if (!found)
        throw Problem(ProblemKind::NotFound, nameOrFile,
                      "there is no sheet file and no saved rights sheet of that name",
                      "'keep-seal-cli sheet list' tells which there are");
    return found->design;
}

int runWords(const WordsOptions& options) {
    const auto delivery = deliveriesAsMade(options.delivery, {}).front();
    std::vector<std::string> keys = options.fields;
    if (keys.empty())
        keys = {"title", "headline", "description", "keywords", "creator", "copyright_notice"};
    for (const auto& key : keys)
        if (!metadataField(key))
            throw Problem(ProblemKind::BadSetting, key, "there is no such field",
                          "'keep-seal-cli settings' lists them under rights");
    const auto gathered = gather({options.pictures.paths.begin(), options.pictures.paths.end()},
                                 options.pictures.recursive, nullptr);
    CsvRows table{{"File"}};
    for (const auto& key : keys)
        table.front().push_back(speaksEnglish() ? metadataField(key)->label : key); // read in every language
    auto all = json::array();
    bool problems = fails(gathered, options.pictures.strict);
    printOthers(gathered);
    for (const auto& path : gathered.files) {
        const auto row = wordsOfFile(path, delivery);
        if (row.problem) {
            problems = true;
            printProblem(*row.problem);
        }
        for (const auto& note : row.words.applied.notes())
            if (!options.json && severityOf(note) >= Severity::WorthALook)
                std::cerr << shown(path) << ": " << shown(sentenceOf(note)) << "\n";
        all.push_back(wordsJson(row));
        table.push_back({path.string()});
        for (const auto& key : keys)
            table.back().push_back(row.words.applied.after(key).typed());
    }
    std::cout << (options.json ? dumped(all) + "\n" : toCsv(table));
    return problems ? kSomeProblems : kDone;
}

void takeWords(const std::string& file, const std::vector<fs::path>& pictures, Exceptions& exceptions) {
    const Original source{fs::path(file)};
    const auto bytes = source.bytes(0, 65U << 20);
    const auto read = wordsFromCsv(parseCsv({bytes.begin(), bytes.end()}, file), pictures);
    if (!read.problems.empty())
        throw Problem(ProblemKind::BadSetting, file, read.problems.front(),
                      "Each row needs a file name of this job first, and a field's name above each column");
    for (const auto& [picture, words] : read.byPicture)
        for (const auto& [key, value] : words)
            exceptions[pictures[picture]].words[key] = value;
}

} // namespace keepseal::cli
