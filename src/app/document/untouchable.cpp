// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/untouchable.h"

#include "base/problem.h"
#include "metadata/metadata.h"
#include "picture/original.h"

namespace keepseal::app {

Untouchable untouchable(const JobDocument& document) {
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
    for (const auto& item : document.originals()) {
        add(item.path);
        add(sidecarOf(item.path));
    }
    return out;
}

} // namespace keepseal::app
