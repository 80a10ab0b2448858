// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Folders that other programs fill: each picture in them is told once, when it has come to rest. The system's
// word (inotify) makes it quick; a look at the folders now and then finds what other machines put there. For
// one thread.
#pragma once

#include "plan/at_rest.h"

namespace keepseal {

class WatchedFolders {
public:
    /// `quiet`: see AtRest. Throws Problem(NotFound) for what is no folder.
    WatchedFolders(std::vector<std::filesystem::path> folders, bool recursive, double quiet);
    ~WatchedFolders();
    WatchedFolders(const WatchedFolders&) = delete;
    WatchedFolders& operator=(const WatchedFolders&) = delete;

    /// What has come to rest since the last look; copies of ours are left out.
    std::vector<std::filesystem::path> look();
    /// Until something may have happened, but not longer than `seconds`; less while files have not come to
    /// rest. Whether the system said so. A signal ends it too.
    bool wait(double seconds);
    std::size_t restless() const { return m_atRest.restless(); }
    /// To be told again: it could not be worked on.
    void forget(const std::filesystem::path& file) { m_atRest.forget(file); }

private:
    std::vector<std::filesystem::path> m_folders;
    bool m_recursive;
    double m_quiet;
    AtRest m_atRest;
    int m_news;
};

} // namespace keepseal
