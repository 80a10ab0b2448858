// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/draw.h"

#include "base/text.h"
#include "seal/logo.h"
#include "seal/paint.h"
#include "seal/readability.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr int kBandRows = 256; ///< a pattern over a whole picture is drawn this much at a time

SealPlacement arranged(const PreparedSeal& seal, const Frame& frame, const SealPlace& place) {
    return arrangeSeal(seal, frame.picture, frame.size, place, frame.scale);
}

Rect movedMark(Rect rect, int dx, int dy) {
    rect.x += dx, rect.y += dy;
    return rect;
}

Rect reachIn(const PreparedSeal& seal, const SealPlacement& placement, const Frame& frame) {
    return intersection(reachOf(seal, placement), {0, 0, frame.size.width, frame.size.height});
}

/// Readability is measured on what a screen shows.
void measure(Readability& readability, const Frame& out, const Layer& mark) {
    if (out.isPlain() || mark.empty())
        return readability.add(out, mark);
    const Rect seen = intersection(mark.area, {0, 0, out.size.width, out.size.height});
    if (seen.empty())
        return;
    Frame part = asEightBitSrgb(cutOut(out, seen));
    flattenOnto(part, {255, 255, 255});
    readability.add(part, mark, seen.x, seen.y);
}

/// Mixes everything in `reach` in and returns how well it can be read. `out` holds the frame's pixels from
/// `origin` on.
double put(const PreparedSeal& seal, Frame& out, const Rect& reach, const SealPlacement& placement,
           const SealDecision& decision, int originX = 0, int originY = 0) {
    if (reach.empty())
        return 0;
    Readability readability(movedMark(reach, -originX, -originY), placement.unit);
    const int rows = seal.design.arrangement == Arrangement::Repeat ? kBandRows : reach.height;
    for (int y = reach.y; y < reach.bottom(); y += rows) {
        const Rect band{reach.x, y, reach.width, std::min(rows, reach.bottom() - y)};
        auto layers = paintSeal(seal, placement, {decision.dark, decision.halo}, band);
        for (auto* layer : {&layers.under, &layers.mark, &layers.relief})
            layer->area = movedMark(layer->area, -originX, -originY);
        mixLayer(out, layers.under, MixMode::Normal, decision.opacity);
        mixLayer(out, layers.mark, seal.design.mix, decision.opacity);
        mixLayer(out, layers.relief, MixMode::Normal, 100);
        measure(readability, out, layers.mark);
    }
    return readability.ratio();
}

/// A decision carried out on a copy of what lies under the seal.
struct Trial {
    SealDecision decision;
    Rect reach;
    Frame part;
    double ratio = 0;
};

/// Keeps the last trial: on a small picture it is the finished one already.
class Trials {
public:
    Trials(const PreparedSeal& seal, const Frame& frame, const SealPlacement& placement)
        : m_seal(seal), m_frame(frame), m_placement(placement) {}

    double operator()(const SealDecision& decision) {
        Trial trial;
        trial.decision = decision;
        trial.reach = reachIn(m_seal, m_placement, m_frame);
        const Rect& reach = trial.reach;
        if (reach.empty())
            return 0;
        trial.part = cutOut(m_frame, reach);
        trial.ratio = put(m_seal, trial.part, reach, m_placement, decision, reach.x, reach.y);
        m_done.push_back(std::move(trial));
        return m_done.back().ratio;
    }
    const Trial* of(const SealDecision& decision) const {
        for (const auto& trial : m_done)
            if (trial.decision == decision)
                return &trial;
        return nullptr;
    }

private:
    const PreparedSeal& m_seal;
    const Frame& m_frame;
    const SealPlacement& m_placement;
    std::vector<Trial> m_done;
};

void strengthen(const SealDesign& design, Trials& tried, SealDecision& decision) {
    double low = decision.opacity, high = std::max(low, design.strongest);
    SealDecision most = decision;
    most.opacity = high;
    if (tried(most) < design.readable) {
        decision.opacity = high; // as far as it may: the warning says that it is not enough
        return;
    }
    for (int step = 0; step < 6; ++step) {
        SealDecision middle = decision;
        middle.opacity = (low + high) / 2;
        (tried(middle) < design.readable ? low : high) = middle.opacity;
    }
    decision.opacity = std::ceil(high);
}

