// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/plan.h"

#include "base/fingerprint.h"
#include "base/problem.h"
#include "base/text.h"
#include "delivery/json.h"
#include "metadata/metadata.h"
#include "run/stamped.h"
#include "seal/logo.h"

#include <map>
#include <set>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr std::size_t kMaxFileName = 255; // bytes, on Linux file systems
constexpr int kMaxNumber = 100000;
/// Raise when the same settings would make other pixels than before: then old copies are not "the same".
constexpr int kRendererVersion = 4;

using NodeKey = std::pair<std::uint64_t, std::uint64_t>;
NodeKey keyOfNode(const FileIdentity& identity) {
    return {identity.device, identity.inode};
}

std::optional<FileIdentity> identityIfThere(const fs::path& path) {
    try {
        return identityOf(path);
    } catch (const Problem&) {
        return std::nullopt;
    }
}

struct Originals {
    std::map<NodeKey, fs::path> files;   ///< each original by device and inode
    std::map<NodeKey, fs::path> folders; ///< each folder an original lies in
};

Originals nodesOf(const Plan& plan) {
    Originals nodes;
    std::set<fs::path> seen;
    const auto addFolder = [&](const fs::path& folder) {
        if (seen.insert(folder).second)
            if (const auto identity = identityIfThere(folder))
                nodes.folders[keyOfNode(*identity)] = folder;
    };
    for (std::size_t i = 0; i < plan.originals.size(); ++i) {
        if (plan.identities[i].inode != 0)
            nodes.files[keyOfNode(plan.identities[i])] = plan.originals[i];
        addFolder(plan.originals[i].parent_path());
        // The original may be a link: the folder it leads to holds originals too.
        std::error_code error;
        const auto real = fs::canonical(plan.originals[i], error);
        if (!error)
            addFolder(real.parent_path());
    }
    return nodes;
}

void refuseDangerous(const fs::path& folder, const std::string& typed, const Originals& nodes) {
    const auto identity = identityIfThere(folder);
    if (!identity)
        return;
    std::error_code error;
    if (!fs::is_directory(folder, error))
        throw Problem(ProblemKind::CannotWrite, typed, "this is a file, not a folder", "Choose a folder");
    if (const auto found = nodes.folders.find(keyOfNode(*identity)); found != nodes.folders.end())
        throw Problem(ProblemKind::Refused, typed,
                      "this is a folder that originals lie in (" + found->second.string() + ")",
                      "Choose another folder for the copies, for example a new one inside it");
}

/// What lies in a destination folder before the run.
class FolderPlan {
public:
    FolderPlan(const fs::path& folder, const Originals& nodes) : m_folder(folder), m_nodes(nodes) {
        for (auto& row : earlierCopies(folder))
            m_earlier.emplace(row.copy.filename().string(), std::move(row));
    }

    void plan(PlannedCopy& copy, const fs::path& original, const FileIdentity& identity,
              const Delivery& delivery, const std::string& digest) {
        for (int number = 1; number < kMaxNumber; ++number) {
            const auto name = copyName(original, delivery.place, copy.format, number);
            copy.target = m_folder / name;
            if (m_planned.contains(name)) {
                copy.note = "another copy of this run has the plain name";
                continue;
            }
            std::error_code error;
            if (!fs::exists(fs::symlink_status(copy.target, error)))
                break;
            refuseOriginal(copy.target);
            if (isSameCopy(name, original, identity, digest)) {
                copy.outcome = Outcome::AlreadyThere;
                copy.note = "made by an earlier run and unchanged";
                break;
            }
            copy.note = "the plain name is taken";
            if (delivery.place.taken == TakenName::Skip) {
                copy.outcome = Outcome::LeftOut;
                break;
            }
        }
        if (copy.outcome != Outcome::LeftOut)
            m_planned.insert(copy.target.filename().string());
    }

private:
    void refuseOriginal(const fs::path& target) const {
        const auto identity = identityIfThere(target);
        if (!identity)
            return;
        if (const auto found = m_nodes.files.find(keyOfNode(*identity)); found != m_nodes.files.end())
            throw Problem(ProblemKind::Refused, target.string(),
                          "this is the original " + found->second.string() + " under another name",
                          "Choose a folder for the copies that holds no originals");
    }

    bool isSameCopy(const std::string& name, const fs::path& original, const FileIdentity& identity,
                    const std::string& digest) const {
        const auto found = m_earlier.find(name);
        const auto now = identityIfThere(m_folder / name);
        if (found == m_earlier.end() || !now)
            return false;
        const auto& row = found->second;
        return row.original == original && row.originalIdentity.size == identity.size &&
               row.originalIdentity.modifiedNs == identity.modifiedNs && row.settingsDigest == digest &&
               row.copyBytes == now->size && row.copyModifiedNs == now->modifiedNs;
    }

