// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "geometry/fit.h"
#include "support/chain.h"

#include <gtest/gtest.h>
#include <vips/vips8>

#include <cmath>

using namespace keepseal;
using namespace keepseal::test;

namespace {

Frame boxShrunk(const Frame& large, int factor) {
    Frame out;
    out.size = {large.size.width / factor, large.size.height / factor};
    out.picture = {0, 0, out.size.width, out.size.height};
    for (int y = 0; y < out.size.height; ++y)
        for (int x = 0; x < out.size.width; ++x)
            for (int c = 0; c < 3; ++c) {
                int sum = 0;
                for (int j = 0; j < factor; ++j)
                    for (int i = 0; i < factor; ++i)
                        sum += large.row(y * factor + j)[3 * (x * factor + i) + c];
                out.rgb.push_back(
                    static_cast<std::uint8_t>(std::lround(static_cast<double>(sum) / (factor * factor))));
            }
    return out;
}

Delivery look() {
    Delivery delivery;
    delivery.seal.setText("Tidemark\n2026");
    delivery.seal.size = 11;
    return delivery;
}

} // namespace

TEST(Compare, TheComparerSeesWhatItShould) {
    const auto grey = plainFrame(40, 30, {100, 100, 100});
    auto other = grey;
    EXPECT_EQ(difference(grey, other).second, 0);
    other.rgb[static_cast<std::size_t>(3 * (29 * 40 + 39) + 2)] = 150; // the last pixel of the last row
    EXPECT_EQ(difference(grey, other).second, 50);
    EXPECT_EQ(boxShrunk(plainFrame(40, 30, {9, 8, 7}), 2).rgb, plainFrame(20, 15, {9, 8, 7}).rgb);
}

struct Shape {
    int width, height, orientation;
};
class ProofEqualsCopy : public ::testing::TestWithParam<Shape> {};

TEST_P(ProofEqualsCopy, OnlySmaller) {
    const TempFolder folder;
    Planted planted;
    planted.orientation = GetParam().orientation;
    makePicture(folder / "p.jpg", GetParam().width, GetParam().height, planted);
    const Opened picture(folder / "p.jpg");
    const auto delivery = look();
    const Size copy = chainSizes(delivery, picture.facts.size).fitted;
    const Size proof{copy.width / 4, copy.height / 4};
    const auto shrunk = boxShrunk(picture.frame(delivery, {proof.width * 4, proof.height * 4}), 4);
    const auto [mean, most] = difference(shrunk, picture.frame(delivery, proof));
    EXPECT_LT(mean, 0.8);
    EXPECT_LT(most, 26); // single pixels at the letters' edges, where two ways of averaging meet
    auto moved = delivery;
    moved.seal.anchor = Anchor::TopLeft;
    EXPECT_GT(difference(shrunk, picture.frame(moved, proof)).second, 60); // and another place is told apart
}
INSTANTIATE_TEST_SUITE_P(Shapes, ProofEqualsCopy,
                         ::testing::Values(Shape{1600, 1200, 1}, Shape{1200, 1600, 1}, Shape{1200, 1200, 1},
                                           Shape{3200, 800, 1}, Shape{1600, 1200, 6}, Shape{1600, 1200, 8},
                                           Shape{1600, 1200, 3}));

TEST(ChainSizes, FollowTheFitStation) {
    Delivery delivery;
    EXPECT_EQ(chainSizes(delivery, {6000, 4000}).fitted, (Size{2048, 1365}));
    delivery.fit.on = false;
    EXPECT_EQ(chainSizes(delivery, {6000, 4000}).fitted, (Size{6000, 4000}));
    delivery.fit.on = true;
    delivery.fit.longSide = 9000;
    EXPECT_EQ(chainSizes(delivery, {6000, 4000}).fitted, (Size{6000, 4000}));
}

