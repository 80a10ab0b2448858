// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "plan/disk.h"
#include "plan/plan.h"
#include "record/register.h"
#include "run/check_copy.h"
#include "run/run.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <set>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

std::vector<fs::path> someFiles(const TempFolder& folder, int count) {
    std::vector<fs::path> out;
    for (int i = 0; i < count; ++i) {
        out.push_back(folder / ("in/" + std::to_string(i) + ".jpg"));
        makePicture(out.back(), 40, 30);
    }
    return out;
}

} // namespace

TEST(Plan, NamesEveryCopyAndWritesNothing) {
    const TempFolder folder;
    const auto files = someFiles(folder, 3);
    auto web = sampleDelivery(folder / "web");
    auto proofs = sampleDelivery(folder / "proofs");
    proofs.place.suffix = "-proof";
    const auto plan = makePlan(files, {web, proofs}, folder.path());
    ASSERT_EQ(plan.copies.size(), 6U);
    std::set<fs::path> targets;
    for (const auto& copy : plan.copies) {
        targets.insert(copy.target);
        EXPECT_EQ(copy.outcome, Outcome::Waiting);
        EXPECT_TRUE(copy.notes.empty());
    }
    EXPECT_TRUE(targets.contains(folder / "web/1.jpg"));
    EXPECT_TRUE(targets.contains(folder / "proofs/1-proof.jpg"));
    EXPECT_FALSE(fs::exists(folder / "web"));
}

TEST(Plan, TwoDeliveriesThatShareAFolderNeverShareAName) {
    const TempFolder folder;
    const auto files = someFiles(folder, 2);
    const auto plan =
        makePlan(files, {sampleDelivery(folder / "out"), sampleDelivery(folder / "out")}, folder.path());
    std::set<fs::path> targets;
    for (const auto& copy : plan.copies)
        targets.insert(copy.target);
    EXPECT_EQ(targets.size(), 4U);
    EXPECT_EQ(runAll(plan).ledger.count(Outcome::Made), 4U);
}

TEST(Plan, ATakenNameIsNumberedOrLeftOut) {
    const TempFolder folder;
    const auto files = someFiles(folder, 2);
    writeFile(folder / "out/0.jpg", "somebody's");
    auto delivery = sampleDelivery(folder / "out");
    auto plan = makePlan(files, {delivery}, folder.path());
    EXPECT_EQ(plan.copies[0].target.filename(), "0-2.jpg");
    EXPECT_TRUE(holdsKind(plan.copies[0].notes, NoteKind::NameTaken));
    EXPECT_EQ(plan.copies[1].target.filename(), "1.jpg");
    delivery.place.taken = TakenName::Skip;
    plan = makePlan(files, {delivery}, folder.path());
    EXPECT_EQ(plan.copies[0].outcome, Outcome::LeftOut);
    const auto result = runAll(plan);
    EXPECT_EQ(result.ledger.count(Outcome::LeftOut), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 1U);
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_EQ(readText(folder / "out/0.jpg"), "somebody's");
}

TEST(Plan, ABrokenLinkAtTheNameCountsAsTaken) {
    const TempFolder folder;
    const auto files = someFiles(folder, 1);
    fs::create_directories(folder / "out");
    fs::create_symlink(folder / "elsewhere.jpg", folder / "out/0.jpg");
    const auto plan = makePlan(files, {sampleDelivery(folder / "out")}, folder.path());
    EXPECT_EQ(plan.copies[0].target.filename(), "0-2.jpg");
    runAll(plan);
    EXPECT_FALSE(fs::exists(folder / "elsewhere.jpg")); // the link was not followed out of the folder
}

TEST(Plan, RefusesWhatItCannotPlace) {
    const TempFolder folder;
    const auto files = someFiles(folder, 1);
    auto delivery = sampleDelivery("");
    EXPECT_EQ(problemOf([&] { makePlan(files, {delivery}, folder.path()); }).subject, "place.folder");
    delivery = sampleDelivery(folder / "out");
    delivery.place.suffix = "../up";
    EXPECT_EQ(problemOf([&] { makePlan(files, {delivery}, folder.path()); }).subject, "place.suffix");
    writeFile(folder / "file", "x");
    delivery = sampleDelivery(folder / "file");
    EXPECT_EQ(problemOf([&] { makePlan(files, {delivery}, folder.path()); }).kind, ProblemKind::CannotWrite);
}

