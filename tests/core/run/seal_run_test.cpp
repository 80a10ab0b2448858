// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Seals in a whole run: exceptions, words filled in for each picture, warnings in the ledger, logos that
// change.
#include "base/problem.h"
#include "picture/develop.h"
#include "picture/original.h"
#include "plan/plan.h"
#include "plan/plan_json.h"
#include "run/run.h"
#include "support/job.h"
#include "support/seals.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::HasSubstr;
using ::testing::IsEmpty;

namespace {

struct SealJob {
    TempFolder folder;
    std::vector<fs::path> files;
    Delivery delivery;

    explicit SealJob(int count = 3) {
        for (int i = 0; i < count; ++i) {
            files.push_back(folder / ("in/tide_" + std::to_string(i) + ".jpg"));
            makePicture(files.back(), 480, 320);
        }
        delivery = sampleDelivery(folder / "out");
        delivery.seal = boxSeal(200, 100);
        delivery.seal.anchor = Anchor::BottomRight;
    }
    RunResult run(const Exceptions& exceptions = {}) const {
        const std::atomic<bool> stop{false};
        return runPlan(makePlan(files, {delivery}, "/", exceptions), {}, stop, [](const RunEvent&) {});
    }
    Frame copy(std::size_t index) const {
        const auto path = folder / ("out/tide_" + std::to_string(index) + ".jpg");
        const Original original(path);
        const auto facts = readFacts(original, path.string());
        return develop(original, path.string(), facts, wholePicture(facts, facts.size));
    }
    static bool sealedAt(const Frame& frame, double x, double y) {
        const auto* p = pixelAt(frame, x * frame.size.width, y * frame.size.height);
        return p[0] > 235 && p[1] > 235 && p[2] > 235; // the ramp itself has little blue
    }
};

} // namespace

TEST(SealRun, EachPictureGetsItsExceptionAndTheOthersDoNot) {
    const SealJob job;
    PictureException moved, none;
    moved.seal.anchor = Anchor::TopLeft;
    none.seal.none = true;
    const auto result = job.run({{job.files[1], moved}, {job.files[2], none}});
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_TRUE(SealJob::sealedAt(job.copy(0), 0.93, 0.92));
    EXPECT_TRUE(SealJob::sealedAt(job.copy(1), 0.07, 0.08));
    EXPECT_FALSE(SealJob::sealedAt(job.copy(1), 0.93, 0.92));
    EXPECT_FALSE(SealJob::sealedAt(job.copy(2), 0.93, 0.92));
    EXPECT_GT(result.ledger.rows[0].readability, 1);
    EXPECT_EQ(result.ledger.rows[2].readability, 0);
}

TEST(SealRun, AChangedExceptionMakesThatCopyAnewAndOnlyThatOne) {
    const SealJob job;
    job.run();
    PictureException dark;
    dark.seal.dark = true;
    const auto plan = makePlan(job.files, {job.delivery}, "/", {{job.files[1], dark}});
    EXPECT_EQ(plan.count(Outcome::AlreadyThere), 2U);
    EXPECT_EQ(plan.count(Outcome::Waiting), 1U);
    EXPECT_EQ(makePlan(job.files, {job.delivery}, "/").count(Outcome::AlreadyThere), 3U);
}

TEST(SealRun, AnotherLogoFileUnderTheSameNameMakesOtherCopies) {
    SealJob job(1);
    const auto write = [&](const char* colour) {
        writeFile(job.folder / "logo.svg",
                  std::string("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>"
                              "<rect width='9' height='9' fill='") +
                      colour + "'/></svg>");
    };
    write("#ffffff");
    SealPart logo = newPart(job.delivery.seal, PartKind::Logo);
    logo.logo.file = (job.folder / "logo.svg").string();
    job.delivery.seal.parts.push_back(logo);
    job.run();
    EXPECT_EQ(makePlan(job.files, {job.delivery}, "/").count(Outcome::AlreadyThere), 1U);
    write("#ffff0000");
    EXPECT_EQ(makePlan(job.files, {job.delivery}, "/").count(Outcome::AlreadyThere), 0U);
}

TEST(SealRun, WordsAreFilledInForEachPictureAndMissingOnesAreInTheLedger) {
    SealJob job(2);
    job.delivery.seal = {};
    job.delivery.seal.setText("{name}");
    job.delivery.seal.size = 12;
    ASSERT_EQ(job.run().exitCode(), 0);
    // Other names, other letters: the two copies differ only there.
    const Frame a = job.copy(0), b = job.copy(1);
    int differing = 0;
    for (std::size_t i = 0; i < a.rgb.size(); ++i)
        differing += std::abs(int(a.rgb[i]) - int(b.rgb[i])) > 40;
    EXPECT_GT(differing, 20);
    EXPECT_LT(differing, static_cast<int>(a.rgb.size() / 50));
    job.delivery.seal.setText("{title} by {creator}");
    const auto result = job.run();
    EXPECT_THAT(said(result.ledger.rows[0].notes), Contains(HasSubstr("{title} has no value")));
}

