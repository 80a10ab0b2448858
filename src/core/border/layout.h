// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where a border's rings lie: whole pixels of the copy. Left and right of a ring are equal to the pixel, and
// so are top and bottom, unless it is designed otherwise; where a ratio asks for an odd number of pixels
// more, the odd one goes to the right or to the bottom.
#pragma once

#include "border/design.h"
#include "geometry/fit.h"

namespace keepseal {

struct RingPlace {
    std::size_t ring = 0; ///< into BorderDesign::rings
    Rect outer, inner;    ///< of the whole; the ring is what lies between
    bool operator==(const RingPlace&) const = default;
};

struct BorderLayout {
    Size whole;
    Rect inside;  ///< what the border goes around (the picture with its padding), in the whole
    Rect visible; ///< what of it is not covered
    std::vector<RingPlace> places; ///< from the picture outwards; without those of no width
    bool operator==(const BorderLayout&) const = default;
    Edges edges() const {
        return {inside.x, inside.y, whole.width - inside.right(), whole.height - inside.bottom()};
    }
};

/// `pixelsPerMm` is the copy's resolution, for widths on paper. A line or mat of some width has at least one
/// pixel. Over the picture at least one pixel of it stays visible.
BorderLayout layOutBorder(const BorderDesign& design, Size inside, double pixelsPerMm);
/// The same edges around another size, a pixel larger or smaller.
BorderLayout movedTo(const BorderLayout& layout, Size inside);
Edges borderEdges(const BorderDesign& design, Size inside, double pixelsPerMm);

} // namespace keepseal
