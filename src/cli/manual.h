// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The manual pages, for man(1): troff, in the language spoken. Sections have the names that readers of such
// pages know in that language, but for NAME, by which an index of pages finds them.
#pragma once

#include <CLI/CLI.hpp>

#include <string>

namespace keepseal::cli {

/// Of all commands and their options; these speak already (sayDescriptions()).
std::string manualPage(const CLI::App& app);
/// Of the window, keep-seal(1).
std::string manualPageOfWindow();

} // namespace keepseal::cli
