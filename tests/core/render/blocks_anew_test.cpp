// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Copies of the whole size whose blocks are rounded anew, held against libjpeg's own reading and arithmetic.
#include "support/job.h"
#include "support/whole_copies.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

constexpr Size kWide{3203, 149}; ///< an odd number of blocks each way, with and without half of the colour
constexpr Size kTall{149, 3203};

Delivery codedAnew(const char* chroma, int quality = 90) {
    auto out = wholeSize(greyBox(60, 20));
    out.file.untouched = false;
    out.file.set("chroma", std::string(chroma));
    out.file.set("quality", static_cast<double>(quality));
    return out;
}

const char* chromaOf(const JpegKind& kind) {
    return kind.across == 1 ? "full" : kind.down == 1 ? "half" : "smaller";
}

Bytes encodedOf(const InARun& run) {
    return encodedCopy(run.opened.original, run.asked, run.copy, "jpeg").bytes;
}

} // namespace

class BlocksAnew : public ::testing::Test {
protected:
    TempFolder folder;
    fs::path made(const JpegKind& kind) {
        const auto path = folder / (std::string(kind.name) + ".jpg");
        writeFile(path, jpegOf(kind));
        return path;
    }
};

TEST_F(BlocksAnew, WhatTheMarkLeavesIsTheNearestToTheOriginalWithTheNewTables) {
    const JpegKind kinds[] = {
        {"444", 1, 1, false, 0, 3, kWide},        {"422", 2, 1, false, 0, 3, kTall},
        {"420", 2, 2, false, 0, 3, kWide},        {"restarts", 2, 2, false, 3, 3, kWide},
        {"progressive", 2, 2, true, 0, 3, kTall}, {"found", 2, 2, false, 0, 3, kWide, false},
    };
    for (const auto& kind : kinds)
        for (const int quality : {60, 96}) {
            SCOPED_TRACE(std::string(kind.name) + " " + std::to_string(quality));
            const InARun run(made(kind), codedAnew(chromaOf(kind), quality));
            ASSERT_TRUE(run.copy.stamped);
            const auto encoded = encodedOf(run);
            const JpegBlocks before(jpegOf(kind)), after(encoded),
                tables(jpegOf({"tables", 2, 2, false, 0, 3, {16, 16}, true, 110, quality}));
            EXPECT_FALSE(after.progressive);
            const auto proof = finishedCopy(run.opened.original, run.asked, lookAhead(run.asked));
            EXPECT_EQ(encoded, encodedCopy(run.opened.original, run.asked, proof, "jpeg").bytes);
            const auto without = decodedCopy(jpegOf(kind), {});
            std::size_t other = 0;
            for (std::size_t c = 0; c < 3; ++c) {
                const auto &b = before.components[c], &a = after.components[c];
                ASSERT_EQ(b.blocks.size(), a.blocks.size());
                EXPECT_EQ(a.table, tables.components[c].table);
                for (std::size_t i = 0; i < b.blocks.size(); ++i)
                    for (std::size_t k = 0; k < DCTSIZE2; ++k)
                        if (2 * std::abs(a.blocks[i][k] * a.table[k] - b.blocks[i][k] * b.table[k]) >
                            a.table[k]) {
                            ASSERT_TRUE(isTouched(before, c, i, proof.frame, without)) << c << " " << i;
                            ++other;
                        }
            }
            EXPECT_GT(other, 0U);
            // The mark is there as it was seen, and the rest no worse than a coder of pixels leaves it.
            const auto seen = decodedCopy(encoded, {});
            EXPECT_LT(
                difference(seen, proof.frame).first,
                1.02 * difference(decodedCopy(
                                      encodePixels(proof.frame, run.delivery.file, outputFormat("jpeg")), {}),
                                  proof.frame)
                           .first);
        }
}

TEST_F(BlocksAnew, WithTheOriginalsOwnTablesNothingButTheMarkChanges) {
    const JpegKind kind{"same", 2, 2, false, 0, 3, kWide};
    auto delivery = codedAnew("smaller", kind.quality);
    delivery.seal.on = false;
    const InARun run(made(kind), delivery);
    ASSERT_TRUE(run.copy.stamped);
    const JpegBlocks before(jpegOf(kind)), after(encodedOf(run));
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_EQ(before.components[c].blocks, after.components[c].blocks);
}

