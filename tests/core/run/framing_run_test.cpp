// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Runs with several formats, crops of single pictures, and copies of ours that come back as originals.
#include "base/problem.h"
#include "plan/stamped.h"
#include "run/run.h"
#include "support/chain.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

struct Job {
    TempFolder folder;
    std::vector<fs::path> files;
    Delivery delivery;
    Job() {
        for (const auto* name : {"tide_1.jpg", "tide_2.png"}) {
            makePicture(folder / (std::string("in/") + name), 400, 300);
            files.push_back(folder / (std::string("in/") + name));
        }
        delivery = sampleDelivery(folder / "out");
        delivery.fit.longSide = 200;
    }
    RunResult run(const Exceptions& exceptions = {}) const {
        const std::atomic<bool> stop{false};
        return runPlan(makePlan(files, {delivery}, "/", exceptions), {}, stop, [](const RunEvent&) {});
    }
};

Size sizeOf(const fs::path& file) {
    return readFacts(Original(file), file.string()).size;
}

} // namespace

TEST(FormatsRun, OnePictureInSeveralFormatsWithOneName) {
    Job job;
    job.delivery.file.choose("png"), job.delivery.file.choose("tiff"), job.delivery.file.choose("webp");
    job.delivery.border.on = true;
    const auto plan = makePlan(job.files, {job.delivery}, "/");
    EXPECT_EQ(plan.copies.size(), 8U);
    const auto result = job.run();
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 8U);
    for (const auto* ending : {"jpg", "png", "tif", "webp"}) {
        const auto file = job.folder / (std::string("out/tide_1.") + ending);
        EXPECT_EQ(sizeOf(file), planChain(job.delivery, {400, 300}).sizes.whole) << file;
        EXPECT_EQ(exiftool(file, "XMP-dc:Rights"), job.delivery.rights.always("copyright_notice"));
    }
    EXPECT_EQ(job.run().ledger.count(Outcome::AlreadyThere), 8U);
    job.delivery.file.set("webp_quality", 50.0);
    EXPECT_GT(makePlan(job.files, {job.delivery}, "/").count(Outcome::Waiting), 0U);
}

TEST(FormatsRun, ADeliveryWithoutAFormatIsRefusedBeforeAnythingIsWritten) {
    Job job;
    job.delivery.file.choose("jpeg", false);
    EXPECT_THROW(makePlan(job.files, {job.delivery}, "/"), Problem);
    EXPECT_FALSE(fs::exists(job.folder / "out"));
}

TEST(FormatsRun, AFormatThatCannotHoldOnePictureHoldsThatOneBackOnly) {
    Job job;
    makePicture(job.folder / "in/wide.png", 17000, 10);
    job.files.push_back(job.folder / "in/wide.png");
    job.delivery.fit.on = false;
    job.delivery.file.choose("jpeg", false);
    job.delivery.file.choose("webp");
    const auto result = job.run();
    EXPECT_EQ(result.ledger.count(Outcome::Made), 2U);
    ASSERT_EQ(result.ledger.count(Outcome::HeldBack), 1U);
    ASSERT_EQ(result.ledger.rows[2].heldBackBy().size(), 1U);
    EXPECT_THAT(sentenceOf(result.ledger.rows[2].heldBackBy()[0]), HasSubstr("16383"));
}

TEST(CropRun, EachPictureGetsItsOwnCropAndOnlyThatOneIsMadeAnew) {
    Job job;
    job.run();
    PictureException cropped;
    cropped.turn.crop = Box{0, 0, 0.5, 1};
    const auto plan = makePlan(job.files, {job.delivery}, "/", {{job.files[1], cropped}});
    EXPECT_EQ(plan.count(Outcome::AlreadyThere), 1U);
    EXPECT_EQ(plan.count(Outcome::Waiting), 1U);
    job.delivery.place.suffix = "-b";
    EXPECT_EQ(job.run({{job.files[1], cropped}}).exitCode(), 0);
    EXPECT_EQ(sizeOf(job.folder / "out/tide_1-b.jpg"), (Size{200, 150}));
    EXPECT_EQ(sizeOf(job.folder / "out/tide_2-b.jpg"), (Size{133, 200}));
}

