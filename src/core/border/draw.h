// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Drawing a border, for copies and proofs alike: a copy's edges are whole pixels; a proof's may lie between
// pixels, which then show as much of each side as they hold.
#pragma once

#include "base/note.h"
#include "border/layout.h"
#include "picture/frame.h"
#include "text/tokens.h"

namespace keepseal {

/// A picture with its padding on the way to its border. All in pixels of the copy.
struct BorderGround {
    BorderLayout layout;
    Rect picture; ///< the picture proper in the whole; the rest of layout.inside is padding
    PadWith padWith = PadWith::Colour;
    Rgb padColour{255, 255, 255};
    bool needed() const;
    bool operator==(const BorderGround&) const = default;
};

struct BorderResult {
    Notes notes;               ///< of the caption
    bool captionDrawn = false; ///< words of it stand on the copy
    std::array<Box, 3> words;  ///< where: see CopyMeasure
};

/// What comes of a border before anything is drawn: the same as drawBorder() returns.
BorderResult borderAhead(const BorderDesign& design, const BorderGround& ground, const TextFacts& facts);

/// `frame` holds the picture alone, `whole` pixels is what comes out of it; they are the copy's or, in
/// proportion, smaller. The picture's rectangle in it is `frame.picture` afterwards: what is not covered.
BorderResult drawBorder(const BorderDesign& design, const BorderGround& ground, const TextFacts& facts,
                        Size whole, Frame& frame);

/// Where the picture's pixels lie in a whole of that size: the pixels it touches.
Rect pictureIn(const BorderGround& ground, Size whole);

/// Colours measured from a picture (sRGB): on a coarse reduction, so that a proof and its copy agree.
Rgb measuredColour(RingColour which, const Frame& picture);

} // namespace keepseal
