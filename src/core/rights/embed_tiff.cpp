// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The encoder's directory is written anew at the end of the file, with our tags in their places; the old one
// is blanked. Little-endian, classic TIFF, one page: what our encoder makes.
#include "base/problem.h"
#include "rights/containers.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace keepseal {
namespace {

enum TagType : std::uint16_t { kByte = 1, kShort = 3, kLong = 4, kRational = 5, kUndefined = 7 };

struct Field {
    std::uint16_t type = kByte;
    std::uint32_t count = 0;
    Bytes value;           ///< when it is ours
    std::uint32_t raw = 0; ///< the four bytes of the encoder's own
    bool ours = false;
};

std::uint32_t numberAt(ByteSpan bytes, std::size_t at, int count) {
    if (at + static_cast<std::size_t>(count) > bytes.size())
        throw Problem(ProblemKind::Internal, {}, "the encoder made a broken TIFF");
    std::uint32_t out = 0;
    for (int i = 0; i < count; ++i)
        out |= std::uint32_t(bytes[at + static_cast<std::size_t>(i)]) << (8 * i);
    return out;
}

void addNumber(Bytes& out, std::uint32_t value, int count) {
    for (int i = 0; i < count; ++i)
        out.push_back(static_cast<std::uint8_t>(value >> (8 * i)));
}

/// Only what a decoder needs.
bool isPictureTag(std::uint32_t tag) {
    constexpr std::uint32_t tags[] = {254, 256, 257, 258, 259, 262, 266, 273, 277, 278, 279, 284,
                                      317, 320, 322, 323, 324, 325, 338, 339, 347, 530, 531, 532};
    return std::find(std::begin(tags), std::end(tags), tag) != std::end(tags);
}

Field ours(TagType type, Bytes value, std::uint32_t unit = 1) {
    Field out;
    out.type = type;
    out.count = static_cast<std::uint32_t>(value.size()) / unit;
    out.value = std::move(value);
    out.ours = true;
    return out;
}

Field kept(const ExifValue& tag) {
    Field out;
    out.type = static_cast<std::uint16_t>(tag.type);
    out.count = tag.count;
    out.value = tag.bytes;
    out.ours = true;
    return out;
}

Bytes perInch(double pixelsPerMm) {
    Bytes out;
    addNumber(out, static_cast<std::uint32_t>(std::lround(pixelsPerMm * 25.4 * 1000)), 4);
    addNumber(out, 1000, 4);
    return out;
}

void addOurs(std::map<std::uint16_t, Field>& fields, const ComposedMetadata& metadata,
             const EmbedExtras& extras) {
    fields[274] = ours(kShort, {1, 0}, 2); // upright
    if (extras.pixelsPerMm > 0) {
        fields[282] = fields[283] = ours(kRational, perInch(extras.pixelsPerMm), 8);
        fields[296] = ours(kShort, {2, 0}, 2);
    }
    for (const auto& tag : metadata.tags)
        if (tag.ifd == IfdKind::Image && !isPictureTag(tag.tag))
            fields[tag.tag] = kept(tag);
    if (!metadata.xmp.empty())
        fields[700] = ours(kByte, Bytes(metadata.xmp.begin(), metadata.xmp.end()));
    if (!metadata.iim.empty())
        fields[33723] = ours(kUndefined, metadata.iim);
    if (!extras.iccProfile.empty())
        fields[34675] = ours(kUndefined, Bytes(extras.iccProfile.begin(), extras.iccProfile.end()));
}

void align(Bytes& out) {
    if (out.size() % 2)
        out.push_back(0);
}

/// Values first, then the directory; returns where it begins.
std::uint32_t addDirectory(Bytes& out, std::map<std::uint16_t, Field> fields) {
    align(out);
    for (auto& [tag, field] : fields)
        if (field.ours && field.value.size() > 4) {
            field.raw = static_cast<std::uint32_t>(out.size());
            out.insert(out.end(), field.value.begin(), field.value.end());
            align(out);
        } else if (field.ours) {
            field.value.resize(4);
            field.raw = numberAt(field.value, 0, 4);
        }
    if (out.size() + fields.size() * 12 + 16 > 0xFFFFFFFFULL)
        throw Problem(ProblemKind::TooLarge, {}, "a TIFF holds no more than 4 GB",
                      "Choose a smaller size or another format");
    const auto start = static_cast<std::uint32_t>(out.size());
    addNumber(out, static_cast<std::uint32_t>(fields.size()), 2);
    for (const auto& [tag, field] : fields) {
        addNumber(out, tag, 2);
        addNumber(out, field.type, 2);
        addNumber(out, field.count, 4);
        addNumber(out, field.raw, 4);
    }
    addNumber(out, 0, 4);
    return start;
}

/// Exif's own and its GPS directory, where any of their tags stay.
void addSubDirectories(Bytes& out, std::map<std::uint16_t, Field>& fields, const ComposedMetadata& metadata) {
    for (const auto& [kind, pointer] : {std::pair{IfdKind::Exif, 34665}, {IfdKind::Gps, 34853}}) {
        std::map<std::uint16_t, Field> inner;
        for (const auto& tag : metadata.tags)
            if (tag.ifd == kind)
                inner[tag.tag] = kept(tag);
        if (inner.empty())
            continue;
        Bytes where;
        addNumber(where, addDirectory(out, inner), 4);
        fields[static_cast<std::uint16_t>(pointer)] = ours(kLong, where, 4);
    }
}

} // namespace

Bytes embedInTiff(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras) {
    if (bare.size() < 8 || bare[0] != 'I' || bare[1] != 'I' || numberAt(bare, 2, 2) != 42)
        throw Problem(ProblemKind::Internal, {}, "the encoder made no TIFF");
    const std::size_t directory = numberAt(bare, 4, 4), count = numberAt(bare, directory, 2);
    std::map<std::uint16_t, Field> fields;
    for (std::size_t i = 0; i < count; ++i) {
        const auto at = directory + 2 + 12 * i;
        Field field;
        field.type = static_cast<std::uint16_t>(numberAt(bare, at + 2, 2));
        field.count = numberAt(bare, at + 4, 4);
        field.raw = numberAt(bare, at + 8, 4);
        if (const auto tag = numberAt(bare, at, 2); isPictureTag(tag))
            fields[static_cast<std::uint16_t>(tag)] = field;
    }
    addOurs(fields, metadata, extras);
    Bytes out(bare.begin(), bare.end());
    std::fill_n(out.begin() + static_cast<std::ptrdiff_t>(directory),
                std::min(out.size() - directory, 2 + 12 * count + 4), std::uint8_t{0});
    addSubDirectories(out, fields, metadata);
    const auto start = addDirectory(out, fields);
    for (int i = 0; i < 4; ++i)
        out[static_cast<std::size_t>(4 + i)] = static_cast<std::uint8_t>(start >> (8 * i));
    return out;
}

} // namespace keepseal
