// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "scenes.h"

#include "world.h"

#include <algorithm>
#include <cmath>

namespace demo {
namespace {

Sky noonSky(std::uint32_t seed) {
    Sky sky;
    sky.horizon = 0.80F;
    sky.zenith = srgb(74, 118, 172);
    sky.low = srgb(186, 208, 222);
    sky.bend = 1.5F;
    sky.cloudLit = {1.25F, 1.23F, 1.18F};
    sky.cloudShade = srgb(150, 164, 186);
    sky.sunX = 1.9F;
    sky.sunY = -0.1F;
    sky.sunGlow = 0.25F;
    sky.sun = {1, 0.95F, 0.85F};
    sky.seed = seed;
    return sky;
}

Sky mistSky(std::uint32_t seed, float horizon) {
    Sky sky;
    sky.horizon = horizon;
    sky.zenith = srgb(224, 229, 231);
    sky.low = srgb(240, 238, 232);
    sky.sunX = 0.5F;
    sky.sunY = 0.15F;
    sky.sunGlow = 0.16F;
    sky.sun = {1, 0.94F, 0.84F};
    sky.seed = seed;
    return sky;
}

Sky eveningSky(std::uint32_t seed, float horizon) {
    Sky sky;
    sky.horizon = horizon;
    sky.zenith = srgb(58, 74, 118);
    sky.low = srgb(244, 160, 96);
    sky.bend = 2.2F;
    sky.cloud = 0.45F;
    sky.cloudScale = 1.3F;
    sky.cloudLit = {1.15F, 0.66F, 0.42F};
    sky.cloudShade = srgb(92, 78, 104);
    sky.sunX = 0.95F;
    sky.sunY = horizon - 0.05F;
    sky.sunSize = 0.026F;
    sky.sunGlow = 0.7F;
    sky.sun = {1.1F, 0.72F, 0.38F};
    sky.seed = seed;
    return sky;
}

Sky nightSky(std::uint32_t seed, float horizon) {
    Sky sky;
    sky.horizon = horizon;
    sky.zenith = srgb(6, 9, 18);
    sky.low = srgb(20, 27, 42);
    sky.bend = 2.6F;
    sky.seed = seed;
    return sky;
}

Kite kite(KiteKind kind, float x, float y, float size, float turn, int colours, float tail,
          std::uint32_t seed) {
    Kite k;
    k.kind = kind;
    k.x = x;
    k.y = y;
    k.size = size;
    k.turn = turn;
    k.colours = colours;
    k.tail = tail;
    k.seed = seed;
    return k;
}

Kite far(Kite k, float veil, const Light& air, float focus = 0.0008F) {
    k.veil = veil;
    k.air = air;
    k.focus = focus;
    return k;
}

using Places = std::vector<std::pair<float, float>>;

/// Many small kites, higher ones larger. Where they are.
Places flock(Canvas& canvas, int count, float top, float bottom, float size, float veil, const Light& air,
             std::uint32_t seed) {
    Random random(seed);
    Places out;
    for (int i = 0; i < count; ++i) {
        const float t = random.unit();
        auto k = kite(static_cast<KiteKind>(random.next() % 4), random.range(0.05F, canvas.aspect() - 0.05F),
                      mix(bottom, top, t), size * (0.45F + 0.8F * t) * random.range(0.6F, 1.25F),
                      random.range(-0.5F, 0.5F), static_cast<int>(random.next() % 7),
                      random.range(0.8F, 3.2F), seed + static_cast<std::uint32_t>(i));
        k = far(k, veil * (1.15F - 0.5F * t), air, 0.0006F);
        k.light = 0.95F;
        paintKite(canvas, k);
        out.emplace_back(k.x, k.y);
    }
    return out;
}

/// Before a low sun: edges are lit, the rest lies in what the sky gives.
Daylight against(float x, const Light& sun, const Light& sky) {
    return {{x, 0.22F, -0.95F}, sun, sky, sky * 0.5F};
}

/// Under clouds or in mist, from all over.
Daylight soft(const Light& sky) {
    return {{0.2F, 0.9F, 0.3F}, sky * 0.25F, sky, sky * 0.55F};
}

// --- the pictures, in the order of the day
// --------------------------------------------------------------------

void mistMorning(Canvas& c, std::uint32_t seed) {
    const Light air = srgb(238, 237, 233);
    const Sky sky = mistSky(seed, 0.72F);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(190, 184, 172);
    flat.water = srgb(200, 204, 204);
    flat.wet = 0.75F;
    flat.ripple = 0.5F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.722F, 0.035F, srgb(96, 100, 90), 0.80F, air, seed);
    paintBank(c, 0.735F, 0.016F, srgb(84, 88, 76), 0.62F, air, seed + 3);
    paintKite(c, far(kite(KiteKind::Diamond, 0.46F, 0.36F, 0.10F, 0.22F, 2, 2.6F, 3), 0.42F, air, 0.001F));
    paintKite(c, far(kite(KiteKind::Delta, 1.08F, 0.22F, 0.05F, -0.2F, 1, 1.6F, 4), 0.66F, air, 0.0015F));
    Crowd crowd;
    crowd.y = 0.775F, crowd.height = 0.085F, crowd.count = 5, crowd.from = 0.62F, crowd.to = 0.95F;
    crowd.light = soft(air * 0.6F);
    crowd.veil = 0.55F, crowd.air = air, crowd.mirrored = true, crowd.focus = 0.0009F, crowd.seed = seed;
    paintCrowd(c, crowd);
    paintHaze(c, 0.70F, air, 0.55F, 0.22F, seed);
}

void mistTail(Canvas& c, std::uint32_t seed) {
    const Light air = srgb(236, 236, 234);
    Sky sky = mistSky(seed, 0.90F);
    sky.zenith = srgb(206, 214, 220);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(170, 164, 150);
    flat.water = srgb(186, 190, 190);
    paintFlat(c, sky, flat);
    paintBank(c, 0.905F, 0.03F, srgb(90, 96, 84), 0.7F, air, seed);
    auto k = kite(KiteKind::Serpent, 0.26F, 0.20F, 0.115F, -0.10F, 0, 4.6F, 8);
    k.veil = 0.10F, k.air = air, k.focus = 0.0006F;
    paintKite(c, k);
    Crowd crowd;
    crowd.y = 0.93F, crowd.height = 0.05F, crowd.count = 3, crowd.from = 0.35F, crowd.to = 0.52F;
    crowd.light = soft(air * 0.6F);
    crowd.veil = 0.4F, crowd.air = air, crowd.mirrored = true, crowd.seed = seed;
    paintCrowd(c, crowd);
    paintHaze(c, 0.89F, air, 0.5F, 0.16F, seed);
}

void mistWalkers(Canvas& c, std::uint32_t seed) {
    const Light air = srgb(226, 228, 228);
    Sky sky = mistSky(seed, 0.58F);
    sky.zenith = srgb(206, 212, 216);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(150, 142, 128);
    flat.water = srgb(170, 176, 178);
    flat.wet = 0.66F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.585F, 0.03F, srgb(80, 86, 74), 0.78F, air, seed);
    for (int i = 0; i < 3; ++i) {
        Crowd crowd;
        crowd.y = 0.64F + 0.09F * static_cast<float>(i), crowd.height = 0.10F + 0.06F * static_cast<float>(i);
        crowd.count = 6 - i, crowd.from = 0.15F + 0.2F * static_cast<float>(i), crowd.to = 1.25F,
        crowd.spread = 0.03F;
        crowd.veil = 0.62F - 0.2F * static_cast<float>(i), crowd.air = air, crowd.mirrored = true,
        crowd.light = soft(air * 0.45F);
        crowd.focus = 0.0007F, crowd.seed = seed + static_cast<std::uint32_t>(i) * 5;
        paintCrowd(c, crowd);
    }
    paintHaze(c, 0.58F, air, 0.62F, 0.16F, seed);
}

