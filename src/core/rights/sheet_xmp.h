// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A rights sheet as a plain XMP file (ISO 16684-1), for other programs and from them. XMP knows values, not
// rules: what goes out are the rules without a condition, what comes in replaces.
#pragma once

#include "rights/sheet.h"

namespace keepseal {

/// Throws Problem(NotFound | CannotRead | BadFile) when there is no XMP in it or nothing of the sheet's
/// fields.
RightsSheet sheetFromXmp(const std::filesystem::path& file);
std::string sheetToXmp(const RightsSheet& sheet);

} // namespace keepseal
