// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// ISO base media boxes (ISO 14496-12) as HEIF, AVIF (ISO 23008-12), JPEG XL (ISO 18181-2) and appended videos
// have them: every box by its kind, every item of a picture file by its place in the file, and what lies in
// the file without belonging to any of them. Samples of a video are not looked into.
#include "walk/inflate.h"
#include "walk/walk.h"
#include "walk/walk_iso_items.h"

#include "base/text.h"

#include <algorithm>
#include <set>

namespace keepseal::walk {
namespace {

using namespace std::string_view_literals;

constexpr int kMaxBoxes = 4000, kMaxBoxDepth = 10;
constexpr std::uint64_t kMaxXmp = 16ULL << 20;

bool isBoxOf(std::string_view type, std::initializer_list<std::string_view> types) {
    return std::find(types.begin(), types.end(), type) != types.end();
}

/// Boxes that only hold other boxes.
bool holdsBoxes(std::string_view type) {
    return isBoxOf(type, {"moov", "trak", "mdia", "minf", "udta", "meta", "iprp", "ilst", "edts", "moof",
                          "mvex", "traf", "mfra"});
}

/// What decoders need and what says nothing about anybody.
bool isTechnical(std::string_view type) {
    return isBoxOf(type, {"ftyp", "styp", "hdlr", "pitm", "iinf", "iloc", "iref", "idat", "dinf", "grpl",
                          "ipco", "ipma", "jxlc", "jxlp", "jxll", "jxli", "JXL ", "mvhd", "tkhd", "mdhd",
                          "vmhd", "smhd", "nmhd", "gmhd", "stbl", "elst", "mehd", "trex", "mfhd", "tfhd",
                          "tfdt", "trun", "sidx", "keys", "wide", "tapt", "tref"});
}

struct Box {
    std::string type;
    Stretch payload;
    std::uint64_t end = 0; ///< from the start of what it was read from
};

class BoxWalker {
public:
    BoxWalker(const Walk& walk, const Stretch& whole) : m_walk(walk), m_whole(whole) {}

    void start() {
        boxes(m_whole, "boxes", 0);
        items();
        unreferenced();
    }

private:
    /// The box at `at`; no type where there is none.
    static Box boxAt(const Stretch& stretch, std::uint64_t at) {
        const Bytes head = stretch.bytes(at, 16);
        if (head.size() < 8)
            return {};
        std::uint64_t size = number(head, 0, 4), header = 8;
        if (size == 1 && head.size() == 16) {
            size = number(head, 8, 8);
            header = 16;
        } else if (size == 0)
            size = stretch.length - at;
        const auto type = std::string(textOf(head).substr(4, 4));
        const bool named = std::all_of(type.begin(), type.end(), [](char c) {
            return (c >= 0x20 && c < 0x7F) || static_cast<unsigned char>(c) == 0xA9;
        });
        // The numbered entries of an item list have no letters; they are read where they stand.
        if (size < header || (!named && type[0] != 0))
            return {};
        const auto end = size > stretch.length - at ? stretch.length : at + size;
        return {type, stretch.part(at + header, end - at - header), end};
    }

    void boxes(const Stretch& stretch, const std::string& place, int depth) {
        std::uint64_t at = 0;
        while (at + 8 <= stretch.length && ++m_count < kMaxBoxes && m_walk.goOn()) {
            const Box box = boxAt(stretch, at);
            if (box.type.empty())
                break;
            visit(box, place, depth);
            at = box.end;
        }
        if (m_count >= kMaxBoxes)
            return m_walk.notSearched(toSay("too many boxes"));
        const bool zeros = stretch.length - std::min(at, stretch.length) <= 4;
        if (at < stretch.length && !zeros) {
            const auto rest = stretch.part(at, stretch.length);
            m_walk.at(rest).add(depth == 0 ? "after the end" : place, "unknown data", byteText(rest.length),
                                Category::Other);
            scan(m_walk.at(rest).inside(depth == 0 ? "after the end" : place), rest);
        }
    }

