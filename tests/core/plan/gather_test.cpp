// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Nothing vanishes: whatever lies in a folder comes out as an original or with its kind.
#include "base/problem.h"
#include "picture/develop.h"
#include "picture/original.h"
#include "plan/gather.h"
#include "support/job.h"
#include "support/tiff_builder.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <set>
#include <sys/stat.h>

using namespace keepseal;
using namespace keepseal::test;
using namespace std::string_literals;

namespace {

/// A little-endian TIFF whose only directory has these SHORT or LONG entries.
std::string tiffOf(const std::vector<std::array<std::uint32_t, 3>>& entries) {
    std::string out("II*\0\x08\0\0\0", 8);
    const auto add = [&](std::uint32_t n, int bytes) {
        for (int i = 0; i < bytes; ++i)
            out += static_cast<char>(n >> 8 * i);
    };
    add(static_cast<std::uint32_t>(entries.size()), 2);
    for (const auto& [tag, type, value] : entries) {
        add(tag, 2);
        add(type, 2);
        add(1, 4);
        add(value, 4);
    }
    add(0, 4);
    return out;
}

/// A colour filter array in a directory that the first one refers to, as cameras write it.
std::string rawUnderTiffName() {
    auto out = tiffOf({{0x00FE, 4, 1}, {0x0106, 3, 2}, {0x014A, 4, 0}});
    const auto at = static_cast<char>(out.size());
    out[8 + 2 + 2 * 12 + 8] = at; // where the sub-directory begins
    return out + tiffOf({{0x0106, 3, 32803}}).substr(8);
}

} // namespace

TEST(Gather, EveryFileOfAFolderHasAnOutcome) {
    const TempFolder folder;
    const auto in = folder / "in";
    makePicture(in / "tide_2.jpg", 40, 30);
    makePicture(in / "tide_10.jpg", 40, 30);
    const std::map<std::string, std::pair<std::string, NoteKind>> others = {
        {"raw.tif", {rawUnderTiffName(), NoteKind::MetCameraRaw}},
        {"dng.dng", {tiffOf({{0xC612, 1, 4}}), NoteKind::MetCameraRaw}},
        {"deep.exr", {"\x76\x2F\x31\x01....", NoteKind::MetPicture}},
        {"broken.jpg", {"no picture", NoteKind::MetBroken}},
        {"clip.mov",
         {"\0\0\0\x14"
          "ftypqt  ...."s,
          NoteKind::MetVideo}},
        {"list.pdf", {"%PDF-1.7 ...", NoteKind::MetPages}},
        {"list.txt", {"boats", NoteKind::MetDocument}},
        {"empty.jpg", {"", NoteKind::MetEmpty}},
        {"tide_2.xmp", {"<x/>", NoteKind::MetSidecar}},
        {"lone.xmp", {"<x/>", NoteKind::MetLoneSidecar}},
        {".hidden", {"x", NoteKind::MetHidden}},
        {"thing.bin", {"whatever", NoteKind::MetUnknown}},
    };
    for (const auto& [name, what] : others)
        writeFile(in / name, what.first);
    fs::create_directory_symlink(folder.path(), in / "circle");
    fs::create_symlink(in / "nowhere", in / "dangling.jpg");
    fs::create_hard_link(in / "tide_2.jpg", in / "twin.jpg");
    ::mkfifo((in / "pipe.jpg").c_str(), 0600);
    const auto found = gather({in, folder / "gone"}, true);
    EXPECT_THAT(found.files, ::testing::ElementsAre(in / "tide_2.jpg", in / "tide_10.jpg")); // 2 before 10
    std::map<fs::path, NoteKind> kinds;
    for (const auto& met : found.others)
        EXPECT_TRUE(kinds.emplace(met.path, met.note.kind).second) << met.path;
    for (const auto& [name, what] : others)
        EXPECT_EQ(kinds[in / name], what.second) << name;
    EXPECT_EQ(kinds[in / "circle"], NoteKind::MetLink);
    EXPECT_EQ(kinds[in / "dangling.jpg"], NoteKind::MetBrokenLink);
    EXPECT_EQ(kinds[in / "twin.jpg"], NoteKind::MetTwice);
    EXPECT_EQ(kinds[in / "pipe.jpg"], NoteKind::MetSpecial);
    EXPECT_EQ(kinds[folder / "gone"], NoteKind::MetNotThere);
    std::size_t entries = 0;
    for ([[maybe_unused]] const auto& entry : fs::directory_iterator(in))
        ++entries;
    EXPECT_EQ(found.files.size() + found.others.size(), entries + 1); // and what is not there
    EXPECT_TRUE(found.misses());
    EXPECT_EQ(countByKind(found.others)[NoteKind::MetCameraRaw], 2U);
}

TEST(Gather, CopiesOfOursAreNoOriginalsUnlessTheyAreNamed) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 60, 40);
    runAll(makePlan({folder / "in/a.jpg"}, {sampleDelivery(folder / "in/copies")}, "/"));
    const auto all = gather({folder / "in"}, true);
    EXPECT_THAT(all.files, ::testing::ElementsAre(folder / "in/a.jpg"));
    ASSERT_EQ(all.others.size(), 1U);
    EXPECT_EQ(all.others[0].note.kind, NoteKind::MetOurs);
    EXPECT_EQ(gather({folder / "in/copies/a.jpg"}, true).files.size(), 1U);
    GatherOptions withOurs;
    withOurs.takeOurs = true;
    EXPECT_EQ(gather({folder / "in"}, withOurs).files.size(), 2U);
}

TEST(Gather, ARawFileOfNoCameraIsRefusedInWordsWhateverItIsCalled) {
    const TempFolder folder;
    writeFile(folder / "tide.tif", rawUnderTiffName());
    const Original raw(folder / "tide.tif");
    EXPECT_THAT(problemOf([&] { readFacts(raw, "tide.tif"); }).happened,
                ::testing::HasSubstr("this camera's raw files are not known"));
}

TEST(Gather, WhatIsToldOnTheWayIsTheBeginningOfWhatComesOut) {
    const TempFolder folder;
    makePicture(folder / "in/tide_0000.jpg", 40, 30);
    for (int i = 1; i < 400; ++i) {
        const auto next = folder / ("in/tide_" + std::to_string(10000 + i) + ".jpg");
        fs::copy_file(folder / "in/tide_0000.jpg", next);
    }
    std::vector<fs::path> told;
    GatherOptions options;
    options.onFound = [&](const std::vector<fs::path>& files) {
        EXPECT_FALSE(files.empty());
        told.insert(told.end(), files.begin(), files.end());
    };
    const auto gathered = gather({folder / "in"}, options);
    ASSERT_EQ(gathered.files.size(), 400U);
    ASSERT_LE(told.size(), 400U);
    EXPECT_TRUE(std::equal(told.begin(), told.end(), gathered.files.begin()));
}
