// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Builds TIFF structures by hand, byte by byte, so that tests of the walkers need no library that could share
// their mistakes. Also wraps blocks into JPEG segments, PNG chunks and RIFF chunks.
#pragma once

#include <cstdint>
#include <string>
#include <utility>
#include <vector>

namespace keepseal::test {

struct Tag {
    std::uint16_t tag;
    std::uint16_t type; ///< TIFF 6.0: 1 byte, 2 text, 3 short, 4 long, 5 rational, 7 undefined
    std::string data;   ///< the value's bytes, in the builder's byte order
};

class TiffBuilder {
public:
    explicit TiffBuilder(bool littleEndian = true) : m_little(littleEndian) {}

    std::string number(std::uint64_t value, int bytes) const {
        std::string out;
        for (int i = 0; i < bytes; ++i)
            out += static_cast<char>(value >> (8 * (m_little ? i : bytes - 1 - i)));
        return out;
    }
    static Tag text(std::uint16_t tag, const std::string& value) { return {tag, 2, value + '\0'}; }
    Tag longs(std::uint16_t tag, const std::vector<std::uint32_t>& values) const {
        Tag out{tag, 4, {}};
        for (const auto value : values)
            out.data += number(value, 4);
        return out;
    }
    Tag rationals(std::uint16_t tag,
                  const std::vector<std::pair<std::uint32_t, std::uint32_t>>& values) const {
        Tag out{tag, 5, {}};
        for (const auto& [over, under] : values)
            out.data += number(over, 4) + number(under, 4);
        return out;
    }
    /// 54 degrees 15 minutes north, 3 degrees 30 minutes east.
    std::vector<Tag> place() const {
        return {text(1, "N"), rationals(2, {{54, 1}, {15, 1}, {0, 1}}), text(3, "E"),
                rationals(4, {{3, 1}, {30, 1}, {0, 1}})};
    }

    /// Appends an IFD and the values that do not fit into it; returns its offset.
    std::uint32_t addIfd(const std::vector<Tag>& tags, std::uint32_t next = 0) {
        if (m_bytes.size() % 2)
            m_bytes += '\0';
        const auto at = static_cast<std::uint32_t>(m_bytes.size());
        std::string table = number(tags.size(), 2), values;
        const auto valuesAt = at + 2 + 12 * tags.size() + 4;
        for (const auto& tag : tags) {
            static const int sizes[] = {0, 1, 1, 2, 4, 8, 1, 1};
            table += number(tag.tag, 2) + number(tag.type, 2) + number(tag.data.size() / sizes[tag.type], 4);
            if (tag.data.size() <= 4)
                table += (tag.data + std::string(4, '\0')).substr(0, 4);
            else {
                table += number(valuesAt + values.size(), 4);
                values += tag.data;
            }
        }
        m_bytes += table + number(next, 4) + values;
        return at;
    }
    /// The whole structure, its chain starting at `first`.
    std::string finish(std::uint32_t first) const {
        auto out = m_bytes;
        out.replace(0, 8, (m_little ? "II" : "MM") + number(42, 2) + number(first, 4));
        return out;
    }
    std::uint32_t size() const { return static_cast<std::uint32_t>(m_bytes.size()); }
    void append(const std::string& bytes) { m_bytes += bytes; }

private:
    bool m_little;
    std::string m_bytes = std::string(8, '\0');
};

inline std::string bigEndian(std::uint64_t value, int bytes) {
    return TiffBuilder(false).number(value, bytes);
}

inline std::string jpegSegment(int marker, const std::string& payload) {
    return std::string("\xFF") + static_cast<char>(marker) + bigEndian(payload.size() + 2, 2) + payload;
}
inline std::string exifSegment(const std::string& tiff) {
    return jpegSegment(0xE1, std::string("Exif\0\0", 6) + tiff);
}
inline std::string imageResource(int id, const std::string& data) {
    return "8BIM" + bigEndian(static_cast<std::uint64_t>(id), 2) + std::string(2, '\0') +
           bigEndian(data.size(), 4) + data + std::string(data.size() % 2, '\0');
}
inline std::string iimDataset(int record, int dataset, const std::string& value) {
    return std::string("\x1C") + static_cast<char>(record) + static_cast<char>(dataset) +
           bigEndian(value.size(), 2) + value;
}
/// The smallest JPEG a walker takes for whole: start, `segments`, a scan, end.
inline std::string bareJpeg(const std::string& segments, const std::string& after = {}) {
    return "\xFF\xD8" + segments + jpegSegment(0xDA, std::string("\1\1\0\0\x3F\0", 6)) +
           std::string("\x12\x34\xFF\0\x56", 5) + "\xFF\xD9" + after;
}

} // namespace keepseal::test
