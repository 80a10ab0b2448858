// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A design laid out in its own units: where each part stands and what its outline is. Made once for a design
// (and for a picture's words, where the text holds tokens), then used at any size and from any thread.
#pragma once

#include "base/note.h"
#include "base/problem.h"
#include "geometry/affine.h"
#include "seal/design.h"
#include "text/tokens.h"

#include <memory>

namespace keepseal {

struct Outline;

struct PreparedPart {
    std::size_t index = 0;                  ///< into SealDesign::parts
    Box box;                                ///< of its ink, in the seal's units (100 = the unit)
    Point offset;                           ///< from its outline's own origin to where it stands
    std::shared_ptr<const Outline> outline; ///< text and shapes
    bool logo = false;
    std::size_t top = 0; ///< into PreparedSeal::tops: the outermost part or group it belongs to
};

struct PreparedSeal {
    SealDesign design;                              ///< a snapshot
    TextFacts facts;                                ///< and what its tokens stood for
    std::vector<PreparedPart> parts;                ///< visible ones that draw, in painting order
    std::vector<std::pair<std::string, Box>> boxes; ///< every visible part and group by id
    std::vector<Box> tops;                          ///< of the outermost parts and groups, in order
    Box ink;                                        ///< around all parts
    Box box;                                        ///< the ink with its plate: what is placed and measured
    double smallestXHeight = 0;                     ///< units; 0 without text
    Notes notes; ///< parts that can't be drawn as they are designed, and are left out
    bool empty() const { return parts.empty(); }
};
using PreparedPtr = std::shared_ptr<const PreparedSeal>;

PreparedPtr prepareSeal(const SealDesign& design, const TextFacts& facts = {});
/// Whether another picture's facts would make another seal.
bool dependsOnPicture(const SealDesign& design);

} // namespace keepseal
