// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Sending from the real window, to a small server on this machine: the station, trying it out, the outbox.
#include "sending/letter_dialog.h"
#include "support/servers.h"
#include "window_fixture.h"

#include <QApplication>
#include <QLineEdit>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>
#include <QTreeWidget>

#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

using ::testing::HasSubstr;

class Sending : public Window {
protected:
    void SetUp() override {
        std::vector<std::int64_t> before;
        for (const auto& item : Outbox().items())
            before.push_back(item.id);
        Outbox().drop(before);
        test::makePicture(pictures / "reed.jpg", 400, 300);
        window.document().startWithWho(loadWho());
        window.document().setSetting("seal.text", std::string("Marsh"));
        window.resize(1280, 800);
        window.show();
        window.open({pictures});
        ASSERT_TRUE(waitUntil([&] { return window.library().known() == 1; }, kWait));
        useFolder(copies);
    }
    void sendTo(const SendingSettings& to, const std::string& below) {
        auto& document = window.document();
        for (const auto& [key, value] :
             std::map<std::string, SettingValue>{{"on", true},
                                                 {"by", std::string("webdav")},
                                                 {"server", to.server},
                                                 {"user", to.user},
                                                 {"secret_from", std::string("file")},
                                                 {"secret_at", to.secretAt},
                                                 {"certificates", to.certificates},
                                                 {"folder", below}})
            document.setSetting("sending." + key, value);
    }
    bool settled() {
        return waitUntil([&] { return !window.sending().busy() && !window.runs().running().busy(); }, kWait);
    }
    void stamp() {
        ASSERT_TRUE(waitUntil(
            [&] {
                return window.runs().planning().current() && !window.runs().planning().busy() &&
                       window.runBar().strongButton()->isEnabled();
            },
            kWait));
        QTest::mouseClick(window.runBar().strongButton(), Qt::LeftButton);
        ASSERT_TRUE(
            waitUntil([&] { return window.runs().last() && !window.runs().running().busy(); }, kWait));
        ASSERT_TRUE(settled());
    }
    /// What the next message box says; it is closed by Escape.
    QString nextBox(const std::function<void()>& act) {
        QString said;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, [&] {
            if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
                said = box->text() + "\n" + box->informativeText();
                box->reject();
            }
        });
        look.start(20);
        act();
        waitUntil([&] { return !said.isEmpty(); }, kWait);
        return said;
    }
};

TEST_F(Sending, ACopyWaitsForAWordAndThenGoesByItself) {
    const auto to = test::Servers::instance().login("dav");
    ASSERT_TRUE(to);
    sendTo(*to, "window/{delivery}");
    stamp();
    auto& posting = window.sending().posting();
    ASSERT_EQ(posting.items().size(), 1U);
    EXPECT_EQ(posting.count(SendState::Held), 1U);
    window.sending().showOutbox();
    auto* outbox = window.sending().outbox();
    EXPECT_EQ(outbox->summary(), "0 waiting, 1 held, 0 sent");
    ASSERT_EQ(outbox->list()->topLevelItemCount(), 1);
    EXPECT_EQ(outbox->list()->topLevelItem(0)->text(0), "reed.jpg");
    EXPECT_TRUE(outbox->againButton()->isEnabled());
    EXPECT_FALSE(outbox->dropButton()->isEnabled());
    window.chain().setChosen(StationId::Sending);
    const auto said = nextBox([&] { window.sending().tryPlace(); });
    EXPECT_THAT(said.toStdString(), HasSubstr("Copies may be sent there from now on"));
    ASSERT_TRUE(waitUntil([&] { return posting.count(SendState::Sent) == 1; }, kWait));
    waitUntil([&] { return outbox->summary().endsWith("1 sent"); }, kWait);
    EXPECT_EQ(outbox->summary(), "0 waiting, 0 held, 1 sent");
    const auto& sent = posting.items().front();
    EXPECT_TRUE(test::readText(sent.copy) ==
                test::readText(test::Servers::instance().root("dav") / sent.sentAs));
    EXPECT_THAT(posting.wordsOf(sent.copy, sent.fingerprint).toStdString(), HasSubstr("to webdav://"));
    outbox->list()->topLevelItem(0)->setSelected(true);
    QTest::mouseClick(outbox->dropButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil([&] { return posting.items().empty() && !posting.busy(); }, kWait));
    EXPECT_EQ(outbox->list()->topLevelItemCount(), 0);
}

TEST_F(Sending, ALetterIsShownWholeAndGoesAtAClickAsItWasTyped) {
    const auto to = test::Servers::instance().login("smtp");
    ASSERT_TRUE(to);
    sendTo(*to, "");
    for (const auto& [key, value] :
         std::map<std::string, SettingValue>{{"by", std::string("letter")},
                                             {"from", to->from},
                                             {"to", to->to},
                                             {"subject", std::string("{count} for you")},
                                             {"words", std::string("Here.")}})
        window.document().setSetting("sending." + key, value);
    stamp();
    auto& posting = window.sending().posting();
    ASSERT_TRUE(waitUntil([&] { return posting.count(SendState::Unread) == 1; }, kWait));
    window.sending().showOutbox();
    auto* outbox = window.sending().outbox();
    ASSERT_TRUE(outbox->lettersButton()->isVisible());
    EXPECT_FALSE(outbox->againButton()->isEnabled());
    QStringList seen;
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, [&] {
        auto* letter = qobject_cast<LetterDialog*>(QApplication::activeModalWidget());
        if (!letter || !seen.isEmpty())
            return;
        seen << letter->receivers()->text() << letter->subject()->text() << letter->words()->toPlainText();
        letter->receivers()->setText("no address");
        EXPECT_FALSE(letter->sendButton()->isEnabled());
        letter->receivers()->setText(toQt(to->to));
        letter->subject()->setText("1 {picture} for Ida");
        QTest::mouseClick(letter->sendButton(), Qt::LeftButton);
    });
    look.start(20);
    QTest::mouseClick(outbox->lettersButton(), Qt::LeftButton);
    EXPECT_EQ(seen, (QStringList{toQt(to->to), "1 picture for you", "Here."}));
    ASSERT_TRUE(waitUntil([&] { return posting.count(SendState::Sent) == 1; }, kWait));
    const auto letters = test::Servers::instance().folder / "smtp";
    std::string all;
    for (const auto& entry : fs::directory_iterator(letters))
        all += test::readText(entry.path());
    EXPECT_THAT(all, HasSubstr("Subject: 1 {picture} for Ida"));
    EXPECT_THAT(
        posting.wordsOf(posting.items().front().copy, posting.items().front().fingerprint).toStdString(),
        HasSubstr("in a letter to " + to->to));
}

TEST_F(Sending, AServerThatIsNotThereIsSaidAndTheWindowGoesOn) {
    SendingSettings to;
    to.server = "localhost:1";
    to.user = "anna";
    to.secretAt = (folder / "password").string();
    test::writeFile(to.secretAt, "secret\n");
    sendTo(to, "");
    const auto said = nextBox([&] { window.sending().tryPlace(); });
    EXPECT_THAT(said.toStdString(), HasSubstr("does not answer"));
    stamp();
    EXPECT_EQ(window.runs().last()->ledger.count(Outcome::Made), 1U); // the run does not mind
    EXPECT_EQ(window.sending().posting().count(SendState::Held), 1U);
}

} // namespace
} // namespace keepseal::app
