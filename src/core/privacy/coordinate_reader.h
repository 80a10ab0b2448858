// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Steps along a text in search of coordinates. Every step is bounded, so that a search that starts one at
// each byte stays linear. Internal to privacy/coordinates.
#pragma once

#include "privacy/plain_reading.h"

#include <cstddef>
#include <initializer_list>
#include <string_view>

namespace keepseal {

inline bool isFigure(char c) {
    return c >= '0' && c <= '9';
}
inline bool isLatin(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}

struct Figures {
    double value = 0;
    std::size_t places = 0; ///< behind the decimal mark
    bool isSigned = false;
};

/// Which way an angle is counted.
enum class Compass { None, NorthSouth, EastWest };

class CoordinateReader {
public:
    CoordinateReader(std::string_view text, std::size_t at) : m_text(text), m_at(at) {}

    std::size_t at() const { return m_at; }
    char peek() const { return m_at < m_text.size() ? m_text[m_at] : '\0'; }
    bool atWordEnd() const { return !isFigure(peek()) && !isLatin(peek()); }

    bool take(std::string_view word);
    /// Whatever its case, and as a whole word.
    bool takeWord(std::initializer_list<std::string_view> words);
    bool takeOneOf(std::string_view letters);
    /// At most `most` of them; how many it were.
    std::size_t skip(std::string_view letters, std::size_t most = 4);
    /// A sign, up to three figures, the decimal mark and its places.
    bool number(Figures& out, char mark);
    /// So many figures and no more; their value.
    bool digits(std::size_t least, std::size_t most, double& value);
    /// A degree sign or the word.
    bool degree();
    /// A letter or word for one of the four directions.
    Compass compass();

private:
    bool takeIgnoringCase(std::string_view word);

    std::string_view m_text;
    std::size_t m_at;
};

} // namespace keepseal
