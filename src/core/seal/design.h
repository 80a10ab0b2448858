// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The design of a seal: what it says and how it looks, with no pixel in it. Every length is a percentage of
// the short side of the picture it is put on, so one design serves every size and shape.
#pragma once

#include "base/colour.h"
#include "base/setting.h"
#include "geometry/anchor.h"

namespace keepseal {

enum class SealFace { Sans, Serif, Script };
enum class SealWeight { Regular, Bold };

struct SealDesign {
    bool on = true;
    std::string text = "© your name";
    SealFace face = SealFace::Sans;
    SealWeight weight = SealWeight::Regular;
    double sizeOfShortSide = 4.5; ///< percent: the type size, from line to line of set text
    Rgb colour{255, 255, 255};
    double opacity = 75; ///< percent
    Anchor anchor = Anchor::BottomRight;
    double marginOfShortSide = 3.5; ///< percent: from the edge of the picture to the ink of the seal
    bool operator==(const SealDesign&) const = default;
};

const std::vector<Setting<SealDesign>>& sealSettings();

} // namespace keepseal
