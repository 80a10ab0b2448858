// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where a seal goes on a picture: pure arithmetic from the seal's units to pixels. A single seal stays inside
// the picture, whatever its place, unless its corners were dragged out.
#pragma once

#include "picture/frame.h"
#include "seal/prepared.h"

namespace keepseal {

/// The place, apart from the design: advice and exceptions change it picture by picture.
struct SealPlace {
    Anchor anchor = Anchor::BottomRight;
    bool atPoint = false;
    Point point{50, 50}; ///< percent of width and height: the seal's middle
    Point nudge;         ///< percent of the short side, on top
    double sizeBy = 1;   ///< times the designed size
    double turn = 0;     ///< degrees, on top of the designed angle; a strip is not turned
    Point phase{};       ///< of a pattern: percent of its step, on top
    bool operator==(const SealPlace&) const = default;
};
SealPlace placeOf(const SealDesign& design);

struct SealInstance {
    Affine map;    ///< from the seal's units to pixels
    int only = -1; ///< draws only this one of PreparedSeal::tops; -1: all
    bool operator==(const SealInstance&) const = default;
};

struct SealPlacement {
    Rect area;       ///< what the seal was placed against; nothing is drawn outside
    double unit = 0; ///< pixels
    std::vector<SealInstance> instances;
    bool warped = false; ///< by dragged corners: then `warp` counts instead of the one instance's map
    Homography warp{};
    std::array<Point, 4> corners{}; ///< of the (first) seal's box, in pixels, clockwise from its top left
    Box strip;                      ///< the band's own box; empty unless there is one
    bool madeSmaller = false;       ///< the designed size did not fit between the margins
    bool madeLarger = false;        ///< letters would have been lower than asked for
    int phases = 4;                 ///< of a pattern: steps of a pixel in which a seal is drawn anew
    bool spreadOut = false;         ///< a pattern would have had too many seals
    bool onCaption = false;         ///< on a caption's words, with no room beside them
    bool overShare = false;         ///< the designed size was more than the largest share
    bool operator==(const SealPlacement&) const = default;
};

/// `picture` lies inside `whole`; `measure`: of the copy, see Frame.
SealPlacement arrangeSeal(const PreparedSeal& seal, const Rect& picture, Size whole, const SealPlace& place,
                          CopyMeasure measure = {});

/// At most about so many seals of a repeated pattern: a denser one is spread out, and says so.
inline constexpr int kMaxInstances = 60'000;

} // namespace keepseal
