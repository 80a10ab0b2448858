// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/jpeg_scan.h"

#include <cstring>

namespace keepseal {
namespace {

/// Behind the last byte: what one unit can take at the most (ten blocks of 64 codes of 27 bits), so that its
/// end need not be looked for at each code.
constexpr std::size_t kBehind = 4096;
constexpr int kMostMean = 32767; ///< far more than any picture has

// What is walked through is inlined: the reader then stays in registers from block to block.

/// False: no code.
[[gnu::always_inline]] inline bool readMean(BitReader& bits, const HuffmanCodes& codes, int& last) {
    bits.fill();
    const auto says = codes.next(bits);
    bits.drop(says.code());
    if (says.size > 0)
        last += valueOf(bits.take(says.size), says.size);
    return says.bits != 0 && std::abs(last) <= kMostMean;
}

/// Over all coefficients but the first. False: no code, or more than there are.
[[gnu::always_inline]] inline bool skipOthers(BitReader& bits, const HuffmanCodes& codes) {
    int at = 1;
    const auto skip = [&](int count, int steps) {
        bits.drop(count);
        at += steps;
        return count != 0;
    };
    while (at < DCTSIZE2 - 16) { // a first code ends before the block does
        bits.fill();             // enough for two pairs
        for (int i = 0; i < 2 && at < DCTSIZE2 - 16; ++i)
            if (const auto two = codes.nextTwo(bits); !skip(two.bits, two.steps)) {
                const auto one = codes.next(bits);
                if (!skip(one.bits, one.steps))
                    return false;
            }
    }
    while (at < DCTSIZE2) {
        bits.fill();
        const auto one = codes.next(bits);
        if (!skip(one.bits, one.steps))
            return false;
    }
    return at == DCTSIZE2 || at > kToTheEnd;
}

/// Of a block that was skipped before without a fault.
[[gnu::always_inline]] inline void readOthers(BitReader& bits, const HuffmanCodes& codes, JCOEF* to) {
    for (int at = 1; at < DCTSIZE2;) {
        bits.fill(); // enough for two
        for (int i = 0; i < 2 && at < DCTSIZE2; ++i) {
            auto says = codes.nextValue(bits);
            if (says.bits == 0) {
                const auto code = codes.next(bits);
                bits.drop(code.code());
                says.steps = code.steps;
                if (code.size > 0)
                    says.value = static_cast<std::int16_t>(valueOf(bits.take(code.size), code.size));
            } else
                bits.drop(says.bits);
            at += says.steps;
            if (says.value != 0)
                to[kZigzag[static_cast<std::size_t>(at - 1)]] = says.value;
        }
    }
}

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

UnitBlocks::UnitBlocks(const ScanShape& shape, const UnitArea& area)
    : m_area(area), m_unitsAcross(shape.unitsAcross), m_isChanged(area.width() * area.height()) {
    for (const auto& component : shape.components) {
        const auto stride = area.width() * component.across;
        m_components.push_back({component.across, component.down, area.left * component.across,
                                area.top * component.down, stride,
                                std::vector<JCOEF>(stride * component.down * area.height() * DCTSIZE2)});
    }
}

JBLOCKROW UnitBlocks::at(std::size_t component, std::size_t x, std::size_t y) {
    auto& own = m_components[component];
    return reinterpret_cast<JBLOCKROW>(own.coefficients.data() +
                                       ((y - own.top) * own.stride + x - own.left) * DCTSIZE2);
}

void UnitBlocks::put(std::size_t component, std::size_t x, std::size_t y, const JBLOCK& block) {
    auto& was = *at(component, x, y);
    if (std::equal(std::begin(was), std::end(was), std::begin(block)))
        return;
    std::copy(std::begin(block), std::end(block), std::begin(was));
    const auto& own = m_components[component];
    m_isChanged[indexOf(y / own.down * m_unitsAcross + x / own.across)] = true;
}

std::unique_ptr<JpegScan> JpegScan::from(ByteSpan coded, const jpeg_decompress_struct& header) {
    auto shape = scanShapeOf(header);
    if (!shape)
        return nullptr;
    auto out = std::make_unique<JpegScan>();
    out->m_shape = std::move(*shape);
    return out->takeTables(header) && out->takeBytes(coded) && out->walk() ? std::move(out) : nullptr;
}

bool JpegScan::takeTables(const jpeg_decompress_struct& header) {
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

bool JpegScan::takeBytes(ByteSpan coded) {
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
            m_segments.push_back({length(), 0, 0});
        else if (mark[1] != JPEG_EOI)
            return false;
    }
    std::memset(to, 0, kBehind);
    return m_segments.size() == m_shape.segments();
}

[[gnu::always_inline]] inline bool JpegScan::walkUnit(BitReader& bits, std::size_t column, std::size_t row,
                                                      Means& last) {
    for (std::size_t c = 0; c < m_shape.components.size(); ++c) {
        const auto& component = m_shape.components[c];
        auto* means = m_means[c].data() + row * component.down * component.stride + column * component.across;
        for (std::size_t y = 0; y < component.down; ++y, means += component.stride)
            for (std::size_t x = 0; x < component.across; ++x) {
                if (!readMean(bits, *m_ofMeans[component.means], last[c]) ||
                    !skipOthers(bits, *m_ofOthers[component.others]))
                    return false;
                means[x] = static_cast<std::int16_t>(last[c]);
            }
    }
    return true;
}

bool JpegScan::walk() {
    for (std::size_t c = 0; c < m_shape.components.size(); ++c) {
        const auto& component = m_shape.components[c];
        m_means.emplace_back(component.stride * component.down * m_shape.unitsDown);
    }
    BitReader bits(m_bytes.data(), 0);
    std::size_t unit = 0, column = 0;
    for (std::size_t s = 0; s < m_segments.size(); ++s) {
        auto& segment = m_segments[s];
        bits.moveTo(m_bytes.data(), segment.begin * 8);
        Means last{};
        for (const auto end = endOf(s); unit < end; ++unit) {
            if (column == 0)
                m_rowBegins.push_back(bits.position());
            if (!walkUnit(bits, column, m_rowBegins.size() - 1, last) || bits.position() > segment.end * 8)
                return false;
            column = column + 1 == m_shape.unitsAcross ? 0 : column + 1;
        }
        segment.lastBit = bits.position();
        if (segment.end * 8 - segment.lastBit >= 8) // more than fills a byte
            return false;
    }
    return true;
}

JpegScan::Means JpegScan::meansBefore(std::size_t unit) const {
    Means out{};
    if (unit % m_shape.restart != 0)
        eachBlock(unit - 1, [&](std::size_t c, std::size_t x, std::size_t y) {
            out[c] = m_means[c][y * m_shape.components[c].stride + x];
        });
    return out;
}

void JpegScan::readUnit(BitReader& from, Means& last, UnitBlocks& to, std::size_t column,
                        std::size_t row) const {
    BitReader bits = from; // nobody else's: it stays in registers
    for (std::size_t c = 0; c < m_shape.components.size(); ++c) {
        const auto& component = m_shape.components[c];
        const auto &ofMeans = meansOf(c), &ofOthers = othersOf(c);
        const auto stride = to.m_components[c].stride;
        auto* blocks = to.m_components[c].coefficients.data() +
                       (row * component.down * stride + column * component.across) * DCTSIZE2;
        int mean = last[c];
        for (std::size_t y = 0; y < component.down; ++y, blocks += stride * DCTSIZE2)
            for (std::size_t x = 0; x < component.across; ++x) {
                auto* block = blocks + x * DCTSIZE2;
                (void)readMean(bits, ofMeans, mean);
                block[0] = static_cast<JCOEF>(mean);
                readOthers(bits, ofOthers, block);
            }
        last[c] = mean;
    }
    from = bits;
}

void JpegScan::skipUnit(BitReader& bits, Means& last) const {
    for (std::size_t c = 0; c < m_shape.components.size(); ++c)
        for (auto left = m_shape.components[c].across * m_shape.components[c].down; left > 0; --left) {
            (void)readMean(bits, meansOf(c), last[c]);
            (void)skipOthers(bits, othersOf(c));
        }
}

UnitBlocks JpegScan::blocks(const UnitArea& area) const {
    UnitBlocks out(m_shape, area);
    out.m_bits.reserve(area.width() * area.height());
    BitReader bits(m_bytes.data(), 0);
    for (auto row = area.top; row < area.bottom; ++row) {
        const auto first = row * m_shape.unitsAcross;
        Means last{};
        for (auto unit = first; unit < first + area.right; ++unit) {
            if (unit == first || unit % m_shape.restart == 0) {
                bits.moveTo(m_bytes.data(), beginOf(unit));
                last = meansBefore(unit);
            }
            if (unit < first + area.left) {
                skipUnit(bits, last);
                continue;
            }
            const auto position = bits.position();
            readUnit(bits, last, out, unit - first - area.left, row - area.top);
            out.m_bits.emplace_back(position, bits.position());
        }
    }
    return out;
}

} // namespace keepseal
