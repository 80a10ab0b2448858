// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The way of one picture through one chain in numbers, before any pixel is touched.
#pragma once

#include "border/draw.h"
#include "delivery/delivery.h"
#include "geometry/cut.h"

namespace keepseal {

/// The pixel size of a picture after each station that changes it.
struct ChainSizes {
    Size original; ///< upright
    Size cut;      ///< turned and cropped
    Size fitted;   ///< with its padding
    Size whole;    ///< with its border: the copy's size
};

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
/// All settings that sizes depend on: equal ones, equal sizes.
struct SizeSettings {
    TurnSettings turn;
    FitSettings fit;
    BorderDesign border;
    bool operator==(const SizeSettings&) const = default;
};
SizeSettings sizeSettings(const Delivery& delivery);

/// `ownPixelsPerMm` is the resolution the original states, 0 when it states none.
ChainPlan planChain(const SizeSettings& settings, Size upright, const TurnException& exception = {},
                    double ownPixelsPerMm = 0);
ChainPlan planChain(const Delivery& delivery, Size upright, const TurnException& exception = {},
                    double ownPixelsPerMm = 0);
ChainSizes chainSizes(const Delivery& delivery, Size upright, const TurnException& exception = {});

} // namespace keepseal
