// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "base/writer.h"
#include "picture/original.h"
#include "support/job.h"

#include <csignal>
#include <gtest/gtest.h>
#include <sys/resource.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

ByteSpan bytesOf(const std::string& text) {
    return {reinterpret_cast<const std::uint8_t*>(text.data()), text.size()};
}

std::size_t filesIn(const fs::path& folder) {
    return static_cast<std::size_t>(std::distance(fs::directory_iterator(folder), fs::directory_iterator()));
}

} // namespace

TEST(Writer, ReplacesInOneStepOrNotAtAll) {
    const TempFolder folder;
    const auto file = folder / "new/a.json";
    EXPECT_EQ(problemOf([&] { writeWhole(file, bytesOf("one"), Existing::Refuse); }).kind,
              ProblemKind::CannotWrite);
    fs::create_directories(file.parent_path());
    writeWhole(file, bytesOf("one"), Existing::Refuse);
    EXPECT_EQ(problemOf([&] { writeWhole(file, bytesOf("two"), Existing::Refuse); }).kind,
              ProblemKind::Refused);
    EXPECT_EQ(readText(file), "one");
    writeWhole(file, bytesOf("three"), Existing::Replace);
    EXPECT_EQ(readText(file), "three");
    EXPECT_EQ(filesIn(folder / "new"), 1U); // nothing is left behind
}

TEST(Writer, AnOriginalIsRefusedUnderAnyNameAndALinkIsNotFollowed) {
    const TempFolder folder;
    writeFile(folder / "tide.jpg", "an original");
    fs::create_hard_link(folder / "tide.jpg", folder / "twin.csv");
    fs::create_symlink(folder / "tide.jpg", folder / "link.csv");
    const auto identity = identityOf(folder / "tide.jpg");
    const Untouchable originals = {{identity.device, identity.inode}};
    for (const char* name : {"tide.jpg", "twin.csv", "link.csv"})
        EXPECT_EQ(
            problemOf([&] { writeWhole(folder / name, bytesOf("x"), Existing::Replace, originals); }).kind,
            ProblemKind::Refused)
            << name;
    writeWhole(folder / "link.csv", bytesOf("x"), Existing::Replace); // even unguarded: the link gives way
    EXPECT_EQ(readText(folder / "tide.jpg"), "an original");
}

TEST(Writer, AFileThatHasTheOldTemporaryNameIsLeftAlone) {
    const TempFolder folder;
    writeFile(folder / "job.json.part", "somebody's");
    fs::create_symlink(folder / "job.json.part", folder / ".keep-seal.new");
    writeWhole(folder / "job.json", bytesOf("{}"), Existing::Replace);
    EXPECT_EQ(readText(folder / "job.json.part"), "somebody's");
}

TEST(Writer, AFullDiskLeavesTheOldFileWhole) {
    const TempFolder folder;
    const auto file = folder / "a.json";
    writeWhole(file, bytesOf("old"), Existing::Replace);
    ::signal(SIGXFSZ, SIG_IGN); // as the programs do
    rlimit before{};
    ::getrlimit(RLIMIT_FSIZE, &before);
    const rlimit tight{1000, before.rlim_max};
    ::setrlimit(RLIMIT_FSIZE, &tight);
    const auto problem =
        problemOf([&] { writeWhole(file, bytesOf(std::string(5000, 'x')), Existing::Replace); });
    ::setrlimit(RLIMIT_FSIZE, &before);
    EXPECT_EQ(problem.kind, ProblemKind::CannotWrite);
    EXPECT_EQ(readText(file), "old");
    EXPECT_EQ(filesIn(folder.path()), 2U); // it and the test's own configuration
}
