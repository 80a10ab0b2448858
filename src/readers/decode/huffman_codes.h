// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The Huffman codes of a sequential JPEG, both ways (ITU-T T.81, annexes C and F). Internal to decode/.
#pragma once

#include "decode/bits.h"

#include <array>
#include <cstdint>
#include <cstdio>
#include <jpeglib.h>
#include <optional>

namespace keepseal {

/// The order in which coefficients are coded: T.81, figure A.6.
inline constexpr std::array<std::uint8_t, DCTSIZE2> kZigzag = {
    0,  1,  8,  16, 9,  2,  3,  10, 17, 24, 32, 25, 18, 11, 4,  5,  12, 19, 26, 33, 40, 48,
    41, 34, 27, 20, 13, 6,  7,  14, 21, 28, 35, 42, 49, 56, 57, 50, 43, 36, 29, 22, 15, 23,
    30, 37, 44, 51, 58, 59, 52, 45, 38, 31, 39, 46, 53, 60, 61, 54, 47, 55, 62, 63};

inline constexpr int kToTheEnd = 128;
/// What a code says: some zeros, then a value of `size` bits.
struct alignas(4) HuffmanSymbol { // looked up by the million
    std::uint8_t bits = 0;        ///< of the code and its value; 0: there is no such code
    std::uint8_t size = 0;
    std::uint8_t steps = 0; ///< coefficients that it stands for; kToTheEnd: all that are left
    int code() const { return bits - size; } ///< its length
};

/// What the next two codes take together, or one where the second is not seen yet.
struct HuffmanPair {
    std::uint8_t bits = 0, steps = 0; ///< as above, of both
};

/// A code and its value, and the next code and its value, where all of that is short enough to be looked up
/// as one; where it is not, the second is the first once more.
struct alignas(8) HuffmanValues {
    std::int16_t first = 0, second = 0;       ///< 0 where a code says no value
    std::uint8_t bitsOfFirst = 0, bits = 0;   ///< 0: next() is to be asked
    std::uint8_t stepsOfFirst = 0, steps = 0; ///< as above, of the first and of both
};

/// A value of `size` bits, at least one: T.81, F.2.2.1 (EXTEND).
inline int valueOf(std::uint32_t bits, int size) {
    const auto value = static_cast<int>(bits), negative = (value >> (size - 1)) - 1; // all ones, or none
    return value + (negative & (1 - (1 << size)));
}

class HuffmanCodes {
public:
    enum class Of { Means, Others };
    /// None: it is no table, or says what no picture of 8 bits has.
    static std::optional<HuffmanCodes> from(const JHUFF_TBL& table, Of of);

    /// The next code is among the reader's first 16 bits.
    HuffmanSymbol next(const BitReader& bits) const {
        const auto& short_ = m_short[bits.peek(kShort)];
        return short_.bits != 0 ? short_ : longer(bits.peek(16));
    }
    /// The same for stepping over them; without bits: next() is to be asked.
    HuffmanPair nextTwo(const BitReader& bits) const { return m_pairs[bits.peek(kShort)]; }
    const HuffmanValues& nextValues(const BitReader& bits) const { return m_values[bits.peek(kValues)]; }
    /// False: no code says that.
    bool write(BitWriter& to, int run, int size, std::uint32_t value) const {
        const auto symbol = static_cast<std::size_t>(run << 4 | size);
        if (m_lengths[symbol] == 0)
            return false;
        to.put(m_codes[symbol] << size | value, m_lengths[symbol] + size);
        return true;
    }

private:
    static constexpr int kShort = 11;  ///< bits that are looked up at once: nearly all codes
    static constexpr int kValues = 10; ///< the same, with values
    HuffmanSymbol longer(std::uint32_t sixteen) const;
    void pairThem();
    void takeValues();

    std::array<HuffmanSymbol, 1U << kShort> m_short{};
    std::array<HuffmanPair, 1U << kShort> m_pairs{};
    std::array<HuffmanValues, 1U << kValues> m_values{};
    std::array<HuffmanSymbol, 256> m_inOrder{}; ///< of their codes
    struct OfLength {
        std::uint32_t end = 0; ///< behind its last code, moved up to 16 bits
        int first = 0;         ///< in m_inOrder, less its first code
    };
    std::array<OfLength, 17> m_ofLength{};
    std::array<std::uint32_t, 256> m_codes{};
    std::array<std::uint8_t, 256> m_lengths{};
};

} // namespace keepseal
