// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/fingerprint.h"
#include "base/problem.h"
#include "picture/develop.h"
#include "picture/original.h"
#include "support/support.h"
#include "support/tiff_builder.h"

#include <gtest/gtest.h>
#include <vips/vips8>

#include <fcntl.h>
#include <sys/stat.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

Frame developFile(const fs::path& path, Size target, Rgb background = {255, 255, 255}) {
    const Original original(path);
    const auto facts = readFacts(original, path.string());
    auto wish = wholePicture(facts, target);
    wish.background = background;
    return develop(original, path.string(), facts, wish);
}

void expectRamp(const Frame& frame, int tolerance, const std::string& what) {
    for (const double fx : {0.1, 0.5, 0.9})
        for (const double fy : {0.1, 0.5, 0.9}) {
            const int x = static_cast<int>(fx * frame.size.width),
                      y = static_cast<int>(fy * frame.size.height);
            const auto wanted = rampColour(x, y, frame.size.width, frame.size.height);
            for (int c = 0; c < 3; ++c)
                EXPECT_NEAR(frame.row(y)[3 * x + c], wanted[c], tolerance)
                    << what << " at " << fx << "," << fy;
        }
}

} // namespace

class Formats : public ::testing::TestWithParam<const char*> {};

TEST_P(Formats, AreReadAtAnyTargetSize) {
    const TempFolder folder;
    const auto file = folder / (std::string("ramp.") + GetParam());
    makePicture(file, 320, 200);
    for (const Size target : {Size{320, 200}, Size{160, 100}, Size{77, 48}, Size{12, 8}}) {
        const auto frame = developFile(file, target);
        EXPECT_EQ(frame.size, target);
        expectRamp(frame, target.width < 20 ? 16 : 6, GetParam());
    }
}
INSTANTIATE_TEST_SUITE_P(All, Formats, ::testing::Values("jpg", "png", "tif", "webp", "avif", "jxl"));

TEST(Develop, TurnsByEveryOrientation) {
    const TempFolder folder;
    // Where the stored top left corner (dark) must end up, by the definition of Exif tag 0x0112.
    const std::map<int, std::pair<bool, bool>> rightAndBottom = {
        {1, {false, false}}, {2, {true, false}}, {3, {true, true}}, {4, {false, true}},
        {5, {false, false}}, {6, {true, false}}, {7, {true, true}}, {8, {false, true}}};
    for (const auto& [orientation, corner] : rightAndBottom) {
        Planted planted;
        planted.orientation = orientation;
        makePicture(folder / "o.jpg", 120, 80, planted);
        const auto frame = developFile(folder / "o.jpg", orientation >= 5 ? Size{40, 60} : Size{60, 40});
        const int x = corner.first ? frame.size.width - 2 : 1, y = corner.second ? frame.size.height - 2 : 1;
        const auto* dark = frame.row(y) + 3 * x;
        EXPECT_LT(dark[0] + dark[1], 100) << "orientation " << orientation;
        // The stored top edge runs along red; for 5 to 8 it has become a side.
        const auto* along = frame.row(orientation >= 5 ? frame.size.height - 1 - y : y) +
                            3 * (orientation >= 5 ? x : frame.size.width - 1 - x);
        EXPECT_GT(along[0], 200) << "orientation " << orientation;
        EXPECT_LT(along[1], 60) << "orientation " << orientation;
    }
}

