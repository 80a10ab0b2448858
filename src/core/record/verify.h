// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A folder, a drive or an album held against the register, file by file and byte for byte.
#pragma once

#include "record/register.h"

#include <atomic>

namespace keepseal {

enum class Standing {
    Untouched, ///< the very bytes of a copy that a run made, or of an original as it was read then
    Changed,   ///< a copy or an original lay there with other bytes
    Missing,   ///< a run made a copy there, and there is none
    Foreign,   ///< nothing that the register knows
    Unread,    ///< it can't be read: `problem` says why
};
const char* keyOf(Standing standing);

struct VerifiedFile {
    std::filesystem::path file;
    Standing standing = Standing::Foreign;
    bool original = false;               ///< it is, or was, an original; else a copy
    std::optional<RegisteredCopy> known; ///< what the register says; of an original its newest copy
    std::optional<Problem> problem;
};

/// All files below `folder` and what is missing there, in the order of their paths; no link is followed. A
/// folder that can't be gone through is Unread, and so is what a run made there. Stops early where `stop` is
/// set. Throws Problem(NotFound) when it is no folder, and like Register.
std::vector<VerifiedFile> verifyFolder(Register& known, const std::filesystem::path& folder,
                                       const std::atomic<bool>& stop);
/// What the register knows of one file.
VerifiedFile verifyFile(Register& known, const std::filesystem::path& file);

} // namespace keepseal
