// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/before_seal.h"

#include "geometry/fit.h"

namespace keepseal {

BeforeSeal beforeSeal(const ByteSource& original, const CopyAsked& asked, int side) {
    BeforeSeal out{{}, {}, lookAhead(asked)};
    out.stages = stagesOf(asked, out.ahead.words->facts, fitInside(asked.chain.sizes.whole, {side, side}));
    out.frame = out.stages.base.made(original, asked.facts);
    out.stages.finish.on(out.frame);
    out.stages.frame.on(out.frame);
    return out;
}

} // namespace keepseal
