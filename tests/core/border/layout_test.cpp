// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/layout.h"

#include "base/problem.h"

#include <gtest/gtest.h>

using namespace keepseal;

namespace {

BorderDesign with(std::vector<Ring> rings) {
    BorderDesign out;
    out.on = true;
    out.rings = std::move(rings);
    return out;
}

Ring mat(double width, WidthUnit unit = WidthUnit::ShortSide) {
    Ring out;
    out.width = width;
    out.unit = unit;
    return out;
}

const std::vector<Size> kSizes = {{1, 1},     {1, 50},      {50, 1},      {300, 200},     {200, 300},
                                  {301, 199}, {2048, 1365}, {1365, 2048}, {20000, 13333}, {400, 20000}};

} // namespace

TEST(BorderLayout, MatsAreEqualToThePixel) {
    for (const auto size : kSizes)
        for (const double width : {0.1, 3.3, 8.0, 17.7, 60.0}) {
            const auto edges = layOutBorder(with({mat(width)}), size, 12).edges();
            EXPECT_EQ(edges.left, edges.right);
            EXPECT_EQ(edges.top, edges.bottom);
            EXPECT_EQ(edges.left, edges.top);
            EXPECT_EQ(edges.left, std::max(1L, std::lround(size.shortSide() * width / 100)));
        }
}

TEST(BorderLayout, EveryUnitByHand) {
    EXPECT_EQ(layOutBorder(with({mat(10)}), {2000, 1000}, 0).whole, (Size{2200, 1200}));
    EXPECT_EQ(layOutBorder(with({mat(10, WidthUnit::LongSide)}), {2000, 1000}, 0).whole, (Size{2400, 1400}));
    EXPECT_EQ(layOutBorder(with({mat(7, WidthUnit::Pixels)}), {2000, 1000}, 0).whole, (Size{2014, 1014}));
    EXPECT_EQ(layOutBorder(with({mat(5, WidthUnit::Millimetres)}), {2000, 1000}, 300 / 25.4).whole,
              (Size{2000 + 2 * 59, 1000 + 2 * 59})); // 59.06 pixels
}

TEST(BorderLayout, SidesOfTheirOwn) {
    auto ring = mat(10);
    ring.sides = RingSides::Weighted;
    ring.bottomShare = 150;
    EXPECT_EQ(layOutBorder(with({ring}), {2000, 1000}, 0).edges(), (Edges{100, 100, 100, 150}));
    ring.sides = RingSides::Each;
    ring.left = 1, ring.top = 2, ring.right = 3, ring.bottom = 4;
    EXPECT_EQ(layOutBorder(with({ring}), {2000, 1000}, 0).edges(), (Edges{10, 20, 30, 40}));
}

TEST(BorderLayout, UntilTheWholeHasARatio) {
    auto ring = mat(5, WidthUnit::Pixels);
    ring.sides = RingSides::Ratio;
    ring.ratio = "1:1";
    for (const auto size : kSizes) {
        const auto layout = layOutBorder(with({ring}), size, 0);
        EXPECT_EQ(layout.whole.width, layout.whole.height) << size.width;
        const auto edges = layout.edges();
        EXPECT_LE(edges.right - edges.left, 1); // the odd pixel goes to the right or to the bottom
        EXPECT_GE(edges.right, edges.left);
        EXPECT_GE(edges.bottom, edges.top);
        EXPECT_GE(std::min(edges.left, edges.top), 5);
    }
    ring.ratio = "16:9";
    const auto whole = layOutBorder(with({ring}), {1000, 1000}, 0).whole;
    EXPECT_NEAR(double(whole.width) / whole.height, 16.0 / 9, 1e-3);
}

TEST(BorderLayout, RingsLieAroundEachOtherWithoutGaps) {
    Ring gap = mat(1), line = mat(0.2);
    gap.kind = RingKind::Gap;
    line.kind = RingKind::Line;
    const auto layout = layOutBorder(with({gap, line, mat(9), line}), {2000, 1000}, 0);
    ASSERT_EQ(layout.places.size(), 4U);
    EXPECT_EQ(layout.places[0].inner, layout.inside);
    for (std::size_t i = 1; i < 4; ++i)
        EXPECT_EQ(layout.places[i].inner, layout.places[i - 1].outer);
    EXPECT_EQ(layout.places[3].outer, (Rect{0, 0, layout.whole.width, layout.whole.height}));
    EXPECT_EQ(layout.whole, (Size{2000 + 2 * (10 + 2 + 90 + 2), 1000 + 2 * (10 + 2 + 90 + 2)}));
}

