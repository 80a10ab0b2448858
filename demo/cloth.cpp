// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Woven cloth from so near that its threads show: over and under, each thread a little different, folds and
// seams.
#include "world.h"

#include <algorithm>
#include <cmath>

namespace demo {
namespace {

float foldHeight(float x, float y, float folds, std::uint32_t seed) {
    const float slant = x * 1.1F + y * 0.35F;
    const float wander = fbm(x * 0.9F, y * 0.9F, 2, seed) * 2.6F;
    return folds * (0.055F * std::sin(slant * 6.0F + wander * 2.2F) +
                    0.10F * (fbm(x * 1.1F, y * 0.7F, 3, seed + 5) - 0.5F));
}

} // namespace

void paintCloth(Canvas& canvas, const Cloth& cloth) {
    const auto seamAt = [&](float x, float y, float& distance) {
        Light colour = cloth.warp;
        distance = 1;
        for (const auto& [seam, light] : cloth.panels) {
            const float at = seam + 0.03F * std::sin(y * 2.1F) + 0.05F * (y - 0.5F);
            if (x > at)
                colour = light;
            if (std::abs(x - at) < std::abs(distance))
                distance = x - at;
        }
        return colour;
    };
    canvas.fill(0, 1, [&](float x, float y) {
        const float h = foldHeight(x, y, cloth.folds, cloth.seed);
        const float dx = (foldHeight(x + 0.004F, y, cloth.folds, cloth.seed) - h) / 0.004F;
        const float dy = (foldHeight(x, y + 0.004F, cloth.folds, cloth.seed) - h) / 0.004F;
        // Threads follow the folds.
        const float u = (x + h * 0.35F) * cloth.threads, v = (y + h * 0.25F) * cloth.threads;
        const float iu = std::floor(u), iv = std::floor(v), fu = u - iu - 0.5F, fv = v - iv - 0.5F;
        const bool over = (static_cast<int>(iu) + static_cast<int>(iv)) % 2 == 0;
        const float across = over ? fu : fv, along = over ? fv : fu;
        const float round =
            std::sqrt(clamp01(1 - 3.2F * across * across)) * (0.72F + 0.28F * std::cos(along * 3.1F));
        const float fibre = 0.86F + 0.28F * noise((over ? u : v) * 7 + 40 * (over ? iv : iu),
                                                  (over ? v : u) * 0.9F, cloth.seed + 3);
        const float own = 0.84F + 0.32F * noise(over ? iu * 1.7F : iv * 1.7F, over ? iv * 0.03F : iu * 0.03F,
                                                cloth.seed + (over ? 17U : 23U));
        float seam = 1;
        const Light panel = seamAt(x, y, seam);
        Light base =
            mix(panel,
                panel * (cloth.weft * (1 / std::max(0.05F, cloth.warp.r + cloth.warp.g + cloth.warp.b)) +
                         Light{0.55F, 0.55F, 0.55F}),
                over ? 0.0F : 0.45F);
        float texture = round * fibre * own;
        if (cloth.ripstop && (std::fmod(iu, 14.0F) < 2 || std::fmod(iv, 14.0F) < 2))
            texture *= 1.22F;
        // Light from the upper left; a little sheen where the fold faces it.
        const float nx = -dx, ny = -dy, length = std::sqrt(nx * nx + ny * ny + 1);
        const float facing = clamp01((0.52F * nx + 0.46F * -ny * -1 + 0.72F) / length);
        const float sheen = std::pow(facing, 14.0F) * 0.22F;
        Light light =
            base * (texture * (0.16F + 1.05F * facing)) + Light{1, 0.97F, 0.92F} * (sheen * texture);
        if (cloth.through > 0) // sun behind: the gaps between the threads shine
            light = light + base * (cloth.through * (0.55F + 0.9F * (1 - round)) *
                                    (0.6F + 0.8F * fbm(x * 0.8F, y * 0.8F, 2, cloth.seed + 31)));
        const float fold = std::abs(seam);
        if (fold < 0.030F) { // a felled seam: double cloth, its edges in shadow, two rows of stitches
            light = light * (0.80F + 0.25F * std::sin(fold / 0.030F * 3.14F));
            light = light * (1 - 0.55F * smoothstep(0.004F, 0.0F, std::abs(fold - 0.029F)));
            const float stitch = std::fmod(y * 46 + 100, 1.0F);
            const float offRow = std::min(std::abs(fold - 0.012F), std::abs(fold - 0.022F));
            const float thread = smoothstep(0.0026F, 0.0016F, offRow) * smoothstep(0.0F, 0.05F, stitch) *
                                 smoothstep(0.74F, 0.69F, stitch);
            light = mix(light,
                        Light{0.85F, 0.80F, 0.70F} *
                            ((0.35F + 0.6F * facing) * (0.7F + 0.5F * std::sin(stitch / 0.72F * 3.14F))),
                        thread);
        }
        return light;
    });
}

} // namespace demo
