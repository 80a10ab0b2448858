// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/mix.h"

#include <array>
#include <cmath>
#include <memory>
#include <mutex>

namespace keepseal {
namespace {

double softLight(double picture, double seal) {
    if (seal <= 0.5)
        return picture - (1 - 2 * seal) * picture * (1 - picture);
    const double d = picture <= 0.25 ? ((16 * picture - 12) * picture + 4) * picture : std::sqrt(picture);
    return picture + (2 * seal - 1) * (d - picture);
}

double hardLight(double picture, double seal) {
    return seal <= 0.5 ? picture * 2 * seal : picture + (2 * seal - 1) - picture * (2 * seal - 1);
}

/// Every pair of 8-bit values, so that a pixel costs a look-up.
using MixTable = std::array<std::uint8_t, 65536>;

const MixTable& mixTableOf(MixMode mode) {
    static std::array<std::unique_ptr<MixTable>, 9> tables;
    static std::mutex mutex;
    const std::lock_guard lock(mutex);
    auto& table = tables.at(static_cast<std::size_t>(mode));
    if (!table) {
        table = std::make_unique<MixTable>();
        for (int picture = 0; picture < 256; ++picture)
            for (int seal = 0; seal < 256; ++seal)
                (*table)[static_cast<std::size_t>(picture * 256 + seal)] = static_cast<std::uint8_t>(
                    std::lround(255 * mixChannel(mode, picture / 255.0, seal / 255.0)));
    }
    return *table;
}

void mixNormal(std::uint8_t* pixel, std::uint32_t seal, std::uint32_t opacity) {
    const std::uint32_t rest = 255 * 255 - (seal >> 24) * opacity;
    const std::uint32_t ink[3] = {seal >> 16 & 0xFF, seal >> 8 & 0xFF, seal & 0xFF};
    for (int c = 0; c < 3; ++c)
        pixel[c] = static_cast<std::uint8_t>((ink[c] * opacity * 255 + pixel[c] * rest + 32512) / 65025);
}

void mixByTable(std::uint8_t* pixel, std::uint32_t seal, std::uint32_t opacity, const MixTable& table) {
    const std::uint32_t a = seal >> 24, alpha = a * opacity;
    const std::uint32_t ink[3] = {seal >> 16 & 0xFF, seal >> 8 & 0xFF, seal & 0xFF};
    for (int c = 0; c < 3; ++c) {
        const std::uint32_t own = std::min(255U, (ink[c] * 255 + a / 2) / a); // as it is without its opacity
        const std::uint32_t mixed = table[pixel[c] * 256U + own];
        pixel[c] = static_cast<std::uint8_t>((mixed * alpha + pixel[c] * (65025 - alpha) + 32512) / 65025);
    }
}

/// Any depth, with transparency: W3C Compositing and Blending Level 1, section 5 (the picture's own opacity
/// decides how much of the blend mode shows).
template <class T>
void mixExactly(Frame& frame, const Layer& layer, MixMode mode, double opacity, const Rect& part) {
    constexpr double full = kFull<T>;
    for (int y = part.y; y < part.bottom(); ++y) {
        const auto* seal = layer.row(y - layer.area.y) + (part.x - layer.area.x);
        auto* pixel = frame.rowOf<T>(y) + static_cast<std::ptrdiff_t>(part.x) * 3;
        auto* own = frame.alpha.empty() ? nullptr : frame.alphaRow(y) + part.x;
        for (int x = 0; x < part.width; ++x, ++seal, pixel += 3) {
            const double coverage = (*seal >> 24) / 255.0;
            if (coverage == 0)
                continue;
            const double alpha = coverage * opacity, under = own ? own[x] / 255.0 : 1;
            const double sum = alpha + under * (1 - alpha);
            for (int c = 0; c < 3; ++c) {
                const double ink = std::min(1.0, (*seal >> (16 - 8 * c) & 0xFF) / 255.0 / coverage);
                const double picture = pixel[c] / full;
                const double blended = (1 - under) * ink + under * mixChannel(mode, picture, ink);
                const double value = (alpha * blended + (1 - alpha) * under * picture) / sum;
                pixel[c] = static_cast<T>(std::lround(std::clamp(value, 0.0, 1.0) * full));
            }
            if (own)
                own[x] = static_cast<std::uint8_t>(std::lround(sum * 255));
        }
    }
}

/// The same ink in the frame's own colours.
Layer inSpace(const Layer& layer, const ColourSpace& space) {
    std::vector<std::uint8_t> colours;
    for (const auto pixel : layer.argb)
        if (const auto a = pixel >> 24; a > 0)
            for (int shift = 16; shift >= 0; shift -= 8)
                colours.push_back(
                    static_cast<std::uint8_t>(std::min(255U, ((pixel >> shift & 0xFF) * 255 + a / 2) / a)));
    convertPixels(colours.data(), false, *srgbSpace(), colours.data(), false, space, colours.size() / 3,
                  Intent::Relative);
    Layer out = layer;
    std::size_t at = 0;
    for (auto& pixel : out.argb)
        if (const auto a = pixel >> 24; a > 0) {
            pixel = a << 24;
            for (int shift = 16; shift >= 0; shift -= 8)
                pixel |= (colours[at++] * a + 127) / 255 << shift;
        }
    return out;
}

} // namespace

double mixChannel(MixMode mode, double picture, double seal) {
    switch (mode) {
    case MixMode::Normal:
        return seal;
    case MixMode::Multiply:
        return picture * seal;
    case MixMode::Screen:
        return picture + seal - picture * seal;
    case MixMode::Overlay:
        return hardLight(seal, picture);
    case MixMode::SoftLight:
        return softLight(picture, seal);
    case MixMode::HardLight:
        return hardLight(picture, seal);
    case MixMode::Darken:
        return std::min(picture, seal);
    case MixMode::Lighten:
        return std::max(picture, seal);
    case MixMode::Difference:
        return std::abs(picture - seal);
    }
    return seal;
}

void mixLayer(Frame& frame, const Layer& layer, MixMode mode, double opacityPercent) {
    const Rect part = intersection(layer.area, {0, 0, frame.size.width, frame.size.height});
    if (part.empty() || layer.empty())
        return;
    if (!frame.isPlain()) {
        const Layer own = frame.space ? inSpace(layer, *frame.space) : Layer();
        byDepth(frame, [&](auto depth) {
            mixExactly<decltype(depth)>(frame, frame.space ? own : layer, mode, opacityPercent / 100, part);
        });
        return;
    }
    const auto opacity = static_cast<std::uint32_t>(std::lround(opacityPercent * 2.55));
    const MixTable* table = mode == MixMode::Normal ? nullptr : &mixTableOf(mode);
    for (int y = part.y; y < part.bottom(); ++y) {
        const auto* seal = layer.row(y - layer.area.y) + (part.x - layer.area.x);
        auto* pixel = frame.row(y) + static_cast<std::size_t>(part.x) * 3;
        for (int x = 0; x < part.width; ++x, ++seal, pixel += 3) {
            if (*seal >> 24 == 0)
                continue;
            if (table)
                mixByTable(pixel, *seal, opacity, *table);
            else
                mixNormal(pixel, *seal, opacity);
        }
    }
}

} // namespace keepseal
