// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/plan.h"

#include "base/fingerprint.h"
#include "base/problem.h"
#include "delivery/file_names.h"
#include "delivery/json.h"
#include "formats/output_format.h"
#include "plan/name_plan.h"
#include "render/chain_plan.h"
#include "render/stages.h"
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
    Planner(const PlanRequest& request, DiskSnapshot& disk) : m_request(request), m_disk(disk) {
        m_plan.jobName = request.jobName;
        m_plan.originals = request.originals;
        for (const auto& delivery : request.deliveries)
            m_plan.deliveries.push_back(anchored(delivery, request.base));
        m_plan.numbers = request.numbers;
        m_plan.numbers.resize(m_plan.deliveries.size());
        for (const auto& original : request.originals) {
            const auto found = request.exceptions.find(original);
            m_plan.exceptions.push_back(found == request.exceptions.end() ? PictureException{}
                                                                          : found->second);
            m_plan.identities.push_back(disk.identity(original).value_or(FileIdentity{}));
            m_sidecars.push_back(disk.sidecar(original));
            m_stamped.push_back(!m_plan.exceptions.back().stampAgain && disk.stampedBefore(original));
        }
        m_nodes = std::make_unique<OriginalNodes>(m_plan, disk);
        m_common = commonFolder(request.originals);
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
        const auto root = place.byOriginals() ? m_common : resolvedFolder(place.folder, m_request.base);
        if (!place.byOriginals() && place.subfolder.empty())
            refuseDangerous(root, *m_nodes, m_disk);
        m_plan.roots.push_back(root);
        m_plan.digests.push_back(settingsDigest(delivery, m_disk));
        int number = place.numberFrom;
        const bool counts = usesNumber(place);
        for (std::size_t i = 0; i < m_plan.originals.size(); ++i) {
            const auto why = whyLeftOut(i, delivery);
            // What is left out or can't be read leaves no gap among the numbers.
            const bool takesNoNumber = why || (counts && unreadable(i));
            if (!m_request.only.empty() && !m_request.only.contains({i, d})) {
                number += !takesNoNumber;
                continue;
            }
            for (const int page : pagesOf(i, delivery.turn))
                planCopies(i, d, {page, number, why, takesNoNumber});
            number += !takesNoNumber;
        }
    }

    /// What holds for all formats of one picture.
    struct OnePicture {
        int page = 0, number = 0;
        std::optional<Note> why; ///< it is left out
        bool takesNoNumber = false;
    };

    void planCopies(std::size_t i, std::size_t d, OnePicture one) {
        const auto& delivery = m_plan.deliveries[d];
        if (one.page < 0) { // none of the pages asked for is there
            if (!one.why)
                one.why = Note{NoteKind::NoSuchPage,
                               delivery.turn.somePages,
                               {{"count", std::to_string(factsOf(i)->facts.pages)}}};
            one.page = 0;
        }
        for (const auto* format : delivery.file.formats()) {
            PlannedCopy copy;
            copy.original = i, copy.delivery = d, copy.page = one.page, copy.format = format->key;
            const auto here = exceptionIn(m_plan.numbers[d], m_plan.exceptions[i]);
            copy.settingsDigest = here.empty() && m_sidecars[i].empty() && one.page == 0
                                      ? m_plan.digests[d]
                                      : settingsDigest(delivery, m_disk, here, m_sidecars[i], one.page);
            nameCopy(copy, m_plan.roots[d], one.number, one.takesNoNumber || one.why);
            if (one.why) {
                copy.outcome = Outcome::LeftOut;
                addNote(copy.notes, *one.why);
            }
            m_plan.copies.push_back(std::move(copy));
        }
    }

    /// From 0; -1 alone: none of those that are asked for.
    std::vector<int> pagesOf(std::size_t i, const TurnSettings& turn) {
        if (turn.pages == PagesTaken::First)
            return {0};
        const auto& facts = factsOf(i);
        if (!facts || facts->problem)
            return {0}; // the run will tell why it can't be read
        auto out = pagesTaken(turn.pages, turn.somePages, facts->facts.pages);
        return out.empty() ? std::vector<int>{-1} : out;
    }

    static void requirePlaceable(const Delivery& delivery) {
        const auto& place = delivery.place;
        if (place.suffix.find('/') != std::string::npos)
            throw Problem(ProblemKind::BadSetting, "place.suffix",
                          Saying("\"{value}\" is not allowed", {{"value", place.suffix}}),
                          "A name can't hold a slash");
        if (place.name.find('/') != std::string::npos)
            throw Problem(ProblemKind::BadSetting, "place.name",
                          Saying("\"{value}\" is not allowed", {{"value", place.name}}),
                          "A name can't hold a slash; folders have a setting of their own");
        if (delivery.sending.on && !delivery.sending.chosen())
            throw Problem(
                ProblemKind::BadSetting, "sending.server",
                Saying(delivery.sending.isLetter()
                           ? "\"{delivery}\" is to be sent, and names no server, sender or receiver yet"
                           : "\"{delivery}\" is to be sent, and names no server yet",
                       {{"delivery", delivery.name}}),
                "Name it at the station Sending, or switch that off");
        if (const auto unknown = unknownTokens(withPattern(place, delivery.sending.folder)); !unknown.empty())
            throw Problem(ProblemKind::BadSetting, "place.name",
                          Saying("there is no token {{{unknown}}", {{"unknown", unknown.front()}}),
                          "The button beside the name lists all there are");
        if (!place.chosen())
            throw Problem(
                ProblemKind::BadSetting,
                place.where == PlaceWhere::AmongOriginals   ? "place.suffix"
                : place.where == PlaceWhere::BesideOriginal ? "place.subfolder"
                                                            : "place.folder",
                place.where == PlaceWhere::AmongOriginals
                    ? Saying("among the originals a copy needs another name: nothing is added to it")
                    : Saying("\"{delivery}\" has no folder yet", {{"delivery", delivery.name}}),
                place.where == PlaceWhere::AmongOriginals ? "Say what is added, as in \"-web\""
                                                          : "Choose where its copies go");
        requireWorded(delivery.privacy, "privacy.");
        if (delivery.file.formats().empty())
            throw Problem(ProblemKind::BadSetting, "file",
                          Saying("\"{delivery}\" has no file format", {{"delivery", delivery.name}}),
                          "Choose at least one");
    }

    const OriginalFactsPtr& factsOf(std::size_t i) {
        if (m_factsAt == i)
            return m_facts; // asked several times for each picture, and then for the next
        m_factsAt = i;
        m_facts = m_request.factsOf ? m_request.factsOf(m_plan.originals[i]) : nullptr;
        if (!m_facts)
            m_facts = m_disk.facts(m_plan.originals[i]);
        return m_facts;
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
        which.cut =
            planChain(delivery, shownFacts(facts->facts, delivery).size, m_plan.exceptions[i].turn).sizes.cut;
        which.rating = facts->metadata.rating;
        const auto typed = m_plan.exceptions[i].words.find("keywords");
        which.keywords = typed == m_plan.exceptions[i].words.end() ? facts->metadata.field("keywords").items
                                                                   : typed->second.items;
        const auto why = whyNotTaken(delivery.which, which);
        if (why.empty())
            return std::nullopt;
        auto arguments = why.values();
        arguments["why"] = why.pattern();
        return Note{NoteKind::NotTaken, {}, std::move(arguments)};
    }

    bool unreadable(std::size_t i) {
        const auto& facts = factsOf(i);
        return facts && facts->problem;
    }

    TextFacts tokenValues(std::size_t i, const Delivery& delivery, int page, int number) {
        const auto place =
            delivery.sending.on ? withPattern(delivery.place, delivery.sending.folder) : delivery.place;
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
        out["page"] = std::to_string(page + 1);
        if (needsSize(place))
            if (const auto& facts = factsOf(i); facts && !facts->problem) {
                const auto taken = factsFor(facts->facts, delivery.turn.reading(page));
                const auto size =
                    planChain(delivery, taken.size, m_plan.exceptions[i].turn, taken.pixelsPerMm).sizes.whole;
                out["width"] = std::to_string(size.width);
                out["height"] = std::to_string(size.height);
            }
        return out;
    }

    void nameCopy(PlannedCopy& copy, const fs::path& root, int number, bool reservesNothing) {
        const auto& delivery = m_plan.deliveries[copy.delivery];
        const auto& original = m_plan.originals[copy.original];
        const auto values = tokenValues(copy.original, delivery, copy.page, number);
        auto stem = copyStem(delivery.place, values);
        if (delivery.turn.pages != PagesTaken::First && !usesPage(delivery.place) &&
            severalPages(copy.original))
            stem.text +=
                "-p" + values.at("page"); // pages of one file are told apart by more than their order
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
        if (delivery.sending.on)
            copy.sendTo = folderThere(delivery.sending.folder, delivery.place, values);
        for (const auto& token : missing)
            addNote(copy.notes, nameTokenNote(token));
        if (const auto typed = delivery.place.subfolder; !below.empty() && leadsOut(typed))
            addNote(copy.notes, {NoteKind::FolderCleaned, below.string(), {{"typed", typed}}});
        if (reservesNothing) {
            copy.target =
                folder / copyFileName(stem.text, delivery.place, outputFormat(copy.format).ending, 1);
            return;
        }
        auto known = m_folders.find(folder);
        if (known == m_folders.end()) {
            if (!among)
                refuseDangerous(folder, *m_nodes, m_disk);
            known = m_folders.try_emplace(folder, folder, *m_nodes, m_disk).first;
        }
        known->second.place(copy, stem.text, original, m_plan.identities[copy.original], delivery.place);
    }

    bool severalPages(std::size_t i) {
        const auto& facts = factsOf(i);
        return facts && !facts->problem && facts->facts.pages > 1;
    }

    const PlanRequest& m_request;
    DiskSnapshot& m_disk;
    fs::path m_common;
    Plan m_plan;
    std::vector<fs::path> m_sidecars;
    std::vector<bool> m_stamped;
    std::optional<std::size_t> m_factsAt; ///< which picture `m_facts` is of
    OriginalFactsPtr m_facts;
    std::unique_ptr<OriginalNodes> m_nodes;
    std::map<fs::path, FolderNames> m_folders; ///< several deliveries may share a folder, and then its names
};

} // namespace

