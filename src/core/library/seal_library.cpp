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

namespace {

/// As they are written, in no order; those that come with Keep Seal have keys that no own one takes.
std::vector<SavedSeal> readSeals(const fs::path& folder, bool shipped, std::vector<Problem>* problems) {
    std::vector<SavedSeal> out;
    std::error_code error;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error)) {
        if (it->path().extension() != ".json")
            continue;
        try {
            out.push_back(loadSealFile(it->path()));
            out.back().shipped = shipped;
            if (shipped)
                out.back().key = "shipped-" + out.back().key;
        } catch (const Problem& problem) {
            if (problems)
                problems->push_back(problem);
        }
    }
    return out;
}

} // namespace

std::vector<SavedSeal> SealLibrary::all(std::vector<Problem>* problems) const {
    std::vector<SavedSeal> out;
    for (const bool shipped : {false, true}) {
        auto found = readSeals((shipped ? assetsFolder() : m_folder) / "seals", shipped, problems);
        for (auto& seal : found)
            if (shipped) {
                seal.design.name = said(seal.design.name);
                for (auto& part : seal.design.parts)
                    part.name = said(part.name);
                seal.notes = said(seal.notes);
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

std::optional<SavedSeal> SealLibrary::findAsWritten(const std::string& keyOrName) const {
    const auto wanted = toLowerAscii(keyOrName);
    for (const bool shipped : {false, true})
        for (auto& seal : readSeals((shipped ? assetsFolder() : m_folder) / "seals", shipped, nullptr))
            if (seal.key == keyOrName || toLowerAscii(seal.design.name) == wanted ||
                (shipped && toLowerAscii(said(seal.design.name)) == wanted))
                return seal;
    return std::nullopt;
}

/// By its content's fingerprint: the same logo is kept once, another of the same name does not take its
/// place.
std::string SealLibrary::keepLogo(const std::string& file) const {
    if (isShipped(file) || fs::path(file).parent_path() == m_folder / "logos")
        return file;
    return keepBeside(m_folder / "logos", file, readAll(file)).string();
}

SavedSeal SealLibrary::save(SavedSeal seal) const {
    if (trimmed(seal.design.name).empty())
        throw Problem(ProblemKind::BadSetting, "name", "the seal has no name", "Give it one");
    forEachLogo(seal.design, [this](const std::string& logo) { return keepLogo(logo); });
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

/// What is there now, moved among the removed ones.
void SealLibrary::setAside(const std::string& key) const {
    std::error_code error;
    if (fs::exists(fileOf(key), error))
        moveAside(fileOf(key), m_folder / "removed", key);
}

void SealLibrary::remove(const std::string& key) const {
    std::error_code error;
    if (!isLibraryKey(key) || !fs::exists(fileOf(key), error))
        throw Problem(ProblemKind::NotFound, key, "there is no such seal");
    setAside(key);
}

void SealLibrary::restore(const std::string& key) const {
    std::error_code error;
    if (!isLibraryKey(key) || fs::exists(fileOf(key), error))
        throw Problem(ProblemKind::Refused, key, "there is a seal of that name again", "Rename it first");
    if (!bringBack(m_folder / "removed", key, fileOf(key)))
        throw Problem(ProblemKind::NotFound, key, "the removed seal is no longer there");
}

std::string SealLibrary::addTypeface(const fs::path& file) const {
    familyOfTypeface(file); // throws when it is none
    return useTypeface(keepBeside(m_folder / "fonts", file, readAll(file)));
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

} // namespace keepseal
