// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is made from a seal's opacity: glow, shadow, relief. Lengths in pixels. Internal to seal/.
#pragma once

#include "picture/mix.h"

namespace keepseal {

/// One opacity (0 to 1) a pixel.
struct Mask {
    int width = 0, height = 0;
    std::vector<float> value;
    float* row(int y) { return value.data() + static_cast<std::ptrdiff_t>(y) * width; }
    const float* row(int y) const { return value.data() + static_cast<std::ptrdiff_t>(y) * width; }
};

Mask opacityOf(const Layer& layer);
/// Nearly Gaussian: three box blurs (Wells, "Efficient synthesis of Gaussian filters", 1986). `radius` is two
/// standard deviations; nothing is lost at the edges but what leaves the mask.
void blur(Mask& mask, double radius);
/// Grows what is opaque by `radius` in all directions (as a square: it is blurred afterwards).
void spread(Mask& mask, double radius);
/// Moved by fractions of a pixel as well.
Mask shifted(const Mask& mask, double dx, double dy);
/// Lays the colour over what `layer` holds, as strong as the mask times `strength` (0 to 1).
void paintOver(Layer& layer, const Mask& mask, Rgb colour, double strength);
/// Light and shade on the slopes of the seal, only where the seal is.
Layer reliefOf(const Layer& mark, double depth, double angleDegrees, double strength);

} // namespace keepseal
