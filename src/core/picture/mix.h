// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How drawn pixels (a seal's, a letter's) and the picture's make the result. Formulas: W3C Compositing and
// Blending Level 1, section 10 (blend modes) and 5.8 (simple alpha compositing), on sRGB-encoded values, the
// picture being opaque:
//   result = (1 - a) * picture + a * B(picture, seal)
#pragma once

#include "picture/frame.h"

namespace keepseal {

enum class MixMode {
    Normal,
    Multiply,
    Screen,
    Overlay,
    SoftLight,
    HardLight,
    Darken,
    Lighten,
    Difference,
};

/// Pixels over part of a frame: premultiplied, 0xAARRGGBB, rows without padding.
struct Layer {
    Rect area;
    std::vector<std::uint32_t> argb;

    explicit Layer(const Rect& where)
        : area(where), argb(static_cast<std::size_t>(where.width) * where.height) {}
    Layer() = default;
    bool empty() const { return argb.empty(); }
    std::uint32_t* row(int y) { return argb.data() + static_cast<std::size_t>(y) * area.width; }
    const std::uint32_t* row(int y) const { return argb.data() + static_cast<std::size_t>(y) * area.width; }
};

/// B of one channel; picture and seal from 0 to 1, any bit depth.
double mixChannel(MixMode mode, double picture, double seal);

/// Blends the part of `layer` that lies in the frame, at `opacity` percent.
void mixLayer(Frame& frame, const Layer& layer, MixMode mode, double opacity);

} // namespace keepseal
