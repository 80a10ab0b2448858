// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/walk.h"

#include "base/text.h"

#include <algorithm>

namespace keepseal {
namespace walk {

Bytes Stretch::bytes(std::uint64_t offset, std::uint64_t count) const {
    if (offset >= length)
        return {};
    return source->bytes(begin + offset, std::min({count, length - offset, kMaxBlock}));
}

Stretch Stretch::part(std::uint64_t offset, std::uint64_t count) const {
    if (offset >= length)
        return {source, begin + length, 0};
    return {source, begin + offset, std::min(count, length - offset)};
}

Finding& Walk::add(const std::string& place, const std::string& name, const std::string& value,
                   Category category) const {
    report.findings.push_back({where + place, name, value, category, category == Category::Location});
    return report.findings.back();
}

Finding& Walk::addText(const std::string& place, const std::string& name, const std::string& value,
                       Category category) const {
    auto& finding = add(place, name, value, category);
    finding.tellsPlace = finding.tellsPlace || holdsCoordinates(value);
    return finding;
}

void Walk::secret(ByteSpan bytes) const {
    if (bytes.size() >= 4 && report.secrets.size() < 200)
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

FileReport inspect(const ByteSource& source) {
    FileReport report;
    report.container = sniffContainer(source);
    report.bytes = source.size();
    const walk::Walk start{report, 0, {}};
    const walk::Stretch whole{&source, 0, source.size()};
    switch (report.container) {
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
        report.notSearched.push_back(
            std::string(nameOf(report.container)) +
            ": its boxes were searched as plain bytes only; compressed ones were not");
        [[fallthrough]];
    case Container::Unknown:
        walk::scan(start, whole);
        break;
    }
    return report;
}

} // namespace keepseal
