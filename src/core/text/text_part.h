// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Words and the look of their letters.
#pragma once

#include <string>

namespace keepseal {

enum class SealWeight { Light, Regular, Medium, SemiBold, Bold };
enum class TextAlign { Left, Centre, Right };
enum class Capitals { AsTyped, All, Small };

struct TextPart {
    std::string text = "© {studio}";
    std::string family = "Inter";
    SealWeight weight = SealWeight::Regular;
    bool italic = false;
    double letterSpacing = 0; ///< percent of the type size
    double lineHeight = 120;  ///< percent of the type size, from line to line
    TextAlign align = TextAlign::Left;
    Capitals capitals = Capitals::AsTyped;
    double outlineOnly = 0; ///< percent of the type size: the line's width; 0 fills the letters
    bool operator==(const TextPart&) const = default;
};

} // namespace keepseal
