// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Patches of known colour in every way files say colours, read by us and held against LittleCMS asked by
// itself, in CIEDE2000.
#include "picture/develop.h"
#include "picture/original.h"
#include "support/support.h"

#include <gtest/gtest.h>
#include <lcms2.h>
#include <vips/vips8>

#include <cmath>

using namespace keepseal;
using namespace keepseal::test;
using vips::VImage;

namespace {

/// In sRGB, so that nothing is cut off on the way.
constexpr std::array<std::array<int, 3>, 9> kPatches = {{{128, 128, 128},
                                                         {74, 72, 78},
                                                         {236, 234, 228},
                                                         {180, 70, 60},
                                                         {70, 140, 80},
                                                         {60, 80, 160},
                                                         {220, 190, 90},
                                                         {150, 100, 160},
                                                         {200, 160, 140}}};
constexpr int kPatchSide = 16;

using Profile = std::unique_ptr<void, decltype(&cmsCloseProfile)>;

cmsCIELab labOf(cmsHPROFILE from, cmsUInt32Number format, const void* pixel,
                cmsUInt32Number intent = INTENT_RELATIVE_COLORIMETRIC, cmsUInt32Number flags = 0) {
    const Profile lab(cmsCreateLab4Profile(nullptr), cmsCloseProfile);
    cmsCIELab out{};
    auto* transform = cmsCreateTransform(from, format, lab.get(), TYPE_Lab_DBL, intent, flags);
    cmsDoTransform(transform, pixel, &out, 1);
    cmsDeleteTransform(transform);
    return out;
}

cmsCIELab labOfSrgb(const std::array<double, 3>& srgb) {
    const Profile profile(cmsCreate_sRGBProfile(), cmsCloseProfile);
    const double pixel[3] = {srgb[0] / 255, srgb[1] / 255, srgb[2] / 255};
    return labOf(profile.get(), TYPE_RGB_DBL, pixel);
}

/// All patches in a row, three channels as bytes.
VImage patchRow() {
    std::vector<VImage> row;
    for (const auto& patch : kPatches)
        row.push_back((VImage::black(kPatchSide, kPatchSide, VImage::option()->set("bands", 3)) +
                       std::vector<double>(patch.begin(), patch.end()))
                          .cast(VIPS_FORMAT_UCHAR));
    return VImage::arrayjoin(row).copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
}

/// What we make of the file, in the middle of each patch.
std::vector<cmsCIELab> readPatches(const fs::path& file) {
    const Original original(file);
    const auto facts = readFacts(original, file.string());
    auto wish = wholePicture(facts, facts.size);
    wish.deep = true;
    const auto frame = develop(original, file.string(), facts, wish);
    std::vector<cmsCIELab> out;
    for (std::size_t i = 0; i < kPatches.size(); ++i) {
        const auto* p = frame.rowOf<std::uint16_t>(kPatchSide / 2) +
                        3 * (static_cast<int>(i) * kPatchSide + kPatchSide / 2);
        out.push_back(labOfSrgb({p[0] / 257.0, p[1] / 257.0, p[2] / 257.0}));
    }
    return out;
}

void expectPatches(const fs::path& file, const std::function<cmsCIELab(std::size_t)>& wanted, double most) {
    const auto read = readPatches(file);
    for (std::size_t i = 0; i < kPatches.size(); ++i) {
        const auto reference = wanted(i);
        EXPECT_LE(cmsCIE2000DeltaE(&read[i], &reference, 1, 1, 1), most)
            << file.filename() << ", patch " << i << ": L " << read[i].L << " against " << reference.L;
    }
}

cmsCIELab asPainted(std::size_t i) {
    return labOfSrgb({double(kPatches[i][0]), double(kPatches[i][1]), double(kPatches[i][2])});
}

/// Numbers of the patches in another space, by LittleCMS; its profile goes into the file.
std::vector<std::array<cmsUInt16Number, 4>> patchesIn(cmsHPROFILE profile, cmsUInt32Number format) {
    const Profile srgb(cmsCreate_sRGBProfile(), cmsCloseProfile);
    auto* transform =
        cmsCreateTransform(srgb.get(), TYPE_RGB_8, profile, format, INTENT_RELATIVE_COLORIMETRIC, 0);
    std::vector<std::array<cmsUInt16Number, 4>> out(kPatches.size());
    for (std::size_t i = 0; i < kPatches.size(); ++i) {
        const std::uint8_t pixel[3] = {std::uint8_t(kPatches[i][0]), std::uint8_t(kPatches[i][1]),
                                       std::uint8_t(kPatches[i][2])};
        cmsDoTransform(transform, pixel, out[i].data(), 1);
    }
    cmsDeleteTransform(transform);
    return out;
}

VImage rowOfNumbers(const std::vector<std::array<cmsUInt16Number, 4>>& numbers, int bands,
                    VipsInterpretation meaning, ByteSpan profile) {
    std::vector<VImage> row;
    for (const auto& n : numbers)
        row.push_back((VImage::black(kPatchSide, kPatchSide, VImage::option()->set("bands", bands)) +
                       std::vector<double>(n.begin(), n.begin() + bands))
                          .cast(VIPS_FORMAT_USHORT));
    auto out = VImage::arrayjoin(row).copy(VImage::option()->set("interpretation", meaning));
    vips_image_set_blob_copy(out.get_image(), VIPS_META_ICC_NAME, profile.data(), profile.size());
    return out;
}

Bytes profileBytes(cmsHPROFILE profile) {
    cmsUInt32Number length = 0;
    cmsSaveProfileToMem(profile, nullptr, &length);
    Bytes out(length);
    cmsSaveProfileToMem(profile, out.data(), &length);
    return out;
}

} // namespace

