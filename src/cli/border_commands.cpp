// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/border_commands.h"

#include "base/problem.h"
#include "library/shelf.h"

#include <CLI/CLI.hpp>

#include <iostream>

namespace keepseal::cli {

BorderDesign namedBorder(const std::string& nameOrFile) {
    std::error_code error;
    std::optional<SavedBorder> found;
    if (std::filesystem::is_regular_file(nameOrFile, error))
        found = BorderLibrary::load(nameOrFile);
    else
        found = BorderLibrary().find(nameOrFile);
    if (!found)
        throw Problem(ProblemKind::NotFound, nameOrFile,
                      "there is no border file and no saved border of that name",
                      "'keep-seal-cli border list' tells which there are");
    found->design.on = true;
    return found->design;
}

CLI::App* addBorderCommands(CLI::App& app, BorderOptions& options) {
    auto* border = app.add_subcommand("border", "The library of borders");
    border->require_subcommand(1);
    auto* list = border->add_subcommand("list", "Those that come with Keep Seal, and your own");
    list->add_flag("--json", options.json, "For machines");
    return border;
}

int runBorder(const CLI::App&, const BorderOptions& options) {
    std::vector<Problem> problems;
    auto all = nlohmann::json::array();
    for (const auto& border : BorderLibrary().all(&problems)) {
        if (options.json)
            all.push_back({{"key", border.key},
                           {"name", border.design.name},
                           {"shipped", border.shipped},
                           {"notes", border.notes}});
        else
            std::cout << border.key << "  " << border.design.name << (border.shipped ? "" : "  (yours)")
                      << "\n";
    }
    if (options.json)
        std::cout << all.dump(2) << "\n";
    for (const auto& problem : problems)
        std::cerr << "problem: " << problem.sentence() << "\n";
    return problems.empty() ? 0 : 1;
}

} // namespace keepseal::cli
