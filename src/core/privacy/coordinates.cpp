// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/coordinates.h"

#include "privacy/coordinate_forms.h"

#include "base/text.h"

#include <algorithm>

namespace keepseal {
namespace {

using Reader = CoordinateReader;

/// Forms that count only behind a word for them.
std::size_t announced(std::string_view text, std::size_t at) {
    Reader in(text, at);
    if (in.takeWord({"geohash", "geo-hash", "geo hash"})) {
        in.skip(" \"':=#>/", 4);
        const auto from = in.at();
        const auto length = in.skip("0123456789bcdefghjkmnpqrstuvwxyzBCDEFGHJKMNPQRSTUVWXYZ", 13);
        return length >= 4 && length <= 12 && in.atWordEnd() ? from + length : 0;
    }
    if (in.takeWord({"locator", "qth", "maidenhead", "gridsquare", "grid square", "qra"})) {
        in.takeWord({" locator", " grid", " square"});
        in.skip(" \"':=>", 4);
        return locator(text, in.at(), 4);
    }
    if (in.takeWord({"gps", "coordinates", "coords", "coordinate", "koordinaten", "coordonnées",
                     "coordenadas", "latlon", "latlng", "lat/lon", "lat/long", "lat,lon", "lat/lng",
                     "lat, lon", "lat, long"})) {
        toNumber(in);
        return decimalPair(text, in.at(), 2);
    }
    return 0;
}

/// The end of the coordinates that begin here; 0: none do. `link`: the end of a link without any, which is
/// passed over whole.
std::size_t coordinatesAt(std::string_view text, std::size_t i, std::size_t& link) {
    const char c = text[i];
    const bool figures = isFigure(c) || c == '+' || c == '-', letter = isLatin(c);
    if (!figures && !letter)
        return 0;
    if (letter) {
        if (const auto end = linkWithPlace(text, i))
            return end;
        if (text.substr(i, 7) == "http://" || text.substr(i, 8) == "https://") {
            link = endOfLink(text, i);
            return 0;
        }
        for (const auto form : {namedPair, announced})
            if (const auto end = form(text, i))
                return end;
        if (const auto end = locator(text, i, 8))
            return end;
    } else {
        for (const auto form : {joinedAngles, gridReference})
            if (const auto end = form(text, i))
                return end;
    }
    if (const auto end = decimalPair(text, i))
        return end;
    if (const auto end = anglePair(text, i))
        return end;
    return plusCode(text, i);
}

/// Without figures there is only a geohash of letters, and a link with empty places; most texts are neither.
bool mayHoldAny(std::string_view text) {
    return std::any_of(text.begin(), text.end(), [](char c) { return isFigure(c) || (c & 0x80); }) ||
           text.find("://") != std::string_view::npos || toLowerAscii(text).find("hash") != std::string::npos;
}

/// Bytes before the first figure of any coordinates, at the most: a word for them, a direction, marks
/// between.
constexpr std::size_t kLeadIn = 64;

/// A link, or a geohash, may begin with it.
bool mayGoWithoutFigures(char c) {
    return c == 'g' || c == 'G' || c == 'h';
}

} // namespace

std::vector<TextSpan> coordinatesIn(std::string_view whole) {
    if (!mayHoldAny(whole))
        return {};
    const auto plain = plainReading(whole);
    const std::string_view text = plain.text;
    std::vector<TextSpan> out;
    std::size_t figure = 0; // the next one
    for (std::size_t i = 0; i < text.size();) {
        while (figure < text.size() && (figure < i || !isFigure(text[figure])))
            ++figure;
        if (figure > i + kLeadIn && !mayGoWithoutFigures(text[i])) {
            ++i;
            continue;
        }
        const char before = i ? text[i - 1] : ' ';
        const bool startsWord = !isLatin(before) && !isFigure(before) && before != '.';
        std::size_t link = 0;
        const auto end = startsWord ? coordinatesAt(text, i, link) : 0;
        if (end > i)
            out.push_back({plain.from[i], plain.from[end]});
        i = std::max({end, link, i + 1});
    }
    return out;
}

std::string withoutCoordinates(const std::string& text) {
    const auto spans = coordinatesIn(text);
    if (spans.empty())
        return text;
    std::string out;
    std::size_t from = 0;
    const auto append = [&](std::string_view piece) {
        const bool gap = out.empty() || out.back() == ' ' || out.back() == '(';
        if (gap && !piece.empty() && piece.front() == ' ')
            piece.remove_prefix(1);
        out += piece;
    };
    for (const auto& span : spans) {
        append(std::string_view(text).substr(from, span.begin - from));
        from = span.end;
    }
    append(std::string_view(text).substr(from));
    for (const auto* empty : {"()", "[]", "( )", "[ ]"})
        for (auto at = out.find(empty); at != std::string::npos; at = out.find(empty))
            out.erase(at, std::string_view(empty).size());
    auto clean = trimmed(out);
    while (!clean.empty() && std::string_view(",;:@-").find(clean.back()) != std::string_view::npos)
        clean = trimmed(clean.substr(0, clean.size() - 1));
    return clean;
}

bool holdsCoordinates(std::string_view text) {
    // Piece by piece: where each byte came from takes eight times the text.
    constexpr std::size_t piece = 64 * 1024, overlap = 512;
    for (std::size_t at = 0; at < text.size(); at += piece)
        if (!coordinatesIn(text.substr(at, piece + overlap)).empty())
            return true;
    return false;
}

} // namespace keepseal
