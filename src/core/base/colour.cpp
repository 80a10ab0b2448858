// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/colour.h"

#include <charconv>
#include <cstdio>

namespace keepseal {

std::optional<Rgb> parseColour(std::string_view text) {
    if (text.size() != 7 || text[0] != '#')
        return std::nullopt;
    std::uint8_t channel[3] = {};
    for (int i = 0; i < 3; ++i) {
        const char* begin = text.data() + 1 + 2 * i;
        const auto [end, error] = std::from_chars(begin, begin + 2, channel[i], 16);
        if (error != std::errc{} || end != begin + 2)
            return std::nullopt;
    }
    return Rgb{channel[0], channel[1], channel[2]};
}

std::string toText(Rgb colour) {
    char text[8];
    std::snprintf(text, sizeof text, "#%02x%02x%02x", colour.r, colour.g, colour.b);
    return text;
}

} // namespace keepseal
