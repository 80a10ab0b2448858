// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Formats, bit depths and colour profiles; finished copies are opened by other readers.
#include "base/problem.h"
#include "run/check_copy.h"
#include "support/chain.h"
#include "support/profiles.h"

#include <gtest/gtest.h>
#include <vips/vips8>

#include <cmath>

using namespace keepseal;
using namespace keepseal::test;

namespace {

const std::string kFormats[] = {"jpeg", "png", "tiff", "webp", "avif", "jxl"};

Delivery bare() {
    Delivery out;
    out.fit.on = false;
    out.seal.on = false;
    return out;
}

fs::path written(const TempFolder& folder, const Opened& picture, const Delivery& delivery,
                 const std::string& format) {
    static int number = 0;
    const auto file = folder / ("copy" + std::to_string(++number) + "." + outputFormat(format).ending);
    writeFile(file, picture.copy(delivery, format));
    return file;
}

/// A 16-bit ramp in which no two neighbours are equal: any step through 8 bits would show.
void makeDeep(const fs::path& path) {
    std::vector<std::uint16_t> values;
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 300; ++x)
            for (int c = 0; c < 3; ++c)
                values.push_back(static_cast<std::uint16_t>(20000 + 37 * x + 11 * y + 5 * c));
    vips::VImage::new_from_memory(values.data(), values.size() * 2, 300, 40, 3, VIPS_FORMAT_USHORT)
        .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_RGB16))
        .write_to_file(path.c_str());
}

/// CIE 1976 difference of two sRGB colours.
double deltaE(const std::array<double, 3>& a, const std::array<double, 3>& b) {
    const auto lab = [](const std::array<double, 3>& c) {
        const auto image = vips::VImage::new_matrixv(1, 1, 0.0)
                               .new_from_image(std::vector<double>(c.begin(), c.end()))
                               .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB))
                               .colourspace(VIPS_INTERPRETATION_LAB);
        return image.getpoint(0, 0);
    };
    const auto p = lab(a), q = lab(b);
    return std::hypot(p[0] - q[0], std::hypot(p[1] - q[1], p[2] - q[2]));
}

} // namespace

TEST(Formats, EachIsReadByOthersAndSaysTheSame) {
    const TempFolder folder;
    makePicture(folder / "p.png", 320, 240);
    const Opened picture(folder / "p.png");
    auto delivery = bare();
    delivery.rights.setAlways("creator", "Wrenna Oake; Ines Gull");
    delivery.rights.setAlways("copyright_notice", "© 2026 Marsh & Line Studio");
    const char* names[] = {"JPEG", "PNG", "TIFF", "Extended WEBP", "AVIF", "JXL"};
    for (std::size_t i = 0; i < std::size(names); ++i) {
        const auto file = written(folder, picture, delivery, kFormats[i]);
        EXPECT_EQ(exiftool(file, "FileType"), names[i]);
        EXPECT_EQ(exiftool(file, "ImageWidth"), "320");
        EXPECT_EQ(exiftool(file, "XMP-dc:Creator"), "Wrenna Oake, Ines Gull") << file;
        EXPECT_EQ(exiftool(file, "XMP-dc:Rights"), "© 2026 Marsh & Line Studio") << file;
        EXPECT_EQ(exiftool(file, "EXIF:Copyright"), "© 2026 Marsh & Line Studio") << file;
        EXPECT_EQ(exiftool(file, "EXIF:Artist"), "Wrenna Oake; Ines Gull") << file;
        if (kFormats[i] == "jpeg" || kFormats[i] == "tiff") {
            EXPECT_EQ(exiftool(file, "IPTC:By-line"), "Wrenna Oake, Ines Gull") << file;
            EXPECT_EQ(exiftool(file, "IPTC:CopyrightNotice"), "© 2026 Marsh & Line Studio") << file;
        }
        const bool saysItself = kFormats[i] == "avif" || kFormats[i] == "jxl"; // sRGB needs no profile there
        EXPECT_EQ(exiftool(file, "ICC-header:ColorSpaceData"), saysItself ? "" : "RGB") << file;
        EXPECT_EQ(exiftool(file, "Warning"), "") << file;
        EXPECT_EQ(exiftool(file, "Error"), "") << file;
        const auto image = vips::VImage::new_from_file(file.c_str());
        const auto middle = image.getpoint(160, 120);
        const auto wanted = rampColour(160, 120, 320, 240);
        for (std::size_t c = 0; c < 3; ++c)
            EXPECT_NEAR(middle[c], wanted[c], 6) << file;
        const auto bytes = readFile(file);
        const auto check = checkCopy(MemorySource(bytes), promiseOf(delivery, kFormats[i], {320, 240}), {});
        EXPECT_TRUE(check.failures.empty())
            << file << ": " << (check.failures.empty() ? "" : sentenceOf(check.failures[0]));
        EXPECT_TRUE(check.rightsInStep);
    }
}

