// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Copies that would lack what they promise, in the real window: seen before the run, led to their cause,
// accepted, mended by saying who you are.
#include "shell/who_dialog.h"
#include "window_fixture.h"

#include "widgets/setting_form.h"

#include <QApplication>
#include <QLineEdit>
#include <QTimer>

#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

class HeldBack : public Window {
protected:
    void SetUp() override {
        Window::SetUp();
        openAll();
        useFolder(copies);
    }
    /// The plan's forecast for the settings as they are.
    const Forecast* ahead() {
        const auto known = [&] {
            return window.runs().planning().current() &&
                   window.runs().forecasting().of(window.runs().planning().plan().get());
        };
        EXPECT_TRUE(waitUntil(known, kWait));
        return window.runs().forecasting().of(window.runs().planning().plan().get());
    }
    void loseLogo() {
        auto seal = window.document().currentDelivery().seal;
        seal.parts.push_back(newPart(seal, PartKind::Logo));
        seal.parts.back().logo.file = (folder / "gone.svg").string();
        window.document().setSeal(seal, "a logo that is not there");
    }
    QPushButton* heldButton() { return window.runBar().heldBackButton(); }
};

} // namespace

TEST_F(HeldBack, AreSeenBeforeTheRunAndOneClickShowsThem) {
    EXPECT_EQ(ahead()->heldBack, 0U);
    EXPECT_FALSE(heldButton()->isVisible());
    loseLogo();
    ASSERT_EQ(ahead()->heldBack, 4U);
    ASSERT_TRUE(heldButton()->isVisible());
    EXPECT_THAT(heldButton()->text().toStdString(), ::testing::HasSubstr("4 held back"));
    EXPECT_FALSE(window.runBar().strongButton()->isEnabled()); // there is nothing that may be made
    QTest::mouseClick(heldButton(), Qt::LeftButton);
    EXPECT_EQ(window.view(), ViewKind::Check);
    EXPECT_EQ(window.views().check().filter()->rowCount(), 4);
    EXPECT_THAT(window.views().check().detail().toStdString(), ::testing::HasSubstr("gone.svg"));
    ASSERT_TRUE(window.views().check().mendButton()->isVisible());
    QTest::mouseClick(window.views().check().mendButton(), Qt::LeftButton); // another leads to the cause
    EXPECT_EQ(window.view(), ViewKind::Wall);
    EXPECT_EQ(window.chain().chosen(), StationId::Seal);
    EXPECT_FALSE(fs::exists(copies));
}

TEST_F(HeldBack, AcceptedOnesAreMadeTheLedgerSaysSoAndItIsUndone) {
    loseLogo();
    ASSERT_EQ(ahead()->heldBack, 4U);
    window.runDesk().showHeldBack();
    window.views().check().table()->selectRow(1);
    const auto chosen = window.views().check().chosen().front().original;
    QTest::mouseClick(window.views().check().acceptButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return ahead()->heldBack == 3U; }, kWait));
    QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    const auto& ledger = window.runs().last()->ledger;
    EXPECT_EQ(ledger.count(Outcome::Made), 1U);
    EXPECT_EQ(ledger.count(Outcome::HeldBack), 3U);
    for (const auto& row : ledger.rows) {
        EXPECT_EQ(row.outcome == Outcome::Made, row.original == chosen);
        EXPECT_EQ(row.accepted.size(), row.original == chosen ? 1U : 0U);
        EXPECT_TRUE(row.originalUntouched() || row.fingerprintBefore.empty());
    }
    EXPECT_THAT(window.runBar().sentence().toStdString(), ::testing::HasSubstr("3 copies were held back"));
    window.document().undoStack()->undo();
    ASSERT_TRUE(waitUntil([&] { return ahead()->heldBack == 4U; }, kWait));
    window.document().undoStack()->undo(); // and the logo: nothing is held back, and the plan shows all again
    ASSERT_TRUE(waitUntil([&] { return ahead()->heldBack == 0U; }, kWait));
    window.setView(ViewKind::Check);
    EXPECT_EQ(window.views().check().filter()->rowCount(), 4);
    EXPECT_TRUE(window.document().exceptions().empty());
}

