// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Copies that keep their original's coefficients outside the mark, held against libjpeg's own reading.
#include "support/chain.h"
#include "support/job.h"
#include "support/jpegs.h"
#include "support/whole_copies.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

void addTags(const fs::path& file, std::vector<std::string> tags) {
    tags.insert(tags.begin(), {"exiftool", "-q", "-overwrite_original"});
    tags.push_back(file.string());
    ASSERT_EQ(runProgram(tags).exitCode, 0);
}

} // namespace

class Untouched : public ::testing::Test {
protected:
    TempFolder folder;
    fs::path made(const JpegKind& kind) {
        const auto path = folder / (std::string(kind.name) + ".jpg");
        writeFile(path, jpegOf(kind));
        return path;
    }
};

TEST_F(Untouched, EveryBlockWithoutAPixelOfTheMarkKeepsItsCoefficients) {
    const JpegKind kinds[] = {
        {"444", 1, 1},
        {"422", 2, 1},
        {"440", 1, 2},
        {"420", 2, 2},
        {"grey", 1, 1, false, 0, 1},
        {"progressive", 2, 2, true},
        {"progressive444", 1, 1, true},
        {"restarts", 2, 2, false, 3},
        {"small", 2, 2, false, 0, 3, {37, 33}},
        {"multiple", 2, 2, false, 0, 3, {192, 160}},
        {"found", 2, 2, false, 0, 3, {203, 149}, false},
    };
    for (const auto& kind : kinds)
        for (const auto anchor : {Anchor::BottomRight, Anchor::TopLeft, Anchor::Centre}) {
            SCOPED_TRACE(std::string(kind.name) + " " + std::to_string(static_cast<int>(anchor)));
            const auto path = made(kind);
            auto seal = greyBox();
            seal.anchor = anchor;
            seal.margins.share = 0; // flush with the edges
            const Stamped copy(path, wholeSize(seal));
            ASSERT_TRUE(copy.untouched()) << copy.why();
            const JpegBlocks before(jpegOf(kind)), after(copy.encoded.bytes);
            const auto& wanted = copy.finished.frame;
            const auto without = decodedCopy(jpegOf(kind), {});
            EXPECT_EQ(after.progressive, kind.progressive);
            ASSERT_EQ(before.components.size(), after.components.size());
            std::size_t kept = 0, other = 0;
            for (std::size_t c = 0; c < before.components.size(); ++c) {
                const auto &b = before.components[c], &a = after.components[c];
                ASSERT_EQ(b.blocks.size(), a.blocks.size());
                EXPECT_EQ(b.table, a.table);
                for (std::size_t i = 0; i < b.blocks.size(); ++i)
                    if (b.blocks[i] == a.blocks[i])
                        ++kept;
                    else if (!isTouched(before, c, i, wanted, without))
                        ADD_FAILURE() << "component " << c << ", block " << i;
                    else
                        ++other;
            }
            EXPECT_GT(other, 0U);
            EXPECT_GT(kept, 0U);
            // And the mark is there, as it was seen.
            const auto seen = decodedCopy(copy.encoded.bytes, {});
            EXPECT_LT(difference(seen, wanted).first, difference(seen, without).first / 2);
        }
}

TEST_F(Untouched, NothingAtAllChangesWithoutAMark) {
    const auto path = made({"plain"});
    Delivery delivery;
    delivery.fit.on = false;
    delivery.seal.on = false;
    const Stamped copy(path, delivery);
    ASSERT_TRUE(copy.untouched());
    const JpegBlocks before(jpegOf({"plain"})), after(copy.encoded.bytes);
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_EQ(before.components[c].blocks, after.components[c].blocks);
}

