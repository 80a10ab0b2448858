// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace keepseal::cli {

/// What the tables of core say to people, in English, as a JSON list: scripts/languages reads it.
std::string textsOfTables();

} // namespace keepseal::cli
