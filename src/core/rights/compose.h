// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Composes a copy's metadata from nothing: XMP (ISO 16684-1), Exif 2.32 and IIM 4.2 in step, plus what is
// technical (sRGB, upright, resolution). Nothing is ever taken over from the original as a block.
#pragma once

#include "base/byte_source.h"
#include "base/note.h"
#include "geometry/size.h"
#include "rights/apply.h"
#include "rights/mark.h"

#include <optional>
#include <string>
#include <vector>

namespace keepseal {

struct ComposedMetadata {
    Bytes exif;                                  ///< a TIFF structure, without the "Exif" header
    std::string xmp;                             ///< a whole packet
    std::string xmpMain, xmpExtended, xmpDigest; ///< the same in two, for JPEG, when it is over 64 kB
    Bytes iim;                                   ///< datasets alone, as TIFF holds them
    std::vector<ExifValue> tags; ///< what `exif` says, for TIFF, which holds them as tags of its own
    Bytes photoshop;             ///< image resources holding IIM and its digest; empty without rights
    Notes notes;                 ///< what had to be cut
};

/// What a copy's metadata says besides rights.
struct CopyFacts {
    bool srgb = true;       ///< Exif's ColorSpace: sRGB, else "uncalibrated" (the profile tells)
    double pixelsPerMm = 0; ///< 0: none is stated
    Size size{};            ///< of the copy; empty: not stated
    std::optional<CopyMark> mark;
    Bytes preview{}; ///< a small JPEG of the copy itself; empty: none
};

/// IIM counts bytes (a creator takes 32, a notice 128, see metadata/fields.h). Longer texts are cut there at
/// a whole character, stay whole in XMP and Exif, and are named in `notes`. Throws Problem(Internal).
ComposedMetadata composeMetadata(const CopyWords& words, const CopyFacts& facts = {});

} // namespace keepseal
