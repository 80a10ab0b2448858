// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a copy on which its seal lies, as it was before and as it is: so that copies are still told
// apart by what stands on them when they are gone.
#pragma once

#include "picture/frame.h"

#include <optional>

namespace keepseal {

struct SealedPart {
    /// Where it lies: shares of the picture's width and height, without its border.
    double left = 0, top = 0, width = 0, height = 0;
    Frame before, after; ///< 8 bits, of the same size
};

/// Taken while a seal is put on.
class SealedPartTaker {
public:
    /// `reach`: pixels of the frame in which the seal will lie; no others are looked at.
    void before(const Frame& frame, const Rect& reach);
    /// None: nothing of it lies on the picture.
    std::optional<SealedPart> after(const Frame& frame) const;

private:
    Rect m_area;        ///< pixels of the frame
    int m_longSide = 0; ///< of what is kept of it
    SealedPart m_part;
};

/// Lays `pixels`, one of those of a part, over the whole picture. Both are of 8 bits.
void layPart(const SealedPart& part, const Frame& pixels, Frame& onto);

} // namespace keepseal
