// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// WebP: the chunks of a RIFF file (WebP container specification), and what follows them.
#include "walk/walk.h"

#include "base/text.h"

namespace keepseal::walk {
namespace {

bool isPicture(const std::string& type) {
    return type == "VP8" || type == "VP8L" || type == "VP8X" || type == "ALPH" || type == "ANIM" ||
           type == "ANMF";
}

} // namespace

void webp(const Walk& walk, const Stretch& stretch) {
    const auto claimed = number(stretch.bytes(4, 4), 0, 4, true) + 8;
    std::uint64_t at = 12;
    while (at + 8 <= std::min(claimed, stretch.length) && walk.goOn()) {
        const Bytes head = stretch.bytes(at, 8);
        if (head.size() < 8)
            break;
        const std::string type =
            printable(std::string_view(reinterpret_cast<const char*>(head.data()), 4), 4);
        const auto length = number(head, 4, 4, true);
        const Stretch payload = stretch.part(at + 8, length);
        const Walk here = walk.at(payload);
        if (type == "EXIF") {
            const Bytes start = payload.bytes(0, 6); // some writers keep JPEG's "Exif" header
            const bool headed = start.size() == 6 && start[0] == 'E' && start[1] == 'x';
            tiff(here, headed ? payload.part(6, payload.length) : payload, "Exif");
        } else if (type == "XMP") {
            const Bytes packet = payload.bytes(0, payload.length);
            xmp(here, textOf(packet));
        } else if (type == "ICCP") {
            here.add("ICCP", "ICC profile", byteText(length), Category::Technical);
            texts(here.inside("ICC profile"), payload.bytes(0, payload.length));
        } else if (!isPicture(type)) {
            here.add(type, "unknown chunk", byteText(length), Category::Other);
            scan(here.inside(type), payload);
        }
        at += 8 + length + length % 2;
    }
    if (at < stretch.length) {
        const auto trailer = stretch.part(at, stretch.length);
        walk.at(trailer).add("after the end", "unknown data", byteText(trailer.length), Category::Other);
        scan(walk.at(trailer).inside("after the end"), trailer);
    }
}

} // namespace keepseal::walk
