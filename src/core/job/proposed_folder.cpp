// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "job/proposed_folder.h"

#include <algorithm>

#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

fs::path sharedFolder(const std::vector<fs::path>& originals) {
    fs::path out = originals.front().parent_path();
    for (const auto& original : originals) {
        const auto folder = original.parent_path();
        fs::path shared;
        for (auto a = out.begin(), b = folder.begin(); a != out.end() && b != folder.end() && *a == *b;
             ++a, ++b)
            shared /= *a;
        out = std::move(shared);
    }
    return out;
}

} // namespace

fs::path proposedFolder(const std::vector<fs::path>& originals, const fs::path& elsewhere) {
    if (originals.empty())
        return {};
    const auto folder = sharedFolder(originals);
    if (folder.filename().empty()) // originals from all over the disk, or its top
        return elsewhere / "copies";
    const auto name = folder.filename().string() + " copies";
    return ::access(folder.parent_path().c_str(), W_OK | X_OK) == 0 ? folder.parent_path() / name
                                                                    : elsewhere / name;
}

} // namespace keepseal
