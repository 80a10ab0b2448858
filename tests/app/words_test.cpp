// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rights, privacy, the table of words and what leaves, in the real window.
#include "leaves/leaves_page.h"
#include "window_fixture.h"

#include <QApplication>
#include <QCheckBox>
#include <QClipboard>
#include <QDialog>
#include <QMenu>
#include <QTimer>
#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

using ::testing::HasSubstr;

class Wording : public Window {
protected:
    void SetUp() override {
        Planted planted;
        planted.gps = planted.camera = true;
        planted.xmpCity = kSecretCity;
        planted.description = "Kites over Heronsluice";
        makePicture(pictures / "tide_4.jpg", 500, 400, planted);
        Window::SetUp();
    }
    const Delivery& delivery() { return window.document().currentDelivery(); }
    RightsEditor& rights() { return *window.drawer().rightsEditor(); }
    PrivacyEditor& privacy() { return *window.drawer().privacyEditor(); }
    void look(std::size_t index, StationId station) {
        chooseStation(station);
        window.views().wall().setCurrent(id(index));
    }
    AppliedRights applied(std::size_t index) {
        return wordsOf(*window.library().info(id(index)), delivery(), window.document().exception(id(index)))
            .applied;
    }
    /// Answers the question about the place while it is asked.
    void answerLocation(bool tick, const QString& button) {
        QTimer::singleShot(50, &window, [this, tick, button] {
            auto* dialog = QApplication::activeModalWidget();
            ASSERT_NE(dialog, nullptr);
            if (tick)
                dialog->findChild<QCheckBox*>()->click();
            for (auto* found : dialog->findChildren<QPushButton*>())
                if (found->text() == button) {
                    asked = found->isEnabled();
                    if (asked)
                        found->click();
                    else
                        static_cast<QDialog*>(dialog)->reject();
                }
        });
    }
    bool asked = false;
};

} // namespace

TEST_F(Wording, AFieldIsFilledByTypingAndShowsBeforeAndAfter) {
    openAll();
    look(4, StationId::Rights);
    EXPECT_EQ(rights().row("description")->after(), "Kites over Heronsluice");
    EXPECT_EQ(rights().row("description")->source(), "as the original");
    EXPECT_FALSE(rights().row("headline")->isVisible()); // nothing to say of it
    rights().showAll(true);
    EXPECT_TRUE(rights().row("headline")->isVisible());
    QTest::mouseClick(rights().row("description"), Qt::LeftButton);
    ASSERT_EQ(rights().rules().size(), 1U); // an empty one to begin with
    EXPECT_TRUE(delivery().rights.rules.empty());
    QTest::keyClicks(rights().rules()[0]->lines(), "Four kites");
    EXPECT_EQ(delivery().rights.always("description"), "Four kites");
    EXPECT_EQ(rights().row("description")->after(), "Four kites");
    EXPECT_EQ(rights().row("description")->before(), "Kites over Heronsluice");
    EXPECT_EQ(rights().row("description")->source(), "rule 1");
    window.document().undoStack()->undo(); // the typing is one step
    EXPECT_TRUE(delivery().rights.rules.empty());
    EXPECT_EQ(rights().row("description")->after(), "Kites over Heronsluice");
}

TEST_F(Wording, BytesAreCountedLimitsAndWrongAddressesSaid) {
    openAll();
    look(0, StationId::Rights);
    rights().showAll(true);
    rights().openField("credit_line");
    QTest::keyClicks(rights().rules()[0]->line(), QString(40, 'x'));
    EXPECT_EQ(rights().rules()[0]->counted(), "40 of IIM's 32 bytes");
    EXPECT_THAT(rights().row("credit_line")->notes().join(" ").toStdString(), HasSubstr("by 8"));
    rights().openField("contact_email");
    QTest::keyClicks(rights().rules()[0]->line(), "desk");
    EXPECT_THAT(rights().row("contact_email")->notes().join(" ").toStdString(),
                HasSubstr("no e-mail address"));
}

TEST_F(Wording, ASecondRuleWithAConditionWinsAndSaysSo) {
    openAll();
    window.document().setSetting("rights.creator", std::string("Wrenna Oake"));
    look(1, StationId::Rights);
    rights().openField("creator");
    QTest::mouseClick(rights().addRuleButton(), Qt::LeftButton);
    ASSERT_EQ(rights().rules().size(), 2U);
    auto* second = rights().rules()[1];
    QTest::keyClicks(second->line(), "Ines Gull");
    second->condition()->setCurrentIndex(static_cast<int>(ConditionKind::FileName));
    emit second->condition()->activated(static_cast<int>(ConditionKind::FileName));
    QTest::keyClicks(second->conditionText(), "*_1.jpg");
    EXPECT_EQ(applied(1).after("creator").typed(), "Ines Gull");
    EXPECT_EQ(applied(0).after("creator").typed(), "Wrenna Oake");
    EXPECT_THAT(rights().row("creator")->notes().join(" ").toStdString(),
                HasSubstr("rule 2 overrides rule 1"));
    emit second->removeRequested();
    EXPECT_EQ(delivery().rights.rules.size(), 1U);
}

