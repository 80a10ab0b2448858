// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A JPEG whose blocks follow each other in one sequential scan (ITU-T T.81, annex F), of which is known where
// each row of units lies in its bits, and the mean of each block. Single blocks can then be read out and be
// exchanged; all else is copied bit by bit. Internal to decode/.
#pragma once

#include "decode/walked_scan.h"

#include <memory>
#include <utility>
#include <vector>

namespace keepseal {

/// Which units: columns and rows of them.
struct UnitArea {
    std::size_t left = 0, top = 0, right = 0, bottom = 0;
    std::size_t width() const { return right - left; }
    std::size_t height() const { return bottom - top; }
    bool holds(const UnitArea& other) const {
        return other.left >= left && other.right <= right && other.top >= top && other.bottom <= bottom;
    }
};

/// Some units, read out.
class UnitBlocks {
public:
    UnitBlocks(const ScanShape& shape, const UnitArea& area);
    const UnitArea& area() const { return m_area; }
    /// A block of one of these, counted from the top left of the picture, and those to the right of it.
    JBLOCKROW at(std::size_t component, std::size_t x, std::size_t y);
    const JBLOCK& block(std::size_t component, std::size_t x, std::size_t y) const {
        return *const_cast<UnitBlocks*>(this)->at(component, x, y);
    }
    /// Another block in the place of one of these.
    void put(std::size_t component, std::size_t x, std::size_t y, const JBLOCK& block);
    /// Whether one was put into it that differs from what was read.
    bool isChanged(std::size_t unit) const { return m_isChanged[indexOf(unit)]; }
    /// Where a unit was read, from one bit up to another.
    std::pair<std::uint64_t, std::uint64_t> bitsOf(std::size_t unit) const { return m_bits[indexOf(unit)]; }

private:
    friend class JpegScan;
    struct Component {
        std::size_t across = 1, down = 1;          ///< blocks in a unit
        std::size_t left = 0, top = 0, stride = 0; ///< in blocks
        std::vector<JCOEF> coefficients;
    };
    std::size_t indexOf(std::size_t unit) const { ///< unit: counted over the whole picture
        return (unit / m_unitsAcross - m_area.top) * m_area.width() + unit % m_unitsAcross - m_area.left;
    }

    UnitArea m_area;
    std::size_t m_unitsAcross;
    std::vector<Component> m_components;
    std::vector<std::pair<std::uint64_t, std::uint64_t>> m_bits;
    std::vector<bool> m_isChanged;
};

class JpegScan {
public:
    /// As CodedScan::from(). Null also where it is damaged.
    static std::unique_ptr<JpegScan> from(ByteSpan coded, const jpeg_decompress_struct& header);
    /// All of it was read without a fault.
    explicit JpegScan(WalkedScan walked) : m_walked(std::move(walked)) {}

    const ScanShape& shape() const { return m_walked.shape(); }
    /// The first coefficients of a component's blocks, in rows of its stride.
    const std::vector<std::int16_t>& means(std::size_t component) const { return m_walked.means[component]; }
    UnitBlocks blocks(const UnitArea& area) const;
    /// Adds the coded data, up to the end of the JPEG, in which `units`, read from here, are as they have
    /// been changed, and all else is copied bit by bit. False: the original's tables have no code for a value
    /// in one, or one was changed and the next in the scan is none of these.
    bool addExchanged(const UnitBlocks& units, Bytes& to) const;

private:
    using Means = std::array<int, MAX_COMPS_IN_SCAN>; ///< the last of each component: T.81, F.1.1.5.1
    class Rewriter;

    /// Calls it with the component, the column and the row of each block of a unit, as they are coded.
    template <class Use>
    void eachBlock(std::size_t unit, const Use& use) const {
        const auto column = unit % shape().unitsAcross, row = unit / shape().unitsAcross;
        for (std::size_t c = 0; c < shape().components.size(); ++c) {
            const auto& component = shape().components[c];
            for (auto y = row * component.down; y < (row + 1) * component.down; ++y)
                for (auto x = column * component.across; x < (column + 1) * component.across; ++x)
                    use(c, x, y);
        }
    }
    const CodedScan& coded() const { return m_walked.coded; }
    bool walk();
    bool walkUnit(BitReader& bits, std::size_t column, std::size_t row, Means& last);
    /// Of one that was walked over without a fault; `column` and `row`: in what is read.
    void readUnit(BitReader& from, Means& last, UnitBlocks& to, std::size_t column, std::size_t row) const;
    void skipUnit(BitReader& bits, Means& last) const;
    /// What the means of a unit are told from.
    Means meansBefore(std::size_t unit) const;
    /// Where a unit begins that is the first of a segment or of a row.
    std::uint64_t beginOf(std::size_t unit) const {
        return unit % shape().restart == 0 ? coded().segments()[unit / shape().restart].begin * 8
                                           : m_walked.rowBegins[unit / shape().unitsAcross];
    }

    WalkedScan m_walked;
};

} // namespace keepseal
