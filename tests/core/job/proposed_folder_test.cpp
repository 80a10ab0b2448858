// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "job/proposed_folder.h"
#include "support/support.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

TEST(ProposedFolder, LiesBesideTheFolderOfAllOriginalsAndNeverInIt) {
    const TempFolder folder;
    fs::create_directories(folder / "bay/low tide");
    const auto one = proposedFolder({folder / "bay/a.jpg", folder / "bay/b.jpg"}, "/elsewhere");
    EXPECT_EQ(one, folder / "bay copies");
    EXPECT_EQ(proposedFolder({folder / "bay/a.jpg", folder / "bay/low tide/b.jpg"}, "/elsewhere"), one);
    EXPECT_EQ(proposedFolder({folder / "bay/low tide/b.jpg"}, "/elsewhere"), folder / "bay/low tide copies");
    // "bay" and "bayou" share the folder above them, not the first letters of their names.
    EXPECT_EQ(proposedFolder({folder / "bay/a.jpg", folder / "bayou/b.jpg"}, "/elsewhere"),
              folder.path().parent_path() / (folder.path().filename().string() + " copies"));
    EXPECT_FALSE(fs::exists(one));
}

TEST(ProposedFolder, GoesElsewhereWhereNothingCanBeWritten) {
    EXPECT_EQ(proposedFolder({"/no/such/card/a.jpg"}, "/home/me/Pictures"), "/home/me/Pictures/card copies");
    EXPECT_EQ(proposedFolder({"/a.jpg"}, "/home/me/Pictures"), "/home/me/Pictures/copies");
    EXPECT_EQ(proposedFolder({}, "/home/me/Pictures"), "");
}
