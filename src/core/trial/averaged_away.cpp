// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/paint_out.h"
#include "trial/trial.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace keepseal {
namespace {

constexpr std::size_t kFewest = 4, kMost = 20;
constexpr double kOpaque = 0.97; ///< nothing of the picture comes through a stronger one

/// The pictures that a thief would take together: of one size, with the same version of the seal.
std::vector<const SealedPicture*> alike(const std::vector<SealedPicture>& pictures, std::size_t which) {
    const auto& first = pictures[which];
    std::vector<const SealedPicture*> out{&first};
    for (const auto& other : pictures)
        if (&other != &first && out.size() < kMost && other.isSealed() &&
            other.with.size == first.with.size && other.drawn.decision.dark == first.drawn.decision.dark)
            out.push_back(&other);
    return out;
}

struct Known {
    const SealedPicture* picture;
    Mask touched;
    Frame repaired;
};

/// What the sealed pictures have in common where they differ from their repairs: the seal's shape, 0 to 1.
std::vector<float> commonShape(const std::vector<Known>& all) {
    std::vector<float> sum(all.front().touched.value.size());
    for (const auto& one : all)
        for (std::size_t i = 0; i < sum.size(); ++i)
            if (one.touched.value[i] > 0)
                for (std::size_t c = 0; c < 3; ++c)
                    sum[i] += static_cast<float>(one.picture->with.rgb[3 * i + c]) -
                              static_cast<float>(one.repaired.rgb[3 * i + c]);
    std::vector<float> sizes;
    for (auto& value : sum)
        if ((value = std::abs(value)) > 0)
            sizes.push_back(value);
    if (sizes.empty())
        return sum;
    const auto at = sizes.begin() + static_cast<std::ptrdiff_t>(sizes.size() * 9 / 10);
    std::nth_element(sizes.begin(), at, sizes.end());
    for (auto& value : sum)
        value = std::min(1.0F, value / std::max(*at, 1e-3F));
    return sum;
}

/// Of one channel: with shape m, strength a and colour C the sealed pixel is S = (1 - a m) B + a m C.
struct Strength {
    double ink = 0, hides = 0; ///< a C, and a
};

/// By least squares over all pixels of all pictures, the repair standing for B.
Strength strengthOf(const std::vector<Known>& all, const std::vector<float>& shape, std::size_t channel) {
    double mm = 0, mb = 0, bb = 0, dm = 0, db = 0;
    for (const auto& one : all)
        for (std::size_t i = 0; i < shape.size(); ++i) {
            if (shape[i] <= 0)
                continue;
            const double m = static_cast<double>(shape[i]), b = one.repaired.rgb[3 * i + channel];
            const double d = one.picture->with.rgb[3 * i + channel] - b;
            mm += m * m, mb -= m * m * b, bb += m * m * b * b, dm += d * m, db -= d * m * b;
        }
    const double determinant = mm * bb - mb * mb;
    if (std::abs(determinant) < 1e-6 * mm * bb || mm == 0)
        return {mm > 0 ? dm / mm : 0, 0};
    Strength out{(dm * bb - db * mb) / determinant, (mm * db - mb * dm) / determinant};
    if (out.hides < 0 || out.hides > kOpaque) {
        out.hides = std::clamp(out.hides, 0.0, kOpaque);
        out.ink = (dm - out.hides * mb) / mm;
    }
    return out;
}

Frame takenOff(const Frame& sealed, const std::vector<float>& shape,
               const std::array<Strength, 3>& strengths) {
    Frame out = sealed;
    for (std::size_t i = 0; i < shape.size(); ++i)
        for (std::size_t c = 0; c < 3 && shape[i] > 0; ++c) {
            const double m = static_cast<double>(shape[i]);
            const double value =
                (sealed.rgb[3 * i + c] - m * strengths[c].ink) / (1 - m * strengths[c].hides);
            out.rgb[3 * i + c] = static_cast<std::uint8_t>(std::lround(std::clamp(value, 0.0, 255.0)));
        }
    return out;
}

double energyBetween(const Frame& a, const Frame& b, const Mask& where) {
    double out = 0;
    for (std::size_t i = 0; i < where.value.size(); ++i)
        for (std::size_t c = 0; c < 3 && where.value[i] > 0; ++c) {
            const double d = static_cast<double>(a.rgb[3 * i + c]) - b.rgb[3 * i + c];
            out += d * d;
        }
    return out;
}

} // namespace

AttackResult averagedAway(const std::vector<SealedPicture>& pictures, std::size_t which) {
    AttackResult out{Attack::AveragedAway, true, 100, {}, pictures[which].with};
    const auto together = alike(pictures, which);
    if (together.size() < kFewest) {
        out.tried = false;
        out.sentence = {
            "Not tried: it takes at least {fewest} pictures of one shape with the same version of the seal.",
            {{"fewest", std::to_string(kFewest)}}};
        return out;
    }
    std::vector<Known> all;
    for (const auto* one : together) {
        auto touched = changedPixels(one->without, one->with);
        auto repaired = paintedOutBy(PaintOut::FastMarching, one->with, touched);
        all.push_back({one, std::move(touched), std::move(repaired)});
    }
    const auto shape = commonShape(all);
    const std::array strengths{strengthOf(all, shape, 0), strengthOf(all, shape, 1),
                               strengthOf(all, shape, 2)};
    out.after = takenOff(pictures[which].with, shape, strengths);
    const auto& touched = all.front().touched;
    const double before = energyBetween(pictures[which].with, pictures[which].without, touched);
    const double left = energyBetween(out.after, pictures[which].without, touched);
    out.holds = before > 0 ? std::clamp(std::sqrt(left / before), 0.0, 1.0) * 100 : 0;
    out.sentence = {
        "From {count} pictures its shape can be averaged, and {percent} % of it taken off this one.",
        {{"count", std::to_string(all.size())}, {"percent", std::to_string(std::lround(100 - out.holds))}}};
    return out;
}

} // namespace keepseal