TEST_F(Wording, SavedSheetsAreOfferedAndTaken) {
    openAll();
    chooseStation(StationId::Rights);
    auto* menu = rights().sheetsButton()->menu();
    ASSERT_NE(menu, nullptr);
    emit menu->aboutToShow();
    QAction* press = nullptr;
    for (auto* action : menu->actions())
        press = action->text() == "Press copy" ? action : press;
    ASSERT_NE(press, nullptr);
    press->trigger();
    EXPECT_EQ(delivery().rights.name, "Press copy");
    EXPECT_TRUE(rights().row("usage_terms")->isVisible());
    window.document().undoStack()->undo();
    EXPECT_TRUE(delivery().rights.rules.empty());
}

TEST_F(Wording, KindsOfMetadataAreKeptOrRemoved) {
    openAll();
    look(4, StationId::Privacy);
    ASSERT_NE(privacy().category("camera"), nullptr);
    EXPECT_EQ(privacy().category("camera")->value(), "remove");
    emit privacy().category("camera")->changed("keep");
    EXPECT_EQ(delivery().privacy.camera, Stay::Keep);
    EXPECT_EQ(privacy().category("camera")->value(), "keep");
    EXPECT_THAT(toQt(station(StationId::Privacy).summary(delivery())).toStdString(), HasSubstr("place"));
}

TEST_F(Wording, ThePlaceGetsOutOnlyAfterItsQuestionAndIsShownEverywhere) {
    openAll();
    useFolder(copies);
    look(4, StationId::Privacy);
    answerLocation(false, "Let the place out");
    QTest::mouseClick(privacy().openLocationButton(), Qt::LeftButton);
    EXPECT_FALSE(asked); // not without the tick
    EXPECT_FALSE(delivery().privacy.opensLocation());
    answerLocation(true, "Let the place out");
    QTest::mouseClick(privacy().openLocationButton(), Qt::LeftButton);
    EXPECT_TRUE(delivery().privacy.opensLocation());
    EXPECT_THAT(privacy().locationText().toStdString(), HasSubstr("tell where"));
    ASSERT_TRUE(waitUntil(
        [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait));
    EXPECT_THAT(window.runBar().sentence().toStdString(), HasSubstr("THE PLACE IS TOLD"));
    QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    EXPECT_EQ(exiftool(copies / "tide_4.jpg", "XMP-photoshop:City"), kSecretCity);
    auto* model = window.views().check().model();
    for (int i = 0; i < model->rowCount(); ++i)
        if (model->row(i).placeInOriginal) {
            EXPECT_EQ(model->index(i, CheckModel::PlaceGone).data().toString(), "told, as asked");
        }
    look(4, StationId::Privacy);
    QTest::mouseClick(privacy().closeLocationButton(), Qt::LeftButton);
    EXPECT_FALSE(delivery().privacy.opensLocation());
}

TEST_F(Wording, APlaceInPlainSightIsMendedWithOneClick) {
    openAll();
    look(4, StationId::Privacy);
    ASSERT_EQ(privacy().mendButtons().size(), 2U);
    EXPECT_EQ(applied(4).fields.at("description").places, std::vector<std::string>{kSecretCity});
    QTest::mouseClick(privacy().mendButtons()[0], Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return privacy().mendButtons().empty(); }, kWait));
    EXPECT_TRUE(applied(4).after("description").empty());
    EXPECT_FALSE(delivery().privacy.blankPlaceTexts); // for this picture alone
    window.document().undoStack()->undo();
    ASSERT_TRUE(waitUntil([&] { return privacy().mendButtons().size() == 2; }, kWait));
    QTest::mouseClick(privacy().mendButtons()[1], Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return delivery().privacy.blankPlaceTexts; }, kWait));
    EXPECT_TRUE(applied(4).after("description").empty());
}

TEST_F(Wording, ThePlanWarnsBeforeAnythingIsWritten) {
    openAll();
    useFolder(copies);
    window.setView(ViewKind::Check);
    auto* model = window.views().check().model();
    const auto warned = [model] {
        int out = 0;
        for (int i = 0; i < model->rowCount(); ++i)
            for (const auto& note : model->row(i).notes)
                out += note.kind == NoteKind::PlaceInWords && note.arguments.at("where") == "Description";
        return out;
    };
    ASSERT_TRUE(waitUntil([&] { return warned() > 0; }, kWait)); // words are looked at in the background
    EXPECT_EQ(warned(), 1);
    EXPECT_FALSE(fs::exists(copies));
}

