// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text.h"

#include <algorithm>

#include <cstdio>

namespace keepseal {
namespace {

/// Bytes of the well-formed UTF-8 character at `text[at]`, or 0 (RFC 3629: no overlong forms, no surrogates).
std::size_t characterLength(std::string_view text, std::size_t at) {
    const auto byte = [&](std::size_t i) -> unsigned {
        return at + i < text.size() ? static_cast<unsigned char>(text[at + i]) : 0U;
    };
    const auto tail = [&](std::size_t i) { return (byte(i) & 0xC0U) == 0x80U; };
    const unsigned lead = byte(0);
    if (lead < 0x80)
        return 1;
    if (lead >= 0xC2 && lead < 0xE0)
        return tail(1) ? 2 : 0;
    if (lead >= 0xE0 && lead < 0xF0) {
        const bool overlong = lead == 0xE0 && byte(1) < 0xA0;
        const bool surrogate = lead == 0xED && byte(1) >= 0xA0;
        return tail(1) && tail(2) && !overlong && !surrogate ? 3 : 0;
    }
    if (lead >= 0xF0 && lead < 0xF5) {
        const bool overlong = lead == 0xF0 && byte(1) < 0x90;
        const bool tooHigh = lead == 0xF4 && byte(1) >= 0x90;
        return tail(1) && tail(2) && tail(3) && !overlong && !tooHigh ? 4 : 0;
    }
    return 0;
}

} // namespace

bool isUtf8(std::string_view bytes) {
    for (std::size_t i = 0; i < bytes.size();) {
        const auto length = characterLength(bytes, i);
        if (length == 0)
            return false;
        i += length;
    }
    return true;
}

std::string cutUtf8(std::string_view text, std::size_t maxBytes) {
    if (text.size() <= maxBytes)
        return std::string(text);
    std::size_t end = maxBytes;
    while (end > 0 && (static_cast<unsigned char>(text[end]) & 0xC0) == 0x80)
        --end;
    return std::string(text.substr(0, end));
}

std::string printable(std::string_view bytes, std::size_t maxBytes) {
    std::string out;
    const bool utf8 = isUtf8(bytes);
    for (const char c : bytes.substr(0, maxBytes)) {
        const auto u = static_cast<unsigned char>(c);
        if (u < 0x20 || u == 0x7F)
            out += ' ';
        else if (u < 0x80 || utf8)
            out += c;
        else {
            out += static_cast<char>(0xC0 | (u >> 6));
            out += static_cast<char>(0x80 | (u & 0x3F));
        }
    }
    if (utf8)
        out = cutUtf8(out, out.size() - (isUtf8(out) ? 0 : 1));
    while (!out.empty() && !isUtf8(out))
        out.pop_back();
    return trimmed(out);
}

std::string readableText(std::string_view bytes) {
    const bool utf8 = isUtf8(bytes);
    std::string out;
    for (std::size_t i = 0; i < bytes.size(); ++i) {
        const auto u = static_cast<unsigned char>(bytes[i]);
        if (u == '\r') {
            if (i + 1 >= bytes.size() || bytes[i + 1] != '\n')
                out += '\n';
        } else if ((u < 0x20 && u != '\n' && u != '\t') || u == 0x7F)
            out += ' ';
        else if (u < 0x80 || utf8)
            out += bytes[i];
        else {
            out += static_cast<char>(0xC0 | (u >> 6));
            out += static_cast<char>(0x80 | (u & 0x3F));
        }
    }
    return trimmed(out);
}

std::string trimmedNumber(double value, int decimals) {
    char text[64];
    std::snprintf(text, sizeof text, "%.*f", decimals, value);
    std::string out = text;
    if (out.find('.') != std::string::npos) {
        out.erase(out.find_last_not_of('0') + 1);
        if (out.back() == '.')
            out.pop_back();
    }
    return out == "-0" ? "0" : out;
}

std::string byteText(std::uint64_t bytes) {
    if (bytes < 1000)
        return std::to_string(bytes) + " bytes";
    if (bytes < 1000000)
        return trimmedNumber(static_cast<double>(bytes) / 1e3, 0) + " kB";
    if (bytes < 1000000000)
        return trimmedNumber(static_cast<double>(bytes) / 1e6, 1) + " MB";
    return trimmedNumber(static_cast<double>(bytes) / 1e9, 2) + " GB";
}

std::string toLowerAscii(std::string_view text) {
    std::string out(text);
    for (char& c : out)
        if (c >= 'A' && c <= 'Z')
            c = static_cast<char>(c - 'A' + 'a');
    return out;
}

std::string trimmed(std::string_view text) {
    const auto isSpace = [](char c) { return c == ' ' || c == '\t' || c == '\n' || c == '\r' || c == '\0'; };
    while (!text.empty() && isSpace(text.front()))
        text.remove_prefix(1);
    while (!text.empty() && isSpace(text.back()))
        text.remove_suffix(1);
    return std::string(text);
}

std::vector<std::string> splitTrimmed(std::string_view text, char separator) {
    std::vector<std::string> out;
    while (true) {
        const auto at = text.find(separator);
        if (auto piece = trimmed(text.substr(0, at)); !piece.empty())
            out.push_back(std::move(piece));
        if (at == std::string_view::npos)
            return out;
        text.remove_prefix(at + 1);
    }
}

std::string hexText(const std::uint8_t* data, std::size_t size) {
    static const char digits[] = "0123456789abcdef";
    std::string out;
    out.reserve(size * 2);
    for (std::size_t i = 0; i < size; ++i) {
        out += digits[data[i] >> 4];
        out += digits[data[i] & 15];
    }
    return out;
}

std::string counted(std::size_t count, const std::string& one, const std::string& many) {
    return std::to_string(count) + " " + (count == 1 ? one : many);
}

namespace {

/// Letters to put in, take out or change (Levenshtein 1965), or to swap with their neighbour.
std::size_t lettersBetween(const std::string& a, const std::string& b) {
    std::vector<std::vector<std::size_t>> d(a.size() + 1, std::vector<std::size_t>(b.size() + 1));
    for (std::size_t i = 0; i <= a.size(); ++i)
        for (std::size_t j = 0; j <= b.size(); ++j) {
            if (i == 0 || j == 0) {
                d[i][j] = i + j;
                continue;
            }
            d[i][j] = std::min({d[i - 1][j] + 1, d[i][j - 1] + 1, d[i - 1][j - 1] + (a[i - 1] != b[j - 1])});
            if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                d[i][j] = std::min(d[i][j], d[i - 2][j - 2] + 1);
        }
    return d[a.size()][b.size()];
}

} // namespace

std::string nearestWord(const std::string& typed, const std::vector<std::string>& words) {
    constexpr std::size_t kLongest = 64;
    std::string best;
    std::size_t fewest = std::min(typed.size(), kLongest) / 3 + 1;
    for (const auto& word : words)
        if (typed.size() <= kLongest && word.size() <= kLongest)
            if (const auto wrong = lettersBetween(typed, word); wrong < fewest) {
                fewest = wrong;
                best = word;
            }
    return best;
}

bool naturalLess(std::string_view a, std::string_view b) {
    const auto isDigit = [](char c) { return c >= '0' && c <= '9'; };
    const auto lower = [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c + 32) : c; };
    std::size_t i = 0, j = 0;
    while (i < a.size() && j < b.size()) {
        if (isDigit(a[i]) && isDigit(b[j])) {
            const auto numberAt = [&](std::string_view text, std::size_t& at) {
                while (at + 1 < text.size() && text[at] == '0' && isDigit(text[at + 1]))
                    ++at;
                const auto begin = at;
                while (at < text.size() && isDigit(text[at]))
                    ++at;
                return text.substr(begin, at - begin);
            };
            const auto x = numberAt(a, i), y = numberAt(b, j);
            if (x.size() != y.size())
                return x.size() < y.size();
            if (x != y)
                return x < y;
            continue;
        }
        const auto x = static_cast<unsigned char>(lower(a[i++])),
                   y = static_cast<unsigned char>(lower(b[j++]));
        if (x != y)
            return x < y;
    }
    if (a.size() - i != b.size() - j)
        return a.size() - i < b.size() - j;
    return a < b; // the same but for case and zeros in front
}

std::string joinedWithAnd(const std::vector<std::string>& words) {
    std::string out;
    for (std::size_t i = 0; i < words.size(); ++i)
        out += (i == 0 ? "" : i + 1 == words.size() ? " and " : ", ") + words[i];
    return out;
}

} // namespace keepseal
