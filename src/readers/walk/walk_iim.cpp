// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Image resources ("8BIM" blocks, as in JPEG APP13 and TIFF tag 34377) and IPTC-IIM 4.2 datasets.
#include "privacy/tables.h"
#include "walk/walk.h"

#include "base/fingerprint.h"
#include "base/text.h"

#include <optional>

namespace keepseal::walk {
namespace {

void resource(const Walk& walk, unsigned id, const Stretch& data) {
    const auto size = byteText(data.length);
    const auto name = "resource " + std::to_string(id);
    if (id == 0x0404) {
        const Bytes bytes = data.bytes(0, data.length);
        iim(walk, bytes);
    } else if (id == 0x03ED || id == 0x040F) {
        walk.add("image resources", id == 0x03ED ? "resolution" : "ICC profile", size, Category::Technical);
        texts(walk.inside(name), data.bytes(0, data.length));
    } else if (id == 0x0409 || id == 0x040C) {
        walk.add("image resources", "embedded preview", size, Category::Preview);
        scan(walk.inside(name), data);
    } else if (id == 0x0422 || id == 0x0423) {
        tiff(walk.inside(name), data, "Exif");
    } else if (id == 0x0424) {
        const Bytes bytes = data.bytes(0, data.length);
        xmp(walk.inside(name), textOf(bytes));
    } else {
        walk.add("image resources", name, size, Category::Other);
        scan(walk.inside(name), data);
    }
}

} // namespace

void imageResources(const Walk& walk, const Stretch& stretch) {
    std::uint64_t at = 0;
    Bytes datasets;
    std::optional<Bytes> stated;
    while (!walk.tooDeep() && at + 12 <= stretch.length && walk.goOn()) {
        const Bytes head = stretch.bytes(at, 8 + 256);
        if (head.size() < 8)
            break;
        if (head[0] != '8' || head[1] != 'B' || head[2] != 'I' || head[3] != 'M')
            return walk.notSearched(toSay("image resources: no block where one should be"));
        const auto id = static_cast<unsigned>(number(head, 4, 2));
        const std::uint64_t nameBytes = (1ULL + head[6] + 1) / 2 * 2; // padded to even
        walk.at(stretch.part(at, 8)).addName("image resources", "name", textOf(head).substr(7, head[6]));
        const auto length = number(stretch.bytes(at + 6 + nameBytes, 4), 0, 4);
        const auto data = stretch.part(at + 10 + nameBytes, length);
        if (id == 0x0404)
            datasets = data.bytes(0, data.length);
        if (id == 0x0425)
            stated = data.bytes(0, 16),
            texts(walk.at(data).inside("IPTC digest"), data.bytes(0, data.length));
        else
            resource(walk.at(data), id, data);
        at += 10 + nameBytes + length + length % 2;
    }
    // Written by whoever put XMP in step with IIM; a difference says that one of them was changed alone.
    if (stated)
        walk.add("image resources", "IPTC digest",
                 *stated == md5(datasets) ? "matches the IIM block" : "does not match the IIM block",
                 Category::Technical);
}

void iim(const Walk& walk, ByteSpan bytes) {
    std::size_t at = 0;
    while (at + 5 <= bytes.size() && bytes[at] == 0x1C && walk.goOn()) {
        const int record = bytes[at + 1], dataset = bytes[at + 2];
        std::uint64_t length = number(bytes, at + 3, 2);
        std::size_t header = 5;
        if (length & 0x8000) { // extended dataset: the length of the length
            const auto lengthBytes = static_cast<int>(length & 0x7FFF);
            if (lengthBytes > 4)
                return walk.notSearched(toSay("IIM: a dataset that makes no sense"));
            length = number(bytes, at + 5, lengthBytes);
            header += static_cast<std::size_t>(lengthBytes);
        }
        if (at + header > bytes.size())
            break;
        const auto value =
            bytes.subspan(at + header, std::min<std::uint64_t>(length, bytes.size() - at - header));
        const auto meaning = meaningOfDataset(record, dataset);
        const auto text = textOf(value);
        walk.addText("IIM", meaning.name, text, meaning.category);
        if (meaning.category == Category::Location)
            walk.secret(value);
        at += header + static_cast<std::size_t>(length);
    }
}

} // namespace keepseal::walk
