// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A plan that many make together, each a part.
#include "run/parts.h"

#include "run/journal.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <thread>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;
using ::testing::IsEmpty;

namespace {

const std::atomic<bool> kNobodyStops{false};

std::map<std::string, std::string> filesIn(const fs::path& folder) {
    std::map<std::string, std::string> out;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.is_regular_file())
            out[fs::relative(entry.path(), folder).string()] = readText(entry.path());
    return out;
}

} // namespace

class Parts : public ::testing::Test {
protected:
    Parts() {
        for (int i = 0; i < 9; ++i) {
            files.push_back(folder / ("in/tide_" + std::to_string(i) + (i % 3 ? ".jpg" : ".png")));
            makePicture(files.back(), 240 + i, 160);
        }
    }
    /// Two deliveries of two formats, numbered names, below `to`.
    Plan planned(const std::string& to) const {
        std::vector<Delivery> deliveries;
        for (const int side : {200, 90}) {
            deliveries.push_back(sampleDelivery(folder / to / std::to_string(side)));
            deliveries.back().fit.longSide = side;
            deliveries.back().file.chosen = {"jpeg", "png"};
            deliveries.back().place.name = "{number}-{name}";
        }
        return makePlan(files, deliveries, "/");
    }
    RunResult part(
        std::size_t number, std::size_t count, const std::atomic<bool>& stop = kNobodyStops,
        const std::function<void(const RunEvent&)>& onEvent = [](const RunEvent&) {}) const {
        RunOptions options;
        options.workers = 1;
        return runPart(file, {number, count}, options, stop, onEvent);
    }
    void inOneRun() const {
        RunOptions options;
        options.ledgerFolder = folder / "one-run";
        runPlan(planned("one"), options, kNobodyStops, [](const RunEvent&) {});
    }
    TempFolder folder;
    std::vector<fs::path> files;
    fs::path file = folder / "archive.plan";
};

TEST_F(Parts, MadeAtOnceAndOneStoppedTheyEqualOneRunByteForByte) {
    inOneRun();
    savePlan(planned("parts"), file);
    std::atomic<bool> stop{false};
    std::vector<std::jthread> machines;
    for (std::size_t k = 1; k <= 4; ++k)
        machines.emplace_back([&, k] {
            if (k == 3)
                part(k, 4, stop, [&](const RunEvent&) { stop = true; }); // after its first copy
            else
                part(k, 4);
        });
    machines.clear();
    auto joined = joinParts(file);
    EXPECT_FALSE(joined.whole());
    EXPECT_EQ(joined.unfinished, (std::vector<PlanPart>{{3, 4}}));
    EXPECT_EQ(joined.ledger.count(Outcome::Waiting), 7U); // of the two originals of that part: 8 copies
    part(3, 4);
    joined = joinParts(file);
    EXPECT_TRUE(joined.whole());
    EXPECT_EQ(joined.found.size(), 4U);
    EXPECT_THAT(joined.unfinished, IsEmpty());
    EXPECT_THAT(joined.missing, IsEmpty());
    EXPECT_EQ(joined.ledger.count(Outcome::Made), 36U);
    for (const auto& row : joined.ledger.rows)
        EXPECT_TRUE(row.originalUntouched());
    EXPECT_EQ(filesIn(folder / "parts"), filesIn(folder / "one"));
}

TEST_F(Parts, WhatWasNeverBegunIsMissing) {
    savePlan(planned("parts"), file);
    part(2, 3);
    const auto joined = joinParts(file);
    EXPECT_EQ(joined.found, (std::vector<PlanPart>{{2, 3}}));
    EXPECT_EQ(joined.missing, (std::vector<PlanPart>{{1, 3}, {3, 3}}));
    EXPECT_EQ(joined.ledger.count(Outcome::Waiting), 24U);
}

