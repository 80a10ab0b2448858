// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A JPEG's blocks coded with other tables, and with fewer samples of colour, without being decoded to pixels:
// each coefficient is only rounded anew, and no more than a row of blocks is held. Internal to decode/.
#pragma once

#include "decode/jpeg_blocks.h"
#include "geometry/size.h"
#include "picture/untouched.h"

#include <array>
#include <functional>

namespace keepseal {

/// A row of blocks of colour, of which several become one.
struct ColourRow {
    JBLOCKROW first = nullptr, second = nullptr; ///< the one below; null: there is none
    JDIMENSION count = 0;                        ///< blocks in a row
    Size merged;                                 ///< 1 or 2 each way
};

/// From multiples of one table's steps to the nearest ones of another's (ITU-T T.81, A.3.4; half-way to the
/// even one), within what a baseline JPEG of 8 bits has codes for.
class Rounding {
public:
    Rounding(const JQUANT_TBL& from, const JQUANT_TBL& to);
    void roundAnew(JBLOCKROW blocks, std::size_t count) const;
    /// Into blocks whose samples are the means of the originals': taken of the coefficients, of which they
    /// are sums. Where a second block is missing, the outermost samples of the first go on.
    void merge(const ColourRow& row, JBLOCKROW to, JDIMENSION count) const;

private:
    std::array<float, DCTSIZE2> m_from{}, m_to{}, m_ratio{}; ///< steps, their reciprocals, and both in one
};

/// Two tables, for light and for colour, and the sampling.
void codeBy(const BlockCoding& coding, JpegWriter& writer);

/// Gives a component's row of blocks. Each is asked for once, in order, and read until the next of that
/// component is asked for.
using NextBlocks = std::function<JBLOCKROW(int component, JDIMENSION row)>;
/// A whole JPEG by a writer whose size, sampling and tables are set: sequential, with the common codes.
Bytes codedFrom(JpegWriter& writer, const NextBlocks& blocks);

} // namespace keepseal
