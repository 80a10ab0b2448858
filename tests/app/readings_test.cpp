// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Files that hold several pictures, and raw files, in the real window: what the first station chooses is what
// wall, chain, plan and copies show.
#include "demo/raw_file.h"
#include "run/run.h"
#include "window_fixture.h"

#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

class Readings : public Window {
protected:
    void SetUp() override {
        Window::SetUp();
        makePages(pictures / "zz_paged.tif", {300, 200}, {{200, 30, 30}, {30, 30, 200}});
        demo::RawScene scene;
        scene.width = 320, scene.height = 240;
        scene.light = [](int, int) { return std::array<double, 3>{0.05, 0.3, 0.05}; };
        makePicture(folder / "own.jpg", 160, 120);
        scene.preview = readText(folder / "own.jpg");
        scene.previewWidth = 160, scene.previewHeight = 120;
        writeFile(pictures / "zz_raw.dng", demo::rawFile(scene));
        window.document().setSetting("seal.on", false);
        window.document().setSetting("fit.on", false);
    }
    QColor shownMiddle(std::size_t index) {
        const auto image = sealed(index);
        return image.isNull() ? QColor() : image.pixelColor(image.width() / 2, image.height() / 2);
    }
};

} // namespace

TEST_F(Readings, ThePageThatIsTakenIsTheOneThatIsShownPlannedAndMade) {
    openAll();
    ASSERT_EQ(window.document().originals().at(4).path.filename(), "zz_paged.tif");
    EXPECT_GT(shownMiddle(4).red(), 150);
    chooseStation(StationId::Turn);
    window.document().setSetting("turn.pages", std::string("some"));
    window.document().setSetting("turn.some_pages", std::string("2"));
    ASSERT_TRUE(waitUntil([&] { return proofsFollow() && shownMiddle(4).blue() > 150; }, kWait));
    window.document().setSetting("turn.pages", std::string("all"));
    useFolder(copies);
    EXPECT_EQ(window.runs().planning().plan()->copies.size(), 7U); // four, two pages, the raw file
    window.runs().stamp();
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    EXPECT_TRUE(fs::exists(copies / "zz_paged-p1.jpg"));
    EXPECT_TRUE(fs::exists(copies / "zz_paged-p2.jpg"));
    EXPECT_EQ(window.runs().last()->ledger.count(Outcome::Made), 7U);
}

TEST_F(Readings, ThePagesThatAreTakenCanBeLookedAtOneByOne) {
    openAll();
    window.document().setSetting("turn.pages", std::string("all"));
    auto& single = window.views().single();
    window.views().setView(ViewKind::One);
    single.showPicture(id(4));
    const auto middleOf = [&] {
        const auto* proof = single.proofs().settled() ? single.proofs().proof(id(4)) : nullptr;
        return proof ? proof->sealed.pixelColor(proof->sealed.width() / 2, proof->sealed.height() / 2)
                     : QColor();
    };
    const auto isRed = [&] { return middleOf().red() > 150; };
    const auto isBlue = [&] { return middleOf().blue() > 150; };
    ASSERT_TRUE(waitUntil(isRed, kWait));
    QTest::keyClick(&single, Qt::Key_PageUp); // there is none before it
    QTest::keyClick(&single, Qt::Key_PageDown);
    ASSERT_TRUE(waitUntil(isBlue, kWait));
    EXPECT_EQ(chainOf(window.document(), window.library(), id(4))->sizes.whole, (Size{300, 200}));
    QTest::keyClick(&single, Qt::Key_PageDown); // nor one behind
    QTest::keyClick(&single, Qt::Key_PageUp);
    ASSERT_TRUE(waitUntil(isRed, kWait));
    // Where fewer are taken, the last of them is shown.
    QTest::keyClick(&single, Qt::Key_PageDown);
    window.document().setSetting("turn.pages", std::string("first"));
    EXPECT_TRUE(waitUntil(isRed, kWait));
}

TEST_F(Readings, ARawFileIsDevelopedOrAsItsCameraMadeIt) {
    openAll();
    ASSERT_EQ(window.document().originals().at(5).path.filename(), "zz_raw.dng");
    const auto sizeOf = [&] { return chainOf(window.document(), window.library(), id(5))->sizes.whole; };
    EXPECT_EQ(sizeOf(), (Size{320, 240}));
    EXPECT_GT(shownMiddle(5).green(), 120);
    EXPECT_LT(shownMiddle(5).red(), 90);
    window.document().setSetting("turn.raw", std::string("cameras"));
    EXPECT_EQ(sizeOf(), (Size{160, 120}));
    const auto ramp = rampColour(80, 60, 160, 120);
    ASSERT_TRUE(
        waitUntil([&] { return proofsFollow() && std::abs(shownMiddle(5).red() - ramp[0]) < 12; }, kWait));
    window.document().undoStack()->undo();
    ASSERT_TRUE(waitUntil([&] { return proofsFollow() && shownMiddle(5).red() < 90; }, kWait));
}

} // namespace keepseal::app
