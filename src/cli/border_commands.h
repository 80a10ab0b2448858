// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Borders as a person names them.
#pragma once

#include "border/design.h"

namespace keepseal::cli {

/// A border file, or the name or key of one in the library; it is switched on. Throws Problem(NotFound |
/// ...).
BorderDesign namedBorder(const std::string& nameOrFile);

} // namespace keepseal::cli
