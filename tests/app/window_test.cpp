// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The real window, driven as a person drives it: keys, clicks, drops.
#include "base/files.h"
#include "delivery/json.h"
#include "render/stages.h"
#include "support/chain.h"
#include "widgets/controls.h"
#include "window_fixture.h"

#include <QColorDialog>
#include <QDropEvent>
#include <QLineEdit>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTableView>
#include <QToolButton>
#include <gmock/gmock.h>

using namespace keepseal;
using namespace keepseal::app;
using namespace keepseal::test;

TEST_F(Window, StartsEmptyAndSaysWhatToDo) {
    EXPECT_FALSE(window.runBar().strongButton()->isEnabled());
    EXPECT_FALSE(window.views().wall().isVisible());
    openAll();
    EXPECT_TRUE(window.views().wall().isVisible());
}

TEST_F(Window, EveryPictureCarriesItsSealOnTheWall) {
    openAll();
    for (std::size_t i = 0; i < 4; ++i) {
        const auto* proof = window.views().wall().proofs().proof(id(i));
        ASSERT_NE(proof, nullptr);
        EXPECT_TRUE(proof->sharp);
        EXPECT_NE(proof->sealed, window.views().wall().proofs().baseImage(id(i)));
        EXPECT_FALSE(window.views().wall().pictureRect(id(i)).isEmpty());
    }
}

TEST_F(Window, TheWallShowsTheSamePixelsTheRendererMakes) {
    openAll();
    const auto shown = sealed();
    const auto path = window.document().originals()[0].path;
    const Frame frame =
        Opened(path).frame(window.document().deliveryAsMade(), {shown.width(), shown.height()});
    for (int y = 0; y < shown.height(); ++y)
        for (int x = 0; x < shown.width(); ++x) {
            const auto* p = frame.row(y) + 3 * x;
            ASSERT_EQ(shown.pixel(x, y), qRgb(p[0], p[1], p[2])) << x << "," << y;
        }
}

TEST_F(Window, ProofsFollowTextSizeColourAndPlace) {
    openAll();
    chooseStation(StationId::Seal);
    auto last = sealed();
    const auto expectNew = [&](const char* what) {
        ASSERT_TRUE(proofsFollow()) << what;
        EXPECT_NE(sealed(), last) << what;
        last = sealed();
    };
    control<QPlainTextEdit>("seal.text")->setFocus();
    QTest::keyClicks(control<QPlainTextEdit>("seal.text"), "KITE ");
    EXPECT_EQ(window.document().currentDelivery().seal.text().substr(0, 5), "KITE ");
    expectNew("text");
    control<NumberControl>("seal.size")->slider()->setValue(800);
    EXPECT_GT(window.document().currentDelivery().seal.size, 10);
    expectNew("size by slider");
    auto* box = control<NumberControl>("seal.size")->box();
    box->setFocus();
    box->selectAll();
    QTest::keyClicks(box, "12.5");
    QTest::keyClick(box, Qt::Key_Return);
    EXPECT_DOUBLE_EQ(window.document().currentDelivery().seal.size, 12.5);
    expectNew("size typed");
    QTest::keyClick(control<PlaceControl>("seal.place"), Qt::Key_Up);
    EXPECT_EQ(window.document().currentDelivery().seal.anchor, Anchor::Right);
    expectNew("place");
}

TEST_F(Window, ADragIsOneUndoStepAndUndoBringsTheProofsBack) {
    openAll();
    chooseStation(StationId::Seal);
    const auto before = sealed();
    auto* opacity = control<NumberControl>("seal.opacity");
    const int steps = window.document().undoStack()->count();
    emit opacity->slider()->sliderPressed();
    for (int position = 700; position > 100; position -= 50)
        opacity->slider()->setValue(position);
    EXPECT_EQ(window.document().undoStack()->count(), steps + 1);
    ASSERT_TRUE(proofsFollow());
    EXPECT_NE(sealed(), before);
    shortcut(QKeySequence::Undo)->trigger();
    EXPECT_DOUBLE_EQ(window.document().currentDelivery().seal.opacity, 75);
    EXPECT_DOUBLE_EQ(opacity->value(), 75); // the drawer follows the document
    ASSERT_TRUE(proofsFollow());
    EXPECT_EQ(sealed(), before);
    shortcut(QKeySequence("Ctrl+Shift+Z"))->trigger();
    EXPECT_LT(window.document().currentDelivery().seal.opacity, 75);
}

