// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "trial/one_look.h"

namespace keepseal {
namespace {

/// What a person may see of it: rounded as the readings are.
bool reaches(const SealedPicture& picture, bool dark, double halo) {
    auto decision = picture.drawn.decision;
    const auto& design = picture.seal->design;
    decision.dark = dark;
    decision.halo = halo;
    decision.plate = 0;
    decision.opacity = std::min(decision.opacity, design.opacity); // it may have been helped
    Frame frame = picture.without;
    SealContext context;
    context.decided = &decision;
    return drawSeal(*picture.seal, frame, context).readability >= askedContrast(design);
}

/// Readability is taken to grow with the halo.
std::optional<double> leastHalo(const SealedPicture& picture, bool dark) {
    const auto& halo = picture.seal->design.halo;
    const bool always = halo.when == HaloWhen::Always;
    double low = always ? halo.strength : 0;
    if (reaches(picture, dark, low))
        return low;
    if (halo.when == HaloWhen::Off || !reaches(picture, dark, 100))
        return std::nullopt;
    int below = static_cast<int>(std::floor(low / kHaloStep)), enough = static_cast<int>(100 / kHaloStep);
    while (enough - below > 1) {
        const int middle = (below + enough) / 2;
        (reaches(picture, dark, middle * kHaloStep) ? enough : below) = middle;
    }
    return enough * kHaloStep;
}

} // namespace

LeastHalos leastHalos(const SealedPicture& picture) {
    const auto tone = picture.seal->design.tone;
    LeastHalos out;
    if (tone != Tone::Dark)
        out[0] = leastHalo(picture, false);
    if (tone != Tone::Light)
        out[1] = leastHalo(picture, true);
    return out;
}

OneLook oneLook(const std::vector<LeastHalos>& pictures) {
    std::array<OneLook, 2> looks;
    for (std::size_t version = 0; version < 2; ++version) {
        looks[version].dark = version == 1;
        for (std::size_t i = 0; i < pictures.size(); ++i)
            if (const auto& least = pictures[i][version])
                looks[version].halo = std::max(looks[version].halo, *least);
            else
                looks[version].left.push_back(i);
    }
    const auto worse = [](const OneLook& look) { return std::pair(look.left.size(), look.halo); };
    return worse(looks[1]) < worse(looks[0]) ? looks[1] : looks[0];
}

void takeOver(const OneLook& look, SealDesign& design) {
    design.tone = look.dark ? Tone::Dark : Tone::Light;
    if (look.halo <= 0)
        return;
    design.halo.when = HaloWhen::Always;
    design.halo.strength = look.halo;
}

} // namespace keepseal
