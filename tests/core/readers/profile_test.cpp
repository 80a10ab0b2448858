// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/chain.h"
#include "support/profiles.h"
#include "support/support.h"

#include "base/problem.h"
#include "picture/colour_space.h"

#include <gtest/gtest.h>

#include <cmath>

namespace keepseal::test {
namespace {

ColourSpacePtr spaceOf(const Bytes& bytes) {
    return readProfile(MemorySource(bytes), "a profile");
}

bool holdsText(const Bytes& bytes, const std::string& text) {
    std::string wide; // multi-localised texts are UTF-16 (ICC.1:2010, 10.13)
    for (const char c : text)
        wide += std::string(1, '\0') + c;
    const std::string all(bytes.begin(), bytes.end());
    return all.find(text) != std::string::npos || all.find(wide) != std::string::npos;
}

/// CIELab by Little CMS, of one colour in a profile.
cmsCIELab labOf(const Bytes& profile, std::array<std::uint16_t, 3> colour, cmsUInt32Number intent) {
    cmsHPROFILE from = cmsOpenProfileFromMem(profile.data(), static_cast<cmsUInt32Number>(profile.size()));
    cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    cmsHTRANSFORM way = cmsCreateTransform(from, TYPE_RGB_16, lab, TYPE_Lab_DBL, intent, 0);
    cmsCIELab out{};
    cmsDoTransform(way, colour.data(), &out, 1);
    cmsDeleteTransform(way);
    cmsCloseProfile(lab);
    cmsCloseProfile(from);
    return out;
}

void expectSameColours(const Bytes& a, const Bytes& b) {
    for (const cmsUInt32Number intent : {INTENT_PERCEPTUAL, INTENT_RELATIVE_COLORIMETRIC})
        for (const std::array<std::uint16_t, 3> colour : {std::array<std::uint16_t, 3>{0, 0, 0},
                                                          {65535, 65535, 65535},
                                                          {40000, 12000, 3000},
                                                          {9000, 50000, 30000},
                                                          {1000, 2000, 60000},
                                                          {32768, 32768, 32768}}) {
            const auto x = labOf(a, colour, intent), y = labOf(b, colour, intent);
            EXPECT_LT(cmsDeltaE(&x, &y), 0.02) << colour[0] << " " << colour[1] << " " << colour[2];
        }
}

TEST(Profile, KeepsItsColoursAndNothingElse) {
    const std::string place = "54.2500 N, 3.5000 E";
    const auto bytes = strangersProfile({.maker = "Tallow Displays, " + place,
                                         .copyright = "Wren Tallow, Heronsluice",
                                         .privateText = "serial 00417 " + place});
    ASSERT_TRUE(holdsText(bytes, "Heronsluice") && holdsText(bytes, place));
    const auto space = spaceOf(bytes);
    expectSameColours(bytes, space->profile());
    for (const auto& text : {place, std::string("Heronsluice"), std::string("Tallow"), std::string("00417")})
        EXPECT_FALSE(holdsText(space->profile(), text)) << text;
    EXPECT_EQ(space->name(), "Panel of Wren Tallow"); // a person may read it, copies do not carry it
    EXPECT_EQ(spaceOf(bytes)->profile(), space->profile()) << "two copies must be equal";
    const TempFolder folder;
    writeFile(folder / "anew.icc", space->profile());
    EXPECT_EQ(exiftool(folder / "anew.icc", "ProfileDescription"), "Colours of this picture");
    EXPECT_EQ(exiftool(folder / "anew.icc", "DeviceManufacturer"), "");
}

/// A table to Lab, as printers have it: Little CMS makes one from any transform.
Bytes printersProfile(double version, cmsUInt32Number bits) {
    cmsHPROFILE from = cmsOpenProfileFromMem(opRgbSpace()->profile().data(),
                                             static_cast<cmsUInt32Number>(opRgbSpace()->profile().size()));
    cmsHPROFILE lab = cmsCreateLab2Profile(nullptr);
    cmsHTRANSFORM there = cmsCreateTransform(from, TYPE_RGB_16, lab, TYPE_Lab_16, INTENT_PERCEPTUAL, 0);
    cmsHPROFILE link = cmsTransform2DeviceLink(there, version, cmsFLAGS_FORCE_CLUT | bits);
    cmsHPROFILE printer = cmsCreateProfilePlaceholder(nullptr);
    cmsSetProfileVersion(printer, version);
    cmsSetDeviceClass(printer, cmsSigOutputClass);
    cmsSetColorSpace(printer, cmsSigRgbData);
    cmsSetPCS(printer, cmsSigLabData);
    auto* table = static_cast<cmsPipeline*>(cmsReadTag(link, cmsSigAToB0Tag));
    cmsPipelineSetSaveAs8bitsFlag(table, bits != 0);
    EXPECT_TRUE(cmsWriteTag(printer, cmsSigAToB0Tag, table));
    writeProfileText(printer, cmsSigProfileDescriptionTag, "Paper of the Heronsluice lab");
    const auto bytes = profileBytes(printer);
    for (auto* profile : {from, lab, link})
        cmsCloseProfile(profile);
    cmsDeleteTransform(there);
    return bytes;
}

TEST(Profile, OneWithTablesKeepsThem) {
    for (const auto& [version, bits] :
         {std::pair<double, cmsUInt32Number>{2.1, cmsFLAGS_8BITS_DEVICELINK}, {2.1, 0}, {4.2, 0}}) {
        const auto bytes = printersProfile(version, bits);
        const auto space = spaceOf(bytes);
        expectSameColours(bytes, space->profile());
        EXPECT_FALSE(holdsText(space->profile(), "Heronsluice"));
    }
}

TEST(Profile, OneThatMeansSrgbIsOurs) {
    cmsHPROFILE made = cmsCreate_sRGBProfile();
    writeProfileText(made, cmsSigProfileDescriptionTag, "Somebody's sRGB");
    EXPECT_EQ(spaceOf(profileBytes(made)), srgbSpace());
    EXPECT_NE(spaceOf(strangersProfile({.gamma = 2.2})), srgbSpace());
}

TEST(Profile, WhatIsNoneIsRefused) {
    EXPECT_THROW(spaceOf(Bytes(500, 7)), Problem);
    auto cut = strangersProfile({});
    cut.resize(cut.size() / 2); // its tags point behind the end
    EXPECT_THROW(spaceOf(cut), Problem);
    EXPECT_THROW(spaceOf(Bytes(kMaxProfileBytes + 1)), Problem);
}

} // namespace
} // namespace keepseal::test
