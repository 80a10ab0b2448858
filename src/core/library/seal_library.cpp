// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/seal_library.h"

#include "base/assets.h"
#include "base/files.h"
#include "base/fingerprint.h"
#include "base/json_text.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "library/archive.h"
#include "library/keys.h"
#include "library/pack.h"
#include "picture/original.h"
#include "seal/design_json.h"
#include "seal/logo.h"
#include "text/typefaces.h"

#include <algorithm>
#include <set>

namespace keepseal {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

constexpr std::uint64_t kMaxSealZip = 64ULL << 20;
constexpr std::size_t kMaxSealZipFiles = 100;
constexpr std::size_t kKeptRemoved = 20;

} // namespace

bool SavedSeal::matches(const std::string& words) const {
    auto hay = toLowerAscii(design.name + " " + notes);
    for (const auto& tag : tags)
        hay += " " + toLowerAscii(tag);
    for (const auto& word : splitTrimmed(toLowerAscii(words), ' '))
        if (hay.find(word) == std::string::npos)
            return false;
    return true;
}

json toJson(const SavedSeal& seal) {
    json out = toDocument(seal.design);
    out["notes"] = seal.notes;
    out["tags"] = seal.tags;
    return out;
}

SavedSeal loadSealFile(const fs::path& file) {
    const auto document = readJsonFile(file, kDesignLimits);
    SavedSeal out;
    out.key = file.stem().string();
    out.design = namingFile(file.string(), [&] { return sealFromDocument(document, file.string()); });
    if (const auto notes = document.find("notes"); notes != document.end() && notes->is_string())
        out.notes = notes->get<std::string>();
    if (const auto tags = document.find("tags"); tags != document.end() && tags->is_array())
        for (const auto& tag : *tags)
            if (tag.is_string() && out.tags.size() < 50)
                out.tags.push_back(tag.get<std::string>());
    for (const auto* key : {"notes", "tags"})
        out.design.unknown.erase(key);
    if (out.design.name.empty())
        out.design.name = out.key;
    forEachLogo(out.design, [&](const std::string& logo) {
        return isShipped(logo) || fs::path(logo).is_absolute() ? logo : (file.parent_path() / logo).string();
    });
    return out;
}

SealLibrary::SealLibrary(fs::path folder) : m_folder(folder.empty() ? dataFolder() : std::move(folder)) {
    std::error_code error;
    for (fs::directory_iterator it(m_folder / "fonts", error), end; !error && it != end;
         it.increment(error)) {
        try {
            useTypeface(it->path());
        } catch (const Problem&) {
            continue; // no typeface: left where it lies
        }
    }
}

fs::path SealLibrary::fileOf(const std::string& key) const {
    return m_folder / "seals" / (key + ".json");
}

std::vector<SavedSeal> SealLibrary::all(std::vector<Problem>* problems) const {
    std::vector<SavedSeal> out;
    for (const bool shipped : {false, true}) {
        std::vector<fs::path> files;
        std::error_code error;
        const auto folder = shipped ? assetsFolder() / "seals" : m_folder / "seals";
        for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
            if (it->path().extension() == ".json")
                files.push_back(it->path());
        std::vector<SavedSeal> found;
        for (const auto& file : files) {
            try {
                found.push_back(loadSealFile(file));
                found.back().shipped = shipped;
                if (shipped)
                    found.back().key = "shipped-" + found.back().key;
            } catch (const Problem& problem) {
                if (problems)
                    problems->push_back(problem);
            }
        }
        std::sort(found.begin(), found.end(), [](const SavedSeal& a, const SavedSeal& b) {
            return toLowerAscii(a.design.name) < toLowerAscii(b.design.name);
        });
        out.insert(out.end(), found.begin(), found.end());
    }
    return out;
}

std::optional<SavedSeal> SealLibrary::find(const std::string& keyOrName) const {
    for (auto& seal : all())
        if (seal.key == keyOrName || toLowerAscii(seal.design.name) == toLowerAscii(keyOrName))
            return seal;
    return std::nullopt;
}

/// By its content's fingerprint: the same logo is kept once, another of the same name does not take its
/// place.
std::string SealLibrary::keepLogo(const std::string& file) const {
    if (isShipped(file))
        return file;
    const fs::path path(file);
    const auto bytes = readAll(path);
    const auto name = fingerprint(ByteSpan(bytes)).substr(0, 12) + "-" + plainName(file);
    const auto kept = m_folder / "logos" / name;
    std::error_code error;
    if (path == kept)
        return file;
    if (!fs::exists(kept, error))
        writeBytes(kept, bytes);
    return kept.string();
}

