// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Advice on placing, from the picture's pixels at a small size. For each place, four numbers from 0 (bad) to
// 100:
//
//   structure   how visible it is when the seal is painted out there: its ink filled by fast marching from
//               around it, measured as in trial/trial.h. Plain ground is easily painted out.
//   readable    the contrast the better version would have: 1 : 1 is 0, 7 : 1 and above 100, by its
//   logarithm, the
//               unevenness of the ground (one standard deviation) taken off.
//   kept        how few crops lose it: of 5, 10, 15, 20, 25 and 30 % off each side, and of 1:1, 4:5, 5:4,
//   3:2, 2:3, 16:9
//               cut from the middle, the share that leaves the seal's box whole.
//   clear       how little of what seems to be the subject it covers: the share of the picture's saliency
//   that is not
//               under the box, a box with twice its fair share counting as 0. Saliency is local contrast and
//               focus: the difference of a fine and a coarse blur of lightness, weighed towards the middle.
//
// The score is 0.25 structure + 0.30 readable + 0.20 kept + 0.25 clear.
#pragma once

#include "base/language.h"
#include "picture/frame.h"
#include "seal/arrange.h"

namespace keepseal {

struct PlaceScores {
    Anchor anchor = Anchor::BottomRight;
    double structure = 0, readable = 0, kept = 0, clear = 0; ///< 0 to 100
    double total = 0;
    std::vector<std::string> lostBy; ///< crops that cut the seal: "1:1", "15 % off the right", ...
};

/// Words for a score: "on plain ground, easily painted out; hard to read; ...". Empty when nothing is wrong.
std::vector<std::string> troubles(const PlaceScores& scores);
inline constexpr double kPlainBelow = 25, kHardToReadBelow = 45, kCroppedBelow = 55, kCoversBelow = 35;

struct PlaceAdvice {
    std::vector<PlaceScores> places; ///< all nine, in the order of Anchor
    Anchor best = Anchor::BottomRight;
    Saying why; ///< one sentence
    const PlaceScores& at(Anchor anchor) const { return places.at(static_cast<std::size_t>(anchor)); }
};

/// The best of the allowed places; the designed one is kept unless another is better by the design's
/// `moveGain`.
PlaceAdvice advise(const PreparedSeal& seal, const Frame& frame);

/// What lies under a seal, from 0 to 1: mean lightness (CIE L* / 100), and the mean difference of
/// neighbouring ones.
struct Ground {
    double lightness = 0, structure = 0;
};
Ground groundUnder(const Frame& frame, const Box& box);

bool allowed(AllowedPlaces places, Anchor anchor);

/// Pixels on the long side of what decisions are made from.
inline constexpr int kDecisionSide = 384;
/// The frame as decisions see it: at most kDecisionSide pixels on the long side, each the mean of those it
/// stands for.
Frame decisionFrame(const Frame& frame);

} // namespace keepseal
