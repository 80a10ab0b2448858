// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// PDF (ISO 32000-1): every object from the first byte to the last, whether anything refers to it or not; what
// its streams are, what its words of information say, and pictures, XMP and packed objects inside.
#include "walk/inflate.h"
#include "walk/walk.h"

#include "base/text.h"

#include <algorithm>
#include <array>
#include <cstdlib>

namespace keepseal::walk {
namespace {

using namespace std::string_view_literals;

constexpr std::size_t kMostUnpacked = 16U << 20, kMostWord = 64 * 1024;

struct InfoWord {
    std::string_view key;
    Category category;
};
constexpr std::array kInfoWords = {
    InfoWord{"/Title"sv, Category::Description},      InfoWord{"/Subject"sv, Category::Description},
    InfoWord{"/Keywords"sv, Category::Description},   InfoWord{"/Author"sv, Category::Rights},
    InfoWord{"/Creator"sv, Category::History},        InfoWord{"/Producer"sv, Category::History},
    InfoWord{"/CreationDate"sv, Category::DateTaken}, InfoWord{"/ModDate"sv, Category::DateTaken}};

bool holds(std::string_view text, std::string_view what) {
    return text.find(what) != std::string_view::npos;
}

/// 7.3.4.2: with its escapes undone; up to its closing bracket.
std::string literalString(std::string_view text) {
    std::string out;
    int depth = 1;
    for (std::size_t i = 1; i < text.size() && out.size() < kMostWord; ++i) {
        char c = text[i];
        if (c == '\\' && i + 1 < text.size()) {
            c = text[++i];
            if (c >= '0' && c <= '7') {
                int value = 0;
                for (int digits = 0; digits < 3 && i < text.size() && text[i] >= '0' && text[i] <= '7';
                     ++digits)
                    value = value * 8 + (text[i++] - '0');
                --i;
                c = static_cast<char>(value);
            }
        } else if (c == '(')
            ++depth;
        else if (c == ')' && --depth == 0)
            break;
        out += c;
    }
    return out;
}

/// 7.3.4.3.
std::string hexString(std::string_view text) {
    std::string digits;
    for (std::size_t i = 1; i < text.size() && text[i] != '>' && digits.size() < 2 * kMostWord; ++i)
        if (std::isxdigit(static_cast<unsigned char>(text[i])))
            digits += text[i];
    std::string out;
    for (std::size_t i = 0; i < digits.size(); i += 2)
        out += static_cast<char>(std::strtol((digits.substr(i, 2) + "0").substr(0, 2).c_str(), nullptr, 16));
    return out;
}

/// UTF-16 where it says so (7.9.2.2), as UTF-8.
std::string wordOf(const std::string& raw) {
    if (!raw.starts_with("\xFE\xFF"))
        return raw;
    std::string out;
    for (std::size_t i = 2; i + 1 < raw.size(); i += 2) {
        const unsigned code = static_cast<unsigned>(static_cast<unsigned char>(raw[i])) << 8 |
                              static_cast<unsigned char>(raw[i + 1]);
        if (code < 0x80)
            out += static_cast<char>(code);
        else if (code < 0x800)
            out += {static_cast<char>(0xC0 | code >> 6), static_cast<char>(0x80 | (code & 0x3F))};
        else
            out += {static_cast<char>(0xE0 | code >> 12), static_cast<char>(0x80 | (code >> 6 & 0x3F)),
                    static_cast<char>(0x80 | (code & 0x3F))};
    }
    return out;
}

class PdfWalker {
public:
    PdfWalker(const Walk& walk, const Stretch& stretch) : m_walk(walk), m_stretch(stretch) {}

    void start() {
        const Bytes bytes = m_stretch.bytes(0, m_stretch.length);
        m_text = textOf(bytes);
        if (bytes.size() < m_stretch.length)
            m_walk.notSearched(
                Saying("only the first {size} of the PDF were searched", {{"size", byteText(bytes.size())}}));
        if (holds(m_text, "/Encrypt"))
            m_walk.notSearched(toSay("the PDF is locked: its words can't be read"));
        std::size_t at = 0, between = 0;
        while (m_walk.goOn()) {
            const auto object = m_text.find(" obj"sv, at);
            if (object == std::string_view::npos)
                break;
            outside(between, object);
            at = between = readObject(object + 4);
        }
        outside(between, m_text.size());
    }

private:
    /// What stands between objects: tables of places, a trailer, or what somebody hid there.
    void outside(std::size_t from, std::size_t to) const {
        if (from >= to)
            return;
        const auto rest = m_text.substr(from, to - from);
        infoWords(m_walk, rest);
        texts(m_walk, bytesOf(rest));
        const auto end = rest.rfind("%%EOF"sv);
        if (to != m_text.size() || end == std::string_view::npos)
            return;
        auto behind = end + 5;
        while (behind < rest.size() && (rest[behind] == '\r' || rest[behind] == '\n'))
            ++behind;
        if (behind >= rest.size())
            return;
        const auto trailer = m_stretch.part(from + behind, m_stretch.length);
        m_walk.at(trailer).add("after the end", "unknown data", byteText(trailer.length), Category::Other);
        scan(m_walk.at(trailer).inside("after the end"), trailer);
    }

