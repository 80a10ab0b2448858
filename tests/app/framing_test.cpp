// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Turn and crop, fit, border and file in the real window.
#include "border/border_chooser.h"
#include "chain/formats_side_by_side.h"
#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "run/run.h"
#include "support/chain.h"
#include "window_fixture.h"

#include <QCheckBox>
#include <QComboBox>
#include <QPushButton>
#include <QToolButton>

namespace keepseal::app {
namespace {

class Framing : public Window {
protected:
    const Delivery& delivery() { return window.document().currentDelivery(); }
    void look(std::size_t index, StationId station) {
        chooseStation(station);
        window.views().wall().setCurrent(id(index));
        window.setView(ViewKind::One);
    }
    void dragMouse(QWidget& widget, QPointF from, QPointF to) {
        QTest::mousePress(&widget, Qt::LeftButton, {}, from.toPoint());
        for (int i = 1; i <= 4; ++i)
            moveMouse(widget, from + (to - from) * i / 4);
        QTest::mouseRelease(&widget, Qt::LeftButton, {}, to.toPoint());
    }
    /// QTest's own moves hold no button.
    void moveMouse(QWidget& widget, QPointF to) {
        QMouseEvent move(QEvent::MouseMove, to, widget.mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                         Qt::NoModifier);
        QApplication::sendEvent(&widget, &move);
    }
    Size whole(std::size_t index) {
        return chainOf(window.document(), window.library(), id(index))->sizes.whole;
    }
};

} // namespace

TEST_F(Framing, TheWallShowsBorderCaptionAndCropAsTheRendererMakesThem) {
    openAll();
    BorderDesign border;
    border.on = true;
    border.corner = 6;
    border.caption.on = true;
    border.caption.middle = "{name}";
    window.document().setBorder(border, "border");
    window.document().editPictures({id(0)}, "crop", [](PictureException& e) {
        e.turn.crop = Box{0.1, 0.1, 0.6, 0.7};
    });
    ASSERT_TRUE(waitUntil([] { return false; }, 120) || true);
    ASSERT_TRUE(proofsFollow());
    const auto shown = sealed();
    const auto path = window.document().originals()[0].path;
    const Opened picture(path);
    const auto made = window.document().deliveryAsMade();
    const auto& turn = window.document().exception(id(0)).turn;
    const auto chain = picture.plan(made, turn);
    EXPECT_NEAR(double(shown.width()) / shown.height(),
                double(chain.sizes.whole.width) / chain.sizes.whole.height, 0.02);
    const auto words =
        pictureWords(path, metadataFrom(inspect(picture.original)), picture.facts.size, made).facts;
    const auto frame = picture.frame(made, {shown.width(), shown.height()}, turn, nullptr, words);
    EXPECT_EQ(toImage(frame, delivery().file), shown);
}

TEST_F(Framing, ABorderIsSwitchedOnDrawnAndUndone) {
    openAll();
    look(0, StationId::Border);
    const Size bare = whole(0);
    QTest::mouseClick(control<SwitchControl>("border.on"), Qt::LeftButton);
    ASSERT_TRUE(delivery().border.on);
    EXPECT_GT(whole(0).width, bare.width);
    EXPECT_EQ(window.chain().button(StationId::Border)->sizeText(),
              QString("%1 × %2").arg(whole(0).width).arg(whole(0).height));
    auto& editor = *window.drawer().borderEditor();
    auto& diagram = editor.diagram();
    const double before = delivery().border.rings[0].width;
    const int steps = window.document().undoStack()->count();
    const QPointF held = diagram.bandOf(0).center() + QPointF(-10, 0);
    dragMouse(diagram, held, held - QPointF(0, 12));
    EXPECT_GT(delivery().border.rings[0].width, before);
    EXPECT_EQ(window.document().undoStack()->count(), steps + 1); // one movement, one step
    EXPECT_TRUE(editor.readout().contains(QString("%1 × %2 px").arg(whole(0).width).arg(whole(0).height)));
    window.document().undoStack()->undo();
    EXPECT_EQ(delivery().border.rings[0].width, before);
    QTest::keyClick(&diagram, Qt::Key_Right);
    EXPECT_GT(delivery().border.rings[0].width, before);
}

TEST_F(Framing, RingsAreAddedMovedAndRemoved) {
    openAll();
    look(0, StationId::Border);
    auto& editor = *window.drawer().borderEditor();
    editor.addRing(RingKind::Line);
    ASSERT_EQ(delivery().border.rings.size(), 2U);
    EXPECT_EQ(editor.chosen(), 1);
    editor.moveRing(-1);
    EXPECT_EQ(delivery().border.rings[0].kind, RingKind::Line);
    EXPECT_EQ(editor.chosen(), 0);
    // What a setting does nothing for is not shown.
    auto* share = editor.ringForm().control("ring.bottom_share");
    EXPECT_FALSE(share->isVisible());
    auto* sides = dynamic_cast<QComboBox*>(editor.ringForm().control("ring.sides"));
    ASSERT_TRUE(sides);
    sides->setCurrentIndex(1);
    emit sides->activated(1);
    EXPECT_EQ(delivery().border.rings[0].sides, RingSides::Weighted);
    EXPECT_TRUE(share->isVisible());
    editor.removeRing();
    editor.removeRing();
    EXPECT_TRUE(delivery().border.rings.empty());
    editor.removeRing(); // nothing left: nothing happens
    editor.addRing(RingKind::Mat);
    EXPECT_EQ(delivery().border.rings.size(), 1U);
    while (window.document().undoStack()->canUndo())
        window.document().undoStack()->undo();
}

TEST_F(Framing, AColourIsTakenFromThePicture) {
    openAll();
    look(0, StationId::Border);
    emit window.drawer().borderEditor()->pickRequested();
    ASSERT_TRUE(waitUntil([&] { return window.views().single().proofs().settled(); }, kWait));
    const QRect room = window.views().single().rect();
    QTest::mouseClick(&window.views().single(), Qt::LeftButton, {},
                      QPoint(room.width() / 2, room.height() / 2));
    const auto wanted = rampColour(300, 200, 600, 400);
    const auto& ring = delivery().border.rings[0];
    EXPECT_EQ(ring.from, RingColour::Typed);
    EXPECT_NEAR(ring.colour.r, wanted[0], 12);
    EXPECT_NEAR(ring.colour.g, wanted[1], 12);
}

TEST_F(Framing, ACropIsDraggedForOnePictureAlone) {
    openAll();
    look(0, StationId::Turn);
    ASSERT_TRUE(window.views().cropping());
    ASSERT_TRUE(waitUntil([&] { return window.views().crop().ready(); }, kWait));
    const QRectF frame = window.views().crop().frameOnScreen();
    EXPECT_EQ(frame, window.views().crop().pictureOnScreen());
    dragMouse(window.views().crop(), QPointF(frame.right(), frame.center().y()), frame.center());
    EXPECT_NEAR(whole(0).width, 300, 3);
    EXPECT_EQ(whole(0).height, 400);
    EXPECT_EQ(whole(1).width, 600);
    EXPECT_EQ(window.chain().button(StationId::Turn)->sizeText(), QString("%1 × 400").arg(whole(0).width));
    const QRectF cropped = window.views().crop().frameOnScreen();
    dragMouse(window.views().crop(), cropped.center(),
              cropped.center() + QPointF(2000, 0)); // as far as it goes
    EXPECT_NEAR(window.document().exception(id(0)).turn.crop->right(), 1, 1e-6);
    QTest::keyClick(&window.views().crop(), Qt::Key_Left);
    EXPECT_LT(window.document().exception(id(0)).turn.crop->right(), 1);
    QTest::keyClick(&window.views().crop(), Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_GT(whole(0).width, 300);
    QTest::keyClick(&window.views().crop(), Qt::Key_Delete);
    EXPECT_TRUE(window.document().exception(id(0)).empty());
    EXPECT_EQ(whole(0).width, 600);
    window.document().undoStack()->undo();
    EXPECT_TRUE(window.document().exception(id(0)).turn.crop);
    QTest::keyClick(&window.views().crop(), Qt::Key_Escape);
    EXPECT_EQ(window.view(), ViewKind::Wall);
    EXPECT_TRUE(proofsFollow());
}

TEST_F(Framing, ADraggedCropKeepsTheDeliverysRatio) {
    openAll();
    window.document().setSetting("turn.shape", std::string("1:1"));
    look(0, StationId::Turn);
    ASSERT_TRUE(waitUntil([&] { return window.views().crop().ready(); }, kWait));
    const QRectF frame = window.views().crop().frameOnScreen();
    EXPECT_NEAR(frame.width(), frame.height(), 1);
    dragMouse(window.views().crop(), frame.bottomRight(), frame.center());
    EXPECT_EQ(whole(0).width, whole(0).height);
    EXPECT_NEAR(whole(0).width, 200, 12);
}

TEST_F(Framing, FillingShowsWhatIsTrimmedAndMovesItByKeys) {
    openAll();
    look(0, StationId::Fit);
    EXPECT_FALSE(window.views().cropping());
    auto* common = control<QComboBox>("fit.common");
    ASSERT_TRUE(common);
    const int index = common->findData("square_1080");
    common->setCurrentIndex(index);
    emit common->activated(index);
    EXPECT_EQ(delivery().fit.to, FitTo::Fill);
    ASSERT_TRUE(window.views().cropping());
    EXPECT_EQ(whole(0), (Size{400, 400})); // never enlarged
    EXPECT_TRUE(window.drawer().sizes().contains("no more pixels"));
    window.views().crop().setFocus();
    QTest::keyClick(&window.views().crop(), Qt::Key_Left);
    EXPECT_EQ(delivery().fit.anchor, Anchor::Left);
    const QRectF picture = window.views().crop().pictureOnScreen();
    EXPECT_NEAR(window.views().crop().frameOnScreen().left(), picture.left(), 1);
    dragMouse(window.views().crop(), window.views().crop().frameOnScreen().center(),
              picture.center() + QPointF(picture.width() * 0.4, 0));
    EXPECT_EQ(delivery().fit.anchor, Anchor::Right);
}

TEST_F(Framing, TwoBordersStandSideBySideAndOneIsTaken) {
    openAll();
    BorderDesign border;
    border.on = true;
    border.rings[0].width = 10;
    window.document().setBorder(border, "ten");
    window.views().wall().setCurrent(id(0));
    ASSERT_TRUE(waitUntil([] { return false; }, 300) || true);
    ASSERT_TRUE(proofsFollow());
    BorderChooser chooser(&window.libraries(), delivery(), window.library().info(id(0)), {},
                          window.library().decoded(), &window);
    chooser.show();
    ASSERT_TRUE(waitUntil([&] { return chooser.settled() && !chooser.other().image().isNull(); }, kWait));
    // The same border twice as wide: 20 % against 10 % of 400 pixels.
    EXPECT_TRUE(chooser.now().readout().contains("whole 680 × 480")) << chooser.now().readout().toStdString();
    EXPECT_TRUE(chooser.other().readout().contains("whole 760 × 560"))
        << chooser.other().readout().toStdString();
    EXPECT_NE(chooser.now().image(), chooser.other().image());
    // What is compared is what would be delivered.
    const auto& now = chooser.now().image();
    const Opened picture(window.document().originals()[0].path);
    const auto words = pictureWords(picture.original.path(), metadataFrom(inspect(picture.original)),
                                    picture.facts.size, delivery())
                           .facts;
    EXPECT_EQ(now, toImage(picture.frame(delivery(), {now.width(), now.height()}, {}, nullptr, words),
                           delivery().file));
    for (auto* button : chooser.findChildren<QPushButton*>())
        if (button->text() == "Take the right one") {
            button->click();
            break;
        }
    ASSERT_TRUE(chooser.taken());
    EXPECT_DOUBLE_EQ(chooser.taken()->rings[0].width, 20);
}

TEST_F(Framing, TheFileDrawerMeasuresWhatTheCopyWillWeigh) {
    openAll();
    window.views().wall().setCurrent(id(0));
    chooseStation(StationId::File);
    auto& encoded = window.encoded();
    ASSERT_TRUE(waitUntil([&] { return encoded.settled() && encoded.curve().size() > 5; }, kWait));
    for (std::size_t i = 1; i < encoded.curve().size(); ++i)
        EXPECT_GE(encoded.curve()[i].bytes, encoded.curve()[i - 1].bytes);
    window.views().header().asSavedButton()->click();
    window.setView(ViewKind::One);
    ASSERT_TRUE(waitUntil([&] { return encoded.settled() && !encoded.image().isNull(); }, kWait));
    EXPECT_EQ(encoded.image().width(), whole(0).width);
    const auto bytes = encoded.bytes();
    useFolder(copies);
    window.runs().stamp();
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    EXPECT_EQ(fs::file_size(copies / "tide_0.jpg"), bytes);
    window.setView(ViewKind::Wall);
    QTest::mouseClick(window.drawer().qualityCurve(), Qt::LeftButton, {},
                      QPoint(window.drawer().qualityCurve()->width() / 2, 60));
    EXPECT_LT(std::get<double>(delivery().file.get("quality")), 85);
}

TEST_F(Framing, WhatSavingChangedIsMeasuredAndShownEnlarged) {
    openAll();
    window.views().wall().setCurrent(id(0));
    window.setView(ViewKind::One);
    auto& header = window.views().header();
    EXPECT_FALSE(header.differenceButton()->isVisible()); // of nothing
    header.asSavedButton()->click();
    header.differenceButton()->click();
    auto& encoded = window.encoded();
    ASSERT_TRUE(waitUntil([&] { return encoded.settled() && !encoded.difference().isNull(); }, kWait));
    ASSERT_TRUE(encoded.score());
    EXPECT_GT(*encoded.score(), 50);
    EXPECT_LT(*encoded.score(), 100);
    EXPECT_EQ(encoded.difference().size(), encoded.image().size());
    window.document().setSetting("file.jpeg", false);
    window.document().setSetting("file.png", true); // nothing is given up
    ASSERT_TRUE(
        waitUntil([&] { return encoded.settled() && encoded.score() && *encoded.score() > 99.99; }, kWait));
    const QColor grey = encoded.difference().pixelColor(20, 20);
    EXPECT_EQ(grey, QColor(128, 128, 128));
}

TEST_F(Framing, FormatsStandSideBySideAndAClickTakesOne) {
    openAll();
    FormatsSideBySide dialog(&window.document(), &window.library(), id(0), &window);
    dialog.show();
    ASSERT_TRUE(waitUntil([&] { return dialog.settled(); }, kWait));
    EXPECT_TRUE(dialog.said("png").contains("the same pixels")) << dialog.said("png").toStdString();
    EXPECT_TRUE(dialog.said("avif").contains("difference")) << dialog.said("avif").toStdString();
    dialog.alike()->setChecked(true);
    ASSERT_TRUE(waitUntil([&] { return dialog.settled() && dialog.said("jxl").contains("quality"); }, kWait));
    const auto steps = window.document().undoStack()->index();
    dialog.takeButton("webp")->click();
    EXPECT_EQ(delivery().file.chosen, (std::set<std::string, std::less<>>{"webp"}));
    EXPECT_TRUE(delivery().file.unseen);
    while (window.document().undoStack()->index() > steps)
        window.document().undoStack()->undo();
    EXPECT_EQ(delivery().file.chosen, (std::set<std::string, std::less<>>{"jpeg"}));
}

TEST_F(Framing, OurOwnCopiesAreLeftOutUnlessChosen) {
    openAll();
    useFolder(copies);
    window.runs().stamp();
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    window.setView(ViewKind::Wall);
    window.open({copies / "tide_0.jpg"});
    ASSERT_TRUE(waitUntil([&] { return window.library().known() == 5; }, kWait));
    window.document().setSetting("place.folder", (folder / "second").string());
    ASSERT_TRUE(waitUntil(
        [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait));
    EXPECT_EQ(window.runs().planning().plan()->count(Outcome::LeftOut), 1U);
    EXPECT_EQ(window.runs().planning().plan()->count(Outcome::Waiting), 4U);
    EXPECT_TRUE(window.runBar().sentence().contains("1 left out"))
        << window.runBar().sentence().toStdString();
    window.document().editPictures({id(4)}, "again", [](PictureException& e) { e.stampAgain = true; });
    ASSERT_TRUE(waitUntil(
        [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait));
    EXPECT_EQ(window.runs().planning().plan()->count(Outcome::Waiting), 5U);
}

TEST_F(Framing, ChosenPicturesAreTurnedByKeys) {
    openAll();
    window.views().wall().setCurrent(id(0));
    shortcut(QKeySequence("Ctrl+]"))->trigger();
    EXPECT_EQ(whole(0), (Size{400, 600}));
    shortcut(QKeySequence("Ctrl+["))->trigger();
    EXPECT_TRUE(window.document().exception(id(0)).empty());
}

} // namespace keepseal::app
