// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/compose.h"

#include "base/fingerprint.h"
#include "base/problem.h"
#include "base/text.h"

#include <exiv2/exiv2.hpp>

#include <algorithm>
#include <cmath>
#include <mutex>

namespace keepseal {
namespace {

constexpr std::size_t kIimCreatorBytes = 32, kIimNoticeBytes = 128;

std::string joined(const std::vector<std::string>& parts) {
    std::string out;
    for (const auto& part : parts)
        out += (out.empty() ? "" : "; ") + part;
    return out;
}

Bytes composeExif(const RightsSheet& sheet, const CopyFacts& facts) {
    Exiv2::ExifData exif;
    exif["Exif.Image.Orientation"] = std::uint16_t(1);
    exif["Exif.Photo.ColorSpace"] = std::uint16_t(facts.srgb ? 1 : 0xFFFF);
    if (facts.pixelsPerMm > 0) {
        const auto perInch =
            Exiv2::URational(static_cast<std::uint32_t>(std::lround(facts.pixelsPerMm * 25.4 * 1000)), 1000);
        exif["Exif.Image.XResolution"] = perInch;
        exif["Exif.Image.YResolution"] = perInch;
        exif["Exif.Image.ResolutionUnit"] = std::uint16_t(2);
    }
    if (sheet.on && !sheet.creators().empty())
        exif["Exif.Image.Artist"] = joined(sheet.creators());
    if (sheet.on && !sheet.copyrightNotice.empty())
        exif["Exif.Image.Copyright"] = sheet.copyrightNotice;
    Exiv2::Blob blob;
    Exiv2::ExifParser::encode(blob, Exiv2::littleEndian, exif);
    return {blob.begin(), blob.end()};
}

void addMark(Exiv2::XmpData& xmp, const CopyMark& mark) {
    static std::once_flag once;
    std::call_once(once, [] { Exiv2::XmpProperties::registerNs(kMarkNamespace, kMarkPrefix); });
    xmp["Xmp.keepseal.Copy"] = std::string(kMarkVersion);
    xmp["Xmp.keepseal.Border"] = std::string(mark.border ? "True" : "False");
    xmp["Xmp.keepseal.Seal"] = std::string(mark.seal ? "True" : "False");
}

void addRights(Exiv2::XmpData& xmp, const RightsSheet& sheet) {
    for (const auto& creator : sheet.creators()) {
        auto& datum = xmp["Xmp.dc.creator"];
        if (datum.count() == 0)
            datum.setValue(Exiv2::Value::create(Exiv2::xmpSeq).get());
        Exiv2::XmpArrayValue list(dynamic_cast<const Exiv2::XmpArrayValue&>(datum.value()));
        list.read(creator);
        datum.setValue(&list);
    }
    if (!sheet.copyrightNotice.empty()) {
        Exiv2::LangAltValue notice;
        notice.value_["x-default"] = sheet.copyrightNotice;
        xmp["Xmp.dc.rights"].setValue(&notice);
    }
}

std::string composeXmp(const RightsSheet& sheet, const CopyFacts& facts) {
    if (!sheet.writesAnything() && !facts.mark)
        return {};
    // Exiv2's XMP tool kit is not safe on two threads at once.
    static std::mutex toolkit;
    const std::lock_guard lock(toolkit);
    Exiv2::XmpData xmp;
    if (sheet.writesAnything())
        addRights(xmp, sheet);
    if (facts.mark)
        addMark(xmp, *facts.mark);
    std::string packet;
    if (Exiv2::XmpParser::encode(packet, xmp, Exiv2::XmpParser::useCompactFormat, 0) != 0)
        throw Problem(ProblemKind::Internal, {}, "the XMP packet could not be composed");
    return packet;
}

std::string cutForIim(const std::string& text, std::size_t limit, const char* field, ComposedMetadata& out) {
    const auto cut = cutUtf8(text, limit);
    if (cut.size() != text.size())
        out.notes.push_back(std::string(field) + " is longer than IIM's " + std::to_string(limit) +
                            " bytes: there it was cut to \"" + cut + "\"; XMP and Exif hold it whole");
    return cut;
}

void addDataset(Bytes& iim, std::uint8_t record, std::uint8_t dataset, const std::string& value) {
    iim.insert(iim.end(), {0x1C, record, dataset, static_cast<std::uint8_t>(value.size() >> 8),
                           static_cast<std::uint8_t>(value.size() & 0xFF)});
    iim.insert(iim.end(), value.begin(), value.end());
}

/// IIM 4.2: 1:90 announces UTF-8 (ESC % G), 2:00 the record version 4.
Bytes composeIim(const RightsSheet& sheet, ComposedMetadata& out) {
    Bytes iim;
    addDataset(iim, 1, 90, "\x1B%G");
    addDataset(iim, 2, 0, std::string("\0\4", 2));
    for (const auto& creator : sheet.creators())
        addDataset(iim, 2, 80, cutForIim(creator, kIimCreatorBytes, "Creator", out));
    if (!sheet.copyrightNotice.empty())
        addDataset(iim, 2, 116, cutForIim(sheet.copyrightNotice, kIimNoticeBytes, "Copyright Notice", out));
    return iim;
}

void addResource(Bytes& resources, std::uint16_t id, const Bytes& data) {
    resources.insert(resources.end(), {'8', 'B', 'I', 'M', static_cast<std::uint8_t>(id >> 8),
                                       static_cast<std::uint8_t>(id & 0xFF), 0, 0});
    for (int shift = 24; shift >= 0; shift -= 8)
        resources.push_back(static_cast<std::uint8_t>(data.size() >> shift));
    resources.insert(resources.end(), data.begin(), data.end());
    if (data.size() % 2)
        resources.push_back(0);
}

void addSegment(Bytes& out, std::uint8_t marker, std::string_view header, ByteSpan payload) {
    const auto length = 2 + header.size() + payload.size();
    if (length > 0xFFFF)
        throw Problem(ProblemKind::Internal, {}, "metadata does not fit into one JPEG segment");
    out.insert(out.end(), {0xFF, marker, static_cast<std::uint8_t>(length >> 8),
                           static_cast<std::uint8_t>(length & 0xFF)});
    out.insert(out.end(), header.begin(), header.end());
    out.insert(out.end(), payload.begin(), payload.end());
}

ByteSpan spanOf(const std::string& text) {
    return {reinterpret_cast<const std::uint8_t*>(text.data()), text.size()};
}

/// JFIF 1.02 (ITU-T T.871) with the resolution in dots per inch, or a plain 1:1 shape when there is none.
void addJfif(Bytes& out, double pixelsPerMm) {
    const auto dpi = static_cast<unsigned>(std::lround(std::clamp(pixelsPerMm * 25.4, 0.0, 65535.0)));
    const std::uint8_t unit = dpi > 0 ? 1 : 0;
    const unsigned density = dpi > 0 ? dpi : 1;
    const auto high = static_cast<std::uint8_t>(density >> 8),
               low = static_cast<std::uint8_t>(density & 0xFF);
    const Bytes payload = {1, 2, unit, high, low, high, low, 0, 0};
    addSegment(out, 0xE0, std::string_view("JFIF\0", 5), payload);
}

/// In as many segments as it takes (ICC.1:2010, B.4).
void addProfile(Bytes& out, ByteSpan profile) {
    constexpr std::size_t most = 65000;
    const auto count = (profile.size() + most - 1) / most;
    if (count > 255)
        throw Problem(ProblemKind::TooLarge, {}, "the colour profile does not fit into a JPEG");
    for (std::size_t i = 0; i < count; ++i) {
        std::string header("ICC_PROFILE\0", 12);
        header += static_cast<char>(i + 1);
        header += static_cast<char>(count);
        addSegment(out, 0xE2, header, profile.subspan(i * most, std::min(most, profile.size() - i * most)));
    }
}

bool dropsSegment(std::uint8_t marker) {
    return (marker >= 0xE0 && marker <= 0xEF) || marker == 0xFE;
}

} // namespace

ComposedMetadata composeMetadata(const RightsSheet& sheet, const CopyFacts& facts) {
    ComposedMetadata out;
    out.exif = composeExif(sheet, facts);
    out.xmp = composeXmp(sheet, facts);
    if (sheet.writesAnything()) {
        out.artist = joined(sheet.creators());
        out.copyright = sheet.copyrightNotice;
        out.iim = composeIim(sheet, out);
        addResource(out.photoshop, 0x0404, out.iim);
        addResource(out.photoshop, 0x0425, md5(out.iim));
    }
    return out;
}

Bytes withMetadata(ByteSpan jpeg, const ComposedMetadata& metadata, ByteSpan iccProfile, double pixelsPerMm) {
    using namespace std::string_view_literals;
    if (jpeg.size() < 4 || jpeg[0] != 0xFF || jpeg[1] != 0xD8)
        throw Problem(ProblemKind::Internal, {}, "the encoder made no JPEG");
    Bytes rest;
    std::size_t at = 2;
    while (at + 4 <= jpeg.size() && jpeg[at] == 0xFF && jpeg[at + 1] != 0xDA) {
        const std::uint8_t marker = jpeg[at + 1];
        const std::size_t length = 2 + (static_cast<std::size_t>(jpeg[at + 2]) << 8 | jpeg[at + 3]);
        if (at + length > jpeg.size())
            throw Problem(ProblemKind::Internal, {}, "the encoder made a broken JPEG");
        if (!dropsSegment(marker))
            rest.insert(rest.end(), jpeg.begin() + at, jpeg.begin() + at + length);
        at += length;
    }
    Bytes out = {0xFF, 0xD8};
    out.reserve(jpeg.size() + metadata.exif.size() + metadata.xmp.size() + iccProfile.size() + 1024);
    addJfif(out, pixelsPerMm);
    addSegment(out, 0xE1, "Exif\0\0"sv, metadata.exif);
    if (!metadata.xmp.empty())
        addSegment(out, 0xE1, "http://ns.adobe.com/xap/1.0/\0"sv, spanOf(metadata.xmp));
    if (!metadata.photoshop.empty())
        addSegment(out, 0xED, "Photoshop 3.0\0"sv, metadata.photoshop);
    addProfile(out, iccProfile);
    out.insert(out.end(), rest.begin(), rest.end());
    out.insert(out.end(), jpeg.begin() + at, jpeg.end());
    return out;
}

} // namespace keepseal
