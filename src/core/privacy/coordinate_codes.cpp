// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Links and codes that hold a place.
#include "privacy/coordinate_forms.h"

#include "base/text.h"

namespace keepseal {

using Reader = CoordinateReader;

namespace {

constexpr std::size_t kMostLink = 2000; ///< bytes of one link that are looked at

} // namespace

std::size_t endOfLink(std::string_view text, std::size_t at) {
    auto end = at;
    while (end < text.size() && end - at<kMostLink&& static_cast<unsigned char>(text[end])> ' ' &&
           std::string_view("\"<>()[]{}").find(text[end]) == std::string_view::npos)
        ++end;
    while (end > at && std::string_view(".,;:!?").find(text[end - 1]) != std::string_view::npos)
        --end;
    return end;
}

namespace {

/// Two numbers of a link with little between them: "54.25,3.50", "54.2512%2C3.5034", "54.2512!4d3.5034".
bool pairInLink(std::string_view link, std::size_t at) {
    Reader in(link, at);
    Figures a, b;
    if (!in.number(a, '.') || a.places < 2)
        return false;
    if (Reader next = in; (next.take(",") || next.take("%2C") || next.take("%2c") || next.take("/")) &&
                          next.number(b, '.') && b.places >= 2)
        return isOnEarth(a.value, b.value);
    for (int letters = 1; letters <= 6; ++letters) {
        if (in.at() >= link.size())
            return false;
        in = Reader(link, in.at() + 1);
        if (Reader next = in; next.number(b, '.') && b.places > 0)
            return a.places >= 3 && b.places >= 3 && isOnEarth(a.value, b.value);
    }
    return false;
}

} // namespace

std::size_t linkWithPlace(std::string_view text, std::size_t at) {
    if (const char first = text[at]; first != 'g' && first != 'G' && first != 'h')
        return 0; // neither geo: nor http:
    const auto link = text.substr(at, endOfLink(text, at) - at);
    if (toLowerAscii(link.substr(0, 4)) == "geo:") {
        Reader in(link, 4);
        Figures a, b;
        const bool pair =
            in.number(a, '.') && in.take(",") && in.number(b, '.') && isOnEarth(a.value, b.value);
        return pair ? at + link.size() : 0;
    }
    if (!link.starts_with("http://") && !link.starts_with("https://"))
        return 0;
    std::size_t named = 0;
    for (std::size_t i = 8; i < link.size(); ++i) {
        if (isFigure(link[i - 1]) || link[i - 1] == '.' || !(isFigure(link[i]) || link[i] == '-'))
            continue;
        if (pairInLink(link, i))
            return at + link.size();
        const auto key = link.substr(0, i);
        named += key.ends_with("lat=") || key.ends_with("lon=") || key.ends_with("lng=");
    }
    return named >= 2 ? at + link.size() : 0;
}

std::size_t plusCode(std::string_view text, std::size_t at) {
    constexpr std::string_view alphabet = "23456789CFGHJMPQRVWX";
    auto i = at;
    bool letter = false, figure = false;
    const auto run = [&](std::size_t most) {
        const auto begin = i;
        while (i < text.size() && i - begin < most && alphabet.find(text[i]) != std::string_view::npos) {
            letter = letter || isLatin(text[i]);
            figure = figure || isFigure(text[i]);
            ++i;
        }
        return i - begin;
    };
    const auto head = run(9);
    if ((head != 4 && head != 6 && head != 8) || i >= text.size() || text[i] != '+')
        return 0;
    ++i;
    const auto tail = run(4);
    const bool ends = i >= text.size() || !(isLatin(text[i]) || isFigure(text[i]));
    return tail >= 2 && tail <= 3 && letter && figure && ends ? i : 0;
}

namespace {

/// Band and square letters of UTM and MGRS: no I and no O.
bool takeGridLetter(Reader& in, char first, char last) {
    const char c = in.peek();
    if (c < first || c > last || c == 'I' || c == 'O')
        return false;
    return in.take(std::string_view(&c, 1));
}

} // namespace

std::size_t gridReference(std::string_view text, std::size_t at) {
    Reader in(text, at);
    double zone = 0, easting = 0, northing = 0;
    if (!in.digits(1, 2, zone) || zone < 1 || zone > 60)
        return 0;
    in.skip(" ", 1);
    if (!takeGridLetter(in, 'C', 'X'))
        return 0;
    Reader utm = in;
    utm.skip(" ,", 2);
    if (utm.digits(6, 6, easting) && easting >= 100'000) {
        Reader decimals = utm;
        if (decimals.take(".") && decimals.skip("0123456789", 6) > 0)
            utm = decimals;
        utm.skip(" ", 1);
        utm.takeWord({"me", "m", "e"});
        utm.skip(" ,/", 3);
        if (utm.digits(6, 8, northing) && northing <= 10'000'000)
            return utm.at();
    }
    const auto spaced = in.skip(" ", 1);
    if (!takeGridLetter(in, 'A', 'Z') || !takeGridLetter(in, 'A', 'V'))
        return 0;
    const auto gap = in.skip(" ", 1);
    const auto from = in.at();
    const auto first = in.skip("0123456789", 11);
    // Four and four without a space before are any two numbers of a table in hexadecimal.
    if (gap > 0 && first >= (spaced > 0 ? 3U : 5U) && first <= 5 && in.skip(" ", 1) == 1) {
        const auto begin = in.at();
        return in.skip("0123456789", 6) == first && in.atWordEnd() ? begin + first : 0;
    }
    const bool joined = (first == 8 || first == 10) || (first == 6 && spaced + gap > 0);
    return joined && in.atWordEnd() ? from + first : 0;
}

std::size_t locator(std::string_view text, std::size_t at, std::size_t least) {
    auto i = at;
    const auto pair = [&](char first, char last) {
        const auto inside = [&](std::size_t k) {
            if (k >= text.size())
                return false;
            const char c =
                first >= 'A' && text[k] >= 'a' && text[k] <= 'z' ? static_cast<char>(text[k] - 32) : text[k];
            return c >= first && c <= last;
        };
        if (!inside(i) || !inside(i + 1))
            return false;
        i += 2;
        return true;
    };
    if (!pair('A', 'R') || !pair('0', '9'))
        return 0;
    if (pair('A', 'X') && pair('0', '9'))
        pair('A', 'X');
    const bool ends = i >= text.size() || !(isLatin(text[i]) || isFigure(text[i]));
    const auto isSmall = [&](std::size_t k) { return text[k] >= 'a' && text[k] <= 'z'; };
    const bool usual =
        least <= 4 || (i - at >= 6 && !isSmall(at) && !isSmall(at + 1) && isSmall(at + 4) && isSmall(at + 5));
    return ends && i - at >= least && usual ? i : 0;
}

} // namespace keepseal