    void visit(const Box& box, const std::string& place, int depth) {
        const Walk here = m_walk.at(box.payload);
        const auto inner = place + " / " + printable(box.type);
        if (box.type == "meta" || holdsBoxes(box.type)) {
            if (depth > kMaxBoxDepth)
                return here.notSearched(toSay("boxes nested too deep"));
            if (box.type == "meta")
                return metaBox(box.payload, inner, depth);
            if (box.type == "ilst")
                return itemList(box.payload, inner);
            return boxes(box.payload, inner, depth + 1);
        }
        if (block(here, box.type, box.payload))
            return;
        if (isTechnical(box.type)) { // a colour profile has texts
            const Bytes bytes = box.payload.bytes(0, kMaxXmp);
            if ((box.type == "ipco" && textOf(bytes).find("hdrgainmap") != std::string_view::npos) ||
                (box.type == "iinf" && textOf(bytes).find("tmap") != std::string_view::npos))
                here.add(inner, "gain map", "", Category::Technical);
            return texts(here.inside(inner), bytes);
        }
        if (box.type == "mdat")
            m_media.push_back(box.payload);
        else if (box.type == "uuid")
            uuidBox(here, box.payload);
        else if (box.type == "brob")
            packedBox(here, box.payload);
        else if (box.type[0] == '\xA9' || isBoxOf(box.type, {"loci", "name", "titl", "dscp", "auth"}))
            textBox(here, box, inner);
        else
            unknown(here, inner, box.payload);
    }

    /// Boxes that hold a block the other walkers know.
    static bool block(const Walk& here, std::string_view type, const Stretch& data) {
        if (type == "Exif") { // four bytes say how far behind them the TIFF header stands
            tiff(here, data.part(4 + number(data.bytes(0, 4), 0, 4), data.length), "Exif");
            return true;
        }
        if (type.starts_with("CMT")) { // in the raw files of one family of cameras: four directories
            tiff(here, data, "Exif");
            return true;
        }
        if (type == "xml ") {
            const Bytes packet = data.bytes(0, kMaxXmp);
            xmp(here, textOf(packet));
            return true;
        }
        return false;
    }

    static void unknown(const Walk& here, const std::string& place, const Stretch& data) {
        if (data.length == 0)
            return;
        here.add(place, "unknown box", byteText(data.length), Category::Other);
        scan(here.inside(place), data);
    }

    static void textBox(const Walk& here, const Box& box, const std::string& place) {
        Bytes bytes = box.payload.bytes(0, 4096);
        const std::size_t head = std::min<std::size_t>(bytes.size(), 4); // length and language, or version
        const bool tellsPlace = box.type == "\xA9xyz" || box.type == "loci";
        const ByteSpan value = ByteSpan(bytes).subspan(head);
        here.addText(place, printable(box.type), textOf(value),
                     tellsPlace ? Category::Location : Category::Other);
        if (tellsPlace)
            here.secret(value);
    }

    static void uuidBox(const Walk& here, const Stretch& data) {
        static constexpr auto kXmp = "\xBE\x7A\xCF\xCB\x97\xA9\x42\xE8\x9C\x71\x99\x94\x91\xE3\xAF\xAC"sv;
        const Bytes id = data.bytes(0, 16);
        if (textOf(id) != kXmp)
            return unknown(here, "uuid", data);
        const Bytes packet = data.part(16, data.length).bytes(0, kMaxXmp);
        xmp(here, textOf(packet));
    }

    /// JPEG XL: a box packed with Brotli, its own type first.
    static void packedBox(const Walk& here, const Stretch& data) {
        const Bytes all = data.bytes(0, kMaxBlock);
        if (all.size() < 4)
            return;
        const auto type = std::string(textOf(all).substr(0, 4));
        const auto unpacked = brotliUnpacked(textOf(all).substr(4), kMaxXmp, here.budget);
        if (!unpacked)
            return here.notSearched(
                Saying("JPEG XL: a packed box \"{box}\" that can't be unpacked", {{"box", printable(type)}}));
        const MemorySource source(bytesOf(*unpacked));
        const auto whole = here.whole(source);
        if (!block(here, type, whole))
            unknown(here, printable(type), whole);
    }

    void metaBox(const Stretch& data, const std::string& place, int depth) {
        // In QuickTime files this box has no version of its own.
        const Bytes start = data.bytes(0, 8);
        const bool plain = start.size() == 8 && textOf(start).substr(4) == "hdlr";
        const Stretch inside = plain ? data : data.part(4, data.length);
        m_keys.clear();
        std::uint64_t at = 0;
        for (int i = 0; i < kMaxBoxes && at + 8 <= inside.length && m_walk.goOn(); ++i) {
            const Box box = boxAt(inside, at);
            if (box.type.empty())
                break;
            if (box.type == "iinf")
                m_items.readInfos(box.payload);
            else if (box.type == "iloc")
                m_items.readPlaces(box.payload);
            else if (box.type == "iref")
                m_items.readReferences(box.payload);
            else if (box.type == "idat")
                m_items.data = box.payload;
            else if (box.type == "keys")
                readKeys(box.payload);
            at = box.end;
        }
        boxes(inside, place, depth + 1);
    }

