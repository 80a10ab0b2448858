// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a lens would see, in linear light, before the camera makes a picture of it: a float canvas, layers
// drawn with Cairo that are put on it in or out of focus, and the camera itself (glow, vignette, film curve,
// grain).
#pragma once

#include "noise.h"

#include <cairo.h>

#include <functional>
#include <memory>
#include <vector>

namespace demo {

struct Light {
    float r = 0, g = 0, b = 0;
    Light operator*(float k) const { return {r * k, g * k, b * k}; }
    Light operator*(const Light& o) const { return {r * o.r, g * o.g, b * o.b}; }
    Light operator+(const Light& o) const { return {r + o.r, g + o.g, b + o.b}; }
};
Light mix(const Light& a, const Light& b, float t);
/// From an sRGB colour as a person would pick it.
Light srgb(int r, int g, int b);

/// Coordinates in a scene count in picture heights: y from 0 (top) to 1, x from 0 to aspect().
class Canvas {
public:
    Canvas(int width, int height);
    int width() const { return m_width; }
    int height() const { return m_height; }
    float aspect() const { return static_cast<float>(m_width) / static_cast<float>(m_height); }
    Light* row(int y) { return m_light.data() + static_cast<std::size_t>(y) * m_width; }
    const Light* row(int y) const { return m_light.data() + static_cast<std::size_t>(y) * m_width; }
    /// Calls paint(x, y) for each point of rows y0 to y1 (in picture heights) and stores what it returns.
    void fill(float y0, float y1, const std::function<Light(float, float)>& paint);
    /// Changes what is there: change(x, y, light).
    void shade(float y0, float y1, const std::function<void(float, float, Light&)>& change);
    void blur(float radius); ///< picture heights

private:
    int m_width, m_height;
    std::vector<Light> m_light;
};

/// Light over part of a canvas, each pixel's times its opacity.
struct Pane {
    /// With so much around it as it may be blurred by.
    Pane(const Canvas& canvas, float x0, float y0, float x1, float y1, float border);
    float* at(int x, int y) { ///< red, green, blue, opacity; x and y count from its own corner
        return &light[(static_cast<std::size_t>(y) * width + x) * 4];
    }
    /// Onto the canvas: `focus` is the blur radius (picture heights), `veil` how much of `air` lies between
    /// it and the lens. `add` adds light instead of covering.
    void onto(Canvas& canvas, float focus, float veil, const Light& air, bool add = false);
    int x0, y0, width, height; ///< pixels of the canvas
    std::vector<float> light;
};

/// A transparent layer over part of a canvas. Drawn with Cairo in the canvas's own coordinates.
class Layer {
public:
    Layer(const Canvas& canvas, float x0, float y0, float x1, float y1, float border = 0.02F);
    cairo_t* cairo() { return m_cairo.get(); }
    /// Onto the canvas, as a pane; `gain`: the brightness of its light.
    void onto(Canvas& canvas, float focus = 0, float gain = 1, float veil = 0, const Light& air = {},
              bool add = false);

private:
    Pane m_pane;
    std::unique_ptr<cairo_surface_t, decltype(&cairo_surface_destroy)> m_surface;
    std::unique_ptr<cairo_t, decltype(&cairo_destroy)> m_cairo;
};

struct Camera {
    float exposure = 1, vignette = 0.25F, glow = 0.05F, grain = 0.012F, saturation = 1.08F;
    Light balance{1, 1, 1};
    float black = 0; ///< lifts the deepest tones: haze, flare
};

/// The finished picture, larger than the canvas, row by row: 16-bit sRGB values, R G B.
class Developer {
public:
    Developer(Canvas& canvas, const Camera& camera, int width, int height, std::uint32_t seed);
    void row(int y, std::uint16_t* out);

private:
    const std::vector<Light>& widened(int canvasRow);
    Canvas& m_canvas;
    Camera m_camera;
    int m_width, m_height;
    std::uint32_t m_seed;
    std::vector<float> m_grain;
    std::vector<std::uint16_t> m_curve;
    struct Taps {
        int from[4];
        float weight[4];
    };
    std::vector<Taps> m_taps; ///< of each column of the picture, in the canvas
    std::vector<float> m_sums;
    std::vector<std::vector<Light>> m_rows;
    std::vector<int> m_rowIndex;
};

} // namespace demo