TEST(Develop, GreyCmykSixteenBitAndWideGamutBecomeTheRightSrgb) {
    const TempFolder folder;
    using vips::VImage;
    const VImage grey = VImage::black(64, 64) + 128;
    grey.cast(VIPS_FORMAT_UCHAR).write_to_file((folder / "grey.jpg").c_str());
    const VImage colour =
        (VImage::black(64, 64, VImage::option()->set("bands", 3)) + std::vector<double>{200, 100, 50})
            .cast(VIPS_FORMAT_UCHAR)
            .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
    (colour.cast(VIPS_FORMAT_USHORT) * 257)
        .cast(VIPS_FORMAT_USHORT)
        .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_RGB16))
        .write_to_file((folder / "deep.tif").c_str());
    colour.icc_transform("cmyk", VImage::option()->set("input_profile", "srgb")->set("embedded", false))
        .write_to_file((folder / "cmyk.jpg").c_str(), VImage::option()->set("Q", 98));
    colour.icc_transform("p3", VImage::option()->set("input_profile", "srgb")->set("embedded", false))
        .write_to_file((folder / "wide.png").c_str());

    const auto at = [&](const char* name) {
        const auto frame = developFile(folder / name, {20, 20});
        const auto* p = frame.row(10) + 30;
        return std::array<int, 3>{p[0], p[1], p[2]};
    };
    const auto expectNear = [](std::array<int, 3> found, std::array<int, 3> wanted, int tolerance,
                               const char* what) {
        for (int c = 0; c < 3; ++c)
            EXPECT_NEAR(found[c], wanted[c], tolerance) << what;
    };
    expectNear(at("grey.jpg"), {128, 128, 128}, 1, "grey");
    expectNear(at("deep.tif"), {200, 100, 50}, 1, "16 bit");
    expectNear(at("cmyk.jpg"), {200, 100, 50}, 20, "CMYK"); // the gamut of print costs some blue
    expectNear(at("wide.png"), {200, 100, 50}, 2, "wide gamut");
}

TEST(Develop, TransparencyBecomesTheBackgroundWithoutBleeding) {
    const TempFolder folder;
    using vips::VImage;
    // Transparent pixels that hold red: red must not appear.
    VImage image =
        (VImage::black(64, 64, VImage::option()->set("bands", 4)) + std::vector<double>{255, 0, 0, 0})
            .cast(VIPS_FORMAT_UCHAR)
            .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
    image.write_to_file((folder / "clear.png").c_str());
    const auto frame = developFile(folder / "clear.png", {20, 20}, {10, 200, 30});
    EXPECT_EQ(frame.row(10)[30], 10);
    EXPECT_EQ(frame.row(10)[31], 200);
}

TEST(Develop, DamagedPicturesAreProblemsThatNameThem) {
    const TempFolder folder;
    makePicture(folder / "good.jpg", 400, 300);
    const auto good = readText(folder / "good.jpg");
    writeFile(folder / "half.jpg", good.substr(0, good.size() / 2));
    writeFile(folder / "empty.jpg", "");
    writeFile(folder / "text.jpg", "this is no picture");
    writeFile(folder / "head.jpg", good.substr(0, 20));
    for (const char* name : {"half.jpg", "empty.jpg", "text.jpg", "head.jpg"}) {
        try {
            developFile(folder / name, {40, 30});
            FAIL() << name;
        } catch (const Problem& problem) {
            EXPECT_EQ(problem.kind, ProblemKind::NotAPicture) << name;
            EXPECT_NE(problem.subject.find(name), std::string::npos);
            EXPECT_FALSE(problem.remedy.empty());
        }
    }
}

TEST(Develop, AForgedSizeIsRefusedFromTheHeader) {
    const TempFolder folder;
    makePicture(folder / "a.png", 16, 16);
    auto bytes = readText(folder / "a.png");
    for (const int at : {16, 20}) // IHDR width and height
        bytes.replace(static_cast<std::size_t>(at), 4, std::string("\x00\x0F\x42\x40", 4));
    writeFile(folder / "huge.png", bytes);
    EXPECT_THROW(developFile(folder / "huge.png", {40, 40}), Problem);
}

TEST(Original, IsReadWithoutLeavingATrace) {
    const TempFolder folder;
    makePicture(folder / "a.jpg", 64, 48);
    struct stat before {
    }, after{};
    ::stat((folder / "a.jpg").c_str(), &before);
    fs::permissions(folder / "a.jpg", fs::perms::owner_read);
    developFile(folder / "a.jpg", {32, 24});
    ::stat((folder / "a.jpg").c_str(), &after);
    EXPECT_EQ(before.st_mtim.tv_nsec, after.st_mtim.tv_nsec);
    EXPECT_EQ(before.st_atim.tv_nsec, after.st_atim.tv_nsec);
}