void noonKites(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.cloud = 0.62F;
    sky.horizon = 0.86F;
    paintSky(c, sky);
    paintFlat(c, sky, {});
    paintBank(c, 0.862F, 0.03F, srgb(70, 84, 52), 0.35F, sky.low, seed);
    auto kites = flock(c, 9, 0.25F, 0.72F, 0.035F, 0.3F, sky.low, seed + 4);
    auto a = kite(KiteKind::Delta, 0.44F, 0.30F, 0.145F, 0.25F, 0, 2.2F, 1);
    a.light = 1.15F;
    paintKite(c, a);
    auto b = kite(KiteKind::Diamond, 1.12F, 0.20F, 0.10F, -0.25F, 2, 3.4F, 2);
    b.light = 1.1F;
    paintKite(c, b);
    kites.insert(kites.begin(), {{a.x, a.y}, {b.x, b.y}});
    Crowd crowd;
    crowd.y = 0.885F, crowd.height = 0.055F, crowd.count = 26, crowd.from = 0.05F, crowd.to = 1.45F,
    crowd.coloured = true, crowd.kites = kites, crowd.shadow = 0.4F;
    crowd.veil = 0.12F, crowd.air = sky.low, crowd.mirrored = true, crowd.seed = seed;
    paintCrowd(c, crowd);
    paintHaze(c, 0.86F, sky.low, 0.25F, 0.05F, seed);
}