    void readKeys(const Stretch& data) {
        const Bytes all = data.bytes(0, 1 << 20);
        for (std::size_t at = 8; at + 8 <= all.size();) {
            const auto size = number(all, at, 4);
            if (size < 8 || size > all.size() - at)
                break;
            m_keys.emplace_back(textOf(all).substr(at + 8, size - 8));
            at += size;
        }
    }

    void itemList(const Stretch& list, const std::string& place) {
        for (std::uint64_t at = 0; at + 8 <= list.length && ++m_count < kMaxBoxes && m_walk.goOn();) {
            const Box entry = boxAt(list, at);
            if (entry.type.empty())
                break;
            const auto index = number(bytesOf(entry.type), 0, 4);
            const auto name =
                index >= 1 && index <= m_keys.size() ? m_keys[index - 1] : printable(entry.type);
            const Box value = boxAt(entry.payload, 0);
            const Bytes bytes = value.payload.source ? value.payload.bytes(8, 4096) : Bytes{};
            const bool tellsPlace =
                toLowerAscii(name).find("location") != std::string::npos || entry.type == "\xA9xyz";
            const Walk here = m_walk.at(entry.payload);
            here.addText(place, printable(name), textOf(bytes),
                         tellsPlace ? Category::Location : Category::Other);
            if (tellsPlace)
                here.secret(bytes);
            at = entry.end;
        }
    }

    void items() {
        for (const auto& item : m_items.infos) {
            const auto where = "item " + std::to_string(item.id);
            const auto bytes = m_items.bytesOf(item.id, m_whole, m_kept);
            if (!item.name.empty())
                m_walk.addText(where, "name", item.name, Category::Other);
            if (item.isPicture()) {
                const bool preview = m_items.previews.count(item.id) > 0;
                m_walk.at(bytes).add(where, preview ? "embedded preview" : "picture data",
                                     byteText(bytes.length),
                                     preview ? Category::Preview : Category::Technical);
            } else if (item.type == "Exif")
                block(m_walk.at(bytes), "Exif", bytes);
            else if (item.isXmp())
                block(m_walk.at(bytes), "xml ", bytes);
            else
                unknown(m_walk.at(bytes), where + " / " + printable(item.type), bytes);
        }
    }

    /// Bytes of the media box that belong to no item: nothing a decoder ever looks at.
    void unreferenced() {
        if (m_items.infos.empty())
            return;
        for (const auto& media : m_media) {
            std::uint64_t at = media.begin;
            const auto end = media.begin + media.length;
            for (const auto& [from, to] : m_items.covered()) {
                gap(at, std::min(from, end));
                at = std::max(at, to);
            }
            gap(at, end);
        }
    }
    void gap(std::uint64_t from, std::uint64_t to) {
        if (from >= to)
            return;
        const Stretch hole = m_whole.part(from - m_whole.begin, to - from);
        const Bytes head = hole.bytes(0, 64);
        if (hole.length <= 64 && std::all_of(head.begin(), head.end(), [](auto b) { return b == 0; }))
            return; // padding
        m_walk.at(hole).add("mdat", "data of no item", byteText(hole.length), Category::Other);
        scan(m_walk.at(hole).inside("mdat"), hole);
    }

    const Walk& m_walk;
    Stretch m_whole;
    int m_count = 0;
    IsoItems m_items;
    std::vector<std::string> m_keys;
    std::vector<Stretch> m_media;
    KeptBytes m_kept;
};

} // namespace

void iso(const Walk& walk, const Stretch& stretch) {
    if (walk.tooDeep())
        return;
    const Bytes head = stretch.bytes(0, 2);
    if (head.size() == 2 && head[0] == 0xFF && head[1] == 0x0A) {
        // A bare JPEG XL codestream has no boxes and no room for metadata.
        walk.add("codestream", "picture data", byteText(stretch.length), Category::Technical);
        return scan(walk, stretch);
    }
    BoxWalker(walk, stretch).start();
}

} // namespace keepseal::walk
