// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A JPEG whose blocks follow each other in one sequential scan (ITU-T T.81, annex F), its bytes ready to be
// read as bits. Internal to decode/.
#pragma once

#include "decode/huffman_codes.h"
#include "picture/pixel_memory.h"

#include "base/byte_source.h"

#include <algorithm>
#include <array>
#include <optional>
#include <vector>

namespace keepseal {

/// How its units follow each other. A unit (T.81: MCU) is what is coded in one go: some blocks of each
/// component.
struct ScanShape {
    struct Component {
        std::size_t across = 1, down = 1;  ///< blocks in a unit
        std::size_t stride = 0;            ///< blocks in a row, with those that only fill the last unit
        std::size_t means = 0, others = 0; ///< which tables
    };
    std::vector<Component> components;
    std::size_t unitsAcross = 0, unitsDown = 0;
    std::size_t restart = 0; ///< units between restart markers; all of them where there are none
    std::size_t units() const { return unitsAcross * unitsDown; }
    std::size_t segments() const { return (units() + restart - 1) / restart; }
};

class CodedScan {
public:
    struct Segment {                    ///< between restart markers
        std::size_t begin = 0, end = 0; ///< bytes
    };
    /// `header`: as libjpeg has read it, up to the first scan; `coded`: from the first byte behind it. None:
    /// coded in another way, bytes are missing, or it is in any way unusual; libjpeg is to be asked.
    static std::optional<CodedScan> from(ByteSpan coded, const jpeg_decompress_struct& header);

    const ScanShape& shape() const { return m_shape; }
    const std::vector<Segment>& segments() const { return m_segments; }
    std::size_t endOf(std::size_t segment) const { ///< in units
        return std::min(m_shape.units(), (segment + 1) * m_shape.restart);
    }
    /// Without markers, and without the zeros that tell 0xff from one. Behind them lie as many zeros as one
    /// unit can take, so that its end need not be looked for at each code.
    const std::uint8_t* bytes() const { return m_bytes.data(); }
    std::size_t size() const { return m_bytes.size(); } ///< with these zeros
    const HuffmanCodes& meansOf(std::size_t component) const {
        return *m_ofMeans[m_shape.components[component].means];
    }
    const HuffmanCodes& othersOf(std::size_t component) const {
        return *m_ofOthers[m_shape.components[component].others];
    }

private:
    bool takeTables(const jpeg_decompress_struct& header);
    bool takeBytes(ByteSpan coded);

    ScanShape m_shape;
    std::array<std::optional<HuffmanCodes>, NUM_HUFF_TBLS> m_ofMeans, m_ofOthers;
    Pixels<std::uint8_t> m_bytes;
    std::vector<Segment> m_segments;
};

} // namespace keepseal
