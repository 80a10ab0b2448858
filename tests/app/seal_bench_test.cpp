// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The seal bench and exceptions in the real window, by mouse and keys.
#include "base/assets.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "bench_fixture.h"
#include "library/seal_library.h"
#include "shell/trial_dialog.h"
#include "text/typefaces.h"
#include "widgets/controls.h"

#include <QComboBox>
#include <QDropEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>

#include <gmock/gmock.h>

using namespace keepseal;
using namespace keepseal::app;
using namespace keepseal::test;

TEST_F(Bench, AddsPartsShowsThemAndTakesThemBack) {
    const auto before = seal();
    bench().addText();
    bench().addShape();
    EXPECT_EQ(seal().parts.size(), 3U);
    EXPECT_EQ(bench().parts().topLevelItemCount(), 3);
    EXPECT_EQ(canvas().selection(), (PartIds{seal().parts.back().id}));
    bench().parts().setCurrentItem(bench().parts().topLevelItem(1));
    QTest::keyClick(&bench().parts(), Qt::Key_Delete);
    EXPECT_EQ(seal().parts.size(), 2U);
    for (int i = 0; i < 3; ++i)
        undo();
    EXPECT_EQ(seal(), before);
}

TEST_F(Bench, AClickChoosesAPartAndItsControlsChangeIt) {
    QTest::mouseClick(&canvas(), Qt::LeftButton, {}, middleOf("text1").toPoint());
    ASSERT_EQ(canvas().selection(), PartIds{"text1"});
    auto* text = qobject_cast<QPlainTextEdit*>(bench().partForm().control("text"));
    ASSERT_TRUE(text && waitUntil([&] { return text->isVisible(); }, kWait));
    text->setFocus();
    text->selectAll();
    QTest::keyClicks(text, "Kites");
    EXPECT_EQ(seal().text(), "Kites");
    auto* size = dynamic_cast<NumberControl*>(bench().partForm().control("size"));
    size->box()->setValue(180);
    EXPECT_EQ(seal().parts.front().size, 180);
    const auto was = steps();
    window.document().undoStack()->undo();
    window.document().undoStack()->undo();
    EXPECT_EQ(was - steps(), 2); // the typing was one step, the size another
    EXPECT_EQ(seal().text(), "© {studio}");
}

TEST_F(Bench, DraggingMovesTheSealAndACornerTakesHoldOfIt) {
    const QRectF picture = canvas().pictureRect();
    drag(middleOf("text1"), picture.center() + QPointF(60, -50));
    EXPECT_TRUE(seal().atPoint);
    EXPECT_NEAR(seal().point.x, 50 + 100 * 60 / picture.width(), 1);
    EXPECT_NEAR(seal().point.y, 50 - 100 * 50 / picture.height(), 1);
    const auto moved = steps();
    const QPointF half(
        std::abs(canvas().toWidget(prepareSeal(made())->box.corners()[0]).x() - middleOf("text1").x()),
        std::abs(canvas().toWidget(prepareSeal(made())->box.corners()[0]).y() - middleOf("text1").y()));
    const double margin = std::min(picture.width(), picture.height()) * seal().margins.share / 100;
    drag(middleOf("text1"), picture.topLeft() + half + QPointF(margin + 3, margin - 2));
    EXPECT_FALSE(seal().atPoint);
    EXPECT_EQ(seal().anchor, Anchor::TopLeft);
    EXPECT_EQ(steps(), moved + 1); // one drag, one step
}

TEST_F(Bench, ResizesAndTurnsByItsGrips) {
    window.document().setSetting("seal.place", std::string("centre"));
    ASSERT_TRUE(follows());
    const double size = seal().size;
    const Box box = prepareSeal(made())->box;
    const QPointF corner = canvas().toWidget(box.corners()[2]), middle = canvas().toWidget(box.centre());
    drag(corner, middle + (corner - middle) * 2);
    EXPECT_NEAR(seal().size, size * 2, size * 0.25);
    const Box now = prepareSeal(made())->box;
    const QPointF top = canvas().toWidget({now.centre().x, now.y}), centre = canvas().toWidget(now.centre());
    const QPointF up = top - QPointF(0, 26);
    drag(up, centre + QPointF(150, 8), Qt::ShiftModifier);
    EXPECT_EQ(seal().angle, 90); // to the right, in steps of 15
}

