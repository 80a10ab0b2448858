// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Help in the window: every place that F1 leads to is there, words are found, keys are those of the window.
#include "window_fixture.h"

#include "delivery/stations.h"

#include <QClipboard>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTextBrowser>
#include <gmock/gmock.h>

namespace keepseal::app {
namespace {

using ::testing::HasSubstr;

class InHelp : public Window {
protected:
    bool shows(const QString& file) {
        auto& desk = window.helpDesk();
        return waitUntil(
            [&] {
                return desk.dialog() && desk.dialog()->shownFile() == file && !window.filesBusy() &&
                       desk.dialog()->list()->count() > 0;
            },
            kWait);
    }
};

TEST_F(InHelp, EveryPlaceThatF1LeadsToIsThere) {
    const auto pages = helpPages();
    std::map<QString, QString> texts;
    for (const auto& page : pages) {
        EXPECT_FALSE(page.title.isEmpty()) << page.file.toStdString();
        texts[page.file] = page.text;
    }
    std::vector<HelpPlace> places;
    for (const auto& station : stations())
        places.push_back(helpFor(station.id));
    for (int view = 0; view < kViews; ++view)
        places.push_back(helpFor(static_cast<ViewKind>(view)));
    for (const auto& place : places) {
        ASSERT_TRUE(texts.contains(place.file)) << place.file.toStdString();
        EXPECT_TRUE(place.heading.isEmpty() || texts[place.file].contains("\n## " + place.heading + "\n"))
            << place.file.toStdString() << ": " << place.heading.toStdString();
    }
}

TEST_F(InHelp, F1OpensThePageOfTheFocusAndWordsAreFound) {
    openAll();
    chooseStation(StationId::Sending);
    window.chain().button(StationId::Sending)->setFocus();
    shortcut(QKeySequence::HelpContents)->trigger();
    ASSERT_TRUE(shows("sending.md"));
    auto* dialog = window.helpDesk().dialog();
    EXPECT_THAT(dialog->page()->toPlainText().toStdString(), HasSubstr("The outbox"));
    dialog->words()->setText("lintian DEBOOTSTRAP");
    ASSERT_EQ(dialog->list()->count(), 1);
    dialog->list()->setCurrentRow(0);
    EXPECT_EQ(dialog->shownFile(), "installing.md");
    dialog->words()->setText("zzqq kites");
    EXPECT_EQ(dialog->list()->item(0)->text(), "Nothing is found.");
    window.helpDesk().show({"keys", {}});
    ASSERT_TRUE(shows("keys"));
    const auto keys = dialog->page()->toPlainText().toStdString();
    EXPECT_THAT(keys, HasSubstr("Design the seal"));
    EXPECT_THAT(keys, HasSubstr("Ctrl+B"));
    window.setView(ViewKind::TheRegister);
    shortcut(QKeySequence::HelpContents)->trigger();
    ASSERT_TRUE(shows("register.md"));
}

TEST_F(InHelp, AFaultIsToldWithoutNamesAndNothingLeavesButByACopy) {
    window.views().showNotice("Could not read \"my secret.jpg\" in /home/ada/pictures of anna.holm.tif");
    window.helpDesk().tellOfFault();
    auto* dialog = window.helpDesk().faultDialog();
    ASSERT_TRUE(waitUntil([&] { return dialog->text().contains("libvips"); }, kWait));
    const auto text = dialog->text().toStdString();
    EXPECT_THAT(text, HasSubstr("Keep Seal " KEEPSEAL_VERSION));
    EXPECT_THAT(text, HasSubstr(std::string("Qt ") + qVersion()));
    EXPECT_THAT(text, HasSubstr("0 pictures, 1 delivery"));
    for (const auto* name : {"secret", "ada", "anna", "holm"})
        EXPECT_THAT(text, ::testing::Not(HasSubstr(name)));
    QApplication::clipboard()->clear();
    dialog->whatHappened()->setPlainText("The wall went grey.");
    for (auto* button : dialog->findChildren<QPushButton*>())
        if (button->text() == "Copy")
            button->click();
    EXPECT_THAT(QApplication::clipboard()->text().toStdString(), HasSubstr("The wall went grey."));
    EXPECT_THAT(QApplication::clipboard()->text().toStdString(), HasSubstr("libvips"));
    dialog->close();
}

} // namespace
} // namespace keepseal::app
