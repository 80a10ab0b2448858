// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/check_copy.h"

#include "base/problem.h"
#include "base/text.h"
#include "picture/develop.h"

#include <algorithm>

namespace keepseal {
namespace {

bool holds(const Bytes& bytes, const Bytes& needle) {
    return std::search(bytes.begin(), bytes.end(), needle.begin(), needle.end()) != bytes.end();
}

/// What the three containers must say, by the names the walkers use.
struct RightsRow {
    const char* xmp;
    const char* exif;
    const char* iim;
};
constexpr RightsRow kCreator = {"dc:creator", "Artist", "2:80 By-line"};
constexpr RightsRow kNotice = {"dc:rights", "Copyright", "2:116 Copyright Notice"};

std::vector<std::string> valuesOf(const FileReport& report, const std::string& name) {
    std::vector<std::string> out;
    for (const auto& finding : report.findings)
        if (finding.name == name)
            out.push_back(finding.value);
    return out;
}

std::string joined(const std::vector<std::string>& parts) {
    std::string out;
    for (const auto& part : parts)
        out += (out.empty() ? "" : "; ") + part;
    return out;
}

/// Findings show at most 400 bytes of a value, so no more than that is compared.
bool equalAsShown(const std::string& wanted, const std::string& found) {
    return printable(wanted) == found;
}

bool inStep(const FileReport& report, const RightsRow& row, const std::vector<std::string>& wanted,
            bool hasIim) {
    const auto xmp = valuesOf(report, row.xmp), exif = valuesOf(report, row.exif),
               iim = valuesOf(report, row.iim);
    if (wanted.empty())
        return xmp.empty() && exif.empty() && iim.empty();
    if (xmp.size() != wanted.size() || iim.size() != (hasIim ? wanted.size() : 0) || exif.size() != 1)
        return false;
    for (std::size_t i = 0; i < wanted.size(); ++i)
        // IIM holds fewer bytes: there a beginning of the text is in step.
        if (!equalAsShown(wanted[i], xmp[i]) ||
            (hasIim && (iim[i].empty() || !wanted[i].starts_with(iim[i]))))
            return false;
    return equalAsShown(joined(wanted), exif[0]);
}

void searchSecrets(const ByteSource& copy, const FileReport& original, const RightsSheet& sheet,
                   CopyCheck& check) {
    // Metadata lies before the picture data or after it, never in it.
    Bytes head = copy.bytes(0, 256 * 1024);
    if (copy.size() > head.size()) {
        const auto tail =
            copy.bytes(copy.size() - std::min<std::uint64_t>(copy.size(), 64 * 1024), 64 * 1024);
        head.insert(head.end(), tail.begin(), tail.end());
    }
    for (const auto& secret : original.secrets) {
        if (!holds(head, secret))
            continue;
        const std::string text = printable({reinterpret_cast<const char*>(secret.data()), secret.size()});
        const bool typed = sheet.creator.find(text) != std::string::npos ||
                           sheet.copyrightNotice.find(text) != std::string::npos;
        if (typed)
            continue; // the person's own words: see placesInPlainSight()
        if (std::find(secret.begin(), secret.end(), 0) != secret.end() || secret.size() >= 6)
            check.failures.push_back("a removed place is still in the file's bytes");
    }
}

} // namespace

CopyCheck checkCopy(const ByteSource& copy, Container format, Size promised, const RightsSheet& sheet,
                    const FileReport& original) {
    CopyCheck check;
    check.report = inspect(copy);
    const auto& report = check.report;
    for (const auto& finding : report.findings)
        if (finding.category != Category::Technical && finding.category != Category::Rights)
            check.failures.push_back(finding.where + ": " + finding.name + " should not be in the copy");
    for (const auto& part : report.notSearched)
        check.failures.push_back("could not be searched whole: " + part);
    try {
        const auto facts = readFacts(copy, "the copy");
        if (facts.container != format)
            check.failures.push_back("it has not the promised format");
        if (!(facts.stored == promised) || facts.orientation != 1)
            check.failures.push_back("it has not the promised size");
    } catch (const Problem& problem) {
        check.failures.push_back(problem.happened);
    }
    check.noPlace = !report.tellsPlace();
    if (!check.noPlace)
        check.failures.push_back("it tells a place: " + report.placeText());
    const auto creators = sheet.on ? sheet.creators() : std::vector<std::string>{};
    const auto notice = sheet.on && !sheet.copyrightNotice.empty()
                            ? std::vector<std::string>{sheet.copyrightNotice}
                            : std::vector<std::string>{};
    const bool hasIim = format == Container::Jpeg || format == Container::Tiff;
    check.rightsInStep =
        inStep(report, kCreator, creators, hasIim) && inStep(report, kNotice, notice, hasIim);
    if (!check.rightsInStep)
        check.failures.push_back(hasIim ? "the rights are not in step in XMP, Exif and IIM"
                                        : "the rights are not in step in XMP and Exif");
    searchSecrets(copy, original, sheet, check);
    if (sheet.on)
        check.warnings = placesInPlainSight(
            original, {{"Creator", sheet.creator}, {"Copyright Notice", sheet.copyrightNotice}});
    return check;
}

std::vector<std::string> placesInPlainSight(const FileReport& original,
                                            const std::vector<std::pair<std::string, std::string>>& texts) {
    std::vector<std::string> out;
    for (const auto& [name, text] : texts) {
        const auto lower = toLowerAscii(text);
        for (const auto& secret : original.secrets) {
            const auto place = printable({reinterpret_cast<const char*>(secret.data()), secret.size()});
            const bool readable = isUtf8(place) && place.size() >= 4 && place.size() == secret.size();
            if (readable && lower.find(toLowerAscii(place)) != std::string::npos)
                out.push_back("the place \"" + place + "\" stands in " + name);
        }
        if (holdsCoordinates(text))
            out.push_back("coordinates stand in " + name);
    }
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end()); // XMP and IIM tell the same place
    return out;
}

std::vector<std::string> removedKinds(const FileReport& original, const FileReport& copy) {
    std::vector<std::string> out;
    for (int i = 0; i <= static_cast<int>(Category::Technical); ++i) {
        const auto category = static_cast<Category>(i);
        const auto before = original.count(category);
        if (category != Category::Technical && category != Category::Rights && before > copy.count(category))
            out.push_back(std::string(labelOf(category)) + " (" +
                          std::to_string(before - copy.count(category)) + ")");
    }
    return out;
}

} // namespace keepseal
