// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Saved borders, rights sheets and deliveries: those that come with Keep Seal (read-only) and the person's
// own, one JSON file each in a folder of $XDG_DATA_HOME/keep-seal. Nothing is deleted: what is removed
// or replaced lies in removed/.
#pragma once

#include "base/problem.h"
#include "border/design.h"
#include "delivery/delivery.h"
#include "rights/sheet.h"

#include <filesystem>
#include <optional>

namespace keepseal {

template <class Design>
struct Saved {
    std::string key; ///< file name without ending
    bool shipped = false;
    Design design; ///< its name is the one it is saved under
    std::string notes;
};

template <class Design>
class Shelf {
public:
    /// `folder`: the person's; empty: the data folder.
    explicit Shelf(std::filesystem::path folder = {});
    /// Own ones first, each part by name. Files that can't be read are left out and told in `problems`.
    std::vector<Saved<Design>> all(std::vector<Problem>* problems = nullptr) const;
    std::optional<Saved<Design>> find(const std::string& keyOrName) const;
    /// The same, but what comes with Keep Seal is found by its English name too, and keeps it: what is made
    /// with it by a script is the same on each machine.
    std::optional<Saved<Design>> findAsWritten(const std::string& keyOrName) const;
    /// Under its design's name; an own one of the same name is set aside first. Throws Problem(CannotWrite).
    Saved<Design> save(Saved<Design> saved) const;
    /// Own ones only. `restore` brings back the last removed one of that key.
    void remove(const std::string& key) const;
    void restore(const std::string& key) const;
    /// Throws Problem(NotFound | CannotRead | BadFile | BadSetting).
    static Saved<Design> load(const std::filesystem::path& file);

private:
    std::filesystem::path fileOf(const std::string& key) const;
    static std::string
    asideKey(const std::string& key); ///< all libraries share one folder for what is removed
    std::filesystem::path m_folder;
};

using SavedBorder = Saved<BorderDesign>;
using BorderLibrary = Shelf<BorderDesign>;
using SavedSheet = Saved<RightsSheet>;
using SheetLibrary = Shelf<RightsSheet>;
using SavedDelivery = Saved<Delivery>;
using DeliveryLibrary = Shelf<Delivery>;

} // namespace keepseal
