// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The place station: where copies go, how they are called, and what happens to a name that is taken.
#pragma once

#include "base/setting.h"

namespace keepseal {

enum class PlaceWhere {
    OneFolder,
    KeepTree,
    BesideOriginal,
    AmongOriginals, ///< in the originals' own folders, under names that differ by what is added
};
enum class TakenName {
    Number,  ///< the new copy gets a number behind its name
    Skip,    ///< no copy is made
    Replace, ///< an earlier copy of ours is replaced; anything else is left alone, and the copy numbered
    Stop,    ///< the run does not begin
};
enum class NameLetters { AsTheyAre, Lower, Upper };
enum class NameCharacters {
    Any,      ///< all that file systems take
    NoSpaces, ///< spaces become hyphens
    Plain,    ///< a-z, A-Z, 0-9, hyphen, underscore and dot only; letters lose their accents
};

struct PlaceSettings {
    PlaceWhere where = PlaceWhere::OneFolder;
    std::string folder;          ///< as typed; not used beside the originals
    std::string subfolder;       ///< inside the folder, or beside the original; tokens and slashes allowed
    std::string name = "{name}"; ///< tokens allowed
    std::string suffix;          ///< added to the name
    NameLetters letters = NameLetters::AsTheyAre;
    NameCharacters characters = NameCharacters::Any;
    int longest = 120;   ///< bytes of UTF-8, without the ending
    int numberFrom = 1;  ///< what {number} is for the first picture
    int numberWidth = 3; ///< digits of {number}, with zeros in front
    TakenName taken = TakenName::Number;
    bool strict = false;    ///< what is worth a look holds a copy back as well
    bool knownAgain = true; ///< a small picture is kept in the register, see record/kept_pictures.h
    bool operator==(const PlaceSettings&) const = default;

    /// Whether it says where to go at all.
    bool chosen() const {
        return where == PlaceWhere::AmongOriginals   ? !suffix.empty()
               : where == PlaceWhere::BesideOriginal ? !subfolder.empty()
                                                     : !folder.empty();
    }
    /// Copies go where the originals are, whatever `folder` says.
    bool byOriginals() const {
        return where == PlaceWhere::BesideOriginal || where == PlaceWhere::AmongOriginals;
    }
};

const std::vector<Setting<PlaceSettings>>& placeSettings();
std::string placeSummary(const PlaceSettings& place);

} // namespace keepseal
