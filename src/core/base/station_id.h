// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The stations of a delivery, in the one order of the chain. What each is stands in delivery/stations.h; the
// names are here, because whatever is said about a copy says which station it comes from.
#pragma once

#include <array>

namespace keepseal {

enum class StationId { Which, Turn, Fit, Finish, Border, Seal, Rights, Privacy, File, Place, Sending };

/// As saved, in the order of the enumeration.
inline constexpr std::array<const char*, 11> kStationKeys = {
    "which", "turn", "fit", "finish", "border", "seal", "rights", "privacy", "file", "place", "sending"};
inline const char* keyOf(StationId id) {
    return kStationKeys[static_cast<std::size_t>(id)];
}

} // namespace keepseal