TEST_F(BlocksAnew, ASampleOfColourIsTheMeanOfThoseItStandsFor) {
    struct Row {
        JpegKind kind;
        const char* chroma;
        int across, down; ///< samples that become one
    };
    const Row rows[] = {
        {{"422", 2, 1, false, 0, 3, kWide}, "smaller", 1, 2},
        {{"tall422", 2, 1, false, 0, 3, kTall}, "smaller", 1, 2},
        {{"444", 1, 1, false, 0, 3, kWide}, "half", 2, 1},
        {{"tall444", 1, 1, false, 5, 3, kTall}, "smaller", 2, 2},
        {{"440", 1, 2, false, 0, 3, kWide}, "smaller", 2, 1},
        {{"prog", 1, 1, true, 0, 3, kWide}, "smaller", 2, 2},
    };
    for (const auto& row : rows) {
        const auto& kind = row.kind;
        SCOPED_TRACE(kind.name);
        auto delivery = codedAnew(row.chroma, 100); // steps of one: nothing else is lost
        delivery.seal.on = false;
        const InARun run(made(kind), delivery);
        ASSERT_TRUE(run.copy.stamped);
        const JpegSamples before(jpegOf(kind)), after(encodedOf(run));
        for (std::size_t c = 0; c < 3; ++c) {
            const auto &b = before.planes[c], &a = after.planes[c];
            const int across = c == 0 ? 1 : row.across, down = c == 0 ? 1 : row.down;
            ASSERT_EQ(a.width, (b.width / 8 + across - 1) / across * 8);
            for (int y = 0; y < a.height; ++y)
                for (int x = 0; x < a.width; ++x) {
                    double mean = 0;
                    for (int i = 0; i < across * down; ++i)
                        mean += b.at(x * across + i % across, y * down + i / across) / (across * down);
                    ASSERT_NEAR(a.at(x, y), mean, 2.5) << c << ": " << x << ", " << y;
                }
        }
    }
}

TEST_F(BlocksAnew, WhatHasNoCodeBecomesTheNextThatHas) {
    auto bytes = jpegOf({"wild", 2, 2, false, 0, 3, kWide});
    for (std::size_t i = 0; i + 68 < bytes.size() && !(bytes[i] == 0xFF && bytes[i + 1] == 0xDA); ++i)
        if (bytes[i] == 0xFF && bytes[i + 1] == 0xDB) // steps of 255 that no picture of 8 bits needs
            std::fill_n(bytes.begin() + static_cast<std::ptrdiff_t>(i) + 5, 64, std::uint8_t{255});
    writeFile(folder / "wild.jpg", bytes);
    auto delivery = codedAnew("smaller", 100);
    delivery.seal.on = false;
    const InARun run(folder / "wild.jpg", delivery);
    ASSERT_TRUE(run.copy.stamped);
    const JpegBlocks before(bytes), after(encodedOf(run));
    for (std::size_t c = 0; c < 3; ++c)
        for (std::size_t i = 0; i < before.components[c].blocks.size(); ++i)
            for (std::size_t k = 0; k < DCTSIZE2; ++k)
                ASSERT_EQ(after.components[c].blocks[i][k],
                          std::clamp(before.components[c].blocks[i][k] * 255, -1023, 1023));
}

TEST_F(BlocksAnew, WhatElseIsAskedForIsMadeOfPixels) {
    using D = Delivery;
    struct Row {
        const char* what;
        std::function<void(D&)> change;
    };
    const Row rows[] = {
        {"finer colour", [](D& d) { d.file.set("chroma", std::string("full")); }},
        {"colour by the picture", [](D& d) { d.file.set("chroma", std::string("picture")); }},
        {"progressive", [](D& d) { d.file.set("progressive", true); }},
        {"optimised", [](D& d) { d.file.set("optimised", true); }},
        {"as small as unseen", [](D& d) { d.file.unseen = true; }},
        {"within bytes", [](D& d) { d.file.atMost = 900; }},
        {"a seal all over", [](D& d) { d.seal.arrangement = Arrangement::Repeat; }},
    };
    const auto path = made({"plain", 2, 1, false, 0, 3, kWide});
    EXPECT_TRUE(isMadeOfCoefficients(InARun(path, codedAnew("half")).asked));
    for (const auto& row : rows) {
        auto delivery = codedAnew("half");
        row.change(delivery);
        const InARun run(path, delivery);
        EXPECT_FALSE(run.copy.stamped) << row.what;
        EXPECT_EQ(readFacts(MemorySource(encodedOf(run)), "copy").size, kWide) << row.what;
    }
    EXPECT_FALSE(InARun(made({"grey", 1, 1, false, 0, 1, kWide}), codedAnew("smaller")).copy.stamped);
}

