// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "metadata/packed.h"

#include "base/problem.h"

#include <nlohmann/json.hpp>
#include <zlib.h>

namespace keepseal {
namespace {

using nlohmann::json;

json packedField(const FieldValue& value) {
    auto out = json::array({json(value.items)}); // braces alone make an object of a pair of words
    if (!value.languages.empty())
        out.push_back(value.languages);
    return out;
}

FieldValue fieldOfPacked(const json& row) {
    FieldValue out(row.at(0).get<std::vector<std::string>>());
    if (row.size() > 1)
        out.languages = row.at(1).get<std::map<std::string, std::string>>();
    return out;
}

json packedTag(const ExifValue& tag) {
    return json::array({static_cast<int>(tag.ifd), tag.tag, tag.type, tag.count, json::binary(tag.bytes)});
}

ExifValue tagOfPacked(const json& row) {
    return {static_cast<IfdKind>(row.at(0).get<int>()), row.at(1).get<std::uint16_t>(), row.at(2).get<int>(),
            row.at(3).get<std::uint32_t>(), row.at(4).get_binary()};
}

/// Keys of one letter: they are in memory ten thousand times, and nobody reads them.
json packedOf(const Metadata& metadata) {
    json out;
    for (const auto& [key, value] : metadata.fields)
        out["f"][key] = packedField(value);
    for (const auto& tag : metadata.exif)
        out["e"].push_back(packedTag(tag));
    if (!metadata.history.empty())
        out["h"] = metadata.history;
    out["t"] = json::array(
        {metadata.takenAt, metadata.takenOffset, metadata.camera, metadata.serial, metadata.label});
    if (metadata.rating)
        out["r"] = *metadata.rating;
    if (metadata.point)
        out["p"] = json::array({metadata.point->latitude, metadata.point->longitude});
    if (!metadata.placeNames.empty())
        out["w"] = metadata.placeNames;
    if (!metadata.notes.empty())
        out["n"] = toJson(metadata.notes);
    out["s"] = metadata.sidecar.native();
    return out;
}

Metadata metadataOfPacked(const json& packed) {
    Metadata out;
    if (packed.contains("f"))
        for (const auto& [key, value] : packed.at("f").items())
            out.fields.emplace(key, fieldOfPacked(value));
    if (packed.contains("e"))
        for (const auto& tag : packed.at("e"))
            out.exif.push_back(tagOfPacked(tag));
    out.history = packed.value("h", out.history);
    const auto& texts = packed.at("t");
    std::size_t next = 0;
    for (auto* text : {&out.takenAt, &out.takenOffset, &out.camera, &out.serial, &out.label})
        texts.at(next++).get_to(*text);
    if (packed.contains("r"))
        out.rating = packed.at("r").get<int>();
    if (packed.contains("p"))
        out.point = GeoPoint{packed.at("p").at(0), packed.at("p").at(1)};
    out.placeNames = packed.value("w", out.placeNames);
    if (packed.contains("n"))
        out.notes = notesFromJson(packed.at("n"));
    out.sidecar = packed.at("s").get<std::string>();
    return out;
}

} // namespace

PackedMetadata::PackedMetadata(const Metadata& metadata) {
    const auto plain = json::to_cbor(packedOf(metadata));
    m_length = plain.size();
    uLongf length = compressBound(plain.size());
    m_packed.resize(length);
    if (compress2(m_packed.data(), &length, plain.data(), plain.size(), Z_BEST_SPEED) != Z_OK)
        throw Problem(ProblemKind::Internal, {}, "metadata could not be packed");
    m_packed.resize(length);
    m_packed.shrink_to_fit();
}

Metadata PackedMetadata::unpacked() const {
    if (m_packed.empty())
        return {};
    Bytes plain(m_length);
    uLongf length = plain.size();
    if (uncompress(plain.data(), &length, m_packed.data(), m_packed.size()) != Z_OK || length != m_length)
        throw Problem(ProblemKind::Internal, {}, "packed metadata came out damaged");
    return metadataOfPacked(json::from_cbor(plain));
}

} // namespace keepseal