TEST(Formats, ThoseWithoutLossLoseNothing) {
    const TempFolder folder;
    makePicture(folder / "p.png", 120, 90);
    const Opened picture(folder / "p.png");
    auto delivery = bare();
    delivery.file.set("webp_lossless", true);
    delivery.file.set("jxl_lossless", true);
    const Frame frame = picture.frame(delivery);
    for (const std::string packing : {"none", "lzw", "zip"})
        for (const std::string format : {"png", "tiff", "webp", "jxl"}) {
            delivery.file.set("tiff_packing", packing);
            const auto file = written(folder, picture, delivery, format);
            EXPECT_EQ(Opened(file).frame(bare()).rgb, frame.rgb) << file;
        }
}

TEST(Formats, FaultsInEachAreFound) {
    const TempFolder folder;
    makePicture(folder / "p.png", 64, 48);
    const Opened picture(folder / "p.png");
    auto delivery = bare();
    delivery.rights.setAlways("copyright_notice", "© 2026 Marsh & Line Studio");
    for (const auto& format : kFormats) {
        const Bytes good = picture.copy(delivery, format);
        const auto failures = [&](const Bytes& bytes) {
            return checkCopy(MemorySource(bytes), promiseOf(delivery, format, {64, 48}), {}).failures.size();
        };
        EXPECT_EQ(failures(good), 0U);
        auto changed = good;
        const std::string line = "Line Studio";
        const auto at = std::search(changed.begin(), changed.end(), line.begin(), line.end());
        ASSERT_NE(at, changed.end());
        *at = 'l';
        EXPECT_GT(failures(changed), 0U) << format;
        EXPECT_GT(failures({good.begin(), good.end() - 40}), 0U) << format;
        EXPECT_GT(
            checkCopy(MemorySource(good), promiseOf(delivery, format == "png" ? "tiff" : "png", {64, 48}), {})
                .failures.size(),
            0U);
    }
}

