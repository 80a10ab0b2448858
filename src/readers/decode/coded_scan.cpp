// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/coded_scan.h"

#include <cstring>

namespace keepseal {
namespace {

constexpr std::size_t kBehind = 4096; ///< a unit takes at the most ten blocks of 64 codes of 27 bits

/// None: it is coded otherwise.
std::optional<ScanShape> scanShapeOf(const jpeg_decompress_struct& header) {
    const bool sequential = !header.progressive_mode && header.Ss == 0 && header.Se == DCTSIZE2 - 1 &&
                            header.Ah == 0 && header.Al == 0;
    if (!sequential || header.arith_code || header.data_precision != 8 ||
        header.comps_in_scan != header.num_components)
        return std::nullopt;
    ScanShape out;
    const bool alone = header.num_components == 1; // T.81, A.2.2: then a unit is a block
    const auto unitWide = DCTSIZE * static_cast<std::size_t>(alone ? 1 : header.max_h_samp_factor),
               unitHigh = DCTSIZE * static_cast<std::size_t>(alone ? 1 : header.max_v_samp_factor);
    out.unitsAcross = (header.image_width + unitWide - 1) / unitWide;
    out.unitsDown = (header.image_height + unitHigh - 1) / unitHigh;
    out.restart = header.restart_interval > 0 ? header.restart_interval : out.units();
    for (int i = 0; i < header.num_components; ++i) {
        const auto& component = *header.cur_comp_info[i];
        const auto table = static_cast<std::size_t>(component.quant_tbl_no);
        if (component.component_index != i || table >= NUM_QUANT_TBLS || !header.quant_tbl_ptrs[table])
            return std::nullopt;
        ScanShape::Component one;
        if (!alone) {
            one.across = static_cast<std::size_t>(component.h_samp_factor);
            one.down = static_cast<std::size_t>(component.v_samp_factor);
        }
        one.stride = out.unitsAcross * one.across;
        one.means = static_cast<std::size_t>(component.dc_tbl_no);
        one.others = static_cast<std::size_t>(component.ac_tbl_no);
        out.components.push_back(one);
    }
    return out;
}

} // namespace

std::optional<CodedScan> CodedScan::from(ByteSpan coded, const jpeg_decompress_struct& header) {
    auto shape = scanShapeOf(header);
    if (!shape)
        return std::nullopt;
    std::optional<CodedScan> out(std::in_place);
    out->m_shape = std::move(*shape);
    if (!out->takeTables(header) || !out->takeBytes(coded))
        return std::nullopt;
    return out;
}

bool CodedScan::takeTables(const jpeg_decompress_struct& header) {
    const auto take = [](auto& to, JHUFF_TBL* const* tables, std::size_t which, HuffmanCodes::Of of) {
        if (which >= to.size() || !tables[which])
            return false;
        if (!to[which])
            to[which] = HuffmanCodes::from(*tables[which], of);
        return to[which].has_value();
    };
    return std::all_of(m_shape.components.begin(), m_shape.components.end(), [&](const auto& component) {
        return take(m_ofMeans, header.dc_huff_tbl_ptrs, component.means, HuffmanCodes::Of::Means) &&
               take(m_ofOthers, header.ac_huff_tbl_ptrs, component.others, HuffmanCodes::Of::Others);
    });
}

bool CodedScan::takeBytes(ByteSpan coded) {
    m_bytes = Pixels<std::uint8_t>(coded.size() + kBehind);
    auto* to = m_bytes.data();
    const auto length = [&] { return static_cast<std::size_t>(to - m_bytes.data()); };
    const auto *from = coded.data(), *end = from + coded.size();
    m_segments.push_back({});
    for (bool more = true; more;) { // T.81, B.1.1.5
        const auto* mark = from < end ? static_cast<const std::uint8_t*>(
                                            std::memchr(from, 0xff, static_cast<std::size_t>(end - from)))
                                      : nullptr;
        if (!mark || mark + 1 == end)
            return false;
        to = std::copy(from, mark, to);
        from = mark + 2;
        if (mark[1] == 0) {
            *to++ = 0xff;
            continue;
        }
        m_segments.back().end = length();
        more = mark[1] == JPEG_RST0 + (m_segments.size() - 1) % 8;
        if (more)
            m_segments.push_back({length(), 0});
        else if (mark[1] != JPEG_EOI)
            return false;
    }
    std::memset(to, 0, kBehind);
    return m_segments.size() == m_shape.segments();
}

} // namespace keepseal
