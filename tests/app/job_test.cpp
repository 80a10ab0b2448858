// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Deliveries, job, plan, run and check through the real window.
#include "window_fixture.h"

#include "document/thumbnail_cache.h"
#include "run/journal.h"
#include "shell/compare_deliveries.h"

#include "delivery/json.h"
#include "library/bundle.h"
#include "widgets/arrival_dialog.h"
#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMessageBox>
#include <QPushButton>
#include <QTableView>

#include <gmock/gmock.h>

namespace keepseal::app {

using ::testing::Contains;
using ::testing::HasSubstr;

class JobWindow : public Window {
protected:
    JobDocument& document() { return window.document(); }
    bool planned() {
        return waitUntil(
            [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait);
    }
    bool ran() {
        return waitUntil([&] { return window.runs().last().has_value() && !window.runs().running().busy(); },
                         kWait);
    }
    void addFromStart(const std::string& name) {
        const auto saved = window.libraries().folders().deliveries.find(name);
        ASSERT_TRUE(saved);
        document().addDelivery(saved->design);
        const auto& item = document().state().deliveries[document().currentDeliveryIndex()];
        document().setKept(item.id, item.delivery);
        document().setSetting("place.folder", copies.string());
    }
    std::vector<std::string> cardNames() {
        std::vector<std::string> out;
        for (const auto& item : document().state().deliveries)
            out.push_back(item.delivery.name);
        return out;
    }
};

TEST_F(JobWindow, CardsAreMadeFromTheStartSetDuplicatedMovedAndRemovedWithUndo) {
    openAll();
    auto* menu = window.deliveries().addButton()->menu();
    ASSERT_NE(menu, nullptr);
    emit menu->aboutToShow();
    QAction* square = nullptr;
    for (auto* action : menu->actions())
        if (action->text() == "Social square")
            square = action;
    ASSERT_NE(square, nullptr);
    square->trigger();
    EXPECT_EQ(document().currentDelivery().fit.width, 1080);
    shortcut(QKeySequence("Ctrl+Shift+D"))->trigger();
    EXPECT_THAT(cardNames(), ::testing::ElementsAre("New delivery", "Social square", "Social square 2"));
    window.deliveries().card(2)->setFocus();
    QTest::keyClick(window.deliveries().card(2), Qt::Key_Left, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_THAT(cardNames(), ::testing::ElementsAre("New delivery", "Social square 2", "Social square"));
    EXPECT_EQ(document().currentDelivery().name, "Social square 2"); // the chosen one moved along
    document().removeCurrentDelivery();
    shortcut(QKeySequence::Undo)->trigger();
    shortcut(QKeySequence::Undo)->trigger();
    EXPECT_THAT(cardNames(), ::testing::ElementsAre("New delivery", "Social square", "Social square 2"));
}

TEST_F(JobWindow, AChangedDeliverySaysWhatChangedIsPutBackOrKept) {
    addFromStart("Web gallery");
    const auto& item = [&]() -> const DeliveryItem& {
        return document().state().deliveries[document().currentDeliveryIndex()];
    };
    EXPECT_FALSE(item().changed()); // the folder is of the job
    document().setSetting("fit.long_side", 1500.0);
    EXPECT_TRUE(item().changed());
    EXPECT_THAT(window.deliveries().card(1)->toolTip().toStdString(), HasSubstr("1500 px, was 2048 px"));
    document().putBackDelivery();
    EXPECT_FALSE(item().changed());
    EXPECT_EQ(document().currentDelivery().fit.longSide, 2048);
    EXPECT_EQ(document().currentDelivery().place.folder, copies.string());
    document().setSetting("fit.long_side", 1500.0);
    document().renameCurrentDelivery("My gallery");
    shortcut(QKeySequence::Save)->trigger();
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy(); }, kWait));
    EXPECT_FALSE(item().changed());
    EXPECT_EQ(window.libraries().folders().deliveries.find("My gallery")->design.fit.longSide, 1500);
    EXPECT_THAT(window.notice().toStdString(), HasSubstr("kept"));
}

