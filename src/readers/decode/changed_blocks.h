// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The changed part of a JPEG, coded by itself as the copy is, and the blocks of it that are to be put into
// the copy. Internal to decode/.
#pragma once

#include "decode/jpeg_blocks.h"
#include "geometry/size.h"
#include "picture/untouched.h"

#include <functional>

namespace keepseal {

/// The writer will be fed with pixels: grey where the original is, else red, green and blue.
void codeLike(JpegReader& original, JpegWriter& writer);

/// As a JPEG of its own, with the original's tables or those of `coding`.
Bytes encodedPart(JpegReader& original, const ChangedPart& changed, const BlockCoding& coding = {});

/// How many blocks of the finest component one of this covers, each way.
Size coversOf(JpegReader& jpeg, int component);

/// A component of the changed part.
struct PartPlane {
    JpegReader& part;
    const ChangedPart& changed;
    int component;
    Size covers;
    JDIMENSION left() const { return static_cast<JDIMENSION>(changed.area.x / 8 / covers.width); }
    JDIMENSION top() const { return static_cast<JDIMENSION>(changed.area.y / 8 / covers.height); }
    JDIMENSION rows() const { return part->comp_info[component].height_in_blocks; }
    /// Calls `put` for the blocks of one of its rows that hold a changed pixel: x and y are the copy's.
    /// `across`: blocks in a row of the copy.
    void eachChanged(JDIMENSION row, JDIMENSION across,
                     const std::function<void(JDIMENSION x, JDIMENSION y, const JBLOCK&)>& put) const;
};

/// Calls `put` for all blocks that hold a changed pixel.
void eachChangedBlock(
    JpegReader& original, JpegReader& part, const ChangedPart& changed,
    const std::function<void(int component, JDIMENSION x, JDIMENSION y, const JBLOCK&)>& put);

} // namespace keepseal
