// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <set>
#include <string>

namespace keepseal::cli {

/// What the tables of core say to people, and `others`, in English, as a JSON list: scripts/languages reads
/// it.
std::string textsOfTables(std::set<std::string> others);

} // namespace keepseal::cli