void plainSky(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 1.35F;
    sky.zenith = srgb(62, 110, 172);
    sky.low = srgb(150, 188, 218);
    paintSky(c, sky);
    auto k = kite(KiteKind::Foil, 0.56F, 0.40F, 0.12F, -0.12F, 3, 0, 5);
    k.lineX = 1.2F, k.lineY = 1.1F, k.light = 1.2F;
    paintKite(c, k);
}

void tallTail(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 1.2F;
    sky.cloud = 0.28F;
    sky.cloudScale = 1.6F;
    paintSky(c, sky);
    auto k = kite(KiteKind::Serpent, 0.27F, 0.17F, 0.105F, -0.06F, 4, 5.8F, 6);
    k.light = 1.15F;
    paintKite(c, k);
}

void squareDelta(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 1.25F;
    sky.cloud = 0.5F;
    sky.cloudScale = 1.9F;
    sky.sunX = 0.2F, sky.sunY = 0.05F, sky.sunGlow = 0.5F;
    paintSky(c, sky);
    auto k = kite(KiteKind::Delta, 0.48F, 0.44F, 0.33F, 0.32F, 1, 1.5F, 9);
    k.light = 1.2F;
    paintKite(c, k);
    paintKite(c,
              far(kite(KiteKind::Diamond, 0.84F, 0.14F, 0.045F, 0.3F, 0, 2.5F, 10), 0.2F, sky.low, 0.004F));
}

void wetSand(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 0.34F;
    sky.cloud = 0.6F;
    sky.low = srgb(205, 214, 218);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(176, 150, 118);
    flat.wet = 0.45F;
    flat.ripple = 1.3F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.343F, 0.02F, srgb(84, 92, 66), 0.45F, sky.low, seed);
    const auto kites = flock(c, 5, 0.06F, 0.26F, 0.04F, 0.25F, sky.low, seed + 2);
    Crowd crowd;
    crowd.y = 0.38F, crowd.height = 0.07F, crowd.count = 12, crowd.from = 0.1F, crowd.to = 1.2F,
    crowd.mirrored = true, crowd.coloured = true, crowd.kites = kites, crowd.shadow = 0.45F;
    crowd.veil = 0.12F, crowd.air = sky.low, crowd.seed = seed;
    paintCrowd(c, crowd);
}

void shoreline(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 0.60F;
    sky.cloud = 0.55F;
    sky.cloudScale = 1.2F;
    sky.low = srgb(206, 216, 222);
    sky.sunX = 3.2F;
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(168, 146, 116);
    flat.wet = 0.62F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.604F, 0.05F, srgb(76, 86, 60), 0.55F, sky.low, seed);
    paintBank(c, 0.62F, 0.022F, srgb(66, 78, 46), 0.3F, sky.low, seed + 8);
    auto kites = flock(c, 30, 0.08F, 0.50F, 0.065F, 0.28F, sky.low, seed + 2);
    Crowd crowd;
    crowd.y = 0.665F, crowd.height = 0.10F, crowd.count = 70, crowd.from = 0.2F, crowd.to = 3.8F,
    kites.resize(12);
    crowd.mirrored = true, crowd.coloured = true, crowd.kites = kites, crowd.shadow = 0.4F;
    crowd.spread = 0.04F, crowd.veil = 0.14F, crowd.air = sky.low, crowd.seed = seed;
    paintCrowd(c, crowd);
    paintHaze(c, 0.6F, sky.low, 0.3F, 0.07F, seed);
}

