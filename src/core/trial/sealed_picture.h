// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture with and without its seal, as trials need it: at a proof's size, as a screen shows it.
#pragma once

#include "render/before_seal.h"

#include <filesystem>
#include <string>

namespace keepseal {

struct SealedPicture {
    std::string name; ///< of its file, for sentences
    PreparedPtr seal;
    Frame without, with; ///< 8 bits, sRGB, opaque, of one size
    SealResult drawn;
    SealPlacement placement;

    bool isSealed() const { return !drawn.empty() && !drawn.decision.none; }
};

/// Long side of the frames that trials are made on, in pixels.
inline constexpr int kTrialSide = 1024;

/// As its copy would have it, read from its original. Throws Problem.
SealedPicture sealedPicture(std::string name, const ByteSource& original, const CopyAsked& asked);
/// `framed`: as the stage before the seal left it, of a proof of about kTrialSide.
SealedPicture sealedPicture(std::string name, PreparedPtr seal, const Frame& framed,
                            const SealContext& context = {});

} // namespace keepseal
