// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The rights sheet: the copyright metadata a copy carries. Field names are those of the IPTC Photo Metadata
// Standard.
#pragma once

#include "base/setting.h"

namespace keepseal {

struct RightsSheet {
    bool on = true;
    std::string creator; ///< several creators are parted by ";"
    std::string copyrightNotice;
    bool operator==(const RightsSheet&) const = default;

    std::vector<std::string> creators() const;
    bool writesAnything() const { return on && (!creators().empty() || !copyrightNotice.empty()); }
};

const std::vector<Setting<RightsSheet>>& rightsSettings();

} // namespace keepseal
