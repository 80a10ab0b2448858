// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/original.h"

#include "base/problem.h"
#include "base/read_at.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace keepseal {
namespace {

[[noreturn]] void fail(const std::filesystem::path& path, int error) {
    if (error == ENOENT || error == ENOTDIR)
        throw Problem(ProblemKind::NotFound, path.string(), "there is no such file",
                      "Check the path, and whether its disk is there");
    throw Problem(ProblemKind::CannotRead, path.string(),
                  Saying("the file can't be read: {reason}", {{"reason", std::strerror(error)}}));
}

FileIdentity identityFromStat(const struct stat& info) {
    return {static_cast<std::uint64_t>(info.st_dev), static_cast<std::uint64_t>(info.st_ino),
            static_cast<std::uint64_t>(info.st_size),
            static_cast<std::int64_t>(info.st_mtim.tv_sec) * 1000000000 + info.st_mtim.tv_nsec};
}

/// O_NONBLOCK so that a pipe with a picture's name can't hold a worker up; regular files ignore it.
/// O_NOATIME is refused for files of other people: then the system's own rules for access times hold.
int openReadOnly(const std::filesystem::path& path) {
    constexpr int flags = O_RDONLY | O_CLOEXEC | O_NOCTTY | O_NONBLOCK;
    const int descriptor = ::open(path.c_str(), flags | O_NOATIME);
    return descriptor >= 0 || errno != EPERM ? descriptor : ::open(path.c_str(), flags);
}

} // namespace

Original::Original(std::filesystem::path path) : m_path(std::move(path)) {
    m_descriptor = openReadOnly(m_path);
    if (m_descriptor < 0)
        fail(m_path, errno);
    struct stat info {};
    const int failed = ::fstat(m_descriptor, &info);
    if (failed != 0 || !S_ISREG(info.st_mode)) {
        ::close(m_descriptor);
        throw Problem(ProblemKind::CannotRead, m_path.string(), "this is no ordinary file",
                      "Name a file, no folder and no device");
    }
    m_identity = identityFromStat(info);
}

Original::~Original() {
    ::close(m_descriptor);
}

std::size_t Original::read(std::uint64_t offset, std::span<std::uint8_t> buffer) const {
    const auto count = readAt(m_descriptor, offset, buffer);
    if (!count)
        fail(m_path, errno);
    return *count;
}

void Original::requireUnchanged() const {
    struct stat info {};
    if (::fstat(m_descriptor, &info) != 0 || !(identityFromStat(info) == m_identity))
        throw Problem(ProblemKind::Changed, m_path.string(), "the file changed while it was read",
                      "Wait until the other program has finished writing it, then stamp it again");
}

FileIdentity identityOf(const std::filesystem::path& path) {
    struct stat info {};
    if (::stat(path.c_str(), &info) != 0)
        fail(path, errno);
    return identityFromStat(info);
}

} // namespace keepseal
