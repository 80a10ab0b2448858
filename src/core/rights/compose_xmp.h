// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// XMP packets, composed by Exiv2. Internal to rights/.
#pragma once

#include "rights/apply.h"
#include "rights/mark.h"

#include <optional>
#include <string>

namespace keepseal {

/// Empty when there is nothing to say. `extendedDigest` names a second packet (JPEG alone), empty: none.
/// Any thread. Throws Problem(Internal).
std::string composeXmp(const CopyWords& words, const std::optional<CopyMark>& mark,
                       const std::string& extendedDigest);

} // namespace keepseal
