// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"
#include "delivery/json.h"
#include "delivery/who.h"
#include "library/archive.h"
#include "library/arrival.h"
#include "library/bundle.h"
#include "library/shelf.h"
#include "plan/plan.h"
#include "seal/logo.h"
#include "support/job.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

/// A delivery with a logo and an ICC profile of its own.
Delivery furnished(const TempFolder& folder) {
    auto delivery = sampleDelivery(folder / "private client folder");
    writeFile(
        folder / "logo.svg",
        R"(<svg xmlns="http://www.w3.org/2000/svg" width="20" height="20"><rect width="20" height="20"/></svg>)");
    SealPart logo;
    logo.kind = PartKind::Logo;
    logo.id = "logo";
    logo.logo.file = (folder / "logo.svg").string();
    delivery.seal.parts.push_back(logo);
    return delivery;
}

} // namespace

TEST(Bundle, CarriesAllThatItNeedsAndNotAPersonsFolders) {
    const TempFolder folder;
    auto second = sampleDelivery("/x");
    second.name = "second";
    second.notes = "for the gallery";
    second.tags = {"web"};
    exportDeliveries({furnished(folder), second}, folder / "share.zip", folder.path());
    for (const auto& [name, bytes] : readZip(folder / "share.zip", 1 << 20, 50))
        EXPECT_EQ(std::string(bytes.begin(), bytes.end()).find("private client folder"), std::string::npos)
            << name;
    fs::remove(folder / "logo.svg"); // as on another machine
    const SealLibrary library(folder / "theirs");
    const auto taken = takeIn(library, sharedDeliveries(folder / "share.zip", {})).deliveries;
    ASSERT_EQ(taken.size(), 2U);
    EXPECT_EQ(taken[1].notes, "for the gallery");
    EXPECT_EQ(taken[1].tags, second.tags);
    EXPECT_TRUE(taken[0].place.folder.empty());
    EXPECT_EQ(taken[0].sending, SendingSettings());
    EXPECT_NO_THROW(loadLogo(taken[0].seal.parts.back().logo.file));
    EXPECT_TRUE(taken[0].seal.parts.back().logo.file.starts_with((folder / "theirs").string()));
    EXPECT_EQ(problemOf([&] { exportDeliveries({second}, folder / "share.zip", folder.path()); }).kind,
              ProblemKind::Refused);
}

TEST(Bundle, ForgedOnesAreRefused) {
    const TempFolder folder;
    const SealLibrary library(folder / "theirs");
    const auto json = [&](Delivery delivery) {
        const auto text = toJson(delivery).dump();
        return Bytes(text.begin(), text.end());
    };
    auto outside = furnished(folder); // a logo by its path on the sharer's machine, or on ours
    writeZip(folder / "a.zip", {{"delivery-1.json", json(outside)}});
    EXPECT_EQ(problemOf([&] { sharedDeliveries(folder / "a.zip", {}); }).kind, ProblemKind::Refused);
    auto profile = sampleDelivery("/x");
    profile.file.colour = ColourOut::Profile;
    profile.file.profile = "/etc/hostname";
    writeZip(folder / "b.zip", {{"delivery-1.json", json(profile)}});
    EXPECT_EQ(problemOf([&] { sharedDeliveries(folder / "b.zip", {}); }).kind, ProblemKind::Refused);
    profile.file.profile = "profiles/x.icc";
    writeZip(folder / "c.zip", {{"delivery-1.json", json(profile)}, {"profiles/x.icc", Bytes(200, 7)}});
    EXPECT_NE(problemOf([&] { sharedDeliveries(folder / "c.zip", {}); }).kind, ProblemKind::Internal);
    writeZip(folder / "d.zip", {{"delivery-1.json", Bytes{'{', 'x'}}});
    EXPECT_EQ(problemOf([&] { sharedDeliveries(folder / "d.zip", {}); }).kind, ProblemKind::BadFile);
    writeZip(folder / "e.zip", {{"readme.txt", Bytes{'x'}}});
    EXPECT_EQ(problemOf([&] { sharedDeliveries(folder / "e.zip", {}); }).kind, ProblemKind::BadFile);
    EXPECT_FALSE(fs::exists(folder / "theirs/profiles"));
}

