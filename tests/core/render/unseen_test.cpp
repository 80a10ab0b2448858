// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// As small as unseen, and what else makes a JPEG or a PNG smaller without changing what is asked for.
#include "formats/byte_limit.h"
#include "formats/jpeg_coder.h"
#include "formats/visible_loss.h"
#include "render/encode.h"
#include "support/support.h"

#include <gtest/gtest.h>
#include <vips/vips8>

#include <cmath>
#include <random>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// Soft clouds of colour with fine grain: what photographs are to a coder.
Frame clouds(int width, int height) {
    Frame out = plainFrame(width, height, {});
    std::mt19937 random(3);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            auto* p = out.row(y) + 3 * x;
            const double wave = 40 * std::sin(x / 19.0) * std::cos(y / 23.0) + 25 * std::sin((x + y) / 5.0);
            const int grain = static_cast<int>(random() % 11);
            p[0] = static_cast<std::uint8_t>(120 + wave + grain);
            p[1] = static_cast<std::uint8_t>(115 + 0.8 * wave + grain);
            p[2] = static_cast<std::uint8_t>(105 - 0.5 * wave + grain);
        }
    return out;
}

/// Red letters' edges on blue: what halved colour shows.
Frame redOnBlue(int width, int height) {
    Frame out = plainFrame(width, height, {20, 30, 200});
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            if ((x / 3 + y / 5) % 4 == 0)
                std::copy_n(std::array<std::uint8_t, 3>{220, 20, 20}.data(), 3, out.row(y) + 3 * x);
    return out;
}

EncodeStage unseenStage(const std::string& format, double score) {
    EncodeStage stage;
    stage.format = format;
    stage.file.chosen = {format};
    stage.file.unseen = true;
    stage.file.unseenScore = score;
    return stage;
}

CopyPixels pixelsOfFrame(const Frame& frame) {
    return {frame.size, 3, false, frame.rgb.data()};
}

/// By libvips, which had no part in arranging it.
Frame decodedByVips(const Bytes& jpeg) {
    auto image = vips::VImage::new_from_buffer(jpeg.data(), jpeg.size(), "");
    Frame out = plainFrame(image.width(), image.height(), {});
    image.write(vips::VImage::new_from_memory(out.rgb.data(), out.rgb.size(), image.width(), image.height(),
                                              3, VIPS_FORMAT_UCHAR));
    return out;
}

} // namespace

TEST(Unseen, TheLeastStepThatKeepsAScoreIsFoundInFewTries) {
    std::mt19937 random(5);
    double lost = 0;
    for (int round = 0; round < 300; ++round) {
        // Scores as coders have them: a bend that flattens towards 100.
        const double bend = 0.5 + static_cast<double>(random() % 100) / 60,
                     wanted = 50 + static_cast<double>(random() % 45);
        const auto score = [&](int step) { return 100 - 100 * std::pow((101.0 - step) / 100, bend); };
        int best = 101;
        while (best > 1 && score(best - 1) >= wanted)
            --best;
        int calls = 0;
        const auto found = leastScoring(wanted, {1, 100}, 82, 6, [&](int step) {
            ++calls;
            EXPECT_TRUE(step >= 1 && step <= 100);
            return score(step);
        });
        EXPECT_LE(calls, 6);
        ASSERT_EQ(found.has_value(), best <= 100);
        if (!found)
            continue;
        EXPECT_GE(score(*found), wanted);
        lost += *found - best;
    }
    EXPECT_LT(lost / 300, 1);
    EXPECT_FALSE(leastScoring(90, {1, 100}, 82, 6, [](int) { return 50.0; }).has_value());
}

TEST(Unseen, EveryLossyFormatKeepsTheLimitAndALowerQualityWouldNot) {
    const auto frame = clouds(320, 240);
    for (const auto* format : {"jpeg", "webp", "avif", "jxl"}) {
        const auto copy = unseenStage(format, 80).on(frame);
        ASSERT_TRUE(copy.quality && copy.score) << format;
        EXPECT_TRUE(holdsKind(copy.notes, NoteKind::FileUnseen)) << format;
        const double again = visibleLossScore(frame, decodedCopy(copy.bytes, {}));
        EXPECT_NEAR(again, *copy.score, 1e-9) << format << ": the number is that of the file itself";
        EXPECT_GE(again, 80) << format;
        auto lower = unseenStage(format, 80);
        lower.file.unseen = false;
        lower.file.set(outputFormat(format).quality, static_cast<double>(std::max(1, *copy.quality - 6)));
        EXPECT_LT(visibleLossScore(frame, decodedCopy(lower.on(frame).bytes, {})), 80.5) << format;
    }
}

