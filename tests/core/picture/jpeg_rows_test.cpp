// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEGs are decoded without libvips: the same pixels, pixel by pixel, as it makes of them.
#include "base/problem.h"
#include "decode/resample.h"
#include "picture/develop.h"
#include "support/changes.h"
#include "support/job.h"
#include "support/support.h"

#include <gtest/gtest.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;
using vips::VImage;

namespace {

struct Kind {
    const char* name;
    VipsForeignSubsample colours;
    bool progressive, grey;
};
constexpr Kind kKinds[] = {{"colours of each pixel", VIPS_FOREIGN_SUBSAMPLE_OFF, false, false},
                           {"colours of four pixels", VIPS_FOREIGN_SUBSAMPLE_ON, false, false},
                           {"progressive", VIPS_FOREIGN_SUBSAMPLE_ON, true, false},
                           {"grey", VIPS_FOREIGN_SUBSAMPLE_OFF, false, true}};

Bytes coded(const Frame& frame, const Kind& kind) {
    VImage image = VImage::new_from_memory(const_cast<std::uint8_t*>(frame.rgb.data()), frame.rgb.size(),
                                           frame.size.width, frame.size.height, 3, VIPS_FORMAT_UCHAR)
                       .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
    if (kind.grey)
        image = image.colourspace(VIPS_INTERPRETATION_B_W);
    auto* blob = image.jpegsave_buffer(VImage::option()
                                           ->set("Q", 88)
                                           ->set("subsample_mode", kind.colours)
                                           ->set("interlace", kind.progressive));
    std::size_t length = 0;
    const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(blob, &length));
    Bytes out(data, data + length);
    vips_area_unref(VIPS_AREA(blob));
    return out;
}

/// By libvips' decoder and our resampling alone.
std::vector<std::uint8_t> asLibvipsHasIt(const Bytes& bytes, int shrink, Size to) {
    auto* blob = vips_blob_copy(bytes.data(), bytes.size());
    VImage image = VImage::jpegload_buffer(blob, VImage::option()->set("shrink", shrink)).copy_memory();
    vips_area_unref(VIPS_AREA(blob));
    const auto* pixels = static_cast<const std::uint8_t*>(image.data());
    const auto bands = static_cast<std::size_t>(image.bands()),
               stride = static_cast<std::size_t>(image.width()) * bands;
    std::vector<std::uint8_t> made(pixels, pixels + stride * static_cast<std::size_t>(image.height()));
    if (const Size size{image.width(), image.height()}; !(size == to)) {
        const auto* row = pixels;
        const auto resampled = resample({size, to, image.bands()}, [&](std::uint8_t* next) {
            std::copy_n(row, stride, next);
            row += stride;
        });
        made.assign(resampled.data(), resampled.data() + resampled.size());
    }
    if (bands == 3)
        return made;
    std::vector<std::uint8_t> out;
    for (const auto grey : made)
        out.insert(out.end(), 3, grey);
    return out;
}

std::vector<std::uint8_t> rgbOf(const Frame& frame) {
    return {frame.rgb.data(), frame.rgb.data() + frame.rgb.size()};
}

} // namespace

TEST(JpegRows, AreThoseOfLibvipsPixelByPixel) {
    std::set<int> shrunk;
    for (const Size size : {Size{517, 389}, Size{1203, 802}})
        for (const auto& kind : kKinds) {
            const auto bytes = coded(longSide(drawnScene(3), size.width), kind);
            const MemorySource source(bytes);
            const auto facts = readFacts(source, kind.name);
            ASSERT_TRUE(facts.keepsBlocks);
            for (const int part : {1, 2, 3, 5, 9, 16}) {
                const Size to{facts.size.width / part, facts.size.height / part};
                const auto wish = wholePicture(facts, to);
                const int shrink = decodeShrinkFor(facts, wish);
                shrunk.insert(shrink);
                const auto wanted = asLibvipsHasIt(bytes, shrink, to);
                EXPECT_TRUE(rgbOf(develop(source, kind.name, facts, wish)) == wanted)
                    << kind.name << " 1/" << part;
                const auto decoded =
                    decodePicture(source, kind.name, facts, shrink); // as for several deliveries
                EXPECT_TRUE(rgbOf(develop(source, kind.name, facts, wish, nullptr, decoded)) == wanted)
                    << kind.name << " 1/" << part;
            }
        }
    EXPECT_EQ(shrunk, (std::set<int>{1, 2, 4, 8}));
}

TEST(JpegRows, WhatIsDamagedIsToldAndWhatIsOnlyOddIsRead) {
    const auto whole = coded(longSide(drawnScene(1), 640), kKinds[1]);
    auto odd = whole;
    const Bytes filler(7, 0x11);
    odd.insert(odd.end() - 2, filler.begin(),
               filler.end()); // before the end of the picture: libjpeg complains
    const MemorySource oddSource(odd);
    const auto facts = readFacts(oddSource, "odd");
    const auto wish = wholePicture(facts, {200, 133});
    EXPECT_TRUE(rgbOf(develop(oddSource, "odd", facts, wish)) ==
                asLibvipsHasIt(whole, decodeShrinkFor(facts, wish), {200, 133}));
    const Bytes half(whole.begin(), whole.begin() + static_cast<std::ptrdiff_t>(whole.size() / 2));
    const MemorySource halfSource(half);
    for (const Size to : {facts.size, Size{200, 133}}) {
        const auto problem = problemOf([&] { develop(halfSource, "half", facts, wholePicture(facts, to)); });
        EXPECT_EQ(problem.kind, ProblemKind::NotAPicture);
        EXPECT_NE(problem.happened.english().find("damaged"), std::string::npos);
    }
    EXPECT_EQ(problemOf([&] { decodePicture(halfSource, "half", facts, 1); }).kind, ProblemKind::NotAPicture);
}
