// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/destination.h"

#include "base/problem.h"

#include <atomic>
#include <cerrno>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr const char* kPrefix = ".keep-seal-";
constexpr const char* kEnding = ".part";

[[noreturn]] void cannotWrite(const fs::path& path, int error) {
    std::string remedy = "Check the folder's permissions";
    if (error == ENOSPC || error == EDQUOT)
        remedy = "Make room on the disk, then stamp again: finished copies are kept";
    throw Problem(ProblemKind::CannotWrite, path.string(),
                  std::string("the copy can't be written: ") + std::strerror(error), remedy);
}

std::string temporaryName() {
    static std::atomic<unsigned> counter{0};
    return kPrefix + std::to_string(::getpid()) + "-" + std::to_string(++counter) + kEnding;
}

FileIdentity identityFrom(int descriptor) {
    struct stat info {};
    ::fstat(descriptor, &info);
    return {static_cast<std::uint64_t>(info.st_dev), static_cast<std::uint64_t>(info.st_ino),
            static_cast<std::uint64_t>(info.st_size),
            static_cast<std::int64_t>(info.st_mtim.tv_sec) * 1000000000 + info.st_mtim.tv_nsec};
}

/// File systems that know no "rename unless there" still know hard links, which never replace.
bool renameByLink(int folder, const char* from, const char* to) {
    if (::linkat(folder, from, folder, to, 0) != 0)
        return false;
    ::unlinkat(folder, from, 0);
    return true;
}

} // namespace

Destination::Destination(fs::path folder, const std::set<std::pair<std::uint64_t, std::uint64_t>>& forbidden)
    : m_folder(std::move(folder)) {
    std::error_code error;
    fs::create_directories(m_folder, error);
    m_descriptor = ::open(m_folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (m_descriptor < 0)
        cannotWrite(m_folder, error ? error.value() : errno);
    const auto identity = identityFrom(m_descriptor);
    if (forbidden.contains({identity.device, identity.inode})) {
        ::close(m_descriptor);
        throw Problem(ProblemKind::Refused, m_folder.string(), "this is a folder that originals lie in",
                      "Choose another folder for the copies");
    }
    removeLitter();
}

Destination::~Destination() {
    ::close(m_descriptor);
}

/// A part file that nobody holds a lock on belongs to a run that was killed.
void Destination::removeLitter() {
    std::error_code error;
    for (fs::directory_iterator it(m_folder, error), end; !error && it != end; it.increment(error)) {
        const auto name = it->path().filename().string();
        if (!name.starts_with(kPrefix) || !name.ends_with(kEnding))
            continue;
        const int descriptor =
            ::openat(m_descriptor, name.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK);
        if (descriptor < 0)
            continue;
        if (::flock(descriptor, LOCK_EX | LOCK_NB) == 0)
            ::unlinkat(m_descriptor, name.c_str(), 0);
        ::close(descriptor);
    }
}

std::unique_ptr<StagedCopy> Destination::stage(ByteSpan bytes) {
    const auto name = temporaryName();
    constexpr int flags = O_RDWR | O_CREAT | O_EXCL | O_CLOEXEC | O_NOFOLLOW;
    const int descriptor = ::openat(m_descriptor, name.c_str(), flags, 0644);
    if (descriptor < 0)
        cannotWrite(m_folder, errno);
    std::unique_ptr<StagedCopy> copy(new StagedCopy(m_descriptor, m_folder, name, descriptor));
    ::flock(descriptor, LOCK_EX | LOCK_NB);
    copy->write(bytes);
    return copy;
}

void Destination::sync() {
    ::fsync(m_descriptor);
}

StagedCopy::StagedCopy(int folder, fs::path shown, std::string temporary, int descriptor)
    : m_folder(folder), m_descriptor(descriptor), m_shownFolder(std::move(shown)),
      m_temporary(std::move(temporary)) {}

StagedCopy::~StagedCopy() {
    if (!m_placed)
        ::unlinkat(m_folder, m_temporary.c_str(), 0);
    ::close(m_descriptor);
}

void StagedCopy::write(ByteSpan bytes) {
    while (m_size < bytes.size()) {
        const auto count = ::write(m_descriptor, bytes.data() + m_size, bytes.size() - m_size);
        if (count < 0 && errno == EINTR)
            continue;
        if (count < 0)
            cannotWrite(m_shownFolder, errno);
        m_size += static_cast<std::uint64_t>(count);
    }
    if (::fsync(m_descriptor) != 0)
        cannotWrite(m_shownFolder, errno);
}

std::size_t StagedCopy::read(std::uint64_t offset, std::span<std::uint8_t> buffer) const {
    std::size_t done = 0;
    while (done < buffer.size()) {
        const auto count = ::pread(m_descriptor, buffer.data() + done, buffer.size() - done,
                                   static_cast<off_t>(offset + done));
        if (count < 0 && errno == EINTR)
            continue;
        if (count < 0)
            cannotWrite(m_shownFolder, errno);
        if (count == 0)
            break;
        done += static_cast<std::size_t>(count);
    }
    return done;
}

bool StagedCopy::place(const std::string& name) {
    int failed = ::renameat2(m_folder, m_temporary.c_str(), m_folder, name.c_str(), RENAME_NOREPLACE);
    if (failed != 0 && (errno == EINVAL || errno == ENOSYS))
        failed = renameByLink(m_folder, m_temporary.c_str(), name.c_str()) ? 0 : -1;
    if (failed != 0 && errno == EEXIST)
        return false;
    if (failed != 0)
        cannotWrite(m_shownFolder / name, errno);
    m_placed = true;
    return true;
}

FileIdentity StagedCopy::identity() const {
    return identityFrom(m_descriptor);
}

} // namespace keepseal
