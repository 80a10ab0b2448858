// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/shelf.h"
#include "rights/apply.h"
#include "support/chain.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

TEST(SheetLibrary, EveryShippedSheetFillsItselfFromAPictureAndHasNoWrongValue) {
    const TempFolder folder;
    Metadata metadata;
    metadata.takenAt = "2026-05-09T23:10:04";
    metadata.fields["creator"] = "Wrenna Oake";
    int shipped = 0;
    for (const auto& saved : SheetLibrary().all()) {
        ASSERT_TRUE(saved.shipped);
        ++shipped;
        EXPECT_FALSE(saved.notes.empty()) << saved.key;
        const auto applied = applyRights(saved.design, {}, metadata, {"/a.jpg", {60, 40}});
        EXPECT_EQ(applied.after("copyright_notice").typed(), "© 2026 Wrenna Oake") << saved.key;
        EXPECT_TRUE(applied.notes().empty()) << saved.key;
        for (const auto& [key, outcome] : applied.fields)
            EXPECT_EQ(fieldProblem(*metadataField(key), outcome.after), "") << saved.key << " " << key;
    }
    EXPECT_GE(shipped, 4);
}

TEST(SheetLibrary, KeepsFindsReplacesAndBringsBack) {
    const TempFolder folder;
    const SheetLibrary library;
    SavedSheet saved;
    saved.design = sheetOf("Wrenna Oake", "© Marsh & Line");
    saved.design.name = "Marsh & Line, web";
    saved.notes = "for the gallery";
    const auto kept = library.save(saved);
    ASSERT_TRUE(library.find(kept.key) && library.find("Marsh & Line, web"));
    EXPECT_EQ(library.find(kept.key)->design, saved.design);
    EXPECT_EQ(library.find(kept.key)->notes, "for the gallery");
    saved.design = sheetOf("Ines Gull", "");
    saved.design.name = "Marsh & Line, web";
    EXPECT_EQ(library.save(saved).key, kept.key); // one of that name, the earlier one set aside
    EXPECT_EQ(library.find(kept.key)->design.always("creator"), "Ines Gull");
    library.remove(kept.key);
    EXPECT_FALSE(library.find(kept.key));
    library.restore(kept.key);
    EXPECT_EQ(library.find(kept.key)->design.always("creator"), "Ines Gull");
    EXPECT_THROW(library.remove("ask-first"), Problem); // comes with Keep Seal
    EXPECT_THROW(library.remove("../../etc/passwd"), Problem);
}

TEST(SheetLibrary, ABrokenFileIsToldAndTheOthersStay) {
    const TempFolder folder;
    fs::create_directories(folder / "data/keep-seal/sheets");
    writeFile(folder / "data/keep-seal/sheets/broken.json", std::string("{"));
    std::vector<Problem> problems;
    EXPECT_GE(SheetLibrary().all(&problems).size(), 4U);
    EXPECT_EQ(problems.size(), 1U);
}
