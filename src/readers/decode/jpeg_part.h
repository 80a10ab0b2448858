// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels from coefficients that are held, without decoding the whole picture. Internal to decode/.
#pragma once

#include "decode/decode.h"
#include "decode/jpeg_blocks.h"
#include "geometry/size.h"
#include "picture/frame.h"

#include <functional>
#include <vector>

namespace keepseal {

/// Gives a block of a component, and those to the right of it: by its column and row.
using BlocksFrom = std::function<JBLOCKROW(int, JDIMENSION, JDIMENSION)>;
/// The first coefficients of a component's blocks, row by row.
struct BlockMeans {
    std::vector<std::int16_t> values;
    std::size_t stride = 0; ///< from one row to the next
};
BlockMeans meansOf(JpegReader& jpeg, int component);

/// See HeldJpeg; `means`: of each component.
Frame coarseOf(JpegReader& jpeg, const std::vector<BlockMeans>& means);
/// All pixels of one that was opened for them, before anything of it is changed: as `like`, which is the same
/// picture as libvips opens it, and with all that its header says of its colours.
KeptImage pixelsBeside(JpegReader& jpeg, const vips::VImage& like);
/// What partOf() reads the blocks of: colours that are coded more coarsely are drawn out of their neighbours.
Rect withNeighbours(JpegReader& jpeg, const Rect& area);
/// See pixelsOf(); `area` is taken to be as asked there. Nothing of `jpeg` is read but its header.
Frame partOf(JpegReader& jpeg, const BlocksFrom& blocks, const Rect& area);

} // namespace keepseal
