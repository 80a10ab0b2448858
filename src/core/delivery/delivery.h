// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A delivery: everything one receiver gets, as one named chain of stations in the order in which the work is
// done. Plain values; a copy of it is a snapshot.
#pragma once

#include "rights/sheet.h"
#include "seal/design.h"

#include <nlohmann/json.hpp>

#include <filesystem>

namespace keepseal {

struct FitSettings {
    bool on = true;
    int longSide = 2048; ///< pixels; never enlarged
    bool operator==(const FitSettings&) const = default;
};

enum class Chroma { Smaller, Full };

struct FileSettings {
    int quality = 90; ///< JPEG quality, 1 to 100
    Chroma chroma = Chroma::Smaller;
    Rgb background{255, 255, 255}; ///< what transparent pixels become
    bool operator==(const FileSettings&) const = default;
};

enum class TakenName { Number, Skip };

struct PlaceSettings {
    std::string folder;
    std::string suffix; ///< added to the original's name
    TakenName taken = TakenName::Number;
    bool operator==(const PlaceSettings&) const = default;
};

struct Delivery {
    std::string name = "New delivery";
    FitSettings fit;
    SealDesign seal;
    RightsSheet rights;
    FileSettings file;
    PlaceSettings place;
    /// What a file held that this version does not know; written back unchanged.
    nlohmann::json unknown = nlohmann::json::object();
    bool operator==(const Delivery&) const = default;
};

/// Where a path typed by a person leads: "~" and "~/..." are the home folder, a relative path counts from
/// `base`. Empty stays empty.
std::filesystem::path resolvedFolder(const std::string& typed, const std::filesystem::path& base);

} // namespace keepseal
