// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/plain_reading.h"

#include <glib.h>

#include <optional>

namespace keepseal {
namespace {

/// What the character is read as; '\0': it is left out; nothing: as it stands.
std::optional<char> readAs(gunichar c) {
    if (c < 0x80)
        return c == '\t' || c == '\n' || c == '\r' ? ' ' : static_cast<char>(c);
    if (c >= 0xFF01 && c <= 0xFF5E) // full width
        return static_cast<char>(c - 0xFF01 + '!');
    if (const int digit = g_unichar_digit_value(c); digit >= 0 && g_unichar_isdigit(c))
        return static_cast<char>('0' + digit);
    switch (c) {
    case 0x00B0: // degree sign, ordinal indicator, ring above, ring operator
    case 0x00BA:
    case 0x02DA:
    case 0x2218:
        return kDegree;
    case 0x00B4: // what stands for a prime
    case 0x02B9:
    case 0x2018:
    case 0x2019:
    case 0x2032:
        return '\'';
    case 0x02BA:
    case 0x201C:
    case 0x201D:
    case 0x2033:
        return '"';
    case 0x2010: // hyphens, dash, minus sign
    case 0x2011:
    case 0x2012:
    case 0x2013:
    case 0x2212:
    case 0xFE63:
        return '-';
    case 0x060C: // commas
    case 0x3001:
        return ',';
    case 0x061B:
        return ';';
    case 0x066B: // the Arabic decimal mark
        return '.';
    default:
        break;
    }
    const auto type = g_unichar_type(c);
    if (type == G_UNICODE_FORMAT || c == 0x034F)
        return '\0';
    if (g_unichar_isspace(c))
        return ' ';
    return std::nullopt;
}

} // namespace

PlainReading plainReading(std::string_view text) {
    PlainReading out;
    out.text.reserve(text.size());
    out.from.reserve(text.size() + 1);
    const auto put = [&](char c, std::size_t at) {
        out.text += c;
        out.from.push_back(at);
    };
    for (std::size_t i = 0; i < text.size();) {
        if (const auto byte = static_cast<unsigned char>(text[i]); byte < 0x80) {
            put(*readAs(byte), i++);
            continue;
        }
        const auto left = static_cast<gssize>(text.size() - i);
        const gunichar c = g_utf8_get_char_validated(text.data() + i, left);
        const bool valid = c != static_cast<gunichar>(-1) && c != static_cast<gunichar>(-2) && c != 0;
        const auto length = valid ? static_cast<std::size_t>(g_unichar_to_utf8(c, nullptr)) : 1;
        const auto as = valid ? readAs(c) : std::nullopt;
        if (as && *as)
            put(*as, i);
        else if (!as)
            for (std::size_t k = 0; k < length; ++k)
                put(text[i + k], i + k);
        i += length;
    }
    out.from.push_back(text.size());
    return out;
}

} // namespace keepseal
