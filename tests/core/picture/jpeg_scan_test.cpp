// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A scan that is walked through by its codes, held against libjpeg's own reading of the same bytes.
#include "support/jpegs.h"

#include "base/problem.h"
#include "decode/jpeg_blocks.h"
#include "decode/jpeg_scan.h"
#include "picture/develop.h"
#include "picture/untouched.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

struct Scanned {
    Bytes bytes;
    JpegReader header;
    std::unique_ptr<JpegScan> scan;
    explicit Scanned(Bytes file)
        : bytes(std::move(file)), header(bytes), scan(JpegScan::from(header.ahead(), *header.get())) {}
    /// The whole file, with coded data that were written anew.
    Bytes with(ByteSpan coded) {
        Bytes out(bytes.begin(), bytes.end() - static_cast<std::ptrdiff_t>(header.ahead().size()));
        out.insert(out.end(), coded.begin(), coded.end());
        return out;
    }
};

void expectSame(const JpegBlocks& is, const JpegBlocks& wanted, const char* name) {
    ASSERT_EQ(is.components.size(), wanted.components.size()) << name;
    for (std::size_t c = 0; c < is.components.size(); ++c)
        EXPECT_EQ(is.components[c].blocks, wanted.components[c].blocks) << name << ", component " << c;
}

/// None where libjpeg has something to say against it.
std::optional<std::vector<JCOEF>> coefficientsOf(const Bytes& file) {
    try {
        JpegReader reader(file);
        reader.coefficients();
        std::vector<JCOEF> out;
        for (int c = 0; c < reader->num_components; ++c)
            for (JDIMENSION y = 0; y < reader->comp_info[c].height_in_blocks; ++y) {
                const auto* row = reader.row(c, y, false);
                for (JDIMENSION x = 0; x < reader->comp_info[c].width_in_blocks; ++x)
                    out.insert(out.end(), row[x], row[x] + DCTSIZE2);
            }
        return out;
    } catch (const Problem&) {
        return std::nullopt;
    }
}

} // namespace

TEST(JpegScan, ReadsTheSameCoefficientsAsLibjpeg) {
    for (const auto& kind : kScans) {
        const Scanned file(jpegOf(kind));
        ASSERT_TRUE(file.scan) << kind.name;
        const JpegBlocks wanted(file.bytes);
        // All at once, and from the middle on: means of a row are told from those before it.
        for (const auto first : {std::size_t{0}, file.scan->shape().unitsDown / 2}) {
            const auto& all = file.scan->shape();
            auto units = file.scan->blocks({0, first, all.unitsAcross, all.unitsDown});
            for (std::size_t c = 0; c < wanted.components.size(); ++c) {
                const auto& component = wanted.components[c];
                const auto& shape = file.scan->shape().components[c];
                for (auto y = first * shape.down; y < component.down; ++y)
                    for (std::size_t x = 0; x < component.across; ++x) {
                        const auto& block = component.blocks[y * component.across + x];
                        ASSERT_TRUE(std::equal(block.begin(), block.end(), units.block(c, x, y)))
                            << kind.name;
                        ASSERT_EQ(file.scan->means(c)[y * shape.stride + x], block[0]) << kind.name;
                    }
            }
        }
    }
}

TEST(JpegScan, WithoutAChangeEveryBitIsTheOriginals) {
    for (const auto& kind : kScans) {
        Scanned file(jpegOf(kind));
        ASSERT_TRUE(file.scan);
        const auto across = file.scan->shape().unitsAcross, down = file.scan->shape().unitsDown;
        for (const UnitArea area : {UnitArea{},
                                    {0, down / 2, across, down / 2 + 1},
                                    {0, 0, across, down},
                                    {across / 3, down / 2, across / 2, down}}) {
            const auto blocks = file.scan->blocks(area);
            Bytes coded;
            ASSERT_TRUE(file.scan->addExchanged(blocks, coded));
            EXPECT_EQ(file.with(coded), file.bytes) << kind.name;
        }
    }
}

TEST(JpegScan, ChangedBlocksAreReadAsTheyWereWrittenAndNoOtherIsChanged) {
    std::mt19937 random(11);
    int changes = 0;
    const auto below = [&](std::size_t end) { return static_cast<std::size_t>(random()) % end; };
    for (const auto& kind : kScans)
        for (int round = 0; round < 20 && kind.commonTables; ++round) {
            Scanned file(jpegOf(kind));
            ASSERT_TRUE(file.scan);
            JpegBlocks wanted(file.bytes);
            const auto& shape = file.scan->shape();
            UnitArea area{below(shape.unitsAcross), below(shape.unitsDown), 0, 0};
            area.right = area.left + 1 + below(shape.unitsAcross - area.left);
            area.bottom = area.top + 1 + below(shape.unitsDown - area.top);
            auto units = file.scan->blocks(area);
            for (int change = 0; change < 12; ++change) {
                const auto column = area.left + below(area.width()), row = area.top + below(area.height());
                const auto next = row * shape.unitsAcross + column + 1;
                const bool nextIsThere =
                    area.holds({next % shape.unitsAcross, next / shape.unitsAcross,
                                next % shape.unitsAcross + 1, next / shape.unitsAcross + 1});
                if (!nextIsThere && next != shape.units() && next % shape.restart != 0)
                    continue; // its mean is told from this one
                const auto c = below(wanted.components.size());
                auto& component = wanted.components[c];
                const auto x = column * shape.components[c].across + below(shape.components[c].across),
                           y = row * shape.components[c].down + below(shape.components[c].down);
                if (x >= component.across || y >= component.down)
                    continue;
                auto& block = component.blocks[y * component.across + x];
                for (int i = 0; i < 5; ++i) // large and small, of either sign, and runs of zeros between them
                    block[below(DCTSIZE2)] = static_cast<JCOEF>(static_cast<int>(below(1600)) - 800);
                units.put(c, x, y, *reinterpret_cast<const JBLOCK*>(block.data()));
                ++changes;
            }
            Bytes coded;
            ASSERT_TRUE(file.scan->addExchanged(units, coded)) << kind.name;
            expectSame(JpegBlocks(file.with(coded)), wanted, kind.name);
        }
    EXPECT_GT(changes, 500);
}

