// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Composes a copy's metadata from nothing: XMP (ISO 16684-1), Exif 2.32 and IIM 4.2 in step, plus what is
// technical (sRGB, upright, resolution). Nothing is ever taken over from the original as a block.
#pragma once

#include "base/byte_source.h"
#include "rights/sheet.h"

#include <string>
#include <vector>

namespace keepseal {

struct ComposedMetadata {
    Bytes exif;                     ///< a TIFF structure, without the "Exif" header
    std::string xmp;                ///< a whole packet
    Bytes photoshop;                ///< image resources holding IIM and its digest; empty without rights
    std::vector<std::string> notes; ///< what had to be cut, for a person
};

/// IIM counts bytes: a creator takes 32 (2:80), a notice 128 (2:116). Longer ones are cut there at a whole
/// character, stay whole in XMP and Exif, and are named in `notes`.
ComposedMetadata composeMetadata(const RightsSheet& sheet);

/// Puts the metadata, a resolution (0: none) and a colour profile (if given) into a bare JPEG right after its
/// first marker. Any metadata that `jpeg` already holds is dropped. Throws Problem(Internal) when it is no
/// JPEG.
Bytes withMetadata(ByteSpan jpeg, const ComposedMetadata& metadata, ByteSpan iccProfile, double pixelsPerMm);

} // namespace keepseal
