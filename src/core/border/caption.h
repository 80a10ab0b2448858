// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Setting the words of a border into its mat: never higher than the mat, never wider than the picture, never
// one over the other; they go on in a second and third line, and are made smaller together until they fit.
// Internal to border/.
#pragma once

#include "base/note.h"
#include "border/design.h"
#include "picture/frame.h"
#include "text/letters.h"
#include "text/tokens.h"

namespace keepseal {

struct SetField {
    std::shared_ptr<const Outline> outline; ///< at a type size of 100
    double x = 0;                           ///< of its origin, in pixels of the copy
};

struct SetCaption {
    std::vector<SetField> fields;
    double size = 0;     ///< type size, pixels of the copy
    double baseline = 0; ///< of the first line, pixels of the copy
    Notes notes;
};

/// `band` is the mat's side, as wide as the picture, in pixels of the copy.
SetCaption setCaption(const Caption& caption, const TextFacts& facts, const Box& band);
/// `scale` leads from the copy's pixels to the frame's, on each axis.
/// Where its words stand, each field apart, in pixels of the copy.
std::array<Box, 3> wordsIn(const SetCaption& set);
void drawCaption(const SetCaption& set, Rgb ink, double scaleX, double scaleY, Frame& frame);

} // namespace keepseal
