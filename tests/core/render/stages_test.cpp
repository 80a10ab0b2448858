// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Stages are their own keys: whatever setting is changed, stages that say they are the same make the same
// pixels.
#include "delivery/stations.h"
#include "support/chain.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// As much as possible is on, so that a change of any setting could show.
Delivery busy() {
    Delivery out;
    for (const auto* change : {"turn.angle=2", "fit.long_side=150", "finish.grain=true", "finish.levels=true",
                               "border.on=true", "seal.against=whole"})
        assign(out, change);
    out.border.caption.on = true;
    out.border.caption.left = "{name}";
    out.seal.setText("Marsh {name}");
    return out;
}

/// Other values it may have: the ends of a range, all choices, the other way.
std::vector<SettingValue> others(const Setting<Delivery>& row, const Delivery& delivery) {
    const auto now = row.get(delivery);
    std::vector<SettingValue> out;
    switch (row.kind) {
    case SettingKind::Switch:
        return {!std::get<bool>(now)};
    case SettingKind::Number:
        return {row.range.min, std::min(row.range.max, 400.0)};
    case SettingKind::Choice:
        for (const auto& choice : row.choices)
            out.emplace_back(choice.key);
        return out;
    case SettingKind::Colour:
        return {SettingValue(std::string("#3366aa"))};
    case SettingKind::Text:
        if (!row.accepts)
            out.emplace_back(std::string("Kite {year|2026}"));
        return out;
    default:
        return out;
    }
}

/// The pixels after each stage.
std::array<Frame, 4> pixelsOf(const Opened& picture, const Stages& stages) {
    std::array<Frame, 4> out;
    Frame frame = stages.base.made(picture.original, picture.facts);
    out[0] = frame;
    stages.finish.on(frame);
    out[1] = frame;
    stages.frame.on(frame);
    out[2] = frame;
    stages.seal.on(frame);
    out[3] = frame;
    return out;
}

bool equal(const Frame& a, const Frame& b) {
    return a.size == b.size && a.rgb == b.rgb && a.deep == b.deep && a.alpha == b.alpha;
}

class StageKeys : public ::testing::Test {
protected:
    StageKeys() : made((makePicture(folder / "tide.jpg", 300, 200), true)), picture(folder / "tide.jpg") {
        words["name"] = "tide";
    }
    Stages of(const Delivery& delivery) const { return picture.stages(delivery, {}, {}, words); }
    /// How often it was worth looking: stages that are the same on both sides.
    int compare(const std::string& what, const Stages& before, const std::array<Frame, 4>& pixels,
                const Stages& after) const {
        if (!before.sameUpTo(Stage::Base, after))
            return 0;
        const auto now = pixelsOf(picture, after);
        int out = 0;
        for (const auto stage : {Stage::Base, Stage::Finished, Stage::Framed, Stage::Sealed})
            if (before.sameUpTo(stage, after)) {
                EXPECT_TRUE(
                    equal(pixels[static_cast<std::size_t>(stage)], now[static_cast<std::size_t>(stage)]))
                    << what << " changed stage " << static_cast<int>(stage);
                ++out;
            }
        return out;
    }
    TempFolder folder;
    bool made;
    Opened picture;
    TextFacts words;
};

} // namespace

TEST_F(StageKeys, EqualStagesMakeEqualPixelsWhateverIsChanged) {
    const auto delivery = busy();
    const auto before = of(delivery);
    const auto pixels = pixelsOf(picture, before);
    int compared = 0;
    for (const auto& station : stations())
        for (const auto& row : station.settings)
            for (const auto& value : others(row, delivery)) {
                auto changed = delivery;
                row.set(changed, value);
                compared += compare(station.key + "." + row.key, before, pixels, of(changed));
            }
    EXPECT_GT(compared, 300);
}

TEST_F(StageKeys, WhatDoesNotTouchPixelsAsksForNone) {
    const auto delivery = busy();
    const auto before = of(delivery);
    for (const auto id : {StationId::Which, StationId::Privacy, StationId::Place})
        for (const auto& row : station(id).settings)
            for (const auto& value : others(row, delivery)) {
                auto changed = delivery;
                row.set(changed, value);
                EXPECT_EQ(of(changed), before) << row.key;
            }
    for (const auto& change : {"file.quality=40", "file.progressive=true", "file.mark=false",
                               "file.webp_quality=20", "finish.amount=40"}) {
        auto changed = delivery;
        assign(changed, change);
        EXPECT_EQ(of(changed), before) << change;
    }
    // Words that neither seal nor caption ask for.
    auto plain = delivery;
    plain.border.caption.left = plain.border.caption.middle = plain.border.caption.right = "Tide";
    plain.seal.setText("Marsh");
    const auto here = of(plain);
    words["name"] = "ebb";
    EXPECT_EQ(of(plain), here);
    EXPECT_FALSE(of(delivery).sameUpTo(Stage::Framed, before));
}

TEST_F(StageKeys, AChangeGoesNoDeeperThanItMust) {
    const auto delivery = busy();
    const auto before = of(delivery);
    const auto after = [&](const char* change) {
        auto changed = delivery;
        assign(changed, change);
        return of(changed);
    };
    EXPECT_TRUE(before.sameUpTo(Stage::Framed, after("seal.size=12")));
    EXPECT_FALSE(before.sameUpTo(Stage::Sealed, after("seal.size=12")));
    EXPECT_TRUE(before.sameUpTo(Stage::Finished, after("border.corner=3")));
    EXPECT_TRUE(before.sameUpTo(Stage::Base, after("finish.brightness=20")));
    EXPECT_FALSE(before.sameUpTo(Stage::Finished, after("finish.brightness=20")));
    EXPECT_FALSE(before.sameUpTo(Stage::Base, after("finish.resampling=smooth")));
    EXPECT_FALSE(before.sameUpTo(Stage::Base, after("file.colour=display_p3")));
    EXPECT_TRUE(before.base.sameButSize(after("fit.long_side=120").base));
    EXPECT_FALSE(before.base.sameButSize(after("turn.angle=3").base));
}
