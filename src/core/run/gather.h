// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Gathering originals: files as given, folders searched for picture files, each file once.
#pragma once

#include "base/problem.h"

#include <atomic>
#include <filesystem>
#include <vector>

namespace keepseal {

struct Gathered {
    std::vector<std::filesystem::path> files; ///< absolute, in the order given; folders sorted by name
    std::vector<Problem> problems;            ///< paths that are not there or can't be read
};

/// A named file is taken whatever its ending (a broken one is then shown with its reason); a folder gives the
/// files whose ending is a picture's. Links to folders are not followed, so no circle can catch us. The same
/// file under two spellings or links comes once. Stops early when `stop` becomes true.
Gathered gather(const std::vector<std::filesystem::path>& paths, bool recursive,
                const std::atomic<bool>* stop = nullptr);

/// Whether a file name ends like one of the formats we read.
bool hasPictureEnding(const std::filesystem::path& path);

} // namespace keepseal
