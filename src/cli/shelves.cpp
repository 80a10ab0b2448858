// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/shelves.h"

#include "cli/commands.h"
#include "cli/print.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace keepseal::cli {

using nlohmann::json;

void addShelfVerbs(CLI::App& command, ShelfOptions& options, const LibraryShelf& shelf) {
    auto* listing = command.add_subcommand("list", "Those that come with Keep Seal, and your own");
    listing->add_flag("--json", options.json, "Print JSON for programs");
    listing->add_flag("--names", options.onlyNames, "Print names alone, a line each");
    const auto named = [&](const char* verb, const std::string& help, const char* what, bool several) {
        auto* made = command.add_subcommand(verb, help);
        made->add_option("name", options.names, what)->required()->expected(1, several ? 1000 : 1);
        return made;
    };
    named("show", "Print one as JSON", "A name or key of the library, or a file", false);
    auto* keeping = named("keep", shelf.keepHelp, "The files", true);
    named("remove", "Take an own one out; restore brings it back", "Its name or key", false);
    named("restore", "Bring back the one that was removed last", "Its key", false);
    named("export", shelf.exportHelp, "Names or keys of the library, or files", shelf.exportsSeveral)
        ->add_option("-o,--output", options.file, "The file to write; must not exist")
        ->required();
    auto* importing = command.add_subcommand("import", "Take what export wrote into your library");
    importing->add_option("file", options.file, "The file")->required();
    for (auto* verb : {keeping, importing})
        verb->add_flag("--replace", options.replace, "Also where another one has the name; it is set aside");
}

namespace {

int list(const ShelfOptions& options, const LibraryShelf& shelf) {
    std::vector<Problem> problems;
    auto all = json::array();
    for (const auto& row : shelf.all(problems)) {
        if (options.onlyNames)
            std::cout << shown(row.name) << "\n";
        else if (!options.json)
            std::cout << row.key << "  " << shown(row.name)
                      << (row.shipped ? std::string() : "  " + said("(yours)"))
                      << (row.notes.empty() ? "" : "\n    " + shown(row.notes)) << "\n";
        all.push_back({{"key", row.key},
                       {"name", row.name},
                       {"shipped", row.shipped},
                       {"notes", row.notes},
                       {"tags", row.tags}});
    }
    if (options.json)
        std::cout << json{{shelf.several, all}, {"problems", problems}}.dump(2, ' ', false,
                                                                             json::error_handler_t::replace)
                  << "\n";
    for (const auto& problem : problems)
        printProblem(problem);
    return problems.empty() ? kDone : kSomeProblems;
}

std::string keyOf(const LibraryShelf& shelf, const std::string& nameOrKey) {
    std::vector<Problem> problems;
    for (const auto& row : shelf.all(problems))
        if (row.name == nameOrKey || row.key == nameOrKey)
            return row.key;
    return nameOrKey;
}

/// One of that name that is not the same is not replaced unless that was asked for.
void keep(const ShelfItem& item, bool replace) {
    if (item.there && !item.same && !replace)
        throw Problem(ProblemKind::Refused, item.name, "the library holds another one of that name",
                      "Rename one of them, or say --replace: the older one is set aside then");
    if (!item.there || !item.same)
        item.save();
    std::cout << shown(item.name) << "\n";
}

} // namespace

std::optional<int> runShelfVerb(CLI::App& command, const ShelfOptions& options, const LibraryShelf& shelf) {
    if (command.got_subcommand("list"))
        return list(options, shelf);
    if (command.got_subcommand("show"))
        std::cout << shelf.show(options.names.front()).dump(2, ' ', false, json::error_handler_t::replace)
                  << "\n";
    else if (command.got_subcommand("keep")) {
        std::vector<ShelfItem> items; // all are read before the first is kept
        for (const auto& file : options.names)
            items.push_back(shelf.read(file));
        for (const auto& item : items)
            keep(item, options.replace);
    } else if (command.got_subcommand("remove"))
        shelf.remove(keyOf(shelf, options.names.front()));
    else if (command.got_subcommand("restore"))
        shelf.restore(options.names.front());
    else if (command.got_subcommand("export")) {
        shelf.exportTo(options.names, options.file);
        std::cout << shown(options.file) << "\n";
    } else if (command.got_subcommand("import")) {
        for (const auto& item : shelf.import(options.file))
            keep(item, options.replace);
    } else
        return std::nullopt;
    return kDone;
}

} // namespace keepseal::cli
