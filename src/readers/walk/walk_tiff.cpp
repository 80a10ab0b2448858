// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// TIFF 6.0, BigTIFF and the TIFF structure inside Exif: every IFD of every page, sub-IFDs, Exif, GPS,
// Interoperability, embedded previews, XMP, IIM and image resources in tags, maker notes.
#include "privacy/tables.h"
#include "walk/walk.h"

#include "base/text.h"

#include <algorithm>
#include <cmath>

namespace keepseal::walk {
namespace {

constexpr std::uint64_t kMaxIfds = 200, kMaxEntries = 4096;
constexpr std::uint64_t kShownBytes = 4096, kTextBytes = 64 * 1024, kKeptBytes = 1024;

struct Entry {
    std::uint16_t tag = 0;
    int type = 0;
    std::uint64_t count = 0;
    Stretch data;  ///< where the value lies when it is too long for the table
    Bytes inlined; ///< the value itself when it stands in the table
};

class TiffWalker {
public:
    TiffWalker(const Walk& walk, const Stretch& stretch, std::string place)
        : m_walk(walk), m_stretch(stretch), m_place(std::move(place)) {}

    void start() {
        const Bytes head = m_stretch.bytes(0, 16);
        if (head.size() < 8 || (head[0] != 'I' && head[0] != 'M') || head[0] != head[1])
            return m_walk.notSearched(Saying("{place}: no TIFF header", {{"place", m_place}}));
        m_little = head[0] == 'I';
        m_big = number(head, 2, 2, m_little) == 43;
        std::uint64_t next = m_big ? number(head, 8, 8, m_little) : number(head, 4, 4, m_little);
        for (int page = 0; next != 0; ++page) {
            const auto name = page == 0 ? m_place : m_place + " / IFD" + std::to_string(page);
            next = ifd(next, IfdKind::Image, name, page == 1 && m_place == "Exif");
        }
    }

private:
    /// Walks one IFD; returns the offset of the next in the chain, 0 at the end.
    std::uint64_t ifd(std::uint64_t at, IfdKind kind, const std::string& name, bool previewIfd = false) {
        if (!m_seen.insert(at).second || m_seen.size() > kMaxIfds)
            return 0;
        const int countSize = m_big ? 8 : 2, entrySize = m_big ? 20 : 12;
        const Bytes countBytes = m_stretch.bytes(at, countSize);
        const auto count = number(countBytes, 0, countSize, m_little);
        if (count > kMaxEntries || countBytes.size() < static_cast<std::size_t>(countSize)) {
            m_walk.notSearched(Saying("{place}: a directory that makes no sense", {{"place", name}}));
            return 0;
        }
        const Bytes table = m_stretch.bytes(at + countSize, count * entrySize);
        std::uint64_t jpegOffset = 0, jpegLength = 0;
        for (std::size_t i = 0; i + entrySize <= table.size() && m_walk.goOn(); i += entrySize) {
            const Entry e = entry(table, i);
            if (e.tag == 0x0201)
                jpegOffset = value(e, 0);
            if (e.tag == 0x0202)
                jpegLength = value(e, 0);
            visit(e, kind, name);
        }
        if (kind == IfdKind::Gps)
            finishGps();
        if (jpegOffset != 0)
            preview(jpegOffset, jpegLength, name);
        else if (previewIfd)
            m_walk.add(name, "uncompressed preview", "", Category::Preview);
        const Bytes next = m_stretch.bytes(at + countSize + count * entrySize, m_big ? 8 : 4);
        return next.size() >= 4 ? number(next, 0, static_cast<int>(next.size()), m_little) : 0;
    }

    Entry entry(const Bytes& table, std::size_t at) const {
        static constexpr int typeSizes[] = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4, 0, 0, 8, 8, 8};
        Entry e;
        e.tag = static_cast<std::uint16_t>(number(table, at, 2, m_little));
        e.type = static_cast<int>(number(table, at + 2, 2, m_little));
        e.count = number(table, at + 4, m_big ? 8 : 4, m_little);
        const int inlineBytes = m_big ? 8 : 4;
        const std::size_t valueAt = at + (m_big ? 12 : 8);
        const std::uint64_t size = e.type > 0 && e.type < 19 ? typeSizes[e.type] : 0;
        if (size == 0 || e.count > m_stretch.length / size)
            return e;
        const std::uint64_t bytes = e.count * size;
        if (bytes <= static_cast<std::uint64_t>(inlineBytes))
            e.inlined.assign(table.begin() + valueAt, table.begin() + valueAt + bytes);
        else
            e.data = m_stretch.part(number(table, valueAt, inlineBytes, m_little), bytes);
        return e;
    }

    Bytes raw(const Entry& e, std::uint64_t limit = kMaxBlock) const {
        return e.data.length > 0 ? e.data.bytes(0, limit) : e.inlined;
    }