TEST(Unseen, WhatCantKeepItIsHeldBackAndWhatMayNotWeighSoMuchToo) {
    const auto frame = redOnBlue(240, 160); // halved colour is seen at any quality
    const auto seen = unseenStage("jpeg", 90).on(frame);
    EXPECT_TRUE(holdsKind(seen.notes, NoteKind::FileSeen));
    EXPECT_FALSE(holdingBack(seen.notes, false, {}).empty());
    auto full = unseenStage("jpeg", 90);
    full.file.set("chroma", std::string("picture"));
    EXPECT_TRUE(holdsKind(full.on(frame).notes, NoteKind::FileUnseen));

    auto light = unseenStage("jpeg", 80);
    light.file.atMost = 12;
    const auto photograph = clouds(320, 240);
    EXPECT_TRUE(holdsKind(light.on(photograph).notes, NoteKind::FileTooLarge));
    light.file.smallerToFit = true;
    const auto smaller = light.on(photograph);
    EXPECT_LE(smaller.bytes.size(), 12000U);
    EXPECT_LT(smaller.size.width, 320);
    ASSERT_TRUE(smaller.score);
    EXPECT_EQ(holdsKind(smaller.notes, NoteKind::FileUnseen), *smaller.score >= 80);
}

TEST(JpegCoder, HalvesColourAsAskedOrAsThePictureNeedsIt) {
    const TempFolder folder;
    const auto sampling = [&](const Frame& frame, const std::string& chroma) {
        FileSettings settings;
        settings.set("chroma", chroma);
        const auto bytes = encodePixels(frame, settings, outputFormat("jpeg"));
        writeFile(folder / "a.jpg", std::string(bytes.begin(), bytes.end()));
        return exiftool(folder / "a.jpg", "YCbCrSubSampling");
    };
    EXPECT_EQ(sampling(clouds(64, 48), "smaller"), "2 2");
    EXPECT_EQ(sampling(clouds(64, 48), "half"), "2 1");
    EXPECT_EQ(sampling(clouds(64, 48), "full"), "1 1");
    EXPECT_EQ(sampling(clouds(64, 48), "picture"), "2 2");
    EXPECT_EQ(sampling(redOnBlue(64, 48), "picture"), "1 1");
}

TEST(JpegCoder, ArrangesTheSamePixelsInFewerBytes) {
    for (const auto& frame : {clouds(301, 199), redOnBlue(160, 120)}) {
        const auto plain = encodeJpegBy(pixelsOfFrame(frame), {85, JpegChroma::Quarter, false, false});
        const auto tables = encodeJpegBy(pixelsOfFrame(frame), {85, JpegChroma::Quarter, false, true});
        const auto scans = encodeJpegBy(pixelsOfFrame(frame), {85, JpegChroma::Quarter, true, false});
        const auto smallest = encodeJpegBy(pixelsOfFrame(frame), {85, JpegChroma::Quarter, true, true});
        EXPECT_LT(tables.size(), plain.size());
        EXPECT_LE(smallest.size(), scans.size());
        EXPECT_LT(smallest.size(), tables.size());
        for (const auto* other : {&tables, &scans, &smallest})
            EXPECT_EQ(decodedByVips(*other).rgb, decodedByVips(plain).rgb);
    }
}

TEST(PngPalette, IsForDrawingsAndKeepsTheirColours) {
    const auto drawing = redOnBlue(200, 150);
    FileSettings settings;
    const auto whole = encodePixels(drawing, settings, outputFormat("png"));
    settings.set("png_palette", true);
    const auto palette = encodePixels(drawing, settings, outputFormat("png"));
    EXPECT_LT(palette.size(), whole.size());
    const TempFolder folder;
    writeFile(folder / "a.png", std::string(palette.begin(), palette.end()));
    EXPECT_EQ(exiftool(folder / "a.png", "ColorType"), "3");
    EXPECT_GT(visibleLossScore(drawing, decodedCopy(palette, settings)), 99);
}