TEST_F(JobWindow, DeliveriesAreSharedAsOneFile) {
    addFromStart("Social tall");
    window.deliveryDesk().exportDeliveriesTo(folder / "share.zip", true);
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy(); }, kWait));
    ASSERT_TRUE(fs::exists(folder / "share.zip"));
    const auto before = document().state().deliveries.size();
    const auto arrival = [this]() -> ArrivalDialog* {
        waitUntil([this] { return window.findChild<ArrivalDialog*>() != nullptr; }, kWait);
        return window.findChild<ArrivalDialog*>();
    };
    window.deliveryDesk().importDeliveriesFrom(folder / "share.zip");
    ASSERT_TRUE(arrival());
    EXPECT_EQ(document().state().deliveries.size(), before); // shown first, nothing taken
    arrival()->reject();
    EXPECT_TRUE(waitUntil([this] { return !window.findChild<ArrivalDialog*>(); }, kWait));
    EXPECT_EQ(document().state().deliveries.size(), before);
    window.deliveryDesk().importDeliveriesFrom(folder / "share.zip");
    ASSERT_TRUE(arrival());
    arrival()->takeButton()->click();
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy(); }, kWait));
    EXPECT_EQ(document().state().deliveries.size(), 2 * before);
    std::set<std::string> names;
    for (const auto& item : document().state().deliveries)
        names.insert(item.delivery.name);
    EXPECT_EQ(names.size(), 2 * before); // two of one name became two
    EXPECT_TRUE(document().currentDelivery().place.folder.empty());
    document().undoStack()->undo();
    EXPECT_EQ(document().state().deliveries.size(), 2 * before - 1);
    window.deliveryDesk().importDeliveriesFrom(folder / "nowhere.zip");
    EXPECT_TRUE(waitUntil([this] { return window.notice().contains("nowhere.zip"); }, kWait));
}

TEST_F(JobWindow, ASharedDeliveryCantOpenThePlaceAndItsNameIsNoMarkup) {
    auto open = document().currentDelivery();
    open.name = "<h1>Web</h1>";
    open.privacy.location = Stay::Keep;
    open.privacy.locationWords = kLocationWords;
    exportDeliveries({open}, folder / "open.zip", folder.path());
    window.deliveryDesk().importDeliveriesFrom(folder / "open.zip");
    ASSERT_TRUE(waitUntil([this] { return window.findChild<ArrivalDialog*>() != nullptr; }, kWait));
    auto* dialog = window.findChild<ArrivalDialog*>();
    bool red = false;
    for (const auto* label : dialog->findChildren<QLabel*>()) {
        EXPECT_EQ(label->textFormat(), Qt::PlainText) << label->text().toStdString();
        red = red || (label->text().contains("wants its copies to tell") &&
                      label->styleSheet().contains(theme().bad.name()));
    }
    EXPECT_TRUE(red);
    dialog->takeButton()->click();
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy(); }, kWait));
    EXPECT_EQ(document().currentDelivery().name, "<h1>Web</h1>");
    EXPECT_FALSE(document().currentDelivery().privacy.opensLocation());
    saveDelivery(open, folder / "open.json"); // nor does a file that is opened
    window.deliveryDesk().openDelivery(folder / "open.json");
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy(); }, kWait));
    EXPECT_FALSE(document().currentDelivery().privacy.opensLocation());
    EXPECT_THAT(window.notice().toStdString(), HasSubstr("closed"));
}

TEST_F(JobWindow, ConditionsShowOnCardWallAndPlan) {
    openAll();
    addFromStart("Social tall");
    document().setInNextRun(0, false);
    ASSERT_TRUE(planned());
    EXPECT_EQ(window.runs().planning().plan()->count(Outcome::Waiting), 1U); // tide_2 is the tall one
    EXPECT_EQ(window.runs().planning().plan()->count(Outcome::LeftOut), 3U);
    window.setView(ViewKind::Check);
    auto* show = window.views().check().show();
    const int aside = show->findText("Already there or left out", Qt::MatchStartsWith);
    ASSERT_GE(aside, 0);
    show->setCurrentIndex(aside);
    EXPECT_EQ(window.views().check().filter()->rowCount(), 3);
    show->setCurrentIndex(0);
    EXPECT_EQ(window.views().check().filter()->rowCount(), 4);
}