TEST(Plan, AFolderInsideTheOriginalsFolderIsFineAndOneAboveToo) {
    const TempFolder folder;
    const auto files = someFiles(folder, 1);
    EXPECT_NO_THROW(makePlan(files, {sampleDelivery(folder / "in/copies")}, folder.path()));
    EXPECT_NO_THROW(makePlan(files, {sampleDelivery(folder.path())}, folder.path()));
}

TEST(Plan, AnOriginalThatIsALinkProtectsTheFolderItLeadsTo) {
    const TempFolder folder;
    makePicture(folder / "vault/a.jpg", 40, 30);
    fs::create_directories(folder / "in");
    fs::create_symlink(folder / "vault/a.jpg", folder / "in/a.jpg");
    const auto problem = problemOf(
        [&] { makePlan({folder / "in/a.jpg"}, {sampleDelivery(folder / "vault")}, folder.path()); });
    EXPECT_EQ(problem.kind, ProblemKind::Refused);
}

TEST(Plan, ARelativeFolderCountsFromTheBaseAndHomeIsKnown) {
    ::setenv("HOME", "/home/wrenna", 1);
    EXPECT_EQ(resolvedFolder("copies", "/job"), "/job/copies");
    EXPECT_EQ(resolvedFolder("/abs/../x", "/job"), "/x");
    EXPECT_EQ(resolvedFolder("~/copies", "/job"), "/home/wrenna/copies");
    EXPECT_EQ(resolvedFolder("", "/job"), "");
}

TEST(SettingsDigest, ChangesWithWhatShapesACopyAndNotWithItsPlace) {
    DiskSnapshot disk;
    const auto delivery = sampleDelivery("/a");
    auto moved = delivery;
    moved.place.folder = "/b";
    moved.name = "other name";
    EXPECT_EQ(settingsDigest(delivery, disk), settingsDigest(moved, disk));
    for (const auto& change : std::vector<std::function<void(Delivery&)>>{
             [](Delivery& d) { d.seal.setText("!!"); }, [](Delivery& d) { d.fit.longSide = 100; },
             [](Delivery& d) { d.file.set("quality", 50.0); },
             [](Delivery& d) { d.rights.setAlways("creator", "x"); },
             [](Delivery& d) {
                 d.seal.parts.front().colour = {1, 2, 3};
             }}) {
        auto changed = delivery;
        change(changed);
        EXPECT_NE(settingsDigest(delivery, disk), settingsDigest(changed, disk));
    }
}

TEST(EarlierCopies, TheRegisterIsMadeAgainFromTheLedgersAndBrokenOnesAreSilent) {
    const TempFolder folder;
    const auto files = someFiles(folder, 1);
    const auto delivery = sampleDelivery(folder / "out");
    runAll(makePlan(files, {delivery}, folder.path()));
    writeFile(folder / "state/keep-seal/ledgers/9999-broken.json", "{ not json");
    writeFile(folder / "state/keep-seal/ledgers/9999-other.json",
              R"({"format":"keep-seal/ledger","version":99})");
    for (const std::string fault : {"none", "lost", "damaged"}) {
        const auto file = folder / "state/keep-seal/register.sqlite";
        if (fault != "none")
            for (const auto* tail : {"", "-wal", "-shm"})
                fs::remove(fs::path(file) += tail);
        if (fault == "damaged")
            writeFile(file, "this was a register once, and is a register no more");
        EXPECT_TRUE(Register().madeAt(folder / "out/0.jpg")) << fault;
        EXPECT_EQ(Register().copies(), 1U) << fault;
        EXPECT_EQ(makePlan(files, {delivery}, folder.path()).count(Outcome::AlreadyThere), 1U) << fault;
    }
    EXPECT_TRUE(fs::exists(folder / "state/keep-seal/register.sqlite.damaged"));
    makePicture(files[0], 41, 30); // the original is another one now
    EXPECT_EQ(makePlan(files, {delivery}, folder.path()).count(Outcome::AlreadyThere), 0U);
}

TEST(Run, AFolderThatCannotBeWrittenIsSaidBeforeAnythingIsDone) {
    if (::geteuid() == 0)
        GTEST_SKIP() << "root may write anywhere";
    const TempFolder folder;
    const auto files = someFiles(folder, 1);
    fs::create_directories(folder / "locked");
    fs::permissions(folder / "locked", fs::perms::owner_read | fs::perms::owner_exec);
    EXPECT_EQ(problemOf([&] {
                  runAll(makePlan(files, {sampleDelivery(folder / "locked/out")}, folder.path()));
              }).kind,
              ProblemKind::CannotWrite);
}

