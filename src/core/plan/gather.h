// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Gathering originals: files as given, folders searched for picture files, each file once. Nothing vanishes:
// whatever was given or met and is no original is told with its kind.
#pragma once

#include "base/note.h"

#include <atomic>
#include <filesystem>
#include <functional>
#include <map>
#include <vector>

namespace keepseal {

/// A file, folder or link that did not become an original.
struct Met {
    std::filesystem::path path;
    Note note;
    bool named = false; ///< it was given itself, and not met in a folder
};

struct Gathered {
    std::vector<std::filesystem::path> files; ///< absolute, in the order given; folders in natural order
    std::vector<Met> others;
    bool stopped = false; ///< not all was looked at

    std::size_t toLookAt() const; ///< others that are worth a look
    /// Something that was named is not there or can't be read.
    bool misses() const;
};

struct GatherOptions {
    bool recursive = true;
    bool takeOurs = false; ///< copies of ours met in a folder as well; one that is named is always taken
    const std::atomic<bool>* stop = nullptr;
    /// Told now and then, soon and then ever more seldom, which files came since the last time, in their
    /// order; what came last is only in the result. May be empty.
    std::function<void(const std::vector<std::filesystem::path>&)> onFound{};
};

/// What a file is counts, and not its ending. Links to files are followed, links to folders are not, so no
/// circle can catch us. The same file under two spellings or links comes once.
Gathered gather(const std::vector<std::filesystem::path>& paths, const GatherOptions& options);
Gathered gather(const std::vector<std::filesystem::path>& paths, bool recursive,
                const std::atomic<bool>* stop = nullptr);

/// How many there are of each kind, in the order of the kinds.
std::map<NoteKind, std::size_t> countByKind(const std::vector<Met>& others);

} // namespace keepseal
