// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From finished pixels to the bytes of a copy: JPEG, PNG, TIFF or WebP, with metadata composed from nothing.
#pragma once

#include "render/render.h"
#include "rights/apply.h"
#include "rights/mark.h"

namespace keepseal {

struct EncodedCopy {
    Bytes bytes;
    Notes notes; ///< what its containers had no room for
};

/// Whether a copy of this format gets a new preview: only Exif in a JPEG has a place for one.
bool hasNewPreview(const Delivery& delivery, Container format);

/// Told when the format can't hold that size.
std::optional<Note> limitNote(Container format, Size size);

/// `words` is all that the copy's metadata will say; `holds` what really stands on it.
EncodedCopy encodeCopy(const Frame& frame, const Delivery& delivery, const ChainPlan& plan, Container format,
                       const CopyWords& words, const CopyMark& holds);
/// Only the coder, without metadata.
Bytes encodePixels(const Frame& frame, const FileSettings& settings, Container format);
/// The same as a JPEG of that quality.
Bytes encodeJpeg(const Frame& frame, const FileSettings& settings);
/// The pixels as a screen shows them, as a PNG: for proofs on disk.
Bytes encodePng(const Frame& frame);

/// What a screen shows of a finished frame: 8-bit sRGB, grey where the delivery is. Transparency stays where
/// the first of its formats can hold it.
Frame screenFrame(const Frame& frame, const FileSettings& settings);

} // namespace keepseal
