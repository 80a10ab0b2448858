// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/library_commands.h"

#include "base/problem.h"
#include "delivery/json.h"
#include "library/bundle.h"
#include "library/shelf.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace keepseal::cli {

namespace fs = std::filesystem;
using nlohmann::json;

Delivery namedDelivery(const std::string& nameOrFile) {
    std::error_code error;
    if (fs::is_regular_file(nameOrFile, error) || fs::path(nameOrFile).extension() == ".json")
        return loadDelivery(nameOrFile);
    const auto found = DeliveryLibrary().find(nameOrFile);
    if (!found)
        throw Problem(ProblemKind::NotFound, nameOrFile,
                      "there is no delivery file and no saved delivery of that name",
                      "'keep-seal-cli library list' tells which there are");
    return found->design;
}

CLI::App* addLibraryCommands(CLI::App& app, LibraryOptions& options) {
    auto* library = app.add_subcommand("library", "The saved deliveries");
    library->require_subcommand(1);
    library->add_subcommand("list", "Those that come with Keep Seal, and your own")
        ->add_flag("--json", options.json, "Print JSON for programs");
    const auto named = [&](const char* command, const char* help, bool several) {
        auto* made = library->add_subcommand(command, help);
        made->add_option("name", options.names, "Of the library")
            ->required()
            ->expected(1, several ? 1000 : 1);
        return made;
    };
    named("show", "Print one as a delivery file", false);
    named("remove", "Take an own one out; 'library restore' brings it back", false);
    named("restore", "Bring back a removed one, by its key", false);
    auto* keeping = library->add_subcommand("keep", "Keep delivery files in the library");
    keeping->add_option("files", options.names, "Delivery files")->required();
    named("export", "Save some as one file, with all they need", true)
        ->add_option("-o,--output", options.file, "The zip to write; must not exist")
        ->required();
    auto* importing = library->add_subcommand("import", "Take deliveries from such a file");
    importing->add_option("file", options.file, "The zip")->required();
    for (auto* made : {keeping, importing})
        made->add_flag("--replace", options.replace, "Also where another one has the name; it is set aside");
    return library;
}

namespace {

int list(const LibraryOptions& options) {
    std::vector<Problem> problems;
    json all = json::array();
    for (const auto& saved : DeliveryLibrary().all(&problems)) {
        if (!options.json)
            std::cout << saved.design.name << (saved.shipped ? "  (comes with Keep Seal)" : "")
                      << (saved.notes.empty() ? "" : "\n    " + saved.notes) << "\n";
        all.push_back({{"key", saved.key},
                       {"name", saved.design.name},
                       {"shipped", saved.shipped},
                       {"notes", saved.notes},
                       {"tags", saved.design.tags}});
    }
    if (options.json)
        std::cout << all.dump(2, ' ', false, json::error_handler_t::replace) << "\n";
    for (const auto& problem : problems)
        std::cerr << "problem: " << problem.sentence() << "\n";
    return problems.empty() ? kDone : kSomeProblems;
}

std::string keyOfNamed(const std::string& name) {
    const auto found = DeliveryLibrary().find(name);
    return found ? found->key : name;
}

bool isSame(Delivery a, Delivery b) {
    a.unknown = b.unknown = json::object(); // keys of another version or of the library
    return a == b;
}

/// One of that name that is not the same is not replaced unless that was asked for.
void keep(const Delivery& delivery, bool replace) {
    const auto known = DeliveryLibrary().find(delivery.name);
    if (known && !known->shipped && !isSame(known->design, delivery) && !replace)
        throw Problem(ProblemKind::Refused, delivery.name, "the library holds another delivery of that name",
                      "Rename one of them, or say --replace: the older one is set aside then");
    const auto saved = DeliveryLibrary().save({{}, false, delivery, delivery.notes});
    std::cout << saved.design.name << "\n";
}

} // namespace

int runLibrary(CLI::App& command, const LibraryOptions& options) {
    const DeliveryLibrary library;
    if (command.got_subcommand("list"))
        return list(options);
    if (command.got_subcommand("show"))
        std::cout << toJson(namedDelivery(options.names.front())).dump(2) << "\n";
    else if (command.got_subcommand("remove"))
        library.remove(keyOfNamed(options.names.front()));
    else if (command.got_subcommand("restore"))
        library.restore(options.names.front());
    else if (command.got_subcommand("keep")) {
        for (const auto& file : options.names)
            keep(loadDelivery(file), options.replace);
    } else if (command.got_subcommand("export")) {
        std::vector<Delivery> chosen;
        for (const auto& name : options.names)
            chosen.push_back(namedDelivery(name));
        exportDeliveries(chosen, options.file);
        std::cout << options.file << "\n";
    } else
        for (const auto& delivery : importDeliveries(SealLibrary(), options.file))
            keep(delivery, options.replace);
    return kDone;
}

} // namespace keepseal::cli
