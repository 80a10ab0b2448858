// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Metadata as items of an AVIF file: HEIF (ISO/IEC 23008-12, annex A: Exif, and XMP as a MIME item), boxes of
// ISO/IEC 14496-12, 8.11 (iloc, iinf, iref).
#include "rights/containers.h"
#include "rights/iso_boxes.h"

#include <algorithm>

namespace keepseal {
namespace {

struct MetaItem {
    std::uint32_t id = 0;
    std::string_view type;
    std::string_view contentType; ///< of a MIME item
    Bytes data;
};

const IsoBox* foundBox(const std::vector<IsoBox>& boxes, std::string_view type) {
    const auto found =
        std::find_if(boxes.begin(), boxes.end(), [&](const IsoBox& b) { return b.type == type; });
    return found == boxes.end() ? nullptr : &*found;
}

const IsoBox& neededBox(const std::vector<IsoBox>& boxes, std::string_view type) {
    const auto* found = foundBox(boxes, type);
    if (!found)
        unexpectedBoxes();
    return *found;
}

std::vector<MetaItem> itemsOf(const ComposedMetadata& metadata, std::uint32_t firstId) {
    std::vector<MetaItem> out;
    if (!metadata.exif.empty()) {
        MetaItem exif{firstId + static_cast<std::uint32_t>(out.size()), "Exif", {}, Bytes(4)};
        exif.data.insert(exif.data.end(), metadata.exif.begin(), metadata.exif.end());
        out.push_back(std::move(exif));
    }
    if (!metadata.xmp.empty())
        out.push_back({firstId + static_cast<std::uint32_t>(out.size()), "mime", "application/rdf+xml",
                       Bytes(metadata.xmp.begin(), metadata.xmp.end())});
    return out;
}

/// An item of the encoder's own (8.11.6, version 2), without the name it gave it: a copy tells what it was
/// promised to tell, and nothing else.
Bytes withoutName(const IsoBox& info) {
    constexpr std::size_t fixed = 12; // version, flags, id, protection, type
    if (info.type != "infe" || info.contents.size() <= fixed || info.contents[0] != 2)
        unexpectedBoxes();
    Bytes contents(info.contents.begin(), info.contents.begin() + fixed);
    contents.push_back(0);
    Bytes out;
    addIsoBox(out, "infe", contents);
    return out;
}

/// What items there are (8.11.6), with the new ones behind.
Bytes itemInfos(const IsoBox& box, const std::vector<MetaItem>& items) {
    const auto count = isoNumberAt(box.contents, 4, 2);
    Bytes out(box.contents.begin(), box.contents.begin() + 4);
    addIsoNumber(out, count + items.size(), 2);
    for (const auto& known : isoBoxesIn(box.contents.subspan(6))) {
        const auto info = withoutName(known);
        out.insert(out.end(), info.begin(), info.end());
    }
    for (const auto& item : items) {
        Bytes info{2, 0, 0, 0}; // its version
        addIsoNumber(info, item.id, 2);
        addIsoNumber(info, 0, 2); // not protected
        info.insert(info.end(), item.type.begin(), item.type.end());
        info.push_back(0); // no name
        if (!item.contentType.empty()) {
            info.insert(info.end(), item.contentType.begin(), item.contentType.end());
            info.push_back(0);
        }
        addIsoBox(out, "infe", info);
    }
    return out;
}

/// Which item tells of which (8.11.12): the new ones of the picture.
Bytes itemReferences(const IsoBox* box, const std::vector<MetaItem>& items, std::uint32_t picture) {
    Bytes out = box ? Bytes(box->contents.begin(), box->contents.end()) : Bytes(4);
    for (const auto& item : items) {
        Bytes reference;
        addIsoNumber(reference, item.id, 2);
        addIsoNumber(reference, 1, 2);
        addIsoNumber(reference, picture, 2);
        addIsoBox(out, "cdsc", reference);
    }
    return out;
}

/// Where items lie (8.11.3): those of the encoder further back by `moved`, the new ones from `end` on.
Bytes itemLocations(const IsoBox& box, const std::vector<MetaItem>& items, std::size_t moved,
                    std::size_t end) {
    const auto old = box.contents;
    // Version 0, offsets and lengths of four bytes, no base: as our encoder writes it.
    if (isoNumberAt(old, 0, 4) != 0 || isoNumberAt(old, 4, 2) != 0x4400)
        unexpectedBoxes();
    const auto count = isoNumberAt(old, 6, 2);
    Bytes out(old.begin(), old.begin() + 6);
    addIsoNumber(out, count + items.size(), 2);
    std::size_t at = 8;
    for (std::uint32_t i = 0; i < count; ++i) {
        const auto extents = isoNumberAt(old, at + 4, 2);
        out.insert(out.end(), old.begin() + static_cast<std::ptrdiff_t>(at),
                   old.begin() + static_cast<std::ptrdiff_t>(at + 6));
        at += 6;
        for (std::uint32_t e = 0; e < extents; ++e, at += 8) {
            addIsoNumber(out, isoNumberAt(old, at, 4) + moved, 4);
            addIsoNumber(out, isoNumberAt(old, at + 4, 4), 4);
        }
    }
    for (const auto& item : items) {
        addIsoNumber(out, item.id, 2);
        addIsoNumber(out, 0, 2); // in this file
        addIsoNumber(out, 1, 2);
        addIsoNumber(out, end, 4);
        addIsoNumber(out, item.data.size(), 4);
        end += item.data.size();
    }
    return out;
}

Bytes metaBox(const IsoBox& meta, const std::vector<MetaItem>& items, std::size_t moved, std::size_t end) {
    const auto boxes = isoBoxesIn(meta.contents.subspan(4));
    const auto picture = isoNumberAt(neededBox(boxes, "pitm").contents, 4, 2);
    Bytes contents(meta.contents.begin(), meta.contents.begin() + 4);
    for (const auto& box : boxes) {
        if (box.type == "iloc")
            addIsoBox(contents, "iloc", itemLocations(box, items, moved, end));
        else if (box.type == "hdlr") { // 8.4.3: its last field is the coder's own name
            constexpr std::size_t fixed = 24;
            Bytes handler(box.contents.begin(), box.contents.begin() + std::min(fixed, box.contents.size()));
            handler.push_back(0);
            addIsoBox(contents, "hdlr", handler);
        } else if (box.type == "iinf") {
            addIsoBox(contents, "iinf", itemInfos(box, items));
            if (!foundBox(boxes, "iref") && !items.empty())
                addIsoBox(contents, "iref", itemReferences(nullptr, items, picture));
        } else if (box.type == "iref")
            addIsoBox(contents, "iref", itemReferences(&box, items, picture));
        else
            contents.insert(contents.end(), box.whole.begin(), box.whole.end());
    }
    Bytes out;
    addIsoBox(out, "meta", contents);
    return out;
}

} // namespace

/// `bare` has its colours in itself. The new items lie in a box of their own at the end.
Bytes embedInAvif(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras&) {
    const auto boxes = isoBoxesIn(bare);
    const auto& meta = neededBox(boxes, "meta");
    const auto infos = neededBox(isoBoxesIn(meta.contents.subspan(4)), "iinf").contents;
    // Our encoder numbers its items from 1 on.
    const auto items = itemsOf(metadata, isoNumberAt(infos, 4, 2) + 1);
    // May be less than nothing: names go. Offsets are counted round, so that is no matter.
    const auto longer = metaBox(meta, items, 0, 0).size() - meta.whole.size();
    Bytes out, added;
    for (const auto& item : items)
        added.insert(added.end(), item.data.begin(), item.data.end());
    for (const auto& box : boxes) {
        if (&box == &meta) {
            const auto made = metaBox(meta, items, longer, bare.size() + longer + 8);
            out.insert(out.end(), made.begin(), made.end());
        } else
            out.insert(out.end(), box.whole.begin(), box.whole.end());
    }
    if (!items.empty())
        addIsoBox(out, "mdat", added);
    return out;
}

} // namespace keepseal