TEST_F(Untouched, WhatChangesMoreThanTheMarkIsEncodedAnewAndSaysWhy) {
    using D = Delivery;
    struct Row {
        const char* why; ///< empty: not asked for, and nothing to be said
        std::function<void(D&)> change;
    };
    const Row rows[] = {
        {"its seal is all over it", [](D& d) { d.seal.arrangement = Arrangement::Repeat; }},
        {"its finish changes all of it", [](D& d) { d.finish.grain = true; }},
        {"its colours are converted", [](D& d) { d.file.colour = ColourOut::DisplayP3; }},
        {"", [](D& d) { d.file.untouched = false; }},
        {"", [](D& d) { d.file.unseen = true; }},
        {"", [](D& d) { d.file.atMost = 500; }},
        {"", [](D& d) { d.turn.quarterTurns = 2; }},
        {"", [](D& d) { d.turn.flip = true; }},
        {"", [](D& d) { d.turn.shape = CropShape::Square; }},
        {"", [](D& d) { d.border.on = true; }},
        {"",
         [](D& d) {
             d.fit.on = true;
             d.fit.longSide = 150;
         }},
    };
    const auto path = made({"tide"});
    for (const auto& row : rows) {
        auto delivery = wholeSize(greyBox());
        row.change(delivery);
        const Stamped copy(path, delivery);
        EXPECT_FALSE(copy.untouched()) << row.why;
        EXPECT_EQ(copy.why(), row.why);
        EXPECT_EQ(readFacts(MemorySource(copy.encoded.bytes), "copy").size, copy.chain.sizes.whole);
    }
    EXPECT_FALSE(Stamped(path, wholeSize(greyBox()), "png").untouched());
}

TEST_F(Untouched, APictureThatHasToBeChangedIsEncodedAnew) {
    auto path = made({"turned"});
    addTags(path, {"-Orientation#=6"});
    EXPECT_EQ(Stamped(path, wholeSize(greyBox())).why(), "it is turned upright");
    auto colourful = greyBox();
    colourful.parts[0].colour = {250, 20, 20};
    colourful.tone = Tone::Light;
    const auto grey = made({"grey", 1, 1, false, 0, 1});
    EXPECT_EQ(Stamped(grey, wholeSize(colourful)).why(), "the picture is grey, and its mark has colour");
    path = made({"thirds", 3, 1});
    EXPECT_EQ(Stamped(path, wholeSize(greyBox())).why(), "its JPEG is of a rare kind");
}

TEST_F(Untouched, MetadataIsComposedFromNothingAllTheSame) {
    const auto path = made({"told"});
    addTags(path, {"-GPSLatitude=54.25", "-GPSLatitudeRef=N", "-Comment=a secret", "-Exif:Artist=Nobody"});
    auto delivery = wholeSize(greyBox());
    delivery.rights = sheetOf("Ilva Corren", "(c) Ilva Corren");
    const Stamped copy(path, delivery);
    ASSERT_TRUE(copy.untouched());
    const auto report = inspect(MemorySource(copy.encoded.bytes));
    EXPECT_FALSE(report.tellsPlace());
    const std::string secret = "secret";
    EXPECT_EQ(std::search(copy.encoded.bytes.begin(), copy.encoded.bytes.end(), secret.begin(), secret.end()),
              copy.encoded.bytes.end());
    const auto written = folder / "copy.jpg";
    writeFile(written, copy.encoded.bytes);
    EXPECT_EQ(exiftool(written, "XMP-dc:Creator"), "Ilva Corren");
    EXPECT_EQ(exiftool(written, "GPSLatitude"), "");
}

