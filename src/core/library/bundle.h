// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Deliveries to share: a zip with delivery-1.json, delivery-2.json, ... (seal, border and rights sheet
// inside), and beside them logos/, fonts/ and profiles/ that they use. docs/formats/deliveries-bundle.md.
#pragma once

#include "delivery/delivery.h"
#include "library/seal_library.h"

namespace keepseal {

/// Never replaces a file. Folders are left out: where a person keeps copies is nobody else's business. Throws
/// Problem(CannotWrite | Refused | NotFound).
void exportDeliveries(const std::vector<Delivery>& deliveries, const std::filesystem::path& zip,
                      const std::filesystem::path& base);
/// Logos, typefaces and profiles go into the library's folder. At most 64 MB and 200 entries; names that lead
/// out of it are refused. Throws Problem(BadFile | BadSetting | TooLarge | Refused | ...).
std::vector<Delivery> importDeliveries(const SealLibrary& library, const std::filesystem::path& zip);

} // namespace keepseal