TEST_F(JobWindow, ThePlanHasSizesAndBytesAndLeadsToTheStation) {
    openAll();
    document().setSetting("fit.long_side", 900.0);
    document().setSetting("fit.enlarge", std::string("always"));
    useFolder(copies);
    window.setView(ViewKind::Check);
    const auto* ahead = [&]() -> const Forecast* {
        waitUntil(
            [&] {
                const auto* known = window.runs().forecasting().of(window.runs().planning().plan().get());
                return known && known->bytes > 0 && !window.runs().forecasting().busy();
            },
            kWait);
        return window.runs().forecasting().of(window.runs().planning().plan().get());
    }();
    ASSERT_NE(ahead, nullptr);
    EXPECT_GT(ahead->bytes, 0U);
    EXPECT_FALSE(fs::exists(copies));
    auto* model = window.views().check().model();
    EXPECT_EQ(model->data(model->index(0, CheckModel::PixelSize), Qt::DisplayRole).toString(), "900 × 600");
    EXPECT_TRUE(
        model->data(model->index(0, CheckModel::Bytes), Qt::DisplayRole).toString().startsWith("about"));
    EXPECT_THAT(window.views().check().summary().toStdString(), HasSubstr("estimated from 3 copies"));
    EXPECT_THAT(window.runBar().sentence().toStdString(), HasSubstr("4 worth a look"));
    emit window.views().check().table()->doubleClicked(window.views().check().filter()->index(2, 0));
    EXPECT_EQ(window.chain().chosen(), StationId::Fit);
    EXPECT_EQ(window.views().wall().current(), id(2));
}

TEST_F(JobWindow, ANameThatIsTakenStopsTheRunWhereTheDeliverySaysSo) {
    writeFile(copies / "TIDE_1.JPG", "somebody's");
    openAll();
    document().setSetting("place.taken", std::string("stop"));
    useFolder(copies);
    EXPECT_THAT(window.runBar().sentence().toStdString(), HasSubstr("1 name is taken"));
    EXPECT_FALSE(window.runBar().strongButton()->isEnabled());
    document().setSetting("place.taken", std::string("number"));
    ASSERT_TRUE(planned());
    EXPECT_TRUE(window.runBar().strongButton()->isEnabled());
}

TEST_F(JobWindow, FilterAndLeavingOutKeepThePicturesInTheJob) {
    openAll();
    useFolder(copies);
    shortcut(QKeySequence::Find)->trigger();
    EXPECT_TRUE(window.views().filterBar().isVisible());
    window.views().filterBar().kind()->setCurrentIndex(
        window.views().filterBar().kind()->findData(static_cast<int>(PictureFilter::Kind::TellsPlace)));
    EXPECT_EQ(window.views().wall().shown(), 1U);
    EXPECT_EQ(window.views().wall().current(), id(1));
    shortcut(QKeySequence("Ctrl+Backspace"))->trigger();
    EXPECT_TRUE(document().exception(id(1)).leftOut);
    window.views().filterBar().clear();
    EXPECT_EQ(window.views().wall().shown(), 4U);
    window.views().filterBar().words()->setText("tide_3");
    EXPECT_EQ(window.views().wall().shown(), 1U);
    EXPECT_EQ(document().originals().size(), 4U);
    ASSERT_TRUE(planned());
    EXPECT_EQ(window.runs().planning().plan()->count(Outcome::Waiting), 3U);
    window.views().filterBar().clear();
    window.views().filterBar().kind()->setCurrentIndex(
        window.views().filterBar().kind()->findData(static_cast<int>(PictureFilter::Kind::LeftOut)));
    EXPECT_EQ(window.views().wall().shown(), 1U);
    shortcut(QKeySequence("Ctrl+Shift+Backspace"))->trigger();
    EXPECT_FALSE(document().exception(id(1)).leftOut);
}

TEST_F(JobWindow, SortingChangesTheOrderThatNumbersCountIn) {
    openAll();
    document().setSetting("place.name", std::string("{number}"));
    useFolder(copies);
    const auto first = document().originals().front().path;
    document().reorderOriginals({id(3), id(2), id(1), id(0)}, "sorting");
    ASSERT_TRUE(planned());
    EXPECT_EQ(window.runs().planning().plan()->originals[0].filename(), "tide_3.jpg");
    EXPECT_EQ(window.runs().planning().plan()->copies[0].target.filename(), "001.jpg");
    shortcut(QKeySequence::Undo)->trigger();
    EXPECT_EQ(document().originals().front().path, first);
}

