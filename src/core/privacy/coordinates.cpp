// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/coordinates.h"

#include "privacy/coordinate_reader.h"

#include "base/text.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

using Reader = CoordinateReader;

constexpr std::size_t kMostLink = 2000; ///< bytes of one link that are looked at
constexpr char kMarks[] = {'.', ','};   ///< between a number and its decimal places

/// Of one number of a pair, what stands about it.
struct Half {
    Figures number;
    Compass compass = Compass::None;
    bool degree = false;
    std::size_t end = 0;
};

/// "54.2512", "N 54.25", "54.25Â° north".
bool half(Reader& in, char mark, Half& out) {
    out.compass = in.compass();
    if (out.compass != Compass::None)
        in.skip(" ");
    if (!in.number(out.number, mark))
        return false;
    out.end = in.at();
    in.skip(" ", 2);
    if (in.degree()) {
        out.degree = true;
        out.end = in.at();
        in.skip(" ", 2);
    }
    if (out.compass == Compass::None && (out.compass = in.compass()) != Compass::None)
        out.end = in.at();
    return true;
}

bool isOnEarth(double a, double b) {
    a = std::abs(a), b = std::abs(b);
    return (a <= 90 && b <= 180) || (a <= 180 && b <= 90); // some write the longitude first
}

/// How many places two numbers must have to be a pair, by what stands about them.
bool isPair(const Half& a, const Half& b, char mark, std::size_t announced) {
    if (!isOnEarth(a.number.value, b.number.value))
        return false;
    const auto least = std::min(a.number.places, b.number.places);
    const auto most = std::max(a.number.places, b.number.places);
    if (a.compass != Compass::None || b.compass != Compass::None) {
        const bool each = a.compass != Compass::None && b.compass != Compass::None && a.compass != b.compass;
        return each && ((a.degree && b.degree) || (most >= 2 && least >= 1));
    }
    if (announced > 0)
        return least + 1 >= announced && most >= announced;
    if (a.degree && b.degree)
        return most >= 2;
    if (a.degree != b.degree)
        return false;
    // Two shares of one are a colour or a position in a picture; both under one degree is open sea.
    const bool shares = std::abs(a.number.value) < 1 && std::abs(b.number.value) < 1;
    // Three figures behind a comma are thousands.
    return !shares && least >= (mark == ',' ? 4U : 3U);
}

/// Numbers with no more between them than the commands of a drawing's path.
bool isPath(std::string_view side) {
    std::size_t figures = 0;
    for (const char c : side) {
        figures += isFigure(c);
        if (!isFigure(c) && std::string_view(" .,-+eEMmLlHhVvCcSsQqTtAaZz").find(c) == std::string_view::npos)
            return false;
    }
    return figures >= 6;
}

/// Whether the numbers between these ends stand in a row of numbers (a path of a drawing, a curve, a table):
/// a place has a height behind it at the most.
bool inARow(std::string_view text, std::size_t begin, std::size_t end) {
    constexpr std::string_view between = " ,;";
    constexpr std::size_t side = 16;
    if ((begin >= side && isPath(text.substr(begin - side, side))) ||
        (end + side <= text.size() && isPath(text.substr(end, side))))
        return true;
    auto before = begin;
    for (int i = 0; i < 3 && before > 0 && between.find(text[before - 1]) != std::string_view::npos; ++i)
        --before;
    if (before > 0 && (isFigure(text[before - 1]) || text[before - 1] == '.'))
        return true;
    Reader after(text, end);
    if (isLatin(after.peek()))
        return true;
    for (int numbers = 0; numbers < 2; ++numbers) {
        after.skip(between, 3);
        Figures ignored;
        if (!after.number(ignored, '.'))
            return false;
    }
    return true;
}