void sandFlyers(Canvas& c, std::uint32_t seed) {
    Sky sky = eveningSky(seed, 0.56F);
    sky.zenith = srgb(92, 122, 158);
    sky.low = srgb(238, 206, 160);
    sky.sunSize = 0;
    sky.sunX = 0.2F;
    sky.cloudLit = {1.1F, 0.9F, 0.7F};
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(150, 120, 88);
    flat.wet = 0.75F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.565F, 0.03F, srgb(60, 62, 50), 0.4F, sky.low, seed);
    auto kites = flock(c, 7, 0.06F, 0.40F, 0.06F, 0.15F, sky.low, seed + 3);
    kites.resize(3);
    Crowd crowd;
    crowd.y = 0.70F, crowd.height = 0.20F, crowd.count = 7, crowd.from = 0.25F, crowd.to = 1.3F,
    crowd.mirrored = true, crowd.spread = 0.06F;
    crowd.light = {{-0.85F, 0.34F, -0.35F},
                   Light{1.5F, 1.05F, 0.62F},
                   Light{0.20F, 0.22F, 0.27F},
                   Light{0.14F, 0.11F, 0.09F}};
    crowd.kites = kites, crowd.shadow = 0.3F;
    crowd.seed = seed, crowd.veil = 0.05F, crowd.air = sky.low;
    paintCrowd(c, crowd);
}

void crowdSunset(Canvas& c, std::uint32_t seed) {
    const Sky sky = eveningSky(seed, 0.80F);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(70, 52, 44);
    paintFlat(c, sky, flat);
    paintBank(c, 0.805F, 0.02F, srgb(40, 34, 34), 0.2F, sky.low, seed);
    flock(c, 11, 0.08F, 0.55F, 0.055F, 0.05F, sky.low, seed + 6);
    for (int i = 0; i < 3; ++i) {
        Crowd crowd;
        crowd.y = 0.86F + 0.06F * static_cast<float>(i), crowd.height = 0.13F + 0.09F * static_cast<float>(i),
        crowd.count = 22 - 4 * i;
        crowd.from = 0, crowd.to = c.aspect(),
        crowd.light = against(0.25F, Light{2.4F, 1.2F, 0.5F}, Light{0.11F, 0.075F, 0.075F}),
        crowd.spread = 0.05F;
        crowd.focus = 0.0006F + 0.001F * static_cast<float>(i),
        crowd.seed = seed + static_cast<std::uint32_t>(i);
        paintCrowd(c, crowd);
    }
}

void marshGrass(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 0.20F;
    sky.low = srgb(196, 208, 206);
    paintSky(c, sky);
    c.fill(0.18F, 1, [&](float x, float y) {
        return mix(srgb(128, 136, 74), srgb(60, 72, 30), clamp01(y * 1.2F)) *
               (0.7F + 0.6F * fbm(x * 6, y * 9, 4, seed));
    });
    c.blur(0.012F);
    Grass back;
    back.ground = 0.30F, back.height = 0.16F, back.blades = 5200, back.focus = 0.006F, back.depth = 0.3F,
    back.seed = seed, back.bright = {0.42F, 0.44F, 0.16F};
    paintGrass(c, back);
    Grass middle;
    middle.ground = 0.58F, middle.height = 0.34F, middle.blades = 5200, middle.focus = 0.0006F,
    middle.depth = 0.5F, middle.seed = seed + 1, middle.seeds = 0.16F;
    paintGrass(c, middle);
    Grass front;
    front.ground = 1.05F, front.height = 0.42F, front.blades = 260, front.focus = 0.017F, front.depth = 0.2F,
    front.width = 0.006F, front.seed = seed + 2;
    paintGrass(c, front);
}

void grassCreek(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 0.46F;
    sky.cloud = 0.66F;
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(112, 98, 72);
    flat.wet = 0.9F;
    flat.ripple = 0.6F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.465F, 0.045F, srgb(88, 100, 52), 0.25F, sky.low, seed);
    paintKite(c, far(kite(KiteKind::Delta, 1.0F, 0.16F, 0.06F, -0.3F, 0, 1.8F, 3), 0.08F, sky.low));
    Grass back;
    back.ground = 0.54F, back.height = 0.08F, back.blades = 5000, back.depth = 0.05F, back.width = 0.0012F,
    back.focus = 0.0008F, back.seed = seed, back.mirrored = true;
    paintGrass(c, back);
    Grass front;
    front.ground = 0.86F, front.height = 0.30F, front.blades = 3200, front.depth = 0.3F,
    front.seed = seed + 4, front.seeds = 0.2F, front.focus = 0.0005F;
    paintGrass(c, front);
}

void redWeave(Canvas& c, std::uint32_t seed) {
    Cloth cloth;
    cloth.warp = srgb(196, 52, 36);
    cloth.weft = srgb(220, 84, 44);
    cloth.threads = 130;
    cloth.panels = {{0.62F, srgb(232, 168, 56)}, {1.14F, srgb(238, 226, 204)}};
    cloth.seed = seed;
    paintCloth(c, cloth);
}