TEST_F(JobWindow, AJobIsSavedOpenedAndItsMissingPicturesFoundAgain) {
    openAll();
    document().editPictures({id(2)}, "test", [](PictureException& e) { e.turn.quarterTurns = 1; });
    addFromStart("Client proofs");
    const auto settle = [](MainWindow& one) {
        return waitUntil([&] { return !one.session().busy(); }, kWait);
    };
    window.session().saveTo(folder / "kites.json");
    ASSERT_TRUE(settle(window));
    EXPECT_EQ(document().state().name, "kites");
    EXPECT_EQ(document().file(), folder / "kites.json");
    fs::rename(pictures, folder / "moved");
    MainWindow second;
    second.session().open(folder / "kites.json");
    ASSERT_TRUE(settle(second));
    ASSERT_EQ(second.document().originals().size(), 4U);
    EXPECT_THAT(second.notice().toStdString(), HasSubstr("4 pictures are not where they were"));
    second.session().findMissingIn(folder / "moved");
    ASSERT_TRUE(settle(second));
    EXPECT_EQ(second.document().originals()[2].path, folder / "moved/tide_2.jpg");
    EXPECT_EQ(second.document().exception(second.document().originals()[2].id).turn.quarterTurns, 1);
    EXPECT_EQ(second.document().currentDelivery().name, "Client proofs");
    writeFile(folder / "broken.json", "{}");
    second.session().open(folder / "broken.json");
    ASSERT_TRUE(settle(second));
    EXPECT_EQ(second.document().originals().size(), 4U); // nothing is lost to a bad file
    EXPECT_THAT(second.notice().toStdString(), HasSubstr("broken.json"));
}

TEST_F(JobWindow, ARunIsPausedGoesOnAndASecondWaitsInLine) {
    for (int i = 0; i < 10; ++i)
        makePicture(pictures / ("large_" + std::to_string(i) + ".jpg"), 3000, 2000);
    openAll();
    useFolder(copies);
    window.runBar().strongButton()->click();
    ASSERT_TRUE(waitUntil([&] { return fs::exists(copies) && !fs::is_empty(copies); }, kWait));
    window.runBar().pauseButton()->click();
    EXPECT_EQ(window.runBar().pauseButton()->text(), "Go on");
    waitUntil([] { return false; }, 1200);
    const auto count = [&] {
        return std::distance(fs::directory_iterator(copies), fs::directory_iterator());
    };
    const auto held = count();
    waitUntil([] { return false; }, 400);
    EXPECT_EQ(count(), held);
    EXPECT_TRUE(window.runs().running().busy());
    document().setSetting("place.suffix", std::string("-again")); // the job can be worked on meanwhile
    ASSERT_TRUE(planned());
    ASSERT_TRUE(window.runBar().strongButton()->isVisible());
    window.runBar().strongButton()->click();
    EXPECT_EQ(window.runs().running().inLine(), 1U);
    window.runBar().pauseButton()->click();
    ASSERT_TRUE(waitUntil(
        [&] { return fs::exists(copies / "large_9-again.jpg") && !window.runs().running().busy(); }, kWait));
    EXPECT_EQ(window.runs().running().inLine(), 0U);
    EXPECT_EQ(count(), 28);
}

TEST_F(JobWindow, AfterTheRunOriginalAndCopyLieUnderOneLoupe) {
    openAll();
    document().setSetting("fit.long_side", 300.0);
    useFolder(copies);
    window.runBar().strongButton()->click();
    ASSERT_TRUE(ran());
    auto* loupe = window.views().check().loupe();
    window.views().check().table()->selectRow(0);
    ASSERT_TRUE(waitUntil([&] { return loupe->ready(); }, kWait));
    EXPECT_EQ(loupe->copy().size(), QSize(300, 200));
    EXPECT_EQ(loupe->original().size(), loupe->copy().size());
    EXPECT_NE(loupe->original(), loupe->copy()); // the seal is on one of them
    loupe->setZoom(Loupe::Zoom::Double);
    loupe->resize(500, 200);
    const auto before = loupe->centre();
    loupe->setFocus();
    QTest::keyClick(loupe, Qt::Key_Right);
    EXPECT_GT(loupe->centre().x(), before.x());
    window.views().check().table()->setFocus(); // flicking through
    QTest::keyClick(window.views().check().table(), Qt::Key_Down);
    ASSERT_TRUE(waitUntil([&] { return loupe->ready(); }, kWait));
    EXPECT_THAT(window.views().check().detail().toStdString(), HasSubstr("tide_1.jpg"));
    window.views().check().show()->setCurrentIndex(
        window.views().check().show()->findText("Fine", Qt::MatchStartsWith));
    EXPECT_GT(window.views().check().filter()->rowCount(), 0);
}

