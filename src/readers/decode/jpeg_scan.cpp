// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/jpeg_scan.h"

#include "decode/block_codes.h"

namespace keepseal {
namespace {

constexpr auto kOneBlock = placesOf<std::uint8_t>(1);

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
    auto read = CodedScan::from(coded, header);
    if (!read)
        return nullptr;
    std::unique_ptr<JpegScan> out(new JpegScan(WalkedScan(std::move(*read))));
    return out->walk() ? std::move(out) : nullptr;
}

[[gnu::always_inline]] inline bool JpegScan::walkUnit(BitReader& bits, std::size_t column, std::size_t row,
                                                      Means& last) {
    for (std::size_t c = 0; c < shape().components.size(); ++c) {
        const auto& component = shape().components[c];
        auto* means =
            m_walked.means[c].data() + row * component.down * component.stride + column * component.across;
        for (std::size_t y = 0; y < component.down; ++y, means += component.stride)
            for (std::size_t x = 0; x < component.across; ++x) {
                if (!readMean(bits, coded().meansOf(c), last[c]) || !skipOthers(bits, coded().othersOf(c)))
                    return false;
                means[x] = static_cast<std::int16_t>(last[c]);
            }
    }
    return true;
}

bool JpegScan::walk() {
    m_walked.makeRoom();
    BitReader bits(coded().bytes(), 0);
    std::size_t unit = 0, column = 0;
    for (std::size_t s = 0; s < coded().segments().size(); ++s) {
        const auto& segment = coded().segments()[s];
        bits.moveTo(coded().bytes(), segment.begin * 8);
        Means last{};
        for (const auto end = coded().endOf(s); unit < end; ++unit) {
            if (column == 0)
                m_walked.rowBegins.push_back(bits.position());
            if (!walkUnit(bits, column, m_walked.rowBegins.size() - 1, last) ||
                bits.position() > segment.end * 8)
                return false;
            column = column + 1 == shape().unitsAcross ? 0 : column + 1;
        }
        m_walked.lastBits.push_back(bits.position());
        if (segment.end * 8 - m_walked.lastBits.back() >= 8) // more than fills a byte
            return false;
    }
    return true;
}

JpegScan::Means JpegScan::meansBefore(std::size_t unit) const {
    Means out{};
    if (unit % shape().restart != 0)
        eachBlock(unit - 1, [&](std::size_t c, std::size_t x, std::size_t y) {
            out[c] = m_walked.means[c][y * shape().components[c].stride + x];
        });
    return out;
}

void JpegScan::readUnit(BitReader& from, Means& last, UnitBlocks& to, std::size_t column,
                        std::size_t row) const {
    BitReader bits = from; // nobody else's: it stays in registers
    for (std::size_t c = 0; c < shape().components.size(); ++c) {
        const auto& component = shape().components[c];
        const auto &ofMeans = coded().meansOf(c), &ofOthers = coded().othersOf(c);
        const auto stride = to.m_components[c].stride;
        auto* blocks = to.m_components[c].coefficients.data() +
                       (row * component.down * stride + column * component.across) * DCTSIZE2;
        int mean = last[c];
        for (std::size_t y = 0; y < component.down; ++y, blocks += stride * DCTSIZE2)
            for (std::size_t x = 0; x < component.across; ++x) {
                auto* block = blocks + x * DCTSIZE2;
                (void)readMean(bits, ofMeans, mean);
                block[0] = static_cast<JCOEF>(mean);
                (void)readOthers(bits, ofOthers, block, kOneBlock);
            }
        last[c] = mean;
    }
    from = bits;
}

void JpegScan::skipUnit(BitReader& bits, Means& last) const {
    for (std::size_t c = 0; c < shape().components.size(); ++c)
        for (auto left = shape().components[c].across * shape().components[c].down; left > 0; --left) {
            (void)readMean(bits, coded().meansOf(c), last[c]);
            (void)skipOthers(bits, coded().othersOf(c));
        }
}

UnitBlocks JpegScan::blocks(const UnitArea& area) const {
    UnitBlocks out(shape(), area);
    out.m_bits.reserve(area.width() * area.height());
    BitReader bits(coded().bytes(), 0);
    for (auto row = area.top; row < area.bottom; ++row) {
        const auto first = row * shape().unitsAcross;
        Means last{};
        for (auto unit = first; unit < first + area.right; ++unit) {
            if (unit == first || unit % shape().restart == 0) {
                bits.moveTo(coded().bytes(), beginOf(unit));
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