TEST(SealRun, APlaceInATokensValueIsInPlainSight) {
    SealJob job(0);
    Planted planted;
    planted.xmpCity = kSecretCity;
    planted.description = std::string("Kites over ") + kSecretCity;
    job.files = {job.folder / "in/a.jpg"};
    makePicture(job.files[0], 480, 320, planted);
    job.delivery.seal = {};
    job.delivery.seal.setText("{description}");
    const auto result = job.run();
    EXPECT_THAT(said(result.ledger.rows[0].notes), Contains(HasSubstr("stands in the seal")));
}

TEST(SealRun, ACopyThatWouldLackALogoIsHeldBackUntilAPersonAcceptsIt) {
    SealJob job(1);
    job.delivery.seal.opacity = 3;
    SealPart gone = newPart(job.delivery.seal, PartKind::Logo);
    gone.logo.file = (job.folder / "no-such-logo.svg").string();
    job.delivery.seal.parts.push_back(gone);
    auto result = job.run();
    EXPECT_EQ(result.exitCode(), 1);
    EXPECT_EQ(result.ledger.rows[0].outcome, Outcome::HeldBack);
    EXPECT_FALSE(fs::exists(result.ledger.rows[0].copy));
    ASSERT_EQ(result.ledger.rows[0].heldBackBy().size(), 1U);
    const auto reason = result.ledger.rows[0].heldBackBy()[0];
    EXPECT_EQ(reason.kind, NoteKind::SealLogo);
    EXPECT_EQ(reason.subject, gone.logo.file);
    EXPECT_EQ(stationOf(reason), StationId::Seal);
    Exceptions exceptions;
    exceptions[job.files[0]].accepted = {{reason.kind, reason.subject}};
    result = runAll(makePlan(job.files, {job.delivery}, "/", exceptions));
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_EQ(result.ledger.rows[0].outcome, Outcome::Made);
    EXPECT_EQ(result.ledger.rows[0].accepted.size(), 1U); // the ledger says who took it so
    EXPECT_THAT(said(result.ledger.rows[0].notes), Contains(HasSubstr("hard to read here")));
    EXPECT_THAT(said(result.ledger.rows[0].notes), Contains(HasSubstr("no-such-logo.svg")));
}

TEST(SealRun, WhatIsAcceptedInOneDeliveryIsHeldBackInAnother) {
    SealJob job(1);
    SealPart gone = newPart(job.delivery.seal, PartKind::Logo);
    gone.logo.file = (job.folder / "no-such-logo.svg").string();
    job.delivery.seal.parts.push_back(gone);
    auto other = job.delivery;
    other.place.folder = (job.folder / "other").string();
    PlanRequest request{job.files, {job.delivery, other}, "/", {}, {}, {}, {}, {7, 8}};
    const auto before = makePlan(request);
    request.exceptions[job.files[0]].accepted = {{NoteKind::SealLogo, gone.logo.file, 8}};
    const auto plan = makePlan(request);
    // What was said of the other one makes no other copy of this one.
    EXPECT_EQ(plan.copies[0].settingsDigest, before.copies[0].settingsDigest);
    EXPECT_NE(plan.copies[1].settingsDigest, before.copies[1].settingsDigest);
    for (const auto& asSaved : {plan, planFromJson(toJson(plan), "the journal")}) {
        const auto result = runAll(asSaved);
        EXPECT_EQ(result.ledger.rows[0].outcome, Outcome::HeldBack);
        EXPECT_TRUE(result.ledger.rows[0].accepted.empty());
        EXPECT_EQ(result.ledger.rows[1].outcome, Outcome::Made);
        fs::remove(result.ledger.rows[1].copy);
    }
}

TEST(SealRun, AGoodSealWarnsOfNothing) {
    SealJob job(1);
    job.delivery.seal.tone = Tone::ByPicture;
    job.delivery.seal.halo.when = HaloWhen::WhereNeeded;
    EXPECT_THAT(said(worthALook(job.run().ledger.rows[0].notes)), IsEmpty());
}

TEST(SealRun, ManyWorkersDrawTheSameSealAsOne) {
    SealJob job(6);
    job.delivery.seal.arrangement = Arrangement::Repeat;
    job.delivery.seal.halo.when = HaloWhen::Always;
    job.delivery.seal.size = 6;
    const std::atomic<bool> stop{false};
    RunOptions four;
    four.workers = 4;
    runPlan(makePlan(job.files, {job.delivery}, "/"), four, stop, [](const RunEvent&) {});
    auto alone = job.delivery;
    alone.place.folder = (job.folder / "alone").string();
    RunOptions one;
    one.workers = 1;
    runPlan(makePlan(job.files, {alone}, "/"), one, stop, [](const RunEvent&) {});
    for (int i = 0; i < 6; ++i) {
        const auto name = "/tide_" + std::to_string(i) + ".jpg";
        EXPECT_EQ(readFile(job.folder.path().string() + "/out" + name),
                  readFile(job.folder.path().string() + "/alone" + name));
    }
}
