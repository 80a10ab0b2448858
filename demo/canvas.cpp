// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "canvas.h"

#include <algorithm>
#include <cmath>

namespace demo {
namespace {

constexpr int kGrainTile = 1024, kCurveSteps = 8192;
constexpr float kBrightest = 12;

float toLinear(float v) {
    return v <= 0.04045F ? v / 12.92F : std::pow((v + 0.055F) / 1.055F, 2.4F);
}
float toSrgb(float v) {
    return v <= 0.0031308F ? 12.92F * v : 1.055F * std::pow(v, 1 / 2.4F) - 0.055F;
}

/// A film curve: soft shoulder and toe (the usual rational fit to the ACES reference tone scale).
float film(float x) {
    return clamp01(x * (2.51F * x + 0.03F) / (x * (2.43F * x + 0.59F) + 0.14F));
}

/// One box blur along rows, then along columns; columns are summed a whole row at a time, as memory lies.
void boxPass(std::vector<float>& data, std::vector<float>& copy, int width, int height, int channels,
             int radius) {
    const float scale = 1.0F / static_cast<float>(2 * radius + 1);
    const auto stride = static_cast<std::size_t>(width) * channels;
    for (int y = 0; y < height; ++y) {
        const float* in = data.data() + static_cast<std::size_t>(y) * stride;
        float* out = copy.data() + static_cast<std::size_t>(y) * stride;
        for (int c = 0; c < channels; ++c) {
            const auto at = [&](int x) {
                return in[static_cast<std::size_t>(std::clamp(x, 0, width - 1)) * channels + c];
            };
            float sum = 0;
            for (int x = -radius; x <= radius; ++x)
                sum += at(x);
            for (int x = 0; x < width; ++x) {
                out[static_cast<std::size_t>(x) * channels + c] = sum * scale;
                sum += at(x + radius + 1) - at(x - radius);
            }
        }
    }
    std::vector<float> sums(stride, 0);
    const auto row = [&](int y) {
        return copy.data() + static_cast<std::size_t>(std::clamp(y, 0, height - 1)) * stride;
    };
    for (int y = -radius; y <= radius; ++y)
        for (std::size_t i = 0; i < stride; ++i)
            sums[i] += row(y)[i];
    for (int y = 0; y < height; ++y) {
        float* out = data.data() + static_cast<std::size_t>(y) * stride;
        const float *enters = row(y + radius + 1), *leaves = row(y - radius);
        for (std::size_t i = 0; i < stride; ++i) {
            out[i] = sums[i] * scale;
            sums[i] += enters[i] - leaves[i];
        }
    }
}

/// Three box blurs are close to a Gaussian, at any radius for the same price. `channels` interleaved floats.
void boxBlur(std::vector<float>& data, int width, int height, int channels, int radius) {
    if (radius < 1)
        return;
    std::vector<float> copy(data.size());
    for (int round = 0; round < 3; ++round)
        boxPass(data, copy, width, height, channels, radius);
}

int boxRadius(float sigma) {
    return static_cast<int>(std::lround(sigma * 0.95F));
}

float cubic(float t) { // Catmull-Rom
    t = std::abs(t);
    return t < 1   ? 1.5F * t * t * t - 2.5F * t * t + 1
           : t < 2 ? -0.5F * t * t * t + 2.5F * t * t - 4 * t + 2
                   : 0;
}

} // namespace

Light mix(const Light& a, const Light& b, float t) {
    return {mix(a.r, b.r, t), mix(a.g, b.g, t), mix(a.b, b.b, t)};
}

Light srgb(int r, int g, int b) {
    return {toLinear(static_cast<float>(r) / 255), toLinear(static_cast<float>(g) / 255),
            toLinear(static_cast<float>(b) / 255)};
}

Canvas::Canvas(int width, int height)
    : m_width(width), m_height(height), m_light(static_cast<std::size_t>(width) * height) {}

void Canvas::fill(float y0, float y1, const std::function<Light(float, float)>& paint) {
    shade(y0, y1, [&](float x, float y, Light& light) { light = paint(x, y); });
}

void Canvas::shade(float y0, float y1, const std::function<void(float, float, Light&)>& change) {
    const int from = std::max(0, static_cast<int>(y0 * m_height)),
              to = std::min(m_height, static_cast<int>(std::ceil(y1 * m_height)));
    for (int y = from; y < to; ++y)
        for (int x = 0; x < m_width; ++x)
            change((static_cast<float>(x) + 0.5F) / m_height, (static_cast<float>(y) + 0.5F) / m_height,
                   row(y)[x]);
}

void Canvas::blur(float radius) {
    auto* data = reinterpret_cast<float*>(m_light.data());
    std::vector<float> copy(data, data + m_light.size() * 3);
    boxBlur(copy, m_width, m_height, 3, boxRadius(radius * m_height));
    std::copy(copy.begin(), copy.end(), data);
}

Pane::Pane(const Canvas& canvas, float left, float top, float right, float bottom, float border)
    : x0(std::clamp(static_cast<int>((left - border) * canvas.height()), 0, canvas.width() - 1)),
      y0(std::clamp(static_cast<int>((top - border) * canvas.height()), 0, canvas.height() - 1)),
      width(std::clamp(static_cast<int>((right + border) * canvas.height()), x0 + 1, canvas.width()) - x0),
      height(std::clamp(static_cast<int>((bottom + border) * canvas.height()), y0 + 1, canvas.height()) - y0),
      light(static_cast<std::size_t>(width) * height * 4) {}

void Pane::onto(Canvas& canvas, float focus, float veil, const Light& air, bool add) {
    boxBlur(light, width, height, 4, boxRadius(focus * static_cast<float>(canvas.height())));
    for (int y = 0; y < height; ++y) {
        Light* under = canvas.row(y0 + y) + x0;
        for (int x = 0; x < width; ++x) {
            const float* d = at(x, y);
            if (d[3] <= 0)
                continue;
            const Light own = mix(Light{d[0], d[1], d[2]}, air * d[3], veil);
            under[x] = add ? under[x] + own : under[x] * (1 - d[3]) + own;
        }
    }
}

Layer::Layer(const Canvas& canvas, float x0, float y0, float x1, float y1, float border)
    : m_pane(canvas, x0, y0, x1, y1, border),
      m_surface(cairo_image_surface_create(CAIRO_FORMAT_ARGB32, m_pane.width, m_pane.height),
                cairo_surface_destroy),
      m_cairo(cairo_create(m_surface.get()), cairo_destroy) {
    cairo_translate(m_cairo.get(), -m_pane.x0, -m_pane.y0);
    cairo_scale(m_cairo.get(), canvas.height(), canvas.height());
    cairo_set_line_cap(m_cairo.get(), CAIRO_LINE_CAP_ROUND);
    cairo_set_line_join(m_cairo.get(), CAIRO_LINE_JOIN_ROUND);
}

void Layer::onto(Canvas& canvas, float focus, float gain, float veil, const Light& air, bool add) {
    cairo_surface_flush(m_surface.get());
    static const std::vector<float> linear = [] {
        std::vector<float> table(256);
        for (int i = 0; i < 256; ++i)
            table[static_cast<std::size_t>(i)] = toLinear(static_cast<float>(i) / 255);
        return table;
    }();
    const auto* bytes = cairo_image_surface_get_data(m_surface.get());
    const int stride = cairo_image_surface_get_stride(m_surface.get());
    for (int y = 0; y < m_pane.height; ++y)
        for (int x = 0; x < m_pane.width; ++x) {
            const auto* p = bytes + static_cast<std::size_t>(y) * stride + static_cast<std::size_t>(x) * 4;
            const int a = p[3];
            if (a == 0)
                continue;
            auto* d = m_pane.at(x, y);
            const float alpha = static_cast<float>(a) / 255;
            for (int c = 0; c < 3; ++c) // Cairo's bytes are blue, green, red, premultiplied
                d[c] = linear[static_cast<std::size_t>(std::min(255, p[2 - c] * 255 / a))] * alpha * gain;
            d[3] = alpha;
        }
    m_pane.onto(canvas, focus, veil, air, add);
}

Developer::Developer(Canvas& canvas, const Camera& camera, int width, int height, std::uint32_t seed)
    : m_canvas(canvas), m_camera(camera), m_width(width), m_height(height), m_seed(seed),
      m_grain(static_cast<std::size_t>(kGrainTile) * kGrainTile), m_curve(kCurveSteps + 1), m_rows(4),
      m_rowIndex(4, -1) {
    // Glow: bright light spreads in the lens and in the air.
    Canvas bright(canvas.width() / 4, canvas.height() / 4);
    for (int y = 0; y < bright.height(); ++y)
        for (int x = 0; x < bright.width(); ++x) {
            const Light l = canvas.row(y * 4)[x * 4];
            const float top = std::max({l.r, l.g, l.b});
            bright.row(y)[x] = l * smoothstep(0.7F, 2.5F, top);
        }
    bright.blur(0.022F);
    for (int y = 0; y < canvas.height(); ++y)
        for (int x = 0; x < canvas.width(); ++x) {
            const int by = std::min(y / 4, bright.height() - 1), bx = std::min(x / 4, bright.width() - 1);
            canvas.row(y)[x] = canvas.row(y)[x] + bright.row(by)[bx] * camera.glow;
        }
    Random random(seed);
    std::vector<float> fine(m_grain.size());
    for (auto& g : fine)
        g = random.normal();
    for (int y = 0; y < kGrainTile; ++y) // grains are a little larger than a pixel, as after demosaicing
        for (int x = 0; x < kGrainTile; ++x) {
            const auto at = [&](int dx, int dy) {
                return fine[static_cast<std::size_t>((y + dy) & (kGrainTile - 1)) * kGrainTile +
                            ((x + dx) & (kGrainTile - 1))];
            };
            m_grain[static_cast<std::size_t>(y) * kGrainTile + x] =
                0.62F * at(0, 0) + 0.26F * (at(1, 0) + at(0, 1) + at(-1, 0) + at(0, -1)) +
                0.12F * (at(1, 1) + at(-1, -1));
        }
    m_taps.resize(static_cast<std::size_t>(m_width));
    for (int x = 0; x < m_width; ++x) {
        const float at = (static_cast<float>(x) + 0.5F) * static_cast<float>(canvas.width()) /
                             static_cast<float>(m_width) -
                         0.5F;
        const int base = static_cast<int>(std::floor(at));
        for (int k = 0; k < 4; ++k) {
            auto& taps = m_taps[static_cast<std::size_t>(x)];
            taps.from[k] = std::clamp(base - 1 + k, 0, canvas.width() - 1);
            taps.weight[k] = cubic(at - static_cast<float>(base - 1 + k));
        }
    }
    for (int i = 0; i <= kCurveSteps; ++i) {
        const float root = static_cast<float>(i) / kCurveSteps;
        m_curve[static_cast<std::size_t>(i)] =
            static_cast<std::uint16_t>(65535 * clamp01(toSrgb(film(root * root * kBrightest))));
    }
}

const std::vector<Light>& Developer::widened(int canvasRow) {
    canvasRow = std::clamp(canvasRow, 0, m_canvas.height() - 1);
    const auto slot = static_cast<std::size_t>(canvasRow % 4);
    auto& out = m_rows[slot];
    if (m_rowIndex[slot] == canvasRow)
        return out;
    m_rowIndex[slot] = canvasRow;
    out.resize(static_cast<std::size_t>(m_width));
    const Light* in = m_canvas.row(canvasRow);
    for (std::size_t x = 0; x < out.size(); ++x) {
        const auto& taps = m_taps[x];
        out[x] = in[taps.from[0]] * taps.weight[0] + in[taps.from[1]] * taps.weight[1] +
                 in[taps.from[2]] * taps.weight[2] + in[taps.from[3]] * taps.weight[3];
    }
    return out;
}

void Developer::row(int y, std::uint16_t* out) {
    const float scale = static_cast<float>(m_canvas.height()) / static_cast<float>(m_height);
    const float at = (static_cast<float>(y) + 0.5F) * scale - 0.5F;
    const int base = static_cast<int>(std::floor(at));
    const Light* rows[4];
    float weights[4];
    for (int k = 0; k < 4; ++k) {
        rows[k] = widened(base - 1 + k).data();
        weights[k] = cubic(at - static_cast<float>(base - 1 + k));
    }
    const float cy = (static_cast<float>(y) / m_height - 0.5F),
                aspect = static_cast<float>(m_width) / m_height;
    const float corner = 0.25F * (1 + aspect * aspect);
    const float* grain =
        &m_grain[static_cast<std::size_t>((y + m_seed * 37) & (kGrainTile - 1)) * kGrainTile];
    const float* tint =
        &m_grain[static_cast<std::size_t>((y + m_seed * 37 + 411) & (kGrainTile - 1)) * kGrainTile];
    // Sums first: whole rows of numbers at a time.
    const float* samples[4];
    for (int k = 0; k < 4; ++k)
        samples[k] = &rows[k]->r;
    m_sums.resize(static_cast<std::size_t>(m_width) * 3);
    for (std::size_t i = 0; i < m_sums.size(); ++i)
        m_sums[i] = samples[0][i] * weights[0] + samples[1][i] * weights[1] + samples[2][i] * weights[2] +
                    samples[3][i] * weights[3];
    for (int x = 0; x < m_width; ++x) {
        Light l{m_sums[3 * x], m_sums[3 * x + 1], m_sums[3 * x + 2]};
        const float cx = (static_cast<float>(x) / m_width - 0.5F) * aspect;
        const float fall = 1 - m_camera.vignette * (cx * cx + cy * cy) / corner;
        l = l * m_camera.balance * (m_camera.exposure * fall);
        const float luma = 0.2126F * l.r + 0.7152F * l.g + 0.0722F * l.b;
        l = mix(Light{luma, luma, luma}, l, m_camera.saturation);
        const float g = grain[(x + 53) & (kGrainTile - 1)], t = tint[(x + 711) & (kGrainTile - 1)];
        const float amount = m_camera.grain * (0.35F + 0.65F * std::sqrt(clamp01(luma)));
        const float channels[3] = {l.r + amount * (g + 0.35F * t), l.g + amount * g,
                                   l.b + amount * (g - 0.4F * t)};
        for (int c = 0; c < 3; ++c) {
            const float light = std::clamp(channels[c] + m_camera.black, 0.0F, kBrightest);
            const float index = std::sqrt(light / kBrightest) * kCurveSteps;
            out[3 * x + c] = m_curve[static_cast<std::size_t>(index)];
        }
    }
}

} // namespace demo
