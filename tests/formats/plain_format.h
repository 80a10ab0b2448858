// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A format that the program does not ship: the portable pixel map (as "P6" bytes or "P3" digits), its XMP
// packet behind the pixels. What stands in this file, and one line in a registry, is all that a format takes.
#pragma once

#include "formats/output_format.h"

#include <cstdio>
#include <cstring>

namespace keepseal::test {

inline Bytes encodePlain(const CopyPixels& pixels, const OwnValues& own) {
    const bool digits = own.choice("plain_rows") == "digits";
    std::string out = (digits ? "P3\n" : "P6\n") + std::to_string(pixels.size.width) + " " +
                      std::to_string(pixels.size.height) + "\n255\n";
    const auto* samples = static_cast<const std::uint8_t*>(pixels.samples);
    for (std::int64_t i = 0; i < pixels.size.pixels() * 3; ++i) {
        const auto value = samples[pixels.bands == 1 ? i / 3 : i];
        if (digits)
            out += std::to_string(value) + "\n";
        else
            out += static_cast<char>(value);
    }
    return {out.begin(), out.end()};
}

inline Bytes embedInPlain(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras&) {
    Bytes out(bare.begin(), bare.end());
    out.insert(out.end(), metadata.xmp.begin(), metadata.xmp.end());
    return out;
}

inline CopyReadBack readPlainBack(const ByteSource& copy) {
    CopyReadBack out;
    const auto bytes = copy.bytes(0, copy.size());
    const std::string text(bytes.begin(), bytes.end());
    int width = 0, height = 0;
    if (std::sscanf(text.c_str(), "P%*1[36]\n%d %d\n255\n", &width, &height) != 2) {
        out.fault = "it is no pixel map";
        return out;
    }
    out.size = {width, height};
    if (const auto packet = text.find("<?xpacket begin"); packet != std::string::npos)
        out.report = inspectXmp(std::string_view(text).substr(packet));
    return out;
}

inline OutputFormat plainFormat() {
    OutputFormat out;
    out.key = "plain", out.name = "Pixel map", out.ending = "ppm";
    out.help = "Every pixel as it is; for programs.";
    out.longestSide = 5000;
    out.exif = false;
    out.settings = {ownChoice("plain_rows", "Rows", "bytes", {{"bytes", "Bytes"}, {"digits", "Digits"}},
                              "Digits can be read by people.")};
    out.encode = encodePlain;
    out.embed = embedInPlain;
    out.readBack = readPlainBack;
    return out;
}

} // namespace keepseal::test
