// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The folder that copies go to: the only place in Keep Seal that writes pictures. A copy is first written
// whole under a name of its own, synced and searched, and only then gets its final name; an existing file is
// never replaced.
#pragma once

#include "base/byte_source.h"
#include "picture/original.h"

#include <filesystem>
#include <memory>
#include <set>

namespace keepseal {

class StagedCopy;

class Destination {
public:
    /// Makes the folder if need be and removes what a killed run left behind. `forbidden` are the device and
    /// inode numbers of folders that originals lie in: checked on the opened folder itself, so that a link
    /// changed since the plan can't lead there. Throws Problem(Refused | CannotWrite).
    Destination(std::filesystem::path folder,
                const std::set<std::pair<std::uint64_t, std::uint64_t>>& forbidden);
    ~Destination();
    Destination(const Destination&) = delete;
    Destination& operator=(const Destination&) = delete;

    const std::filesystem::path& folder() const { return m_folder; }
    /// Writes and syncs the bytes under a temporary name. Throws Problem(CannotWrite).
    std::unique_ptr<StagedCopy> stage(ByteSpan bytes);
    /// Makes the names given so far survive a power cut.
    void sync();

private:
    void removeLitter();
    std::filesystem::path m_folder;
    int m_descriptor = -1;
};

/// A whole copy that has no name yet; removed again unless placed.
class StagedCopy final : public ByteSource {
public:
    ~StagedCopy() override;
    std::uint64_t size() const override { return m_size; }
    std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const override;
    /// Gives it its final name; false when the name is taken. Throws Problem(CannotWrite).
    bool place(const std::string& name);
    /// Identity as placed.
    FileIdentity identity() const;

private:
    friend class Destination;
    StagedCopy(int folder, std::filesystem::path shown, std::string temporary, int descriptor);
    void write(ByteSpan bytes);
    int m_folder = -1, m_descriptor = -1;
    std::filesystem::path m_shownFolder;
    std::string m_temporary;
    std::uint64_t m_size = 0;
    bool m_placed = false;
};

} // namespace keepseal