    std::uint64_t value(const Entry& e, std::size_t index) const {
        static constexpr int integerSizes[] = {0, 1, 0, 2, 4, 0, 1, 1, 2, 4, 0, 0, 0, 4, 0, 0, 8, 8, 8};
        const int size = e.type > 0 && e.type < 19 ? integerSizes[e.type] : 0;
        if (size == 0 || index >= e.count)
            return 0;
        // A table of a million numbers is not read for one of them.
        const auto at = index * static_cast<std::size_t>(size);
        const Bytes far = e.data.length > 0 ? e.data.bytes(at, static_cast<std::uint64_t>(size)) : Bytes();
        if (e.data.length > 0)
            return far.size() == static_cast<std::size_t>(size) ? number(far, 0, size, m_little) : 0;
        return at + static_cast<std::size_t>(size) <= e.inlined.size() ? number(e.inlined, at, size, m_little)
                                                                       : 0;
    }

    double rational(const Bytes& bytes, std::size_t index) const {
        if ((index + 1) * 8 > bytes.size())
            return 0;
        const double over = static_cast<double>(number(bytes, index * 8, 4, m_little));
        const double under = static_cast<double>(number(bytes, index * 8 + 4, 4, m_little));
        return under > 0 ? over / under : 0;
    }

    /// A text as raw bytes, or what else stands there for a person.
    std::string shown(const Entry& e) const {
        const Bytes bytes = raw(e, e.type == 2 || e.tag == 0x9286 ? kTextBytes : kShownBytes);
        const auto text = textOf(bytes);
        if (e.tag >= 0x9C9B && e.tag <= 0x9C9F)
            return utf16(bytes, true);
        if (e.tag == 0x9286 && text.size() > 8)
            return text.starts_with("UNICODE") ? utf16(ByteSpan(bytes).subspan(8), m_little)
                                               : std::string(text.substr(8));
        if (e.type == 2 || (e.type == 7 && looksLikeText(text)))
            return std::string(text);
        if (const double seconds = e.tag == 0x829A ? rational(bytes, 0) : 0; seconds > 0 && seconds < 0.5)
            return "1/" + trimmedNumber(1 / seconds, 0) + " s";
        if (e.type == 5 || e.type == 10)
            return list(e, [&](std::size_t i) { return trimmedNumber(rational(bytes, i), 6); });
        if (e.type == 7)
            return byteText(e.count);
        return list(e, [&](std::size_t i) { return std::to_string(value(e, i)); });
    }

    static bool looksLikeText(std::string_view text) {
        return !text.empty() && text.size() < 200 && std::all_of(text.begin(), text.end(), [](char c) {
            return c == 0 || (c >= 0x20 && c < 0x7F);
        });
    }

    /// Surrogate pairs included; what is no character becomes a question mark.
    static std::string utf16(ByteSpan bytes, bool little) {
        std::string out;
        const auto unitAt = [&](std::size_t i) {
            return i + 1 < bytes.size() ? static_cast<std::uint32_t>(number(bytes, i, 2, little)) : 0U;
        };
        for (std::size_t i = 0; i + 1 < bytes.size(); i += 2) {
            auto unit = unitAt(i);
            if (unit == 0)
                break;
            const auto low = unitAt(i + 2);
            if (unit >= 0xD800 && unit < 0xDC00 && low >= 0xDC00 && low < 0xE000) {
                unit = 0x10000 + ((unit - 0xD800) << 10) + (low - 0xDC00);
                i += 2;
            } else if (unit >= 0xD800 && unit < 0xE000)
                unit = '?';
            appendUtf8(out, unit);
        }
        return out;
    }

    static void appendUtf8(std::string& out, std::uint32_t c) {
        const auto tail = [&](int shift) { out += static_cast<char>(0x80 | (c >> shift & 0x3F)); };
        if (c < 0x80)
            out += static_cast<char>(c);
        else if (c < 0x800) {
            out += static_cast<char>(0xC0 | c >> 6);
            tail(0);
        } else if (c < 0x10000) {
            out += static_cast<char>(0xE0 | c >> 12);
            tail(6), tail(0);
        } else {
            out += static_cast<char>(0xF0 | c >> 18);
            tail(12), tail(6), tail(0);
        }
    }

    template <class Text>
    static std::string list(const Entry& e, Text text) {
        if (e.count > 16)
            return counted(e.count, "number", "numbers");
        std::string out;
        for (std::size_t i = 0; i < e.count; ++i)
            out += (i ? ", " : "") + text(i);
        return out;
    }

    void visit(const Entry& e, IfdKind kind, const std::string& name) {
        const auto meaning = meaningOfTag(kind, e.tag);
        if (kind != IfdKind::Gps && follow(e, name))
            return;
        const Walk here = e.data.length > 0 ? m_walk.at(e.data) : m_walk;
        // Rows of numbers are matrices and curves; two may be a latitude and a longitude.
        const bool row = e.type != 1 && e.type != 2 && e.type != 7 && e.count > 2;
        const bool bytes = (e.type == 1 || e.type == 7) && e.tag != 0x9286;
        if (bytes && meaning.category != Category::Other)
            texts(here.inside(name + " / " + meaning.name), raw(e));
        auto& finding = row ? here.add(name, meaning.name, shown(e), meaning.category)
                            : here.addText(name, meaning.name, shown(e), meaning.category);
        if (m_walk.depth == 0)
            finding.exif = kept(e, kind);
        if (kind == IfdKind::Gps)
            gpsTag(e, finding);
        if (meaning.category == Category::Other)
            scan(here.inside(name + " / " + meaning.name), stretchOf(e));
    }

