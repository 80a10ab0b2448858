// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/shelf.h"

#include "base/assets.h"
#include "base/files.h"
#include "base/json_text.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "delivery/json.h"
#include "library/keys.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

/// What tells one kind of design from the other.
template <class Design>
struct Kind;
template <>
struct Kind<BorderDesign> {
    static constexpr const char* folder = "borders";
    static constexpr const char* word = "border";
    static constexpr const char* key = "border";
    static constexpr auto read = &borderFromDocument;
};
template <>
struct Kind<RightsSheet> {
    static constexpr const char* folder = "sheets";
    static constexpr const char* word = "rights sheet";
    static constexpr const char* key = "sheet";
    static constexpr auto read = &sheetFromDocument;
};
template <>
struct Kind<Delivery> {
    static constexpr const char* folder = "deliveries";
    static constexpr const char* word = "delivery";
    static constexpr const char* key = "delivery";
    static constexpr auto read = &deliveryFromJson;
};

json documentOf(const Delivery& delivery) {
    return toJson(delivery);
}
template <class Design>
json documentOf(const Design& design) {
    return toDocument(design);
}

/// What comes with Keep Seal is called in the language of the person who looks through it.
template <class Design>
void sayNames(Saved<Design>& saved) {
    saved.design.name = said(saved.design.name);
    saved.notes = said(saved.notes);
    if constexpr (std::is_same_v<Design, Delivery>) {
        saved.design.notes = said(saved.design.notes);
        for (auto* name : {&saved.design.border.name, &saved.design.seal.name, &saved.design.rights.name})
            *name = said(*name);
        for (auto& part : saved.design.seal.parts)
            part.name = said(part.name);
    }
}

/// As they are written, in no order.
template <class Design>
void readFolder(const fs::path& folder, bool shipped, std::vector<Saved<Design>>& out,
                std::vector<Problem>* problems) {
    std::error_code error;
    std::vector<fs::path> files;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        if (it->path().extension() == ".json")
            files.push_back(it->path());
    for (const auto& file : files) {
        try {
            out.push_back(Shelf<Design>::load(file));
            out.back().shipped = shipped;
        } catch (const Problem& problem) {
            if (problems)
                problems->push_back(problem);
        }
    }
}

} // namespace

template <class Design>
Saved<Design> Shelf<Design>::load(const fs::path& file) {
    const auto document = readJsonFile(file, kDesignLimits);
    Saved<Design> out;
    out.key = file.stem().string();
    out.design = namingFile(file.string(), [&] { return Kind<Design>::read(document, file.string()); });
    if (const auto notes = document.find("notes"); notes != document.end() && notes->is_string())
        out.notes = notes->template get<std::string>();
    out.design.unknown.erase("notes");
    if (out.design.name.empty())
        out.design.name = out.key;
    return out;
}

template <class Design>
Shelf<Design>::Shelf(fs::path folder) : m_folder(folder.empty() ? dataFolder() : std::move(folder)) {}

template <class Design>
fs::path Shelf<Design>::fileOf(const std::string& key) const {
    return m_folder / Kind<Design>::folder / (key + ".json");
}

template <class Design>
std::string Shelf<Design>::asideKey(const std::string& key) {
    return std::string(Kind<Design>::key) + "-" + key;
}

template <class Design>
std::vector<Saved<Design>> Shelf<Design>::all(std::vector<Problem>* problems) const {
    std::vector<Saved<Design>> out;
    for (const bool shipped : {false, true}) {
        const auto first = static_cast<std::ptrdiff_t>(out.size());
        readFolder((shipped ? assetsFolder() : m_folder) / Kind<Design>::folder, shipped, out, problems);
        if (shipped)
            std::for_each(out.begin() + first, out.end(), sayNames<Design>);
        std::sort(out.begin() + first, out.end(), [](const auto& a, const auto& b) {
            return toLowerAscii(a.design.name) < toLowerAscii(b.design.name);
        });
    }
    return out;
}

template <class Design>
std::optional<Saved<Design>> Shelf<Design>::find(const std::string& keyOrName) const {
    for (auto& saved : all())
        if (saved.key == keyOrName || saved.design.name == keyOrName)
            return saved;
    return std::nullopt;
}

template <class Design>
std::optional<Saved<Design>> Shelf<Design>::findAsWritten(const std::string& keyOrName) const {
    std::vector<Saved<Design>> all;
    readFolder(m_folder / Kind<Design>::folder, false, all, nullptr);
    readFolder(assetsFolder() / Kind<Design>::folder, true, all, nullptr);
    for (auto& saved : all)
        if (saved.key == keyOrName || saved.design.name == keyOrName ||
            (saved.shipped && said(saved.design.name) == keyOrName))
            return saved;
    return std::nullopt;
}

template <class Design>
Saved<Design> Shelf<Design>::save(Saved<Design> saved) const {
    saved.shipped = false;
    saved.key = keyFromName(saved.design.name, Kind<Design>::key);
    if (std::error_code error; fs::exists(fileOf(saved.key), error)) {
        // Another name may give the same key: that one is kept.
        for (int n = 2;
             fs::exists(fileOf(saved.key), error) && load(fileOf(saved.key)).design.name != saved.design.name;
             ++n)
            saved.key = keyFromName(saved.design.name, Kind<Design>::key) + "-" + std::to_string(n);
        if (fs::exists(fileOf(saved.key), error))
            remove(saved.key);
    }
    auto document = documentOf(saved.design);
    if (!saved.notes.empty())
        document["notes"] = saved.notes;
    std::error_code error;
    makeFolder(m_folder / Kind<Design>::folder);
    writeTextFile(fileOf(saved.key), document.dump(2) + "\n");
    return saved;
}

template <class Design>
void Shelf<Design>::remove(const std::string& key) const {
    std::error_code error;
    if (isLibraryKey(key) && fs::exists(fileOf(key), error))
        moveAside(fileOf(key), m_folder / "removed", asideKey(key));
    else
        throw Problem(ProblemKind::CannotWrite, key,
                      Saying("this {kind} could not be removed", {{"kind", Kind<Design>::word}}),
                      "Those that come with Keep Seal stay");
}

template <class Design>
void Shelf<Design>::restore(const std::string& key) const {
    if (!isLibraryKey(key) || !bringBack(m_folder / "removed", asideKey(key), fileOf(key)))
        throw Problem(ProblemKind::CannotWrite, key,
                      Saying("this {kind} could not be brought back", {{"kind", Kind<Design>::word}}));
}

template class Shelf<BorderDesign>;
template class Shelf<RightsSheet>;
template class Shelf<Delivery>;

} // namespace keepseal