TEST_F(Bench, PartsThatStandFreelyAreDraggedSnapAndNudge) {
    bench().addShape();
    const auto shape = seal().parts.back().id;
    SealDesign free = seal();
    placeFreely(free, shape);
    free.size = 12;
    free.anchor = Anchor::Centre;
    window.document().setSeal(free, "freely");
    ASSERT_TRUE(follows());
    bench().choose({"text1"});
    const double x = seal().part("text1")->x;
    drag(middleOf("text1"), middleOf("text1") + QPointF(90, 0), Qt::AltModifier);
    EXPECT_GT(seal().part("text1")->x, x + 20);
    EXPECT_FALSE(seal().atPoint); // the part moved, not the seal
    const double y = seal().part("text1")->y;
    canvas().setFocus();
    QTest::keyClick(&canvas(), Qt::Key_Down);
    QTest::keyClick(&canvas(), Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_NEAR(seal().part("text1")->y, y + 11, 1e-6);
}

TEST_F(Bench, DoubleClickWritesInPlaceAndEscapeEndsIt) {
    QTest::mouseDClick(&canvas(), Qt::LeftButton, {}, middleOf("text1").toPoint());
    auto* editor = canvas().findChild<QPlainTextEdit*>();
    ASSERT_NE(editor, nullptr);
    QTest::keyClicks(editor, "On the wind");
    EXPECT_EQ(seal().text(), "On the wind");
    QTest::keyClick(editor, Qt::Key_Escape);
    EXPECT_FALSE(editor->isVisible());
    EXPECT_TRUE(window.onBench());
    QTest::keyClick(&canvas(), Qt::Key_Escape); // lets go of the part
    QTest::keyClick(&canvas(), Qt::Key_Escape); // leaves the bench
    EXPECT_FALSE(window.onBench());
    EXPECT_TRUE(window.views().wall().isVisible());
}

TEST_F(Bench, AnInputMethodHasALastWordToAFieldThatIsGoneAndChangesNothing) {
    QTest::mouseDClick(&canvas(), Qt::LeftButton, {}, middleOf("text1").toPoint());
    auto* editor = canvas().findChild<QPlainTextEdit*>();
    ASSERT_NE(editor, nullptr);
    QInputMethodEvent composed;
    composed.setCommitString("é");
    QCoreApplication::sendEvent(editor, &composed);
    EXPECT_EQ(seal().text(), "é");
    QTest::keyClick(editor, Qt::Key_Escape);
    const auto after = seal();
    QInputMethodEvent late;
    late.setCommitString("x");
    QCoreApplication::sendEvent(editor, &late);
    EXPECT_TRUE(seal() == after);
}

TEST_F(Bench, ADroppedFileBecomesALogoAndABadOneIsSaid) {
    writeFile(folder / "kite.svg", "<svg xmlns='http://www.w3.org/2000/svg' width='10' height='10'>"
                                   "<rect width='10' height='10' fill='#fff'/></svg>");
    drop(folder / "kite.svg");
    ASSERT_EQ(seal().parts.back().kind, PartKind::Logo);
    ASSERT_TRUE(follows());
    EXPECT_EQ(countOf(canvas().result()->notes, Severity::HoldsBack), 0U);
    writeFile(folder / "bad.svg", "<svg><script/></svg>");
    drop(folder / "bad.svg");
    ASSERT_TRUE(waitUntil(
        [&] { return canvas().settled() && countOf(canvas().result()->notes, Severity::HoldsBack) > 0; },
        kWait));
    EXPECT_THAT(said(canvas().result()->notes), ::testing::Contains(::testing::HasSubstr("script")));
}

TEST_F(Bench, TheTrialStripFindsTheHardCasesOfTheJob) {
    auto& cases = bench().strip().hardCases();
    ASSERT_TRUE(waitUntil([&] { return !cases.cases().empty() && cases.settled(); }, kWait));
    bool tall = false;
    for (const auto& hard : cases.cases())
        if (hard.what.contains("tallest")) {
            tall = true;
            EXPECT_EQ(hard.id, id(2)); // the one picture that is higher than wide
        }
    EXPECT_TRUE(tall);
    EXPECT_EQ(cases.verdict().measured, 4U);
    ASSERT_TRUE(waitUntil([&] { return bench().strip().settled(); }, kWait));
    EXPECT_GT(bench().strip().readabilityOf(id(2)), 1);
}

TEST_F(Bench, ASealThatCannotBeLaidOutIsSaidAndEndsNothing) {
    auto seal = window.document().currentDelivery().seal;
    ASSERT_FALSE(seal.parts.empty());
    for (auto& part : seal.parts)
        if (part.kind == PartKind::Text)
            part.text.text = std::string(21000, 'w'); // as a token may come to
    window.document().setSeal(seal, "test");
    for (const auto ground : {CanvasGround::Theirs, CanvasGround::Middle}) {
        canvas().setGround(ground);
        ASSERT_TRUE(waitUntil([&] { return canvas().problem().has_value(); }, kWait));
        QTest::mouseMove(&canvas(), canvas().rect().center());
        QTest::mouseClick(&canvas(), Qt::LeftButton, Qt::NoModifier, canvas().rect().center());
        QTest::keyClick(&canvas(), Qt::Key_Left);
        EXPECT_FALSE(canvas().grab().isNull());
        ASSERT_TRUE(waitUntil([&] { return canvas().problem().has_value(); }, kWait)); // the key moved it
        EXPECT_TRUE(canvas().problem()->sentence().find("letters") != std::string::npos);
    }
    while (window.document().undoStack()->canUndo())
        window.document().undoStack()->undo();
    EXPECT_TRUE(waitUntil([&] { return !canvas().problem() && canvas().settled(); }, kWait));
}

TEST_F(Bench, AdviceComesForThePictureOnTheCanvas) {
    ASSERT_TRUE(waitUntil([&] { return bench().advice().advice().has_value(); }, kWait));
    EXPECT_EQ(bench().advice().advice()->places.size(), 9U);
    for (auto* button : bench().advice().findChildren<QPushButton*>())
        button->click();
    EXPECT_EQ(seal().placing, Placing::Advised);
    ASSERT_TRUE(follows());
    EXPECT_FALSE(canvas().result()->decision.why.empty());
}

TEST_F(Bench, GroundsZoomAndEveryControlHasAName) {
    for (const auto ground :
         {CanvasGround::Dark, CanvasGround::Bright, CanvasGround::Chequered, CanvasGround::Theirs}) {
        canvas().setGround(ground);
        EXPECT_TRUE(follows());
        EXPECT_GT(canvas().result()->readability, 0);
    }
    canvas().setZoom(800);
    EXPECT_NEAR(canvas().zoomPercent(), 800, 1);
    canvas().setZoom(0);
    for (auto* button : bench().findChildren<QAbstractButton*>())
        EXPECT_FALSE(button->accessibleName().isEmpty() && button->text().isEmpty());
}

TEST_F(Bench, DraggingAPatternMovesItAndResizingItKeepsItAPattern) {
    window.document().setSetting("seal.arrangement", std::string("repeat"));
    ASSERT_TRUE(follows());
    EXPECT_GT(canvas().result()->count, 5U);
    const QPointF middle = canvas().toWidget(prepareSeal(made())->box.centre());
    drag(middle, middle + QPointF(30, 14));
    EXPECT_NE(seal().repeat.phaseX, 0);
    EXPECT_NE(seal().repeat.phaseY, 0);
    EXPECT_FALSE(seal().atPoint);
    undo();
    EXPECT_EQ(seal().repeat.phaseX, 0);
}

TEST_F(Bench, CornersAreDraggedOneByOneAndOnlyForASingleSeal) {
    window.document().setSetting("seal.place", std::string("centre"));
    window.document().setSetting("seal.size", 14.0);
    ASSERT_TRUE(follows());
    for (auto* button : bench().findChildren<QPushButton*>())
        if (button->text() == "Corners")
            button->click();
    ASSERT_TRUE(canvas().perspective());
    const Box box = prepareSeal(made())->box;
    const QPointF corner = canvas().toWidget(box.corners()[1]);
    drag(corner, corner + QPointF(20, -30));
    EXPECT_TRUE(seal().perspective.on());
    EXPECT_GT(seal().perspective.corners[1].x, 1);
    EXPECT_LT(seal().perspective.corners[1].y, -10);
    EXPECT_EQ(seal().perspective.corners[0], Point{});
    window.document().setSetting("seal.arrangement", std::string("strip"));
    EXPECT_FALSE(canvas().perspective());
}

TEST_F(Bench, ALockedPartIsLeftAloneAndAHiddenOneIsNotThere) {
    bench().addShape();
    const auto shape = seal().parts.back().id;
    ASSERT_TRUE(follows());
    SealDesign locked = seal();
    locked.part(shape)->locked = true;
    window.document().setSeal(locked, "lock");
    ASSERT_TRUE(follows());
    bench().choose({});
    QTest::mouseClick(&canvas(), Qt::LeftButton, {}, middleOf(shape).toPoint());
    EXPECT_NE(canvas().selection(), PartIds{shape});
    auto* item = bench().parts().topLevelItem(0);
    const QRect eye = bench().parts().visualItemRect(item);
    QTest::mouseClick(bench().parts().viewport(), Qt::LeftButton, {},
                      QPoint(bench().parts().columnViewportPosition(1) + 10, eye.center().y()));
    ASSERT_TRUE(waitUntil([&] { return seal().part("text1")->hidden; }, kWait));
    ASSERT_TRUE(follows());
    EXPECT_EQ(prepareSeal(made())->parts.size(), 1U);
    undo();
    EXPECT_FALSE(seal().part("text1")->hidden);
}

TEST_F(Bench, PartsAreReorderedRenamedGroupedAndDuplicatedFromTheList) {
    bench().addShape();
    const auto shape = seal().parts.back().id;
    bench().choose({shape});
    QTest::keyClick(&bench().parts(), Qt::Key_Up, Qt::AltModifier);
    EXPECT_EQ(seal().parts.front().id, shape);
    auto* item = bench().parts().topLevelItem(0);
    item->setText(0, "Fine rule");
    ASSERT_TRUE(waitUntil([&] { return seal().part(shape)->name == "Fine rule"; }, kWait));
    bench().choose({shape, "text1"});
    const auto press = [&](const QString& what) {
        for (auto* button : bench().findChildren<QAbstractButton*>())
            if (button->accessibleName() == what)
                return button->click();
        FAIL() << what.toStdString();
    };
    press("Group the chosen parts");
    ASSERT_EQ(seal().parts.size(), 3U);
    EXPECT_EQ(seal().part(shape)->parent, canvas().selection().front());
    press("Duplicate the chosen parts");
    EXPECT_EQ(seal().parts.size(), 6U);
    press("Remove the chosen parts (Delete)");
    EXPECT_EQ(seal().parts.size(), 3U);
    bench().choose({seal().part(shape)->parent});
    press("Take the chosen group apart");
    EXPECT_EQ(seal().parts.size(), 2U);
    bench().choose({shape, "text1"});
    press("Right edges");
    EXPECT_EQ(seal().layout.stacking, Stacking::Free);
    const auto laid = prepareSeal(made());
    EXPECT_NEAR(boxOf(*laid, shape).right(), boxOf(*laid, "text1").right(), 0.01);
    bench().choose({"text1"});
    waitUntil([] { return false; }, 50); // its controls come into view
    press("Insert ©");
    EXPECT_EQ(QString::fromStdString(seal().text()).count("©"), 2);
}

TEST_F(Bench, ShiftChoosesSeveralAndTheyMoveTogether) {
    bench().addShape();
    const auto shape = seal().parts.back().id;
    SealDesign free = seal();
    placeFreely(free, shape);
    free.anchor = Anchor::Centre;
    free.size = 14;
    window.document().setSeal(free, "freely");
    ASSERT_TRUE(follows());
    bench().choose({});
    QTest::mouseClick(&canvas(), Qt::LeftButton, {}, middleOf("text1").toPoint());
    QTest::mouseClick(&canvas(), Qt::LeftButton, Qt::ShiftModifier, middleOf(shape).toPoint());
    ASSERT_EQ(canvas().selection().size(), 2U);
    const double gap = seal().part(shape)->y - seal().part("text1")->y, y = seal().part(shape)->y;
    canvas().setFocus();
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(&canvas(), Qt::Key_Up, Qt::ShiftModifier);
    EXPECT_NEAR(seal().part(shape)->y, y - 30, 1e-6);
    EXPECT_NEAR(seal().part(shape)->y - seal().part("text1")->y, gap, 1e-6);
    QTest::keyClick(&canvas(), Qt::Key_Delete);
    EXPECT_TRUE(seal().parts.empty());
}

TEST_F(Bench, ItsRowsFollowTheArrangementAndTheLook) {
    const auto shown = [&](const char* key) {
        auto* control = bench().formOf(SealBench::Question::Stands).control(key);
        return control && control->isVisible();
    };
    bench().ask(SealBench::Question::Stands);
    for (const auto* heading : {"Arrangement", "Strip", "All over", "Placing"})
        bench().formOf(SealBench::Question::Stands).unfold(heading);
    window.document().setSetting("seal.arrangement", std::string("single"));
    EXPECT_TRUE(waitUntil([&] { return shown("angle"); }, kWait));
    window.document().setSetting("seal.arrangement", std::string("repeat"));
    EXPECT_TRUE(
        waitUntil([&] { return shown("gap_x") && !shown("place") && !shown("strip_padding"); }, kWait));
    window.document().setSetting("seal.arrangement", std::string("strip"));
    EXPECT_TRUE(
        waitUntil([&] { return !shown("gap_x") && shown("place") && shown("strip_padding"); }, kWait));
    EXPECT_FALSE(shown("angle"));
    window.document().setSetting("seal.margin_in", std::string("mm"));
    EXPECT_TRUE(
        waitUntil([&] { return shown("margin_mm") && !shown("margin") && !shown("margin_down_mm"); }, kWait));
    bench().ask(SealBench::Question::Adapts);
    EXPECT_FALSE(shown("angle"));
    EXPECT_TRUE(bench().formOf(SealBench::Question::Adapts).control("helped_by")->isVisible());
    window.setLook(ThemeKind::Light, Surround::Light);
    EXPECT_TRUE(follows());
    window.setLook(ThemeKind::Dark, Surround::Dark);
}

TEST_F(Bench, TheTrialShowsEachAttackWithItsWorstPictureFirst) {
    TrialDialog trial(window.document().deliveryAsMade(),
                      TrialDialog::picturesOf(window.document(), window.library(), id(1)), &window);
    trial.show();
    ASSERT_TRUE(waitUntil([&] { return trial.ready() && trial.loupe()->ready(); }, kWait));
    EXPECT_EQ(trial.pictures()->count(), 4);
    for (const auto attack : kAttacks) {
        trial.card(attack)->click();
        ASSERT_TRUE(waitUntil([&] { return trial.loupe()->ready(); }, kWait));
        EXPECT_FALSE(trial.loupe()->copy().isNull());
        EXPECT_TRUE(trial.sentence()->text().contains("tide_"));
        std::vector<int> held;
        for (int i = 0; i < trial.pictures()->count(); ++i)
            if (const auto number =
                    trial.pictures()->itemText(i).section(QString(" · "), 1).section(' ', 0, 0);
                number != "not")
                held.push_back(number.toInt());
        EXPECT_TRUE(std::is_sorted(held.begin(), held.end()));
        if (!held.empty()) {
            EXPECT_TRUE(trial.card(attack)->accessibleName().contains(QString::number(held.front())));
        }
    }
    trial.card(Attack::Cropped)->click();
    ASSERT_TRUE(waitUntil([&] { return trial.loupe()->ready(); }, kWait));
    EXPECT_NE(trial.loupe()->copy().size(), trial.loupe()->original().size());
}

TEST_F(Bench, ADroppedTypefaceIsCheckedKeptAndTakenByTheTexts) {
    const auto before = seal();
    writeFile(folder / "none.ttf", "no typeface");
    drop(folder / "none.ttf");
    ASSERT_TRUE(waitUntil([&] { return bench().said().contains("no typeface that can be used"); }, kWait));
    EXPECT_EQ(seal(), before); // nor did it become a logo
    std::filesystem::copy_file(assetsFolder() / "fonts/Comfortaa-Bold.ttf", folder / "own.ttf");
    drop(folder / "own.ttf");
    const auto family = familyOfTypeface(folder / "own.ttf");
    ASSERT_TRUE(waitUntil([&] { return seal() != before; }, kWait));
    for (const auto& part : seal().parts)
        if (part.kind == PartKind::Text) {
            EXPECT_EQ(part.text.family, family);
        }
    // Kept: the file may go.
    const auto files = addedTypefaceFiles(family);
    EXPECT_TRUE(std::any_of(files.begin(), files.end(), [](const auto& file) {
        return file.parent_path() == dataFolder() / "fonts" && std::filesystem::exists(file);
    }));
    undo();
    EXPECT_EQ(seal(), before);
}

TEST_F(Bench, OneLookForTheWholeJobIsFoundAndTakenOverAsOneStep) {
    auto& box = bench().oneLook();
    bench().choose({});
    ASSERT_TRUE(box.button()->isVisible());
    const auto before = seal();
    const int had = steps();
    box.button()->click();
    ASSERT_TRUE(waitUntil([&] { return !box.words().isEmpty(); }, kWait));
    EXPECT_TRUE(box.words().startsWith("On all 4 pictures")) << box.words().toStdString();
    EXPECT_EQ(steps(), had + 1);
    EXPECT_NE(seal().tone, Tone::ByPicture);
    EXPECT_TRUE(box.words().contains(seal().tone == Tone::Dark ? "dark" : "light"));
    ASSERT_TRUE(follows());
    EXPECT_EQ(canvas().result()->decision.dark, seal().tone == Tone::Dark);
    EXPECT_FALSE(canvas().result()->belowReadable);
    undo();
    EXPECT_EQ(seal(), before);
    auto hopeless = seal();
    hopeless.halo.when = HaloWhen::Off;
    hopeless.readable = 20;
    window.document().setSeal(hopeless, "test");
    box.button()->click();
    ASSERT_TRUE(waitUntil([&] { return box.words().contains("nothing was changed"); }, kWait));
    EXPECT_EQ(seal(), hopeless);
}

TEST_F(Bench, KeysZoomAndWithoutAPictureThereIsStillAGround) {
    canvas().setFocus();
    QTest::keyClick(&canvas(), Qt::Key_1);
    EXPECT_NEAR(canvas().zoomPercent(), 100, 0.5);
    QTest::keyClick(&canvas(), Qt::Key_Plus);
    EXPECT_NEAR(canvas().zoomPercent(), 125, 0.5);
    QTest::keyClick(&canvas(), Qt::Key_Minus);
    QTest::keyClick(&canvas(), Qt::Key_0);
    EXPECT_TRUE(QRectF(canvas().rect()).contains(canvas().pictureRect()));
    std::vector<OriginalId> all;
    for (const auto& item : window.document().originals())
        all.push_back(item.id);
    window.document().removeOriginals(all);
    canvas().setGround(CanvasGround::Middle);
    ASSERT_TRUE(follows());
    bench().addText();
    EXPECT_EQ(seal().parts.size(), 2U);
}

TEST_F(Window, WhatIsDifferentOnOnePictureShowsIsUndoneAndIsStamped) {
    openAll();
    useFolder(copies);
    const auto others = sealed(0);
    window.views().wall().setCurrent(id(1));
    const auto before = sealed(1);
    shortcut(QKeySequence("Alt+1"))->trigger(); // top left
    shortcut(QKeySequence("Alt+D"))->trigger();
    ASSERT_TRUE(proofsFollow());
    EXPECT_NE(sealed(1), before);
    EXPECT_EQ(sealed(0), others);
    EXPECT_EQ(window.document().exception(id(1)).seal.anchor, Anchor::TopLeft);
    const auto* proof = window.views().wall().proofs().proof(id(1));
    EXPECT_LT(proof->seal.box.x, proof->sealed.width() / 2.0);
    EXPECT_TRUE(proof->seal.decision.dark);
    window.views().wall().setCurrent(id(3));
    shortcut(QKeySequence("Alt+N"))->trigger();
    ASSERT_TRUE(proofsFollow());
    EXPECT_TRUE(window.views().wall().proofs().proof(id(3))->seal.empty());
    ASSERT_TRUE(waitUntil(
        [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait));
    window.runs().stamp();
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    EXPECT_EQ(window.runs().last()->ledger.rows[3].readability, 0);
    EXPECT_GT(window.runs().last()->ledger.rows[1].readability, 1);
    window.setView(ViewKind::Wall);
    for (int i = 0; i < 3; ++i)
        window.document().undoStack()->undo();
    ASSERT_TRUE(proofsFollow());
    EXPECT_EQ(sealed(1), before);
}