TEST_F(JobWindow, AgainWithSomethingDifferentReplacesJustThatCopy) {
    openAll();
    useFolder(copies);
    window.runBar().strongButton()->click();
    ASSERT_TRUE(ran());
    const auto bytes = readText(copies / "tide_2.jpg"), other = readText(copies / "tide_0.jpg");
    auto& check = window.views().check();
    for (int line = 0; line < check.filter()->rowCount(); ++line)
        if (check.model()
                ->row(check.filter()->mapToSource(check.filter()->index(line, 0)).row())
                .copy.filename() == "tide_2.jpg")
            // Not selectRow(): that asks which keys are down, and an earlier test may have left one.
            check.table()->selectionModel()->setCurrentIndex(check.filter()->index(line, 0),
                                                             QItemSelectionModel::ClearAndSelect |
                                                                 QItemSelectionModel::Rows);
    auto* menu = check.againButton()->menu();
    emit menu->aboutToShow();
    EXPECT_EQ(window.views().wall().selected(), std::vector{id(2)});
    document().editExceptions({id(2)}, "test", [](SealException& e) { e.none = true; });
    window.views().check().show()->setCurrentIndex(0);
    window.runs().stampAgain({window.runs().last()->ledger.rows[2]}, window.views().check().cards());
    ASSERT_TRUE(waitUntil(
        [&] { return !window.runs().running().busy() && window.runs().last()->ledger.rows.size() == 1; },
        kWait));
    EXPECT_TRUE(window.runs().last()->ledger.rows[0].replaced);
    EXPECT_NE(readText(copies / "tide_2.jpg"), bytes);
    EXPECT_EQ(readText(copies / "tide_0.jpg"), other);
    EXPECT_EQ(std::distance(fs::directory_iterator(copies), fs::directory_iterator()), 4);
}

TEST_F(JobWindow, TwoDeliveriesOfOneNameAreTwoInRunPlanAndCheck) {
    openAll();
    document().setSetting("place.name", std::string("{number}-{name}"));
    useFolder(copies);
    document().duplicateCurrentDelivery();
    document().renameCurrentDelivery(toQt(document().state().deliveries[0].delivery.name));
    ASSERT_EQ(document().state().deliveries[1].delivery.name, document().state().deliveries[0].delivery.name);
    document().setSetting("place.folder", (folder / "second").string());
    document().setSetting("fit.long_side", 200.0);
    ASSERT_TRUE(planned());
    window.runBar().strongButton()->click();
    ASSERT_TRUE(ran());
    const auto rows = window.runs().last()->ledger.rows;
    ASSERT_EQ(rows.size(), 8U);
    // The third picture in the second delivery alone; its number is the one it had.
    document().editExceptions({id(2)}, "test", [](SealException& e) { e.none = true; });
    const auto first = readText(copies / "003-tide_2.jpg"),
               before = readText(folder / "second/003-tide_2.jpg");
    window.runs().stampAgain({rows[6]}, window.views().check().cards());
    ASSERT_TRUE(waitUntil(
        [&] { return !window.runs().running().busy() && window.runs().last()->ledger.rows.size() == 1; },
        kWait));
    EXPECT_TRUE(window.runs().last()->ledger.rows[0].replaced);
    EXPECT_NE(readText(folder / "second/003-tide_2.jpg"), before);
    EXPECT_EQ(readText(copies / "003-tide_2.jpg"), first);
    // Rows are of the cards they were made with, also when the plan has others by now.
    document().selectDelivery(0);
    document().setInNextRun(0, false);
    ASSERT_TRUE(planned());
    window.runDesk().mend(window.runs().last()->ledger.rows[0]);
    EXPECT_EQ(document().currentDeliveryIndex(), 1U);
    document().setInNextRun(0, true);
    // The check leads to the card, not to the name.
    document().selectDelivery(0);
    window.runDesk().mend(window.runs().last()->ledger.rows[0]);
    EXPECT_EQ(document().currentDeliveryIndex(), 1U);
}

