// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The names of all copies of a plan: what lies in each folder already, what the plan itself takes, and what
// happens to each clash. Asks the
// snapshot, never the disk. Internal to plan/.
#pragma once

#include "plan/disk.h"
#include "plan/plan.h"

#include <set>
#include <unordered_map>
#include <unordered_set>

namespace keepseal {

using NodeKey = std::pair<std::uint64_t, std::uint64_t>;
inline NodeKey nodeOf(const FileIdentity& identity) {
    return {identity.device, identity.inode};
}

/// Originals and the folders they lie in, by device and inode.
struct OriginalNodes {
    OriginalNodes(const Plan& plan, DiskSnapshot& disk);
    std::map<NodeKey, std::filesystem::path> files, folders;
};

/// Throws Problem(Refused | CannotWrite): see makePlan().
void refuseDangerous(const std::filesystem::path& folder, const OriginalNodes& nodes, DiskSnapshot& disk);

/// One folder that copies go to.
class FolderNames {
public:
    FolderNames(std::filesystem::path folder, const OriginalNodes& nodes, DiskSnapshot& disk);
    /// Gives the copy its target, outcome and note. Names are compared without regard to letter case and
    /// Unicode composition. Throws Problem(Refused) when an original has the name.
    void place(PlannedCopy& copy, const std::string& stem, const std::filesystem::path& original,
               const FileIdentity& identity, const PlaceSettings& settings);

private:
    bool decideTaken(PlannedCopy& copy, const std::string& there, const std::filesystem::path& original,
                     const FileIdentity& identity, const PlaceSettings& settings);
    void refuseOriginal(const std::filesystem::path& target, const FileIdentity& identity) const;

    std::filesystem::path m_folder;
    const OriginalNodes& m_nodes;
    DiskSnapshot& m_disk;
    std::unordered_map<std::string, std::vector<std::string>>
        m_there;                                  ///< folded to real names, before the run
    std::unordered_set<std::string> m_planned;    ///< folded
    std::unordered_map<std::string, int> m_tried; ///< folded plain name to the last number tried: many
                                                  ///< pictures of one name stay fast
};

} // namespace keepseal
