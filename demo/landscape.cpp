// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Sky, clouds, the wet flat that mirrors them, banks and haze.
#include "world.h"

#include <algorithm>
#include <cmath>

namespace demo {
namespace {

/// Clouds lie on a plane high above: towards the horizon they crowd and flatten.
float cloudDensity(const Sky& sky, float x, float y) {
    const float rise = std::max(0.0F, sky.horizon - y);
    const float depth = 0.42F / (rise + 0.10F);
    const float px = (x - 0.75F) * depth * 1.7F / sky.cloudScale + 7.3F, py = depth * 2.6F / sky.cloudScale;
    const float drift = fbm(px * 0.7F, py * 0.7F, 2, sky.seed + 9);
    const float body = fbm(px + 0.9F * drift, py + 0.5F * drift, 6, sky.seed);
    const float edge = 0.72F - 0.42F * sky.cloud;
    return smoothstep(edge, edge + 0.22F, body) * smoothstep(0.0F, 0.06F, rise);
}

} // namespace

Light Sky::at(float x, float y) const {
    const float rise = clamp01((horizon - y) / std::max(0.2F, horizon));
    Light light = mix(low, zenith, 1 - std::pow(1 - rise, bend));
    const float dx = x - sunX, dy = y - sunY, distance = std::sqrt(dx * dx + dy * dy);
    if (sunGlow > 0) {
        light = light + sun * (sunGlow * std::exp(-distance * 3.2F) * 0.8F);
        light = light + sun * (sunGlow * 1.6F * std::exp(-distance * 11.0F));
    }
    if (cloud > 0) {
        const float density = cloudDensity(*this, x, y);
        if (density > 0.003F) {
            // A look a little way towards the sun tells how much cloud the light has come through.
            const float toSunX = (sunX - x) * 0.10F, toSunY = (sunY - y) * 0.10F - 0.012F;
            const float before = cloudDensity(*this, x + toSunX, y + toSunY);
            const float lit = clamp01(0.95F - 0.75F * before + 0.25F * (1 - density));
            Light cloudLight = mix(cloudShade, cloudLit, lit);
            cloudLight = mix(cloudLight, low, 0.55F * (1 - rise));
            const float rim = std::exp(-distance * 5) * sunGlow * (1 - density);
            cloudLight = cloudLight + sun * rim;
            light = mix(light, cloudLight, density * 0.93F);
        }
    }
    if (sunSize > 0)
        light = mix(light, sun * 14, smoothstep(sunSize, sunSize * 0.8F, distance));
    return light;
}

void paintSky(Canvas& canvas, const Sky& sky) {
    canvas.fill(0, std::min(1.0F, sky.horizon + 0.01F), [&](float x, float y) { return sky.at(x, y); });
}

void paintFlat(Canvas& canvas, const Sky& sky, const Flat& flat) {
    const float h = sky.horizon;
    canvas.fill(h, 1, [&](float x, float y) {
        const float drop = std::max(0.002F, y - h), depth = 0.12F / drop;
        const float gx = (x - 0.75F) * depth * 4, gz = depth * 9;
        const float fine = flat.fineness * 5;
        // Ripples run across the view; far away they shrink under the pixel and average out.
        const float fade = clamp01(drop * 9);
        const float wave = (fbm(gx * fine * 0.35F, gz * fine * 1.6F, 4, sky.seed + 31) - 0.5F) * fade;
        const float sway = (fbm(gx * fine * 0.12F, gz * fine * 0.5F, 3, sky.seed + 37) - 0.5F);
        const float tilt = flat.ripple * (0.11F * wave + 0.05F * sway);
        const float mirrorY = std::clamp(h - drop * (1.05F + 0.6F * tilt) - tilt * 0.9F, 0.0F, h - 0.001F);
        const Light mirrored = sky.at(x + tilt * 0.4F, mirrorY);
        const float steep = clamp01(drop / (1 - h + 0.001F));
        const float fresnel = 0.22F + 0.66F * std::pow(1 - steep, 2.2F);
        const Light water = mix(flat.water, mirrored, fresnel);
        const float pools = fbm(gx * 0.9F, gz * 1.3F, 5, sky.seed + 43);
        const float edge = 0.78F - 0.56F * flat.wet;
        const float covered = smoothstep(edge - 0.03F, edge + 0.05F, pools);
        const float grain =
            0.75F + 0.5F * fbm(gx * 26 * flat.fineness, gz * 34 * flat.fineness, 4, sky.seed + 47);
        const float relief = 1 + 1.1F * wave;
        const Light ambient = mix(sky.low, sky.zenith, 0.4F);
        Light sand = flat.sand * ambient * (2.1F * grain * relief);
        sand = mix(sand, mirrored,
                   0.16F + 0.32F * fresnel * smoothstep(edge - 0.22F, edge, pools)); // damp sand shines
        return mix(sand, water, covered);
    });
}

void paintBank(Canvas& canvas, float y, float thickness, const Light& colour, float veil, const Light& air,
               std::uint32_t seed) {
    canvas.shade(y - thickness * 1.6F, y + thickness * 0.3F, [&](float x, float py, Light& light) {
        const float crest = y - thickness * (0.25F + 0.9F * fbm(x * 2.2F, 0, 3, seed)) -
                            thickness * 0.32F * fbm(x * 60, 1, 4, seed + 5);
        const float inside = smoothstep(crest - 0.0012F, crest + 0.0012F, py) *
                             smoothstep(y + thickness * 0.12F, y + thickness * 0.02F, py);
        if (inside <= 0)
            return;
        const float tone = 0.6F + 0.8F * fbm(x * 40, py * 90, 4, seed + 7);
        light = mix(light, mix(colour * tone, air, veil), inside);
    });
}

void paintHaze(Canvas& canvas, float horizon, const Light& air, float density, float reach,
               std::uint32_t seed) {
    canvas.shade(0, 1, [&](float x, float y, Light& light) {
        const float away = std::abs(y - horizon) / reach;
        const float drift = 0.65F + 0.7F * fbm(x * 1.3F, y * 4, 4, seed);
        const float amount = clamp01(density * drift * std::exp(-away * away));
        light = mix(light, air, amount);
    });
}

} // namespace demo
