// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// When a file in a watched folder counts as whole, by a clock of the test's own.
#include "support/support.h"

#include "plan/at_rest.h"

#include <fcntl.h>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::ElementsAre;
using ::testing::IsEmpty;

namespace {

class Resting : public ::testing::Test {
protected:
    TempFolder folder;
    fs::path in = folder / "in";
    AtRest rest{3};
    double now = 100;
    std::set<std::string> open; ///< by a program that writes
    std::vector<std::string> look(double later, bool recursive = false) {
        now += later;
        std::vector<std::string> out;
        for (const auto& path : rest.look(filesThere(in, recursive), now, [&](const fs::path& file) {
                 return open.contains(file.filename().string());
             }))
            out.push_back(path.filename().string());
        return out;
    }
};

TEST_F(Resting, AFileIsToldOnceAfterItHasBeenQuiet) {
    writeFile(in / "a.jpg", "one");
    EXPECT_THAT(look(0), IsEmpty());
    EXPECT_THAT(look(2.9), IsEmpty());
    EXPECT_EQ(rest.restless(), 1U);
    EXPECT_THAT(look(0.2), ElementsAre("a.jpg"));
    EXPECT_THAT(look(100), IsEmpty());
    EXPECT_EQ(rest.restless(), 0U);
}

TEST_F(Resting, OneThatGrowsOrIsHeldOpenIsWaitedFor) {
    std::string text = "1";
    for (int i = 0; i < 5; ++i) {
        writeFile(in / "a.jpg", text += "more");
        EXPECT_THAT(look(2.5), IsEmpty());
    }
    open = {"a.jpg"};
    EXPECT_THAT(look(50), IsEmpty());
    open = {};
    EXPECT_THAT(look(1), IsEmpty()); // it may have been written until a moment ago
    EXPECT_THAT(look(3), ElementsAre("a.jpg"));
}

TEST_F(Resting, ARenamedOneIsTheSameAndAReplacedOneIsAnother) {
    writeFile(in / "a.jpg", "one");
    look(0);
    EXPECT_THAT(look(4), ElementsAre("a.jpg"));
    fs::rename(in / "a.jpg", in / "b.jpg");
    EXPECT_THAT(look(0), IsEmpty());
    EXPECT_THAT(look(10), IsEmpty());
    writeFile(in / "new", "another one, longer");
    fs::rename(in / "new", in / "b.jpg");
    EXPECT_THAT(look(0), IsEmpty());
    EXPECT_THAT(look(4), ElementsAre("b.jpg"));
    fs::remove(in / "b.jpg");
    EXPECT_THAT(look(10), IsEmpty());
    writeFile(in / "b.jpg", "it comes again");
    look(0);
    EXPECT_THAT(look(4), ElementsAre("b.jpg"));
    rest.forget(in / "b.jpg");
    look(0);
    EXPECT_THAT(look(4), ElementsAre("b.jpg"));
}

TEST_F(Resting, TenThousandAtOnceAreAllToldAndNoneTwice) {
    for (int i = 0; i < 10'000; ++i)
        writeFile(folder / ("in/" + std::to_string(i) + ".jpg"), "x");
    look(0);
    std::set<std::string> told;
    std::size_t count = 0;
    for (int i = 0; i < 4; ++i)
        for (const auto& name : look(2))
            told.insert(name), ++count;
    EXPECT_EQ(told.size(), 10'000U);
    EXPECT_EQ(count, 10'000U);
}

TEST_F(Resting, FoldersHiddenFilesAndALostFolderAreNoTrouble) {
    writeFile(in / "deep/er/c.jpg", "c");
    writeFile(in / ".part", "hidden");
    writeFile(in / ".hidden/d.jpg", "d");
    look(0, true);
    EXPECT_THAT(look(4, true), ElementsAre("c.jpg"));
    EXPECT_THAT(look(4, false), IsEmpty());
    EXPECT_THAT(filesThere(in / "nowhere", true), IsEmpty());
}

TEST_F(Resting, TheSystemTellsWhoIsStillWriting) {
    writeFile(in / "a.jpg", "one");
    EXPECT_FALSE(isBeingWritten(in / "a.jpg"));
    const int writer = ::open((in / "a.jpg").c_str(), O_WRONLY | O_CLOEXEC);
    EXPECT_TRUE(isBeingWritten(in / "a.jpg"));
    ::close(writer);
    EXPECT_FALSE(isBeingWritten(in / "a.jpg"));
    EXPECT_FALSE(isBeingWritten(in / "nowhere"));
}

} // namespace