TEST(ColourPatches, SixteenBitsInWideSpacesAndGreys) {
    const TempFolder folder;
    const cmsCIExyY d50{0.3457, 0.3585, 1}, d65{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE wide = {{0.7347, 0.2653, 1}, {0.1596, 0.8404, 1}, {0.0366, 0.0001, 1}}; // ROMM RGB
    auto* gamma = cmsBuildGamma(nullptr, 1.8);
    cmsToneCurve* curves[3] = {gamma, gamma, gamma};
    const Profile romm(cmsCreateRGBProfile(&d50, &wide, curves), cmsCloseProfile);
    rowOfNumbers(patchesIn(romm.get(), TYPE_RGB_16), 3, VIPS_INTERPRETATION_RGB16, profileBytes(romm.get()))
        .tiffsave((folder / "wide.tif").c_str());
    expectPatches(folder / "wide.tif", asPainted, 0.5);
    rowOfNumbers(patchesIn(romm.get(), TYPE_RGB_16), 3, VIPS_INTERPRETATION_RGB16, profileBytes(romm.get()))
        .pngsave((folder / "wide.png").c_str());
    expectPatches(folder / "wide.png", asPainted, 0.5);

    const Profile grey(cmsCreateGrayProfile(&d65, gamma), cmsCloseProfile);
    const auto greys = patchesIn(grey.get(), TYPE_GRAY_16);
    rowOfNumbers(greys, 1, VIPS_INTERPRETATION_GREY16, profileBytes(grey.get()))
        .tiffsave((folder / "grey.tif").c_str());
    expectPatches(
        folder / "grey.tif", [&](std::size_t i) { return labOf(grey.get(), TYPE_GRAY_16, greys[i].data()); },
        0.5);
    cmsFreeToneCurve(gamma);
}

TEST(ColourPatches, FloatLabAndLuminanceWithDifferences) {
    const TempFolder folder;
    patchRow()
        .colourspace(VIPS_INTERPRETATION_scRGB)
        .tiffsave((folder / "float.tif").c_str()); // linear light
    expectPatches(folder / "float.tif", asPainted, 0.5);
    patchRow().colourspace(VIPS_INTERPRETATION_LAB).tiffsave((folder / "lab.tif").c_str());
    expectPatches(folder / "lab.tif", asPainted, 0.7); // 8 bits for each of L, a and b
    patchRow().colourspace(VIPS_INTERPRETATION_LABS).tiffsave((folder / "lab16.tif").c_str());
    expectPatches(folder / "lab16.tif", asPainted, 0.5);
    patchRow().tiffsave(
        (folder / "ycc.tif").c_str(),
        VImage::option()->set("compression", VIPS_FOREIGN_TIFF_COMPRESSION_JPEG)->set("Q", 100));
    expectPatches(folder / "ycc.tif", asPainted, 0.7);
}

TEST(ColourPatches, CmykThroughItsOwnProfile) {
    const TempFolder folder;
    VipsBlob* built = nullptr;
    ASSERT_EQ(vips_profile_load("cmyk", &built, nullptr), 0);
    size_t length = 0;
    const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(built, &length));
    const Profile cmyk(cmsOpenProfileFromMem(data, static_cast<cmsUInt32Number>(length)), cmsCloseProfile);
    const auto numbers = patchesIn(cmyk.get(), TYPE_CMYK_16);
    rowOfNumbers(numbers, 4, VIPS_INTERPRETATION_CMYK, {data, length})
        .cast(VIPS_FORMAT_USHORT)
        .tiffsave((folder / "cmyk.tif").c_str());
    expectPatches(
        folder / "cmyk.tif",
        [&](std::size_t i) {
            // To sRGB as we say it is done, relative with black point compensation, and from there to Lab.
            const Profile srgb(cmsCreate_sRGBProfile(), cmsCloseProfile);
            auto* transform =
                cmsCreateTransform(cmyk.get(), TYPE_CMYK_16, srgb.get(), TYPE_RGB_DBL,
                                   INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_BLACKPOINTCOMPENSATION);
            double rgb[3];
            cmsDoTransform(transform, numbers[i].data(), rgb, 1);
            cmsDeleteTransform(transform);
            return labOfSrgb({rgb[0] * 255, rgb[1] * 255, rgb[2] * 255});
        },
        1.0);
    vips_area_unref(VIPS_AREA(built));
}
