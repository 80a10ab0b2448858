// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/chain_plan.h"

#include "base/text.h"

namespace keepseal {
namespace {

BorderGround groundOf(const SizeSettings& settings, const Fitted& fit, double perMm) {
    BorderGround out;
    out.layout = movedTo(layOutBorder(settings.border, fit.borderFor, perMm), fit.padded());
    out.picture = {out.layout.inside.x + fit.padding.left, out.layout.inside.y + fit.padding.top,
                   fit.picture.width, fit.picture.height};
    out.padWith = settings.fit.padWith;
    out.padColour = settings.fit.padColour;
    return out;
}

} // namespace

bool ChainPlan::resampled() const {
    return cut.angle != 0 || fit.picture.width != static_cast<int>(fit.kept.width) ||
           fit.picture.height != static_cast<int>(fit.kept.height);
}

Notes ChainPlan::notes() const {
    Notes out;
    if (fit.enlargedTo > 100.5)
        addNote(out, {NoteKind::Enlarged, {}, {{"percent", trimmedNumber(fit.enlargedTo, 0)}}});
    if (!fit.missedSize.empty()) {
        const auto text = [](Size s) { return std::to_string(s.width) + " x " + std::to_string(s.height); };
        addNote(
            out,
            {NoteKind::SmallerThanAsked, {}, {{"has", text(sizes.fitted)}, {"asked", text(fit.missedSize)}}});
    }
    return out;
}

SizeSettings sizeSettings(const Delivery& delivery) {
    return {delivery.turn, delivery.fit, delivery.border};
}

ChainPlan planChain(const Delivery& delivery, Size upright, const TurnException& exception,
                    double ownPixelsPerMm) {
    return planChain(sizeSettings(delivery), upright, exception, ownPixelsPerMm);
}

ChainPlan planChain(const SizeSettings& settings, Size upright, const TurnException& exception,
                    double ownPixelsPerMm) {
    ChainPlan out;
    const auto& fit = settings.fit;
    // A stated resolution counts also where the pixels stay as they are.
    const bool states = fit.setResolution || (fit.on && fit.to == FitTo::Paper);
    out.pixelsPerMm = states ? fit.resolution / 25.4 : ownPixelsPerMm;
    out.printPerMm = out.pixelsPerMm > 0 ? out.pixelsPerMm : fit.resolution / 25.4;
    out.cut = cutOf(settings.turn, exception, upright);
    const EdgesOf edges = [&](Size inside) { return borderEdges(settings.border, inside, out.printPerMm); };
    out.fit = fitPicture(fit, out.cut.size(), settings.border.on ? edges : EdgesOf{});
    out.ground = groundOf(settings, out.fit, out.printPerMm);
    out.sizes = {upright, out.cut.size(), out.fit.padded(), out.ground.layout.whole};
    return out;
}

ChainSizes chainSizes(const Delivery& delivery, Size upright, const TurnException& exception) {
    return planChain(delivery, upright, exception).sizes;
}

} // namespace keepseal
