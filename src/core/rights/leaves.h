// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What leaves the studio with one copy: each piece of metadata, whether it stays, is written or is removed.
#pragma once

#include "rights/apply.h"

namespace keepseal {

enum class Fate { Stays, Written, Removed };

struct Leaving {
    Fate fate = Fate::Removed;
    Category category = Category::Other;
    std::string name;  ///< the field's label, or the tag's name and where it stands
    std::string value; ///< for a person
    std::string was;   ///< of a field that is written: what the original said
    bool tellsPlace = false;
};

/// Places first, then what is written, what stays, what is removed.
std::vector<Leaving> whatLeaves(const FileReport& report, const AppliedRights& applied,
                                const CopyWords& words);

} // namespace keepseal
