// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/huffman_codes.h"

#include <algorithm>

namespace keepseal {
namespace {

constexpr int kZeros = 0xf0; ///< sixteen of them, and no value
constexpr int kEnd = 0;      ///< of the block

/// T.81, tables F.1 and F.2: 11 bits for a difference of means, 10 for all else.
bool isOfEightBits(int symbol, HuffmanCodes::Of of) {
    const int run = symbol >> 4, size = symbol & 15;
    if (of == HuffmanCodes::Of::Means)
        return run == 0 && size <= 11;
    return size == 0 ? symbol == kEnd || symbol == kZeros : size <= 10;
}

} // namespace

std::optional<HuffmanCodes> HuffmanCodes::from(const JHUFF_TBL& table, Of of) {
    HuffmanCodes out;
    std::uint32_t code = 0;
    std::size_t at = 0;
    for (int length = 1; length <= 16; ++length) { // T.81, C.2
        auto& here = out.m_ofLength[static_cast<std::size_t>(length)];
        here.first = static_cast<int>(at) - static_cast<int>(code);
        for (int i = 0; i < table.bits[length]; ++i, ++at, ++code) {
            if (at >= 256 || code >= 1U << length)
                return std::nullopt;
            const int symbol = table.huffval[at];
            if (!isOfEightBits(symbol, of) || out.m_lengths[static_cast<std::size_t>(symbol)] != 0)
                return std::nullopt;
            const int size = symbol & 15, steps = symbol == kEnd ? kToTheEnd : (symbol >> 4) + 1;
            const HuffmanSymbol says{static_cast<std::uint8_t>(length + size),
                                     static_cast<std::uint8_t>(size), static_cast<std::uint8_t>(steps)};
            out.m_inOrder[at] = says;
            out.m_codes[static_cast<std::size_t>(symbol)] = code;
            out.m_lengths[static_cast<std::size_t>(symbol)] = static_cast<std::uint8_t>(length);
            if (length <= kShort)
                std::fill_n(out.m_short.begin() + (code << (kShort - length)), 1U << (kShort - length), says);
        }
        here.end = code << (16 - length);
        code <<= 1;
    }
    if (of == Of::Others) {
        out.pairThem();
        out.takeValues();
    }
    return out;
}

void HuffmanCodes::pairThem() {
    for (std::uint32_t seen = 0; seen < m_pairs.size(); ++seen) {
        const auto first = m_short[seen];
        auto& pair = m_pairs[seen];
        pair = {first.bits, first.steps};
        if (first.steps == kToTheEnd || first.bits >= kShort)
            continue;
        const auto second = m_short[(seen << first.bits) & ((1U << kShort) - 1)];
        if (second.bits == 0 || first.bits + second.code() > kShort)
            continue;
        pair.bits = static_cast<std::uint8_t>(first.bits + second.bits);
        pair.steps = static_cast<std::uint8_t>(first.steps + second.steps);
    }
}

void HuffmanCodes::takeValues() {
    constexpr int kSeen = kShort - kValues;                           // fewer than are looked up there
    const auto valueIn = [](std::uint32_t seen, HuffmanSymbol says) { // its first bits are that code
        return static_cast<std::int16_t>(
            says.size == 0 ? 0 : valueOf(seen >> (kShort - says.bits) & ((1U << says.size) - 1), says.size));
    };
    for (std::uint32_t i = 0; i < m_values.size(); ++i) {
        const auto seen = i << kSeen;
        const auto first = m_short[seen];
        if (first.bits == 0 || first.bits > kValues)
            continue;
        auto& out = m_values[i];
        out = {valueIn(seen, first), valueIn(seen, first), first.bits, first.bits, first.steps, first.steps};
        const auto behind = (seen << first.bits) & ((1U << kShort) - 1);
        const auto second = m_short[behind];
        if (first.steps == kToTheEnd || second.bits == 0 || first.bits + second.bits > kValues)
            continue;
        out.second = valueIn(behind, second);
        out.bits = static_cast<std::uint8_t>(first.bits + second.bits);
        out.steps = static_cast<std::uint8_t>(first.steps + second.steps);
    }
}

HuffmanSymbol HuffmanCodes::longer(std::uint32_t sixteen) const {
    for (int length = kShort + 1; length <= 16; ++length) { // T.81, F.2.2.3
        const auto& here = m_ofLength[static_cast<std::size_t>(length)];
        if (sixteen < here.end)
            return m_inOrder[static_cast<std::size_t>(static_cast<int>(sixteen >> (16 - length)) +
                                                      here.first)];
    }
    return {};
}

} // namespace keepseal
