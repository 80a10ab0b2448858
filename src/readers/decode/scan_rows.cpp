// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/scan_rows.h"

#include "decode/block_codes.h"

#include <cstring>

namespace keepseal {
namespace {

constexpr auto kOfEight = placesOf<std::uint16_t>(kBlocksAtOnce);
/// How many columns there are of that many coefficients, in the order in which they are coded.
constexpr auto kColumns = [] {
    std::array<int, DCTSIZE2 + 1> out{};
    for (std::size_t i = 0; i < DCTSIZE2; ++i)
        out[i + 1] = std::max(out[i], kZigzag[i] % DCTSIZE + 1);
    out[1] = 0; // a mean, and no more
    return out;
}();
constexpr int kMostStep = 255; ///< T.81, B.2.4.1: of 8 bits

bool isUsual(const jpeg_decompress_struct& header) {
    return header.num_components == 1
               ? header.jpeg_color_space == JCS_GRAYSCALE && header.out_color_space == JCS_GRAYSCALE
               : header.num_components == 3 && header.jpeg_color_space == JCS_YCbCr &&
                     header.out_color_space == JCS_RGB;
}

} // namespace

std::unique_ptr<ScanRows> ScanRows::from(ByteSpan coded, jpeg_decompress_struct& header, bool isForWalk) {
    if (!isUsual(header) || header.dct_method != JDCT_ISLOW || !header.do_fancy_upsampling)
        return nullptr;
    auto read = CodedScan::from(coded, header);
    if (!read)
        return nullptr;
    jpeg_calc_output_dimensions(&header);
    std::unique_ptr<ScanRows> out(new ScanRows(std::move(*read), isForWalk));
    return out->takePlanes(header) ? std::move(out) : nullptr;
}

bool ScanRows::takePlanes(const jpeg_decompress_struct& header) {
    const auto side = header.comp_info[0].DCT_scaled_size;
    m_isSmoothed = header.min_DCT_scaled_size > 1; // as libjpeg has it
    const auto& shape = coded().shape();
    const auto inOneGo = (shape.unitsAcross + kUnitsAtOnce - 1) / kUnitsAtOnce * kUnitsAtOnce;
    for (std::size_t c = 0; c < shape.components.size(); ++c) {
        const auto& info = header.comp_info[c];
        Plane plane;
        plane.side = info.DCT_scaled_size;
        plane.across = shape.components[c].across;
        plane.down = shape.components[c].down;
        plane.width = info.downsampled_width;
        plane.height = info.downsampled_height;
        const auto& first = m_planes.empty() ? plane : m_planes.front();
        const auto wide = plane.across * static_cast<std::size_t>(plane.side),
                   widest = first.across * static_cast<std::size_t>(side);
        plane.pixelsAcross = widest / wide;
        plane.pixelsDown = first.unitRows() / plane.unitRows();
        const bool exactly =
            wide * plane.pixelsAcross == widest && plane.unitRows() * plane.pixelsDown == first.unitRows();
        if (!exactly || plane.pixelsAcross > 2 || plane.pixelsDown > plane.pixelsAcross ||
            (plane.pixelsAcross == 2 && plane.width <= 2))
            return false;
        for (std::size_t i = 0; i < DCTSIZE2; ++i) {
            plane.steps[i] = header.quant_tbl_ptrs[info.quant_tbl_no]->quantval[i];
            if (plane.steps[i] > kMostStep)
                return false;
        }
        plane.stride = inOneGo * wide + 2 * kScanPad;
        plane.coefficients.assign(plane.across * plane.down * kCoefficientsAtOnce, 0);
        plane.reached.assign(plane.across * plane.down, 1);
        plane.samples.resize(plane.stride * plane.unitRows() * 2);
        m_planes.push_back(std::move(plane));
    }
    if (m_planes.front().width != header.output_width)
        return false;
    takeBlocks();
    for (auto* row : {&m_blue, &m_red})
        row->resize(m_planes.front().stride);
    m_colours.resize(3 * m_planes.front().stride);
    return true;
}

std::uint8_t* ScanRows::Plane::row(std::size_t y) {
    return samples.data() + y % (2 * unitRows()) * stride + kScanPad;
}

void ScanRows::takeBlocks() {
    for (std::size_t c = 0; c < m_planes.size(); ++c) {
        auto& plane = m_planes[c];
        for (std::size_t y = 0; y < plane.down; ++y)
            for (std::size_t x = 0; x < plane.across; ++x) {
                Block block{&coded().meansOf(c), &coded().othersOf(c), c, plane.side == 1, {}, {}};
                for (std::size_t unit = 0; unit < kUnitsAtOnce; ++unit) {
                    const auto column = unit * plane.across + x,
                               eight = y * plane.across + column / kBlocksAtOnce;
                    block.to[unit] =
                        plane.coefficients.data() + eight * kCoefficientsAtOnce + column % kBlocksAtOnce;
                    block.reached[unit] = &plane.reached[eight];
                }
                m_blocks.push_back(block);
            }
    }
}

[[gnu::always_inline]] inline bool ScanRows::readUnit(std::size_t within) {
    BitReader bits = m_bits; // nobody else's: it stays in registers
    for (const auto& block : m_blocks) {
        auto* to = block.to[within];
        int mean = m_means[block.component];
        if (!readMean(bits, *block.means, mean))
            return false;
        m_means[block.component] = mean;
        to[0] = static_cast<JCOEF>(mean);
        if (block.meanAlone) {
            if (!skipOthers(bits, *block.others))
                return false;
            continue;
        }
        const int reached = readOthers(bits, *block.others, to, kOfEight);
        if (reached == 0)
            return false;
        *block.reached[within] = std::max(*block.reached[within], reached);
    }
    m_bits = bits;
    return true;
}

bool ScanRows::readUnits(std::size_t column, std::size_t count) {
    for (std::size_t i = 0; i < count; ++i, ++m_unit) {
        if (m_unit == m_segment * coded().shape().restart) {
            m_bits.moveTo(coded().bytes(), coded().segments()[m_segment++].begin * 8);
            m_means.fill(0);
        }
        if (m_isForWalk && column + i == 0)
            m_walked.rowBegins.push_back(m_bits.position());
        const auto end = coded().segments()[m_segment - 1].end * 8;
        if (!readUnit(i) || m_bits.position() > end)
            return false;
        if (m_unit + 1 != coded().endOf(m_segment - 1))
            continue;
        if (m_isForWalk)
            m_walked.lastBits.push_back(m_bits.position());
        if (end - m_bits.position() >= 8)
            return false; // more than fills a byte
    }
    if (m_isForWalk)
        keepMeans(column, count);
    makeSamples(column);
    return true;
}

void ScanRows::keepMeans(std::size_t column, std::size_t count) {
    for (std::size_t c = 0; c < m_planes.size(); ++c) {
        const auto& plane = m_planes[c];
        const auto left = column * plane.across, right = left + count * plane.across;
        const auto* from = plane.coefficients.data();
        for (std::size_t y = 0; y < plane.down; ++y) {
            auto* row = m_walked.means[c].data() +
                        (m_unitRow * plane.down + y) * coded().shape().components[c].stride;
            for (auto x = left; x < left + kUnitsAtOnce * plane.across; x += kBlocksAtOnce) {
                if (x < right)
                    std::copy_n(from, std::min(kBlocksAtOnce, right - x), row + x);
                from += kCoefficientsAtOnce;
            }
        }
    }
}

void ScanRows::makeSamples(std::size_t column) {
    for (auto& plane : m_planes) {
        const auto side = static_cast<std::size_t>(plane.side);
        const auto* from = plane.coefficients.data();
        const auto reached = [&](std::size_t eight) {
            return static_cast<std::size_t>(plane.reached[eight]);
        };
        for (std::size_t y = 0; y < plane.down; ++y) {
            auto* to = plane.row(m_unitRow * plane.unitRows() + y * side) + column * plane.across * side;
            for (std::size_t x = 0; x < plane.across; ++x, from += kCoefficientsAtOnce)
                samplesOfBlocks(
                    {plane.side, kColumns[reached(y * plane.across + x)], from, plane.steps.data()},
                    to + x * kBlocksAtOnce * side, plane.stride);
        }
        std::memset(plane.coefficients.data(), 0, plane.coefficients.size() * sizeof(JCOEF));
        std::fill(plane.reached.begin(), plane.reached.end(), 1);
    }
}

void ScanRows::readUnitRow() {
    const auto across = coded().shape().unitsAcross;
    for (std::size_t column = 0; column < across && !m_isDamaged; column += kUnitsAtOnce)
        m_isDamaged = !readUnits(column, std::min(kUnitsAtOnce, across - column));
    for (auto& plane : m_planes)
        for (std::size_t y = 0; plane.pixelsAcross > 1 && y < plane.unitRows(); ++y) {
            auto* row = plane.row(m_unitRow * plane.unitRows() + y);
            row[-1] = row[0]; // beyond an edge lies its last sample
            row[plane.width] = row[plane.width - 1];
        }
    ++m_unitRow;
}

std::size_t ScanRows::unitRowsFor(std::size_t y) const {
    const auto& colour = m_planes.back();
    const auto last = colour.pixelsDown == 1 ? y : std::min((y + 1) / 2, colour.height - 1);
    return std::max(y / m_planes.front().unitRows(), last / colour.unitRows()) + 1;
}

const std::uint8_t* ScanRows::colourRow(Plane& plane, std::size_t y, std::uint8_t* room) {
    if (plane.pixelsAcross == 1)
        return plane.row(y);
    auto* near = plane.row(y / plane.pixelsDown);
    if (!m_isSmoothed) {
        for (std::size_t x = 0; x < plane.width; ++x)
            room[2 * x] = room[2 * x + 1] = near[x];
    } else if (plane.pixelsDown == 1) {
        samplesBetween(near, plane.width, room);
    } else {
        const auto at = y / 2, above = at == 0 ? 0 : at - 1, below = std::min(at + 1, plane.height - 1);
        samplesBetween(near, plane.row(y % 2 == 0 ? above : below), plane.width, room);
    }
    return room;
}

void ScanRows::next(std::uint8_t* to, std::size_t width) {
    const auto y = m_row++;
    while (m_unitRow < unitRowsFor(y))
        readUnitRow();
    const auto* luma = m_planes.front().row(y);
    if (m_planes.size() == 1) {
        std::copy_n(luma, width, to);
        return;
    }
    const auto *blue = colourRow(m_planes[1], y, m_blue.data()),
               *red = colourRow(m_planes[2], y, m_red.data());
    coloursOf(luma, blue, red, width, m_colours.data());
    std::copy_n(m_colours.data(), 3 * width, to);
}

std::optional<WalkedScan> ScanRows::takeWalked() {
    if (!m_isForWalk || m_isDamaged || m_unit < coded().shape().units())
        return std::nullopt;
    return std::move(m_walked);
}

} // namespace keepseal
