// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/ledger.h"

#include "base/files.h"

#include <algorithm>
#include <array>
#include <ctime>
#include <map>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr const char* kFormat = "keep-seal/ledger";
constexpr int kVersion = 1;
constexpr std::size_t kLedgersRead = 40;

constexpr std::array<const char*, 5> kOutcomes = {"waiting", "made", "already-there", "left-out", "failed"};

json rowToJson(const LedgerRow& row) {
    json out = {{"original", row.original.string()},
                {"original_bytes", row.originalIdentity.size},
                {"original_modified_ns", row.originalIdentity.modifiedNs},
                {"fingerprint_before", row.fingerprintBefore},
                {"fingerprint_after", row.fingerprintAfter},
                {"delivery", row.delivery},
                {"settings_digest", row.settingsDigest},
                {"outcome", keyOf(row.outcome)},
                {"copy", row.copy.string()},
                {"copy_bytes", row.copyBytes},
                {"copy_modified_ns", row.copyModifiedNs},
                {"copy_width", row.copySize.width},
                {"copy_height", row.copySize.height},
                {"place_in_original", row.placeInOriginal},
                {"no_place_in_copy", row.noPlaceInCopy},
                {"rights_in_copy", row.rightsInCopy},
                {"seal_contrast", row.readability},
                {"place_opened", row.placeOpened},
                {"written", row.written},
                {"removed", row.removed},
                {"warnings", row.warnings}};
    if (row.problem)
        out["problem"] = *row.problem;
    return out;
}

LedgerRow rowFromJson(const json& in) {
    LedgerRow row;
    row.original = in.at("original").get<std::string>();
    row.originalIdentity.size = in.at("original_bytes").get<std::uint64_t>();
    row.originalIdentity.modifiedNs = in.at("original_modified_ns").get<std::int64_t>();
    row.fingerprintBefore = in.at("fingerprint_before").get<std::string>();
    row.fingerprintAfter = in.at("fingerprint_after").get<std::string>();
    row.delivery = in.at("delivery").get<std::string>();
    row.settingsDigest = in.at("settings_digest").get<std::string>();
    const auto outcome = std::find(kOutcomes.begin(), kOutcomes.end(), in.at("outcome").get<std::string>());
    row.outcome = static_cast<Outcome>(outcome == kOutcomes.end() ? 0 : outcome - kOutcomes.begin());
    row.copy = in.at("copy").get<std::string>();
    row.copyBytes = in.at("copy_bytes").get<std::uint64_t>();
    row.copyModifiedNs = in.at("copy_modified_ns").get<std::int64_t>();
    row.copySize = {in.at("copy_width").get<int>(), in.at("copy_height").get<int>()};
    row.placeInOriginal = in.at("place_in_original").get<bool>();
    row.noPlaceInCopy = in.at("no_place_in_copy").get<bool>();
    row.rightsInCopy = in.at("rights_in_copy").get<bool>();
    row.readability = in.value("seal_contrast", 0.0);
    row.placeOpened = in.value("place_opened", false);
    row.written = in.value("written", std::vector<std::string>{});
    row.removed = in.at("removed").get<std::vector<std::string>>();
    row.warnings = in.at("warnings").get<std::vector<std::string>>();
    return row;
}

} // namespace

const char* keyOf(Outcome outcome) {
    return kOutcomes[static_cast<std::size_t>(outcome)];
}

std::size_t Ledger::count(Outcome outcome) const {
    return static_cast<std::size_t>(std::count_if(
        rows.begin(), rows.end(), [&](const LedgerRow& row) { return row.outcome == outcome; }));
}

json toJson(const Ledger& ledger) {
    json out = {{"format", kFormat},         {"version", kVersion},   {"program", KEEPSEAL_VERSION},
                {"started", ledger.started}, {"ended", ledger.ended}, {"state", ledger.state},
                {"rows", json::array()}};
    for (const auto& row : ledger.rows)
        out["rows"].push_back(rowToJson(row));
    return out;
}

Ledger ledgerFromJson(const json& in, const std::string& subject) {
    try {
        if (in.at("format") != kFormat || in.at("version").get<int>() > kVersion)
            throw Problem(ProblemKind::BadFile, subject, "this is no ledger this version can read");
        Ledger ledger;
        ledger.started = in.at("started").get<std::string>();
        ledger.ended = in.at("ended").get<std::string>();
        ledger.state = in.at("state").get<std::string>();
        for (const auto& row : in.at("rows"))
            ledger.rows.push_back(rowFromJson(row));
        return ledger;
    } catch (const json::exception& error) {
        throw Problem(ProblemKind::BadFile, subject, std::string("this is no ledger: ") + error.what());
    }
}

std::vector<LedgerRow> earlierCopies(const fs::path& folder) {
    std::vector<fs::path> files;
    std::error_code error;
    for (fs::directory_iterator it(stateFolder() / "ledgers", error), end; !error && it != end;
         it.increment(error))
        if (it->path().extension() == ".json")
            files.push_back(it->path());
    std::sort(files.begin(), files.end()); // names begin with the time
    if (files.size() > kLedgersRead)
        files.erase(files.begin(), files.end() - kLedgersRead);
    std::map<fs::path, LedgerRow> newest;
    for (const auto& file : files) {
        try {
            for (auto& row : ledgerFromJson(readJsonFile(file), file.string()).rows)
                if (row.outcome == Outcome::Made && row.copy.parent_path() == folder)
                    newest[row.copy] = std::move(row);
        } catch (const Problem&) {
            continue;
        }
    }
    std::vector<LedgerRow> out;
    for (auto& [path, row] : newest)
        out.push_back(std::move(row));
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
