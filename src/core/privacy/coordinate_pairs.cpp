// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Two numbers that are a place.
#include "privacy/coordinate_forms.h"

#include <algorithm>
#include <cmath>

namespace keepseal {

using Reader = CoordinateReader;

namespace {

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

} // namespace

bool isOnEarth(double a, double b) {
    a = std::abs(a), b = std::abs(b);
    return (a <= 90 && b <= 180) || (a <= 180 && b <= 90); // some write the longitude first
}

namespace {

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

} // namespace

std::size_t decimalPair(std::string_view text, std::size_t at, std::size_t announced) {
    for (const char mark : kDecimalMarks) {
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

namespace {

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

} // namespace

std::size_t anglePair(std::string_view text, std::size_t at) {
    for (const char mark : kDecimalMarks) {
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

void toNumber(Reader& in) {
    in.skip(" .\"':=>(", 6);
}

std::size_t namedPair(std::string_view text, std::size_t at) {
    const auto named = [](Reader& in, bool latitude) {
        return latitude ? in.takeWord({"lat", "latitude", "latitud", "latitudine", "breite", "breitengrad"})
                        : in.takeWord({"lon", "long", "lng", "longitude", "longitud", "longitudine", "länge",
                                       "längengrad"});
    };
    for (const bool latitudeFirst : {true, false})
        for (const char mark : kDecimalMarks) {
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

} // namespace keepseal
