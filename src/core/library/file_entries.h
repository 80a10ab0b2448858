// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// "Make copies with..." in the file manager: entries for the deliveries of the library, for file managers
// that read file-manager actions (the Desktop Entry Specification's extension of that name, DES-EMA 0.15) and
// for those that read KDE's service menus. Both are files in the person's own data folder, written and taken
// away at their word.
#pragma once

#include "delivery/delivery.h"
#include "library/shelf.h"

#include <filesystem>
#include <string>
#include <vector>

namespace keepseal {

struct EntryFile {
    std::filesystem::path file; ///< below the desktop's data folder
    std::string text;
};
/// For deliveries that say where their copies go, an entry each; the others need the window, which has an
/// entry of its own. `commandLine`, `window`: the programs, by whole paths or by name.
std::vector<EntryFile> fileEntries(const std::vector<SavedDelivery>& deliveries,
                                   const std::string& commandLine, const std::string& window);

/// `data`: $XDG_DATA_HOME. Takes away those of deliveries that are no longer there. Returns how many
/// deliveries have one. Throws Problem(CannotWrite).
std::size_t installFileEntries(const std::filesystem::path& data,
                               const std::vector<SavedDelivery>& deliveries, const std::string& commandLine,
                               const std::string& window);
void removeFileEntries(const std::filesystem::path& data);
/// Whether there are any.
bool hasFileEntries(const std::filesystem::path& data);
/// Of this person: $XDG_DATA_HOME, or ~/.local/share.
std::filesystem::path desktopDataFolder();

} // namespace keepseal
