// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Proofs on grounds of our own, and the hard cases of a job whose answer is known.
#include "proofs/trial_strip.h"
#include "support/seals.h"
#include "window_fixture.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::app;
using namespace keepseal::test;

namespace {

/// A grey picture; `busy` adds squares as large as letters.
void makeGrey(const fs::path& path, int width, int height, int level, bool busy = false) {
    Frame frame = plainFrame(width, height,
                             {static_cast<std::uint8_t>(level), static_cast<std::uint8_t>(level),
                              static_cast<std::uint8_t>(level)});
    if (busy)
        chequer(frame, {0, 0, width, height}, 7, level - 50, level + 50);
    fs::create_directories(path.parent_path());
    ASSERT_TRUE(toImage(frame).save(toQt(path)));
}

int greyAt(const Frame& frame, int x, int y) {
    return frame.row(y)[3 * x];
}

} // namespace

TEST(Grounds, AreWhatTheirNamesSay) {
    const auto plain = plainGround({40, 30}, 119);
    EXPECT_EQ(greyAt(*plain, 0, 0), 119);
    EXPECT_EQ(greyAt(*plain, 39, 29), 119);
    const auto ramp = rampGround({120, 10});
    EXPECT_EQ(greyAt(*ramp, 0, 5), 0);
    EXPECT_EQ(greyAt(*ramp, 119, 5), 255);
    std::set<int> steps;
    for (int x = 0; x < 120; ++x)
        steps.insert(greyAt(*ramp, x, 5));
    EXPECT_EQ(steps.size(), 12U);
    const auto chequered = chequeredGround({240, 240});
    EXPECT_NE(greyAt(*chequered, 2, 2), greyAt(*chequered, 12, 2));
    EXPECT_EQ(greyAt(*chequered, 2, 2), greyAt(*chequered, 12, 12));
}

TEST(FrameProof, TheLatestWishWinsAndIsWhatTheRendererMakes) {
    FrameProof proof;
    auto frame = plainGround({300, 200}, 90);
    proof.setFrame(frame);
    auto design = boxSeal();
    for (int size = 1; size <= 20; ++size) {
        design.size = size;
        proof.setSeal(design);
    }
    ASSERT_TRUE(waitUntil([&] { return proof.settled() && !proof.image().isNull(); }, kWait));
    Frame expected = *frame;
    drawSeal(design, expected);
    EXPECT_EQ(proof.image(), toImage(expected));
    EXPECT_NEAR(proof.result().unit, 40, 1e-6);
}

TEST(FrameProof, OnSeveralSpotsItTellsTheWorst) {
    FrameProof proof;
    auto design = boxSeal();
    proof.setSpots({Anchor::Left, Anchor::Right});
    proof.setFrame(std::make_shared<Frame>(halves(400, 100, 0, 235)));
    proof.setSeal(design);
    ASSERT_TRUE(waitUntil([&] { return proof.settled() && !proof.image().isNull(); }, kWait));
    EXPECT_LT(proof.result().readability, 1.5); // white on nearly white, not white on black
}

TEST_F(Window, HardCasesAreFoundByMeasuring) {
    const fs::path job = folder / "job";
    makeGrey(job / "dark.png", 600, 400, 12);
    makeGrey(job / "bright.png", 600, 400, 244);
    makeGrey(job / "busy.png", 600, 400, 120, true);
    makeGrey(job / "tall.png", 300, 900, 100);
    makeGrey(job / "wide.png", 1200, 300, 100);
    makeGrey(job / "small.png", 90, 60, 100);
    window.open({job});
    auto& cases = window.views().strip().hardCases();
    ASSERT_TRUE(waitUntil([&] { return cases.verdict().measured == 6 && cases.settled(); }, kWait));
    std::map<std::string, std::string> found;
    for (const auto& hard : cases.cases())
        for (const auto& what : hard.what.split(", "))
            found[what.toStdString()] = window.document().original(hard.id)->path.stem().string();
    EXPECT_EQ(found["darkest"], "dark");
    EXPECT_EQ(found["brightest"], "bright");
    EXPECT_EQ(found["busiest"], "busy");
    EXPECT_EQ(found["tallest"], "tall");
    EXPECT_EQ(found["widest"], "wide");
    EXPECT_EQ(found["smallest"], "small");
    EXPECT_EQ(cases.verdict().plain, 5U); // all but the busy one
    useFolder(copies);
    window.document().setSetting("seal.tone", std::string("light"));
    for (const auto* help : {"stronger", "plate_if_needed"})
        window.document().setSetting(std::string("seal.") + help, false);
    window.document().setSetting("seal.halo", std::string("off"));
    ASSERT_TRUE(waitUntil([&] { return cases.verdict().hardToRead >= 1 && cases.settled(); }, kWait));
    EXPECT_TRUE(
        waitUntil([&] { return window.runBar().sentence().contains("seal hard to read on"); }, kWait));
}

