// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/advice.h"

#include "base/text.h"
#include "seal/effects.h"
#include "seal/paint.h"
#include "seal/paint_out.h"
#include "seal/readability.h"
#include "seal/usual_crops.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr std::array<const char*, 9> kPlaceNames = {
    toSay("top left"), toSay("top"),         toSay("top right"), toSay("left"),        toSay("centre"),
    toSay("right"),    toSay("bottom left"), toSay("bottom"),    toSay("bottom right")};

/// Lightness (CIE L* / 100) of each pixel of `part`.
Mask lightnessOf(const Frame& frame, const Rect& part) {
    Mask out{part.width, part.height, {}};
    out.value.reserve(static_cast<std::size_t>(out.width) * out.height);
    for (int y = 0; y < out.height; ++y) {
        const auto* pixel = frame.row(part.y + y) + static_cast<std::ptrdiff_t>(part.x) * 3;
        for (int x = 0; x < out.width; ++x, pixel += 3) {
            const double l = luminance(pixel);
            out.value.push_back(static_cast<float>(l > 0.008856 ? 1.16 * std::cbrt(l) - 0.16 : 9.033 * l));
        }
    }
    return out;
}

/// Sums over rectangles in four look-ups.
class Sums {
public:
    Sums(int width, int height, const std::vector<float>& values)
        : m_width(width + 1), m_sum(static_cast<std::size_t>(width + 1) * (height + 1)) {
        for (int y = 0; y < height; ++y) {
            double row = 0;
            for (int x = 0; x < width; ++x) {
                row += values[static_cast<std::size_t>(y) * width + x];
                at(x + 1, y + 1) = at(x + 1, y) + row;
            }
        }
    }
    double over(const Rect& r) const {
        return get(r.right(), r.bottom()) - get(r.x, r.bottom()) - get(r.right(), r.y) + get(r.x, r.y);
    }

private:
    double& at(int x, int y) { return m_sum[static_cast<std::size_t>(y) * m_width + x]; }
    double get(int x, int y) const { return m_sum[static_cast<std::size_t>(y) * m_width + x]; }
    int m_width;
    std::vector<double> m_sum;
};

std::vector<float> structureOf(const Mask& light) {
    std::vector<float> out(light.value.size());
    for (int y = 0; y + 1 < light.height; ++y)
        for (int x = 0; x + 1 < light.width; ++x) {
            const auto i = static_cast<std::size_t>(y) * light.width + x;
            out[i] = (std::abs(light.value[i + 1] - light.value[i]) +
                      std::abs(light.value[i + static_cast<std::size_t>(light.width)] - light.value[i])) /
                     2;
        }
    return out;
}

/// A blur that takes nothing from beyond the edges: without it every border would stand out from its
/// surroundings.
void blurInside(Mask& mask, double radius) {
    Mask weight{mask.width, mask.height, std::vector<float>(mask.value.size(), 1.0F)};
    blur(mask, radius);
    blur(weight, radius);
    for (std::size_t i = 0; i < mask.value.size(); ++i)
        mask.value[i] /= std::max(weight.value[i], 1e-6F);
}

std::vector<float> saliencyOf(const Mask& light) {
    const double side = std::min(light.width, light.height);
    Mask fine = light, coarse = light;
    blurInside(fine, side * 0.02);
    blurInside(coarse, side * 0.5);
    Mask out{light.width, light.height, std::vector<float>(light.value.size())};
    for (int y = 0; y < light.height; ++y)
        for (int x = 0; x < light.width; ++x) {
            const auto i = static_cast<std::size_t>(y) * light.width + x;
            const double u = (x + 0.5) / light.width - 0.5, v = (y + 0.5) / light.height - 0.5;
            const double middle = std::exp(-(u * u + v * v) * 3);
            const double focus = std::abs(light.value[i] - fine.value[i]) * 2;
            out.value[i] = static_cast<float>((std::abs(fine.value[i] - coarse.value[i]) + focus) * middle);
        }
    blurInside(out, side * 0.04);
    return out.value;
}

class Adviser {
public:
    Adviser(const PreparedSeal& seal, const Frame& frame)
        : m_seal(seal), m_frame(frame), m_light(lightnessOf(frame, frame.picture)),
          m_saliency(sums(saliencyOf(m_light))), m_luminance(sums(luminances(false))),
          m_squares(sums(luminances(true))) {}

