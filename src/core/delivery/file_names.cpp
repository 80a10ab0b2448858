// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/file_names.h"

#include "base/safe_text.h"
#include "base/text.h"
#include "metadata/fields.h"

#include <glib.h>

#include <algorithm>
#include <memory>
#include <set>

namespace keepseal {
namespace {

constexpr std::size_t kMaxFileName = 255; // bytes, on Linux file systems

using GText = std::unique_ptr<char, decltype(&g_free)>;
std::string taken(char* text) {
    const GText holder(text, &g_free);
    return text ? text : "";
}

std::string composed(const std::string& text) {
    return taken(
        g_utf8_normalize(text.c_str(), static_cast<gssize>(text.size()), G_NORMALIZE_DEFAULT_COMPOSE));
}

/// Letters without accents, all else a hyphen; several hyphens become one.
std::string plainLetters(const std::string& text) {
    std::string out;
    for (const char c : taken(g_str_to_ascii(text.c_str(), "C"))) {
        const bool plain = g_ascii_isalnum(c) || c == '_' || c == '.' || c == '-';
        if (plain || out.empty() || out.back() != '-')
            out += plain ? c : '-';
    }
    return out;
}

std::string withCharacters(std::string text, NameCharacters characters) {
    if (characters == NameCharacters::NoSpaces)
        std::replace(text.begin(), text.end(), ' ', '-');
    return characters == NameCharacters::Plain ? plainLetters(text) : text;
}

std::string withLetters(const std::string& text, NameLetters letters) {
    const auto length = static_cast<gssize>(text.size());
    if (letters == NameLetters::Lower)
        return taken(g_utf8_strdown(text.c_str(), length));
    if (letters == NameLetters::Upper)
        return taken(g_utf8_strup(text.c_str(), length));
    return text;
}

/// The start and the end, which is where numbers stand, with one hyphen between.
std::string cutInMiddle(const std::string& text, std::size_t maxBytes) {
    if (text.size() <= maxBytes)
        return text;
    const std::size_t tail = maxBytes * 2 / 5, head = maxBytes - tail - 1;
    std::size_t from = text.size() - tail;
    while (from < text.size() && (static_cast<unsigned char>(text[from]) & 0xC0) == 0x80)
        ++from;
    return cutUtf8(text, head) + "-" + text.substr(from);
}

/// Names that other desktop systems keep for devices, whatever the ending.
bool isDeviceName(const std::string& stem) {
    static const std::set<std::string> names = {"con", "prn", "aux", "nul"};
    const auto lower = toLowerAscii(stem.substr(0, stem.find('.')));
    const bool numbered = lower.size() == 4 && (lower.starts_with("com") || lower.starts_with("lpt")) &&
                          lower[3] >= '1' && lower[3] <= '9';
    return names.contains(lower) || numbered;
}

TextFacts cleanedValues(const TextFacts& facts) {
    TextFacts out;
    for (const auto& [key, value] : facts)
        out[key] = value.empty() ? value : cleanedName(cutUtf8(value, 400));
    return out;
}

/// A part of a name without what names may not hold, and without what nobody sees.
std::string cleanedPiece(const std::string& text) {
    std::string out = withoutUnseen(text);
    for (char& c : out)
        if (std::string_view("/\\:*?\"<>|").find(c) != std::string_view::npos)
            c = '-';
    return out;
}

std::string finished(const std::string& text, const PlaceSettings& place) {
    return cleanedName(withLetters(withCharacters(text, place.characters), place.letters));
}

const std::set<std::string>& plannedTokens() { // known without opening the original
    static const std::set<std::string> known = {"name",   "number",    "delivery", "job_name",
                                                "folder", "this_year", "page"};
    return known;
}

std::set<std::string> tokensOf(const PlaceSettings& place) {
    auto out = tokenNames(place.name + place.suffix);
    out.merge(tokenNames(place.subfolder));
    return out;
}

} // namespace

const std::vector<TokenInfo>& nameTokens() {
    static const auto all = [] {
        auto out = tokens();
        const std::vector<TokenInfo> more = {
            {"number", "the picture's place in the job, counted as set below"},
            {"page", "the page or frame of a file that holds several"},
            {"month", "the month it was taken, as 05"},
            {"day", "the day of the month it was taken, as 01"},
            {"time", "the time it was taken, as 102030"},
            {"hour", "the hour it was taken"},
            {"minute", "the minute it was taken"},
            {"second", "the second it was taken"},
            {"rating", "its rating, 0 to 5"},
            {"width", "the copy's width in pixels"},
            {"height", "the copy's height in pixels"},
            {"delivery", "the delivery's name"},
            {"job_name", "the job's name"},
            {"folder", "the name of the folder the original lies in"}};
        out.insert(out.end(), more.begin(), more.end());
        for (const auto* field : writableFields())
            if (std::none_of(out.begin(), out.end(), [&](const TokenInfo& t) { return t.key == field->key; }))
                out.push_back({field->key, Saying("{field} in its metadata", {{"field", field->label}})});
        return out;
    }();
    return all;
}

bool needsSize(const PlaceSettings& place) {
    const auto used = tokensOf(place);
    return used.contains("width") || used.contains("height");
}

bool usesNumber(const PlaceSettings& place) {
    return tokensOf(place).contains("number");
}

bool usesPage(const PlaceSettings& place) {
    return tokensOf(place).contains("page");
}

bool needsMetadata(const PlaceSettings& place) {
    for (const auto& token : tokensOf(place))
        if (!plannedTokens().contains(token) && token != "width" && token != "height")
            return true;
    return false;
}

std::vector<std::string> unknownTokens(const PlaceSettings& place) {
    std::vector<std::string> out;
    for (const auto& token : tokensOf(place))
        if (std::none_of(nameTokens().begin(), nameTokens().end(),
                         [&](const TokenInfo& t) { return t.key == token; }))
            out.push_back(token);
    return out;
}

CopyStem copyStem(const PlaceSettings& place, const TextFacts& facts) {
    auto filled = fillTokens(place.name, cleanedValues(facts));
    CopyStem out{finished(filled.text, place), std::move(filled.missing)};
    if (out.text.empty())
        out.text = "picture";
    return out;
}

std::filesystem::path copySubfolder(const PlaceSettings& place, const TextFacts& facts,
                                    std::vector<std::string>* missing) {
    auto filled = fillTokens(place.subfolder, cleanedValues(facts));
    if (missing)
        missing->insert(missing->end(), filled.missing.begin(), filled.missing.end());
    std::filesystem::path out;
    for (const auto& piece : splitTrimmed(filled.text, '/'))
        if (const auto name = finished(piece, place); !name.empty()) // ".." is cleaned to nothing
            out /= cutInMiddle(name, static_cast<std::size_t>(place.longest));
    return out;
}

std::string folderThere(const std::string& pattern, const PlaceSettings& place, const TextFacts& facts) {
    auto there = place;
    there.subfolder = pattern;
    const auto below = copySubfolder(there, facts).generic_string();
    return (pattern.starts_with('/') ? "/" : "") + below;
}

PlaceSettings withPattern(PlaceSettings place, const std::string& pattern) {
    place.subfolder += "/" + pattern;
    return place;
}

std::string copyFileName(const std::string& stem, const PlaceSettings& place, const std::string& ending,
                         int number) {
    const auto suffix =
        place.suffix.empty()
            ? ""
            : cleanedPiece(withLetters(withCharacters(place.suffix, place.characters), place.letters));
    const std::string counted = number > 1 ? "-" + std::to_string(number) : "";
    const std::string end = "." + ending;
    const auto most =
        std::min<std::size_t>(static_cast<std::size_t>(place.longest), kMaxFileName - end.size());
    // The number always stays; what was added is cut before eight bytes of the name are.
    constexpr std::size_t kLeastStem = 8;
    const auto behind = cutUtf8(suffix, most - std::min(most, kLeastStem + counted.size())) + counted;
    return cutInMiddle(stem, most - std::min(most, behind.size())) + behind + end;
}

std::string cleanedName(const std::string& text) {
    std::string out = composed(cleanedPiece(printable(text, kMaxFileName * 4)));
    const auto last = out.find_last_not_of(". ");
    out.erase(last == std::string::npos ? 0 : last + 1);
    out.erase(0, std::min(out.find_first_not_of(". "), out.size()));
    // One that begins with a hyphen would be an option to other programs.
    return isDeviceName(out) || out.starts_with('-') ? "_" + out : out;
}

std::string foldedName(const std::string& name) {
    if (!isUtf8(name))
        return toLowerAscii(name);
    const auto folded = taken(g_utf8_casefold(composed(name).c_str(), -1));
    return composed(folded);
}

} // namespace keepseal
