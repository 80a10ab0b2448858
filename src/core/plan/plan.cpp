// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/plan.h"

#include "base/fingerprint.h"
#include "base/problem.h"
#include "delivery/file_names.h"
#include "delivery/json.h"
#include "plan/name_plan.h"
#include "plan/stamped.h"
#include "render/render.h"
#include "seal/logo.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

/// Raise when the same settings would make other pixels than before: then old copies are not "the same".
constexpr int kRendererVersion = 4;

/// A person typed ".." into a pattern of folders, which never leads anywhere.
bool leadsOut(const std::string& pattern) {
    const fs::path typed(pattern);
    return std::find(typed.begin(), typed.end(), fs::path("..")) != typed.end();
}

Note nameTokenNote(const std::string& token) {
    auto note = tokenNote(token, {NoteKind::NameTokenEmpty, NoteKind::NameTokenEmpty}, token);
    if (note.kind == NoteKind::WhoUnset)
        note.station = StationId::Place;
    return note;
}

/// All that is worked out once for a whole plan.
class Planner {
public:
    Planner(const std::vector<fs::path>& originals, const std::vector<Delivery>& deliveries,
            const fs::path& base, const PlanOptions& options)
        : m_options(options), m_base(base) {
        m_plan.jobName = options.jobName;
        m_plan.originals = originals;
        m_plan.deliveries = deliveries;
        for (const auto& original : originals) {
            const auto found = options.exceptions.find(original);
            m_plan.exceptions.push_back(found == options.exceptions.end() ? PictureException{}
                                                                          : found->second);
            m_plan.identities.push_back(identityIfThere(original).value_or(FileIdentity{}));
            m_sidecars.push_back(sidecarOf(original));
        }
        for (std::size_t i = 0; i < originals.size(); ++i)
            m_stamped.push_back(!m_plan.exceptions[i].stampAgain && m_plan.identities[i].inode != 0 &&
                                stampedBefore(originals[i], m_plan.identities[i]));
        m_nodes = std::make_unique<OriginalNodes>(m_plan);
        m_common = commonFolder(originals);
        try {
            m_register = Register::exists() ? std::make_unique<Register>() : nullptr;
        } catch (const Problem&) {
            m_register = nullptr; // then no earlier copy is known, and taken names are numbered
        }
    }

    Plan make() {
        for (std::size_t d = 0; d < m_plan.deliveries.size(); ++d)
            planDelivery(d);
        return std::move(m_plan);
    }

private:
    void planDelivery(std::size_t d) {
        const auto& delivery = m_plan.deliveries[d];
        requirePlaceable(delivery);
        const auto& place = delivery.place;
        const auto root = place.byOriginals() ? m_common : resolvedFolder(place.folder, m_base);
        if (!place.byOriginals() && place.subfolder.empty())
            refuseDangerous(root, *m_nodes);
        m_plan.roots.push_back(root);
        const auto digest = settingsDigest(delivery);
        int number = place.numberFrom;
        const bool counts = usesNumber(place);
        for (std::size_t i = 0; i < m_plan.originals.size(); ++i) {
            const auto why = whyLeftOut(i, delivery);
            // What is left out or can't be read leaves no gap among the numbers.
            const bool takesNoNumber = why || (counts && unreadable(i));
            for (const auto format : delivery.file.formats()) {
                PlannedCopy copy;
                copy.original = i, copy.delivery = d, copy.format = format;
                copy.settingsDigest = m_plan.exceptions[i].empty() && m_sidecars[i].empty()
                                          ? digest
                                          : settingsDigest(delivery, m_plan.exceptions[i], m_sidecars[i]);
                nameCopy(copy, root, number, takesNoNumber);
                if (why) {
                    copy.outcome = Outcome::LeftOut;
                    addNote(copy.notes, *why);
                }
                m_plan.copies.push_back(std::move(copy));
            }
            number += !takesNoNumber;
        }
    }