void blueRipstop(Canvas& c, std::uint32_t seed) {
    Cloth cloth;
    cloth.warp = srgb(30, 92, 150);
    cloth.weft = srgb(50, 120, 176);
    cloth.threads = 210;
    cloth.ripstop = true;
    cloth.through = 0.5F;
    cloth.folds = 1.5F;
    cloth.panels = {{0.86F, srgb(84, 176, 196)}};
    cloth.seed = seed;
    paintCloth(c, cloth);
}

void bankAndSky(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 0.88F;
    sky.zenith = srgb(150, 176, 204);
    sky.low = srgb(242, 240, 232);
    sky.cloud = 0.7F;
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(150, 130, 100);
    paintFlat(c, sky, flat);
    c.shade(
        0, 1,
        [&](float x, float y, Light& light) { // a dark dune from the right, so that a mark would lie on both
            const float crest =
                1.03F - 0.42F * smoothstep(0.55F, 1.35F, x) - 0.02F * fbm(x * 7, 0, 4, seed + 2);
            const float inside = smoothstep(crest - 0.001F, crest + 0.001F, y);
            const float tone = 0.35F + 0.9F * fbm(x * 26, y * 44, 5, seed + 4);
            light = mix(light, srgb(52, 50, 38) * tone, inside);
        });
    Grass rim;
    rim.ground = 0.80F, rim.height = 0.10F, rim.blades = 2600, rim.depth = 0.3F,
    rim.dark = {0.01F, 0.014F, 0.006F}, rim.bright = {0.10F, 0.11F, 0.04F};
    rim.seed = seed;
    Canvas before = c;
    paintGrass(c, rim);
    c.shade(0, 1, [&](float x, float y, Light& light) { // only where the dune is
        const float crest = 0.90F - 0.36F * smoothstep(0.55F, 1.35F, x);
        const int px = std::min(c.width() - 1, static_cast<int>(x * static_cast<float>(c.height())));
        const int py = std::min(c.height() - 1, static_cast<int>(y * static_cast<float>(c.height())));
        light =
            mix(before.row(py)[px], light, smoothstep(0.5F, 0.8F, x) * smoothstep(crest - 0.06F, crest, y));
    });
    auto k = kite(KiteKind::Delta, 0.52F, 0.34F, 0.15F, 0.1F, 5, 2.2F, 4);
    k.lineX = 1.1F, k.lineY = 0.78F;
    paintKite(c, k);
    Crowd crowd;
    crowd.y = 0.715F, crowd.height = 0.10F, crowd.count = 2, crowd.from = 1.02F, crowd.to = 1.16F,
    crowd.spread = 0.005F, crowd.seed = seed + 1, crowd.light = soft(sky.low * 0.5F);
    paintCrowd(c, crowd);
}

void goldenHour(Canvas& c, std::uint32_t seed) {
    Sky sky = eveningSky(seed, 0.74F);
    sky.zenith = srgb(112, 130, 158);
    sky.low = srgb(252, 212, 140);
    sky.sunX = 1.2F, sky.sunY = 0.60F, sky.sunSize = 0.03F, sky.sunGlow = 0.9F;
    sky.cloud = 0.35F;
    sky.cloudLit = {1.3F, 1.0F, 0.66F};
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(150, 110, 66);
    flat.wet = 0.7F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.745F, 0.03F, srgb(84, 68, 44), 0.45F, sky.low, seed);
    flock(c, 6, 0.1F, 0.5F, 0.06F, 0.25F, sky.low, seed + 3);
    auto k = kite(KiteKind::Serpent, 0.45F, 0.26F, 0.12F, 0.3F, 2, 3.4F, 4);
    k.light = 1.25F;
    paintKite(c, k);
    Crowd crowd;
    crowd.y = 0.80F, crowd.height = 0.09F, crowd.count = 9, crowd.from = 0.5F, crowd.to = 1.4F,
    crowd.light = against(0.4F, Light{2.0F, 1.3F, 0.6F}, Light{0.24F, 0.19F, 0.14F});
    crowd.mirrored = true, crowd.seed = seed;
    crowd.veil = 0.12F, crowd.air = sky.low;
    paintCrowd(c, crowd);
    paintHaze(c, 0.73F, sky.low, 0.4F, 0.12F, seed);
}