SavedSeal SealLibrary::save(SavedSeal seal) const {
    if (trimmed(seal.design.name).empty())
        throw Problem(ProblemKind::BadSetting, "name", "the seal has no name", "Give it one");
    forEachLogo(seal.design, [this](const std::string& logo) {
        if (!isShipped(logo) && fs::path(logo).parent_path() == m_folder / "logos")
            return logo;
        return keepLogo(logo);
    });
    std::error_code error;
    if (seal.shipped || !isLibraryKey(seal.key)) {
        const auto plain = keyFromName(seal.design.name, "seal");
        seal.key = plain;
        for (int number = 2; fs::exists(fileOf(seal.key), error); ++number)
            seal.key = plain + "-" + std::to_string(number);
        seal.shipped = false;
    }
    SavedSeal written = seal; // logos by their place relative to the seal: the folder can be moved
    forEachLogo(written.design, [](const std::string& logo) {
        return isShipped(logo) ? logo : "../logos/" + plainName(logo);
    });
    setAside(seal.key); // what is replaced can be brought back by hand
    writeTextFile(fileOf(seal.key), toJson(written).dump(2) + "\n");
    return seal;
}

/// A copy of what is there now, among the last removed ones.
void SealLibrary::setAside(const std::string& key) const {
    const auto removed = m_folder / "removed";
    std::error_code error;
    if (!fs::exists(fileOf(key), error))
        return;
    makeFolder(removed);
    fs::copy_file(fileOf(key), removed / (key + ".json"), fs::copy_options::overwrite_existing, error);
    if (error)
        throw Problem(ProblemKind::CannotWrite, fileOf(key).string(),
                      "the seal can't be set aside: " + error.message(), "Check the folder's permissions");
    std::vector<fs::path> kept;
    for (fs::directory_iterator it(removed, error), end; !error && it != end; it.increment(error))
        kept.push_back(it->path());
    if (kept.size() <= kKeptRemoved)
        return;
    std::sort(kept.begin(), kept.end(), [](const fs::path& a, const fs::path& b) {
        std::error_code ignored;
        return fs::last_write_time(a, ignored) < fs::last_write_time(b, ignored);
    });
    fs::remove(kept.front(), error);
}

void SealLibrary::remove(const std::string& key) const {
    std::error_code error;
    if (!isLibraryKey(key) || !fs::exists(fileOf(key), error))
        throw Problem(ProblemKind::NotFound, key, "there is no such seal");
    setAside(key);
    if (!fs::remove(fileOf(key), error))
        throw Problem(ProblemKind::CannotWrite, fileOf(key).string(),
                      "the seal can't be removed: " + error.message(), "Check the folder's permissions");
}

void SealLibrary::restore(const std::string& key) const {
    std::error_code error;
    if (!isLibraryKey(key) || fs::exists(fileOf(key), error))
        throw Problem(ProblemKind::Refused, key, "there is a seal of that name again", "Rename it first");
    fs::rename(m_folder / "removed" / (key + ".json"), fileOf(key), error);
    if (error)
        throw Problem(ProblemKind::NotFound, key, "the removed seal is no longer there");
}

std::string SealLibrary::addTypeface(const fs::path& file) const {
    useTypeface(file); // throws when it is none
    const auto kept = m_folder / "fonts" / file.filename();
    std::error_code error;
    if (!fs::exists(kept, error))
        writeBytes(kept, readAll(file));
    return useTypeface(kept);
}

void exportSeal(const SavedSeal& seal, const fs::path& zip) {
    ZipFiles files;
    SavedSeal shared = seal;
    packLogos(shared.design, files);
    packTypefaces(familiesOf(seal.design), files);
    const auto text = toJson(shared).dump(2) + "\n";
    files["seal.json"] = Bytes(text.begin(), text.end());
    writeZip(zip, files);
}

SavedSeal importSeal(const SealLibrary& library, const fs::path& zip) {
    const auto files = readZip(zip, kMaxSealZip, kMaxSealZipFiles);
    const auto found = files.find("seal.json");
    if (found == files.end())
        throw Problem(ProblemKind::BadFile, zip.string(), "there is no seal in it",
                      "A shared seal holds seal.json");
    SavedSeal seal;
    json document;
    try {
        document = json::parse(found->second.begin(), found->second.end());
    } catch (const json::exception&) {
        throw Problem(ProblemKind::BadFile, zip.string(), "its seal.json is no valid JSON");
    }
    seal.design = sealFromDocument(document, zip.string());
    if (const auto notes = document.find("notes"); notes != document.end() && notes->is_string())
        seal.notes = notes->get<std::string>();
    if (const auto tags = document.find("tags"); tags != document.end() && tags->is_array())
        for (const auto& tag : *tags)
            if (tag.is_string())
                seal.tags.push_back(tag.get<std::string>());
    for (const auto* key : {"notes", "tags"})
        seal.design.unknown.erase(key);
    if (trimmed(seal.design.name).empty())
        seal.design.name = zip.stem().string();
    unpackLogos(seal.design, files, library.folder(), zip);
    unpackTypefaces(files, library.folder());
    return library.save(std::move(seal));
}

} // namespace keepseal
