// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/language.h"

#include "base/text.h"

#include <set>

namespace keepseal {
namespace {

std::unique_ptr<const Catalogue>& spoken() {
    static std::unique_ptr<const Catalogue> catalogue;
    return catalogue;
}

bool isNumber(std::string_view text) {
    if (text.starts_with('-'))
        text.remove_prefix(1);
    const auto point = text.find('.');
    const auto digits = [](std::string_view part) {
        return !part.empty() && part.find_first_not_of("0123456789") == std::string_view::npos;
    };
    return digits(text.substr(0, point)) &&
           (point == std::string_view::npos || digits(text.substr(point + 1)));
}

/// Digit by digit as it is: "007" may be somebody's word.
std::string withOwnMark(std::string number) {
    if (const auto point = number.find('.'); spoken() && point != std::string::npos)
        number.replace(point, 1, spoken()->decimalMark());
    return number;
}

} // namespace

void speak(std::unique_ptr<const Catalogue> catalogue) {
    spoken() = std::move(catalogue);
}

bool speaksEnglish() {
    return !spoken();
}

std::string spokenLanguage() {
    return spoken() ? spoken()->tag() : "en";
}

bool isReadFromTheRight() {
    return spoken() && spoken()->readFromTheRight();
}

std::string said(std::string_view english) {
    if (!spoken() || english.empty())
        return std::string(english);
    const std::string key(english);
    auto found = spoken()->find(key.c_str(), -1);
    return found.empty() ? key : found;
}

std::string saidOf(std::size_t count, const char* one, const char* many,
                   std::map<std::string, std::string> values) {
    std::string pattern;
    if (spoken())
        pattern = spoken()->find(many, static_cast<long>(count));
    if (pattern.empty())
        pattern = count == 1 ? one : many;
    for (auto& [name, value] : values)
        value = saidValue(name, value);
    values["n"] = shownNumber(static_cast<double>(count), 0);
    return filledIn(pattern, values);
}

std::string filledIn(std::string_view pattern, const std::map<std::string, std::string>& values) {
    std::string out;
    for (std::size_t i = 0; i < pattern.size(); ++i) {
        if (pattern[i] != '{') {
            out += pattern[i];
            continue;
        }
        const auto end = pattern.find('}', i);
        if (pattern.substr(i, 2) == "{{" || end == std::string_view::npos) {
            out += '{';
            i += pattern.substr(i, 2) == "{{" ? 1 : 0;
            continue;
        }
        const auto found = values.find(std::string(pattern.substr(i + 1, end - i - 1)));
        out += found == values.end() ? "?" : found->second;
        i = end;
    }
    return out;
}

std::string shownNumber(double value, int decimals) {
    return withOwnMark(trimmedNumber(value, decimals));
}

Saying::Saying(std::string pattern, std::map<std::string, std::string> values)
    : m_english(filledIn(pattern, values)), m_pattern(std::move(pattern)), m_values(std::move(values)) {}

std::string Saying::said() const {
    if (m_pattern.empty() || speaksEnglish())
        return keepseal::said(m_english);
    auto values = m_values;
    for (auto& [name, value] : values)
        value = saidValue(name, value);
    return filledIn(keepseal::said(m_pattern), values);
}

std::string saidTogether(const std::vector<std::string>& words) {
    std::string out;
    for (const auto& word : words)
        out += (out.empty() ? "" : said(", ")) + word;
    return out;
}

std::string shownBytes(std::uint64_t bytes) {
    return saidValue({}, byteText(bytes));
}

bool areOurWords(std::string_view name) {
    static const std::set<std::string_view> names = {
        "because", "by",    "field", "from", "happened", "how",   "kinds", "kind", "meaning",
        "rating",  "shape", "to",    "unit", "what",     "where", "which", "why"};
    return names.contains(name);
}

std::string saidValue(const std::string& name, const std::string& value) {
    if (!spoken())
        return value;
    const auto space = value.find(' ');
    const auto first = value.substr(0, space);
    if (isNumber(first) &&
        (space == std::string::npos || value.find('.', space) == std::string::npos)) // no file's name
        return withOwnMark(first) + (space == std::string::npos ? "" : " " + said(value.substr(space + 1)));
    if (name == "subject")
        return said(value);
    if (!areOurWords(name))
        return value;
    if (auto whole = spoken()->find(value.c_str(), -1); !whole.empty())
        return whole;
    std::vector<std::string> parts;
    for (const auto& part : splitTrimmed(value, ','))
        parts.push_back(said(part));
    return saidTogether(parts);
}

} // namespace keepseal