/// What takes effect only when the picture asks for it. Returns the trial that is the finished seal already,
/// if any.
std::optional<Trial> adapt(const PreparedSeal& seal, const Frame& full, const SealException* exception,
                           SealDecision& decision) {
    const auto& design = seal.design;
    const bool chooseVersion = design.tone == Tone::ByPicture && !(exception && exception->dark);
    const bool chooseHalo = design.halo.when == HaloWhen::WhereNeeded;
    const bool chooseStrength = design.stronger && !(exception && exception->opacity);
    if (!chooseVersion && !chooseHalo && !chooseStrength)
        return std::nullopt;
    const bool small = full.size.longSide() <= kDecisionSide && full.isPlain();
    const Frame reduced = small ? Frame{} : decisionFrame(full);
    const Frame& frame = small ? full : reduced;
    const auto placement = arranged(seal, frame, decision.place);
    Trials tried(seal, frame, placement);
    double now = tried(decision);
    if (chooseVersion && now < 0.95 * std::max(design.readable, 7.0)) {
        SealDecision dark = decision;
        dark.dark = true;
        const double other = tried(dark);
        if (other > now * 1.05) { // the light version is the first choice
            decision = dark;
            now = other;
        }
    }
    if (chooseHalo && now < design.readable) {
        decision.halo = true;
        now = tried(decision);
    }
    if (chooseStrength && now < design.readable)
        strengthen(design, tried, decision);
    const auto* finished = small ? tried.of(decision) : nullptr;
    return finished ? std::optional(*finished) : std::nullopt;
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

std::vector<LogoNeed> logoNeeds(const PreparedSeal& seal, double unit, bool dark) {
    std::vector<LogoNeed> out;
    for (const auto& prepared : seal.parts) {
        if (!prepared.logo)
            continue;
        try {
            if (auto need = needOf(seal.design.parts[prepared.index], prepared, unit, dark))
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

/// A seal that was moved away, or reaches over the edge.
void tellWhere(Notes& notes, const PreparedSeal& seal, const SealPlacement& placement, Size whole,
               double cutOff) {
    if (seal.design.arrangement != Arrangement::Single || placement.instances.empty())
        return;
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

SealPlace placeFor(const SealDesign& design, const SealException* exception) {
    auto out = placeOf(design);
    if (!exception)
        return out;
    out.nudge = exception->nudge;
    if (exception->anchor) {
        out.anchor = *exception->anchor;
        out.atPoint = false;
    }
    return out;
}

SealDecision decide(const PreparedSeal& seal, const Frame& frame, const SealException* exception,
                    std::optional<Trial>& finished) {
    const auto& design = seal.design;
    SealDecision out;
    out.place = placeFor(design, exception);
    out.dark = design.tone == Tone::Dark;
    out.halo = design.halo.when == HaloWhen::Always;
    out.opacity = design.opacity;
    if (exception) {
        out.none = exception->none;
        out.dark = exception->dark.value_or(out.dark);
        out.opacity = exception->opacity.value_or(out.opacity);
    }
    if (out.none || seal.empty())
        return out;
    const bool advised = design.placing == Placing::Advised && design.arrangement != Arrangement::Repeat;
    if (advised && !(exception && exception->anchor)) {
        const auto advice = advise(seal, frame);
        out.place.anchor = advice.best;
        out.place.atPoint = false;
        out.why = advice.why;
    }
    finished = adapt(seal, frame, exception, out);
    return out;
}

} // namespace

Notes sealNotes(const PreparedSeal& seal, const Rect& picture, Size whole, const SealException* exception,
                double cutOff) {
    if (!seal.design.on || (exception && exception->none))
        return {};
    Notes out = seal.notes;
    if (seal.empty() || picture.empty())
        return out;
    const auto placement = arrangeSeal(seal, picture, whole, placeFor(seal.design, exception));
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
    std::optional<Trial> finished;
    out.decision = context.decided ? *context.decided : decide(seal, frame, context.exception, finished);
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
    if (finished) {
        putInto(frame, finished->part, finished->reach.x, finished->reach.y);
        out.readability = finished->ratio;
    } else
        out.readability = put(seal, frame, reachIn(seal, placement, frame), placement, out.decision);
    out.belowReadable = out.readability > 0 && out.readability < seal.design.readable - 0.05;
    out.enlarged = logoNeeds(seal, out.unit / frame.scale, out.decision.dark);
    tellNeeds(out.notes, out.enlarged);
    tellWhere(out.notes, seal, placement, frame.size, 0); // a bleed is told ahead
    if (out.madeSmaller)
        addNote(out.notes, {NoteKind::SealMadeSmaller, {}, {}});
    if (out.belowReadable)
        addNote(out.notes, {NoteKind::SealHardToRead,
                            {},
                            {{"measured", trimmedNumber(out.readability, 1)},
                             {"asked", trimmedNumber(seal.design.readable, 1)}}});
    return out;
}

SealResult drawSeal(const SealDesign& design, Frame& frame, const SealContext& context) {
    return drawSeal(*prepareSeal(design), frame, context);
}

} // namespace keepseal
