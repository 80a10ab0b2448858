// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of pixels by our own reading of codes, held against those of libjpeg: to the last bit.
#include "support/jpegs.h"

#include "base/problem.h"
#include "decode/jpeg_blocks.h"
#include "decode/scan_rows.h"

#include <gtest/gtest.h>

#include <optional>

using namespace keepseal;
using namespace keepseal::test;

namespace {

using Samples = std::vector<std::uint8_t>;

Samples byLibjpeg(const Bytes& file, unsigned shrink) {
    JpegReader reader(file);
    reader->scale_denom = shrink;
    jpeg_start_decompress(reader.get());
    const auto stride = reader->output_width * static_cast<std::size_t>(reader->output_components);
    Samples out(stride * reader->output_height);
    while (reader->output_scanline < reader->output_height) {
        JSAMPROW row = out.data() + stride * reader->output_scanline;
        jpeg_read_scanlines(reader.get(), &row, 1);
    }
    EXPECT_FALSE(reader.isDamaged());
    return out;
}

/// None: libjpeg is to be asked, or it is damaged.
std::optional<Samples> byOurs(const Bytes& file, unsigned shrink) {
    JpegReader reader(file);
    reader->scale_denom = shrink;
    const auto rows = ScanRows::from(reader.ahead(), *reader.get());
    if (!rows)
        return std::nullopt;
    const auto stride = reader->output_width * static_cast<std::size_t>(reader->output_components);
    Samples out(stride * reader->output_height);
    for (JDIMENSION y = 0; y < reader->output_height; ++y)
        rows->next(out.data() + stride * y, reader->output_width);
    return rows->isDamaged() ? std::nullopt : std::optional(out);
}

void expectSame(const JpegKind& kind) {
    const auto file = jpegOf(kind);
    for (const unsigned shrink : {1U, 2U, 4U, 8U}) {
        const auto ours = byOurs(file, shrink);
        ASSERT_TRUE(ours) << kind.name << " 1/" << shrink;
        EXPECT_TRUE(*ours == byLibjpeg(file, shrink))
            << kind.name << " 1/" << shrink << ", " << kind.size.width << " x " << kind.size.height;
    }
}

} // namespace

TEST(ScanRows, AreThoseOfLibjpegToTheLastBit) {
    for (const auto& kind : kScans)
        if (kind.down <= kind.across && kind.size.width > 100)
            expectSame(kind);
    expectSame({"the finest steps", 2, 2, false, 0, 3, {611, 300}, true, 255, 100});
    expectSame({"the coarsest", 2, 1, false, 0, 3, {611, 300}, true, 255, 3});
    expectSame({"no texture", 2, 2, false, 0, 3, {611, 300}, true, 0, 80});
}

TEST(ScanRows, EndWhereverTheirPictureEnds) {
    for (const int across : {1, 2})
        for (const int down : {1, across})
            for (int side = 48; side < 66; ++side)
                expectSame({"small", across, down, false, 0, 3, {side, 113 - side}});
}

TEST(ScanRows, LeaveWhatIsUnusualToLibjpeg) {
    const JpegKind unusual[] = {{"progressive", 2, 2, true},
                                {"colour of pixels above each other", 1, 2},
                                {"colour of four pixels beside each other", 4, 1},
                                {"nothing to make samples between", 2, 2, false, 0, 3, {3, 40}}};
    for (const auto& kind : unusual)
        EXPECT_FALSE(byOurs(jpegOf(kind), 1)) << kind.name;
}

TEST(ScanRows, WhatIsDamagedIsNoticedOrReadAndNeverMore) {
    std::mt19937 random(3);
    int noticed = 0;
    const auto whole = jpegOf({"420", 2, 2, false, 5});
    JpegReader reader(whole);
    const auto header = whole.size() - reader.ahead().size();
    for (int round = 0; round < 400; ++round) {
        auto file = whole;
        for (auto flips = random() % 3 + 1; flips > 0; --flips)
            file[header + random() % (file.size() - header)] = static_cast<std::uint8_t>(random());
        if (round % 4 == 0)
            file.resize(header + random() % (file.size() - header));
        noticed += byOurs(file, 1U << round % 4) ? 0 : 1;
    }
    EXPECT_GT(noticed, 100); // a quarter of them end in the midst of it
}
