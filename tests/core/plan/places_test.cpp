// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Names and places of copies, from the plan to the disk.
#include "base/fingerprint.h"
#include "plan/disk.h"
#include "plan/plan_json.h"
#include "run/destination.h"
#include "run/run.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <chrono>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::ElementsAre;
using ::testing::HasSubstr;

namespace {

std::vector<fs::path> below(const fs::path& folder) {
    std::vector<fs::path> out;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.is_regular_file())
            out.push_back(entry.path().lexically_relative(folder));
    std::sort(out.begin(), out.end());
    return out;
}

/// Two days of one festival, each with pictures of the same names.
struct Festival {
    TempFolder folder;
    std::vector<fs::path> files;
    Delivery delivery = sampleDelivery(folder / "out");

    Festival() {
        for (const auto* name : {"day1/1.jpg", "day1/2.jpg", "day2/evening/1.jpg"}) {
            files.push_back(folder / ("in/" + std::string(name)));
            makePicture(files.back(), 60, 40);
        }
    }
    PlanRequest request() const { return {files, {delivery}, folder.path()}; }
    Plan plan() const { return makePlan(request()); }
    RunResult run() const { return runAll(plan()); }
};

} // namespace

TEST(Places, TheTreeOfTheOriginalsIsKept) {
    Festival job;
    job.delivery.place.where = PlaceWhere::KeepTree;
    EXPECT_EQ(job.run().exitCode(), 0);
    EXPECT_THAT(below(job.folder / "out"), ElementsAre("day1/1.jpg", "day1/2.jpg", "day2/evening/1.jpg"));
}

TEST(Places, BesideTheOriginalsInAFolderOfTheirOwn) {
    Festival job;
    job.delivery.place.where = PlaceWhere::BesideOriginal;
    EXPECT_EQ(problemOf([&] { job.plan(); }).subject, "place.subfolder"); // never among the originals
    job.delivery.place.subfolder = "for the web";
    EXPECT_EQ(job.run().exitCode(), 0);
    EXPECT_TRUE(fs::exists(job.folder / "in/day2/evening/for the web/1.jpg"));
    EXPECT_EQ(job.plan().count(Outcome::AlreadyThere), 3U);
}

TEST(Places, AFolderForEachDeliveryAndNamesFromTokens) {
    Festival job;
    job.delivery.name = "Web: small/large";
    job.delivery.place.subfolder = "{delivery}";
    job.delivery.place.name = "{number}-{folder}-{width}x{height}";
    job.delivery.place.numberFrom = 98;
    job.delivery.fit.longSide = 30;
    job.run();
    EXPECT_THAT(below(job.folder / "out"),
                ElementsAre("Web- small-large/098-day1-30x20.jpg", "Web- small-large/099-day1-30x20.jpg",
                            "Web- small-large/100-evening-30x20.jpg"));
}

TEST(Places, NamesFromMetadataAndTheirAbsence) {
    Festival job;
    Planted planted;
    planted.description = "Lanterns / dusk";
    makePicture(job.files[1], 60, 40, planted);
    job.delivery.place.name = "{description|untitled}";
    const auto plan = job.plan();
    EXPECT_EQ(plan.copies[1].target.filename(), "Lanterns - dusk.jpg");
    EXPECT_EQ(plan.copies[0].target.filename(), "untitled.jpg");
    EXPECT_EQ(plan.copies[2].target.filename(), "untitled-2.jpg");
    job.delivery.place.name = "{name}-{headline}";
    EXPECT_THAT(said(job.plan().copies[0].notes), ElementsAre(HasSubstr("{headline} has no value")));
    job.delivery.place.name = "{nmae}";
    EXPECT_THAT(problemOf([&] { job.plan(); }).happened, HasSubstr("{nmae}"));
}

TEST(Places, NamesThatDifferOnlyInCaseOrCompositionAreTheSameName) {
    TempFolder folder;
    const std::vector<fs::path> files = {folder / "a/K\xc3\xb6ge.jpg", folder / "b/ko\xcc\x88GE.jpg"};
    for (const auto& file : files)
        makePicture(file, 40, 30);
    writeFile(folder / "out/K\xc3\x96GE-2.JPG", "somebody's");
    const auto plan = makePlan(files, {sampleDelivery(folder / "out")}, folder.path());
    EXPECT_EQ(plan.copies[0].target.filename(), "K\xc3\xb6ge.jpg");
    EXPECT_EQ(plan.copies[1].target.filename(), "k\xc3\xb6GE-3.jpg");
    EXPECT_EQ(runAll(plan).exitCode(), 0);
    EXPECT_EQ(readText(folder / "out/K\xc3\x96GE-2.JPG"), "somebody's");
}

