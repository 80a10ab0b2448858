// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How pictures come into the job, and what is kept of them beside it.
#include "window_fixture.h"

#include "document/thumbnail_cache.h"

namespace keepseal::app {

class Pictures : public Window {
protected:
    JobDocument& document() { return window.document(); }
};

TEST_F(Pictures, ThumbnailsLieInTheCacheAndNeverBesideOriginals) {
    openAll(); // JPEGs without a preview inside
    std::vector<std::string> beside;
    for (const auto& entry : fs::directory_iterator(pictures))
        beside.push_back(entry.path().filename().string());
    EXPECT_EQ(beside.size(), 4U);
    EXPECT_TRUE(thumbnailFolder().string().starts_with((folder / "cache").string()));
    const auto file = pictures / "tide_2.jpg";
    const auto kept = keptThumbnail(file, identityOf(file));
    ASSERT_TRUE(kept);
    EXPECT_LE(kept->size.longSide(), 320);
    EXPECT_GT(kept->size.longSide(), 100);
    EXPECT_LT(kept->size.width, kept->size.height); // the tall one
    ASSERT_TRUE(readPreview(*readInfo(file)));      // a first look at once, the next time
    makePicture(file, 500, 200);                    // another picture under the name
    EXPECT_FALSE(keptThumbnail(file, identityOf(file)));
    trimThumbnails(0);
    EXPECT_FALSE(keptThumbnail(pictures / "tide_0.jpg", identityOf(pictures / "tide_0.jpg")));
}

TEST_F(Pictures, WhatOneGatheringBringsInSeveralStepsIsOneUndo) {
    document().addOriginals({pictures / "tide_0.jpg", pictures / "tide_1.jpg"}, 7);
    document().addOriginals({pictures / "tide_1.jpg", pictures / "tide_2.jpg"}, 7);
    document().addOriginals({pictures / "tide_3.jpg"}, 8);
    ASSERT_EQ(document().originals().size(), 4U);
    document().undoStack()->undo();
    EXPECT_EQ(document().originals().size(), 3U);
    document().undoStack()->undo();
    EXPECT_TRUE(document().originals().empty());
}

} // namespace keepseal::app