TEST_F(Wording, TheTableIsEditedPastedAndTakenBack) {
    openAll();
    window.setView(ViewKind::Words);
    auto& model = window.views().words().model();
    ASSERT_TRUE(waitUntil([&] { return model.known() == 5; }, kWait));
    EXPECT_EQ(model.idAt(0), id(4)); // the one with a problem comes first
    EXPECT_THAT(window.views().words().summary().toStdString(), HasSubstr("1 with something to look at"));
    const auto title = [&](std::size_t i) {
        return model.index(model.rowOf(id(i)), WordsModel::kFirstField);
    };
    EXPECT_TRUE(model.setData(title(0), "Tide", Qt::EditRole));
    EXPECT_EQ(applied(0).after("title").typed(), "Tide");
    EXPECT_TRUE(title(0).data(WordsModel::ByHandRole).toBool());
    EXPECT_THAT(keepseal::describe(window.document().exception(id(0))), HasSubstr("Title typed"));
    QApplication::clipboard()->setText("One\tHead one\nTwo\t\"Head\ntwo\"\n");
    window.views().words().table().setCurrentIndex(title(1));
    window.views().words().pasteCells();
    EXPECT_EQ(applied(1).after("title").typed(), "One");
    EXPECT_EQ(applied(2).after("headline").typed(), "Head\ntwo");
    window.document().undoStack()->undo(); // pasting is one step
    EXPECT_TRUE(applied(1).after("title").empty() && applied(2).after("headline").empty());
    window.views().words().table().setCurrentIndex(title(0));
    window.views().words().resetCells();
    EXPECT_TRUE(window.document().exception(id(0)).empty());
}

TEST_F(Wording, TheTableGoesOutAndComesBackAsCsv) {
    openAll();
    window.setView(ViewKind::Words);
    auto& model = window.views().words().model();
    ASSERT_TRUE(waitUntil([&] { return model.known() == 5; }, kWait));
    const auto steps = window.document().undoStack()->index();
    writeFile(folder / "words.csv", window.views().words().csv());
    EXPECT_TRUE(window.views().words().takeCsv(WordsView::readCsv(folder / "words.csv")).isEmpty());
    EXPECT_EQ(window.document().undoStack()->index(), steps); // what is so already is no exception
    writeFile(folder / "edited.csv", "File,Title,Keywords\ntide_0.jpg,Tide,kite; sea\nnobody.jpg,x,\n");
    const auto problems = window.views().words().takeCsv(WordsView::readCsv(folder / "edited.csv"));
    EXPECT_EQ(problems.size(), 1);
    EXPECT_EQ(applied(0).after("keywords").typed(), "kite; sea");
}

TEST_F(Wording, OneClickTellsWhetherThereIsAPlaceInAnyOfThem) {
    openAll();
    QTest::mouseClick(window.findChild<ViewsHeader*>()->viewButton(ViewKind::Leaves), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.views().leaves().listed() == 5; }, kWait));
    EXPECT_THAT(window.views().leaves().summary().toStdString(), HasSubstr("2 of 5 originals tell a place"));
    EXPECT_THAT(window.views().leaves().summary().toStdString(), HasSubstr("one still names it"));
    QTest::mouseClick(window.views().leaves().onlyPlacesButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return window.views().leaves().listed() == 2; }, kWait));
    window.views().leaves().choose(1);
    ASSERT_TRUE(waitUntil([&] { return window.views().leaves().page().contains("GPSLatitude"); }, kWait));
    const auto page = window.views().leaves().page().toStdString();
    EXPECT_THAT(page, HasSubstr(kSecretCity));
    EXPECT_THAT(page, HasSubstr("GPSLatitude"));
    EXPECT_THAT(page, HasSubstr("needs a look"));
    EXPECT_THAT(window.views().leaves().report(false)(), HasSubstr(kSecretCity));
    EXPECT_EQ(nlohmann::json::parse(window.views().leaves().report(true)()).size(), 5U);
}

TEST_F(Wording, AnyFileCanBeLookedIntoWithoutTakingItIntoTheJob) {
    Planted planted;
    planted.iimCity = "<b>Heronsluice</b>";
    makePicture(folder / "else/x.jpg", 60, 40, planted);
    writeFile(folder / "else/notes.txt", "nothing in here");
    window.views().leaves().lookInto({folder / "else", folder / "nowhere.jpg"});
    window.setView(ViewKind::Leaves);
    ASSERT_TRUE(waitUntil([&] { return window.views().leaves().listed() == 3; }, kWait));
    EXPECT_TRUE(window.views().leaves().isVisible()); // also with no picture in the job
    EXPECT_THAT(window.views().leaves().summary().toStdString(),
                HasSubstr("3 files: 1 of them tell a place"));
    window.views().leaves().choose(1);
    EXPECT_THAT(window.views().leaves().page().toStdString(),
                HasSubstr("<b>Heronsluice</b>")); // text, no markup
    EXPECT_TRUE(window.document().originals().empty());
    window.views().leaves().backButton()->click();
    EXPECT_FALSE(window.views().leaves().isVisible());
}

} // namespace keepseal::app