TEST_F(Untouched, ARequestThatFitsNoPictureIsRefused) {
    const auto path = made({"asked"});
    const Opened opened(path);
    ChangedPart part;
    part.area = {16, 16, 32, 32};
    part.rgb.assign(32 * 32 * 3, 128);
    part.cells.assign(16, 1);
    const auto stamped = [](const ByteSource& source, const PictureFacts& facts, const ChangedPart& changed) {
        return stampedJpeg(holdJpeg(source, "asked.jpg", facts).coefficients, changed);
    };
    EXPECT_NO_THROW((void)stamped(opened.original, opened.facts, part));
    const auto refused = [&](const std::function<void(ChangedPart&, PictureFacts&)>& change) {
        auto bad = part;
        auto facts = opened.facts;
        change(bad, facts);
        EXPECT_THROW((void)stamped(opened.original, facts, bad), Problem);
    };
    refused([](auto& p, auto&) { p.area.x = 8; });
    refused([](auto& p, auto&) { p.area.x = 192; });
    refused([](auto& p, auto&) { p.area.y = -16; });
    refused([](auto& p, auto&) { p.area.width = 33; });
    refused([](auto& p, auto&) { p.rgb.resize(p.rgb.size() - 1); });
    refused([](auto& p, auto&) { p.cells.pop_back(); });
    refused([](auto&, auto& f) { f.stored.width += 1; });
    const auto bytes = jpegOf({"asked"});
    const MemorySource cut(ByteSpan(bytes).first(bytes.size() * 2 / 3));
    EXPECT_THROW((void)holdJpeg(cut, "asked.jpg", opened.facts), Problem);
}

TEST_F(Untouched, PixelsOfAPartAreThoseOfTheWhole) {
    for (const auto& kind :
         {JpegKind{"444", 1, 1}, JpegKind{"422", 2, 1}, JpegKind{"440", 1, 2}, JpegKind{"420"},
          JpegKind{"progressive", 2, 2, true}, JpegKind{"grey", 1, 1, false, 0, 1}}) {
        const Opened opened(made(kind));
        const auto whole = decodedCopy(jpegOf(kind), {});
        const auto held = holdJpeg(opened.original, kind.name, opened.facts);
        for (const Rect area :
             {Rect{0, 0, 16, 16}, {32, 48, 64, 32}, {192, 144, 11, 5}, {176, 0, 27, 149}, {0, 0, 203, 149}}) {
            const auto part = pixelsOf(*held.coefficients, area);
            ASSERT_EQ(part.size, (Size{area.width, area.height}));
            EXPECT_EQ(part.rgb, cutOut(whole, area).rgb) << kind.name << " " << area.x << " " << area.y;
        }
        for (const Rect area :
             {Rect{8, 0, 16, 16}, {0, 0, 24, 16}, {192, 144, 16, 16}, {0, 0, 0, 16}, {-16, 0, 16, 16}})
            EXPECT_THROW((void)pixelsOf(*held.coefficients, area), Problem);
        // Each coarse pixel is the mean of the pixels of its block; colours that are coded more coarsely
        // bleed.
        for (int y = 0; y < held.coarse.size.height; ++y)
            for (int x = 0; x < held.coarse.size.width; ++x) {
                double sum = 0;
                for (int i = 0; i < 64; ++i)
                    sum += whole.row(y * 8 + i / 8)[(x * 8 + i % 8) * 3 + 1];
                ASSERT_NEAR(held.coarse.row(y)[x * 3 + 1], sum / 64, 6) << kind.name;
            }
    }
}

TEST_F(Untouched, PixelsBesideTheCoefficientsAreThoseOfADecodeAndTheStampIsTheSame) {
    ChangedPart part;
    part.area = {16, 32, 32, 16};
    part.rgb.assign(32 * 16 * 3, 200);
    part.cells.assign(4 * 2, 1);
    for (const auto& kind :
         {JpegKind{"444", 1, 1}, JpegKind{"422", 2, 1}, JpegKind{"420"}, JpegKind{"restart", 2, 2, false, 3},
          JpegKind{"progressive", 2, 2, true}, JpegKind{"grey", 1, 1, false, 0, 1}})
        for (const int shrink : {1, 2, 4}) {
            const Opened opened(made(kind));
            const auto wish = wholePicture(opened.facts, {203 / shrink, 149 / shrink});
            const auto beside = holdJpeg(opened.original, kind.name, opened.facts, shrink);
            ASSERT_TRUE(beside.decoded);
            const auto plain = decodePicture(opened.original, kind.name, opened.facts, shrink);
            const auto pixels = [&](const DecodedPtr& decoded) {
                return develop(opened.original, kind.name, opened.facts, wish, nullptr, decoded).rgb;
            };
            EXPECT_EQ(pixels(beside.decoded), pixels(plain)) << kind.name << " 1/" << shrink;
            const auto alone = holdJpeg(opened.original, kind.name, opened.facts);
            EXPECT_FALSE(alone.decoded);
            EXPECT_EQ(beside.coarse.rgb, alone.coarse.rgb);
            EXPECT_EQ(stampedJpeg(beside.coefficients, part), stampedJpeg(alone.coefficients, part))
                << kind.name << " 1/" << shrink;
            EXPECT_THROW((void)holdJpeg(opened.original, kind.name, opened.facts, 8), Problem);
        }
}

