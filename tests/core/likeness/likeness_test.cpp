// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/apart.h"
#include "support/changes.h"
#include "support/job.h"

using namespace keepseal;
using namespace keepseal::test;

namespace {

struct Kept {
    Frame frame, small;
    PictureMark mark;
};

std::vector<Kept> scenes(int count) {
    std::vector<Kept> out;
    for (int i = 0; i < count; ++i) {
        Kept kept{drawnScene(i, i % 3 == 0 ? 640 : 960, i % 3 == 0 ? 900 : 640), {}, {}};
        kept.small = reducedTo(kept.frame, kSmallSide);
        kept.mark = unpackedMark(packed(markOf(kept.frame))); // as it is kept
        out.push_back(std::move(kept));
    }
    return out;
}

double bestShare(const MetPicture& met, const Kept& kept) {
    double out = 0;
    for (const auto& way : waysToLie(met, kept.mark, kept.small.size))
        out = std::max(out, likenessOf(met, kept.small, way).share);
    return out;
}

} // namespace

TEST(Likeness, CopiesOfAPictureAsNarrowAsAPartAreNotToldApart) {
    for (const auto& [width, height] : {std::pair{900, 16}, {900, 24}, {26, 900}, {900, 60}}) {
        std::vector<Frame> copies;
        for (int i = 0; i < 2; ++i) {
            auto pixels = matOf(drawnScene(3, width, height)).clone();
            cv::rectangle(pixels, {i * width / 2 + 1, 1}, {i * width / 2 + width / 4, height - 2},
                          cv::Scalar(250, 250, 250), 2);
            copies.push_back(frameOf(pixels));
        }
        const auto told = toldApart(
            metPicture(copies[1]), 2, [&](std::size_t i, int) { return copies[i]; },
            drawnScene(3, width, height));
        EXPECT_FALSE(told.certain && told.likeliest != 1U) << width;
        EXPECT_FALSE(told.certain && std::min(width, height) < 36) << width;
    }
}

TEST(Likeness, APatternThatIsMissingInABusyPictureSpeaksForNobody) {
    const auto plain = drawnScene(5, 900, 600);
    const auto lettered = [&plain](int step, double strength) {
        cv::Mat letters = matOf(plain).clone();
        for (int y = step; y < 620; y += step)
            for (int x = 20; x < 900; x += 3 * step)
                cv::putText(letters, "proof", {x, y}, cv::FONT_HERSHEY_SIMPLEX, 0.6, {250, 250, 250}, 2);
        cv::addWeighted(letters, strength, matOf(plain), 1 - strength, 0, letters);
        return frameOf(letters);
    };
    const std::vector<Frame> copies = {lettered(590, 0.9), lettered(60, 0.4)}; // a line at the foot; all over
    const auto tell = [&](const Frame& met) {
        return toldApart(
            metPicture(met), 2, [&](std::size_t i, int) { return copies[i]; }, plain);
    };
    const auto cut =
        tell(cutBy(copies[0], 0, 0, 0.2, 0.2)); // without the line: it may be either, painted over
    EXPECT_EQ(cut.compared, 2U);
    EXPECT_EQ(cut.likeliest, 0U);
    EXPECT_FALSE(cut.certain);
    EXPECT_TRUE(tell(copies[0]).certain);
    const auto pattern = tell(cutBy(copies[1], 0, 0, 0.2, 0.2));
    EXPECT_TRUE(pattern.certain && pattern.likeliest == 1U);
}

// What the large table in docs/register.md is measured with, on a small set of drawn pictures.
TEST(Likeness, ChangedPicturesAreFoundAndOthersAreNot) {
    const auto kept = scenes(kSanitized ? 2 : 6);
    for (const auto& change : allChanges()) {
        std::size_t found = 0, alarms = 0;
        for (const auto& left : kept) {
            const auto met = metPicture(change.make(left.frame));
            for (const auto& other : kept) {
                const bool alike = bestShare(met, other) >= kAlike;
                (&other == &left ? found : alarms) += alike;
            }
        }
        EXPECT_EQ(alarms, 0U) << change.name;
        // A sixth of the area holds few corners: most are found, not all.
        const bool hard = std::string_view(change.name) == "cut by 30 % at each side";
        EXPECT_GE(found, hard ? kept.size() / 2 : kept.size()) << change.name;
    }
}

