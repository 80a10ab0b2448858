// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One original through one chain: the only place that joins the stations. A proof and a copy come out of the
// same calls; a proof is merely smaller.
#pragma once

#include "delivery/delivery.h"
#include "picture/develop.h"
#include "seal/draw.h"
#include "text/tokens.h"

#include <atomic>

namespace keepseal {

/// The pixel size of a picture after each station that changes it.
struct ChainSizes {
    Size original; ///< upright
    Size fitted;   ///< the copy's size, as long as there is no border
};
ChainSizes chainSizes(const Delivery& delivery, Size original);

/// The picture as it is before the seal is put on (turned, fitted, in sRGB), `size` pixels large: the copy's
/// own size for a copy, any smaller size of its shape for a proof.
Frame renderBase(const ByteSource& original, const std::string& name, const PictureFacts& facts,
                 const Delivery& delivery, Size size, std::string* warning = nullptr);

/// What one picture brings to the stations after the base.
struct FinishContext {
    TextFacts facts;        ///< see text_facts.h
    SealContext seal;       ///< pointers stay the caller's
    PreparedPtr prepared{}; ///< the design laid out already, when it does not depend on the picture
};

/// What the chain does on top of the base: everything that follows the drawing of pixels from the original.
SealResult finishFrame(const Delivery& delivery, Frame& frame, const FinishContext& context = {});

/// JPEG bytes with metadata composed from nothing. `notes` are for a person.
struct EncodedCopy {
    Bytes bytes;
    std::vector<std::string> notes;
};
/// `pixelsPerMm` is the resolution to state; 0 states none.
EncodedCopy encodeCopy(const Frame& frame, const Delivery& delivery, double pixelsPerMm);
/// The pixels as a PNG, for proofs on disk.
Bytes encodePng(const Frame& frame);
/// Only the JPEG coder, without metadata.
Bytes encodeJpeg(const Frame& frame, const FileSettings& settings);

} // namespace keepseal
