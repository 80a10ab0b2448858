// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Lanterns, lights out of focus, stars.
#include "world.h"

#include <algorithm>
#include <cmath>

namespace demo {

void paintLantern(Canvas& canvas, const Lantern& l, float mirrorY) {
    const auto draw = [&](cairo_t* cr, float y, float stretch, float alpha) {
        cairo_save(cr);
        cairo_translate(cr, l.x, y);
        cairo_scale(cr, l.size, l.size * stretch);
        cairo_pattern_t* glow = cairo_pattern_create_radial(0, 0.25, 0.05, 0, 0, 1.05);
        const auto stop = [&](double at, float k, float a) {
            cairo_pattern_add_color_stop_rgba(glow, at, std::min(1.0F, l.colour.r * k),
                                              std::min(1.0F, l.colour.g * k), std::min(1.0F, l.colour.b * k),
                                              a * alpha);
        };
        stop(0, 1.6F, 1);
        stop(0.45, 1.05F, 1);
        stop(0.85, 0.62F, 1);
        stop(1, 0.36F, 1);
        cairo_set_source(cr, glow);
        cairo_scale(cr, 0.82, 1);
        cairo_arc(cr, 0, 0, 1, 0, 6.2832);
        cairo_fill(cr);
        cairo_pattern_destroy(glow);
        cairo_set_source_rgba(cr, 0.15, 0.05, 0.02, 0.28 * alpha); // the ribs of its frame
        cairo_set_line_width(cr, 0.022);
        for (int rib = -3; rib <= 3; ++rib) {
            const double y2 = rib * 0.25, w = std::sqrt(std::max(0.0, 1 - y2 * y2));
            cairo_move_to(cr, -w, y2);
            cairo_curve_to(cr, -w * 0.5, y2 + 0.09, w * 0.5, y2 + 0.09, w, y2);
            cairo_stroke(cr);
        }
        cairo_set_source_rgba(cr, 0.06, 0.03, 0.02, alpha);
        cairo_rectangle(cr, -0.34, -1.10, 0.68, 0.13);
        cairo_rectangle(cr, -0.30, 0.96, 0.60, 0.11);
        cairo_fill(cr);
        cairo_restore(cr);
    };
    Layer own(canvas, l.x - l.size * 1.2F, l.y - l.size * 1.3F, l.x + l.size * 1.2F, l.y + l.size * 1.3F,
              l.focus * 3 + 0.01F);
    draw(own.cairo(), l.y, 1, 1);
    own.onto(canvas, l.focus, 2.6F);
    if (mirrorY > 0) { // long in the ripples
        const float y = 2 * mirrorY - l.y;
        Layer mirrored(canvas, l.x - l.size * 1.3F, y - l.size * 5, l.x + l.size * 1.3F, y + l.size * 5,
                       0.04F);
        draw(mirrored.cairo(), y, 3.4F, 0.55F);
        mirrored.onto(canvas, 0.008F + l.focus, 0.85F, 0, {}, true);
    }
}

void paintBokeh(Canvas& canvas, int count, float y0, float y1, float size, const std::vector<Light>& colours,
                std::uint32_t seed) {
    Random random(seed);
    Layer layer(canvas, 0, y0 - size, canvas.aspect(), y1 + size);
    cairo_t* cr = layer.cairo();
    for (int i = 0; i < count; ++i) {
        const Light& c = colours[random.next() % colours.size()];
        const float x = random.range(-0.05F, canvas.aspect() + 0.05F), y = random.range(y0, y1),
                    r = size * random.range(0.45F, 1.1F);
        const float power = random.range(0.18F, 0.75F);
        cairo_pattern_t* disc = cairo_pattern_create_radial(x, y, 0, x, y, r);
        cairo_pattern_add_color_stop_rgba(disc, 0, c.r, c.g, c.b, 0.62 * power);
        cairo_pattern_add_color_stop_rgba(disc, 0.84, c.r, c.g, c.b, 0.72 * power);
        cairo_pattern_add_color_stop_rgba(disc, 0.95, c.r, c.g, c.b,
                                          0.95 * power); // the bright edge of a real lens
        cairo_pattern_add_color_stop_rgba(disc, 1, c.r, c.g, c.b, 0);
        cairo_set_source(cr, disc);
        cairo_arc(cr, x, y, r, 0, 6.2832);
        cairo_fill(cr);
        cairo_pattern_destroy(disc);
    }
    layer.onto(canvas, 0.0012F, 1.1F, 0, {}, true);
}

void paintStars(Canvas& canvas, float horizon, int count, std::uint32_t seed) {
    Random random(seed);
    for (int i = 0; i < count; ++i) {
        const int x = static_cast<int>(random.unit() * static_cast<float>(canvas.width() - 1));
        const float up = random.unit();
        const int y = static_cast<int>(up * horizon * static_cast<float>(canvas.height() - 1));
        const float power = 0.03F + 2.2F * std::pow(random.unit(), 12.0F) * (1 - 0.5F * up);
        const float warm = random.unit();
        Light& l = canvas.row(y)[x];
        l = l + Light{0.9F + 0.2F * warm, 0.95F, 1.15F - 0.25F * warm} * power;
        if (x + 1 < canvas.width())
            canvas.row(y)[x + 1] = canvas.row(y)[x + 1] + Light{1, 1, 1} * (power * 0.35F);
    }
}

} // namespace demo
