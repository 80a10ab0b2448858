// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a block by its codes (ITU-T T.81, F.2.2). Internal to decode/.
#pragma once

#include "decode/huffman_codes.h"

#include <algorithm>
#include <cstdlib>

namespace keepseal {

inline constexpr int kMostMean = 32767; ///< far more than any picture has

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

/// Where each coefficient goes, in the order in which they are coded. Behind the last one: what says that all
/// that are left are zeros, so that the last is one, and what a damaged block has too many of.
template <class Place>
using Places = std::array<Place, DCTSIZE2 + 16 + kToTheEnd>;
template <class Place>
constexpr Places<Place> placesOf(std::size_t apart) {
    Places<Place> out{};
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = static_cast<Place>(kZigzag[std::min<std::size_t>(i, DCTSIZE2 - 1)] * apart);
    return out;
}

/// All coefficients but the first, into a block of zeros. How many there are up to the last that is none, the
/// first counted; 0: no code, or more than there are.
template <class Place>
[[gnu::always_inline]] inline int readOthers(BitReader& bits, const HuffmanCodes& codes, JCOEF* to,
                                             const Places<Place>& places) {
    int at = 1;
    const auto put = [&](int steps, int value) {
        to[places[static_cast<std::size_t>(at + steps - 1)]] = static_cast<JCOEF>(value);
    };
    const auto readOne = [&] {
        const auto code = codes.next(bits);
        bits.drop(code.code());
        if (code.size > 0)
            put(code.steps, valueOf(bits.take(code.size), code.size));
        at += code.steps;
        return code.bits != 0;
    };
    while (at < DCTSIZE2 - 16) { // a first code ends before the block does
        bits.fill();             // enough for two that are long
        for (int i = 0; i < 2 && at < DCTSIZE2 - 16; ++i) {
            const auto both = codes.nextValues(bits);
            if (both.bits == 0) [[unlikely]] {
                if (!readOne())
                    return 0;
                continue;
            }
            bits.drop(both.bits);
            put(both.stepsOfFirst, both.first);
            put(both.steps, both.second);
            at += both.steps;
        }
    }
    while (at < DCTSIZE2) {
        bits.fill();
        if (!readOne())
            return 0;
    }
    return at > kToTheEnd ? at - kToTheEnd : at == DCTSIZE2 ? at : 0;
}

} // namespace keepseal
