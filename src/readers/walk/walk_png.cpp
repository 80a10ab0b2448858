// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// PNG (ISO 15948): chunk by chunk, compressed text included, and past IEND.
#include "walk/inflate.h"
#include "walk/walk.h"

#include "base/text.h"

#include <algorithm>

namespace keepseal::walk {
namespace {

constexpr std::size_t kMaxText = 16U << 20; // of inflated text: a bomb ends here

/// "Raw profile type exif": a line with the name, one with the size, then the bytes as hexadecimal.
Bytes rawProfile(std::string_view text) {
    std::size_t at = text.find_first_not_of('\n');
    for (int line = 0; line < 2 && at != std::string_view::npos; ++line) {
        at = text.find('\n', at);
        if (at != std::string_view::npos)
            ++at;
    }
    Bytes out;
    int high = -1;
    for (; at < text.size(); ++at) {
        const char c = text[at];
        const int digit = c >= '0' && c <= '9'   ? c - '0'
                          : c >= 'a' && c <= 'f' ? c - 'a' + 10
                          : c >= 'A' && c <= 'F' ? c - 'A' + 10
                                                 : -1;
        if (digit < 0)
            continue;
        if (high < 0)
            high = digit;
        else {
            out.push_back(static_cast<std::uint8_t>(high << 4 | digit));
            high = -1;
        }
    }
    return out;
}

void rawProfileBlock(const Walk& walk, const std::string& keyword, std::string_view text) {
    const Bytes block = rawProfile(text);
    const MemorySource source(block);
    const Walk inner = walk.inside(keyword);
    const auto whole = inner.whole(source);
    if (textOf(block).starts_with("Exif"))
        tiff(inner, whole.part(6, whole.length), "Exif");
    else if (textOf(block).starts_with("8BIM"))
        imageResources(inner, whole);
    else if (!block.empty() && block[0] == 0x1C)
        iim(inner, block);
    else
        scan(inner, whole);
}

void textChunk(const Walk& walk, const std::string& type, const Bytes& data) {
    const auto all = textOf(data);
    const auto end = std::min(all.find('\0'), all.size());
    const std::string keyword = printable(all.substr(0, end), 80);
    std::string text;
    walk.addName(type, "keyword", all.substr(0, end));
    if (end < all.size()) {
        auto rest = all.substr(end + 1);
        if (type == "tEXt")
            text = rest;
        else if (type == "zTXt")
            text = rest.size() > 1 ? zlibUnpacked(rest.substr(1), kMaxText, walk.budget) : "";
        else if (rest.size() > 2) { // iTXt: flag, method, language \0, translated keyword \0, text
            const bool packed = rest[0] == 1;
            rest.remove_prefix(2);
            for (int i = 0; i < 2; ++i) {
                walk.addName(type, i == 0 ? "language" : "translated keyword",
                             rest.substr(0, rest.find('\0')));
                rest.remove_prefix(std::min(rest.find('\0'), rest.size() - 1) + 1);
            }
            text = packed ? zlibUnpacked(rest, kMaxText, walk.budget) : std::string(rest);
        }
    }
    if (keyword == "XML:com.adobe.xmp")
        return xmp(walk, text);
    if (keyword.starts_with("Raw profile type"))
        return rawProfileBlock(walk, keyword, text);
    const bool rights = keyword == "Copyright" || keyword == "Author";
    walk.addText(type, keyword, text, rights ? Category::Rights : Category::Other);
    if (text.find("<x:xmpmeta") != std::string::npos)
        xmp(walk.inside(type), text);
}

/// Its name, a method, then the profile, packed.
void profileChunk(const Walk& walk, const Bytes& data) {
    const auto all = textOf(data);
    const auto end = std::min(all.find('\0'), all.size());
    walk.addName("iCCP", "name", all.substr(0, end));
    if (end + 2 < all.size())
        texts(walk.inside("ICC profile"), bytesOf(zlibUnpacked(all.substr(end + 2), kMaxText, walk.budget)));
}

} // namespace

void png(const Walk& walk, const Stretch& stretch) {
    std::uint64_t at = 8;
    while (at + 8 <= stretch.length && walk.goOn()) {
        const Bytes head = stretch.bytes(at, 8);
        if (head.size() < 8)
            break;
        const auto length = number(head, 0, 4);
        const std::string type = printable(textOf(head).substr(4, 4), 4);
        const Stretch payload = stretch.part(at + 8, length);
        const Walk here = walk.at(payload);
        if (payload.length < length)
            walk.notSearched(Saying("PNG: the chunk {type} is cut off", {{"type", type}}));
        if (type == "eXIf")
            tiff(here, payload, "Exif");
        else if (type == "tEXt" || type == "zTXt" || type == "iTXt")
            textChunk(here, type, payload.bytes(0, kMaxText));
        else if (type == "tIME")
            here.add(type, "last changed", "", Category::DateTaken);
        else if (type == "iCCP" || type == "pHYs") {
            here.add(type, type, byteText(length), Category::Technical);
            if (type == "iCCP")
                profileChunk(here, payload.bytes(0, kMaxText));
        } else if (!type.empty() && type != "IHDR" && type != "IDAT" && type != "PLTE" && type != "IEND" &&
                   type != "tRNS" && type != "gAMA" && type != "cHRM" && type != "sRGB" && type != "bKGD" &&
                   type != "sBIT" && type != "hIST") {
            here.add(type, "unknown chunk", byteText(length), Category::Other);
            scan(here.inside(type), payload);
        }
        at += 12 + length;
        if (type == "IEND")
            break;
    }
    if (at < stretch.length) {
        const auto trailer = stretch.part(at, stretch.length);
        walk.at(trailer).add("after the end", "unknown data", byteText(trailer.length), Category::Other);
        scan(walk.at(trailer).inside("after the end"), trailer);
    }
}

} // namespace keepseal::walk