TEST(Places, OnlyAnUnchangedCopyOfTheSamePictureIsReplaced) {
    Festival job;
    job.files.resize(2);
    job.run();
    job.delivery.place.taken = TakenName::Replace;
    job.delivery.seal.setText("another seal");
    const auto before = fingerprint(readFile(job.folder / "out/1.jpg"));
    writeFile(job.folder / "out/2.jpg", "retouched by hand");
    const auto plan = job.plan();
    EXPECT_EQ(plan.replaced(), 1U);
    EXPECT_EQ(plan.copies[1].target.filename(), "2-2.jpg");
    const auto result = runAll(plan);
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_TRUE(result.ledger.rows[0].replaced);
    EXPECT_NE(fingerprint(readFile(job.folder / "out/1.jpg")), before);
    EXPECT_EQ(readText(job.folder / "out/2.jpg"), "retouched by hand");
    EXPECT_THAT(below(job.folder / "out"), ElementsAre("1.jpg", "2-2.jpg", "2.jpg"));
    // Another picture of the same name is no reason to lose the first one's copy.
    job.files = {job.folder / "in/day2/evening/1.jpg"};
    EXPECT_EQ(job.plan().copies[0].target.filename(), "1-2.jpg");
}

TEST(Places, ACopyEditedBetweenPlanAndRunIsNotReplaced) {
    Festival job;
    job.files.resize(1);
    job.run();
    job.delivery.place.taken = TakenName::Replace;
    job.delivery.seal.setText("another seal");
    const auto plan = job.plan();
    writeFile(job.folder / "out/1.jpg", "retouched by hand");
    const auto result = runAll(plan);
    EXPECT_EQ(readText(job.folder / "out/1.jpg"), "retouched by hand");
    EXPECT_EQ(result.ledger.rows[0].copy.filename(), "1-2.jpg");
    EXPECT_EQ(below(job.folder / "out").size(), 2U); // no litter
}

TEST(Places, StopMeansThatNothingIsBegun) {
    Festival job;
    job.delivery.place.taken = TakenName::Stop;
    job.delivery.place.where = PlaceWhere::KeepTree;
    writeFile(job.folder / "out/day1/2.JPG", "somebody's");
    const auto plan = job.plan();
    EXPECT_EQ(plan.count(Outcome::Blocked), 1U);
    const auto problem = problemOf([&] { runAll(plan); });
    EXPECT_EQ(problem.kind, ProblemKind::Refused);
    EXPECT_THAT(problem.subject, HasSubstr("2.jpg"));
    EXPECT_THAT(below(job.folder / "out"), ElementsAre("day1/2.JPG"));
}

TEST(Places, ALinkInsideTheFolderLeadsNowhere) {
    Festival job;
    job.delivery.place.where = PlaceWhere::KeepTree;
    fs::create_directories(job.folder / "out");
    fs::create_directories(job.folder / "elsewhere");
    fs::create_directory_symlink(job.folder / "elsewhere", job.folder / "out/day1");
    const auto result = job.run();
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 2U);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 1U);
    EXPECT_TRUE(fs::is_empty(job.folder / "elsewhere"));
}

TEST(Places, KeepingTheTreeCanNotLeadIntoTheOriginals) {
    Festival job;
    job.delivery.place.where = PlaceWhere::KeepTree;
    job.delivery.place.folder = (job.folder / "in").string();
    EXPECT_EQ(problemOf([&] { job.plan(); }).kind, ProblemKind::Refused);
    job.delivery.place.subfolder = "copies";
    EXPECT_NO_THROW(job.plan());
}

TEST(Places, TwoRunsNeverWriteToOnePlace) {
    Festival job;
    Destinations other({});
    other.claim(job.folder / "out");
    EXPECT_THAT(problemOf([&] { job.run(); }).happened, HasSubstr("another run"));
    EXPECT_TRUE(fs::is_empty(job.folder / "out"));
}

TEST(Places, ConditionsLeavePicturesOutAndLeaveNoGapInTheNumbers) {
    Festival job;
    makePicture(job.files[0], 30, 60); // the only tall one
    job.delivery.which.shape = ShapeWanted::Wide;
    job.delivery.place.name = "{number}";
    const auto plan = job.plan();
    EXPECT_EQ(plan.copies[0].outcome, Outcome::LeftOut);
    EXPECT_THAT(said(plan.copies[0].notes), ElementsAre(HasSubstr("wide")));
    EXPECT_EQ(plan.copies[1].target.filename(), "001.jpg");
    EXPECT_EQ(plan.copies[2].target.filename(), "002.jpg");
    auto options = job.request();
    options.exceptions[job.files[1]].leftOut = true;
    EXPECT_TRUE(holdsKind(makePlan(options).copies[1].notes, NoteKind::LeftOutByHand));
    options.exceptions[job.files[0]].turn.quarterTurns = 1; // it is wide now
    EXPECT_EQ(makePlan(options).copies[0].outcome, Outcome::Waiting);
}

TEST(Places, HundredsOfFoldersNeedFewDescriptors) {
    TempFolder folder;
    std::vector<fs::path> files;
    makePicture(folder / "one.jpg", 24, 16);
    for (int i = 0; i < 120; ++i) {
        files.push_back(folder / ("in/" + std::to_string(i) + "/a.jpg"));
        fs::create_directories(files.back().parent_path());
        fs::copy_file(folder / "one.jpg", files.back());
    }
    auto delivery = sampleDelivery(folder / "out");
    delivery.place.where = PlaceWhere::KeepTree;
    const auto plan = makePlan(files, {delivery}, folder.path());
    std::size_t most = 0;
    const std::atomic<bool> stop{false};
    const auto result = runPlan(plan, {}, stop, [&](const RunEvent&) {
        most = std::max(most, static_cast<std::size_t>(std::distance(fs::directory_iterator("/proc/self/fd"),
                                                                     fs::directory_iterator())));
    });
    EXPECT_EQ(result.ledger.count(Outcome::Made), 120U);
    EXPECT_LT(most, 60U);
}

