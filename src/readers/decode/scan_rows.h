// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of pixels of a JPEG of one sequential scan, by our own reading of its codes: libjpeg's takes most of
// its time. The same pixels to the last bit. Internal to decode/.
#pragma once

#include "decode/scan_passes.h"
#include "decode/walked_scan.h"

#include <memory>
#include <optional>

namespace keepseal {

class ScanRows {
public:
    /// `header`: as libjpeg has read it, with the scale that is wanted; `coded`: from the first byte behind
    /// it, the caller's until this returns. Null: libjpeg is to be asked. `isForWalk`: takeWalked() will be.
    static std::unique_ptr<ScanRows> from(ByteSpan coded, jpeg_decompress_struct& header,
                                          bool isForWalk = false);

    /// Writes the first `width` pixels of the next row, top first: grey, or red, green and blue. After
    /// something was damaged: nothing that makes sense.
    void next(std::uint8_t* to, std::size_t width);
    bool isDamaged() const { return m_isDamaged; }
    /// After the last row, and nothing after it. None: something was damaged, or is not read.
    std::optional<WalkedScan> takeWalked();

private:
    /// So many are made samples of at once: as many blocks as that takes at least, and all of it stays in
    /// what lies nearest to the processor.
    static constexpr std::size_t kUnitsAtOnce = kBlocksAtOnce;
    /// The samples of a component: the rows of two rows of units, in turn.
    struct Plane {
        int side = 8;                                 ///< samples of a block each way
        std::size_t across = 1, down = 1;             ///< blocks in a unit
        std::size_t width = 0, height = 0;            ///< samples that count
        std::size_t pixelsAcross = 1, pixelsDown = 1; ///< for one of its samples
        std::size_t stride = 0;
        std::array<std::int32_t, DCTSIZE2> steps{};
        Pixels<JCOEF> coefficients; ///< of some units side by side
        std::vector<int> reached;   ///< for each kBlocksAtOnce of them: see readOthers()
        Pixels<std::uint8_t> samples;
        std::size_t unitRows() const { return down * static_cast<std::size_t>(side); }
        std::uint8_t* row(std::size_t y);
    };
    /// A block of a unit, as they are coded.
    struct Block {
        const HuffmanCodes *means, *others;
        std::size_t component;
        bool meanAlone;                      ///< nothing else of it is wanted
        std::array<JCOEF*, kUnitsAtOnce> to; ///< in each of the units that are read at once
        std::array<int*, kUnitsAtOnce> reached;
    };
    ScanRows(CodedScan scan, bool isForWalk)
        : m_isForWalk(isForWalk), m_walked(std::move(scan)), m_bits(coded().bytes(), 0) {
        if (m_isForWalk)
            m_walked.makeRoom();
    }
    const CodedScan& coded() const { return m_walked.coded; }
    bool takePlanes(const jpeg_decompress_struct& header);
    void takeBlocks();
    void readUnitRow();
    bool readUnits(std::size_t column, std::size_t count);
    bool readUnit(std::size_t within);
    void keepMeans(std::size_t column, std::size_t count);
    void makeSamples(std::size_t column);
    /// Rows of units that a row of pixels takes its colours from.
    std::size_t unitRowsFor(std::size_t y) const;
    const std::uint8_t* colourRow(Plane& plane, std::size_t y, std::uint8_t* room);

    const bool m_isForWalk;
    WalkedScan m_walked; ///< beside its codes, filled only for takeWalked()
    BitReader m_bits;
    std::array<int, MAX_COMPS_IN_SCAN> m_means{}; ///< the last of each component
    std::vector<Plane> m_planes;
    std::vector<Block> m_blocks;
    bool m_isSmoothed = true; ///< samples between others are made of both
    std::size_t m_unit = 0, m_segment = 0, m_unitRow = 0, m_row = 0; ///< next ones
    Pixels<std::uint8_t> m_blue, m_red, m_colours;                   ///< a row each
    bool m_isDamaged = false;
};

} // namespace keepseal