TEST_F(Parts, AgainNothingIsMadeTwiceAndWhatFailedIsTried) {
    savePlan(planned("parts"), file);
    const auto whole = readText(files[4]);
    writeFile(files[4], whole.substr(0, 700));
    const auto first = part(2, 3); // originals 1, 4 and 7
    EXPECT_EQ(first.ledger.count(Outcome::Failed), 4U);
    writeFile(files[4], whole);
    std::size_t made = 0;
    const auto count = [&](const RunEvent& event) { made += event.kind == RunEvent::Kind::CopyDone; };
    EXPECT_EQ(part(2, 3, kNobodyStops, count).ledger.count(Outcome::Made), 12U);
    EXPECT_EQ(made, 4U);
    const auto before = filesIn(folder / "parts");
    EXPECT_EQ(part(2, 3, kNobodyStops, count).ledger.count(Outcome::Made), 12U);
    EXPECT_EQ(made, 4U);
    // And cut in another way, each copy still lies there once.
    for (std::size_t k = 1; k <= 2; ++k)
        part(k, 2);
    for (const auto& [name, bytes] : before)
        EXPECT_EQ(filesIn(folder / "parts").at(name), bytes);
    EXPECT_EQ(filesIn(folder / "parts").size(), 36U);
}

TEST_F(Parts, APartKeepsOutOfTheFoldersOfAllOriginals) {
    makePicture(folder / "elsewhere/tide.jpg", 100, 80);
    files.push_back(folder / "elsewhere/tide.jpg");
    savePlan(planned("parts"), file);
    const auto plan = loadPlan(file, {1, 10});
    EXPECT_EQ(plan.originals, (std::vector<fs::path>{files[0]}));
    EXPECT_THAT(plan.otherFolders, ::testing::Contains(folder / "elsewhere"));
    // A link that leads there since the plan was made is not followed.
    fs::create_directories(folder / "parts");
    fs::create_directory_symlink(folder / "elsewhere", folder / "parts/200");
    EXPECT_EQ(problemOf([&] { part(1, 10); }).kind, ProblemKind::Refused);
    EXPECT_EQ(filesIn(folder / "elsewhere").size(), 1U);
}

TEST_F(Parts, TheSamePartIsNotMadeByTwoAtOnce) {
    savePlan(planned("parts"), file);
    const auto result = part(1, 3, kNobodyStops, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && event.done == 1) {
            EXPECT_EQ(problemOf([&] { part(1, 3); }).kind, ProblemKind::Refused);
        }
    });
    EXPECT_EQ(result.ledger.count(Outcome::Made), 12U);
}

TEST_F(Parts, APlanThatDoesNotHoldAnyMoreIsRefused) {
    makePicture(folder / "emblem.png", 60, 60);
    auto delivery = sampleDelivery(folder / "parts");
    delivery.seal.parts = {SealPart{}};
    delivery.seal.parts[0].id = "emblem";
    delivery.seal.parts[0].kind = PartKind::Logo;
    delivery.seal.parts[0].logo.file = (folder / "emblem.png").string();
    savePlan(makePlan(files, {delivery}, "/"), file);
    EXPECT_EQ(problemOf([&] { savePlan(planned("other"), file); }).kind,
              ProblemKind::Refused); // never replaced
    EXPECT_NO_THROW((void)loadPlan(file));
    fs::remove(folder / "emblem.png");
    makePicture(folder / "emblem.png", 70, 60);
    EXPECT_EQ(problemOf([&] { (void)loadPlan(file); }).kind, ProblemKind::Changed);

    savePlan(planned("parts"), folder / "good.plan");
    const auto good = readText(folder / "good.plan");
    const auto refused = [&](const std::string& text) {
        writeFile(folder / "bad.plan", text);
        return problemOf([&] { (void)loadPlan(folder / "bad.plan"); }).kind;
    };
    EXPECT_EQ(refused(good.substr(0, good.rfind('\n', good.size() - 2) + 1)), ProblemKind::BadFile);
    EXPECT_EQ(refused(good.substr(0, good.size() - 9)), ProblemKind::BadFile);
    EXPECT_EQ(refused("{}"), ProblemKind::BadFile);
    EXPECT_EQ(refused(""), ProblemKind::CannotRead);
    auto later = good;
    later.replace(later.find(std::string("\"program\":\"") + KEEPSEAL_VERSION), 12, "\"program\":\"9");
    EXPECT_EQ(refused(later), ProblemKind::Changed);
    EXPECT_EQ(problemOf([&] { (void)loadPlan(folder / "none.plan"); }).kind, ProblemKind::NotFound);
}

TEST(PlanPart, IsOneOfSo) {
    EXPECT_EQ(planPartOf("3/8"), (PlanPart{3, 8}));
    for (const auto* text : {"0/8", "9/8", "3", "3/", "/8", "3/8 ", "-1/8", "1/1000000", "a/b", ""})
        EXPECT_FALSE(planPartOf(text)) << text;
}
