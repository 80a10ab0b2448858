// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/frame.h"

namespace keepseal {

Frame emptyLike(const Frame& like, Size size) {
    Frame out;
    out.size = size;
    out.picture = {0, 0, size.width, size.height};
    out.measure() = like.measure();
    out.space = like.space;
    const auto pixels = static_cast<std::size_t>(size.pixels());
    if (like.isDeep())
        out.deep.resize(pixels * 3);
    else
        out.rgb.resize(pixels * 3);
    if (!like.alpha.empty())
        out.alpha.resize(pixels);
    return out;
}

Frame cutOut(const Frame& frame, const Rect& part) {
    Frame out = emptyLike(frame, {part.width, part.height});
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int y = 0; y < part.height; ++y)
            std::copy_n(frame.rowOf<T>(part.y + y) + static_cast<std::ptrdiff_t>(part.x) * 3,
                        static_cast<std::size_t>(part.width) * 3, out.rowOf<T>(y));
    });
    for (int y = 0; y < part.height && !frame.alpha.empty(); ++y)
        std::copy_n(frame.alphaRow(part.y + y) + part.x, part.width, out.alphaRow(y));
    return out;
}

void putInto(Frame& frame, const Frame& part, int x, int y) {
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int row = 0; row < part.size.height; ++row)
            std::copy_n(part.rowOf<T>(row), static_cast<std::size_t>(part.size.width) * 3,
                        frame.rowOf<T>(y + row) + static_cast<std::ptrdiff_t>(x) * 3);
    });
    for (int row = 0; row < part.size.height && !frame.alpha.empty(); ++row)
        std::copy_n(part.alphaRow(row), part.size.width, frame.alphaRow(y + row) + x);
}

Frame asEightBitSrgb(const Frame& frame) {
    if (!frame.isDeep()) {
        Frame out = frame;
        convertFrame(out, nullptr);
        return out;
    }
    Frame out;
    out.size = frame.size;
    out.picture = frame.picture;
    out.measure() = frame.measure();
    out.alpha = frame.alpha;
    out.rgb.resize(frame.deep.size());
    if (frame.space)
        convertPixels(frame.deep.data(), true, *frame.space, out.rgb.data(), false, *srgbSpace(),
                      static_cast<std::size_t>(frame.size.pixels()), Intent::Relative);
    else
        for (std::size_t i = 0; i < frame.deep.size(); ++i)
            out.rgb[i] = static_cast<std::uint8_t>((frame.deep[i] + 128U) / 257U);
    return out;
}

void requireAlpha(Frame& frame) {
    if (frame.alpha.empty())
        frame.alpha.assign(static_cast<std::size_t>(frame.size.pixels()), 255);
}

void flattenOnto(Frame& frame, Rgb ground) {
    if (frame.alpha.empty())
        return;
    const Rgb in = convertColour(ground, frame.space);
    const std::uint8_t under[3] = {in.r, in.g, in.b};
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        for (int y = 0; y < frame.size.height; ++y) {
            auto* pixel = frame.rowOf<T>(y);
            const auto* alpha = frame.alphaRow(y);
            for (int x = 0; x < frame.size.width; ++x, pixel += 3) {
                if (alpha[x] == 255)
                    continue;
                for (int c = 0; c < 3; ++c)
                    pixel[c] = static_cast<T>((pixel[c] * unsigned(alpha[x]) +
                                               fromEight<T>(under[c]) * unsigned(255 - alpha[x]) + 127) /
                                              255);
            }
        }
    });
    frame.alpha.clear();
}

} // namespace keepseal
