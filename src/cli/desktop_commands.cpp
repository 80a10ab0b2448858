// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/desktop_commands.h"

#include "base/own_folders.h"
#include "base/text.h"
#include "cli/print.h"
#include "cli/run_request.h"
#include "library/file_entries.h"
#include "plan/cards.h"

#include <gio/gio.h>

#include <fstream>
#include <iostream>
#include <sstream>

namespace keepseal::cli {
using nlohmann::json;

CLI::App* addFileManagerCommand(CLI::App& app) {
    auto* command = app.add_subcommand("file-manager", "\"Make copies with\" in the file manager's menu");
    command->require_subcommand(1);
    command->add_subcommand(
        "install", "Entries for the library's deliveries that name a folder, and for the window; again after "
                   "the library changed");
    command->add_subcommand("remove", "Take them away");
    return command;
}

int runFileManager(const CLI::App& command) {
    const auto data = desktopDataFolder();
    if (command.got_subcommand("remove")) {
        removeFileEntries(data);
        std::cout << said("The file manager has no entries of Keep Seal.") << "\n";
        return kDone;
    }
    std::vector<Problem> problems;
    const auto count = installFileEntries(data, DeliveryLibrary().all(&problems),
                                          programBeside("keep-seal-cli"), programBeside("keep-seal"));
    for (const auto& problem : problems)
        printProblem(problem);
    std::cout << saidOf(static_cast<std::size_t>(count), "Entries for {n} delivery and for the window.",
                        "Entries for {n} deliveries and for the window.")
              << "\n";
    if (count == 0)
        std::cout << said("A delivery has one when it says where its copies go (place.folder).") << "\n";
    return problems.empty() ? kDone : kSomeProblems;
}

CLI::App* addCardsCommand(CLI::App& app, DesktopOptions& options) {
    auto* command = app.add_subcommand("cards", "Cards and cameras that are mounted");
    command->add_flag("--json", options.json, "Print JSON for programs");
    return command;
}

int runCards(const DesktopOptions& options) {
    stopOnSignals();
    std::ifstream list("/proc/self/mountinfo");
    std::stringstream text;
    text << list.rdbuf();
    json out = json::array();
    for (const auto& card : cardsThere(text.str(), stopRequested)) {
        out.push_back({{"folder", card.folder.string()},
                       {"name", card.name},
                       {"pictures", card.pictures},
                       {"copied_before", card.known}});
        if (!options.json)
            std::cout << shown(card.folder) << "  "
                      << saidOf(card.pictures, "{n} picture, copies were made of {known}",
                                "{n} pictures, copies were made of {known}", {{"known", asText(card.known)}})
                      << "\n";
    }
    if (options.json)
        std::cout << dump(out) << "\n";
    else if (out.empty())
        std::cout << said("No card and no camera is mounted.") << "\n";
    return kDone;
}

void notifyDesktop(const std::string& title, const std::string& text) {
    constexpr int kAnswerMs = 2000;
    auto* bus = g_bus_get_sync(G_BUS_TYPE_SESSION, nullptr, nullptr);
    if (!bus)
        return;
    char* plain = g_markup_escape_text(text.c_str(), -1); // it may be taken for markup there
    GVariantBuilder hints;
    g_variant_builder_init(&hints, G_VARIANT_TYPE("a{sv}"));
    g_variant_builder_add(&hints, "{sv}", "desktop-entry", g_variant_new_string("org.example.KeepSeal"));
    auto* answer =
        g_dbus_connection_call_sync(bus, "org.freedesktop.Notifications", "/org/freedesktop/Notifications",
                                    "org.freedesktop.Notifications", "Notify",
                                    g_variant_new("(susssasa{sv}i)", "Keep Seal", 0U, "org.example.KeepSeal",
                                                  title.c_str(), plain, nullptr, &hints, -1),
                                    nullptr, G_DBUS_CALL_FLAGS_NONE, kAnswerMs, nullptr, nullptr);
    if (answer)
        g_variant_unref(answer);
    g_free(plain);
    g_object_unref(bus);
}

} // namespace keepseal::cli
