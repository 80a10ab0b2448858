// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "walk/walk.h"

#include "privacy/coordinates.h"

#include "base/text.h"

#include <algorithm>
#include <array>

namespace keepseal {
namespace walk {

Bytes Stretch::bytes(std::uint64_t offset, std::uint64_t count) const {
    if (offset >= length)
        return {};
    const auto wanted = std::min({count, length - offset, kMaxBlock});
    return budget && budget->readBytes(wanted) ? source->bytes(begin + offset, wanted) : Bytes();
}

Stretch Stretch::part(std::uint64_t offset, std::uint64_t count) const {
    if (offset >= length)
        return {source, begin + length, 0, budget};
    return {source, begin + offset, std::min(count, length - offset), budget};
}

namespace {
constexpr std::size_t kMostText = 64 * 1024, kMostNotes = 50, kTextWhenSpent = 80;
}

Finding& Walk::add(const std::string& place, const std::string& name, const std::string& value,
                   Category category) const {
    // Rather than that the list grows without end the last row gives way, unless it tells a place.
    if (!budget.find() && !report.findings.empty() &&
        (!report.findings.back().tellsPlace || report.findings.size() > 2 * kMostFindings))
        report.findings.pop_back();
    report.findings.push_back({where + place, name, value, category, category == Category::Location, offset});
    return report.findings.back();
}

Finding& Walk::addText(const std::string& place, const std::string& name, std::string_view raw,
                       Category category) const {
    // Brush strokes and curves of an editing history are pairs of numbers too, and never stay.
    const bool numbers = category == Category::History && name.starts_with("crs:") && !name.ends_with("Name");
    const bool coordinates = !numbers && holdsCoordinates(raw);
    const auto cut = raw.size() > kMostText ? cutUtf8(raw, kMostText) : std::string();
    if (!cut.empty())
        raw = cut;
    if (!budget.keepBytes(raw.size()))
        raw = raw.substr(0, kTextWhenSpent);
    auto& finding = add(place, name, printable(raw), category);
    auto whole = readableText(raw);
    finding.tellsPlace = finding.tellsPlace || coordinates;
    finding.notUtf8 = !isUtf8(raw);
    if (whole != finding.value)
        finding.text = std::move(whole);
    return finding;
}

void Walk::addName(const std::string& place, const std::string& name, std::string_view raw) const {
    if (holdsCoordinates(raw))
        addText(place, name, raw, Category::Other);
}

void Walk::notSearched(const Saying& what) const {
    if (report.notSearched.size() < kMostNotes)
        report.notSearched.push_back({where, what});
}

void Walk::secret(ByteSpan bytes) const {
    if (bytes.size() >= 4 && report.secrets.size() < 200 && bytes.size() <= 4096)
        report.secrets.emplace_back(bytes.begin(), bytes.end());
}

std::uint64_t number(ByteSpan bytes, std::size_t at, int count, bool littleEndian) {
    std::uint64_t value = 0;
    for (int i = 0; i < count; ++i) {
        const std::size_t index = at + static_cast<std::size_t>(littleEndian ? count - 1 - i : i);
        value = value << 8 | (index < bytes.size() ? bytes[index] : 0);
    }
    return value;
}

} // namespace walk

namespace {

/// Camera raw files are TIFFs with another number in their header, or boxes; others are searched for what
/// lies in them.
Container walkedAs(const ByteSource& source, Container container) {
    using namespace std::string_view_literals;
    if (container != Container::Unknown)
        return container;
    const auto bytes = source.bytes(0, 12);
    const auto head = walk::textOf(bytes);
    constexpr std::array tiffs = {"IIRO"sv, "IIRS"sv, "MMOR"sv, "IIU\0"sv};
    if (std::any_of(tiffs.begin(), tiffs.end(), [&](auto tiff) { return head.starts_with(tiff); }))
        return Container::Tiff;
    return head.size() == 12 && head.substr(4) == "ftypcrx " ? Container::Heif : Container::Unknown;
}

void tellIfSpent(const ReadBudget& budget, FileReport& report) {
    if (budget.spent())
        report.notSearched.insert(
            report.notSearched.begin(),
            {{}, Saying("the file is not searched whole: it holds {what}", {{"what", budget.what()}})});
}

} // namespace

FileReport inspect(const ByteSource& source, Reach reach) {
    FileReport report;
    report.container = sniffContainer(source);
    report.bytes = source.size();
    ReadBudget budget(source.size());
    const walk::Walk start{report, budget, 0, {}, &source, 0, reach};
    const auto whole = start.whole(source);
    switch (walkedAs(source, report.container)) {
    case Container::Jpeg:
        walk::jpeg(start, whole);
        break;
    case Container::Png:
        walk::png(start, whole);
        break;
    case Container::WebP:
        walk::webp(start, whole);
        break;
    case Container::Tiff:
        walk::tiff(start, whole, "TIFF");
        break;
    case Container::Heif:
    case Container::JpegXl:
        walk::iso(start, whole);
        break;
    case Container::Pdf:
        walk::pdf(start, whole);
        break;
    default:
        walk::scan(start, whole);
        break;
    }
    tellIfSpent(budget, report);
    return report;
}

FileReport inspectXmp(std::string_view packet) {
    FileReport report;
    report.bytes = packet.size();
    ReadBudget budget(packet.size());
    walk::xmp({report, budget, 0, {}}, packet);
    tellIfSpent(budget, report);
    return report;
}

} // namespace keepseal