TEST_F(BlocksAnew, AnotherQualityOfAFinishedCopyIsAsIfItWereFinishedForIt) {
    const auto path = made({"again", 2, 1, false, 0, 3, kWide});
    const InARun first(path, codedAnew("smaller", 70)), second(path, codedAnew("smaller", 95));
    const auto wanted = encodedOf(second);
    EXPECT_NE(encodedOf(first), wanted);
    EXPECT_EQ(encodedCopy(second.opened.original, second.asked, first.copy, "jpeg").bytes, wanted);
    auto untouched = codedAnew("smaller");
    untouched.file.untouched = true;
    const InARun third(path, untouched);
    const auto kept = encodedCopy(third.opened.original, third.asked, first.copy, "jpeg");
    EXPECT_EQ(kept.bytes, encodedOf(third));
    EXPECT_TRUE(holdsKind(kept.notes, NoteKind::KeptUntouched));
    EXPECT_FALSE(holdsKind(encodedCopy(first.opened.original, first.asked, first.copy, "jpeg").notes,
                           NoteKind::KeptUntouched));
}

TEST_F(BlocksAnew, ReadTogetherWithPixelsItIsTheSame) {
    for (const auto& kind :
         {JpegKind{"422", 2, 1, false, 0, 3, {203, 149}}, JpegKind{"420", 2, 2, false, 5, 3, {203, 149}},
          JpegKind{"440", 1, 2, false, 0, 3, {203, 149}, false}, JpegKind{"progressive", 1, 1, true}}) {
        const Opened opened(made(kind));
        ChangedPart part;
        part.area = {16, 32, 160, 96};
        // Fainter than what was there: tables made for this picture have codes for it, and are not its best.
        part.rgb = pixelsOf(*holdJpeg(opened.original, kind.name, opened.facts).coefficients, part.area).rgb;
        for (auto& sample : part.rgb)
            sample = static_cast<std::uint8_t>(sample / 2 + 64);
        part.cells.assign(20 * 12, 1);
        for (const auto& coding : {BlockCoding{85, {2, 2}}, BlockCoding{}}) {
            const auto stamped = [&](int decodeAt, bool allAnew) {
                const auto held = holdJpeg(opened.original, kind.name, opened.facts, decodeAt, allAnew);
                EXPECT_EQ(held.decoded != nullptr, decodeAt > 0);
                return stampedJpeg(held.coefficients, part, coding);
            };
            const auto alone = stamped(0, !coding.untouched());
            for (const int shrink : {1, 2, 4}) {
                EXPECT_EQ(stamped(shrink, false), alone) << kind.name << shrink;
                EXPECT_EQ(stamped(shrink, !coding.untouched()), alone) << kind.name << shrink;
            }
        }
    }
}

TEST_F(BlocksAnew, ARequestThatFitsNoPictureIsRefused) {
    const Opened opened(made({"asked", 2, 1}));
    EXPECT_EQ(opened.facts.perColour, (Size{2, 1}));
    ChangedPart part;
    part.area = {16, 16, 32, 32};
    part.rgb.assign(32 * 32 * 3, 128);
    part.cells.assign(16, 1);
    const auto stamped = [&](const BlockCoding& coding, const ChangedPart& changed) {
        return stampedJpeg(holdJpeg(opened.original, "asked.jpg", opened.facts).coefficients, changed,
                           coding);
    };
    EXPECT_NO_THROW((void)stamped({90, {2, 2}}, part));
    EXPECT_NO_THROW((void)stamped({90, {2, 1}}, {}));
    for (const BlockCoding& coding :
         {BlockCoding{0, {2, 2}}, {101, {2, 2}}, {90, {1, 1}}, {90, {2, 3}}, {90, {}}})
        EXPECT_THROW((void)stamped(coding, part), Problem);
    part.area.x = 8;
    EXPECT_THROW((void)stamped({90, {2, 2}}, part), Problem);
}
