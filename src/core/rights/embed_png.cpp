// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "rights/containers.h"

#include <cmath>
#include <zlib.h>

namespace keepseal {
namespace {

void addBigNumber(Bytes& out, std::uint32_t value) {
    for (int shift = 24; shift >= 0; shift -= 8)
        out.push_back(static_cast<std::uint8_t>(value >> shift));
}

std::uint32_t bigNumberAt(ByteSpan bytes, std::size_t at) {
    return std::uint32_t(bytes[at]) << 24 | std::uint32_t(bytes[at + 1]) << 16 |
           std::uint32_t(bytes[at + 2]) << 8 | bytes[at + 3];
}

void addPngChunk(Bytes& out, std::string_view type, const Bytes& data) {
    addBigNumber(out, static_cast<std::uint32_t>(data.size()));
    const auto begin = out.size();
    out.insert(out.end(), type.begin(), type.end());
    out.insert(out.end(), data.begin(), data.end());
    addBigNumber(out, static_cast<std::uint32_t>(
                          ::crc32(0, out.data() + begin, static_cast<uInt>(out.size() - begin))));
}

Bytes textOf(std::string_view text) {
    return {text.begin(), text.end()};
}

void addPngProfile(Bytes& out, ByteSpan profile) {
    using namespace std::string_view_literals;
    Bytes data = textOf("ICC profile\0\0"sv); // its name, and zlib as the method
    uLongf length = ::compressBound(static_cast<uLong>(profile.size()));
    const auto begin = data.size();
    data.resize(begin + length);
    if (::compress2(data.data() + begin, &length, profile.data(), static_cast<uLong>(profile.size()), 9) !=
        Z_OK)
        throw Problem(ProblemKind::Internal, {}, "the colour profile could not be packed");
    data.resize(begin + length);
    addPngChunk(out, "iCCP", data);
}

void addMetadata(Bytes& out, const ComposedMetadata& metadata, const EmbedExtras& extras) {
    using namespace std::string_view_literals;
    if (!extras.iccProfile.empty())
        addPngProfile(out, extras.iccProfile);
    if (extras.pixelsPerMm > 0) {
        Bytes data;
        const auto perMetre = static_cast<std::uint32_t>(std::lround(extras.pixelsPerMm * 1000));
        addBigNumber(data, perMetre);
        addBigNumber(data, perMetre);
        data.push_back(1);
        addPngChunk(out, "pHYs", data);
    }
    if (!metadata.exif.empty())
        addPngChunk(out, "eXIf", metadata.exif);
    if (!metadata.xmp.empty()) {
        Bytes data =
            textOf("XML:com.adobe.xmp\0\0\0\0\0"sv); // not packed, no language, no translated keyword
        data.insert(data.end(), metadata.xmp.begin(), metadata.xmp.end());
        addPngChunk(out, "iTXt", data);
    }
}

bool isPictureChunk(std::string_view type) {
    return type == "PLTE" || type == "tRNS" || type == "IDAT" || type == "IEND";
}

} // namespace

Bytes embedInPng(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras) {
    constexpr std::size_t header = 8 + 25; // signature and IHDR
    if (bare.size() < header || bare[1] != 'P' || bare[12] != 'I')
        throw Problem(ProblemKind::Internal, {}, "the encoder made no PNG");
    Bytes out(bare.begin(), bare.begin() + header);
    out.reserve(bare.size() + metadata.xmp.size() + extras.iccProfile.size() + 1024);
    addMetadata(out, metadata, extras);
    for (std::size_t at = header; at + 12 <= bare.size();) {
        const std::size_t length = 12 + std::size_t{bigNumberAt(bare, at)};
        if (at + length > bare.size())
            throw Problem(ProblemKind::Internal, {}, "the encoder made a broken PNG");
        if (isPictureChunk({reinterpret_cast<const char*>(bare.data()) + at + 4, 4}))
            out.insert(out.end(), bare.begin() + static_cast<std::ptrdiff_t>(at),
                       bare.begin() + static_cast<std::ptrdiff_t>(at + length));
        at += length;
    }
    return out;
}

} // namespace keepseal