    PlaceScores score(Anchor anchor) const {
        PlaceScores out;
        out.anchor = anchor;
        SealPlace place = placeOf(m_seal.design);
        place.anchor = anchor;
        place.atPoint = false;
        const auto placement = arrangeSeal(m_seal, m_frame.picture, m_frame.size, place, m_frame.measure());
        if (placement.instances.empty())
            return out;
        const Box box = boundsOf(placement.corners);
        const Rect pixels = inside(box);
        const double area = static_cast<double>(pixels.width) * pixels.height;
        out.structure = repairedHere(placement, pixels);
        out.readable = readable(pixels, area);
        kept(box, out);
        const Rect whole{0, 0, m_light.width, m_light.height};
        const double share = m_saliency.over(pixels) / std::max(1e-9, m_saliency.over(whole));
        const double fair = area / (static_cast<double>(whole.width) * whole.height);
        out.clear = std::clamp(100 - 50 * share / fair, 0.0, 100.0);
        out.total = 0.25 * out.structure + 0.30 * out.readable + 0.20 * out.kept + 0.25 * out.clear;
        return out;
    }

private:
    Sums sums(const std::vector<float>& values) const { return {m_light.width, m_light.height, values}; }

    std::vector<float> luminances(bool squared) const {
        std::vector<float> out;
        out.reserve(m_light.value.size());
        for (int y = 0; y < m_light.height; ++y)
            for (int x = 0; x < m_light.width; ++x) {
                const double l = luminance(m_frame.row(m_frame.picture.y + y) +
                                           static_cast<std::ptrdiff_t>(m_frame.picture.x + x) * 3);
                out.push_back(static_cast<float>(squared ? l * l : l));
            }
        return out;
    }

    /// How visible it is when the seal's ink is painted out there, told exactly which pixels.
    double repairedHere(const SealPlacement& placement, const Rect& inside) const {
        constexpr int kAround = 14; // pixels from which a repair and its comparison take
        const Rect box{inside.x + m_frame.picture.x - kAround, inside.y + m_frame.picture.y - kAround,
                       inside.width + 2 * kAround, inside.height + 2 * kAround};
        const Rect part = intersection(box, {0, 0, m_frame.size.width, m_frame.size.height});
        const Frame ground = cutOut(m_frame, part);
        Mask ink = opacityOf(SealPainter(m_seal, placement, {}).paint(part).mark);
        for (auto& value : ink.value)
            value = value > 0.1F ? 1.0F : 0.0F;
        return repairSeen(ground, paintedOutBy(PaintOut::FastMarching, ground, ink), ink);
    }

    Rect inside(const Box& box) const {
        const int left = std::clamp(static_cast<int>(box.x) - m_frame.picture.x, 0, m_light.width - 1);
        const int top = std::clamp(static_cast<int>(box.y) - m_frame.picture.y, 0, m_light.height - 1);
        const int right =
            std::clamp(static_cast<int>(std::ceil(box.right())) - m_frame.picture.x, left + 1, m_light.width);
        const int bottom = std::clamp(static_cast<int>(std::ceil(box.bottom())) - m_frame.picture.y, top + 1,
                                      m_light.height);
        return {left, top, right - left, bottom - top};
    }

    double readable(const Rect& pixels, double area) const {
        const double mean = m_luminance.over(pixels) / area;
        const double deviation = std::sqrt(std::max(0.0, m_squares.over(pixels) / area - mean * mean));
        const double opacity = m_seal.design.opacity / 100;
        double best = 1;
        for (const bool dark : {false, true}) {
            if ((dark && m_seal.design.tone == Tone::Light) || (!dark && m_seal.design.tone == Tone::Dark))
                continue;
            const auto ink = inkLuminance(dark) * opacity + mean * (1 - opacity);
            const double ground = mean + std::copysign(std::min(std::abs(ink - mean), deviation), ink - mean);
            best = std::max(best, contrastRatio(ink, ground));
        }
        return std::clamp(std::log(best) / std::log(7.0) * 100, 0.0, 100.0);
    }

