// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Turn, crop, fit, border: sizes that hold from plan to proof to file, and proofs that are copies made
// smaller.
#include "support/chain.h"

#include <gtest/gtest.h>

#include <cmath>

using namespace keepseal;
using namespace keepseal::test;

namespace {

BorderDesign bordered(double percent = 10) {
    BorderDesign out;
    out.on = true;
    Ring line;
    line.kind = RingKind::Line;
    line.width = 0.7;
    line.colour = {40, 40, 60};
    Ring mat;
    mat.width = percent;
    mat.sides = RingSides::Weighted;
    mat.colour = {250, 245, 235};
    out.rings = {line, mat};
    return out;
}

struct Way {
    const char* name;
    std::function<void(Delivery&)> change;
    TurnException turn{};
};

std::vector<Way> ways() {
    const auto fit = [](FitTo to, FitWhat what = FitWhat::Picture) {
        return [to, what](Delivery& d) {
            d.fit.to = to, d.fit.what = what;
            d.fit.width = 640, d.fit.height = 480, d.fit.longSide = 640, d.fit.shortSide = 400;
            d.fit.megapixels = 0.2, d.fit.paperWidth = 60, d.fit.paperHeight = 40;
        };
    };
    std::vector<Way> out = {
        {"long side", fit(FitTo::LongSide)},
        {"short side", fit(FitTo::ShortSide)},
        {"box", fit(FitTo::Box)},
        {"percent", fit(FitTo::Percent)},
        {"megapixels", fit(FitTo::Megapixels)},
        {"paper", fit(FitTo::Paper)},
        {"fill", fit(FitTo::Fill)},
        {"pad", fit(FitTo::Pad)},
        {"pad ratio", fit(FitTo::PadRatio)},
        {"whole", fit(FitTo::LongSide, FitWhat::Whole)},
        {"whole filled", fit(FitTo::Fill, FitWhat::Whole)},
        {"whole padded", fit(FitTo::Pad, FitWhat::Whole)},
        {"square",
         [](Delivery& d) {
             d.turn.shape = CropShape::Square, d.turn.anchor = Anchor::Left, d.fit.longSide = 480;
         }},
        {"turned", [](Delivery& d) { d.turn.quarterTurns = 1, d.turn.flip = true, d.fit.longSide = 640; }},
        {"straightened", [](Delivery& d) { d.turn.angle = 7, d.fit.longSide = 480; }},
        {"over",
         [](Delivery& d) {
             d.border.lies = BorderLies::Over, d.fit.longSide = 640;
             d.border.rings[1].kind = RingKind::Gap;
         }},
        {"corners", [](Delivery& d) { d.border.corner = 8, d.fit.longSide = 640; }},
        {"shadow", [](Delivery& d) { d.border.shadowSize = 5, d.fit.longSide = 640; }},
        {"caption",
         [](Delivery& d) {
             d.border.caption.on = true, d.border.caption.middle = "Lanterns", d.border.caption.size = 45;
             d.fit.longSide = 640;
         }},
        {"own tone", [](Delivery& d) { d.border.rings[1].from = RingColour::Mean, d.fit.longSide = 640; }},
    };
    TurnException crop;
    crop.crop = Box{0.1, 0.2, 0.5, 0.6};
    out.push_back({"by hand", [](Delivery& d) { d.fit.longSide = 480; }, crop});
    return out;
}

} // namespace

TEST(Chain, EveryWaysProofIsItsCopyMadeSmaller) {
    const TempFolder folder;
    makePicture(folder / "p.png", 1200, 900);
    const Opened picture(folder / "p.png");
    for (const auto& way : ways()) {
        Delivery delivery;
        delivery.border = bordered();
        delivery.seal.setText("Tidemark");
        delivery.seal.tone = Tone::Light;
        way.change(delivery);
        const auto chain = picture.plan(delivery, way.turn);
        const Frame copy = picture.frame(delivery, {}, way.turn);
        ASSERT_EQ(copy.size, chain.sizes.whole) << way.name;
        const Size small{chain.sizes.whole.width / 2, chain.sizes.whole.height / 2};
        const Frame proof = picture.frame(delivery, small, way.turn);
        ASSERT_EQ(proof.size, small) << way.name;
        double sum = 0;
        for (int y = 0; y < small.height; ++y)
            for (int x = 0; x < small.width; ++x)
                for (int c = 0; c < 3; ++c) {
                    // The four pixels of the copy, as far as its size is even.
                    const double mean =
                        (copy.row(2 * y)[6 * x + c] + copy.row(2 * y)[6 * x + 3 + c] +
                         copy.row(2 * y + 1)[6 * x + c] + copy.row(2 * y + 1)[6 * x + 3 + c]) /
                        4.0;
                    sum += std::abs(mean - proof.row(y)[3 * x + c]);
                }
        EXPECT_LT(sum / static_cast<double>(small.pixels() * 3), 2.2) << way.name;
    }
}