TEST(Bundle, CannotOpenThePlaceAndTwoOfOneNameBecomeTwo) {
    const TempFolder folder;
    auto open = sampleDelivery("/x");
    open.name = "Web";
    open.privacy.location = Stay::Keep;
    open.privacy.locationWords = kLocationWords;
    auto closed = sampleDelivery("/x");
    closed.name = "Web";
    exportDeliveries({open, closed}, folder / "share.zip", folder.path());
    const auto arrival = sharedDeliveries(folder / "share.zip", {"Web"});
    EXPECT_EQ(arrival.wantThePlace, std::vector<std::string>{"Web 2"});
    const auto taken = takeIn(SealLibrary(folder / "theirs"), arrival).deliveries;
    ASSERT_EQ(taken.size(), 2U);
    EXPECT_EQ(taken[0].name, "Web 2");
    EXPECT_EQ(taken[1].name, "Web 3");
    for (const auto& delivery : taken) {
        EXPECT_EQ(delivery.privacy.location, Stay::Remove);
        EXPECT_TRUE(delivery.privacy.locationWords.empty());
    }
}

TEST(Bundle, DesignsPastTheLimitsAreRefusedBeforeTheyAreLaidOut) {
    const TempFolder folder;
    auto refused = [&, number = 0](const std::string& text) mutable {
        const auto zip = folder / (std::to_string(++number) + ".zip");
        writeZip(zip, {{"delivery-1.json", Bytes(text.begin(), text.end())}});
        const auto problem = problemOf([&] { sharedDeliveries(zip, {}); });
        EXPECT_TRUE(problem.kind == ProblemKind::BadFile || problem.kind == ProblemKind::BadSetting)
            << problem.sentence();
        EXPECT_LT(problem.sentence().size(), 1000U);
    };
    const std::string head = R"({"format":"keep-seal/delivery","version":1,"stations":)";
    refused(head + std::string(200, '[') + std::string(200, ']') + "}");
    refused(head + R"({"seal":{"parts":[{"kind":"text","id":"a","text":")" + std::string(70'000, 'w') +
            R"("}]}}})");
    std::string many = R"({"seal":{"parts":[)";
    for (int i = 0; i < 300; ++i)
        many += std::string(i ? "," : "") + R"({"kind":"shape","id":")" + std::to_string(i) + R"("})";
    refused(head + many + "]}}}");
    std::string letters = R"({"seal":{"parts":[)"; // each within its limit, together more than a seal is
    for (int i = 0; i < 100; ++i)
        letters += std::string(i ? "," : "") + R"({"kind":"text","id":")" + std::to_string(i) +
                   R"(","text":")" + std::string(2000, 'w') + R"("})";
    refused(head + letters + "]}}}");
    std::string values = R"({"x":[0)";
    for (int i = 0; i < 120'000; ++i)
        values += ",0";
    refused(head + values + "]}}");
    refused(head + R"({"fit":{"long_side":1e999}}})");
    for (const char* version :
         {"4294967297", "18446744073709551617", "1.0", "\"1\"", "-1", "0", "2e0", "null"})
        refused(std::string(R"({"format":"keep-seal/delivery","version":)") + version + "}");
}

TEST(StartSet, EachDeliveryMakesAPlanAndKeepsNoPlace) {
    const TempFolder folder;
    makePicture(folder / "in/tall.jpg", 300, 400);
    std::vector<Problem> problems;
    const auto all = DeliveryLibrary(folder / "mine").all(&problems);
    EXPECT_EQ(all.size(), 10U);
    EXPECT_TRUE(problems.empty());
    std::vector<Delivery> deliveries;
    for (const auto& saved : all) {
        EXPECT_FALSE(saved.notes.empty()) << saved.design.name;
        EXPECT_FALSE(saved.design.privacy.opensLocation()) << saved.design.name;
        EXPECT_TRUE(saved.design.place.folder.empty()) << saved.design.name;
        deliveries.push_back(withWho(saved.design, loadWho()));
        deliveries.back().place.folder = (folder / "out").string();
    }
    const auto result = runAll(makePlan({folder / "in/tall.jpg"}, deliveries, folder.path()));
    EXPECT_EQ(result.exitCode(), 0);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 12U); // the portfolio and the fast page in two formats
    for (const auto& row : result.ledger.rows) {
        if (row.delivery == "Social square") {
            EXPECT_EQ(row.copySize, (Size{1080, 1080}));
        }
    }
}

TEST(DeliveryLibrary, KeepsNotesAndSetsAsideWhatIsReplaced) {
    const TempFolder folder;
    const DeliveryLibrary library(folder / "mine");
    auto delivery = sampleDelivery("/x");
    delivery.name = "For the tide office";
    delivery.notes = "first";
    library.save({{}, false, delivery, delivery.notes});
    delivery.notes = "second";
    const auto saved = library.save({{}, false, delivery, delivery.notes});
    EXPECT_EQ(library.find(delivery.name)->design.notes, "second");
    library.remove(saved.key);
    EXPECT_FALSE(library.find(delivery.name));
    library.restore(saved.key);
    EXPECT_EQ(library.find(delivery.name)->design.notes, "second");
}
