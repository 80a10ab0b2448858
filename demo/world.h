// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The things of the sample world: sky, tidal flat, banks, grass, kites, people, lanterns, cloth. All lengths
// are in picture heights.
#pragma once

#include "body.h"
#include "canvas.h"

namespace demo {

struct Sky {
    float horizon = 0.7F; ///< y of the horizon
    Light zenith, low;    ///< colours overhead and at the horizon
    float bend = 1.6F;    ///< how fast the sky pales downwards
    float cloud = 0;      ///< cover, 0 to 1
    float cloudScale = 1; ///< size of the clouds
    Light cloudLit{1, 1, 1}, cloudShade{0.5F, 0.53F, 0.6F};
    float sunX = 0.5F, sunY = 0.2F, sunSize = 0, sunGlow = 0;
    Light sun{1, 0.9F, 0.7F};
    std::uint32_t seed = 1;
    Light at(float x, float y) const; ///< above the horizon
};
void paintSky(Canvas& canvas, const Sky& sky);

struct Flat {
    float wet = 0.6F; ///< share of standing water
    Light sand{0.2F, 0.16F, 0.12F};
    float ripple = 1; ///< height of the ripples
    float fineness = 1;
    Light water{0.05F, 0.07F, 0.08F};
};
/// Wet sand and water from the horizon to the bottom, mirroring the sky.
void paintFlat(Canvas& canvas, const Sky& sky, const Flat& flat);

/// A strip of far land with a ragged upper edge.
void paintBank(Canvas& canvas, float y, float thickness, const Light& colour, float veil, const Light& air,
               std::uint32_t seed);
/// Lays haze over the picture, densest at the horizon.
void paintHaze(Canvas& canvas, float horizon, const Light& air, float density, float reach,
               std::uint32_t seed);

enum class KiteKind { Diamond, Delta, Foil, Serpent };
struct Kite {
    KiteKind kind = KiteKind::Diamond;
    float x = 0.5F, y = 0.3F, size = 0.1F, turn = 0; ///< radians
    int colours = 0;                                 ///< which of the festival's colour sets
    float tail = 2;                                  ///< in sizes
    float focus = 0, light = 1, veil = 0;
    Light air{};
    float lineX = -1, lineY = -1; ///< where its line leads; none when negative
    bool lit = false;             ///< glows by itself: a night kite
    std::uint32_t seed = 1;
};
void paintKite(Canvas& canvas, const Kite& kite);
/// From a hand up to a kite: it hangs through. The caller strokes it.
void traceLine(cairo_t* cr, double handX, double handY, double kiteX, double kiteY);

struct Crowd {
    float y = 0.8F, spread = 0.02F; ///< where they stand
    float height = 0.1F;            ///< of a grown person
    int count = 10;
    float from = 0, to = 1.5F; ///< x
    Daylight light;
    float shadow = 0; ///< how much of the light on the ground they take away
    bool coloured = false, mirrored = false;
    std::vector<std::pair<float, float>> kites; ///< some hold their lines
    float focus = 0, veil = 0;
    Light air{};
    std::uint32_t seed = 1;
};
void paintCrowd(Canvas& canvas, const Crowd& crowd);

struct Grass {
    float ground = 0.9F; ///< y of the roots at the back
    float height = 0.25F;
    int blades = 4000;
    Light dark{0.03F, 0.05F, 0.01F}, bright{0.35F, 0.4F, 0.12F};
    float lean = 0.2F, focus = 0, width = 0.0022F;
    float depth = 0.25F;   ///< how far the roots come forward
    float seeds = 0.1F;    ///< share of blades with a seed head
    bool mirrored = false; ///< stands in water
    std::uint32_t seed = 1;
};
void paintGrass(Canvas& canvas, const Grass& grass);

struct Lantern {
    float x, y, size, focus;
    Light colour;
};
void paintLantern(Canvas& canvas, const Lantern& lantern, float mirrorY);
/// Round blots of light far out of focus.
void paintBokeh(Canvas& canvas, int count, float y0, float y1, float size, const std::vector<Light>& colours,
                std::uint32_t seed);
void paintStars(Canvas& canvas, float horizon, int count, std::uint32_t seed);

struct Cloth {
    Light warp{0.6F, 0.1F, 0.05F}, weft{0.7F, 0.15F, 0.06F};
    float threads = 240; ///< across one picture height
    float folds = 1;
    float through = 0; ///< light that shines through from behind
    bool ripstop = false;
    std::vector<std::pair<float, Light>> panels; ///< x of a seam and the colour right of it
    std::uint32_t seed = 1;
};
void paintCloth(Canvas& canvas, const Cloth& cloth);

} // namespace demo
