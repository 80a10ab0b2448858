// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/safe_text.h"

#include "base/text.h"

#include <algorithm>
#include <cstdint>
#include <cstdio>

namespace keepseal {
namespace {

struct Character {
    std::uint32_t code = 0;
    std::size_t length = 1;
    bool good = false; ///< well-formed UTF-8
};

Character characterAt(std::string_view text, std::size_t at) {
    const auto lead = static_cast<unsigned char>(text[at]);
    if (lead < 0x80)
        return {lead, 1, true};
    const std::size_t length = lead >= 0xF0 ? 4 : lead >= 0xE0 ? 3 : 2;
    const auto piece = text.substr(at, length);
    if (piece.size() < length || !isUtf8(piece))
        return {lead, 1, false};
    std::uint32_t code = lead & (0xFFU >> (length + 1));
    for (std::size_t i = 1; i < length; ++i)
        code = code << 6 | (static_cast<unsigned char>(piece[i]) & 0x3FU);
    return {code, length, true};
}

/// Unicode 15: controls (Cc), formats (Cf) that are not seen, separators of lines and paragraphs, tags.
bool isUnseen(std::uint32_t code) {
    struct Range {
        std::uint32_t first, last;
    };
    static constexpr Range ranges[] = {
        {0x00, 0x1F},     {0x7F, 0x9F},     {0xAD, 0xAD},     {0x034F, 0x034F}, {0x061C, 0x061C},
        {0x115F, 0x1160}, {0x17B4, 0x17B5}, {0x180B, 0x180F}, {0x200B, 0x200F}, {0x2028, 0x202E},
        {0x2060, 0x206F}, {0x3164, 0x3164}, {0xFEFF, 0xFEFF}, {0xFFF9, 0xFFFB}, {0xE0000, 0xE0FFF}};
    return std::any_of(std::begin(ranges), std::end(ranges),
                       [code](const Range& range) { return code >= range.first && code <= range.last; });
}

template <class Act>
void eachCharacter(std::string_view text, Act act) {
    for (std::size_t at = 0; at < text.size();) {
        const auto character = characterAt(text, at);
        act(character, text.substr(at, character.length));
        at += character.length;
    }
}

std::string escapeOf(const Character& character) {
    if (character.code == '\n')
        return "\\n";
    if (character.code == '\t')
        return "\\t";
    if (character.code == '\r')
        return "\\r";
    char out[16];
    std::snprintf(out, sizeof out, !character.good || character.code < 0x80 ? "\\x%02x" : "\\u%04x",
                  static_cast<unsigned>(character.code));
    return out;
}

bool startsFormula(std::string_view text) {
    const auto start = text.find_first_not_of(" \t\r\n");
    if (start == std::string_view::npos)
        return false;
    const auto first = text.substr(start);
    for (const std::string_view sign : {"=", "+", "-", "@", "|", "\uFF1D", "\uFF0B", "\uFF0D", "\uFF20"})
        if (first.starts_with(sign))
            return true;
    return false;
}

} // namespace

std::string shownInTerminal(std::string_view text) {
    std::string out;
    eachCharacter(text, [&out](const Character& character, std::string_view bytes) {
        if (!character.good || isUnseen(character.code))
            out += escapeOf(character);
        else
            out += bytes;
    });
    return out;
}

std::string withoutUnseen(std::string_view text) {
    std::string out;
    eachCharacter(text, [&out](const Character& character, std::string_view bytes) {
        if (!character.good || !isUnseen(character.code))
            out += bytes;
    });
    return out;
}

std::string csvCell(std::string_view text) {
    const auto safe = (startsFormula(text) ? "'" : "") + std::string(text);
    if (safe.find_first_of(",;\t|\"\r\n") == std::string::npos)
        return safe;
    std::string out = "\"";
    for (const char c : safe)
        out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

std::string withoutFormulaMark(std::string_view cell) {
    return std::string(cell.size() > 1 && cell[0] == '\'' && startsFormula(cell.substr(1)) ? cell.substr(1)
                                                                                           : cell);
}

} // namespace keepseal
