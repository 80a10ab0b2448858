// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The encoder's directory is written anew at the end of the file, with our tags in their places; the old one
// is blanked. Little-endian, one page, classic (TIFF 6.0) or with 64-bit offsets (BigTIFF, as published by
// AWare Systems and the libtiff project): what our encoder makes.
#include "base/problem.h"
#include "rights/containers.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace keepseal {
namespace {

enum TagType : std::uint16_t { kByte = 1, kShort = 3, kLong = 4, kRational = 5, kUndefined = 7, kLong8 = 16 };

/// Bytes of what the two kinds of file write differently.
struct Shape {
    bool big = false;
    int count() const { return big ? 8 : 2; }  ///< of entries, in a directory
    int offset() const { return big ? 8 : 4; } ///< also of a number of values, and of a value in its entry
    std::size_t entry() const { return big ? 20 : 12; }
    std::size_t firstAt() const { return big ? 8 : 4; } ///< where the file says where its directory is
};

struct Field {
    std::uint16_t type = kByte;
    std::uint64_t count = 0;
    Bytes value;           ///< when it is ours
    std::uint64_t raw = 0; ///< the four or eight bytes of the encoder's own
    bool ours = false;
};

std::uint64_t numberAt(ByteSpan bytes, std::size_t at, int count) {
    if (at > bytes.size() || static_cast<std::size_t>(count) > bytes.size() - at)
        throw Problem(ProblemKind::Internal, {}, "the encoder made a broken TIFF");
    std::uint64_t out = 0;
    for (int i = 0; i < count; ++i)
        out |= std::uint64_t(bytes[at + static_cast<std::size_t>(i)]) << (8 * i);
    return out;
}

void addNumber(Bytes& out, std::uint64_t value, int count) {
    for (int i = 0; i < count; ++i)
        out.push_back(static_cast<std::uint8_t>(value >> (8 * i)));
}

/// Only what a decoder needs.
bool isPictureTag(std::uint64_t tag) {
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
std::uint64_t addDirectory(Bytes& out, std::map<std::uint16_t, Field> fields, const Shape& shape) {
    const auto room = static_cast<std::size_t>(shape.offset());
    align(out);
    for (auto& [tag, field] : fields)
        if (field.ours && field.value.size() > room) {
            field.raw = out.size();
            out.insert(out.end(), field.value.begin(), field.value.end());
            align(out);
        } else if (field.ours) {
            field.value.resize(room);
            field.raw = numberAt(field.value, 0, shape.offset());
        }
    if (!shape.big && out.size() + fields.size() * shape.entry() + 16 > kMostOfClassicTiff)
        throw Problem(ProblemKind::Internal, {}, "the encoder made too long a TIFF of the old kind");
    const auto start = out.size();
    addNumber(out, fields.size(), shape.count());
    for (const auto& [tag, field] : fields) {
        addNumber(out, tag, 2);
        addNumber(out, field.type, 2);
        addNumber(out, field.count, shape.offset());
        addNumber(out, field.raw, shape.offset());
    }
    addNumber(out, 0, shape.offset());
    return start;
}

/// Exif's own and its GPS directory, where any of their tags stay.
void addSubDirectories(Bytes& out, std::map<std::uint16_t, Field>& fields, const ComposedMetadata& metadata,
                       const Shape& shape) {
    for (const auto& [kind, pointer] : {std::pair{IfdKind::Exif, 34665}, {IfdKind::Gps, 34853}}) {
        std::map<std::uint16_t, Field> inner;
        for (const auto& tag : metadata.tags)
            if (tag.ifd == kind)
                inner[tag.tag] = kept(tag);
        if (inner.empty())
            continue;
        Bytes where;
        addNumber(where, addDirectory(out, inner, shape), shape.offset());
        fields[static_cast<std::uint16_t>(pointer)] =
            shape.big ? ours(kLong8, where, 8) : ours(kLong, where, 4);
    }
}

Shape offsetsOf(ByteSpan bare) {
    const bool tiff = bare.size() >= 16 && bare[0] == 'I' && bare[1] == 'I';
    const auto version = tiff ? numberAt(bare, 2, 2) : 0;
    if (version != 42 && version != 43)
        throw Problem(ProblemKind::Internal, {}, "the encoder made no TIFF");
    return {version == 43};
}

/// What a decoder needs, from the encoder's own directory, which is blanked in `out`.
std::map<std::uint16_t, Field> takePictureFields(ByteSpan bare, Bytes& out, const Shape& shape) {
    const std::size_t directory = numberAt(bare, shape.firstAt(), shape.offset()),
                      count = numberAt(bare, directory, shape.count()),
                      first = directory + static_cast<std::size_t>(shape.count());
    std::map<std::uint16_t, Field> fields;
    for (std::size_t i = 0; i < count; ++i) {
        const auto at = first + shape.entry() * i;
        Field field;
        field.type = static_cast<std::uint16_t>(numberAt(bare, at + 2, 2));
        field.count = numberAt(bare, at + 4, shape.offset());
        field.raw = numberAt(bare, at + 4 + static_cast<std::size_t>(shape.offset()), shape.offset());
        if (const auto tag = numberAt(bare, at, 2); isPictureTag(tag))
            fields[static_cast<std::uint16_t>(tag)] = field;
    }
    const auto length = first - directory + shape.entry() * count + static_cast<std::size_t>(shape.offset());
    std::fill_n(out.begin() + static_cast<std::ptrdiff_t>(directory),
                std::min(out.size() - directory, length), std::uint8_t{0});
    return fields;
}

} // namespace

Bytes embedInTiff(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras) {
    const auto shape = offsetsOf(bare);
    Bytes out(bare.begin(), bare.end());
    auto fields = takePictureFields(bare, out, shape);
    addOurs(fields, metadata, extras);
    addSubDirectories(out, fields, metadata, shape);
    const auto start = addDirectory(out, fields, shape);
    for (std::size_t i = 0; i < static_cast<std::size_t>(shape.offset()); ++i)
        out[shape.firstAt() + i] = static_cast<std::uint8_t>(start >> (8 * i));
    return out;
}

} // namespace keepseal
