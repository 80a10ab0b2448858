// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "rights/containers.h"

namespace keepseal {
namespace {

constexpr std::uint8_t kIcc = 0x20, kAlpha = 0x10, kExif = 0x08, kXmp = 0x04;

std::uint32_t riffNumberAt(ByteSpan bytes, std::size_t at, int count = 4) {
    std::uint32_t out = 0;
    for (int i = 0; i < count; ++i)
        out |= std::uint32_t(bytes[at + static_cast<std::size_t>(i)]) << (8 * i);
    return out;
}

void addRiffNumber(Bytes& out, std::uint32_t value, int count = 4) {
    for (int i = 0; i < count; ++i)
        out.push_back(static_cast<std::uint8_t>(value >> (8 * i)));
}

void addRiffChunk(Bytes& out, std::string_view type, ByteSpan data) {
    out.insert(out.end(), type.begin(), type.end());
    addRiffNumber(out, static_cast<std::uint32_t>(data.size()));
    out.insert(out.end(), data.begin(), data.end());
    if (data.size() % 2)
        out.push_back(0);
}

[[noreturn]] void broken() {
    throw Problem(ProblemKind::Internal, {}, "the encoder made no WebP");
}

/// What the extended header must say of the picture.
struct Canvas {
    std::uint32_t width = 0, height = 0;
    bool alpha = false;
};

Canvas canvasOf(std::string_view type, ByteSpan data) {
    if (type == "VP8X" && data.size() >= 10)
        return {riffNumberAt(data, 4, 3) + 1, riffNumberAt(data, 7, 3) + 1, (data[0] & kAlpha) != 0};
    if (type == "VP8 " && data.size() >= 10) // RFC 6386, 9.1
        return {riffNumberAt(data, 6, 2) & 0x3FFFU, riffNumberAt(data, 8, 2) & 0x3FFFU, false};
    if (type == "VP8L" && data.size() >= 5) { // WebP lossless, 3
        const auto bits = riffNumberAt(data, 1);
        return {(bits & 0x3FFFU) + 1, (bits >> 14 & 0x3FFFU) + 1, (bits >> 28 & 1U) != 0};
    }
    broken();
}

} // namespace

Bytes embedInWebP(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras) {
    if (bare.size() < 20 || bare[0] != 'R' || bare[8] != 'W')
        broken();
    Canvas canvas;
    Bytes picture;
    for (std::size_t at = 12; at + 8 <= bare.size();) {
        const std::string_view type(reinterpret_cast<const char*>(bare.data()) + at, 4);
        const std::size_t length = riffNumberAt(bare, at + 4);
        if (at + 8 + length > bare.size())
            broken();
        const auto data = bare.subspan(at + 8, length);
        if (type == "VP8X" || ((type == "VP8 " || type == "VP8L") && canvas.width == 0))
            canvas = canvasOf(type, data);
        if (type == "VP8 " || type == "VP8L" || type == "ALPH")
            addRiffChunk(picture, type, data);
        at += 8 + length + length % 2;
    }
    Bytes flags(4);
    flags[0] =
        static_cast<std::uint8_t>((extras.iccProfile.empty() ? 0 : kIcc) | (canvas.alpha ? kAlpha : 0) |
                                  (metadata.exif.empty() ? 0 : kExif) | (metadata.xmp.empty() ? 0 : kXmp));
    addRiffNumber(flags, canvas.width - 1, 3);
    addRiffNumber(flags, canvas.height - 1, 3);
    Bytes body = {'W', 'E', 'B', 'P'};
    addRiffChunk(body, "VP8X", flags);
    if (!extras.iccProfile.empty())
        addRiffChunk(body, "ICCP", extras.iccProfile);
    body.insert(body.end(), picture.begin(), picture.end());
    if (!metadata.exif.empty())
        addRiffChunk(body, "EXIF", metadata.exif);
    if (!metadata.xmp.empty())
        addRiffChunk(body, "XMP ",
                     {reinterpret_cast<const std::uint8_t*>(metadata.xmp.data()), metadata.xmp.size()});
    Bytes out = {'R', 'I', 'F', 'F'};
    addRiffNumber(out, static_cast<std::uint32_t>(body.size()));
    out.insert(out.end(), body.begin(), body.end());
    return out;
}

} // namespace keepseal