    static void requirePlaceable(const Delivery& delivery) {
        const auto& place = delivery.place;
        if (place.suffix.find('/') != std::string::npos)
            throw Problem(ProblemKind::BadSetting, "place.suffix", "\"" + place.suffix + "\" is not allowed",
                          "A name can't hold a slash");
        if (place.name.find('/') != std::string::npos)
            throw Problem(ProblemKind::BadSetting, "place.name", "\"" + place.name + "\" is not allowed",
                          "A name can't hold a slash; folders have a setting of their own");
        if (const auto unknown = unknownTokens(place); !unknown.empty())
            throw Problem(ProblemKind::BadSetting, "place.name",
                          "there is no token {" + unknown.front() + "}",
                          "The button beside the name lists all there are");
        if (!place.chosen())
            throw Problem(ProblemKind::BadSetting,
                          place.where == PlaceWhere::AmongOriginals   ? "place.suffix"
                          : place.where == PlaceWhere::BesideOriginal ? "place.subfolder"
                                                                      : "place.folder",
                          place.where == PlaceWhere::AmongOriginals
                              ? "among the originals a copy needs another name: nothing is added to it"
                              : "\"" + delivery.name + "\" has no folder yet",
                          place.where == PlaceWhere::AmongOriginals ? "Say what is added, as in \"-web\""
                                                                    : "Choose where its copies go");
        requireWorded(delivery.privacy, "privacy.");
        if (delivery.file.formats().empty())
            throw Problem(ProblemKind::BadSetting, "file", "\"" + delivery.name + "\" has no file format",
                          "Choose at least one: JPEG, PNG, TIFF or WebP");
    }

    const OriginalFactsPtr& factsOf(std::size_t i) {
        if (m_facts.empty())
            m_facts.resize(m_plan.originals.size());
        auto& slot = m_facts[i];
        if (!slot.first)
            slot = {true, m_options.factsOf ? m_options.factsOf(m_plan.originals[i])
                                            : readOriginalFacts(m_plan.originals[i])};
        return slot.second;
    }

    std::optional<Note> whyLeftOut(std::size_t i, const Delivery& delivery) {
        if (m_plan.exceptions[i].leftOut)
            return Note{NoteKind::LeftOutByHand, {}, {}};
        if (m_stamped[i])
            return Note{NoteKind::StampedBefore, {}, {}};
        if (delivery.which.all())
            return std::nullopt;
        const auto& facts = factsOf(i);
        if (!facts || facts->problem)
            return std::nullopt; // the run will tell why it can't be read
        WhichFacts which;
        which.cut = planChain(delivery, facts->facts.size, m_plan.exceptions[i].turn).sizes.cut;
        which.rating = facts->metadata.rating;
        const auto typed = m_plan.exceptions[i].words.find("keywords");
        which.keywords = typed == m_plan.exceptions[i].words.end() ? facts->metadata.field("keywords").items
                                                                   : typed->second.items;
        const auto why = whyNotTaken(delivery.which, which);
        return why.empty() ? std::nullopt : std::optional(Note{NoteKind::NotTaken, {}, {{"why", why}}});
    }

    bool unreadable(std::size_t i) {
        const auto& facts = factsOf(i);
        return facts && facts->problem;
    }

    TextFacts tokenValues(std::size_t i, const Delivery& delivery, int number) {
        const auto& place = delivery.place;
        TextFacts out;
        if (needsMetadata(place))
            if (const auto& facts = factsOf(i); facts && !facts->problem)
                out = nameFacts(m_plan.originals[i], facts->metadata, m_plan.exceptions[i].words);
        out["name"] = m_plan.originals[i].stem().string();
        out["folder"] = m_plan.originals[i].parent_path().filename().string();
        out["delivery"] = delivery.name;
        out["job_name"] = m_plan.jobName;
        auto digits = std::to_string(number);
        if (digits.size() < static_cast<std::size_t>(place.numberWidth))
            digits.insert(0, static_cast<std::size_t>(place.numberWidth) - digits.size(), '0');
        out["number"] = digits;
        if (needsSize(place))
            if (const auto& facts = factsOf(i); facts && !facts->problem) {
                const auto size = planChain(delivery, facts->facts.size, m_plan.exceptions[i].turn,
                                            facts->facts.pixelsPerMm)
                                      .sizes.whole;
                out["width"] = std::to_string(size.width);
                out["height"] = std::to_string(size.height);
            }
        return out;
    }

