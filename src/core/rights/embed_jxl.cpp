// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEG XL's container: ISO/IEC 18181-2.
#include "rights/containers.h"
#include "rights/iso_boxes.h"

namespace keepseal {
namespace {

/// What the coder made: a codestream alone, or, where it has more than the format's level 5 (16 bits without
/// loss, say), one in a container that says so.
struct JxlParts {
    Bytes level;  ///< a whole box, or nothing
    Bytes stream; ///< whole boxes
};

JxlParts partsOf(ByteSpan bare) {
    JxlParts out;
    if (bare.size() >= 2 && bare[0] == 0xFF && bare[1] == 0x0A) { // ISO/IEC 18181-1, the signature
        addIsoBox(out.stream, "jxlc", bare);
        return out;
    }
    for (const auto& box : isoBoxesIn(bare)) {
        const bool stream = box.type == "jxlc" || box.type == "jxlp";
        auto& to = stream ? out.stream : out.level;
        if (stream || box.type == "jxll")
            to.insert(to.end(), box.whole.begin(), box.whole.end());
    }
    if (out.stream.empty())
        unexpectedBoxes();
    return out;
}

} // namespace

/// `bare` has its colours in itself.
Bytes embedInJpegXl(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras&) {
    const auto parts = partsOf(bare);
    Bytes out;
    addIsoBox(out, "JXL ", Bytes{0x0D, 0x0A, 0x87, 0x0A});
    addIsoBox(out, "ftyp", Bytes{'j', 'x', 'l', ' ', 0, 0, 0, 0, 'j', 'x', 'l', ' '});
    out.insert(out.end(), parts.level.begin(), parts.level.end());
    if (!metadata.exif.empty()) {
        Bytes exif(4); // where the TIFF header begins: at once
        exif.insert(exif.end(), metadata.exif.begin(), metadata.exif.end());
        addIsoBox(out, "Exif", exif);
    }
    if (!metadata.xmp.empty())
        addIsoBox(out, "xml ",
                  {reinterpret_cast<const std::uint8_t*>(metadata.xmp.data()), metadata.xmp.size()});
    out.insert(out.end(), parts.stream.begin(), parts.stream.end());
    return out;
}

} // namespace keepseal
