// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Colour profiles as strangers make them, by Little CMS.
#pragma once

#include "base/byte_source.h"

#include <lcms2.h>

#include <string>

namespace keepseal::test {

struct StrangersProfile {
    std::size_t curveLength = 1024; ///< entries of each of its three curves
    double gamma = 2.35;            ///< none of ours
    std::string description = "Panel of Wren Tallow";
    std::string maker{}, copyright{}; ///< further texts
    std::string privateText{};        ///< under a tag of nobody's
};

inline void writeProfileText(cmsHPROFILE profile, cmsTagSignature tag, const std::string& text) {
    cmsMLU* words = cmsMLUalloc(nullptr, 1);
    cmsMLUsetASCII(words, "en", "US", text.c_str());
    cmsWriteTag(profile, tag, words);
    cmsMLUfree(words);
}

inline Bytes profileBytes(cmsHPROFILE profile) {
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(profile, nullptr, &size);
    Bytes out(size);
    cmsSaveProfileToMem(profile, out.data(), &size);
    cmsCloseProfile(profile);
    return out;
}

inline Bytes strangersProfile(const StrangersProfile& wish) {
    std::vector<cmsUInt16Number> table(wish.curveLength);
    cmsToneCurve* curves[3];
    for (int c = 0; c < 3; ++c) {
        for (std::size_t i = 0; i < table.size(); ++i)
            table[i] = static_cast<cmsUInt16Number>(
                std::lround(std::pow(double(i) / double(table.size() - 1), wish.gamma + c * 0.01) * 65535));
        curves[c] =
            cmsBuildTabulatedToneCurve16(nullptr, static_cast<cmsUInt32Number>(table.size()), table.data());
    }
    constexpr cmsCIExyY white = {0.3127, 0.3290, 1};
    constexpr cmsCIExyYTRIPLE primaries = {{0.66, 0.32, 1}, {0.25, 0.68, 1}, {0.15, 0.05, 1}};
    cmsHPROFILE profile = cmsCreateRGBProfile(&white, &primaries, curves);
    for (auto* curve : curves)
        cmsFreeToneCurve(curve);
    cmsSetProfileVersion(profile, 4.2);
    writeProfileText(profile, cmsSigProfileDescriptionTag, wish.description);
    if (!wish.maker.empty())
        writeProfileText(profile, cmsSigDeviceMfgDescTag, wish.maker);
    if (!wish.copyright.empty())
        writeProfileText(profile, cmsSigCopyrightTag, wish.copyright);
    if (!wish.privateText.empty())
        cmsWriteRawTag(profile, static_cast<cmsTagSignature>(0x77747831), wish.privateText.data(),
                       static_cast<cmsUInt32Number>(wish.privateText.size()));
    return profileBytes(profile);
}

} // namespace keepseal::test
