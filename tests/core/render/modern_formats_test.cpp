// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// AVIF and JPEG XL: colours, transparency and depth, as libheif and libjxl's own decoder see them through
// another program's library.
#include "support/chain.h"

#include <gtest/gtest.h>
#include <vips/vips8>

#include <set>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// Six patches of 40 x 40 pixels side by side.
Frame patches() {
    const std::array<Rgb, 6> colours{
        {{200, 60, 50}, {60, 150, 70}, {50, 80, 170}, {230, 200, 60}, {128, 128, 128}, {245, 245, 240}}};
    Frame frame = plainFrame(240, 40, {});
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 240; ++x) {
            const auto& c = colours[static_cast<std::size_t>(x / 40)];
            auto* to = frame.row(y) + 3 * x;
            to[0] = static_cast<std::uint8_t>(c.r), to[1] = static_cast<std::uint8_t>(c.g),
            to[2] = static_cast<std::uint8_t>(c.b);
        }
    return frame;
}

Delivery savedAs(const std::string& format) {
    Delivery out;
    out.fit.on = out.seal.on = false;
    out.file.chosen = {format};
    out.file.set(outputFormat(format).quality, 95.0);
    return out;
}

vips::VImage readBy(const fs::path& file, const Bytes& bytes) {
    writeFile(file, bytes);
    return vips::VImage::new_from_file(file.c_str());
}

/// In Lab under D50, by the profile in the file where there is one, else from sRGB.
vips::VImage labOf(const vips::VImage& image) {
    const bool alpha = image.has_alpha();
    const auto opaque =
        alpha ? image.extract_band(0, vips::VImage::option()->set("n", image.bands() - 1)) : image;
    return opaque.icc_import(vips::VImage::option()
                                 ->set("embedded", true)
                                 ->set("input_profile", "srgb")
                                 ->set("intent", VIPS_INTENT_RELATIVE));
}

} // namespace

class Modern : public ::testing::TestWithParam<const char*> {
protected:
    const TempFolder folder;
    fs::path file() const { return folder / (std::string("copy.") + outputFormat(GetParam()).ending); }
    Frame inColours(const Delivery& delivery) const {
        writeFile(folder / "p.png", encodePng(patches()));
        return Opened(folder / "p.png").frame(delivery);
    }
};

TEST_P(Modern, ColoursComeBackInEachSpace) {
    writeFile(folder / "p.png", encodePng(patches()));
    const auto wanted = labOf(vips::VImage::new_from_file((folder / "p.png").c_str()));
    for (const auto colour : {ColourOut::Srgb, ColourOut::DisplayP3}) {
        auto delivery = savedAs(GetParam());
        delivery.file.colour = colour;
        const auto found = labOf(readBy(file(), copyOf(inColours(delivery), delivery, 0, GetParam())));
        for (int i = 0; i < 6; ++i) {
            const auto a = wanted.getpoint(20 + 40 * i, 20), b = found.getpoint(20 + 40 * i, 20);
            EXPECT_LT(std::hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]), 2) << i << " " << int(colour);
        }
    }
}

TEST_P(Modern, GreyHasOneChannelAndTheRightLightness) {
    auto delivery = savedAs(GetParam());
    delivery.file.colour = ColourOut::Grey;
    const auto image = readBy(file(), copyOf(inColours(delivery), delivery, 0, GetParam()));
    const auto middle = labOf(image).getpoint(20 + 40 * 4, 20); // of 128, 128, 128
    EXPECT_NEAR(middle[0], 53.6, 1);
    EXPECT_NEAR(middle[1], 0, 1);
    EXPECT_NEAR(middle[2], 0, 1);
}

TEST_P(Modern, TransparencyIsKept) {
    Frame frame = patches();
    requireAlpha(frame);
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 120; ++x)
            frame.alphaRow(y)[x] = static_cast<std::uint8_t>(x < 60 ? 0 : 100);
    for (const bool grey : {false, true}) {
        auto delivery = savedAs(GetParam());
        delivery.file.colour = grey ? ColourOut::Grey : ColourOut::Srgb;
        const auto image = readBy(file(), copyOf(frame, delivery, 0, GetParam()));
        ASSERT_TRUE(image.has_alpha());
        const auto alpha = image.extract_band(image.bands() - 1);
        EXPECT_NEAR(alpha.getpoint(20, 20)[0], 0, 1);
        EXPECT_NEAR(alpha.getpoint(90, 20)[0], 100, 1);
        EXPECT_NEAR(alpha.getpoint(200, 20)[0], 255, 1);
    }
}