TEST_F(HeldBack, TheChosenRowIsAcceptedAndNotTheSamePictureInAnotherDelivery) {
    loseLogo();
    window.document().duplicateCurrentDelivery(); // of the same name
    window.document().setSetting("place.folder", (folder / "others").string());
    ASSERT_EQ(ahead()->heldBack, 8U);
    window.runDesk().showHeldBack();
    auto& check = window.views().check();
    for (int row = 0; row < check.filter()->rowCount() && check.chosen().front().deliveryIndex != 1U; ++row)
        check.table()->selectRow(row);
    ASSERT_EQ(check.chosen().front().deliveryIndex, 1U);
    const auto chosen = check.chosen().front();
    QTest::mouseClick(check.acceptButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return ahead()->heldBack == 7U; }, kWait));
    // The same after the job was on disk: its cards have other ids then.
    const auto file = folder / "kept.json";
    saveJob(window.document().job(), file);
    window.document().load(loadJob(file));
    ASSERT_EQ(ahead()->heldBack, 7U);
    window.runs().stamp();
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    for (const auto& row : window.runs().last()->ledger.rows)
        EXPECT_EQ(row.outcome == Outcome::Made, row.original == chosen.original && row.copy == chosen.copy);
}

TEST_F(HeldBack, SayingWhoYouAreIsAskedInPlaceAndServesEveryDesign) {
    window.document().startWithWho({});
    window.document().setSetting("seal.text", std::string("© {studio}"));
    ASSERT_EQ(ahead()->heldBack, 4U);
    window.runDesk().showHeldBack();
    EXPECT_FALSE(window.views().check().acceptButton()->isEnabled()); // nobody can want an empty name
    bool asked = false;
    QTimer::singleShot(0, &window, [&] {
        auto* dialog = qobject_cast<WhoDialog*>(QApplication::activeModalWidget());
        ASSERT_NE(dialog, nullptr);
        auto* field = dynamic_cast<QLineEdit*>(dialog->form()->control("studio"));
        ASSERT_NE(field, nullptr);
        QTest::keyClicks(field, "Gull and Reed");
        QTest::keyClick(field, Qt::Key_Tab);
        asked = true;
        QTest::mouseClick(dialog->okButton(), Qt::LeftButton);
    });
    QTest::mouseClick(window.views().check().mendButton(), Qt::LeftButton);
    ASSERT_TRUE(asked);
    EXPECT_EQ(window.document().who().studio, "Gull and Reed");
    ASSERT_TRUE(waitUntil([&] { return !window.session().busy(); }, kWait));
    EXPECT_EQ(loadWho().studio, "Gull and Reed"); // remembered for other jobs
    ASSERT_TRUE(waitUntil([&] { return ahead()->heldBack == 0U; }, kWait));
    EXPECT_EQ(window.document().currentDelivery().seal.text(), "© {studio}"); // the design stays what it is
    EXPECT_EQ(window.document().deliveryAsMade().seal.text(), "© Gull and Reed");
    window.document().undoStack()->undo();
    EXPECT_TRUE(window.document().who().empty());
}

TEST_F(HeldBack, APlanThatMayNotBeginIsToldBeforeItsForecastIsKnown) {
    for (int i = 0; i < 4; ++i)
        writeFile(copies / ("tide_" + std::to_string(i) + ".jpg"), "somebody's");
    window.document().setSetting("place.taken", std::string("stop"));
    ASSERT_TRUE(waitUntil(
        [&] { return window.runs().planning().current() && window.runBar().sentence().contains("taken"); },
        kWait));
    EXPECT_THAT(window.runBar().sentence().toStdString(), ::testing::HasSubstr("4 names are taken"));
    EXPECT_FALSE(window.runBar().strongButton()->isEnabled());
}

TEST_F(HeldBack, WhatIsNoPictureIsToldByKind) {
    writeFile(folder / "more/list.txt", "words");
    writeFile(folder / "more/deep.exr", "\x76\x2F\x31\x01");
    makePicture(folder / "more/tide_9.jpg", 60, 40);
    window.open({folder / "more"});
    ASSERT_TRUE(waitUntil([&] { return window.document().originals().size() == 5; }, kWait));
    EXPECT_THAT(window.notice().toStdString(), ::testing::HasSubstr("deep.exr: a picture (OpenEXR)"));
    EXPECT_THAT(window.notice().toStdString(), ::testing::HasSubstr("1 × a document (text)"));
}

} // namespace keepseal::app
