// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Our own resampling, against the same sums in double precision and against arithmetic by hand.
#include "decode/light_rows.h"
#include "decode/resample.h"
#include "decode/resample_passes.h"
#include "picture/develop.h"
#include "picture/original.h"
#include "support/chain.h"
#include "support/seals.h"

#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <random>

using namespace keepseal;
using namespace keepseal::test;

namespace {

double lanczos(double x) {
    return x == 0             ? 1
           : std::abs(x) >= 3 ? 0
                              : 3 * std::sin(M_PI * x) * std::sin(M_PI * x / 3) / (M_PI * M_PI * x * x);
}

/// Of each of `to` pixels: the first neighbour, and the weights from there on.
std::vector<std::pair<int, std::vector<double>>> weightsOf(int from, int to) {
    std::vector<std::pair<int, std::vector<double>>> out;
    const double step = double(from) / to, stretch = std::max(1.0, step);
    for (int o = 0; o < to; ++o) {
        const double centre = (o + 0.5) * step - 0.5;
        out.emplace_back(static_cast<int>(std::ceil(centre - 3 * stretch)), std::vector<double>());
        for (int i = out.back().first; i <= centre + 3 * stretch; ++i)
            out.back().second.push_back(lanczos((i - centre) / stretch));
    }
    return out;
}

double asItIs(double value) {
    return value;
}
/// sRGB's curve (IEC 61966-2-1), from values of 0 to 255 to light of 0 to 255, and back.
double lightOf(double value) {
    const double v = value / 255;
    return 255 * (v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4));
}
double valueOf(double light) {
    const double l = light / 255;
    return 255 * (l <= 0.0031308 ? 12.92 * l : 1.055 * std::pow(l, 1 / 2.4) - 0.055);
}

/// Every pixel as the double sum over its whole neighbourhood, no pass apart from the other. `in`, `back`:
/// what is summed is not the values but what they stand for.
std::vector<double> exactly(const Frame& from, Size to, double (*in)(double) = asItIs,
                            double (*back)(double) = asItIs) {
    std::array<double, 256> worth{};
    for (std::size_t i = 0; i < worth.size(); ++i)
        worth[i] = in(static_cast<double>(i));
    std::vector<double> out;
    const auto across = weightsOf(from.size.width, to.width), down = weightsOf(from.size.height, to.height);
    for (const auto& [top, rows] : down)
        for (const auto& [left, columns] : across) {
            double sum[3] = {}, all = 0;
            for (std::size_t j = 0; j < rows.size(); ++j)
                for (std::size_t i = 0; i < columns.size(); ++i) {
                    const double w = rows[j] * columns[i];
                    const auto* p = pixelAt(from, std::clamp(left + int(i), 0, from.size.width - 1),
                                            std::clamp(top + int(j), 0, from.size.height - 1));
                    all += w;
                    for (int c = 0; c < 3; ++c)
                        sum[c] += w * worth[p[c]];
                }
            for (const double value : sum)
                out.push_back(back(std::clamp(value / all, 0.0, 255.0)));
        }
    return out;
}

Frame noise(Size size, unsigned seed) {
    Frame out = plainFrame(size.width, size.height, {});
    std::mt19937 random(seed);
    for (auto& value : out.rgb)
        value = static_cast<std::uint8_t>(random() >> 24);
    return out;
}

/// Fields, slopes, soft edges and fine grain, as a camera's picture has them.
Frame sceneLike(Size size) {
    Frame out = plainFrame(size.width, size.height, {});
    std::mt19937 random(5);
    std::normal_distribution<double> grain(0, 4);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x)
            for (int c = 0; c < 3; ++c) {
                const double hill = 60 * std::sin(x / 97.0 + c) * std::cos(y / 71.0);
                const double edge = 40 * std::tanh((x + y * 0.7 - size.width * 0.6) / 4);
                const double weave = 12 * std::sin(x * 0.45) * std::sin(y * 0.38);
                out.row(y)[3 * x + c] = static_cast<std::uint8_t>(
                    std::clamp(125 + hill + edge + weave + grain(random), 0.0, 255.0));
            }
    return out;
}

Pixels<std::uint8_t> resampled(const Frame& from, Size to, bool linear = false) {
    int y = 0;
    return resample({from.size, to, 3, ResampleKernel::Lanczos3, linear}, [&](std::uint8_t* row) {
        std::copy_n(from.row(y++), static_cast<std::size_t>(from.size.width) * 3, row);
    });
}

double decibels(double squares, std::size_t count) {
    return 10 * std::log10(255.0 * 255.0 / std::max(1e-9, squares / static_cast<double>(count)));
}

} // namespace

