// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "rights/containers.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

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

/// Image resources too long for one segment go on in the next.
void addResources(Bytes& out, ByteSpan resources) {
    constexpr std::size_t most = 65000;
    for (std::size_t at = 0; at < resources.size(); at += most)
        addSegment(out, 0xED, std::string_view("Photoshop 3.0\0", 14),
                   resources.subspan(at, std::min(most, resources.size() - at)));
}

/// XMP specification part 3, 1.1.3.1: a second packet in chunks, each with the digest the first packet names.
void addExtendedXmp(Bytes& out, const std::string& packet, const std::string& digest) {
    constexpr std::size_t most = 65000;
    const auto number = [](std::size_t value) {
        std::string text;
        for (int shift = 24; shift >= 0; shift -= 8)
            text += static_cast<char>(value >> shift);
        return text;
    };
    for (std::size_t at = 0; at < packet.size(); at += most)
        addSegment(out, 0xE1,
                   std::string("http://ns.adobe.com/xmp/extension/\0", 35) + digest + number(packet.size()) +
                       number(at),
                   spanOf(packet.substr(at, most)));
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

Bytes embedInJpeg(ByteSpan jpeg, const ComposedMetadata& metadata, const EmbedExtras& extras) {
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
    out.reserve(jpeg.size() + metadata.exif.size() + metadata.xmp.size() + extras.iccProfile.size() + 1024);
    addJfif(out, extras.pixelsPerMm);
    addSegment(out, 0xE1, "Exif\0\0"sv, metadata.exif);
    const auto& packet = metadata.xmpExtended.empty() ? metadata.xmp : metadata.xmpMain;
    if (!packet.empty())
        addSegment(out, 0xE1, "http://ns.adobe.com/xap/1.0/\0"sv, spanOf(packet));
    addExtendedXmp(out, metadata.xmpExtended, metadata.xmpDigest);
    addResources(out, metadata.photoshop);
    addProfile(out, extras.iccProfile);
    out.insert(out.end(), rest.begin(), rest.end());
    out.insert(out.end(), jpeg.begin() + at, jpeg.end());
    return out;
}

} // namespace keepseal
