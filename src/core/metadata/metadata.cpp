// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "metadata/metadata.h"

#include "base/plain_values.h"
#include "base/problem.h"
#include "base/text.h"
#include "metadata/layers.h"
#include "privacy/tables.h"

#include <algorithm>
#include <cstring>
#include <ctime>

namespace keepseal {
namespace {

constexpr std::uint64_t kMaxSidecar = 16ULL << 20;

/// Of these names the first that says something.
std::string firstOf(const FileReport& report, std::initializer_list<const char*> names) {
    for (const auto* name : names)
        if (const auto* finding = report.find(name); finding && !finding->whole().empty())
            return finding->whole();
    return {};
}

void readTimes(const FileReport& report, Metadata& out) {
    for (const char* name : {"DateTimeOriginal", "photoshop:DateCreated", "exif:DateTimeOriginal",
                             "xmp:CreateDate", "DateTimeDigitized", "DateTime"}) {
        const auto* finding = report.find(name);
        if (!finding)
            continue;
        out.takenAt = plainTime(finding->whole()).value_or("");
        out.takenOffset = finding->whole().size() > 16 ? plainOffset(finding->whole()).value_or("") : "";
        if (!out.takenAt.empty())
            break;
    }
    if (out.takenOffset.empty())
        out.takenOffset = plainOffset(firstOf(report, {"OffsetTimeOriginal", "OffsetTime"})).value_or("");
}

std::optional<int> ratingOf(const FileReport& report) {
    const auto text = firstOf(report, {"xmp:Rating", "Rating"});
    if (text.empty() || text.find_first_not_of("-0123456789.") != std::string::npos)
        return std::nullopt;
    return std::clamp(static_cast<int>(std::strtol(text.c_str(), nullptr, 10)), -1, 5);
}

/// The program and its times alone: steps and structures of an editing history are not carried on.
constexpr const char* kHistoryKept[] = {"xmp:CreatorTool", "xmp:ModifyDate", "xmp:MetadataDate",
                                        "tiff:Software", "xmp:Nickname"};

void readHistory(const FileReport& report, Metadata& out) {
    for (const auto& finding : report.findings) {
        const bool kept = std::any_of(std::begin(kHistoryKept), std::end(kHistoryKept),
                                      [&](const char* name) { return finding.name == name; });
        if (kept && finding.category == Category::History && finding.where == "XMP" &&
            finding.whole().size() < 1000)
            out.history.emplace(finding.name, finding.whole());
    }
}

bool isWordOfAPlace(const Finding& finding) {
    const auto& text = finding.whole();
    const bool named = finding.category == Category::Location && !finding.name.starts_with("GPS") &&
                       finding.name.find(":GPS") == std::string::npos;
    const auto isLetter = [](char c) { return std::isalpha(static_cast<unsigned char>(c)) || (c & 0x80); };
    // Codes of two or three letters stand in any text by chance.
    return named && text.size() >= 4 && text.size() <= 200 && std::any_of(text.begin(), text.end(), isLetter);
}

void readPlaces(const FileReport& report, Metadata& out) {
    for (const auto& finding : report.findings)
        if (isWordOfAPlace(finding) &&
            std::find(out.placeNames.begin(), out.placeNames.end(), finding.whole()) == out.placeNames.end())
            out.placeNames.push_back(finding.whole());
    if (!out.point)
        out.point = report.point;
}

/// What no rule could let stay (maker notes, previews, what a decoder needs) is not carried about.
bool couldStay(const ExifValue& tag) {
    switch (meaningOfTag(tag.ifd, tag.tag).category) {
    case Category::Other:
    case Category::Preview:
    case Category::Technical:
        return false;
    default:
        return true;
    }
}

void readTags(const FileReport& report, Metadata& out) {
    for (const auto& finding : report.findings)
        if (finding.exif && couldStay(*finding.exif) &&
            (finding.where == "Exif" || finding.where == "TIFF" || finding.where == "Exif / GPS" ||
             finding.where == "TIFF / GPS"))
            out.exif.push_back(*finding.exif);
}

void noteEncodings(const FileReport& report, Metadata& out) {
    std::string names;
    for (const auto& finding : report.findings)
        if (finding.notUtf8 && metadataNameIsText(finding.name))
            names += (names.empty() ? "" : ", ") + finding.name;
    if (!names.empty())
        addNote(out.notes, {NoteKind::TextEncoding, names, {}});
}

std::string thisYear() {
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    ::localtime_r(&now, &local);
    return std::to_string(local.tm_year + 1900);
}

} // namespace

const FieldValue& Metadata::field(std::string_view key) const {
    static const FieldValue none;
    const auto found = fields.find(std::string(key));
    return found == fields.end() ? none : found->second;
}

namespace {

/// ISO 21496-1 and what came before it: as XMP in a JPEG, as an item of a HEIF.
void noteGainMap(const FileReport& report, Metadata& out) {
    if (std::any_of(report.findings.begin(), report.findings.end(), [](const Finding& finding) {
            return finding.name == "gain map" || finding.name.starts_with("hdrgm:");
        }))
        addNote(out.notes, {NoteKind::GainMapLeft, {}, {}});
}

} // namespace

Metadata metadataFrom(const FileReport& report) {
    Metadata out;
    readTimes(report, out);
    out.rating = ratingOf(report);
    out.label = firstOf(report, {"xmp:Label"});
    out.camera = firstOf(report, {"Model", "tiff:Model"});
    out.serial = firstOf(
        report, {"BodySerialNumber", "exifEX:BodySerialNumber", "aux:SerialNumber", "CameraSerialNumber"});
    out.fields = reconciled(report, out.notes);
    readTags(report, out);
    readHistory(report, out);
    readPlaces(report, out);
    noteEncodings(report, out);
    noteGainMap(report, out);
    return out;
}

Metadata metadataFrom(const FileReport& report, const FileReport& sidecar,
                      const std::filesystem::path& path) {
    auto out = metadataFrom(report);
    out.sidecar = path;
    const auto beside = metadataFrom(sidecar);
    for (const auto& [key, value] : beside.fields)
        out.fields[key] = value;
    if (beside.rating)
        out.rating = beside.rating;
    if (!beside.label.empty())
        out.label = beside.label;
    if (!beside.takenAt.empty() && out.takenAt.empty())
        out.takenAt = beside.takenAt, out.takenOffset = beside.takenOffset;
    readPlaces(sidecar, out);
    for (const auto& note : sidecar.notSearched)
        addNote(out.notes,
                {NoteKind::SidecarNotSearched, path.filename().string(), {{"what", note.english()}}});
    return out;
}

std::filesystem::path sidecarOf(const std::filesystem::path& original) {
    auto longer = original;
    longer += ".xmp";
    for (const auto& path : {longer, std::filesystem::path(original).replace_extension(".xmp")}) {
        std::error_code error;
        if (path != original && std::filesystem::is_regular_file(path, error))
            return path;
    }
    return {};
}

Metadata readMetadata(const std::filesystem::path& original, const FileReport& report) {
    const auto path = sidecarOf(original);
    if (path.empty())
        return metadataFrom(report);
    try {
        const Original file(path);
        if (file.size() > kMaxSidecar)
            throw Problem(ProblemKind::TooLarge, path.string(), "it is too long for an XMP file");
        const auto bytes = file.bytes(0, kMaxSidecar);
        return metadataFrom(report, inspectXmp({reinterpret_cast<const char*>(bytes.data()), bytes.size()}),
                            path);
    } catch (const Problem& problem) {
        auto out = metadataFrom(report);
        addNote(out.notes,
                {NoteKind::SidecarNotRead, path.filename().string(), {{"happened", problem.happened}}});
        return out;
    }
}

TextFacts factsForTokens(const std::filesystem::path& original, const Metadata& metadata) {
    TextFacts out;
    out["name"] = printable(original.stem().string());
    out["date"] = metadata.takenAt.substr(0, 10);
    out["year"] = metadata.takenAt.substr(0, 4);
    out["this_year"] = thisYear();
    out["camera"] = metadata.camera;
    const auto take = [&](const char* token, const char* key) { out[token] = metadata.field(key).typed(); };
    take("title", "title");
    take("headline", "headline");
    take("description", "description");
    take("creator", "creator");
    take("notice", "copyright_notice");
    take("credit", "credit_line");
    take("event", "event");
    take("job", "job_identifier");
    take("keywords", "keywords");
    return out;
}

TextFacts nameFacts(const std::filesystem::path& original, const Metadata& metadata,
                    const FieldValues& typed) {
    auto seen = metadata;
    for (const auto& [key, value] : typed)
        seen.fields[key] = value;
    auto out = factsForTokens(original, seen);
    for (const auto* field : writableFields())
        out.try_emplace(field->key, seen.field(field->key).typed());
    const auto part = [&](std::size_t at, std::size_t count) {
        return seen.takenAt.size() >= at + count ? seen.takenAt.substr(at, count) : std::string();
    };
    out["month"] = part(5, 2);
    out["day"] = part(8, 2);
    out["hour"] = part(11, 2);
    out["minute"] = part(14, 2);
    out["second"] = part(17, 2);
    out["time"] = out["hour"] + out["minute"] + out["second"];
    if (seen.rating)
        out["rating"] = std::to_string(*seen.rating);
    return out;
}

} // namespace keepseal