TEST(Resample, IsTheSumInDoublePrecisionOnEveryShape) {
    for (const auto& [from, to] : {std::pair{Size{90, 61}, Size{40, 27}},
                                   {{90, 61}, {90, 13}},
                                   {{30, 20}, {77, 51}},
                                   {{200, 3}, {7, 3}},
                                   {{5, 5}, {1, 1}},
                                   {{1, 1}, {9, 4}},
                                   {{64, 64}, {63, 63}}}) {
        const auto frame = noise(from, 3);
        const auto wanted = exactly(frame, to);
        const auto got = resampled(frame, to);
        ASSERT_EQ(got.size(), wanted.size());
        for (std::size_t i = 0; i < got.size(); ++i)
            ASSERT_NEAR(got[i], wanted[i], 0.51)
                << from.width << " to " << to.width << " at " << i; // rounded once
    }
}

TEST(Resample, GreyIsAsRgbAndARowThatFailsEndsIt) {
    const auto frame = noise({50, 40}, 4);
    int y = 0;
    const auto grey = resample({{50, 40}, {21, 17}, 1}, [&](std::uint8_t* row) {
        for (int x = 0; x < 50; ++x)
            row[x] = frame.row(y)[3 * x];
        ++y;
    });
    Frame spread = frame;
    for (std::size_t i = 0; i < spread.rgb.size(); ++i)
        spread.rgb[i] = frame.rgb[i / 3 * 3];
    const auto rgb = resampled(spread, {21, 17});
    for (std::size_t i = 0; i < grey.size(); ++i)
        EXPECT_EQ(grey[i], rgb[3 * i]);
    EXPECT_THROW(
        resample({{50, 40}, {21, 17}, 3}, [](std::uint8_t*) { throw std::runtime_error("damaged"); }),
        std::runtime_error);
}

TEST(Resample, InLinearLightACheckerboardKeepsItsBrightness) {
    Frame board = plainFrame(240, 160, {});
    for (int y = 0; y < 160; ++y)
        for (int x = 0; x < 240; ++x)
            for (int c = 0; c < 3; ++c)
                board.row(y)[3 * x + c] = (x + y) % 2 ? 255 : 0;
    const auto light = resampled(board, {40, 27}, true), code = resampled(board, {40, 27});
    for (std::size_t i = 0; i < light.size(); ++i) {
        const auto x = i / 3 % 40, y = i / 120;
        if (x < 2 || x > 37 || y < 2 || y > 24)
            continue;                  // beyond the edge lies its last pixel, and the board is none there
        EXPECT_NEAR(light[i], 188, 1); // half the light: 255 * (1.055 * 0.5^(1/2.4) - 0.055)
        EXPECT_NEAR(code[i], 128, 1);
    }
    const auto flat = resampled(plainFrame(50, 50, {17, 140, 203}), {20, 20}, true);
    EXPECT_EQ((std::vector<int>{flat[0], flat[1], flat[2]}), (std::vector<int>{17, 140, 203}));
}

TEST(Resample, RowsOfLightAreTheMeansOfWhatStandsBesideEachOther) {
    for (const int shrink : {1, 2, 4, 8})
        for (const int channels : {1, 3})
            for (const auto& size : {Size{64, 32}, Size{61, 33}, Size{7, 9}, Size{1, 1}}) {
                const auto frame = noise(size, static_cast<unsigned>(shrink + channels));
                const auto value = [&](int x, int y, int c) {
                    return frame.row(std::min(y, size.height - 1))[3 * std::min(x, size.width - 1) + c];
                };
                int y = 0;
                const std::function<void(std::uint8_t*)> next = [&](std::uint8_t* row) {
                    ASSERT_LT(y, size.height) << "no more rows than there are";
                    for (int x = 0; x < size.width; ++x)
                        for (int c = 0; c < channels; ++c)
                            row[x * channels + c] = value(x, y, c);
                    ++y;
                };
                LightRows rows(size, channels, shrink, next);
                ASSERT_EQ(rows.size(),
                          (Size{(size.width + shrink - 1) / shrink, (size.height + shrink - 1) / shrink}));
                std::vector<std::uint16_t> row(static_cast<std::size_t>(rows.size().width * channels) + 1, 7);
                for (int v = 0; v < rows.size().height; ++v) {
                    rows.next(row.data());
                    for (int i = 0; i + 1 < int(row.size()); ++i) {
                        double sum = 0;
                        for (int k = 0; k < shrink * shrink; ++k)
                            sum += lightOf(value(i / channels * shrink + k % shrink, v * shrink + k / shrink,
                                                 i % channels));
                        ASSERT_NEAR(row[static_cast<std::size_t>(i)], sum / (shrink * shrink) / 255 * 65535,
                                    1.01)
                            << shrink << " " << channels << " " << size.width;
                    }
                }
                EXPECT_EQ(row.back(), 7) << "written past the end";
                EXPECT_EQ(y, size.height);
            }
}

