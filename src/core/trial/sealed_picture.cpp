// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "trial/sealed_picture.h"

namespace keepseal {

SealedPicture sealedPicture(std::string name, PreparedPtr seal, const Frame& framed,
                            const SealContext& context) {
    SealedPicture out;
    out.name = std::move(name);
    out.seal = std::move(seal);
    out.without = framed;
    if (!framed.isPlain()) {
        out.without = asEightBitSrgb(framed);
        flattenOnto(out.without, {255, 255, 255});
        out.without.picture = framed.picture;
        out.without.measure() = framed.measure();
    }
    out.with = out.without;
    out.drawn = drawSeal(*out.seal, out.with, context);
    out.placement =
        arrangeSeal(*out.seal, out.with.picture, out.with.size, out.drawn.decision.place, out.with.measure());
    return out;
}

SealedPicture sealedPicture(std::string name, const ByteSource& original, const CopyAsked& asked) {
    const auto before = beforeSeal(original, asked, kTrialSide);
    const auto& seal = before.stages.seal;
    return sealedPicture(std::move(name), before.ahead.prepared, before.frame,
                         {&seal.exception, nullptr, nullptr, seal.seed});
}

} // namespace keepseal