TEST(JpegScan, WhereWhatFollowsWouldBeWrongNothingIsWritten) {
    Scanned file(jpegOf({"420"}));
    const auto& shape = file.scan->shape();
    for (const UnitArea area : {UnitArea{0, 2, shape.unitsAcross, 4}, {3, 2, 6, 4}}) {
        auto units = file.scan->blocks(area);
        const auto x = area.right * 2 - 1, y = area.bottom * 2 - 1;
        JBLOCK last;
        std::copy_n(units.block(0, x, y), DCTSIZE2, last);
        last[0] = static_cast<JCOEF>(last[0] + 9);
        units.put(0, x, y, last);
        Bytes coded;
        EXPECT_FALSE(file.scan->addExchanged(units, coded));
    }
}

TEST(JpegScan, AMarkThatTheTablesOfAPlainPictureHaveNoCodesForIsPutOnAllTheSame) {
    const auto bytes = jpegOf({"plain", 2, 2, false, 0, 3, {203, 149}, false, 1});
    const MemorySource source(bytes);
    const auto facts = readFacts(source, "plain.jpg");
    ChangedPart part;
    part.area = {32, 48, 64, 32};
    std::mt19937 random(5);
    for (int i = 0; i < 64 * 32 * 3; ++i)
        part.rgb.push_back(static_cast<std::uint8_t>(random()));
    part.cells.assign(8 * 4, 1);
    // It is the case that is meant: the scan by itself can't.
    Scanned file(bytes);
    ASSERT_TRUE(file.scan);
    auto units = file.scan->blocks({0, 3, file.scan->shape().unitsAcross, 6});
    JBLOCK busy{};
    for (std::size_t k = 1; k < DCTSIZE2; ++k)
        busy[k] = static_cast<JCOEF>(k * 7);
    units.put(0, 4, 6, busy);
    Bytes coded;
    ASSERT_FALSE(file.scan->addExchanged(units, coded));

    const auto stamped = stampedJpeg(holdJpeg(source, "plain.jpg", facts).coefficients, part);
    const JpegBlocks was(bytes), is(stamped);
    std::size_t other = 0;
    for (std::size_t i = 0; i < was.components[0].blocks.size(); ++i) {
        const auto x = i % was.components[0].across, y = i / was.components[0].across;
        const bool inside = x >= 4 && x < 12 && y >= 6 && y < 10;
        other += was.components[0].blocks[i] != is.components[0].blocks[i];
        EXPECT_TRUE(inside || was.components[0].blocks[i] == is.components[0].blocks[i]) << i;
    }
    EXPECT_EQ(other, 8U * 4U);
}

TEST(JpegScan, WhatIsCodedOtherwiseIsLeftToLibjpeg) {
    EXPECT_FALSE(Scanned(jpegOf({"progressive", 2, 2, true})).scan);
    auto bytes = jpegOf({"420"});
    EXPECT_FALSE(Scanned(Bytes(bytes.begin(), bytes.end() - 2)).scan) << "without its end";
    auto longer = bytes;
    longer.insert(longer.end() - 2, 3, 0x55);
    EXPECT_FALSE(Scanned(longer).scan) << "bytes that no picture is told by";
    auto restarts = jpegOf({"restart", 2, 2, false, 3});
    const Bytes third = {0xff, 0xd2};
    const auto at = std::search(restarts.begin(), restarts.end(), third.begin(), third.end());
    ASSERT_NE(at, restarts.end());
    at[1] = 0xd3;
    EXPECT_FALSE(Scanned(restarts).scan) << "a restart marker that is not the next";
}

TEST(JpegScan, WhateverByteIsWrongItReadsAsLibjpegDoesOrNotAtAll) {
    std::size_t taken = 0, left = 0;
    for (const auto& kind :
         {JpegKind{"small", 2, 2, false, 0, 3, {40, 33}}, JpegKind{"restart", 2, 1, false, 2, 3, {40, 33}},
          JpegKind{"grey", 1, 1, false, 0, 1, {40, 33}}}) {
        const auto good = jpegOf(kind);
        for (std::size_t i = 2; i < good.size(); ++i)
            for (const int wrong : {1, 0x80, 0xff}) {
                auto bad = good;
                bad[i] = static_cast<std::uint8_t>(bad[i] ^ wrong);
                std::optional<Scanned> file;
                try {
                    file.emplace(bad);
                } catch (const Problem&) { // no JPEG any more
                }
                if (!file || !file->scan || file->header.isDamaged()) {
                    ++left;
                    continue;
                }
                ++taken;
                Bytes coded;
                const auto& shape = file->scan->shape();
                const auto blocks = file->scan->blocks({0, 0, shape.unitsAcross, shape.unitsDown});
                ASSERT_TRUE(file->scan->addExchanged(blocks, coded));
                const auto wanted = coefficientsOf(bad);
                ASSERT_TRUE(wanted) << kind.name << ", byte " << i << ": libjpeg finds it damaged";
                ASSERT_EQ(coefficientsOf(file->with(coded)), wanted) << kind.name << ", byte " << i;
            }
    }
    EXPECT_GT(taken, 500U); // other values, rightly coded
    EXPECT_GT(left, 500U);
}
