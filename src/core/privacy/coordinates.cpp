// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/coordinates.h"

#include "base/text.h"

#include <charconv>
#include <cmath>

namespace keepseal {
namespace {

constexpr std::size_t kMostLink = 2000; ///< bytes of one link that are looked at

bool isDigit(char c) {
    return c >= '0' && c <= '9';
}
bool isLetter(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}

/// Reads along a text; every step forward is bounded, so that the whole stays linear.
class Reader {
public:
    Reader(std::string_view text, std::size_t at) : m_text(text), m_at(at) {}
    std::size_t at() const { return m_at; }
    char peek() const { return m_at < m_text.size() ? m_text[m_at] : '\0'; }
    bool take(std::string_view word) {
        if (m_text.substr(m_at, word.size()) != word)
            return false;
        m_at += word.size();
        return true;
    }
    bool takeOneOf(std::string_view letters) {
        if (m_at >= m_text.size() || letters.find(peek()) == std::string_view::npos)
            return false;
        ++m_at;
        return true;
    }
    void skip(std::string_view letters) {
        for (int i = 0; i < 4 && takeOneOf(letters); ++i) {
        }
    }
    /// A sign, up to three figures, a point and its places; nothing when there are fewer than `places` of
    /// them.
    bool number(double& value, std::size_t places, bool& isSigned) {
        const auto start = m_at;
        isSigned = takeOneOf("+-");
        const auto first = m_at;
        while (isDigit(peek()) && m_at - first < 4)
            ++m_at;
        const auto whole = m_at - first;
        std::size_t behind = 0;
        if (peek() == '.') {
            const auto point = ++m_at;
            while (isDigit(peek()) && m_at - point < 18)
                ++m_at;
            behind = m_at - point;
        }
        if (whole == 0 || whole > 3 || behind < places || isDigit(peek())) {
            m_at = start;
            return false;
        }
        const auto* from = m_text.data() + first;
        std::from_chars(from, m_text.data() + m_at, value);
        return true;
    }

private:
    std::string_view m_text;
    std::size_t m_at;
};

/// "54.2512, 3.5034", "54.25120° N 3.50340° E", "+54.2512+003.5034/".
std::size_t decimalPair(std::string_view text, std::size_t at, std::size_t places) {
    Reader in(text, at);
    double latitude = 0, longitude = 0;
    bool signedFirst = false, signedSecond = false;
    if (!in.number(latitude, places, signedFirst))
        return 0;
    const auto end = in.at();
    in.take("\xC2\xB0");
    in.skip(" ");
    in.takeOneOf("NSns");
    in.skip(" ");
    in.takeOneOf(",;/");
    in.skip(" ");
    const bool parted = in.at() != end;
    if (!in.number(longitude, places, signedSecond) || latitude > 90 || longitude > 180 ||
        !(parted || signedSecond))
        return 0;
    auto last = in.at();
    in.take("\xC2\xB0");
    in.skip(" ");
    if (in.takeOneOf("EWew") && !isLetter(in.peek()))
        last = in.at();
    return last;
}

/// One angle in degrees, minutes and perhaps seconds, with its letter: 54°15'04"N.
bool angle(Reader& in, std::string_view letters, double most) {
    double degrees = 0, minutes = 0, seconds = 0;
    bool isSigned = false;
    const bool before = in.takeOneOf(letters);
    in.skip(" ");
    if (!in.number(degrees, 0, isSigned) || degrees > most || !in.take("\xC2\xB0"))
        return false;
    in.skip(" ");
    if (in.number(minutes, 0, isSigned)) {
        if (minutes >= 60 || !(in.take("'") || in.take("\xE2\x80\xB2") || in.take("\xE2\x80\x99")))
            return false;
        in.skip(" ");
        if (in.number(seconds, 0, isSigned) &&
            !(in.take("\"") || in.take("\xE2\x80\xB3") || in.take("\xE2\x80\x9D") || in.take("''")))
            return false;
    }
    in.skip(" ");
    return before || in.takeOneOf(letters);
}

std::size_t degreePair(std::string_view text, std::size_t at) {
    Reader in(text, at);
    if (!angle(in, "NSns", 90))
        return 0;
    in.skip(" ,;/");
    return angle(in, "EWew", 180) ? in.at() : 0;
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

/// A link that holds a pair: two numbers parted by a comma, or named lat and lon.
std::size_t linkWithPlace(std::string_view text, std::size_t at) {
    const auto link = text.substr(at, endOfLink(text, at) - at);
    if (toLowerAscii(link.substr(0, 4)) == "geo:") {
        const auto end = decimalPair(link, 4, 0);
        return end ? at + link.size() : 0;
    }
    if (!link.starts_with("http://") && !link.starts_with("https://"))
        return 0;
    std::size_t named = 0;
    for (std::size_t i = 8; i < link.size(); ++i) {
        const bool begins =
            !isDigit(link[i - 1]) && link[i - 1] != '.' && (isDigit(link[i]) || link[i] == '-');
        Reader in(link, i);
        double value = 0;
        bool isSigned = false;
        if (!begins || !in.number(value, 2, isSigned))
            continue;
        if ((in.take(",") || in.take("%2C") || in.take("%2c") || in.take("/")) &&
            in.number(value, 2, isSigned))
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
            letter = letter || isLetter(text[i]);
            figure = figure || isDigit(text[i]);
            ++i;
        }
        return i - begin;
    };
    const auto head = run(9);
    if ((head != 4 && head != 6 && head != 8) || i >= text.size() || text[i] != '+')
        return 0;
    ++i;
    const auto tail = run(4);
    const bool ends = i >= text.size() || !(isLetter(text[i]) || isDigit(text[i]));
    return tail >= 2 && tail <= 3 && letter && figure && ends ? i : 0;
}

} // namespace

std::vector<TextSpan> coordinatesIn(std::string_view text) {
    std::vector<TextSpan> out;
    for (std::size_t i = 0; i < text.size();) {
        const char before = i ? text[i - 1] : ' ';
        const char c = text[i];
        const bool startsWord = !isLetter(before) && !isDigit(before) && before != '.';
        std::size_t end = 0;
        if (startsWord && (isDigit(c) || c == '+' || c == '-'))
            end = decimalPair(text, i, 3);
        if (!end && startsWord && (isDigit(c) || c == '-' || c == 'N' || c == 'S'))
            end = degreePair(text, i);
        if (!end && startsWord && (c == 'h' || c == 'g' || c == 'G'))
            end = linkWithPlace(text, i);
        if (!end && startsWord)
            end = plusCode(text, i);
        if (end > i)
            out.push_back({i, end});
        // A link without a place is passed over whole: what stands in it was looked at.
        else if (startsWord && (text.substr(i, 7) == "http://" || text.substr(i, 8) == "https://"))
            end = std::max(i + 1, endOfLink(text, i));
        i = end > i ? end : i + 1;
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

bool holdsCoordinates(const std::string& text) {
    return !coordinatesIn(std::string_view(text).substr(0, 65536)).empty();
}

} // namespace keepseal
