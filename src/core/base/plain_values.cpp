// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/plain_values.h"

#include "base/text.h"

#include <algorithm>
#include <vector>

namespace keepseal {
namespace {

bool isFigure(char c) {
    return c >= '0' && c <= '9';
}
bool isLatinLetter(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}
template <class Is>
bool allOf(std::string_view text, Is is) {
    return !text.empty() && std::all_of(text.begin(), text.end(), is);
}

/// So many digits at `at`; -1 where there are others.
int figuresAt(std::string_view text, std::size_t at, std::size_t digits) {
    if (text.size() < at + digits || !allOf(text.substr(at, digits), isFigure))
        return -1;
    int out = 0;
    for (const char c : text.substr(at, digits))
        out = out * 10 + (c - '0');
    return out;
}

bool isAt(std::string_view text, std::size_t at, std::string_view oneOf) {
    return at < text.size() && oneOf.find(text[at]) != std::string_view::npos;
}

std::string padded(int value, std::size_t digits) {
    auto out = std::to_string(value);
    return std::string(digits - std::min(digits, out.size()), '0') + out;
}

int daysIn(int year, int month) {
    static constexpr int days[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
    const bool leap = year % 4 == 0 && (year % 100 != 0 || year % 400 == 0);
    return days[month - 1] + (month == 2 && leap ? 1 : 0);
}

std::string upperAscii(std::string_view text) {
    std::string out(text);
    for (char& c : out)
        c = c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c;
    return out;
}

} // namespace

std::optional<std::string> plainTime(std::string_view text) {
    const int year = figuresAt(text, 0, 4), month = figuresAt(text, 5, 2), day = figuresAt(text, 8, 2);
    if (year < 1 || month < 1 || month > 12 || day < 1 || day > daysIn(year, month) || !isAt(text, 4, ":-") ||
        !isAt(text, 7, ":-"))
        return std::nullopt;
    const auto date = padded(year, 4) + "-" + padded(month, 2) + "-" + padded(day, 2);
    const int hour = figuresAt(text, 11, 2), minute = figuresAt(text, 14, 2), second = figuresAt(text, 17, 2);
    if (!isAt(text, 10, " T") || !isAt(text, 13, ":") || hour < 0 || hour > 23 || minute < 0 || minute > 59)
        return date;
    const bool seconds = isAt(text, 16, ":") && second >= 0 && second <= 60;
    return date + "T" + padded(hour, 2) + ":" + padded(minute, 2) + ":" + padded(seconds ? second : 0, 2);
}

std::optional<std::string> plainOffset(std::string_view text) {
    const bool alone = isAt(text, 0, "+-Z");
    const auto at = alone ? 0 : text.find_first_of("+-Z", std::min<std::size_t>(16, text.size()));
    if (at == std::string_view::npos)
        return std::nullopt;
    if (text[at] == 'Z')
        return "Z";
    const int hours = figuresAt(text, at + 1, 2),
              minutes = figuresAt(text, at + (isAt(text, at + 3, ":") ? 4 : 3), 2);
    if (hours < 0 || hours > 14 || minutes < 0 || minutes > 59)
        return std::nullopt;
    return text[at] + padded(hours, 2) + ":" + padded(minutes, 2);
}

std::optional<std::string> plainLanguage(std::string_view text) {
    if (toLowerAscii(text) == "x-default")
        return "x-default";
    std::vector<std::string_view> parts;
    for (std::size_t at = 0; at <= text.size();) {
        const auto end = std::min(text.find_first_of("-_", at), text.size());
        parts.push_back(text.substr(at, end - at));
        at = end + 1;
    }
    if (!allOf(parts[0], isLatinLetter) || parts[0].size() < 2 || parts[0].size() > 3)
        return std::nullopt;
    std::string out = toLowerAscii(parts[0]);
    std::size_t next = 1;
    if (next < parts.size() && parts[next].size() == 4 && allOf(parts[next], isLatinLetter)) {
        out += "-" + upperAscii(parts[next].substr(0, 1)) + toLowerAscii(parts[next].substr(1));
        ++next;
    }
    if (next < parts.size() && ((parts[next].size() == 2 && allOf(parts[next], isLatinLetter)) ||
                                (parts[next].size() == 3 && allOf(parts[next], isFigure))))
        out += "-" + upperAscii(parts[next]);
    return out;
}

std::optional<std::string> plainDigits(std::string_view text, std::size_t most) {
    const auto digits = trimmed(text.substr(0, text.find('\0')));
    return allOf(digits, isFigure) && digits.size() <= most ? std::optional(digits) : std::nullopt;
}

} // namespace keepseal