    fs::path m_folder;
    const Originals& m_nodes;
    std::map<std::string, LedgerRow> m_earlier;
    std::set<std::string> m_planned;
};

} // namespace

std::size_t Plan::count(Outcome outcome) const {
    std::size_t n = 0;
    for (const auto& copy : copies)
        n += copy.outcome == outcome;
    return n;
}

std::string settingsDigest(const Delivery& delivery, const PictureException& exception,
                           const fs::path& sidecar) {
    auto chain = toJson(delivery)["stations"];
    chain.erase("place");
    if (!exception.empty())
        chain["exception"] = toJson(exception);
    for (const auto& part : delivery.seal.parts)
        for (const auto& file : {part.logo.file, part.logo.darkFile})
            if (const auto logo = file.empty() ? std::nullopt : identityIfThere(logoPath(file)))
                chain["logos"].push_back({file, logo->size, logo->modifiedNs});
    if (delivery.file.colour == ColourOut::Profile)
        if (const auto profile = identityIfThere(resolvedFolder(delivery.file.profile, fs::current_path())))
            chain["icc"] = {profile->size, profile->modifiedNs};
    if (const auto file = sidecar.empty() ? std::nullopt : identityIfThere(sidecar))
        chain["sidecar"] = {file->size, file->modifiedNs};
    chain["renderer"] = kRendererVersion;
    const auto text = chain.dump();
    return fingerprint(ByteSpan(reinterpret_cast<const std::uint8_t*>(text.data()), text.size()));
}

std::string copyName(const fs::path& original, const PlaceSettings& place, Container format, int number) {
    const std::string tail =
        place.suffix + (number > 1 ? "-" + std::to_string(number) : "") + "." + endingOf(format);
    return cutUtf8(original.stem().string(), kMaxFileName - std::min(tail.size(), kMaxFileName - 1)) + tail;
}

Plan makePlan(const std::vector<fs::path>& originals, const std::vector<Delivery>& deliveries,
              const fs::path& base, const Exceptions& exceptions) {
    Plan plan;
    plan.originals = originals;
    for (const auto& original : originals) {
        const auto found = exceptions.find(original);
        plan.exceptions.push_back(found == exceptions.end() ? PictureException{} : found->second);
    }
    plan.deliveries = deliveries;
    for (const auto& original : originals)
        plan.identities.push_back(identityIfThere(original).value_or(FileIdentity{}));
    const auto nodes = nodesOf(plan);
    std::vector<bool> stamped;
    for (std::size_t i = 0; i < originals.size(); ++i)
        stamped.push_back(!plan.exceptions[i].stampAgain && plan.identities[i].inode != 0 &&
                          stampedBefore(originals[i], plan.identities[i]));
    std::vector<fs::path> sidecars;
    for (const auto& original : originals)
        sidecars.push_back(sidecarOf(original));
    std::map<fs::path, FolderPlan> folderPlans; // two deliveries may share a folder, and then its names
    for (std::size_t d = 0; d < deliveries.size(); ++d) {
        const auto& delivery = deliveries[d];
        if (delivery.place.suffix.find('/') != std::string::npos)
            throw Problem(ProblemKind::BadSetting, "place.suffix",
                          "\"" + delivery.place.suffix + "\" is not allowed", "A name can't hold a slash");
        const auto folder = resolvedFolder(delivery.place.folder, base);
        if (folder.empty())
            throw Problem(ProblemKind::BadSetting, "place.folder",
                          "\"" + delivery.name + "\" has no folder yet", "Choose where its copies go");
        refuseDangerous(folder, delivery.place.folder, nodes);
        requireWorded(delivery.privacy, "privacy.");
        plan.folders.push_back(folder);
        auto& folderPlan = folderPlans.try_emplace(folder, folder, nodes).first->second;
        const auto digest = settingsDigest(delivery);
        const auto formats = delivery.file.formats();
        if (formats.empty())
            throw Problem(ProblemKind::BadSetting, "file", "\"" + delivery.name + "\" has no file format",
                          "Choose at least one: JPEG, PNG, TIFF or WebP");
        for (std::size_t i = 0; i < originals.size(); ++i)
            for (const auto format : formats) {
                PlannedCopy copy{i, d, format, {}, Outcome::Waiting, digest, {}};
                if (!plan.exceptions[i].empty() || !sidecars[i].empty())
                    copy.settingsDigest = settingsDigest(delivery, plan.exceptions[i], sidecars[i]);
                if (stamped[i]) {
                    copy.outcome = Outcome::LeftOut;
                    copy.note = kStampedBefore;
                } else
                    folderPlan.plan(copy, originals[i], plan.identities[i], delivery, copy.settingsDigest);
                plan.copies.push_back(std::move(copy));
            }
    }
    return plan;
}

} // namespace keepseal
