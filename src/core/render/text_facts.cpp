// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/text_facts.h"

#include "base/text.h"

#include <ctime>

namespace keepseal {
namespace {

/// The first of these fields that says something.
std::string firstOf(const FileReport& report, std::initializer_list<const char*> names) {
    for (const auto* name : names)
        if (const auto* finding = report.find(name); finding && !trimmed(finding->value).empty())
            return trimmed(finding->value);
    return {};
}

/// "2026:05:01 10:20:30" or "2026-05-01T10:20" -> "2026-05-01"; empty for anything else.
std::string dayOf(const std::string& text) {
    if (text.size() < 10)
        return {};
    std::string day = text.substr(0, 10);
    for (const std::size_t i : {4U, 7U}) {
        if (day[i] != ':' && day[i] != '-')
            return {};
        day[i] = '-';
    }
    for (std::size_t i = 0; i < day.size(); ++i)
        if (i != 4 && i != 7 && (day[i] < '0' || day[i] > '9'))
            return {};
    return day.starts_with("0000") ? std::string() : day;
}

std::string thisYear() {
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    ::localtime_r(&now, &local);
    return std::to_string(local.tm_year + 1900);
}

} // namespace

TextFacts textFacts(const std::filesystem::path& original, const FileReport& report,
                    const Delivery& delivery) {
    TextFacts out;
    out["name"] = printable(original.stem().string());
    out["date"] = dayOf(firstOf(report, {"DateTimeOriginal", "photoshop:DateCreated", "exif:DateTimeOriginal",
                                         "xmp:CreateDate", "DateTime"}));
    out["year"] = out["date"].substr(0, 4);
    out["this_year"] = thisYear();
    out["title"] = firstOf(report, {"dc:title", "2:05 Object Name"});
    out["headline"] = firstOf(report, {"photoshop:Headline", "2:105 Headline"});
    out["description"] = firstOf(report, {"dc:description", "ImageDescription", "2:120 Caption"});
    const bool rights = delivery.rights.on;
    out["creator"] = rights && !delivery.rights.creator.empty() ? delivery.rights.creator
                                                                : firstOf(report, {"dc:creator", "Artist"});
    out["notice"] = rights && !delivery.rights.copyrightNotice.empty()
                        ? delivery.rights.copyrightNotice
                        : firstOf(report, {"dc:rights", "Copyright"});
    out["camera"] = firstOf(report, {"Model", "tiff:Model"});
    return out;
}

} // namespace keepseal
