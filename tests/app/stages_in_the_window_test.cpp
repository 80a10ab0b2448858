// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window keeps between changes never shows an older state: after each of many changes its proof is
// the one that is made from nothing.
#include "document/chain_of.h"
#include "proofs/frame_proof.h"
#include "support/chain.h"
#include "window_fixture.h"

namespace keepseal::app {

TEST_F(Window, AfterEveryChangeTheProofIsTheOneMadeFromNothing) {
    openAll();
    auto& document = window.document();
    const auto opened = document.undoStack()->index();
    const std::vector<std::pair<std::string, SettingValue>> changes = {
        {"seal.size", 14.0},
        {"border.on", true},
        {"finish.grain", true},
        {"border.corner", 4.0},
        {"seal.size", 9.0},
        {"turn.angle", 3.0},
        {"fit.on", true},
        {"fit.long_side", 200.0},
        {"finish.resampling", std::string("smooth")},
        {"file.colour", std::string("grey")},
        {"file.quality", 50.0},
        {"file.jpeg", false},
        {"file.png", true},
        {"file.colour", std::string("srgb")},
        {"border.on", false},
        {"place.suffix", std::string("-x")},
        {"finish.brightness", 30.0},
        {"fit.on", false},
        {"turn.angle", 0.0}};
    for (const auto& [setting, value] : changes) {
        document.setSetting(setting, value);
        ASSERT_TRUE(proofsFollow()) << setting;
        const auto shown = sealed();
        const auto delivery = document.deliveryAsMade();
        const auto info = window.library().info(id(0));
        const auto facts = wordsOf(*info, delivery, document.exception(id(0))).facts;
        const auto fresh = Opened(info->path)
                               .frame(delivery, {shown.width(), shown.height()},
                                      document.exception(id(0)).turn, nullptr, facts);
        EXPECT_EQ(toImage(fresh, delivery.file), shown) << setting;
    }
    document.undoStack()->setIndex(opened);
    ASSERT_TRUE(proofsFollow());
    const auto shown = sealed();
    EXPECT_EQ(toImage(Opened(window.library().info(id(0))->path)
                          .frame(document.deliveryAsMade(), {shown.width(), shown.height()}),
                      document.deliveryAsMade().file),
              shown);
}

} // namespace keepseal::app
