// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A folder that other programs fill: which of its files have come to rest, each told once as it is.
#pragma once

#include "picture/original.h"

#include <functional>
#include <map>
#include <set>
#include <vector>

namespace keepseal {

struct FileThere {
    std::filesystem::path path;
    FileIdentity identity;
};
/// Ordinary files of the folder, hidden ones left out, links followed to files; a folder that is away for a
/// while, or parts of it that can't be read, have none. In the order of their paths.
std::vector<FileThere> filesThere(const std::filesystem::path& folder, bool recursive);

/// Whether a program has it open for writing, as far as the system tells (a lease, fcntl(2)); never throws.
bool isBeingWritten(const std::filesystem::path& file);

class AtRest {
public:
    /// `quiet`: seconds in which neither size nor time nor the file itself may change.
    explicit AtRest(double quiet) : m_quiet(quiet) {}
    /// What has come to rest since the last look. A file that was renamed is the same one; one that was
    /// written anew or replaced is another. `now`: seconds, growing. `written`: asked of files that are
    /// quiet.
    std::vector<std::filesystem::path> look(const std::vector<FileThere>& there, double now,
                                            const std::function<bool(const std::filesystem::path&)>& written);
    /// Files that have not come to rest yet.
    std::size_t restless() const;
    /// To be told again: it could not be worked on.
    void forget(const std::filesystem::path& file);

private:
    struct Known {
        FileIdentity identity;
        double since = 0;
        bool told = false;
    };
    double m_quiet;
    std::map<std::filesystem::path, Known> m_known;
};

} // namespace keepseal
