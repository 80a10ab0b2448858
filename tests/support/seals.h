// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Seals whose look is known by arithmetic: made of boxes instead of letters.
#pragma once

#include "seal/draw.h"
#include "support/support.h"

#include <cmath>
#include <cstdlib>

namespace keepseal::test {

/// A filled box, `width` and `height` in percent of the unit.
inline SealPart boxPart(const std::string& id, double width, double height, Rgb colour = {255, 255, 255}) {
    SealPart part;
    part.id = part.name = id;
    part.kind = PartKind::Shape;
    part.size = height;
    part.colour = colour;
    part.shape = {ShapeKind::Box, width, false, 0, 0};
    return part;
}

/// Nothing that it does by itself but what a test asks for.
inline SealDesign fixedSeal() {
    SealDesign design;
    design.halo.when = HaloWhen::Off;
    design.stronger = false;
    design.plate.ifNeeded = false;
    return design;
}

/// One box, opaque, always in its light version, at the bottom right.
inline SealDesign boxSeal(double width = 200, double height = 100) {
    auto design = fixedSeal();
    design.parts = {boxPart("box", width, height)};
    design.opacity = 100;
    design.tone = Tone::Light;
    design.size = 10;
    return design;
}

/// Left half one grey, right half another.
inline Frame halves(int width, int height, int left, int right) {
    Frame frame = plainFrame(width, height, {});
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width * 3; ++x)
            frame.row(y)[x] = static_cast<std::uint8_t>(x < width * 3 / 2 ? left : right);
    return frame;
}

/// Squares of `side` pixels in two greys.
inline void chequer(Frame& frame, const Rect& part, int side, int a, int b) {
    for (int y = part.y; y < part.bottom(); ++y)
        for (int x = part.x; x < part.right(); ++x)
            for (int c = 0; c < 3; ++c)
                frame.row(y)[3 * x + c] = static_cast<std::uint8_t>((x / side + y / side) % 2 ? a : b);
}

inline const std::uint8_t* pixelAt(const Frame& frame, double x, double y) {
    return frame.row(static_cast<int>(y)) + 3 * static_cast<int>(x);
}

/// Mean of `factor` x `factor` pixels, by hand.
inline Frame shrunk(const Frame& large, int factor) {
    Frame out = plainFrame(large.size.width / factor, large.size.height / factor, {});
    for (int y = 0; y < out.size.height; ++y)
        for (int x = 0; x < out.size.width; ++x)
            for (int c = 0; c < 3; ++c) {
                int sum = 0;
                for (int j = 0; j < factor * factor; ++j)
                    sum += large.row(y * factor + j / factor)[3 * (x * factor + j % factor) + c];
                out.row(y)[3 * x + c] =
                    static_cast<std::uint8_t>(std::lround(double(sum) / (factor * factor)));
            }
    return out;
}

} // namespace keepseal::test
