// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The libraries (deliveries, seals, borders, rights sheets) by the same verbs: list, show, keep, remove,
// restore, export, import. What differs among them is said in one Shelf each.
#pragma once

#include "base/problem.h"

#include <nlohmann/json.hpp>

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace keepseal::cli {

struct ShelfOptions {
    std::vector<std::string> names; ///< of the library, or files
    std::string file;               ///< to export to or import from
    bool replace = false;           ///< keep, import: another one of the name is set aside
    bool json = false;
    bool onlyNames = false; ///< list
};

struct ShelfRow {
    std::string key, name, notes;
    bool shipped = false;
    std::vector<std::string> tags;
};

/// What is put on a shelf: its name, and how to put it there. Never another one of that name: see kept().
struct ShelfItem {
    std::string name;
    std::optional<ShelfRow> there; ///< the own one of that name
    bool same = false;             ///< and it is the same
    std::function<void()> save;
};

struct LibraryShelf {
    std::string several;              ///< "borders", for JSON
    std::string keepHelp, exportHelp; ///< of these two verbs: what files they take and write
    bool exportsSeveral = false;
    std::function<std::vector<ShelfRow>(std::vector<Problem>&)> all;
    std::function<nlohmann::json(const std::string& nameOrFile)> show;
    std::function<ShelfItem(const std::string& file)> read;
    std::function<void(const std::string&key)> remove, restore;
    std::function<void(const std::vector<std::string>& namesOrFiles, const std::string& file)> exportTo;
    std::function<std::vector<ShelfItem>(const std::string& file)> import;
};

LibraryShelf deliveryShelf();
LibraryShelf sealShelf();
LibraryShelf borderShelf();
LibraryShelf sheetShelf();

/// The verbs under that command.
void addShelfVerbs(CLI::App& command, ShelfOptions& options, const LibraryShelf& shelf);
/// Nothing when it was none of the verbs.
std::optional<int> runShelfVerb(CLI::App& command, const ShelfOptions& options, const LibraryShelf& shelf);

} // namespace keepseal::cli