    double inkLuminance(bool dark) const {
        double sum = 0;
        for (const auto& part : m_seal.parts) {
            const auto& p = m_seal.design.parts[part.index];
            const Rgb c = dark ? p.darkColour : p.colour;
            const std::uint8_t rgb[3] = {c.r, c.g, c.b};
            sum += luminance(rgb);
        }
        return m_seal.parts.empty() ? 1 : sum / static_cast<double>(m_seal.parts.size());
    }

    void kept(const Box& box, PlaceScores& out) const {
        const double w = m_frame.picture.width, h = m_frame.picture.height;
        const Box share{(box.x - m_frame.picture.x) / w, (box.y - m_frame.picture.y) / h, box.width / w,
                        box.height / h};
        std::size_t whole = 0;
        const auto all = usualCrops(w / h);
        for (const auto& crop : all) {
            const bool cut = share.x < crop.kept.x - 1e-9 || share.y < crop.kept.y - 1e-9 ||
                             share.right() > crop.kept.right() + 1e-9 ||
                             share.bottom() > crop.kept.bottom() + 1e-9;
            whole += !cut;
            if (cut)
                out.lostBy.push_back(crop.name);
        }
        out.kept = 100.0 * static_cast<double>(whole) / static_cast<double>(all.size());
    }

    const PreparedSeal& m_seal;
    const Frame& m_frame;
    Mask m_light;
    Sums m_saliency, m_luminance, m_squares;
};

Saying reason(const PlaceScores& best, const PlaceScores& designed) {
    const std::string at = kPlaceNames[static_cast<std::size_t>(best.anchor)];
    const std::string old = kPlaceNames[static_cast<std::size_t>(designed.anchor)];
    if (best.anchor == designed.anchor)
        return {"Kept at the {to}: no allowed place is clearly better.", {{"to", at}}};
    struct Gain {
        double points;
        const char* words;
    };
    const Gain gains[] = {
        {0.30 * (best.readable - designed.readable), toSay("it is easier to read there")},
        {0.25 * (best.structure - designed.structure), toSay("the ground is harder to paint out there")},
        {0.25 * (best.clear - designed.clear), toSay("it covers less of the subject there")},
        {0.20 * (best.kept - designed.kept), toSay("fewer crops lose it there")}};
    const Gain* most = gains;
    for (const auto& gain : gains)
        if (gain.points > most->points)
            most = &gain;
    return {"Moved from the {from} to the {to}: {because} ({points} against {before} points).",
            {{"from", old},
             {"to", at},
             {"because", most->words},
             {"points", trimmedNumber(best.total, 0)},
             {"before", trimmedNumber(designed.total, 0)}}};
}

} // namespace

std::vector<std::string> troubles(const PlaceScores& scores) {
    std::vector<std::string> out;
    if (scores.structure < kPlainBelow)
        out.push_back(said("on plain ground, easily painted out"));
    if (scores.readable < kHardToReadBelow)
        out.push_back(said("hard to read"));
    if (scores.kept < kCroppedBelow)
        out.push_back(said("easily cropped away"));
    if (scores.clear < kCoversBelow)
        out.push_back(said("covers what seems to be the subject"));
    return out;
}

Ground groundUnder(const Frame& frame, const Box& box) {
    const int left = static_cast<int>(std::floor(box.x)), top = static_cast<int>(std::floor(box.y));
    const Rect part = intersection({left, top, static_cast<int>(std::ceil(box.right())) - left,
                                    static_cast<int>(std::ceil(box.bottom())) - top},
                                   {0, 0, frame.size.width, frame.size.height});
    if (part.empty())
        return {};
    Frame plain;
    if (!frame.isPlain()) {
        plain = asEightBitSrgb(cutOut(frame, part));
        flattenOnto(plain, {255, 255, 255});
    }
    const Mask light = frame.isPlain() ? lightnessOf(frame, part) : lightnessOf(plain, plain.picture);
    const auto structure = structureOf(light);
    Ground out;
    for (std::size_t i = 0; i < structure.size(); ++i)
        out.lightness += light.value[i], out.structure += structure[i];
    out.lightness /= static_cast<double>(structure.size());
    out.structure /= static_cast<double>(structure.size());
    return out;
}

