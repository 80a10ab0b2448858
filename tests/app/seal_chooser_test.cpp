// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Seals that are kept, found again, shared and taken in.
#include "bench_fixture.h"

#include "seal_bench/seal_chooser.h"
#include "widgets/arrival_dialog.h"

#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

#include <gmock/gmock.h>

namespace keepseal::app {

class LibraryOfSeals : public Bench {};

TEST_F(LibraryOfSeals, TheSealIsKeptAndTakenElsewhere) {
    auto design = seal();
    design.name = "Wind mark";
    design.size = 11;
    window.document().setSeal(design, "design");
    window.designDesk().keepSeal();
    ASSERT_TRUE(kept());
    ASSERT_TRUE(window.libraries().folders().seals.find("Wind mark"));
    EXPECT_THAT(bench().said().toStdString(), ::testing::HasSubstr("is in the library"));
    window.document().addDelivery(Delivery{});
    EXPECT_NE(seal().name, "Wind mark");
    SealChooser chooser(&window.libraries(), plainGround({300, 200}, 100), {}, &window);
    chooser.search()->setText("wind");
    ASSERT_EQ(chooser.list()->count(), 1);
    chooser.duplicateSeal();
    ASSERT_TRUE(kept());
    EXPECT_EQ(chooser.list()->count(), 2);
    chooser.renameSeal("Wind mark, larger");
    ASSERT_TRUE(kept());
    EXPECT_TRUE(window.libraries().folders().seals.find("Wind mark, larger"));
    chooser.removeSeal();
    ASSERT_TRUE(kept());
    EXPECT_EQ(chooser.list()->count(), 1);
    chooser.bringBack();
    ASSERT_TRUE(kept());
    EXPECT_EQ(chooser.list()->count(), 2);
    chooser.list()->setCurrentRow(0);
    chooser.take();
    ASSERT_TRUE(chooser.taken());
    window.designDesk().takeSeal(*chooser.taken());
    EXPECT_EQ(seal().size, 11);
    window.document().undoStack()->undo();
    EXPECT_NE(seal().name, "Wind mark");
    EXPECT_TRUE(waitUntil([&] { return chooser.settled(); }, kWait));
}

TEST_F(LibraryOfSeals, ASealIsSharedTakenInAndSavedAsAPicture) {
    auto design = seal();
    design.name = "Shared mark";
    window.document().setSeal(design, "name");
    window.designDesk().keepSeal();
    ASSERT_TRUE(kept());
    SealChooser chooser(&window.libraries(), plainGround({300, 200}, 100), {}, &window);
    chooser.search()->setText("Shared");
    ASSERT_EQ(chooser.list()->count(), 1);
    chooser.describeSeal("from the marsh", "kites, web");
    ASSERT_TRUE(kept());
    EXPECT_EQ(window.libraries().folders().seals.find("Shared mark")->tags,
              (std::vector<std::string>{"kites", "web"}));
    chooser.exportTo(toQt(folder / "mark.zip"));
    ASSERT_TRUE(kept());
    ASSERT_TRUE(fs::exists(folder / "mark.zip"));
    chooser.exportTo(toQt(folder / "mark.zip"));
    ASSERT_TRUE(kept()); // never replaced: said, not done
    const auto arrival = [&]() -> ArrivalDialog* {
        waitUntil([&] { return chooser.findChild<ArrivalDialog*>() != nullptr; }, kWait);
        return chooser.findChild<ArrivalDialog*>();
    };
    chooser.importFrom(toQt(folder / "mark.zip"));
    ASSERT_TRUE(arrival());
    EXPECT_EQ(chooser.list()->count(), 1); // shown first
    arrival()->takeButton()->click();
    ASSERT_TRUE(kept());
    EXPECT_EQ(chooser.list()->count(), 2);
    EXPECT_TRUE(window.libraries().folders().seals.find("Shared mark 2"));
    writeFile(folder / "no.zip", "nothing");
    chooser.importFrom(toQt(folder / "no.zip"));
    EXPECT_TRUE(waitUntil([&] { return chooser.saidText().contains("no zip file"); }, kWait));
    EXPECT_EQ(chooser.list()->count(), 2);
    chooser.search()->setText("no seal has these words");
    EXPECT_EQ(chooser.list()->count(), 0);
    chooser.take();
    EXPECT_FALSE(chooser.taken());
    EXPECT_TRUE(waitUntil([&] { return chooser.settled(); }, kWait));
}

} // namespace keepseal::app
