// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A display colour: 8-bit sRGB, no alpha (opacity is its own setting wherever it matters).
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace keepseal {

struct Rgb {
    std::uint8_t r = 0, g = 0, b = 0;
    bool operator==(const Rgb&) const = default;
};

/// Reads "#rrggbb" (either case). Nothing else is a colour.
std::optional<Rgb> parseColour(std::string_view text);
/// "#rrggbb", lower case.
std::string toText(Rgb colour);

} // namespace keepseal
