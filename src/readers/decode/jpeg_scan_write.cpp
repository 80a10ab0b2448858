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
    Rewriter(const JpegScan& scan, const UnitBlocks& units, Bytes& to)
        : m_scan(scan), m_units(units), m_area(units.area()), m_to(to) {}

    bool write() {
        const auto& segments = m_scan.coded().segments();
        for (std::size_t s = 0; s < segments.size(); ++s) {
            if (!writeSegment(s))
                return false;
            addEscaped(m_bits.finish(), m_to);
            m_to.push_back(0xff);
            m_to.push_back(static_cast<std::uint8_t>(s + 1 < segments.size() ? JPEG_RST0 + s % 8 : JPEG_EOI));
        }
        return true;
    }

private:
    bool writeSegment(std::size_t s) {
        const auto begin = s * m_scan.shape().restart, end = m_scan.coded().endOf(s);
        auto copied = m_scan.beginOf(begin); // up to that bit
        const auto copyUpTo = [&](std::uint64_t bit) {
            constexpr std::uint64_t kAtOnce = 8 * (64U << 10); // what lies in the processor's own memory
            while (copied < bit) {
                const auto next = std::min(bit, copied + kAtOnce);
                m_bits.copy(m_scan.coded().bytes(), copied, next);
                addEscaped(m_bits.whole(), m_to);
                copied = next;
            }
        };
        for (auto row = m_area.top; row < m_area.bottom; ++row) {
            const auto first = std::clamp(row * m_scan.shape().unitsAcross + m_area.left, begin, end),
                       last = std::clamp(row * m_scan.shape().unitsAcross + m_area.right, begin, end);
            if (first == last)
                continue;
            copyUpTo(m_units.bitsOf(first).first);
            if (!writeUnits(first, last))
                return false;
            copied = m_units.bitsOf(last - 1).second;
            // What follows would be told from what is no longer there.
            if (last < end && !isHeld(last) && meansBefore(last) != m_scan.meansBefore(last))
                return false;
        }
        copyUpTo(m_scan.m_walked.lastBits[s]);
        return true;
    }

    bool isHeld(std::size_t unit) const {
        const auto column = unit % m_scan.shape().unitsAcross, row = unit / m_scan.shape().unitsAcross;
        return m_area.holds({column, row, column + 1, row + 1});
    }

    bool writeUnits(std::size_t first, std::size_t last) {
        for (auto unit = first; unit < last; ++unit) {
            const auto before = meansBefore(unit);
            if (before == m_scan.meansBefore(unit) && !m_units.isChanged(unit)) {
                const auto [begin, end] = m_units.bitsOf(unit);
                m_bits.copy(m_scan.coded().bytes(), begin, end);
            } else if (!writeUnit(unit, before)) {
                return false;
            }
        }
        return true;
    }

    bool writeUnit(std::size_t unit, Means last) {
        bool coded = true;
        m_scan.eachBlock(unit, [&](std::size_t c, std::size_t x, std::size_t y) {
            const auto& block = m_units.block(c, x, y);
            coded = coded && writeMean(m_bits, m_scan.coded().meansOf(c), block[0] - last[c]) &&
                    writeOthers(m_bits, m_scan.coded().othersOf(c), block);
            last[c] = block[0];
        });
        return coded;
    }

    /// As they are now.
    Means meansBefore(std::size_t unit) const {
        auto out = m_scan.meansBefore(unit);
        if (unit % m_scan.shape().restart != 0 && isHeld(unit - 1))
            m_scan.eachBlock(unit - 1, [&](std::size_t c, std::size_t x, std::size_t y) {
                out[c] = m_units.block(c, x, y)[0];
            });
        return out;
    }

    const JpegScan& m_scan;
    const UnitBlocks& m_units;
    const UnitArea& m_area; ///< theirs
    Bytes& m_to;
    BitWriter m_bits{64U << 10};
};

bool JpegScan::addExchanged(const UnitBlocks& units, Bytes& to) const {
    to.reserve(to.size() + coded().size() + coded().size() / 64);
    return Rewriter(*this, units, to).write();
}

} // namespace keepseal
