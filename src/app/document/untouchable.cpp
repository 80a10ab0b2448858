// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/untouchable.h"

#include "base/problem.h"
#include "metadata/metadata.h"
#include "picture/original.h"

namespace keepseal::app {

Untouchable untouchable(const std::vector<std::filesystem::path>& originals) {
    Untouchable out;
    const auto add = [&out](const std::filesystem::path& path) {
        try {
            if (!path.empty()) {
                const auto identity = identityOf(path);
                out.insert({identity.device, identity.inode});
            }
        } catch (const Problem&) {
            // what is not there can't be written over
        }
    };
    for (const auto& path : originals) {
        add(path);
        add(sidecarOf(path));
    }
    return out;
}

} // namespace keepseal::app
