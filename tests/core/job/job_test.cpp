// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"
#include "delivery/difference.h"
#include "job/job.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::HasSubstr;
using ::testing::IsEmpty;

namespace {

Job sampleJob(const TempFolder& folder) {
    Job job;
    job.name = "Kites, second evening";
    job.originals.push_back({folder / "shoot/day1/1.jpg", 1234, {}});
    job.originals.push_back({folder / "elsewhere/\xff\xfe.jpg", 0, {}}); // a name that is no UTF-8
    job.originals[0].exception.leftOut = true;
    job.originals[1].exception.seal.dark = true;
    job.originals[1].exception.words["title"] = FieldValue("Lanterns");
    job.deliveries.push_back({sampleDelivery(folder / "out"), true, folder / "web.json", std::nullopt});
    job.deliveries.push_back({sampleDelivery(folder / "out2"), false, {}, sampleDelivery(folder / "out2")});
    job.deliveries[1].delivery.name = "second";
    job.current = 1;
    return job;
}

} // namespace

TEST(Job, IsSavedAndReadBackWhole) {
    const TempFolder folder;
    const auto job = sampleJob(folder);
    saveJob(job, folder / "shoot/job.json");
    const auto back = loadJob(folder / "shoot/job.json");
    EXPECT_EQ(back.name, job.name);
    EXPECT_EQ(back.originals, job.originals);
    EXPECT_EQ(back.current, 1U);
    ASSERT_EQ(back.deliveries.size(), 2U);
    EXPECT_EQ(back.deliveries[0].file, job.deliveries[0].file);
    EXPECT_FALSE(back.deliveries[1].inNextRun);
    ASSERT_TRUE(back.deliveries[1].kept);
    EXPECT_THAT(differences(*back.deliveries[1].kept, back.deliveries[1].delivery),
                Contains(HasSubstr("second")));
    saveJob(back, folder / "again.json");
    EXPECT_EQ(loadJob(folder / "again.json").originals, job.originals);
}

TEST(Job, MovedTogetherWithItsPicturesItFindsThem) {
    const TempFolder folder;
    makePicture(folder / "shoot/day1/1.jpg", 20, 10);
    saveJob(sampleJob(folder), folder / "shoot/job.json");
    fs::rename(folder / "shoot", folder / "moved");
    const auto job = loadJob(folder / "moved/job.json");
    EXPECT_EQ(job.originals[0].path, folder / "moved/day1/1.jpg");
}

TEST(Job, KeepsWhatItDoesNotKnowAndRefusesANewerOne) {
    const TempFolder folder;
    auto json = toJson(sampleJob(folder), folder.path());
    json["of_another_day"] = {1, 2};
    const auto back = jobFromJson(json, "job", folder.path());
    EXPECT_EQ(toJson(back, folder.path())["of_another_day"], json["of_another_day"]);
    json["version"] = 99;
    EXPECT_EQ(problemOf([&] { jobFromJson(json, "job", {}); }).kind, ProblemKind::BadFile);
    for (const auto* text : {"[]", "{}", R"({"format":"keep-seal/job","version":1,"originals":[{}]})",
                             R"({"format":"keep-seal/job","version":1,"originals":7})",
                             R"({"format":"keep-seal/job","version":1,"deliveries":[{"delivery":3}]})"})
        EXPECT_EQ(problemOf([&] { jobFromJson(nlohmann::json::parse(text), "job", {}); }).kind,
                  ProblemKind::BadFile)
            << text;
}

TEST(FindAgain, ByNameAndByWhatIsKnownOfTheSize) {
    const TempFolder folder;
    writeFile(folder / "new/a/tide.JPG", "12345");
    writeFile(folder / "new/b/tide.jpg", "123");
    writeFile(folder / "new/b/other.jpg", "1");
    const fs::path old = "/gone/tide.jpg", other = "/gone/other.jpg", nowhere = "/gone/nowhere.jpg";
    EXPECT_EQ(findAgain({{old, 5}}, folder / "new").at(old), folder / "new/a/tide.JPG");
    EXPECT_EQ(findAgain({{old, 3}}, folder / "new").at(old), folder / "new/b/tide.jpg");
    EXPECT_THAT(findAgain({{old, 0}}, folder / "new"), IsEmpty()); // two have the name: nothing is guessed
    EXPECT_EQ(findAgain({{other, 0}, {nowhere, 0}}, folder / "new").size(), 1U);
    EXPECT_THAT(findAgain({{other, 99}}, folder / "new"), IsEmpty());
}

TEST(Differences, SayWhatWasChangedAndWhatItWas) {
    const auto was = sampleDelivery("/a");
    EXPECT_THAT(differences(was, was), IsEmpty());
    auto is = was;
    is.fit.longSide = 1600;
    is.seal.parts.front().colour = {1, 2, 3};
    const auto told = differences(was, is);
    EXPECT_THAT(told, Contains(HasSubstr("Long side 1600 px, was " + std::to_string(was.fit.longSide))));
    EXPECT_THAT(told, Contains(HasSubstr("Seal")));
}
