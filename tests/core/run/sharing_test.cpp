// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Several deliveries of one picture from one decode: the same copies as each alone.
#include "base/fingerprint.h"
#include "picture/develop.h"
#include "run/run.h"
#include "support/job.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

std::vector<Delivery> threeSizes(const fs::path& folder, const std::string& ending) {
    std::vector<Delivery> out;
    for (const int side : {1600, 700, 190}) {
        auto delivery = sampleDelivery(folder / ending / std::to_string(side));
        delivery.fit.longSide = side;
        out.push_back(delivery);
    }
    return out;
}

} // namespace

TEST(Sharing, FormatsThatAreNotShrunkWhileDecodingGiveTheSameBytes) {
    const TempFolder folder;
    for (const std::string ending : {"png", "tif", "webp"}) {
        const auto file = folder / ("in/a." + ending);
        makePicture(file, 1600, 1100);
        const auto together =
            runAll(makePlan({file}, threeSizes(folder / "together", ending), folder.path()));
        ASSERT_EQ(together.exitCode(), 0);
        for (std::size_t i = 0; i < 3; ++i) {
            const auto alone =
                runAll(makePlan({file}, {threeSizes(folder / "alone", ending)[i]}, folder.path()));
            EXPECT_EQ(alone.ledger.rows[0].copyFingerprint, together.ledger.rows[i].copyFingerprint)
                << ending << i;
        }
    }
}

TEST(Sharing, AJpegDiffersFromTheOneMadeAloneByRoundingOnly) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 1601, 1103); // odd, so that edges count
    auto deliveries = threeSizes(folder / "together", "jpg");
    auto separate = threeSizes(folder / "alone", "jpg");
    for (auto* set : {&deliveries, &separate})
        for (auto& delivery : *set) {
            delivery.file.choose("jpeg", false),
                delivery.file.choose("png"); // so that no second coder blurs the question
        }
    const auto together = runAll(makePlan({folder / "in/a.jpg"}, deliveries, folder.path()));
    for (std::size_t i = 0; i < 3; ++i) {
        const auto alone = runAll(makePlan({folder / "in/a.jpg"}, {separate[i]}, folder.path()));
        const Original a(together.ledger.rows[i].copy), b(alone.ledger.rows[0].copy);
        const auto facts = readFacts(a, "a");
        ASSERT_EQ(facts.size, readFacts(b, "b").size);
        const auto one = develop(a, "a", facts, wholePicture(facts, facts.size));
        const auto two = develop(b, "b", facts, wholePicture(facts, facts.size));
        int most = 0;
        for (std::size_t p = 0; p < one.rgb.size(); ++p)
            most = std::max(most, std::abs(one.rgb[p] - two.rgb[p]));
        EXPECT_LE(most, i == 0 ? 0 : 6) << i; // the largest is decoded as it would be alone
    }
}

TEST(Sharing, OneOfCoefficientsAndOthersOfPixelsAreAsEachAloneWhicheverComesFirst) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 3200, 1205);
    const auto inOrder = [&](const std::vector<int>& sides, const std::string& name) {
        std::vector<Delivery> out;
        for (const int side : sides) {
            out.push_back(sampleDelivery(folder / name / std::to_string(side)));
            out.back().fit.on = side > 0;
            out.back().fit.longSide = side > 0 ? side : 700;
        }
        const auto run = runAll(makePlan({folder / "in/a.jpg"}, out, folder.path()));
        std::map<int, std::string> prints;
        for (std::size_t i = 0; i < sides.size(); ++i) {
            prints[sides[i]] = run.ledger.rows[i].copyFingerprint;
            EXPECT_EQ(sides[i] == 0, holdsKind(run.ledger.rows[i].notes, NoteKind::KeptUntouched)) << name;
        }
        return prints;
    };
    auto alone = inOrder({0}, "full");
    alone.merge(inOrder({700}, "web"));
    EXPECT_EQ(inOrder({0, 700}, "full first"), alone);
    EXPECT_EQ(inOrder({700, 0}, "web first"), alone);
    // The smallest is made of what is decoded for the other, halved: the same whether it lay beside or not.
    EXPECT_EQ(inOrder({0, 1500, 300}, "halved")[300], inOrder({1500, 300}, "halved of pixels alone")[300]);
    EXPECT_EQ(inOrder({0, 200}, "an eighth"), (std::map{*alone.find(0), *inOrder({200}, "small").begin()}));
}

TEST(Sharing, APictureTooLargeToBeHeldIsDecodedForEachDelivery) {
    const TempFolder folder;
    makePicture(folder / "in/a.png", 900, 700);
    const auto plan = makePlan({folder / "in/a.png"}, threeSizes(folder / "out", "png"), folder.path());
    RunOptions options;
    options.memoryBudget = 1 << 20; // less than twice its pixels
    const std::atomic<bool> stop{false};
    EXPECT_EQ(runPlan(plan, options, stop, [](const RunEvent&) {}).exitCode(), 0);
}