void lanternRow(Canvas& c, std::uint32_t seed) {
    Sky sky = eveningSky(seed, 0.58F);
    sky.zenith = srgb(22, 32, 62);
    sky.low = srgb(150, 98, 96);
    sky.sunSize = 0, sky.sunGlow = 0.2F, sky.sunY = 0.62F;
    sky.cloudLit = {0.34F, 0.2F, 0.2F};
    sky.cloudShade = srgb(34, 36, 58);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(40, 34, 34);
    flat.wet = 0.95F;
    flat.ripple = 0.9F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.585F, 0.035F, srgb(16, 17, 22), 0.1F, sky.low, seed);
    paintBokeh(c, 60, 0.50F, 0.60F, 0.014F, {{1, 0.62F, 0.3F}, {1, 0.45F, 0.25F}, {0.9F, 0.8F, 0.6F}}, seed);
    Crowd crowd;
    crowd.y = 0.66F, crowd.height = 0.13F, crowd.count = 14, crowd.from = 0.05F, crowd.to = 1.45F,
    crowd.light = {{0.1F, 0.7F, -0.5F},
                   Light{0.30F, 0.15F, 0.06F},
                   Light{0.035F, 0.035F, 0.05F},
                   Light{0.03F, 0.02F, 0.015F}};
    crowd.mirrored = true, crowd.seed = seed;
    crowd.focus = 0.0009F;
    paintCrowd(c, crowd);
    const Light warm{1, 0.52F, 0.18F}, red{1, 0.24F, 0.12F}, pale{1, 0.78F, 0.46F};
    const float xs[] = {0.16F, 0.40F, 0.66F, 0.98F, 1.25F};
    const float ys[] = {0.40F, 0.46F, 0.37F, 0.44F, 0.39F};
    const Light colours[] = {warm, pale, red, warm, pale};
    for (int i = 0; i < 5; ++i)
        paintLantern(c, {xs[i], ys[i], i % 2 ? 0.045F : 0.06F, i % 2 ? 0.0022F : 0.0006F, colours[i]}, 0.70F);
}

void lanternNear(Canvas& c, std::uint32_t seed) {
    c.fill(0, 1, [&](float x, float y) {
        return mix(srgb(24, 34, 60), srgb(70, 50, 58), y) * (0.8F + 0.4F * fbm(x * 2, y * 2, 3, seed));
    });
    paintBokeh(c, 70, 0.25F, 0.85F, 0.05F,
               {{1, 0.55F, 0.22F}, {1, 0.36F, 0.2F}, {0.5F, 0.6F, 0.9F}, {1, 0.82F, 0.5F}}, seed);
    paintLantern(c, {0.20F, 0.70F, 0.10F, 0.012F, {1, 0.34F, 0.14F}}, 0);
    paintLantern(c, {0.52F, 0.24F, 0.08F, 0.010F, {1, 0.72F, 0.40F}}, 0);
    paintLantern(c, {0.36F, 0.44F, 0.19F, 0.0007F, {1, 0.56F, 0.20F}}, 0);
}

void nightFlight(Canvas& c, std::uint32_t seed) {
    const Sky sky = nightSky(seed, 0.84F);
    paintSky(c, sky);
    paintStars(c, 0.80F, 1500, seed);
    Flat flat;
    flat.sand = {0.02F, 0.02F, 0.025F};
    flat.wet = 0.9F;
    flat.water = {0.001F, 0.0015F, 0.002F};
    paintFlat(c, sky, flat);
    paintBank(c, 0.845F, 0.03F, {0.002F, 0.002F, 0.003F}, 0, {}, seed);
    auto k = kite(KiteKind::Delta, 0.62F, 0.36F, 0.16F, 0.28F, 1, 2.0F, 3);
    k.lit = true, k.light = 0.45F, k.lineX = 1.0F, k.lineY = 0.86F;
    paintKite(c, k);
    auto d = kite(KiteKind::Diamond, 1.15F, 0.22F, 0.08F, -0.2F, 2, 2.6F, 5);
    d.lit = true, d.light = 0.4F;
    paintKite(c, d);
    paintBokeh(c, 26, 0.83F, 0.85F, 0.006F, {{1, 0.7F, 0.4F}, {0.9F, 0.9F, 1}}, seed);
    Crowd crowd;
    crowd.y = 0.90F, crowd.height = 0.10F, crowd.count = 6, crowd.from = 0.5F, crowd.to = 1.3F,
    crowd.light = {{0.1F, 0.3F, -0.9F}, Light{0.02F, 0.018F, 0.014F}, Light{0.002F, 0.0025F, 0.004F}, {}};
    crowd.seed = seed;
    paintCrowd(c, crowd);
}

