// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Marsh grass: blades with a lit and a shaded half, some of them bent, and stalks with heads of spikelets.
#include "world.h"

#include <algorithm>
#include <cmath>

namespace demo {
namespace {

struct Point {
    double x, y;
};
Point operator+(Point a, Point b) {
    return {a.x + b.x, a.y + b.y};
}
Point operator*(Point a, double k) {
    return {a.x * k, a.y * k};
}

/// A blade or a stalk, from its root to its tip.
struct Blade {
    Point root, bend, tip;
    double width; ///< half of it, at the root
    Light light;
    bool hasHead;
    Point at(double t) const { // the curve that is painted: both its handles lie in the bend
        const double s = 1 - t;
        return root * (s * s * s) + bend * (3 * s * t) + tip * (t * t * t);
    }
};

double channel(float v) {
    return std::sqrt(clamp01(v)); // near enough to sRGB for a blade
}

void setLight(cairo_pattern_t* pattern, double at, const Light& light) {
    cairo_pattern_add_color_stop_rgb(pattern, at, channel(light.r), channel(light.g), channel(light.b));
}

/// It is darkest at its root, among the others.
void setLightAlong(cairo_t* cr, const Blade& blade, float gain) {
    const auto light = blade.light * gain;
    cairo_pattern_t* along =
        cairo_pattern_create_linear(blade.root.x, blade.root.y, blade.tip.x, blade.tip.y);
    setLight(along, 0, light * Light{0.2F, 0.22F, 0.23F});
    setLight(along, 0.55, light);
    setLight(along, 1, light * Light{1.5F, 1.45F, 1.2F});
    cairo_set_source(cr, along);
    cairo_pattern_destroy(along);
}

/// From the middle to one edge: `side` is -1 or 1.
void half(cairo_t* cr, const Blade& b, int side) {
    const double reach = b.width * side;
    cairo_move_to(cr, b.root.x + reach, b.root.y);
    cairo_curve_to(cr, b.bend.x + reach * 0.85, b.bend.y, b.bend.x + reach * 0.35, b.bend.y, b.tip.x,
                   b.tip.y);
    cairo_curve_to(cr, b.bend.x, b.bend.y, b.bend.x, b.bend.y, b.root.x, b.root.y);
    cairo_fill(cr);
}

/// Spikelets to both sides of the last of the stalk, the largest in the middle; each lies close to it.
void head(cairo_t* cr, const Blade& stalk, Random& random) {
    constexpr int kSpikelets = 26;
    const Light straw = mix(stalk.light * 1.3F, Light{0.58F, 0.44F, 0.22F}, random.range(0.45F, 0.85F));
    const double length = stalk.width * random.range(4.2F, 6.4F), from = random.range(0.70F, 0.80F);
    for (int k = 0; k < kSpikelets; ++k) {
        const double part = (k + 0.5) / kSpikelets, t = from + (1 - from) * part;
        const Point here = stalk.at(t), before = stalk.at(t - 0.02);
        const double along = std::atan2(here.y - before.y, here.x - before.x), side = k % 2 ? 1 : -1;
        const double size = length * (0.45 + 0.55 * std::sin(3.1416 * part)) * random.range(0.8F, 1.15F);
        cairo_save(cr);
        cairo_translate(cr, here.x, here.y);
        cairo_rotate(cr, along + side * random.range(0.18F, 0.48F));
        cairo_translate(cr, size * 0.5, 0);
        cairo_scale(cr, size * 0.55, size * 0.13);
        cairo_arc(cr, 0, 0, 1, 0, 6.2832);
        cairo_restore(cr);
        const Light light =
            straw * (random.range(0.55F, 0.85F) + (side < 0 ? 0.35F : 0.0F)); // lit from the left
        cairo_set_source_rgb(cr, channel(light.r), channel(light.g), channel(light.b));
        cairo_fill(cr);
    }
}

/// The i-th, from the back to the front.
Blade bladeOf(const Grass& grass, int i, float aspect, Random& random) {
    const float t = static_cast<float>(i) / static_cast<float>(grass.blades);
    const float x = random.range(-0.05F, aspect + 0.05F),
                root = grass.ground + grass.depth * t * random.range(0.7F, 1.1F);
    const float clump = 0.45F + 0.9F * fbm(x * 3.1F, t * 3, 3, grass.seed + 3);
    const float wind = grass.lean * (0.5F + fbm(x * 2, t * 2, 2, grass.seed + 11));
    float tall = grass.height * random.range(0.45F, 1.0F) * clump * (0.7F + 0.5F * t);
    Blade out{};
    out.hasHead = random.unit() < grass.seeds;
    tall *= out.hasHead ? 1.12F : 1.0F;
    const float tipX = x + tall * (wind + random.range(-0.25F, 0.25F));
    out.root = {x, root};
    out.bend = {x + tall * wind * 0.12F, root - tall * 0.55F};
    out.tip = {tipX, root - tall};
    if (!out.hasHead && random.unit() < 0.14F) { // the wind has bent it over
        out.bend = {x + (tipX - x) * 0.4F, root - tall * 0.95F};
        out.tip = {tipX + tall * random.range(0.1F, 0.35F), root - tall * random.range(0.45F, 0.75F)};
    }
    out.width = grass.width * random.range(0.5F, 1.3F) * (0.6F + 0.9F * t) * (out.hasHead ? 0.6F : 1.0F);
    const float bright = clamp01(random.range(0.05F, 1.0F) * (0.35F + 0.75F * t) * clump);
    out.light = mix(grass.dark, grass.bright, bright);
    if (random.unit() > 0.72F) // last year's
        out.light = mix(out.light, Light{0.62F, 0.48F, 0.22F} * (bright + 0.2F), 0.6F);
    return out;
}

/// In the water that it stands in: broken, and darker than it is.
void paintMirrored(Canvas& canvas, const Grass& grass) {
    Random random(grass.seed), waves(grass.seed + 29); // apart: the same blades
    Layer layer(canvas, 0, grass.ground, canvas.aspect(),
                std::min(1.0F, grass.ground + grass.depth + grass.height * 1.4F), 0.05F);
    for (int i = 0; i < grass.blades; ++i) {
        auto blade = bladeOf(grass, i, canvas.aspect(), random);
        for (auto* point : {&blade.bend, &blade.tip})
            *point = {point->x + waves.range(-1, 1) * blade.width * 2,
                      blade.root.y + (blade.root.y - point->y) * 0.9};
        setLightAlong(layer.cairo(), blade, 0.4F);
        half(layer.cairo(), blade, -1), half(layer.cairo(), blade, 1);
    }
    layer.onto(canvas, grass.focus + 0.0012F);
}

} // namespace

void paintGrass(Canvas& canvas, const Grass& grass) {
    if (grass.mirrored)
        paintMirrored(canvas, grass);
    Random random(grass.seed), spikelets(grass.seed + 23);
    Layer layer(canvas, 0, std::max(0.0F, grass.ground - grass.height * 1.7F), canvas.aspect(), 1.0F, 0.05F);
    cairo_t* cr = layer.cairo();
    for (int i = 0; i < grass.blades; ++i) {
        const auto blade = bladeOf(grass, i, canvas.aspect(), random);
        setLightAlong(cr, blade, 1.18F);
        half(cr, blade, -1);
        setLightAlong(cr, blade, 0.72F);
        half(cr, blade, 1);
        if (blade.hasHead)
            head(cr, blade, spikelets);
    }
    layer.onto(canvas, grass.focus);
}

} // namespace demo
