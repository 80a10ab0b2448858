// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What files tell, as a page to keep.
#pragma once

#include "privacy/verdict.h"

namespace keepseal {

/// One HTML page that needs nothing else (no script, no picture, nothing fetched), in the language spoken;
/// everything from the files is escaped.
std::string toldPage(const std::vector<ToldFile>& files);

} // namespace keepseal
