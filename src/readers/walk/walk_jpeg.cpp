// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEG (ISO 10918-1, JFIF): segment by segment, through every scan, to the end of image and past it.
#include "walk/walk.h"

#include "base/text.h"

#include <algorithm>
#include <cstring>

namespace keepseal::walk {
namespace {

using namespace std::string_view_literals;

constexpr std::string_view kXmp = "http://ns.adobe.com/xap/1.0/\0"sv;
constexpr std::string_view kXmpExtension = "http://ns.adobe.com/xmp/extension/\0"sv;
constexpr std::uint64_t kExtensionHeader = 32 + 4 + 4; // GUID, full length, offset

/// Blocks too long for one segment go on in the next of their kind.
struct Chained {
    std::string extendedXmp, resources;
    std::uint64_t extendedXmpAt = 0, resourcesAt = 0;
    static constexpr std::size_t most = 16U << 20;
};

void exifSegment(const Walk& walk, const Stretch& payload) {
    tiff(walk, payload.part(6, payload.length), "Exif");
}

void applicationSegment(const Walk& walk, int marker, const Stretch& payload, Chained& chained) {
    const Bytes head = payload.bytes(0, 64);
    const auto start = textOf(head);
    const auto place = "APP" + std::to_string(marker - 0xE0);
    const auto size = byteText(payload.length);
    if (marker == 0xE0 && (start.starts_with("JFIF\0"sv))) {
        walk.add(place, "JFIF", size, Category::Technical);
        texts(walk.inside("JFIF"), payload.bytes(0, payload.length));
        // Bytes 12 and 13 count the pixels of an uncompressed preview.
        if (head.size() >= 14 && head[12] != 0 && head[13] != 0)
            walk.add(place, "JFIF preview", size, Category::Preview);
    } else if (marker == 0xE1 && start.starts_with("Exif\0"sv)) {
        exifSegment(walk, payload);
    } else if (marker == 0xE1 && start.starts_with(kXmp)) {
        const auto packet = payload.bytes(kXmp.size(), payload.length);
        xmp(walk, textOf(packet));
    } else if (marker == 0xE1 && start.starts_with(kXmpExtension)) {
        const auto chunk = payload.bytes(kXmpExtension.size() + kExtensionHeader, payload.length);
        if (chained.extendedXmp.empty())
            chained.extendedXmpAt = payload.begin;
        if (chained.extendedXmp.size() < Chained::most)
            chained.extendedXmp += textOf(chunk);
    } else if (marker == 0xE2 && start.starts_with("ICC_PROFILE\0"sv)) {
        walk.add(place, "ICC profile", size, Category::Technical);
        texts(walk.inside("ICC profile"), payload.bytes(0, payload.length));
    } else if (marker == 0xE2 && start.starts_with("MPF\0"sv)) {
        walk.add(place, "MPF (further images)", size, Category::Preview);
        tiff(walk.inside("MPF"), payload.part(4, payload.length), "index");
    } else if (marker == 0xED && start.starts_with("Photoshop 3.0\0"sv)) {
        const auto part = payload.part(14, payload.length);
        if (chained.resources.empty())
            chained.resourcesAt = part.begin;
        const auto chunk = part.bytes(0, part.length);
        if (chained.resources.size() < Chained::most)
            chained.resources += textOf(chunk);
    } else if (marker == 0xEE && start.starts_with("Adobe"sv)) {
        walk.add(place, "Adobe (colour transform)", size, Category::Technical);
        texts(walk.inside("Adobe"), payload.bytes(0, payload.length));
    } else {
        walk.add(place, "unknown segment \"" + printable(start.substr(0, start.find('\0')), 24) + "\"", size,
                 Category::Other);
        scan(walk.inside(place), payload);
    }
}

/// The offset of the first marker after entropy-coded data that begins at `at`; the length if there is none.
std::uint64_t endOfScan(const Stretch& stretch, std::uint64_t at) {
    constexpr std::uint64_t window = 1 << 16;
    while (at < stretch.length) {
        const Bytes bytes = stretch.bytes(at, window);
        if (bytes.size() < 2)
            break;
        for (std::size_t i = 0; i + 1 < bytes.size();) {
            const auto* found =
                static_cast<const std::uint8_t*>(std::memchr(bytes.data() + i, 0xFF, bytes.size() - 1 - i));
            if (!found)
                break;
            i = static_cast<std::size_t>(found - bytes.data());
            const std::uint8_t next = bytes[i + 1];
            const bool partOfData = next == 0x00 || next == 0xFF || (next >= 0xD0 && next <= 0xD7);
            if (!partOfData)
                return at + i;
            i += next == 0xFF ? 1 : 2;
        }
        at += bytes.size() - 1;
        if (bytes.size() < window)
            break;
    }
    return stretch.length;
}

void chainedBlocks(const Walk& walk, const Stretch& stretch, const Chained& chained) {
    const auto blockAt = [&](std::uint64_t begin) {
        return walk.at({stretch.source, begin, 0, stretch.budget});
    };
    if (!chained.resources.empty()) {
        const MemorySource source(bytesOf(chained.resources));
        imageResources(blockAt(chained.resourcesAt), walk.whole(source));
    }
    if (!chained.extendedXmp.empty())
        xmp(blockAt(chained.extendedXmpAt).inside("extended XMP"), chained.extendedXmp);
}

void afterTheEnd(const Walk& walk, const Stretch& trailer) {
    const Bytes head = trailer.bytes(0, 4096);
    const bool padding = trailer.length <= head.size() &&
                         std::all_of(head.begin(), head.end(), [](auto byte) { return byte == 0; });
    walk.add("after the end", padding ? "padding" : "unknown data", byteText(trailer.length),
             Category::Other);
    if (!padding)
        scan(walk.inside("after the end"), trailer);
}

} // namespace

void jpeg(const Walk& walk, const Stretch& stretch) {
    if (walk.tooDeep())
        return;
    Chained chained;
    std::uint64_t at = 2;
    bool ended = false;
    while (!ended && at + 2 <= stretch.length && walk.goOn()) {
        const Bytes head = stretch.bytes(at, 4);
        if (head.size() < 2 || head[0] != 0xFF) {
            walk.notSearched(
                Saying("JPEG: no marker where one should be, at byte {n}", {{"n", std::to_string(at)}}));
            break;
        }
        const int marker = head[1];
        if (marker == 0xFF) {
            ++at;
            continue;
        }
        if (marker == 0xD9) {
            ended = true;
            at += 2;
            break;
        }
        if (marker == 0x01 || (marker >= 0xD0 && marker <= 0xD8)) {
            at += 2;
            continue;
        }
        if (head.size() < 4)
            break;
        const auto length = number(head, 2, 2);
        const Stretch payload = stretch.part(at + 4, length >= 2 ? length - 2 : 0);
        const Walk here = walk.at(payload);
        if (marker >= 0xE0 && marker <= 0xEF)
            applicationSegment(here, marker, payload, chained);
        else if (marker == 0xFE) {
            const Bytes text = payload.bytes(0, payload.length);
            here.addText("COM", "comment", textOf(text), Category::Other);
            if (textOf(text).find('\0') != std::string_view::npos) // UTF-16, or something behind the words
                texts(here.inside("COM"), text);
        }
        at += 2 + std::max<std::uint64_t>(length, 2);
        if (marker == 0xDA && walk.reach == Reach::Headers)
            return chainedBlocks(walk, stretch, chained);
        if (marker == 0xDA)
            at = endOfScan(stretch, at);
    }
    chainedBlocks(walk, stretch, chained);
    if (!ended)
        walk.notSearched(toSay("JPEG: the file ends before the picture does"));
    else if (at < stretch.length) {
        const auto trailer = stretch.part(at, stretch.length);
        afterTheEnd(walk.at(trailer), trailer);
    }
}

} // namespace keepseal::walk
