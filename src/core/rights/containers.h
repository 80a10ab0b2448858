// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Puts composed metadata, a colour profile and a resolution into a bare encoded picture. Whatever metadata
// the encoder wrote by itself is dropped. Each container by its own standard: JPEG (ITU-T T.81 with JFIF,
// Exif and the XMP specification part 3), PNG 1.2 with eXIf, TIFF 6.0 and BigTIFF, WebP (RFC 9649), AVIF
// (HEIF items), JPEG XL (ISO/IEC 18181-2).
#pragma once

#include "rights/compose.h"

namespace keepseal {

struct EmbedExtras {
    ByteSpan iccProfile;    ///< empty: none
    double pixelsPerMm = 0; ///< 0: none is stated
};

/// Bytes that the offsets of TIFF 6.0 reach.
inline constexpr std::uint64_t kMostOfClassicTiff = 0xFFFF'FFFF;

/// All throw Problem(Internal) when `bare` is no such picture or the metadata does not fit.
Bytes embedInJpeg(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras);
Bytes embedInPng(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras);
/// A file of 64-bit offsets stays one.
Bytes embedInTiff(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras);
Bytes embedInWebP(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras);
/// These two have their colours from the encoder, and no place for a resolution but Exif.
Bytes embedInAvif(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras);
Bytes embedInJpegXl(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras);

} // namespace keepseal
