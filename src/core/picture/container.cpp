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
    case Container::Unknown:
        break;
    }
    return "unknown";
}

} // namespace keepseal