TEST(BorderLayout, OverThePictureTheSizeStays) {
    Ring line = mat(1), gap = mat(5);
    line.kind = RingKind::Line;
    gap.kind = RingKind::Gap;
    auto design = with({line, gap});
    design.lies = BorderLies::Over;
    for (const auto size : kSizes) {
        const auto layout = layOutBorder(design, size, 0);
        EXPECT_EQ(layout.whole, size);
        EXPECT_EQ(layout.edges(), Edges{});
        EXPECT_GE(layout.visible.width, 1);
        EXPECT_GE(layout.visible.height, 1);
    }
    const auto layout = layOutBorder(design, {2000, 1000}, 0);
    EXPECT_EQ(layout.places.back().outer, (Rect{0, 0, 2000, 1000})); // the gap, at the picture's edge
    EXPECT_EQ(layout.places.front().outer, (Rect{50, 50, 1900, 900}));
    EXPECT_EQ(layout.visible, (Rect{60, 60, 1880, 880}));
}

TEST(BorderLayout, AnInnerLineAddsNothing) {
    Ring line = mat(1);
    line.kind = RingKind::InnerLine;
    const auto layout = layOutBorder(with({line, mat(10)}), {2000, 1000}, 0);
    EXPECT_EQ(layout.whole, (Size{2200, 1200}));
    EXPECT_EQ(layout.places.front().outer, layout.inside);
    EXPECT_EQ(layout.places.front().inner.width, 2000 - 20);
}

TEST(BorderLayout, SwitchedOffItIsNothing) {
    auto design = with({mat(10)});
    design.on = false;
    EXPECT_EQ(layOutBorder(design, {300, 200}, 0).whole, (Size{300, 200}));
}

TEST(BorderLayout, MovedByAPixelKeepsItsEdges) {
    const auto layout = layOutBorder(with({mat(3), mat(4)}), {2000, 1000}, 0);
    const auto moved = movedTo(layout, {2001, 999});
    EXPECT_EQ(moved.edges(), layout.edges());
    EXPECT_EQ(moved.whole, (Size{layout.whole.width + 1, layout.whole.height - 1}));
}

TEST(BorderJson, GoesThereAndBackWithWhatItDoesNotKnow) {
    auto design = with({mat(3), mat(4, WidthUnit::Millimetres)});
    design.name = "Mine";
    design.lies = BorderLies::Over;
    design.caption.on = true;
    design.caption.left = "{title}";
    auto json = toDocument(design);
    json["later"] = 5;
    json["rings"][1]["sparkle"] = true;
    const auto back = borderFromDocument(json, "test");
    EXPECT_EQ(back.rings[1].unit, WidthUnit::Millimetres);
    EXPECT_EQ(back.caption.left, "{title}");
    EXPECT_EQ(toDocument(back), json);
    auto plain = back;
    plain.unknown = design.unknown;
    plain.rings[1].unknown = design.rings[1].unknown;
    EXPECT_EQ(plain, design);
}

TEST(BorderJson, WrongValuesAreNamed) {
    const auto refused = [](const nlohmann::json& object) -> std::string {
        try {
            borderFromJson(object, "border.");
        } catch (const Problem& problem) {
            return problem.subject;
        }
        return "taken";
    };
    EXPECT_EQ(refused({{"corner", 400}}), "border.corner");
    EXPECT_EQ(refused({{"rings", {{{"unit", "ells"}}}}}), "border.rings[0].unit");
    EXPECT_EQ(refused({{"rings", {{{"ratio", "wide"}}}}}), "border.rings[0].ratio");
    EXPECT_EQ(refused({{"rings", "many"}}), "border.rings");
    EXPECT_EQ(refused({{"rings", nlohmann::json(std::vector<nlohmann::json>(13, nlohmann::json::object()))}}),
              "border.rings");
    EXPECT_EQ(refused(nlohmann::json::array()), "border.");
    EXPECT_THROW(borderFromDocument({{"format", "keep-seal/border"}, {"version", 99}}, "x"), Problem);
}
