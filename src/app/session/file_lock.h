// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A lock that a living process holds, and that is free as soon as it is gone, however it went.
#pragma once

#include <filesystem>
#include <optional>

namespace keepseal::app {

class FileLock {
public:
    /// Nothing: another holds it, or it can't be made (errno tells). Made if it is not there; its folder is
    /// not.
    static std::optional<FileLock> take(const std::filesystem::path& file);
    FileLock(FileLock&& other) noexcept;
    FileLock& operator=(FileLock&&) = delete;
    /// The lock goes, its file stays.
    ~FileLock();
    /// Its file goes as well.
    void remove();

private:
    FileLock(std::filesystem::path file, int descriptor);
    std::filesystem::path m_file;
    int m_descriptor;
};

} // namespace keepseal::app