TEST(Run, OneWorkerAndManyMakeTheSameCopies) {
    const TempFolder folder;
    const auto files = someFiles(folder, 6);
    const std::atomic<bool> stop{false};
    for (const int workers : {1, 5}) {
        RunOptions options;
        options.workers = workers;
        options.memoryBudget = 1; // less than any picture: they go one by one and still all go
        const auto out = folder / ("out" + std::to_string(workers));
        EXPECT_EQ(runPlan(makePlan(files, {sampleDelivery(out)}, "/"), options, stop, [](const RunEvent&) {})
                      .ledger.count(Outcome::Made),
                  6U);
    }
    for (int i = 0; i < 6; ++i)
        EXPECT_EQ(readFile(folder / ("out1/" + std::to_string(i) + ".jpg")),
                  readFile(folder / ("out5/" + std::to_string(i) + ".jpg")));
}

TEST(Run, EventsCountUpToTheTotal) {
    const TempFolder folder;
    const auto plan = makePlan(someFiles(folder, 5), {sampleDelivery(folder / "out")}, "/");
    std::vector<std::size_t> done;
    std::size_t verified = 0;
    bool finished = false;
    const std::atomic<bool> stop{false};
    runPlan(plan, {}, stop, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone) {
            done.push_back(event.done);
            EXPECT_EQ(event.total, 5U);
            ASSERT_NE(event.row, nullptr);
        } else if (event.kind == RunEvent::Kind::Verifying)
            ++verified;
        else
            finished = true;
    });
    EXPECT_EQ(done, (std::vector<std::size_t>{1, 2, 3, 4, 5}));
    EXPECT_EQ(verified, 5U);
    EXPECT_TRUE(finished);
}

TEST(PlainSight, APlaceInTheSealTheNameOrTheRightsIsAWarning) {
    const TempFolder folder;
    Planted planted;
    planted.xmpCity = planted.iimCity = kSecretCity;
    makePicture(folder / "in/heronsluice-01.jpg", 80, 60, planted);
    auto delivery = sampleDelivery(folder / "out");
    delivery.seal.setText("Kites of Heronsluice");
    delivery.rights.setAlways("copyright_notice", "© Heronsluice Studio");
    const auto result = runAll(makePlan({folder / "in/heronsluice-01.jpg"}, {delivery}, "/"));
    ASSERT_EQ(result.ledger.count(Outcome::Made), 1U); // the person's own words are theirs to keep
    const auto warnings = said(result.ledger.rows[0].notes);
    EXPECT_THAT(warnings, ::testing::Contains(HasSubstr("stands in the seal")));
    EXPECT_THAT(warnings, ::testing::Contains(HasSubstr("stands in the file name")));
    EXPECT_THAT(warnings, ::testing::Contains(HasSubstr("stands in Copyright Notice")));
    EXPECT_EQ(worthALook(result.ledger.rows[0].notes).size(), 3U);
}

TEST(Sidecar, OneThatChangedMakesTheCopyAnewAndStaysAsItWas) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 80, 60);
    const auto packet = [](const std::string& title) {
        return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
               "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
               "<rdf:Description rdf:about='' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
               "photoshop:Headline='" +
               title + "'/></rdf:RDF></x:xmpmeta>";
    };
    writeFile(folder / "in/a.xmp", packet("first"));
    const auto plan = [&] { return makePlan({folder / "in/a.jpg"}, {sampleDelivery(folder / "out")}, "/"); };
    ASSERT_EQ(runAll(plan()).ledger.count(Outcome::Made), 1U);
    EXPECT_EQ(exiftool(folder / "out/a.jpg", "XMP-photoshop:Headline"), "first");
    EXPECT_EQ(plan().count(Outcome::AlreadyThere), 1U);
    writeFile(folder / "in/a.xmp", packet("second, longer"));
    const auto again = runAll(plan());
    ASSERT_EQ(again.ledger.count(Outcome::Made), 1U);
    EXPECT_EQ(exiftool(again.ledger.rows[0].copy, "XMP-photoshop:Headline"), "second, longer");
    EXPECT_EQ(readText(folder / "in/a.xmp"), packet("second, longer"));
    EXPECT_FALSE(fs::exists(folder / "out/a.xmp")); // read, never copied
}

TEST(Removed, KindsAreCounted) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    makePicture(folder / "in/a.jpg", 80, 60, planted);
    const auto result = runAll(makePlan({folder / "in/a.jpg"}, {sampleDelivery(folder / "out")}, "/"));
    EXPECT_THAT(result.ledger.rows[0].removed, ::testing::Contains(HasSubstr("Location")));
    EXPECT_THAT(result.ledger.rows[0].removed, ::testing::Contains(HasSubstr("Serial numbers")));
}