TEST(Encode, TheFileStationsSettingsReachTheFile) {
    const TempFolder folder;
    makePicture(folder / "p.png", 640, 480);
    const Opened picture(folder / "p.png");
    std::map<std::string, std::uintmax_t> sizes;
    for (const int quality : {40, 90})
        for (const std::string chroma : {"smaller", "full"}) {
            auto delivery = look();
            delivery.file.set("quality", double(quality));
            delivery.file.set("chroma", chroma);
            const auto bytes = picture.copy(delivery);
            const auto name = std::to_string(quality) + chroma;
            writeFile(folder / (name + ".jpg"), bytes);
            sizes[name] = bytes.size();
            EXPECT_EQ(exiftool(folder / (name + ".jpg"), "YCbCrSubSampling"),
                      chroma == "full" ? "1 1" : "2 2")
                << name;
            EXPECT_EQ(exiftool(folder / (name + ".jpg"), "ColorSpace"), "1");
        }
    EXPECT_LT(sizes["40smaller"], sizes["90smaller"]);
    EXPECT_LT(sizes["90smaller"], sizes["90full"]);
}

TEST(Encode, ACopyDecodesToTheFrameItWasMadeFrom) {
    const TempFolder folder;
    makePicture(folder / "p.png", 320, 240);
    const Opened picture(folder / "p.png");
    auto delivery = look();
    delivery.file.set("quality", 100.0);
    delivery.file.set("chroma", "full");
    const auto frame = picture.frame(delivery, {320, 240});
    writeFile(folder / "copy.jpg", copyOf(frame, delivery));
    auto none = delivery;
    none.seal.on = false;
    EXPECT_LT(difference(Opened(folder / "copy.jpg").frame(none, {320, 240}), frame).first, 0.8);
    writeFile(folder / "proof.png", encodePng(frame));
    EXPECT_EQ(difference(Opened(folder / "proof.png").frame(none, {320, 240}), frame).second, 0);
}

TEST(Render, EveryDesignHoldsFromTinyToHuge) {
    for (const auto& [width, height] :
         {std::pair{300, 200}, {200, 300}, {64, 64}, {3000, 300}, {300, 3000}, {6000, 4000}}) {
        if (kSanitized && width > 3000)
            continue;
        Frame frame = plainFrame(width, height, {90, 90, 90});
        auto delivery = look();
        delivery.fit.on = false;
        const auto box = drawSeal(*prepareSeal(delivery.seal), frame).box;
        EXPECT_FALSE(box.empty());
        EXPECT_GE(box.x, 0);
        EXPECT_GE(box.y, 0);
        EXPECT_LE(box.x + box.width, width + 0.01);
        EXPECT_LE(box.y + box.height, height + 0.01);
    }
}

TEST(Render, AProfileThatCannotBeUsedIsSetAsideAndSaid) {
    const TempFolder folder;
    const auto path = folder / "bad.png";
    auto image = vips::VImage::black(32, 32, vips::VImage::option()->set("bands", 3))
                     .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
    image = image.copy();
    static const char junk[] = "this is no colour profile at all, only text that takes its place";
    image.set(VIPS_META_ICC_NAME, nullptr, const_cast<char*>(junk), sizeof junk);
    image.tiffsave((folder / "bad.tif").c_str());
    const Opened picture(folder / "bad.tif");
    Notes notes;
    const auto frame = picture.stages({}, {16, 16}).base.made(picture.original, picture.facts, &notes);
    EXPECT_EQ(frame.size, (Size{16, 16}));
    EXPECT_TRUE(holdsKind(notes, NoteKind::ProfileSetAside));
}

TEST(Render, AskingForMoreMemoryForLargerPictures) {
    PictureFacts jpeg;
    jpeg.container = Container::Jpeg;
    jpeg.stored = jpeg.size = {6000, 4000};
    PictureFacts png = jpeg;
    png.container = Container::Png;
    png.wholeAtOnce = true; // interlaced
    const auto memory = [](const PictureFacts& facts, Size target) {
        return developMemory(facts, wholePicture(facts, target));
    };
    EXPECT_LT(memory(jpeg, {2048, 1365}), memory(jpeg, {6000, 4000}));
    EXPECT_LT(memory(jpeg, {2048, 1365}), memory(png, {2048, 1365}));
    auto deep = wholePicture(png, {2048, 1365});
    deep.deep = true;
    EXPECT_LT(memory(png, {2048, 1365}), developMemory(png, deep));
}
