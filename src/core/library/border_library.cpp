// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/border_library.h"

#include "base/assets.h"
#include "base/files.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "library/keys.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

void readFolder(const fs::path& folder, bool shipped, std::vector<SavedBorder>& out,
                std::vector<Problem>* problems) {
    std::error_code error;
    std::vector<fs::path> files;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        if (it->path().extension() == ".json")
            files.push_back(it->path());
    const auto first = static_cast<std::ptrdiff_t>(out.size());
    for (const auto& file : files) {
        try {
            out.push_back(loadBorderFile(file));
            out.back().shipped = shipped;
        } catch (const Problem& problem) {
            if (problems)
                problems->push_back(problem);
        }
    }
    std::sort(out.begin() + first, out.end(), [](const SavedBorder& a, const SavedBorder& b) {
        return toLowerAscii(a.design.name) < toLowerAscii(b.design.name);
    });
}

} // namespace

SavedBorder loadBorderFile(const fs::path& file) {
    const auto document = readJsonFile(file);
    SavedBorder out;
    out.key = file.stem().string();
    out.design = namingFile(file.string(), [&] { return borderFromDocument(document, file.string()); });
    if (const auto notes = document.find("notes"); notes != document.end() && notes->is_string())
        out.notes = notes->get<std::string>();
    out.design.unknown.erase("notes");
    if (out.design.name.empty())
        out.design.name = out.key;
    return out;
}

BorderLibrary::BorderLibrary(fs::path folder) : m_folder(folder.empty() ? dataFolder() : std::move(folder)) {}

fs::path BorderLibrary::fileOf(const std::string& key) const {
    return m_folder / "borders" / (key + ".json");
}

fs::path BorderLibrary::asideOf(const std::string& key) const {
    return m_folder / "removed" / ("border-" + key + ".json");
}

std::vector<SavedBorder> BorderLibrary::all(std::vector<Problem>* problems) const {
    std::vector<SavedBorder> out;
    readFolder(m_folder / "borders", false, out, problems);
    readFolder(assetsFolder() / "borders", true, out, problems);
    return out;
}

std::optional<SavedBorder> BorderLibrary::find(const std::string& keyOrName) const {
    for (auto& border : all())
        if (border.key == keyOrName || border.design.name == keyOrName)
            return border;
    return std::nullopt;
}

SavedBorder BorderLibrary::save(SavedBorder border) const {
    border.shipped = false;
    border.key = keyFromName(border.design.name, "border");
    if (std::error_code error; fs::exists(fileOf(border.key), error)) {
        // Another name may give the same key: that one is kept.
        for (int n = 2; fs::exists(fileOf(border.key), error) &&
                        loadBorderFile(fileOf(border.key)).design.name != border.design.name;
             ++n)
            border.key = keyFromName(border.design.name, "border") + "-" + std::to_string(n);
        if (fs::exists(fileOf(border.key), error))
            remove(border.key);
    }
    auto document = toDocument(border.design);
    document["notes"] = border.notes;
    std::error_code error;
    fs::create_directories(m_folder / "borders", error);
    writeTextFile(fileOf(border.key), document.dump(2) + "\n");
    return border;
}

void BorderLibrary::remove(const std::string& key) const {
    std::error_code error;
    fs::create_directories(m_folder / "removed", error);
    if (isLibraryKey(key))
        fs::rename(fileOf(key), asideOf(key), error);
    if (error || !isLibraryKey(key))
        throw Problem(ProblemKind::CannotWrite, key, "this border could not be removed",
                      "Borders that come with Keep Seal stay");
}

void BorderLibrary::restore(const std::string& key) const {
    std::error_code error;
    if (isLibraryKey(key))
        fs::rename(asideOf(key), fileOf(key), error);
    if (error || !isLibraryKey(key))
        throw Problem(ProblemKind::CannotWrite, key, "this border could not be brought back");
}

} // namespace keepseal