TEST_P(Modern, MoreQualityMakesMoreBytesAndLessDifference) {
    makePicture(folder / "p.png", 400, 300);
    const Opened picture(folder / "p.png");
    auto delivery = savedAs(GetParam());
    const Frame frame = picture.frame(delivery);
    std::size_t bytes = 0;
    double last = 1e9;
    for (const double quality : {20.0, 60.0, 95.0}) {
        delivery.file.set(outputFormat(GetParam()).quality, quality);
        const auto made = picture.copy(delivery, GetParam());
        const MemorySource source(made);
        const auto facts = readFacts(source, "copy");
        const auto off =
            difference(develop(source, "copy", facts, wholePicture(facts, facts.size)), frame).first;
        EXPECT_GT(made.size(), bytes);
        EXPECT_LT(off, last + 0.2); // of an even ramp there is little to lose
        EXPECT_LT(off, 6);
        bytes = made.size();
        last = off;
    }
    EXPECT_LT(last, 1);
}

INSTANTIATE_TEST_SUITE_P(Formats, Modern, ::testing::Values("avif", "jxl"));

namespace {

/// 16 bits that rise evenly to the right.
Frame ramp() {
    Frame frame;
    frame.size = {1024, 32};
    frame.picture = {0, 0, 1024, 32};
    frame.deep.resize(1024 * 32 * 3);
    for (std::size_t i = 0; i < 1024 * 32; ++i)
        for (std::size_t c = 0; c < 3; ++c)
            frame.deep[3 * i + c] = static_cast<std::uint16_t>(20'000 + 20 * (i % 1024));
    return frame;
}

} // namespace

TEST(ModernDepth, JpegXlWithoutLossKeepsEverySampleOfSixteenBits) {
    const TempFolder folder;
    auto delivery = savedAs("jxl");
    delivery.file.depth = BitDepth::Sixteen;
    delivery.file.set("jxl_lossless", true);
    const auto image = readBy(folder / "deep.jxl", copyOf(ramp(), delivery, 0, "jxl"));
    for (const int x : {0, 1, 500, 1023})
        EXPECT_EQ(image.getpoint(x, 7)[1], 20'000 + 20 * x);
}

TEST(ModernDepth, AvifHasAsManyBitsAsChosen) {
    const TempFolder folder;
    std::size_t steps = 0;
    for (const std::string bits : {"8", "10", "12"}) {
        auto delivery = savedAs("avif");
        delivery.file.depth = BitDepth::Sixteen;
        delivery.file.set("avif_bits", bits);
        delivery.file.set("avif_quality", 100.0);
        const auto image = readBy(folder / (bits + ".avif"), copyOf(ramp(), delivery, 0, "avif"));
        EXPECT_EQ(exiftool(folder / (bits + ".avif"), "ImagePixelDepth"), bits + " " + bits + " " + bits);
        std::set<double> values;
        for (int x = 0; x < 1024; ++x)
            values.insert(image.getpoint(x, 16)[1]);
        EXPECT_GT(values.size(), steps); // 80, 320 and over 1000 steps of the ramp
        steps = values.size();
    }
}

TEST(ModernFiles, NoNameOfTheCoderIsInAnAvif) {
    auto delivery = savedAs("avif");
    for (const bool alpha : {false, true}) {
        Frame frame = patches();
        if (alpha)
            requireAlpha(frame);
        const auto bytes = copyOf(frame, delivery, 0, "avif");
        const std::string text(bytes.begin(), bytes.end());
        EXPECT_EQ(text.find("Color"), std::string::npos);
        EXPECT_EQ(text.find("Alpha"), std::string::npos);
        EXPECT_EQ(text.find("avif", 40), std::string::npos); // behind the brands
    }
}