TEST_F(Untouched, OnlyWhatLiesUnderTheMarkIsDecodedAndTheCopyIsTheSame) {
    auto seal = greyBox(60, 20);
    seal.tone = Tone::ByPicture;
    seal.placing = Placing::Advised;
    for (const auto& kind :
         {JpegKind{"444", 1, 1, false, 0, 3, {3203, 149}}, JpegKind{"420", 2, 2, false, 0, 3, {3203, 149}},
          JpegKind{"progressive", 2, 2, true, 0, 3, {149, 3203}},
          JpegKind{"grey", 1, 1, false, 0, 1, {3203, 149}}}) {
        const InARun run(made(kind), wholeSize(seal));
        const auto& [opened, asked, inRun] = std::tie(run.opened, run.asked, run.copy);
        ASSERT_TRUE(isMadeOfCoefficients(asked));
        const auto proof = finishedCopy(opened.original, asked, lookAhead(asked));
        const auto bytes = encodedCopy(opened.original, asked, inRun, "jpeg").bytes;
        EXPECT_EQ(bytes, encodedCopy(opened.original, asked, proof, "jpeg").bytes) << kind.name;
        // As seen: the whole frame with its mark is what the copy decodes to, and so is the coarse one.
        const auto seen = decodedCopy(bytes, {});
        EXPECT_LT(difference(seen, proof.frame).first, 1.5) << kind.name;
        const auto held = holdJpeg(MemorySource(bytes), "copy", readFacts(MemorySource(bytes), "copy"));
        EXPECT_LT(difference(held.coarse, inRun.coarse).first, 0.2) << kind.name;
    }
}

TEST_F(Untouched, WhereItTurnsOutNotToDoTheWholePictureIsDecoded) {
    auto colourful = greyBox();
    colourful.parts[0].colour = {250, 20, 20};
    colourful.tone = Tone::Light;
    const InARun run(made({"grey", 1, 1, false, 0, 1, {3203, 149}}), wholeSize(colourful));
    const auto& [opened, asked, inRun] = std::tie(run.opened, run.asked, run.copy);
    ASSERT_TRUE(isMadeOfCoefficients(asked));
    EXPECT_FALSE(inRun.stamped);
    EXPECT_EQ(inRun.frame.rgb, finishedCopy(opened.original, asked, lookAhead(asked)).frame.rgb);
    EXPECT_TRUE(holdsKind(encodedCopy(opened.original, asked, inRun, "jpeg").notes, NoteKind::EncodedAnew));
}

TEST_F(Untouched, ALongHeaderIsReadToItsEnd) {
    auto bytes = jpegOf({"long"});
    Bytes segment(60'002, 0x20);
    segment[0] = 0xFF, segment[1] = 0xED, segment[2] = 60'000 >> 8, segment[3] = 60'000 & 0xFF;
    for (int i = 0; i < 20; ++i)
        bytes.insert(bytes.begin() + 2, segment.begin(), segment.end());
    EXPECT_TRUE(readFacts(MemorySource(bytes), "long.jpg").keepsBlocks);
    EXPECT_FALSE(readFacts(MemorySource(jpegOf({"thirds", 3, 1})), "thirds.jpg").keepsBlocks);
}