/// "54.2512, 3.5034", "54,25120Â° N 3,50340Â° E", "+54.2512+003.5034/". `announced`: places that suffice
/// since a word before says what it is; 0: no such word.
std::size_t decimalPair(std::string_view text, std::size_t at, std::size_t announced = 0) {
    for (const char mark : kMarks) {
        Reader in(text, at);
        Half a, b;
        if (!half(in, mark, a))
            continue;
        Reader next(text, a.end);
        next.skip(" ", 2);
        if (next.takeOneOf(",;/|"))
            next.skip(" ", 2);
        const bool parted = next.at() != a.end;
        if (!half(next, mark, b) ||
            !(parted || (a.number.isSigned && b.number.isSigned) || a.compass != Compass::None) ||
            !isPair(a, b, mark, announced))
            continue;
        const bool bare = announced == 0 && a.compass == Compass::None && !a.degree && !b.degree;
        if (bare && inARow(text, at, b.end))
            continue;
        Reader after(text, b.end);
        if (b.compass == Compass::None && b.degree && after.skip(" ", 1) <= 1 && after.takeOneOf("CFKcf") &&
            after.atWordEnd())
            continue; // temperatures
        return b.end;
    }
    return 0;
}

struct Angle {
    Compass compass = Compass::None;
    bool degree = false, minutes = false, minuteMark = false;
    std::size_t end = 0;
};

void parting(Reader& in) {
    in.skip(" -:", 2);
}

/// The minutes and seconds behind degrees, if they stand there.
bool behindDegrees(Reader& in, char mark, Angle& out) {
    Figures minutes, seconds;
    Reader ahead = in;
    parting(ahead);
    if (!ahead.number(minutes, mark) || minutes.isSigned)
        return true;
    if (minutes.value >= 60)
        return false;
    in = ahead;
    out.minutes = true;
    out.end = in.at();
    ahead.skip(" ", 1);
    if (ahead.take("''") || (out.minuteMark = ahead.take("'") || ahead.takeWord({"min", "m"}))) {
        in = ahead;
        out.end = in.at();
    }
    ahead = in;
    parting(ahead);
    if (ahead.number(seconds, mark) && !seconds.isSigned && seconds.value < 60 &&
        (out.minuteMark || minutes.places == 0)) {
        Reader marked = ahead;
        marked.skip(" ", 1);
        const bool mark2 = marked.take("\"") || marked.take("''") || marked.takeWord({"sec", "s"});
        // Without its mark it may as well be the next number.
        if (mark2 || !out.minuteMark) {
            in = mark2 ? marked : ahead;
            out.end = in.at();
        }
    }
    return true;
}

/// Degrees, minutes and perhaps seconds: 54Â°15'04"N, N54 12.3, 54-12.3N, 54 deg 15' 4.00" N.
bool angle(Reader& in, char mark, Angle& out) {
    Figures degrees;
    out.compass = in.compass();
    in.skip(" ");
    if (!in.number(degrees, mark) || degrees.value > 180)
        return false;
    out.end = in.at();
    Reader ahead = in;
    ahead.skip(" ", 1);
    if (ahead.degree()) {
        out.degree = true;
        in = ahead;
        out.end = in.at();
    }
    if (degrees.places == 0 && !behindDegrees(in, mark, out))
        return false;
    ahead = Reader(in);
    ahead.skip(" ", 2);
    if (out.compass == Compass::None && (out.compass = ahead.compass()) != Compass::None) {
        in = ahead;
        out.end = in.at();
    }
    return true;
}

std::size_t anglePair(std::string_view text, std::size_t at) {
    for (const char mark : kMarks) {
        Reader in(text, at);
        Angle a, b;
        if (!angle(in, mark, a))
            continue;
        in.skip(" ,;/|", 4);
        if (!angle(in, mark, b))
            continue;
        const bool letters =
            a.compass != Compass::None && b.compass != Compass::None && a.compass != b.compass;
        const bool none = a.compass == Compass::None && b.compass == Compass::None;
        const bool degrees = a.degree && b.degree, minutes = a.minutes && b.minutes;
        if ((letters && (degrees || minutes)) || (none && degrees && minutes && a.minuteMark && b.minuteMark))
            return b.end;
    }
    return 0;
}