TEST(Original, FoldersPipesAndMissingFilesAreProblems) {
    const TempFolder folder;
    ::mkfifo((folder / "pipe.jpg").c_str(), 0600);
    EXPECT_THROW(Original(folder / "pipe.jpg"), Problem); // and does not hang
    EXPECT_THROW(Original(folder.path()), Problem);
    try {
        Original missing(folder / "missing.jpg");
        FAIL();
    } catch (const Problem& problem) {
        EXPECT_EQ(problem.kind, ProblemKind::NotFound);
        EXPECT_NE(problem.subject.find("missing.jpg"), std::string::npos);
    }
}

TEST(Original, AChangeWhileOpenIsNoticed) {
    const TempFolder folder;
    makePicture(folder / "a.jpg", 64, 48);
    const Original original(folder / "a.jpg");
    EXPECT_NO_THROW(original.requireUnchanged());
    writeFile(folder / "a.jpg", readText(folder / "a.jpg") + "x");
    EXPECT_THROW(original.requireUnchanged(), Problem);
}

TEST(Develop, OpRgbIsKnownByItsExifIndexAloneAndLabByItsOwnNumbers) {
    const TempFolder folder;
    using vips::VImage;
    const auto colour =
        (VImage::black(64, 64, VImage::option()->set("bands", 3)) + std::vector<double>{200, 100, 50})
            .cast(VIPS_FORMAT_UCHAR)
            .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
    const auto middle = [&](const std::string& name) {
        const Original original(folder / name);
        const auto facts = readFacts(original, name);
        const auto frame = develop(original, name, facts, wholePicture(facts, facts.size));
        const auto* p = frame.row(32) + 32 * 3;
        return std::array<int, 3>{p[0], p[1], p[2]};
    };
    colour.jpegsave((folder / "plain.jpg").c_str(), VImage::option()->set("Q", 100));
    fs::copy_file(folder / "plain.jpg", folder / "wide.jpg");
    ASSERT_EQ(runProgram({"exiftool", "-q", "-overwrite_original", "-ColorSpace=Uncalibrated",
                          "-InteropIndex=R03", folder / "wide.jpg"})
                  .exitCode,
              0);
    // IEC 61966-2-5 to IEC 61966-2-1 by hand: linear by 563/256, its matrix, the inverse of sRGB's, the
    // curve.
    const auto plain = middle("plain.jpg"), wide = middle("wide.jpg");
    EXPECT_NEAR(plain[0], 200, 2);
    EXPECT_NEAR(wide[0], 227, 3);
    EXPECT_NEAR(wide[1], 100, 3);
    EXPECT_NEAR(wide[2], 42, 4);
    // 8-bit CIELab as TIFF holds it.
    colour.colourspace(VIPS_INTERPRETATION_LAB)
        .cast(VIPS_FORMAT_FLOAT)
        .colourspace(VIPS_INTERPRETATION_LABQ)
        .tiffsave((folder / "lab.tif").c_str());
    const auto lab = middle("lab.tif");
    EXPECT_NEAR(lab[0], 200, 4);
    EXPECT_NEAR(lab[1], 100, 4);
    EXPECT_NEAR(lab[2], 50, 5);
}

TEST(Facts, APictureThatStatesNoResolutionHasNone) {
    const TempFolder folder;
    using vips::VImage;
    auto image = VImage::black(20, 20, VImage::option()->set("bands", 3)).copy();
    const auto perMm = [&](const std::string& name) {
        return readFacts(Original(folder / name), name).pixelsPerMm;
    };
    image.pngsave((folder / "none.png").c_str());
    EXPECT_EQ(perMm("none.png"), 0);
    image.copy(VImage::option()->set("xres", 300 / 25.4)->set("yres", 300 / 25.4))
        .jpegsave((folder / "stated.jpg").c_str());
    EXPECT_NEAR(perMm("stated.jpg"), 300 / 25.4, 0.05);
}

