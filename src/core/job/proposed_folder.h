// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where copies could go when nobody has said it yet.
#pragma once

#include <filesystem>
#include <vector>

namespace keepseal {

/// Beside the folder that holds all originals, never inside it: "Bay copies" for "Bay"; in `elsewhere` where
/// that can't be written to (a card, a folder of the system). Nothing is made. Asks the disk. Empty for no
/// originals.
std::filesystem::path proposedFolder(const std::vector<std::filesystem::path>& originals,
                                     const std::filesystem::path& elsewhere);

} // namespace keepseal
