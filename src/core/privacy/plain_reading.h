// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A text as a reader of figures wants it: the digits of every script and full-width letters as ASCII, the
// many marks for degrees, minutes, minus and spaces as one each, what cannot be seen left out. With it goes
// where each byte came from.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace keepseal {

/// Stands for a degree sign.
inline constexpr char kDegree = '\x01';

struct PlainReading {
    std::string text;
    std::vector<std::size_t>
        from; ///< for each byte of `text` its offset in the original, and one for the end
};

/// `text`: UTF-8; bytes that are none are taken as they stand. Time and memory grow with its length.
PlainReading plainReading(std::string_view text);

} // namespace keepseal
