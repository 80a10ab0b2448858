// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Saved borders: those that come with Keep Seal (read-only) and the person's own, one JSON file each in
// $XDG_DATA_HOME/keep-seal/borders. Nothing is deleted at once: what is removed or replaced lies in removed/.
#pragma once

#include "base/problem.h"
#include "border/design.h"

#include <filesystem>
#include <optional>

namespace keepseal {

struct SavedBorder {
    std::string key; ///< file name without ending
    bool shipped = false;
    BorderDesign design; ///< its name is the border's name
    std::string notes;
};

class BorderLibrary {
public:
    /// `folder`: the person's; empty: the data folder.
    explicit BorderLibrary(std::filesystem::path folder = {});
    /// Own ones first, each part by name. Files that can't be read are left out and told in `problems`.
    std::vector<SavedBorder> all(std::vector<Problem>* problems = nullptr) const;
    std::optional<SavedBorder> find(const std::string& keyOrName) const;
    /// Under its design's name; an own one of the same name is set aside first. Throws Problem(CannotWrite).
    SavedBorder save(SavedBorder border) const;
    /// Own ones only. `restore` brings back the last removed one of that key.
    void remove(const std::string& key) const;
    void restore(const std::string& key) const;

private:
    std::filesystem::path fileOf(const std::string& key) const;
    std::filesystem::path asideOf(const std::string& key) const;
    std::filesystem::path m_folder;
};

/// Throws Problem(NotFound | CannotRead | BadFile | BadSetting).
SavedBorder loadBorderFile(const std::filesystem::path& file);

} // namespace keepseal