TEST_F(Window, TheStripIsWalkedByKeysAndChoosesThePicture) {
    openAll();
    auto& strip = window.views().strip();
    ASSERT_TRUE(strip.isVisible());
    ASSERT_TRUE(waitUntil([&] { return strip.hardCases().cases().size() >= 2 && strip.settled(); }, kWait));
    const auto cases = strip.hardCases().cases();
    strip.setFocus();
    QTest::keyClick(&strip, Qt::Key_Right);
    QTest::keyClick(&strip, Qt::Key_Return);
    EXPECT_EQ(window.views().wall().current(), cases[1].id);
    chooseStation(StationId::Fit);
    EXPECT_FALSE(strip.isVisible()); // it is about the seal
    chooseStation(StationId::Seal);
    EXPECT_TRUE(strip.isVisible());
}

TEST_F(Window, AProofIsReducedOnceToThePixelsThatTheWallHasForIt) {
    openAll();
    auto& wall = window.views().wall();
    ASSERT_TRUE(waitUntil([&] { return wall.proofs().settledInView(); }, kWait));
    const auto id = window.document().originals().front().id;
    const auto at = wall.pictureRect(id);
    const auto& proof = *wall.proofs().proof(id);
    const auto pixelsOf = [&](const QRect& rect) {
        return (QSizeF(rect.size()) * wall.devicePixelRatioF()).toSize();
    };
    if (proof.sealed.width() <= pixelsOf(at).width())
        GTEST_SKIP() << "at this scale of the screen all of its pixels are shown";
    EXPECT_EQ(proof.inView.size(), pixelsOf(at));
    const auto meanOf = [](const QImage& image) {
        double sum = 0;
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x)
                sum += qGray(image.pixel(x, y));
        return sum / image.width() / image.height();
    };
    EXPECT_NEAR(meanOf(proof.inView), meanOf(proof.sealed), 1);
    wall.setRowHeight(wall.rowHeight() + 40);
    ASSERT_TRUE(waitUntil([&] { return wall.proofs().settledInView(); }, kWait));
    EXPECT_TRUE(waitUntil(
        [&] { return wall.proofs().proof(id)->inView.size() == pixelsOf(wall.pictureRect(id)); }, kWait));
}

TEST_F(Window, NothingIsRedrawnWhileNobodyLooks) {
    openAll();
    const auto before = sealed();
    window.openBench();
    window.document().setSetting("seal.size", 20.0);
    waitUntil([] { return false; }, 300);
    EXPECT_EQ(sealed(), before);
    window.closeBench();
    ASSERT_TRUE(proofsFollow());
    EXPECT_NE(sealed(), before);
}

TEST_F(Window, TheRowsThatWouldDoNothingAreNotShown) {
    openAll();
    chooseStation(StationId::Seal);
    EXPECT_TRUE(window.drawer().control("seal.place")->isVisible());
    window.document().setSetting("seal.arrangement", std::string("repeat"));
    EXPECT_FALSE(window.drawer().control("seal.place")->isVisible());
    window.document().undoStack()->undo();
    EXPECT_TRUE(window.drawer().control("seal.place")->isVisible());
    EXPECT_EQ(window.drawer().control("seal.gap_x"), nullptr); // designed on the bench
}
