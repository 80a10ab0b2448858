// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/name_plan.h"

#include "base/problem.h"
#include "delivery/file_names.h"
#include "formats/output_format.h"

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr int kMaxNumber = 1000000;

} // namespace

OriginalNodes::OriginalNodes(const Plan& plan, DiskSnapshot& disk) {
    std::set<fs::path> seen;
    const auto addFolder = [&](const fs::path& folder) {
        if (seen.insert(folder).second)
            if (const auto identity = disk.identity(folder))
                folders[nodeOf(*identity)] = folder;
    };
    for (std::size_t i = 0; i < plan.originals.size(); ++i) {
        if (plan.identities[i].inode != 0)
            files[nodeOf(plan.identities[i])] = plan.originals[i];
        addFolder(plan.originals[i].parent_path());
        // The original may be a link: the folder it leads to holds originals too.
        if (const auto real = disk.realFolder(plan.originals[i]); !real.empty())
            addFolder(real);
    }
}

void refuseDangerous(const fs::path& folder, const OriginalNodes& nodes, DiskSnapshot& disk) {
    const auto identity = disk.identity(folder);
    if (!identity)
        return;
    if (!disk.isFolder(folder))
        throw Problem(ProblemKind::CannotWrite, folder.string(), "this is a file, not a folder",
                      "Choose a folder");
    if (const auto found = nodes.folders.find(nodeOf(*identity)); found != nodes.folders.end())
        throw Problem(
            ProblemKind::Refused, folder.string(),
            Saying("this is a folder that originals lie in ({found})", {{"found", found->second.string()}}),
            "Choose another folder for the copies, for example a new one inside it");
}

FolderNames::FolderNames(fs::path folder, const OriginalNodes& nodes, DiskSnapshot& disk)
    : m_folder(std::move(folder)), m_nodes(nodes), m_disk(disk) {
    for (const auto& name : disk.names(m_folder))
        m_there[foldedName(name)].push_back(name);
}

void FolderNames::refuseOriginal(const fs::path& target, const FileIdentity& identity) const {
    if (const auto found = m_nodes.files.find(nodeOf(identity)); found != m_nodes.files.end())
        throw Problem(
            ProblemKind::Refused, target.string(),
            Saying("this is the original {found} under another name", {{"found", found->second.string()}}),
            "Choose a folder for the copies that holds no originals");
}

/// True when the search for a name ends here.
bool FolderNames::decideTaken(PlannedCopy& copy, const std::string& there, const fs::path& original,
                              const FileIdentity& identity, const PlaceSettings& settings) {
    const auto target = m_folder / there;
    const auto now = m_disk.identity(target);
    // Among the originals an original that has the name is one more name that is taken.
    const bool among = settings.where == PlaceWhere::AmongOriginals;
    if (now && !among)
        refuseOriginal(target, *now);
    const auto row = now ? m_disk.madeAt(target) : std::nullopt;
    const bool unchanged = row && row->copyBytes == now->size && row->copyModifiedNs == now->modifiedNs;
    if (unchanged && row->original == original && row->originalIdentity.size == identity.size &&
        row->originalIdentity.modifiedNs == identity.modifiedNs &&
        row->settingsDigest == copy.settingsDigest) {
        copy.target = target;
        copy.outcome = Outcome::AlreadyThere;
        addNote(copy.notes, {NoteKind::AlreadyThere, {}, {}});
        return true;
    }
    if (settings.taken == TakenName::Replace && !among && unchanged && row->original == original) {
        copy.target = target;
        copy.replaces = now;
        addNote(copy.notes, {NoteKind::Replaces, {}, {}});
        return true;
    }
    if (settings.taken == TakenName::Replace)
        addNote(copy.notes, {NoteKind::NotReplaced, {}, {}});
    else if (there == copy.target.filename())
        addNote(copy.notes, {NoteKind::NameTaken, {}, {}});
    else
        addNote(copy.notes, {NoteKind::NameTakenBy, there, {}});
    if (settings.taken == TakenName::Skip)
        copy.outcome = Outcome::LeftOut;
    if (settings.taken == TakenName::Stop)
        copy.outcome = Outcome::Blocked;
    return copy.outcome != Outcome::Waiting;
}

void FolderNames::place(PlannedCopy& copy, const std::string& stem, const fs::path& original,
                        const FileIdentity& identity, const PlaceSettings& settings) {
    const auto& ending = outputFormat(copy.format).ending;
    const auto plain = foldedName(copyFileName(stem, settings, ending, 1));
    int& tried = m_tried[plain];
    bool numbered = false;
    for (int number = std::max(1, tried); number < kMaxNumber; ++number) {
        const auto name = copyFileName(stem, settings, ending, number);
        const auto folded = number == 1 ? plain : foldedName(name);
        copy.target = m_folder / name;
        if (m_planned.contains(folded)) {
            addNote(copy.notes, {NoteKind::NameShared, {}, {}});
            tried = number + 1;
            numbered = true;
            continue;
        }
        const auto there = m_there.find(folded);
        if (there == m_there.end()) {
            if (number > 1 && !numbered && copy.notes.empty())
                addNote(copy.notes, {NoteKind::NameShared, {}, {}});
            break;
        }
        bool decided = false;
        for (const auto& real : there->second)
            if (!decided)
                decided = decideTaken(copy, real, original, identity, settings);
        if (decided)
            break;
    }
    if (copy.outcome == Outcome::Waiting || copy.outcome == Outcome::AlreadyThere)
        m_planned.insert(foldedName(copy.target.filename().string()));
}

} // namespace keepseal