    /// From behind "obj"; returns where its end is.
    std::size_t readObject(std::size_t begin) const {
        const auto stream = m_text.find("stream"sv, begin), end = m_text.find("endobj"sv, begin);
        if (stream == std::string_view::npos || (end != std::string_view::npos && end < stream)) {
            const auto stop = end == std::string_view::npos ? m_text.size() : end;
            dictionary(m_text.substr(begin, stop - begin));
            return stop;
        }
        const auto dict = m_text.substr(begin, stream - begin);
        auto data = stream + 6;
        if (data < m_text.size() && m_text[data] == '\r')
            ++data;
        if (data < m_text.size() && m_text[data] == '\n')
            ++data;
        const auto length = streamLength(dict, data);
        dictionary(dict);
        content(dict, data, length);
        const auto closed = m_text.find("endobj"sv, data + length);
        return closed == std::string_view::npos ? m_text.size() : closed;
    }

    /// As the dictionary says where an end stands there, else up to the next end.
    std::size_t streamLength(std::string_view dict, std::size_t data) const {
        if (const auto at = dict.find("/Length "sv); at != std::string_view::npos) {
            const auto said = std::strtoull(std::string(dict.substr(at + 8, 20)).c_str(), nullptr, 10);
            if (said <= m_text.size() - data &&
                m_text.substr(data + said, 12).find("endstream"sv) != std::string_view::npos)
                return said;
        }
        const auto end = m_text.find("endstream"sv, data);
        return (end == std::string_view::npos ? m_text.size() : end) - data;
    }

    void dictionary(std::string_view text) const {
        infoWords(m_walk, text);
        texts(m_walk, bytesOf(text));
    }

    static void infoWords(const Walk& walk, std::string_view text) {
        for (const auto& word : kInfoWords)
            for (auto at = text.find(word.key); at != std::string_view::npos && walk.goOn();
                 at = text.find(word.key, at + 1)) {
                auto value = text.substr(at + word.key.size());
                const auto first = value.find_first_not_of(" \r\n\t");
                if (first == std::string_view::npos || (value[first] != '(' && value[first] != '<') ||
                    value.substr(first).starts_with("<<"))
                    continue;
                value.remove_prefix(first);
                const auto raw = value[0] == '(' ? literalString(value) : hexString(value);
                walk.addText("PDF", std::string(word.key.substr(1)), wordOf(raw), word.category);
            }
    }

    void content(std::string_view dict, std::size_t data, std::size_t length) const {
        const auto stretch = m_stretch.part(data, length);
        const Walk here = m_walk.at(stretch);
        const auto bytes = m_text.substr(data, length);
        const bool packed = holds(dict, "/FlateDecode"), picture = holds(dict, "/Image");
        if (holds(dict, "/DCTDecode"))
            return jpeg(here.inside("picture"), stretch);
        if (picture && packed)
            return; // samples
        if (!packed) {
            if (holds(dict, "/Metadata"))
                return xmp(here, bytes);
            if (holds(dict, "/Filter")) // packed in another way: as it stands
                return scan(here.inside("stream"), stretch);
            return texts(here.inside("stream"), bytesOf(bytes));
        }
        const auto plain = zlibUnpacked(bytes, kMostUnpacked, m_walk.budget);
        if (holds(dict, "/Metadata"))
            return xmp(here, plain);
        infoWords(here, plain); // objects may be packed together (7.5.7)
        const MemorySource inside(bytesOf(plain));
        scan(here.inside("stream"), here.whole(inside));
    }

    const Walk& m_walk;
    const Stretch& m_stretch;
    std::string_view m_text;
};

} // namespace

void pdf(const Walk& walk, const Stretch& stretch) {
    if (!walk.tooDeep())
        PdfWalker(walk, stretch).start();
}

} // namespace keepseal::walk