void nightStars(Canvas& c, std::uint32_t seed) {
    Sky sky = nightSky(seed, 0.92F);
    sky.low = srgb(14, 20, 30);
    paintSky(c, sky);
    c.shade(0, 0.92F, [&](float x, float y, Light& light) { // the band of the Milky Way, faint
        const float across = (x - 0.3F - 0.55F * y) * 3.4F;
        const float band = std::exp(-across * across) * fbm(x * 5, y * 5, 5, seed + 3);
        light = light + Light{0.010F, 0.011F, 0.016F} * band;
    });
    paintStars(c, 0.92F, 3600, seed);
    paintBank(c, 0.95F, 0.07F, {0.001F, 0.001F, 0.0015F}, 0, {}, seed);
    c.fill(0.94F, 1, [](float, float) { return Light{0.001F, 0.001F, 0.0014F}; });
    auto k = kite(KiteKind::Serpent, 0.36F, 0.34F, 0.06F, -0.2F, 4, 3.2F, 3);
    k.lit = true, k.light = 0.25F;
    paintKite(c, k);
}

void duneGrey(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.horizon = 0.52F;
    sky.cloud = 0.72F;
    sky.zenith = srgb(60, 80, 110);
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(190, 176, 150);
    flat.wet = 0.3F;
    flat.ripple = 2;
    flat.fineness = 1.3F;
    paintFlat(c, sky, flat);
    paintBank(c, 0.525F, 0.05F, srgb(70, 72, 60), 0.2F, sky.low, seed);
    Crowd crowd;
    crowd.y = 0.60F, crowd.height = 0.16F, crowd.count = 4, crowd.from = 0.4F, crowd.to = 0.9F;
    const auto k = kite(KiteKind::Foil, 0.95F, 0.20F, 0.10F, 0.1F, 5, 0, 2);
    crowd.light = {
        {-0.5F, 0.7F, 0.35F}, Light{0.6F, 0.58F, 0.52F}, sky.low * 0.4F, Light{0.14F, 0.13F, 0.11F}};
    crowd.kites = {{k.x, k.y}}, crowd.shadow = 0.4F;
    crowd.seed = seed + 1, crowd.mirrored = true;
    paintCrowd(c, crowd);
    paintKite(c, k);
}

void noonSmall(Canvas& c, std::uint32_t seed) {
    Sky sky = noonSky(seed);
    sky.cloud = 0.4F;
    sky.horizon = 0.9F;
    paintSky(c, sky);
    paintFlat(c, sky, {});
    paintBank(c, 0.905F, 0.04F, srgb(78, 90, 56), 0.3F, sky.low, seed);
    flock(c, 16, 0.1F, 0.75F, 0.07F, 0.2F, sky.low, seed + 1);
}

void posterSunset(Canvas& c, std::uint32_t seed) {
    Sky sky = eveningSky(seed, 0.84F);
    sky.sunX = 0.6F, sky.sunY = 0.55F, sky.sunSize = 0.075F, sky.sunGlow = 0.8F, sky.cloud = 0.3F;
    paintSky(c, sky);
    Flat flat;
    flat.sand = srgb(110, 70, 50);
    paintFlat(c, sky, flat);
    paintBank(c, 0.845F, 0.02F, srgb(40, 30, 30), 0.2F, sky.low, seed);
    auto k = kite(KiteKind::Diamond, 0.62F, 0.36F, 0.17F, 0.24F, 5, 2.4F, 4);
    k.light = 0.7F;
    paintKite(c, k);
    Crowd crowd;
    crowd.y = 0.90F, crowd.height = 0.12F, crowd.count = 7, crowd.from = 0.15F, crowd.to = 1.0F,
    crowd.light = against(0, Light{2.2F, 1.0F, 0.4F}, Light{0.10F, 0.06F, 0.05F});
    crowd.kites = {{k.x, k.y}};
    crowd.mirrored = true, crowd.seed = seed;
    paintCrowd(c, crowd);
}

void cutout(Canvas& c, std::uint32_t) {
    c.fill(0, 1, [](float, float) { return Light{0.16F, 0.26F, 0.16F}; });
    auto k = kite(KiteKind::Delta, 0.5F, 0.42F, 0.40F, 0.1F, 0, 1.1F, 9);
    k.light = 1.05F;
    paintKite(c, k);
}

