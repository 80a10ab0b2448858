// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/jpeg_scan.h"

#include <bit>
#include <cstring>

namespace keepseal {
namespace {

/// T.81, tables F.1 and F.2: how many bits a value takes.
int sizeOf(int value) {
    return static_cast<int>(std::bit_width(static_cast<unsigned>(std::abs(value))));
}

/// T.81, F.1.2.1: those below zero are told by the bits of one less.
std::uint32_t bitsOf(int value, int size) {
    return static_cast<std::uint32_t>(value < 0 ? value - 1 : value) & ((1U << size) - 1);
}

bool writeMean(BitWriter& to, const HuffmanCodes& codes, int difference) {
    const int size = sizeOf(difference);
    return size <= 11 && codes.write(to, 0, size, bitsOf(difference, size));
}

/// T.81, figure F.2.
bool writeOthers(BitWriter& to, const HuffmanCodes& codes, const JBLOCK& block) {
    int zeros = 0;
    for (std::size_t at = 1; at < DCTSIZE2; ++at) {
        const int value = block[kZigzag[at]], size = sizeOf(value);
        if (value == 0) {
            ++zeros;
            continue;
        }
        for (; zeros > 15; zeros -= 16)
            if (!codes.write(to, 15, 0, 0))
                return false;
        if (size > 10 || !codes.write(to, zeros, size, bitsOf(value, size)))
            return false;
        zeros = 0;
    }
    return zeros == 0 || codes.write(to, 0, 0, 0);
}

/// With a zero behind each byte that would else begin a marker (T.81, F.1.2.3).
void addEscaped(ByteSpan bytes, Bytes& to) {
    const auto *from = bytes.data(), *end = from + bytes.size();
    while (from < end) {
        const auto* mark =
            static_cast<const std::uint8_t*>(std::memchr(from, 0xff, static_cast<std::size_t>(end - from)));
        to.insert(to.end(), from, mark ? mark + 1 : end);
        if (mark)
            to.push_back(0);
        from = mark ? mark + 1 : end;
    }
}

} // namespace

/// One file, segment by segment.
class JpegScan::Rewriter {
public:
    Rewriter(const JpegScan& scan, const UnitRows& before, const UnitRows& rows)
        : m_scan(scan), m_before(before), m_rows(rows), m_begin(rows.first() * scan.m_shape.unitsAcross),
          m_end(rows.end() * scan.m_shape.unitsAcross),
          m_bits(scan.m_segments.size() == 1 ? scan.m_bytes.size() : 0) {}

    bool write(Bytes& to) {
        const auto& segments = m_scan.m_segments;
        for (std::size_t s = 0; s < segments.size(); ++s) {
            if (!writeSegment(s))
                return false;
            addEscaped(m_bits.finish(), to);
            to.push_back(0xff);
            to.push_back(static_cast<std::uint8_t>(s + 1 < segments.size() ? JPEG_RST0 + s % 8 : JPEG_EOI));
        }
        return true;
    }

private:
    bool writeSegment(std::size_t s) {
        const auto begin = s * m_scan.m_shape.restart, end = m_scan.endOf(s);
        const auto bitAt = [&](std::size_t unit) {
            return unit == end ? m_scan.m_segments[s].lastBit : m_scan.beginOf(unit);
        };
        const auto copyTo = [&](std::size_t from, std::size_t to) {
            if (from < to)
                m_bits.copy(m_scan.m_bytes.data(), bitAt(from), bitAt(to));
        };
        const auto first = std::clamp(m_begin, begin, end), last = std::clamp(m_end, begin, end);
        copyTo(begin, first);
        if (!writeRows(first, last))
            return false;
        if (last < end && meansBefore(last) != m_scan.meansBefore(last))
            return false; // what follows is told from what was there: rows up to the end of the mark are too
                          // few
        copyTo(last, end);
        return true;
    }

    bool writeRows(std::size_t first, std::size_t last) {
        for (auto unit = first; unit < last; ++unit) {
            const auto before = meansBefore(unit);
            if (before == m_scan.meansBefore(unit) && staysAsItIs(unit)) {
                const auto [begin, end] = m_before.bitsOf(unit);
                m_bits.copy(m_scan.m_bytes.data(), begin, end);
            } else if (!writeUnit(unit, before)) {
                return false;
            }
        }
        return true;
    }

    bool writeUnit(std::size_t unit, Means last) {
        bool coded = true;
        m_scan.eachBlock(unit, [&](std::size_t c, std::size_t x, std::size_t y) {
            const auto& block = m_rows.block(c, x, y);
            coded = coded && writeMean(m_bits, m_scan.meansOf(c), block[0] - last[c]) &&
                    writeOthers(m_bits, m_scan.othersOf(c), block);
            last[c] = block[0];
        });
        return coded;
    }

    bool staysAsItIs(std::size_t unit) const {
        bool same = true;
        m_scan.eachBlock(unit, [&](std::size_t c, std::size_t x, std::size_t y) {
            const auto &was = m_before.block(c, x, y), &is = m_rows.block(c, x, y);
            same = same && std::equal(std::begin(was), std::end(was), std::begin(is));
        });
        return same;
    }

    /// As they are now.
    Means meansBefore(std::size_t unit) const {
        auto out = m_scan.meansBefore(unit);
        if (unit % m_scan.m_shape.restart != 0 && unit > m_begin && unit <= m_end)
            m_scan.eachBlock(unit - 1, [&](std::size_t c, std::size_t x, std::size_t y) {
                out[c] = m_rows.block(c, x, y)[0];
            });
        return out;
    }

    const JpegScan& m_scan;
    const UnitRows& m_before;
    const UnitRows& m_rows;     ///< as they are to be
    std::size_t m_begin, m_end; ///< units of the rows
    BitWriter m_bits;
};

bool JpegScan::addExchanged(const UnitRows& before, const UnitRows& after, Bytes& to) const {
    to.reserve(to.size() + m_bytes.size() + m_bytes.size() / 64);
    return Rewriter(*this, before, after).write(to);
}

} // namespace keepseal
