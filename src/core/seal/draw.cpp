// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/draw.h"

#include "base/text.h"
#include "seal/adapt.h"
#include "seal/logo.h"
#include "text/letters.h"

#include <cmath>

namespace keepseal {
namespace {

SealPlacement arranged(const PreparedSeal& seal, const Frame& frame, const SealPlace& place) {
    return arrangeSeal(seal, frame.picture, frame.size, place, frame.measure());
}

/// Of a pattern, the seal that stands nearest to the picture's middle.
Affine middlemost(const SealPlacement& placement, Point centre) {
    const Point middle{placement.area.x + placement.area.width / 2.0,
                       placement.area.y + placement.area.height / 2.0};
    const auto distance = [&](const SealInstance& instance) {
        const Point at = instance.map.map(centre);
        return std::hypot(at.x - middle.x, at.y - middle.y);
    };
    return std::min_element(placement.instances.begin(), placement.instances.end(),
                            [&](const auto& a, const auto& b) { return distance(a) < distance(b); })
        ->map;
}

/// The part's logo, where it has fewer pixels than it is drawn with at that unit (pixels of the copy).
std::optional<LogoNeed> needOf(const SealPart& part, const PreparedPart& prepared, double unit, bool dark) {
    const Size has = logoNativePixels(part.logo, dark);
    const double height = prepared.box.height * unit / 100;
    if (has.empty() || height <= has.height + 0.5)
        return std::nullopt;
    const double width = height * has.width / has.height;
    return LogoNeed{dark && !part.logo.darkFile.empty() ? part.logo.darkFile : part.logo.file,
                    has,
                    {static_cast<int>(std::ceil(width)), static_cast<int>(std::ceil(height))}};
}

/// The same of letters that are pictures: the typeface has only so many pixels for each.
std::optional<LogoNeed> lettersNeed(const PreparedPart& prepared, double unit) {
    for (const auto& letter : prepared.outline->coloured)
        if (const double height = letter.at.height * unit / 100; height > letter.size.height + 0.5)
            return LogoNeed{"letters in colours of their own",
                            letter.size,
                            {static_cast<int>(std::ceil(letter.at.width * unit / 100)),
                             static_cast<int>(std::ceil(height))}};
    return std::nullopt;
}

std::vector<LogoNeed> logoNeeds(const PreparedSeal& seal, double unit, bool dark) {
    std::vector<LogoNeed> out;
    for (const auto& prepared : seal.parts) {
        const auto& part = seal.design.parts[prepared.index];
        try {
            if (auto need = prepared.logo      ? needOf(part, prepared, unit, dark)
                            : prepared.outline ? lettersNeed(prepared, unit)
                                               : std::nullopt)
                out.push_back(std::move(*need));
        } catch (const Problem&) {
            continue; // told when the seal was laid out
        }
    }
    return out;
}

void tellNeeds(Notes& notes, const std::vector<LogoNeed>& needs) {
    const auto sizeText = [](Size s) { return std::to_string(s.width) + " x " + std::to_string(s.height); };
    for (const auto& need : needs)
        addNote(notes, {NoteKind::SealLogoEnlarged,
                        need.file,
                        {{"name", std::filesystem::path(need.file).filename().string()},
                         {"has", sizeText(need.has)},
                         {"needs", sizeText(need.needs)}}});
}

Note hardToRead(const SealDesign& design, double measured) {
    const bool seen = isSeenNotRead(design);
    const auto text = [seen](double ratio) { return trimmedNumber(ratio, seen ? 2 : 1); };
    const auto kind = design.holdBack ? NoteKind::SealUnreadable
                      : seen          ? NoteKind::SealHardToSee
                                      : NoteKind::SealHardToRead;
    return {kind, {}, {{"measured", text(measured)}, {"asked", text(askedContrast(design))}}};
}

/// A seal that was moved away, or reaches over the edge.
void tellWhere(Notes& notes, const PreparedSeal& seal, const SealPlacement& placement, Size whole,
               double cutOff) {
    if (placement.spreadOut)
        addNote(notes, {NoteKind::PatternSpread, {}, {{"most", std::to_string(kMaxInstances)}}});
    if (seal.design.arrangement != Arrangement::Single || placement.instances.empty())
        return;
    if (placement.onCaption)
        addNote(notes, {NoteKind::SealOnCaption, {}, {}});
    const Box box = boundsOf(placement.corners);
    const double width = std::min(box.right(), double(whole.width)) - std::max(box.x, 0.0),
                 height = std::min(box.bottom(), double(whole.height)) - std::max(box.y, 0.0);
    const double share =
        width <= 0 || height <= 0 ? 0 : width * height / std::max(1e-9, box.width * box.height);
    if (share < 0.02)
        addNote(notes, {NoteKind::SealOffPicture, {}, {}});
    else if (share < 0.97)
        addNote(notes, {NoteKind::SealCutOff, {}, {}});
    else if (cutOff > 0 && (box.x < cutOff || box.y < cutOff || box.right() > whole.width - cutOff ||
                            box.bottom() > whole.height - cutOff))
        addNote(notes, {NoteKind::SealInBleed, {}, {}});
}

/// A number of -1 to 1 that is the same for the same seed: the next of it (Steele, Lea and Flood, "Fast
/// splittable pseudorandom number generators", 2014).
double restlessStep(std::uint64_t& state) {
    state += 0x9E3779B97F4A7C15ULL;
    std::uint64_t z = state;
    z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9ULL;
    z = (z ^ (z >> 27)) * 0x94D049BB133111EBULL;
    z ^= z >> 31;
    return static_cast<double>(z >> 11) / static_cast<double>(1ULL << 52) - 1;
}

struct Restless {
    Point nudge, phase;
    double sizeBy = 1, turn = 0, opacityBy = 1;
};

Restless restlessness(const SealDesign& design, std::uint64_t seed) {
    Restless out;
    if (design.restless <= 0)
        return out;
    const double much = design.restless / 100;
    const auto step = [&seed, much](double most) { return restlessStep(seed) * most * much; };
    out.nudge.x = step(3), out.nudge.y = step(3);
    out.sizeBy = 1 + step(0.125);
    out.turn = step(6);
    out.opacityBy = 1 + step(0.125);
    out.phase.x = step(50), out.phase.y = step(50);
    return out;
}

SealPlace placeFor(const SealDesign& design, const SealException* exception, std::uint64_t seed) {
    auto out = placeOf(design);
    const auto restless = restlessness(design, seed);
    out.nudge = restless.nudge, out.phase = restless.phase;
    out.sizeBy = restless.sizeBy, out.turn = restless.turn;
    if (!exception)
        return out;
    out.nudge.x += exception->nudge.x, out.nudge.y += exception->nudge.y;
    if (exception->anchor) {
        out.anchor = *exception->anchor;
        out.atPoint = false;
    }
    return out;
}

SealDecision decide(const PreparedSeal& seal, const Frame& frame, const SealContext& context,
                    SealPaintings& paintings, std::optional<SealTrial>& finished) {
    const auto* exception = context.exception;
    const auto& design = seal.design;
    SealDecision out;
    out.place = placeFor(design, exception, context.seed);
    out.dark = design.tone == Tone::Dark;
    out.halo = design.halo.when == HaloWhen::Always ? design.halo.strength : 0;
    out.opacity =
        std::clamp(std::round(design.opacity * restlessness(design, context.seed).opacityBy), 1.0, 100.0);
    if (exception) {
        out.none = exception->none;
        out.dark = exception->dark.value_or(out.dark);
        out.opacity = exception->opacity.value_or(out.opacity);
    }
    if (out.none || seal.empty())
        return out;
    const bool advised = design.placing == Placing::Advised && design.arrangement != Arrangement::Repeat;
    const Frame& decidedOn = context.decidedOn ? *context.decidedOn : frame;
    if (advised && !(exception && exception->anchor)) {
        const auto advice = advise(seal, decidedOn);
        out.place.anchor = advice.best;
        out.place.atPoint = false;
        out.why = advice.why;
    }
    finished = adaptSeal(seal, decidedOn, exception, out, paintings);
    if (context.decidedOn)
        finished.reset(); // it is of other pixels
    return out;
}

} // namespace

Notes sealNotes(const PreparedSeal& seal, const Rect& picture, Size whole, const CopyMeasure& measure,
                const SealException* exception, std::uint64_t seed, double cutOff) {
    if (!seal.design.on || (exception && exception->none))
        return {};
    Notes out = seal.notes;
    if (seal.empty() || picture.empty())
        return out;
    const auto placement = arrangeSeal(seal, picture, whole, placeFor(seal.design, exception, seed), measure);
    if (placement.madeSmaller)
        addNote(out, {NoteKind::SealMadeSmaller, {}, {}});
    const auto tone =
        exception && exception->dark ? (*exception->dark ? Tone::Dark : Tone::Light) : seal.design.tone;
    if (tone != Tone::Dark)
        tellNeeds(out, logoNeeds(seal, placement.unit, false));
    if (tone != Tone::Light)
        tellNeeds(out, logoNeeds(seal, placement.unit, true));
    tellWhere(out, seal, placement, whole, cutOff);
    return out;
}

SealResult drawSeal(const PreparedSeal& seal, Frame& frame, const SealContext& context) {
    SealResult out;
    out.notes = seal.notes;
    if (seal.empty() || frame.picture.empty())
        return out;
    SealPaintings ownPaintings;
    auto& paintings = context.paintings ? *context.paintings : ownPaintings;
    std::optional<SealTrial> finished;
    out.decision = context.decided ? *context.decided : decide(seal, frame, context, paintings, finished);
    if (out.decision.none) {
        out.notes.clear();
        return out;
    }
    const auto placement = arranged(seal, frame, out.decision.place);
    if (placement.instances.empty()) {
        addNote(out.notes, {NoteKind::SealOffPicture, {}, {}});
        return out;
    }
    out.count = placement.instances.size();
    out.map = middlemost(placement, seal.box.centre());
    out.corners = placement.corners;
    out.box = boundsOf(placement.corners);
    out.unit = placement.unit;
    out.madeSmaller = placement.madeSmaller;
    out.madeLarger = placement.madeLarger;
    out.overShare = placement.overShare;
    if (context.ground)
        *context.ground = groundUnder(frame, out.box);
    const Rect reach = finished ? finished->reach : reachIn(seal, placement, frame);
    if (context.bring)
        context.bring(frame, reach);
    if (context.before)
        *context.before = pixelsUnder(frame, reach);
    if (finished) {
        putInto(frame, finished->part, reach.x, reach.y);
        out.readability = finished->worth.ratio;
    } else {
        auto& painters = paintings.painters(SealPaintings::On::Picture, seal, placement);
        out.readability =
            putSeal(seal, frame, reach, placement, out.decision, painters.of(versionOf(out.decision))).ratio;
    }
    const double asked = askedContrast(seal.design);
    out.seenNotRead = isSeenNotRead(seal.design);
    out.belowReadable = out.readability > 0 && out.readability < asked - (out.seenNotRead ? 0.005 : 0.05);
    out.enlarged = logoNeeds(seal, out.unit / frame.scale, out.decision.dark);
    tellNeeds(out.notes, out.enlarged);
    tellWhere(out.notes, seal, placement, frame.size, 0); // a bleed is told ahead
    if (out.madeSmaller)
        addNote(out.notes, {NoteKind::SealMadeSmaller, {}, {}});
    if (out.belowReadable)
        addNote(out.notes, hardToRead(seal.design, out.readability));
    return out;
}

SealResult drawSeal(const SealDesign& design, Frame& frame, const SealContext& context) {
    return drawSeal(*prepareSeal(design), frame, context);
}

} // namespace keepseal
