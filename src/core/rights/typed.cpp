// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/typed.h"

#include "base/plain_values.h"
#include "base/text.h"
#include "privacy/rules.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>

namespace keepseal {
namespace {

enum class TypedShape { Time, Offset, Digits, Text, Letter, Small, Whole, Fraction, Version, Prefixed };

struct KeptTag {
    IfdKind ifd;
    std::uint16_t tag;
    TypedShape shape;
    std::uint32_t least = 1, most = 1; ///< values
};

using enum IfdKind;

/// Positions in the picture's own pixels are not among them: a copy has other pixels.
constexpr KeptTag kKeptTags[] = {{Image, 0x010F, TypedShape::Text},
                                 {Image, 0x0110, TypedShape::Text},
                                 {Image, 0x0131, TypedShape::Text},
                                 {Image, 0x0132, TypedShape::Time},
                                 {Image, 0x013C, TypedShape::Text},
                                 {Image, 0xC62F, TypedShape::Text},
                                 {Exif, 0x829A, TypedShape::Fraction},
                                 {Exif, 0x829D, TypedShape::Fraction},
                                 {Exif, 0x8822, TypedShape::Small},
                                 {Exif, 0x8827, TypedShape::Whole, 1, 3},
                                 {Exif, 0x8830, TypedShape::Small},
                                 {Exif, 0x8831, TypedShape::Whole},
                                 {Exif, 0x8832, TypedShape::Whole},
                                 {Exif, 0x9003, TypedShape::Time},
                                 {Exif, 0x9004, TypedShape::Time},
                                 {Exif, 0x9010, TypedShape::Offset},
                                 {Exif, 0x9011, TypedShape::Offset},
                                 {Exif, 0x9012, TypedShape::Offset},
                                 {Exif, 0x9102, TypedShape::Fraction},
                                 {Exif, 0x9201, TypedShape::Fraction},
                                 {Exif, 0x9202, TypedShape::Fraction},
                                 {Exif, 0x9203, TypedShape::Fraction},
                                 {Exif, 0x9204, TypedShape::Fraction},
                                 {Exif, 0x9205, TypedShape::Fraction},
                                 {Exif, 0x9206, TypedShape::Fraction},
                                 {Exif, 0x9207, TypedShape::Small},
                                 {Exif, 0x9208, TypedShape::Small},
                                 {Exif, 0x9209, TypedShape::Small},
                                 {Exif, 0x920A, TypedShape::Fraction},
                                 {Exif, 0x9290, TypedShape::Digits},
                                 {Exif, 0x9291, TypedShape::Digits},
                                 {Exif, 0x9292, TypedShape::Digits},
                                 {Exif, 0xA215, TypedShape::Fraction},
                                 {Exif, 0xA217, TypedShape::Small},
                                 {Exif, 0xA300, TypedShape::Small},
                                 {Exif, 0xA301, TypedShape::Small},
                                 {Exif, 0xA401, TypedShape::Small},
                                 {Exif, 0xA402, TypedShape::Small},
                                 {Exif, 0xA403, TypedShape::Small},
                                 {Exif, 0xA404, TypedShape::Fraction},
                                 {Exif, 0xA405, TypedShape::Whole},
                                 {Exif, 0xA406, TypedShape::Small},
                                 {Exif, 0xA407, TypedShape::Small},
                                 {Exif, 0xA408, TypedShape::Small},
                                 {Exif, 0xA409, TypedShape::Small},
                                 {Exif, 0xA40A, TypedShape::Small},
                                 {Exif, 0xA40C, TypedShape::Small},
                                 {Exif, 0xA420, TypedShape::Text},
                                 {Exif, 0xA430, TypedShape::Text},
                                 {Exif, 0xA431, TypedShape::Text},
                                 {Exif, 0xA432, TypedShape::Fraction, 4, 4},
                                 {Exif, 0xA433, TypedShape::Text},
                                 {Exif, 0xA434, TypedShape::Text},
                                 {Exif, 0xA435, TypedShape::Text},
                                 {Gps, 0, TypedShape::Version, 4, 4},
                                 {Gps, 1, TypedShape::Letter},
                                 {Gps, 2, TypedShape::Fraction, 3, 3},
                                 {Gps, 3, TypedShape::Letter},
                                 {Gps, 4, TypedShape::Fraction, 3, 3},
                                 {Gps, 5, TypedShape::Small},
                                 {Gps, 6, TypedShape::Fraction},
                                 {Gps, 7, TypedShape::Fraction, 3, 3},
                                 {Gps, 8, TypedShape::Text},
                                 {Gps, 9, TypedShape::Letter},
                                 {Gps, 10, TypedShape::Letter},
                                 {Gps, 11, TypedShape::Fraction},
                                 {Gps, 12, TypedShape::Letter},
                                 {Gps, 13, TypedShape::Fraction},
                                 {Gps, 14, TypedShape::Letter},
                                 {Gps, 15, TypedShape::Fraction},
                                 {Gps, 16, TypedShape::Letter},
                                 {Gps, 17, TypedShape::Fraction},
                                 {Gps, 18, TypedShape::Text},
                                 {Gps, 19, TypedShape::Letter},
                                 {Gps, 20, TypedShape::Fraction, 3, 3},
                                 {Gps, 21, TypedShape::Letter},
                                 {Gps, 22, TypedShape::Fraction, 3, 3},
                                 {Gps, 23, TypedShape::Letter},
                                 {Gps, 24, TypedShape::Fraction},
                                 {Gps, 25, TypedShape::Letter},
                                 {Gps, 26, TypedShape::Fraction},
                                 {Gps, 27, TypedShape::Prefixed, 1, 200},
                                 {Gps, 28, TypedShape::Prefixed, 1, 200},
                                 {Gps, 29, TypedShape::Text},
                                 {Gps, 30, TypedShape::Small},
                                 {Gps, 31, TypedShape::Fraction}};

const KeptTag* keptTag(IfdKind ifd, std::uint16_t tag) {
    const auto* found = std::find_if(std::begin(kKeptTags), std::end(kKeptTags),
                                     [&](const KeptTag& row) { return row.ifd == ifd && row.tag == tag; });
    return found == std::end(kKeptTags) ? nullptr : found;
}

constexpr std::uint64_t kMostNumber = 10'000'000; ///< less than four letters make
constexpr std::uint64_t kMostSmall = 1000;
constexpr std::size_t kMostText = 120;

// TIFF 6.0's types.
struct TiffType {
    static constexpr int Byte = 1, Ascii = 2, Short = 3, Long = 4, Rational = 5, Undefined = 7, Signed = 10;
};

std::uint64_t numberIn(const Bytes& bytes, std::size_t at, std::size_t size) {
    std::uint64_t out = 0;
    for (std::size_t i = size; i-- > 0;)
        out = out << 8 | (at + i < bytes.size() ? bytes[at + i] : 0);
    return out;
}
void appendNumber(Bytes& to, std::uint64_t value, int size) {
    for (int i = 0; i < size; ++i)
        to.push_back(static_cast<std::uint8_t>(value >> (8 * i)));
}

ExifValue asText(const ExifValue& like, const std::string& text) {
    ExifValue out{like.ifd, like.tag, TiffType::Ascii, static_cast<std::uint32_t>(text.size() + 1), {}};
    out.bytes.assign(text.begin(), text.end());
    out.bytes.push_back(0);
    return out;
}

std::string textIn(const ExifValue& value) {
    std::string out(value.bytes.begin(), value.bytes.end());
    return out.substr(0, out.find('\0'));
}

/// Nothing of a place, one line, of a length that names have.
std::optional<std::string> harmlessText(const std::string& text, const std::vector<std::string>& places,
                                        bool placeOpen) {
    const auto line = trimmed(printable(text, kMostText));
    if (line.empty() || (!placeOpen && !placesIn(line, places).empty()))
        return std::nullopt;
    return line;
}

std::optional<ExifValue> wholeNumbers(const ExifValue& value, std::uint64_t most) {
    const std::size_t size = value.type == TiffType::Byte || value.type == TiffType::Undefined ? 1
                             : value.type == TiffType::Short                                   ? 2
                             : value.type == TiffType::Long                                    ? 4
                                                                                               : 0;
    if (size == 0 || value.bytes.size() != size * value.count)
        return std::nullopt;
    ExifValue out{value.ifd, value.tag, value.type, value.count, {}};
    for (std::size_t i = 0; i < value.count; ++i) {
        const auto number = numberIn(value.bytes, i * size, size);
        if (number > most)
            return std::nullopt;
        appendNumber(out.bytes, number, static_cast<int>(size));
    }
    return out;
}

/// The same value in lowest terms; one whose terms are long, to ten thousandths.
std::optional<std::pair<std::int64_t, std::int64_t>> plainFraction(std::int64_t over, std::int64_t under) {
    if (under == 0) // "not known", and "endless" where it stands over 1 or more
        return std::pair<std::int64_t, std::int64_t>{over == 0 ? 0 : 1, 0};
    const auto most = static_cast<std::int64_t>(kMostNumber);
    auto shared = std::gcd(over, under);
    over /= shared, under /= shared;
    if (under < 0)
        over = -over, under = -under;
    if (std::abs(over) > most || under > most) {
        const double value = static_cast<double>(over) / static_cast<double>(under);
        if (std::abs(value) > 1000)
            return std::nullopt;
        over = std::llround(value * 10'000), under = 10'000;
        shared = std::gcd(over, under);
        over /= shared, under /= shared;
    }
    return std::pair{over, under};
}

std::optional<ExifValue> fractions(const ExifValue& value) {
    if ((value.type != TiffType::Rational && value.type != TiffType::Signed) ||
        value.bytes.size() != 8 * std::size_t{value.count})
        return std::nullopt;
    const bool isSigned = value.type == TiffType::Signed;
    const auto term = [&](std::size_t at) {
        const auto raw = static_cast<std::uint32_t>(numberIn(value.bytes, at, 4));
        return isSigned ? std::int64_t{static_cast<std::int32_t>(raw)} : std::int64_t{raw};
    };
    ExifValue out{value.ifd, value.tag, value.type, value.count, {}};
    for (std::size_t i = 0; i < value.count; ++i) {
        const auto plain = plainFraction(term(i * 8), term(i * 8 + 4));
        if (!plain)
            return std::nullopt;
        appendNumber(out.bytes, static_cast<std::uint64_t>(plain->first), 4);
        appendNumber(out.bytes, static_cast<std::uint64_t>(plain->second), 4);
    }
    return out;
}

std::optional<ExifValue> timeAnew(const ExifValue& value) {
    const auto time = plainTime(textIn(value));
    if (!time || time->size() < 19)
        return std::nullopt;
    auto text = *time;
    text[4] = text[7] = ':', text[10] = ' '; // Exif 2.32, 4.6.5
    return asText(value, text);
}

template <class Text>
std::optional<ExifValue> asTextIf(const ExifValue& value, const std::optional<Text>& text) {
    return value.type == TiffType::Ascii && text ? std::optional(asText(value, *text)) : std::nullopt;
}

/// Exif 2.32, 4.6.6: eight bytes name the letters; only those of ASCII are written.
std::optional<ExifValue> prefixedAnew(const ExifValue& value) {
    if (value.type != TiffType::Undefined || value.bytes.size() <= 8)
        return std::nullopt;
    const auto text = trimmed(printable(std::string(value.bytes.begin() + 8, value.bytes.end()), kMostText));
    constexpr std::string_view kLetters("ASCII\0\0\0", 8);
    ExifValue out{value.ifd, value.tag, TiffType::Undefined, static_cast<std::uint32_t>(8 + text.size()), {}};
    out.bytes.assign(kLetters.begin(), kLetters.end());
    out.bytes.insert(out.bytes.end(), text.begin(), text.end());
    return out;
}

} // namespace

bool isKeptTag(IfdKind ifd, std::uint16_t tag) {
    return keptTag(ifd, tag) != nullptr;
}

std::optional<ExifValue> writtenAnew(const ExifValue& value, const std::vector<std::string>& places,
                                     bool placeOpen) {
    const auto* kept = keptTag(value.ifd, value.tag);
    if (!kept)
        return std::nullopt;
    const bool counted = value.count >= kept->least && value.count <= kept->most;
    switch (kept->shape) {
    case TypedShape::Time:
        return value.type == TiffType::Ascii ? timeAnew(value) : std::nullopt;
    case TypedShape::Offset:
        return asTextIf(value, plainOffset(textIn(value)));
    case TypedShape::Digits:
        return asTextIf(value, plainDigits(textIn(value), 6));
    case TypedShape::Text:
        return asTextIf(value, harmlessText(textIn(value), places, placeOpen));
    case TypedShape::Letter: {
        const auto text = textIn(value);
        const bool one = text.size() == 1 && text[0] >= 'A' && text[0] <= 'Z';
        return asTextIf(value, one ? std::optional(text) : std::nullopt);
    }
    case TypedShape::Small:
        return counted ? wholeNumbers(value, kMostSmall) : std::nullopt;
    case TypedShape::Version:
        return counted && value.type == TiffType::Byte ? wholeNumbers(value, 9) : std::nullopt;
    case TypedShape::Whole:
        return counted ? wholeNumbers(value, kMostNumber) : std::nullopt;
    case TypedShape::Fraction:
        return counted ? fractions(value) : std::nullopt;
    case TypedShape::Prefixed:
        return prefixedAnew(value);
    }
    return std::nullopt;
}

std::optional<std::string> historyAnew(const std::string& name, const std::string& value,
                                       const std::vector<std::string>& places, bool placeOpen) {
    for (const char* time : {"xmp:CreateDate", "xmp:ModifyDate", "xmp:MetadataDate"})
        if (name == time) {
            const auto plain = plainTime(value);
            return plain ? std::optional(*plain + (plain->size() > 10 ? plainOffset(value).value_or("") : ""))
                         : std::nullopt;
        }
    for (const char* text : {"xmp:CreatorTool", "tiff:Software", "xmp:Label", "xmp:Nickname"})
        if (name == text)
            return harmlessText(value, places, placeOpen);
    if (name == "xmp:Rating")
        return value == "-1" ? std::optional(value) : plainDigits(value, 1);
    return std::nullopt;
}

} // namespace keepseal