TEST(Places, AmongTheOriginalsNothingIsReplacedAndEveryNameDiffers) {
    Festival job;
    job.delivery.place.where = PlaceWhere::AmongOriginals;
    EXPECT_EQ(problemOf([&] { job.plan(); }).subject,
              "place.suffix"); // without an addition there is no other name
    job.delivery.place.suffix = "-web";
    job.delivery.place.taken = TakenName::Replace;
    const auto folder = job.files[0].parent_path();
    const auto stem = job.files[0].stem().string();
    makePicture(folder / (stem + "-web.jpg"), 40, 30); // another original has the name already
    job.files.push_back(folder / (stem + "-web.jpg"));
    std::map<fs::path, std::string> before;
    for (const auto& file : job.files)
        before[file] = readText(file);
    for (int round = 0; round < 2; ++round) { // the second time they are there, and stay
        const auto plan = job.plan();
        EXPECT_EQ(plan.copies[0].target, folder / (stem + "-web-2.jpg"));
        EXPECT_TRUE(holdsKind(plan.copies[0].notes, NoteKind::AmongOriginals));
        EXPECT_EQ(plan.replaced(), 0U);
        const auto result = runAll(plan);
        EXPECT_EQ(result.exitCode(), 0);
        EXPECT_EQ(result.ledger.count(round ? Outcome::AlreadyThere : Outcome::Made), job.files.size());
    }
    job.delivery.seal.size = 9; // other copies: beside the first ones, never over them
    EXPECT_EQ(job.plan().replaced(), 0U);
    EXPECT_EQ(runAll(job.plan()).ledger.count(Outcome::Made), job.files.size());
    for (const auto& [file, bytes] : before)
        EXPECT_EQ(readText(file), bytes) << file;
}

TEST(Places, OneDeliveryAmongTheOriginalsOpensTheirFolderToNoOther) {
    Festival job;
    auto among = job.delivery, into = job.delivery;
    among.place.where = PlaceWhere::AmongOriginals;
    among.place.suffix = "-web";
    into.place.folder = job.files[0].parent_path().string();
    EXPECT_EQ(problemOf([&] { makePlan(job.files, {among, into}, "/"); }).kind, ProblemKind::Refused);
}

TEST(Places, WhatIsAddedCountsAndAnUnreadablePictureTakesNoNumber) {
    Festival job;
    job.delivery.place.longest = 20;
    job.delivery.place.suffix = "-for-the-gallery-of-the-festival";
    for (const auto& copy : job.plan().copies)
        EXPECT_LE(copy.target.stem().string().size(), 20U) << copy.target;
    job.delivery.place = {};
    job.delivery.place.folder = (job.folder / "numbered").string();
    job.delivery.place.name = "{number}";
    writeFile(job.files[0], "\xFF\xD8\xFF and no more");
    EXPECT_EQ(job.plan().copies[1].target.filename(), "001.jpg");
}

TEST(Places, TwoRunsNeverWriteBelowOneFolderAtATime) {
    const TempFolder folder;
    const fs::path inner = folder / "out/inner", outer = folder / "out";
    Destinations first({}), second({});
    first.claim(inner);
    EXPECT_EQ(problemOf([&] { second.claim(outer); }).kind, ProblemKind::Refused);
    EXPECT_EQ(problemOf([&] { Destinations({}).claim(inner / "deeper"); }).kind, ProblemKind::Refused);
    Destinations beside({}); // a neighbour is free, and one run may have both
    beside.claim(folder / "out/neighbour");
    beside.claim(folder / "elsewhere");
    beside.claim(folder / "elsewhere/inside");
}

TEST(Places, APlanIsAPureFunctionOfItsRequestAndTheDiskAsItWas) {
    Festival job;
    EXPECT_EQ(job.run().exitCode(), 0);
    const auto shown = [](const Plan& plan) { return toJson(plan).dump(); };
    auto request = job.request();
    request.deliveries[0].place.name = "{title|untitled}-{number}"; // the files' own words are asked for
    DiskSnapshot disk;
    const auto before = makePlan(request, disk);
    auto smaller = request;
    smaller.deliveries[0].fit.longSide = 30;
    const auto beforeSmaller = shown(makePlan(smaller, disk));
    // Whatever becomes of the disk now: no plan of this snapshot hears of it.
    fs::remove_all(job.folder / "out");
    for (const auto& file : job.files)
        fs::remove(file);
    EXPECT_EQ(shown(makePlan(request, disk)), shown(before));
    EXPECT_EQ(shown(makePlan(smaller, disk)), beforeSmaller);
    EXPECT_NE(shown(makePlan(request)), shown(before));
}