TEST_F(JobWindow, ReportsAreWrittenOfTheRun) {
    openAll();
    useFolder(copies);
    window.runBar().strongButton()->click();
    ASSERT_TRUE(ran());
    window.runs().writeContactSheet(folder / "sheet.pdf");
    ASSERT_TRUE(waitUntil([&] { return fs::exists(folder / "sheet.pdf"); }, kWait));
    window.runs().writeLedgerCsv(folder / "ledger.csv");
    ASSERT_TRUE(waitUntil([&] { return fs::exists(folder / "ledger.csv"); }, kWait));
    EXPECT_THAT(readText(folder / "ledger.csv"), HasSubstr("tide_3.jpg"));
    ASSERT_TRUE(waitUntil([&] { return window.notice().contains("written"); }, kWait));
    window.runs().writeLedgerCsv(folder / "ledger.csv"); // nothing is ever replaced
    ASSERT_TRUE(waitUntil([&] { return window.notice().contains("already"); }, kWait));
}

TEST_F(JobWindow, ARunThatDidNotComeToItsEndIsOffered) {
    const std::vector<fs::path> files = {pictures / "tide_0.jpg", pictures / "tide_1.jpg"};
    std::atomic<bool> stop{false};
    RunOptions options;
    options.workers = 1;
    const auto first = runPlan(makePlan(files, {sampleDelivery(copies)}, "/"), options, stop,
                               [&](const RunEvent&) { stop = true; });
    ASSERT_FALSE(first.journal.empty());
    ASSERT_TRUE(begun(window));
    auto* box = window.findChild<QMessageBox*>();
    ASSERT_NE(box, nullptr);
    EXPECT_THAT(box->text().toStdString(), HasSubstr("made 1 of 2 copies"));
    for (auto* button : box->buttons())
        if (button->text() == "Go on")
            button->click();
    ASSERT_TRUE(ran());
    EXPECT_EQ(window.runs().last()->ledger.count(Outcome::Made), 2U);
    EXPECT_TRUE(unfinishedRuns().empty());
}

TEST_F(JobWindow, TwoDeliveriesAreComparedOnOnePicture) {
    openAll();
    addFromStart("Social square");
    CompareDeliveries dialog(document().state().deliveries, 0, window.library().info(id(0)), {},
                             window.library().decoded(), &window);
    dialog.show();
    ASSERT_TRUE(waitUntil([&] { return dialog.loupe()->ready(); }, kWait));
    EXPECT_EQ(dialog.loupe()->copy().size(), QSize(1080, 1080));
    EXPECT_EQ(dialog.loupe()->original().size(), QSize(600, 400));
    EXPECT_THAT(dialog.difference().toStdString(), HasSubstr("Fit"));
    dialog.right()->setCurrentIndex(0);
    EXPECT_THAT(dialog.difference().toStdString(), HasSubstr("the same"));
}

TEST_F(JobWindow, FilesArePastedAndTextThatIsNoneIsSaid) {
    QApplication::clipboard()->setText(toQt(pictures / "tide_1.jpg") + "\n" + toQt(pictures / "tide_2.jpg"));
    shortcut(QKeySequence::Paste)->trigger();
    ASSERT_TRUE(waitUntil([&] { return document().originals().size() == 2; }, kWait));
    QApplication::clipboard()->setText("no path at all");
    shortcut(QKeySequence::Paste)->trigger();
    EXPECT_THAT(window.notice().toStdString(), HasSubstr("clipboard"));
}

TEST_F(JobWindow, TokensAreAddedToTheNameAndExamplesAreShown) {
    openAll();
    useFolder(copies);
    chooseStation(StationId::Place);
    document().setSetting("place.name", std::string("{number}-{name}"));
    ASSERT_TRUE(planned());
    QStringList texts;
    for (auto* label : window.drawer().findChildren<QLabel*>())
        texts << label->text();
    EXPECT_THAT(texts.join("\n").toStdString(), HasSubstr("tide_0.jpg → 001-tide_0.jpg"));
    document().setSetting("place.name", std::string("{nmae}"));
    ASSERT_TRUE(planned());
    EXPECT_THAT(window.runBar().sentence().toStdString(), HasSubstr("{nmae}"));
}

} // namespace keepseal::app