bool allowed(AllowedPlaces places, Anchor anchor) {
    const int column = static_cast<int>(anchor) % 3, row = static_cast<int>(anchor) / 3;
    switch (places) {
    case AllowedPlaces::Corners:
        return column != 1 && row != 1;
    case AllowedPlaces::Foot:
        return row == 2;
    case AllowedPlaces::CornersAndEdges:
        return anchor != Anchor::Centre;
    case AllowedPlaces::All:
        return true;
    }
    return false;
}

PlaceAdvice advise(const PreparedSeal& seal, const Frame& full) {
    const Frame frame = decisionFrame(full);
    PlaceAdvice out;
    const Adviser adviser(seal, frame);
    for (int i = 0; i < 9; ++i)
        out.places.push_back(adviser.score(static_cast<Anchor>(i)));
    out.best = seal.design.anchor;
    // A designed place that is not allowed is left for any allowed one.
    double toBeat = allowed(seal.design.allowed, seal.design.anchor)
                        ? out.at(seal.design.anchor).total + seal.design.moveGain
                        : -1;
    for (const auto& place : out.places)
        if (allowed(seal.design.allowed, place.anchor) && place.anchor != seal.design.anchor &&
            place.total > toBeat) {
            out.best = place.anchor;
            toBeat = place.total;
        }
    out.why = reason(out.at(out.best), out.at(seal.design.anchor));
    return out;
}

namespace {

/// The mean of two by two pixels stands for each: more would not change what matters here.
template <class T>
void sampleInto(Frame& out, const Frame& frame) {
    const auto samples = [](int count, int limit) {
        std::vector<int> at;
        for (int i = 0; i < count; ++i)
            for (const double share : {0.25, 0.75})
                at.push_back(std::min(limit - 1, static_cast<int>((i + share) * limit / count)));
        return at;
    };
    const auto columns = samples(out.size.width, frame.size.width);
    const auto rows = samples(out.size.height, frame.size.height);
    for (int y = 0; y < out.size.height; ++y) {
        const int y0 = rows[static_cast<std::size_t>(y) * 2], y1 = rows[static_cast<std::size_t>(y) * 2 + 1];
        const auto *upper = frame.rowOf<T>(y0), *lower = frame.rowOf<T>(y1);
        auto* to = out.rowOf<T>(y);
        for (std::size_t x = 0; x < static_cast<std::size_t>(out.size.width); ++x) {
            const std::ptrdiff_t left = columns[2 * x], right = columns[2 * x + 1];
            for (std::ptrdiff_t c = 0; c < 3; ++c)
                *to++ = static_cast<T>((upper[left * 3 + c] + upper[right * 3 + c] + lower[left * 3 + c] +
                                        lower[right * 3 + c] + 2) /
                                       4);
            if (!out.alpha.empty())
                out.alphaRow(y)[x] = frame.alphaRow(y0)[left];
        }
    }
}

} // namespace

Frame decisionFrame(const Frame& frame) {
    const int side = frame.size.longSide();
    Frame out;
    if (side <= kDecisionSide) {
        out = frame;
    } else {
        const double factor = static_cast<double>(kDecisionSide) / side;
        const auto small = [factor](int v) { return std::max(1, static_cast<int>(std::lround(v * factor))); };
        out = emptyLike(frame, {small(frame.size.width), small(frame.size.height)});
        const double fx = static_cast<double>(out.size.width) / frame.size.width;
        const double fy = static_cast<double>(out.size.height) / frame.size.height;
        const auto edge = [](int v, double f) { return static_cast<int>(std::lround(v * f)); };
        out.picture = {edge(frame.picture.x, fx), edge(frame.picture.y, fy), 0, 0};
        out.picture.width = std::max(1, edge(frame.picture.right(), fx) - out.picture.x);
        out.picture.height = std::max(1, edge(frame.picture.bottom(), fy) - out.picture.y);
        out.measure() = frame.measure();
        out.scale *= factor;
        byDepth(frame, [&](auto depth) { sampleInto<decltype(depth)>(out, frame); });
    }
    if (out.isPlain())
        return out;
    Frame plain = asEightBitSrgb(out);
    plain.picture = out.picture;
    plain.measure() = out.measure();
    flattenOnto(plain, {255, 255, 255});
    return plain;
}

} // namespace keepseal
