// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/visible_loss.h"
#include "support/support.h"

#include <gtest/gtest.h>
#include <vips/vips8>

#include <cstdlib>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// Texture, edges and a slope of colour, the same each time.
Frame texture(int width, int height) {
    Frame out = plainFrame(width, height, {});
    std::uint32_t state = 12345;
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            state = state * 1664525U + 1013904223U;
            auto* p = out.row(y) + 3 * x;
            const int noise = static_cast<int>(state >> 27), edge = (x / 23 + y / 17) % 3 * 40;
            p[0] = static_cast<std::uint8_t>(30 + x * 90 / width + noise + edge);
            p[1] = static_cast<std::uint8_t>(60 + y * 90 / height + noise + edge / 2);
            p[2] = static_cast<std::uint8_t>(150 - x * 90 / width + noise);
        }
    return out;
}

/// Whole steps of `step`, as a coarse coder leaves them.
Frame coarser(Frame frame, int step) {
    for (auto& value : frame.rgb)
        value = static_cast<std::uint8_t>(std::min(255, (value + step / 2) / step * step));
    return frame;
}

Frame brighter(Frame frame, int by) {
    for (auto& value : frame.rgb)
        value = static_cast<std::uint8_t>(std::min(255, value + by));
    return frame;
}

Frame softer(const Frame& frame) {
    Frame out = frame;
    for (int y = 0; y < frame.size.height; ++y)
        for (int x = 1; x + 1 < frame.size.width; ++x)
            for (int c = 0; c < 3; ++c)
                out.row(y)[3 * x + c] =
                    static_cast<std::uint8_t>((frame.row(y)[3 * x - 3 + c] + 2 * frame.row(y)[3 * x + c] +
                                               frame.row(y)[3 * x + 3 + c] + 2) /
                                              4);
    return out;
}

void savePng(const Frame& frame, const fs::path& path) {
    vips::VImage::new_from_memory(const_cast<std::uint8_t*>(frame.rgb.data()), frame.rgb.size(),
                                  frame.size.width, frame.size.height, 3, VIPS_FORMAT_UCHAR)
        .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB))
        .pngsave(path.c_str());
}

} // namespace

// The values are those of the reference program (ssimulacra2 of libjxl 0.11.2), asked with the same pixels;
// set KEEPSEAL_SAVE_LOSS to a folder to get them as PNGs.
TEST(VisibleLoss, IsWhatTheReferenceProgramSays) {
    struct Case {
        const char* name;
        Frame before, after;
        double reference;
    };
    const auto wide = texture(300, 200), odd = texture(101, 67), tiny = texture(9, 8);
    const std::vector<Case> cases = {{"coarse8", wide, coarser(wide, 8), 90.780},
                                     {"coarse40", wide, coarser(wide, 40), 45.966},
                                     {"brighter", wide, brighter(wide, 3), 93.824},
                                     {"softer", wide, softer(wide), 73.710},
                                     {"odd", odd, softer(odd), 81.950},
                                     {"tiny", tiny, softer(tiny), 92.456}};
    for (const auto& one : cases) {
        if (const char* folder = std::getenv("KEEPSEAL_SAVE_LOSS")) {
            savePng(one.before, fs::path(folder) / (std::string(one.name) + "-before.png"));
            savePng(one.after, fs::path(folder) / (std::string(one.name) + "-after.png"));
        }
        EXPECT_NEAR(visibleLossScore(one.before, one.after), one.reference, 0.15) << one.name;
    }
}

TEST(VisibleLoss, IsNoneForTheSamePixelsAndGrowsWithTheFault) {
    const auto picture = texture(220, 150);
    EXPECT_NEAR(visibleLossScore(picture, picture), 100, 1e-6);
    double last = 100;
    for (const int step : {4, 8, 16, 32}) {
        const double score = visibleLossScore(picture, coarser(picture, step));
        EXPECT_LT(score, last) << step;
        last = score;
    }
    EXPECT_THROW(visibleLossScore(picture, texture(20, 20)), std::logic_error);
}

TEST(VisibleLoss, IsShownAsWhatItIs) {
    const auto picture = texture(40, 30);
    const auto seen = differenceSeen(picture, brighter(picture, 3), 8);
    for (const auto value : seen.rgb)
        ASSERT_EQ(value, 128 + 24);
}
