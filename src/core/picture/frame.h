// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels on their way through the chain.
#pragma once

#include "geometry/affine.h"
#include "geometry/size.h"
#include "picture/colour_space.h"
#include "picture/pixel_memory.h"

#include <array>
#include <type_traits>

namespace keepseal {

/// R G B interleaved, rows without padding, top row first; 8 bits a channel in `rgb`, or 16 in `deep`.
/// What lengths of the copy come to in a frame of it.
struct CopyMeasure {
    double scale = 1;           ///< the frame's size against the copy's: 1 for a copy, less for a proof
    double perMm = 300 / 25.4;  ///< the copy's own pixels for a millimetre on paper
    std::array<Box, 3> words{}; ///< where a caption's words stand, in shares of the whole; empty: none there
};

struct Frame : CopyMeasure {
    Size size;
    Pixels<std::uint8_t> rgb;
    Pixels<std::uint16_t> deep;
    Pixels<std::uint8_t> alpha; ///< 0 transparent, 255 opaque; not premultiplied; empty: all opaque
    ColourSpacePtr space;       ///< what the numbers mean; null: sRGB (IEC 61966-2-1)
    Rect picture;               ///< where the picture proper lies; borders lie around it

    const CopyMeasure& measure() const { return *this; }
    CopyMeasure& measure() { return *this; }
    bool isDeep() const { return !deep.empty(); }
    /// 8 bits, sRGB, opaque: what nearly all pictures are.
    bool isPlain() const { return deep.empty() && alpha.empty() && !space; }
    std::uint8_t* row(int y) { return rgb.data() + offset(y) * 3; }
    const std::uint8_t* row(int y) const { return rgb.data() + offset(y) * 3; }
    std::uint8_t* alphaRow(int y) { return alpha.data() + offset(y); }
    const std::uint8_t* alphaRow(int y) const { return alpha.data() + offset(y); }
    /// `T` is std::uint8_t or std::uint16_t.
    template <class T>
    T* rowOf(int y) {
        if constexpr (std::is_same_v<T, std::uint16_t>)
            return deep.data() + offset(y) * 3;
        else
            return row(y);
    }
    template <class T>
    const T* rowOf(int y) const {
        return const_cast<Frame*>(this)->rowOf<T>(y);
    }
    std::size_t bytes() const { return rgb.size() + deep.size() * 2 + alpha.size(); }

private:
    std::size_t offset(int y) const { return static_cast<std::size_t>(y) * size.width; }
};

/// Calls `work` with std::uint8_t or std::uint16_t, as the frame's pixels are.
template <class Work>
void byDepth(const Frame& frame, Work work) {
    if (frame.isDeep())
        work(std::uint16_t{});
    else
        work(std::uint8_t{});
}

/// The largest value of a channel.
template <class T>
inline constexpr int kFull = std::is_same_v<T, std::uint16_t> ? 65535 : 255;
template <class T>
T fromEight(int value) {
    return static_cast<T>(std::is_same_v<T, std::uint16_t> ? value * 257 : value);
}

/// Uninitialised pixels of the same kind (depth, colour space, alpha) as `like`; the picture is all of it.
Frame emptyLike(const Frame& like, Size size);
/// A copy of that part of `frame`.
Frame cutOut(const Frame& frame, const Rect& part);
/// Puts `part` into `frame` with its top left corner there; kinds must be equal, and it must lie inside.
void putInto(Frame& frame, const Frame& part, int x, int y);
/// The same picture as 8-bit sRGB; transparency stays.
Frame asEightBitSrgb(const Frame& frame);
/// Gives an opaque frame an alpha plane.
void requireAlpha(Frame& frame);
/// Lays `ground` (sRGB) under what is transparent and drops the alpha plane.
void flattenOnto(Frame& frame, Rgb ground);

} // namespace keepseal
