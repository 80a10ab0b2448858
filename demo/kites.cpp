// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Kites: sails of a few panels with light falling on and through them, spars, tails and lines.
#include "world.h"

#include <array>
#include <cmath>

namespace demo {
namespace {

struct Rgb8 {
    int r, g, b;
};
/// The festival's sails.
constexpr std::array<std::array<Rgb8, 4>, 7> kSets = {{
    {{{206, 58, 40}, {238, 176, 52}, {246, 232, 205}, {40, 46, 66}}},
    {{{24, 92, 140}, {72, 164, 190}, {238, 236, 226}, {214, 70, 52}}},
    {{{240, 190, 60}, {226, 120, 44}, {160, 44, 60}, {54, 34, 60}}},
    {{{52, 120, 92}, {176, 198, 96}, {244, 232, 190}, {220, 96, 60}}},
    {{{150, 40, 92}, {226, 104, 116}, {248, 214, 190}, {60, 60, 110}}},
    {{{30, 34, 44}, {200, 52, 44}, {236, 232, 224}, {30, 34, 44}}},
    {{{64, 60, 140}, {120, 150, 214}, {244, 206, 92}, {236, 240, 244}}},
}};

const Rgb8& colour(int set, std::size_t index) {
    return kSets[static_cast<std::size_t>(set) % kSets.size()][index % 4];
}

void pick(cairo_t* cr, Rgb8 c, double shade, double alpha = 1) {
    const auto channel = [&](int v) { return std::min(1.0, v / 255.0 * shade); };
    cairo_set_source_rgba(cr, channel(c.r), channel(c.g), channel(c.b), alpha);
}

/// A panel with light that falls off across it, as cloth that bellies in the wind.
void panel(cairo_t* cr, const std::vector<std::pair<double, double>>& points, Rgb8 c, double from,
           double to) {
    cairo_move_to(cr, points[0].first, points[0].second);
    for (std::size_t i = 1; i < points.size(); ++i)
        cairo_line_to(cr, points[i].first, points[i].second);
    cairo_close_path(cr);
    double x1 = 0, y1 = 0, x2 = 0, y2 = 0;
    cairo_path_extents(cr, &x1, &y1, &x2, &y2);
    cairo_pattern_t* light = cairo_pattern_create_linear(x1, y1, x2, y2);
    for (int i = 0; i <= 4; ++i) {
        const double t = i / 4.0, shade = from + (to - from) * t + 0.10 * std::sin(t * 5 + x1 * 9);
        cairo_pattern_add_color_stop_rgb(light, t, std::min(1.0, c.r / 255.0 * shade),
                                         std::min(1.0, c.g / 255.0 * shade),
                                         std::min(1.0, c.b / 255.0 * shade));
    }
    cairo_set_source(cr, light);
    cairo_fill_preserve(cr);
    cairo_pattern_destroy(light);
    pick(cr, c, from * 0.62, 0.5);
    cairo_set_line_width(cr, 0.006);
    cairo_stroke(cr);
}

void spar(cairo_t* cr, double x1, double y1, double x2, double y2) {
    cairo_set_source_rgba(cr, 0.10, 0.08, 0.08, 0.85);
    cairo_set_line_width(cr, 0.012);
    cairo_move_to(cr, x1, y1);
    cairo_line_to(cr, x2, y2);
    cairo_stroke(cr);
}

void diamond(cairo_t* cr, int set) {
    const double cross = -0.22;
    panel(cr, {{0, -0.62}, {-0.44, cross}, {0, cross}}, colour(set, 0), 1.15, 0.85);
    panel(cr, {{0, -0.62}, {0.44, cross}, {0, cross}}, colour(set, 1), 0.95, 0.72);
    panel(cr, {{-0.44, cross}, {0, cross}, {0, 0.62}}, colour(set, 1), 1.0, 0.75);
    panel(cr, {{0.44, cross}, {0, cross}, {0, 0.62}}, colour(set, 0), 0.82, 0.6);
    panel(cr, {{0, 0.20}, {-0.13, 0.30}, {0, 0.62}, {0.13, 0.30}}, colour(set, 2), 1.0, 0.8);
    spar(cr, 0, -0.62, 0, 0.62);
    spar(cr, -0.44, cross, 0.44, cross);
}

void delta(cairo_t* cr, int set) {
    const std::vector<double> cuts = {0, 0.34, 0.66, 1};
    for (const double side : {-1.0, 1.0})
        for (std::size_t i = 0; i + 1 < cuts.size(); ++i) {
            const double a = cuts[i], b = cuts[i + 1];
            panel(cr,
                  {{side * 0.95 * a, -0.42 + 0.62 * a},
                   {side * 0.95 * b, -0.42 + 0.62 * b},
                   {side * 0.72 * b, 0.34 + 0.10 * std::sin(b * 7)},
                   {side * 0.72 * a, 0.34 + 0.10 * std::sin(a * 7)}},
                  colour(set, i), side < 0 ? 1.1 : 0.86, side < 0 ? 0.85 : 0.62);
        }
    panel(cr, {{-0.07, -0.1}, {0.07, -0.1}, {0, 0.52}}, colour(set, 3), 1, 0.7);
    spar(cr, 0, -0.42, -0.95, 0.20);
    spar(cr, 0, -0.42, 0.95, 0.20);
    spar(cr, 0, -0.42, 0, 0.36);
    spar(cr, -0.5, 0.0, 0.5, 0.0);
}

void foil(cairo_t* cr, int set) {
    constexpr int cells = 9;
    for (int i = 0; i < cells; ++i) {
        const double a = -0.9 + 1.8 * i / cells, b = -0.9 + 1.8 * (i + 1) / cells;
        const auto top = [](double x) { return -0.34 + 0.30 * x * x; };
        const auto bottom = [](double x) { return 0.30 - 0.12 * x * x; };
        panel(cr, {{a, top(a)}, {b, top(b)}, {b * 0.93, bottom(b)}, {a * 0.93, bottom(a)}},
              colour(set, static_cast<std::size_t>(i % 3)), 1.12 - 0.05 * i, 0.72 - 0.02 * i);
    }
    cairo_set_line_width(cr, 0.004); // the lines that gather under it
    cairo_set_source_rgba(cr, 0.1, 0.1, 0.1, 0.6);
    for (int i = 0; i <= cells; i += 3) {
        const double x = (-0.9 + 1.8 * i / cells) * 0.93;
        cairo_move_to(cr, x, 0.24);
        cairo_line_to(cr, 0.05, 1.35);
        cairo_stroke(cr);
    }
}

/// Ribbons that wave behind; `length` in kite sizes.
void ribbons(cairo_t* cr, int set, double length, double startY, int strands, Random& random) {
    for (int s = 0; s < strands; ++s) {
        const double offset = (s - (strands - 1) / 2.0) * 0.16, phase = random.unit() * 6.3,
                     swing = 0.10 + 0.05 * random.unit();
        const double width = strands == 1 ? 0.09 : 0.055;
        constexpr int pieces = 60;
        double lastX = offset, lastY = startY;
        for (int i = 1; i <= pieces; ++i) {
            const double t = static_cast<double>(i) / pieces;
            const double x = offset * (1 + t) + swing * (0.3 + 1.4 * t) * std::sin(phase + t * length * 2.6) +
                             0.18 * t * t * length;
            const double y = startY + t * length;
            const double shade = 0.95 + 0.45 * std::cos(phase + t * length * 2.6);
            pick(cr, colour(set, static_cast<std::size_t>(s + i * 5 / pieces)), shade, 0.96);
            cairo_set_line_width(cr, width * (0.35 + 0.65 * std::abs(std::cos(phase + t * length * 1.3))));
            cairo_move_to(cr, lastX, lastY);
            cairo_line_to(cr, x, y);
            cairo_stroke(cr);
            lastX = x;
            lastY = y;
        }
    }
}

void flyingLine(Canvas& canvas, const Kite& kite) {
    Layer layer(canvas, 0, 0, canvas.aspect(), 1);
    cairo_t* cr = layer.cairo();
    cairo_set_source_rgba(cr, kite.lit ? 0.5 : 0.12, kite.lit ? 0.4 : 0.12, 0.12, 0.5);
    cairo_set_line_width(cr, 0.0009);
    traceLine(cr, kite.lineX, kite.lineY, kite.x, kite.y);
    cairo_stroke(cr);
    layer.onto(canvas, 0.0002F, 1, kite.veil, kite.air);
}

} // namespace

void traceLine(cairo_t* cr, double handX, double handY, double kiteX, double kiteY) {
    const double sag = 0.10 * std::hypot(kiteX - handX, kiteY - handY);
    cairo_move_to(cr, handX, handY);
    cairo_curve_to(cr, mix(handX, kiteX, 0.33), mix(handY, kiteY, 0.33) + sag, mix(handX, kiteX, 0.66),
                   mix(handY, kiteY, 0.66) + sag, kiteX, kiteY);
}

void paintKite(Canvas& canvas, const Kite& kite) {
    if (kite.lineX >= 0)
        flyingLine(canvas, kite);
    const float reach = kite.size * (1.4F + kite.tail * 1.25F);
    Layer layer(canvas, kite.x - reach, kite.y - reach, kite.x + reach, kite.y + reach,
                kite.focus * 3 + 0.02F);
    cairo_t* cr = layer.cairo();
    Random random(kite.seed);
    cairo_translate(cr, kite.x, kite.y);
    cairo_rotate(cr, kite.turn);
    cairo_scale(cr, kite.size, kite.size);
    if (kite.tail > 0)
        ribbons(cr, kite.colours, kite.tail, kite.kind == KiteKind::Diamond ? 0.55 : 0.28,
                kite.kind == KiteKind::Serpent ? 5
                : kite.kind == KiteKind::Delta ? 3
                                               : 1,
                random);
    if (kite.kind == KiteKind::Diamond || kite.kind == KiteKind::Serpent)
        diamond(cr, kite.colours);
    else if (kite.kind == KiteKind::Delta)
        delta(cr, kite.colours);
    else
        foil(cr, kite.colours);
    layer.onto(canvas, kite.focus, kite.light, kite.veil, kite.air);
    if (kite.lit) { // its lamps: points along the sail, with the glow left to the lens
        Layer lamps(canvas, kite.x - reach, kite.y - reach, kite.x + reach, kite.y + reach);
        cairo_t* lr = lamps.cairo();
        cairo_translate(lr, kite.x, kite.y);
        cairo_rotate(lr, kite.turn);
        cairo_scale(lr, kite.size, kite.size);
        for (int i = 0; i < 26; ++i) {
            const double t = i / 25.0, side = i % 2 ? 1 : -1;
            const double x = kite.kind == KiteKind::Delta ? side * 0.95 * t
                                                          : 0.44 * side * (t < 0.4 ? t / 0.4 : (1 - t) / 0.6);
            const double y = kite.kind == KiteKind::Delta ? -0.42 + 0.62 * t : -0.62 + 1.24 * t;
            pick(lr, colour(kite.colours, static_cast<std::size_t>(i / 7)), 1.5);
            cairo_arc(lr, x, y, 0.020, 0, 6.2832);
            cairo_fill(lr);
        }
        lamps.onto(canvas, 0.0006F, 9, 0, {}, true);
    }
}

} // namespace demo