/// ISO 6709, annex H, in degrees with minutes or with seconds: +5415.07+00330.20/, +541504+0033012/.
std::size_t joinedAngles(std::string_view text, std::size_t at) {
    const auto one = [&](Reader& in, std::size_t wanted, std::size_t& behind) {
        double value = 0;
        if (!in.takeOneOf("+-") || !in.digits(wanted, wanted, value))
            return false;
        behind = 0;
        if (in.take(".")) {
            const auto from = in.at();
            in.skip("0123456789", 12);
            behind = in.at() - from;
        }
        return true;
    };
    for (const std::size_t figures : {4U, 6U}) {
        Reader in(text, at);
        std::size_t first = 0, second = 0;
        if (one(in, figures, first) && one(in, figures + 1, second) && first == second &&
            (in.take("/") || (first > 0 && in.atWordEnd())))
            return in.at();
    }
    return 0;
}

std::size_t endOfLink(std::string_view text, std::size_t at) {
    auto end = at;
    while (end < text.size() && end - at<kMostLink&& static_cast<unsigned char>(text[end])> ' ' &&
           std::string_view("\"<>()[]{}").find(text[end]) == std::string_view::npos)
        ++end;
    while (end > at && std::string_view(".,;:!?").find(text[end - 1]) != std::string_view::npos)
        --end;
    return end;
}

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

/// A link that holds a pair: two numbers beside each other, or named lat and lon.
std::size_t linkWithPlace(std::string_view text, std::size_t at) {
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

/// Open Location Code: 4, 6 or 8 of its letters and figures, a plus, two or three more. The places are not
/// decoded; letters and figures must both be there, so that no sum is taken for one.
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

/// Band and square letters of UTM and MGRS: no I and no O.
bool takeGridLetter(Reader& in, char first, char last) {
    const char c = in.peek();
    if (c < first || c > last || c == 'I' || c == 'O')
        return false;
    return in.take(std::string_view(&c, 1));
}

/// Universal Transverse Mercator, "31U 448251 5411932", and the reference grid on it, "31U DQ 48251 11932".
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

/// The locator of radio amateurs: pairs of letters and figures in turn, "JO21ab34". Short ones, and those not
/// in the usual capital and small letters, only behind a word that announces them: parts and products are
/// numbered like that, and digests look so.
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

/// What stands between a word and the number that it announces: "lat: ", "lat\"=\"", "Lon = ".
void toNumber(Reader& in) {
    in.skip(" .\"':=>(", 6);
}

/// "lat=54.25 lon=3.5" and the like, in that order or the other.
std::size_t namedPair(std::string_view text, std::size_t at) {
    const auto named = [](Reader& in, bool latitude) {
        return latitude ? in.takeWord({"lat", "latitude", "latitud", "latitudine", "breite", "breitengrad"})
                        : in.takeWord({"lon", "long", "lng", "longitude", "longitud", "longitudine", "länge",
                                       "längengrad"});
    };
    for (const bool latitudeFirst : {true, false})
        for (const char mark : kMarks) {
            Reader in(text, at);
            Half a, b;
            if (!named(in, latitudeFirst))
                break;
            toNumber(in);
            if (!half(in, mark, a))
                continue;
            in = Reader(text, a.end);
            in.skip(" ,;&|/\"'<", 8);
            if (!named(in, !latitudeFirst))
                continue;
            toNumber(in);
            if (half(in, mark, b) && isOnEarth(a.number.value, b.number.value))
                return b.end;
        }
    return 0;
}

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

} // namespace

std::vector<TextSpan> coordinatesIn(std::string_view whole) {
    const auto plain = plainReading(whole);
    const std::string_view text = plain.text;
    std::vector<TextSpan> out;
    for (std::size_t i = 0; i < text.size();) {
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
