// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/paint_out.h"
#include "trial/trial.h"

#include <cmath>

namespace keepseal {

AttackResult paintedOut(const SealedPicture& picture) {
    AttackResult out{Attack::PaintedOut, true, 101, {}, {}};
    const auto mask = changedPixels(picture.without, picture.with);
    const char* by = "";
    for (const auto method : {PaintOut::FastMarching, PaintOut::NavierStokes}) {
        auto repaired = paintedOutBy(method, picture.with, mask);
        if (const double seen = repairSeen(picture.without, repaired, mask); seen < out.holds) {
            out.holds = seen;
            out.after = std::move(repaired);
            by = method == PaintOut::FastMarching ? toSay("fast marching") : toSay("Navier-Stokes");
        }
    }
    out.sentence = {out.holds < 25   ? "Painted out ({by}), hardly a trace is seen: {left} of 100."
                    : out.holds < 60 ? "Painted out ({by}), traces are seen: {left} of 100."
                                     : "Painted out ({by}), the repair is plain to see: {left} of 100.",
                    {{"by", by}, {"left", std::to_string(std::lround(out.holds))}}};
    return out;
}

} // namespace keepseal
