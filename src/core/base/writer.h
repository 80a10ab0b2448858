// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The one writer of every file that is no copy of a picture: designs, jobs, ledgers, reports, bundles,
// pictures of seals. A file is whole or absent under its name, and what it replaces is there until it is.
// (Copies have a stricter one, run/destination.h; the journal, which grows, writes for itself.)
#pragma once

#include "base/byte_source.h"

#include <filesystem>
#include <set>
#include <utility>

namespace keepseal {

enum class Existing {
    Refuse,  ///< a file of that name stays, and is a Problem(Refused)
    Replace, ///< it is replaced in one step
};

/// Files that must not be replaced, by device and inode.
using Untouchable = std::set<std::pair<std::uint64_t, std::uint64_t>>;

/// Written beside under a name nobody can know before (never through a link), synced, then moved to its name.
/// Replace makes folders. A link of that name is replaced itself; what it leads to is not written. Throws
/// Problem(Refused | CannotWrite); nothing is left behind then.
void writeWhole(const std::filesystem::path& path, ByteSpan bytes, Existing existing,
                const Untouchable& untouchable = {});

} // namespace keepseal
