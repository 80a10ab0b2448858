// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Damaged and forged files of the kinds that libraries read for us, given to workers as programs do: each is
// read, or refused in words; never is the program harmed, nor kept waiting.
#include "base/problem.h"
#include "demo/raw_file.h"
#include "picture/develop.h"
#include "privacy/report.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <random>

using namespace keepseal;
using namespace keepseal::test;

namespace {

std::string littleEndian(std::uint32_t value, int bytes) {
    std::string out;
    for (int i = 0; i < bytes; ++i)
        out += static_cast<char>(value >> (8 * i));
    return out;
}

std::string rawSample() {
    demo::RawScene scene;
    scene.width = 64, scene.height = 48;
    scene.light = [](int x, int y) { return std::array<double, 3>{x / 64.0, y / 48.0, 0.3}; };
    scene.place = true;
    return demo::rawFile(scene);
}

std::string bitmapSample() {
    std::string out = "BM" + littleEndian(54 + 40 * 30 * 3, 4) + littleEndian(0, 4) + littleEndian(54, 4) +
                      littleEndian(40, 4) + littleEndian(40, 4) + littleEndian(30, 4) +
                      std::string("\1\0\x18\0", 4) + std::string(24, '\0');
    for (int i = 0; i < 40 * 30 * 3; ++i)
        out += static_cast<char>(i);
    return out;
}

std::string mapSample() {
    return "P6\n# a map\n20 10\n255\n" + std::string(600, 'k');
}

/// A GIF of two frames, its pixels in codes that are never packed.
std::string gifSample() {
    std::string frame = std::string("\x21\xF9\x04\0\x0A\0\0\0", 8) + "," + littleEndian(0, 4) +
                        littleEndian(4, 2) + littleEndian(4, 2) + std::string(1, '\0') +
                        std::string("\x02\x07\x84\x8F\xA9\xCB\xED\x5F\x05\0", 10);
    return "GIF89a" + littleEndian(4, 2) + littleEndian(4, 2) + std::string("\x81\0\0", 3) +
           std::string("\0\0\0\xFF\0\0\0\xFF\0\0\0\xFF", 12) + frame + frame + ";";
}

std::string pdfSample() {
    return "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count "
           "1>>endobj\n"
           "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 72 72]/Contents 4 0 R>>endobj\n"
           "4 0 obj<</Length 33>>stream\n1 0 0 rg 10 10 50 50 re f\nendstream endobj\n"
           "trailer<</Size 5/Root 1 0 R>>\n%%EOF\n";
}

std::string svgSample() {
    return "<svg xmlns='http://www.w3.org/2000/svg' width='20' height='10'><rect width='9' height='9' "
           "fill='red'/></svg>";
}

/// Everything a program asks of an original. True: it was read; false: it was refused, in words.
bool readWhole(const std::string& file) {
    const MemorySource source({reinterpret_cast<const std::uint8_t*>(file.data()), file.size()});
    inspect(source);
    try {
        const auto facts = readFacts(source, "sample");
        const Size target{std::min(facts.size.width, 40), std::min(facts.size.height, 40)};
        develop(source, "sample", facts, wholePicture(facts, target));
        return true;
    } catch (const Problem& problem) {
        EXPECT_FALSE(problem.happened.empty());
        return false;
    }
}

const std::map<std::string, std::string>& kindSamples() {
    static const std::map<std::string, std::string> all = {{"raw", rawSample()}, {"bmp", bitmapSample()},
                                                           {"pnm", mapSample()}, {"gif", gifSample()},
                                                           {"pdf", pdfSample()}, {"svg", svgSample()}};
    return all;
}

} // namespace

class HostileKinds : public ::testing::TestWithParam<std::string> {};

TEST_P(HostileKinds, CutOffAtEveryLengthTheyAreReadOrRefused) {
    const auto& whole = kindSamples().at(GetParam());
    EXPECT_TRUE(readWhole(whole));
    const std::size_t step = std::max<std::size_t>(1, whole.size() / (kSanitized ? 12 : 60));
    for (std::size_t length = 0; length < whole.size(); length += step)
        readWhole(whole.substr(0, length));
}

TEST_P(HostileKinds, WithBitsFlippedTheyAreReadOrRefused) {
    std::mt19937 random(17);
    for (int round = 0; round < (kSanitized ? 15 : 80); ++round) {
        auto file = kindSamples().at(GetParam());
        // Headers decide: half of the flips hit the first bytes or the last.
        for (int flips = 1 + static_cast<int>(random() % 6); flips > 0; --flips) {
            const std::size_t reach = random() % 2 ? file.size() : std::min<std::size_t>(file.size(), 200);
            const std::size_t at = random() % 4 ? random() % reach : file.size() - 1 - random() % reach;
            file[at] = static_cast<char>(file[at] ^ (1 << random() % 8));
        }
        readWhole(file);
    }
}
INSTANTIATE_TEST_SUITE_P(All, HostileKinds, ::testing::Values("raw", "bmp", "pnm", "gif", "pdf", "svg"),
                         [](const auto& one) { return one.param; });

TEST(HostileKinds, WhatClaimsMoreThanItHoldsIsRefusedBeforeItTakesMemory) {
    const std::map<std::string, std::string> forged = {
        {"a BMP of 60000 x 60000 in 200 bytes", "BM" + littleEndian(200, 4) + littleEndian(0, 4) +
                                                    littleEndian(54, 4) + littleEndian(40, 4) +
                                                    littleEndian(60000, 4) + littleEndian(60000, 4) +
                                                    std::string("\1\0\x18\0", 4) + std::string(160, '\0')},
        {"a map of 90000 x 90000", "P6\n90000 90000\n255\n" + std::string(100, 'x')},
        {"a GIF of 65535 x 65535", "GIF89a" + littleEndian(65535, 2) + littleEndian(65535, 2) +
                                       std::string("\x80\0\0\0\0\0\xFF\xFF\xFF", 9) + "," +
                                       littleEndian(0, 4) + littleEndian(65535, 2) + littleEndian(65535, 2) +
                                       std::string("\0\x02\x02\x4C\1\0;", 7)},
        {"a PDF whose page is a mile wide",
         "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count "
         "1000000000>>endobj\n3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 4000000 4000000]>>endobj\n"
         "trailer<</Size 4/Root 1 0 R>>\n%%EOF\n"},
        {"a PDF that is its own parent",
         "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[2 0 R 2 0 R]/Count "
         "2/Parent 2 0 R>>endobj\ntrailer<</Size 3/Root 1 0 R>>\n%%EOF\n"},
        {"a PDF that is locked",
         "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[]/Count "
         "0>>endobj\n3 0 "
         "obj<</Filter/Standard/V 2/R "
         "3/O(00000000000000000000000000000000)/U(00000000000000000000000000000000)/P "
         "-4>>endobj\ntrailer<</Size 4/Root 1 0 R/Encrypt 3 0 "
         "R/ID[(0000000000000000)(0000000000000000)]>>\n%%EOF\n"}};
    for (const auto& [name, file] : forged)
        EXPECT_FALSE(readWhole(file)) << name;
    // A raw file with a million tags: its directory says so.
    auto raw = kindSamples().at("raw");
    const auto first = static_cast<std::size_t>(static_cast<unsigned char>(raw[4])) |
                       static_cast<std::size_t>(static_cast<unsigned char>(raw[5])) << 8;
    raw[first] = raw[first + 1] = '\xFF';
    readWhole(raw);
}
