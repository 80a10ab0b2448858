// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The formats copies are saved in: one row each, in one file each. Settings, drawer, plan, names, encoding
// and the check of the finished file read the rows; none of them knows a format by name.
#pragma once

#include "base/setting.h"
#include "formats/own_values.h"
#include "geometry/size.h"
#include "picture/untouched.h"
#include "privacy/report.h"
#include "rights/containers.h"

#include <deque>
#include <optional>

namespace keepseal {

/// Finished pixels, as a coder takes them: rows from the top, samples side by side.
struct CopyPixels {
    Size size;
    int bands = 3;     ///< 1: grey, 3: red, green, blue; one more: opacity, behind the colours
    bool deep = false; ///< 16 bits a sample in the machine's order, else 8
    const void* samples = nullptr;
    ByteSpan profile{}; ///< ICC, what the numbers mean; empty: sRGB, or its greys
    std::size_t bytes() const {
        return static_cast<std::size_t>(size.pixels()) * static_cast<std::size_t>(bands) * (deep ? 2U : 1U);
    }
};

/// A finished file as a reader of its format finds it.
struct CopyReadBack {
    FileReport report;
    Size size;         ///< upright
    std::string fault; ///< why it is no such picture; empty when it is
};

struct OutputFormat {
    std::string key;           ///< as saved: "jpeg"
    std::string name;          ///< as shown: "JPEG"
    std::string ending;        ///< without its dot
    std::string help;          ///< one sentence
    int longestSide = 0;       ///< pixels; no copy is larger
    bool alpha = false;        ///< holds transparency
    bool sixteen = false;      ///< takes 16 bits a channel
    std::string bits{};        ///< the setting that says how many its files hold; empty: as many as it takes
    bool exif = true;          ///< has a place for Exif; XMP all have
    bool iim = false;          ///< has a place for IPTC-IIM
    bool pixelForPixel = true; ///< decoded it has the copy's own pixels; a page of paper has not
    bool untouched = false;    ///< can keep an original's own coefficients, see picture/untouched.h
    /// With these settings, an original's blocks may be rounded anew instead of being made of pixels: then
    /// how. Empty: never.
    std::function<std::optional<BlockCoding>(const OwnValues&)> blocksAnew{};
    bool preview = false; ///< has a place for a small preview of itself
    std::vector<OwnSetting> settings;
    std::string quality; ///< the setting that trades looks against bytes; empty: there is none
    /// Its own settings that cost time and nothing else, where the least bytes are wanted.
    OwnMap smallest{};
    /// And those that give the same pixels soonest, in more bytes.
    OwnMap quickest{};
    /// Pixels of each edge that are cut off the finished copy (a page with bleed) at its resolution, 0: none
    /// is stated; empty: nothing is.
    std::function<double(const OwnValues&, double pixelsPerMm)> cutOff;
    /// What the coder holds at once for each pixel, as measured, rounded up: bytes.
    std::function<int(const OwnValues&)> memory = [](const OwnValues&) { return 10; };

    /// Pixels alone; throws Problem(Internal).
    std::function<Bytes(const CopyPixels&, const OwnValues&)> encode;
    /// Words, profile and resolution into what `encode` made; throws Problem(Internal).
    std::function<Bytes(ByteSpan bare, const ComposedMetadata&, const EmbedExtras&)> embed;
    /// By other means than those that wrote it. Never throws for what is in the file.
    std::function<CopyReadBack(const ByteSource&)> readBack;
};

/// In the order in which they are shown. The rows stay where they are.
const std::deque<OutputFormat>& outputFormats();
/// Throws Problem(BadSetting) that lists what there is.
const OutputFormat& outputFormat(std::string_view key);
/// A format from elsewhere, behind the others. Only before the formats are asked for the first time: settings
/// tables are made from them once. Throws std::logic_error afterwards, and for a key there is.
void addOutputFormat(OutputFormat format);

/// The same for a file of boxes: each of them must be whole (ISO/IEC 14496-12, 4.2).
CopyReadBack readBoxesBack(const ByteSource& copy, Container expected);
/// How the formats that a picture reader of ours knows are read back.
CopyReadBack readPictureBack(const ByteSource& copy, Container expected);

} // namespace keepseal
