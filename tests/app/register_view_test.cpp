// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register in the real window: what left is found by words, its history told, a picture that was met
// recognised, copies made again.
#include "register/verify_dialog.h"
#include "support/changes.h"
#include "window_fixture.h"

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPushButton>
#include <QTreeWidget>
#include <QUrl>

#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

using ::testing::HasSubstr;
using ::testing::Not;

class InTheRegister : public Window {
protected:
    void SetUp() override {
        for (int i = 0; i < 3; ++i)
            save(pictures / ("egret_" + std::to_string(i) + ".jpg"), drawnScene(i, 700, 480));
        window.document().startWithWho(loadWho());
        window.document().setSetting("seal.text", std::string("Marsh"));
        window.resize(1280, 800);
        window.show();
    }
    static void save(const fs::path& path, const Frame& frame) {
        const auto bytes = encodeJpeg(frame, 88);
        writeFile(path, std::string(bytes.begin(), bytes.end()));
    }
    void stampAll() {
        window.open({pictures});
        ASSERT_TRUE(waitUntil(
            [&] { return window.document().originals().size() == 3 && window.library().known() == 3; },
            kWait));
        useFolder(copies);
        QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
        ASSERT_TRUE(
            waitUntil([&] { return window.runs().last() && !window.runs().running().busy(); }, kWait));
        ASSERT_EQ(window.runs().last()->ledger.count(Outcome::Made), 3U);
    }
    RegisterView& view() { return window.views().registerView(); }
    /// What was asked for is there.
    bool settled() {
        return waitUntil([&] { return !view().busy() && !window.filesBusy(); }, kWait);
    }
    void show() {
        QTest::mouseClick(window.views().header().viewButton(ViewKind::TheRegister), Qt::LeftButton);
        ASSERT_TRUE(settled());
    }
};

} // namespace

TEST_F(InTheRegister, IsEmptyAndSaysSoBeforeTheFirstRun) {
    show();
    EXPECT_THAT(view().summary().toStdString(), HasSubstr("0 copies"));
    EXPECT_EQ(view().model().rowCount(), 0);
    EXPECT_TRUE(view().model().nothingYet());
    EXPECT_FALSE(view().againButton()->isEnabled());
    EXPECT_FALSE(fs::exists(folder / "state/keep-seal/register.sqlite")); // looking makes none
}

TEST_F(InTheRegister, WhatLeftIsFoundByWordsAndTellsItsHistory) {
    stampAll();
    show();
    EXPECT_EQ(view().model().rowCount(), 3);
    QTest::keyClicks(view().words(), "EGRET_1");
    ASSERT_TRUE(settled());
    ASSERT_EQ(view().model().rowCount(), 1);
    EXPECT_EQ(view().summary(), "1 copy");
    EXPECT_THAT(view().page().toStdString(), HasSubstr("egret_1.jpg"));
    EXPECT_THAT(view().page().toStdString(), HasSubstr("lies there untouched"));
    fs::remove(copies / "egret_1.jpg");
    window.document().setSetting("seal.text", std::string("Another"));
    view().renew();
    ASSERT_TRUE(settled());
    EXPECT_THAT(view().page().toStdString(), HasSubstr("no longer there; its delivery has changed since"));
    QTest::keyClicks(view().days(), "2001");
    ASSERT_TRUE(settled());
    EXPECT_EQ(view().model().rowCount(), 0);
    view().days()->setText("yesterday"); // said, and nothing is lost
    ASSERT_TRUE(settled());
    EXPECT_THAT(view().summary().toStdString(), HasSubstr("no day"));
    view().days()->clear();
    view().words()->clear();
    view().kind()->setCurrentIndex(2); // without a seal
    ASSERT_TRUE(settled());
    EXPECT_EQ(view().model().rowCount(), 0);
    view().kind()->setCurrentIndex(0);
    ASSERT_EQ(view().delivery()->count(), 2); // any, and the one
    // The wall's small pictures come from what is kept, wherever the files are.
    fs::remove_all(pictures);
    ASSERT_TRUE(settled());
    const auto index = view().model().index(0, 0);
    index.data(Qt::DecorationRole);
    EXPECT_TRUE(waitUntil([&] { return !index.data(Qt::DecorationRole).value<QImage>().isNull(); }, kWait));
}

TEST_F(InTheRegister, AFolderIsHeldAgainstItAndCopiesAreFoundByTheirSize) {
    stampAll();
    show();
    view().kind()->setCurrentText("Up to 1200 pixels");
    ASSERT_TRUE(settled());
    EXPECT_EQ(view().model().rowCount(), 3);
    view().kind()->setCurrentText("More than 3000 pixels");
    ASSERT_TRUE(settled());
    EXPECT_EQ(view().model().rowCount(), 0);
    writeFile(copies / "egret_0.jpg", "other bytes");
    fs::rename(copies / "egret_1.jpg", copies / "renamed.jpg");
    writeFile(copies / "stranger.txt", "nobody's");
    auto* dialog = new VerifyDialog(copies, &window);
    dialog->show();
    ASSERT_TRUE(waitUntil([&] { return !dialog->busy(); }, kWait));
    std::map<std::string, std::string> found;
    for (int i = 0; i < dialog->list()->topLevelItemCount(); ++i)
        found[dialog->list()->topLevelItem(i)->text(0).toStdString()] =
            dialog->list()->topLevelItem(i)->text(1).toStdString();
    EXPECT_EQ(found, (std::map<std::string, std::string>{{"egret_0.jpg", "changed"},
                                                         {"egret_1.jpg", "missing"},
                                                         {"egret_2.jpg", "untouched"},
                                                         {"renamed.jpg", "untouched"},
                                                         {"stranger.txt", "not in the register"}}));
    EXPECT_THAT(dialog->summary().toStdString(),
                HasSubstr("1 changed, 1 missing, 1 not in the register, 2 untouched"));
    dialog->close();
}

