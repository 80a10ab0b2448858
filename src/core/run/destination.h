// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The folder that copies go to: the only place in Keep Seal that writes pictures. A copy is first written
// whole under a name of its own, synced and searched, and only then gets its final name. Nothing is ever
// replaced but an earlier copy of ours, on a path of its own.
#pragma once

#include "base/byte_source.h"
#include "picture/original.h"

#include <filesystem>
#include <map>
#include <memory>
#include <mutex>
#include <set>

namespace keepseal {

class StagedCopy;
using ForbiddenFolders = std::set<std::pair<std::uint64_t, std::uint64_t>>;

class Destination {
public:
    /// Makes the folder if need be and removes what a killed run left behind. `forbidden` are the device and
    /// inode numbers of folders that originals lie in: checked on the opened folder itself, so that a link
    /// changed since the plan can't lead there. Throws Problem(Refused | CannotWrite).
    /// `inside`: empty, or the folder above that a person chose: what lies between the two is made one by
    /// one, and a link there is refused instead of followed. `root`: that folder, opened before (it stays the
    /// caller's), so that a link which takes its path since leads nowhere; -1: it is opened now.
    Destination(std::filesystem::path folder, const ForbiddenFolders& forbidden,
                const std::filesystem::path& inside = {}, int root = -1);
    ~Destination();
    Destination(const Destination&) = delete;
    Destination& operator=(const Destination&) = delete;

    const std::filesystem::path& folder() const { return m_folder; }
    /// Writes and syncs the bytes under a temporary name. Throws Problem(CannotWrite).
    std::unique_ptr<StagedCopy> stage(ByteSpan bytes);
    /// Makes the names given so far survive a power cut.
    void sync();

    /// Whether a plain file of that name holds exactly those bytes (SHA-256).
    bool holds(const std::string& name, const std::string& fingerprint) const;

private:
    int openRoot(const std::filesystem::path& root) const;
    void openBelow(int root, const std::filesystem::path& inside);
    void removeLitter();
    std::filesystem::path m_folder;
    int m_descriptor = -1;
};

/// Who else may write to the folders of a run.
enum class RunsBeside { None, Parts };

/// The folders of one run: a few of them open at a time, however many there are. Any thread.
class Destinations {
public:
    /// `among`: folders that originals lie in and copies may go to all the same, since a person chose so; by
    /// path, so that a link that was turned towards one of them is still refused.
    explicit Destinations(ForbiddenFolders forbidden, std::set<std::filesystem::path> among = {},
                          RunsBeside beside = RunsBeside::None)
        : m_forbidden(std::move(forbidden)), m_among(std::move(among)), m_beside(beside) {}
    ~Destinations();
    Destinations(const Destinations&) = delete;
    Destinations& operator=(const Destinations&) = delete;

    /// No other run may write below `root` until the end, nor into a folder that holds it. Made if need be.
    /// `takesCopies`: copies go into it itself. Throws Problem(Refused | CannotWrite).
    void claim(const std::filesystem::path& root, bool takesCopies = true);
    /// See Destination.
    std::shared_ptr<Destination> at(const std::filesystem::path& folder, const std::filesystem::path& inside);
    void sync();

private:
    struct Open {
        std::shared_ptr<Destination> destination;
        std::uint64_t lastUse = 0;
    };
    const ForbiddenFolders& forbiddenFor(const std::filesystem::path& folder) const {
        static const ForbiddenFolders none;
        return m_among.contains(folder) ? none : m_forbidden;
    }
    ForbiddenFolders m_forbidden;
    std::set<std::filesystem::path> m_among;
    RunsBeside m_beside;
    std::mutex m_mutex;
    std::map<std::filesystem::path, Open> m_open;
    int lockShared(const std::filesystem::path& folder);
    std::map<std::filesystem::path, int> m_claims; ///< descriptors locked for this run alone
    std::map<std::filesystem::path, int>
        m_above; ///< of the folders above them, locked against runs of their own
    std::uint64_t m_use = 0;
};

/// A whole copy that has no name yet; removed again unless placed.
class StagedCopy final : public ByteSource {
public:
    ~StagedCopy() override;
    std::uint64_t size() const override { return m_size; }
    std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const override;
    /// Another one of the same file, that can only be read.
    int descriptor() const override { return m_readOnly; }
    /// Gives it its final name; false when the name is taken. Throws Problem(CannotWrite).
    bool place(const std::string& name);
    /// Takes the place of the file of that name, if that still is `expected`: the two are exchanged in one
    /// step, what came back is looked at, and put back if it is another file. False then, and when the file
    /// is gone. Throws Problem(CannotWrite).
    bool replace(const std::string& name, const FileIdentity& expected);
    /// Identity as placed.
    FileIdentity identity() const;

private:
    friend class Destination;
    StagedCopy(int folder, std::filesystem::path shown, std::string temporary, int descriptor);
    void write(ByteSpan bytes);
    int m_folder = -1, m_descriptor = -1, m_readOnly = -1;
    std::filesystem::path m_shownFolder;
    std::string m_temporary;
    std::uint64_t m_size = 0;
    bool m_placed = false;
};

} // namespace keepseal
