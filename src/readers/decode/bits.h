// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Bits of bytes, the highest first. Internal to decode/.
#pragma once

#include "base/byte_source.h"
#include "picture/pixel_memory.h"

#include <algorithm>
#include <bit>
#include <cstdint>
#include <cstring>
#include <utility>

namespace keepseal {

inline std::uint64_t eightBytes(const std::uint8_t* from) {
    static_assert(std::endian::native == std::endian::little);
    std::uint64_t out = 0;
    std::memcpy(&out, from, sizeof out);
    return __builtin_bswap64(out);
}

class BitReader {
public:
    /// `bytes` stay the caller's, who knows where they end; eight behind that may be looked at.
    BitReader(const std::uint8_t* bytes, std::uint64_t position) { moveTo(bytes, position); }
    void moveTo(const std::uint8_t* bytes, std::uint64_t position) {
        m_begin = bytes;
        m_next = bytes + position / 8;
        m_bits = 0;
        m_left = 0;
        fill();
        drop(static_cast<int>(position % 8));
    }
    /// At least 56 bits can be taken after it.
    void fill() {
        m_bits |= eightBytes(m_next) >> m_left;
        m_next += (63 - m_left) >> 3;
        m_left |= 56;
    }
    std::uint32_t peek(int count) const { ///< in two steps: none may be asked for
        return static_cast<std::uint32_t>(m_bits >> 1 >> (63 - count));
    }
    void drop(int count) {
        m_bits <<= count;
        m_left -= count;
    }
    std::uint32_t take(int count) {
        const auto out = peek(count);
        drop(count);
        return out;
    }
    /// In bits from the beginning of the bytes.
    std::uint64_t position() const {
        return static_cast<std::uint64_t>(m_next - m_begin) * 8 - static_cast<std::uint64_t>(m_left);
    }

private:
    const std::uint8_t* m_begin = nullptr;
    const std::uint8_t* m_next = nullptr;
    std::uint64_t m_bits = 0; ///< the next ones, from the highest down
    int m_left = 0;           ///< of them
};

class BitWriter {
public:
    /// `expected`: bytes that it will be about.
    explicit BitWriter(std::size_t expected) : m_bytes(expected) {}
    /// At most 32, the lowest of `bits`; there are no others in it.
    void put(std::uint32_t bits, int count) {
        makeRoom(8);
        if (count == 0)
            return;
        m_bits |= static_cast<std::uint64_t>(bits) << (64 - m_count - count);
        for (m_count += count; m_count >= 8; m_count -= 8, m_bits <<= 8)
            m_bytes[m_length++] = static_cast<std::uint8_t>(m_bits >> 56);
    }
    /// Those of `from` from one position up to another.
    void copy(const std::uint8_t* from, std::uint64_t begin, std::uint64_t end) {
        makeRoom(static_cast<std::size_t>((end - begin) / 8) + 8);
        BitReader reader(from, begin);
        auto left = end - begin;
        for (; left >= 32; left -= 32, reader.fill())
            putWord(reader.take(32));
        put(reader.take(static_cast<int>(left)), static_cast<int>(left));
    }
    /// The bytes that are whole, to be taken away before more is put.
    ByteSpan whole() { return {m_bytes.data(), std::exchange(m_length, 0)}; }
    /// Up to a whole byte with ones (T.81, F.1.2.3). All of it; to be filled anew afterwards.
    ByteSpan finish() {
        if (m_count > 0)
            put((1U << (8 - m_count)) - 1, 8 - m_count);
        return whole();
    }

private:
    void makeRoom(std::size_t more) {
        if (m_length + more > m_bytes.size())
            m_bytes.resize(std::max(m_bytes.size() * 2, m_length + more));
    }
    void putWord(std::uint32_t bits) {
        const auto all = m_bits | static_cast<std::uint64_t>(bits) << (32 - m_count);
        const auto four = __builtin_bswap32(static_cast<std::uint32_t>(all >> 32));
        std::memcpy(m_bytes.data() + m_length, &four, sizeof four);
        m_length += sizeof four;
        m_bits = all << 32;
    }
    Pixels<std::uint8_t> m_bytes;
    std::size_t m_length = 0; ///< of them that are filled
    std::uint64_t m_bits = 0; ///< those that fill no byte yet, from the highest down
    int m_count = 0;          ///< of them: under 8
};

} // namespace keepseal
