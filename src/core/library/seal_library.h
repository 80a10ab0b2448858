// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Saved seals: those that come with Keep Seal (read-only) and the person's own, one JSON file each in the
// data folder
// ($XDG_DATA_HOME/keep-seal/seals), with the logos they use beside them in logos/ and added typefaces in
// fonts/. Nothing is deleted: what is removed or replaced lies in removed/.
#pragma once

#include "base/problem.h"
#include "seal/design.h"

#include <filesystem>
#include <optional>

namespace keepseal {

struct SavedSeal {
    std::string key; ///< file name without ending; unique in the library
    bool shipped = false;
    SealDesign design; ///< its name is the seal's name
    std::string notes;
    std::vector<std::string> tags;
    bool matches(const std::string& words) const; ///< every word stands in name, notes or tags
};

class SealLibrary {
public:
    /// `folder`: the person's; empty: the data folder. Takes added typefaces into use.
    explicit SealLibrary(std::filesystem::path folder = {});

    /// Own ones first, each part by name. Files that can't be read are left out and told in `problems`.
    std::vector<SavedSeal> all(std::vector<Problem>* problems = nullptr) const;
    std::optional<SavedSeal> find(const std::string& keyOrName) const;
    /// The same, but what comes with Keep Seal is found by its English name too, and keeps it.
    std::optional<SavedSeal> findAsWritten(const std::string& keyOrName) const;

    /// Saves under the seal's name; an empty or taken key makes a new one. Logos are copied in. Returns it as
    /// kept. Throws Problem(CannotWrite | ...).
    SavedSeal save(SavedSeal seal) const;
    /// Own seals only. `restore` brings back the last removed one of that key.
    void remove(const std::string& key) const;
    void restore(const std::string& key) const;
    /// Copies a typeface file in and takes it into use; returns its family.
    std::string addTypeface(const std::filesystem::path& file) const;

    const std::filesystem::path& folder() const { return m_folder; }

private:
    void setAside(const std::string& key) const;
    std::filesystem::path fileOf(const std::string& key) const;
    std::string keepLogo(const std::string& file) const;
    std::filesystem::path m_folder;
};

/// One seal with its logos and added typefaces as a zip: seal.json, logos/, fonts/ (docs/formats); taking
/// one in: library/arrival.h. Never replaces a file. Throws Problem(CannotWrite | Refused | NotFound).
void exportSeal(const SavedSeal& seal, const std::filesystem::path& zip);
/// A seal file of its own, with notes and tags. Relative logo paths count from the file's folder.
SavedSeal loadSealFile(const std::filesystem::path& file);
nlohmann::json toJson(const SavedSeal& seal);

} // namespace keepseal
