// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From the job to its copies without a window.
#include "stamping/hand_first.h"
#include "stamping/run_session.h"
#include "support/support.h"
#include "tour/waiting.h"

#include <gtest/gtest.h>

namespace keepseal::app {

using namespace keepseal::test;

class Runs : public ::testing::Test {
protected:
    void SetUp() override {
        for (int i = 0; i < 3; ++i) {
            files.push_back(folder / ("tide_" + std::to_string(i) + ".jpg"));
            makePicture(files.back(), 300, 200);
        }
        Delivery delivery = sampleDelivery(folder / "copies");
        document.load({{delivery, true, {}, nullptr, 0}}, files);
        QObject::connect(&runs, &RunSession::said, [this](const QString& text) { said << text; });
    }
    bool planned() {
        return until([this] { return runs.planning().current() && runs.planning().plan(); });
    }
    bool ran() {
        return until([this] { return runs.last().has_value() && !runs.busy(); });
    }
    static bool until(const std::function<bool()>& reached) { return waitUntil(reached, 60000); }

    TempFolder folder;
    std::vector<fs::path> files;
    JobDocument document;
    PictureLibrary library{&document};
    HardCases hardCases{&document, &library};
    RunSession runs{&document, &library, &hardCases};
    QStringList said;
};

TEST_F(Runs, AskForTheFolderOfTheCardThatHasNone) {
    document.setSetting("place.folder", std::string());
    std::optional<std::size_t> asked;
    QObject::connect(&runs, &RunSession::folderWanted, [&](std::size_t card) { asked = card; });
    runs.stamp();
    EXPECT_EQ(asked, 0U);
    EXPECT_FALSE(runs.busy());
}

TEST_F(Runs, TellWhatCameOfThemUntilTheJobChanges) {
    ASSERT_TRUE(planned());
    runs.stamp();
    EXPECT_TRUE(runs.barState().run); // from the first moment
    ASSERT_TRUE(ran());
    EXPECT_TRUE(runs.tellsOfLast());
    EXPECT_EQ(runs.barState().last->made, 3U);
    EXPECT_EQ(runs.firstCopy().parent_path(), folder / "copies");
    ASSERT_EQ(runs.stamped().size(), 3U);
    for (const auto& [id, stamped] : runs.stamped())
        EXPECT_EQ(stamped, Stamped::Made);
    document.setSetting("seal.opacity", 40.0);
    EXPECT_FALSE(runs.tellsOfLast());
    EXPECT_FALSE(runs.barState().last);
}

TEST_F(Runs, StandStillAndGoOnWhereTheyWere) {
    ASSERT_TRUE(planned());
    std::optional<Standstill> still(std::in_place);
    runs.stamp();
    const auto somethingIsThere = [&] {
        std::error_code error;
        for (const auto& entry : fs::directory_iterator(folder / "copies", error))
            if (entry.path().extension() == ".jpg")
                return true;
        return !runs.busy();
    };
    EXPECT_FALSE(waitUntil(somethingIsThere, 400));
    still.reset();
    ASSERT_TRUE(ran());
    EXPECT_EQ(runs.barState().last->made, 3U);
}

TEST_F(Runs, AHandThatChangesTheJobComesFirstUntilItsChangeIsSeen) {
    bool seen = false;
    int looks = 0;
    const HandFirst hand(&document, [&] {
        ++looks;
        return seen;
    });
    EXPECT_FALSE(Standstill::now());
    document.setSetting("seal.opacity", 41.0, 7);
    EXPECT_TRUE(Standstill::now());
    ASSERT_TRUE(until([&] { return looks == 2; }));
    EXPECT_TRUE(Standstill::now());
    seen = true;
    ASSERT_TRUE(until([] { return !Standstill::now(); }));
    EXPECT_EQ(looks, 3);
}

TEST_F(Runs, AChangeThatIsNeverSeenHoldsNothingUpForLong) {
    const HandFirst hand(&document, [] { return false; });
    document.setSetting("seal.opacity", 41.0, 7);
    EXPECT_TRUE(Standstill::now());
    EXPECT_TRUE(until([] { return !Standstill::now(); }));
}

TEST_F(Runs, APictureWithOneFailedCopyCountsAsFailed) {
    document.duplicateCurrentDelivery();
    document.setSetting("place.folder", (folder / "others").string());
    writeFile(files[1], "no picture any more"); // the plan knows the names alone
    ASSERT_TRUE(planned());
    runs.stamp();
    ASSERT_TRUE(ran());
    EXPECT_EQ(runs.stamped().at(document.originals()[1].id), Stamped::Failed);
    EXPECT_EQ(runs.stamped().at(document.originals()[0].id), Stamped::Made);
    EXPECT_EQ(runs.barState().last->failed, 2U);
}

TEST_F(Runs, WhatIsChangedMeanwhileCanBePutInLine) {
    ASSERT_TRUE(planned());
    runs.stamp();
    runs.setPaused(true);
    document.setSetting("place.folder", (folder / "others").string());
    runs.planning().lookAgain(); // a run that writes lets folders rest
    ASSERT_TRUE(planned());
    EXPECT_TRUE(runs.barState().run->more);
    runs.stamp();
    EXPECT_FALSE(runs.barState().run->more);
    EXPECT_EQ(said.last(), "In line: 1 more after this one.");
    runs.setPaused(false);
    ASSERT_TRUE(until([this] { return !runs.busy() && fs::exists(folder / "others"); }));
    EXPECT_TRUE(runs.tellsOfLast());
}

} // namespace keepseal::app
