// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is open, and what comes back: each of these is a thing that a person was promised.
#include "window_fixture.h"

#include "delivery/json.h"

#include <QMenu>
#include <QPushButton>

#include <gmock/gmock.h>
#include <sys/stat.h>

namespace keepseal::app {

using ::testing::HasSubstr;

class Session : public Window {
protected:
    JobDocument& document() { return window.document(); }
    fs::path jobs() const { return folder / "state/keep-seal/jobs"; }
    static bool kept(MainWindow& one) {
        return waitUntil(
            [&] {
                return !one.session().keptFile().empty() && !one.session().busy() &&
                       loadJob(one.session().keptFile()).originals.size() ==
                           one.document().originals().size();
            },
            kWait);
    }
    static bool quiet(MainWindow& one) {
        return waitUntil([&] { return !one.session().busy() && !one.filesBusy(); }, kWait);
    }
    /// As if its process were gone: the file stays, nobody holds its lock.
    fs::path died(const fs::path& file) {
        const auto left = jobs() / ("current-4194304-" + std::to_string(++m_deaths) + ".json");
        fs::copy_file(file, left);
        return left;
    }
    int m_deaths = 0;
};

TEST_F(Session, AJobOfAWindowThatDiedIsThereAgainAndNothingIsLostByBringingItBackTwice) {
    ASSERT_TRUE(begun(window));
    openAll();
    document().editPictures({id(1)}, "test", [](PictureException& e) { e.leftOut = true; });
    ASSERT_TRUE(waitUntil(
        [&] { return kept(window) && loadJob(window.session().keptFile()).originals[1].exception.leftOut; },
        kWait));
    const auto left = died(window.session().keptFile());
    MainWindow next;
    ASSERT_TRUE(begun(next));
    ASSERT_EQ(next.document().originals().size(), 4U);
    EXPECT_TRUE(next.document().exception(next.document().originals()[1].id).leftOut);
    EXPECT_THAT(next.notice().toStdString(), HasSubstr("4 pictures is here again"));
    // It is on the disk again without any change, and only then its old file goes.
    ASSERT_TRUE(kept(next));
    EXPECT_FALSE(fs::exists(left));
    const auto again = died(next.session().keptFile());
    MainWindow third;
    ASSERT_TRUE(begun(third));
    EXPECT_EQ(third.document().originals().size(), 4U);
    ASSERT_TRUE(ended(third));
    MainWindow later; // a proper end: offered, not forced
    ASSERT_TRUE(begun(later));
    EXPECT_TRUE(later.document().originals().empty());
    ASSERT_EQ(later.session().kept().size(), 1U);
    later.session().bringBack(later.session().kept().front());
    ASSERT_TRUE(quiet(later));
    EXPECT_EQ(later.document().originals().size(), 4U);
}

TEST_F(Session, WhatWasLostIsNeverMixedIntoWhatIsGiven) {
    ASSERT_TRUE(begun(window));
    openAll();
    ASSERT_TRUE(kept(window));
    died(window.session().keptFile());
    makePicture(folder / "other/kite.jpg", 60, 40);
    MainWindow next;
    next.show();
    next.session().begin(JobSession::Given::Files);
    next.open({folder / "other"});
    ASSERT_TRUE(waitUntil([&] { return next.document().originals().size() == 1; }, kWait));
    ASSERT_TRUE(quiet(next));
    EXPECT_EQ(next.document().originals().size(), 1U);
    ASSERT_EQ(next.session().kept().size(), 1U);
    EXPECT_TRUE(next.session().kept()[0].lost);
    // Asked for, it takes the place of the other, which is kept.
    next.session().bringBack(next.session().kept()[0]);
    ASSERT_TRUE(quiet(next));
    EXPECT_EQ(next.document().originals().size(), 4U);
    ASSERT_TRUE(ended(next));
    MainWindow last;
    ASSERT_TRUE(begun(last));
    std::vector<std::size_t> sizes;
    for (const auto& job : last.session().kept())
        sizes.push_back(job.pictures);
    EXPECT_THAT(sizes, ::testing::UnorderedElementsAre(4U, 1U));
}

TEST_F(Session, TheDeliveriesOfLastTimeSurviveAStartWithAFileAndASecondWindow) {
    ASSERT_TRUE(begun(window));
    document().renameCurrentDelivery("Everyday");
    ASSERT_TRUE(ended(window));
    auto given = sampleDelivery(copies);
    given.name = "From a file";
    saveDelivery(given, folder / "given.json");
    {
        MainWindow other;
        ASSERT_TRUE(begun(other, JobSession::Given::All));
        other.deliveryDesk().openDelivery(folder / "given.json");
        ASSERT_TRUE(quiet(other));
        ASSERT_TRUE(ended(other));
    }
    MainWindow first;
    ASSERT_TRUE(begun(first));
    EXPECT_EQ(first.document().currentDelivery().name, "Everyday");
    {
        MainWindow second; // the first one owns them
        ASSERT_TRUE(begun(second));
        second.document().renameCurrentDelivery("Second window");
        ASSERT_TRUE(ended(second));
    }
    ASSERT_TRUE(ended(first));
    EXPECT_EQ(loadDelivery(folder / "config/keep-seal/deliveries/1.json").name, "Everyday");
}

TEST_F(Session, ADeliveryOfANewerKeepSealIsSetAsideWithWords) {
    writeFile(folder / "config/keep-seal/deliveries/1.json",
              R"({"format":"keep-seal/delivery","version":99})");
    saveDelivery(sampleDelivery(copies), folder / "config/keep-seal/deliveries/2.json");
    ASSERT_TRUE(begun(window));
    EXPECT_THAT(window.notice().toStdString(), HasSubstr("set aside"));
    EXPECT_EQ(document().state().deliveries.size(), 1U);
    EXPECT_EQ(document().currentDelivery().name, sampleDelivery(copies).name);
    ASSERT_TRUE(ended(window));
    bool found = false;
    for (const auto& entry : fs::directory_iterator(folder / "config/keep-seal/deliveries/set-aside"))
        found = found || readText(entry.path()).find("99") != std::string::npos;
    EXPECT_TRUE(found);
}

TEST_F(Session, UndoNeverLosesANameOrTheFileADeliveryWasSavedTo) {
    ASSERT_TRUE(begun(window));
    saveDelivery(document().currentDelivery(), folder / "web.json");
    document().setSetting("fit.long_side", 900.0);
    const auto card = document().state().deliveries[0].id;
    document().setFile(card, folder / "web.json");
    document().setKept(card, document().currentDelivery());
    document().setJobName("Kites");
    document().setSetting("fit.long_side", 700.0);
    document().undoStack()->undo();
    EXPECT_EQ(document().state().name, "Kites");
    document().undoStack()->undo(); // the name itself
    EXPECT_EQ(document().state().name, "");
    document().undoStack()->undo();
    EXPECT_EQ(document().state().deliveries[0].file, folder / "web.json");
    EXPECT_TRUE(document().state().deliveries[0].changed()); // what lies there is what was kept
    document().undoStack()->redo();
    EXPECT_FALSE(document().state().deliveries[0].changed());
    // A removed card that comes back still knows its file.
    document().duplicateCurrentDelivery();
    document().selectDelivery(0);
    document().removeCurrentDelivery();
    document().undoStack()->undo();
    EXPECT_EQ(document().state().deliveries[0].file, folder / "web.json");
}

TEST_F(Session, ANewJobForgetsTheFileAndUndoBringsBothBack) {
    ASSERT_TRUE(begun(window));
    openAll();
    window.session().saveTo(folder / "kites.json");
    ASSERT_TRUE(quiet(window));
    shortcut(QKeySequence::New)->trigger();
    EXPECT_TRUE(document().originals().empty());
    EXPECT_TRUE(document().file().empty());
    shortcut(QKeySequence::Undo)->trigger();
    EXPECT_EQ(document().originals().size(), 4U);
    EXPECT_EQ(document().file(), folder / "kites.json");
    EXPECT_EQ(document().state().name, "kites");
}

TEST_F(Session, SavingADeliveryLeavesTheFolderOfItsFileAlone) {
    auto given = sampleDelivery("their/folder");
    saveDelivery(given, folder / "given.json");
    ASSERT_TRUE(begun(window, JobSession::Given::All));
    window.deliveryDesk().openDelivery(folder / "given.json");
    ASSERT_TRUE(quiet(window));
    document().setSetting("place.folder", copies.string()); // as --out does
    document().setSetting("fit.long_side", 900.0);
    shortcut(QKeySequence::Save)->trigger();
    ASSERT_TRUE(quiet(window));
    const auto saved = loadDelivery(folder / "given.json");
    EXPECT_EQ(saved.place.folder, "their/folder");
    EXPECT_EQ(saved.fit.longSide, 900);
    EXPECT_FALSE(document().state().deliveries[document().currentDeliveryIndex()].changed());
}

TEST_F(Session, AStateFolderThatCanNotBeWrittenIsSaidOnce) {
    if (::geteuid() == 0) { // root may write anywhere: then a file stands in its way
        fs::create_directories(folder / "state/keep-seal");
        writeFile(jobs(), "in the way");
    } else
        ::chmod((folder / "state/keep-seal").c_str(), 0500);
    ASSERT_TRUE(begun(window));
    openAll();
    ASSERT_TRUE(waitUntil([&] { return window.notice().contains("not being kept"); }, kWait));
    window.showNotice({});
    document().setSetting("fit.long_side", 900.0);
    waitUntil([] { return false; }, 1500);
    ASSERT_TRUE(quiet(window));
    EXPECT_EQ(window.notice(), "");
}

TEST_F(Session, AJobThatSaysWhoItIsOfLeavesThePersonsOwnWhoAlone) {
    WhoYouAre own, other;
    own.studio = "Gull and Reed";
    other.studio = "Marsh and Line";
    saveWho(own);
    Job job;
    job.who = other;
    saveJob(job, folder / "other.json");
    job.who.reset();
    saveJob(job, folder / "plain.json");
    MainWindow next; // as --job does: the job may be there before the person's own file was read
    next.session().open(folder / "other.json");
    ASSERT_TRUE(quiet(next));
    ASSERT_TRUE(begun(next, JobSession::Given::All));
    EXPECT_EQ(next.document().who().studio, "Marsh and Line");
    next.session().open(folder / "plain.json");
    ASSERT_TRUE(quiet(next));
    EXPECT_EQ(next.document().who().studio, "Gull and Reed");
}

TEST_F(Session, AJobFileNeverOpensThePlaceAndAJobOfOnesOwnStaysAsItWas) {
    ASSERT_TRUE(begun(window));
    openAll();
    auto privacy = document().currentDelivery().privacy;
    privacy.location = Stay::Keep;
    privacy.locationWords = kLocationWords;
    document().setPrivacy(privacy, "opened by hand");
    window.session().saveTo(folder / "theirs.json");
    ASSERT_TRUE(quiet(window));
    EXPECT_TRUE(document().currentDelivery().privacy.opensLocation()); // still theirs, who opened it
    ASSERT_TRUE(kept(window));
    const auto left = died(window.session().keptFile());
    MainWindow again; // the same person's, lost and brought back
    ASSERT_TRUE(begun(again));
    ASSERT_EQ(again.document().originals().size(), 4U);
    EXPECT_TRUE(again.document().currentDelivery().privacy.opensLocation());
    MainWindow other;
    ASSERT_TRUE(begun(other));
    other.session().open(folder / "theirs.json");
    ASSERT_TRUE(waitUntil([&] { return other.document().originals().size() == 4; }, kWait));
    EXPECT_FALSE(other.document().currentDelivery().privacy.opensLocation());
    EXPECT_THAT(other.notice().toStdString(), HasSubstr("opened with that closed"));
}

} // namespace keepseal::app