Camera mild() {
    return {0.80F, 0.18F, 0.05F, 0.010F, 1.0F, {1, 1, 1}, 0};
}
Camera pale() {
    return {1.25F, 0.10F, 0.06F, 0.009F, 0.95F, {1, 1, 1.01F}, 0.004F};
}
Camera dusk() {
    return {0.85F, 0.30F, 0.11F, 0.020F, 1.10F, {1.02F, 1, 0.98F}, 0.001F};
}
Camera dark() {
    return {2.0F, 0.30F, 0.16F, 0.014F, 1.10F, {1, 1, 1.05F}, 0.0008F};
}

Camera studio() {
    return {0.78F, 0, 0, 0.002F, 1.05F, {1, 1, 1}, 0};
}

} // namespace

const std::vector<Scene>& scenes() {
    using K = FileKind;
    static const std::vector<Scene> list = {
        {"tide_0101", 6000, 4000, mistMorning, pale(), K::CameraJpeg, 1, true, false, "2026:05:09 06:52:11"},
        {"tide_0118", 3648, 5472, mistTail, pale(), K::CameraJpeg, 6, true, false, "2026:05:09 07:14:40"},
        {"tide_0127", 5472, 3648, mistWalkers, pale(), K::CameraJpeg, 1, false, false, "2026:05:09 07:31:05"},
        {"tide_0204", 6000, 4000, noonKites, mild(), K::CameraJpeg, 1, true, false, "2026:05:09 11:42:19"},
        {"tide_0211", 6000, 4000, plainSky, mild(), K::CameraJpeg, 1, false, false, "2026:05:09 11:58:33"},
        {"tide_0219", 3648, 5472, tallTail, mild(), K::CameraJpeg, 8, true, false, "2026:05:09 12:07:51"},
        {"tide_0226", 4000, 4000, squareDelta, mild(), K::CameraJpeg, 1, false, false, "2026:05:09 12:26:02"},
        {"tide_0302", 6000, 4000, wetSand, mild(), K::CameraJpeg, 1, true, false, "2026:05:09 13:15:27"},
        {"tide_0315", 9600, 2400, shoreline, mild(), K::CameraJpeg, 1, true, false, "2026:05:09 13:40:00"},
        {"tide_0320", 5472, 3648, sandFlyers, mild(), K::CameraJpeg, 3, false, true, "2026:05:09 18:22:48"},
        {"tide_0333", 6000, 4000, crowdSunset, dusk(), K::CameraJpeg, 1, true, false, "2026:05:09 20:31:16"},
        {"tide_0341", 6000, 4000, marshGrass, mild(), K::CameraJpeg, 1, false, false, "2026:05:09 14:02:44"},
        {"tide_0348", 5472, 3648, grassCreek, mild(), K::CameraJpeg, 1, true, false, "2026:05:09 14:19:09"},
        {"tide_0402", 6000, 4000, redWeave, mild(), K::CameraJpeg, 1, false, false, "2026:05:09 15:05:37"},
        {"tide_0409", 4272, 2848, blueRipstop, mild(), K::WideGamut, 1, false, false, "2026:05:09 15:11:58"},
        {"tide_0415", 6000, 4000, bankAndSky, mild(), K::CameraJpeg, 1, true, false, "2026:05:09 16:47:20"},
        {"tide_0503", 4272, 2848, goldenHour, mild(), K::Tiff16, 1, true, false, "2026:05:09 19:48:12"},
        {"tide_0512", 6000, 4000, lanternRow, dusk(), K::CameraJpeg, 1, true, false, "2026:05:09 21:26:55"},
        {"tide_0520", 3648, 5472, lanternNear, dusk(), K::CameraJpeg, 6, false, false, "2026:05:09 21:44:30"},
        {"tide_0607", 6000, 4000, nightFlight, dark(), K::CameraJpeg, 1, true, false, "2026:05:09 23:10:04"},
        {"tide_0615", 5472, 3648, nightStars, dark(), K::CameraJpeg, 1, false, false, "2026:05:09 23:52:41"},
        {"tide_0702", 1600, 1600, cutout, studio(), K::PngCutout, 1, false, false, "2026:05:10 10:00:00"},
        {"tide_0709", 5472, 3648, duneGrey, mild(), K::Grey, 1, false, false, "2026:05:10 11:20:13"},
        {"tide_0714", 1600, 1067, noonSmall, mild(), K::WebP, 1, false, false, "2026:05:10 12:01:39"},
        {"tide_0801", 3008, 2008, goldenHour, mild(), K::CameraRaw, 1, true, false, "2026:05:10 18:40:00"},
        {"tide_0720", 3400, 4250, posterSunset, dusk(), K::Cmyk, 1, false, false, "2026:05:10 20:14:50"},
    };
    return list;
}

} // namespace demo
