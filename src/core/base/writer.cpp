// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/writer.h"

#include "base/own_folders.h"
#include "base/problem.h"

#include <atomic>
#include <cerrno>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <random>
#include <sys/stat.h>
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

[[noreturn]] void failedToWrite(const fs::path& path, int error) {
    throw Problem(ProblemKind::CannotWrite, path.string(),
                  Saying("it can't be written: {reason}", {{"reason", std::strerror(error)}}),
                  "Check the folder's permissions and the space left on the disk");
}

[[noreturn]] void thereAlready(const fs::path& path) {
    throw Problem(ProblemKind::Refused, path.string(), "there is a file of that name already",
                  "Choose another name: nothing is ever replaced");
}

/// Nobody can lay a link or a file under a name that can't be guessed; O_EXCL refuses the rest.
fs::path namedBeside(const fs::path& path) {
    static std::atomic<unsigned> counter{0};
    static const auto random = std::random_device{}();
    return path.parent_path() / (".keep-seal-" + std::to_string(::getpid()) + "-" +
                                 std::to_string(++counter) + "-" + std::to_string(random) + ".new");
}

/// The file under its temporary name; gone again unless it was moved to its own.
class Beside {
public:
    explicit Beside(const fs::path& path) : m_path(path), m_file(namedBeside(path)) {
        m_descriptor = ::open(m_file.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC | O_NOFOLLOW,
                              isOwn(path) ? 0600 : 0644);
        if (m_descriptor < 0)
            failedToWrite(path, errno);
    }
    ~Beside() {
        if (m_descriptor >= 0)
            ::close(m_descriptor);
        if (!m_placed)
            ::unlink(m_file.c_str());
    }
    Beside(const Beside&) = delete;
    Beside& operator=(const Beside&) = delete;

    void write(ByteSpan bytes) {
        while (!bytes.empty()) {
            const auto count = ::write(m_descriptor, bytes.data(), bytes.size());
            if (count < 0 && errno == EINTR)
                continue;
            if (count <= 0)
                failedToWrite(m_path, errno);
            bytes = bytes.subspan(static_cast<std::size_t>(count));
        }
        if (::fsync(m_descriptor) != 0 || ::close(std::exchange(m_descriptor, -1)) != 0)
            failedToWrite(m_path, errno);
    }

    void place(Existing existing) {
        if (existing == Existing::Replace) {
            if (::rename(m_file.c_str(), m_path.c_str()) != 0)
                failedToWrite(m_path, errno);
            m_placed = true;
            return;
        }
        if (::renameat2(AT_FDCWD, m_file.c_str(), AT_FDCWD, m_path.c_str(), RENAME_NOREPLACE) == 0) {
            m_placed = true;
            return;
        }
        if (errno == EEXIST)
            thereAlready(m_path);
        // File systems that know no "unless there" still know hard links, which never replace.
        if (errno != EINVAL && errno != ENOSYS)
            failedToWrite(m_path, errno);
        if (::link(m_file.c_str(), m_path.c_str()) != 0)
            errno == EEXIST ? thereAlready(m_path) : failedToWrite(m_path, errno);
    }

private:
    fs::path m_path, m_file;
    int m_descriptor = -1;
    bool m_placed = false;
};

void refuseUntouchable(const fs::path& path, const Untouchable& untouchable) {
    for (auto* look : {::stat, ::lstat}) {
        struct stat info {};
        if (look(path.c_str(), &info) == 0 && untouchable.contains({static_cast<std::uint64_t>(info.st_dev),
                                                                    static_cast<std::uint64_t>(info.st_ino)}))
            throw Problem(ProblemKind::Refused, path.string(), "this is an original, or belongs to one",
                          "Choose another name");
    }
}

} // namespace

void writeWhole(const fs::path& path, ByteSpan bytes, Existing existing, const Untouchable& untouchable) {
    std::error_code error;
    // A new file goes where a person said: a folder that is not there is a slip of the finger.
    if (existing == Existing::Replace && path.has_parent_path())
        makeFolder(path.parent_path());
    if (existing == Existing::Refuse && fs::exists(fs::symlink_status(path, error)))
        thereAlready(path);
    refuseUntouchable(path, untouchable);
    Beside beside(path);
    beside.write(bytes);
    beside.place(existing);
}

} // namespace keepseal
