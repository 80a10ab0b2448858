// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cage/cage.h"
#include "document/decoded_pictures.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <csignal>
#include <thread>

namespace keepseal::app {

using namespace keepseal::test;

class Decoded : public ::testing::Test {
protected:
    Decoded() { makePicture(folder / "tide.jpg", 1200, 800); }
    PictureFacts factsOf(const Original& original) { return readFacts(original, "tide.jpg"); }
    Frame directly(const Original& original, int width) {
        const auto facts = factsOf(original);
        return develop(original, "tide.jpg", facts, wholePicture(facts, {width, width * 2 / 3}));
    }
    TempFolder folder;
};

TEST_F(Decoded, PixelsAreThoseOfThePictureDecodedForThemAlone) {
    DecodedPictures pictures;
    const Original original(folder / "tide.jpg");
    const auto facts = factsOf(original);
    for (const int width : {1200, 900, 590, 300, 140, 300, 1200}) { // at four scales of the decoder
        const auto wish = wholePicture(facts, {width, width * 2 / 3});
        EXPECT_EQ(pictures.developed(original, facts, wish).rgb, directly(original, width).rgb) << width;
        EXPECT_TRUE(pictures.has(original.identity(), decodeShrinkFor(facts, wish)));
    }
}

TEST_F(Decoded, AFileWrittenAnewIsAnotherPicture) {
    DecodedPictures pictures;
    const fs::path path = folder / "tide.jpg";
    Pixels<std::uint8_t> before;
    {
        const Original original(path);
        const auto facts = factsOf(original);
        before = pictures.developed(original, facts, wholePicture(facts, {600, 400})).rgb;
    }
    fs::remove(path);
    makePicture(path, 800, 1200);
    const Original original(path);
    const auto facts = factsOf(original);
    const auto after = pictures.developed(original, facts, wholePicture(facts, {600, 400})).rgb;
    EXPECT_EQ(after, directly(original, 600).rgb);
    EXPECT_NE(after, before);
}

TEST_F(Decoded, MoreSmallPicturesAreLookedAtThanAProcessKeeps) {
    DecodedPictures pictures;
    for (int i = 0; i < 150; ++i) {
        const auto path = folder / ("small_" + std::to_string(i) + ".jpg");
        fs::copy_file(folder / "tide.jpg", path);
        const Original original(path);
        const auto facts = factsOf(original);
        EXPECT_NO_THROW((void)pictures.developed(original, facts, wholePicture(facts, {120, 80}))) << i;
    }
}

TEST_F(Decoded, KeepsWhatWasUsedLastAndNoMoreThanItMay) {
    const auto bytes = 2ULL * 1200 * 800 * 3;
    DecodedPictures pictures(2 * bytes);
    std::vector<std::unique_ptr<Original>> originals;
    for (const auto* name : {"a.jpg", "b.jpg", "c.jpg"}) {
        makePicture(folder / name, 1200, 800);
        originals.push_back(std::make_unique<Original>(folder / name));
    }
    const auto look = [&](std::size_t i) {
        const auto facts = factsOf(*originals[i]);
        (void)pictures.developed(*originals[i], facts, wholePicture(facts, facts.size));
    };
    look(0);
    look(1);
    look(0);
    look(2);
    EXPECT_TRUE(pictures.has(originals[0]->identity(), 1));
    EXPECT_FALSE(pictures.has(originals[1]->identity(), 1));
    EXPECT_TRUE(pictures.has(originals[2]->identity(), 1));
    DecodedPictures none(bytes - 1);
    const auto facts = factsOf(*originals[0]);
    EXPECT_EQ(none.developed(*originals[0], facts, wholePicture(facts, {600, 400})).rgb,
              directly(*originals[0], 600).rgb);
    EXPECT_FALSE(none.has(originals[0]->identity(), 1)); // 1200 pixels are needed for it
}

TEST_F(Decoded, OutlivesTheProcessThatHeldThePixels) {
    DecodedPictures pictures;
    const Original original(folder / "tide.jpg");
    const auto facts = factsOf(original);
    const auto wish = wholePicture(facts, {600, 400});
    const auto before = pictures.developed(original, facts, wish).rgb;
    for (const auto& worker : cage::workers())
        ::kill(worker.pid, SIGKILL);
    EXPECT_EQ(pictures.developed(original, facts, wish).rgb, before);
}

TEST_F(Decoded, ManyThreadsAskForOnePicture) {
    DecodedPictures pictures;
    const Original original(folder / "tide.jpg");
    const auto facts = factsOf(original);
    std::vector<std::jthread> threads;
    std::array<Pixels<std::uint8_t>, 8> made;
    for (std::size_t i = 0; i < made.size(); ++i)
        threads.emplace_back([&, i] {
            const Original mine(folder / "tide.jpg");
            made[i] =
                pictures.developed(mine, facts, wholePicture(facts, {i % 2 ? 600 : 1200, i % 2 ? 400 : 800}))
                    .rgb;
        });
    threads.clear();
    for (std::size_t i = 0; i < made.size(); ++i)
        EXPECT_EQ(made[i], directly(original, i % 2 ? 600 : 1200).rgb);
}

TEST_F(Decoded, APictureThatIsDamagedIsToldEachTime) {
    DecodedPictures pictures;
    writeFile(folder / "cut.jpg", readText(folder / "tide.jpg").substr(0, 900));
    const auto whole = factsOf(Original(folder / "tide.jpg"));
    const Original cut(folder / "cut.jpg");
    for (int i = 0; i < 2; ++i)
        EXPECT_THROW((void)pictures.developed(cut, whole, wholePicture(whole, {600, 400})), Problem);
}

} // namespace keepseal::app
