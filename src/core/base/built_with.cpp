// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/built_with.h"

#include <archive.h>
#include <avif/avif.h>
#include <cairo.h>
#include <curl/curl.h>
#include <exiv2/version.hpp>
#include <gmime/gmime.h>
#include <jxl/decode.h>
#include <lcms2.h>
#include <opencv2/core.hpp>
#include <openssl/crypto.h>
#include <pango/pango.h>
#include <qpdf/qpdf-c.h>
#include <sqlite3.h>
#include <vips/vips.h>
#include <xxhash.h>
#include <zlib.h>

#include <algorithm>

namespace keepseal {
namespace {

std::string dotted(unsigned major, unsigned minor, unsigned patch) {
    return std::to_string(major) + "." + std::to_string(minor) + "." + std::to_string(patch);
}

std::string numbered(unsigned value, unsigned of) {
    return dotted(value / (of * of), value / of % of, value % of);
}

} // namespace

std::vector<BuiltPart> builtWith() {
    const int lcms = cmsGetEncodedCMMversion(); // 2140 of 2.14
    std::vector<BuiltPart> out{
        {"libvips", vips_version_string()},
        {"Exiv2", Exiv2::versionString()},
        {"OpenCV", cv::getVersionString()},
        {"SQLite", sqlite3_libversion()},
        {"Little CMS", std::to_string(lcms / 1000) + "." + std::to_string(lcms % 1000 / 10)},
        {"Pango", pango_version_string()},
        {"cairo", cairo_version_string()},
        {"libcurl", curl_version_info(CURLVERSION_NOW)->version},
        {"libarchive", numbered(static_cast<unsigned>(archive_version_number()), 1000)},
        {"libavif", avifVersion()},
        {"libjxl", numbered(JxlDecoderVersion(), 1000)},
        {"qpdf", qpdf_get_qpdf_version()},
        {"GMime", dotted(gmime_major_version, gmime_minor_version, gmime_micro_version)},
        {"OpenSSL", OpenSSL_version(OPENSSL_VERSION_STRING)},
        {"xxHash", numbered(XXH_versionNumber(), 100)},
        {"zlib", zlibVersion()},
    };
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) {
        return std::lexicographical_compare(a.name.begin(), a.name.end(), b.name.begin(), b.name.end(),
                                            [](char x, char y) { return std::tolower(x) < std::tolower(y); });
    });
    out.push_back({"GCC", __VERSION__});
    return out;
}

std::string versionText(const std::vector<BuiltPart>& parts) {
    std::string out = "Keep Seal " KEEPSEAL_VERSION "\n";
    for (const auto& part : parts)
        out += "  " + part.name + " " + part.version + "\n";
    return out;
}

} // namespace keepseal