TEST(Resample, InLinearLightWhatIsMeantFirstCostsNothingThatIsSeen) {
    const auto scene = sceneLike({360, 240});
    for (const int width : {24, 50, 120, 183}) { // by 8, 4, 2, not at all
        const Size to{width, width * 2 / 3};
        const auto wanted = exactly(scene, to, lightOf, valueOf);
        const auto copy = resampled(scene, to, true);
        double squares = 0;
        for (std::size_t i = 0; i < wanted.size(); ++i)
            squares += (copy[i] - wanted[i]) * (copy[i] - wanted[i]);
        EXPECT_GE(decibels(squares, wanted.size()), 45) << width;
    }
}

class LinearLight : public ::testing::TestWithParam<const char*> {};

/// Through the whole reader: JPEGs, which must not be shrunk in code values while decoding, 16 bits and
/// opacity.
TEST_P(LinearLight, HoldsForEveryKindOfFile) {
    const TempFolder folder;
    const std::string kind = GetParam();
    const auto file = folder / ("board." + kind.substr(0, kind.find('-')));
    Frame board = plainFrame(256, 256, {});
    for (int y = 0; y < 256; ++y)
        for (int x = 0; x < 256; ++x)
            for (int c = 0; c < 3; ++c)
                board.row(y)[3 * x + c] = (x + y) % 2 ? 255 : 0;
    const bool deep = kind == "png-deep", alpha = kind == "png-alpha";
    if (deep) {
        board.deep.resize(board.rgb.size());
        std::transform(board.rgb.begin(), board.rgb.end(), board.deep.begin(),
                       [](auto v) { return v * 257; });
        board.rgb.clear();
    }
    if (alpha)
        board.alpha.assign(board.rgb.size() / 3, 128);
    FileSettings settings;
    settings.depth = deep ? BitDepth::Sixteen : BitDepth::Eight;
    writeFile(file,
              kind == "jpg" ? encodeJpeg(board, 100) : encodePixels(board, settings, outputFormat("png")));
    const Original original(file);
    const auto facts = readFacts(original, "board");
    auto wish = wholePicture(facts, {32, 32});
    wish.linearLight = true;
    wish.deep = deep;
    wish.keepAlpha = alpha;
    const auto small = develop(original, "board", facts, wish);
    for (int c = 0; c < 3; ++c)
        EXPECT_NEAR(deep ? small.rowOf<std::uint16_t>(16)[48 + c] / 257.0 : small.row(16)[48 + c], 188, 2);
    if (alpha) {
        EXPECT_NEAR(small.alphaRow(16)[16], 128, 1);
    }
}
INSTANTIATE_TEST_SUITE_P(All, LinearLight, ::testing::Values("jpg", "png", "png-deep", "png-alpha"));

TEST(Resample, AShrinkWhileDecodingCostsNothingThatIsSeen) {
    const TempFolder folder;
    const Size size{720, 480};
    writeFile(folder / "scene.jpg", encodeJpeg(sceneLike(size), 92));
    const Original original(folder / "scene.jpg");
    const auto facts = readFacts(original, "scene");
    const auto whole = develop(original, "scene", facts, wholePicture(facts, size));
    for (const int width : {36, 52, 72, 90, 108, 144, 178, 182, 246, 354, 366, 492}) {
        const Size to{width, width * 2 / 3};
        const auto copy = develop(original, "scene", facts, wholePicture(facts, to));
        const auto wanted = exactly(whole, to);
        double squares = 0;
        for (std::size_t i = 0; i < wanted.size(); ++i)
            squares += (copy.rgb[i] - wanted[i]) * (copy.rgb[i] - wanted[i]);
        EXPECT_GE(decibels(squares, wanted.size()), 45) << width;
    }
}

TEST(Resample, HalvedIsTheMeanOfTwoByTwoWhateverItsLength) {
    std::mt19937 random(30);
    for (const int n : {0, 1, 7, 8, 15, 16, 31, 32, 33, 64, 100, 257}) {
        std::vector<std::uint8_t> upper(static_cast<std::size_t>(6 * n)), lower(upper.size()),
            out(static_cast<std::size_t>(3 * n) + 1, 77);
        for (auto* row : {&upper, &lower})
            for (auto& value : *row)
                value = random() % 3 == 0 ? 255 : static_cast<std::uint8_t>(random());
        halveThree(upper.data(), lower.data(), n, out.data());
        for (std::size_t x = 0; x < static_cast<std::size_t>(n); ++x)
            for (std::size_t c = 0; c < 3; ++c) {
                const int sum =
                    upper[6 * x + c] + upper[6 * x + 3 + c] + lower[6 * x + c] + lower[6 * x + 3 + c];
                ASSERT_EQ(out[3 * x + c], (sum + 2) / 4) << n << " " << x;
            }
        EXPECT_EQ(out.back(), 77) << "written past the end";
    }
}
