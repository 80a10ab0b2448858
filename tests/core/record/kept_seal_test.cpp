// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is kept of a seal on a copy: where it lay, and what that part looked like without it and with it.
#include "base/problem.h"
#include "likeness/gone_copies.h"
#include "record/kept_pictures.h"
#include "support/changes.h"
#include "support/job.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// The mean of a rectangle's reds.
double meanIn(const Frame& frame, const Rect& area) {
    double sum = 0;
    for (int y = area.y; y < area.bottom(); ++y)
        for (int x = area.x; x < area.right(); ++x)
            sum += frame.row(y)[x * 3];
    return sum / (double(area.width) * area.height);
}

void fill(Frame& frame, const Rect& area, std::uint8_t level) {
    for (int y = area.y; y < area.bottom(); ++y)
        std::fill_n(frame.row(y) + area.x * 3, area.width * 3, level);
}

/// A grey picture of 3000 pixels in a black border of 100, with a white box where `seal` lies.
struct Bordered {
    Frame before = plainFrame(3200, 2200, {0, 0, 0}), after;
    explicit Bordered(const Rect& seal) {
        before.picture = {100, 100, 3000, 2000};
        fill(before, before.picture, 120);
        after = before;
        fill(after, seal, 250);
    }
    std::optional<SealedPart> taken(const Rect& reach) const {
        SealedPartTaker taker;
        taker.before(before, reach);
        return taker.after(after);
    }
};

} // namespace

TEST(KeptSeal, ItIsDrawnWhereItLayWithoutTheBorder) {
    const Rect seal{2500, 1800, 400, 160};
    const auto part = Bordered(seal).taken(seal);
    ASSERT_TRUE(part);
    // A picture of any size, as it is kept; nobody has the original.
    GoneCopies gone(plainFrame(192, 128, {120, 120, 120}), Frame());
    gone.add(7, *part, true);
    ASSERT_TRUE(gone.drawn(7) && gone.onlyDrawn());
    const auto drawn = gone.frameOf(7);
    const double k = drawn.size.width / 3000.0;
    const auto at = [&](double x, double y, double width, double height) {
        return Rect{int(std::lround(x * k)), int(std::lround(y * k)), int(std::lround(width * k)),
                    int(std::lround(height * k))};
    };
    EXPECT_GT(meanIn(drawn, at(2400 + 20, 1700 + 20, 360, 120)), 240);
    EXPECT_NEAR(meanIn(drawn, at(2000, 1700, 360, 120)), 120, 3);
    EXPECT_NEAR(meanIn(gone.plain(1), at(2400, 1700, 400, 160)), 120, 3);
}

TEST(KeptSeal, OnTheOriginalWhereThatLiesThereAndOnlyWhatIsGone) {
    const Rect seal{2500, 1800, 400, 160};
    const Bordered copy(seal);
    const auto part = copy.taken(seal);
    const auto original = cutOut(copy.before, copy.before.picture);
    GoneCopies gone(plainFrame(192, 128, {120, 120, 120}), longSide(original, 1600));
    gone.add(0, *part, true);
    gone.add(1, *part, false);
    EXPECT_TRUE(gone.drawn(0));
    EXPECT_FALSE(gone.drawn(1) || gone.onlyDrawn());
    EXPECT_EQ(gone.frameOf(0).size.width, 1600);
    // Another cut of it is no ground to draw on.
    GoneCopies cut(plainFrame(192, 192, {120, 120, 120}), longSide(original, 1600));
    cut.add(0, *part, true);
    EXPECT_TRUE(cut.onlyDrawn());
}

TEST(KeptSeal, NothingIsKeptOfOneOnTheBorderAndAPieceOfOneAllOver) {
    EXPECT_FALSE(Bordered({10, 10, 60, 60}).taken({10, 10, 60, 60}));
    const auto all = Bordered({100, 100, 3000, 2000}).taken({0, 0, 3200, 2200});
    ASSERT_TRUE(all);
    EXPECT_LE(all->after.size.pixels(), 60'500);
    EXPECT_NEAR(all->left + all->width / 2, 0.5, 0.01);
    EXPECT_NEAR(all->top + all->height / 2, 0.5, 0.01);
    const auto strip = Bordered({100, 2000, 3000, 90}).taken({100, 2000, 3000, 90});
    EXPECT_NEAR(strip->width, 1, 0.01); // a line from side to side is kept whole
}

TEST(KeptSeal, WrittenAndReadItIsTheSameAndWhatIsDamagedIsNone) {
    const Rect seal{2500, 1800, 400, 160};
    const auto kept = keptSeal(*Bordered(seal).taken(seal));
    const auto good = toJson(kept);
    const auto read = keptSealFromJson(good);
    EXPECT_EQ(read.id, kept.id);
    EXPECT_EQ(read.before, kept.before);
    EXPECT_EQ(read.after, kept.after);
    EXPECT_NEAR(read.part.left, 0.8, 1e-5);
    const auto refused = [&](const std::function<void(nlohmann::json&)>& change) {
        auto bad = good;
        change(bad);
        return problemOf([&] { (void)keptSealFromJson(bad); }).kind == ProblemKind::BadFile;
    };
    for (const auto* key : {"seal", "lies_at", "before", "after"}) {
        EXPECT_TRUE(refused([&](auto& bad) { bad.erase(key); })) << key;
        EXPECT_TRUE(refused([&](auto& bad) { bad[key] = 3; })) << key;
    }
    EXPECT_TRUE(refused([](auto& bad) { bad["lies_at"][2] = 200'000; }));
    EXPECT_TRUE(refused([](auto& bad) { bad["lies_at"][0] = -1; }));
    EXPECT_TRUE(refused([](auto& bad) { bad["lies_at"].push_back(1); }));
    EXPECT_TRUE(refused([](auto& bad) { bad["after"] = bad["before"]; })) << "another id than its own";
    EXPECT_TRUE(refused([](auto& bad) { bad["before"] = "no base64!"; }));
}

TEST(KeptSeal, ThoseThatAreAskedForAreFoundAmongLinesThatAreNone) {
    const TempFolder folder;
    const auto file = folder / "run.pictures";
    const Rect one{2500, 1800, 400, 160}, two{200, 1800, 400, 160};
    const auto wanted = keptSeal(*Bordered(one).taken(one)), other = keptSeal(*Bordered(two).taken(two));
    ASSERT_NE(wanted.id, other.id);
    KeptPictures kept(file);
    kept.add(other);
    kept.add(keptPicture(plainFrame(90, 60, {1, 2, 3})));
    kept.add(wanted);
    kept.add(wanted); // once
    const auto own = readText(file);
    writeFile(file, "3\n[]\n{\"seal\":5}\n{\"seal\":\"" + wanted.id + "\"}\n\"seal\":\"" + wanted.id + "\n" +
                        own + own.substr(0, own.size() / 2));
    const auto found = keptSealsIn(file, {wanted.id});
    ASSERT_EQ(found.size(), 1U);
    EXPECT_EQ(found[0].after, wanted.after);
    EXPECT_TRUE(keptSealsIn(file, {"0123"}).empty());
    EXPECT_TRUE(keptSealsIn(folder / "none", {wanted.id}).empty());
    int pictures = 0, seals = 0;
    readPictures(file, {[&](const KeptPicture&) { ++pictures; }, [&](const KeptSeal&) { ++seals; }});
    EXPECT_GE(pictures, 1);
    EXPECT_GE(seals, 2);
}