TEST(Formats, ALargeProfileFitsIntoEveryOne) {
    const TempFolder folder;
    writeFile(folder / "large.icc", strangersProfile({.curveLength = 32'000})); // three of two bytes each
    makePicture(folder / "p.png", 64, 48);
    auto delivery = bare();
    delivery.file.colour = ColourOut::Profile;
    delivery.file.profile = (folder / "large.icc").string();
    delivery.file.set("jxl_lossless", true); // else its pixels are in the format's own colours
    const Opened picture(folder / "p.png");
    for (const auto& format : kFormats) {
        const auto file = written(folder, picture, delivery, format);
        const auto image = vips::VImage::new_from_file(file.c_str());
        size_t length = 0;
        image.get_blob(VIPS_META_ICC_NAME, &length);
        EXPECT_GT(length, 3 * 32'000U * 2) << file;
    }
}

TEST(Depth, SixteenBitsStaySixteenThroughTheWholeChain) {
    const TempFolder folder;
    makeDeep(folder / "deep.tif");
    const Opened picture(folder / "deep.tif");
    auto delivery = bare();
    delivery.file.choose("jpeg", false);
    delivery.file.choose("tiff"), delivery.file.choose("png");
    delivery.file.depth = BitDepth::Sixteen;
    for (const std::string format : {"tiff", "png"}) {
        const auto file = written(folder, picture, delivery, format);
        EXPECT_EQ(exiftool(file, format == "png" ? "PNG:BitDepth" : "BitsPerSample").substr(0, 2), "16");
        const auto image = vips::VImage::new_from_file(file.c_str());
        const auto p = image.getpoint(123, 17);
        EXPECT_EQ(p[0], 20000 + 37 * 123 + 11 * 17);
        EXPECT_EQ(p[2], 20000 + 37 * 123 + 11 * 17 + 10);
    }
    // Made smaller, with border and seal: still finer than 8 bits could be.
    delivery.fit.on = true;
    delivery.fit.longSide = 150;
    delivery.border.on = true;
    delivery.seal.on = true;
    const auto image = vips::VImage::new_from_file(written(folder, picture, delivery, "tiff").c_str());
    std::set<double> values;
    for (int x = 10; x < image.width() - 10; ++x)
        values.insert(image.getpoint(x, image.height() / 2)[0]);
    EXPECT_GT(values.size(), 100U); // 8 bits would leave about 44
    EXPECT_EQ(image.getpoint(0, 0)[0], 65535);
    // A JPEG of the same delivery has 8.
    EXPECT_EQ(exiftool(written(folder, picture, delivery, "jpeg"), "BitsPerSample"), "8");
}

TEST(Depth, AnEightBitPictureBecomesTheSameSixteenBitOne) {
    const TempFolder folder;
    makePicture(folder / "p.png", 60, 40);
    const Opened picture(folder / "p.png");
    auto deep = bare();
    deep.file.choose("tiff");
    deep.file.depth = BitDepth::Sixteen;
    deep.seal.on = true;
    deep.seal.setText("Marsh");
    deep.seal.tone = Tone::Light;
    auto eight = deep;
    eight.file.depth = BitDepth::Eight;
    const Frame a = picture.frame(deep), b = picture.frame(eight);
    ASSERT_TRUE(a.isDeep());
    for (std::size_t i = 0; i < b.rgb.size(); ++i)
        ASSERT_NEAR(a.deep[i] / 257.0, b.rgb[i], 1.01);
}

TEST(Colour, KnownPatchesComeBackThroughEachProfile) {
    const TempFolder folder;
    const std::array<std::array<double, 3>, 6> patches = {
        {{200, 60, 50}, {60, 150, 70}, {50, 80, 170}, {230, 200, 60}, {128, 128, 128}, {245, 245, 240}}};
    Frame frame = plainFrame(60, 10, {});
    for (int y = 0; y < 10; ++y)
        for (int x = 0; x < 60; ++x)
            for (std::size_t c = 0; c < 3; ++c)
                frame.row(y)[3 * x + static_cast<int>(c)] =
                    static_cast<std::uint8_t>(patches[static_cast<std::size_t>(x / 10)][c]);
    writeFile(folder / "patches.png", encodePng(frame));
    writeFile(folder / "p3.icc", displayP3Space()->profile());
    const Opened picture(folder / "patches.png");
    for (const auto colour : {ColourOut::Srgb, ColourOut::Original, ColourOut::DisplayP3, ColourOut::Profile})
        for (const auto depth : {BitDepth::Eight, BitDepth::Sixteen}) {
            auto delivery = bare();
            delivery.file.choose("tiff");
            delivery.file.colour = colour;
            delivery.file.profile = (folder / "p3.icc").string();
            delivery.file.depth = depth;
            // libvips reads the copy by its embedded profile: not the code that wrote it.
            const auto image =
                vips::VImage::new_from_file(written(folder, picture, delivery, "tiff").c_str())
                    .icc_transform(
                        "srgb",
                        vips::VImage::option()->set("embedded", true)->set("intent", VIPS_INTENT_RELATIVE));
            for (std::size_t i = 0; i < patches.size(); ++i) {
                const auto p = image.getpoint(static_cast<int>(i) * 10 + 5, 5);
                // 8 bits in a wider space are coarser: one difference that is just not seen.
                EXPECT_LT(deltaE({p[0], p[1], p[2]}, patches[i]), depth == BitDepth::Eight ? 1.3 : 0.8)
                    << static_cast<int>(colour) << ", patch " << i;
            }
        }
}

TEST(Colour, GreyCopiesHaveOneChannelAndTheRightLightness) {
    const TempFolder folder;
    writeFile(folder / "red.png", encodePng(plainFrame(20, 20, {200, 60, 50})));
    const Opened picture(folder / "red.png");
    auto delivery = bare();
    delivery.file.colour = ColourOut::Grey;
    for (const std::string format : {"jpeg", "png", "tiff"}) {
        const auto image = vips::VImage::new_from_file(written(folder, picture, delivery, format).c_str());
        EXPECT_EQ(image.bands(), 1) << format;
        // CIE lightness of the colour and of the grey are the same.
        const double grey = image.getpoint(5, 5)[0];
        const auto lightness = [](double r, double g, double b) {
            const auto linear = [](double v) {
                return v / 255 <= 0.04045 ? v / 255 / 12.92 : std::pow((v / 255 + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
        };
        EXPECT_NEAR(lightness(grey, grey, grey), lightness(200, 60, 50), 0.012) << format;
    }
    const Frame shown = screenStage(delivery.file).on(picture.frame(delivery));
    EXPECT_EQ(shown.rgb[0], shown.rgb[1]);
    EXPECT_EQ(shown.rgb[1], shown.rgb[2]);
}

TEST(Colour, AWideProfileOfTheOriginalIsKeptWhenAsked) {
    const TempFolder folder;
    // A green that sRGB does not have, in Display P3.
    auto delivery = bare();
    delivery.file.colour = ColourOut::DisplayP3;
    delivery.file.choose("png");
    Frame green = plainFrame(20, 20, {0, 255, 0});
    green.space = displayP3Space();
    writeFile(folder / "wide.png",
              encodeStage(delivery, planChain(delivery, green.size), "png", {}, {}).on(green).bytes);
    const Opened picture(folder / "wide.png");
    delivery.file.colour = ColourOut::Original;
    const Frame kept = picture.frame(delivery);
    ASSERT_TRUE(kept.space);
    EXPECT_EQ(kept.rgb[1], 255);
    EXPECT_EQ(kept.rgb[0], 0);
    delivery.file.colour = ColourOut::Srgb;
    const Frame narrow = picture.frame(delivery);
    EXPECT_FALSE(narrow.space);
    // A seal's white is white in either, and the border's colour is the same colour.
    delivery.file.colour = ColourOut::Original;
    delivery.border.on = true;
    delivery.border.rings[0].colour = {200, 60, 50};
    const Frame shown = screenStage(delivery.file).on(picture.frame(delivery));
    EXPECT_NEAR(shown.rgb[0], 200, 2);
    EXPECT_NEAR(shown.rgb[1], 60, 2);
    EXPECT_NEAR(shown.rgb[2], 50, 2);
}

TEST(Colour, AProfileThatIsNoneIsRefusedWithAWord) {
    const TempFolder folder;
    writeFile(folder / "no.icc", std::string("this is no colour profile"));
    FileSettings file;
    file.colour = ColourOut::Profile;
    EXPECT_THROW(outputSpace(file), Problem);
    for (const auto* name : {"no.icc", "nowhere.icc"}) {
        file.profile = (folder / name).string();
        try {
            outputSpace(file);
            ADD_FAILURE() << name;
        } catch (const Problem& problem) {
            EXPECT_NE(problem.subject.find(name), std::string::npos);
        }
    }
}

TEST(Transparency, IsKeptWhereTheFormatCanAndFilledWhereNot) {
    const TempFolder folder;
    Frame frame = plainFrame(40, 40, {200, 40, 30});
    requireAlpha(frame);
    for (int y = 0; y < 40; ++y)
        std::fill_n(frame.alphaRow(y), 20, std::uint8_t{0});
    FileSettings png;
    png.choose("jpeg", false), png.choose("png");
    writeFile(folder / "half.png", encodePixels(frame, png, outputFormat("png")));
    const Opened picture(folder / "half.png");
    auto delivery = bare();
    delivery.file.choose("png"), delivery.file.choose("webp"), delivery.file.choose("tiff");
    delivery.file.background = {0, 0, 255};
    for (const std::string format : {"png", "webp", "tiff"}) {
        const auto image = vips::VImage::new_from_file(written(folder, picture, delivery, format).c_str());
        ASSERT_EQ(image.bands(), 4) << format;
        EXPECT_EQ(image.getpoint(5, 20)[3], 0) << format;
        EXPECT_EQ(image.getpoint(35, 20)[3], 255) << format;
    }
    const auto jpeg = vips::VImage::new_from_file(written(folder, picture, delivery, "jpeg").c_str());
    EXPECT_NEAR(jpeg.getpoint(5, 20)[2], 254, 3);
    EXPECT_NEAR(jpeg.getpoint(5, 20)[0], 0, 3);
    // Padding with nothing, and a seal on top of nothing.
    delivery.fit.on = true;
    delivery.fit.to = FitTo::Pad;
    delivery.fit.width = 100, delivery.fit.height = 60;
    delivery.fit.padWith = PadWith::Transparent;
    const auto padded = vips::VImage::new_from_file(written(folder, picture, delivery, "png").c_str());
    EXPECT_EQ(padded.width(), 100);
    EXPECT_EQ(padded.getpoint(2, 30)[3], 0);
    EXPECT_EQ(padded.getpoint(60, 30)[3], 255);
}

TEST(Formats, TooLargeForOneIsSaid) {
    const auto tooLarge = limitNote(outputFormat("webp"), {16384, 10});
    ASSERT_TRUE(tooLarge);
    EXPECT_EQ(severityOf(*tooLarge), Severity::HoldsBack);
    EXPECT_FALSE(limitNote(outputFormat("webp"), {16383, 10}));
    EXPECT_TRUE(limitNote(outputFormat("jpeg"), {65501, 10}));
    EXPECT_FALSE(limitNote(outputFormat("png"), {65501, 10}));
}
