// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A delivery: everything one receiver gets, as one named chain of stations in the order in which the work is
// done. Plain values; a copy of it is a snapshot.
#pragma once

#include "border/design.h"
#include "delivery/place.h"
#include "delivery/sending.h"
#include "delivery/which.h"
#include "finish/finish.h"
#include "formats/file_settings.h"
#include "geometry/fit.h"
#include "privacy/rules.h"
#include "rights/sheet.h"
#include "seal/design.h"

#include <nlohmann/json.hpp>

#include <filesystem>

namespace keepseal {

struct Delivery {
    std::string name = "New delivery";
    std::string notes;             ///< a person's own
    std::vector<std::string> tags; ///< a person's own, to find it by
    WhichSettings which;
    TurnSettings turn;
    FitSettings fit;
    FinishSettings finish;
    BorderDesign border;
    SealDesign seal;
    RightsSheet rights;
    PrivacyRules privacy;
    FileSettings file;
    PlaceSettings place;
    SendingSettings sending;
    /// What a file held that this version does not know; written back unchanged.
    nlohmann::json unknown = nlohmann::json::object();
    bool operator==(const Delivery&) const = default;
};

/// Where a path typed by a person leads: "~" and "~/..." are the home folder, a relative path counts from
/// `base`. Empty stays empty.
std::filesystem::path resolvedFolder(const std::string& typed, const std::filesystem::path& base);
/// Files that it names count from `base`: what renders knows only whole paths.
Delivery anchored(Delivery delivery, const std::filesystem::path& base);

} // namespace keepseal
