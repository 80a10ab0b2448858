// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A JPEG that is held until it is stamped: its bytes, and its coefficients or where they lie in its codes.
// Internal to decode/.
#pragma once

#include "decode/jpeg_part.h"
#include "decode/jpeg_rows.h"
#include "decode/jpeg_scan.h"
#include "picture/untouched.h"

#include <malloc.h>
#include <optional>
#include <vector>

namespace keepseal {

struct JpegCoefficients {
    Pixels<std::uint8_t> file; ///< its own: whatever was asked with may be gone
    JpegReader reader;         ///< of the header and, where there is no scan, of all coefficients
    std::unique_ptr<JpegScan> scan;
    JpegCoefficients(const ByteSource& source, const PictureFacts& facts);
    /// Sizes and offsets of a part must be those of the file: a request is not believed. Throws
    /// Problem(Internal).
    void requireHas(const Rect& part);
    std::vector<BlockMeans> means();
    /// Of the scan: at least those in which an area lies, of the last reading where that had them.
    UnitBlocks& unitsOf(const Rect& area) { return readOut(wantedFor(area, 0)); }
    /// The same, and the next of the scan behind those of each row: their means are told from these.
    UnitBlocks& unitsBefore(const Rect& area);

private:
    void requireIs(const PictureFacts& facts);
    UnitArea wantedFor(const Rect& area, std::size_t further);
    UnitBlocks& readOut(const UnitArea& wanted);

    std::optional<UnitBlocks> m_read; ///< last
};

BlocksFrom blocksOf(UnitBlocks& units);
BlocksFrom blocksOf(JpegReader& jpeg);

/// Whether its blocks can be made anew one by one.
bool keepsBlocks(const jpeg_decompress_struct* reader);

/// Empty where there is no colour, or it is not sampled as is usual.
Size perColour(JpegReader& jpeg);

/// While it lives, large blocks are taken where they stay the process's own when they are freed: the
/// coefficients of the next picture are as many, and pages that are touched for the first time are a fifth of
/// the work.
struct KeepsLargeBlocks {
    KeepsLargeBlocks() {
        ::mallopt(M_TRIM_THRESHOLD, 256 << 20);
        ::mallopt(M_MMAP_MAX, 0);
    }
    ~KeepsLargeBlocks() { ::mallopt(M_MMAP_MAX, 65536); } // as glibc has it
    KeepsLargeBlocks(const KeepsLargeBlocks&) = delete;
    KeepsLargeBlocks& operator=(const KeepsLargeBlocks&) = delete;
};

} // namespace keepseal
