// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/compose.h"

#include "base/fingerprint.h"
#include "base/text.h"
#include "rights/compose_xmp.h"

#include <exiv2/exiv2.hpp>

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

/// Exif in a JPEG lies in one segment of 64 kB: no text may fill it.
constexpr std::size_t kMaxExifText = 12'000;
/// The largest packet that is one segment, with room for its header.
constexpr std::size_t kMaxPacket = 65'000;

std::string joined(const std::vector<std::string>& parts) {
    std::string out;
    for (const auto& part : parts)
        out += (out.empty() ? "" : "; ") + part;
    return out;
}

ExifValue textTag(std::uint16_t tag, const std::string& text) {
    Bytes bytes(text.begin(), text.end());
    bytes.push_back(0);
    return {IfdKind::Image, tag, 2, static_cast<std::uint32_t>(bytes.size()), std::move(bytes)};
}

/// The fields Exif has a place for, and the original's own tags that stay.
std::vector<ExifValue> exifTags(const CopyWords& words, ComposedMetadata& out) {
    std::vector<ExifValue> tags;
    for (const auto& field : metadataFields()) {
        const auto value = words.fields.find(field.key);
        if (!field.exifTag || value == words.fields.end() || value->second.items.empty())
            continue;
        const auto whole = joined(value->second.items);
        const auto text = cutUtf8(whole, kMaxExifText);
        if (text.size() < whole.size())
            addNote(out.notes, {NoteKind::OverExif, field.key, {{"field", field.label}}});
        tags.push_back(textTag(field.exifTag, text));
    }
    tags.insert(tags.end(), words.exif.begin(), words.exif.end());
    return tags;
}

void addTag(Exiv2::ExifData& exif, const ExifValue& tag) {
    const char* group = tag.ifd == IfdKind::Gps ? "GPSInfo" : tag.ifd == IfdKind::Exif ? "Photo" : "Image";
    auto value = Exiv2::Value::create(static_cast<Exiv2::TypeId>(tag.type));
    if (value->read(tag.bytes.data(), static_cast<long>(tag.bytes.size()), Exiv2::littleEndian) == 0)
        exif.add(Exiv2::ExifKey(tag.tag, group), value.get());
}

Bytes composeExif(const std::vector<ExifValue>& tags, const CopyFacts& facts) {
    Exiv2::ExifData exif;
    for (const auto& tag : tags)
        addTag(exif, tag);
    exif["Exif.Image.Orientation"] = std::uint16_t(1);
    exif["Exif.Image.YCbCrPositioning"] = std::uint16_t(1);
    exif["Exif.Photo.ExifVersion"] = "48 50 51 50"; // "0232", in figures as Exiv2 takes undefined bytes
    exif["Exif.Photo.FlashpixVersion"] = "48 49 48 48";
    exif["Exif.Photo.ComponentsConfiguration"] = "1 2 3 0";
    if (!facts.size.empty()) {
        exif["Exif.Photo.PixelXDimension"] = static_cast<std::uint32_t>(facts.size.width);
        exif["Exif.Photo.PixelYDimension"] = static_cast<std::uint32_t>(facts.size.height);
    }
    exif["Exif.Photo.ColorSpace"] = std::uint16_t(facts.srgb ? 1 : 0xFFFF);
    if (facts.pixelsPerMm > 0) {
        const auto perInch =
            Exiv2::URational(static_cast<std::uint32_t>(std::lround(facts.pixelsPerMm * 25.4 * 1000)), 1000);
        exif["Exif.Image.XResolution"] = perInch;
        exif["Exif.Image.YResolution"] = perInch;
        exif["Exif.Image.ResolutionUnit"] = std::uint16_t(2);
    }
    if (!facts.preview.empty())
        Exiv2::ExifThumb(exif).setJpegThumbnail(facts.preview.data(),
                                                static_cast<long>(facts.preview.size()));
    Exiv2::Blob blob;
    Exiv2::ExifParser::encode(blob, Exiv2::littleEndian, exif);
    return {blob.begin(), blob.end()};
}

void addDataset(Bytes& iim, std::uint8_t record, std::uint8_t dataset, const std::string& value) {
    iim.insert(iim.end(), {0x1C, record, dataset, static_cast<std::uint8_t>(value.size() >> 8),
                           static_cast<std::uint8_t>(value.size() & 0xFF)});
    iim.insert(iim.end(), value.begin(), value.end());
}

/// IIM 4.2: 1:90 announces UTF-8 (ESC % G), 2:00 the record version 4. Empty when no field has a place in it.
Bytes composeIim(const CopyWords& words, ComposedMetadata& out) {
    Bytes iim;
    addDataset(iim, 1, 90, "\x1B%G");
    addDataset(iim, 2, 0, std::string("\0\4", 2));
    bool any = false;
    for (const auto& field : metadataFields()) {
        const auto value = words.fields.find(field.key);
        if (!field.iimDataset || value == words.fields.end())
            continue;
        for (const auto& item : value->second.items) {
            const auto cut = cutUtf8(item, field.iimBytes);
            if (cut.size() < item.size())
                addNote(out.notes, {NoteKind::OverIim,
                                    field.key,
                                    {{"field", field.label},
                                     {"bytes", std::to_string(field.iimBytes)},
                                     {"over", std::to_string(overIimLimit(field, value->second))},
                                     {"whole", field.exifTag ? "XMP and Exif hold" : "XMP holds"}}});
            addDataset(iim, 2, static_cast<std::uint8_t>(field.iimDataset), cut);
            any = true;
        }
    }
    return any ? iim : Bytes{};
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

/// A packet that is too long for one segment of a JPEG, in two: what the picture shows goes to the second.
void splitXmp(const CopyWords& words, const CopyFacts& facts, ComposedMetadata& out) {
    CopyWords first = words, second;
    for (auto field = first.fields.begin(); field != first.fields.end();) {
        const auto* info = metadataField(field->first);
        const bool moves = info->category == Category::Description || field->second.typed().size() > 4000;
        if (moves)
            second.fields.insert(*field);
        field = moves ? first.fields.erase(field) : std::next(field);
    }
    out.xmpExtended = composeXmp(second, {}, {});
    const auto digest =
        md5(ByteSpan(reinterpret_cast<const std::uint8_t*>(out.xmpExtended.data()), out.xmpExtended.size()));
    out.xmpDigest = hexText(digest.data(), digest.size());
    for (char& c : out.xmpDigest)
        c = c >= 'a' && c <= 'f' ? static_cast<char>(c - 'a' + 'A') : c;
    out.xmpMain = composeXmp(first, facts.mark, out.xmpDigest);
}

} // namespace

ComposedMetadata composeMetadata(const CopyWords& words, const CopyFacts& facts) {
    ComposedMetadata out;
    out.tags = exifTags(words, out);
    out.exif = composeExif(out.tags, facts);
    out.xmp = composeXmp(words, facts.mark, {});
    if (out.xmp.size() > kMaxPacket)
        splitXmp(words, facts, out);
    out.iim = composeIim(words, out);
    if (!out.iim.empty()) {
        addResource(out.photoshop, 0x0404, out.iim);
        addResource(out.photoshop, 0x0425, md5(out.iim));
    }
    return out;
}

} // namespace keepseal