TEST(Likeness, WhereItLiesIsTold) {
    const auto kept = scenes(1).front(); // 640 x 900
    const auto met = metPicture(cutBy(kept.frame, 0.25, 0.1, 0, 0.3));
    const auto ways = waysToLie(met, kept.mark, kept.small.size);
    ASSERT_FALSE(ways.empty());
    const auto likeness = likenessOf(met, kept.small, ways.back());
    EXPECT_NEAR(likeness.covered, 0.75 * 0.6, 0.03);
    // The cut's top left corner, in long sides of the whole.
    const auto corner = likeness.where.map(Point{0, 0});
    EXPECT_NEAR(corner.x, 0.25 * 640 / 900, 0.01);
    EXPECT_NEAR(corner.y, 0.1, 0.01);
    EXPECT_NEAR(likeness.where.scale(), 0.6, 0.01);
}

TEST(Likeness, CodesOfTurnedPicturesAreThoseOfThePictureTurned) {
    const auto frame = drawnScene(5);
    const auto codes = wholeCodesOf(frame);
    const std::pair<std::size_t, Frame> turns[] = {{0, frame},
                                                   {1, turned(frame, cv::ROTATE_90_CLOCKWISE)},
                                                   {2, turned(frame, cv::ROTATE_180)},
                                                   {3, turned(frame, cv::ROTATE_90_COUNTERCLOCKWISE)},
                                                   {4, mirrored(frame)},
                                                   {5, turned(mirrored(frame), cv::ROTATE_90_CLOCKWISE)}};
    for (const auto& [index, made] : turns)
        EXPECT_LE(distance(codes[index], wholeCodeOf(made)), 2) << index;
    EXPECT_GT(distance(codes[0], wholeCodeOf(drawnScene(6))), 14);
}

TEST(Likeness, NoThreadsAreStartedForIt) { // one that can't be started would be waited for, for ever
    const auto threads = [] {
        return std::distance(fs::directory_iterator("/proc/self/task"), fs::directory_iterator());
    };
    const auto frame = drawnScene(1);
    const auto before = threads();
    markOf(frame);
    EXPECT_EQ(threads(), before);
}

TEST(Likeness, APictureWithoutDrawingIsNoOther) {
    const Kept kept = [] {
        Kept out{plainFrame(600, 400, {90, 120, 200}), {}, {}};
        out.small = reducedTo(out.frame, kSmallSide);
        out.mark = markOf(out.frame);
        return out;
    }();
    EXPECT_LT(bestShare(metPicture(plainFrame(500, 400, {200, 120, 20})), kept), kAlike);
    EXPECT_LT(bestShare(metPicture(plainFrame(1, 1, {0, 0, 0})), kept), kAlike);
    EXPECT_LT(bestShare(metPicture(drawnScene(1)), kept), kAlike);
}

TEST(Likeness, StripsAndSpecksAreNoFault) {
    for (const auto& [width, height] :
         {std::pair(1, 1), {4000, 1}, {1, 4000}, {33, 33}, {2000, 12}, {700, 40}}) {
        const auto frame = plainFrame(width, height, {10, 20, 30});
        EXPECT_NO_THROW(waysToLie(metPicture(frame), markOf(frame), frame.size)) << width << " x " << height;
    }
}

TEST(Likeness, DamagedMarksAreRefused) {
    const auto whole = packed(markOf(drawnScene(2)));
    EXPECT_EQ(packed(unpackedMark(whole)), whole);
    for (const auto& bytes :
         {std::string(), whole.substr(0, 7), whole + "x", whole + std::string(40 * kMostPoints, 'y')})
        EXPECT_EQ(problemOf([&] { unpackedMark(bytes); }).kind, ProblemKind::BadFile) << bytes.size();
    // Whatever the numbers are, comparing ends.
    std::string wild(8 + 40 * 200, '\0');
    for (std::size_t i = 0; i < wild.size(); ++i)
        wild[i] = static_cast<char>(i * 151 + i / 7);
    waysToLie(metPicture(drawnScene(2)), unpackedMark(wild), {3, 2});
}
