// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

TEST(CliWatch, WhatLiesThereIsStampedOnceAndNothingOfOursIsFedBack) {
    const TempFolder folder;
    const auto in = folder / "in";
    makePicture(in / "watched_a.jpg", 210, 150);
    makePicture(in / "below/watched_b.jpg", 200, 150);
    writeFile(in / "notes.txt", "no picture");
    const std::vector<std::string> words = {
        "watch", "--once", "--quiet-for", "0", "-r", "-o", (in / "copies").string(), in.string()};
    auto ran = cli(words);
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    const auto made = [&] {
        std::size_t out = 0;
        for (const auto& entry : fs::recursive_directory_iterator(in / "copies"))
            out += entry.is_regular_file();
        return out;
    };
    EXPECT_EQ(made(), 2U);
    ran = cli(words); // and again, copies and all
    EXPECT_EQ(made(), 2U) << ran.out << ran.err;
    makePicture(in / "watched_c.jpg", 190, 150);
    cli(words);
    EXPECT_EQ(made(), 3U);
    fs::rename(in / "watched_a.jpg", in / "watched_renamed.jpg"); // it comes again under another name
    ran = cli(words);
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    EXPECT_EQ(made(), 3U);
    EXPECT_THAT(ran.out, HasSubstr("watched_renamed.jpg: the same bytes as "));
    fs::remove(in / "copies/watched_a.jpg"); // a copy that is gone is made again
    EXPECT_EQ(cli(words).exitCode, 0);
    EXPECT_TRUE(fs::exists(in / "copies/watched_renamed.jpg"));
    ran = cli({"watch", "--once", (folder / "nowhere").string()});
    EXPECT_EQ(ran.exitCode, 2);
    EXPECT_THAT(ran.err, HasSubstr("there is no such folder"));
}
