// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Deliveries as a person names them.
#pragma once

#include "cli/commands.h"

namespace keepseal::cli {

/// The delivery a person names: a file when there is one, else of the library. Throws Problem(NotFound).
Delivery namedDelivery(const std::string& nameOrFile);

} // namespace keepseal::cli
