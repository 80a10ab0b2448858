// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Help in the window: every place that F1 leads to is there, words are found, keys are those of the window.
#include "window_fixture.h"

#include "base/files.h"
#include "delivery/stations.h"
#include "widgets/about_line.h"

#include <QClipboard>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QTextBrowser>
#include <gmock/gmock.h>

#include <regex>
#include <set>
#include <sstream>

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

/// Of a page in any language: levels of headings, items of lists, columns of tables, what stands as it is
/// typed, and what it leads to.
std::string frameOf(const std::string& written) {
    const auto page = std::regex_replace(written, std::regex(" +# [^\n]*"), ""); // said beside commands
    std::string out;
    std::istringstream lines(page);
    std::smatch number;
    for (std::string line; std::getline(lines, line);)
        if (line.starts_with("#"))
            out += line.substr(0, line.find(' ')) + "\n";
        else if (line.starts_with("| "))
            out += std::to_string(std::count(line.begin(), line.end(), '|')) + " columns\n";
        else if (line.starts_with("- ") || std::regex_search(line, number, std::regex("^[0-9]+\\. ")))
            out += line.substr(0, line.find(' ')) + "\n";
    for (const auto& quoted : {std::regex("`[^`]*`"), std::regex("\\]\\([^)]*\\)")})
        for (std::sregex_iterator at(page.begin(), page.end(), quoted), end; at != end; ++at)
            out += at->str() + "\n";
    return out;
}

TEST_F(InHelp, TheSettingsAreChaptersThatTheirPageLeadsTo) {
    const auto pages = helpPages();
    const auto whole = readText(helpFolder() / "settings.md");
    std::size_t chapters = 0, rows = 0;
    const auto of = [](const QString& text) { return static_cast<std::size_t>(text.count("\n| `")); };
    const auto page = std::find_if(pages.begin(), pages.end(),
                                   [](const HelpPage& known) { return known.file == "settings.md"; });
    ASSERT_NE(page, pages.end());
    for (const auto& chapter : pages)
        if (chapter.chapter) {
            EXPECT_TRUE(page->text.contains("](" + chapter.file + ")")) << chapter.file.toStdString();
            EXPECT_TRUE(chapter.text.contains("](settings.md)"));
            ++chapters, rows += of(chapter.text);
        }
    EXPECT_GE(chapters, stations().size());
    EXPECT_EQ(rows, of(QString::fromStdString(whole)));
    const auto found = findInHelp(pages, "fit.long_side");
    ASSERT_FALSE(found.empty());
    EXPECT_TRUE(found[0].file.startsWith("settings-"));
    window.helpDesk().show({"settings.md", {}});
    ASSERT_TRUE(shows("settings.md"));
    auto& desk = window.helpDesk();
    for (int row = 0; row < desk.dialog()->list()->count(); ++row)
        EXPECT_NE(desk.dialog()->list()->item(row)->text(), found[0].page) << "chapters stand on their page";
    emit desk.dialog()->page()->anchorClicked(QUrl(found[0].file));
    EXPECT_TRUE(desk.dialog()->page()->toPlainText().contains("fit.long_side"));
}

TEST_F(InHelp, PagesInOtherLanguagesSayAsMuch) {
    std::set<QString> files{"using.md"};
    for (const auto& station : stations())
        files.insert(helpFor(station.id).file);
    for (int view = 0; view < kViews; ++view)
        files.insert(helpFor(static_cast<ViewKind>(view)).file);
    for (const auto* language : {"de", "ar"}) {
        for (const auto& file : files)
            EXPECT_TRUE(fs::exists(helpFolder() / language / file.toStdString()))
                << "F1 leads to " << file.toStdString() << " in English";
        for (const auto& entry : fs::directory_iterator(helpFolder() / language)) {
            const auto english = readText(helpFolder() / entry.path().filename());
            EXPECT_EQ(frameOf(readText(entry.path())), frameOf(english)) << entry.path();
        }
    }
}

TEST_F(InHelp, AnUpdateIsSaidOnceAndItsPageIsThere) {
    const auto said = [](MainWindow& of) { return of.notice().contains("What changed"); };
    ASSERT_TRUE(begun(window));
    EXPECT_FALSE(said(window)) << "who starts for the first time was not updated";
    ASSERT_TRUE(ended(window));
    const auto file = configFolder() / "window.ini";
    ASSERT_THAT(readText(file), HasSubstr("version=" KEEPSEAL_VERSION));
    QSettings(toQt(file), QSettings::IniFormat).setValue("version", "0.0.1");
    for (const bool first : {true, false}) {
        MainWindow next;
        next.restoreState();
        ASSERT_TRUE(begun(next));
        EXPECT_EQ(said(next), first);
        ASSERT_TRUE(ended(next));
    }
    window.show();
    window.helpDesk().show({"changes.md", {}});
    ASSERT_TRUE(shows("changes.md"));
}

TEST_F(InHelp, TheVersionIsTheSameWhereverPeopleReadIt) {
    const fs::path source = KEEPSEAL_SOURCE;
    const std::string version = KEEPSEAL_VERSION;
    const auto changes = readText(source / "docs/changes.md");
    EXPECT_EQ(changes.find("\n## "), changes.find("\n## " + version + "\n")) << "the newest stands first";
    EXPECT_THAT(readText(source / "assets/org.example.KeepSeal.metainfo.xml"),
                HasSubstr("<release version=\"" + version + "\""));
    EXPECT_THAT(readText(source / "packaging/changelog"),
                ::testing::StartsWith("keep-seal (" + version + "-"));
}

TEST_F(InHelp, TheSettingWithTheFocusIsExplainedBelow) {
    const auto* line = window.findChild<AboutLine*>();
    ASSERT_TRUE(line);
    chooseStation(StationId::Seal);
    QApplication::setActiveWindow(&window);
    window.drawer().control("seal.opacity")->setFocus();
    for (const auto& setting : station(StationId::Seal).settings)
        if (setting.key == "opacity") {
            EXPECT_THAT(line->text().toStdString(), HasSubstr(setting.help));
        }
    const auto explained = line->text();
    window.chain().button(StationId::Place)->setFocus();
    EXPECT_NE(line->text(), explained);
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
