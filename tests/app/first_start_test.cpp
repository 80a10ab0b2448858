// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Somebody who starts for the first time.
#include "shell/main_window.h"
#include "support/support.h"
#include "tour/waiting.h"
#include "widgets/controls.h"

#include <QCheckBox>
#include <QPushButton>
#include <QtTest/QTest>
#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

using namespace keepseal::test;
using ::testing::HasSubstr;

constexpr int kFirstWait = 60000;

class FirstStart : public ::testing::Test {
protected:
    void SetUp() override {
        for (const char* kind : kKinds) {
            const auto name = std::string("XDG_") + kind + "_HOME";
            m_before[name] = qgetenv(name.c_str());
            qputenv(name.c_str(), (folder / kind).c_str());
        }
        for (const char* name : {"marsh.jpg", "reed.jpg"})
            makePicture(folder / "bay" / name, 600, 400);
        start();
    }
    void TearDown() override {
        stop();
        for (const auto& [name, value] : m_before)
            value.isNull() ? qunsetenv(name.c_str()) : qputenv(name.c_str(), value);
    }
    void start() {
        window = std::make_unique<MainWindow>();
        window->restoreState();
        window->resize(1280, 800);
        window->show();
        window->session().begin(JobSession::Given::Nothing);
        ASSERT_TRUE(waitUntil(
            [&] { return window->session().hasBegun() && questions().receiver("web-gallery"); }, kFirstWait));
    }
    void stop() {
        if (!window)
            return;
        window->close();
        EXPECT_TRUE(waitUntil([&] { return !window->session().busy() && !window->filesBusy(); }, kFirstWait));
        window.reset();
    }
    FirstQuestions& questions() { return window->views().firstQuestions(); }
    void click(QWidget* what) {
        QTest::mouseClick(what, Qt::LeftButton, {}, QPoint(10, what->height() / 2));
        ++m_clicks;
    }
    std::vector<std::string> cards() const {
        std::vector<std::string> out;
        for (const auto& item : window->document().state().deliveries)
            out.push_back(item.delivery.name);
        return out;
    }

    static constexpr const char* kKinds[] = {"STATE", "CONFIG", "DATA", "CACHE"};
    TempFolder folder;
    std::unique_ptr<MainWindow> window;
    int m_clicks = 0;

private:
    std::map<std::string, QByteArray> m_before;
};

} // namespace

TEST_F(FirstStart, FromAnEmptyWindowToStampedCopiesWithFiveClicksAndAName) {
    ASSERT_TRUE(questions().isVisible());
    EXPECT_FALSE(window->chain().isVisible());
    EXPECT_FALSE(window->drawer().isVisible());
    QTest::keyClicks(questions().nameField(), "Marram & Reed");
    click(questions().receiver("web-gallery"));
    click(questions().receiver("client-proofs"));
    window->open({folder / "bay"}); // what the dialog of the button gives: two clicks with that
    m_clicks += 2;
    auto* stamp = window->runBar().strongButton();
    ASSERT_TRUE(waitUntil([&] { return stamp->isEnabled() && stamp->text().contains("4"); }, kFirstWait));
    EXPECT_TRUE(window->chain().isVisible());
    EXPECT_THAT(window->notice().toStdString(), HasSubstr((folder / "bay copies").string()));
    click(stamp);
    EXPECT_LE(m_clicks, 5);
    ASSERT_TRUE(waitUntil([&] { return window->runs().last() && !window->runs().busy(); }, kFirstWait));
    EXPECT_EQ(window->notice(), "") << "what was proposed is done";
    for (const char* copy : {"Web-gallery/marsh.jpg", "Client proofs/reed.jpg"}) {
        const auto file = folder / "bay copies" / copy;
        ASSERT_TRUE(fs::exists(file)) << window->runBar().sentence().toStdString();
        EXPECT_THAT(runProgram({"exiftool", "-s3", "-XMP-dc:Rights", file.string()}).out,
                    HasSubstr("Marram & Reed"));
    }
    EXPECT_EQ(loadWho().studio, "Marram & Reed");
    EXPECT_EQ(loadWho().creator, "Marram & Reed");
    EXPECT_EQ(std::distance(fs::directory_iterator(folder / "bay"), fs::directory_iterator()), 2);
}

TEST_F(FirstStart, AnswersAreTakenBackLikeAnything) {
    click(questions().receiver("press"));
    click(questions().receiver("social-square"));
    EXPECT_EQ(cards(), (std::vector<std::string>{"Press, with full captions", "Social square"}));
    click(questions().receiver("press"));
    EXPECT_EQ(cards(), std::vector<std::string>{"Social square"});
    auto& steps = *window->document().undoStack();
    steps.undo();
    EXPECT_TRUE(questions().receiver("press")->isChecked());
    QTest::keyClicks(questions().nameField(), "Ree");
    EXPECT_EQ(window->document().who().studio, "Ree");
    steps.undo(); // all keys of the word
    EXPECT_EQ(window->document().who().studio, "");
    steps.undo();
    steps.undo();
    EXPECT_EQ(cards(), std::vector<std::string>{Delivery().name});
    EXPECT_FALSE(questions().receiver("social-square")->isChecked());
}

TEST_F(FirstStart, AnEmblemCanBeTheMark) {
    EXPECT_FALSE(questions().look()->isVisible());
    click(questions().receiver("web-gallery"));
    click(questions().receiver("client-proofs"));
    auto who = window->document().who();
    who.emblem = "shipped:tidemark-light.svg";
    window->document().setWho(who);
    ASSERT_TRUE(questions().look()->isVisible());
    for (auto* button : questions().look()->findChildren<QAbstractButton*>())
        if (button->text() == "Emblem")
            button->click();
    const auto& deliveries = window->document().state().deliveries;
    EXPECT_EQ(deliveries[0].delivery.seal.parts.front().logo.file, kMyEmblem);
    EXPECT_TRUE(deliveries[0].delivery.seal.on);
    window->document().undoStack()->undo();
    EXPECT_EQ(window->document().state().deliveries[0].delivery.seal.text(), "{studio_link|{studio}}");
    EXPECT_EQ(questions().look()->value(), "words") << "the control says what was undone";
    window->document().undoStack()->redo();
    EXPECT_EQ(deliveries[1].delivery.seal.arrangement, Arrangement::Repeat) << "a pattern all over stays one";
}

TEST_F(FirstStart, WhoPutsTheQuestionsAwayIsNotAskedAgain) {
    click(questions().laterButton());
    EXPECT_FALSE(questions().isVisible());
    EXPECT_TRUE(window->views().emptyPage().isVisible());
    EXPECT_TRUE(window->drawer().isVisible());
    stop();
    start();
    EXPECT_FALSE(questions().isVisible());
}

} // namespace keepseal::app
