// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/ledger.h"

#include "base/files.h"
#include "base/json_text.h"
#include "base/safe_text.h"
#include "base/text.h"

#include <algorithm>
#include <array>
#include <ctime>
#include <fstream>

namespace keepseal {
namespace {

using nlohmann::json;

constexpr const char* kLedgerFormat = "keep-seal/ledger";
constexpr int kLedgerVersion = 2;

constexpr std::array<const char*, 7> kOutcomes = {"waiting", "made",    "already-there", "left-out",
                                                  "failed",  "blocked", "held-back"};

} // namespace

json toJson(const LedgerRow& row) {
    json out = {{"original", pathToJson(row.original)},
                {"original_bytes", row.originalIdentity.size},
                {"original_modified_ns", row.originalIdentity.modifiedNs},
                {"fingerprint_before", row.fingerprintBefore},
                {"fingerprint_after", row.fingerprintAfter},
                {"delivery", row.delivery},
                {"settings_digest", row.settingsDigest},
                {"outcome", keyOf(row.outcome)},
                {"copy", pathToJson(row.copy)},
                {"copy_bytes", row.copyBytes},
                {"copy_modified_ns", row.copyModifiedNs},
                {"copy_fingerprint", row.copyFingerprint},
                {"replaced", row.replaced},
                {"copy_width", row.copySize.width},
                {"copy_height", row.copySize.height},
                {"place_in_original", row.placeInOriginal},
                {"no_place_in_copy", row.noPlaceInCopy},
                {"rights_in_copy", row.rightsInCopy},
                {"seal_contrast", row.readability},
                {"place_opened", row.placeOpened},
                {"written", row.written},
                {"removed", row.removed},
                {"seal_on_copy", row.sealOnCopy},
                {"border_on_copy", row.borderOnCopy},
                {"strict", row.strict},
                {"notes", toJson(row.notes)}};
    if (!row.words.empty())
        out["words"] = row.words;
    for (const auto& [key, text] : {std::pair("checksum_before", &row.checksumBefore),
                                    {"checksum_after", &row.checksumAfter},
                                    {"seal", &row.seal},
                                    {"taken", &row.takenAt},
                                    {"picture", &row.picture},
                                    {"seal_kept", &row.sealKept}})
        if (!text->empty())
            out[key] = *text;
    if (row.code != 0)
        out["code"] = row.code;
    for (const auto& sent : row.sent)
        out["sent"].push_back({{"place", sent.place}, {"as", sent.as}, {"when", sent.when}});
    for (const auto& word : row.accepted)
        out["accepted"].push_back({{"kind", rowOf(word.kind).key}, {"subject", word.subject}});
    if (row.deliveryIndex)
        out["delivery_index"] = *row.deliveryIndex;
    if (row.page > 0)
        out["page"] = row.page;
    if (row.problem)
        out["problem"] = *row.problem;
    return out;
}

LedgerRow ledgerRowFromJson(const json& in) {
    LedgerRow row;
    row.original = pathFromJson(in.at("original"));
    row.originalIdentity.size = in.at("original_bytes").get<std::uint64_t>();
    row.originalIdentity.modifiedNs = in.at("original_modified_ns").get<std::int64_t>();
    row.fingerprintBefore = in.at("fingerprint_before").get<std::string>();
    row.fingerprintAfter = in.at("fingerprint_after").get<std::string>();
    row.delivery = in.at("delivery").get<std::string>();
    row.settingsDigest = in.at("settings_digest").get<std::string>();
    const auto outcome = std::find(kOutcomes.begin(), kOutcomes.end(), in.at("outcome").get<std::string>());
    row.outcome = static_cast<Outcome>(outcome == kOutcomes.end() ? 0 : outcome - kOutcomes.begin());
    row.copy = pathFromJson(in.at("copy"));
    row.copyBytes = in.at("copy_bytes").get<std::uint64_t>();
    row.copyModifiedNs = in.at("copy_modified_ns").get<std::int64_t>();
    row.copyFingerprint = in.value("copy_fingerprint", std::string{});
    row.replaced = in.value("replaced", false);
    row.copySize = {in.at("copy_width").get<int>(), in.at("copy_height").get<int>()};
    row.placeInOriginal = in.at("place_in_original").get<bool>();
    row.noPlaceInCopy = in.at("no_place_in_copy").get<bool>();
    row.rightsInCopy = in.at("rights_in_copy").get<bool>();
    row.readability = in.value("seal_contrast", 0.0);
    row.placeOpened = in.value("place_opened", false);
    row.written = in.value("written", std::vector<std::string>{});
    row.removed = in.at("removed").get<std::vector<std::string>>();
    row.sealOnCopy = in.value("seal_on_copy", row.readability > 0);
    row.borderOnCopy = in.value("border_on_copy", false);
    row.strict = in.value("strict", false);
    row.words = in.value("words", row.words);
    row.checksumBefore = in.value("checksum_before", std::string{});
    row.checksumAfter = in.value("checksum_after", std::string{});
    row.seal = in.value("seal", std::string{});
    row.takenAt = in.value("taken", std::string{});
    row.picture = in.value("picture", std::string{});
    row.sealKept = in.value("seal_kept", std::string{});
    row.code = in.value("code", std::uint64_t{0});
    for (const auto& sent : in.value("sent", json::array()))
        row.sent.push_back({sent.value("place", std::string{}), sent.value("as", std::string{}),
                            sent.value("when", std::string{})});
    if (const auto notes = in.find("notes"); notes != in.end())
        row.notes = notesFromJson(*notes);
    else // version 1 held sentences
        for (const auto& sentence : in.at("warnings"))
            row.notes.push_back({NoteKind::OldSentence, sentence.get<std::string>(), {}});
    for (const auto& word : in.value("accepted", json::array()))
        if (const auto* known = noteRow(word.value("kind", std::string{})))
            row.accepted.push_back({known->kind, word.value("subject", std::string{})});
    if (const auto index = in.find("delivery_index"); index != in.end())
        row.deliveryIndex = index->get<std::size_t>();
    row.page = std::max(0, in.value("page", 0));
    if (const auto problem = in.find("problem"); problem != in.end())
        row.problem = problemFromJson(*problem);
    return row;
}

const char* keyOf(Outcome outcome) {
    return kOutcomes[static_cast<std::size_t>(outcome)];
}

std::size_t Ledger::count(Outcome outcome) const {
    return static_cast<std::size_t>(std::count_if(
        rows.begin(), rows.end(), [&](const LedgerRow& row) { return row.outcome == outcome; }));
}

std::vector<std::filesystem::path> Ledger::copies() const {
    std::vector<std::filesystem::path> out;
    for (const auto& row : rows)
        if (row.outcome == Outcome::Made || row.outcome == Outcome::AlreadyThere)
            out.push_back(row.copy);
    return out;
}

std::vector<LedgerDelivery> deliveriesOf(const Ledger& ledger) {
    std::vector<LedgerDelivery> out;
    for (const auto& row : ledger.rows) {
        auto at = std::find_if(out.begin(), out.end(), [&](const LedgerDelivery& known) {
            return known.name == row.delivery && known.index == row.deliveryIndex;
        });
        if (at == out.end()) {
            out.push_back({row.delivery, row.deliveryIndex, {}});
            at = std::prev(out.end());
            at->only.started = ledger.started, at->only.ended = ledger.ended;
            at->only.state = ledger.state, at->only.elsewhere = ledger.elsewhere;
        }
        at->only.rows.push_back(row);
    }
    return out;
}

json toJson(const Ledger& ledger) {
    json out = {{"format", kLedgerFormat},   {"version", kLedgerVersion}, {"program", KEEPSEAL_VERSION},
                {"started", ledger.started}, {"ended", ledger.ended},     {"state", ledger.state},
                {"rows", json::array()}};
    if (ledger.elsewhere)
        out["elsewhere"] = true;
    for (const auto& row : ledger.rows)
        out["rows"].push_back(toJson(row));
    return out;
}

void saveLedger(const Ledger& ledger, const std::filesystem::path& file) {
    writeTextFile(file, toJson(ledger).dump(1, ' ', false, json::error_handler_t::replace) + "\n");
}

std::vector<std::filesystem::path> ledgersIn(const std::filesystem::path& folder) {
    std::vector<std::filesystem::path> out;
    std::error_code error;
    for (std::filesystem::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        if (it->path().extension() == ".json")
            out.push_back(it->path());
    std::sort(out.begin(), out.end());
    return out;
}

Ledger readLedger(const std::filesystem::path& file, const std::string& remedy) {
    std::ifstream stream(file, std::ios::binary);
    if (!stream)
        throw Problem(ProblemKind::CannotRead, file.string(), "this ledger can't be read");
    const auto text = json::parse(stream, nullptr, false);
    if (text.is_discarded())
        throw Problem(ProblemKind::BadFile, file.string(), "this ledger is not whole", remedy);
    return ledgerFromJson(text, file.string());
}

Ledger ledgerFromJson(const json& in, const std::string& subject) {
    try {
        if (in.at("format") != kLedgerFormat || versionIn(in) - 1 >= kLedgerVersion)
            throw Problem(ProblemKind::BadFile, subject, "this is no ledger this version can read");
        Ledger ledger;
        ledger.started = in.at("started").get<std::string>();
        ledger.ended = in.at("ended").get<std::string>();
        ledger.state = in.at("state").get<std::string>();
        ledger.elsewhere = in.value("elsewhere", false);
        for (const auto& row : in.at("rows"))
            ledger.rows.push_back(ledgerRowFromJson(row));
        return ledger;
    } catch (const json::exception& error) {
        throw Problem(ProblemKind::BadFile, subject,
                      Saying("this is no ledger: {reason}", {{"reason", error.what()}}));
    }
}

namespace {

std::string joinedForTable(const std::vector<std::string>& words) {
    std::string out;
    for (const auto& word : words)
        out += (out.empty() ? "" : "; ") + word;
    return out;
}

std::vector<std::string> sentences(const Notes& notes) {
    std::vector<std::string> out;
    for (const auto& note : notes)
        out.push_back(englishOf(note));
    return out;
}

} // namespace

namespace {

std::vector<std::string> placesOf(const std::vector<SentTo>& sent) {
    std::vector<std::string> out;
    for (const auto& one : sent)
        out.push_back(one.place + " " + one.as + " " + one.when);
    return out;
}

} // namespace

std::string ledgerCsv(const Ledger& ledger) {
    std::string out = "original,delivery,outcome,copy,bytes,width,height,seal_contrast,place_in_original,"
                      "no_place_in_copy,rights_in_copy,original_untouched,original_sha256,copy_sha256,"
                      "removed,notes,held_back_by,problem,sent\r\n";
    const auto yes = [](bool value) { return std::string(value ? "yes" : "no"); };
    for (const auto& row : ledger.rows) {
        const bool made = row.outcome == Outcome::Made;
        const std::vector<std::string> cells = {
            printable(row.original.string(), 4096),
            row.delivery,
            keyOf(row.outcome),
            row.outcome == Outcome::Failed || row.outcome == Outcome::HeldBack
                ? ""
                : printable(row.copy.string(), 4096),
            made ? std::to_string(row.copyBytes) : "",
            made ? std::to_string(row.copySize.width) : "",
            made ? std::to_string(row.copySize.height) : "",
            row.readability > 0 ? trimmedNumber(row.readability, 2) : "",
            row.fingerprintBefore.empty() ? "" : yes(row.placeInOriginal),
            made ? yes(row.noPlaceInCopy) : "",
            made ? yes(row.rightsInCopy) : "",
            !row.lookedAtAgain() ? "" : yes(row.originalUntouched()),
            row.fingerprintBefore,
            row.copyFingerprint,
            joinedForTable(row.removed),
            joinedForTable(sentences(row.notes)),
            row.outcome == Outcome::HeldBack ? joinedForTable(sentences(row.heldBackBy())) : "",
            row.problem ? row.problem->happened : "",
            joinedForTable(placesOf(row.sent))};
        for (std::size_t i = 0; i < cells.size(); ++i)
            out += (i ? "," : "") + csvCell(cells[i]);
        out += "\r\n";
    }
    return out;
}

std::string utcNow() {
    const std::time_t now = std::time(nullptr);
    std::tm parts{};
    ::gmtime_r(&now, &parts);
    char text[32];
    std::strftime(text, sizeof text, "%Y-%m-%dT%H:%M:%SZ", &parts);
    return text;
}

} // namespace keepseal
