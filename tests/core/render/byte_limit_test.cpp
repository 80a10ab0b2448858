// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// At most so many bytes: the search by itself against counting all qualities, then whole files.
#include "formats/byte_limit.h"
#include "plan/plan.h"
#include "render/encode.h"
#include "run/run.h"
#include "support/job.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <cmath>
#include <random>

namespace keepseal {

using namespace test;

TEST(ByteLimit, FindsNearlyTheBestQualityAndNeverOneOver) {
    std::mt19937 random(7);
    double lost = 0;
    int searches = 0;
    for (int round = 0; round < 400; ++round) {
        // Bytes of a photograph: some exponential between two slopes, steeper near 100, with a little noise.
        const double slope = 0.02 + 0.03 * static_cast<double>(random() % 100) / 100, start = 20'000;
        std::map<int, std::uint64_t> bytes;
        for (int quality = 1; quality <= 100; ++quality)
            bytes[quality] = static_cast<std::uint64_t>(
                start * std::exp(slope * quality + (quality > 90 ? 0.05 * (quality - 90) : 0)));
        const StepRange range{30, 60 + static_cast<int>(random() % 41)};
        const auto most = bytes[20 + static_cast<int>(random() % 80)];
        std::optional<int> best;
        for (int quality = range.least; quality <= range.best; ++quality)
            if (bytes[quality] <= most)
                best = quality;
        int calls = 0;
        const auto found = bestWithin(most, range, 5, [&](int quality) {
            ++calls;
            EXPECT_GE(quality, range.least);
            EXPECT_LE(quality, range.best);
            return bytes[quality];
        });
        EXPECT_LE(calls, 5);
        ASSERT_EQ(found.has_value(), best.has_value()) << round;
        if (!found)
            continue;
        EXPECT_LE(bytes[*found], most);
        EXPECT_GE(*found, *best - 3);
        lost += *best - *found;
        ++searches;
    }
    EXPECT_LT(lost / searches, 0.5);
}

TEST(ByteLimit, WhatDoesNotGrowEvenlyStillFits) {
    std::mt19937 random(11);
    for (int round = 0; round < 200; ++round) {
        std::vector<std::uint64_t> bytes(101);
        for (auto& b : bytes)
            b = 1 + random() % 1000;
        const auto found =
            bestWithin(300, {1, 100}, 5, [&](int q) { return bytes[static_cast<std::size_t>(q)]; });
        EXPECT_LE(found ? bytes[static_cast<std::size_t>(*found)] : 0, 300U);
    }
}

namespace {

Frame noisyFrame(int width, int height) {
    Frame frame = plainFrame(width, height, {90, 120, 60});
    std::mt19937 random(3);
    for (auto& value : frame.rgb)
        value = static_cast<std::uint8_t>(value + random() % 60);
    return frame;
}

EncodeStage stageFor(const std::string& format, double atMost, bool smaller = false) {
    EncodeStage stage;
    stage.format = format;
    stage.file.chosen = {format};
    stage.file.atMost = atMost;
    stage.file.smallerToFit = smaller;
    return stage;
}

} // namespace

TEST(ByteLimit, AFileHasTheBestQualityThatFits) {
    const auto frame = noisyFrame(600, 400);
    for (const auto* format : {"jpeg", "webp"}) {
        const auto whole = stageFor(format, 0).on(frame).bytes.size();
        for (const double share : {2.0, 0.9, 0.7, 0.5}) {
            const auto most = std::floor(static_cast<double>(whole) * share / 1000);
            const auto copy = stageFor(format, most).on(frame);
            ASSERT_TRUE(copy.quality) << format << " " << share;
            EXPECT_LE(static_cast<double>(copy.bytes.size()), most * 1000);
            EXPECT_FALSE(holdsKind(copy.notes, NoteKind::FileTooLarge));
            EXPECT_EQ(holdsKind(copy.notes, NoteKind::FileFitted), share < 1);
            // A few steps more would be too much.
            auto higher = stageFor(format, 0);
            const auto key = outputFormat(format).quality;
            const double more = *copy.quality + 4;
            if (more >= std::get<double>(higher.file.get(key)))
                continue;
            higher.file.set(key, more);
            EXPECT_GT(static_cast<double>(higher.on(frame).bytes.size()), most * 1000)
                << format << " " << share;
        }
    }
}

TEST(ByteLimit, WhatCantFitIsHeldBackOrGetsFewerPixelsAsAsked) {
    const auto frame = noisyFrame(600, 400);
    for (const auto* format : {"jpeg", "webp", "png"}) {
        const auto heldBack = stageFor(format, 16).on(frame);
        ASSERT_TRUE(holdsKind(heldBack.notes, NoteKind::FileTooLarge)) << format;
        EXPECT_FALSE(holdingBack(heldBack.notes, false, {}).empty());
        EXPECT_EQ(heldBack.size, frame.size);
        const auto smaller = stageFor(format, 16, true).on(frame);
        EXPECT_LE(smaller.bytes.size(), 16000U) << format;
        EXPECT_GT(smaller.bytes.size(), 13000U) << format; // not smaller than needed
        EXPECT_TRUE(holdingBack(smaller.notes, false, {}).empty());
        EXPECT_TRUE(holdsKind(smaller.notes, NoteKind::FileMadeSmaller));
        const MemorySource source(smaller.bytes);
        EXPECT_EQ(readFacts(source, "copy").size, smaller.size); // an independent reader
        EXPECT_NEAR(1.5, static_cast<double>(smaller.size.width) / smaller.size.height, 0.04);
    }
}

TEST(ByteLimit, AFewBytesTooManyAreSaidInBytes) {
    bool met = false;
    for (int width = 200; width < 260 && !met; ++width) {
        const auto frame = noisyFrame(width, 150);
        const auto bytes = stageFor("png", 0).on(frame).bytes.size();
        if (bytes % 1000 == 0 || bytes % 1000 >= 400)
            continue; // it reads as a thousand more
        met = true;
        const auto copy = stageFor("png", static_cast<double>(bytes / 1000)).on(frame);
        EXPECT_THAT(said(copy.notes),
                    ::testing::Contains(::testing::HasSubstr("needs " + std::to_string(bytes) + " bytes")));
    }
    EXPECT_TRUE(met);
}

TEST(ByteLimit, TransparencyAndSixteenBitsSurviveFewerPixels) {
    Frame frame = noisyFrame(400, 300);
    requireAlpha(frame);
    for (int y = 0; y < 300; ++y)
        std::fill_n(frame.alphaRow(y), 200, std::uint8_t{0});
    auto stage = stageFor("png", 60, true);
    const auto copy = stage.on(frame);
    ASSERT_TRUE(holdsKind(copy.notes, NoteKind::FileMadeSmaller));
    const TempFolder folder;
    writeFile(folder / "copy.png", std::string(copy.bytes.begin(), copy.bytes.end()));
    EXPECT_EQ(exiftool(folder / "copy.png", "ColorType"), "6"); // red, green, blue and opacity
    const MemorySource source(copy.bytes);
    const auto facts = readFacts(source, "copy");
    auto wish = wholePicture(facts, facts.size);
    wish.keepAlpha = true;
    const auto read = develop(source, "copy", facts, wish);
    EXPECT_EQ(read.alphaRow(20)[5], 0);
    EXPECT_EQ(read.alphaRow(20)[read.size.width - 5], 255);
}

TEST(ByteLimit, ARunDeliversWithinItAndHoldsBackTheRest) {
    const TempFolder folder;
    const std::vector<fs::path> files{folder / "plain.jpg", folder / "noisy.png"};
    makePicture(files[0], 300, 200);
    const auto noisy = encodePng(noisyFrame(600, 400));
    writeFile(files[1], std::string(noisy.begin(), noisy.end()));
    auto delivery = sampleDelivery(folder / "out");
    delivery.fit.on = false;
    delivery.file.atMost = 30;
    auto result = runAll(makePlan(files, {delivery}, "/"));
    EXPECT_EQ(result.ledger.rows[0].outcome, Outcome::Made);
    EXPECT_EQ(result.ledger.rows[1].outcome, Outcome::HeldBack);
    EXPECT_THAT(said(result.ledger.rows[1].notes),
                ::testing::Contains(::testing::HasSubstr("and at most 30 kB are asked for")));
    delivery.file.smallerToFit = true;
    result = runAll(makePlan(files, {delivery}, "/"));
    ASSERT_EQ(result.ledger.rows[1].outcome, Outcome::Made);
    EXPECT_LE(fs::file_size(result.ledger.rows[1].copy), 30000U);
    EXPECT_EQ(std::to_string(result.ledger.rows[1].copySize.width),
              exiftool(result.ledger.rows[1].copy, "ImageWidth"));
}

} // namespace keepseal