TEST_F(Window, FilesAndFoldersCanBeDroppedAndTakenOut) {
    makePicture(folder / "more/inner/deep.png", 50, 40);
    QMimeData data;
    data.setUrls(
        {QUrl::fromLocalFile(toQt(pictures / "tide_0.jpg")), QUrl::fromLocalFile(toQt(folder / "more"))});
    QDragEnterEvent enter(QPoint(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&window, &enter);
    ASSERT_TRUE(enter.isAccepted());
    QDropEvent drop(QPointF(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&window, &drop);
    ASSERT_TRUE(waitUntil([&] { return window.document().originals().size() == 2; }, kWait));
    window.views().wall().setFocus();
    QTest::keyClick(&window.views().wall(), Qt::Key_End);
    QTest::keyClick(&window.views().wall(), Qt::Key_Delete);
    ASSERT_EQ(window.document().originals().size(), 1U);
    EXPECT_EQ(window.document().originals()[0].path.filename(), "tide_0.jpg");
    shortcut(QKeySequence::Undo)->trigger();
    EXPECT_EQ(window.document().originals().size(), 2U);
}

TEST_F(Window, UndoWhileAFolderIsGatheredStopsWhatWouldStillCome) {
    makePicture(folder / "more/late.png", 50, 40);
    auto& stack = *window.document().undoStack();
    QMetaObject::Connection once;
    once = QObject::connect(&window.document(), &JobDocument::originalsChanged, &window, [&] {
        QObject::disconnect(once);
        QMetaObject::invokeMethod(&stack, &QUndoStack::undo, Qt::QueuedConnection);
    });
    window.open({pictures});
    window.open({folder / "more"}); // waits for the first
    ASSERT_TRUE(waitUntil([&] { return stack.canRedo(); }, kWait));
    EXPECT_TRUE(window.document().originals().empty());
    EXPECT_TRUE(window.notice().contains("Gathering was stopped")) << window.notice().toStdString();
    window.open({pictures});
    ASSERT_TRUE(waitUntil([&] { return window.document().originals().size() >= 4; }, kWait));
    EXPECT_EQ(window.document().originals().size(), 4U) << "the other folder came all the same";
}

TEST_F(Window, WhatIsHandedOverWhileADialogIsOpenWaitsForItsEnd) {
    QMessageBox asks(QMessageBox::Question, "A question", "Which one?", QMessageBox::Ok, &window);
    asks.open();
    ASSERT_TRUE(waitUntil([&] { return QApplication::activeModalWidget() == &asks; }, kWait));
    window.takeHanded({pictures / "tide_0.jpg"});
    window.takeHanded({pictures / "tide_1.jpg"});
    EXPECT_TRUE(asks.windowTitle().contains("waits until this is closed"));
    EXPECT_TRUE(window.document().originals().empty());
    asks.accept();
    ASSERT_TRUE(waitUntil([&] { return window.document().originals().size() == 2; }, kWait));
}

TEST_F(Window, ABrokenPictureIsATileWithItsReason) {
    writeFile(pictures / "broken.jpg", "\xFF\xD8\xFF and no more of a picture");
    writeFile(pictures / "words.jpg", "no picture at all");
    window.open({pictures, folder / "nowhere"});
    ASSERT_TRUE(waitUntil([&] { return window.library().known() == 5; }, kWait));
    const auto broken = id(0); // first by name
    ASSERT_NE(window.views().wall().proofs().problem(broken), nullptr);
    EXPECT_THAT(window.views().wall().proofs().problem(broken)->happened,
                ::testing::HasSubstr("can't be read"));
    EXPECT_THAT(window.notice().toStdString(),
                ::testing::HasSubstr("words.jpg: its name is that of a picture"));
    EXPECT_THAT(window.notice().toStdString(), ::testing::HasSubstr("nowhere"));
}

TEST_F(Window, StampsThroughTheStrongButtonAndChecks) {
    openAll();
    EXPECT_THAT(window.runBar().strongButton()->text().toStdString(),
                ::testing::HasSubstr("Choose the folder"));
    window.document().setSetting("rights.creator", std::string("Wrenna Oake"));
    useFolder(copies);
    EXPECT_THAT(window.runBar().sentence().toStdString(), ::testing::HasSubstr("4 copies of 4 pictures"));
    EXPECT_FALSE(fs::exists(copies)); // nothing is written before the button is pressed
    QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    EXPECT_EQ(window.runs().last()->ledger.count(Outcome::Made), 4U);
    EXPECT_TRUE(window.views().check().isVisible());
    EXPECT_THAT(window.views().check().summary().toStdString(), ::testing::HasSubstr("4 of 4 originals"));
    auto* model = window.views().check().model();
    for (int i = 0; i < 4; ++i) {
        EXPECT_EQ(model->index(i, CheckModel::OriginalKept).data().toString(), "as it was");
        EXPECT_EQ(model->index(i, CheckModel::Rights).data().toString(), "written");
        const auto& row = model->row(i);
        EXPECT_EQ(model->index(i, CheckModel::PlaceGone).data().toString(),
                  row.placeInOriginal ? "removed" : "none");
        EXPECT_EQ(exiftool(row.copy, "Artist"), "Wrenna Oake");
        EXPECT_EQ(exiftool(row.copy, "GPSLatitude"), "");
    }
    EXPECT_TRUE(window.runBar().openButton()->isVisible());
    ASSERT_TRUE(waitUntil([&] { return window.runs().planning().current(); }, kWait));
    EXPECT_FALSE(window.runBar().strongButton()->isEnabled()); // all are there
}

TEST_F(Window, AClickOnStampThatBringsTheWindowToTheFrontCounts) {
    openAll();
    useFolder(copies);
    auto* stamp = window.runBar().strongButton();
    ASSERT_TRUE(waitUntil([&] { return stamp->isEnabled(); }, kWait));
    QApplication::setActiveWindow(&window);
    QTest::mousePress(stamp, Qt::LeftButton);
    QEvent comesBack(QEvent::ActivationChange);
    QApplication::sendEvent(&window, &comesBack);
    // As long as a hand may take; then the files are looked at again, which has to wait for it.
    waitUntil([&] { return !window.runs().planning().current(); }, 900);
    QTest::mouseRelease(stamp, Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    EXPECT_GE(window.runs().last()->ledger.count(Outcome::Made), 4U);
    // Without a hand on it they are looked at.
    writeFile(copies / "somebody's.jpg", "new");
    QApplication::sendEvent(&window, &comesBack);
    EXPECT_TRUE(waitUntil([&] { return !window.runs().planning().current(); }, kWait));
}

TEST_F(Window, ARunCanBeStoppedAndGoesOn) {
    for (int i = 0; i < 16; ++i)
        makePicture(pictures / ("large_" + std::to_string(i) + ".jpg"), 3000, 2000);
    openAll();
    useFolder(copies);
    QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
    EXPECT_TRUE(window.runBar().stopButton()->isVisible());
    ASSERT_TRUE(waitUntil([&] { return fs::exists(copies) && !fs::is_empty(copies); }, kWait));
    QTest::mouseClick(window.runBar().stopButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    ASSERT_TRUE(window.runs().last()->stopped);
    const auto first = window.runs().last()->ledger.count(Outcome::Made);
    EXPECT_LT(first, 20U);
    ASSERT_TRUE(waitUntil([&] { return window.runBar().strongButton()->isEnabled(); }, kWait));
    QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return !window.runs().last()->stopped; }, kWait));
    EXPECT_EQ(window.runs().last()->ledger.count(Outcome::Made), 20U); // the same run, come to its end
}

TEST_F(Window, AFolderOfOriginalsIsRefusedOnTheStationThatCausesIt) {
    openAll();
    useFolder(pictures);
    EXPECT_FALSE(window.runBar().strongButton()->isEnabled());
    EXPECT_THAT(window.runBar().sentence().toStdString(), ::testing::HasSubstr("originals lie in"));
    EXPECT_THAT(window.chain().button(StationId::Place)->summary().toStdString(),
                ::testing::HasSubstr("originals lie in"));
}

TEST_F(Window, TheChainShowsThePixelSizesOfThePictureLookedAt) {
    openAll();
    window.document().setSetting("fit.long_side", 200.0);
    window.views().wall().setCurrent(id(2)); // 300 x 700
    EXPECT_EQ(window.chain().button(StationId::Fit)->sizeText(), QString("86 × 200"));
    window.document().setSetting("fit.on", false);
    EXPECT_EQ(window.chain().button(StationId::Fit)->sizeText(), QString("300 × 700"));
}

TEST_F(Window, OnePictureCanBeSteppedZoomedAndCompared) {
    openAll();
    window.views().wall().setFocus();
    QTest::keyClick(&window.views().wall(), Qt::Key_Home);
    QTest::keyClick(&window.views().wall(), Qt::Key_Return);
    EXPECT_TRUE(window.views().single().isVisible());
    ASSERT_TRUE(waitUntil([&] { return window.views().single().proofs().settled(); }, kWait));
    QTest::keyClick(&window.views().single(), Qt::Key_Right);
    EXPECT_EQ(window.views().single().current(), id(1));
    QTest::keyClick(&window.views().single(), Qt::Key_1);
    EXPECT_EQ(window.views().single().zoom(), Zoom::Full);
    ASSERT_TRUE(waitUntil([&] { return window.views().single().proofs().settled(); }, kWait));
    EXPECT_EQ(window.views().single().proofs().proof(id(1))->sealed.width(), 600); // the copy's own pixels
    const auto after = window.views().single().grab().toImage();
    QTest::keyPress(&window.views().single(), Qt::Key_Space);
    EXPECT_NE(window.views().single().grab().toImage(), after);
    QTest::keyRelease(&window.views().single(), Qt::Key_Space);
    EXPECT_EQ(window.views().single().grab().toImage(), after);
    QTest::keyClick(&window.views().single(), Qt::Key_Escape);
    EXPECT_TRUE(window.views().wall().isVisible());
}

TEST_F(Window, DeliveriesAreAddedTickedAndRemoved) {
    openAll();
    auto* offered = window.deliveries().addButton()->menu();
    emit offered->aboutToShow();
    offered->actions().front()->trigger(); // like the chosen one
    ASSERT_EQ(window.document().state().deliveries.size(), 2U);
    window.document().setSetting("fit.long_side", 100.0);
    EXPECT_EQ(window.document().state().deliveries[0].delivery.fit.longSide, 2048);
    QTest::mouseClick(window.deliveries().card(0), Qt::LeftButton);
    EXPECT_EQ(window.document().currentDelivery().fit.longSide, 2048);
    window.deliveries().card(1)->tick()->click();
    EXPECT_EQ(window.document().tickedDeliveries().size(), 1U);
    window.document().selectDelivery(1);
    window.document().removeCurrentDelivery();
    EXPECT_EQ(window.document().state().deliveries.size(), 1U);
}

TEST_F(Window, AWrongDeliveryFileIsANoticeAndChangesNothing) {
    writeFile(folder / "bad.json",
              R"({"format":"keep-seal/delivery","version":1,"stations":{"seal":{"opacity":400}}})");
    window.deliveryDesk().openDelivery(folder / "bad.json");
    ASSERT_TRUE(waitUntil([&] { return !window.notice().isEmpty(); }, kWait));
    EXPECT_EQ(window.document().state().deliveries.size(), 1U);
    EXPECT_THAT(window.notice().toStdString(), ::testing::HasSubstr("seal.opacity: 400 is not allowed"));
}

TEST_F(Window, RemembersDeliveriesLookAndColours) {
    ASSERT_TRUE(begun(window));
    window.document().setSetting("seal.text", std::string("remembered"));
    window.setLook(ThemeKind::Light, Surround::Middle);
    QColorDialog::setCustomColor(3, QColor("#345678"));
    ASSERT_TRUE(ended(window));
    QColorDialog::setCustomColor(3, Qt::white);
    MainWindow next;
    next.restoreState();
    EXPECT_EQ(QColorDialog::customColor(3).name(), "#345678");
    ASSERT_TRUE(begun(next));
    EXPECT_EQ(next.document().currentDelivery().seal.text(), "remembered");
    EXPECT_EQ(theme().kind, ThemeKind::Light);
    next.setLook(ThemeKind::Dark, Surround::Dark);
}

TEST_F(Window, HighContrastIsChosenAndRemembered) {
    const auto press = [](MainWindow& in) {
        for (auto* action : in.deliveries().menuButton()->menu()->findChildren<QAction*>())
            if (action->text() == "High contrast") {
                action->trigger();
                return action->isChecked();
            }
        ADD_FAILURE() << "it is not in the menu";
        return false;
    };
    EXPECT_TRUE(press(window));
    EXPECT_EQ(theme().window, QColor(Qt::black));
    ASSERT_TRUE(ended(window));
    setContrast(Contrast::Usual);
    MainWindow next;
    next.restoreState();
    EXPECT_EQ(theme().window, QColor(Qt::black));
    EXPECT_FALSE(press(next)); // what the desktop asks here: it is followed again, and nothing is remembered
    EXPECT_NE(theme().window, QColor(Qt::black));
    ASSERT_TRUE(ended(next));
    MainWindow last;
    last.restoreState();
    EXPECT_EQ(contrast(), Contrast::Usual);
}

TEST_F(Window, EveryControlHasANameAndASizeAPersonCanRead) {
    openAll();
    for (const auto& s : stations()) {
        chooseStation(s.id);
        for (const auto* widget : window.findChildren<QWidget*>()) {
            if (!widget->isVisible() || widget->focusPolicy() == Qt::NoFocus ||
                qobject_cast<const QLabel*>(widget))
                continue;
            if (const auto* button = qobject_cast<const QAbstractButton*>(widget)) {
                EXPECT_FALSE(button->accessibleName().isEmpty() && button->text().isEmpty())
                    << widget->metaObject()->className();
            }
            EXPECT_GE(widget->font().pointSizeF(), 9) << widget->metaObject()->className();
        }
    }
}
