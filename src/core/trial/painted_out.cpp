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
            by = method == PaintOut::FastMarching ? "fast marching" : "Navier-Stokes";
        }
    }
    const auto shown = std::to_string(std::lround(out.holds));
    out.sentence =
        (out.holds < 25   ? "Painted out (" + std::string(by) + "), hardly a trace is seen: "
         : out.holds < 60 ? "Painted out (" + std::string(by) + "), traces are seen: "
                          : "Painted out (" + std::string(by) + "), the repair is plain to see: ") +
        shown + " of 100.";
    return out;
}

} // namespace keepseal
