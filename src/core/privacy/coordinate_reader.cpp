// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/coordinate_reader.h"

#include <charconv>
#include <string>

namespace keepseal {
namespace {

char lowerLatin(char c) {
    return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
}

} // namespace

bool CoordinateReader::take(std::string_view word) {
    if (m_text.substr(m_at, word.size()) != word)
        return false;
    m_at += word.size();
    return true;
}

bool CoordinateReader::takeIgnoringCase(std::string_view word) {
    if (m_text.size() - m_at < word.size())
        return false;
    for (std::size_t i = 0; i < word.size(); ++i) {
        if (lowerLatin(m_text[m_at + i]) != word[i])
            return false;
    }
    m_at += word.size();
    return true;
}

bool CoordinateReader::takeWord(std::initializer_list<std::string_view> words) {
    const auto start = m_at;
    const char first = lowerLatin(peek());
    for (const auto word : words) {
        if (word.front() != first) // nearly always: this is asked at every word of every text
            continue;
        if (takeIgnoringCase(word) && !isLatin(peek()) && !(peek() & 0x80))
            return true;
        m_at = start;
    }
    return false;
}

bool CoordinateReader::takeOneOf(std::string_view letters) {
    if (m_at >= m_text.size() || letters.find(m_text[m_at]) == std::string_view::npos)
        return false;
    ++m_at;
    return true;
}

std::size_t CoordinateReader::skip(std::string_view letters, std::size_t most) {
    std::size_t count = 0;
    while (count < most && takeOneOf(letters))
        ++count;
    return count;
}

bool CoordinateReader::number(Figures& out, char mark) {
    const auto start = m_at;
    out = {};
    out.isSigned = takeOneOf("+-");
    const auto first = m_at;
    std::string plain;
    while (isFigure(peek()) && m_at - first < 4)
        plain += m_text[m_at++];
    const auto whole = m_at - first;
    if (whole > 0 && peek() == mark && m_at + 1 < m_text.size() && isFigure(m_text[m_at + 1])) {
        plain += '.';
        const auto point = ++m_at;
        while (isFigure(peek()) && m_at - point < 18)
            plain += m_text[m_at++];
        out.places = m_at - point;
    }
    if (whole == 0 || whole > 3 || isFigure(peek())) {
        m_at = start;
        return false;
    }
    std::from_chars(plain.data(), plain.data() + plain.size(), out.value);
    return true;
}

bool CoordinateReader::digits(std::size_t least, std::size_t most, double& value) {
    const auto start = m_at;
    value = 0;
    while (isFigure(peek()) && m_at - start <= most)
        value = value * 10 + (m_text[m_at++] - '0');
    if (m_at - start >= least && m_at - start <= most)
        return true;
    m_at = start;
    return false;
}

bool CoordinateReader::degree() {
    return takeOneOf(std::string_view(&kDegree, 1)) || takeWord({"deg", "degree", "degrees", "grad"});
}

Compass CoordinateReader::compass() {
    if (takeWord({"n", "s", "north", "south", "nord", "norte", "sud", "sur", "noord", "zuid", "süd"}))
        return Compass::NorthSouth;
    // O is east to some (Ost) and west to others (oeste, ouest).
    if (takeWord({"e", "w", "o", "east", "west", "ost", "oost", "est", "este", "ouest", "oeste"}))
        return Compass::EastWest;
    return Compass::None;
}

} // namespace keepseal