namespace {

/// A TIFF of luminance and colour differences: four columns of colour, `across` by `down` pixels sharing one
/// pair of differences, values by ITU-R BT.601 as TIFF 6.0 (section 21) has them.
std::string ycbcrTiff(int across, int down, int orientation) {
    constexpr std::array<std::array<int, 3>, 4> colours{
        {{200, 60, 50}, {40, 160, 70}, {50, 80, 190}, {230, 220, 60}}};
    constexpr int width = 64, height = 32;
    std::string data;
    for (int y = 0; y < height; y += down)
        for (int x = 0; x < width; x += across) {
            const auto& [r, g, b] = colours[static_cast<std::size_t>(x * 4 / width)];
            const double luma = 0.299 * r + 0.587 * g + 0.114 * b;
            data += std::string(static_cast<std::size_t>(across * down),
                                static_cast<char>(static_cast<int>(std::lround(luma))));
            data += static_cast<char>(static_cast<int>(std::lround(128 + (b - luma) / 1.772)));
            data += static_cast<char>(static_cast<int>(std::lround(128 + (r - luma) / 1.402)));
        }
    TiffBuilder tiff;
    tiff.append(data);
    const auto shorts = [&](std::uint16_t tag, const std::vector<int>& values) {
        Tag out{tag, 3, {}};
        for (const int value : values)
            out.data += tiff.number(static_cast<std::uint64_t>(value), 2);
        return out;
    };
    return tiff.finish(tiff.addIfd(
        {tiff.longs(256, {width}), tiff.longs(257, {height}), shorts(258, {8, 8, 8}), shorts(259, {1}),
         shorts(262, {6}), tiff.longs(273, {8}), shorts(274, {orientation}), shorts(277, {3}),
         tiff.longs(278, {height}), tiff.longs(279, {static_cast<std::uint32_t>(data.size())}),
         tiff.rationals(282, {{240, 1}}), tiff.rationals(283, {{240, 1}}), shorts(284, {1}), shorts(296, {2}),
         shorts(530, {across, down}),
         tiff.rationals(532, {{0, 1}, {255, 1}, {128, 1}, {255, 1}, {128, 1}, {255, 1}})}));
}

} // namespace

TEST(Develop, TiffsOfLuminanceAndColourDifferencesComeInTheirColours) {
    const TempFolder folder;
    for (const auto& [across, down] : {std::pair{1, 1}, {2, 1}, {2, 2}})
        for (const int orientation : {1, 3, 6}) {
            const auto file = folder / "ycc.tif";
            writeFile(file, ycbcrTiff(across, down, orientation));
            const Original original(file);
            const auto facts = readFacts(original, "ycc");
            EXPECT_EQ(facts.size, orientation == 6 ? (Size{32, 64}) : (Size{64, 32}));
            EXPECT_NEAR(facts.pixelsPerMm, 240 / 25.4, 1e-6);
            const auto frame = develop(original, "ycc", facts, wholePicture(facts, facts.size));
            // The first column lies left, right, or above.
            const auto* pixel = orientation == 1   ? frame.row(16) + 3 * 8
                                : orientation == 3 ? frame.row(16) + 3 * 56
                                                   : frame.row(8) + 3 * 16;
            EXPECT_NEAR(pixel[0], 200, 2) << across << down << orientation;
            EXPECT_NEAR(pixel[1], 60, 2) << across << down << orientation;
            EXPECT_NEAR(pixel[2], 50, 2) << across << down << orientation;
        }
    // A few thousand bytes that claim ten gigapixels are refused before anything is held for them.
    auto vast = ycbcrTiff(1, 1, 1);
    const std::string width("\x00\x01\x04\x00\x01\x00\x00\x00\x40\x00\x00\x00", 12);
    ASSERT_NE(vast.find(width), std::string::npos);
    vast.replace(vast.find(width) + 8, 4, std::string("\xA0\x86\x01\x00", 4)); // 100,000 wide
    const auto height = vast.find(std::string("\x01\x01\x04\x00\x01\x00\x00\x00\x20\x00\x00\x00", 12));
    ASSERT_NE(height, std::string::npos);
    vast.replace(height + 8, 4, std::string("\xA0\x86\x01\x00", 4));
    writeFile(folder / "vast.tif", vast);
    EXPECT_THROW(readFacts(Original(folder / "vast.tif"), "vast"), Problem);
    auto damaged = ycbcrTiff(2, 2, 1);
    damaged.replace(damaged.find(std::string("\x12\x02\x03", 3)) + 8, 1, 1, '\0'); // shared by no pixels
    writeFile(folder / "bad.tif", damaged);
    const Original bad(folder / "bad.tif");
    EXPECT_THROW(
        {
            const auto facts = readFacts(bad, "bad");
            develop(bad, "bad", facts, wholePicture(facts, facts.size));
        },
        Problem);
}
