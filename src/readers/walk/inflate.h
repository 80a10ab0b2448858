// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Packed text, unpacked up to a limit, and as far as the budget goes: a bomb ends there.
#pragma once

#include "base/read_budget.h"

#include <optional>
#include <string>
#include <string_view>

namespace keepseal::walk {

/// zlib (RFC 1950): as far as it goes and at most `most` bytes.
std::string zlibUnpacked(std::string_view packed, std::size_t most, ReadBudget& budget);
/// Brotli (RFC 7932): nothing when it is broken or longer than `most` bytes.
std::optional<std::string> brotliUnpacked(std::string_view packed, std::size_t most, ReadBudget& budget);

} // namespace keepseal::walk
