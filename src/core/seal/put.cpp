// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/put.h"

#include "seal/readability.h"
#include "seal/seen.h"
#include "text/letters.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr int kBandRows = 256;   ///< a pattern over a whole picture is drawn this much at a time
constexpr double kFaintInk = 40; ///< percent: below it a relief is its edges

Rect movedBy(Rect rect, int dx, int dy) {
    rect.x += dx, rect.y += dy;
    return rect;
}

/// What a screen shows of the pixels under `area`, with where its first one lies.
struct Shown {
    Frame kept; ///< empty: the frame itself is as it is shown
    int x = 0, y = 0;
    const Frame& of(const Frame& frame) const { return kept.rgb.empty() ? frame : kept; }
};

Shown shownPart(const Frame& frame, const Rect& area) {
    Shown out;
    const Rect seen = intersection(area, {0, 0, frame.size.width, frame.size.height});
    if (frame.isPlain() || seen.empty())
        return out;
    out.kept = asEightBitSrgb(cutOut(frame, seen));
    flattenOnto(out.kept, {255, 255, 255});
    out.x = seen.x, out.y = seen.y;
    return out;
}

void mixAll(const PreparedSeal& seal, Frame& out, const SealLayers& layers, const SealDecision& decision) {
    mixLayer(out, layers.under, MixMode::Normal, decision.opacity);
    mixLayer(out, layers.mark, seal.design.mix, decision.opacity);
    mixLayer(out, layers.relief, MixMode::Normal, 100);
}

/// Letters in colours of their own among others: no version and no halo makes a yellow face readable, nor
/// need it; where it is all there is, it is what is measured.
std::vector<Box> ownColours(const PreparedSeal& seal, const SealPlacement& placement) {
    std::vector<Box> out;
    bool others = false;
    for (const auto& part : seal.parts) {
        others = others || part.logo || part.outline->hasLetters;
        if (part.outline)
            for (const auto& letter : part.outline->coloured)
                for (const auto& instance : placement.instances)
                    out.push_back(boundsOf(
                        instance.map.map(Box{letter.at.x + part.offset.x, letter.at.y + part.offset.y,
                                             letter.at.width, letter.at.height})));
    }
    return others ? out : std::vector<Box>();
}

} // namespace

Layer inkOf(const SealLayers& layers, double opacityPercent) {
    Layer out = layers.relief;
    if (out.empty())
        return layers.mark;
    for (std::size_t i = 0; i < out.argb.size(); ++i) {
        const auto mark = static_cast<std::uint32_t>((layers.mark.argb[i] >> 24) * opacityPercent / 100);
        out.argb[i] = std::max(out.argb[i] >> 24, mark) << 24;
    }
    return out;
}

bool isSeenNotRead(const SealDesign& design) {
    return design.arrangement == Arrangement::Repeat || (design.relief.on && design.opacity < kFaintInk);
}

double askedContrast(const SealDesign& design) {
    return isSeenNotRead(design) ? design.seen : design.readable;
}

Rect reachIn(const PreparedSeal& seal, const SealPlacement& placement, const Frame& frame) {
    return intersection(reachOf(seal, placement), {0, 0, frame.size.width, frame.size.height});
}

SealWorth putSeal(const PreparedSeal& seal, Frame& out, const Rect& reach, const SealPlacement& placement,
                  const SealDecision& decision, SealPainter& painter, int originX, int originY) {
    if (reach.empty())
        return {};
    const bool seen = isSeenNotRead(seal.design);
    const Rect there = movedBy(reach, -originX, -originY);
    Readability readability(there, placement.unit);
    SeenAllOver visibility(there, placement.unit);
    if (auto own = seen ? std::vector<Box>() : ownColours(seal, placement); !own.empty()) {
        for (auto& box : own)
            box.x -= originX, box.y -= originY;
        readability.leaveOut(std::move(own));
    }
    const int rows = seal.design.arrangement == Arrangement::Repeat ? kBandRows : reach.height;
    for (int y = reach.y; y < reach.bottom(); y += rows) {
        auto layers = painter.paint({reach.x, y, reach.width, std::min(rows, reach.bottom() - y)});
        for (auto* layer : {&layers.under, &layers.mark, &layers.relief})
            layer->area = movedBy(layer->area, -originX, -originY);
        if (layers.mark.empty()) {
            mixAll(seal, out, layers, decision);
            continue;
        }
        if (!seen) {
            mixAll(seal, out, layers, decision);
            const auto shown = shownPart(out, layers.mark.area);
            readability.add(shown.of(out), layers.mark, shown.x, shown.y);
            continue;
        }
        const Layer both = layers.relief.empty() ? Layer() : inkOf(layers, decision.opacity);
        const Layer& ink = layers.relief.empty() ? layers.mark : both;
        const auto without = shownPart(out, ink.area);
        visibility.before(without.of(out), ink, without.x, without.y);
        mixAll(seal, out, layers, decision);
        const auto with = shownPart(out, ink.area);
        visibility.after(with.of(out), ink, with.x, with.y);
    }
    if (!seen)
        return {readability.ratio(), readability.gap()};
    const double ratio = visibility.ratio();
    return {ratio, ratio};
}

} // namespace keepseal