std::vector<Acceptance> Plan::accepted(const PlannedCopy& copy) const {
    return acceptedIn(numbers[copy.delivery], exceptions[copy.original]);
}

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
        row.deliveryIndex = copy.delivery;
        row.page = copy.page;
        row.settingsDigest = copy.settingsDigest;
        row.outcome = copy.outcome;
        row.copy = copy.target;
        row.notes = copy.notes;
        row.accepted = plan.accepted(copy);
        row.strict = plan.deliveries[copy.delivery].place.strict;
        out.push_back(std::move(row));
    }
    return out;
}

std::string settingsDigest(const Delivery& delivery, DiskSnapshot& disk, const PictureException& exception,
                           const fs::path& sidecar, int page) {
    auto chain = toJson(delivery)["stations"];
    chain.erase("place");
    chain.erase("sending");
    chain.erase("which");
    if (!exception.empty())
        chain["exception"] = toJson(exception);
    for (const auto& part : delivery.seal.parts)
        for (const auto& file : {part.logo.file, part.logo.darkFile})
            if (const auto logo = file.empty() ? std::nullopt : disk.identity(logoPath(file)))
                chain["logos"].push_back({file, logo->size, logo->modifiedNs});
    if (delivery.file.colour == ColourOut::Profile)
        if (const auto profile = disk.identity(delivery.file.profile))
            chain["icc"] = {profile->size, profile->modifiedNs};
    if (const auto file = sidecar.empty() ? std::nullopt : disk.identity(sidecar))
        chain["sidecar"] = {file->size, file->modifiedNs};
    if (page > 0)
        chain["page"] = page;
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

Plan makePlan(const PlanRequest& request, DiskSnapshot& disk) {
    return Planner(request, disk).make();
}

Plan makePlan(const PlanRequest& request) {
    DiskSnapshot disk;
    return makePlan(request, disk);
}

Plan makePlan(const std::vector<fs::path>& originals, const std::vector<Delivery>& deliveries,
              const fs::path& base, const Exceptions& exceptions) {
    return makePlan({originals, deliveries, base, exceptions});
}

} // namespace keepseal
