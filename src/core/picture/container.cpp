// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/container.h"

#include <algorithm>
#include <array>
#include <string_view>

namespace keepseal {
namespace {

using namespace std::string_view_literals;

bool isHeifBrand(std::string_view head) {
    if (head.size() < 12 || head.substr(4, 4) != "ftyp")
        return false;
    static constexpr std::array brands = {"heic"sv, "heix"sv, "hevc"sv, "heim"sv, "heis"sv,
                                          "mif1"sv, "msf1"sv, "avif"sv, "avis"sv};
    return std::find(brands.begin(), brands.end(), head.substr(8, 4)) != brands.end();
}

/// "BM", and a header of one of the sizes there are: two letters alone are the start of many a text.
bool isBitmap(std::string_view head) {
    constexpr std::array sizes = {12, 40, 52, 56, 64, 108, 124};
    return head.size() == 16 && head.starts_with("BM") && head[15] == 0 &&
           std::find(sizes.begin(), sizes.end(), static_cast<unsigned char>(head[14])) != sizes.end();
}

/// P1 to P6 (portable bit, grey and pixel maps), PF and Pf (floating point).
bool isPortableMap(std::string_view head) {
    return head.size() >= 3 && head[0] == 'P' && "123456Ff"sv.find(head[1]) != std::string_view::npos &&
           " \t\r\n#"sv.find(head[2]) != std::string_view::npos;
}

/// The first element is <svg>; what stands before it may be declarations and comments.
bool isSvg(std::string_view text) {
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    while (true) {
        const auto first = text.find_first_not_of(" \t\r\n");
        if (first == std::string_view::npos || text[first] != '<')
            return false;
        text.remove_prefix(first);
        if (text.starts_with("<svg"))
            return true;
        const auto end = text.starts_with("<?")     ? "?>"sv
                         : text.starts_with("<!--") ? "-->"sv
                         : text.starts_with("<!")   ? ">"sv
                                                    : ""sv;
        const auto at = end.empty() ? std::string_view::npos : text.find(end);
        if (at == std::string_view::npos)
            return false;
        text.remove_prefix(at + end.size());
    }
}

} // namespace

Container sniffContainer(const ByteSource& source) {
    const auto bytes = source.bytes(0, 16);
    const std::string_view head(reinterpret_cast<const char*>(bytes.data()), bytes.size());
    if (head.starts_with("\xFF\xD8\xFF"))
        return Container::Jpeg;
    if (head.starts_with("\x89PNG\r\n\x1A\n"))
        return Container::Png;
    if (head.starts_with("II*\0"sv) || head.starts_with("MM\0*"sv) || head.starts_with("II+\0"sv) ||
        head.starts_with("MM\0+"sv))
        return Container::Tiff;
    if (head.starts_with("RIFF") && head.size() >= 12 && head.substr(8, 4) == "WEBP")
        return Container::WebP;
    if (isHeifBrand(head))
        return Container::Heif;
    if (head.starts_with("\xFF\x0A"sv) || head.starts_with("\0\0\0\x0CJXL "sv))
        return Container::JpegXl;
    if (head.starts_with("GIF87a") || head.starts_with("GIF89a"))
        return Container::Gif;
    if (isBitmap(head))
        return Container::Bmp;
    if (isPortableMap(head))
        return Container::Pnm;
    if (head.starts_with("%PDF-"))
        return Container::Pdf;
    const auto start = source.bytes(0, 4096);
    if (isSvg({reinterpret_cast<const char*>(start.data()), start.size()}))
        return Container::Svg;
    return Container::Unknown;
}

const char* nameOf(Container container) {
    switch (container) {
    case Container::Jpeg:
        return "JPEG";
    case Container::Png:
        return "PNG";
    case Container::Tiff:
        return "TIFF";
    case Container::WebP:
        return "WebP";
    case Container::Heif:
        return "HEIF/AVIF";
    case Container::JpegXl:
        return "JPEG XL";
    case Container::Gif:
        return "GIF";
    case Container::Bmp:
        return "BMP";
    case Container::Pnm:
        return "PNM";
    case Container::Svg:
        return "SVG";
    case Container::Pdf:
        return "PDF";
    case Container::CameraRaw:
        return "camera raw";
    case Container::Unknown:
        break;
    }
    return "unknown";
}

} // namespace keepseal
