// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window keeps between changes never shows an older state: after each of many changes its proof is
// the one that is made from nothing.
#include "document/chain_of.h"
#include "proofs/frame_proof.h"
#include "support/chain.h"
#include "window_fixture.h"

namespace keepseal::app {
namespace {

/// What the wall paints, in its own pixels, is all of the proof and no part of an older one.
class KeptStages : public Window {
protected:
    void expectReducedWhole(const std::string& after) {
        auto& wall = window.views().wall();
        ASSERT_TRUE(waitUntil([&] { return wall.proofs().settledInView(); }, kWait));
        const auto& proof = *wall.proofs().proof(id(0));
        if (proof.inView.isNull())
            return;
        const QImage& sealed = proof.sealed;
        const Size view{proof.inView.width(), proof.inView.height()};
        QImage whole(proof.inView.size(), QImage::Format_RGB32);
        reduceToMeans({sealed.constBits(), sealed.bytesPerLine(), {sealed.width(), sealed.height()}},
                      {whole.bits(), whole.bytesPerLine(), view}, {0, view.height});
        EXPECT_EQ(proof.inView, whole) << after;
        ++m_reduced;
    }
    int m_reduced = 0;
};

} // namespace

TEST_F(KeptStages, AfterEveryChangeTheProofIsTheOneMadeFromNothing) {
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
        {"turn.angle", 0.0},
        {"seal.place", std::string("top-left")}, // another place: it is gone from where it was
        {"seal.opacity", 20.0},
        {"seal.on", false},
        {"seal.on", true},
        {"seal.place", std::string("centre")}};
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
        expectReducedWhole(setting);
    }
    document.undoStack()->setIndex(opened);
    ASSERT_TRUE(proofsFollow());
    const auto shown = sealed();
    EXPECT_EQ(toImage(Opened(window.library().info(id(0))->path)
                          .frame(document.deliveryAsMade(), {shown.width(), shown.height()}),
                      document.deliveryAsMade().file),
              shown);
    expectReducedWhole("undone");
    if (window.devicePixelRatioF() < 2) { // there all pixels of a proof are shown
        EXPECT_GT(m_reduced, 10);
    }
}

} // namespace keepseal::app
