// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/fonts.h"

#include "base/assets.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "text/typefaces.h"

#include <fontconfig/fontconfig.h>
#include <pango/pangocairo.h>
#include <pango/pangofc-fontmap.h>

#include <atomic>
#include <map>
#include <mutex>
#include <set>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

std::mutex fontsMutex;
std::mutex addingMutex; ///< before the other: adding reads files, and nobody who draws waits for that
std::atomic<int> fontsGeneration{0}; ///< counts typefaces added: threads then make their font maps anew
using TypefaceFiles = std::map<std::string, std::set<fs::path>>; ///< by family

/// A new one with these. The one before is never freed: other threads may be drawing with it.
FcConfig* makeConfig(const TypefaceFiles& added) {
    const auto folder = (assetsFolder() / "fonts").string();
    FcConfig* made = FcConfigCreate();
    // Only a cache folder and what fills in: no system or user fonts, no other substitution.
    static const char rules[] =
        "<fontconfig><cachedir prefix=\"xdg\">fontconfig</cachedir><match target=\"pattern\">"
        "<edit name=\"family\" mode=\"append_last\"><string>Inter</string><string>Noto Sans Arabic</string>"
        "<string>Noto Sans Hebrew</string><string>Noto Sans Devanagari</string><string>Noto Sans "
        "Thai</string>"
        "<string>Noto Sans Armenian</string><string>Noto Sans Georgian</string>"
        "<string>Droid Sans Fallback</string></edit></match></fontconfig>";
    FcConfigParseAndLoadFromMemory(made, reinterpret_cast<const FcChar8*>(rules), FcFalse);
    if (!FcConfigAppFontAddDir(made, reinterpret_cast<const FcChar8*>(folder.c_str())))
        throw Problem(ProblemKind::NotFound, folder, "the shipped fonts can't be read",
                      "Install Keep Seal again");
    for (const auto& [family, files] : added)
        for (const auto& file : files)
            FcConfigAppFontAddFile(made, reinterpret_cast<const FcChar8*>(file.c_str()));
    return made;
}

std::string familyIn(const FcPattern* pattern) {
    FcChar8* name = nullptr;
    return FcPatternGetString(pattern, FC_FAMILY, 0, &name) == FcResultMatch
               ? reinterpret_cast<const char*>(name)
               : std::string();
}

/// Empty where it is no typeface.
std::string familyOf(const fs::path& file) {
    int count = 0;
    FcPattern* pattern = FcFreeTypeQuery(reinterpret_cast<const FcChar8*>(file.c_str()), 0, nullptr, &count);
    const auto family = pattern ? familyIn(pattern) : std::string();
    if (pattern)
        FcPatternDestroy(pattern);
    return family;
}

/// A person's own: what they added once is there in every program and every command.
TypefaceFiles keptTypefaces() {
    TypefaceFiles out;
    std::error_code error;
    for (fs::directory_iterator it(dataFolder() / "fonts", error), end; !error && it != end;
         it.increment(error))
        if (it->is_regular_file(error))
            if (const auto family = familyOf(it->path()); !family.empty())
                out[family].insert(it->path());
    return out;
}

struct Typefaces {
    TypefaceFiles added = keptTypefaces();
    FcConfig* config = makeConfig(added);
};
Typefaces& typefaces() {
    static Typefaces all;
    return all;
}
FcConfig* fonts() {
    return typefaces().config;
}

GObjectPtr<PangoFontMap> newFontMap() {
    GObjectPtr<PangoFontMap> made(pango_cairo_font_map_new_for_font_type(CAIRO_FONT_TYPE_FT));
    pango_fc_font_map_set_config(PANGO_FC_FONT_MAP(made.get()), fonts());
    // Metrics in unrounded units: a layout at one size is the exact enlargement of another.
    pango_cairo_font_map_set_resolution(PANGO_CAIRO_FONT_MAP(made.get()), 72);
    return made;
}

bool onlyFillsIn(const std::string& family) {
    return family.starts_with("Noto Sans ") || family == "Droid Sans Fallback";
}

} // namespace

GObjectPtr<PangoLayout> newLayout() {
    thread_local GObjectPtr<PangoFontMap> fontMap;
    thread_local int generation = -1;
    const std::lock_guard lock(fontsMutex);
    if (const int now = fontsGeneration; !fontMap || generation != now) {
        fontMap = newFontMap();
        generation = now;
    }
    const GObjectPtr<PangoContext> context(pango_font_map_create_context(fontMap.get()));
    pango_context_set_round_glyph_positions(context.get(), FALSE);
    return GObjectPtr<PangoLayout>(pango_layout_new(context.get()));
}

namespace {

/// All of them, those that fill in too. With the lock held.
const std::set<std::string>& allFamilies() {
    static std::set<std::string> families;
    static int madeFor = -1;
    if (madeFor == fontsGeneration)
        return families;
    FcPattern* all = FcPatternCreate();
    FcObjectSet* wanted = FcObjectSetBuild(FC_FAMILY, nullptr);
    FcFontSet* found = FcFontList(fonts(), all, wanted);
    families.clear();
    for (int i = 0; found && i < found->nfont; ++i)
        if (const auto family = familyIn(found->fonts[i]); !family.empty())
            families.insert(family);
    FcFontSetDestroy(found);
    FcObjectSetDestroy(wanted);
    FcPatternDestroy(all);
    madeFor = fontsGeneration;
    return families;
}

} // namespace

std::vector<std::string> typefaceFamilies() {
    const std::lock_guard lock(fontsMutex);
    std::vector<std::string> out;
    for (const auto& family : allFamilies())
        if (!onlyFillsIn(family))
            out.push_back(family);
    return out;
}

bool hasTypeface(const std::string& family) {
    const std::lock_guard lock(fontsMutex);
    return allFamilies().contains(family);
}

std::string familyOfTypeface(const fs::path& file) {
    std::error_code error;
    if (!fs::is_regular_file(file, error))
        throw Problem(ProblemKind::NotFound, file.string(), "there is no such file", "Check the path");
    const auto family = familyOf(file);
    if (family.empty())
        throw Problem(ProblemKind::NotAPicture, file.string(), "this is no typeface that can be used",
                      "Choose a TrueType or OpenType file");
    return family;
}

std::string useTypeface(const fs::path& file) {
    const std::lock_guard adding(addingMutex);
    auto files = typefaces().added; // only who adds changes it
    for (const auto& [known, paths] : files)
        if (paths.contains(file))
            return known;
    const auto family = familyOfTypeface(file);
    files[family].insert(file);
    auto* config = makeConfig(files);
    const std::lock_guard lock(fontsMutex);
    typefaces().added = std::move(files);
    typefaces().config = config;
    ++fontsGeneration;
    return family;
}

std::vector<fs::path> addedTypefaceFiles(const std::string& family) {
    const std::lock_guard lock(fontsMutex);
    const auto& added = typefaces().added;
    const auto found = added.find(family);
    return found == added.end() ? std::vector<fs::path>()
                                : std::vector<fs::path>(found->second.begin(), found->second.end());
}

} // namespace keepseal