TEST(Chain, TheComparisonSeesABorderOfAnotherWidth) {
    const TempFolder folder;
    makePicture(folder / "p.png", 600, 400);
    const Opened picture(folder / "p.png");
    Delivery a, b;
    a.border = bordered(10), b.border = bordered(13);
    const Size size{300, 220};
    EXPECT_GT(difference(picture.frame(a, size), picture.frame(b, size)).first, 6);
}

TEST(Chain, SizesAreTheSameInPlanProofAndFile) {
    const TempFolder folder;
    for (const Size size : {Size{301, 199}, {199, 301}, {64, 64}, {1, 1}, {1, 50}, {900, 20}}) {
        const auto path = folder / (std::to_string(size.width) + "x" + std::to_string(size.height) + ".png");
        makePicture(path, size.width, size.height);
        const Opened picture(path);
        for (const auto& way : ways()) {
            Delivery delivery;
            delivery.border = bordered();
            way.change(delivery);
            const auto planned = picture.plan(delivery, way.turn).sizes.whole;
            const Bytes copy = encodeStage(delivery, picture.plan(delivery, way.turn), "jpeg", {}, {})
                                   .on(picture.frame(delivery, {}, way.turn))
                                   .bytes;
            EXPECT_EQ(readFacts(MemorySource(copy), "copy").size, planned) << way.name << " of " << path;
        }
    }
}

TEST(Chain, APictureOfTwentyThousandPixelsIsPlannedToThePixel) {
    Delivery delivery;
    delivery.border = bordered();
    delivery.fit.on = false;
    const auto chain = planChain(delivery, {20000, 13333});
    EXPECT_EQ(chain.sizes.fitted, (Size{20000, 13333}));
    const auto edges = chain.ground.layout.edges();
    EXPECT_EQ(edges.left, edges.right);
    EXPECT_EQ(edges.left, edges.top);
    EXPECT_EQ(edges.left, 93 + 1333); // 0.7 % and 10 % of 13333
    EXPECT_EQ(edges.bottom, 93 + 2000);
}

TEST(Chain, APicturesTurnAndCropAreWhatTheReaderSees) {
    const TempFolder folder;
    for (const int orientation : {1, 3, 6, 8, 2, 5}) {
        Planted planted;
        planted.orientation = orientation;
        const auto path = folder / ("o" + std::to_string(orientation) + ".jpg");
        makePicture(path, 640, 480, planted);
        const Opened picture(path);
        Delivery plain;
        plain.fit.on = false;
        plain.seal.on = false;
        const Frame upright = picture.frame(plain);
        for (int turns = 0; turns < 4; ++turns)
            for (const bool flip : {false, true}) {
                auto delivery = plain;
                delivery.turn.quarterTurns = turns;
                delivery.turn.flip = flip;
                TurnException turn;
                turn.crop = Box{0.25, 0.5, 0.5, 0.25};
                const Frame cropped = picture.frame(delivery, {}, turn);
                // By hand: where the middle of the crop lies in the upright picture.
                double u = 0.5, v = 0.625;
                if (flip)
                    u = 1 - u;
                for (int i = 0; i < turns; ++i) { // undo one turn clockwise
                    const double was = u;
                    u = v, v = 1 - was;
                }
                const auto* found = cropped.row(cropped.size.height / 2) + 3 * (cropped.size.width / 2);
                const auto* wanted = upright.row(static_cast<int>(v * upright.size.height)) +
                                     3 * static_cast<int>(u * upright.size.width);
                for (int c = 0; c < 3; ++c)
                    EXPECT_NEAR(found[c], wanted[c], 4) << orientation << ", " << turns << ", " << flip;
            }
    }
}

TEST(Chain, StraighteningTurnsClockwiseAboutTheMiddle) {
    const TempFolder folder;
    makePicture(folder / "p.png", 800, 600);
    const Opened picture(folder / "p.png");
    Delivery delivery;
    delivery.fit.on = false;
    delivery.seal.on = false;
    const Frame upright = picture.frame(delivery);
    delivery.turn.angle = 20;
    const auto chain = picture.plan(delivery);
    const Frame turned = picture.frame(delivery);
    const double r = -20 * M_PI / 180;
    for (const double fx : {0.1, 0.5, 0.9})
        for (const double fy : {0.1, 0.5, 0.9}) {
            const double x = chain.cut.box.x + fx * turned.size.width - 400;
            const double y = chain.cut.box.y + fy * turned.size.height - 300;
            const int ox = static_cast<int>(x * std::cos(r) - y * std::sin(r) + 400);
            const int oy = static_cast<int>(x * std::sin(r) + y * std::cos(r) + 300);
            const auto* found = turned.row(static_cast<int>(fy * turned.size.height)) +
                                3 * static_cast<int>(fx * turned.size.width);
            for (int c = 0; c < 3; ++c)
                EXPECT_NEAR(found[c], upright.row(oy)[3 * ox + c], 3) << fx << "," << fy;
        }
}

