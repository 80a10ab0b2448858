// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// An original: a picture file as it came, opened for reading only. Nothing in Keep Seal opens an original in
// any other way. The access time is left alone where the system allows it.
#pragma once

#include "base/byte_source.h"

#include <filesystem>

namespace keepseal {

/// What the file system knows of a file; two paths with equal device and inode are one file.
struct FileIdentity {
    std::uint64_t device = 0, inode = 0;
    std::uint64_t size = 0;      ///< bytes
    std::int64_t modifiedNs = 0; ///< nanoseconds since 1970
    bool operator==(const FileIdentity&) const = default;
    bool sameFile(const FileIdentity& other) const { return device == other.device && inode == other.inode; }
};

class Original final : public ByteSource {
public:
    /// Throws Problem(NotFound | CannotRead | NotAPicture): a folder, a device or a pipe is no picture.
    explicit Original(std::filesystem::path path);
    ~Original() override;
    Original(const Original&) = delete;
    Original& operator=(const Original&) = delete;

    const std::filesystem::path& path() const { return m_path; }
    const FileIdentity& identity() const { return m_identity; }
    std::uint64_t size() const override { return m_identity.size; }
    std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const override;
    int descriptor() const override { return m_descriptor; }

    /// Throws Problem(Changed) when the open file's size or time stamp is no longer what it was at opening.
    void requireUnchanged() const;

private:
    std::filesystem::path m_path;
    int m_descriptor = -1;
    FileIdentity m_identity;
};

/// Identity of what lies at `path`, links followed; throws Problem(NotFound | CannotRead).
FileIdentity identityOf(const std::filesystem::path& path);

} // namespace keepseal
