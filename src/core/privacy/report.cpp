// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/report.h"

#include "base/text.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

struct CategoryNames {
    const char* key;
    const char* label;
};
constexpr CategoryNames kCategories[] = {
    {"rights", "Rights"},
    {"contact", "Contact"},
    {"description", "Description"},
    {"date-taken", "Date taken"},
    {"camera", "Camera and exposure"},
    {"serial", "Serial numbers and owner"},
    {"location", "Location"},
    {"history", "Editing history"},
    {"preview", "Embedded previews"},
    {"other", "Anything else"},
    {"technical", "Technical"},
};

} // namespace

const char* keyOf(Category category) {
    return kCategories[static_cast<int>(category)].key;
}
const char* labelOf(Category category) {
    return kCategories[static_cast<int>(category)].label;
}

bool FileReport::tellsPlace() const {
    return std::any_of(findings.begin(), findings.end(), [](const Finding& f) { return f.tellsPlace; });
}

std::size_t FileReport::count(Category category) const {
    return static_cast<std::size_t>(std::count_if(findings.begin(), findings.end(),
                                                  [&](const Finding& f) { return f.category == category; }));
}

const Finding* FileReport::find(const std::string& name) const {
    for (const auto& finding : findings)
        if (finding.name == name)
            return &finding;
    return nullptr;
}

std::string FileReport::placeText() const {
    std::string out;
    if (point) {
        out = trimmedNumber(std::abs(point->latitude), 5) + (point->latitude < 0 ? " S, " : " N, ") +
              trimmedNumber(std::abs(point->longitude), 5) + (point->longitude < 0 ? " W" : " E");
    }
    std::vector<std::string> named;
    for (const auto& f : findings) {
        const bool isName =
            f.tellsPlace && !f.name.starts_with("GPS") && f.name.find(":GPS") == std::string::npos;
        if (isName && std::find(named.begin(), named.end(), f.value) == named.end())
            named.push_back(f.value);
    }
    for (std::size_t i = 0; i < std::min<std::size_t>(named.size(), 3); ++i)
        out += (out.empty() ? "" : " · ") + cutUtf8(named[i], 60);
    if (out.empty() && tellsPlace())
        out = "a place, in Exif or XMP";
    return out;
}

void to_json(nlohmann::json& out, const FileReport& report) {
    out = {{"container", nameOf(report.container)},   {"bytes", report.bytes},
           {"tells_place", report.tellsPlace()},      {"place", report.placeText()},
           {"not_searched", nlohmann::json::array()}, {"findings", nlohmann::json::array()}};
    for (const auto& part : report.notSearched)
        out["not_searched"].push_back(part.english());
    for (const auto& f : report.findings)
        out["findings"].push_back({{"where", f.where},
                                   {"offset", f.offset},
                                   {"name", f.name},
                                   {"value", f.value},
                                   {"category", keyOf(f.category)},
                                   {"tells_place", f.tellsPlace}});
}

} // namespace keepseal
