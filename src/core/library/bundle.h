// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Deliveries to share: a zip with delivery-1.json, delivery-2.json, ... (seal, border and rights sheet
// inside), and beside them logos/, fonts/ and profiles/ that they use. Taking them in: library/arrival.h.
// docs/formats/README.md.
#pragma once

#include "delivery/delivery.h"

#include <filesystem>

namespace keepseal {

/// Never replaces a file. Folders are left out: where a person keeps copies is nobody else's business. Throws
/// Problem(CannotWrite | Refused | NotFound).
void exportDeliveries(const std::vector<Delivery>& deliveries, const std::filesystem::path& zip,
                      const std::filesystem::path& base);

} // namespace keepseal