TEST(Chain, TheResolutionReachesTheFile) {
    const TempFolder folder;
    makePicture(folder / "p.png", 600, 400);
    const Opened picture(folder / "p.png");
    Delivery delivery;
    delivery.fit.setResolution = true;
    delivery.fit.resolution = 240;
    for (const std::string format : {"jpeg", "png", "tiff", "webp", "avif", "jxl"}) {
        const auto file = folder / (std::string("r.") + outputFormat(format).ending);
        writeFile(file, picture.copy(delivery, format));
        EXPECT_EQ(exiftool(file, format == "png" ? "PNG-pHYs:PixelsPerUnitX" : "XResolution"),
                  format == "png" ? "9449" : "240")
            << file;
    }
}

TEST(Chain, ASealStandsAgainstThePictureOrTheWhole) {
    const TempFolder folder;
    makePicture(folder / "p.png", 600, 400);
    const Opened picture(folder / "p.png");
    Delivery delivery;
    delivery.border = bordered(20);
    delivery.seal.setText("Marsh");
    SealResult result;
    picture.frame(delivery, {}, {}, &result);
    const auto inside = picture.plan(delivery).ground.layout.inside;
    EXPECT_LE(result.box.right(), inside.right());
    EXPECT_LE(result.box.bottom(), inside.bottom());
    delivery.seal.against = Against::Whole;
    picture.frame(delivery, {}, {}, &result);
    EXPECT_GT(result.box.bottom(), inside.bottom());
}

/// Rings ever finer from the middle outwards: what is finer than the copy can show must turn grey, not into
/// other rings.
TEST(Resampling, AZonePlateShowsNoRingsThatAreNotThere) {
    const TempFolder folder;
    Frame plate = plainFrame(1024, 1024, {});
    for (int y = 0; y < 1024; ++y)
        for (int x = 0; x < 1024; ++x) {
            const double r2 = std::pow(x - 511.5, 2) + std::pow(y - 511.5, 2);
            const auto v = static_cast<std::uint8_t>(std::lround(127.5 + 127.5 * std::cos(M_PI * r2 / 1024)));
            std::fill_n(plate.row(y) + 3 * x, 3, v);
        }
    writeFile(folder / "plate.png", encodePng(plate));
    const Opened picture(folder / "plate.png");
    for (const auto resampling : {Resampling::Crisp, Resampling::Smooth}) {
        Delivery delivery;
        delivery.seal.on = false;
        delivery.finish.sharpen = false;
        delivery.finish.resampling = resampling;
        delivery.fit.longSide = 256; // a quarter: rings beyond 128 pixels from the middle are too fine
        const Frame small = picture.frame(delivery);
        double sum = 0, squares = 0, n = 0;
        for (int y = 0; y < 256; ++y)
            for (int x = 0; x < 256; ++x)
                if (const double r = std::hypot(x - 127.5, y - 127.5);
                    r > 48 && r < 120) { // 192 to 480 of the plate's
                    const double v = small.row(y)[3 * x];
                    sum += v, squares += v * v, ++n;
                }
        const double mean = sum / n;
        EXPECT_NEAR(mean, 127.5, 2);
        EXPECT_LT(std::sqrt(std::max(0.0, squares / n - mean * mean)), 9) << static_cast<int>(resampling);
    }
}

TEST(Resampling, AnEdgesHaloStaysWithinItsLimit) {
    const TempFolder folder;
    Frame edge = plainFrame(800, 100, {60, 60, 60});
    for (int y = 0; y < 100; ++y)
        std::fill(edge.row(y) + 3 * 400, edge.row(y) + 3 * 800, std::uint8_t{190});
    writeFile(folder / "edge.png", encodePng(edge));
    const Opened picture(folder / "edge.png");
    // A Lanczos kernel of three lobes overshoots a step by about a tenth; Mitchell and Netravali's by less
    // than a thirtieth.
    for (const auto& [resampling, most] :
         {std::pair{Resampling::Crisp, 14}, {Resampling::Smooth, 5}, {Resampling::Exact, 0}}) {
        Delivery delivery;
        delivery.seal.on = false;
        delivery.finish.sharpen = false;
        delivery.finish.resampling = resampling;
        delivery.fit.longSide = 200;
        const Frame small = picture.frame(delivery);
        int least = 255, largest = 0;
        for (const auto v : small.rgb)
            least = std::min<int>(least, v), largest = std::max<int>(largest, v);
        EXPECT_GE(least, 60 - most) << most;
        EXPECT_LE(largest, 190 + most) << most;
    }
}
