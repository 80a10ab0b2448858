// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where the shipped fonts lie: the installed share/ folder, or assets/ of the source tree while developing.
// KEEPSEAL_ASSETS in the environment overrides both (tests, relocated installs).
#pragma once

#include <filesystem>

namespace keepseal {

/// Throws Problem(NotFound) when the fonts can't be found: nothing could be drawn as designed.
std::filesystem::path assetsFolder();

} // namespace keepseal
