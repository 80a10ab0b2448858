// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Bytes of unknown meaning (maker notes, trailers, unknown segments, videos): searched for blocks that are
// known to carry a place.
#include "walk/walk.h"

#include "base/text.h"

#include <algorithm>
#include <cstring>

namespace keepseal::walk {
namespace {

using namespace std::string_view_literals;

constexpr int kMaxBlocks = 64;
constexpr std::uint64_t kWindow = 16ULL << 20, kOverlap = 1ULL << 20, kMostSearched = 2ULL << 30;
constexpr std::size_t kTextOverlap = 4096;

struct Scan {
    const Walk walk;
    const Stretch& stretch; ///< from the window's start on
    std::string_view text;  ///< the window
    bool first = true;
    int blocks = 0;

    template <class Act>
    void each(std::string_view needle, Act act) {
        for (auto at = text.find(needle); at != std::string_view::npos && blocks < kMaxBlocks;) {
            ++blocks;
            if (!walk.goOn())
                return;
            const std::size_t next = act(at);
            at = text.find(needle, std::max(next, at + needle.size()));
        }
    }
};

void exifBlocks(Scan& s) {
    s.each("Exif\0\0"sv, [&](std::size_t at) {
        const auto rest = s.text.substr(at + 6, 4);
        if (rest == "II*\0"sv || rest == "MM\0*"sv)
            tiff(s.walk, s.stretch.part(at + 6, s.stretch.length), "Exif");
        return at;
    });
    // A bare TIFF structure at the very start: some maker notes and boxes are one.
    if (s.first && (s.text.starts_with("II*\0"sv) || s.text.starts_with("MM\0*"sv)))
        tiff(s.walk, s.stretch, "Exif");
}

void xmpBlocks(Scan& s) {
    s.each("<x:xmpmeta"sv, [&](std::size_t at) {
        const auto end = s.text.find("</x:xmpmeta>"sv, at);
        const auto length = end == std::string_view::npos ? s.text.size() - at : end + 12 - at;
        xmp(s.walk, s.text.substr(at, length));
        return at + length;
    });
}

void pictures(Scan& s) {
    s.each("\xFF\xD8\xFF"sv, [&](std::size_t at) {
        const auto kind = static_cast<unsigned char>(at + 3 < s.text.size() ? s.text[at + 3] : 0);
        if (kind < 0xC0 || kind == 0xFF)
            return at;
        s.walk.add("bytes", "embedded picture", "", Category::Preview);
        jpeg(s.walk.inside("embedded picture"), s.stretch.part(at, s.stretch.length));
        return s.text.size(); // the walker of that picture goes on behind its end
    });
}

/// A video behind a picture begins with its file type box.
void videos(Scan& s) {
    s.each("ftyp"sv, [&](std::size_t at) {
        const auto size = at >= 4 ? number(bytesOf(s.text), at - 4, 4) : 0;
        if (size < 16 || size > 512)
            return at;
        iso(s.walk.inside("video"), s.stretch.part(at - 4, s.stretch.length));
        return s.text.size(); // the walker of that video goes on to the end
    });
}

/// Places in ISO media files: the user data atom of QuickTime files and the 3GPP 'loci' box.
void videoPlaces(Scan& s) {
    for (const auto atom : {"\xA9xyz"sv, "loci"sv, "com.apple.quicktime.location"sv})
        s.each(atom, [&](std::size_t at) {
            const auto near = printable(s.text.substr(at + atom.size(), 64));
            const bool isAtom =
                atom != "loci"sv ||
                (at >= 4 &&
                 number({reinterpret_cast<const std::uint8_t*>(s.text.data() + at - 4), 4}, 0, 4) < 512);
            if (isAtom)
                s.walk.add("video", printable(atom), near, Category::Location);
            return at;
        });
}

} // namespace

void scan(const Walk& walk, const Stretch& stretch) {
    if (walk.tooDeep() || stretch.length == 0)
        return;
    // Window by window, each a little into the next, so that the end of a long video is searched as well.
    int blocks = 0;
    for (std::uint64_t at = 0; at < stretch.length; at += kWindow) {
        if (at >= kMostSearched || blocks >= kMaxBlocks)
            return walk.notSearched(Saying("only the first {size} of {all} were searched",
                                           {{"size", byteText(at)}, {"all", byteText(stretch.length)}}));
        const Stretch window = stretch.part(at, kWindow + kOverlap);
        const Bytes bytes = window.bytes(0, window.length);
        const Stretch rest = stretch.part(at, stretch.length);
        Scan s{walk.at(window), rest, textOf(bytes), at == 0, blocks};
        exifBlocks(s);
        xmpBlocks(s);
        videos(s);
        videoPlaces(s);
        pictures(s);
        // The overlap is the next window's; a text that is cut there is searched in both halves.
        texts(s.walk, ByteSpan(bytes).first(std::min<std::size_t>(bytes.size(), kWindow + kTextOverlap)));
        blocks = s.blocks;
    }
}

} // namespace keepseal::walk
