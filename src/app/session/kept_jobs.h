// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Jobs as they are kept in the person's state folder: that of each window that is open, those of windows that
// died without a proper end, and the last few that were ended. Reads and writes files: never called on the
// window's thread.
#pragma once

#include "base/problem.h"
#include "job/job.h"
#include "session/file_lock.h"

#include <filesystem>
#include <vector>

namespace keepseal::app {

struct KeptJob {
    std::filesystem::path file;
    std::string name; ///< may be empty
    std::size_t pictures = 0;
    std::int64_t when = 0; ///< seconds since 1970, when it was last written
    bool lost = false;     ///< its window came to no proper end
    bool operator==(const KeptJob&) const = default;
};

/// The file of one window, held by a lock while the window lives: a file whose lock nobody holds is a lost
/// job.
class OpenJobFile {
public:
    /// Throws Problem(CannotWrite).
    OpenJobFile();
    /// The lock goes; the file stays if there is one.
    ~OpenJobFile();
    OpenJobFile(const OpenJobFile&) = delete;
    OpenJobFile& operator=(const OpenJobFile&) = delete;
    const std::filesystem::path& file() const { return m_file; }
    /// The job is over: kept among the ended ones (if it holds pictures), and gone as an open one.
    /// Throws Problem(CannotWrite).
    void end(const Job& job);

private:
    std::filesystem::path m_file;
    std::optional<FileLock> m_lock;
};

/// Puts a job among those that were ended; the oldest beyond a few are removed. Throws Problem(CannotWrite).
void keepEnded(const Job& job);
/// Lost ones first, then ended ones, the newest first; those without pictures are not told.
/// `problems`: files that can't be read; they were set aside under another name.
std::vector<KeptJob> keptJobs(std::vector<Problem>* problems = nullptr);

} // namespace keepseal::app