    /// The value itself, its numbers turned to little-endian; nothing when it is long or of no known type.
    std::shared_ptr<const ExifValue> kept(const Entry& e, IfdKind kind) const {
        static constexpr int unitSizes[] = {0, 1, 1, 2, 4, 4, 1, 1, 2, 4, 4, 4, 8};
        if (e.type < 1 || e.type > 12 || e.count == 0)
            return nullptr;
        Bytes bytes = raw(e, kKeptBytes + 1);
        if (bytes.empty() || bytes.size() > kKeptBytes || !m_walk.budget.keepBytes(bytes.size()))
            return nullptr;
        const auto unit = static_cast<std::size_t>(unitSizes[e.type]);
        if (!m_little)
            for (std::size_t i = 0; i + unit <= bytes.size(); i += unit)
                std::reverse(bytes.begin() + static_cast<std::ptrdiff_t>(i),
                             bytes.begin() + static_cast<std::ptrdiff_t>(i + unit));
        return std::make_shared<ExifValue>(
            ExifValue{kind, e.tag, e.type, static_cast<std::uint32_t>(e.count), std::move(bytes)});
    }

    /// Blocks inside tags; true when the tag itself needs no row.
    bool follow(const Entry& e, const std::string& name) {
        const auto offset = value(e, 0);
        switch (e.tag) {
        case 0x8769:
            ifd(offset, IfdKind::Exif, name);
            return true;
        case 0x8825:
            ifd(offset, IfdKind::Gps, name + " / GPS");
            return true;
        case 0xA005:
            ifd(offset, IfdKind::Interop, name + " / Interoperability");
            return true;
        case 0x014A: {
            for (std::size_t i = 0; i < std::min<std::uint64_t>(e.count, 16); ++i)
                ifd(value(e, i), IfdKind::Image, name + " / SubIFD" + std::to_string(i));
            return true;
        }
        case 0x02BC: {
            const Bytes packet = raw(e);
            xmp(m_walk.at(e.data), textOf(packet));
            return true;
        }
        case 0x83BB:
            iim(m_walk.at(e.data), raw(e));
            return true;
        case 0x8649:
            imageResources(m_walk.at(e.data), stretchOf(e));
            return true;
        default:
            return false;
        }
    }

    void gpsTag(const Entry& e, Finding& finding) {
        const Bytes bytes = raw(e, 4096);
        if (e.tag == 0) { // the version alone says nothing of a place
            finding.tellsPlace = false;
            return;
        }
        if (e.tag == 1 || e.tag == 3)
            (e.tag == 1 ? m_south : m_west) = !bytes.empty() && (bytes[0] == 'S' || bytes[0] == 'W');
        if (e.tag == 2 || e.tag == 4) {
            const double degrees = rational(bytes, 0) + rational(bytes, 1) / 60 + rational(bytes, 2) / 3600;
            (e.tag == 2 ? m_latitude : m_longitude) = degrees;
            m_walk.secret(bytes);
            finding.value = trimmedNumber(degrees, 6) + " degrees";
        } else if (e.type == 2 && bytes.size() > 4 && e.tag != 29) // a day alone stands in many files
            m_walk.secret({bytes.data(), bytes.size() - 1});
    }

    void finishGps() {
        if (m_latitude && m_longitude && !m_walk.report.point)
            m_walk.report.point =
                GeoPoint{m_south ? -*m_latitude : *m_latitude, m_west ? -*m_longitude : *m_longitude};
    }

    void preview(std::uint64_t offset, std::uint64_t length, const std::string& name) {
        const Stretch data = m_stretch.part(offset, length);
        m_walk.at(data).add(name, "embedded preview", byteText(data.length), Category::Preview);
        const Bytes head = data.bytes(0, 3);
        if (head.size() == 3 && head[0] == 0xFF && head[1] == 0xD8) {
            if (m_walk.depth == 0 && data.source == m_stretch.source)
                m_walk.report.previews.push_back({data.begin, data.length});
            jpeg(m_walk.at(data).inside(name + " / preview"), data);
        }
    }

    /// Where it lies: nothing of it is copied. What stands in the table itself is too short to hold a block.
    Stretch stretchOf(const Entry& e) const {
        return e.data.length > 0 ? e.data : Stretch{m_stretch.source, m_stretch.begin, 0, m_stretch.budget};
    }

    const Walk& m_walk;
    Stretch m_stretch;
    std::string m_place;
    bool m_little = true, m_big = false, m_south = false, m_west = false;
    std::optional<double> m_latitude, m_longitude;
    std::set<std::uint64_t> m_seen;
};

} // namespace

void tiff(const Walk& walk, const Stretch& stretch, const std::string& place) {
    if (!walk.tooDeep())
        TiffWalker(walk, stretch, place).start();
}

} // namespace keepseal::walk
