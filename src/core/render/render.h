// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One original through one chain: the only place that joins the stations. A proof and a copy come out of the
// same calls; a proof is merely smaller.
#pragma once

#include "border/draw.h"
#include "delivery/delivery.h"
#include "picture/develop.h"
#include "seal/draw.h"
#include "text/tokens.h"

#include <atomic>

namespace keepseal {

/// The pixel size of a picture after each station that changes it.
struct ChainSizes {
    Size original; ///< upright
    Size cut;      ///< turned and cropped
    Size fitted;   ///< with its padding
    Size whole;    ///< with its border: the copy's size
};

/// The way of one picture through one chain in numbers, before any pixel is touched.
struct ChainPlan {
    ChainSizes sizes;
    Cut cut;
    Fitted fit;
    BorderGround ground;
    double pixelsPerMm = 0; ///< to be stated in the file; 0: none
    double printPerMm = 0;  ///< what lengths on paper count with: the same, else the delivery's resolution
    bool resampled() const; ///< the copy has other pixels than the original
    /// What a person should know of the sizes.
    Notes notes() const;
};
/// `ownPixelsPerMm` is the resolution the original states, 0 when it states none.
ChainPlan planChain(const Delivery& delivery, Size upright, const TurnException& exception = {},
                    double ownPixelsPerMm = 0);
ChainSizes chainSizes(const Delivery& delivery, Size upright, const TurnException& exception = {});

/// The ICC profile the file station asks for; null for sRGB and for "as in the original". A grey one is for
/// encoding only. Throws Problem when the file can't be used. Files are read once and kept.
ColourSpacePtr outputSpace(const FileSettings& settings);

/// The picture alone, cut and resampled for a whole of `whole` pixels: the copy's own size for a copy, any
/// smaller size of its shape for a proof.
Frame renderBase(const ByteSource& original, const std::string& name, const PictureFacts& facts,
                 const Delivery& delivery, const ChainPlan& plan, Size whole, Notes* notes = nullptr,
                 const DecodedPtr& decoded = nullptr);
/// What renderBase asks of the decoder.
DevelopWish developWish(const Delivery& delivery, const ChainPlan& plan, Size whole);

/// The finish station, on what renderBase made. `seed` is of the grain.
void finishPicture(const Delivery& delivery, const ChainPlan& plan, std::uint64_t seed, Frame& frame);
/// The same for the same file name.
std::uint64_t grainSeed(const std::filesystem::path& original);

/// What one picture brings to the stations after the finish.
struct FinishContext {
    TextFacts facts;        ///< see text_facts.h
    SealContext seal;       ///< pointers stay the caller's
    PreparedPtr prepared{}; ///< the design laid out already, when it does not depend on the picture
};

struct FinishResult {
    SealResult seal;
    BorderResult border;
    Notes notes() const; ///< of both
};
/// The border alone.
BorderResult borderFrame(const Delivery& delivery, const ChainPlan& plan, const TextFacts& facts,
                         Frame& frame);
/// Border and seal.
FinishResult finishFrame(const Delivery& delivery, const ChainPlan& plan, Frame& frame,
                         const FinishContext& context = {});

/// Whether the words of seal or border hold tokens.
bool dependsOnPicture(const Delivery& delivery);

} // namespace keepseal
