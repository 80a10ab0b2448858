// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/reading.h"

#include "base/text.h"

#include <algorithm>
#include <charconv>
#include <numeric>
#include <optional>
#include <set>
#include <sstream>

namespace keepseal {
namespace {

struct PageSpan {
    int first = 1, last = 1; ///< from 1
};

std::optional<int> pageNumber(std::string_view text) {
    int value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    const bool whole = error == std::errc() && end == text.data() + text.size();
    return whole && value >= 1 && value <= 1'000'000 ? std::optional(value) : std::nullopt;
}

/// "3", "1-3", "4-".
std::optional<PageSpan> pageSpan(const std::string& text, int last) {
    const auto dash = text.find('-');
    const auto from = pageNumber(trimmed(text.substr(0, dash)));
    if (!from)
        return std::nullopt;
    if (dash == std::string::npos)
        return PageSpan{*from, *from};
    const auto rest = trimmed(text.substr(dash + 1));
    const auto to = rest.empty() ? std::optional(last) : pageNumber(rest);
    if (!to || (!rest.empty() && *to < *from))
        return std::nullopt;
    return PageSpan{*from, *to};
}

/// Null: it can't be understood.
std::optional<std::set<int>> namedPages(const std::string& some, int count) {
    std::set<int> out;
    std::istringstream pieces(some);
    bool any = false;
    for (std::string piece; std::getline(pieces, piece, ',');) {
        const auto span = pageSpan(trimmed(piece), count);
        if (!span)
            return std::nullopt;
        any = true;
        for (int page = span->first; page <= std::min(span->last, count); ++page)
            out.insert(page - 1);
    }
    return any ? std::optional(out) : std::nullopt;
}

} // namespace

bool areNamedPages(const std::string& some) {
    return namedPages(some, 1).has_value();
}

std::vector<int> pagesTaken(PagesTaken pages, const std::string& some, int count) {
    if (pages == PagesTaken::First)
        return {0};
    const int most = std::min(count, kMostPages);
    if (pages == PagesTaken::Some) {
        const auto named = namedPages(some, most).value_or(std::set<int>{});
        return {named.begin(), named.end()};
    }
    std::vector<int> out(static_cast<std::size_t>(most));
    std::iota(out.begin(), out.end(), 0);
    return out;
}

} // namespace keepseal
