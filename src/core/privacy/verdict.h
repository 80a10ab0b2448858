// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a file tells, said in one sentence.
#pragma once

#include "base/language.h"
#include "privacy/report.h"

#include <filesystem>

namespace keepseal {

/// A piece of a file that tells a place.
struct PlaceTold {
    std::size_t finding = 0; ///< which of the report's
    std::string place;       ///< as placesIn() tells it; of a field for places: its value
};
/// The one verdict: what "no place" means wherever it is said, in a ledger, in `check` and on the screen. All
/// fields that are meant for a place, and every text in the file that holds coordinates or one of `names`
/// (known from elsewhere, as from the original). A maker's address is not where a picture was taken: of
/// contact details the names don't count, coordinates do.
std::vector<PlaceTold> placesTold(const FileReport& report, const std::vector<std::string>& names = {});

/// Neither rights, which are meant to be told, nor what a file is made of.
bool isLoud(Category category);

enum class Tells {
    Nothing,   ///< nothing but what is technical and rights
    Something, ///< no place, but more than rights
    Unsure,    ///< no place was found, but not all could be read
    Place
};
/// `names` as for placesTold().
Tells tellsOf(const FileReport& report, const std::vector<std::string>& names = {});
/// "It tells a place: 54.12 N, 3.45 W · Heronsluice."
Saying verdict(const FileReport& report);

struct ToldFile {
    std::filesystem::path path;
    FileReport report;
    Saying problem; ///< why it could not be read; then `report` is empty
};
nlohmann::json toldJson(const std::vector<ToldFile>& files);

/// Reads one file; never throws. Findings that hold one of `names` tell a place in it.
ToldFile readTold(const std::filesystem::path& path, const std::vector<std::string>& names = {});
struct FilesIn {
    std::vector<std::filesystem::path> files;
    std::vector<ToldFile>
        notRead; ///< links and folders that were not looked into, and why: nothing is passed
};
/// Every ordinary file in these paths, folders with all in them.
FilesIn filesIn(const std::vector<std::filesystem::path>& paths);

} // namespace keepseal
