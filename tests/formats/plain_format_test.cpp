// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A format registered from outside goes all the way: settings, schema, summary, names, plan, run, check.
#include "plain_format.h"

#include "base/problem.h"
#include "delivery/json.h"
#include "delivery/stations.h"
#include "plan/forecast.h"
#include "run/run.h"
#include "support/chain.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

/// Before anything asks for a format.
const bool added = (addOutputFormat(plainFormat()), true);

struct Job {
    TempFolder folder;
    Delivery delivery;
    Job() {
        makePicture(folder / "in/tide.png", 60, 40);
        delivery = sampleDelivery(folder / "out");
        delivery.fit.on = false;
        assign(delivery, "file.plain=true");
    }
    Plan plan() const { return makePlan({folder / "in/tide.png"}, {delivery}, "/"); }
    RunResult run() const {
        const std::atomic<bool> stop{false};
        return runPlan(plan(), {}, stop, [](const RunEvent&) {});
    }
    std::string made() const {
        const auto bytes = readFile(folder / "out/tide.ppm");
        return {bytes.begin(), bytes.end()};
    }
};

} // namespace

TEST(PlainFormat, ItsSettingsAreThereForEveryReader) {
    Delivery delivery;
    EXPECT_THAT(station(StationId::File).summary(delivery), HasSubstr("JPEG 90 ·"));
    assign(delivery, "file.plain=true");
    assign(delivery, "file.plain_rows=digits");
    EXPECT_THAT(station(StationId::File).summary(delivery), HasSubstr("JPEG 90 + Pixel map ·"));
    EXPECT_TRUE(settingAt("file.plain_rows").isShown(delivery));
    EXPECT_EQ(deliveryFromJson(toJson(delivery), "test").file, delivery.file);
    EXPECT_THAT(deliverySchema().dump(), HasSubstr("plain_rows"));
    EXPECT_THROW(assign(delivery, "file.plain_rows=knots"), Problem);
    assign(delivery, "file.plain=false");
    EXPECT_FALSE(settingAt("file.plain_rows").isShown(delivery));
}

TEST(PlainFormat, ItsCopiesAreMadeAndChecked) {
    Job job;
    const auto result = job.run();
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 2U);
    EXPECT_EQ(job.made().substr(0, 13), "P6\n60 40\n255\n");
    EXPECT_NE(job.made().find("<rdf:li>Wrenna Oake</rdf:li>"), std::string::npos);
    EXPECT_EQ(job.run().ledger.count(Outcome::AlreadyThere), 2U);
    assign(job.delivery, "file.plain_rows=digits");
    assign(job.delivery, "place.taken=replace");
    job.run();
    EXPECT_EQ(job.made().substr(0, 3), "P3\n");
}

TEST(PlainFormat, ItsLimitHoldsACopyBack) {
    Job job;
    for (const auto* change : {"fit.on=true", "fit.long_side=5001", "fit.enlarge=always"})
        assign(job.delivery, change);
    const auto told = forecast(job.plan(), {}, {}, std::atomic<bool>(false));
    ASSERT_EQ(told.copies.size(), 2U);
    EXPECT_EQ(told.copies[0].outcome, Outcome::Waiting);
    EXPECT_EQ(told.copies[1].outcome, Outcome::HeldBack);
    EXPECT_TRUE(holdsKind(told.copies[1].notes, NoteKind::FormatTooSmall));
}

TEST(PlainFormat, AFaultInItsFileIsFound) {
    Job job;
    job.run();
    auto text = job.made();
    const auto failures = [&](const std::string& file) {
        return checkCopy(MemorySource(Bytes(file.begin(), file.end())),
                         {"plain", {60, 40}, sheetWords(job.delivery), false, false}, {})
            .failures;
    };
    EXPECT_THAT(failures(text), ::testing::IsEmpty());
    EXPECT_TRUE(holdsKind(failures(text.substr(0, 7300)), NoteKind::CopyLacksWords));
    EXPECT_TRUE(holdsKind(failures("GIF89a"), NoteKind::CopyNotAsPlanned));
    text.replace(3, 2, "61");
    EXPECT_TRUE(holdsKind(failures(text), NoteKind::CopyNotAsPlanned));
}

TEST(PlainFormat, TwoOfOneKeyAndLatecomersAreRefused) {
    outputFormats();
    auto late = plainFormat();
    late.key = "late";
    EXPECT_THROW(addOutputFormat(late), std::logic_error);
    try {
        outputFormat("gif");
        FAIL();
    } catch (const Problem& problem) {
        EXPECT_THAT(problem.remedy, HasSubstr("pdf, plain"));
    }
}

int main(int argc, char** argv) {
    keepseal::startPictureEngine(argv[0]);
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
