// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/file_lock.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>
#include <utility>

namespace keepseal::app {

std::optional<FileLock> FileLock::take(const std::filesystem::path& file) {
    const int descriptor = ::open(file.c_str(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0600);
    if (descriptor < 0)
        return std::nullopt;
    if (::flock(descriptor, LOCK_EX | LOCK_NB) != 0) {
        ::close(descriptor);
        return std::nullopt;
    }
    return FileLock(file, descriptor);
}

FileLock::FileLock(std::filesystem::path file, int descriptor)
    : m_file(std::move(file)), m_descriptor(descriptor) {}

FileLock::FileLock(FileLock&& other) noexcept
    : m_file(std::move(other.m_file)), m_descriptor(std::exchange(other.m_descriptor, -1)) {}

FileLock::~FileLock() {
    if (m_descriptor >= 0)
        ::close(m_descriptor);
}

void FileLock::remove() {
    ::unlink(m_file.c_str());
}

} // namespace keepseal::app