    void nameCopy(PlannedCopy& copy, const fs::path& root, int number, bool reservesNothing) {
        const auto& delivery = m_plan.deliveries[copy.delivery];
        const auto& original = m_plan.originals[copy.original];
        const auto values = tokenValues(copy.original, delivery, number);
        const auto stem = copyStem(delivery.place, values);
        auto missing = stem.missing;
        const bool among = delivery.place.where == PlaceWhere::AmongOriginals;
        copy.inside = delivery.place.byOriginals() ? original.parent_path() : root;
        auto folder = copy.inside;
        if (delivery.place.where == PlaceWhere::KeepTree)
            for (const auto& piece : original.parent_path().lexically_relative(m_common))
                if (piece != "." && piece != "..")
                    folder /= piece;
        const auto below = among ? fs::path() : copySubfolder(delivery.place, values, &missing);
        if (among)
            addNote(copy.notes, {NoteKind::AmongOriginals, folder.string(), {}});
        folder = below.empty() ? folder : folder / below;
        for (const auto& token : missing)
            addNote(copy.notes, nameTokenNote(token));
        if (const auto typed = delivery.place.subfolder; !below.empty() && leadsOut(typed))
            addNote(copy.notes, {NoteKind::FolderCleaned, below.string(), {{"typed", typed}}});
        if (reservesNothing) {
            copy.target = folder / copyFileName(stem.text, delivery.place, copy.format, 1);
            return;
        }
        auto known = m_folders.find(folder);
        if (known == m_folders.end()) {
            if (!among)
                refuseDangerous(folder, *m_nodes);
            known = m_folders.try_emplace(folder, folder, *m_nodes, m_register.get()).first;
        }
        known->second.place(copy, stem.text, original, m_plan.identities[copy.original], delivery.place);
    }

    PlanOptions m_options;
    fs::path m_base, m_common;
    Plan m_plan;
    std::vector<fs::path> m_sidecars;
    std::vector<bool> m_stamped;
    std::vector<std::pair<bool, OriginalFactsPtr>> m_facts; ///< asked yet, and what came
    std::unique_ptr<OriginalNodes> m_nodes;
    std::unique_ptr<Register> m_register;
    std::map<fs::path, FolderNames> m_folders; ///< several deliveries may share a folder, and then its names
};

} // namespace

std::size_t Plan::count(Outcome outcome) const {
    std::size_t n = 0;
    for (const auto& copy : copies)
        n += copy.outcome == outcome;
    return n;
}

std::size_t Plan::replaced() const {
    return static_cast<std::size_t>(std::count_if(copies.begin(), copies.end(), [](const PlannedCopy& copy) {
        return copy.outcome == Outcome::Waiting && copy.replaces;
    }));
}

std::vector<fs::path> Plan::places() const {
    std::set<fs::path> folders;
    for (const auto& copy : copies)
        if (copy.outcome != Outcome::LeftOut)
            folders.insert(copy.target.parent_path());
    return {folders.begin(), folders.end()};
}

std::vector<LedgerRow> plannedRows(const Plan& plan) {
    std::vector<LedgerRow> out;
    out.reserve(plan.copies.size());
    for (const auto& copy : plan.copies) {
        LedgerRow row;
        row.original = plan.originals[copy.original];
        row.originalIdentity = plan.identities[copy.original];
        row.delivery = plan.deliveries[copy.delivery].name;
        row.settingsDigest = copy.settingsDigest;
        row.outcome = copy.outcome;
        row.copy = copy.target;
        row.notes = copy.notes;
        row.accepted = plan.exceptions[copy.original].accepted;
        row.strict = plan.deliveries[copy.delivery].place.strict;
        out.push_back(std::move(row));
    }
    return out;
}

std::string settingsDigest(const Delivery& delivery, const PictureException& exception,
                           const fs::path& sidecar) {
    auto chain = toJson(delivery)["stations"];
    chain.erase("place");
    chain.erase("which");
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

fs::path commonFolder(const std::vector<fs::path>& files) {
    if (files.empty())
        return {};
    fs::path common = files.front().parent_path();
    for (const auto& file : files) {
        const auto folder = file.parent_path();
        if (folder == common)
            continue;
        fs::path shared;
        auto a = common.begin();
        for (auto b = folder.begin(); a != common.end() && b != folder.end() && *a == *b; ++a, ++b)
            shared /= *a;
        common = shared;
    }
    return common;
}

Plan makePlan(const std::vector<fs::path>& originals, const std::vector<Delivery>& deliveries,
              const fs::path& base, const PlanOptions& options) {
    return Planner(originals, deliveries, base, options).make();
}

Plan makePlan(const std::vector<fs::path>& originals, const std::vector<Delivery>& deliveries,
              const fs::path& base, const Exceptions& exceptions) {
    PlanOptions options;
    options.exceptions = exceptions;
    return makePlan(originals, deliveries, base, options);
}

} // namespace keepseal