TEST_F(InTheRegister, ARunFromElsewhereWhoseTimeIsNoneIsShown) {
    Ledger odd{"x", "", "finished", true, {}};
    odd.rows.emplace_back();
    odd.rows.back().outcome = Outcome::Made;
    odd.rows.back().copy = "/elsewhere/odd.jpg";
    odd.rows.back().takenAt = "y";
    Register().add(odd, folder / "state/keep-seal/ledgers/odd.json");
    show();
    EXPECT_EQ(view().model().rowCount(), 1);
    EXPECT_THAT(view().page().toStdString(), HasSubstr("odd.jpg"));
}

TEST_F(InTheRegister, APictureThatWasMetIsKnown) {
    stampAll();
    const auto met = folder / "met.jpg";
    save(met, longSide(cutBy(drawnScene(2, 700, 480), 0, 0.15, 0.25, 0), 360));
    auto* data = new QMimeData;
    data->setUrls({QUrl::fromLocalFile(toQt(met))});
    show();
    QApplication::clipboard()->setMimeData(data);
    EXPECT_TRUE(view().askClipboard());
    ASSERT_TRUE(settled());
    EXPECT_TRUE(view().asking());
    const auto* chosen = view().answer().chosen();
    ASSERT_TRUE(chosen && chosen->answer);
    EXPECT_EQ(chosen->answer->by, KnownBy::Looks);
    EXPECT_FALSE(chosen->ours.isNull());
    EXPECT_THAT(view().answer().page().toStdString(), HasSubstr("egret_2.jpg"));
    // Pixels alone do as well; what is none of ours is said, and what can't be read as well.
    QApplication::clipboard()->setImage(QImage(copies.c_str() + QString("/egret_0.jpg")).scaled(300, 206));
    EXPECT_TRUE(view().askClipboard());
    ASSERT_TRUE(settled());
    ASSERT_TRUE(view().answer().chosen() && view().answer().chosen()->answer);
    EXPECT_EQ(view().answer().chosen()->answer->known.front().copy.row.original, pictures / "egret_0.jpg");
    save(folder / "in/other.jpg", drawnScene(8));
    writeFile(folder / "in/text.jpg", "no picture");
    view().ask({folder / "in"});
    ASSERT_TRUE(settled());
    ASSERT_EQ(view().answer().list()->count(), 2);
    EXPECT_THAT(view().answer().page().toStdString(), HasSubstr("Nothing like it has left"));
    view().answer().list()->setCurrentRow(1);
    EXPECT_FALSE(view().answer().reportButton()->isEnabled());
    EXPECT_THAT(view().answer().page().toStdString(), HasSubstr("text.jpg"));
    QTest::mouseClick(view().answer().backButton(), Qt::LeftButton);
    EXPECT_FALSE(view().asking());
    QApplication::clipboard()->setText("no picture");
    EXPECT_FALSE(view().askClipboard());
}

TEST_F(InTheRegister, TheWallCountsAndCopiesAreMadeAgain) {
    stampAll();
    auto& wall = window.views().wall();
    QTest::mouseClick(window.views().header().viewButton(ViewKind::Wall), Qt::LeftButton);
    const auto first = id(0);
    EXPECT_TRUE(waitUntil([&] { return wall.describe(first).contains("1 copy of it"); }, kWait));
    wall.setCurrent(first);
    chooseStation(StationId::Place);
    auto* left = window.drawer().leftList();
    ASSERT_TRUE(left);
    EXPECT_TRUE(waitUntil([&] { return left->text().contains("egret_0.jpg"); }, kWait));
    EXPECT_THAT(left->text().toStdString(), HasSubstr("1 copy left of this picture"));
    ASSERT_TRUE(shortcut(QKeySequence("Ctrl+H")));
    shortcut(QKeySequence("Ctrl+H"))->trigger();
    ASSERT_TRUE(settled());
    EXPECT_EQ(window.view(), ViewKind::TheRegister);
    EXPECT_THAT(view().summary().toStdString(), HasSubstr("1 copy of egret_0.jpg"));
    // Its original is taken out of the job, and comes back with its copy.
    window.document().removeOriginals({first});
    window.document().setInNextRun(0, false);
    QTest::mouseClick(view().againButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.document().originals().size() == 3; }, kWait));
    ASSERT_TRUE(settled());
    EXPECT_EQ(window.view(), ViewKind::Wall);
    ASSERT_EQ(wall.selected().size(), 1U);
    EXPECT_EQ(window.document().original(wall.selected().front())->path, pictures / "egret_0.jpg");
    EXPECT_TRUE(window.document().state().deliveries.front().inNextRun);
    EXPECT_THAT(window.views().notice().toStdString(), HasSubstr("1 picture"));
}

} // namespace keepseal::app
