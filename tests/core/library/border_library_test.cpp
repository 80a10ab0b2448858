// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/shelf.h"

#include "border/layout.h"
#include "support/support.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

TEST(BorderLibrary, EveryShippedBorderHoldsOnEveryShape) {
    const TempFolder folder;
    std::vector<Problem> problems;
    const auto all = BorderLibrary(folder.path()).all(&problems);
    EXPECT_TRUE(problems.empty());
    EXPECT_GE(all.size(), 10U);
    for (const auto& saved : all) {
        EXPECT_TRUE(saved.shipped);
        EXPECT_FALSE(saved.notes.empty()) << saved.key;
        for (const Size size : {Size{300, 200}, {200, 300}, {6000, 4000}, {3000, 60}, {20000, 20000}}) {
            const auto layout = layOutBorder(saved.design, size, 300 / 25.4);
            EXPECT_FALSE(layout.places.empty()) << saved.key;
            EXPECT_GE(layout.whole.width, size.width);
            EXPECT_GE(layout.visible.width, 1);
        }
    }
}

TEST(BorderLibrary, KeepsFindsReplacesAndBringsBack) {
    const TempFolder folder;
    const BorderLibrary library(folder.path());
    SavedBorder mine;
    mine.design.on = true;
    mine.design.name = "Evening ../ mat";
    mine.design.rings[0].width = 12;
    const auto kept = library.save(mine);
    EXPECT_EQ(kept.key, "evening-mat");
    EXPECT_EQ(library.find("Evening ../ mat")->design, mine.design);
    mine.design.rings[0].width = 20;
    library.save(mine); // the same name: the older one is set aside
    EXPECT_EQ(library.find("evening-mat")->design.rings[0].width, 20);
    library.remove("evening-mat");
    EXPECT_FALSE(library.find("evening-mat"));
    library.restore("evening-mat");
    EXPECT_EQ(library.find("evening-mat")->design.rings[0].width, 20);
    EXPECT_THROW(library.remove("quiet-mat"), Problem); // shipped
    EXPECT_THROW(library.remove("../secret"), Problem);
}

TEST(BorderLibrary, ABrokenFileIsToldAndTheOthersStay) {
    const TempFolder folder;
    writeFile(folder / "borders/broken.json", "{");
    writeFile(folder / "borders/newer.json", R"({"format":"keep-seal/border","version":9})");
    std::vector<Problem> problems;
    EXPECT_GE(BorderLibrary(folder.path()).all(&problems).size(), 10U);
    EXPECT_EQ(problems.size(), 2U);
}