TEST(CropRun, AnExceptionGoesThereAndBackAsJson) {
    PictureException exception;
    exception.seal.dark = true;
    exception.turn.crop = Box{0.1, 0.2, 0.3, 0.4};
    exception.turn.angle = -1.5;
    exception.turn.quarterTurns = 3;
    exception.stampAgain = true;
    EXPECT_EQ(pictureExceptionFromJson(toJson(exception), "e."), exception);
    EXPECT_EQ(pictureExceptionFromJson(nlohmann::json::object(), "e."), PictureException{});
    for (const auto& wrong : {R"({"turn":{"crop":[0,0,2,1]}})", R"({"turn":{"crop":[0,0,0,1]}})",
                              R"({"turn":{"angle":90}})", R"({"turn":5})", R"({"stamp_again":"yes"})"})
        EXPECT_THROW(pictureExceptionFromJson(nlohmann::json::parse(wrong), "e."), Problem) << wrong;
}

TEST(Stamped, ACopyOfOursIsKnownInEveryFormatAndLeftOut) {
    Job job;
    job.delivery.file.choose("png"), job.delivery.file.choose("tiff"), job.delivery.file.choose("webp");
    job.delivery.border.on = true;
    job.run();
    std::vector<fs::path> copies;
    for (const auto& entry : fs::directory_iterator(job.folder / "out"))
        copies.push_back(entry.path());
    ASSERT_EQ(copies.size(), 8U);
    for (const auto& copy : copies) {
        EXPECT_TRUE(stampedBefore(copy, identityOf(copy))) << copy;
        const auto mark = copyMarkIn(inspect(Original(copy)));
        ASSERT_TRUE(mark) << copy;
        EXPECT_TRUE(mark->border);
        EXPECT_TRUE(mark->seal);
        EXPECT_EQ(exiftool(copy, "XMP-keepseal:Copy"), "1");
    }
    for (const auto& original : job.files)
        EXPECT_FALSE(stampedBefore(original, identityOf(original)));
    auto again = job.delivery;
    again.place.folder = (job.folder / "again").string();
    const auto plan = makePlan(copies, {again}, "/");
    EXPECT_EQ(plan.count(Outcome::LeftOut), 32U);
    EXPECT_TRUE(holdsKind(plan.copies[0].notes, NoteKind::StampedBefore));
    PictureException chosen;
    chosen.stampAgain = true;
    EXPECT_EQ(makePlan(copies, {again}, "/", {{copies[0], chosen}}).count(Outcome::Waiting), 4U);
}

TEST(Stamped, TheMarkCanBeSwitchedOffAndTellsNothingElse) {
    Job job;
    job.delivery.file.mark = false;
    job.run();
    const auto copy = job.folder / "out/tide_1.jpg";
    EXPECT_FALSE(stampedBefore(copy, identityOf(copy)));
    EXPECT_EQ(exiftool(copy, "XMP-keepseal:Copy"), "");
    job.delivery.file.mark = true;
    job.delivery.rights.on = false;
    job.delivery.place.suffix = "-m";
    job.run();
    const auto report = inspect(Original(job.folder / "out/tide_1-m.jpg"));
    for (const auto& finding : report.findings) {
        EXPECT_EQ(finding.category, Category::Technical) << finding.name;
    }
    EXPECT_FALSE(copyMarkIn(report)->border);
}

TEST(Stamped, ACopyThatReplacedAnOriginalSincePlanningIsStillLeftOut) {
    Job job;
    job.run();
    const auto plan = [&] {
        auto d = job.delivery;
        d.place.suffix = "-b";
        return makePlan(job.files, {d}, "/");
    }();
    fs::copy_file(job.folder / "out/tide_1.jpg", job.files[0], fs::copy_options::overwrite_existing);
    const std::atomic<bool> stop{false};
    const auto result = runPlan(plan, {}, stop, [](const RunEvent&) {});
    EXPECT_EQ(result.ledger.rows[0].outcome, Outcome::LeftOut);
    EXPECT_EQ(result.ledger.rows[1].outcome, Outcome::Made);
}

TEST(CaptionRun, APlaceInPlainSightIsSaid) {
    const TempFolder folder;
    Planted planted;
    planted.xmpCity = kSecretCity;
    planted.description = std::string("Evening at ") + kSecretCity;
    makePicture(folder / "in/p.jpg", 300, 200, planted);
    auto delivery = sampleDelivery(folder / "out");
    delivery.border.on = true;
    delivery.border.caption.on = true;
    delivery.border.caption.left = "{description}";
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan({folder / "in/p.jpg"}, {delivery}, "/"), {}, stop, [](const RunEvent&) {});
    ASSERT_EQ(result.ledger.count(Outcome::Made), 1U);
    EXPECT_THAT(said(result.ledger.rows[0].notes), ::testing::Contains(HasSubstr("stands in the caption")));
}
